#include "base/text.h"
#include "results/points.h"
#include <algorithm>
#include <cmath>
#include <set>

namespace enkinet::results {

namespace {
constexpr double kJump = 2; ///< of skin from one part to the next
} // namespace

void Points::layers() {
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
            add({Station::bulk, Issue::no_room_for_bulk, -1, -1, part, kNoState, p.thinnest_mm, l.skin_mm, p.label});
        if (l.bulk.empty() && !l.clay.empty() && p.bakeCore_mm > 0)
            add({Station::bulk, Issue::hollow, -1, -1, part, kNoState, p.bakeCore_mm, p.skinMost_mm, p.label});
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
        add({Station::paint, Issue::own_colour, -1, -1, -1, kNoState, static_cast<double>(parts), 0, clay});
    if (bare_ > 0)
        add({Station::paint, Issue::nothing_outside, -1, -1, firstBare, kNoState, static_cast<double>(bare_), 0,
             m_r.choice.parts[static_cast<std::size_t>(firstBare)].label});
    for (const fill::BakeBatch& b : m_r.bakes)
        if (std::isnan(b.minutes)) {
            const int part = b.parts[static_cast<std::size_t>(b.slowest)].part;
            add({Station::skin, Issue::bake_too_long, -1, -1, part, kNoState, 0, b.set_C,
                 m_r.choice.parts[static_cast<std::size_t>(part)].label});
        }
    oven();
    for (const make::SchemeWork& s : m_r.schemes)
        for (std::size_t i = 1; i < s.laid.size(); ++i)
            if (const auto under = paint::findTouched(s.laid, i);
                std::any_of(under.begin(), under.end(), [&](std::size_t k) {
                    return !paint::mayGoOn(s.laid[i].card->medium, s.laid[k].card->medium);
                })) {
                OpenPoint p{Station::paint, Issue::coat_order,          -1, -1,    -1,
                            kNoState,       static_cast<double>(i + 1), 0,  s.name};
                p.ref = {schema::RefKind::scheme, s.id, std::to_string(i + 1), false};
                add(std::move(p));
            }
}

void Points::grounds() {
    std::set<std::string> said;
    for (const PaintedPart& painted : m_r.painted) {
        const fill::Part& p = m_r.choice.parts[static_cast<std::size_t>(painted.part)];
        if (isRightTwin(p) || p.layers.clay.empty() || painted.laid.empty()) continue;
        const fill::ClayCard& clay = m_r.shelf.clays.at(p.layers.clay);
        const auto once = [&](Issue issue, const std::string& other) {
            if (said.insert(std::to_string(static_cast<int>(issue)) + clay.id + painted.scheme).second)
                add({Station::paint, issue, -1, -1, painted.part, kNoState, 0, 0, p.label, other});
        };
        if (clay.family == fill::ClayFamily::never_dry) once(Issue::paint_on_soft, clay.name);
        const bool varnished = std::any_of(painted.laid.begin(), painted.laid.end(), [](const paint::Laid& l) {
            return l.card->medium == paint::Medium::varnish;
        });
        if (varnished && clay.family == fill::ClayFamily::flexible && p.layers.skinAcrossGaps)
            once(Issue::varnish_cracks, clay.name);
        const paint::Laid& first = painted.laid.front();
        if (clay.family == fill::ClayFamily::air_dry && first.role != paint::Role::primer &&
            first.card->medium == paint::Medium::acrylic)
            once(Issue::unsealed, first.card->name);
    }
}

void Points::oven() {
    const auto& parts = m_r.choice.parts;
    const auto labelOf = [&](int part) { return parts[static_cast<std::size_t>(part)].label; };
    if (const fill::HeatEntry* worst = m_r.bakePlan.worst(); worst && worst->over())
        add({Station::skin, Issue::heat_spent, -1, -1, worst->part, kNoState, worst->atHeat_min, worst->limit_min,
             labelOf(worst->part), std::to_string(worst->bakes)});
    // What never gets hot in a day is said by bake_too_long.
    for (int part : m_r.bakePlan.raw)
        if (!isRightTwin(parts[static_cast<std::size_t>(part)]) &&
            !std::isnan(fill::calcCure(parts[static_cast<std::size_t>(part)], m_r.shelf,
                                       fill::findBakedClay(parts[static_cast<std::size_t>(part)], m_r.shelf,
                                                           fill::findWhole(parts[static_cast<std::size_t>(part)]))
                                           .set_C,
                                       &m_bakes)))
            add({Station::skin, Issue::left_raw, -1, -1, part, kNoState, 0, 0, labelOf(part)});
    std::set<std::string> said;
    for (const make::Step& s : m_r.plan.steps)
        for (const make::GateItem& g : s.gate)
            if (g.stop && (g.check == make::Check::take_out || g.check == make::Check::scorches) &&
                said.insert(g.subject.english()).second)
                add({Station::skin, Issue::not_in_oven, -1, -1, -1, kNoState, g.b, g.a, g.subject});
    for (const fill::Overhang& o : fill::calcOverhangs(m_puppet, m_r.choice.rest, m_r.choice.own, parts, m_r.shelf))
        if (o.sags() && !isRightTwin(parts[static_cast<std::size_t>(o.part)]))
            add({Station::skin,
                 Issue::sags,
                 -1,
                 -1,
                 o.part,
                 kNoState,
                 o.stress_MPa,
                 o.strength_MPa,
                 labelOf(o.part),
                 {},
                 std::round(o.prop.y)});
    // One reason, said once.
    int wet = 0;
    Phrase first;
    for (const make::Step& s : m_r.plan.steps)
        if (s.grip == make::Grip::wet_only && wet++ == 0) first = s.subject;
    if (wet > 0) add({Station::plan, Issue::wet_grip, -1, -1, -1, kNoState, static_cast<double>(wet), 0, first});
    for (const body::OvenLoad& load : m_puppet.wants.loads)
        if (m_puppet.wants.bakes == body::BakeSchool::own)
            for (int part : fill::findNeverBaked(m_puppet, m_r.choice.rest, parts, m_r.shelf, load))
                if (!isRightTwin(parts[static_cast<std::size_t>(part)]))
                    add({Station::skin, Issue::never_baked, -1, -1, part, kNoState, 0, 0, labelOf(part), load.name});
}

void Points::skin(const fill::Part& p, int part) {
    const fill::ClayCard& clay = m_r.shelf.clays.at(p.layers.clay);
    if (p.skinLeast_mm < clay.thinnest_mm)
        add({Station::skin, Issue::skin_thin, -1, -1, part, kNoState, p.skinLeast_mm, clay.thinnest_mm, p.label});
    if (p.skinMost_mm > clay.thickest_mm)
        add({Station::skin, Issue::skin_thick, -1, -1, part, kNoState, p.skinMost_mm, clay.thickest_mm, p.label});
    for (std::size_t k = 0; k < p.layers.coats.size(); ++k) {
        const fill::ClayCard& under = m_r.shelf.clays.at(p.clayOf(k));
        const double mm = p.layers.coats[k].thickness_mm;
        const Phrase subject = words("%1, coat %2", p.label, k + 1);
        if (mm < under.thinnest_mm)
            add({Station::skin, Issue::skin_thin, -1, -1, part, kNoState, mm, under.thinnest_mm, subject});
        if (mm > under.thickest_mm)
            add({Station::skin, Issue::skin_thick, -1, -1, part, kNoState, mm, under.thickest_mm, subject});
        if (under.family == fill::ClayFamily::never_dry)
            add({Station::skin, Issue::soft_under, -1, -1, part, kNoState, 0, 0, subject, under.name});
    }
    if (p.mass >= 0) return;
    const body::Link& link = m_r.choice.skeleton.links[static_cast<std::size_t>(p.link)];
    const body::Limb& limb = m_puppet.limbs[limbOf(link)];
    const auto at = static_cast<std::size_t>(link.segment);
    // A joint's neighbours meet in thickness; the one nearer the root speaks.
    if (at + 1 < limb.segments.size()) {
        const body::Segment &mine = limb.segments[at], &next = limb.segments[at + 1];
        if (!next.layers.clay.empty() && !next.layers.bulk.empty() && !p.layers.bulk.empty() &&
            !next.stations.empty() && !mine.stations.empty()) {
            const double here = body::findSkin(mine, 1), there = body::findSkin(next, 0);
            if (std::max(here / there, there / here) > kJump)
                add({Station::skin, Issue::skin_jump, -1, -1, part, kNoState, here, there, p.label, next.name});
        }
    }
    const bool stiff = clay.family != fill::ClayFamily::flexible && clay.family != fill::ClayFamily::never_dry;
    for (const fill::CuredPart& c : m_r.cured)
        if (c.part == part && c.margin() < 1) {
            const double asked =
                fill::kCuredSpare * std::max(c.knock_Nmm, c.handling_Nmm) * c.tip_N / std::max(1e-9, c.strength_Nmm);
            OpenPoint o{Station::skin, Issue::slender, -1, -1, part, kNoState, c.tip_N, asked, p.label};
            o.more = c.thicker_mm;
            add(std::move(o));
        }
    if (!p.layers.skinAcrossGaps) return;
    if (clay.family == fill::ClayFamily::flexible) {
        const body::Joint& j = limb.joints[at];
        if (!j.posed || clay.strainLimit <= 0) return;
        const body::Station s = body::findStation(limb.segments[at].stations, 0);
        const double half = std::max(s.a_mm, s.b_mm) - (p.layers.cover.empty() ? 0 : p.layers.cover_mm);
        const double bend = body::findActing(m_puppet.wants.acting) * body::findLargestBend(j);
        const double strain = fill::findSkinStrain(bend, j.gap_mm, half);
        if (strain > clay.strainLimit)
            add({Station::skin,
                 Issue::skin_cracks,
                 -1,
                 -1,
                 part,
                 kNoState,
                 strain,
                 clay.strainLimit,
                 p.label,
                 {},
                 std::ceil(bend * half / clay.strainLimit)});
        return;
    }
    if (!stiff) return;
    if (const double gap = std::max(link.gapFrom_mm, link.gapTo_mm); gap > 0)
        add({Station::skin, Issue::skin_bridges_joint, -1, -1, part, kNoState, gap, 0, p.label});
}

} // namespace enkinet::results
