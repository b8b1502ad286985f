#include "base/numeric.h"
#include "base/units.h"
#include "support/near.h"
#include "wire/bend_table.h"

using namespace enkinet::wire;

namespace {
GapBend bent(double gap, double deg, double edge) { return {gap, degToRad(deg), degToRad(deg), edge, degToRad(0.5)}; }
} // namespace

TEST_CASE("The worked values of the wire come out, exact and tabulated", "[wire]") {
    struct Row {
        const char* card;
        Bundle bundle;
        double hold, weak, strong, spring_deg, factor, amplitude, twist, raw, design;
    };
    // Median life, eased edge, gap 14 mm, bend 0 to 60 degrees, set 0.5 degrees.
    const Row rows[] = {
        {"aluminium-soft", {1, 2.0, 0}, 67.04, 146.70, 146.7, 2.171, 1, 0.04862, 0, 67.2, 59.1},
        {"aluminium-soft", {2, 1.5, 0}, 53.55, 118.32, 314.5, 2.767, 2, 0.07293, 0, 32.0, 27.3},
        {"aluminium-soft", {2, 1.5, 28}, 53.40, 118.06, 134.6, 2.813, 3.510, 0.12800, 0.052, 11.5, 9.3},
        {"aluminium-soft", {2, 1.5, 16.5}, 53.15, 117.59, 118.4, 2.896, 1.370, 0.04996, 0.090, 63.9, 49.2},
        {"aluminium-soft", {2, 1.5, 14}, 53.00, 117.32, 117.5, 2.944, 1, 0.03646, 0.107, 114.2, 85.8},
        {"aluminium-soft", {2, 1.5, 10}, 52.53, 116.46, 116.5, 3.102, 1.216, 0.04435, 0.151, 79.6, 56.3},
        {"aluminium-soft", {2, 1.5, 7}, 51.66, 114.87, 114.9, 3.406, 1, 0.03646, 0.217, 114.2, 73.3},
        {"aluminium-soft", {3, 1.2, 14}, 39.05, 87.07, 87.3, 3.522, 1.17, 0.03413, 0.085, 129.1, 96.2},
        {"aluminium-soft", {4, 1.0, 14}, 29.08, 65.22, 65.3, 4.112, 1.22, 0.02966, 0.071, 167.6, 122.6},
        {"aluminium-soft", {7, 0.8, 14}, 24.95, 56.32, 56.4, 4.991, 1.2, 0.02334, 0.057, 262.4, 185.5},
        {"steel-annealed", {1, 2.0, 0}, 255.24, 564.12, 564.1, 2.783, 1, 0.04862, 0, 45.4, 38.5}};
    for (const Row& r : rows) {
        INFO(r.card << " " << r.bundle.strands << " x " << r.bundle.diameter_mm << " lay " << r.bundle.lay_mm);
        const auto table = tables().find(wireCard(r.card));
        for (const WireBend& b : {calcWireBend(wireCard(r.card), r.bundle, bent(14, 60, 1.3)),
                                  table->findBend(r.bundle, bent(14, 60, 1.3))}) {
            CHECK(b.status == BendStatus::ok);
            CHECK_NEAR(b.hold_Nmm, r.hold, 0.005);
            CHECK_NEAR(b.weak_Nmm, r.weak, 0.005);
            CHECK_NEAR(b.strong_Nmm, r.strong, 0.005);
            CHECK_NEAR(radToDeg(b.springback_rad), r.spring_deg, 0.005);
            CHECK_NEAR(b.strainAmplitude, r.amplitude, 0.005);
            CHECK_NEAR(b.strainFactor, r.factor, 0.005);
            // Printed to three decimals.
            CHECK(std::abs(b.twistDamage - r.twist) <= 0.0006);
            CHECK_NEAR(b.cyclesMedian, r.raw, 0.005);
            CHECK_NEAR(b.designMedian, r.design, 0.005);
            CHECK_NEAR(b.cyclesNine, b.cyclesMedian * std::exp(-1.2815515655 * 0.6), 1e-9);
        }
    }
}

TEST_CASE("A bend far below yield is the elastic beam", "[wire]") {
    const MaterialCard& c = wireCard("aluminium-soft");
    const double d = 2, g = 500, theta = 1e-4;
    const WireBend b = calcWireBend(c, {1, d, 0}, {g, theta, theta, 1, degToRad(0.5)});
    const double EI = c.youngs_MPa * kPi * std::pow(d, 4) / 64;
    CHECK_NEAR(b.weak_Nmm, EI * theta / g, 1e-6);
    CHECK_NEAR(b.springback_rad, theta, 1e-6);
}

TEST_CASE("Parallel strands far below yield are as stiff as the section says", "[wire]") {
    // Two locked strands side by side: I = 2 (pi d^4/64 + area (d/2)^2), five times the free pair.
    const MaterialCard& c = wireCard("steel-annealed");
    const WireBend b = calcWireBend(c, {2, 2, 0}, {500, 1e-4, 1e-4, 1, degToRad(0.5)});
    CHECK_NEAR(b.strong_Nmm / b.weak_Nmm, 5.0, 1e-4);
}

TEST_CASE("Unloaded from its hold moment a joint has moved by the set and no more", "[wire]") {
    const MaterialCard& c = wireCard("copper-annealed");
    const double d = 0.5, g = 6, set = degToRad(0.5), E = c.youngs_MPa;
    const WireBend b = calcWireBend(c, {1, d, 0}, {g, 1, 1, 1, set});
    // Curvature at which the moment is the hold, by bisection on the moment curve itself.
    const CyclicConstants k = calcConstants(c);
    double lo = 1e-6, hi = 0.2;
    for (int i = 0; i < 100; ++i)
        (calcStrandMoment(k, E, (lo + hi) / 2) * d * d * d < b.hold_Nmm ? lo : hi) = (lo + hi) / 2;
    const double curvature = 2 * lo / d, EI = E * kPi * std::pow(d, 4) / 64;
    CHECK_NEAR((curvature - b.hold_Nmm / EI) * g, set, 1e-5);
}

TEST_CASE("Too tight a bend gives no numbers, and neither route disagrees on where that begins", "[wire]") {
    const MaterialCard& c = wireCard("aluminium-soft");
    const double limit = 2 * kStrainLimit / 3.0 * 4; // rad: 3 mm wire over a gap of 4 mm
    for (double share : {0.999, 1.001}) {
        const GapBend g{4, share * limit, share * limit, 1.3, degToRad(0.5)};
        const auto status = share < 1 ? BendStatus::ok : BendStatus::too_tight;
        const WireBend a = calcWireBend(c, {1, 3, 0}, g), b = tables().find(c)->findBend({1, 3, 0}, g);
        CHECK((a.status == BendStatus::too_tight) == (status == BendStatus::too_tight));
        CHECK(a.status == b.status);
        CHECK(std::isnan(a.hold_Nmm) == (share > 1));
    }
    // Locked parallel strands in a hard edge do not last a cycle.
    CHECK(calcWireBend(wireCard("steel-drawn"), {7, 2, 0}, bent(6, 60, 1.6)).status == BendStatus::breaks_at_once);
}

TEST_CASE("Bending and torsion count together as on a power-law curve", "[wire]") {
    CHECK(findEquivalentMoment(3, 0) == 3);
    CHECK_NEAR(findEquivalentMoment(3, 4), std::sqrt(9 + 1.11 * 16), 1e-12);
}

TEST_CASE("A strand carries its full moment however it leans, and only its length grows", "[wire]") {
    const auto t = tables().find(wireCard("aluminium-soft"));
    for (double lay : {7.0, 14.0, 28.0}) {
        const Bundle b{2, 1.5, lay};
        const double own = 14 * findTakeUp(b), angle = degToRad(60), set = degToRad(0.5);
        const WireBend pair = t->findBend(b, {14, angle, angle, 1.3, set}),
                       one = t->findBend({1, 1.5, 0}, {own, angle, angle, 1.3, set});
        CHECK_NEAR(pair.weak_Nmm, 2 * one.weak_Nmm, 1e-9);
        CHECK_NEAR(pair.hold_Nmm, 2 * one.hold_Nmm, 1e-9);
    }
    // Of seven the core is straight.
    const Bundle seven{7, 0.8, 14};
    const WireBend b = t->findBend(seven, {14, 1, 1, 1.3, 0.01}),
                   core = t->findBend({1, 0.8, 0}, {14, 1, 1, 1.3, 0.01}),
                   round = t->findBend({1, 0.8, 0}, {14 * findTakeUp(seven), 1, 1, 1.3, 0.01});
    CHECK_NEAR(b.weak_Nmm, core.weak_Nmm + 6 * round.weak_Nmm, 1e-9);
}

TEST_CASE("A lay longer than the gap dies sooner than no twist at all, a little shorter is safe", "[wire]") {
    const auto t = tables().find(wireCard("aluminium-soft"));
    const auto life = [&](double lay) {
        return t->findBend({2, 1.5, lay}, {14, degToRad(60), degToRad(60), 1.3, degToRad(0.5)}).cyclesMedian;
    };
    CHECK(life(28) < life(0) / 2);
    CHECK(life(13.5) > 0.9 * life(14));
    CHECK(life(20) < 0.5 * life(14));
    for (double lay = 14; lay < 40; lay += 0.5)
        CHECK(life(lay + 0.5) <= life(lay));
    // So long that nothing is known: no life, and nothing else is lost.
    const WireBend b = t->findBend({2, 1.5, 14 / 0.29}, {14, 0.5, 0.5, 1.3, 0.01});
    CHECK(b.status == BendStatus::lay_too_long);
    CHECK(std::isnan(b.cyclesMedian));
    CHECK(b.hold_Nmm > 0);
    CHECK(t->findBend({2, 1.5, 14 / 0.31}, {14, 0.2, 0.2, 1.3, 0.01}).status == BendStatus::ok);
}

TEST_CASE("Bends while it was built spend their share of life at their own range", "[wire]") {
    const auto t = tables().find(wireCard("aluminium-soft"));
    const double angle = degToRad(40);
    const WireBend fresh = t->findBend({2, 1, 12}, {12, angle, 2 * angle, 1.3, 0.01});
    const WireBend formed = t->findBend({2, 1, 12}, {12, angle, 2 * angle, 1.3, 0.01, 5});
    const double spent = 5 / t->cycles(fresh.strainAmplitude / 2);
    CHECK_NEAR(formed.formingDamage, spent, 1e-9);
    CHECK_NEAR(formed.designMedian / fresh.designMedian, (1 - fresh.twistDamage - spent) / (1 - fresh.twistDamage),
               1e-9);
    CHECK(formed.cyclesMedian == fresh.cyclesMedian);
}

TEST_CASE("A strain amplitude above 0.2 breaks at once, whatever the curve says", "[wire]") {
    const auto t = tables().find(wireCard("copper-annealed"));
    const WireBend b = t->findBend({2, 1, 0}, {4, 1.5, 1.5, 1.6, 0.01});
    CHECK(b.strainAmplitude > 0.2);
    CHECK(b.status == BendStatus::breaks_at_once);
}
