#pragma once
// A shot of the film: how long, who is in it, and how each joint moves in it.
#include "base/calendar.h"
#include "body/puppet.h"

namespace enkinet::document {

/// One joint's bends through a shot, exposure by exposure, rad.
struct JointHistory {
    std::string limb, joint;
    bool right = false;
    std::vector<double> forth_rad, aside_rad; ///< as long as each other, or one of them empty: none that way
    friend bool operator==(const JointHistory&, const JointHistory&) = default;
};

/// Which joint of a motion file, by its name there, moves which joint of the puppet.
struct MotionLink {
    std::string from, limb, joint;
    bool right = false;
    friend bool operator==(const MotionLink&, const MotionLink&) = default;
};

/// A copy of a puppet in a shot. What its histories name moves as they say; else it goes through the poses; else it
/// acts at a level for as long as the shot lasts.
struct Cast {
    std::string puppet;
    int copy = 1;
    std::vector<JointHistory> histories{};
    std::vector<std::string> poses{}; ///< names of kept poses, in order
    body::Acting acting = body::Acting::plain;
    std::vector<MotionLink> links{}; ///< by which its histories came from a motion file
    friend bool operator==(const Cast&, const Cast&) = default;
};

struct Shot {
    std::string id, name;
    double fps = 24;
    int onEach = 2;                    ///< frames that each pose is held for
    int frames = 48;                   ///< in the film
    double retakes = 0.2;              ///< share of poses that are posed again
    std::optional<std::int64_t> day{}; ///< on which it is shot
    bool done = false;
    std::string source{}; ///< file that its motion came from, by name
    std::vector<Cast> cast{};
    /// A wire that broke while it was shot.
    struct Break {
        std::string puppet, limb, joint;
        int copy = 1, frame = 0;
        bool right = false;
        bool isOf(const std::string& ofPuppet, int ofCopy, const std::string& ofLimb, const std::string& ofJoint,
                  bool ofRight) const {
            return puppet == ofPuppet && copy == ofCopy && limb == ofLimb && joint == ofJoint && right == ofRight;
        }
        friend bool operator==(const Break&, const Break&) = default;
    };
    std::vector<Break> breaks{};
    double seconds() const { return frames / fps; }
    friend bool operator==(const Shot&, const Shot&) = default;
};

/// How long a joint must last, seconds of film.
struct JointNeed {
    std::string limb, joint;
    double need_s = 0;
};

inline constexpr std::size_t kMostShots = 500, kMostHistory = 200000;

} // namespace enkinet::document
