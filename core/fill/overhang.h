#pragma once
// Raw clay without wire that sticks out: does it carry itself until it is cured? Bending of a cantilever under its own
// weight, W times its level reach over the section's modulus at the root, against the raw clay's strength. Assumes: no
// wire, no rigid core, the section of the outer body. docs/mechanics.md 49b.
#include "fill/parts.h"

namespace enkinet::fill {

struct Overhang {
    int part = 0; ///< the part at whose root it is strained most
    double stress_MPa = 0;
    double strength_MPa = 0; ///< of the raw clay
    double reach_mm = 0;     ///< level distance from its root to its centre of mass
    Vec3 prop;               ///< where a prop serves best: under the centre of mass
    bool sags() const { return stress_MPa > strength_MPa; }
};

/// One a limb copy whose first clay runs without wire, in the pose of the skeleton given.
std::vector<Overhang> calcOverhangs(const body::Puppet& puppet, const body::Skeleton& skeleton,
                                    const std::vector<body::Stretch>& own, const std::vector<Part>& parts,
                                    const Shelf& shelf);

} // namespace enkinet::fill
