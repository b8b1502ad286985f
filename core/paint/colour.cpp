#include "paint/colour.h"
#include "base/units.h"
#include <cmath>

namespace enkinet::paint {

double toLinear(double v) { return v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4); }

Result<Rgb> parseHex(const std::string& text) {
    const bool shape =
        text.size() == 7 && text[0] == '#' && text.find_first_not_of("0123456789abcdefABCDEF", 1) == std::string::npos;
    if (!shape) return Fault{words("colour"), "\"" + text.substr(0, 20) + "\"", words("must be written #rrggbb")};
    const auto channel = [&](std::size_t at) { return toLinear(std::stoi(text.substr(at, 2), nullptr, 16) / 255.0); };
    return Rgb{channel(1), channel(3), channel(5)};
}

Lab toLab(const Rgb& c) {
    const double X = (0.4124564 * c.r + 0.3575761 * c.g + 0.1804375 * c.b) / 0.95047;
    const double Y = 0.2126729 * c.r + 0.7151522 * c.g + 0.0721750 * c.b;
    const double Z = (0.0193339 * c.r + 0.1191920 * c.g + 0.9503041 * c.b) / 1.08883;
    const auto f = [](double t) { return t > 216.0 / 24389 ? std::cbrt(t) : (24389.0 / 27 * t + 16) / 116; };
    return {116 * f(Y) - 16, 500 * (f(X) - f(Y)), 200 * (f(Y) - f(Z))};
}

double calcDeltaE2000(const Lab& p, const Lab& q) {
    const auto seventh = [](double x) { return std::pow(x, 7); };
    const double far = seventh(25);
    const double meanC = (std::hypot(p.a, p.b) + std::hypot(q.a, q.b)) / 2;
    const double G = 0.5 * (1 - std::sqrt(seventh(meanC) / (seventh(meanC) + far)));
    const double a1 = (1 + G) * p.a, a2 = (1 + G) * q.a;
    const double C1 = std::hypot(a1, p.b), C2 = std::hypot(a2, q.b);
    const auto hue = [](double a, double b) {
        if (a == 0 && b == 0) return 0.0;
        const double h = radToDeg(std::atan2(b, a));
        return h < 0 ? h + 360 : h;
    };
    const double h1 = hue(a1, p.b), h2 = hue(a2, q.b);
    const bool grey = C1 * C2 == 0;
    double dh = grey ? 0 : h2 - h1;
    if (dh > 180) dh -= 360;
    if (dh < -180) dh += 360;
    double meanH = h1 + h2;
    if (!grey) {
        if (std::abs(h1 - h2) > 180) meanH += meanH < 360 ? 360 : -360;
        meanH /= 2;
    }
    const double dL = q.L - p.L, dC = C2 - C1, dH = 2 * std::sqrt(C1 * C2) * std::sin(degToRad(dh / 2));
    const double L = (p.L + q.L) / 2, C = (C1 + C2) / 2;
    const double T = 1 - 0.17 * std::cos(degToRad(meanH - 30)) + 0.24 * std::cos(degToRad(2 * meanH)) +
                     0.32 * std::cos(degToRad(3 * meanH + 6)) - 0.20 * std::cos(degToRad(4 * meanH - 63));
    const double turn = 30 * std::exp(-std::pow((meanH - 275) / 25, 2));
    const double SL = 1 + 0.015 * (L - 50) * (L - 50) / std::sqrt(20 + (L - 50) * (L - 50));
    const double SC = 1 + 0.045 * C, SH = 1 + 0.015 * C * T;
    const double RT = -2 * std::sqrt(seventh(C) / (seventh(C) + far)) * std::sin(degToRad(2 * turn));
    const double l = dL / SL, c = dC / SC, h = dH / SH;
    return std::sqrt(l * l + c * c + h * h + RT * c * h);
}

} // namespace enkinet::paint
