#pragma once
// The exposure sheet of a shot: frame, limb, joint, axis, angle in degrees.
#include "document/production.h"

namespace enkinet::files {

/// A table with the columns frame, limb, joint, axis, angle_deg, in any order; axis forth or aside, side left or right
/// where it has that column. Between two keys of a joint the angle goes evenly. The fault names the line.
Result<std::vector<document::JointHistory>> parseExposureSheet(const std::string& text, const body::Puppet& puppet,
                                                               int frames, int onEach);

} // namespace enkinet::files
