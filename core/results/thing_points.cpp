// What is open about things on the body, bonds, base, sheets, cables and props.
#include "results/points.h"
#include <algorithm>

namespace enkinet::results {

using namespace body;

void Points::things() {
    const Things& t = m_puppet.things;
    const ThingsChecked& c = m_r.things;
    const auto say = [&](Issue issue, const std::string& id, const Phrase& name, double found, double limit,
                         const Phrase& other = {}, int by = -1) {
        // The base's joint is said at the wire, the rest at the sheet.
        OpenPoint p{Station::sheet, issue, -1, -1, -1, kNoState, found, limit, name, other};
        p.by = by;
        for (const auto& [word, leavable] : {std::pair{"bond:", Issue::bond_weak}, {"bond-heat:", Issue::bond_heat}})
            if (leavable == issue) p.key = word + id;
        add(std::move(p));
    };
    const double hottest = c.hottest_C;
    for (const Feature& f : t.features)
        if (f.limit_C > 0 && f.before <= Stage::bake && hottest > f.limit_C)
            say(Issue::thing_heat, f.id, f.name, f.limit_C, hottest);
    for (std::size_t i = 0; i < t.bonds.size(); ++i) {
        const BondCheck& b = c.bonds[i];
        const Bond& x = t.bonds[i];
        if (!b.holdsThere) {
            const auto& all = m_r.cards->adhesives;
            const auto card = std::find_if(all.begin(), all.end(), [&](const auto& a) { return a.id == x.adhesive; });
            const fill::Face weak = fill::findShear(*card, b.from) <= 0 ? b.from : b.to;
            say(Issue::glue_face, x.id, x.name, 0, 0, card->name, static_cast<int>(weak));
        }
        for (std::size_t k = 0; k < kBondLimits; ++k) {
            if (!(b.margin[k] < 1 - 1e-9)) continue;
            const auto limit = static_cast<BondLimit>(k);
            if (limit == BondLimit::heat)
                say(Issue::bond_heat, x.id, x.name, b.margin[k] * hottest, hottest);
            else if (limit == BondLimit::wall)
                say(Issue::hole_wall, x.id, x.name, b.wall_mm, kLeastWall_mm);
            else if (static_cast<int>(k) == b.governs)
                say(Issue::bond_weak, x.id, x.name, b.margin[k], 1, {}, static_cast<int>(k));
        }
    }
    if (c.base && !c.base->fixed) {
        const BaseCheck& b = *c.base;
        if (b.leaned_mm < b.wanted_mm) say(Issue::base_tips, {}, m_puppet.name, b.leaned_mm, b.wanted_mm);
        if (b.stands < kTipSpare) say(Issue::base_pushed, {}, m_puppet.name, b.leastWidth_mm, b.leastWeight_g, b.joint);
        for (const Hole& h : b.holes)
            if (h.outside) say(Issue::hole_outside, {}, h.name, 0, 0);
    }
    for (std::size_t i = 0; i < t.sheets.size(); ++i) {
        const SheetCheck& s = c.sheets[i];
        if (s.raw < 1) say(Issue::sheet_sags, {}, t.sheets[i].name, s.raw, 1);
        if (t.sheets[i].radius_mm > 0 && t.sheets[i].radius_mm < s.leastRadius_mm)
            say(Issue::sheet_cracks, {}, t.sheets[i].name, t.sheets[i].radius_mm, s.leastRadius_mm);
        const auto web = [&](Issue issue, double strain, double wouldDo) {
            if (!s.web || s.strain <= 0 || strain <= s.strain) return;
            OpenPoint p{Station::sheet, issue, -1, -1, -1, kNoState, strain, s.strain, t.sheets[i].name};
            p.more = wouldDo;
            add(std::move(p));
        };
        web(Issue::web_tears, s.stretch, s.widthNeeded_mm);
        web(Issue::web_cracks, s.fold, s.thinEnough_mm);
    }
    for (std::size_t i = 0; i < t.runs.size(); ++i) {
        const RunCheck& r = c.runs[i];
        if (r.wall_mm < kLeastWall_mm) say(Issue::run_wall, {}, t.runs[i].name, r.wall_mm, kLeastWall_mm, r.wallAt);
        if (r.bend_mm > 0 && r.bend_mm < t.runs[i].leastBend_mm)
            say(Issue::run_bend, {}, t.runs[i].name, r.bend_mm, t.runs[i].leastBend_mm, r.bendAt);
        if (!t.runs[i].tested) say(Issue::run_untested, {}, t.runs[i].name, 0, 0);
    }
    for (const Prop& x : t.props)
        if (!x.tried) say(Issue::prop_untried, {}, x.name, 0, 0);
    // Clay that was asked for and came out at nothing.
    for (const fill::Part& p : m_r.choice.parts) {
        if (p.mass >= 0 || p.layers.clay.empty() || isRightTwin(p)) continue;
        const Link& link = m_r.choice.rest.links[static_cast<std::size_t>(p.link)];
        if (!m_puppet.limbs[limbOf(link)].segments[static_cast<std::size_t>(link.segment)].stations.empty() &&
            p.volume_mm3 <= 0)
            say(Issue::part_without_body, {}, p.label, 0, 0);
    }
}

} // namespace enkinet::results
