#pragma once
// What each station's table says of what is in hand, and why.
#include "stations/station_table.h"

namespace enkinet::app {

/// part: of the report's parts.
std::vector<StationRow> rowsOfSheet(const Document& document);
std::vector<StationRow> rowsOfBulk(const Document& document, int part);
std::vector<StationRow> rowsOfSkin(const Document& document, int part);
std::vector<StationRow> rowsOfOven(const Document& document);
std::vector<StationRow> rowsOfCover(const Document& document, int part);
std::vector<StationRow> rowsOfPaint(const Document& document, int part);

} // namespace enkinet::app
