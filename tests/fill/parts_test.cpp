#include "fill/parts.h"
#include "support/puppets.h"

using namespace enkinet;
using namespace enkinet::body;
using namespace enkinet::fill;
using namespace enkinet::test;

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
const Shelf& shelf() {
    static const Shelf s = production::makeShelf(shippedCards());
    return s;
}
std::vector<Part> partsOf(const Puppet& p) {
    return calcParts(p, calcSkeleton(p), calcOwnStretches(p, calcSkeleton(p)), shelf(),
                     std::vector<WireRuns>(p.limbs.size()));
}
} // namespace

TEST_CASE("A round post's clay is a tube and its foil a cylinder", "[fill]") {
    const Part p = partsOf(clayPost(3)).at(0);
    const double clay = shelf().clays.at("firm-grey").density_g_cm3 / 1000,
                 foil = shelf().bulks.at("foil-firm").density_g_cm3 / 1000;
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
                const Link& link = s.links[static_cast<std::size_t>(part.link)];
                if (part.layers.skinAcrossGaps) continue; // the bulk stops at the gap, the skin does not
                const Limb& l = p.limbs[static_cast<std::size_t>(s.copies[static_cast<std::size_t>(link.copy)].limb)];
                const Stretch solid = findCommon(own[static_cast<std::size_t>(part.link)], findStiff(link));
                outer = calcTube(l.segments[static_cast<std::size_t>(link.segment)].stations, link.length_mm,
                                 solid.from, solid.to, 0)
                            .volume_mm3;
            }
            INFO(p.name << ", " << part.label);
            CHECK_NEAR(part.skin.volume_mm3 + part.bulk.volume_mm3, outer, 1e-9);
        }
    }
}

TEST_CASE("The wire takes its room from the innermost layer", "[fill]") {
    const Puppet p = clayPost(3);
    const WireRun run{0.01, kPi * 4, 4};
    const Part bare = partsOf(p).at(0),
               wired = calcParts(p, calcSkeleton(p), calcOwnStretches(p, calcSkeleton(p)), shelf(), {{run}}).at(0);
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
        for (const LayerMass* l : {&part.skin, &part.bulk, &part.cover, &part.wire})
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
