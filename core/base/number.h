#pragma once
// One strict reader for numbers that people and devices write: the whole text or nothing, never by the locale.
#include <optional>
#include <string>

namespace enkinet {

/// A finite number, spaces around it allowed; a point, or where it may stand for one a comma, as decimal sign, never
/// both and never as a mark of thousands. Nothing for anything else: "12 mm", "1e300" above 1e15, "nan", "".
std::optional<double> parseNumber(const std::string& text, bool decimalComma);

} // namespace enkinet
