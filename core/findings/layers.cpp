// What is open about bulk, skin, oven and paint.
#include "base/quantity.h"
#include "base/text.h"
#include "fill/overhang.h"
#include "findings/finder.h"
#include <algorithm>
#include <cmath>
#include <set>

namespace enkinet::findings {

namespace {
constexpr double kJump = 2; ///< of skin from one part to the next

constexpr Kind kLayerKinds[] = {
    {"hollow",
     Station::bulk,
     Weight::fault,
     said("%1 is hollow, %2 across under %3 of clay: give it bulk, or a skin as thick as it is."),
     {kSubject, mm(What::more), mm(What::limit)}},
    {"no-room-for-bulk",
     Station::bulk,
     Weight::fault,
     said("%1: no room for bulk in its thinnest part, %2 under %3 of skin."),
     {kSubject, mm(What::found), mm(What::limit)}},
    {"skin-thin",
     Station::skin,
     Weight::fault,
     said("%1: skin of %2, the clay wants %3 at least."),
     {kSubject, mm(What::found), mm(What::limit)}},
    {"skin-thick",
     Station::skin,
     Weight::fault,
     said("%1: %2 of clay, %3 at most."),
     {kSubject, mm(What::found), mm(What::limit)}},
    {"skin-bridges-joint",
     Station::skin,
     Weight::fault,
     said("%1: clay that is stiff once cured runs across a gap of %2. What would work: the gap left bare under cloth, "
          "fur or feathers, a clay that never dries, or a flexible one on a long gap."),
     {kSubject, mm(What::found)}},
    {"skin-cracks",
     Station::skin,
     Weight::fault,
     said("%1: flexible clay round the joint is stretched by %2 where it cracks at %3. What would work: a gap of %4, "
          "the "
          "gap left bare under cloth, fur or feathers, or a clay that never dries."),
     {kSubject, number(What::found, 2), number(What::limit, 2), mm(What::more, 0)}},
    {"skin-jump",
     Station::skin,
     Weight::advice,
     said("%1: skin of %2 beside %3 on the %4: more than two to one cracks and bakes unevenly."),
     {kSubject, mm(What::found), mm(What::limit), kOther}},
    {"slender",
     Station::skin,
     Weight::advice,
     said(
         "%1 breaks under %2 N at its end once cured, a knock or a hand is %3: %4wire drawn on into it, flexible clay, "
         "or spares."),
     {kSubject, digits(What::found), digits(What::limit), kAlso}},
    {"heat-spent",
     Station::skin,
     Weight::fault,
     said("%1 spends %2 min at heat in %3 of the loads, its clay stands %4: fewer loads, or bake it later."),
     {kSubject, number(What::found), kOther, number(What::limit)}},
    {"left-raw", Station::skin, Weight::fault, said("%1 stays raw: no load cures it."), {kSubject}},
    {"not-in-oven",
     Station::skin,
     Weight::fault,
     said("%1 must not go into the oven: it stands %2, the load peaks at %3."),
     {kSubject, celsius(What::limit), celsius(What::found)}},
    {"sags",
     Station::skin,
     Weight::fault,
     said("%1 has no wire and would sag before it is cured: %2 of %3 MPa. Prop it %4 above the base, or give it a "
          "wire."),
     {kSubject, number(What::found, 3), number(What::limit, 3), mm(What::more, 0)}},
    {"bake-too-long", Station::skin, Weight::fault, said("%1 does not get hot inside within a day."), {kSubject}},
    {"never-baked",
     Station::skin,
     Weight::fault,
     said("%1 is of clay that never dries, and a load of the oven names it: take it out of that load; it goes on after "
          "the last."),
     {kSubject}},
    {"soft-under",
     Station::skin,
     Weight::fault,
     said("%1 is %2, which never hardens: what goes over it slides and cracks. Use a clay that sets, or make the soft "
          "one the skin."),
     {kSubject, kOther}},
    {"own-colour", Station::paint, Weight::note, said("%n part(s) stay in the colour of their clay: %1."), {kSubject}},
    {"bare",
     Station::paint,
     Weight::advice,
     said("%n part(s) show bare foil: neither clay, paint nor cover, first: %1."),
     {kSubject}},
    {"coat-order",
     Station::paint,
     Weight::advice,
     said("%1: coat %2 does not hold on the one below it."),
     {kSubject, number(What::found)}},
    {"varnish",
     Station::paint,
     Weight::advice,
     said("%1 flexes: rigid varnish cracks on it. A flexible sealer, or none."),
     {kSubject}},
    {"soft-paint",
     Station::paint,
     Weight::advice,
     said("%1 is of clay that never dries: paint does not hold on it, dry pigment does."),
     {kSubject}},
    {"unsealed",
     Station::paint,
     Weight::advice,
     said("%1: %2 is wet with water and swells air-dry clay that is not sealed. A primer first."),
     {kSubject, kOther}}};
consteval const Kind* layerRow(std::string_view word) { return rowOf(kLayerKinds, word); }
} // namespace

std::span<const Kind> layerKinds() { return kLayerKinds; }

void Finder::layers() {
    swallowed();
    grounds();
    std::map<std::string, int> ownColour;
    int bare_ = 0, firstBare = -1;
    for (std::size_t i = 0; i < m_r.choice.parts.size(); ++i) {
        const fill::Part& p = m_r.choice.parts[i];
        const int part = static_cast<int>(i);
        const body::Layers& l = p.layers;
        if (p.volume_mm3 <= 0 || isRightTwin(p)) continue;
        if (!l.bulk.empty() && !l.clay.empty() && p.noRoom)
            add({layerRow("no-room-for-bulk"), partRef(part), p.label, p.thinnest_mm, l.skin_mm});
        if (l.bulk.empty() && !l.clay.empty() && p.bakeCore_mm > 0)
            add({layerRow("hollow"), partRef(part), p.label, p.bakeCore_mm, p.skinMost_mm, 2 * p.bakeCore_mm});
        if (!l.clay.empty()) skin(p, part);
        const bool bare = p.covered_mm2 < p.surface_mm2 * (1 - 1e-9);
        if (!l.scheme.empty() || !bare) continue;
        // Clay has a colour of its own; foil that shows was forgotten.
        if (!l.clay.empty())
            ++ownColour[m_r.shelf.clays.at(l.clay).name];
        else if (!l.bulk.empty() && ++bare_ == 1)
            firstBare = part;
    }
    for (const auto& [clay, parts] : ownColour)
        add({layerRow("own-colour"), {}, clay, parts});
    if (bare_ > 0)
        add({layerRow("bare"), partRef(firstBare), m_r.choice.parts[static_cast<std::size_t>(firstBare)].label, bare_});
    for (const fill::BakeBatch& b : m_r.bakes)
        if (std::isnan(b.minutes)) {
            const int part = b.parts[static_cast<std::size_t>(b.slowest)].part;
            add({layerRow("bake-too-long"), partRef(part), m_r.choice.parts[static_cast<std::size_t>(part)].label, 0,
                 b.set_C});
        }
    oven();
    for (const make::SchemeWork& s : m_r.schemes)
        for (std::size_t i = 1; i < s.laid.size(); ++i)
            if (const auto under = paint::findTouched(s.laid, i);
                std::any_of(under.begin(), under.end(), [&](std::size_t k) {
                    return !paint::mayGoOn(s.laid[i].card->medium, s.laid[k].card->medium);
                }))
                add({layerRow("coat-order"),
                     {schema::RefKind::scheme, s.id, std::to_string(i + 1), false},
                     s.name,
                     static_cast<double>(i + 1)});
}

void Finder::grounds() {
    std::set<std::string> said;
    for (const checks::PaintedPart& painted : m_r.painted) {
        const fill::Part& p = m_r.choice.parts[static_cast<std::size_t>(painted.part)];
        if (isRightTwin(p) || p.layers.clay.empty() || painted.laid.empty()) continue;
        const fill::ClayCard& clay = m_r.shelf.clays.at(p.layers.clay);
        const auto once = [&](const Kind* kind, const std::string& other) {
            if (!said.insert(kind->word + clay.id + painted.scheme).second) return;
            Finding f{kind, partRef(painted.part), p.label};
            f.other = other;
            add(std::move(f));
        };
        if (clay.family == fill::ClayFamily::never_dry) once(layerRow("soft-paint"), clay.name);
        const bool varnished = std::any_of(painted.laid.begin(), painted.laid.end(), [](const paint::Laid& l) {
            return l.card->medium == paint::Medium::varnish;
        });
        if (varnished && clay.family == fill::ClayFamily::flexible && p.layers.skinAcrossGaps)
            once(layerRow("varnish"), clay.name);
        const paint::Laid& first = painted.laid.front();
        if (clay.family == fill::ClayFamily::air_dry && first.role != paint::Role::primer &&
            first.card->medium == paint::Medium::acrylic)
            once(layerRow("unsealed"), first.card->name);
    }
}

void Finder::oven() {
    const auto& parts = m_r.choice.parts;
    const auto labelOf = [&](int part) { return parts[static_cast<std::size_t>(part)].label; };
    if (const fill::HeatEntry* worst = m_r.bakePlan.worst(); worst && worst->over()) {
        Finding f{layerRow("heat-spent"), partRef(worst->part), labelOf(worst->part), worst->atHeat_min,
                  worst->limit_min};
        f.other = std::to_string(worst->bakes);
        add(std::move(f));
    }
    // What never gets hot in a day is said by bake_too_long.
    for (int part : m_r.bakePlan.raw)
        if (!isRightTwin(parts[static_cast<std::size_t>(part)]) &&
            !std::isnan(fill::calcCure(parts[static_cast<std::size_t>(part)], m_r.shelf,
                                       fill::findBakedClay(parts[static_cast<std::size_t>(part)], m_r.shelf,
                                                           fill::findWhole(parts[static_cast<std::size_t>(part)]))
                                           .set_C,
                                       &m_bakes)))
            add({layerRow("left-raw"), partRef(part), labelOf(part)});
    std::set<std::string> said;
    for (const make::Step& s : m_r.plan.steps)
        for (const make::GateItem& g : s.gate)
            if (g.stop && (g.check == make::Check::take_out || g.check == make::Check::scorches) &&
                said.insert(g.subject.english()).second)
                add({layerRow("not-in-oven"), {}, g.subject, g.b, g.a});
    for (const fill::Overhang& o : fill::calcOverhangs(m_puppet, m_r.choice.rest, m_r.choice.own, parts, m_r.shelf))
        if (o.sags() && !isRightTwin(parts[static_cast<std::size_t>(o.part)]))
            add({layerRow("sags"), partRef(o.part), labelOf(o.part), o.stress_MPa, o.strength_MPa,
                 std::round(o.prop.y)});
    for (const body::OvenLoad& load : m_puppet.wants.loads)
        if (m_puppet.wants.bakes == body::BakeSchool::own)
            for (int part : fill::findNeverBaked(m_puppet, m_r.choice.rest, parts, m_r.shelf, load))
                if (!isRightTwin(parts[static_cast<std::size_t>(part)]))
                    add({layerRow("never-baked"), partRef(part), labelOf(part)});
}

void Finder::skin(const fill::Part& p, int part) {
    const fill::ClayCard& clay = m_r.shelf.clays.at(p.layers.clay);
    if (p.skinLeast_mm < clay.thinnest_mm)
        add({layerRow("skin-thin"), partRef(part), p.label, p.skinLeast_mm, clay.thinnest_mm});
    if (p.skinMost_mm > clay.thickest_mm)
        add({layerRow("skin-thick"), partRef(part), p.label, p.skinMost_mm, clay.thickest_mm});
    for (std::size_t k = 0; k < p.layers.coats.size(); ++k) {
        const fill::ClayCard& under = m_r.shelf.clays.at(p.clayOf(k));
        const double mm = p.layers.coats[k].thickness_mm;
        const Phrase subject = words("%1, coat %2", p.label, k + 1);
        if (mm < under.thinnest_mm) add({layerRow("skin-thin"), partRef(part), subject, mm, under.thinnest_mm});
        if (mm > under.thickest_mm) add({layerRow("skin-thick"), partRef(part), subject, mm, under.thickest_mm});
        if (under.family == fill::ClayFamily::never_dry) {
            Finding f{layerRow("soft-under"), partRef(part), subject};
            f.other = under.name;
            add(std::move(f));
        }
    }
    if (p.mass >= 0) return;
    const body::Link& link = m_r.choice.skeleton.links[static_cast<std::size_t>(p.link)];
    const body::Limb& limb = m_puppet.limbs[limbOf(link)];
    const auto at = static_cast<std::size_t>(link.segment);
    // A joint's neighbours meet in thickness; the one nearer the root speaks.
    if (at + 1 < limb.segments.size()) {
        const body::Segment &mine = limb.segments[at], &next = limb.segments[at + 1];
        if (!next.layers.clay.empty() && !next.layers.bulk.empty() && !p.layers.bulk.empty() &&
            !next.sections.empty() && !mine.sections.empty()) {
            const double here = body::findSkin(mine, 1), there = body::findSkin(next, 0);
            if (std::max(here / there, there / here) > kJump) {
                Finding f{layerRow("skin-jump"), partRef(part), p.label, here, there};
                f.other = next.name;
                add(std::move(f));
            }
        }
    }
    const bool stiff = clay.family != fill::ClayFamily::flexible && clay.family != fill::ClayFamily::never_dry;
    for (const fill::CuredPart& c : m_r.cured)
        if (c.part == part && c.margin() < 1) {
            const double asked =
                fill::kCuredSpare * std::max(c.knock_Nmm, c.handling_Nmm) * c.tip_N / std::max(1e-9, c.strength_Nmm);
            Finding f{layerRow("slender"), partRef(part), p.label, c.tip_N, asked, c.thicker_mm};
            if (c.thicker_mm > 0)
                f.also = words("%1 more of skin, ", quantity(c.thicker_mm, Dimension::length, decimals(1)));
            add(std::move(f));
        }
    if (!p.layers.skinAcrossGaps) return;
    if (clay.family == fill::ClayFamily::flexible) {
        const body::Joint& j = limb.joints[at];
        if (!j.posed || clay.strainLimit <= 0) return;
        const body::Section s = body::findSection(limb.segments[at].sections, 0);
        const double half = std::max(s.a_mm, s.b_mm) - (p.layers.cover.empty() ? 0 : p.layers.cover_mm);
        const double bend = body::findActing(m_puppet.wants.acting) * body::findLargestBend(j);
        const double strain = fill::findSkinStrain(bend, j.gap_mm, half);
        if (strain > clay.strainLimit)
            add({layerRow("skin-cracks"), partRef(part), p.label, strain, clay.strainLimit,
                 std::ceil(bend * half / clay.strainLimit)});
        return;
    }
    if (!stiff) return;
    if (const double gap = std::max(link.gapFrom_mm, link.gapTo_mm); gap > 0)
        add({layerRow("skin-bridges-joint"), partRef(part), p.label, gap});
}

} // namespace enkinet::findings
