#pragma once
// What the film asks of the production: the wear ledger of all shots, what stops, and how many of which limb it wants.
#include "results/result.h"
#include "shoot/wear.h"

namespace enkinet::results {

struct LimbDoubles {
    int puppet = 0, limb = 0;
    bool right = false;
    double chanceOne = 1; ///< that one such limb lasts all shots
    int copies = 1;       ///< for 95 in 100, this limb by itself; 0: a dozen do not suffice
    double chance = 1;    ///< that so many, or a dozen, last all shots
};
/// A joint of a copy over all shots.
struct WornJoint {
    int copy = 1, limb = 0, joint = 0;
    bool right = false;
    std::vector<OptionalNumber> before, after; ///< by shot: WearRow's levels; none where the copy is not in it
    double most() const;                       ///< of them
    friend bool operator==(const WornJoint&, const WornJoint&) = default;
};
/// The joints of a puppet that act in the film, the most worn first.
std::vector<WornJoint> findWorn(const shoot::Ledger& ledger, int puppet, std::size_t shots);

struct ShotWear {
    shoot::Ledger ledger;
    std::vector<LimbDoubles> doubles; ///< of every limb that moves
    double chance = 1;                ///< that no shot stops, with the copies as they are cast; NaN without shots
    double seconds = 0;
    /// That all limbs last with the copies of `doubles`, as if no two shared a spool: at least.
    double together() const;
};
ShotWear calcShotWear(const Production& production, const std::vector<std::shared_ptr<const Report>>& reports,
                      double wanted = 0.95);

/// What a shot that is in the can, or in which something broke, says of the wires that acted in it: by the ledger as
/// it is worked out for `production`; breaks and done are read off `shots`. Nothing for a shot that is neither.
std::vector<wire::WearTest> findWearTests(const Production& production,
                                          const std::vector<std::shared_ptr<const Report>>& reports,
                                          const ShotWear& film, const std::vector<document::Shot>& shots, int shot,
                                          const std::string& date);

/// A stretch that hands take to bend the joint before it.
struct Gripped {
    int link = 0; ///< of the skeleton
    double bends = 0;
};
/// By shot: what is bent by hand ten times and more in it, the most first: there paint rubs off.
std::vector<std::vector<Gripped>> findGripped(const ShotWear& film, int puppet, const body::Skeleton& rest,
                                              std::size_t shots);

/// Of every joint of a puppet that the film moves: the seconds of its own acting that cost its wire what the film does,
/// on the copy that it costs most. It is what "must last" has to say for a wire to be chosen for these shots. Exact for
/// the wire that is chosen now; another one weighs wide and narrow bends a little differently.
std::vector<document::JointNeed> findShotNeeds(const Production& production,
                                               const std::vector<std::shared_ptr<const Report>>& reports,
                                               const ShotWear& film, int puppet);

} // namespace enkinet::results
