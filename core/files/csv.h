#pragma once
// Comma-separated values after RFC 4180, read strictly and written plainly.
#include "base/result.h"
#include <string>
#include <vector>

namespace enkinet::files {

/// A cell, quoted where it must be.
std::string csvCell(const std::string& text);
std::string csvLine(const std::vector<std::string>& cells);

/// Rows of cells; both line endings, quoted cells with doubled quotes. At most 20000 rows of 64 cells.
Result<std::vector<std::vector<std::string>>> parseCsv(const std::string& text);

} // namespace enkinet::files
