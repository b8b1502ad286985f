#pragma once
// One limb as text, for the clipboard: an object as in a production's file.
#include "body/puppet.h"

namespace enkinet::files {

std::string limbText(const body::Limb& limb);
Result<body::Limb> parseLimb(const std::string& text);

} // namespace enkinet::files
