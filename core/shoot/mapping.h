#pragma once
// Which joint of a motion file moves which joint of a puppet, proposed from names and sides.
#include "body/puppet.h"
#include "document/shot.h"
#include "shoot/motion.h"

namespace enkinet::shoot {

struct Mapped {
    int motion = 0; ///< joint of the file
    std::string limb, joint;
    bool right = false;
    friend bool operator==(const Mapped&, const Mapped&) = default;
};
/// Each joint of the puppet at most once, each of the file at most once; the surest pairs first. What is not alike in
/// name is left out.
/// kept: pairs that were chosen before, by names; they come first, and what they name is given to nothing else. A kept
/// pair from an empty name leaves its joint unmoved.
std::vector<Mapped> proposeMapping(const Motion& motion, const body::Puppet& puppet,
                                   const std::vector<document::MotionLink>& kept = {});
/// The mapping by names, as it is kept with a shot.
std::vector<document::MotionLink> makeLinks(const Motion& motion, const std::vector<Mapped>& mapping);

/// The histories of a mapping, one angle an exposure: every `onEach` frames of the shot, which runs at fps. Angles are
/// the puppet's own: from how it was built, forth as its limb bends forth, aside outwards. Where the file's joint is
/// drawn another way at its zero (arms held out), that difference is added to every angle.
std::vector<document::JointHistory> calcHistories(const Motion& motion, const std::vector<Mapped>& mapping,
                                                  const body::Puppet& puppet, double fps, int onEach);

} // namespace enkinet::shoot
