#pragma once
// Conversions between what people say and what the core counts in:
// mm, g, N, N·mm, MPa (N/mm²), degrees Celsius, minutes, radians, seconds of film.
#include <cmath>
#include <numbers>

namespace enkinet {

inline constexpr double kPi = std::numbers::pi;
/// Standard gravity: newtons a gram weighs.
inline constexpr double kNewtonPerGram = 9.80665e-3;
inline constexpr double kMmPerInch = 25.4;

constexpr double degToRad(double deg) { return deg * kPi / 180.0; }
constexpr double radToDeg(double rad) { return rad * 180.0 / kPi; }
/// The nearest angle that is a whole number of millionths of a degree: files keep degrees, and such an angle comes back
/// from them to the bit.
inline double snapAngle(double rad) { return degToRad(std::round(radToDeg(rad) * 1e6) / 1e6); }
/// Degrees, few digits where they suffice, that give the very angle back.
double exactDegrees(double rad);
/// g/cm³, as on a supplier's sheet, to g/mm³.
constexpr double gPerCm3ToGPerMm3(double density) { return density * 1e-3; }

} // namespace enkinet
