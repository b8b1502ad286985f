#pragma once
// A production as JSON text; docs/file-format.md is the description. Every number's unit is in its key.
#include "document/production.h"

namespace enkinet::files {

struct Loaded {
    document::Production production;
    bool newer = false; ///< written by a later version: must not be saved over
};

/// Text to a sound production, or the first thing wrong with it and its place.
Result<Loaded> parseProduction(const std::string& text, const document::Cards& shipped);
/// The production as text; parseProduction of it gives the same production, to the bit.
/// indented: for people to read; otherwise in one line.
std::string writeProduction(const document::Production& production, bool indented = true);

/// Cards of one shipped file: an object with the lists wires, clays, bulks, covers, paints.
Result<document::Cards> parseCards(const std::string& text, const std::string& place);

/// Degrees whose conversion gives back exactly these radians, the shortest such number where there is one.

} // namespace enkinet::files
