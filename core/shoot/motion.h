#pragma once
// Recorded motion as a tree of joints with their channels, frame by frame, and what a joint's rotation is as a bend
// forth and aside. docs/mechanics.md 140, 141.
#include "base/result.h"
#include "base/vec3.h"
#include <array>
#include <string>
#include <vector>

namespace enkinet::shoot {

enum class Channel { x_position, y_position, z_position, x_rotation, y_rotation, z_rotation };
inline bool isRotation(Channel c) { return c >= Channel::x_rotation; }

struct MotionJoint {
    std::string name;
    int parent = -1; ///< -1: a root
    Vec3 offset;     ///< from its parent, in the file's units
    std::vector<Channel> channels{};
    int firstValue = 0; ///< of a frame
    bool end = false;   ///< nothing hangs on it but an end site
    Vec3 endOffset;     ///< of the end site
    friend bool operator==(const MotionJoint&, const MotionJoint&) = default;
};

struct Motion {
    std::vector<MotionJoint> joints; ///< parents before children
    double frameTime_s = 1.0 / 24;
    int width = 0;              ///< values a frame
    std::vector<double> values; ///< frame by frame; degrees and the file's units
    int rowsLeftOut = 0;        ///< that the file holds beyond the frames it says it has
    int frames() const { return width > 0 ? static_cast<int>(values.size()) / width : 0; }
    double at(int frame, int value) const {
        return values[static_cast<std::size_t>(frame) * static_cast<std::size_t>(width) +
                      static_cast<std::size_t>(value)];
    }
    friend bool operator==(const Motion&, const Motion&) = default;
};

/// Least and largest value of a channel; degrees for rotations.
std::pair<double, double> findChannelRange(const Motion& motion, int joint, int channel);

/// Rotation against the parent as a vector (axis times angle, rad) in the parent's axes: channels are turned in the
/// order in which they stand (intrinsic). Beyond half a turn it is the shorter way round.
Vec3 findRotation(const Motion& motion, int joint, int frame);

/// Bends of a joint, forth about x and aside about z, rad, frame by frame, against the first frame or against the
/// file's zero; what turns about the bone itself (y) bends no wire.
struct Bends {
    std::vector<double> forth_rad, aside_rad;
};
Bends calcBends(const Motion& motion, int joint, bool fromFirst = false);

} // namespace enkinet::shoot
