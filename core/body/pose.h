#pragma once
// The puppet bent: every posed joint turned by two angles about the axes that it had when it was built, the parent's
// turn carried along. The planted foot keeps its place and direction, so that bending its ankle leans the body.
// docs/mechanics.md 37.
#include "body/skeleton.h"
#include <array>

namespace enkinet::body {

/// A rigid motion: p -> turn p + shift; the turn by its columns.
struct Motion {
    std::array<Vec3, 3> turn{Vec3{1, 0, 0}, Vec3{0, 1, 0}, Vec3{0, 0, 1}};
    Vec3 shift;
    Vec3 direction(const Vec3& v) const { return v.x * turn[0] + v.y * turn[1] + v.z * turn[2]; }
    Vec3 operator()(const Vec3& p) const { return direction(p) + shift; }
    friend bool operator==(const Motion&, const Motion&) = default;
};
/// First b, then a.
Motion operator*(const Motion& a, const Motion& b);
Motion inverse(const Motion& m);
/// Turn by a rotation vector about a point.
Motion makeTurn(const Vec3& rotation_rad, const Vec3& about);

struct Posed {
    Skeleton skeleton;          ///< the rest skeleton with every point and direction moved
    std::vector<Motion> bodies; ///< per rigid body, from the rest pose
    friend bool operator==(const Posed&, const Posed&) = default;
};
Posed calcPosed(const Puppet& puppet, const Skeleton& rest, const Pose& pose);

/// The angles of a joint in a pose; zero where it has none.
JointAngle findAngle(const Pose& pose, const std::string& limb, const std::string& joint, bool right);
/// The angle nearest the wanted one inside the joint's range: forth between low and high, and both together no more
/// than the larger end of the range.
JointAngle findWithinRange(const Joint& joint, JointAngle wanted);
/// Which way a positive forth turns about x: a shin swings back, an arm or finger bends forward.
double findForthSign(LimbKind kind);
/// Left for right.
Pose calcMirrored(const Puppet& puppet, const Pose& pose);

} // namespace enkinet::body
