#include "base/text.h"
#include <algorithm>
#include <fmt/format.h>

namespace enkinet {

std::string plain(double value, int significant) {
    std::string text = significant < 0 ? fmt::format("{:.{}f}", value, decimalsOf(significant))
                                       : fmt::format("{:.{}g}", value, significant);
    // What is nothing at so many digits has no sign.
    if (text.find_first_of("123456789") == std::string::npos && text.starts_with("-0")) text.erase(0, 1);
    return text;
}

std::string oneLine(const std::string& text) {
    std::string out;
    bool gap = false;
    for (std::size_t i = 0; i < text.size(); ++i) {
        const auto c = static_cast<unsigned char>(text[i]);
        // The second page of control characters too, which UTF-8 writes with two bytes.
        const bool second = c == 0xC2 && i + 1 < text.size() && static_cast<unsigned char>(text[i + 1]) < 0xA0;
        if (c < 32 || c == 127 || second) {
            gap = true, i += second;
            continue;
        }
        if (gap && !out.empty()) out += ' ';
        gap = false;
        out += text[i];
    }
    return out;
}

std::size_t countLetters(const std::string& text) {
    return static_cast<std::size_t>(
        std::count_if(text.begin(), text.end(), [](char c) { return (static_cast<unsigned char>(c) & 0xC0) != 0x80; }));
}

bool isId(const std::string& text) {
    return !text.empty() && text.size() <= 64 && std::all_of(text.begin(), text.end(), [](unsigned char c) {
        return (c >= 'a' && c <= 'z') || (c >= 'A' && c <= 'Z') || (c >= '0' && c <= '9') || c == '.' || c == '-' ||
               c == '_';
    });
}

} // namespace enkinet
