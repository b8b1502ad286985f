#include "base/units.h"
#include "base/text.h"
#include <charconv>

namespace enkinet {

double exactDegrees(double rad) {
    const double d = radToDeg(rad);
    for (int digits : {6, 9, 12, 15}) {
        const std::string text = plain(d, digits);
        double rounded = 0;
        std::from_chars(text.data(), text.data() + text.size(), rounded); // never by the locale
        if (degToRad(rounded) == rad) return rounded;
    }
    double up = d, down = d;
    for (int i = 0; i < 4; ++i) {
        if (degToRad(up) == rad) return up;
        if (degToRad(down) == rad) return down;
        up = std::nextafter(up, 1e9), down = std::nextafter(down, -1e9);
    }
    return d;
}

} // namespace enkinet
