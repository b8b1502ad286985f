#include "wire/bend_lanes.h"
#include "base/many.h"
#include "wire/bend_detail.h"
#include <algorithm>
#include <array>
#include <cmath>

namespace enkinet::wire {

namespace {

/// Columns of this height stay in the innermost cache.
constexpr std::size_t kBlock = 128;
using Column = std::array<double, kBlock>;

/// The place of an item in a list, which grows where it is new.
template <class Item> int findPlace(std::vector<Item>& list, const Item& item) {
    // Bundles come in the order of their gauges and lays: the last ones are looked at first.
    for (std::size_t i = list.size(); i-- > 0;)
        if (list[i] == item) return static_cast<int>(i);
    list.push_back(item);
    return static_cast<int>(list.size()) - 1;
}

/// exp(curve(x)), in place.
void expThrough(const Curve& curve, std::span<double> x) {
    for (double& v : x)
        v = curve(v);
    expEach(x);
}

} // namespace

void BendLanes::add(const Bundle& b, double spunDamage, const Calibration& c) {
    const MaterialCard& card = m_table->card();
    const double d = b.diameter_mm;
    m_lay.push_back(findPlace(m_lays, {b.strands, b.lay_mm}));
    m_gauge.push_back(findPlace(m_gauges, {b.strands, d}));
    m_halfDiameter.push_back(d / 2);
    m_lnWound.push_back(std::log(d / 2 / findTakeUp(b)));
    m_cubes.push_back(findHelical(b) * d * d * d);
    m_EI.push_back(detail::findEI(card, b));
    m_give.push_back(detail::findHelixGive(card, b) / m_EI.back());
    m_spent.push_back(std::max(findTwistStrain(b) / m_table->ductility, spunDamage));
    m_holdFactor.push_back(c.hangTests > 0 ? std::exp(c.holdLn) : 1);
    m_lifeFactor.push_back(c.hasLife() ? std::exp(c.lifeLn) : 1);
    m_nine.push_back(findNineInTen(1, c.hasLife() ? c.lifeScatter : kLifeScatter));
}

/// What straight strands of each gauge carry in a gap.
struct BendLanes::Straight {
    std::vector<double> stretched, coreWeak, coreHold;
};

BendLanes::Straight BendLanes::findStraight(const GapBend& g) const {
    const std::size_t n = m_gauges.size();
    Straight s;
    s.stretched.assign(n, 0), s.coreWeak.assign(n, 0), s.coreHold.assign(n, 0);
    if (!(g.angle_rad > 0)) return s;
    std::vector<double> lnE(n), single(n), gain(n);
    for (std::size_t i = 0; i < n; ++i)
        lnE[i] = g.angle_rad / g.gap_mm * m_gauges[i].diameter_mm / 2;
    logEach(lnE);
    for (std::size_t i = 0; i < n; ++i)
        gain[i] = m_table->lnGain(m_gauges[i].strands, lnE[i]);
    single = lnE;
    expThrough(m_table->lnMoment(), single);
    expEach(gain);
    for (std::size_t i = 0; i < n; ++i) {
        const auto& [strands, d] = m_gauges[i];
        const Bundle b{strands, d, 0};
        const double cube = d * d * d;
        s.stretched[i] = cube * findHelical(b) * single[i] * (gain[i] - 1);
        if (findCore(b) == 0) continue;
        s.coreWeak[i] = cube * single[i];
        s.coreHold[i] = cube * m_table->holdMoment(g.set_rad / g.gap_mm * d / 2);
    }
    return s;
}

LaneBends BendLanes::findBends(const LaneNeed& need) const {
    const GapBend& g = need.gap;
    const std::size_t n = size();
    LaneBends out;
    out.status.assign(n, BendStatus::ok);
    for (auto* column : {&out.hold_Nmm, &out.strong_Nmm, &out.springback_rad, &out.designMedian, &out.designNine})
        column->assign(n, WireBend::nan);

    // What the lay does in this gap, once a lay.
    std::vector<double> strainFactor, stretchLeft;
    for (const Lay& l : m_lays) {
        strainFactor.push_back(findStrainFactor({l.strands, 1, l.lay_mm}, g.gap_mm));
        stretchLeft.push_back(findStretchLeft({l.strands, 1, l.lay_mm}, g.gap_mm));
    }
    const Straight straight = findStraight(g);
    const double curvature = g.angle_rad / g.gap_mm, perRange = g.edge / 2 / g.gap_mm;
    const bool bent = g.angle_rad > 0, sets = g.set_rad > 0;
    const double lnCurvature = bent ? std::log(curvature) : 0, lnSet = sets ? std::log(g.set_rad / g.gap_mm) : 0;

    Column weak, strong, hold, spring, pulled, amplitude, whole, median, passes, lives;
    for (std::size_t at = 0; at < n; at += kBlock) {
        const std::size_t rows = std::min(kBlock, n - at);
        const auto used = [&](Column& c) { return std::span<double>(c.data(), rows); };
        const double *wound = m_lnWound.data() + at, *cubes = m_cubes.data() + at, *half = m_halfDiameter.data() + at,
                     *EI = m_EI.data() + at, *give = m_give.data() + at, *spent = m_spent.data() + at;
        for (std::size_t i = 0; i < rows; ++i)
            weak[i] = wound[i] + lnCurvature, hold[i] = wound[i] + lnSet;
        expThrough(m_table->lnMoment(), used(weak));
        expThrough(m_table->lnHold(), used(hold));
        for (std::size_t i = 0; i < rows; ++i) {
            const auto lay = static_cast<std::size_t>(m_lay[at + i]), gauge = static_cast<std::size_t>(m_gauge[at + i]);
            weak[i] = bent ? weak[i] * cubes[i] + straight.coreWeak[gauge] : 0;
            hold[i] = sets ? hold[i] * cubes[i] + straight.coreHold[gauge] : 0;
            strong[i] = weak[i] + straight.stretched[gauge] * stretchLeft[lay];
            amplitude[i] = perRange * half[i] * strainFactor[lay];
            spring[i] = weak[i] * give[i] * g.gap_mm;
            whole[i] = 1 - spent[i];
        }
        // Lives in cycles at a range, springback over-bent at each end.
        const auto findLives = [&](double range, const Column& over) {
            for (std::size_t i = 0; i < rows; ++i)
                lives[i] = amplitude[i] * (range + 2 * over[i]);
            logEach(used(lives));
            expThrough(m_table->lnCycles(), used(lives));
        };
        if (g.forming > 0) {
            findLives(g.angle_rad, Column{});
            for (std::size_t i = 0; i < rows; ++i)
                whole[i] -= g.forming / lives[i];
        }
        for (std::size_t i = 0; i < rows; ++i)
            whole[i] = std::max(0.0, whole[i]);
        findLives(g.range_rad, spring);
        for (std::size_t i = 0; i < rows; ++i) {
            median[i] = whole[i] * lives[i];
            const double strain = amplitude[i] * g.range_rad;
            // No numbers where the bend is outside the range of validity, no life where none is predicted.
            out.status[at + i] = !(curvature * half[i] <= kStrainLimit)   ? BendStatus::too_tight
                                 : std::isnan(strain)                     ? BendStatus::lay_too_long
                                 : median[i] < 1 || strain > kStrainLimit ? BendStatus::breaks_at_once
                                                                          : BendStatus::ok;
        }
        pulled = spring;
        if (need.clayEI_Nmm2 > 0)
            for (std::size_t i = 0; i < rows; ++i)
                pulled[i] = (spring[i] / g.gap_mm * EI[i] + need.clayEI_Nmm2 * curvature) / (EI[i] + need.clayEI_Nmm2) *
                            g.gap_mm;
        if (need.fromCycles) {
            passes = {};
            for (const Cycle& c : need.cycles) {
                findLives(c.range, pulled);
                for (std::size_t i = 0; i < rows; ++i)
                    passes[i] += c.count / lives[i];
            }
            for (std::size_t i = 0; i < rows; ++i)
                median[i] = passes[i] > 0 ? std::min(kForEver, whole[i] / passes[i]) : kForEver;
        } else if (need.clayEI_Nmm2 > 0) {
            findLives(g.range_rad, pulled);
            for (std::size_t i = 0; i < rows; ++i)
                median[i] = whole[i] * lives[i];
        }
        for (std::size_t i = 0; i < rows; ++i) {
            const std::size_t k = at + i;
            if (out.status[k] == BendStatus::too_tight) continue;
            out.hold_Nmm[k] = hold[i] * m_holdFactor[k];
            out.strong_Nmm[k] = strong[i] * m_holdFactor[k];
            out.springback_rad[k] = spring[i] * m_holdFactor[k];
            if (out.status[k] == BendStatus::lay_too_long) continue;
            out.designMedian[k] = median[i] * m_lifeFactor[k];
            out.designNine[k] = out.designMedian[k] * m_nine[k];
        }
    }
    return out;
}

} // namespace enkinet::wire
