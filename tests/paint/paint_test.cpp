#include "paint/coats.h"
#include "support/near.h"

using namespace enkinet::paint;

TEST_CASE("The colour difference meets the published test pairs", "[paint]") {
    // Sharma, Wu, Dalal (2005), table 1: a choice that covers each branch.
    struct Pair {
        Lab x, y;
        double dE;
    };
    const Pair pairs[] = {{{50, 2.6772, -79.7751}, {50, 0, -82.7485}, 2.0425},
                          {{50, 3.1571, -77.2803}, {50, 0, -82.7485}, 2.8615},
                          {{50, -1.3802, -84.2814}, {50, 0, -82.7485}, 1.0000},
                          {{50, 0, 0}, {50, -1, 2}, 2.3669},
                          {{50, 2.49, -0.001}, {50, -2.49, 0.0009}, 7.1792},
                          {{50, 2.49, -0.001}, {50, -2.49, 0.0011}, 7.2195},
                          {{50, -0.001, 2.49}, {50, 0.0011, -2.49}, 4.7461},
                          {{50, 2.5, 0}, {50, 0, -2.5}, 4.3065},
                          {{50, 2.5, 0}, {73, 25, -18}, 27.1492},
                          {{50, 2.5, 0}, {61, -5, 29}, 22.8977},
                          {{50, 2.5, 0}, {56, -27, -3}, 31.9030},
                          {{50, 2.5, 0}, {58, 24, 15}, 19.4535},
                          {{50, 2.5, 0}, {50, 3.1736, 0.5854}, 1.0000},
                          {{60.2574, -34.0099, 36.2677}, {60.4626, -34.1751, 39.4387}, 1.2644},
                          {{63.0109, -31.0961, -5.8663}, {62.8187, -29.7946, -4.0864}, 1.2630},
                          {{35.0831, -44.1164, 3.7933}, {35.0232, -40.0716, 1.5901}, 1.8645},
                          {{22.7233, 20.0904, -46.6940}, {23.0331, 14.9730, -42.5619}, 2.0373},
                          {{90.9257, -0.5406, -0.9208}, {88.6381, -0.8985, -0.7239}, 1.5381},
                          {{6.7747, -0.2908, -2.4247}, {5.8714, -0.0985, -2.2286}, 0.6377},
                          {{2.0776, 0.0795, -1.1350}, {0.9033, -0.0636, -0.5514}, 0.9082}};
    for (const Pair& p : pairs) {
        CHECK(std::abs(calcDeltaE2000(p.x, p.y) - p.dE) < 1e-4);
        CHECK(std::abs(calcDeltaE2000(p.y, p.x) - p.dE) < 1e-4);
    }
}

TEST_CASE("White, black and the primaries have the lightness of their standard", "[paint]") {
    CHECK(std::abs(toLab(*parseHex("#ffffff")).L - 100) < 1e-3);
    CHECK(std::abs(toLab(*parseHex("#000000")).L) < 1e-9);
    CHECK(std::abs(toLab(*parseHex("#ff0000")).L - 53.24) < 0.01);
    CHECK(std::abs(toLab(*parseHex("#808080")).a) < 0.01);
    CHECK_FALSE(parseHex("ff0000"));
    CHECK_FALSE(parseHex("#ff00"));
    CHECK_FALSE(parseHex("#ff00zz"));
}

TEST_CASE("Coats are laid until the ground no longer shows", "[paint]") {
    const auto of = [](const char* hex) { return calcReflectance(*parseHex(hex)); };
    const Reflectance white = of("#ffffff"), black = of("#101010"), cream = of("#fbf8f0");
    CHECK(calcCoats(white, white, 0.5) == 1);
    CHECK(calcCoats(black, white, 0.999) == 1);
    CHECK(calcCoats(black, white, 0.5) > calcCoats(black, white, 0.8));
    // A ground near the final colour saves coats.
    CHECK(calcCoats(cream, white, 0.6) < calcCoats(black, white, 0.6));
    CHECK(calcCoats(black, white, 0.0) == kMostCoats);
    // A white over flesh needs two coats; a yellow near the clay's own colour one.
    CHECK(calcCoats(of("#d8a888"), of("#f4f2ea"), 0.8) == 2);
    CHECK(calcCoats(of("#d8a860"), of("#d6a85e"), 0.6) == 1);
}

TEST_CASE("Millilitres are area, relief, coats and coverage", "[paint]") {
    const Scheme s{"plain", "plain", {{Role::base, "skin-warm"}, {Role::wash, "skin-shade"}}};
    const auto laid = must(calcLaid(s, shippedCards().paints, "#808080", 10000));
    const Laid& base = laid->at(0);
    CHECK_NEAR(base.ml, base.coats * 10000 * kRelief / (base.card->coverage_m2_l * 1000), 1e-12);
    CHECK_NEAR(laid->at(1).ml, kWashShare * 10000 * kRelief / (laid->at(1).card->coverage_m2_l * 1000), 1e-12);
    CHECK_FALSE(calcLaid({"x", "x", {{Role::base, "no-such-paint"}}}, shippedCards().paints, "#808080", 1));
}

TEST_CASE("Oil goes on acrylic, acrylic not on oil, and only varnish on varnish", "[paint]") {
    CHECK(mayGoOn(Medium::oil, Medium::acrylic));
    CHECK_FALSE(mayGoOn(Medium::acrylic, Medium::oil));
    CHECK(mayGoOn(Medium::varnish, Medium::oil));
    CHECK(mayGoOn(Medium::varnish, Medium::varnish));
    CHECK_FALSE(mayGoOn(Medium::acrylic, Medium::varnish));
}
