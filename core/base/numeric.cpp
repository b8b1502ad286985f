#include "base/numeric.h"
#include <algorithm>
#include <boost/math/quadrature/tanh_sinh.hpp>
#include <boost/math/tools/minima.hpp>
#include <boost/math/tools/toms748_solve.hpp>
#include <cmath>

namespace enkinet {

double findRoot(const Function& f, double lo, double hi, double share) {
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

std::pair<double, double> findLeast(const Function& f, double lo, double hi) {
    std::uintmax_t rounds = 60;
    return boost::math::tools::brent_find_minima(f, lo, hi, 26, rounds);
}

double integrate(const Function& f, double a, double b, double share) {
    const double middle = a + (b - a) / 2, half = (b - a) / 2;
    if (!(std::abs(half) > 0)) return 0;
    // Its nodes are made once and grow with what is asked; each thread has its own. It is given its own interval, for
    // on a narrow one its outermost nodes would fall together with the ends.
    thread_local boost::math::quadrature::tanh_sinh<double> rule;
    return half * rule.integrate([&](double x) { return f(middle + half * x); }, share);
}

} // namespace enkinet
