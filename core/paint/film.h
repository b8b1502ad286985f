#pragma once
// Coats of paint as films over a ground: two-constant Kubelka and Munk (1931). docs/mechanics.md 133, 134.
//   R = (1 - Rg (a - b coth bSX)) / (a - Rg + b coth bSX),  a = (1/Rinf + Rinf)/2,  b = (1/Rinf - Rinf)/2
// The power SX of one coat follows from its hiding: luminance over black as a share of that over white.
#include "paint/reflectance.h"

namespace enkinet::paint {

/// Reflectance of a film of a power over a ground; power 0 shows the ground, a large one the paint.
Reflectance calcShotWear(const Reflectance& ground, const Reflectance& paint, double power);
/// Power of one coat of a paint with a hiding of 0 to below 1; 0.9999 and more count as that.
double calcPower(const Reflectance& paint, double hiding);
/// The other way round.
double calcHiding(const Reflectance& paint, double power);

struct Film {
    double power = 0;
    std::vector<Rgb> colours;   ///< after each coat, linear
    std::vector<double> deltaE; ///< CIEDE2000 from the paint by itself, after each coat
};
Film calcCoatsOver(const Reflectance& ground, const Reflectance& paint, double hiding, int coats);

} // namespace enkinet::paint
