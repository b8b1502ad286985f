#include "files/csv.h"

namespace enkinet::files {

std::string csvCell(const std::string& s) {
    if (s.find_first_of(",\"\r\n") == std::string::npos) return s;
    std::string q = "\"";
    for (char c : s)
        q += c == '"' ? std::string("\"\"") : std::string(1, c);
    return q + "\"";
}

std::string csvLine(const std::vector<std::string>& cells) {
    std::string line;
    for (std::size_t i = 0; i < cells.size(); ++i)
        line += (i ? "," : "") + csvCell(cells[i]);
    return line + "\r\n";
}

Result<std::vector<std::vector<std::string>>> parseCsv(const std::string& text) {
    constexpr std::size_t kMostRows = 20000, kMostCells = 64;
    std::vector<std::vector<std::string>> rows;
    std::vector<std::string> row;
    std::string cell;
    bool quoted = false, wasQuoted = false;
    const auto place = [&] { return "line " + std::to_string(rows.size() + 1); };
    const auto endCell = [&] {
        row.push_back(std::move(cell));
        cell.clear();
        wasQuoted = false;
    };
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        if (quoted) {
            if (c != '"')
                cell += c;
            else if (i + 1 < text.size() && text[i + 1] == '"')
                cell += '"', ++i;
            else
                quoted = false, wasQuoted = true;
        } else if (c == '"' && cell.empty() && !wasQuoted) {
            quoted = true;
        } else if (c == ',') {
            endCell();
            if (row.size() >= kMostCells) return Fault{place(), "more than 64 cells", ""};
        } else if (c == '\n') {
            endCell();
            if (row.size() > 1 || !row[0].empty()) rows.push_back(row);
            row.clear();
            if (rows.size() > kMostRows) return Fault{"", "more than 20000 lines", ""};
        } else if (c != '\r') {
            cell += c;
        }
    }
    if (quoted) return Fault{place(), "a quote", "is never closed"};
    endCell();
    if (row.size() > 1 || !row[0].empty()) rows.push_back(row);
    return rows;
}

} // namespace enkinet::files
