#pragma once
// The last touch: a wire yields sooner against its last bend than along it. After a bend to the angle and letting go,
// the branch that follows a reversal is the first-loading curve stretched to twice its size (Masing's rule, 1926), and
// a closed loop is forgotten. This gives the hold with and against the last bend; both are estimates: real wire lies
// between each and the elastic convention of wire/bend.h. docs/mechanics.md 22 to 24.
#include "wire/bend_table.h"

namespace enkinet::wire {

struct LastTouch {
    double convention_Nmm = WireBend::nan; ///< hold by first loading and elastic unloading
    double with_Nmm = WireBend::nan;       ///< load in the direction of the last bend
    double against_Nmm = WireBend::nan;    ///< load against it
};

/// Holds of a bundle last bent to bend.angle_rad; NaN where that bend is too tight or 0.
LastTouch calcLastTouch(const BendTable& table, const Bundle& bundle, const GapBend& bend);
/// The convention alone, whatever the last bend was. (12)
double findHold(const BendTable& table, const Bundle& bundle, double gap_mm, double set_rad);

/// Outer strain that an outer strain e leaves behind when let go on the reversed branch. (22)
double calcResidualStrain(const BendTable& table, double e);

} // namespace enkinet::wire
