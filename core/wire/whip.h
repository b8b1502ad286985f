#pragma once
// A whip: a limb with no stiff stretches (tail, trunk, whisker) that bends along its whole length, perhaps with strands
// that end on the way. One beam: along it the curvature follows the moment and the strands that are there, each by the
// same moment-curvature curve as a gap. Elements are finer towards the root and meet where strands end; strain is taken
// at the root itself, so the grid enters only through the turn of the tip. Assumes: small displacements, the root held
// square. docs/mechanics.md 25, 26.
// Two routes, as for a gap.
#include "wire/bend_table.h"
#include <vector>

namespace enkinet::wire {

inline constexpr int kWhipElements = 32;

/// How a whip is posed decides its life.
enum class Posing {
    by_tip, ///< the root held, a force at the tip that stays square to the undeformed tail: the bend gathers at the
            ///< root
    along   ///< shaped by several fingers: three equal turns, each even over its third
};

/// From at_mm (from the root) towards the tip only so many strands run on.
struct WhipEnd {
    double at_mm = 0;
    int strands = 1;
};

struct Whip {
    Bundle bundle; ///< at the root
    std::vector<WhipEnd> ends{};
    Posing posing = Posing::by_tip;
    /// Moment of the load over that at the root, at equal steps from root (1) to tip (0), for the hold; empty: a load
    /// at the tip.
    std::vector<double> load{};
    int elements = kWhipElements;
};

/// The whip bent: bend.gap_mm is its whole free length, bend.angle_rad the turn of the tip against the root, bend.edge
/// that of the root. The result's bent_mm is the angle over the largest curvature: it stands for the gap.
WireBend calcWhipBend(const MaterialCard& card, const Whip& whip, const GapBend& bend);
WireBend findWhipBend(const BendTable& table, const Whip& whip, const GapBend& bend);

/// Length over which a single strand's bend gathers; the lays of a whip are chosen from it. NaN where it is too tight.
double findWhipReach(const BendTable& table, double diameter_mm, Posing posing, const GapBend& bend);

} // namespace enkinet::wire
