#pragma once
// The one text of the bend equations; the exact and the tabulated route differ in the functions of the material only.
#include "base/units.h"
#include "wire/bend.h"
#include <algorithm>
#include <cmath>

namespace enkinet::wire::detail {

/// Sum over the strands of a function of each one's own gap: helical ones bend over g/cos a, a core over g.
template <class Of> double sumStrands(const Bundle& b, double gap_mm, Of of) {
    const double helical = findHelical(b) * of(gap_mm * findTakeUp(b));
    return findCore(b) ? helical + of(gap_mm) : helical;
}

/// Elastic stiffness of the bundle, E I n cos a.
inline double findEI(const MaterialCard& card, const Bundle& b) {
    return findEffectiveStrands(b) * card.youngs_MPa * kPi / 64 * std::pow(b.diameter_mm, 4);
}

/// A wire that is wound round the axis unbends a little further than its straight length tells. (14)
inline double findHelixGive(const MaterialCard& card, const Bundle& b) {
    const double s = std::sin(findLayAngle(b));
    return 1 + card.poisson * s * s / 2;
}

/// Moments to a curvature with the strands free, and in the worst orientation. (11, 13)
struct Bending {
    double weak_Nmm, strong_Nmm;
};
template <class Functions> Bending findBending(const Functions& f, const Bundle& b, double gap_mm, double angle_rad) {
    const double d = b.diameter_mm, d3 = d * d * d, e = angle_rad / gap_mm * d / 2;
    const double weak = d3 * sumStrands(b, gap_mm, [&](double g) { return f.moment(angle_rad / g * d / 2); });
    if (b.strands == 1) return {weak, weak};
    const double single = f.moment(e);
    const double stretched = d3 * (f.strong(b.strands, e) - findHelical(b) * single);
    return {weak, weak + stretched * findStretchLeft(b, gap_mm)};
}

/// Lives from the strain amplitude per radian of range and the springback.
template <class Functions> void addLives(const Functions& f, const GapBend& g, WireBend& r) {
    r.strainAmplitude = r.amplitudePerRad * g.range_rad;
    r.designAmplitude = r.amplitudePerRad * (g.range_rad + 2 * r.springback_rad);
    if (std::isnan(r.amplitudePerRad)) {
        r.status = BendStatus::lay_too_long;
        return;
    }
    r.cyclesMedian = f.cycles(r.strainAmplitude);
    // To and fro through the angle is two half cycles of it.
    r.formingDamage = g.forming > 0 ? g.forming / f.cycles(r.amplitudePerRad * g.angle_rad) : 0;
    r.designMedian = std::max(0.0, 1 - r.twistDamage - r.formingDamage) * f.cycles(r.designAmplitude);
    r.cyclesNine = findNineInTen(r.cyclesMedian);
    r.designNine = findNineInTen(r.designMedian);
    r.status = r.designMedian < 1 || r.strainAmplitude > kStrainLimit ? BendStatus::breaks_at_once : BendStatus::ok;
}

template <class Functions>
WireBend findWireBend(const Functions& f, const MaterialCard& card, const Bundle& b, const GapBend& g) {
    WireBend r;
    const double d = b.diameter_mm, d3 = d * d * d;
    r.lock = findLock(b, g.gap_mm);
    r.strainFactor = findStrainFactor(b, g.gap_mm);
    r.bent_mm = g.gap_mm;
    r.twistStrain = findTwistStrain(b);
    r.twistDamage = std::max(r.twistStrain / f.ductility, g.spunDamage);
    r.outerStrain = g.angle_rad / g.gap_mm * d / 2;
    if (!(r.outerStrain <= kStrainLimit)) return r;

    const Bending bending = findBending(f, b, g.gap_mm, g.angle_rad);
    r.weak_Nmm = bending.weak_Nmm, r.strong_Nmm = bending.strong_Nmm;
    r.hold_Nmm = d3 * sumStrands(b, g.gap_mm, [&](double gap) { return f.holdMoment(g.set_rad * d / (2 * gap)); });
    r.springback_rad = r.weak_Nmm / findEI(card, b) * g.gap_mm * findHelixGive(card, b);
    r.amplitudePerRad = g.edge / 2 / g.gap_mm * d / 2 * r.strainFactor;
    addLives(f, g, r);
    return r;
}

} // namespace enkinet::wire::detail
