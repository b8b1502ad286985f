#pragma once
// The heat that every part has been through: one bake at the end against locking each stage by a bake of its own, and
// what a probe's log says about the oven. docs/mechanics.md 44a, 44b.
#include "fill/bake_plan.h"
#include <string>

namespace enkinet::fill {

inline constexpr double kHot_C = 20; ///< at heat: surface above the set point less this

inline constexpr double kHand_C = 50; ///< cool enough to be moved

/// Cooling in still air at the shop's temperature, until the inside is cool enough to be moved.
struct Cooling {
    int slowest = -1, quickest = -1; ///< parts
    double slow_min = 0, quick_min = 0;
    /// Thin parts are cold long before the thick ones: leave them in the shut oven.
    bool uneven() const { return slow_min > 2 * quick_min; }
    friend bool operator==(const Cooling&, const Cooling&) = default;
};

struct Bake {
    std::string name; ///< what it locks: a limb's name, or empty for everything
    int coats = 0;    ///< a load of coats beneath the skin, by its number; 0: of what is done
    double set_C = 0, minutes = 0;
    std::vector<int> parts{};      ///< everything with clay that is in the oven
    std::vector<int> fresh{};      ///< of it, what is raw until then
    int load = -1;                 ///< of the builder's own list
    bool alone = false;            ///< a piece by itself: the rest of the puppet stays out
    OptionalNumber needed_min = 0; ///< until the slowest of the raw ones is cured; NaN when it is not in a day
    Cooling cooling;
    int slowest = -1;                  ///< of the raw ones: who sets needed_min
    std::map<int, ClayState> states{}; ///< of parts that are not whole, or not raw in all of it
    ClayState stateOf(int part, const Part& p) const;
    friend bool operator==(const Bake&, const Bake&) = default;
};

/// What one part goes through over a plan's bakes.
struct HeatEntry {
    int part = 0, bakes = 0;
    int coat = -1; ///< beneath the skin, inside out; -1: the skin
    double atHeat_min = 0;
    double limit_min = 0; ///< of its clay; 0: none is known
    bool over() const { return limit_min > 0 && atHeat_min > limit_min; }
    friend bool operator==(const HeatEntry&, const HeatEntry&) = default;
};

struct BakePlan {
    std::vector<Bake> bakes;
    std::vector<HeatEntry> ledger;
    std::vector<int> raw; ///< parts with oven-bake clay that no load cures
    double minutes() const;
    const HeatEntry* worst() const; ///< most of its limit spent; null without oven-bake clay
    friend bool operator==(const BakePlan&, const BakePlan&) = default;
};

/// The loads that the puppet's builder wants: once, limb by limb, or the own list. memo: bakes that were followed
/// before.
BakePlan calcBakePlan(const body::Puppet& puppet, const body::Skeleton& skeleton, const std::vector<Part>& parts,
                      const Shelf& shelf, BakeMemo* memo = nullptr);
/// Parts that a load of the builder's own list names though their clay never sees the oven.
std::vector<int> findNeverBaked(const body::Puppet& puppet, const body::Skeleton& skeleton,
                                const std::vector<Part>& parts, const Shelf& shelf, const body::OvenLoad& load);
/// One bake for each set point, at the end.
BakePlan calcOneBake(const std::vector<Part>& parts, const Shelf& shelf, BakeMemo* memo = nullptr);
/// A bake for each limb with clay, in the order in which limbs hang on each other; what was baked before goes in again,
/// because it is all one piece by then.
BakePlan calcStagedBakes(const body::Puppet& puppet, const body::Skeleton& skeleton, const std::vector<Part>& parts,
                         const Shelf& shelf, BakeMemo* memo = nullptr);

/// How long a load has to cool.
Cooling calcCooling(const std::vector<Part>& parts, const Shelf& shelf, const Bake& bake, BakeMemo* memo = nullptr);

inline constexpr double kMostOffset_C = 40; ///< beyond it a log is not believed

/// The last of some readings, minutes and degrees C, held against those before it; line says where it stood.
std::optional<Fault> checkReading(const std::vector<std::pair<double, double>>& readings, const Phrase& line);
/// What readings say of an oven dialled to set_C; those of the last half of the time count as settled. Faults: fewer
/// than ten, all at one time, an offset beyond 40 °C.
Result<OvenLog> calcOvenLog(const std::vector<std::pair<double, double>>& readings, double set_C);
/// The set point to dial so that the oven's mean is the wished one; refused when its peaks would scorch the clay.
Result<double> findDial(const OvenLog& log, const ClayCard& clay);

} // namespace enkinet::fill
