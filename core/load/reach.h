#pragma once
// The pose, within the joints' ranges, in which the masses beyond a joint pull hardest on it: the largest first moment
// about the joint over every angle of every joint beyond, the limb then held so that its lever is level. Found by
// coordinate ascent from the poses in which each stretch reaches farthest; never above the sum of straight distances
// (triangle inequality), which serves as its bound. docs/mechanics.md 53.
#include "load/statics.h"
#include <vector>

namespace enkinet::load {

/// One a hinge of the skeleton as it is built; masses at rest. acting: factor on every range.
std::vector<Reach> calcReach(const body::Puppet& puppet, const body::Skeleton& rest,
                             const std::vector<PointMass>& masses, double acting);

} // namespace enkinet::load
