// What is open about things on the body, bonds, base, sheets, cables and props.
#include "base/units.h"
#include "fill/things.h"
#include "results/points.h"
#include <algorithm>
#include <map>

namespace enkinet::results {

using schema::RefKind;

using namespace body;

namespace {
constexpr double kWireEnd_mm = 3; ///< a wire may end in what comes off, no more
}

/// The limb with the most wire inside the mass that a bond lets come off, and how much; -1: none.
std::pair<int, double> Points::findWireIn(const Bond& bond) const {
    std::map<int, double> inside_mm;
    const Skeleton& s = m_r.choice.rest;
    for (const MassCopy& c : s.masses) {
        const Mass& mass = m_puppet.masses[static_cast<std::size_t>(c.mass)];
        // A rod from the base lets the figure come off, with whatever is in it.
        if (!bond.comesOff || bond.from.base || bond.to.base || mass.shape == MassShape::weighed ||
            (bond.from.mass != mass.id && bond.to.mass != mass.id))
            continue;
        std::map<int, double> here;
        for (const Link& l : s.links) {
            const int limb = s.copies[static_cast<std::size_t>(l.copy)].limb;
            for (const choice::LimbChoice& chosen : m_r.choice.limbs)
                if (chosen.limb == limb && chosen.chosen >= 0) here[limb] += findAxisInside(mass, c.at, l, 0);
        }
        for (const auto& [limb, mm] : here)
            inside_mm[limb] = std::max(inside_mm[limb], mm);
    }
    std::pair<int, double> most{-1, kWireEnd_mm};
    for (const auto& [limb, mm] : inside_mm)
        if (mm > most.second) most = {limb, mm};
    return most;
}

void Points::things() {
    const Things& t = m_puppet.things;
    const ThingsChecked& c = m_r.things;
    const auto say = [&](Issue issue, RefKind kind, const std::string& id, const Phrase& name, double found,
                         double limit, const Phrase& other = {}, int by = -1) {
        // The base's joint is said at the wire, the rest at the sheet.
        OpenPoint p{Station::sheet, issue, -1, -1, -1, kNoState, found, limit, name, other};
        p.by = by, p.ref = {kind, id, {}, false};
        // Kept so since bonds have been checked.
        for (const auto& [word, leavable] : {std::pair{"bond:", Issue::bond_weak}, {"bond-heat:", Issue::bond_heat}})
            if (leavable == issue) p.key = word + id;
        add(std::move(p));
    };
    const double hottest = c.hottest_C;
    for (const Feature& f : t.features)
        if (f.limit_C > 0 && f.before <= Stage::bake && hottest > f.limit_C)
            say(Issue::thing_heat, RefKind::feature, f.id, f.name, f.limit_C, hottest);
    for (std::size_t i = 0; i < t.bonds.size(); ++i) {
        const BondCheck& b = c.bonds[i];
        const Bond& x = t.bonds[i];
        if (const auto wire = findWireIn(x); wire.first >= 0)
            say(Issue::bond_wired, RefKind::bond, x.id, x.name, wire.second, 0,
                m_puppet.limbs[static_cast<std::size_t>(wire.first)].name);
        if (!b.holdsThere) {
            const auto& all = m_r.cards->adhesives;
            const auto card = std::find_if(all.begin(), all.end(), [&](const auto& a) { return a.id == x.adhesive; });
            const fill::Face weak = fill::findShear(*card, b.from) <= 0 ? b.from : b.to;
            say(Issue::glue_face, RefKind::bond, x.id, x.name, 0, 0, card->name, static_cast<int>(weak));
        }
        for (std::size_t k = 0; k < kBondLimits; ++k) {
            const auto limit = static_cast<BondLimit>(k);
            if (!b.failsBy(limit)) continue;
            if (limit == BondLimit::heat)
                say(Issue::bond_heat, RefKind::bond, x.id, x.name, b.margin[k] * hottest, hottest);
            else if (limit == BondLimit::wall)
                say(Issue::hole_wall, RefKind::bond, x.id, x.name, b.wall_mm, kLeastWall_mm);
            else if (static_cast<int>(k) == b.weakest())
                say(Issue::bond_weak, RefKind::bond, x.id, x.name, b.margin[k], 1, {}, static_cast<int>(k));
        }
    }
    if (c.base && !c.base->fixed) {
        const BaseCheck& b = *c.base;
        if (b.leaned_mm < b.wanted_mm)
            say(Issue::base_tips, RefKind::base, {}, m_puppet.name, b.leaned_mm, b.wanted_mm);
        if (b.stands < kTipSpare)
            say(Issue::base_pushed, RefKind::base, {}, m_puppet.name, b.leastWidth_mm, b.leastWeight_g, b.joint);
        for (const Hole& h : b.holes)
            if (h.outside) say(Issue::hole_outside, RefKind::base, h.name.english(), h.name, 0, 0);
        for (const Hole& h : b.holes)
            if (h.depth_mm > t.base->thickness_mm + 1e-9)
                say(Issue::hole_deep, RefKind::base, h.name.english(), h.name, h.depth_mm, t.base->thickness_mm);
    }
    for (std::size_t i = 0; i < t.sheets.size(); ++i) {
        const SheetCheck& s = c.sheets[i];
        const std::string& sheet = t.sheets[i].id;
        if (s.raw < 1) say(Issue::sheet_sags, RefKind::sheet, sheet, t.sheets[i].name, s.raw, 1);
        if (!t.sheets[i].bentRaw && t.sheets[i].radius_mm > 0 && t.sheets[i].radius_mm < s.leastRadius_mm)
            say(Issue::sheet_cracks, RefKind::sheet, sheet, t.sheets[i].name, t.sheets[i].radius_mm, s.leastRadius_mm);
        const auto web = [&](Issue issue, double strain, double wouldDo) {
            if (!s.web || s.strain <= 0 || strain <= s.strain) return;
            OpenPoint p{Station::sheet, issue, -1, -1, -1, kNoState, strain, s.strain, t.sheets[i].name};
            p.more = wouldDo, p.ref = {RefKind::sheet, sheet, {}, false};
            add(std::move(p));
        };
        web(Issue::web_tears, s.stretch, s.widthNeeded_mm);
        web(Issue::web_cracks, s.fold, s.thinEnough_mm);
    }
    for (std::size_t i = 0; i < t.runs.size(); ++i) {
        const RunCheck& r = c.runs[i];
        if (r.wall_mm < kLeastWall_mm)
            say(Issue::run_wall, RefKind::run, t.runs[i].id, t.runs[i].name, r.wall_mm, kLeastWall_mm, r.wallAt);
        if (r.bend_mm > 0 && r.bend_mm < t.runs[i].leastBend_mm)
            say(Issue::run_bend, RefKind::run, t.runs[i].id, t.runs[i].name, r.bend_mm, t.runs[i].leastBend_mm,
                r.bendAt);
        if (!t.runs[i].tested) say(Issue::run_untested, RefKind::run, t.runs[i].id, t.runs[i].name, 0, 0);
    }
    for (const Prop& x : t.props) {
        // No hand closes round what is thicker than all of it.
        double hand = 0;
        for (int host : fill::findHosts(m_puppet, x.hand, x.side, m_r.choice.rest, m_r.choice.parts)) {
            const fill::Part& part = m_r.choice.parts[static_cast<std::size_t>(host)];
            const double length =
                part.mass >= 0 ? 0 : m_r.choice.rest.links[static_cast<std::size_t>(part.link)].length_mm;
            hand = std::max({hand, 2 * part.thickest_mm, length});
        }
        if (hand > 0 && x.grip_mm > hand) say(Issue::grip_wide, RefKind::prop, x.id, x.name, x.grip_mm, hand);
    }
    for (const Prop& x : t.props)
        if (!x.tried) say(Issue::prop_untried, RefKind::prop, x.id, x.name, 0, 0);
    // Clay that was asked for and came out at nothing.
    for (std::size_t i = 0; i < m_r.choice.parts.size(); ++i) {
        const fill::Part& p = m_r.choice.parts[i];
        if (p.mass >= 0 || p.layers.clay.empty() || isRightTwin(p)) continue;
        const Link& link = m_r.choice.rest.links[static_cast<std::size_t>(p.link)];
        if (!m_puppet.limbs[limbOf(link)].segments[static_cast<std::size_t>(link.segment)].stations.empty() &&
            p.volume_mm3 <= 0)
            add({Station::sheet, Issue::part_without_body, -1, -1, static_cast<int>(i), kNoState, 0, 0, p.label});
    }
}

/// A planted wire tips by crushing its hole: sigma d L²/6 each, against the weight on that foot leaning as far as is
/// allowed, and off it where it stands on one alone. docs/mechanics.md 155.
void Points::tieDowns() {
    const Skeleton& s = m_r.choice.skeleton;
    const fill::Totals& all = m_r.choice.totals;
    const double bearing = findBearing(m_puppet.things.base ? m_puppet.things.base->stuff : BaseStuff::softwood);
    const double lean = m_puppet.wants.lean_rad;
    std::map<int, double> needed; // by limb
    for (const choice::Footing& f : m_r.choice.footings)
        for (int support : f.down) {
            const Link& link = s.links[static_cast<std::size_t>(s.supportLinks[static_cast<std::size_t>(support)])];
            const Vec3 arm = all.centre - link.to;
            const double off = f.down.size() == 1 ? std::hypot(arm.x, arm.z) : 0;
            const double weight_N = std::abs(f.feet_g[static_cast<std::size_t>(support)]) * kNewtonPerGram;
            double& most = needed[s.copies[static_cast<std::size_t>(link.copy)].limb];
            most = std::max(most, weight_N * (arm.y * std::sin(lean) + off * std::cos(lean)));
        }
    for (const choice::LimbChoice& l : m_r.choice.limbs) {
        const Limb& limb = m_puppet.limbs[static_cast<std::size_t>(l.limb)];
        if (!limb.tieDown || l.chosen < 0 || !needed.contains(l.limb)) continue;
        const wire::Bundle& bundle = l.candidates()[static_cast<std::size_t>(l.chosen)].bundle;
        const double depth = limb.tieDown->depth_mm;
        const double stands = limb.tieDown->wires * bearing * bundle.diameter_mm * depth * depth / 6;
        const double want = m_puppet.wants.holdFactor * needed[l.limb];
        if (stands < want) add({Station::sheet, Issue::tie_weak, l.limb, -1, -1, kNoState, stands, want, limb.name});
    }
}

} // namespace enkinet::results
