#pragma once
// What each joint has to hold. A support alone: every moment exact, the weight of everything on the far side of the
// joint about the joint, split into bending across the wire and torsion along it. Several supports at once: the space
// frame of load/stance.h. docs/mechanics.md 50 to 57.
//  - a joint on the way to a foot keeps the shape of the pose, and the whole puppet is tilted rigidly by the lean
//    allowance in the worst direction;
//  - a joint that is not takes the pose, within the ranges beyond it, that pulls hardest, held level (load/reach.h);
//  - a hand also touches: at least 0.1 N at the far end of the next segment.
#include "base/stop.h"
#include "body/skeleton.h"

namespace enkinet::load {

inline constexpr double kTouch_N = 0.1;

struct PointMass {
    double mass_g = 0;
    Vec3 at;
    int body = 0;
    friend bool operator==(const PointMass&, const PointMass&) = default;
};

enum class Case {
    stretched, ///< held out level
    standing,  ///< carries the rest of the puppet, exact
    shared,    ///< carries it together with other feet, by the frame
    touch,
    posed ///< the pose on the board, where the builder asks for no more
};

/// Stiffness of a joint's free wire: of a bundle the sum over its strands.
struct Stiffness {
    double EA_N = 0, EI_Nmm2 = 0, GJ_Nmm2 = 0;
    friend bool operator==(const Stiffness&, const Stiffness&) = default;
};
/// Stiffness of a joint: of a whip it may change on the way to the tip.
struct JointStiffness : Stiffness {
    std::vector<std::pair<double, Stiffness>> further{}; ///< from so many mm beyond the root, ascending
    friend bool operator==(const JointStiffness&, const JointStiffness&) = default;
};
/// The pose that pulls hardest on a joint: load/reach.h.
struct Reach {
    double first_gmm = 0; ///< |sum of mass x (centre - joint)|, the largest found
    double bound_gmm = 0; ///< sum of mass x straight distances from joint to joint
    friend bool operator==(const Reach&, const Reach&) = default;
};

/// As the piece is built; and in the pose on the board, where that is not kept.
inline constexpr int kAtRest = -1, kOnBoard = -2;

struct HingeLoad {
    double bending_Nmm = 0, torsion_Nmm = 0;
    double load_Nmm = 0; ///< sqrt(M² + 1.11 T²), or the touch where that is more
    Case why = Case::touch;
    double beyond_g = 0; ///< mass beyond the joint in that case; 0 where feet share
    double arm_mm = 0;   ///< its lever: moment / weight
    int stance = -1;     ///< of makeStances, that decides
    double touch_Nmm = 0;
    double pose_Nmm = 0;   ///< in the present pose, upright, worst over the stances
    bool standing = false; ///< the hinge lies between a support and the rest of the puppet
    /// Of several poses the one that decides: its place among the puppet's kept poses, or one of the two above.
    int pose = kAtRest;
    friend bool operator==(const HingeLoad&, const HingeLoad&) = default;
};

struct LoadSetup {
    double lean_rad = 0;
    int feetDown = 0;                      ///< see makeStances
    std::vector<Reach> reach;              ///< one a hinge; empty: everything straight
    std::vector<JointStiffness> stiffness; ///< one a hinge; empty: all alike
    bool poseOnly = false;                 ///< loads of the present pose alone, besides the touch
    std::stop_token stop{};                ///< asked between stances and hinges; throws Stopped
};

/// Loads of every hinge of the skeleton, the worst over all stances; without any support the root is held.
std::vector<HingeLoad> calcLoads(const body::Skeleton& skeleton, const std::vector<PointMass>& masses,
                                 const LoadSetup& setup);

/// Adds the loads of another pose, hinge by hinge the worse of the two; the present pose's own moment stays.
void addLoads(std::vector<HingeLoad>& loads, const std::vector<HingeLoad>& other, int pose);

/// Moment vector of masses about a point under a weight direction (unit vector), N·mm.
Vec3 calcMoment(const std::vector<PointMass>& masses, const Vec3& about, const Vec3& down);

} // namespace enkinet::load
