#pragma once
// Bench tests of wires as JSON in the production and as CSV for exchange (RFC 4180, decimal point, one header).
// Columns: kind (bend, hang), spool, date, strands, lay_mm, gap_mm, edge_factor, angle_deg, cycles, lever_mm, weight_g,
// last_bend (unknown, with, against), set_deg, note. For a bend the angle is its plus and minus; for a hang the last
// bend's.
#include "document/production.h"
#include "files/reader.h"

namespace enkinet::files {

struct WireTests {
    std::vector<wire::BendTest> bends;
    std::vector<wire::HangTest> hangs;
};

std::string writeWireTestsCsv(const std::vector<wire::BendTest>& bends, const std::vector<wire::HangTest>& hangs);
/// Tests from CSV text, with the line of the first fault. Columns may stand in any order; unknown ones are passed over.
Result<WireTests> parseWireTestsCsv(const std::string& text, const std::vector<document::Spool>& spools);

} // namespace enkinet::files
