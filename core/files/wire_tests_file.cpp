#include "files/wire_tests_file.h"
#include "base/number.h"
#include "base/text.h"
#include "base/units.h"
#include "files/csv.h"
#include <algorithm>
#include <charconv>
#include <cmath>

namespace enkinet::files {

namespace {

const char* const kTestColumns[] = {"kind",     "spool",       "date",      "strands", "lay_mm",
                                    "gap_mm",   "edge_factor", "angle_deg", "cycles",  "lever_mm",
                                    "weight_g", "last_bend",   "set_deg",   "note"};

/// Shortest text that reads back as the same number.
std::string exact(double v) {
    char buffer[32];
    const auto end = std::to_chars(buffer, buffer + sizeof buffer, v).ptr;
    return {buffer, end};
}

/// One CSV row by column name.
class Row {
public:
    Row(const std::vector<std::string>& header, const std::vector<std::string>& cells, std::size_t line,
        bool decimalComma)
        : m_header(header), m_cells(cells), m_place(words("line %1", line)), m_decimalComma(decimalComma) {}

    std::string text(const std::string& column) const {
        const auto i = static_cast<std::size_t>(std::find(m_header.begin(), m_header.end(), column) - m_header.begin());
        return i < m_cells.size() ? m_cells[i] : std::string();
    }
    double number(const std::string& column, double fallback) {
        const std::string t = text(column);
        if (t.empty()) return fallback;
        const auto v = parseNumber(t, m_decimalComma);
        if (!v) fail(column + " \"" + t.substr(0, 30) + "\"", words("is not a number"));
        return v.value_or(fallback);
    }
    int whole(const std::string& column, int fallback) {
        const double v = number(column, fallback);
        if (v == std::floor(v) && std::abs(v) <= 1000) return static_cast<int>(v);
        fail(column + " \"" + text(column).substr(0, 30) + "\"", words("must be a whole number up to 1000"));
        return fallback;
    }
    void fail(const Phrase& value, const Phrase& rule) {
        if (!fault) fault = Fault{m_place, value, rule};
    }
    const Phrase& place() const { return m_place; }
    std::optional<Fault> fault;

private:
    const std::vector<std::string>& m_header;
    const std::vector<std::string>& m_cells;
    Phrase m_place;
    bool m_decimalComma;
};

} // namespace

std::string writeWireTestsCsv(const std::vector<wire::BendTest>& bends, const std::vector<wire::HangTest>& hangs) {
    std::string csv = csvLine({std::begin(kTestColumns), std::end(kTestColumns)});
    for (const wire::BendTest& t : bends)
        csv +=
            csvLine({"bend", t.spool, t.date, std::to_string(t.bundle.strands), exact(t.bundle.lay_mm), exact(t.gap_mm),
                     exact(t.edge), exact(exactDegrees(t.angle_rad)), exact(t.cycles), "", "", "", "", t.note});
    for (const wire::HangTest& t : hangs)
        csv += csvLine({"hang", t.spool, t.date, std::to_string(t.bundle.strands), exact(t.bundle.lay_mm),
                        exact(t.gap_mm), "", exact(exactDegrees(t.lastAngle_rad)), "", exact(t.lever_mm),
                        exact(t.weight_g), schema::wordOf(t.lastBend), exact(exactDegrees(t.set_rad)), t.note});
    return csv;
}

Result<WireTests> parseWireTestsCsv(const std::string& text, const std::vector<document::Spool>& spools) {
    const auto table = parseCsvTable(text);
    if (!table) return table.fault();
    const auto* rows = &table->rows;
    if (rows->empty()) return Fault{words("line 1"), {}, words("must name the columns")};
    const auto& header = rows->front();
    for (const char* needed : {"kind", "spool"})
        if (std::find(header.begin(), header.end(), needed) == header.end())
            return Fault{words("line 1"), {}, words("must name the column %1", std::string(needed))};
    WireTests all;
    for (std::size_t i = 1; i < rows->size(); ++i) {
        Row r(header, (*rows)[i], table->lines[i], table->decimalComma);
        const auto spool =
            std::find_if(spools.begin(), spools.end(), [&](const auto& s) { return s.id == r.text("spool"); });
        if (spool == spools.end())
            return Fault{r.place(), words("spool \"%1\"", r.text("spool").substr(0, 70)), words("is not in stock")};
        const wire::Bundle bundle{r.whole("strands", 1), spool->diameter_mm, r.number("lay_mm", 0)};
        const double gap = r.number("gap_mm", 14), angle = snapAngle(degToRad(r.number("angle_deg", 0)));
        std::optional<Fault> broken;
        if (r.text("kind") == "bend") {
            auto t = wire::makeBendTest({spool->id, r.text("date"), r.text("note"), bundle, gap,
                                         r.number("edge_factor", wire::kEasedEdge), angle, r.number("cycles", 0)});
            if (t)
                all.bends.push_back(t.take());
            else
                broken = t.fault();
        } else if (r.text("kind") == "hang") {
            const std::string word = r.text("last_bend").empty() ? "unknown" : r.text("last_bend");
            const auto last = schema::findWord<wire::LastBend>(word);
            if (!last)
                return Fault{r.place(), words("last_bend \"%1\"", word.substr(0, 30)),
                             words("must be one of %1", wordsOf(wire::LastBend{}).all())};
            auto t = wire::makeHangTest({spool->id, r.text("date"), r.text("note"), bundle, gap,
                                         r.number("lever_mm", 0), r.number("weight_g", 0), *last, angle,
                                         snapAngle(degToRad(r.number("set_deg", 0.5)))});
            if (t)
                all.hangs.push_back(t.take());
            else
                broken = t.fault();
        } else {
            return Fault{r.place(), words("kind \"%1\"", r.text("kind").substr(0, 30)), words("must be bend or hang")};
        }
        if (r.fault) return *r.fault;
        if (broken) return Fault{words("%1, %2", r.place(), broken->place), broken->value, broken->rule};
    }
    return all;
}

} // namespace enkinet::files
