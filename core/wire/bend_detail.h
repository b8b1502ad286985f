#pragma once
// The one text of the bend equations; the exact and the tabulated route differ in four functions only.
#include "base/units.h"
#include "wire/bend.h"
#include <algorithm>
#include <cmath>

namespace enkinet::wire::detail {

template <class Functions>
WireBend findWireBend(const Functions& f, const MaterialCard& card, const Bundle& b, const GapBend& g) {
    WireBend r;
    const double d = b.diameter_mm, d3 = d * d * d, E = card.youngs_MPa;
    r.lock = findLock(b, g.gap_mm);
    r.twistStrain = findTwistStrain(b);
    r.twistDamage = std::max(r.twistStrain / f.ductility, g.spunDamage);
    r.outerStrain = g.angle_rad / g.gap_mm * d / 2;
    if (!(r.outerStrain <= kStrainLimit)) return r;

    const double n = findEffectiveStrands(b);
    const double single = f.moment(r.outerStrain);
    r.weak_Nmm = n * d3 * single;
    // The core of seven lies on the axis, so only the helical strands gain from a lock.
    const double helical = b.strands == 7 ? 6 : b.strands;
    const double core = b.strands == 7 ? 1 : 0;
    r.strong_Nmm = d3 * (f.strong(b.strands, r.outerStrain, r.lock) * (n - core) / helical + core * single);
    r.hold_Nmm = n * d3 * f.moment(f.holdStrain(g.set_rad * d / (2 * g.gap_mm)));
    // M1/(E I) g with I = pi d^4/64.
    r.springback_rad = 64 * single / (kPi * E * d) * g.gap_mm;

    const double arm = d / 2 + findStrandRadius(b) * r.lock;
    r.strainAmplitude = g.edge * g.range_rad / 2 / g.gap_mm * arm;
    r.designAmplitude = g.edge * (g.range_rad + 2 * r.springback_rad) / 2 / g.gap_mm * arm;
    r.cyclesMedian = f.cycles(r.strainAmplitude);
    r.designMedian = std::max(0.0, (1 - r.twistDamage) * f.cycles(r.designAmplitude) - g.forming);
    r.cyclesNine = findNineInTen(r.cyclesMedian);
    r.designNine = findNineInTen(r.designMedian);
    r.status = r.designMedian < 1 ? BendStatus::breaks_at_once : BendStatus::ok;
    return r;
}

} // namespace enkinet::wire::detail
