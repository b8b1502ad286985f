#include "base/units.h"
#include "fill/cured.h"
#include "support/near.h"
#include "support/puppets.h"

using namespace enkinet::body;
using namespace enkinet::fill;

TEST_CASE("Rings of clay have the moduli of a separate computation", "[fill]") {
    CHECK_NEAR(findRingModulus(3, 3, 9), 21.21, 5e-4);
    CHECK_NEAR(18 * findRingModulus(3, 3, 9), 381.7, 5e-4);
    CHECK_NEAR(findRingModulus(3, 3, 1.2), 18.46, 5e-4);
    CHECK_NEAR(findRingModulus(6, 6, 3), 159.0, 5e-4);
    CHECK_NEAR(findRingModulus(10, 8, 4), 465.0, 1.5e-3);
    // Two routes: the sum of strips.
    double I = 0;
    const double a = 10, b = 8, t = 4;
    for (int i = 0; i < 40000; ++i) {
        const double y = -b + 2 * b * (i + 0.5) / 40000, dy = 2 * b / 40000;
        const auto half = [&](double p, double q) { return std::abs(y) < q ? p * std::sqrt(1 - y * y / (q * q)) : 0; };
        I += 2 * (half(a, b) - half(a - t, b - t)) * dy * y * y;
    }
    CHECK_NEAR(findRingInertia(a, b, t), I, 1e-5);
}

TEST_CASE("A rod that breaks between two supports tells its strength, and tests narrow it", "[fill]") {
    // F L/4 over pi D³/32.
    CHECK_NEAR(findRupture(6, 48, 20), 20 * 48 / 4.0 / (kPi * 216 / 32), 1e-12);
    CHECK(findLeastSpan(6) == 48);
    const Strength none = calcStrength(18, {});
    CHECK_NEAR(none.median_MPa, 18.0, 1e-12);
    CHECK_NEAR(none.nine_MPa, 18 * std::exp(-1.2815515655446 * std::hypot(0.35, 0.25)), 1e-12);
    const Strength three = calcStrength(18, {12, 12, 12});
    // On logarithms the middle lies in the middle; of nothing nothing is said.
    CHECK_NEAR(std::log(three.few_MPa()) + std::log(three.nine_MPa), 2 * std::log(three.median_MPa), 1e-12);
    CHECK(calcStrength(0, {}).few_MPa() == 0);
    CHECK(three.median_MPa < 18);
    CHECK(three.median_MPa > 12);
    CHECK(three.nine_MPa / three.median_MPa > none.nine_MPa / none.median_MPa);
    // Many tests, and the card no longer counts.
    CHECK_NEAR(calcStrength(18, std::vector<double>(4000, 12)).median_MPa, 12.0, 1e-3);
}

TEST_CASE("A solid rod of cured clay breaks at its root by its own length, and thicker skin saves a ring", "[fill]") {
    Puppet p = levelArm(false);
    p.limbs.resize(1);
    Layers l;
    l.clay = "firm-white", l.skin_mm = 1, l.bulk = "foil-loose";
    p.limbs[0].segments[0] = tube("post", 3, 3, l);
    p = *makePuppet(p);
    const Shelf& shelf = shippedShelf();
    const Skeleton s = calcSkeleton(p);
    const auto own = calcOwnStretches(p, s);
    const auto judge = [&](double skin, double EI) {
        p.limbs[0].segments[0].layers.skin_mm = skin;
        const auto parts = calcParts(p, s, own, shelf, std::vector<WireRuns>(1));
        return calcCured(p, s, own, parts, shelf, {EI}).at(0);
    };
    const double strong = calcStrength(18, {}).nine_MPa;
    const CuredPart solid = judge(3, 0);
    CHECK(solid.at == 0);
    CHECK_NEAR(solid.strength_Nmm, strong * kPi * 27 / 4, 1e-9);
    CHECK_NEAR(solid.handling_Nmm, 200.0, 1e-12);
    CHECK_NEAR(solid.tip_N, solid.strength_Nmm / 100, 1e-12);
    CHECK_NEAR(solid.bend_rad, strong / (1800 * 3) * 100, 1e-9);
    const double grams = kPi * 9 * 100 * 1.75e-3;
    CHECK_NEAR(solid.knock_Nmm, 5 * grams * kNewtonPerGram * 50, 1e-9);
    // Wire through it carries along: sigma/(E c) (E I + EI).
    CHECK_NEAR(judge(3, 1e5).strength_Nmm, strong / (1800 * 3) * (1800 * kPi / 4 * 81 + 1e5), 1e-9);
    const CuredPart ring = judge(0.4, 0);
    CHECK(ring.margin() < 1);
    CHECK(ring.margin() < solid.margin());
    // Of a 3 mm rod 100 mm long even solid clay breaks; of half that length 0.4 mm is saved by more.
    CHECK(ring.thicker_mm == 0);
    CHECK(judge(3, 0).margin() < 1);
    p.limbs[0].joints[1].at_mm = {0, 40, 0};
    const Skeleton s2 = calcSkeleton(p);
    const auto own2 = calcOwnStretches(p, s2);
    const auto shorter = [&](double skin) {
        p.limbs[0].segments[0].layers.skin_mm = skin;
        const auto parts = calcParts(p, s2, own2, shelf, std::vector<WireRuns>(1));
        return calcCured(p, s2, own2, parts, shelf, {0}).at(0);
    };
    const CuredPart thin = shorter(0.4);
    REQUIRE(thin.margin() < 1);
    REQUIRE(thin.thicker_mm > 0);
    CHECK(shorter(0.4 + thin.thicker_mm).margin() >= 1);
    CHECK(shorter(0.4 + thin.thicker_mm - 0.11).margin() < 1);
}

TEST_CASE("A break test is sound, or its rule is said; a clay's own tests are what its strength rests on", "[fill]") {
    const BreakTest good{"clay", "2026-11-02", "", 8, 80, 12};
    REQUIRE(makeBreakTest(good));
    CHECK_NEAR(good.rupture_MPa(), 8 * 12 * 80 / (kPi * 512), 1e-12);
    CHECK_FALSE(makeBreakTest({"clay", "", "", 8, 63, 12})); // it breaks by shear
    Shop shop;
    shop.breaks = {good, {"other", "", "", 8, 80, 1}, good};
    REQUIRE(makeShop(shop));
    CHECK(shop.rupturesOf("clay") == std::vector<double>(2, good.rupture_MPa()));
    CHECK(shop.rupturesOf("none").empty());
    shop.breaks[1].span_mm = 10;
    CHECK_FALSE(makeShop(shop));
}
