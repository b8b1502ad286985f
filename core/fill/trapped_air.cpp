#include "fill/trapped_air.h"
#include <algorithm>

namespace enkinet::fill {

namespace {
constexpr double kAir_MPa = 0.101325, kZero_K = 273.15;

double findAir(const Part& p, const Shelf& shelf) {
    if (!p.layers.bulk.empty()) {
        const BulkCard& bulk = shelf.bulks.at(p.layers.bulk);
        return bulk.foil ? p.bulk.volume_mm3 * std::max(0.0, 1 - bulk.density_g_cm3 / kFoilSolid) : 0;
    }
    double filled = p.skin.volume_mm3 + p.wire.volume_mm3;
    for (const LayerMass& c : p.coats)
        filled += c.volume_mm3;
    return std::max(0.0, p.volume_mm3 - filled);
}

/// Clay that is on, outside the core.
double findShell(const Part& p, ClayState state) {
    if (state.on > p.bakeCoats_mm.size()) return p.bakeSkin_mm;
    double t = 0;
    for (std::size_t k = 0; k < state.on; ++k)
        t += p.bakeCoats_mm[k];
    return t;
}
} // namespace

std::vector<TrappedAir> calcTrappedAir(const std::vector<Part>& parts, const Shelf& shelf, const Bake& bake,
                                       double peak_C) {
    std::vector<TrappedAir> all;
    const double warmer = (peak_C + kZero_K) / (shelf.shop.room_C + kZero_K) - 1;
    for (int i : bake.fresh) {
        const Part& p = parts[static_cast<std::size_t>(i)];
        // What was cured before is a shell of its own: the raw clay on it closes nothing in.
        const ClayState state = bake.stateOf(i, p);
        const double shell_mm = findShell(p, state), air_mm3 = findAir(p, shelf);
        const bool closed = p.mass >= 0 || p.layers.skinAcrossGaps;
        if (!closed || state.cured > 0 || shell_mm <= 0 || air_mm3 <= 0 || warmer <= 0) continue;
        const double stress_MPa = kAir_MPa * warmer * p.bakeCore_mm / (p.ball ? 2 * shell_mm : shell_mm);
        all.push_back({i, air_mm3, air_mm3 * warmer, stress_MPa, shelf.clays.at(p.clayOf(0)).rawStrength_MPa});
    }
    return all;
}

} // namespace enkinet::fill
