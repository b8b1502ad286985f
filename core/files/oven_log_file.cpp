#include "files/oven_log_file.h"
#include "base/number.h"
#include "files/csv.h"
#include <algorithm>

namespace enkinet::files {

namespace {

/// Minutes of "12.5", "1:05" (hours and minutes) or "0:12:30".
std::optional<double> parseMinutes(const std::string& text, bool decimalComma) {
    if (text.find(':') == std::string::npos) return parseNumber(text, decimalComma);
    std::vector<double> parts;
    for (std::size_t at = 0; at <= text.size();) {
        const std::size_t end = std::min(text.find(':', at), text.size());
        const auto v = parseNumber(text.substr(at, end - at), decimalComma);
        if (!v || *v < 0 || (!parts.empty() && *v >= 60)) return {};
        parts.push_back(*v);
        at = end + 1;
    }
    if (parts.size() == 2) return 60 * parts[0] + parts[1];
    if (parts.size() == 3) return 60 * parts[0] + parts[1] + parts[2] / 60;
    return {};
}

bool isFahrenheit(const std::string& head) {
    std::string h;
    for (char c : head)
        h += static_cast<char>(std::tolower(static_cast<unsigned char>(c)));
    return h.find("fahrenheit") != std::string::npos ||
           h.find("\xC2\xB0"
                  "f") != std::string::npos ||
           h.find("(f)") != std::string::npos || h == "f" || (h.size() > 2 && h.ends_with("_f"));
}

} // namespace

Result<fill::OvenLog> parseOvenLog(const std::string& csv, double set_C) {
    const Phrase place = words("oven log");
    const auto table = parseCsvTable(csv, 200000);
    if (!table) return Fault{words("%1, %2", place, table.fault().place), table.fault().value, table.fault().rule};
    std::vector<std::pair<double, double>> readings;
    bool fahrenheit = false;
    for (std::size_t i = 0; i < table->rows.size(); ++i) {
        const auto& row = table->rows[i];
        const Phrase line = words("line %1", table->lines[i]);
        const auto t = parseMinutes(row[0], table->decimalComma);
        const auto C = row.size() == 2 ? parseNumber(row[1], table->decimalComma) : std::nullopt;
        if (!t || !C) {
            if (i == 0) { // the head line
                fahrenheit = row.size() > 1 && isFahrenheit(row[1]);
                continue;
            }
            return Fault{place, line,
                         row.size() == 2 ? words("must be minutes and degrees C")
                                         : words("must be two numbers, minutes and degrees C")};
        }
        readings.emplace_back(*t, fahrenheit ? (*C - 32) / 1.8 : *C);
        const auto bad = fill::checkReading(readings, line);
        if (bad) return *bad;
    }
    return fill::calcOvenLog(readings, set_C);
}

} // namespace enkinet::files
