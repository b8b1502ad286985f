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

ClayState findWhole(const Part& part) {
    const auto& coats = part.layers.coats;
    ClayState s{0, coats.size() + 1};
    for (std::size_t k = 0; k < coats.size(); ++k)
        if (coats[k].load > 0) s.cured = k + 1;
    return s;
}

ClayState findAtLoad(const Part& part, int load) {
    const auto& coats = part.layers.coats;
    ClayState s;
    for (std::size_t k = 0; k < coats.size(); ++k) {
        if (coats[k].load > 0 && coats[k].load < load) s.cured = k + 1;
        if (coats[k].load == load) s.on = k + 1;
    }
    s.on = std::max(s.on, s.cured);
    return s;
}

bool isBaked(const Part& p, const Shelf& shelf) { return isBaked(p, shelf, findWhole(p)); }

bool isBaked(const Part& p, const Shelf& shelf, ClayState state) {
    if (p.layers.clay.empty() || p.bakeSkin_mm < 0.1) return false;
    bool any = false;
    for (std::size_t k = 0; k < state.on; ++k) {
        const ClayFamily family = shelf.clays.at(p.clayOf(k)).family;
        // A soft body never sees the oven, whatever else is on it.
        if (family == ClayFamily::never_dry) return false;
        any = any || (k >= state.cured && p.massOf(k).mass_g > 0 && isOvenBaked(family));
    }
    return any;
}

const ClayCard& findBakedClay(const Part& p, const Shelf& shelf, ClayState state) {
    for (std::size_t k = state.on; k-- > state.cured;)
        if (const ClayCard& c = shelf.clays.at(p.clayOf(k)); isOvenBaked(c.family)) return c;
    return shelf.clays.at(p.layers.clay);
}

BakeSetup makeBakeSetup(const Part& part, const Shelf& shelf) { return makeBakeSetup(part, shelf, findWhole(part)); }

BakeSetup makeBakeSetup(const Part& part, const Shelf& shelf, ClayState state) {
    BakeSetup s;
    const ClayCard& clay = findBakedClay(part, shelf, state);
    s.shape = part.ball ? BakeShape::sphere : BakeShape::cylinder;
    s.core_mm = part.bakeCore_mm;
    s.clay.density_kg_m3 = clay.density_g_cm3 * 1000;
    if (part.layers.bulk.empty()) {
        s.core = kStillAir; // hollow
    } else {
        const BulkCard& bulk = shelf.bulks.at(part.layers.bulk);
        s.core = {bulk.conductivity_W_mK, bulk.density_g_cm3 * 1000, bulk.heat_J_kgK};
    }
    double coats = 0, raw = 0;
    for (std::size_t k = 0; k < part.bakeCoats_mm.size(); ++k)
        coats += part.bakeCoats_mm[k];
    const auto thickness = [&](std::size_t k) {
        return k < part.bakeCoats_mm.size() ? part.bakeCoats_mm[k] : part.bakeSkin_mm - coats;
    };
    const auto volume = [&](double r) { return part.ball ? r * r * r : r * r; };
    for (std::size_t k = 0; k < state.on; ++k) {
        if (k >= state.cured) {
            raw += thickness(k);
            continue;
        }
        // Heat stored by volume; heat let through by the layer that lets least.
        const Heat coat{Heat{}.conductivity_W_mK, shelf.clays.at(part.clayOf(k)).density_g_cm3 * 1000,
                        Heat{}.heat_J_kgK};
        const double outer = s.core_mm + thickness(k);
        const double share = outer > 0 ? volume(s.core_mm) / volume(outer) : 0;
        const double stored =
            share * s.core.density_kg_m3 * s.core.heat_J_kgK + (1 - share) * coat.density_kg_m3 * coat.heat_J_kgK;
        s.core.density_kg_m3 = share * s.core.density_kg_m3 + (1 - share) * coat.density_kg_m3;
        s.core.heat_J_kgK = stored / s.core.density_kg_m3;
        s.core.conductivity_W_mK =
            share > 0 ? std::min(s.core.conductivity_W_mK, coat.conductivity_W_mK) : coat.conductivity_W_mK;
        s.core_mm = outer;
    }
    s.thickness_mm = part.bakeCoats_mm.empty() ? part.bakeSkin_mm : raw;
    s.oven_C = clay.set_C, s.start_C = shelf.shop.room_C;
    s.surface_W_m2K = shelf.shop.surface_W_m2K();
    return s;
}

double calcCure(const Part& part, const Shelf& shelf, double set_C, BakeMemo* memo) {
    return calcCure(part, shelf, set_C, findWhole(part), memo);
}

double calcCure(const Part& part, const Shelf& shelf, double set_C, ClayState state, BakeMemo* memo) {
    BakeSetup setup = makeBakeSetup(part, shelf, state);
    setup.oven_C = set_C;
    // Several coats that cure together: the one that asks for most.
    double hot = 0, soak = 0;
    for (std::size_t k = state.cured; k < state.on; ++k) {
        const ClayCard& c = shelf.clays.at(part.clayOf(k));
        if (isOvenBaked(c.family)) hot = std::max(hot, c.set_C), soak = std::max(soak, c.soak_min);
    }
    if (set_C <= hot - kNearSet_C) return std::numeric_limits<double>::quiet_NaN();
    return reachMinutes(memo, setup, hot - kNearSet_C) + soak;
}

std::vector<BakeBatch> calcBakes(const std::vector<Part>& parts, const Shelf& shelf, BakeMemo* memo) {
    std::vector<BakeBatch> batches;
    std::vector<std::pair<BakeSetup, double>> known;
    for (std::size_t i = 0; i < parts.size(); ++i) {
        const Part& p = parts[i];
        if (!isBaked(p, shelf)) continue;
        const ClayCard& clay = findBakedClay(p, shelf, findWhole(p));
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
