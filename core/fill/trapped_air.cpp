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
} // namespace

std::vector<TrappedAir> calcTrappedAir(const std::vector<Part>& parts, const Shelf& shelf, const Bake& bake,
                                       double peak_C) {
    std::vector<TrappedAir> all;
    for (int i : bake.fresh) {
        const Part& p = parts[static_cast<std::size_t>(i)];
        const ClayState state = bake.stateOf(i, p);
        const bool closed = p.mass >= 0 || p.layers.skinAcrossGaps;
        // What was cured before is a shell of its own: the raw clay on it closes nothing in.
        if (!closed || state.cured > 0) continue;
        const BakeSetup shell = makeBakeSetup(p, shelf, state);
        const double warmer = (peak_C + kZero_K) / (shell.start_C + kZero_K) - 1, air_mm3 = findAir(p, shelf);
        if (shell.thickness_mm <= 0 || air_mm3 <= 0 || warmer <= 0) continue;
        const double across = shell.shape == BakeShape::sphere ? 2 : 1;
        all.push_back({i, air_mm3, air_mm3 * warmer, kAir_MPa * warmer * shell.core_mm / (across * shell.thickness_mm),
                       shelf.clays.at(p.clayOf(0)).rawStrength_MPa});
    }
    return all;
}

} // namespace enkinet::fill
