#include "files/csv.h"
#include "base/number.h"

namespace enkinet::files {

namespace {

bool isFormula(const std::string& s) {
    return !s.empty() && std::string("=+-@\t\r").find(s.front()) != std::string::npos && !parseNumber(s, false);
}

} // namespace

std::string csvCell(const std::string& text) {
    std::string s = isFormula(text) ? "'" + text : text;
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

Result<CsvTable> parseCsvTable(const std::string& whole, std::size_t mostRows) {
    constexpr std::size_t kMostCells = 64;
    const bool marked = whole.rfind("\xEF\xBB\xBF", 0) == 0;
    const std::string text = marked ? whole.substr(3) : whole;
    CsvTable table;
    // Of the first line, what stands outside quotes.
    std::string head;
    bool inside = false;
    for (std::size_t i = 0; i < text.size() && text[i] != '\n'; ++i) {
        if (text[i] == '"') inside = !inside;
        if (!inside) head += text[i];
    }
    for (char c : {'\t', ';'})
        if (table.separator == ',' && head.find(c) != std::string::npos) table.separator = c;
    table.decimalComma = table.separator != ',';
    std::vector<std::string> row;
    std::string cell;
    bool quoted = false, wasQuoted = false;
    std::size_t line = 1, began = 1;
    const auto place = [&] { return words("line %1", began); };
    const auto endCell = [&] {
        if (cell.size() > 1 && cell.front() == '\'' && isFormula(cell.substr(1))) cell.erase(0, 1);
        row.push_back(std::move(cell));
        cell.clear();
        wasQuoted = false;
    };
    const auto endRow = [&] {
        endCell();
        if (row.size() > 1 || row[0].find_first_not_of(" \t") != std::string::npos)
            table.rows.push_back(row), table.lines.push_back(began);
        row.clear();
    };
    for (std::size_t i = 0; i < text.size(); ++i) {
        const char c = text[i];
        line += c == '\n';
        if (quoted) {
            if (c != '"')
                cell += c;
            else if (i + 1 < text.size() && text[i + 1] == '"')
                cell += '"', ++i;
            else
                quoted = false, wasQuoted = true;
        } else if (c == '"' && cell.empty() && !wasQuoted) {
            quoted = true;
        } else if (c == table.separator) {
            endCell();
            if (row.size() >= kMostCells) return Fault{place(), words("more than 64 cells"), {}};
        } else if (c == '\n') {
            endRow();
            began = line;
            if (table.rows.size() > mostRows) return Fault{{}, words("more than %1 lines", mostRows), {}};
        } else if (c != '\r') {
            cell += c;
        }
    }
    if (quoted) return Fault{place(), words("a quote"), words("is never closed")};
    endRow();
    return table;
}

} // namespace enkinet::files
