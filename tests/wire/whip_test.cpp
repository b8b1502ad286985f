// Whips: tails, trunks, ears. Closed forms, the worked tail, convergence of the grid, two routes.
#include "base/units.h"
#include "support/near.h"
#include "wire/whip.h"

using namespace enkinet::wire;

namespace {
Whip whipOf(Bundle b, Posing posing = Posing::by_tip) {
    Whip w;
    w.bundle = b, w.posing = posing;
    return w;
}
GapBend swung(double length, double deg, double edge) {
    return {length, degToRad(deg), 2 * degToRad(deg), edge, degToRad(0.5)};
}
} // namespace

TEST_CASE("The worked tail comes out by both routes", "[wire]") {
    // One 1.0 mm soft aluminium wire, 90 mm, 35 degrees each way by its tip.
    const MaterialCard& card = wireCard("aluminium-soft");
    const auto table = tables().find(card);
    const Whip whip = whipOf({1, 1.0, 0});
    for (double edge : {1.0, 1.3})
        for (const WireBend& b :
             {calcWhipBend(card, whip, swung(90, 35, edge)), findWhipBend(*table, whip, swung(90, 35, edge))}) {
            CHECK(b.status == BendStatus::ok);
            CHECK_NEAR(degToRad(35) / b.bent_mm, 0.03760, 0.005);
            CHECK_NEAR(b.bent_mm, 16.25, 0.005);
            CHECK_NEAR(radToDeg(b.springback_rad), 11.16, 0.005);
            CHECK_NEAR(b.hold_Nmm, 7.320, 0.005);
            CHECK_NEAR(b.cyclesMedian, edge > 1 ? 240.7 : 395, 0.005);
            CHECK_NEAR(b.designMedian, edge > 1 ? 143.5 : 234.2, 0.005);
        }
    // Evenly bent it would seem to last many times longer.
    CHECK(table->findBend({1, 1, 0}, swung(90, 35, 1)).designMedian >
          20 * findWhipBend(*table, whip, swung(90, 35, 1)).designMedian);
}

TEST_CASE("Sixteen, thirty-two and sixty-four elements give one whip", "[wire]") {
    const auto table = tables().find(wireCard("bronze-annealed"));
    for (Bundle b : {Bundle{1, 1.2, 0}, {2, 0.8, 12}, {7, 0.5, 14}})
        for (std::vector<WhipEnd> ends : {std::vector<WhipEnd>{}, {{30, 1}}}) {
            if (b.strands == 1) ends.clear();
            std::vector<WireBend> at;
            for (int n : {16, 32, 64}) {
                Whip w = whipOf(b);
                w.elements = n, w.ends = ends;
                w.load = {1, 0.55, 0.25, 0.06, 0}; // about that of its own weight
                at.push_back(findWhipBend(*table, w, swung(80, 50, 1.3)));
            }
            for (std::size_t i : {0u, 1u}) {
                const double close = i == 0 ? 0.01 : 0.002;
                CHECK_NEAR(at[i].bent_mm, at[2].bent_mm, close);
                CHECK_NEAR(at[i].springback_rad, at[2].springback_rad, close);
                CHECK_NEAR(at[i].hold_Nmm, at[2].hold_Nmm, close);
                CHECK_NEAR(at[i].designMedian, at[2].designMedian, 2 * close);
            }
        }
}

TEST_CASE("An elastic wire bent by its tip is the cantilever of the textbook", "[wire]") {
    // Far below yield: slope at the tip P L²/(2 E I), so the moment at the root is 2 E I slope / L, and all springs
    // back.
    const MaterialCard& card = wireCard("steel-drawn");
    const double d = 1, L = 200, slope = 1e-3, EI = card.youngs_MPa * kPi * std::pow(d, 4) / 64;
    for (const WireBend& b :
         {calcWhipBend(card, whipOf({1, d, 0}), {L, slope, slope, 1, degToRad(0.5)}),
          findWhipBend(*tables().find(card), whipOf({1, d, 0}), {L, slope, slope, 1, degToRad(0.5)})}) {
        CHECK_NEAR(b.weak_Nmm, 2 * EI * slope / L, 1e-4);
        CHECK_NEAR(b.bent_mm, L / 2, 1e-4);
        CHECK_NEAR(b.springback_rad, slope, 1e-4);
    }
    // A taper of strands: three to the middle, one beyond. Slope by hand: P L²/(2 E I) (3/4 · 1/3 + 1/4).
    Whip taper = whipOf({3, d, 0});
    taper.ends = {{L / 2, 1}};
    const WireBend b = findWhipBend(*tables().find(card), taper, {L, slope, slope, 1, degToRad(0.5)});
    CHECK_NEAR(b.weak_Nmm, 2 * EI * slope / L / (0.75 / 3 + 0.25), 1e-4);
}

TEST_CASE("A whip shaped along its length is a joint as long as itself", "[wire]") {
    const auto t = tables().find(wireCard("copper-annealed"));
    const double angle = degToRad(70), set = degToRad(0.5);
    Whip whip = whipOf({3, 0.8, 10}, Posing::along);
    whip.load = std::vector<double>(9, 1.0); // an even moment, for the hold
    const WireBend w = findWhipBend(*t, whip, {80, angle, 2 * angle, kNoEdge, set}),
                   b = t->findBend({3, 0.8, 10}, {80, angle, 2 * angle, kNoEdge, set});
    for (auto q : {&WireBend::weak_Nmm, &WireBend::strong_Nmm, &WireBend::springback_rad, &WireBend::strainAmplitude,
                   &WireBend::designMedian, &WireBend::hold_Nmm, &WireBend::bent_mm})
        CHECK_NEAR(w.*q, b.*q, 1e-5);
}

TEST_CASE("The two routes agree on random whips", "[wire][full]") {
    Random random(22);
    for (int i = 0; i < 60; ++i) {
        const MaterialCard& card = random.of(shippedCards().wires);
        const int n = random.of(kStrandCounts);
        const double d = random.between(0.4, 1.6);
        Whip w = whipOf({n, d, n > 1 && random.whole(0, 1) ? findShortestLay(n, d) * random.between(1, 2) : 0},
                        random.whole(0, 2) ? Posing::by_tip : Posing::along);
        const double L = random.between(30, 200);
        if (n > 1 && random.whole(0, 1)) w.ends = {{L * random.between(0.2, 0.8), 1}};
        if (random.whole(0, 1)) w.load = {1, 0.4, 0.1, 0};
        w.elements = 8;
        const GapBend g = swung(L, random.between(5, 60), random.between(1, 1.3));
        const WireBend a = calcWhipBend(card, w, g), b = findWhipBend(*tables().find(card), w, g);
        INFO("draw " << i << " " << card.id << " " << n << " x " << d << " length " << L);
        CHECK((a.status == BendStatus::too_tight) == (b.status == BendStatus::too_tight));
        if (a.status == BendStatus::too_tight || b.status == BendStatus::too_tight) continue;
        for (auto q : {&WireBend::weak_Nmm, &WireBend::strong_Nmm, &WireBend::springback_rad, &WireBend::hold_Nmm,
                       &WireBend::bent_mm, &WireBend::strainFactor, &WireBend::designMedian}) {
            if (std::isnan(a.*q) && std::isnan(b.*q)) continue;
            if (a.*q == 0 && b.*q == 0) continue;
            CHECK_NEAR(a.*q, b.*q, 2e-3);
        }
    }
}

TEST_CASE("Where strands end, the whip bends more, and there it will break", "[wire]") {
    const auto t = tables().find(wireCard("copper-annealed"));
    Whip tip = whipOf({3, 0.8, 10});
    const WireBend whole = findWhipBend(*t, tip, swung(80, 40, 1));
    tip.ends = {{20, 1}};
    const WireBend dropped = findWhipBend(*t, tip, swung(80, 40, 1));
    // The thin end turns more easily: less moment at the root, and the largest curvature stands where strands end.
    CHECK(dropped.weak_Nmm < whole.weak_Nmm);
    CHECK(dropped.bent_mm < whole.bent_mm);
    CHECK(dropped.outerStrain > whole.outerStrain);
    // A single strand there is pressed by no neighbours, so its factor is that of one wire.
    CHECK(dropped.strainFactor == 1);
    // A load near the root asks the thick part alone.
    tip.load = {1, 0, 0, 0, 0, 0, 0, 0, 0};
    const WireBend near = findWhipBend(*t, tip, swung(80, 40, 1));
    tip.load.clear();
    CHECK(near.hold_Nmm > dropped.hold_Nmm);
}

TEST_CASE("A whip bent beyond its wire's range gives no numbers", "[wire]") {
    const auto t = tables().find(wireCard("aluminium-soft"));
    const WireBend b = findWhipBend(*t, whipOf({1, 4, 0}), swung(30, 120, 1.3));
    CHECK(b.status == BendStatus::too_tight);
    CHECK(std::isnan(b.hold_Nmm));
}
