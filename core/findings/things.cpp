// What is open about things on the body, bonds, base, sheets, cables and props.
#include "fill/things.h"
#include "base/units.h"
#include "findings/finder.h"
#include <algorithm>
#include <map>

namespace enkinet::findings {

using namespace body;
using namespace checks;
using schema::RefKind;

namespace {
constexpr double kWireEnd_mm = 3; ///< a wire may end in what comes off, no more

constexpr Kind kThingKinds[] = {
    {"thing-heat",
     Station::sheet,
     Weight::fault,
     said("%1 stands %2, and a load at %3 is still to come: fit it after that."),
     {kSubject, celsius(What::found), celsius(What::limit)}},
    {"bond",
     Station::sheet,
     Weight::advice,
     said("%1 holds %2 % of what it must: %3."),
     {kSubject, percent(What::found), kOther}},
    {"glue-face",
     Station::sheet,
     Weight::advice,
     said("%1: %2 does not hold on %3. What does is said at the bond."),
     {kSubject, kOther, kAlso}},
    {"bond-heat",
     Station::sheet,
     Weight::advice,
     said("%1: its glue stands %2, and a load at %3 is still to come."),
     {kSubject, celsius(What::found), celsius(What::limit)}},
    {"wall",
     Station::sheet,
     Weight::advice,
     said("%1: %2 of wall beside the hole, %3 at least."),
     {kSubject, mm(What::found), mm(What::limit)}},
    {"bond-wired",
     Station::sheet,
     Weight::fault,
     said("%1 cannot come off: %2 of the %3’s wire run into it. End the wire at the joint, or let it stay on."),
     {kSubject, mm(What::found), kOther}},
    {"tips",
     Station::sheet,
     Weight::advice,
     said("%1 tips when it leans: its weight stands %2 inside the base's edge, %3 are wanted."),
     {kSubject, mm(What::found), mm(What::limit)}},
    {"pushed",
     Station::sheet,
     Weight::advice,
     said("Posing the %1 pushes it over with its base, where nothing holds the near side: clamp the base, or keep the "
          "other hand there, as the joint's own limit takes for granted."),
     {kOther}},
    {"hole-outside", Station::sheet, Weight::fault, said("%1: its hole is not on the base."), {kSubject}},
    {"hole-deep",
     Station::sheet,
     Weight::fault,
     said("%1: its hole is %2 deep, the base %3 thick: a thicker base, or a shorter wire."),
     {kSubject, mm(What::found), mm(What::limit)}},
    {"tie-weak",
     Station::sheet,
     Weight::fault,
     said("%1: its wire tips in the base at %2 N·mm, leaning it needs %3: deeper, more wires, or harder wood."),
     {kSubject, digits(What::found), digits(What::limit)}},
    {"sheet-sags",
     Station::sheet,
     Weight::advice,
     said("%1 sags raw: it carries %2 % of its own weight. Mesh or wire inside, thicker, or propped."),
     {kSubject, percent(What::found)}},
    {"sheet-cracks",
     Station::sheet,
     Weight::advice,
     said("%1 is bent to %2 and cracks below %3 once cured: bend it raw, or thinner, or of flexible clay."),
     {kSubject, mm(What::found), mm(What::limit)}},
    {"web-tears",
     Station::sheet,
     Weight::advice,
     said("%1 is stretched by %2 when its limbs open, where it stands %3: cut it %4 wide, or of cloth."),
     {kSubject, number(What::found, 2), number(What::limit, 2), mm(What::more)}},
    {"web-cracks",
     Station::sheet,
     Weight::advice,
     said("%1 is bent to a strain of %2 when its limbs close, where it stands %3: no thicker than %4, or of cloth."),
     {kSubject, number(What::found, 2), number(What::limit, 2), mm(What::more, 2)}},
    {"run-wall",
     Station::sheet,
     Weight::advice,
     said("%1 leaves %2 of wall in the %3, %4 at least."),
     {kSubject, mm(What::found), kOther, mm(What::limit)}},
    {"run-bend",
     Station::sheet,
     Weight::advice,
     said("%1 is bent to %2 at the %3, %4 at least."),
     {kSubject, mm(What::found), kOther, mm(What::limit)}},
    {"run-untested", Station::sheet, Weight::note, said("%1: test it before it is closed."), {kSubject}},
    {"prop-untried", Station::sheet, Weight::note, said("%1: try it in the hand before that is hard."), {kSubject}},
    {"grip",
     Station::sheet,
     Weight::advice,
     said("%1 is %2 across where it is held, the hand only %3 long: a thinner handle, a pin, or glue."),
     {kSubject, mm(What::found), mm(What::limit)}},
    {"part-without-body",
     Station::sheet,
     Weight::fault,
     said("%1 came out without a body: its clay lies inside its neighbour. Move it out, or take its clay off."),
     {kSubject}}};
consteval const Kind* thingRow(std::string_view word) { return rowOf(kThingKinds, word); }
} // namespace

std::span<const Kind> thingKinds() { return kThingKinds; }

/// The limb with the most wire inside the mass that a bond lets come off, and how much; -1: none.
std::pair<int, double> Finder::findWireIn(const Bond& bond) const {
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

void Finder::things() {
    const Things& t = m_puppet.things;
    const ThingsChecked& c = m_r.things;
    const auto say = [&](const Kind* kind, RefKind of, const std::string& id, const Phrase& name, double found,
                         double limit, const Phrase& other = {}, const Phrase& also = {}) {
        Finding f{kind, {of, id, {}, false}, name, found, limit};
        f.other = other, f.also = also;
        // Kept so since bonds have been checked.
        if (kind == thingRow("bond") || kind == thingRow("bond-heat")) f.key = std::string(kind->word) + ":" + id;
        add(std::move(f));
    };
    const double hottest = c.hottest_C;
    for (const Feature& f : t.features)
        if (f.limit_C > 0 && f.before <= Stage::bake && hottest > f.limit_C)
            say(thingRow("thing-heat"), RefKind::feature, f.id, f.name, f.limit_C, hottest);
    for (std::size_t i = 0; i < t.bonds.size(); ++i) {
        const BondCheck& b = c.bonds[i];
        const Bond& x = t.bonds[i];
        if (const auto wire = findWireIn(x); wire.first >= 0)
            say(thingRow("bond-wired"), RefKind::bond, x.id, x.name, wire.second, 0,
                m_puppet.limbs[static_cast<std::size_t>(wire.first)].name);
        if (!b.holdsThere) {
            const auto& all = m_r.cards->adhesives;
            const auto card = std::find_if(all.begin(), all.end(), [&](const auto& a) { return a.id == x.adhesive; });
            const fill::Face weak = fill::findShear(*card, b.from) <= 0 ? b.from : b.to;
            say(thingRow("glue-face"), RefKind::bond, x.id, x.name, 0, 0, card->name, schema::labelOf(weak));
        }
        for (std::size_t k = 0; k < kBondLimits; ++k) {
            const auto limit = static_cast<BondLimit>(k);
            if (!b.failsBy(limit)) continue;
            if (limit == BondLimit::heat)
                say(thingRow("bond-heat"), RefKind::bond, x.id, x.name, b.margin[k] * hottest, hottest);
            else if (limit == BondLimit::wall)
                say(thingRow("wall"), RefKind::bond, x.id, x.name, b.wall_mm, kLeastWall_mm);
            else if (static_cast<int>(k) == b.weakest())
                say(thingRow("bond"), RefKind::bond, x.id, x.name, b.margin[k], 1, schema::labelOf(limit));
        }
    }
    if (c.base && !c.base->fixed) {
        const BaseCheck& b = *c.base;
        if (b.leaned_mm < b.wanted_mm)
            say(thingRow("tips"), RefKind::base, {}, m_puppet.name, b.leaned_mm, b.wanted_mm);
        if (b.stands < kTipSpare)
            say(thingRow("pushed"), RefKind::base, {}, m_puppet.name, b.leastWidth_mm, b.leastWeight_g, b.joint);
        for (const Hole& h : b.holes)
            if (h.outside) say(thingRow("hole-outside"), RefKind::base, h.name.english(), h.name, 0, 0);
        for (const Hole& h : b.holes)
            if (h.depth_mm > t.base->thickness_mm + 1e-9)
                say(thingRow("hole-deep"), RefKind::base, h.name.english(), h.name, h.depth_mm, t.base->thickness_mm);
    }
    for (std::size_t i = 0; i < t.sheets.size(); ++i) {
        const SheetCheck& s = c.sheets[i];
        const std::string& sheet = t.sheets[i].id;
        if (s.raw < 1) say(thingRow("sheet-sags"), RefKind::sheet, sheet, t.sheets[i].name, s.raw, 1);
        if (!t.sheets[i].bentRaw && t.sheets[i].radius_mm > 0 && t.sheets[i].radius_mm < s.leastRadius_mm)
            say(thingRow("sheet-cracks"), RefKind::sheet, sheet, t.sheets[i].name, t.sheets[i].radius_mm,
                s.leastRadius_mm);
        const auto web = [&](const Kind* kind, double strain, double wouldDo) {
            if (!s.web || s.strain <= 0 || strain <= s.strain) return;
            add({kind, {RefKind::sheet, sheet, {}, false}, t.sheets[i].name, strain, s.strain, wouldDo});
        };
        web(thingRow("web-tears"), s.stretch, std::ceil(s.widthNeeded_mm));
        web(thingRow("web-cracks"), s.fold, s.thinEnough_mm);
    }
    for (std::size_t i = 0; i < t.runs.size(); ++i) {
        const RunCheck& r = c.runs[i];
        if (r.wall_mm < kLeastWall_mm)
            say(thingRow("run-wall"), RefKind::run, t.runs[i].id, t.runs[i].name, r.wall_mm, kLeastWall_mm, r.wallAt);
        if (r.bend_mm > 0 && r.bend_mm < t.runs[i].leastBend_mm)
            say(thingRow("run-bend"), RefKind::run, t.runs[i].id, t.runs[i].name, r.bend_mm, t.runs[i].leastBend_mm,
                r.bendAt);
        if (!t.runs[i].tested) say(thingRow("run-untested"), RefKind::run, t.runs[i].id, t.runs[i].name, 0, 0);
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
        if (hand > 0 && x.grip_mm > hand) say(thingRow("grip"), RefKind::prop, x.id, x.name, x.grip_mm, hand);
    }
    for (const Prop& x : t.props)
        if (!x.tried) say(thingRow("prop-untried"), RefKind::prop, x.id, x.name, 0, 0);
    // Clay that was asked for and came out at nothing.
    for (std::size_t i = 0; i < m_r.choice.parts.size(); ++i) {
        const fill::Part& p = m_r.choice.parts[i];
        if (p.mass >= 0 || p.layers.clay.empty() || isRightTwin(p)) continue;
        const Link& link = m_r.choice.rest.links[static_cast<std::size_t>(p.link)];
        if (!m_puppet.limbs[limbOf(link)].segments[static_cast<std::size_t>(link.segment)].sections.empty() &&
            p.volume_mm3 <= 0)
            add({thingRow("part-without-body"), partRef(static_cast<int>(i)), p.label});
    }
}

/// A planted wire tips by crushing its hole: sigma d L²/6 each, against the weight on that foot leaning as far as is
/// allowed, and off it where it stands on one alone. docs/mechanics.md 155.
void Finder::tieDowns() {
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
        if (stands < want) add({thingRow("tie-weak"), limbRef(l.limb), limb.name, stands, want});
    }
}

} // namespace enkinet::findings
