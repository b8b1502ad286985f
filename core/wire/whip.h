#pragma once
// A whip: a limb with no stiff stretches (tail, trunk, whisker) that bends along its whole length, perhaps with strands
// that end on the way. Equal elements share the angle: along the limb the curvature follows the moment and the strands
// that are there, each element by the same moment-curvature curve as a gap; set and life are judged where they are
// worst, the lock over the whole length. docs/mechanics.md 25, 26.
#include "wire/bend_table.h"
#include <span>

namespace enkinet::wire {

inline constexpr int kWhipElements = 16;

struct Whip {
    double length_mm = 0;
    double diameter_mm = 1, lay_mm = 0;
    std::vector<int> strands; ///< per element, root to tip, kWhipElements of them
};

struct WhipBend {
    BendStatus status = BendStatus::too_tight;
    std::vector<double> curvature;   ///< 1/mm per element at the full angle
    std::vector<double> hold_Nmm;    ///< per element
    double bend_Nmm = WireBend::nan; ///< moment at the root that bends it to the angle, strands free
    double strong_Nmm = WireBend::nan;
    double springback_rad = WireBend::nan;
    double lock = WireBend::nan;
    int worst = -1; ///< element whose life is shortest
    double strainAmplitude = WireBend::nan;
    double cyclesMedian = WireBend::nan, designMedian = WireBend::nan;
    double twistDamage = WireBend::nan;
};

/// Bends the whip to an angle by a moment whose shape along the elements is given (1 everywhere: shaped by hand along
/// its length; falling towards the tip: pushed at the tip). range_rad is the whole range of a cycle; no edge.
WhipBend calcWhip(const BendTable& table, const Whip& whip, std::span<const double> shape, double angle_rad,
                  double range_rad, double set_rad);

/// What the worst element leaves of a hold: the root moment at which some element, under moments of the given shape,
/// has reached its own hold.
double findWhipHold(const WhipBend& bend, std::span<const double> shape);

} // namespace enkinet::wire
