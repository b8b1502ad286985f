#pragma once
// The normal distribution, for lives that scatter.
#include <cmath>

namespace enkinet {

/// Share of a standard normal below z.
inline double normalBelow(double z) { return 0.5 * std::erfc(-z / std::sqrt(2.0)); }
/// Nine in ten lie above mean - kNineInTen * deviation.
inline constexpr double kNineInTen = 1.2815515655446004;

} // namespace enkinet
