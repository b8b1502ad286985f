#include "results/report.h"
#include "base/units.h"
#include "checks/proportions.h"
#include "checks/replay.h"
#include <algorithm>
#include <cmath>
#include <map>

namespace enkinet::results {

ENKINET_COMPARED_BODY(Report)

namespace {

/// Millilitres that a coat takes on so many square millimetres.
double paintOn(const paint::Laid& l, double surface_mm2) {
    return l.coats * surface_mm2 * paint::kRelief / (l.card->coverage_m2_l * 1000);
}

/// What of the things on each part is seen: each as half a ball of its size. Only where a coat is for them.
std::vector<double> featuresOn(const Production& production, const Report& r, const body::Puppet& puppet) {
    std::vector<double> mm2(r.choice.parts.size());
    if (std::none_of(production.schemes.begin(), production.schemes.end(), [](const paint::Scheme& s) {
            return std::any_of(s.coats.begin(), s.coats.end(),
                               [](const paint::Coat& c) { return c.zone == paint::Zone::features; });
        }))
        return mm2;
    for (std::size_t i = 0; i < puppet.things.features.size() && i < r.things.features.size(); ++i)
        for (const fill::FeaturePoint& x : fill::findFeaturePoints(puppet, puppet.things.features[i],
                                                                   r.things.features[i], r.choice.rest, r.choice.parts))
            mm2[static_cast<std::size_t>(x.part)] += kPi * x.size_mm * x.size_mm / 2;
    return mm2;
}

void paintParts(const Production& production, const body::Puppet& puppet, Report& r, paint::CurveMemo& curves) {
    struct Key {
        std::string scheme, clay;
        auto operator<=>(const Key&) const = default;
    };
    std::map<Key, make::SchemeWork> work;
    const std::vector<double> onParts = featuresOn(production, r, puppet);
    for (std::size_t i = 0; i < r.choice.parts.size(); ++i) {
        const fill::Part& p = r.choice.parts[i];
        const double bare_mm2 = p.bare_mm2();
        if (p.layers.scheme.empty() || bare_mm2 <= 0) continue;
        const auto scheme = std::find_if(production.schemes.begin(), production.schemes.end(),
                                         [&](const paint::Scheme& s) { return s.id == p.layers.scheme; });
        const auto [found, fresh] = work.try_emplace({p.layers.scheme, p.layers.clay});
        make::SchemeWork& w = found->second;
        if (fresh) {
            const auto clay = r.shelf.clays.find(p.layers.clay);
            const bool bare = clay == r.shelf.clays.end() || clay->second.colour.empty();
            // For one square millimetre; parts take as much as they have.
            auto laid = paint::calcLaid(*scheme, r.cards->paints, bare ? "#b8b8b8" : clay->second.colour, 1, &curves);
            ENKINET_ASSERT(laid); // makeProduction has checked every name
            w.id = scheme->id, w.name = scheme->name, w.clay = p.layers.clay, w.laid = laid.take();
            // A primer wants a hard ground; soft clay has none.
            if (!bare && clay->second.family == fill::ClayFamily::never_dry)
                std::erase_if(w.laid, [](const paint::Laid& l) { return l.role == paint::Role::primer; });
            for (paint::Laid& l : w.laid)
                if (l.zone == paint::Zone::features) l.share = 1, l.ml = paintOn(l, 1);
        }
        std::vector<paint::Laid> laid = w.laid;
        const double features_mm2 = onParts[i];
        for (paint::Laid& l : laid) {
            const bool things = l.zone == paint::Zone::features;
            l.ml *= things ? features_mm2 : bare_mm2;
            if (things) l.share = features_mm2 / bare_mm2;
        }
        w.features_mm2 += features_mm2;
        w.parts.push_back(static_cast<int>(i));
        w.surface_mm2 += bare_mm2;
        r.painted.push_back({static_cast<int>(i), p.layers.scheme, std::move(laid)});
    }
    for (auto& [key, w] : work) {
        for (paint::Laid& l : w.laid) {
            const bool things = l.zone == paint::Zone::features;
            l.ml *= things ? w.features_mm2 : w.surface_mm2;
            if (things) l.share = w.features_mm2 / w.surface_mm2;
        }
        r.schemes.push_back(std::move(w));
    }
}

} // namespace

choice::Stock makeStock(const Production& production, const Cards& cards, wire::TableShelf& tables,
                        CalibrationMemo* memo, const std::stop_token& stop) {
    choice::Stock stock;
    stock.spools = production.stock.spools, stock.work = production.stock.shop.work;
    for (const document::Spool& s : stock.spools)
        for (const wire::MaterialCard& c : cards.wires)
            if (c.id == s.material && !stock.tables.contains(c.id)) stock.tables[c.id] = tables.find(c, stop);
    const auto testsOf = [](const auto& all, const std::string& spool) {
        std::decay_t<decltype(all)> own;
        std::copy_if(all.begin(), all.end(), std::back_inserter(own), [&](const auto& t) { return t.spool == spool; });
        return own;
    };
    CalibrationMemo none;
    for (std::size_t i = 0; i < stock.spools.size(); ++i) {
        const document::Spool& s = stock.spools[i];
        const auto& table = stock.tables.at(s.material);
        stock.calibrations.push_back(
            *(memo ? *memo : none)
                 .find(i,
                       {table->card(), testsOf(production.stock.bendTests, s.id),
                        testsOf(production.stock.hangTests, s.id), testsOf(production.stock.wearTests, s.id)},
                       [&](const CalibrationKey& key) {
                           return wire::calcCalibration(*table, key.bends, key.hangs, key.wears);
                       }));
    }
    return stock;
}

namespace {

/// The puppet without what no wire is chosen by: a field forgotten here costs time, not truth, for the choice is given
/// what is left alone.
body::Puppet chosenBy(const body::Puppet& puppet) {
    body::Puppet p = puppet;
    p.id.clear(), p.name.clear(), p.kind.clear(), p.note.clear();
    p.deadline.reset(), p.pictures.clear(), p.measures.clear(), p.left.clear(), p.aside.clear(), p.extras.clear();
    p.wants.camera_rad = 0, p.wants.bakes = {}, p.wants.loads.clear(), p.wants.inOven.clear(), p.wants.order.clear();
    p.wants.begin = {}, p.wants.baseTurn = {};
    return p;
}

/// The puppet without what no bake is planned by: loads go by the names and ids of limbs and masses.
body::Puppet bakedBy(const body::Puppet& puppet) {
    body::Puppet p;
    p.wants.bakes = puppet.wants.bakes, p.wants.loads = puppet.wants.loads;
    for (const body::Limb& l : puppet.limbs)
        p.limbs.emplace_back().id = l.id, p.limbs.back().name = l.name;
    for (const body::Mass& m : puppet.masses)
        p.masses.emplace_back().id = m.id;
    return p;
}

} // namespace

Report calcReport(const Production& production, int puppetIndex, const Cards& shipped, wire::TableShelf& tables,
                  PuppetMemo& memo, const std::stop_token& stop) {
    const body::Puppet& puppet = production.puppets.at(static_cast<std::size_t>(puppetIndex));
    Report r;
    r.puppet = puppet.id;
    r.cards.value = std::make_shared<const Cards>(mergeCards(shipped, production.cards));
    r.shelf = makeShelf(*r.cards, production.stock.shop);
    r.stock = makeStock(production, *r.cards, tables, memo.calibrations.get(), stop);
    r.choice = *memo.choice.find(0, {chosenBy(puppet), r.shelf, r.stock}, [&](const PuppetMemo::ChoiceKey& key) {
        return choice::calcChoice(key.puppet, key.shelf, key.stock, memo.steps, stop);
    });
    r.cuts = choice::calcCutList(puppet, r.choice);
    std::vector<std::string> spools;
    std::vector<double> rolls;
    for (const document::Spool& x : production.stock.spools)
        spools.push_back(x.id), rolls.push_back(x.reach_mm());
    r.cutPlan = choice::calcCutPlan(r.cuts, spools, rolls, production.stock.offcuts);
    checkStop(stop);
    memo.bakes.heed(stop);
    const auto baked = memo.baked.find(
        0, {bakedBy(puppet), r.choice.rest, r.choice.parts, r.shelf}, [&](const PuppetMemo::BakesKey& key) {
            PuppetMemo::Bakes b;
            b.batches = fill::calcBakes(key.parts, key.shelf, &memo.bakes);
            b.once = fill::calcOneBake(key.parts, key.shelf, &memo.bakes);
            b.staged = fill::calcStagedBakes(key.puppet, key.rest, key.parts, key.shelf, &memo.bakes);
            const body::BakeSchool school = key.puppet.wants.bakes;
            b.plan = school == body::BakeSchool::once ? b.once
                     : school == body::BakeSchool::staged
                         ? b.staged
                         : fill::calcBakePlan(key.puppet, key.rest, key.parts, key.shelf, &memo.bakes);
            return b;
        });
    r.bakes = baked->batches, r.bakePlan = baked->plan, r.bakeOnce = baked->once, r.bakeStaged = baked->staged;
    r.skins = fill::calcSkinPlan(r.choice.parts, r.shelf);
    checkStop(stop);
    body::Puppet seen = choice::shapeOf(puppet);
    seen.wants.camera_rad = puppet.wants.camera_rad;
    r.patterns = *memo.patterns.find(0, {std::move(seen), r.choice.own, r.choice.parts}, [&](const auto& key) {
        return fill::calcPatterns(key.puppet, body::calcSkeleton(key.puppet), key.own, key.parts, stop);
    });
    r.cured = fill::calcCured(puppet, r.choice.rest, r.choice.own, r.choice.parts, r.shelf,
                              choice::findStiffness(r.choice.limbs, r.stock));
    r.things = checks::calcThings(puppet, r.choice, r.shelf, *r.cards, &memo.proofs);
    paintParts(production, puppet, r, memo.curves);
    r.plan = make::calcPlan(puppet, r.choice, r.cuts, r.bakePlan, r.shelf, r.schemes, r.things.features);
    checkStop(stop);
    r.broken = checks::replay(puppet, r, production.stock.shop.room_C, checks::actsOf(r.plan));
    r.top_mm = checks::calcTop(puppet, r.choice);
    auto found = findings::findOpen(production, puppet, r, memo.bakes);
    r.open = std::move(found.open), r.left = std::move(found.left), r.notes = std::move(found.notes);
    r.needs = calcUses(production, r);
    for (const Need& n : r.needs)
        r.price += n.price;
    return r;
}

Report calcReport(const Production& production, int puppet, const Cards& shipped, wire::TableShelf& tables) {
    PuppetMemo memo;
    return calcReport(production, puppet, shipped, tables, memo);
}

} // namespace enkinet::results
