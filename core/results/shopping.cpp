#include "results/shopping.h"
#include "base/units.h"
#include "results/report.h"
#include <algorithm>

namespace enkinet::results {

namespace {

constexpr double kWaste = fill::kWaste; ///< clay and paint lost on hands, tools and brushes

/// What a ware costs and comes in: by the pack, or by the metre.
struct Terms {
    double pack = 0, price = 0;
};

Terms termsOf(const Production& p, const Report& r, const Need& n) {
    switch (n.ware) {
    case Ware::wire:
        for (const document::Spool& s : p.stock.spools)
            if (s.id == n.card) return {0, s.price_m};
        break;
    case Ware::clay: {
        const fill::ClayCard& c = r.shelf.clays.at(n.card);
        return {c.pack_g, c.packPrice};
    }
    case Ware::foil:
        return {0, p.stock.foil.length_m > 0 ? p.stock.foil.price / p.stock.foil.length_m : 0};
    case Ware::paint:
        for (const paint::PaintCard& c : r.cards->paints)
            if (c.id == n.card) return {c.pot_ml, c.potPrice};
        break;
    case Ware::bulk:
    case Ware::cover:
        break;
    }
    return {};
}

} // namespace

double findHeld(const Stock& stock, Ware ware, const std::string& card) {
    const auto sum = [&](const std::vector<Held>& shelf) {
        double all = 0;
        for (const Held& h : shelf)
            if (h.card == card) all += h.amount;
        return all;
    };
    switch (ware) {
    case Ware::wire:
        for (const document::Spool& s : stock.spools)
            if (s.id == card) return s.toBuy ? 0 : s.length_m;
        return 0;
    case Ware::clay:
        return sum(stock.clays_g);
    case Ware::paint:
        return sum(stock.paints_ml);
    case Ware::foil:
        return stock.foil.length_m;
    case Ware::bulk:
    case Ware::cover:
        break;
    }
    return 1e300;
}

std::vector<document::Use> findTaken(const Production& production, const make::Step& step) {
    std::vector<document::Use> all = step.uses;
    for (document::Use& u : all)
        if (u.ware == Ware::foil) u.amount = fill::findFoilLength(production.stock.foil, u.amount);
    return all;
}

std::vector<Need> calcUses(const Production& production, const Report& r) {
    std::vector<Need> all;
    const auto use = choice::calcSpoolUse(r.cuts, production.stock.spools.size());
    for (std::size_t i = 0; i < use.size(); ++i) {
        const document::Spool& s = production.stock.spools[i];
        if (use[i] > 0) all.push_back({Ware::wire, s.id, s.name, use[i] / 1000, 0, 0, 0, use[i] / 1000 * s.price_m, 0});
    }
    std::map<std::string, double> clay, bulk, cover, paints;
    for (const fill::Part& p : r.choice.parts) {
        for (std::size_t k = 0; k <= p.coats.size(); ++k)
            if (p.massOf(k).mass_g > 0)
                clay[p.clayOf(k)] += fill::findRawGrams(p.massOf(k).mass_g, r.shelf.clays.at(p.clayOf(k))) * kWaste;
        if (p.bulk.mass_g > 0) bulk[p.layers.bulk] += p.bulk.mass_g;
        if (p.covered_mm2 > 0) cover[p.layers.cover] += p.covered_mm2 * 1e-6 * kWaste;
    }
    const body::Puppet& puppet = *document::findPuppet(production, r.puppet);
    for (std::size_t i = 0; i < r.things.features.size(); ++i) {
        const body::Feature& f = puppet.things.features[i];
        const fill::FeatureWork& w = r.things.features[i];
        if (f.mass_g <= 0 && r.shelf.clays.contains(f.clay))
            clay[f.clay] += fill::findRawGrams(w.mass_g + f.spares * w.first_g, r.shelf.clays.at(f.clay)) * kWaste;
    }
    for (std::size_t i = 0; i < r.things.sheets.size(); ++i) {
        const body::Sheet& s = puppet.things.sheets[i];
        const checks::SheetCheck& c = r.things.sheets[i];
        if (const auto card = r.shelf.clays.find(s.clay); card != r.shelf.clays.end())
            clay[s.clay] +=
                fill::findRawGrams(c.count * c.area_mm2 * s.thickness_mm * gPerCm3ToGPerMm3(card->second.density_g_cm3),
                                   card->second) *
                kWaste;
        if (r.shelf.covers.contains(s.cover)) cover[s.cover] += c.count * c.area_mm2 * 1e-6 * kWaste;
    }
    for (const make::SchemeWork& s : r.schemes)
        for (const paint::Laid& l : s.laid)
            paints[l.card->id] += l.ml * kWaste;
    for (const auto& [id, grams] : clay) {
        const fill::ClayCard& c = r.shelf.clays.at(id);
        all.push_back({Ware::clay, id, c.name, grams, 0, 0, 0, grams / c.pack_g * c.packPrice, 0});
    }
    double foil_g = 0; // however hard it is pressed, it comes off one roll
    for (const auto& [id, grams] : bulk) {
        const fill::BulkCard& c = r.shelf.bulks.at(id);
        if (c.foil)
            foil_g += grams;
        else
            all.push_back({Ware::bulk, id, c.name, grams, 0, 0, 0, grams / 1000 * c.price_kg, 0});
    }
    if (foil_g > 0) {
        const fill::FoilRoll& roll = production.stock.foil;
        const double m = fill::findFoilLength(roll, foil_g);
        all.push_back(
            {Ware::foil, "foil", "foil", m, 0, 0, 0, m * (roll.length_m > 0 ? roll.price / roll.length_m : 0), 0});
    }
    for (const auto& [id, m2] : cover) {
        const fill::CoverCard& c = r.shelf.covers.at(id);
        all.push_back({Ware::cover, id, c.name, m2, 0, 0, 0, m2 * c.price_m2, 0});
    }
    for (const auto& [id, ml] : paints) {
        const auto c = std::find_if(r.cards->paints.begin(), r.cards->paints.end(),
                                    [&, key = id](const auto& x) { return x.id == key; });
        all.push_back({Ware::paint, id, c->name, ml, 0, 0, 0, ml / c->pot_ml * c->potPrice, 0});
    }
    // Doubles take as much each.
    for (Need& n : all)
        n.needed *= puppet.things.copies, n.price *= puppet.things.copies;
    return all;
}

namespace {

/// What one puppet takes and has not taken yet: what is done is off the shelf.
std::vector<Need> calcLeft(const Production& production, const Report& r) {
    std::vector<Need> all = r.needs;
    const body::Puppet& puppet = *document::findPuppet(production, r.puppet);
    const auto states = document::findStepStates(production.log);
    const auto isDone = [&](int copy, const std::string& step) {
        const auto known = states.find({puppet.id, copy, step});
        return known != states.end() && known->second.done;
    };
    for (int copy = 1; copy <= puppet.things.copies && !states.empty(); ++copy)
        for (const make::Step& s : r.plan.steps)
            if (!s.uses.empty() && isDone(copy, s.id))
                for (const document::Use& u : findTaken(production, s))
                    for (Need& n : all)
                        if (n.ware == u.ware && n.card == u.card) n.needed = std::max(0.0, n.needed - u.amount);
    return all;
}

} // namespace

Shopping calcShopping(const Production& production, const std::vector<const Report*>& reports) {
    Shopping s;
    for (std::size_t i = 0; i < reports.size(); ++i)
        for (const Need& n : calcLeft(production, *reports[i])) {
            auto same = std::find_if(s.needs.begin(), s.needs.end(),
                                     [&](const Need& x) { return x.ware == n.ware && x.card == n.card; });
            if (same == s.needs.end()) {
                same = s.needs.insert(s.needs.end(), n);
                same->held = findHeld(production.stock, n.ware, n.card);
            } else {
                same->needed += n.needed, same->price += n.price;
            }
            same->puppets.push_back(static_cast<int>(i));
        }
    std::stable_sort(s.needs.begin(), s.needs.end(), [](const Need& a, const Need& b) { return a.ware < b.ware; });
    std::map<std::string, double> clay, heldClays;
    std::vector<fill::Part> parts;
    for (Need& n : s.needs) {
        if (n.held > 1e299) n.held = n.needed;
        s.price += n.price;
        if (n.ware == Ware::clay) clay[n.card] = n.needed;
        if (!(n.needed > n.held)) continue;
        const Terms t = termsOf(production, *reports.front(), n);
        n.packs = t.pack > 0 ? fill::findPacks(n.needed - n.held, t.pack) : 0;
        n.buy = t.pack > 0 ? n.packs * t.pack : n.needed - n.held;
        n.buyPrice = (t.pack > 0 ? n.packs : n.buy) * t.price;
        s.buyPrice += n.buyPrice;
    }
    for (const Held& h : production.stock.clays_g)
        heldClays[h.card] += h.amount;
    for (const Report* r : reports)
        parts.insert(parts.end(), r->choice.parts.begin(), r->choice.parts.end());
    if (!reports.empty()) s.substitutes = fill::calcSubstitutes(parts, reports.front()->shelf, clay, heldClays);
    return s;
}

} // namespace enkinet::results
