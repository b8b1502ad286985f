#include "files/cut_list_file.h"
#include "files/csv.h"
#include <cmath>
#include <fmt/format.h>

namespace enkinet::files {

namespace {

const char* const kColumns[] = {"puppet",   "limb",        "copies", "spool",          "wire_card",
                                "strands",  "diameter_mm", "lay_mm", "ending_strands", "pieces_each",
                                "piece_mm", "folded",      "turns",  "finished_mm",    "marks"};

const char* kindWord(choice::Mark::Kind k) {
    switch (k) {
    case choice::Mark::Kind::start:
        return "start";
    case choice::Mark::Kind::wrap:
        return "wrap";
    case choice::Mark::Kind::joint:
        return "joint";
    case choice::Mark::Kind::fixed:
        return "fixed";
    case choice::Mark::Kind::ending:
        return "ending";
    case choice::Mark::Kind::tip:
        return "tip";
    case choice::Mark::Kind::loop:
        return "loop";
    case choice::Mark::Kind::tie_down:
        return "tie-down";
    case choice::Mark::Kind::end:
        return "end";
    }
    return "";
}

double rounded(double v) { return std::round(v * 100) / 100; }

} // namespace

std::vector<Json> cutListJson(const document::Production& p, const body::Puppet& puppet,
                              const std::vector<choice::Cut>& cuts) {
    std::vector<Json> rows;
    for (const choice::Cut& c : cuts) {
        const document::Spool& spool = p.stock.spools[static_cast<std::size_t>(c.spool)];
        Json marks = Json::array();
        for (const choice::Mark& m : c.marks)
            marks.push_back({{"kind", kindWord(m.kind)},
                             {"label", m.label.english()},
                             {"at_mm", rounded(m.at_mm)},
                             {"from_mm", rounded(m.from_mm)},
                             {"to_mm", rounded(m.to_mm)}});
        // One row a group of strands that end together.
        for (const choice::StrandGroup& g : c.groups)
            rows.push_back({{"puppet", puppet.name},
                            {"limb", puppet.limbs[static_cast<std::size_t>(c.limb)].name},
                            {"copies", c.copies},
                            {"spool", spool.id},
                            {"wire_card", spool.material},
                            {"strands", c.bundle.strands},
                            {"diameter_mm", c.bundle.diameter_mm},
                            {"lay_mm", c.bundle.lay_mm > 0 ? Json(rounded(c.bundle.lay_mm)) : Json(nullptr)},
                            {"ending_strands", g.strands},
                            {"pieces_each", g.pieces},
                            {"piece_mm", rounded(g.piece_mm)},
                            {"folded", g.folded},
                            {"turns", rounded(c.turns)},
                            {"finished_mm", rounded(g.finished_mm)},
                            {"marks", marks}});
    }
    return rows;
}

std::string writeCutListCsv(const document::Production& p, const body::Puppet& puppet,
                            const std::vector<choice::Cut>& cuts, bool header) {
    std::string csv;
    if (header) csv += csvLine({std::begin(kColumns), std::end(kColumns)});
    for (const Json& row : cutListJson(p, puppet, cuts)) {
        std::vector<std::string> cells;
        for (const char* column : kColumns) {
            const Json& v = row[column];
            if (v.is_array()) {
                std::string marks;
                for (const Json& m : v) {
                    const std::string label = m["label"].get<std::string>().empty() ? m["kind"].get<std::string>()
                                                                                    : m["label"].get<std::string>();
                    marks +=
                        (marks.empty() ? "" : "; ") + label + " " + fmt::format("{:.1f}", m["at_mm"].get<double>());
                }
                cells.push_back(marks);
            } else if (v.is_boolean()) {
                cells.push_back(v.get<bool>() ? "yes" : "no");
            } else {
                cells.push_back(v.is_null() ? "" : v.is_string() ? v.get<std::string>() : v.dump());
            }
        }
        csv += csvLine(cells);
    }
    return csv;
}

} // namespace enkinet::files
