#pragma once
// A stretch of wire that nobody poses, held against what it carries raw: its weight with a half to spare, its weight
// with a tool's press, and how far it bends down. docs/mechanics.md 58, 59.
#include "base/optional_number.h"
#include "fill/parts.h"
#include "load/still.h"
#include "wire/proof.h"
#include <array>

namespace enkinet::choice {

inline constexpr double kStillFactor = 1.5; ///< over weight alone
inline constexpr double kStillDroop = 0.02; ///< of its free length

/// One segment's worst of a run.
struct StillPart {
    int segment = 0;
    double weight_Nmm = 0; ///< largest moment of the weight
    double press_Nmm = 0;  ///< of weight and press together, where that is largest
    Vec3 bend_Nmm3;        ///< over EI: what its bending moves the run's far end by
    double room_mm = 1e9;  ///< widest bundle that leaves the part the skin that it must have
    friend bool operator==(const StillPart&, const StillPart&) = default;
};

/// A run of bare wire of one copy of a limb.
struct StillDemand {
    int copy = 0; ///< of the skeleton's limb copies
    double length_mm = 0;
    std::vector<StillPart> parts; ///< from the end that is held on
    Vec3 prop;                    ///< where a prop under it takes the weight, until it is cured
    double beyond_g = 0;
    double thrust_N = 0; ///< of what stands on its far end, along it; 0 where it hangs
    double press_N = 0;  ///< of a tool at its far end: load::kSculptPress_N, less where that is thin
    friend bool operator==(const StillDemand&, const StillDemand&) = default;
};

/// A part thinner than this is pressed in proportion: nobody leans on a whisker.
inline constexpr double kThin_mm = 4;

/// Buckles: what stands on it would fold it up, with a half to spare. Room: the wire is thicker than its part less the
/// skin.
enum class StillLimit { weight, press, droop, buckles, room };
inline constexpr std::size_t kStillLimits = 5;

struct StillVerdict {
    std::array<OptionalNumber, kStillLimits> margin{}; ///< there over asked; below 1 it is missed
    StillLimit governs = StillLimit::weight;           ///< the least
    int segment = 0;                                   ///< where
    OptionalNumber proof_Nmm, needed_Nmm;              ///< of the governing moment
    OptionalNumber droop_mm = 0, droopLimit_mm = 0;
    OptionalNumber folds_N = 0; ///< Euler: held at one end, free at the other
    bool holds() const { return margin[static_cast<std::size_t>(governs)] >= 1 - 1e-9; }
    double least() const { return margin[static_cast<std::size_t>(governs)]; }
    friend bool operator==(const StillVerdict&, const StillVerdict&) = default;
};

/// What a bundle gives, at one segment.
struct StillWire {
    double proof_Nmm = 0, EI_Nmm2 = 0, across_mm = 0;
};

/// bundles: by the limb's segments.
StillVerdict judgeStill(const StillDemand& demand, const std::vector<StillWire>& wire);

/// Every run of a puppet. rest: as it is built; parts with their centres at rest; EI: of each limb's wire, by the
/// limb; 0 where none is known yet. Throws Stopped.
std::vector<StillDemand> calcStillDemands(const body::Puppet& puppet, const body::Skeleton& rest,
                                          const std::vector<body::Stretch>& own, const std::vector<fill::Part>& parts,
                                          const std::vector<double>& EI, const std::stop_token& stop = {});
/// The same of masses that are there already.
std::vector<StillDemand> calcStillDemands(const body::Puppet& puppet, const body::Skeleton& rest,
                                          const std::vector<load::StillMass>& masses, const std::vector<double>& EI,
                                          const std::stop_token& stop = {});

/// The puppet's weight where it hangs on the wire.
std::vector<load::StillMass> makeStillMasses(const body::Skeleton& rest, const std::vector<body::Stretch>& own,
                                             const std::vector<fill::Part>& parts);

} // namespace enkinet::choice
