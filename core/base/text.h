#pragma once
// Numbers as plain words for messages of the core; the interface formats its own by locale.
#include <string>

namespace enkinet {

/// Shortest plain form with at most the given significant digits: 2, 1.5, 0.25; of decimals() with so many decimals.
std::string plain(double value, int significant = 6);
/// So many decimals, none left out, where significant digits are asked for: of measures that are compared by eye.
constexpr int decimals(int count) { return -1 - count; }
/// The other way round; only of what decimals() made, which is below 0.
constexpr int decimalsOf(int significant) { return -1 - significant; }

/// Without control characters: each stretch of them, line ends among them, becomes one space. For formats in which
/// they would mean something.
std::string oneLine(const std::string& text);
/// Letters of UTF-8 text, not bytes.
std::size_t countLetters(const std::string& text);

/// True when the text is a usable id: letters, digits, dot, dash, underscore, 1 to 64 characters.
bool isId(const std::string& text);

} // namespace enkinet
