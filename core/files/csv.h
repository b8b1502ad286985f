#pragma once
// Comma-separated values after RFC 4180, read strictly and written plainly. Spreadsheets of other countries part cells
// by semicolons or tabs and write decimal commas: the head line tells which.
#include "base/result.h"
#include <string>
#include <vector>

namespace enkinet::files {

/// A cell, quoted where it must be. What a spreadsheet would work out as a formula, text that begins with = + - @ and
/// is no number, gets an apostrophe before it, which parseCsvTable takes off again.
std::string csvCell(const std::string& text);
std::string csvLine(const std::vector<std::string>& cells);

struct CsvTable {
    std::vector<std::vector<std::string>> rows;
    std::vector<std::size_t> lines; ///< of the text, from 1, one a row
    char separator = ',';
    bool decimalComma = false; ///< numbers may carry one: cells are not parted by it
};
/// Rows of cells; both line endings, a byte-order mark, quoted cells with doubled quotes; parted by whichever of tab,
/// semicolon and comma the first line holds, in that order. At most so many rows, of 64 cells.
Result<CsvTable> parseCsvTable(const std::string& text, std::size_t mostRows = 20000);

} // namespace enkinet::files
