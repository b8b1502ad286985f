#include "base/number.h"
#include <charconv>
#include <cmath>

namespace enkinet {

std::optional<double> parseNumber(const std::string& text, bool decimalComma) {
    const auto from = text.find_first_not_of(" \t\r");
    if (from == std::string::npos) return {};
    std::string t = text.substr(from, text.find_last_not_of(" \t\r") - from + 1);
    if (const auto comma = t.find(','); comma != std::string::npos) {
        if (!decimalComma || t.find('.') != std::string::npos || t.find(',', comma + 1) != std::string::npos) return {};
        t[comma] = '.';
    }
    if (t[0] == '+') t.erase(0, 1);
    double v = 0;
    const auto [end, error] = std::from_chars(t.data(), t.data() + t.size(), v);
    if (error != std::errc() || end != t.data() + t.size() || !(std::abs(v) <= 1e15)) return {};
    return v;
}

} // namespace enkinet
