#pragma once
// The cut list as CSV (RFC 4180, decimal point, one header) and as JSON rows; columns in docs/file-format.md.
#include "choice/cut_list.h"
#include "document/production.h"
#include "files/reader.h"

namespace enkinet::files {

std::string writeCutListCsv(const document::Production& production, const body::Puppet& puppet,
                            const std::vector<choice::Cut>& cuts, bool header);
std::vector<Json> cutListJson(const document::Production& production, const body::Puppet& puppet,
                              const std::vector<choice::Cut>& cuts);

} // namespace enkinet::files
