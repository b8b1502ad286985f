#include "support/near.h"
#include "wire/material.h"

using namespace enkinet::wire;

TEST_CASE("The shipped wire cards are those of the handbook and pass their own rules", "[wire]") {
    CHECK(shippedCards().wires.size() == 9);
    for (const MaterialCard& c : shippedCards().wires) {
        INFO(c.id);
        CHECK(makeCard(c));
        CHECK(c.typical);
        CHECK_FALSE(c.note.empty());
    }
}

TEST_CASE("Derived constants follow the modified universal slopes", "[wire]") {
    const MaterialCard& c = wireCard("aluminium-soft");
    const CyclicConstants k = calcConstants(c);
    // By hand: UTS/E = 90/69000.
    CHECK_NEAR(k.sf_MPa, 0.623 * 69000 * std::pow(90.0 / 69000, 0.832), 1e-12);
    CHECK_NEAR(k.ef, 0.0196 * std::pow(std::log(1 / 0.15), 0.155) * std::pow(90.0 / 69000, -0.53), 1e-12);
    CHECK_NEAR(k.K_MPa, k.sf_MPa / std::pow(k.ef, 0.15), 1e-12);
}

TEST_CASE("Measured constants replace the derived ones", "[wire]") {
    MaterialCard c = wireCard("aluminium-soft");
    c.measured = CyclicConstants{200, -0.1, 0.6, -0.6, 220, 0.12};
    CHECK(makeCard(c));
    CHECK(calcConstants(c) == *c.measured);
}

TEST_CASE("The stress solves the cyclic curve at every strain and is odd", "[wire]") {
    Random random(1);
    for (int i = 0; i < 500; ++i) {
        const MaterialCard& c = random.of(shippedCards().wires);
        const CyclicConstants k = calcConstants(c);
        const double e = std::exp(random.between(std::log(1e-9), std::log(0.5)));
        const double s = calcStress(k, c.youngs_MPa, e);
        INFO(c.id << " at strain " << e);
        CHECK_NEAR(s / c.youngs_MPa + std::pow(s / k.K_MPa, 1 / k.n), e, 1e-12);
        CHECK(calcStress(k, c.youngs_MPa, -e) == -s);
    }
}

TEST_CASE("The life solves the strain-life curve and falls with the amplitude", "[wire]") {
    const MaterialCard& c = wireCard("steel-annealed");
    const CyclicConstants k = calcConstants(c);
    double before = 1e300;
    for (double e = 1e-3; e < 0.5; e *= 1.3) {
        const double N = calcCycles(k, c.youngs_MPa, e);
        CHECK_NEAR(k.sf_MPa / c.youngs_MPa * std::pow(2 * N, k.b) + k.ef * std::pow(2 * N, k.c), e, 1e-10);
        CHECK(N < before);
        before = N;
    }
}
