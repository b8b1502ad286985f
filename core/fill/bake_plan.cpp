#include "fill/bake_plan.h"
#include "fill/bake_memo.h"
#include <algorithm>
#include <cmath>

namespace enkinet::fill {

namespace {
constexpr double kLongest_min = 24 * 60;
constexpr Heat kStillAir{0.026, 1.2, 1005};

/// Longer and longer looks until the target is reached, so that a quick part costs little.
double reachMinutes(BakeMemo* memo, const BakeSetup& setup, double target) {
    for (double span : {60.0, 240.0, kLongest_min})
        if (const auto curve = calcBake(memo, setup, target, span); *curve && !std::isnan((*curve)->reached_min))
            return (*curve)->reached_min;
    return std::numeric_limits<double>::quiet_NaN();
}
} // namespace

BakeSetup makeBakeSetup(const Part& part, const Shelf& shelf) {
    BakeSetup s;
    const ClayCard& clay = shelf.clays.at(part.layers.clay);
    s.shape = part.ball ? BakeShape::sphere : BakeShape::cylinder;
    s.thickness_mm = part.bakeSkin_mm;
    s.core_mm = part.bakeCore_mm;
    s.clay.density_kg_m3 = clay.density_g_cm3 * 1000;
    if (part.layers.bulk.empty()) {
        s.core = kStillAir; // hollow
    } else {
        const BulkCard& bulk = shelf.bulks.at(part.layers.bulk);
        s.core = {bulk.conductivity_W_mK, bulk.density_g_cm3 * 1000, bulk.heat_J_kgK};
    }
    s.oven_C = clay.set_C, s.start_C = shelf.shop.room_C;
    s.surface_W_m2K = shelf.shop.surface_W_m2K();
    return s;
}

bool isBaked(const Part& p, const Shelf& shelf) {
    return !p.layers.clay.empty() && p.skin.mass_g > 0 && p.bakeSkin_mm >= 0.1 &&
           isOvenBaked(shelf.clays.at(p.layers.clay).family);
}

double calcCure(const Part& part, const Shelf& shelf, double set_C, BakeMemo* memo) {
    const ClayCard& clay = shelf.clays.at(part.layers.clay);
    BakeSetup setup = makeBakeSetup(part, shelf);
    setup.oven_C = set_C;
    if (set_C <= clay.set_C - kNearSet_C) return std::numeric_limits<double>::quiet_NaN();
    return reachMinutes(memo, setup, clay.set_C - kNearSet_C) + clay.soak_min;
}

std::vector<BakeBatch> calcBakes(const std::vector<Part>& parts, const Shelf& shelf, BakeMemo* memo) {
    std::vector<BakeBatch> batches;
    std::vector<std::pair<BakeSetup, double>> known;
    for (std::size_t i = 0; i < parts.size(); ++i) {
        const Part& p = parts[i];
        if (!isBaked(p, shelf)) continue;
        const ClayCard& clay = shelf.clays.at(p.layers.clay);
        const BakeSetup setup = makeBakeSetup(p, shelf);
        const auto seen = std::find_if(known.begin(), known.end(), [&](const auto& k) { return k.first == setup; });
        const double reach = seen != known.end() ? seen->second : reachMinutes(memo, setup, clay.set_C - kNearSet_C);
        if (seen == known.end()) known.emplace_back(setup, reach);
        auto batch = std::find_if(batches.begin(), batches.end(), [&](const BakeBatch& b) {
            return b.set_C == clay.set_C && b.soak_min == clay.soak_min;
        });
        if (batch == batches.end())
            batch = batches.insert(batches.end(), BakeBatch{clay.set_C, clay.soak_min, {}, 0, 0, {}, {}});
        batch->parts.push_back({static_cast<int>(i), reach});
    }
    for (BakeBatch& b : batches) {
        const auto longer = [](const PartBake& x, const PartBake& y) {
            return !(x.reach_min >= y.reach_min) && !std::isnan(x.reach_min);
        };
        // A part that never gets hot is the slowest of all.
        b.slowest = static_cast<int>(std::max_element(b.parts.begin(), b.parts.end(), longer) - b.parts.begin());
        const auto quick = std::min_element(b.parts.begin(), b.parts.end(), longer);
        const PartBake& slow = b.parts[static_cast<std::size_t>(b.slowest)];
        b.minutes = std::isnan(slow.reach_min) ? slow.reach_min.value : std::ceil(slow.reach_min + b.soak_min);
        const double span = std::isnan(b.minutes) ? kLongest_min : b.minutes.value;
        const auto curveOf = [&](const PartBake& p) {
            const auto curve = calcBake(memo, makeBakeSetup(parts[static_cast<std::size_t>(p.part)], shelf),
                                        b.set_C - kNearSet_C, span);
            return *curve ? **curve : BakeCurve{};
        };
        b.slowestCurve = curveOf(slow);
        b.quickestCurve = curveOf(*quick);
    }
    return batches;
}

} // namespace enkinet::fill
