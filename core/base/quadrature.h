#pragma once
// Numerical integration for the reference routes.
#include <boost/math/quadrature/tanh_sinh.hpp>
#include <cmath>

namespace enkinet {

/// Integral of f over [a, b] to a share of the integral of |f|, by the double exponential rule (Takahasi and Mori
/// 1974): powers that begin or end at an end are no harder than what is smooth. A kink between them: split there.
template <class F> double integrate(const F& f, double a, double b, double share) {
    const double middle = a + (b - a) / 2, half = (b - a) / 2;
    if (!(std::abs(half) > 0)) return 0;
    // Its nodes are made once and grow with what is asked; each thread has its own. It is given its own interval, for
    // on a narrow one its outermost nodes would fall together with the ends.
    thread_local boost::math::quadrature::tanh_sinh<double> rule;
    return half * rule.integrate([&](double x) { return f(middle + half * x); }, share);
}

} // namespace enkinet
