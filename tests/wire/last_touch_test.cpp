#include "base/units.h"
#include "support/near.h"
#include "wire/last_touch.h"
#include "wire/whip.h"

using namespace enkinet::wire;

TEST_CASE("A joint holds more along its last bend than against it, and the convention lies between", "[wire]") {
    Random random(41);
    for (int i = 0; i < 60; ++i) {
        const MaterialCard& c = random.of(shippedCards().wires);
        const double gap = random.between(6, 30), d = random.between(0.5, 2);
        const GapBend g{gap, std::min(degToRad(60), 0.15 * 2 * gap / d), 1, 1.3, degToRad(0.5)};
        const LastTouch t = calcLastTouch(*tables().find(c), {1, d, 0}, g);
        INFO(c.id << " " << d << " over " << gap);
        CHECK(t.against_Nmm < t.convention_Nmm);
        CHECK(t.convention_Nmm < t.with_Nmm);
        CHECK(t.against_Nmm > 0);
    }
}

TEST_CASE("On the Masing branches the set at each hold is the set that was asked for", "[wire]") {
    const auto t = tables().find(wireCard("aluminium-soft"));
    const double d = 2, gap = 14, set = degToRad(0.5);
    const LastTouch r = calcLastTouch(*t, {1, d, 0}, {gap, degToRad(40), 1, 1.3, set});
    const double e0 = degToRad(40) / gap * d / 2, m0 = t->moment(e0);
    const auto angle = [&](double e) { return 2 * e / d * gap; };
    // Along: up the first-loading curve to the hold, then down a branch of twice its size to zero.
    const double up = t->strainAt(r.with_Nmm / (d * d * d));
    const auto letGo = [&](double e) { return e - 2 * t->strainAt(t->moment(e) / 2); };
    CHECK_NEAR(angle(letGo(up)) - angle(letGo(e0)), set, 1e-5);
    // Against: down past zero by the hold, then back up to zero.
    const double m = r.against_Nmm / (d * d * d);
    const double down = e0 - 2 * t->strainAt((m0 + m) / 2), back = down + 2 * t->strainAt(m / 2);
    CHECK_NEAR(angle(letGo(e0)) - angle(back), set, 1e-5);
}

TEST_CASE("Unbent or bent too tight, there is no last touch to speak of", "[wire]") {
    const auto t = tables().find(wireCard("aluminium-soft"));
    CHECK(std::isnan(calcLastTouch(*t, {1, 2, 0}, {14, 0, 0, 1, 0.01}).with_Nmm));
    CHECK(std::isnan(calcLastTouch(*t, {1, 4, 0}, {4, 1, 1, 1, 0.01}).with_Nmm));
}

TEST_CASE("The inverse of the moment curve gives back its strain, by both routes", "[wire]") {
    const MaterialCard& card = wireCard("bronze-annealed");
    const auto t = tables().find(card);
    for (double e : {1e-5, 1e-3, 0.02, 0.19}) {
        CHECK_NEAR(t->strainAt(t->moment(e)), e, 1e-6);
        CHECK_NEAR(calcStrainAt(calcConstants(card), card.youngs_MPa,
                                calcStrandMoment(calcConstants(card), card.youngs_MPa, e)),
                   e, 1e-9);
    }
    CHECK(t->strainAt(0) == 0);
}
