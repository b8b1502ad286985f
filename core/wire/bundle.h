#pragma once
// A bundle: one or more equal strands laid parallel or twisted together.
// Geometry of a helix; strain of drill twisting; what two rigid ends a gap apart do to the strands. Range of validity:
// lay angle up to 45 degrees for two strands, 25 for more (beyond it they no longer lie in their ring); gap over lay
// from 0.3. docs/mechanics.md 5 to 9.
#include "base/result.h"
#include "wire/material.h"

namespace enkinet::wire {

inline constexpr int kStrandCounts[] = {1, 2, 3, 4, 7};
/// Share of the wire's ductility spent by twisting: warn above the first, refuse above the second.
inline constexpr double kTwistWarn = 0.25, kTwistRefuse = 0.5;

struct Bundle {
    int strands = 1;        ///< 1, 2, 3, 4 or 7
    double diameter_mm = 1; ///< of one strand
    double lay_mm = 0;      ///< length of one full turn; 0: parallel strands
    friend bool operator==(const Bundle&, const Bundle&) = default;
};

/// A bundle inside the limits of geometry, or why not. Limits: diameter 0.1 to 10 mm, lay angle as above.
Result<Bundle> makeBundle(Bundle bundle);
/// The same for a sample that was tested: whatever lay up to 45 degrees it had, it had.
Result<Bundle> makeTestedBundle(Bundle bundle);

/// Distance of the outer strands' centres from the bundle's axis, mm: 0, d/2, d/sqrt3, d/sqrt2, d. (5)
double findStrandRadius(const Bundle& bundle);
/// Diameter over everything, mm. (5)
double findBundleDiameter(const Bundle& bundle);
/// Angle between a strand and the axis, rad; 0 for one strand or parallel strands. (6)
double findLayAngle(const Bundle& bundle);
/// Largest lay angle, rad: 45 degrees for two strands, 25 for more.
double findLargestLayAngle(int strands);
/// Shortest lay the geometry allows, mm; 0 for one strand.
double findShortestLay(int strands, double diameter_mm);
/// Length of wire in a helical strand per finished length, at least 1. (6)
double findTakeUp(const Bundle& bundle);
/// Strands that run round the axis, and the straight core of seven (0 or 1).
int findHelical(const Bundle& bundle);
int findCore(const Bundle& bundle);
/// n cos(a), with the straight core of seven counted whole: strands' worth of elastic stiffness. (7)
double findEffectiveStrands(const Bundle& bundle);
/// Wire length of all strands together per finished length.
double findTotalWire(const Bundle& bundle);
/// Share of the strands' distance from the axis that two rigid ends a gap apart keep from evening out under an even
/// curvature, 0 to 1. (8)
double findLock(const Bundle& bundle, double gap_mm);
/// Largest strain anywhere over that of one wire of the same gauge, gap and bend: parallel strands stretch, a lay of
/// the gap or a whole fraction frees them, a longer one gathers the bend at the stiff ends. NaN below kLeastGapOverLay,
/// where nothing is predicted. Known to 15 %. (8a)
double findStrainFactor(const Bundle& bundle, double gap_mm);
inline constexpr double kLeastGapOverLay = 0.3;
/// How well the strain factor is known, as a share.
inline constexpr double kStrainFactorSpread = 0.15;
/// Share of what stretching parallel strands adds to the effort in the worst orientation that a lay leaves: 1 for none.
/// (13)
double findStretchLeft(const Bundle& bundle, double gap_mm);
/// Equivalent plastic strain that drill twisting with gripped ends leaves in each strand: turned about itself and bent
/// into the helix. (9)
double findTwistStrain(const Bundle& bundle);
/// That strain as a share of the material's ductility. (9)
double findTwistDamage(const Bundle& bundle, const MaterialCard& card);
/// Grams per finished millimetre.
double findMassPerLength(const Bundle& bundle, const MaterialCard& card);

} // namespace enkinet::wire
