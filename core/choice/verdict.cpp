#include "choice/verdict.h"
#include "base/normal.h"
#include "choice/limits_detail.h"
#include "wire/bend_lanes.h"
#include <cmath>

namespace enkinet::choice {

const char* keyOf(State state) {
    switch (state) {
    case State::crowded:
        return "crowded";
    case State::slack:
        return "slack";
    case State::stiff:
        return "stiff";
    case State::springy:
        return "springy";
    case State::tired:
        return "tired";
    case State::holds:
        return "holds";
    case State::not_checked:
        return "not checked";
    }
    return "";
}

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
        const double spring = detail::findSpringback(d, b.springback_rad, bundle, table.card());
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

Judgement judgeLimits(const BendNeed& need, const Limits& limits, const TrialBend& bend, const wire::MaterialCard& card,
                      const wire::Bundle& bundle) {
    Judgement v;
    v.margin.fill(wire::WireBend::nan);
    const auto miss = [&](State s, double asked, double there) {
        auto& margin = v.margin[static_cast<std::size_t>(s)];
        if (!(margin < there / asked)) margin = there / asked;
        if (!detail::isMissed(asked, there)) return;
        v.faults[static_cast<std::size_t>(s)] = true;
        v.shortfall[static_cast<std::size_t>(s)] =
            std::max(v.shortfall[static_cast<std::size_t>(s)], std::log(std::min(detail::kHopeless, asked / there)));
    };
    detail::holdAgainst(need, limits, bend, card, bundle, v, miss);
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
