#pragma once
// What to cut and how to spin it: lengths, turns, and where the joints lie on the straight wire.
// docs/mechanics.md 73 to 76.
#include "choice/choose.h"

namespace enkinet::choice {

inline constexpr double kHandling_mm = 10;     ///< to hold and trim, each strand
inline constexpr double kChuckAndVice_mm = 40; ///< gripped while twisting, each strand
inline constexpr double kGiveBack = 0.08;      ///< turns that spring back when the drill lets go

struct Mark {
    enum class Kind { start, wrap, joint, fixed, tip, loop, tie_down, end } kind = Kind::joint;
    std::string label;
    double at_mm = 0;              ///< from the root end of the finished wire
    double from_mm = 0, to_mm = 0; ///< free gap at a joint; equal elsewhere
};

struct Cut {
    int limb = 0;
    int copies = 1; ///< 2 for a mirrored limb
    int spool = 0;
    wire::Bundle bundle;
    double path_mm = 0;     ///< through the joints
    double wrap_mm = 0;     ///< round the parent
    double finished_mm = 0; ///< path, wrap, loop, tie-down
    double strand_mm = 0;   ///< cut length of one strand
    bool folded = false;    ///< an even count is doubled back: one piece makes two strands
    int pieces = 1;         ///< for one copy
    double piece_mm = 0;
    double turns = 0;        ///< to count, give-back included; 0 when not twisted
    std::vector<Mark> marks; ///< along the finished straight wire
    double total_mm() const { return piece_mm * pieces * copies; }
};

/// The cut of one limb with a bundle; parentDiameter_mm is that of the bundle it is wrapped on, 0 for none.
Cut calcCut(const body::Limb& limb, const wire::Bundle& bundle, double parentDiameter_mm);

/// One cut a limb that has wire.
std::vector<Cut> calcCutList(const body::Puppet& puppet, const PuppetChoice& choice);

/// Millimetres needed of each spool.
std::vector<double> calcSpoolUse(const std::vector<Cut>& cuts, std::size_t spools);

} // namespace enkinet::choice
