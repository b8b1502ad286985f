#pragma once
// What a joint asks of its wire: the hold window, the room, the bend and the film it must last.
// docs/mechanics.md 60 to 66.
#include "base/value.h"
#include "fill/parts.h"
#include "load/statics.h"
#include "wire/rainflow.h"

namespace enkinet::choice {

inline constexpr double kFinger_N = 12;        ///< what a finger and thumb apply
inline constexpr double kWholeHand_Nmm = 1500; ///< what a hand round a thick segment applies
inline constexpr double kThickSegment_mm = 12; ///< half-width from which the whole hand is used
inline constexpr double kDent_mm2 = 80;        ///< fingertip on soft clay; it dents at 3 x yield strength
inline constexpr double kSpringLimit_rad = 0.13962634015954636; ///< 8 degrees

/// One joint of a limb, the worse of its two sides where the limb is mirrored.
struct Demand {
    int joint = 0; ///< index in the limb
    int hinge = 0; ///< hinge of the skeleton that decides
    load::HingeLoad load;
    double needed_Nmm = 0;      ///< load x hold factor: low edge of the window
    double effortLimit_Nmm = 0; ///< high edge
    double lever_mm = 0;        ///< from the joint to where a hand grips
    bool wholeHand = false;
    int gripLink = 0;
    double effortLimit_N() const { return effortLimit_Nmm / lever_mm; }
    double gap_mm = 0, edge = 1, angle_rad = 0, range_rad = 0, springLimit_rad = 0, set_rad = 0;
    double needFilm_s = 0, movesPerSecond = 0, formingBends = 0;
    double needCycles() const { return needFilm_s * movesPerSecond; }
    /// From a list of poses: the cycles of one pass through it, movesPerSecond then being passes a second of film.
    bool fromPoses = false;
    std::vector<wire::Cycle> cycles;
    double clayPlastic_Nmm = 0; ///< plastic moment of soft clay round the joint: adds to the effort, never to the hold
    double clayEI_Nmm2 = 0;     ///< of flexible clay round the joint: adds to effort and springback
    double room_mm = 0;         ///< largest bundle diameter that leaves the cover it needs
    double roomCover_mm = 0;    ///< that cover
    std::string roomAt;         ///< the segment that decides
    double gapNeeded_mm = 0;    ///< stiff layers' half-width x full bend
    ENKINET_VALUE(Demand)
};

/// Demands of a limb's posed joints, root to tip. Loads are those of the whole skeleton.
std::vector<Demand> calcDemands(const body::Puppet& puppet, const body::Skeleton& skeleton, const fill::Shelf& shelf,
                                const std::vector<load::HingeLoad>& loads, const std::vector<body::Stretch>& own,
                                int limb);

} // namespace enkinet::choice
