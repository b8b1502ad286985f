#include "fill/oven.h"
#include <algorithm>
#include <cmath>
#include <set>

namespace enkinet::fill {

using namespace body;

namespace {
std::string joined(const std::vector<std::string>& names) {
    std::string all;
    for (const std::string& n : names)
        all += (all.empty() ? "" : ", ") + n;
    return all;
}
} // namespace

double calcPeak(const Shelf& shelf, double set_C) {
    return set_C + (shelf.shop.oven.readings > 0 ? shelf.shop.oven.swing_C : 0);
}

std::vector<OvenFinding> checkOven(const Puppet& puppet, const Skeleton& s, const std::vector<Part>& parts,
                                   const Shelf& shelf, const Bake& bake) {
    const double peak = calcPeak(shelf, bake.set_C);
    std::vector<OvenFinding> all;
    std::set<std::string> said;
    std::vector<std::string> sleeves, glued; // limbs, in the order of the parts
    const auto add = [&](OvenFinding::Kind kind, const Phrase& what, double limit, bool bars) {
        if (limit < peak && said.insert(std::to_string(static_cast<int>(kind)) + what.english()).second)
            all.push_back({kind, what, limit, peak, bars});
    };
    for (int i : bake.parts) {
        const Part& p = parts[static_cast<std::size_t>(i)];
        for (std::size_t k = 0; k < bake.stateOf(i, p).on; ++k)
            if (const ClayCard& clay = shelf.clays.at(p.clayOf(k)); p.massOf(k).mass_g > 0 && clay.scorch_C > 0)
                add(OvenFinding::Kind::scorches, clay.name, clay.scorch_C, true);
    }
    // The frame is bound and filled before the first bake: unless a piece goes in alone, all of it is in the heat.
    for (std::size_t i = 0; i < parts.size(); ++i) {
        if (bake.alone && std::find(bake.parts.begin(), bake.parts.end(), static_cast<int>(i)) == bake.parts.end())
            continue;
        const Part& p = parts[i];
        if (p.bulk.mass_g > 0) {
            const BulkCard& bulk = shelf.bulks.at(p.layers.bulk);
            add(OvenFinding::Kind::bulk, words("%1 (%2)", bulk.name, p.label), bulk.ovenLimit_C, true);
        }
        const Link& link = s.links[static_cast<std::size_t>(p.link)];
        const Limb& limb = puppet.limbs[static_cast<std::size_t>(s.copies[static_cast<std::size_t>(link.copy)].limb)];
        const auto note = [&](std::vector<std::string>& limbs) {
            if (std::find(limbs.begin(), limbs.end(), limb.name) == limbs.end()) limbs.push_back(limb.name);
        };
        if (p.mass < 0 && limb.segments[static_cast<std::size_t>(link.segment)].sleeve_mm > 0) note(sleeves);
        if (limb.wraps > 0 && !limb.hangsOnLimb.empty()) note(glued);
    }
    if (!sleeves.empty()) add(OvenFinding::Kind::sleeve, joined(sleeves), kSleeveLimit_C, false);
    if (!glued.empty()) add(OvenFinding::Kind::glue, joined(glued), kGlueLimit_C, false);
    for (const std::string& id : puppet.wants.inOven)
        if (const auto card = shelf.ovens.find(id); card != shelf.ovens.end())
            add(OvenFinding::Kind::thing, card->second.name, card->second.limit_C, true);
    std::stable_sort(all.begin(), all.end(),
                     [](const OvenFinding& a, const OvenFinding& b) { return a.bars > b.bars; });
    return all;
}

} // namespace enkinet::fill
