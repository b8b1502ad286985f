#include "fill/parts.h"
#include "base/units.h"
#include "fill/things.h"
#include <algorithm>
#include <cmath>

namespace enkinet::fill {

ENKINET_COMPARED_BODY(Part)

double Part::clay_g() const {
    double sum = skin.mass_g;
    for (const LayerMass& c : coats)
        sum += c.mass_g;
    return sum;
}

using namespace body;

namespace {

/// Densities of a part's layers, g/mm³ (cover: g/mm²); 0 where there is none.
struct Densities {
    double skin = 0, bulk = 0, cover_g_mm2 = 0;
    std::vector<double> coats;
};

LayerCards findCards(const Layers& l, const Shelf& shelf) {
    LayerCards c;
    if (!l.clay.empty()) c.clay = shelf.clays.at(l.clay);
    for (const Coat& x : l.coats)
        c.coats.push_back(shelf.clays.at(x.clay));
    if (!l.bulk.empty()) c.bulk = shelf.bulks.at(l.bulk);
    if (!l.cover.empty()) c.cover = shelf.covers.at(l.cover);
    return c;
}

Densities findDensities(const LayerCards& c) {
    Densities d;
    if (c.clay) d.skin = gPerCm3ToGPerMm3(c.clay->density_g_cm3);
    for (const ClayCard& x : c.coats)
        d.coats.push_back(gPerCm3ToGPerMm3(x.density_g_cm3));
    if (c.bulk) d.bulk = gPerCm3ToGPerMm3(c.bulk->density_g_cm3);
    if (c.cover) d.cover_g_mm2 = c.cover->mass_g_m2 * 1e-6;
    return d;
}

/// Takes the wire's metal out of the innermost solid layer, and weighs.
void displace(Part& p, const Densities& d, double metal_mm3) {
    LayerMass* layer = p.bulk.volume_mm3 > 0 ? &p.bulk : nullptr;
    for (std::size_t k = 0; !layer && k < p.coats.size(); ++k)
        if (p.coats[k].volume_mm3 > 0) layer = &p.coats[k];
    if (!layer) layer = &p.skin;
    layer->volume_mm3 = std::max(0.0, layer->volume_mm3 - metal_mm3);
    p.bulk.mass_g = p.bulk.volume_mm3 * d.bulk;
    p.skin.mass_g = p.skin.volume_mm3 * d.skin;
    for (std::size_t k = 0; k < p.coats.size(); ++k)
        p.coats[k].mass_g = p.coats[k].volume_mm3 * d.coats[k];
}

/// Volume and centre between two nested bodies given volume and first coordinate of each along a line.
TubeIntegral difference(TubeIntegral outer, TubeIntegral inner) {
    TubeIntegral r{outer.volume_mm3 - inner.volume_mm3, outer.centre};
    if (r.volume_mm3 > 1e-12)
        r.centre = (outer.volume_mm3 * outer.centre - inner.volume_mm3 * inner.centre) / r.volume_mm3;
    return r;
}

/// How slowly the clay inside gets hot, in order only: what must be warmed through the surface, and through the clay.
double slowness(double outer_mm, double core_mm, double clayHeat, double coreHeat) {
    constexpr double kSurface = 15, kClay = 0.25; // W/m²K and W/mK: see fill/bake.h
    const double t = outer_mm - core_mm;
    return (clayHeat * (outer_mm * outer_mm - core_mm * core_mm) + coreHeat * core_mm * core_mm) /
               (2 * std::max(outer_mm, 1e-6) * kSurface) +
           clayHeat * t * t / (2 * kClay) * 1e-3;
}

/// Thickness of each coat, from the radius that is left so far inside.
template <class Radius> std::vector<double> coatRadii(const Layers& l, double skin, Radius radius) {
    std::vector<double> all(l.coats.size());
    double in = skin;
    for (std::size_t k = all.size(); k-- > 0;) {
        const double outside = radius(in);
        in += l.coats[k].thickness_mm;
        all[k] = outside - radius(in);
    }
    return all;
}

/// Half-widths, and what goes into the oven where the clay takes longest to get hot.
void findThickness(Part& p, const PartKey& key, const Densities& d) {
    const Segment& seg = key.segment;
    const Stretch& own = key.own;
    const Layers& l = seg.layers;
    const double coreHeat = key.cards.bulk ? d.bulk * key.cards.bulk->heat_J_kgK : 0;
    double clayHeat = d.skin * 1200;
    for (const double coat : d.coats)
        clayHeat = std::max(clayHeat, coat * 1200);
    p.thinnest_mm = p.skinLeast_mm = 1e9;
    double slowest = -1;
    const auto look = [&](double t) {
        const Section s = findSection(seg.sections, t);
        p.thinnest_mm = std::min({p.thinnest_mm, s.a_mm, s.b_mm});
        p.thickest_mm = std::max({p.thickest_mm, s.a_mm, s.b_mm});
        if (l.clay.empty()) return;
        const double outside = !l.cover.empty() && t >= l.coverFrom && t <= l.coverTo ? l.cover_mm : 0;
        const double skin = findSkin(seg, t);
        const double a = std::max(0.0, s.a_mm - outside), b = std::max(0.0, s.b_mm - outside);
        const double outer = std::sqrt(a * b);
        const auto radius = [&](double in) { return std::sqrt(std::max(0.0, a - in) * std::max(0.0, b - in)); };
        const double core = radius(skin + findCoats(l));
        const double thick = std::min({skin, a, b});
        p.skinLeast_mm = std::min(p.skinLeast_mm, thick), p.skinMost_mm = std::max(p.skinMost_mm, thick);
        p.noRoom = p.noRoom || (!l.bulk.empty() && core <= 0);
        if (const double slow = slowness(outer, core, clayHeat, coreHeat); slow > slowest)
            slowest = slow, p.bakeCore_mm = core, p.bakeSkin_mm = outer - core,
            p.bakeCoats_mm = coatRadii(l, skin, radius);
    };
    look(own.from), look(own.to);
    for (const Section& s : seg.sections)
        if (s.at > own.from && s.at < own.to) look(s.at);
    if (l.clay.empty()) p.skinLeast_mm = 0;
}

Part segmentPart(const PartKey& key) {
    const Link& link = key.link;
    const Segment& seg = key.segment;
    const Stretch& own = key.own;
    const WireRun& run = key.run;
    Part p;
    p.label = link.label;
    p.body = link.body;
    p.layers = seg.layers;
    const auto at = [&](double t) { return link.from + t * (link.to - link.from); };
    const double sleeve = kPi * ((run.diameter_mm / 2 + seg.sleeve_mm) * (run.diameter_mm / 2 + seg.sleeve_mm) -
                                 run.diameter_mm * run.diameter_mm / 4);
    const Stretch stiff = findStiff(link);
    p.wire = {run.metal_mm2 * link.length_mm,
              run.mass_g_mm * link.length_mm +
                  sleeve * stiff.length() * link.length_mm * gPerCm3ToGPerMm3(kSleeveDensity),
              at(0.5)};
    if (seg.sections.empty() || own.length() <= 0) return p;

    const Layers& l = seg.layers;
    const Densities d = findDensities(key.cards);
    const double L = link.length_mm;
    const auto clay = findShells(seg, Surface::clay), core = findShells(seg, Surface::core),
               under = l.coats.empty() ? core : findCoatShells(seg, l.coats.size() - 1);
    p.volume_mm3 = calcTube(seg.sections, L, own.from, own.to, 0).volume_mm3;
    p.surface_mm2 = calcTubeSurface(seg.sections, L, own.from, own.to);
    if (const Stretch on = findCommon(own, {l.coverFrom, l.coverTo}); !l.cover.empty() && on.length() > 0) {
        p.covered_mm2 = calcTubeSurface(seg.sections, L, on.from, on.to);
        p.cover = {p.volume_mm3 - calcTube(clay, L, own.from, own.to).volume_mm3, p.covered_mm2 * d.cover_g_mm2,
                   at((on.from + on.to) / 2)};
    }

    const Stretch solid = findCommon(own, stiff), skinned = l.skinAcrossGaps ? own : solid;
    if (!l.clay.empty()) {
        const TubeIntegral s =
            difference(calcTube(clay, L, skinned.from, skinned.to), calcTube(under, L, skinned.from, skinned.to));
        p.skin = {s.volume_mm3 * (1 + l.relief), 0, at(s.centre)};
        for (std::size_t k = 0; k < l.coats.size(); ++k) {
            const TubeIntegral c =
                difference(calcTube(findCoatShells(seg, k), L, skinned.from, skinned.to),
                           calcTube(k > 0 ? findCoatShells(seg, k - 1) : core, L, skinned.from, skinned.to));
            p.coats.push_back({c.volume_mm3, 0, at(c.centre)});
        }
    }
    if (!l.bulk.empty()) {
        const TubeIntegral b = calcTube(core, L, solid.from, solid.to);
        p.bulk = {b.volume_mm3, 0, at(b.centre)};
    }
    displace(p, d, (run.metal_mm2 + sleeve) * solid.length() * L);

    findThickness(p, key, d);
    return p;
}

/// Grows or shrinks a mass by a thickness, not below 0.
Vec3 inset(const Vec3& h, double t) { return {std::max(0.0, h.x - t), std::max(0.0, h.y - t), std::max(0.0, h.z - t)}; }

double volumeOf(MassShape shape, const Vec3& h) {
    return shape == MassShape::box ? 8 * h.x * h.y * h.z : calcEllipsoidVolume(h);
}

Part massPart(const Mass& mass, const MassCopy& copy, const Skeleton& s, const Shelf& shelf, const WireRun& run) {
    Part p;
    p.label = copy.label;
    p.body = s.links[static_cast<std::size_t>(copy.link)].body;
    p.layers = mass.layers;
    if (mass.shape == MassShape::weighed) {
        // Neither clay nor bulk nor cloth to buy.
        p.piece = {0, mass.weighed_g, copy.at};
        return p;
    }
    const Layers& l = mass.layers;
    const Densities d = findDensities(findCards(l, shelf));
    const double outside = findInset(l, Surface::clay), core = findInset(l, Surface::core),
                 skin = l.clay.empty() ? 0 : l.skin_mm;
    const Vec3& h = mass.half_mm;
    p.volume_mm3 = volumeOf(mass.shape, h);
    p.surface_mm2 = mass.shape == MassShape::box ? 8 * (h.x * h.y + h.y * h.z + h.x * h.z) : calcEllipsoidSurface(h);
    p.covered_mm2 = l.cover.empty() ? 0 : p.surface_mm2;
    const double underCover = volumeOf(mass.shape, inset(h, outside)),
                 underSkin = volumeOf(mass.shape, inset(h, outside + skin)),
                 inner = volumeOf(mass.shape, inset(h, core));
    p.cover = {p.volume_mm3 - underCover, p.covered_mm2 * d.cover_g_mm2, copy.at};
    if (!l.clay.empty()) p.skin = {(underCover - underSkin) * (1 + l.relief), 0, copy.at};
    double depth = core;
    for (const Coat& c : l.coats) {
        const double within = volumeOf(mass.shape, inset(h, depth));
        depth -= c.thickness_mm;
        p.coats.push_back({volumeOf(mass.shape, inset(h, depth)) - within, 0, copy.at});
    }
    if (!l.bulk.empty()) p.bulk = {inner, 0, copy.at};
    double inside = 0;
    for (const Link& link : s.links)
        if (link.copy == s.links[static_cast<std::size_t>(copy.link)].copy)
            inside += findAxisInside(mass, copy.at, link, core);
    displace(p, d, run.metal_mm2 * inside);

    p.ball = mass.shape == MassShape::ellipsoid;
    p.thinnest_mm = std::min({h.x, h.y, h.z});
    p.thickest_mm = std::max({h.x, h.y, h.z});
    if (!l.clay.empty()) {
        const double outer = std::cbrt(h.x * h.y * h.z) - outside;
        p.bakeSkin_mm = std::min(core - outside, outer);
        p.bakeCore_mm = outer - p.bakeSkin_mm;
        p.bakeCoats_mm = coatRadii(l, skin, [&](double in) { return std::max(0.0, outer - in); });
        p.noRoom = !l.bulk.empty() && core >= p.thinnest_mm;
        p.skinLeast_mm = p.skinMost_mm = std::min(skin, p.thinnest_mm - outside);
    }
    return p;
}

} // namespace

std::vector<Part> calcParts(const Puppet& puppet, const Skeleton& s, const std::vector<Stretch>& own,
                            const Shelf& shelf, const std::vector<WireRuns>& runs, PartMemo* memo) {
    ENKINET_ASSERT(runs.size() == puppet.limbs.size() && own.size() == s.links.size());
    const auto runOf = [&](std::size_t limb, int segment) {
        return runs[limb].empty() ? WireRun{} : runs[limb][static_cast<std::size_t>(segment)];
    };
    std::vector<Part> parts;
    const auto limbOf = [&](const Link& l) {
        return static_cast<std::size_t>(s.copies[static_cast<std::size_t>(l.copy)].limb);
    };
    for (std::size_t i = 0; i < s.links.size(); ++i) {
        const Link& link = s.links[i];
        const std::size_t limb = limbOf(link);
        const Segment& segment = puppet.limbs[limb].segments[static_cast<std::size_t>(link.segment)];
        PartKey key{link, segment, own[i], runOf(limb, link.segment), findCards(segment.layers, shelf)};
        parts.push_back(memo ? *memo->find(i, std::move(key), segmentPart) : segmentPart(key));
        parts.back().link = static_cast<int>(i);
    }
    for (std::size_t i = 0; i < s.masses.size(); ++i) {
        const MassCopy& copy = s.masses[i];
        const Link& link = s.links[static_cast<std::size_t>(copy.link)];
        parts.push_back(massPart(puppet.masses[static_cast<std::size_t>(copy.mass)], copy, s, shelf,
                                 runOf(limbOf(link), link.segment)));
        parts.back().mass = static_cast<int>(i);
        parts.back().link = copy.link;
    }
    addThings(puppet, s, shelf, parts);
    return parts;
}

Totals calcTotals(const std::vector<Part>& parts) {
    Totals t;
    Vec3 sum;
    for (const Part& p : parts) {
        t.skin_g += p.clay_g(), t.bulk_g += p.bulk.mass_g, t.cover_g += p.cover.mass_g, t.wire_g += p.wire.mass_g;
        t.piece_g += p.piece.mass_g;
        eachLayer(p, [&](const LayerMass& l) { sum = sum + l.mass_g * l.centre; });
    }
    if (t.mass_g() > 0) t.centre = (1 / t.mass_g()) * sum;
    return t;
}

} // namespace enkinet::fill
