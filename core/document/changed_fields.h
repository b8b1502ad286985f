#pragma once
// Which fields two productions differ in, by the path that a file has for each: objects of a list by their id where
// they have one, else by their place. Undo takes changes of one field together by it, and no others.
#include "document/production.h"
#include <set>

namespace enkinet::document {

/// Paths such as "/puppets/tansy/limbs/leg/joints/hip/gap_mm"; of a list that grew or shrank its own with "#" behind.
/// Bytes of pictures count by their names.
std::set<std::string> findChangedFields(const Production& before, const Production& after);

} // namespace enkinet::document
