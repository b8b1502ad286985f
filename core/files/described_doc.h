#pragma once
// The production file in words: every object and key, by the tables that read, write and limit it.
#include <string>

namespace enkinet::files {

/// Markdown: a heading and a table of keys for each object that a production's file can hold.
std::string describeFields();

} // namespace enkinet::files
