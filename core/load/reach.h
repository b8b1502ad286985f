#pragma once
// The pose, within the joints' ranges, in which the masses beyond a joint pull hardest on it: the largest first moment
// about the joint over every angle of every joint beyond, the limb then held so that its lever is level. Found by
// coordinate ascent from several poses: each stretch by itself at its farthest, and all turned towards each of some
// directions; never above the sum of straight distances (triangle inequality), which serves as its bound.
// docs/mechanics.md 53.
#include "load/statics.h"
#include <memory>
#include <vector>

namespace enkinet::load {

/// The search for one puppet; called again with other masses it goes on from the poses that it found before.
class ReachSearch {
public:
    /// The skeleton as it is built; acting: factor on every range. The skeleton must outlive the search.
    ReachSearch(const body::Puppet& puppet, const body::Skeleton& rest, double acting);
    ~ReachSearch();

    /// One a hinge; masses at rest.
    std::vector<Reach> calc(const std::vector<PointMass>& masses);

private:
    struct Impl;
    std::unique_ptr<Impl> m_impl;
};

} // namespace enkinet::load
