#pragma once
// The puppet on several feet at once: a space frame of rigid bodies joined by the free wire of the joints. Each gap is
// two straight beams that meet in the joint, so that a bent gap is followed; stiff segments do not give (the wire is
// hundreds of times softer). A whip is a chain of beams over its whole length. docs/mechanics.md 56, 57.
#include "body/skeleton.h"
#include "load/frame.h"
#include "load/statics.h"
#include <array>

namespace enkinet::load {

/// Which of the skeleton's supports are on the ground.
using Stance = std::vector<int>;

/// Every choice of `down` out of `supports` feet; down 0: one of two, all but one of more, the only one of one.
std::vector<Stance> makeStances(int supports, int down);
/// The same for a skeleton: feet of one rigid body are down or lifted together, as one.
std::vector<Stance> makeStances(const body::Skeleton& skeleton, int down);

struct StanceState {
    bool stable = false;
    /// Couple that each hinge carries when the weight pulls along x, y and z, N·mm.
    std::vector<std::array<Vec3, 3>> couples;
    /// Weight on each support of the skeleton, upright; 0 where lifted. Feet of one rigid body share as on equal
    /// springs: exact for up to three that are not in a row, the least sum of squares for more.
    std::vector<double> feet_g;
    std::vector<double> droop_mm; ///< of the tip of each limb copy, upright, downwards
    friend bool operator==(const StanceState&, const StanceState&) = default;
};

/// stiffness: one a hinge. Bodies of the stance's supports are fixed; an empty stance holds the root body.
StanceState calcStance(const body::Skeleton& skeleton, const std::vector<PointMass>& masses, const Stance& stance,
                       const std::vector<JointStiffness>& stiffness, const std::stop_token& stop = {});

/// Weights on the feet and droop alone: the couples under weight along y only.
StanceState calcDroop(const body::Skeleton& skeleton, const std::vector<PointMass>& masses, const Stance& stance,
                      const std::vector<JointStiffness>& stiffness, const std::stop_token& stop = {});

/// The same couples between the feet alone, at the hinges that lie between a foot and another or the root: what hangs
/// on those bodies is carried rigidly, for how it bends changes nothing in what it weighs there. No droop, no weights
/// on feet; other hinges' couples are zero.
StanceState calcShares(const body::Skeleton& skeleton, const std::vector<PointMass>& masses, const Stance& stance,
                       const std::vector<JointStiffness>& stiffness, const std::stop_token& stop = {});

} // namespace enkinet::load
