#pragma once
// Everything that goes out of the program, sheets, tables, bodies, patterns, is written by one function. It never
// writes over what it was made from, nor over any production, whatever it is called.
#include "base/result.h"
#include <string>

namespace enkinet::files {

/// True for a file that is a production: a container with one in it, or its bare JSON.
bool isProductionFile(const std::string& path);

/// Writes whole or not at all where a file is or is to be; into a pipe or a device as it comes, which stays what it is.
/// Refused where path is a production or the file `input` that the output is made from.
Result<bool> writeOutput(const std::string& path, const std::string& bytes, const std::string& input = {});

} // namespace enkinet::files
