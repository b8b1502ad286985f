#pragma once
// Numerical integration for the reference routes.
#include <array>
#include <cmath>

namespace enkinet {

namespace quadrature_detail {
template <class F>
double refine(const F& f, double a, double b, double fa, double fm, double fb, double whole, double tolerance,
              int depth) {
    const double m = (a + b) / 2, l = (a + m) / 2, r = (m + b) / 2;
    const double fl = f(l), fr = f(r);
    const double left = (m - a) / 6 * (fa + 4 * fl + fm), right = (b - m) / 6 * (fm + 4 * fr + fb);
    const double gap = left + right - whole;
    if (depth <= 0 || std::abs(gap) <= 15 * tolerance) return left + right + gap / 15;
    return refine(f, a, m, fa, fl, fm, left, tolerance / 2, depth - 1) +
           refine(f, m, b, fm, fr, fb, right, tolerance / 2, depth - 1);
}
} // namespace quadrature_detail

/// Integral of f over [a, b] by adaptive Simpson steps to the given absolute tolerance.
/// The range is first cut in eight so that a kink near one end is not overlooked.
template <class F> double integrate(const F& f, double a, double b, double tolerance) {
    double sum = 0;
    constexpr int kPieces = 8;
    for (int i = 0; i < kPieces; ++i) {
        const double x0 = a + (b - a) * i / kPieces, x1 = a + (b - a) * (i + 1) / kPieces;
        const double f0 = f(x0), fm = f((x0 + x1) / 2), f1 = f(x1);
        sum += quadrature_detail::refine(f, x0, x1, f0, fm, f1, (x1 - x0) / 6 * (f0 + 4 * fm + f1), tolerance / kPieces,
                                         40);
    }
    return sum;
}

} // namespace enkinet
