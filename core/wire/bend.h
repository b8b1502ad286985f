#pragma once
// The bending of a gap of bundle between two rigid ends: moments, springback, hold, strain, life.
// Assumes: uniform curvature over the gap, plane sections, the stabilised cyclic curve on first loading, elastic
// unloading. Range of validity: outer strain of a strand, gap curvature times its radius, up to 0.2.
// Two routes: the exact integrals here (reference), and the table of wire/bend_table.h (fast). docs/mechanics.md 10
// to 19.
#include "wire/bundle.h"
#include <limits>

namespace enkinet::wire {

inline constexpr double kStrainLimit = 0.2;
/// Scatter of lives before any test: standard deviation of ln N.
inline constexpr double kLifeScatter = 0.6;
/// Torsion counts 1.11 T² beside M² (equal outer effective strain on a power-law curve with exponent 0.15).
inline constexpr double kTorsionWeight = 1.11;

/// Strain raisers where the free gap meets a stiff end.
inline constexpr double kHardEdge = 1.6, kEasedEdge = 1.3, kNoEdge = 1.0;

/// M1/d³ of one strand, MPa, at an outer strain: half the integral of s(e t) t sqrt(1-t²) over 0..1. (10)
double calcStrandMoment(const CyclicConstants& constants, double youngs_MPa, double outerStrain);
/// The same for a strand whose centre stands off the bending axis by offset radii: moment of the strand about the
/// bundle's axis divided by d³. (13)
double calcOffsetMoment(const CyclicConstants& constants, double youngs_MPa, double outerStrain, double offset);
/// Largest over all orientations of the bundle of the sum over its strands, in units of d³, core of seven left out.
/// (13)
double calcStrongMoment(const CyclicConstants& constants, double youngs_MPa, int strands, double outerStrain,
                        double lock);
/// Outer strain at which a bend leaves the set behind: e - 32 m(e)/(pi E) = set d/(2 g). (12)
double calcHoldStrain(const CyclicConstants& constants, double youngs_MPa, double setStrain);

/// A joint's wire: what the bundle is bent over.
struct GapBend {
    double gap_mm = 14;
    double angle_rad = 0; ///< largest bend from the angle at which it was built
    double range_rad = 0; ///< whole range of a cycle
    double edge = kEasedEdge;
    double set_rad = 0; ///< the movement that counts as no longer holding
    double forming = 0; ///< full cycles spent while it was built, before the first pose
    double spunDamage =
        0; ///< share of ductility spent when it was spun in a larger bundle, of which strands have ended
};

enum class BendStatus { ok, too_tight, breaks_at_once };

/// Everything about one bundle in one gap; NaN where the bend is outside the range of validity.
struct WireBend {
    BendStatus status = BendStatus::too_tight;
    double outerStrain = nan, lock = nan;
    double hold_Nmm = nan;        ///< largest moment that leaves no more than the set behind (12)
    double weak_Nmm = nan;        ///< bending moment to the angle, strands free (11)
    double strong_Nmm = nan;      ///< the same in the worst orientation with locked strands stretched (13)
    double springback_rad = nan;  ///< (14)
    double strainAmplitude = nan; ///< of the raw range (16)
    double designAmplitude = nan; ///< of the range with the springback over-bent at each end (16)
    double twistStrain = nan, twistDamage = nan;
    double cyclesMedian = nan, cyclesNine = nan; ///< raw: 0 to the angle, no twisting damage (17)
    double designMedian = nan,
           designNine = nan; ///< (1 - twisting damage) x life at the design range, less forming (18)
    static constexpr double nan = std::numeric_limits<double>::quiet_NaN();
};

/// The exact route: adaptive quadrature and Newton's method throughout.
WireBend calcWireBend(const MaterialCard& card, const Bundle& bundle, const GapBend& bend);

/// Lives that nine in ten reach from a median and a standard deviation of ln N. (18)
double findNineInTen(double median, double scatter = kLifeScatter);
/// Moment to compare with the hold where a wire bends and twists: sqrt(M² + 1.11 T²). (15)
double findEquivalentMoment(double bending_Nmm, double torsion_Nmm);

namespace detail {
/// What both routes share: everything but the four functions of the material.
template <class Functions>
WireBend findWireBend(const Functions& f, const MaterialCard& card, const Bundle& bundle, const GapBend& bend);
} // namespace detail

} // namespace enkinet::wire
