#include "support/puppets.h"

using namespace enkinet::body;

TEST_CASE("Every puppet of the demo and of the kinds is sound", "[body]") {
    for (const Puppet& p : demo().puppets)
        CHECK(makePuppet(p));
    for (const char* kind : {"biped", "quadruped", "bird"}) {
        INFO(kind);
        CHECK(files::loadProduction(kDataDir + "/kinds/" + kind + ".json", shippedCards()));
    }
}

TEST_CASE("Each rule of a puppet names the place that breaks it", "[body]") {
    struct Bad {
        std::function<void(Puppet&)> spoil;
        const char* says;
    };
    const Bad bad[] = {
        {[](Puppet& p) { p.limbs[1].joints[1].gap_mm = 0; }, "joint shoulder: gap 0 mm must be above 0"},
        {[](Puppet& p) { p.limbs[1].joints[1].low_rad = p.limbs[1].joints[1].high_rad = 0; }, "range 0 degrees"},
        {[](Puppet& p) { p.limbs[1].joints.back().posed = true; }, "tip"},
        {[](Puppet& p) { p.limbs[1].segments.pop_back(); }, "one fewer"},
        {[](Puppet& p) { p.limbs[1].hangsOnLimb = "arm"; }, "arm"},
        {[](Puppet& p) { p.limbs[1].hangsOnJoint = "nowhere"; }, "nowhere"},
        {[](Puppet& p) { p.limbs[0].hangsOnLimb = "arm", p.limbs[0].hangsOnJoint = "tip"; }, ""},
        {[](Puppet& p) {
             p.limbs[1].segments[1].sections = {{0, 5, 5}};
         },
         "1 section"},
        {[](Puppet& p) {
             p.limbs[1].segments[1].sections = {{0, 5, 5}, {0.5, 5, 5}};
         },
         "begin at 0 and end at 1"},
        {[](Puppet& p) { p.limbs[1].segments[1].layers.clay = "firm-grey"; }, "skin 0 mm"},
    };
    REQUIRE(makePuppet(levelArm(true)));
    for (const Bad& b : bad) {
        Puppet p = levelArm(true);
        b.spoil(p);
        const auto made = makePuppet(p);
        INFO("expected: " << b.says);
        REQUIRE_FALSE(made);
        INFO("said: " << made.fault().sentence());
        CHECK(made.fault().sentence().find(b.says) != std::string::npos);
    }
}

TEST_CASE("Scaling to a height and back gives the same puppet, and keeps wire, skin and grams", "[body]") {
    const Puppet& p = demo().puppets[0];
    const Puppet twice = calcScaled(p, 2 * p.height_mm);
    CHECK(twice.limbs[1].joints[1].gap_mm == 2 * p.limbs[1].joints[1].gap_mm);
    CHECK(twice.limbs[2].joints[3].at_mm == 2 * p.limbs[2].joints[3].at_mm);
    CHECK(twice.limbs[1].segments[1].layers == p.limbs[1].segments[1].layers);
    CHECK(twice.masses.back().weighed_g == p.masses.back().weighed_g);
    CHECK(calcScaled(twice, p.height_mm) == p); // a power of two loses nothing
}

TEST_CASE("A mirrored limb is written out twice, one the mirror image of the other", "[body]") {
    const Skeleton s = calcSkeleton(levelArm(true));
    REQUIRE(s.copies.size() == 3);
    CHECK(s.copies[1].label == "left arm");
    CHECK(s.copies[2].label == "right arm");
    for (int i = 0; i < 3; ++i) {
        const Link &l = s.links[nth(s.copies[1].firstLink + i)], &r = s.links[nth(s.copies[2].firstLink + i)];
        CHECK(r.to == Vec3{-l.to.x, l.to.y, l.to.z});
    }
    // Two posed joints a side: a body each, and the root.
    CHECK(s.hinges.size() == 4);
    CHECK(s.parentBody.size() == 5);
}

TEST_CASE("The skeleton's bodies form one tree with the root body on top", "[body]") {
    for (const Puppet& p : demo().puppets) {
        const Skeleton s = calcSkeleton(p);
        for (std::size_t b = 0; b < s.parentBody.size(); ++b)
            CHECK(isBeyond(s, static_cast<int>(b), 0));
        for (const Hinge& h : s.hinges) {
            CHECK(s.links[nth(h.before)].body == s.parentBody[nth(s.links[nth(h.after)].body)]);
            CHECK(norm(s.links[nth(h.after)].from - h.at) < 1e-12);
        }
    }
}

TEST_CASE("A puppet that was accepted is accepted again, whips as long as they may be included", "[body]") {
    Puppet p;
    p.id = "weed", p.name = "Weed", p.height_mm = 600;
    p.limbs = {limb("stem", LimbKind::tail,
                    {fixedPoint("foot", {0, 0, 0}), fixedPoint("bend", {0, 10, 0}), fixedPoint("tip", {0, 509, 0})})};
    p.limbs[0].whip = true;
    Joint& root = p.limbs[0].joints[1];
    root.posed = true, root.gap_mm = 5, root.low_rad = -0.5, root.high_rad = 0.5;
    const auto made = must(makePuppet(p));
    CHECK(made->limbs[0].joints[1].gap_mm == 499);
    CHECK(makePuppet(*made));
    p.limbs[0].joints[2].at_mm.y = 511;
    CHECK_FALSE(makePuppet(p)); // it would be a file that no longer opens
}
