#pragma once
// The bending of a gap of bundle between two rigid ends: moments, springback, hold, strain, life.
// Assumes: uniform curvature over the gap, plane sections, the stabilised cyclic curve on first loading, elastic
// unloading; a helical strand bends over its own length and carries its full moment however it leans. Range of
// validity: outer strain of a strand, gap curvature times its radius, up to 0.2. Two routes: the exact integrals here
// (reference), and the table of wire/bend_table.h (fast). docs/mechanics.md 10 to 19.
#include "base/optional_number.h"
#include "wire/bundle.h"
#include <limits>
#include <span>

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
/// Largest over all orientations of a parallel bundle of the sum over its stretched strands, in units of d³, core of
/// seven left out. (13)
double calcStrongMoment(const CyclicConstants& constants, double youngs_MPa, int strands, double outerStrain);
/// Outer strain at which a bend leaves the set behind: e - 32 m(e)/(pi E) = set d/(2 g). (12)
double calcHoldStrain(const CyclicConstants& constants, double youngs_MPa, double setStrain);
/// Outer strain at which one strand carries m = M1/d³, the inverse of calcStrandMoment.
double calcStrainAt(const CyclicConstants& constants, double youngs_MPa, double m_MPa);

/// A joint's wire: what the bundle is bent over.
struct GapBend {
    double gap_mm = 14;   ///< of a whip: its whole free length
    double angle_rad = 0; ///< largest bend from the angle at which it was built
    double range_rad = 0; ///< whole range of a cycle
    double edge = kEasedEdge;
    double set_rad = 0; ///< the movement that counts as no longer holding
    double forming = 0; ///< full bends to and fro, through the angle, spent while it was built
    double spunDamage =
        0; ///< share of ductility spent when it was spun in a larger bundle, of which strands have ended
    friend bool operator==(const GapBend&, const GapBend&) = default;
};

enum class BendStatus {
    ok,
    too_tight,      ///< outside the range of validity: no numbers
    lay_too_long,   ///< gap over lay below 0.3: no life is predicted
    breaks_at_once, ///< a life below one cycle, or a strain amplitude above 0.2
};

/// Everything about one bundle in one gap; not there (NaN) where the bend is outside the range of validity.
struct WireBend {
    BendStatus status = BendStatus::too_tight;
    OptionalNumber outerStrain;
    OptionalNumber lock;            ///< (8), informative
    OptionalNumber strainFactor;    ///< (8a)
    OptionalNumber bent_mm;         ///< over which the bend gathers: the gap, or of a whip angle over largest curvature
    OptionalNumber hold_Nmm;        ///< largest moment that leaves no more than the set behind (12)
    OptionalNumber weak_Nmm;        ///< bending moment to the angle, strands free (11)
    OptionalNumber strong_Nmm;      ///< the same in the worst orientation (13)
    OptionalNumber springback_rad;  ///< (14)
    OptionalNumber amplitudePerRad; ///< strain amplitude per radian of range (16)
    OptionalNumber strainAmplitude; ///< of the raw range (16)
    OptionalNumber designAmplitude; ///< of the range with the springback over-bent at each end (16)
    OptionalNumber twistStrain, twistDamage;
    double formingDamage = 0;                ///< share of life spent by bends while it was built (18)
    OptionalNumber cyclesMedian, cyclesNine; ///< raw: 0 to the angle, nothing spent before (17)
    OptionalNumber designMedian,
        designNine; ///< life at the design range, less what twisting and forming have spent (18)
    static constexpr double nan = std::numeric_limits<double>::quiet_NaN();
    friend bool operator==(const WireBend&, const WireBend&) = default;
};

/// The exact route: adaptive quadrature and Newton's method throughout.
WireBend calcWireBend(const MaterialCard& card, const Bundle& bundle, const GapBend& bend);

/// Lives that nine in ten reach from a median and a standard deviation of ln N. (18)
double findNineInTen(double median, double scatter = kLifeScatter);
/// Moment to compare with the hold where a wire bends and twists: sqrt(M² + 1.11 T²). (15)
double findEquivalentMoment(double bending_Nmm, double torsion_Nmm);

namespace detail {
/// The functions of the material by quadrature and Newton's method.
struct ExactFunctions {
    CyclicConstants k;
    double E, ductility;
    explicit ExactFunctions(const MaterialCard& card)
        : k(calcConstants(card)), E(card.youngs_MPa), ductility(findDuctility(card)) {}
    double moment(double e) const { return calcStrandMoment(k, E, e); }
    double strong(int n, double e) const { return calcStrongMoment(k, E, n, e); }
    double holdStrain(double x) const { return calcHoldStrain(k, E, x); }
    double holdMoment(double x) const { return moment(holdStrain(x)); }
    double strainAt(double m_MPa) const { return calcStrainAt(k, E, m_MPa); }
    double cycles(double ea) const { return calcCycles(k, E, ea); }
};
} // namespace detail

} // namespace enkinet::wire
