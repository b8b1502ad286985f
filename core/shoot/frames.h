#pragma once
// A shot looked at exposure by exposure: the pose, where the feet are, and what a builder would point at.
// docs/mechanics.md 151.
#include "body/pose.h"
#include "shoot/wear.h"

namespace enkinet::shoot {

/// How many poses a cast member goes through in a shot; 0 where it acts by an estimate and there is nothing to see.
int countExposures(const document::Cast& cast);

struct Frame {
    body::Pose pose;
    std::vector<double> feet_mm; ///< how high each of the skeleton's support links ends above the ground
    double lift_mm = 0;          ///< by which the whole posed figure is raised, so that none is below it
};
/// The foot over which the body is most upright lies flat; the others are where the pose has them, the lowest on the
/// ground. exposure: 0 to countExposures less one.
Frame calcFrame(const body::Puppet& puppet, const body::Skeleton& rest, const document::Cast& cast, int exposure);

/// How far the hand goes so that the wire stays at a pose: each joint beyond it by its springback, away from where it
/// was. What has not moved is not bent over.
body::Pose calcOverbent(const body::Puppet& puppet, const std::vector<JointWire>& wires, const body::Pose& before,
                        body::Pose now);

/// More than this from one exposure to the next reads as a jump.
inline constexpr double kJump_rad = 0.5235987755982988; // 30 degrees
/// A foot as near to the ground as this stands on it; one that stands and moves by more than this slides.
inline constexpr double kOnGround_mm = 1.5, kSlides_mm = 2;

struct Remark {
    enum class Kind { beyond, jumps, slides };
    Kind kind = Kind::beyond;
    int copy = 0;                ///< limb copy of the skeleton
    int joint = 0;               ///< of the limb; of a foot, its last
    int exposure = 0;            ///< of the worst
    int count = 0;               ///< exposures of its kind
    double found = 0, limit = 0; ///< rad; mm of a foot
    friend bool operator==(const Remark&, const Remark&) = default;
};
/// Joints bent beyond their range, joints that jump, feet that slide while they stand; one of each kind and joint, the
/// farthest over its limit first.
std::vector<Remark> findRemarks(const body::Puppet& puppet, const body::Skeleton& rest, const document::Cast& cast);

/// The exposures in which a foot stands, as stretches from and to (both in it), for each of the support links.
std::vector<std::vector<std::pair<int, int>>> findContacts(const body::Puppet& puppet, const body::Skeleton& rest,
                                                           const document::Cast& cast);

} // namespace enkinet::shoot
