#pragma once
// Which wire for which limb: every candidate of the stock judged at every joint of the limb, the best by the builder's
// aim taken, or the nearest miss where nothing fits. docs/mechanics.md 67 to 72.
#include "base/stop.h"
#include "base/value.h"
#include "body/pose.h"
#include "choice/candidates.h"
#include "load/reach.h"
#include "solve/cover.h"

namespace enkinet::choice {

/// The puppet on some of its feet.
struct Footing {
    std::vector<int> down; ///< which of the skeleton's supports
    bool stable = false;
    std::vector<double> feet_g;   ///< weight on each support, upright
    std::vector<double> droop_mm; ///< of each limb copy's tip, upright
    friend bool operator==(const Footing&, const Footing&) = default;
};

/// A joint that is easier to bend than the next one out from what holds the puppet: moving the outer moves the inner.
struct Disorder {
    int innerLimb = 0, innerDemand = 0, outerLimb = 0, outerDemand = 0;
    double inner_Nmm = 0, outer_Nmm = 0;
    friend bool operator==(const Disorder&, const Disorder&) = default;
};

struct PuppetChoice {
    body::Skeleton rest;               ///< as it is built
    body::Skeleton skeleton;           ///< in the pose on the board
    std::vector<body::Motion> motions; ///< of its bodies, from rest
    std::vector<body::Stretch> own;
    std::vector<fill::Part> parts;
    fill::Totals totals;
    std::vector<load::HingeLoad> loads;
    std::vector<Footing> footings; ///< one a stance
    std::vector<LimbChoice> limbs;
    std::vector<Disorder> disorders;
    solve::Cover cover;   ///< for the aim of fewest spools
    bool settled = false; ///< the wire's own weight and stiffness no longer change the choice
    /// Chance that no wire breaks before the film's end; NaN while a joint does not hold, or where none was checked.
    OptionalNumber survival;
    ENKINET_COMPARED(PuppetChoice)
};

/// Memory of a puppet's choice: what its last few versions gave, step by step. One a puppet; not shared between
/// threads.
struct ChoiceMemo {
    struct PartsKey {
        body::Puppet puppet; ///< without what no layer is worked out from
        fill::Shelf shelf;
        std::vector<fill::WireRuns> runs;
        friend bool operator==(const PartsKey&, const PartsKey&) = default;
    };
    FieldMemo fields;
    load::ReachMemo reach;
    Node<body::Puppet, std::vector<body::Stretch>> own{4};
    Node<PartsKey, std::vector<fill::Part>> parts{4};
    fill::PartMemo part{6};
};

/// The puppet without what no layer is worked out from.
body::Puppet shapeOf(const body::Puppet& puppet);

/// The whole puppet: parts, loads and wire, round by round until the wire's own weight and, on several feet, its
/// stiffness no longer change what is chosen. With a memory the answer is the same, and what has not changed
/// since is not worked out again. Throws Stopped when asked to stop.
PuppetChoice calcChoice(const body::Puppet& puppet, const fill::Shelf& shelf, const Stock& stock, ChoiceMemo& memo,
                        std::stop_token stop = {});
PuppetChoice calcChoice(const body::Puppet& puppet, const fill::Shelf& shelf, const Stock& stock);

} // namespace enkinet::choice
