#include "checks/things.h"
#include "base/units.h"
#include "fill/cured.h"
#include "wire/proof.h"
#include <algorithm>
#include <cmath>

namespace enkinet::checks {

using namespace body;

const schema::Words& wordsOf(BondLimit) {
    static const schema::Words all = schema::makeWords<BondLimit>(
        {{BondLimit::pull, "pull", words("it pulls out; deeper, wider, or a stronger glue")},
         {BondLimit::torsion, "torsion", words("it turns in its hole; deeper, or a flat on it")},
         {BondLimit::butt, "butt", words("a butt joint peels; give it a pin")},
         {BondLimit::bending, "bending", words("the pin bends; thicker, harder or shorter in between")},
         {BondLimit::bearing, "bearing", words("the hole gives; deeper, or a tube in it")},
         {BondLimit::magnet, "magnet", words("the magnet tips off; wider, or two of them")},
         {BondLimit::wall, "wall", words("the wall beside the hole is thin")},
         {BondLimit::heat, "heat", words("its glue lets go in the oven")},
         {BondLimit::droop, "droop", words("the rod gives; thicker, or shorter")}});
    return all;
}

/// Of woven wire mesh along its wires, typical.
constexpr double kMeshStretch = 0.02;

double findDensity(BaseStuff stuff) {
    switch (stuff) {
    case BaseStuff::softwood:
        return 0.5;
    case BaseStuff::balsa:
        return 0.16;
    case BaseStuff::fibreboard:
        return 0.75;
    case BaseStuff::foam:
        return 0.03;
    case BaseStuff::plaster:
        return 1.2;
    case BaseStuff::metal:
        return 7.8;
    }
    return 0;
}

double findBearing(BaseStuff stuff) {
    switch (stuff) {
    case BaseStuff::softwood:
        return 20;
    case BaseStuff::balsa:
        return 5;
    case BaseStuff::fibreboard:
        return 15;
    case BaseStuff::foam:
        return 0.3;
    case BaseStuff::plaster:
        return 4;
    case BaseStuff::metal:
        return 100;
    }
    return 0;
}

BondCheck checkBond(const Bond& b, const document::AdhesiveCard* adhesive, const wire::MaterialCard* pin,
                    double force_N, double moment_Nmm, double bearing_MPa, double host_mm, double heat_C,
                    double proof_Nmm_mm3) {
    BondCheck r;
    r.force_N = force_N, r.moment_Nmm = moment_Nmm, r.wall_mm = std::nan("");
    r.margin.fill(std::nan(""));
    const auto set = [&](BondLimit limit, double there, double asked) {
        const double m = asked > 1e-12 ? std::min(1e9, there / asked) : 1e9;
        r.margin[static_cast<std::size_t>(limit)] = m;
        if (r.governs < 0 || m < r.least()) r.governs = static_cast<int>(limit);
    };
    const double d = b.diameter_mm, tau = adhesive ? adhesive->shear_MPa : 0;
    // What is in a hole holds by the shorter of its two ends.
    const double L =
        b.depth_mm > 0 && b.depthTo_mm > 0 ? std::min(b.depth_mm, b.depthTo_mm) : std::max(b.depth_mm, b.depthTo_mm);
    const bool peg = b.kind == BondKind::pin || b.kind == BondKind::dowel || b.kind == BondKind::rod;
    if (peg && d > 0 && L > 0) {
        // A dowel that comes off is not glued in.
        if (tau > 0 && !b.comesOff) {
            set(BondLimit::pull, kPi * d * L * tau, kBondSpare * force_N);
            set(BondLimit::torsion, kPi * d * d * L * tau / 2, kBondSpare * moment_Nmm);
        }
        const double bend = std::max(moment_Nmm, force_N * (b.free_mm + L / 2));
        if (pin) {
            const wire::Bundle one{1, std::clamp(d, 0.1, 10.0), 0};
            const double proof = std::isnan(proof_Nmm_mm3) ? wire::calcProofMoment(*pin, {1, 1, 0}) : proof_Nmm_mm3;
            set(BondLimit::bending, proof * one.diameter_mm * one.diameter_mm * one.diameter_mm, bend);
            // F h³/(3 EI) against a share of h.
            if (b.kind == BondKind::rod && b.free_mm > 0)
                set(BondLimit::droop, kRodDroop,
                    force_N * b.free_mm * b.free_mm / (3 * wire::findStiffness(*pin, one)));
        }
        if (bearing_MPa > 0) set(BondLimit::bearing, bearing_MPa * d * L * L / 6, bend);
        if (host_mm > 0) {
            r.wall_mm = host_mm - d / 2 - b.clearance_mm;
            set(BondLimit::wall, std::max(0.0, r.wall_mm.value), kLeastWall_mm);
        }
    }
    if ((b.kind == BondKind::glue || b.kind == BondKind::putty) && d > 0 && tau > 0) {
        set(BondLimit::pull, kPi / 4 * d * d * tau, kBondSpare * force_N);
        set(BondLimit::butt, tau / kPeel, 32 * moment_Nmm / (kPi * d * d * d));
    }
    if (b.kind == BondKind::magnet && d > 0 && b.hold_N > 0) {
        set(BondLimit::pull, b.hold_N, kTipSpare * force_N);
        set(BondLimit::magnet, b.hold_N * d / 2, kTipSpare * moment_Nmm);
    }
    if (adhesive && heat_C > 0) set(BondLimit::heat, adhesive->limit_C, heat_C);
    return r;
}

int BondCheck::weakest() const {
    int least = -1;
    for (std::size_t k = 0; k < kBondLimits; ++k) {
        if (k == static_cast<std::size_t>(BondLimit::heat) || k == static_cast<std::size_t>(BondLimit::wall)) continue;
        if (std::isnan(margin[k].value)) continue;
        if (least < 0 || margin[k].value < margin[static_cast<std::size_t>(least)].value) least = static_cast<int>(k);
    }
    return least;
}

namespace {

constexpr double kClayBearing_MPa = 8, kFoilBearing_MPa = 0.3; ///< typical

class Checker {
public:
    Checker(const Puppet& p, const choice::PuppetChoice& c, const fill::Shelf& shelf, const document::Cards& cards,
            ProofMemo& proofs)
        : m_p(p), m_c(c), m_shelf(shelf), m_cards(cards), m_proofs(proofs) {}

    ThingsChecked run() {
        ThingsChecked r;
        for (const fill::Part& p : m_c.parts)
            for (std::size_t k = 0; k <= p.layers.coats.size(); ++k)
                if (const auto clay = m_shelf.clays.find(p.clayOf(k));
                    clay != m_shelf.clays.end() && fill::isOvenBaked(clay->second.family))
                    m_hottest = std::max(m_hottest, clay->second.set_C);
        r.hottest_C = m_hottest;
        for (const Feature& f : m_p.things.features)
            r.features.push_back(fill::calcFeature(m_p, f, m_shelf));
        for (const Bond& b : m_p.things.bonds)
            r.bonds.push_back(bond(b));
        if (m_p.things.base) r.base = base(*m_p.things.base);
        for (const Sheet& s : m_p.things.sheets)
            r.sheets.push_back(sheet(s));
        for (const Run& x : m_p.things.runs)
            r.runs.push_back(cable(x));
        return r;
    }

private:
    const fill::Part* partOf(const Spot& s) const {
        const Skeleton& k = m_c.skeleton;
        for (const fill::Part& part : m_c.parts) {
            if (part.mass >= 0) {
                if (!s.mass.empty() &&
                    m_p.masses[static_cast<std::size_t>(k.masses[static_cast<std::size_t>(part.mass)].mass)].id ==
                        s.mass)
                    return &part;
                continue;
            }
            const Link& l = k.links[static_cast<std::size_t>(part.link)];
            if (s.mass.empty() && !s.limb.empty() && l.segment == s.segment &&
                m_p.limbs[static_cast<std::size_t>(k.copies[static_cast<std::size_t>(l.copy)].limb)].id == s.limb)
                return &part;
        }
        return nullptr;
    }
    const Feature* featureOf(const Spot& s) const {
        for (const Feature& f : m_p.things.features)
            if (f.id == s.feature) return &f;
        return nullptr;
    }
    /// Which end of a bond is carried: what sits on a thing before what is a piece of its own, that before a segment;
    /// of two alike the first. Nothing carries the base.
    static int rank(const Spot& s) { return s.base ? 3 : !s.feature.empty() ? 0 : !s.mass.empty() ? 1 : 2; }
    /// What hangs on it there: a feature, a mass with all that its slot may carry, a segment with what lies beyond.
    double gramsOf(const Spot& s) const {
        if (const Feature* f = featureOf(s)) return fill::calcFeature(m_p, *f, m_shelf).first_g;
        const fill::Part* p = partOf(s);
        if (!p) return 0;
        if (p->mass >= 0) return p->mass_g();
        const Skeleton& k = m_c.skeleton;
        const Link& from = k.links[static_cast<std::size_t>(p->link)];
        double grams = 0;
        for (const fill::Part& x : m_c.parts) {
            const Link& l = k.links[static_cast<std::size_t>(x.link)];
            const bool along = l.copy == from.copy && l.segment >= from.segment;
            if (along || (l.body != from.body && isBeyond(k, l.body, from.body))) grams += x.mass_g();
        }
        return grams;
    }
    double leverOf(const Spot& s) const {
        if (const Feature* f = featureOf(s)) return f->first_mm / 2;
        const fill::Part* p = partOf(s);
        if (!p) return 0;
        const Skeleton& k = m_c.skeleton;
        if (p->mass < 0) return k.links[static_cast<std::size_t>(p->link)].length_mm / 2;
        const Mass& m = m_p.masses[static_cast<std::size_t>(k.masses[static_cast<std::size_t>(p->mass)].mass)];
        // The longest that the slot may carry.
        double lever = m.half_mm.y;
        for (const Variant& v : m_p.things.variants)
            if (v.mass == m.id) lever = std::max(lever, v.length_mm / 2);
        return lever;
    }
    /// What the hole is in at one end: how strong, and the half-width that it lies in; 0 where it is not known.
    std::pair<double, double> holeIn(const Bond& b, const Spot& s) const {
        if (s.base) return {m_p.things.base ? findBearing(m_p.things.base->stuff) : 0, 0};
        const fill::Part* p = partOf(s);
        if (!p) return {0, 0};
        // A tube is bound to the wire, which carries it. Else solid clay; a core of foil gives.
        if (b.socket || b.kind == BondKind::dowel) return {0, p->thinnest_mm};
        return {p->skin.mass_g > 0 && p->bulk.mass_g <= 0 ? kClayBearing_MPa : kFoilBearing_MPa, p->thinnest_mm};
    }
    /// The most that a hand does at its grip anywhere.
    double hand() const {
        double most = 0;
        for (const choice::LimbChoice& l : m_c.limbs)
            for (std::size_t j = 0; j < l.verdicts.size(); ++j)
                if (l.verdicts[j].effort_Nmm > 0)
                    most = std::max(most, l.verdicts[j].effort_Nmm / l.demands[j].lever_mm);
        return most;
    }
    BondCheck bond(const Bond& b) const {
        const document::AdhesiveCard* adhesive = nullptr;
        for (const document::AdhesiveCard& c : m_cards.adhesives)
            if (c.id == b.adhesive) adhesive = &c;
        const wire::MaterialCard* pin = nullptr;
        for (const wire::MaterialCard& c : m_cards.wires)
            if (c.id == b.wire) pin = &c;
        const Spot& carried = rank(b.to) < rank(b.from) ? b.to : b.from;
        double force = b.force_N, moment = b.moment_Nmm;
        if (force <= 0) force = std::max(fill::kKnockWeights * gramsOf(carried) * kNewtonPerGram, fill::kHandling_N);
        if (moment <= 0) moment = force * leverOf(carried);
        // A rod in the base carries the whole figure as it leans, or what a hand does to it.
        if (b.kind == BondKind::rod && (b.from.base || b.to.base)) {
            force = std::max(m_c.totals.mass_g() * kNewtonPerGram * std::sin(m_p.wants.lean_rad), hand());
            moment = force * b.free_mm;
        }
        // The weaker of its two ends.
        double bearing = 0, host = 0;
        for (const auto& [strong, half] : {holeIn(b, b.from), holeIn(b, b.to)}) {
            if (strong > 0) bearing = bearing > 0 ? std::min(bearing, strong) : strong;
            if (half > 0) host = host > 0 ? std::min(host, half) : half;
        }
        const double proof = !pin ? 0 : *m_proofs.find(0, *pin, [](const wire::MaterialCard& card) {
            return wire::calcProofMoment(card, {1, 1, 0});
        });
        const double heat = b.before <= Stage::bake ? m_hottest : 0;
        const fill::Face from = faceOf(b, b.from, b.raw), to = faceOf(b, b.to, false);
        // As strong as on the weaker of its faces; where it does not hold it bears nothing that is to be counted on.
        std::optional<document::AdhesiveCard> there;
        if (adhesive) there = *adhesive, there->shear_MPa = fill::findShear(*adhesive, from, to);
        BondCheck r = checkBond(b, there ? &*there : nullptr, pin, force, moment, bearing, host, heat, proof);
        r.from = from, r.to = to, r.heat_C = heat;
        r.holdsThere = !there || there->shear_MPa > 0;
        return r;
    }
    /// What an adhesive meets at one end of a bond.
    fill::Face faceOf(const Bond& b, const Spot& s, bool raw) const {
        using fill::Face;
        if (s.base && m_p.things.base) {
            switch (m_p.things.base->stuff) {
            case BaseStuff::softwood:
            case BaseStuff::balsa:
            case BaseStuff::fibreboard:
                return Face::wood;
            case BaseStuff::foam:
                return Face::foam;
            case BaseStuff::plaster:
                return Face::plaster;
            case BaseStuff::metal:
                return Face::metal;
            }
        }
        if (const Feature* f = featureOf(s)) {
            const auto clay = m_shelf.clays.find(f->clay);
            return clay == m_shelf.clays.end() ? Face::glass : raw ? Face::raw_clay : Face::cured_clay;
        }
        const fill::Part* p = partOf(s);
        if (!p) return Face::wood;
        // A tube or putty on the wire is what it sits in.
        if (b.socket || b.kind == BondKind::dowel) return Face::metal;
        if (p->covered_mm2 > 0 && b.before > Stage::cover) return Face::cloth;
        if (!p->layers.scheme.empty() && !b.paintOff && b.before > Stage::paint) return Face::paint;
        if (!p->layers.clay.empty()) return raw ? Face::raw_clay : Face::cured_clay;
        return !p->layers.bulk.empty()                    ? Face::foil
               : p->wire.mass_g > 0 && p->volume_mm3 <= 0 ? Face::metal
                                                          : Face::wood;
    }

    double toEdge(const Base& b, double x, double z) const {
        if (b.shape == BaseShape::disc) return b.width_mm / 2 - std::hypot(x - b.x_mm, z - b.z_mm);
        return std::min(b.width_mm / 2 - std::abs(x - b.x_mm), b.depth_mm / 2 - std::abs(z - b.z_mm));
    }

    BaseCheck base(const Base& b) const {
        BaseCheck r;
        const double area = b.shape == BaseShape::disc ? kPi / 4 * b.width_mm * b.width_mm : b.width_mm * b.depth_mm;
        const double own = b.weight_g > 0 ? b.weight_g : area * b.thickness_mm * gPerCm3ToGPerMm3(findDensity(b.stuff));
        const double puppet = m_c.totals.mass_g();
        r.weight_g = own, r.all_g = own + puppet;
        const Vec3 standing = m_c.totals.centre + Vec3{0, b.thickness_mm, 0};
        r.centre = (1 / r.all_g) * (own * Vec3{b.x_mm, b.thickness_mm / 2, b.z_mm} + puppet * standing);
        r.edge_mm = toEdge(b, r.centre.x, r.centre.z);
        const double width = b.shape == BaseShape::disc ? b.width_mm : std::min(b.width_mm, b.depth_mm);
        r.leaned_mm = r.edge_mm - puppet / r.all_g * m_c.totals.centre.y * std::sin(m_p.wants.lean_rad);
        r.wanted_mm = width / 10;
        r.stands = 1e9;
        r.fixed = b.shape == BaseShape::floor;
        const double W = r.all_g * kNewtonPerGram;
        for (const choice::LimbChoice& l : m_c.limbs)
            for (std::size_t j = 0; j < l.verdicts.size(); ++j) {
                const choice::Demand& d = l.demands[j];
                if (d.far.link < 0 || !(l.verdicts[j].effort_Nmm > 0)) continue;
                const Link& link = m_c.skeleton.links[static_cast<std::size_t>(d.far.link)];
                const Vec3 hinge = m_c.skeleton.hinges[static_cast<std::size_t>(d.hinge)].at;
                const Vec3 towards = norm(link.to - hinge) > norm(link.from - hinge) ? link.to : link.from;
                const Vec3 grip = hinge + d.lever_mm * unit(towards - hinge);
                const double F = l.verdicts[j].effort_Nmm / d.lever_mm, H = std::max(0.0, grip.y) + b.thickness_mm;
                const double stands = W * std::max(0.0, r.edge_mm) / (F * H);
                if (stands >= r.stands) continue;
                r.stands = stands, r.push_N = F, r.push_mm = H;
                r.joint = m_c.skeleton.hinges[static_cast<std::size_t>(d.hinge)].label;
                r.leastWidth_mm = width + 2 * std::max(0.0, kTipSpare * F * H / W - r.edge_mm);
                r.leastWeight_g = r.edge_mm > 0 ? std::max(own, kTipSpare * F * H / r.edge_mm / kNewtonPerGram - puppet)
                                                : std::nan("");
            }
        for (int support : m_c.rest.supportLinks) {
            const Link& link = m_c.rest.links[static_cast<std::size_t>(support)];
            const LimbCopy& copy = m_c.rest.copies[static_cast<std::size_t>(link.copy)];
            const Limb& limb = m_p.limbs[static_cast<std::size_t>(copy.limb)];
            if (!limb.tieDown) continue;
            const choice::LimbChoice& l = m_c.limbs[static_cast<std::size_t>(copy.limb)];
            const double across =
                l.chosen < 0 ? 0 : wire::findBundleDiameter(l.candidates()[static_cast<std::size_t>(l.chosen)].bundle);
            hole(r, b,
                 {copy.label, link.to.x, link.to.z, across + 0.3, limb.tieDown->depth_mm, Stage::wire, false, false});
        }
        for (const Bond& x : m_p.things.bonds) {
            if (!x.from.base && !x.to.base) continue;
            const Spot& other = x.from.base ? x.to : x.from;
            double px = b.x_mm, pz = b.z_mm;
            if (const fill::Part* p = partOf(other)) {
                const Link& link = m_c.rest.links[static_cast<std::size_t>(p->link)];
                const Vec3 at = p->mass >= 0 ? m_c.rest.masses[static_cast<std::size_t>(p->mass)].at
                                             : (link.from.y < link.to.y ? link.from : link.to);
                px = at.x, pz = at.z;
            }
            hole(r, b,
                 {x.name, px, pz, x.diameter_mm + x.clearance_mm, x.from.base ? x.depth_mm : x.depthTo_mm, x.before,
                  false, false});
        }
        for (const Run& x : m_p.things.runs) {
            // A cable comes up where its limb stands.
            for (int support : m_c.rest.supportLinks) {
                const Link& link = m_c.rest.links[static_cast<std::size_t>(support)];
                const LimbCopy& copy = m_c.rest.copies[static_cast<std::size_t>(link.copy)];
                if (copy.right || m_p.limbs[static_cast<std::size_t>(copy.limb)].id != x.limb) continue;
                hole(r, b,
                     {x.name, link.to.x, link.to.z - 3 * x.outer_mm, x.outer_mm + 0.5, b.thickness_mm, Stage::wire,
                      false, false});
            }
        }
        return r;
    }
    void hole(BaseCheck& r, const Base& b, Hole h) const {
        h.through = h.depth_mm >= b.thickness_mm;
        h.outside = toEdge(b, h.x_mm, h.z_mm) < h.diameter_mm / 2;
        r.holes.push_back(std::move(h));
    }

    SheetCheck sheet(const Sheet& s) const {
        SheetCheck r;
        r.area_mm2 = s.length_mm * s.width_mm;
        r.raw = std::nan("");
        r.pattern_mm = s.radius_mm > 0 ? s.length_mm * (s.radius_mm + s.thickness_mm / 2) / s.radius_mm : s.length_mm;
        r.mass_g = fill::findSheetMass(s, m_shelf);
        r.count =
            std::max<int>(1, static_cast<int>(fill::findHosts(m_p, s.on, Side::both, m_c.skeleton, m_c.parts).size()));
        const auto clay = m_shelf.clays.find(s.clay);
        if (clay == m_shelf.clays.end()) {
            if (!s.to.isNowhere()) checkWeb(m_p, m_c.rest, s, s.core != SheetCore::none ? kMeshStretch : 0, r);
            return r;
        }
        const fill::ClayCard& c = clay->second;
        const double rho = gPerCm3ToGPerMm3(c.density_g_cm3);
        // A strip held along one edge: M = w L²/2, Z = t²/6.
        const double stress = 3 * rho * kNewtonPerGram * s.length_mm * s.length_mm / s.thickness_mm;
        // Mesh or wire inside carries it.
        if (s.core == SheetCore::none) r.raw = c.rawStrength_MPa / stress;
        // What nine in ten such pieces stand, as for every part that a hand or a knock could break.
        const double strength = fill::calcStrength(c.rupture_MPa, m_shelf.shop.rupturesOf(c.id)).nine_MPa;
        double strain = c.strainLimit > 0                  ? c.strainLimit
                        : strength > 0 && c.youngs_MPa > 0 ? strength / c.youngs_MPa
                                                           : 0;
        const bool hardens = c.family != fill::ClayFamily::never_dry;
        if (strain > 0 && hardens) r.leastRadius_mm = s.thickness_mm / (2 * strain);
        if (!hardens) strain = 0;
        // Mesh or wire inside gives next to nothing along itself.
        if (s.core != SheetCore::none) strain = strain > 0 ? std::min(strain, kMeshStretch) : kMeshStretch;
        if (!s.to.isNowhere()) checkWeb(m_p, m_c.rest, s, strain, r);
        return r;
    }

    RunCheck cable(const Run& x) const {
        RunCheck r;
        r.wall_mm = 1e9;
        for (std::size_t i = 0; i < m_p.limbs.size(); ++i) {
            const Limb& limb = m_p.limbs[i];
            if (limb.id != x.limb) continue;
            const choice::LimbChoice& l = m_c.limbs[i];
            const double bundle =
                l.chosen < 0 ? 0 : wire::findBundleDiameter(l.candidates()[static_cast<std::size_t>(l.chosen)].bundle);
            for (int s = x.fromSegment; s <= x.toSegment; ++s) {
                const Segment& seg = limb.segments[static_cast<std::size_t>(s)];
                for (const body::Section& st : seg.sections) {
                    // Two circles that touch, beside each other along the wide axis, the pair in the middle.
                    const double wide = std::max(st.a_mm, st.b_mm), thin = std::min(st.a_mm, st.b_mm);
                    const double pair = bundle + x.outer_mm, at = pair / 2 - x.outer_mm / 2;
                    const double across = thin * std::sqrt(std::max(0.0, 1 - at * at / (wide * wide))) - x.outer_mm / 2;
                    const double wall = std::min(wide - pair / 2, across);
                    if (wall < r.wall_mm) r.wall_mm = wall, r.wallAt = seg.name;
                }
                if (s == x.fromSegment) continue;
                const Joint& j = limb.joints[static_cast<std::size_t>(s)];
                if (!j.posed) continue;
                const double bend = j.gap_mm / findLargestBend(j);
                if (r.bend_mm == 0 || bend < r.bend_mm) r.bend_mm = bend, r.bendAt = j.name;
            }
        }
        if (r.wall_mm > 1e8) r.wall_mm = 0;
        return r;
    }

    const Puppet& m_p;
    const choice::PuppetChoice& m_c;
    const fill::Shelf& m_shelf;
    const document::Cards& m_cards;
    ProofMemo& m_proofs;
    double m_hottest = 0;
};

} // namespace

ThingsChecked calcThings(const Puppet& puppet, const choice::PuppetChoice& choice, const fill::Shelf& shelf,
                         const document::Cards& cards, ProofMemo* proofs) {
    ProofMemo own;
    return Checker(puppet, choice, shelf, cards, proofs ? *proofs : own).run();
}

} // namespace enkinet::checks
