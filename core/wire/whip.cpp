#include "wire/whip.h"
#include "base/check.h"
#include "base/units.h"
#include "wire/last_touch.h"
#include <algorithm>
#include <cmath>

namespace enkinet::wire {

WhipBend calcWhip(const BendTable& table, const Whip& whip, std::span<const double> shape, double angle_rad,
                  double range_rad, double set_rad) {
    ENKINET_ASSERT(whip.strands.size() == kWhipElements && shape.size() == kWhipElements);
    WhipBend r;
    const double d = whip.diameter_mm, d3 = d * d * d, length = whip.length_mm / kWhipElements;
    const auto bundleOf = [&](std::size_t i) {
        return Bundle{whip.strands[i], d, whip.strands[i] > 1 ? whip.lay_mm : 0};
    };
    std::vector<double> strands;
    double most = 0;
    for (std::size_t i = 0; i < kWhipElements; ++i) {
        const Bundle b = bundleOf(i);
        strands.push_back(findEffectiveStrands(b));
        most = std::max(most, findLock(b, whip.length_mm));
        r.twistDamage = std::fmax(r.twistDamage, findTwistDamage(b, table.card()));
        // The element's share of the set on its share of the length: the same strain as the whole over the whole.
        r.hold_Nmm.push_back(strands.back() * d3 * table.moment(table.holdStrain(set_rad * d / (2 * whip.length_mm))));
    }
    r.lock = most;

    // Strains under a root moment M, and the angle they sum to.
    const auto strainAt = [&](double M, std::size_t i) {
        return calcStrainAt(table, M * shape[i] / (strands[i] * d3));
    };
    const auto angleAt = [&](double M) {
        double sum = 0;
        for (std::size_t i = 0; i < kWhipElements; ++i)
            sum += 2 * strainAt(M, i) / d * length;
        return sum;
    };
    double lo = 0, hi = d3 * table.moment(1e-4);
    while (angleAt(hi) < angle_rad)
        hi *= 2;
    for (int i = 0; i < 100 && hi - lo > 1e-10 * hi; ++i) {
        const double m = (lo + hi) / 2;
        (angleAt(m) < angle_rad ? lo : hi) = m;
    }
    const double M = (lo + hi) / 2;
    double worst = 0;
    r.springback_rad = 0;
    for (std::size_t i = 0; i < kWhipElements; ++i) {
        const double e = strainAt(M, i);
        r.curvature.push_back(2 * e / d);
        r.springback_rad += 64 * table.moment(e) / (kPi * table.card().youngs_MPa * d) * length;
        const Bundle b = bundleOf(i);
        const double stretched = e * (1 + 2 * findStrandRadius(b) * findLock(b, whip.length_mm) / d);
        if (stretched > worst) worst = stretched, r.worst = static_cast<int>(i);
    }
    const auto w = static_cast<std::size_t>(r.worst);
    const double outer = r.curvature[w] * d / 2;
    if (outer > kStrainLimit) return r;
    r.bend_Nmm = M;
    const Bundle b = bundleOf(w);
    // Locked strands stiffen every element alike as far as the worst one tells.
    const double helical = b.strands == 7 ? 6 : b.strands, core = b.strands == 7 ? 1 : 0;
    const double free = table.moment(outer) * findEffectiveStrands(b);
    const double locked =
        table.strong(b.strands, outer, findLock(b, whip.length_mm)) * (findEffectiveStrands(b) - core) / helical +
        core * table.moment(outer);
    r.strong_Nmm = M * locked / free;
    r.strainAmplitude = worst * range_rad / angle_rad / 2;
    r.cyclesMedian = table.cycles(r.strainAmplitude);
    r.designMedian =
        (1 - r.twistDamage) * table.cycles(r.strainAmplitude * (range_rad + 2 * r.springback_rad) / range_rad);
    r.status = r.designMedian < 1 ? BendStatus::breaks_at_once : BendStatus::ok;
    return r;
}

double findWhipHold(const WhipBend& bend, std::span<const double> shape) {
    double least = std::numeric_limits<double>::infinity();
    for (std::size_t i = 0; i < bend.hold_Nmm.size(); ++i)
        if (shape[i] > 0) least = std::min(least, bend.hold_Nmm[i] / shape[i]);
    return least;
}

} // namespace enkinet::wire
