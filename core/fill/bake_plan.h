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
    Figure reach_min = 0; ///< NaN when it does not in a day
    friend bool operator==(const PartBake&, const PartBake&) = default;
};

/// One load of the oven: everything of clays that share a set point and a soak.
struct BakeBatch {
    double set_C = 0, soak_min = 0;
    std::vector<PartBake> parts;
    int slowest = 0;                       ///< index into parts
    Figure minutes = 0;                    ///< longest reach + soak, rounded up to a whole minute
    BakeCurve slowestCurve, quickestCurve; ///< over the whole bake
    friend bool operator==(const BakeBatch&, const BakeBatch&) = default;
};
/// memo: bakes that were followed before; null for none.
std::vector<BakeBatch> calcBakes(const std::vector<Part>& parts, const Shelf& shelf, BakeMemo* memo = nullptr);

/// True for a part with clay that the oven cures.
bool isBaked(const Part& part, const Shelf& shelf);
/// Setup of one part's bake: its clay on its bulk where it takes longest; room and oven as the shop says.
BakeSetup makeBakeSetup(const Part& part, const Shelf& shelf);
/// Minutes in an oven at set_C until the part's innermost clay is within 10 °C of its card's set point and has soaked;
/// NaN when it is not in a day.
double calcCure(const Part& part, const Shelf& shelf, double set_C, BakeMemo* memo = nullptr);

} // namespace enkinet::fill
