#include "body/mesh.h"
#include "fill/parts.h"
#include "support/puppets.h"

using namespace enkinet::body;
using namespace enkinet::fill;

namespace {
Puppet clayPost(double skin, const std::string& bulk = "foil-firm") {
    Puppet p;
    p.id = "post", p.name = "Post", p.height_mm = 100;
    p.limbs = {limb("post", LimbKind::spine, {fixedPoint("foot", {0, 0, 0}), fixedPoint("top", {0, 100, 0})})};
    Layers l;
    l.clay = "firm-grey", l.skin_mm = skin, l.bulk = bulk;
    p.limbs[0].segments[0] = tube("post", 10, 10, l);
    return p;
}
} // namespace

TEST_CASE("A round post's clay is a tube and its foil a cylinder", "[fill]") {
    const Part p = partsOf(clayPost(3)).at(0);
    const double clay = shippedShelf().clays.at("firm-grey").density_g_cm3 / 1000,
                 foil = shippedShelf().bulks.at("foil-firm").density_g_cm3 / 1000;
    CHECK_NEAR(p.volume_mm3, kPi * 100 * 100, 1e-12);
    CHECK_NEAR(p.skin.volume_mm3, kPi * (100 - 49) * 100, 1e-9);
    CHECK_NEAR(p.skin.mass_g, p.skin.volume_mm3 * clay, 1e-12);
    CHECK_NEAR(p.bulk.mass_g, kPi * 49 * 100 * foil, 1e-9);
    CHECK_NEAR(p.skin.centre.y, 50.0, 1e-9);
}

TEST_CASE("A skin thicker than the half-width is solid clay, never a negative bulk", "[fill]") {
    for (double skin : {9.999, 10.0, 15.0, 99.0}) {
        const Part p = partsOf(clayPost(skin)).at(0);
        CHECK(p.bulk.volume_mm3 >= 0);
        CHECK(p.bulk.volume_mm3 < 1e-3);
        CHECK_NEAR(p.skin.volume_mm3, p.volume_mm3, 1e-4);
    }
}

TEST_CASE("Skin and bulk add up to what they fill, for every part of the demo without relief or wire", "[fill]") {
    for (Puppet p : demo().puppets) {
        for (Limb& l : p.limbs)
            for (Segment& s : l.segments)
                s.layers.relief = 0, s.sleeve_mm = 0, s.layers.cover.clear();
        for (Mass& m : p.masses)
            m.layers.relief = 0, m.layers.cover.clear();
        const Skeleton s = calcSkeleton(p);
        const auto own = calcOwnStretches(p, s);
        for (const Part& part : partsOf(p)) {
            if (part.layers.clay.empty() || part.layers.bulk.empty() || part.volume_mm3 <= 0) continue;
            double outer = part.volume_mm3;
            if (part.mass < 0) {
                const Link& link = s.links[nth(part.link)];
                if (part.layers.skinAcrossGaps) continue; // the bulk stops at the gap, the skin does not
                const Limb& l = p.limbs[nth(s.copies[nth(link.copy)].limb)];
                const Stretch solid = findCommon(own[nth(part.link)], findStiff(link));
                outer = calcTube(l.segments[nth(link.segment)].sections, link.length_mm, solid.from, solid.to, 0)
                            .volume_mm3;
            }
            INFO(p.name << ", " << part.label.english());
            CHECK_NEAR(part.skin.volume_mm3 + part.bulk.volume_mm3, outer, 1e-9);
        }
    }
}

TEST_CASE("The wire takes its room from the innermost layer", "[fill]") {
    const Puppet p = clayPost(3);
    const WireRun run{0.01, kPi * 4, 4};
    const Part bare = partsOf(p).at(0),
               wired =
                   calcParts(p, calcSkeleton(p), calcOwnStretches(p, calcSkeleton(p)), shippedShelf(), {{run}}).at(0);
    CHECK_NEAR(bare.bulk.volume_mm3 - wired.bulk.volume_mm3, kPi * 4 * 100, 1e-9);
    CHECK_NEAR(wired.wire.mass_g, 1.0, 1e-12);
    CHECK(wired.skin.mass_g == bare.skin.mass_g);
}

TEST_CASE("The whole puppet's centre is the mean of its layers' centres", "[fill]") {
    const Puppet& p = demo().puppets[0];
    const auto parts = partsOf(p);
    const Totals t = calcTotals(parts);
    Vec3 sum;
    double mass = 0;
    for (const Part& part : parts)
        for (const LayerMass* l : {&part.skin, &part.bulk, &part.cover, &part.wire, &part.piece})
            sum = sum + l->mass_g * l->centre, mass += l->mass_g;
    CHECK_NEAR(t.mass_g(), mass, 1e-12);
    CHECK(norm(t.centre - (1 / mass) * sum) < 1e-9);
    // The satchel hangs on the left, so the centre lies left of the middle.
    CHECK(t.centre.x > 0.5);
}

TEST_CASE("Foil is weighed, spread and rolled off by the same three numbers", "[fill]") {
    const FoilRoll roll;
    CHECK_NEAR(findFoilArea(roll, 43), 1.0, 1e-12);
    CHECK_NEAR(findFoilLength(roll, 43), 1 / 0.3, 1e-12);
    CHECK(findPacks(0, 57) == 0);
    CHECK(findPacks(57, 57) == 1);
    CHECK(findPacks(57.1, 57) == 2);
}

TEST_CASE("A skin that thickens along a post is the difference of a post and a cone", "[fill]") {
    Puppet p = clayPost(3);
    auto& sections = p.limbs[0].segments[0].sections;
    for (auto [root, tip] : {std::pair{1.0, 5.0}, std::pair{4.0, 2.0}, std::pair{3.0, 3.0}}) {
        sections.front().skin_mm = root, sections.back().skin_mm = tip;
        const double R0 = 10 - root, R1 = 10 - tip, cone = kPi * 100 / 3 * (R0 * R0 + R0 * R1 + R1 * R1);
        const Part part = partsOf(p).at(0);
        CHECK_NEAR(part.bulk.volume_mm3, cone, 1e-9);
        CHECK_NEAR(part.skin.volume_mm3, kPi * 1e4 - cone, 1e-9);
        CHECK_NEAR(part.skinLeast_mm, std::min(root, tip), 1e-12);
        CHECK_NEAR(part.skinMost_mm, std::max(root, tip), 1e-12);
        // The thickest skin decides how long it bakes.
        CHECK_NEAR(part.bakeSkin_mm, std::max(root, tip), 1e-9);
    }
    // A section of its own thickness equal to the part's changes nothing.
    sections.front().skin_mm = 3, sections.back().skin_mm.reset();
    CHECK_NEAR(partsOf(p).at(0).skin.volume_mm3, partsOf(clayPost(3)).at(0).skin.volume_mm3, 1e-12);
}

TEST_CASE("Where a cover ends the clay comes out to the surface and the cloth is saved", "[fill]") {
    Puppet p = clayPost(3);
    Layers& l = p.limbs[0].segments[0].layers;
    l.cover = "felt-1", l.cover_mm = 1;
    const Part whole = partsOf(p).at(0);
    l.coverFrom = 0.25, l.coverTo = 0.75;
    const Part half = partsOf(p).at(0);
    CHECK_NEAR(half.covered_mm2, whole.covered_mm2 / 2, 1e-9);
    CHECK_NEAR(half.cover.mass_g, whole.cover.mass_g / 2, 1e-9);
    CHECK_NEAR(half.cover.volume_mm3, kPi * (100 - 81) * 50, 1e-9);
    // Clay under the cover lies between 9 and 6 mm, bare clay between 10 and 7.
    CHECK_NEAR(half.skin.volume_mm3, kPi * ((81 - 36) + (100 - 49)) * 50, 1e-9);
    CHECK_NEAR(half.cover.centre.y, 50.0, 1e-9);
    l.coverTo = 0.2;
    CHECK_FALSE(makePuppet(p));
}

TEST_CASE("The layers of every part add up to its body, and each to its own mesh within half a per cent", "[fill]") {
    for (Puppet p : demo().puppets) {
        for (Limb& l : p.limbs)
            for (Segment& s : l.segments) {
                s.layers.relief = 0, s.sleeve_mm = 0;
                if (!s.sections.empty() && !s.layers.clay.empty()) s.sections.back().skin_mm = 1.5;
                if (!s.layers.cover.empty()) s.layers.coverTo = 0.8;
            }
        for (Mass& m : p.masses)
            m.layers.relief = 0;
        const Skeleton s = calcSkeleton(p);
        const auto own = calcOwnStretches(p, s);
        const auto parts = partsOf(p);
        for (std::size_t i = 0; i < parts.size(); ++i) {
            const Part& part = parts[i];
            if (part.volume_mm3 <= 0 || part.layers.clay.empty() || part.layers.bulk.empty()) continue;
            INFO(p.name << ", " << part.label.english());
            const Link& link = s.links[nth(part.link)];
            if (part.mass < 0 && link.gapFrom_mm + link.gapTo_mm > 0) {
                // Between its gaps.
                const Segment& seg = p.limbs[nth(s.copies[nth(link.copy)].limb)].segments[nth(link.segment)];
                if (seg.layers.skinAcrossGaps) continue;
                const Stretch solid = findCommon(own[i], findStiff(link));
                const double clay = calcMeshVolume(calcSurfaceMesh(seg, link, solid, Surface::clay, 64)),
                             core = calcMeshVolume(calcSurfaceMesh(seg, link, solid, Surface::core, 64));
                CHECK_NEAR(clay - core, part.skin.volume_mm3, 5e-3);
                CHECK_NEAR(core, part.bulk.volume_mm3, 5e-3);
                CHECK(isClosed(calcSurfaceMesh(seg, link, solid, Surface::core, 16)));
                continue;
            }
            CHECK_NEAR(part.cover.volume_mm3 + part.skin.volume_mm3 + part.bulk.volume_mm3, part.volume_mm3, 1e-9);
            if (part.mass >= 0) {
                const MassCopy& c = s.masses[nth(part.mass)];
                const Mass& m = p.masses[nth(c.mass)];
                const double outside = m.layers.cover.empty() ? 0 : m.layers.cover_mm;
                const double core = calcMeshVolume(calcMassMesh(m, c, outside + m.layers.skin_mm, 64));
                CHECK_NEAR(core, part.bulk.volume_mm3, 5e-3);
                CHECK_NEAR(calcMeshVolume(calcMassMesh(m, c, outside, 64)) - core, part.skin.volume_mm3, 5e-3);
            }
        }
    }
}
