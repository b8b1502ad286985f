#pragma once
// The .enkinet file: a zip container with production.json and pictures/; a bare production.json opens as well.
// Sizes and names are checked before anything is allocated; saving writes beside, syncs and renames.
#include "files/production_json.h"

namespace enkinet::files {

/// Reads a production from a file of either kind.
Result<Loaded> loadProduction(const std::string& path, const document::Cards& shipped);
/// Saves by the name's ending: .json bare, anything else a container. The old file stays whole until the new one is.
Result<bool> saveProduction(const std::string& path, const document::Production& production);

/// Bytes of a container to a production.
Result<Loaded> parseContainer(const std::string& bytes, const document::Cards& shipped);
Result<std::string> writeContainer(const document::Production& production);

/// Whole file to bytes, at most 512 MB.
Result<std::string> readFile(const std::string& path);
/// Writes beside, syncs, renames.
Result<bool> writeFileSafely(const std::string& path, const std::string& bytes);

/// All shipped cards, from a data folder's cards/.
Result<document::Cards> loadShippedCards(const std::string& dataDir);
/// The data folder beside this program: ../share/enkinet from its binary; ENKINET_DATA overrides.
std::string findDataDir();

} // namespace enkinet::files
