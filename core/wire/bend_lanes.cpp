#include "wire/bend_lanes.h"
#include "wire/bend_detail.h"
#include <Eigen/Core>
#include <algorithm>
#include <cmath>

namespace enkinet::wire {

namespace {

/// Columns of this height stay in the innermost cache.
constexpr std::size_t kBlock = 128;
using Column = Eigen::Array<double, Eigen::Dynamic, 1, 0, static_cast<int>(kBlock), 1>;
using View = Eigen::Map<const Eigen::ArrayXd>;

Column through(const Curve& curve, const Column& x) {
    Column y(x.size());
    for (Eigen::Index i = 0; i < x.size(); ++i)
        y[i] = curve(x[i]);
    return y;
}

} // namespace

void BendLanes::add(const Bundle& b, double spunDamage, const Calibration& c) {
    const MaterialCard& card = m_table->card();
    const Lay lay{b.strands, b.lay_mm};
    const auto known = std::find(m_lays.begin(), m_lays.end(), lay);
    m_lay.push_back(static_cast<int>(known - m_lays.begin()));
    if (known == m_lays.end()) m_lays.push_back(lay);
    m_strands.push_back(b.strands);
    m_halfDiameter.push_back(b.diameter_mm / 2);
    m_lnRadius.push_back(std::log(b.diameter_mm / 2));
    m_lnTakeUp.push_back(std::log(findTakeUp(b)));
    m_cube.push_back(b.diameter_mm * b.diameter_mm * b.diameter_mm);
    m_helical.push_back(findHelical(b));
    m_core.push_back(findCore(b));
    m_EI.push_back(detail::findEI(card, b));
    m_give.push_back(detail::findHelixGive(card, b));
    m_spent.push_back(std::max(findTwistStrain(b) / m_table->ductility, spunDamage));
    m_holdFactor.push_back(c.hangTests > 0 ? std::exp(c.holdLn) : 1);
    m_lifeFactor.push_back(c.bendTests > 0 ? std::exp(c.lifeLn) : 1);
    m_nine.push_back(findNineInTen(1, c.bendTests > 0 ? c.lifeScatter : kLifeScatter));
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
    const double lnCurvature = std::log(std::max(1e-300, g.angle_rad / g.gap_mm));
    const double lnSet = std::log(std::max(1e-300, g.set_rad / g.gap_mm));
    const bool bent = g.angle_rad > 0, sets = g.set_rad > 0;

    for (std::size_t at = 0; at < n; at += kBlock) {
        const auto rows = static_cast<Eigen::Index>(std::min(kBlock, n - at));
        const auto view = [&](const std::vector<double>& c) { return View(c.data() + at, rows); };
        Column factor(rows), left(rows), gain(rows);
        for (Eigen::Index i = 0; i < rows; ++i) {
            const auto lay = static_cast<std::size_t>(m_lay[at + static_cast<std::size_t>(i)]);
            factor[i] = strainFactor[lay], left[i] = stretchLeft[lay];
        }
        const Column straight = view(m_lnRadius) + lnCurvature;
        const Column outer = view(m_halfDiameter) * (g.angle_rad / g.gap_mm);
        const auto helical = view(m_helical), core = view(m_core), cube = view(m_cube);
        Column weak = Column::Zero(rows), strong = weak, hold = weak;
        if (bent) {
            const Column single = through(m_table->lnMoment(), straight).exp();
            const Column wound = through(m_table->lnMoment(), straight - view(m_lnTakeUp)).exp();
            for (Eigen::Index i = 0; i < rows; ++i)
                gain[i] = m_table->lnGain(m_strands[at + static_cast<std::size_t>(i)], straight[i]);
            weak = cube * (helical * wound + core * single);
            strong = weak + cube * helical * single * (gain.exp() - 1) * left;
        }
        if (sets) {
            const Column lnSets = view(m_lnRadius) + lnSet;
            hold = cube * helical * through(m_table->lnHold(), lnSets - view(m_lnTakeUp)).exp();
            if ((core > 0).any()) hold += cube * core * through(m_table->lnHold(), lnSets).exp();
        }
        Column spring = weak / view(m_EI) * g.gap_mm * view(m_give);
        const Column amplitudePerRad = view(m_halfDiameter) * (g.edge / 2 / g.gap_mm) * factor;
        Column pulled = spring; // by clay
        if (need.clayEI_Nmm2 > 0) {
            const double kappa = g.angle_rad / g.gap_mm;
            pulled = (spring / g.gap_mm * view(m_EI) + need.clayEI_Nmm2 * kappa) / (view(m_EI) + need.clayEI_Nmm2) *
                     g.gap_mm;
        }
        const auto lives = [&](const Column& amplitude) -> Column {
            return through(m_table->lnCycles(), amplitude.log()).exp();
        };
        Column whole = 1 - view(m_spent);
        if (g.forming > 0) whole -= g.forming / lives(amplitudePerRad * g.angle_rad);
        whole = whole.max(0.0);
        const Column plain = whole * lives(amplitudePerRad * (g.range_rad + 2 * spring));
        Column median = plain;
        if (need.fromCycles) {
            Column pass = Column::Zero(rows);
            for (const Cycle& c : need.cycles)
                pass += c.count / lives(amplitudePerRad * (c.range + 2 * pulled));
            median = (pass > 0).select((whole / pass).min(kForEver), Column::Constant(rows, kForEver));
        } else if (need.clayEI_Nmm2 > 0) {
            median = whole * lives(amplitudePerRad * (g.range_rad + 2 * pulled));
        }
        for (Eigen::Index i = 0; i < rows; ++i) {
            const std::size_t k = at + static_cast<std::size_t>(i);
            if (!(outer[i] <= kStrainLimit)) {
                out.status[k] = BendStatus::too_tight;
                continue;
            }
            out.hold_Nmm[k] = hold[i] * m_holdFactor[k];
            out.strong_Nmm[k] = strong[i] * m_holdFactor[k];
            out.springback_rad[k] = spring[i] * m_holdFactor[k];
            if (std::isnan(factor[i])) {
                out.status[k] = BendStatus::lay_too_long;
                continue;
            }
            const bool atOnce = plain[i] < 1 || amplitudePerRad[i] * g.range_rad > kStrainLimit;
            if (atOnce) out.status[k] = BendStatus::breaks_at_once;
            out.designMedian[k] = median[i] * m_lifeFactor[k];
            out.designNine[k] = out.designMedian[k] * m_nine[k];
        }
    }
    return out;
}

} // namespace enkinet::wire
