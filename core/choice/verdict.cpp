#include "choice/verdict.h"
#include "base/normal.h"
#include "base/units.h"
#include "wire/bend_lanes.h"
#include <cmath>

namespace enkinet::choice {

namespace {

/// Counts like missing a limit by a factor of 20, for a bend that has no numbers.
const double kHopeless = std::log(20.0);

double findWireEI(const wire::Bundle& b, const wire::MaterialCard& card) {
    return wire::findEffectiveStrands(b) * card.youngs_MPa * kPi / 64 * std::pow(b.diameter_mm, 4);
}

/// Springback with a ring of elastic clay that was bent along and now pulls back.
double findSpringback(const BendNeed& d, double springback_rad, const wire::Bundle& bundle,
                      const wire::MaterialCard& card) {
    if (d.clayEI_Nmm2 <= 0) return springback_rad;
    const double EI = findWireEI(bundle, card), kappa = d.angle_rad / d.gap_mm;
    return (springback_rad / d.gap_mm * EI + d.clayEI_Nmm2 * kappa) / (EI + d.clayEI_Nmm2) * d.gap_mm;
}

} // namespace

State Judgement::state() const {
    for (std::size_t i = 0; i < faults.size(); ++i)
        if (faults[i]) return static_cast<State>(i);
    return State::holds;
}

double Judgement::inside() const {
    double least = 1e9;
    for (State s : {State::slack, State::stiff, State::springy, State::tired})
        least = std::fmin(least, margin[static_cast<std::size_t>(s)]);
    return least;
}

wire::WireBend findBendOf(const BendNeed& d, const wire::BendTable& table, const wire::Bundle& bundle,
                          const wire::Calibration& calibration, double spunDamage,
                          const std::vector<wire::WhipEnd>& ends) {
    const wire::GapBend gap{d.gap_mm, d.angle_rad, d.range_rad, d.edge, d.set_rad, d.formingBends, spunDamage};
    wire::WireBend b;
    if (d.whip) {
        wire::Whip whip;
        whip.bundle = bundle, whip.ends = ends, whip.posing = d.posing, whip.load = d.loadShape;
        b = wire::findWhipBend(table, whip, gap);
    } else {
        b = table.findBend(bundle, gap);
    }
    if (b.status != wire::BendStatus::too_tight && b.status != wire::BendStatus::lay_too_long &&
        (d.fromPoses || d.clayEI_Nmm2 > 0)) {
        const double spring = findSpringback(d, b.springback_rad, bundle, table.card());
        const auto livesAt = [&](double range) { return table.cycles(b.amplitudePerRad * (range + 2 * spring)); };
        if (d.fromPoses) {
            // Miner's sum of one pass through the list, the springback over-bent each time.
            double pass = 0;
            for (const wire::Cycle& c : d.cycles)
                pass += c.count / livesAt(c.range);
            const double left = std::max(0.0, 1 - b.twistDamage - b.formingDamage);
            b.designMedian = pass > 0 ? std::min(wire::kForEver, left / pass) : wire::kForEver;
        } else {
            b.designMedian = std::max(0.0, 1 - b.twistDamage - b.formingDamage) * livesAt(d.range_rad);
        }
        b.designNine = wire::findNineInTen(b.designMedian);
    }
    wire::calibrate(b, calibration);
    return b;
}

TrialBend findTrialBend(const wire::WireBend& b) {
    return {b.status, b.hold_Nmm, b.strong_Nmm, b.springback_rad, b.bent_mm, b.designMedian, b.designNine};
}

Judgement judgeLimits(const BendNeed& need, const Limits& d, const TrialBend& bend, const wire::MaterialCard& card,
                      const wire::Bundle& bundle) {
    Judgement v;
    v.margin.fill(wire::WireBend::nan);
    const auto miss = [&](State s, double asked, double there) {
        const double ratio = asked / there;
        auto& margin = v.margin[static_cast<std::size_t>(s)];
        if (!(margin < 1 / ratio)) margin = 1 / ratio;
        // A limit is missed when what is asked exceeds what is there; a hair's breadth of rounding is no fault.
        if (!(ratio > 1 + 1e-9)) return;
        v.faults[static_cast<std::size_t>(s)] = true;
        v.shortfall[static_cast<std::size_t>(s)] =
            std::max(v.shortfall[static_cast<std::size_t>(s)], std::min(kHopeless, std::log(ratio)));
    };
    miss(State::crowded, wire::findBundleDiameter(bundle), std::max(1e-6, d.room_mm));
    miss(State::crowded, d.gapNeeded_mm, need.gap_mm);
    if (d.buried) miss(State::crowded, need.gap_mm, std::max(1e-6, d.free_mm));
    if (bend.status == wire::BendStatus::too_tight) {
        miss(State::tired, 1e9, 1);
        v.life_s = v.lifeMedian_s = 0;
        v.effort_Nmm = v.effort_N = v.springback_rad = wire::WireBend::nan;
        return v;
    }
    v.effort_Nmm = bend.strong_Nmm + d.clayPlastic_Nmm + need.clayEI_Nmm2 * need.angle_rad / bend.bent_mm;
    v.effort_N = v.effort_Nmm / d.lever_mm;
    v.springback_rad = findSpringback(need, bend.springback_rad, bundle, card);
    v.life_s = bend.designNine / d.movesPerSecond;
    v.lifeMedian_s = bend.designMedian / d.movesPerSecond;
    miss(State::slack, d.needed_Nmm, bend.hold_Nmm);
    miss(State::stiff, v.effort_Nmm, d.effortLimit_Nmm);
    miss(State::springy, v.springback_rad, d.springLimit_rad);
    // Where no life is predicted there is none to count on.
    if (bend.status == wire::BendStatus::lay_too_long) v.life_s = v.lifeMedian_s = 0;
    if (v.life_s > 0)
        miss(State::tired, d.needFilm_s, v.life_s);
    else
        miss(State::tired, 1e9, 1);
    return v;
}

Verdict judgeBend(const BendNeed& need, const Limits& limits, const wire::WireBend& bend,
                  const wire::MaterialCard& card, const wire::Bundle& bundle, const wire::Calibration& calibration) {
    Verdict v;
    static_cast<Judgement&>(v) = judgeLimits(need, limits, findTrialBend(bend), card, bundle);
    v.bend = bend;
    if (bend.designMedian > 0)
        v.survival = normalBelow(std::log(bend.designMedian / limits.needCycles()) / calibration.lifeScatter);
    return v;
}

Verdict judge(const Demand& d, const wire::BendTable& table, const wire::Bundle& bundle,
              const wire::Calibration& calibration, double spunDamage) {
    return judgeBend(d, d, findBendOf(d, table, bundle, calibration, spunDamage), table.card(), bundle, calibration);
}

} // namespace enkinet::choice
