#include "base/text.h"
#include <algorithm>
#include <fmt/format.h>

namespace enkinet {

std::string plain(double value, int significant) { return fmt::format("{:.{}g}", value, significant); }

bool isId(const std::string& text) {
    return !text.empty() && text.size() <= 64 && std::all_of(text.begin(), text.end(), [](unsigned char c) {
        return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || (c >= '0' && c <= '9') || c == '.' || c == '-' ||
               c == '_';
    });
}

} // namespace enkinet
