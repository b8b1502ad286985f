#pragma once
// Wire that nobody poses: the moment up to which it keeps its shape, and its elastic stiffness. The proof moment leaves
// 0.2 % in the outer fibre. docs/mechanics.md 59.
// Assumes: the stabilised curve for wire that was worked; wire that comes straight off the roll is softer by the ratio
// of its proof stress as delivered to that of the curve.
#include "wire/bend_table.h"

namespace enkinet::wire {

inline constexpr double kProofStrain = 0.002;

/// Twisting works every strand; straight wire is as it came.
bool isWorked(const Bundle& bundle);
/// By how much wire as delivered is softer than the stabilised curve, at most 1; 1 where the card knows no proof
/// stress.
double findFreshShare(const MaterialCard& card);
/// n M1(kp) with (kp - M1/(EI)) d/2 = 0.002, N·mm; the exact route.
double calcProofMoment(const MaterialCard& card, const Bundle& bundle);
/// The same by the table.
double findProofMoment(const BendTable& table, const Bundle& bundle);
/// n cos(a) E pi d^4/64, N·mm².
double findStiffness(const MaterialCard& card, const Bundle& bundle);

} // namespace enkinet::wire
