#pragma once
// Air under raw clay that closes all round: it warms up with the piece and has no way out. At constant volume the
// pressure rises by p0 ((T + 273.15)/(T0 + 273.15) - 1) (Gay-Lussac, p0 = 0.1013 MPa); the skin carries it as a thin
// shell, Δp r/(2 t) in a ball and Δp r/t in a tube, against its raw strength. Assumes: no leak, the strength of cold
// clay; warm clay carries less before it cures, so what is said here is the least. docs/mechanics.md 49d.
#include "fill/ledger.h"

namespace enkinet::fill {

/// Aluminium between the gaps of crumpled foil, g/cm³.
inline constexpr double kFoilSolid = 2.70;

struct TrappedAir {
    int part = -1;
    double air_mm3 = 0;      ///< closed in, at the room's temperature
    double more_mm3 = 0;     ///< what it would take up beyond that at the peak, free to
    double stress_MPa = 0;   ///< of the skin, where it holds the air in
    double strength_MPa = 0; ///< of the raw clay
    bool lifts() const { return stress_MPa > strength_MPa; }
};

/// Of what a load finds raw, in the order of the parts: what closes round foil or a hollow, with nothing cured in it
/// yet. Closed are masses, and segments whose skin runs across their gaps. peak_C: as hot as the load gets.
std::vector<TrappedAir> calcTrappedAir(const std::vector<Part>& parts, const Shelf& shelf, const Bake& bake,
                                       double peak_C);

} // namespace enkinet::fill
