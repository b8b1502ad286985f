#include "base/units.h"
#include "support/near.h"
#include "wire/bundle.h"

using namespace enkinet::wire;

TEST_CASE("Neighbouring strands touch and none overlap", "[wire]") {
    for (int n : {2, 3, 4, 7}) {
        const Bundle b{n, 1.3, 0};
        const double r = findStrandRadius(b);
        const int ring = n == 7 ? 6 : n;
        // Centres on a circle: neighbours stand one diameter apart.
        CHECK_NEAR(2 * r * std::sin(kPi / ring), 1.3, 1e-12);
        CHECK_NEAR(findBundleDiameter(b), 2 * r + 1.3, 1e-12);
    }
    CHECK(findStrandRadius({1, 1.3, 0}) == 0);
    CHECK(findBundleDiameter({1, 1.3, 0}) == 1.3);
}

TEST_CASE("Take-up is the length of the helix per length of its axis", "[wire]") {
    const Bundle b{3, 1.0, 12};
    // Arc length by chords of a finely cut helix.
    double length = 0;
    const int cuts = 20000;
    for (int i = 0; i < cuts; ++i) {
        const double turn = 2 * kPi / cuts, r = findStrandRadius(b);
        length += std::hypot(2 * r * std::sin(turn / 2), 12.0 / cuts);
    }
    CHECK_NEAR(findTakeUp(b), length / 12, 1e-7);
    CHECK_NEAR(std::cos(findLayAngle(b)), 1 / findTakeUp(b), 1e-12);
    CHECK_NEAR(findEffectiveStrands(b), 3 / findTakeUp(b), 1e-12);
    CHECK_NEAR(findEffectiveStrands({7, 1.0, 12}), 1 + 6 * std::cos(findLayAngle({7, 1.0, 12})), 1e-12);
}

TEST_CASE("A lay of the gap, or a whole fraction of it, frees the strands; parallel strands are locked", "[wire]") {
    for (int k : {1, 2, 3})
        CHECK(findLock({2, 1.5, 14.0 / k}, 14) < 1e-12);
    CHECK(findLock({2, 1.5, 0}, 14) == 1);
    CHECK(findLock({1, 1.5, 0}, 14) == 0);
    // A lay longer than the gap does not free them.
    CHECK_NEAR(findLock({2, 1.5, 28}, 14), 2 / kPi, 1e-12);
    CHECK(findLock({2, 1.5, 1e4}, 14) > 0.99999);
}

TEST_CASE("Twisting spends the share of ductility that the handbook works out", "[wire]") {
    CHECK_NEAR(findTwistDamage({2, 1.5, 10}, wireCard("aluminium-soft")), 0.151, 5e-3);
    CHECK(findTwistDamage({2, 1.5, 0}, wireCard("aluminium-soft")) == 0);
    // Surface shear of a rod twisted one turn per lay along its own slanted length, and the bend of its helix: the
    // curvature of a curve on a cylinder is sin² a over its radius.
    for (const Bundle& b : {Bundle{2, 1.5, 10}, {3, 1, 9}, {7, 0.5, 12}}) {
        const double a = findLayAngle(b), r = findStrandRadius(b), d = b.diameter_mm;
        const double shear = d / 2 * 2 * kPi / b.lay_mm * std::cos(a) * std::cos(a);
        const double bend = d / 2 * std::sin(a) * std::sin(a) / r;
        CHECK_NEAR(findTwistStrain(b), std::sqrt(shear * shear / 3 + bend * bend), 1e-12);
    }
}

TEST_CASE("Wire mass per length is metal area times density times the strands' own lengths", "[wire]") {
    const MaterialCard& c = wireCard("aluminium-soft");
    CHECK_NEAR(findMassPerLength({1, 2.0, 0}, c), kPi * 2.71e-3, 1e-12);
    CHECK_NEAR(findMassPerLength({7, 1.0, 9}, c), kPi / 4 * 2.71e-3 * (1 + 6 * findTakeUp({7, 1.0, 9})), 1e-12);
}

TEST_CASE("Bundles outside the limits of geometry are refused", "[wire]") {
    CHECK_FALSE(makeBundle({5, 1, 0}));
    CHECK_FALSE(makeBundle({2, 0, 0}));
    CHECK_FALSE(makeBundle({2, std::nan(""), 0}));
    CHECK_FALSE(makeBundle({2, 1, -3}));
    CHECK_FALSE(makeBundle({2, 1.5, 0.99 * findShortestLay(2, 1.5)}));
    CHECK(makeBundle({2, 1.5, findShortestLay(2, 1.5)}));
    CHECK_NEAR(findLayAngle({2, 1.5, findShortestLay(2, 1.5)}), kPi / 4, 1e-12);
    // More than two strands leave their ring sooner.
    for (int n : {3, 4, 7}) {
        CHECK_NEAR(findLayAngle({n, 1.5, findShortestLay(n, 1.5)}), degToRad(25), 1e-12);
        CHECK_FALSE(makeBundle({n, 1.5, 0.99 * findShortestLay(n, 1.5)}));
    }
    CHECK(makeBundle({1, 1.5, 10})->lay_mm == 0);
}

TEST_CASE("The strain factor follows gap over lay: stretched, gathered, freed", "[wire]") {
    const Bundle pair{2, 1.5, 14};
    CHECK(findStrainFactor({1, 1.5, 0}, 14) == 1);
    CHECK(findStrainFactor({2, 1.5, 0}, 14) == 2);
    CHECK(findStrainFactor({7, 1.5, 0}, 14) == 3);
    for (int k : {1, 2, 3}) {
        CHECK_NEAR(findStrainFactor(pair, 14.0 * k), 1, 1e-9);
        CHECK_NEAR(findStrainFactor({3, 1.5, 14}, 14.0 * k), 1.17, 1e-9);
    }
    CHECK_NEAR(findStrainFactor(pair, 7), 0.91 * std::exp(2.7 * 0.5), 1e-12);
    // Bounded where it is steepest, and nothing said beyond.
    CHECK(findStrainFactor(pair, 14 * 0.3) == 5.5);
    CHECK(std::isnan(findStrainFactor(pair, 14 * 0.299)));
    // No jump where the lay reaches the gap.
    CHECK_NEAR(findStrainFactor(pair, 14 * 0.9999), findStrainFactor(pair, 14 * 1.0001), 1e-3);
    // What stretching adds to the effort is all there without a lay, and gone when the lay is the gap.
    CHECK(findStretchLeft({2, 1.5, 0}, 14) == 1);
    CHECK(findStretchLeft(pair, 14) < 1e-3);
    CHECK(findStretchLeft({1, 1.5, 0}, 14) == 0);
}
