#pragma once
// Numbers as plain words for messages of the core; the interface formats its own by locale.
#include <string>

namespace enkinet {

/// Shortest plain form with at most the given significant digits: 2, 1.5, 0.25.
std::string plain(double value, int significant = 6);

/// Without control characters: each stretch of them, line ends among them, becomes one space. For formats in which
/// they would mean something.
std::string oneLine(const std::string& text);
/// Letters of UTF-8 text, not bytes.
std::size_t countLetters(const std::string& text);

/// True when the text is a usable id: letters, digits, dot, dash, underscore, 1 to 64 characters.
bool isId(const std::string& text);

} // namespace enkinet
