#include "base/units.h"
#include "support/near.h"
#include "wire/last_touch.h"
#include "wire/whip.h"

using namespace enkinet;
using namespace enkinet::wire;
using namespace enkinet::test;

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
    const double up = calcStrainAt(*t, r.with_Nmm / (d * d * d));
    const auto letGo = [&](double e) { return e - 2 * calcStrainAt(*t, t->moment(e) / 2); };
    CHECK_NEAR(angle(letGo(up)) - angle(letGo(e0)), set, 1e-5);
    // Against: down past zero by the hold, then back up to zero.
    const double m = r.against_Nmm / (d * d * d);
    const double down = e0 - 2 * calcStrainAt(*t, (m0 + m) / 2), back = down + 2 * calcStrainAt(*t, m / 2);
    CHECK_NEAR(angle(letGo(e0)) - angle(back), set, 1e-5);
}

TEST_CASE("Unbent or bent too tight, there is no last touch to speak of", "[wire]") {
    const auto t = tables().find(wireCard("aluminium-soft"));
    CHECK(std::isnan(calcLastTouch(*t, {1, 2, 0}, {14, 0, 0, 1, 0.01}).with_Nmm));
    CHECK(std::isnan(calcLastTouch(*t, {1, 4, 0}, {4, 1, 1, 1, 0.01}).with_Nmm));
}

TEST_CASE("The inverse of the moment curve gives back its strain", "[wire]") {
    const auto t = tables().find(wireCard("bronze-annealed"));
    for (double e : {1e-5, 1e-3, 0.02, 0.19})
        CHECK_NEAR(calcStrainAt(*t, t->moment(e)), e, 1e-9);
    CHECK(calcStrainAt(*t, 0) == 0);
}

TEST_CASE("A whip of equal strands, shaped along its length, is a joint as long as itself", "[wire]") {
    const auto t = tables().find(wireCard("copper-annealed"));
    const Whip whip{80, 0.8, 10, std::vector<int>(kWhipElements, 3)};
    const std::vector<double> even(kWhipElements, 1.0);
    const double angle = degToRad(70), set = degToRad(0.5);
    const WhipBend w = calcWhip(*t, whip, even, angle, 2 * angle, set);
    const WireBend b = t->findBend({3, 0.8, 10}, {80, angle, 2 * angle, kNoEdge, set});
    CHECK_NEAR(w.bend_Nmm, b.weak_Nmm, 1e-6);
    CHECK_NEAR(w.strong_Nmm, b.strong_Nmm, 1e-4);
    CHECK_NEAR(w.springback_rad, b.springback_rad, 1e-6);
    CHECK_NEAR(w.strainAmplitude, b.strainAmplitude, 1e-6);
    CHECK_NEAR(w.designMedian, b.designMedian, 1e-4);
    CHECK_NEAR(findWhipHold(w, even), b.hold_Nmm, 1e-6);
}

TEST_CASE("Where strands end, the whip bends more and breaks first", "[wire]") {
    const auto t = tables().find(wireCard("copper-annealed"));
    Whip whip{80, 0.8, 10, std::vector<int>(kWhipElements, 3)};
    for (int i = 8; i < kWhipElements; ++i)
        whip.strands[static_cast<std::size_t>(i)] = 1;
    const std::vector<double> even(kWhipElements, 1.0);
    const WhipBend w = calcWhip(*t, whip, even, 1, 2, 0.01);
    CHECK(w.worst >= 8);
    CHECK(w.curvature[12] > 2 * w.curvature[2]);
    double angle = 0;
    for (double k : w.curvature)
        angle += k * 80 / kWhipElements;
    CHECK_NEAR(angle, 1.0, 1e-6);
    // Under its own weight the moment falls towards the tip, and the thick root decides nothing that the thin tip
    // cannot.
    std::vector<double> falling;
    for (int i = 0; i < kWhipElements; ++i)
        falling.push_back(std::pow(1 - i / 16.0, 2));
    const WhipBend f = calcWhip(*t, whip, falling, 1, 2, 0.01);
    CHECK(f.curvature[0] > f.curvature[7]);
    CHECK_NEAR(findWhipHold(f, falling), std::min(f.hold_Nmm[0], f.hold_Nmm[8] / falling[8]), 1e-9);
}
