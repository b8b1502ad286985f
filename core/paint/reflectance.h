#pragma once
// Colours as curves of reflectance, and what mixing does to them. docs/mechanics.md 130 to 132.
//   36 bands, 380 to 730 nm; CIE 1931 2 degrees under D65, linear sRGB by IEC 61966-2-1, the table scaled so that white
//   is exactly (1, 1, 1).
//   From a colour: the smoothest curve with it, rho = (tanh z + 1)/2, least sum (z[i+1] - z[i])^2 under the three
//   constraints, Newton on the Lagrangian (Burns 2019, least hyperbolic-tangent slope squared).
//   Mixtures: one-constant Kubelka and Munk (1931), K/S = (1 - R)^2 / 2R averaged by parts times tinting strength.
// A colour from three numbers is one of many curves that look alike: what mixes is an estimate until chips are tried.
#include "paint/colour.h"
#include <array>
#include <cstdint>
#include <vector>

namespace enkinet::paint {

inline constexpr std::size_t kBands = 36;
inline constexpr int kFirst_nm = 380, kStep_nm = 10;
using Reflectance = std::array<double, kBands>;

/// Linear channels are first clipped to these.
inline constexpr double kDarkest = 0.002, kLightest = 0.998;

/// Linear sRGB of a reflectance under D65; may lie outside 0 to 1 for curves that no screen shows.
Rgb toRgb(const Reflectance& curve);
/// The smoothest curve with a colour; its own colour is the clipped one to 1e-9.
Reflectance calcReflectance(const Rgb& colour);
/// 0xrrggbb, clipped to what a screen shows.
std::uint32_t toBytes(const Rgb& colour);
/// "#rrggbb", the same.
std::string toHex(const Rgb& colour);

struct Share {
    Reflectance curve{};
    double parts = 1;
    double strength = 1; ///< tinting strength
};
/// What they give when mixed; no shares: black by the darkest curve.
Reflectance calcMixture(const std::vector<Share>& shares);
/// K/S of one band and back.
double toAbsorption(double reflectance);
double fromAbsorption(double absorption);
/// The strength at which a paint, mixed with others by parts, gives a colour that was picked from the chip: least
/// CIEDE2000 over 0.02 to 50; NaN without others.
double calcStrength(const Reflectance& paint, double parts, const std::vector<Share>& others, const Rgb& chip);

} // namespace enkinet::paint
