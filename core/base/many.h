#pragma once
// Exponentials and logarithms of many numbers at once: through the C library's vector functions where it has them
// (within 4 units of the last place), one by one elsewhere.
#include <span>

namespace enkinet {

void expEach(std::span<double> x);
void logEach(std::span<double> x);

} // namespace enkinet
