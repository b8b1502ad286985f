#pragma once
// Colours as seen: sRGB, linear light, CIE L*a*b* (D65, 2 degrees) and the CIEDE2000 difference.
// Source: IEC 61966-2-1; CIE 15; Sharma, Wu and Dalal (2005), whose test pairs tests/paint holds. docs/mechanics.md
// 80, 81.
#include "base/result.h"
#include <string>

namespace enkinet::paint {

/// Linear light, 0 to 1.
struct Rgb {
    double r = 0, g = 0, b = 0;
    friend bool operator==(const Rgb&, const Rgb&) = default;
};

struct Lab {
    double L = 0, a = 0, b = 0;
};

/// A channel of 0 to 1 as files and screens have it, to linear light.
double toLinear(double channel);
/// "#rrggbb" to linear light.
Result<Rgb> parseHex(const std::string& text);
Lab toLab(const Rgb& colour);
double calcDeltaE2000(const Lab& x, const Lab& y);

} // namespace enkinet::paint
