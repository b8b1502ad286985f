#pragma once
// The puppet with its mirrored limbs written out: links (segments), hinges (posed joints) and the rigid bodies between
// hinges, as one tree. A hung limb rides with the parent's segment on the root side of the joint that it hangs on.
#include "body/puppet.h"
#include <array>

namespace enkinet::body {

struct LimbCopy {
    int limb = 0;
    bool right = false;
    Phrase label;      ///< "left leg", "spine"
    int firstLink = 0; ///< its links follow each other
    int hangsOn = -1;  ///< limb copy it hangs on; -1 for the root
    friend bool operator==(const LimbCopy&, const LimbCopy&) = default;
};

struct Link {
    int copy = 0, segment = 0;
    Vec3 from, to;
    Vec3 a, b; ///< directions of the half-widths
    double length_mm = 0;
    int body = 0;
    double gapFrom_mm = 0, gapTo_mm = 0; ///< whole gaps of the posed joints at its ends, 0 at a fixed point
    Phrase label;                        ///< "left shin"
    friend bool operator==(const Link&, const Link&) = default;
};

struct Hinge {
    int copy = 0, joint = 0;
    Vec3 at;
    int before = 0, after = 0; ///< links on the root side and on the tip side
    Phrase label;              ///< "left ankle"
    bool whip = false;         ///< bends over all links of its copy from `after` on
    friend bool operator==(const Hinge&, const Hinge&) = default;
};

struct MassCopy {
    int mass = 0;
    bool right = false;
    Vec3 at;
    int link = 0;
    Phrase label;
    std::array<Vec3, 3> axes{Vec3{1, 0, 0}, Vec3{0, 1, 0}, Vec3{0, 0, 1}};
    friend bool operator==(const MassCopy&, const MassCopy&) = default;
};

struct Skeleton {
    std::vector<LimbCopy> copies;
    std::vector<Link> links;
    std::vector<Hinge> hinges;
    std::vector<MassCopy> masses;
    std::vector<int> parentBody;   ///< per body; -1 for the root body
    std::vector<int> parentHinge;  ///< hinge between a body and its parent; -1 for the root body
    std::vector<int> supportLinks; ///< last links of the limb copies with a tie-down; with a rig point that alone
    friend bool operator==(const Skeleton&, const Skeleton&) = default;
};

/// Writes a puppet out. The puppet must have come from makePuppet.
Skeleton calcSkeleton(const Puppet& puppet);

/// True when body lies in the subtree of top.
bool isBeyond(const Skeleton& skeleton, int body, int top);

} // namespace enkinet::body
