#pragma once
// Conversions between what people say and what the core counts in:
// mm, g, N, N·mm, MPa (N/mm²), degrees Celsius, minutes, radians, seconds of film.
#include <numbers>

namespace enkinet {

inline constexpr double kPi = std::numbers::pi;
/// Standard gravity: newtons a gram weighs.
inline constexpr double kNewtonPerGram = 9.80665e-3;
inline constexpr double kMmPerInch = 25.4;

constexpr double degToRad(double deg) { return deg * kPi / 180.0; }
constexpr double radToDeg(double rad) { return rad * 180.0 / kPi; }
/// g/cm³, as on a supplier's sheet, to g/mm³.
constexpr double gPerCm3ToGPerMm3(double density) { return density * 1e-3; }

} // namespace enkinet
