#pragma once
// Cured clay is brittle: what breaks a part once it is hard. A ring of clay round its wire, bent by a knock, by a hand
// that dresses or dusts it, or by bending the wire inside. docs/mechanics.md 119 to 121.
#include "base/normal.h"
#include "base/optional_number.h"
#include "fill/parts.h"

namespace enkinet::fill {

inline constexpr double kKnockWeights = 5;                            ///< a knock counts so many times its own weight
inline constexpr double kHandling_N = 2;                              ///< dressing, dusting (typical)
inline constexpr double kCuredSpare = 1.5;                            ///< over each load by itself
inline constexpr double kRupturePrior = 0.35, kRuptureScatter = 0.25; ///< standard deviations of ln strength

/// Second moment and section modulus of an elliptic ring for bending that moves b: half-widths a and b, wall t; solid
/// where the wall takes all.
double findRingInertia(double a_mm, double b_mm, double t_mm);
double findRingModulus(double a_mm, double b_mm, double t_mm);

/// What tests say of a clay's strength, MPa: the middle, and what nine in ten reach.
struct Strength {
    double median_MPa = 0, nine_MPa = 0;
    int tests = 0;
    /// What one in ten still reaches: as far above the middle, on logarithms, as nine in ten lie below.
    double few_MPa() const { return nine_MPa > 0 ? median_MPa * median_MPa / nine_MPa : 0; }
    friend bool operator==(const Strength&, const Strength&) = default;
};
/// Card and tests together, on logarithms.
Strength calcStrength(double card_MPa, const std::vector<double>& tests_MPa);

/// What a wire in the middle adds: cos a E I.
struct CuredPart {
    int part = 0;
    double at = 0;           ///< share of the bone where it breaks first
    double strength_Nmm = 0; ///< moment that cracks it there
    double knock_Nmm = 0, handling_Nmm = 0;
    double tip_N = 0;      ///< a force at its far end that breaks it
    double bend_rad = 0;   ///< by which the whole part may be bent with its wire before it cracks
    double thicker_mm = 0; ///< of skin that would do; 0 where it holds or none would
    double margin() const; ///< over the larger load with what is to spare; below 1 it breaks
    friend bool operator==(const CuredPart&, const CuredPart&) = default;
};

/// Stiff cured parts of segments with a body, in the parts' order. EI: of each limb's wire.
std::vector<CuredPart> calcCured(const body::Puppet& puppet, const body::Skeleton& skeleton,
                                 const std::vector<body::Stretch>& own, const std::vector<Part>& parts,
                                 const Shelf& shelf, const std::vector<double>& EI_Nmm2);

} // namespace enkinet::fill
