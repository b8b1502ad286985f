#pragma once
// What a brush no longer reaches: surfaces that another part, hanging on theirs, covers or leaves less than a finger
// to. docs/mechanics.md 150.
#include "choice/choose.h"

namespace enkinet::make {

inline constexpr double kFinger_mm = 16;
/// Less than so much of a part's surface is reached round the edge.
inline constexpr double kHiddenShare = 0.1;

struct Hidden {
    int part = 0;     ///< of the choice
    int by = 0;       ///< the part over it
    double share = 0; ///< of its surface
    friend bool operator==(const Hidden&, const Hidden&) = default;
};
/// As the puppet stands drawn. What hangs on a limb lies over it, never the other way; the most hidden first.
std::vector<Hidden> findHidden(const body::Puppet& puppet, const choice::PuppetChoice& choice);

} // namespace enkinet::make
