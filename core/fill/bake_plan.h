#pragma once
// Which parts go into the oven together and for how long: innermost clay within 10 °C of the set point, held for the
// card's soak. Air-dry and putty clocks. docs/mechanics.md 44, 45.
#include "fill/bake.h"
#include "fill/parts.h"

namespace enkinet::fill {

inline constexpr double kNearSet_C = 10; ///< cured: innermost clay within this of the set point...
inline constexpr double kRoom_C = 20;

struct PartBake {
    int part = 0;
    double reach_min = 0; ///< NaN when it does not in a day
};

/// One load of the oven: everything of clays that share a set point and a soak.
struct BakeBatch {
    double set_C = 0, soak_min = 0;
    std::vector<PartBake> parts;
    int slowest = 0;                       ///< index into parts
    double minutes = 0;                    ///< longest reach + soak, rounded up to a whole minute
    BakeCurve slowestCurve, quickestCurve; ///< over the whole bake
};
std::vector<BakeBatch> calcBakes(const std::vector<Part>& parts, const Shelf& shelf);

/// Setup of one part's bake: its clay on its bulk where it is thickest.
BakeSetup makeBakeSetup(const Part& part, const Shelf& shelf);

/// Hours an air-dry skin takes at 20 °C and 50 % damp, dried from both sides: 24 (t/6 mm)². (45)
double findDryHours(double thickness_mm);
/// Hours until epoxy putty has set: 4 at 20 °C, doubled per 10 °C colder. (45)
double findPuttyHours(double room_C);

} // namespace enkinet::fill
