#pragma once
// A probe's log as CSV: two columns with a head line, time and temperature. Time in minutes, or as h:mm or h:mm:ss;
// degrees C, or F where the head says so. Comma, semicolon or tab between, comma or point inside (csv.h).
#include "fill/ledger.h"

namespace enkinet::files {

/// What the log says about an oven dialled to set_C. Faults name their line; whatever is not a time and a temperature
/// is one.
Result<fill::OvenLog> parseOvenLog(const std::string& csv, double set_C);

} // namespace enkinet::files
