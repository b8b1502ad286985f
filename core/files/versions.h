#pragma once
// Files written by older versions of the program, brought up to the present format one version at a time, before
// anything is read: readers know the present format alone.
#include "files/reader.h"

namespace enkinet::files {

/// Format version written; a file with a higher one opens read-only.
inline constexpr int kFormatVersion = 2;

/// Changes a production's object from the version it was written in to the present one. What does not have the shape
/// of a production is left as it is: the reader says what is wrong with it.
void bringUp(Json& production, int version);

} // namespace enkinet::files
