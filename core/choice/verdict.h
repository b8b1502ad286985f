#pragma once
// One bundle at one joint, held against every limit of the joint. docs/mechanics.md 67, 68.
#include "choice/demand.h"
#include "wire/calibration.h"
#include <array>

namespace enkinet::choice {

/// In the order in which they are named to the builder; holds when none applies.
enum class State {
    crowded,
    slack,
    stiff,
    springy,
    tired,
    holds,
    not_checked ///< a limb in which nothing is posed: no number stands behind it
};
inline constexpr std::size_t kLimits = 5;
/// The word that files and the command line know it by.
const char* keyOf(State state);

/// What of a bend the limits are held against.
struct TrialBend {
    wire::BendStatus status = wire::BendStatus::too_tight;
    OptionalNumber hold_Nmm, strong_Nmm, springback_rad, bent_mm;
    OptionalNumber designMedian, designNine;
    friend bool operator==(const TrialBend&, const TrialBend&) = default;
};
TrialBend findTrialBend(const wire::WireBend& bend);

/// A bend held against every limit of its joint.
struct Judgement {
    OptionalNumber effort_Nmm = 0, effort_N = 0; ///< soft clay that is bent along with the wire included
    OptionalNumber springback_rad = 0;           ///< the same
    OptionalNumber life_s = 0;                   ///< film that nine in ten joints reach
    OptionalNumber lifeMedian_s = 0;
    std::array<bool, kLimits> faults{};
    std::array<double, kLimits> shortfall{}; ///< by what factor each limit is missed, ln; 0 where kept
    /// What is there over what is asked, by limit: below 1 it is missed. NaN where there are no numbers.
    std::array<OptionalNumber, kLimits> margin{};
    State state() const; ///< first fault, or holds
    /// The least of hold, effort, springback and life, as there over asked: what the reserve is counted on.
    double inside() const;
    friend bool operator==(const Judgement&, const Judgement&) = default;
};

/// One bundle at one joint.
struct Verdict : Judgement {
    wire::WireBend bend;
    double survival = 0; ///< chance that this joint by itself outlasts its need
    friend bool operator==(const Verdict&, const Verdict&) = default;
};

/// spunDamage: see wire::GapBend.
Verdict judge(const Demand& demand, const wire::BendTable& table, const wire::Bundle& bundle,
              const wire::Calibration& calibration = {}, double spunDamage = 0);

/// The part of a verdict that the load does not enter.
wire::WireBend findBendOf(const BendNeed& need, const wire::BendTable& table, const wire::Bundle& bundle,
                          const wire::Calibration& calibration, double spunDamage,
                          const std::vector<wire::WhipEnd>& ends = {});
/// The verdict on a bend.
Verdict judgeBend(const BendNeed& need, const Limits& limits, const wire::WireBend& bend,
                  const wire::MaterialCard& card, const wire::Bundle& bundle, const wire::Calibration& calibration);
/// The same without the chance of survival: for the thousands that are only ranked.
Judgement judgeLimits(const BendNeed& need, const Limits& limits, const TrialBend& bend, const wire::MaterialCard& card,
                      const wire::Bundle& bundle);

} // namespace enkinet::choice
