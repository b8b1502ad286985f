#pragma once
// What to cut and how to spin it: lengths, turns, and where the joints lie on the straight wire.
// Strands may end on the way: inside the stiff segment beyond a joint. docs/mechanics.md 73 to 76.
#include "base/value.h"
#include "body/puppet.h"
#include "wire/bundle.h"
#include <span>
#include <string>
#include <vector>

namespace enkinet::choice {

struct PuppetChoice;

inline constexpr double kHandling_mm = 10;     ///< to hold and trim, each strand
inline constexpr double kChuckAndVice_mm = 40; ///< gripped while twisting, each strand
inline constexpr double kGiveBack = 0.08;      ///< turns that spring back when the drill lets go

/// From the joint with this index in the limb towards the tip, only so many strands run on.
struct Ending {
    int joint = 0;
    int strands = 1;
    friend bool operator==(const Ending&, const Ending&) = default;
};

struct Mark {
    enum class Kind { start, wrap, joint, fixed, ending, tip, loop, tie_down, end } kind = Kind::joint;
    Phrase label;
    double at_mm = 0;              ///< from the root end of the finished wire
    double from_mm = 0, to_mm = 0; ///< free gap at a joint; equal elsewhere
    friend bool operator==(const Mark&, const Mark&) = default;
};

/// Strands that end at the same place.
struct StrandGroup {
    int strands = 1;
    double finished_mm = 0; ///< from the root end of the finished wire
    bool folded = false;    ///< an even count is doubled back: one piece makes two strands
    int pieces = 1;         ///< for one copy
    double piece_mm = 0;    ///< take-up, handling, chuck and vice included
    friend bool operator==(const StrandGroup&, const StrandGroup&) = default;
};

struct Cut {
    int limb = 0;
    int copies = 1; ///< 2 for a mirrored limb
    int spool = 0;
    wire::Bundle bundle; ///< at the root
    std::vector<Ending> endings;
    double path_mm = 0;              ///< through the joints
    double wrap_mm = 0;              ///< round the parent
    double finished_mm = 0;          ///< path, wrap, loop, tie-down
    std::vector<StrandGroup> groups; ///< longest first
    double turns = 0;                ///< to count, give-back included; 0 when not twisted
    bool done = false;               ///< cut already
    std::vector<Mark> marks;         ///< along the finished straight wire
    double total_mm() const;         ///< of all copies
    int pieces() const;              ///< of all copies
    ENKINET_COMPARED(Cut)
};

/// Lengths along a limb that every bundle shares.
struct LimbPath {
    double path_mm = 0, rest_mm = 0;   ///< through the joints; loop and tie-down leg
    double wraps = 0;                  ///< turns round the parent; 0 where nothing is wrapped
    std::vector<double> segmentEnd_mm; ///< along the path, at the end of each segment
    std::vector<double> endAfter_mm;   ///< where strands that end after each joint do: half way along its segment
    friend bool operator==(const LimbPath&, const LimbPath&) = default;
};
LimbPath makePath(const body::Limb& limb);

/// Groups of one copy, into a caller's array of at most 1 + body::kMostDrops; returns how many. parentDiameter_mm is
/// that of the bundle it is wrapped on, 0 for none.
std::size_t findGroups(const LimbPath& path, const wire::Bundle& bundle, std::span<const Ending> endings,
                       double parentDiameter_mm, std::span<StrandGroup> groups);

/// The cut of one limb.
Cut calcCut(const body::Limb& limb, const wire::Bundle& bundle, std::span<const Ending> endings,
            double parentDiameter_mm);

/// One cut a limb that has wire.
std::vector<Cut> calcCutList(const body::Puppet& puppet, const PuppetChoice& choice);

/// Millimetres needed of each spool by what is not cut yet.
std::vector<double> calcSpoolUse(const std::vector<Cut>& cuts, std::size_t spools);

/// Finished length of wire through a limb, mm, without allowances.
double findPathLength(const body::Limb& limb);

} // namespace enkinet::choice
