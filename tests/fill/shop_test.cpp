#include "fill/overhang.h"
#include "fill/skin_plan.h"
#include "support/puppets.h"
#include <numeric>
#include <random>

using namespace enkinet::body;
using namespace enkinet::fill;

TEST_CASE("A roller's line is found again from its own readings, and scatter is told", "[fill]") {
    std::vector<RollerReading> readings;
    for (double s : {1.0, 3.0, 5.0, 8.0})
        readings.push_back({s, 3.4 - 0.35 * s});
    const auto line = must(calcRollerLine(readings));
    CHECK_NEAR(line->at0_mm, 3.4, 1e-12);
    CHECK_NEAR(line->slope_mm, -0.35, 1e-12);
    CHECK(line->scatter_mm < 1e-12);
    // Two more that lie 0.1 off, one above and one below the line: by hand, sqrt(0.02/(6-2)) at most.
    readings.push_back({4, 3.4 - 1.4 + 0.1}), readings.push_back({4, 3.4 - 1.4 - 0.1});
    CHECK_NEAR(calcRollerLine(readings)->scatter_mm, std::sqrt(0.02 / 4), 1e-9);
    CHECK_FALSE(calcRollerLine({{3, 2.0}}));
    CHECK_FALSE(calcRollerLine({{3, 2.0}, {3, 2.1}}));
    CHECK_FALSE(calcRollerLine({{2, 2.0}, {5, 2.0}}));
}

TEST_CASE("Setting and layers come nearest to the sheet, as trying all of them shows", "[fill]") {
    const RollerLine line = *calcRollerLine({{1, 3.0}, {9, 0.6}});
    for (double want = 0.5; want < 13; want += 0.37) {
        const auto r = must(findRolled(line, want));
        CHECK_NEAR(r->gives_mm, r->layers * (line.at0_mm + line.slope_mm * r->setting), 1e-12);
        CHECK(r->setting == std::round(r->setting));
        for (int layers = 1; layers <= 4; ++layers)
            for (int s = 1; s <= 9; ++s)
                CHECK(std::abs(layers * (3.3 - 0.3 * s) - want) >= std::abs(r->gives_mm - want) - 1e-9);
    }
}

TEST_CASE("Strips are stacked to come nearest, never a strip twice", "[fill]") {
    std::mt19937 random(3);
    std::uniform_real_distribution<double> mm(0.5, 6);
    for (int n = 0; n < 40; ++n) {
        std::vector<double> strips;
        for (int i = 0; i < 5; ++i)
            strips.push_back(std::round(mm(random) * 2) / 2);
        const double want = mm(random) * 1.5;
        const auto taken = findStrips(strips, want);
        const double sum = std::accumulate(taken.begin(), taken.end(), 0.0);
        // Every subset by counting in binary.
        for (unsigned set = 1; set < 32; ++set) {
            double other = 0;
            for (unsigned i = 0; i < 5; ++i)
                if (set & (1u << i)) other += strips[i];
            CHECK(std::abs(other - want) >= std::abs(sum - want) - 1e-9);
        }
        auto left = strips;
        for (double t : taken) {
            const auto it = std::find(left.begin(), left.end(), t);
            REQUIRE(it != left.end());
            left.erase(it);
        }
    }
    CHECK(findStrips({}, 4).empty());
}

TEST_CASE("A room of 68 degrees was meant in Fahrenheit, and is told so", "[fill]") {
    Shop s;
    s.room_C = 68;
    const auto made = makeShop(s);
    REQUIRE_FALSE(made);
    CHECK(made.fault().sentence().find("68 F is 20 C") != std::string::npos);
    for (double bad : {-1.0, 200.0, std::nan("")}) {
        s.room_C = bad;
        CHECK_FALSE(makeShop(s));
    }
}

TEST_CASE("A short clay is replaced by one of its family that is there, and the differences are said", "[fill]") {
    const auto r = reportOf(demo());
    Shelf shelf = r.shelf;
    ClayCard twin = shelf.clays.at("firm-flesh"), hot = twin, soft = shelf.clays.at("flexible-flesh");
    twin.id = "twin", hot.id = "hot", hot.set_C = 140;
    shelf.clays = {{"firm-flesh", shelf.clays.at("firm-flesh")}, {"twin", twin}, {"hot", hot}, {soft.id, soft}};
    std::vector<Part> parts;
    for (const Part& p : r.choice.parts)
        if (p.layers.clay == "firm-flesh") parts.push_back(p);
    const std::map<std::string, double> needed{{"firm-flesh", 100}, {"twin", 30}};
    const auto offers =
        calcSubstitutes(parts, shelf, needed, {{"firm-flesh", 60}, {"twin", 75}, {"hot", 500}, {soft.id, 500}});
    REQUIRE(offers.size() == 2); // flexible clay is no substitute for firm
    CHECK(offers[0].instead == "twin");
    CHECK_NEAR(offers[0].missing_g, 40, 1e-12);
    CHECK_NEAR(offers[0].free_g, 45, 1e-12);
    CHECK((offers[0].enough() && !offers[0].ownBake));
    CHECK((offers[1].instead == "hot" && offers[1].ownBake));
    CHECK(calcSubstitutes(parts, shelf, needed, {{"firm-flesh", 100}, {"twin", 30}}).empty());
}

namespace {
/// A puppet with a level limb of solid clay without wire on its post.
Puppet withEar(double length, double radius) {
    Puppet p;
    p.id = "post", p.name = "Post", p.height_mm = 100;
    p.limbs = {limb("post", LimbKind::spine, {fixedPoint("foot", {0, 0, 0}), fixedPoint("top", {0, 100, 0})}),
               limb("ear", LimbKind::ear, {fixedPoint("root", {0, 100, 0}), fixedPoint("tip", {length, 100, 0})})};
    p.limbs[1].hangsOnLimb = "post", p.limbs[1].hangsOnJoint = "top";
    Layers l;
    l.clay = "firm-grey", l.skin_mm = 50;
    p.limbs[1].segments[0] = tube("ear", radius, radius, l);
    return p;
}
} // namespace

TEST_CASE("A level rod of raw clay is strained like a cantilever under its own weight", "[fill]") {
    const Shelf shelf = document::makeShelf(shippedCards());
    const ClayCard& clay = shelf.clays.at("firm-grey");
    for (double length : {20.0, 60.0, 110.0})
        for (double r : {2.0, 5.0}) {
            const Puppet p = withEar(length, r);
            const Skeleton s = calcSkeleton(p);
            const auto own = calcOwnStretches(p, s);
            const std::vector<WireRuns> none(2);
            const auto found = calcOverhangs(p, s, own, calcParts(p, s, own, shelf, none), shelf);
            REQUIRE(found.size() == 1);
            // w L²/2 over pi r³/4, w = density g pi r²: 2 density g L²/r.
            const double stress = 2 * clay.density_g_cm3 * 1e-3 * kNewtonPerGram * length * length / r;
            CHECK_NEAR(found[0].stress_MPa, stress, 1e-9);
            CHECK_NEAR(found[0].reach_mm, length / 2, 1e-9);
            CHECK(found[0].sags() == (stress > clay.rawStrength_MPa));
            // A wire in it, and it needs no prop.
            CHECK(calcOverhangs(p, s, own, calcParts(p, s, own, shelf, {{}, {{0.01, 1, 1}}}), shelf).empty());
        }
}
