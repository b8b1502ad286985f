#pragma once
// The pose, within the joints' ranges, in which the masses beyond a joint pull hardest on it: the largest first moment
// about the joint over every angle of every joint beyond, the limb then held so that its lever is level. Found by
// coordinate ascent from several poses: each stretch by itself at its farthest, and all turned towards each of some
// directions; all are climbed coarsely, the best few to the top. Never above the sum of straight distances (triangle
// inequality), which serves as its bound. docs/mechanics.md 53.
#include "base/memo.h"
#include "load/statics.h"
#include <vector>

namespace enkinet::load {

/// What lies beyond one joint, as a tree of rigid bodies that the joints turn against each other.
struct ReachBody {
    int parent = -1;                    ///< in the tree; -1: the body at the joint itself
    Vec3 arm_mm;                        ///< from its parent's joint to its own
    Vec3 own_gmm;                       ///< its first moment about its own joint
    double mass_g = 0;                  ///< of it and all beyond
    double low = 0, high = 0, most = 0; ///< its joint forth, and forth and aside together, rad
    double forthSign = 1, asideSign = 1;
    friend bool operator==(const ReachBody&, const ReachBody&) = default;
};
using ReachTree = std::vector<ReachBody>; ///< parents before children

/// The largest first moment of a tree, and the poses of its best hills: angles forth and aside, one pair a body.
struct ReachHills {
    struct Hill {
        double first_gmm = 0;
        std::vector<std::pair<double, double>> pose_rad;
        friend bool operator==(const Hill&, const Hill&) = default;
    };
    std::vector<Hill> hills; ///< highest first
    double bound_gmm = 0;
    friend bool operator==(const ReachHills&, const ReachHills&) = default;
};
/// From many poses. The tree must have a body.
ReachHills calcHills(const ReachTree& tree, const std::stop_token& stop = {});
/// From the hills of the same tree with other masses.
ReachHills calcHills(const ReachTree& tree, const ReachHills& from, const std::stop_token& stop = {});

/// Searches kept by what they read.
struct ReachMemo {
    Node<ReachTree, ReachHills> first{6};
    Node<std::pair<ReachTree, SharedValue<ReachHills>>, ReachHills> next{8};
};

/// The search for one puppet; called again with other masses it goes on from the hills that it found before.
class ReachSearch {
public:
    /// The skeleton as it is built; acting: factor on every range. Skeleton and memo must outlive the search.
    ReachSearch(const body::Puppet& puppet, const body::Skeleton& rest, double acting, ReachMemo& memo);

    /// One a hinge; masses at rest. Throws Stopped when asked to stop.
    std::vector<Reach> calc(const std::vector<PointMass>& masses, const std::stop_token& stop = {});

private:
    const body::Skeleton& m_s;
    ReachMemo& m_memo;
    std::vector<ReachBody> m_joints;             ///< by hinge: its range
    std::vector<SharedValue<ReachHills>> m_kept; ///< by hinge
};

} // namespace enkinet::load
