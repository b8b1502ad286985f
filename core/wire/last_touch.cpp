#include "wire/last_touch.h"
#include <cmath>

namespace enkinet::wire {

namespace {
/// Root of a rising function by bisection to a relative 1e-12.
template <class F> double solveRising(const F& f, double target, double lo, double hi) {
    for (int i = 0; i < 200 && hi - lo > 1e-12 * hi; ++i) {
        const double m = (lo + hi) / 2;
        (f(m) < target ? lo : hi) = m;
    }
    return (lo + hi) / 2;
}
} // namespace

double calcStrainAt(const BendTable& table, double m_MPa) {
    if (m_MPa <= 0) return 0;
    double hi = 1e-6;
    while (table.moment(hi) < m_MPa && hi < 10)
        hi *= 2;
    return solveRising([&](double e) { return table.moment(e); }, m_MPa, 0, hi);
}

double calcResidualStrain(const BendTable& table, double e) { return e - 2 * calcStrainAt(table, table.moment(e) / 2); }

LastTouch calcLastTouch(const BendTable& table, const Bundle& bundle, const GapBend& bend) {
    LastTouch r;
    const double d = bundle.diameter_mm, scale = findEffectiveStrands(bundle) * d * d * d;
    const double e0 = bend.angle_rad / bend.gap_mm * d / 2, set = bend.set_rad * d / (2 * bend.gap_mm);
    if (!(e0 > 0 && e0 <= kStrainLimit)) return r;
    r.convention_Nmm = scale * table.moment(table.holdStrain(set));
    const double m0 = table.moment(e0), left = calcResidualStrain(table, e0);

    // With: below m0 the loop closes and nothing moves; beyond it the first-loading curve goes on.
    double far = 2 * e0 + set;
    while (calcResidualStrain(table, far) - left < set)
        far *= 2;
    r.with_Nmm =
        scale * table.moment(solveRising([&](double e) { return calcResidualStrain(table, e) - left; }, set, e0, far));

    // Against: the reversed branch goes on below zero; past -m0 it has rejoined the first-loading curve.
    const auto moved = [&](double m) {
        if (m > m0) return left + calcResidualStrain(table, calcStrainAt(table, m));
        return 2 * (calcStrainAt(table, (m0 + m) / 2) - calcStrainAt(table, m / 2) - calcStrainAt(table, m0 / 2));
    };
    double most = m0;
    while (moved(most) < set)
        most *= 1.5;
    r.against_Nmm = scale * solveRising(moved, set, 0, most);
    return r;
}

} // namespace enkinet::wire
