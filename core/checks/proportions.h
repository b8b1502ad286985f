#pragma once
// The checks that a builder makes by eye: heads high, hands and feet against the head, what can be reached, what stands
// in the way of a bend, whether the drawing stands on its base. Each with what was found and between what it should
// lie.
#include "checks/facts.h"

namespace enkinet::checks {

enum class Eye {
    heads_high,      ///< height over the head's height
    hand_to_head,    ///< hand length over the head's height
    foot_to_head,    ///< foot length over the head's height
    hand_to_forearm, ///< hand length over that of the forearm
    hand_to_mouth,   ///< an arm stretched out, over its shoulder's distance from the mouth
    foot_on_ground,  ///< mm between the lowest point and the base
    neck_to_ground,  ///< neck or trunk stretched out, over its root's height
    armature_cover,  ///< mm between bundle and surface at the tightest place, with what is needed
    meets_at_bend,   ///< gap over what rigid layers need at full bend, least of all joints
    left_and_right,  ///< mm by which two limbs of one kind that are not mirrored differ in length
    leg_share,       ///< a leg from its first joint to the sole, over the height
    hip_height,      ///< that joint above the base, over the height
    eye_to_head,     ///< a ball on the head over the head's height
    pack_to_back,    ///< a mass behind the trunk, its height over the trunk's length
    side_seen,       ///< pictures and depth: whether the side is known at all
};
/// True for what can be given a target: one length over another.
bool isRatio(Eye eye);

struct EyeCheck {
    Eye eye = Eye::heads_high;
    std::string subject;
    double found = 0, low = 0, high = 0;
    std::string key{};                        ///< by which a target is kept: the eye's word and an id
    std::optional<body::Proportion> wanted{}; ///< what it is to be, instead of what is usual
    bool fine() const { return found >= low - 1e-9 && found <= high + 1e-9; }
};

/// What was found, and between what it should lie.
Phrase sentenceOf(const EyeCheck& check);

/// How high the drawn figure is, as it is built: a figure that bows is not drawn too low.
double calcTop(const body::Puppet& puppet, const choice::PuppetChoice& choice);

/// Those that apply to the puppet, in a fixed order.
std::vector<EyeCheck> calcEyeChecks(const body::Puppet& puppet, const Facts& report);

} // namespace enkinet::checks
