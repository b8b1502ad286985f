#include "make/gates.h"
#include "fill/things.h"
#include "fill/trapped_air.h"
#include <algorithm>
#include <array>
#include <cmath>
#include <fmt/format.h>
#include <limits>
#include <map>
#include <set>

namespace enkinet::make {

using namespace body;

namespace {

const Link& linkOf(const choice::PuppetChoice& c, const fill::Part& p) {
    return c.rest.links[static_cast<std::size_t>(p.link)];
}
bool isRight(const choice::PuppetChoice& c, const fill::Part& p) {
    return p.mass >= 0 ? c.rest.masses[static_cast<std::size_t>(p.mass)].right
                       : c.rest.copies[static_cast<std::size_t>(linkOf(c, p).copy)].right;
}

Phrase sided(const Limb& limb, bool right, const std::string& name) {
    return !limb.mirrored ? Phrase(name) : right ? words("right %1", name) : words("left %1", name);
}

/// Gaps of a limb, as the design has them: which clay runs across them.
struct Gaps {
    int free = 0, soft = 0, stiff = 0;
    double shortest_mm = 1e9;
    Phrase first; ///< crossed by what is stiff, or else by what is soft

    void count(const Limb& limb, bool right, const fill::Shelf& shelf) {
        for (std::size_t i = 0; i < limb.joints.size(); ++i) {
            const Joint& j = limb.joints[i];
            if (!j.posed || limb.whip) continue;
            const auto crosses = [&](std::size_t segment, bool hard) {
                const Layers& l = limb.segments[segment].layers;
                if (l.clay.empty() || !l.skinAcrossGaps || limb.segments[segment].sections.empty()) return false;
                const auto f = shelf.clays.at(l.clay).family;
                return hard == (f != fill::ClayFamily::flexible && f != fill::ClayFamily::never_dry);
            };
            const bool before = i > 0, after = i < limb.segments.size();
            const bool hard = (before && crosses(i - 1, true)) || (after && crosses(i, true));
            const bool yields = (before && crosses(i - 1, false)) || (after && crosses(i, false));
            if (hard) {
                if (stiff++ == 0) first = sided(limb, right, j.name);
            } else if (yields) {
                if (soft++ == 0 && stiff == 0) first = sided(limb, right, j.name);
            } else {
                ++free, shortest_mm = std::min(shortest_mm, j.gap_mm);
            }
        }
    }
    void say(std::vector<GateItem>& gate) const {
        if (free > 0) gate.push_back({Check::gaps, {}, static_cast<double>(free), shortest_mm, false});
        if (stiff > 0) gate.push_back({Check::crossed, first, static_cast<double>(stiff), 0, true});
        if (soft > 0)
            gate.push_back({Check::crossed, stiff > 0 ? Phrase() : first, static_cast<double>(soft), 0, false});
    }
};

/// What is said of any clay part that hardens now.
void addClay(std::vector<GateItem>& gate, const Puppet& puppet, const choice::PuppetChoice& c, const fill::Shelf& shelf,
             const std::vector<int>& parts) {
    // Joints that are bent on the board: clay hardens round the figure as it stands.
    int turned = 0;
    Gaps gaps;
    Phrase first;
    std::vector<std::size_t> copies;
    for (int i : parts) {
        const auto copy = static_cast<std::size_t>(linkOf(c, c.parts[static_cast<std::size_t>(i)]).copy);
        if (std::find(copies.begin(), copies.end(), copy) == copies.end()) copies.push_back(copy);
    }
    for (std::size_t copy : copies) {
        const LimbCopy& k = c.rest.copies[copy];
        const Limb& limb = puppet.limbs[static_cast<std::size_t>(k.limb)];
        gaps.count(limb, k.right, shelf);
        for (const Joint& j : limb.joints) {
            if (!j.posed) continue;
            const JointAngle at = findAngle(puppet.board, limb.id, j.id, k.right);
            if (at.forth_rad == 0 && at.aside_rad == 0) continue;
            if (turned++ == 0) first = sided(limb, k.right, j.name);
        }
    }
    if (turned > 0) gate.push_back({Check::pose, first, static_cast<double>(turned), 0, false});
    gaps.say(gate);

    const fill::Part *thin = nullptr, *thick = nullptr;
    std::map<std::string, double> oversize, cloth;
    for (int i : parts) {
        const fill::Part& p = c.parts[static_cast<std::size_t>(i)];
        if (p.skin.mass_g <= 0) continue;
        if (!thin || p.skinLeast_mm < thin->skinLeast_mm) thin = &p;
        if (!thick || p.skinMost_mm > thick->skinMost_mm) thick = &p;
        const fill::ClayCard& clay = shelf.clays.at(p.layers.clay);
        if (clay.shrink > 0) oversize[clay.name] = 1 / (1 - clay.shrink);
        if (p.covered_mm2 > 0 && !isRight(c, p)) cloth[p.label.english()] = p.layers.cover_mm;
    }
    if (thin) {
        const fill::ClayCard& clay = shelf.clays.at(thin->layers.clay);
        gate.push_back({Check::thinnest, thin->label, thin->skinLeast_mm, clay.thinnest_mm,
                        thin->skinLeast_mm < clay.thinnest_mm * (1 - 1e-9)});
    }
    if (thick && thick != thin) {
        const fill::ClayCard& clay = shelf.clays.at(thick->layers.clay);
        gate.push_back({Check::thickest, thick->label, thick->skinMost_mm, clay.thickest_mm,
                        thick->skinMost_mm > clay.thickest_mm * (1 + 1e-9)});
    }
    // The heaviest pair is the one that shows: left and right by the scales.
    const fill::Part* pair = nullptr;
    for (int i : parts) {
        const fill::Part& p = c.parts[static_cast<std::size_t>(i)];
        const Limb& limb =
            puppet.limbs[static_cast<std::size_t>(c.rest.copies[static_cast<std::size_t>(linkOf(c, p).copy)].limb)];
        if (limb.mirrored && !isRight(c, p) && (!pair || p.skin.mass_g > pair->skin.mass_g)) pair = &p;
    }
    if (pair && pair->skin.mass_g > 0) gate.push_back({Check::pair, pair->label, pair->skin.mass_g, 0, false});
    for (const auto& [label, mm] : cloth)
        gate.push_back({Check::cloth, label, mm, 0, false});
    for (const auto& [name, factor] : oversize)
        gate.push_back({Check::oversize, name, factor, 0, false});
}

void addProps(std::vector<GateItem>& gate, const Puppet& puppet, const choice::PuppetChoice& c,
              const fill::Shelf& shelf, const std::vector<int>& parts) {
    for (const fill::Overhang& o : fill::calcOverhangs(puppet, c.rest, c.own, c.parts, shelf))
        if (o.sags() && std::find(parts.begin(), parts.end(), o.part) != parts.end())
            gate.push_back({Check::prop, c.parts[static_cast<std::size_t>(o.part)].label, o.prop.y,
                            o.stress_MPa / o.strength_MPa, false});
    // Clay is at its softest while it warms up: a joint that does not hold now will not hold then.
    for (const choice::LimbChoice& l : c.limbs) {
        if (l.chosen < 0) continue;
        const bool here = std::any_of(parts.begin(), parts.end(), [&](int i) {
            const Link& link = linkOf(c, c.parts[static_cast<std::size_t>(i)]);
            return c.rest.copies[static_cast<std::size_t>(link.copy)].limb == l.limb;
        });
        for (std::size_t j = 0; here && j < l.demands.size(); ++j)
            if (l.verdicts[j].bend.hold_Nmm < l.demands[j].needed_Nmm)
                gate.push_back({Check::prop_joint,
                                puppet.limbs[static_cast<std::size_t>(l.limb)]
                                    .joints[static_cast<std::size_t>(l.demands[j].joint)]
                                    .name,
                                l.verdicts[j].bend.hold_Nmm, l.demands[j].needed_Nmm, false});
    }
}

void addHoles(std::vector<GateItem>& gate, const Puppet& puppet) {
    int wires = 0;
    double depth = 0;
    for (const Limb& l : puppet.limbs)
        if (l.tieDown) wires += l.tieDown->wires * (l.mirrored ? 2 : 1), depth = std::max(depth, l.tieDown->depth_mm);
    if (wires > 0) gate.push_back({Check::holes, {}, static_cast<double>(wires), depth, false});
}

/// What is to be there before clay hardens round it, on the limbs of some parts. peak_C: of the load; 0: none.
void addThings(std::vector<GateItem>& gate, const Puppet& puppet, const choice::PuppetChoice& c,
               const fill::Shelf& shelf, const std::vector<int>& parts, double peak_C) {
    std::set<int> limbs;
    for (int i : parts)
        limbs.insert(
            c.rest.copies[static_cast<std::size_t>(linkOf(c, c.parts[static_cast<std::size_t>(i)]).copy)].limb);
    const auto here = [&](const Spot& s) { return limbs.contains(body::findHostLimb(puppet, s)); };
    const Things& t = puppet.things;
    for (const Prop& p : t.props)
        if (here(p.hand)) gate.push_back({Check::try_prop, p.name, p.grip_mm, 0, !p.tried});
    for (const Run& r : t.runs)
        for (std::size_t i = 0; i < puppet.limbs.size(); ++i)
            if (puppet.limbs[i].id == r.limb && limbs.contains(static_cast<int>(i)))
                gate.push_back({Check::lit, r.name, 0, 0, !r.tested});
    for (const Feature& f : t.features) {
        if (!here(f.on)) continue;
        // What the load would spoil is not looked for in its seat: it must not be there yet.
        if (f.limit_C > 0 && f.limit_C < peak_C && f.before <= Stage::bake) {
            gate.push_back({Check::take_out, f.name, f.limit_C, peak_C, true});
            continue;
        }
        if (f.apart && f.before <= Stage::bake)
            gate.push_back({Check::seated, f.name, static_cast<double>(fill::calcFeature(puppet, f, shelf).count()),
                            fill::findSeat(f).first, false});
        if (f.spares > 0) gate.push_back({Check::spares, f.name, static_cast<double>(f.spares), 0, false});
    }
    for (const Bond& b : t.bonds) {
        if (b.before > Stage::bake || (!here(b.from) && !here(b.to))) continue;
        const bool hole = b.kind == BondKind::pin || b.kind == BondKind::dowel || b.kind == BondKind::rod ||
                          b.kind == BondKind::magnet;
        if (hole && b.diameter_mm > 0)
            gate.push_back(
                {Check::hole_there, b.name, b.diameter_mm + b.clearance_mm, std::max(b.depth_mm, b.depthTo_mm), false});
        if (hole && b.comesOff) gate.push_back({Check::clearance, b.name, b.clearance_mm, 0, false});
        if (const auto card = shelf.adhesives.find(b.adhesive);
            card != shelf.adhesives.end() && card->second.limit_C < peak_C)
            gate.push_back({Check::glue_heat, b.name, card->second.limit_C, peak_C, false});
    }
}

/// What must be dry or set by now, and what must not be on the piece yet.
void addWet(std::vector<GateItem>& gate, const Puppet& puppet, const choice::PuppetChoice& c, const fill::Shelf& shelf,
            const fill::Bake& bake) {
    for (const fill::Part& p : c.parts) {
        if (p.clay_g() <= 0 || isRight(c, p)) continue;
        const auto i = static_cast<int>(&p - c.parts.data());
        const bool goesIn = std::find(bake.parts.begin(), bake.parts.end(), i) != bake.parts.end();
        // Coats that are still to come are neither dry nor wet.
        if ((bake.alone || bake.coats > 0) && !goesIn) continue;
        bool wet = false;
        for (std::size_t k = 0; k < bake.stateOf(i, p).on; ++k) {
            const auto family = shelf.clays.at(p.clayOf(k)).family;
            wet = wet || family == fill::ClayFamily::air_dry || family == fill::ClayFamily::putty;
        }
        if (wet) gate.push_back({Check::dry_first, p.label, 0, 0, false});
        if (shelf.clays.at(p.layers.clay).family == fill::ClayFamily::never_dry)
            gate.push_back({Check::not_yet, p.label, 0, 0, false});
    }
    if (bake.load < 0) return;
    // A load that names it all the same.
    const OvenLoad& load = puppet.wants.loads[static_cast<std::size_t>(bake.load)];
    for (int i : fill::findNeverBaked(puppet, c.rest, c.parts, shelf, load))
        gate.push_back({Check::never_bake, c.parts[static_cast<std::size_t>(i)].label, 0, 0, true});
}

std::vector<GateItem> stopsFirst(std::vector<GateItem> gate) {
    std::stable_partition(gate.begin(), gate.end(), [](const GateItem& g) { return g.stop; });
    return gate;
}

} // namespace

std::vector<GateItem> calcBakeGate(const Puppet& puppet, const choice::PuppetChoice& c, const fill::Shelf& shelf,
                                   const fill::Bake& bake) {
    std::vector<GateItem> gate;
    for (const fill::OvenFinding& f : fill::checkOven(puppet, c.rest, c.parts, shelf, bake)) {
        using Kind = fill::OvenFinding::Kind;
        const Check check = f.kind == Kind::scorches ? Check::scorches
                            : f.kind == Kind::glue   ? Check::glue
                            : f.kind == Kind::sleeve ? Check::sleeve
                                                     : Check::take_out;
        gate.push_back({check, f.what, f.limit_C, f.peak_C, f.bars});
    }
    addWet(gate, puppet, c, shelf, bake);
    addHoles(gate, puppet);
    if (bake.coats == 0) {
        addClay(gate, puppet, c, shelf, bake.fresh);
        addThings(gate, puppet, c, shelf, bake.fresh, fill::calcPeak(shelf, bake.set_C));
    }
    addProps(gate, puppet, c, shelf, bake.fresh);
    for (const fill::TrappedAir& a : fill::calcTrappedAir(c.parts, shelf, bake, fill::calcPeak(shelf, bake.set_C)))
        if (const fill::Part& p = c.parts[static_cast<std::size_t>(a.part)]; a.lifts() && !isRight(c, p))
            gate.push_back({Check::air, p.label, a.more_mm3, a.stress_MPa / a.strength_MPa, false});
    for (const std::string& id : puppet.wants.inOven)
        if (const auto card = shelf.ovens.find(id);
            card != shelf.ovens.end() &&
            std::none_of(gate.begin(), gate.end(), [&](const GateItem& g) { return g.subject == card->second.name; }))
            gate.push_back({Check::alongside, card->second.name, card->second.limit_C, 0, false});
    const bool probed = shelf.shop.oven.readings > 0;
    gate.push_back({Check::probe,
                    {},
                    probed ? bake.set_C - shelf.shop.oven.offset_C : std::numeric_limits<double>::quiet_NaN(),
                    bake.set_C,
                    false});
    const fill::Cooling& cooling = bake.cooling;
    if (cooling.slowest >= 0)
        gate.push_back({Check::cool, c.parts[static_cast<std::size_t>(cooling.slowest)].label, cooling.slow_min,
                        cooling.quick_min, false});
    return stopsFirst(std::move(gate));
}

std::vector<GateItem> calcFrameGate(const Puppet& puppet, const choice::PuppetChoice& c) {
    std::vector<GateItem> gate;
    // On the bare frame nothing but putty and foil could be in a gap, and the design keeps both out of it.
    int gaps = 0;
    double shortest = 1e9;
    for (const LimbCopy& k : c.rest.copies)
        if (const Limb& limb = puppet.limbs[static_cast<std::size_t>(k.limb)]; !limb.whip)
            for (const Joint& j : limb.joints)
                if (j.posed) ++gaps, shortest = std::min(shortest, j.gap_mm);
    if (gaps > 0) gate.push_back({Check::gaps, {}, static_cast<double>(gaps), shortest, false});
    addHoles(gate, puppet);
    return stopsFirst(std::move(gate));
}

std::vector<GateItem> calcDryGate(const Puppet& puppet, const choice::PuppetChoice& c, const fill::Shelf& shelf,
                                  const std::vector<int>& parts) {
    std::vector<GateItem> gate;
    addHoles(gate, puppet);
    addClay(gate, puppet, c, shelf, parts);
    addThings(gate, puppet, c, shelf, parts, 0);
    addProps(gate, puppet, c, shelf, parts);
    return stopsFirst(std::move(gate));
}

namespace {

/// In keys of ticks: never changed, for files hold them.
const char* nameOf(Check check) {
    switch (check) {
    case Check::pose:
        return "pose";
    case Check::gaps:
        return "gaps";
    case Check::crossed:
        return "crossed";
    case Check::dry_first:
        return "dry first";
    case Check::not_yet:
        return "not yet";
    case Check::never_bake:
        return "never bake";
    case Check::holes:
        return "holes";
    case Check::scorches:
        return "scorches";
    case Check::take_out:
        return "take out";
    case Check::glue:
        return "glue";
    case Check::sleeve:
        return "sleeve";
    case Check::alongside:
        return "alongside";
    case Check::prop:
        return "prop";
    case Check::prop_joint:
        return "prop joint";
    case Check::air:
        return "air";
    case Check::thinnest:
        return "thinnest";
    case Check::thickest:
        return "thickest";
    case Check::pair:
        return "pair";
    case Check::cloth:
        return "cloth";
    case Check::oversize:
        return "oversize";
    case Check::probe:
        return "probe";
    case Check::cool:
        return "cool";
    case Check::closed:
        return "closed";
    case Check::try_prop:
        return "try prop";
    case Check::hole_there:
        return "hole there";
    case Check::lit:
        return "lit";
    case Check::seated:
        return "seated";
    case Check::spares:
        return "spares";
    case Check::glue_heat:
        return "glue heat";
    case Check::clearance:
        return "clearance";
    case Check::sheen:
        return "sheen";
    }
    return "";
}

} // namespace

std::vector<std::string> keysOf(const std::vector<GateItem>& gate) {
    std::vector<std::string> keys;
    std::map<std::string, int> seen;
    for (const GateItem& g : gate) {
        // As fine as it is said: what moves by less was looked at.
        std::string key = fmt::format("{}|{}|{:.3g}|{:.3g}{}", nameOf(g.check), g.subject.english().substr(0, 200),
                                      g.a.value, g.b.value, g.stop ? "|stop" : "");
        if (const int again = seen[key]++; again > 0) key += fmt::format("|{}", again + 1);
        keys.push_back(std::move(key));
    }
    return keys;
}

bool isOpen(const std::vector<GateItem>& gate) {
    return std::none_of(gate.begin(), gate.end(), [](const GateItem& g) { return g.stop; });
}

} // namespace enkinet::make
