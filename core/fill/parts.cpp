#include "fill/parts.h"
#include "base/units.h"
#include "fill/things.h"
#include <algorithm>
#include <cmath>

namespace enkinet::fill {

ENKINET_COMPARED_BODY(Part)

using namespace body;

namespace {

/// Densities of a part's layers, g/mm³ (cover: g/mm²); 0 where there is none.
struct Densities {
    double skin = 0, bulk = 0, cover_g_mm2 = 0;
};

LayerCards findCards(const Layers& l, const Shelf& shelf) {
    LayerCards c;
    if (!l.clay.empty()) c.clay = shelf.clays.at(l.clay);
    if (!l.bulk.empty()) c.bulk = shelf.bulks.at(l.bulk);
    if (!l.cover.empty()) c.cover = shelf.covers.at(l.cover);
    return c;
}

Densities findDensities(const LayerCards& c) {
    Densities d;
    if (c.clay) d.skin = gPerCm3ToGPerMm3(c.clay->density_g_cm3);
    if (c.bulk) d.bulk = gPerCm3ToGPerMm3(c.bulk->density_g_cm3);
    if (c.cover) d.cover_g_mm2 = c.cover->mass_g_m2 * 1e-6;
    return d;
}

/// Takes the wire's metal out of the innermost solid layer.
void displace(LayerMass& bulk, LayerMass& skin, const Densities& d, double metal_mm3) {
    LayerMass& layer = bulk.volume_mm3 > 0 ? bulk : skin;
    layer.volume_mm3 = std::max(0.0, layer.volume_mm3 - metal_mm3);
    bulk.mass_g = bulk.volume_mm3 * d.bulk;
    skin.mass_g = skin.volume_mm3 * d.skin;
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

/// Half-widths, and what goes into the oven where the clay takes longest to get hot.
void findThickness(Part& p, const PartKey& key, const Densities& d) {
    const Segment& seg = key.segment;
    const Stretch& own = key.own;
    const Layers& l = seg.layers;
    const double coreHeat = key.cards.bulk ? d.bulk * key.cards.bulk->heat_J_kgK : 0;
    const double clayHeat = d.skin * 1200;
    p.thinnest_mm = p.skinLeast_mm = 1e9;
    double slowest = -1;
    const auto look = [&](double t) {
        const Station s = findStation(seg.stations, t);
        p.thinnest_mm = std::min({p.thinnest_mm, s.a_mm, s.b_mm});
        p.thickest_mm = std::max({p.thickest_mm, s.a_mm, s.b_mm});
        if (l.clay.empty()) return;
        const double outside = !l.cover.empty() && t >= l.coverFrom && t <= l.coverTo ? l.cover_mm : 0;
        const double skin = findSkin(seg, t);
        const double a = std::max(0.0, s.a_mm - outside), b = std::max(0.0, s.b_mm - outside);
        const double outer = std::sqrt(a * b);
        const double core = std::sqrt(std::max(0.0, a - skin) * std::max(0.0, b - skin));
        const double thick = std::min({skin, a, b});
        p.skinLeast_mm = std::min(p.skinLeast_mm, thick), p.skinMost_mm = std::max(p.skinMost_mm, thick);
        p.noRoom = p.noRoom || (!l.bulk.empty() && core <= 0);
        if (const double slow = slowness(outer, core, clayHeat, coreHeat); slow > slowest)
            slowest = slow, p.bakeCore_mm = core, p.bakeSkin_mm = outer - core;
    };
    look(own.from), look(own.to);
    for (const Station& s : seg.stations)
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
    if (seg.stations.empty() || own.length() <= 0) return p;

    const Layers& l = seg.layers;
    const Densities d = findDensities(key.cards);
    const double L = link.length_mm;
    const auto clay = findShells(seg, Surface::clay), core = findShells(seg, Surface::core);
    p.volume_mm3 = calcTube(seg.stations, L, own.from, own.to, 0).volume_mm3;
    p.surface_mm2 = calcTubeSurface(seg.stations, L, own.from, own.to);
    if (const Stretch on = findCommon(own, {l.coverFrom, l.coverTo}); !l.cover.empty() && on.length() > 0) {
        p.covered_mm2 = calcTubeSurface(seg.stations, L, on.from, on.to);
        p.cover = {p.volume_mm3 - calcTube(clay, L, own.from, own.to).volume_mm3, p.covered_mm2 * d.cover_g_mm2,
                   at((on.from + on.to) / 2)};
    }

    const Stretch solid = findCommon(own, stiff), skinned = l.skinAcrossGaps ? own : solid;
    if (!l.clay.empty()) {
        const TubeIntegral s =
            difference(calcTube(clay, L, skinned.from, skinned.to), calcTube(core, L, skinned.from, skinned.to));
        p.skin = {s.volume_mm3 * (1 + l.relief), 0, at(s.centre)};
    }
    if (!l.bulk.empty()) {
        const TubeIntegral b = calcTube(core, L, solid.from, solid.to);
        p.bulk = {b.volume_mm3, 0, at(b.centre)};
    }
    displace(p.bulk, p.skin, d, (run.metal_mm2 + sleeve) * solid.length() * L);

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
    const double outside = l.cover.empty() ? 0 : l.cover_mm, skin = l.clay.empty() ? 0 : l.skin_mm;
    const Vec3& h = mass.half_mm;
    p.volume_mm3 = volumeOf(mass.shape, h);
    p.surface_mm2 = mass.shape == MassShape::box ? 8 * (h.x * h.y + h.y * h.z + h.x * h.z) : calcEllipsoidSurface(h);
    p.covered_mm2 = l.cover.empty() ? 0 : p.surface_mm2;
    const double underCover = volumeOf(mass.shape, inset(h, outside)),
                 inner = volumeOf(mass.shape, inset(h, outside + skin));
    p.cover = {p.volume_mm3 - underCover, p.covered_mm2 * d.cover_g_mm2, copy.at};
    if (!l.clay.empty()) p.skin = {(underCover - inner) * (1 + l.relief), 0, copy.at};
    if (!l.bulk.empty()) p.bulk = {inner, 0, copy.at};
    double inside = 0;
    for (const Link& link : s.links)
        if (link.copy == s.links[static_cast<std::size_t>(copy.link)].copy)
            inside += findAxisInside(mass, copy.at, link, outside + skin);
    displace(p.bulk, p.skin, d, run.metal_mm2 * inside);

    p.ball = mass.shape == MassShape::ellipsoid;
    p.thinnest_mm = std::min({h.x, h.y, h.z});
    p.thickest_mm = std::max({h.x, h.y, h.z});
    if (!l.clay.empty()) {
        const double outer = std::cbrt(h.x * h.y * h.z) - outside;
        p.bakeSkin_mm = std::min(skin, outer);
        p.bakeCore_mm = outer - p.bakeSkin_mm;
        p.noRoom = !l.bulk.empty() && skin >= p.thinnest_mm - outside;
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
        t.skin_g += p.skin.mass_g, t.bulk_g += p.bulk.mass_g, t.cover_g += p.cover.mass_g, t.wire_g += p.wire.mass_g;
        t.piece_g += p.piece.mass_g;
        for (const LayerMass* l : {&p.skin, &p.bulk, &p.cover, &p.wire, &p.piece})
            sum = sum + l->mass_g * l->centre;
    }
    if (t.mass_g() > 0) t.centre = (1 / t.mass_g()) * sum;
    return t;
}

} // namespace enkinet::fill
