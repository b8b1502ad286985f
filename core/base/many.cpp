#include "base/many.h"
#include <cstddef>

// Only a declaration says that there are vector variants; the header's own says so under unsafe arithmetic alone.
#if defined(__x86_64__) && defined(__GLIBC__) && defined(__GNUC__) && !defined(__clang__)
#define ENKINET_VECTOR __attribute__((simd("notinbranch"), const))
#else
#define ENKINET_VECTOR
#endif
extern "C" {
ENKINET_VECTOR double exp(double) noexcept;
ENKINET_VECTOR double log(double) noexcept;
}

namespace enkinet {

void expEach(std::span<double> x) {
    double* const at = x.data();
    for (std::size_t i = 0, n = x.size(); i < n; ++i)
        at[i] = exp(at[i]);
}

void logEach(std::span<double> x) {
    double* const at = x.data();
    for (std::size_t i = 0, n = x.size(); i < n; ++i)
        at[i] = log(at[i]);
}

} // namespace enkinet
