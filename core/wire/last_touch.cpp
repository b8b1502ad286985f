#include "wire/last_touch.h"
#include "base/numeric.h"
#include "wire/bend_detail.h"
#include <cmath>

namespace enkinet::wire {

double calcResidualStrain(const BendTable& table, double e) { return e - 2 * table.strainAt(table.moment(e) / 2); }

namespace {
/// The same of one strand over its own gap, in units of d³.
LastTouch calcStrandTouch(const BendTable& table, double e0, double set) {
    LastTouch r;
    r.convention_Nmm = table.holdMoment(set);
    const double m0 = table.moment(e0), left = calcResidualStrain(table, e0);

    // With: below m0 the loop closes and nothing moves; beyond it the first-loading curve goes on.
    double far = 2 * e0 + set;
    while (calcResidualStrain(table, far) - left < set)
        far *= 2;
    r.with_Nmm =
        table.moment(findRoot([&](double e) { return calcResidualStrain(table, e) - left - set; }, e0, far, 1e-12));

    // Against: the reversed branch goes on below zero; past -m0 it has rejoined the first-loading curve.
    const auto moved = [&](double m) {
        if (m > m0) return left + calcResidualStrain(table, table.strainAt(m));
        return 2 * (table.strainAt((m0 + m) / 2) - table.strainAt(m / 2) - table.strainAt(m0 / 2));
    };
    double most = m0;
    while (moved(most) < set)
        most *= 1.5;
    r.against_Nmm = findRoot([&](double m) { return moved(m) - set; }, 0, most, 1e-12);
    return r;
}
} // namespace

double findHold(const BendTable& table, const Bundle& b, double gap_mm, double set_rad) {
    const double d = b.diameter_mm;
    return d * d * d * detail::sumStrands(b, gap_mm, [&](double g) { return table.holdMoment(set_rad * d / (2 * g)); });
}

LastTouch calcLastTouch(const BendTable& table, const Bundle& b, const GapBend& bend) {
    LastTouch r;
    const double d = b.diameter_mm, e0 = bend.angle_rad / bend.gap_mm * d / 2;
    if (!(e0 > 0 && e0 <= kStrainLimit)) return r;
    r = {0, 0, 0};
    const auto add = [&](int strands, double gap) {
        const LastTouch one = calcStrandTouch(table, bend.angle_rad / gap * d / 2, bend.set_rad * d / (2 * gap));
        const double scale = strands * d * d * d;
        r.convention_Nmm += scale * one.convention_Nmm;
        r.with_Nmm += scale * one.with_Nmm, r.against_Nmm += scale * one.against_Nmm;
    };
    add(findHelical(b), bend.gap_mm * findTakeUp(b));
    if (findCore(b)) add(1, bend.gap_mm);
    return r;
}

} // namespace enkinet::wire
