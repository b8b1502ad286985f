#pragma once
// The one text of what a bend is held against: for one verdict with every margin, and for the thousands of trials of
// which only the sum of what they miss is kept. docs/mechanics.md 67, 68.
#include "base/units.h"
#include "choice/verdict.h"
#include "wire/proof.h"
#include <algorithm>
#include <cmath>

namespace enkinet::choice::detail {

/// No limit counts as missed by more than this factor; a bend that has no numbers misses by it.
inline constexpr double kHopeless = 20;

/// A limit is missed when what is asked exceeds what is there; a hair's breadth of rounding is no fault.
inline bool isMissed(double asked, double there) { return asked > there * (1 + 1e-9); }

/// Springback with a ring of elastic clay that was bent along and now pulls back.
inline double findSpringback(const BendNeed& d, double springback_rad, const wire::Bundle& bundle,
                             const wire::MaterialCard& card) {
    if (d.clayEI_Nmm2 <= 0) return springback_rad;
    const double EI = wire::findStiffness(card, bundle);
    const double kappa = d.angle_rad / d.gap_mm;
    return (springback_rad / d.gap_mm * EI + d.clayEI_Nmm2 * kappa) / (EI + d.clayEI_Nmm2) * d.gap_mm;
}

/// Calls miss(state, asked, there) for every limit, and leaves effort, springback and lives in v.
template <class Numbers, class Miss>
void holdAgainst(const BendNeed& need, const Limits& d, const TrialBend& bend, const wire::MaterialCard& card,
                 const wire::Bundle& bundle, Numbers& v, Miss miss) {
    miss(State::crowded, wire::findBundleDiameter(bundle), std::max(1e-6, d.room_mm));
    miss(State::crowded, d.gapNeeded_mm, need.gap_mm);
    if (d.buried) miss(State::crowded, need.gap_mm, std::max(1e-6, d.free_mm));
    if (bend.status == wire::BendStatus::too_tight) {
        miss(State::tired, 1e9, 1);
        v.life_s = v.lifeMedian_s = 0;
        v.effort_Nmm = v.effort_N = v.springback_rad = wire::WireBend::nan;
        return;
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
}

} // namespace enkinet::choice::detail
