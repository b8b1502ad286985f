#pragma once
// What each joint has to hold. One support at a time, every moment exact: the weight of everything on the far side of
// the joint, about the joint, split into bending across the wire and torsion along it. docs/mechanics.md 50 to 54.
//  - a limb that carries the support keeps the shape of the pose, and the whole puppet is tilted rigidly by the lean
//    allowance in the worst direction;
//  - a limb that does not is stretched out level at full reach: the joints beyond straighten, so a mass acts at the sum
//  of
//    the straight distances from posed joint to posed joint (exact for a straight limb, an upper bound otherwise);
//  - a hand also touches: at least 0.1 N at the far end of the next segment.
#include "body/skeleton.h"

namespace enkinet::load {

inline constexpr double kTouch_N = 0.1;

struct PointMass {
    double mass_g = 0;
    Vec3 at;
    int body = 0;
};

enum class Case { stretched, standing, touch };

struct HingeLoad {
    double bending_Nmm = 0, torsion_Nmm = 0;
    double load_Nmm = 0; ///< sqrt(M² + 1.11 T²), or the touch where that is more
    Case why = Case::touch;
    double beyond_g = 0; ///< mass beyond the joint in that case
    double arm_mm = 0;   ///< its lever: moment / weight
    double touch_Nmm = 0;
    double pose_Nmm = 0;   ///< in the present pose, upright, worst over the supports
    bool standing = false; ///< the hinge lies between a support and the rest of the puppet
};

/// Loads of every hinge of the skeleton, the worst over all supports; without any the root is held.
std::vector<HingeLoad> calcLoads(const body::Skeleton& skeleton, const std::vector<PointMass>& masses, double lean_rad);

/// Moment vector of masses about a point under a weight direction (unit vector), N·mm.
Vec3 calcMoment(const std::vector<PointMass>& masses, const Vec3& about, const Vec3& down);

} // namespace enkinet::load
