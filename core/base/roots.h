#pragma once
// Where a function crosses nothing, and where it is least.
#include <algorithm>
#include <boost/math/tools/minima.hpp>
#include <boost/math/tools/toms748_solve.hpp>
#include <cmath>

namespace enkinet {

/// Root of f between lo and hi, to a share of it: Alefeld, Potra and Shi's algorithm 748 (1995). f is of different
/// signs at the two; where it is not, the end at which it is nearer to 0.
template <class F> double findRoot(const F& f, double lo, double hi, double share = 1e-13) {
    const double below = f(lo), above = f(hi);
    if (below == 0 || above == 0 || !(lo < hi) || std::signbit(below) == std::signbit(above))
        return std::abs(below) <= std::abs(above) ? lo : hi;
    std::uintmax_t rounds = 100;
    const auto near = [share](double a, double b) {
        return std::abs(b - a) <= share * std::min(std::abs(a), std::abs(b));
    };
    const auto [a, b] = boost::math::tools::toms748_solve(f, lo, hi, below, above, near, rounds);
    return a + (b - a) / 2;
}

/// Where f is least between lo and hi, and how little it is there: Brent (1973). f has one valley there; the place is
/// good to half the digits that f has, what f is there to nearly all.
template <class F> std::pair<double, double> findLeast(const F& f, double lo, double hi) {
    std::uintmax_t rounds = 60;
    return boost::math::tools::brent_find_minima(f, lo, hi, 26, rounds);
}

} // namespace enkinet
