#pragma once
// A puppet to and from JSON; see docs/file-format.md.
#include "body/puppet.h"
#include "files/reader.h"

namespace enkinet::files {

/// Reads types and counts; body::makePuppet judges the numbers afterwards.
body::Puppet readPuppet(Reader& reader);
Json puppetJson(const body::Puppet& puppet);
/// One limb as text, for the clipboard.
std::string limbText(const body::Limb& limb);
Result<body::Limb> parseLimb(const std::string& text);

} // namespace enkinet::files
