#include "paint/film.h"
#include "base/numeric.h"
#include <algorithm>
#include <cmath>

namespace enkinet::paint {

namespace {
double luminance(const Rgb& c) { return 0.2126729 * c.r + 0.7151522 * c.g + 0.0721750 * c.b; }
} // namespace

Reflectance calcShotWear(const Reflectance& ground, const Reflectance& paint, double power) {
    if (!(power > 0)) return ground;
    Reflectance r;
    for (std::size_t i = 0; i < kBands; ++i) {
        const double inf = std::clamp(paint[i], 1e-6, 1 - 1e-9), g = ground[i];
        const double a = (1 / inf + inf) / 2, b = (1 / inf - inf) / 2, x = b * power;
        // tanh keeps its meaning where coth has run off to infinity.
        const double t = std::tanh(x);
        r[i] = (t - g * (a * t - b)) / ((a - g) * t + b);
    }
    return r;
}

double calcHiding(const Reflectance& paint, double power) {
    Reflectance black, white;
    black.fill(0), white.fill(1);
    const double over = luminance(toRgb(calcShotWear(white, paint, power)));
    return over > 0 ? luminance(toRgb(calcShotWear(black, paint, power))) / over : 0;
}

double calcPower(const Reflectance& paint, double hiding) {
    const double goal = std::min(hiding, 0.9999);
    if (!(goal > 0)) return 0;
    double low = 0, high = 1;
    while (calcHiding(paint, high) < goal && high < 1e6)
        low = high, high *= 2;
    return findRoot([&](double power) { return calcHiding(paint, power) - goal; }, low, high);
}

Film calcCoatsOver(const Reflectance& ground, const Reflectance& paint, double hiding, int coats) {
    Film f;
    f.power = calcPower(paint, hiding);
    const Lab own = toLab(toRgb(paint));
    for (int k = 1; k <= coats; ++k) {
        // Coats of one paint are one film of their powers' sum.
        f.colours.push_back(toRgb(calcShotWear(ground, paint, f.power * k)));
        f.deltaE.push_back(calcDeltaE2000(toLab(f.colours.back()), own));
    }
    return f;
}

} // namespace enkinet::paint
