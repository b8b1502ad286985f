#pragma once
// What a joint asks of its wire: the hold window, the room, the bend and the film it must last.
// docs/mechanics.md 60 to 66.
#include "base/value.h"
#include "fill/parts.h"
#include "load/statics.h"
#include "wire/rainflow.h"
#include "wire/whip.h"

namespace enkinet::choice {

inline constexpr double kDent_mm2 = 80;   ///< fingertip on soft clay...
inline constexpr double kDentShare = 3;   ///< ...which takes a full print at so many times its yield strength...
inline constexpr double kMarkShare = 1.1; ///< ...and is marked from so many times it
inline constexpr double kSpringLimit_rad = 0.13962634015954636; ///< 8 degrees

/// How a joint is bent: all of a demand that a wire's bend is worked out from, whatever the load.
struct BendNeed {
    double gap_mm = 0, edge = 1, angle_rad = 0, range_rad = 0, set_rad = 0;
    double formingBends = 0;
    /// From a list of poses: the cycles of one pass through it, movesPerSecond then being passes a second of film.
    bool fromPoses = false;
    std::vector<wire::Cycle> cycles;
    double clayEI_Nmm2 = 0; ///< of flexible clay round the joint: adds to effort and springback
    bool whip = false;
    wire::Posing posing = wire::Posing::by_tip;
    std::vector<double> loadShape; ///< of a whip: moment along it over that at the root; empty: a load at the tip
    friend bool operator==(const BendNeed&, const BendNeed&) = default;
};

/// What a bend is held against.
struct Limits {
    double needed_Nmm = 0;      ///< load x hold factor: low edge of the window
    double effortLimit_Nmm = 0; ///< high edge: the lesser of what the two hands can apply
    double lever_mm = 0;        ///< of the far hand
    double springLimit_rad = 0;
    double needFilm_s = 0;
    double movesPerSecond = 0;  ///< cycles a second of finished film, retakes included
    bool buried = false;        ///< the middle of its gap lies inside rigid clay or bulk
    double free_mm = 0;         ///< what is left of the gap then
    double room_mm = 0;         ///< largest bundle diameter that leaves the cover it needs
    double gapNeeded_mm = 0;    ///< stiff layers' half-width x full bend
    double clayPlastic_Nmm = 0; ///< plastic moment of soft clay round the joint: adds to the effort, never to the hold
    double needCycles() const { return needFilm_s * movesPerSecond; }
    double effortLimit_N() const { return effortLimit_Nmm / lever_mm; }
    friend bool operator==(const Limits&, const Limits&) = default;
};

/// One joint of a limb, the worse of its two sides where the limb is mirrored.
struct Demand : BendNeed, Limits {
    int joint = 0; ///< index in the limb
    int hinge = 0; ///< hinge of the skeleton that decides
    load::HingeLoad load;
    /// A hand on the joint: where it holds and what it can give there.
    struct Hold {
        int link = -1; ///< -1: nothing needs to be held, or that side is fixed
        double lever_mm = 0, half_mm = 0;
        double force_N = 0; ///< fingers, or less where soft clay would dent first
        bool dents = false; ///< the clay decides
        double moment_Nmm() const { return force_N * lever_mm; }
        friend bool operator==(const Hold&, const Hold&) = default;
    };
    Hold far;                 ///< on the side away from the support
    Hold near;                ///< against it
    bool nearDecides = false; ///< the hand that holds against it can give less
    double marks_Nmm = 1e300; ///< effort from which a finger leaves a mark in soft clay
    Phrase buriedIn;          ///< of this part
    double roomCover_mm = 0;  ///< cover that the room leaves
    std::string roomAt;       ///< the segment that decides
    ENKINET_COMPARED(Demand)
};

/// What a segment's outline leaves for a bundle over the stretch that is its own; 1e9 where it has no body there.
struct Room {
    double across_mm = 1e9;
    double cover_mm = 0; ///< that stays on every side
    friend bool operator==(const Room&, const Room&) = default;
};
Room findRoom(const body::Segment& segment, body::LimbKind kind, body::Stretch own, const fill::Shelf& shelf);

/// Widest bundle in a stretch that nobody poses: what is left inside the skin that the clay must have, no more than the
/// builder gives it. 1e9 where there is no body.
double findStillRoom(const body::Segment& segment, body::Stretch own, const fill::Shelf& shelf);

/// Demands of a limb's posed joints, root to tip. Loads are those of the whole skeleton; masses are those that they
/// were worked out from, in the pose of the skeleton; rest is the skeleton as it is built.
std::vector<Demand> calcDemands(const body::Puppet& puppet, const body::Skeleton& skeleton, const body::Skeleton& rest,
                                const fill::Shelf& shelf, const std::vector<load::HingeLoad>& loads,
                                const std::vector<load::PointMass>& masses, const std::vector<body::Stretch>& own,
                                int limb);

} // namespace enkinet::choice
