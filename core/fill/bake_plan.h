#pragma once
// Which parts go into the oven together and for how long: innermost clay within 10 °C of the set point, held for the
// card's soak. docs/mechanics.md 44.
#include "fill/bake.h"
#include "fill/parts.h"

namespace enkinet::fill {

class BakeMemo;

inline constexpr double kNearSet_C = 10; ///< cured: innermost clay within this of the set point...

struct PartBake {
    int part = 0;
    OptionalNumber reach_min = 0; ///< NaN when it does not in a day
    friend bool operator==(const PartBake&, const PartBake&) = default;
};

/// One load of the oven: everything of clays that share a set point and a soak.
struct BakeBatch {
    double set_C = 0, soak_min = 0;
    std::vector<PartBake> parts;
    int slowest = 0;                       ///< index into parts
    OptionalNumber minutes = 0;            ///< longest reach + soak, rounded up to a whole minute
    BakeCurve slowestCurve, quickestCurve; ///< over the whole bake
    friend bool operator==(const BakeBatch&, const BakeBatch&) = default;
};
/// memo: bakes that were followed before; null for none.
std::vector<BakeBatch> calcBakes(const std::vector<Part>& parts, const Shelf& shelf, BakeMemo* memo = nullptr);

/// How much of a part's clay is on, inside out with the skin last, and how much of that was cured before.
struct ClayState {
    std::size_t cured = 0, on = 0;
    friend auto operator<=>(const ClayState&, const ClayState&) = default;
};
/// The whole of it; what loads of its own cured before comes first.
ClayState findWhole(const Part& part);
/// What a load of coats meets, by its number; empty (cured equals on) when it cures none of this part's.
ClayState findAtLoad(const Part& part, int load);

/// True for a part with clay in it that the oven cures and that no load of coats has.
bool isBaked(const Part& part, const Shelf& shelf);
/// The same of a state.
bool isBaked(const Part& part, const Shelf& shelf, ClayState state);
/// Whose card says how hot and how long: the outermost raw clay that the oven cures. Some must be.
const ClayCard& findBakedClay(const Part& part, const Shelf& shelf, ClayState state);
/// Setup of one part's bake: its raw clay on what lies beneath where it takes longest; room and oven as the shop says.
/// Coats that were cured before count to the core, each with its share of it.
BakeSetup makeBakeSetup(const Part& part, const Shelf& shelf, ClayState state);
BakeSetup makeBakeSetup(const Part& part, const Shelf& shelf);
/// Minutes in an oven at set_C until the part's innermost raw clay is within 10 °C of its card's set point and has
/// soaked; NaN when it is not in a day.
double calcCure(const Part& part, const Shelf& shelf, double set_C, ClayState state, BakeMemo* memo = nullptr);
double calcCure(const Part& part, const Shelf& shelf, double set_C, BakeMemo* memo = nullptr);

} // namespace enkinet::fill
