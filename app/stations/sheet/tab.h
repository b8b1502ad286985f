#pragma once
// What the tabs of the sheet's panel ask of the sheet.
#include "sheet/holds.h"

namespace enkinet::app {

struct HoldWish {
    enum class Kind { none, shape, mark, bend, caliper, picture } kind = Kind::none;
    body::LimbKind limb = body::LimbKind::other;
    bool mirrored = false;
    int picture = -1;
    double distance_mm = 0; ///< of a scaling; 0: only moving
};

} // namespace enkinet::app
