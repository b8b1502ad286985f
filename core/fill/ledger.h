#pragma once
// The heat that every part has been through: one bake at the end against locking each stage by a bake of its own, and
// what a probe's log says about the oven. docs/mechanics.md 44a, 44b.
#include "fill/bake_plan.h"
#include <string>

namespace enkinet::fill {

inline constexpr double kHot_C = 20; ///< at heat: surface above the set point less this

struct Bake {
    std::string name; ///< what it locks: a limb's name, or empty for everything
    double set_C = 0, minutes = 0;
    std::vector<int> parts; ///< everything that is in the oven
};

/// What one part goes through over a plan's bakes.
struct HeatEntry {
    int part = 0, bakes = 0;
    double atHeat_min = 0;
    double limit_min = 0; ///< of its clay; 0: none is known
    bool over() const { return limit_min > 0 && atHeat_min > limit_min; }
};

struct BakePlan {
    std::vector<Bake> bakes;
    std::vector<HeatEntry> ledger;
    double minutes() const;
    const HeatEntry* worst() const; ///< most of its limit spent; null without oven-bake clay
};

/// One bake for each set point, at the end.
BakePlan calcOneBake(const std::vector<Part>& parts, const Shelf& shelf);
/// A bake for each limb with clay, in the order in which limbs hang on each other; what was baked before goes in again,
/// because it is all one piece by then.
BakePlan calcStagedBakes(const body::Puppet& puppet, const body::Skeleton& skeleton, const std::vector<Part>& parts,
                         const Shelf& shelf);

/// An oven as a probe saw it.
struct OvenLog {
    double offset_C = 0;    ///< mean of the settled readings above the set point
    double swing_C = 0;     ///< half of largest less smallest of them
    double settled_min = 0; ///< when it first came within the swing of its mean
    int readings = 0;
};
/// A log as CSV, two columns with a head line: minutes and degrees C, ascending. Readings of the last half of the time
/// count as settled. Faults: fewer than ten readings, no number, times that run back, readings beyond -50..400.
Result<OvenLog> parseOvenLog(const std::string& csv, double set_C);
/// The set point to dial so that the oven's mean is the wished one; refused when its peaks would scorch the clay.
Result<double> findDial(const OvenLog& log, const ClayCard& clay);

} // namespace enkinet::fill
