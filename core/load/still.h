#pragma once
// Wire that nothing stiffens and nobody poses, while raw clay hangs on it: the moment at every section, in the pose in
// which the figure is built, and how far it bends down. One support: exact, everything on the far side of a section
// pulls on it. Several supports: a space frame of straight beams, sixteen a stretch. docs/mechanics.md 58.
#include "base/stop.h"
#include "body/skeleton.h"

namespace enkinet::load {

/// A tool presses with so much while clay is put on, N (typical).
inline constexpr double kSculptPress_N = 1;
inline constexpr int kStillBeams = 16;

/// A link's wire as it carries raw clay.
struct StillLink {
    bool bare = false;    ///< its wire alone carries
    double EI_Nmm2 = 1e4; ///< of the wire: of a bare link all along, of a stiff one in its gaps
};

/// A mass where it hangs on the wire.
struct StillMass {
    int link = 0;
    double at = 0; ///< share of the link's length, 0 to 1
    double mass_g = 0;
    Vec3 centre;
};

/// A section of bare wire and what bends it there.
struct StillSection {
    int link = 0;
    double at = 0;
    Vec3 moment_Nmm;      ///< of the weight
    double press_Nmm = 0; ///< largest of a press of 1 N at the run's far end, whichever way
    double length_mm = 0; ///< of wire that this section stands for
    Vec3 point;
};

/// Bare wire of one limb copy without a break, from the end that is held on.
struct StillRun {
    int copy = 0;
    std::vector<int> links;
    double length_mm = 0;
    Vec3 near, far;
    std::vector<StillSection> sections;
    Vec3 beyond;         ///< centre of everything that hangs on its near end
    double beyond_g = 0; ///< 0 where several supports share
};

struct StillLoads {
    bool stable = false;
    std::vector<StillRun> runs;
};

/// What the skeleton is held by: the ends of its support links, or, held by a rig, both ends of one link; without any
/// support its root. Skeleton as it is built. Throws Stopped.
StillLoads calcStill(const body::Puppet& puppet, const body::Skeleton& skeleton, const std::vector<StillLink>& links,
                     const std::vector<StillMass>& masses, const std::stop_token& stop = {});

} // namespace enkinet::load
