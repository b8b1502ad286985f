#include "body/silhouette.h"
#include "support/puppets.h"

using namespace enkinet::body;

namespace {

/// A picture drawn from a test of points, each pixel shaded by how much of it is inside (8 x 8 samples).
template <class Inside> GreyPicture drawn(int w, int h, Inside inside) {
    GreyPicture p{w, h, {}};
    for (int y = 0; y < h; ++y)
        for (int x = 0; x < w; ++x) {
            int n = 0;
            for (int i = 0; i < 64; ++i)
                n += inside(x + (i % 8 + 0.5) / 8, y + (i / 8 + 0.5) / 8);
            p.pixels.push_back(static_cast<std::uint8_t>(255 - 215 * n / 64));
        }
    return p;
}

} // namespace

TEST_CASE("A tapered limb at any lean is read to half a pixel", "[body]") {
    for (double lean : {0.0, 12.0, 33.0, 45.0, 77.0, 90.0}) {
        for (double thick : {1.6, 4.0, 22.0}) {
            const double a = degToRad(lean), ux = std::sin(a), uy = std::cos(a);
            const PicturePoint from{150 - 80 * ux, 150 - 80 * uy}, to{150 + 80 * ux, 150 + 80 * uy};
            const auto half = [&](double t) { return thick * (1.0 - 0.4 * t); };
            const GreyPicture p = drawn(300, 300, [&](double x, double y) {
                const double t = ((x - from.x) * ux + (y - from.y) * uy) / 160;
                return t > -0.1 && t < 1.1 && std::abs((x - from.x) * uy - (y - from.y) * ux) < half(t);
            });
            for (const ReadWidth& w : calcWidths(p, from, to, {0, 0.25, 0.5, 0.9, 1}, 148, 60)) {
                INFO("lean " << lean << ", half-width " << half(w.at) << " at " << w.at);
                CHECK(w.onFigure);
                CHECK_FALSE(w.clipped);
                CHECK(std::abs(w.left - half(w.at)) < 0.5);
                CHECK(std::abs(w.right - half(w.at)) < 0.5);
            }
        }
    }
}

TEST_CASE("An axis off the middle gives two different sides whose mean is the half-width", "[body]") {
    const GreyPicture p = drawn(200, 120, [](double x, double y) { return x > 20 && x < 180 && y > 40 && y < 76; });
    const auto w = calcWidths(p, {30, 50}, {170, 50}, {0.5}, 128, 60);
    CHECK(std::abs(w[0].left - 10) < 0.3);
    CHECK(std::abs(w[0].right - 26) < 0.3);
    CHECK(std::abs(w[0].half() - 18) < 0.3);
}

TEST_CASE("Holes, borders and empty places are left to the hand", "[body]") {
    const GreyPicture ring = drawn(200, 200, [](double x, double y) {
        const double r = std::hypot(x - 100, y - 100);
        return r < 90 && !(std::hypot(x - 100, y - 126) < 5);
    });
    CHECK(calcWidths(ring, {40, 110}, {160, 110}, {0.5}, 128, 95)[0].hole);
    const GreyPicture bar = drawn(100, 100, [](double, double y) { return y < 30; });
    CHECK(calcWidths(bar, {10, 15}, {90, 15}, {0.5}, 128, 80)[0].clipped);
    CHECK_FALSE(calcWidths(bar, {10, 70}, {90, 70}, {0.5}, 128, 80)[0].onFigure);
    CHECK(calcWidths(bar, {10, 70}, {10, 70}, {0.5}, 128, 80).empty());
}

TEST_CASE("The threshold stands between figure and ground", "[body]") {
    GreyPicture p{10, 10, std::vector<std::uint8_t>(100, 230)};
    for (int i = 0; i < 30; ++i)
        p.pixels[nth(i)] = 40;
    CHECK(findThreshold(p) > 60);
    CHECK(findThreshold(p) < 210);
    CHECK_NOTHROW(findThreshold(GreyPicture{2, 2, {9, 9, 9, 9}}));
}

TEST_CASE("Where a leg touches the body in a picture each ends where the other begins, and the place is named",
          "[body]") {
    // Pixels are millimetres. Trunk 19 to each side of x 0, a leg of 10 at x 29, touching from y 30 to 90; both free
    // above.
    Puppet p;
    p.id = p.name = "stump", p.height_mm = 200;
    p.limbs = {
        limb("trunk", LimbKind::spine, {fixedPoint("seat", {0, 30, 0}), fixedPoint("top", {0, 90, 0})}),
        limb("leg", LimbKind::leg, {fixedPoint("hip", {29, 85, 0}), fixedPoint("sole", {29, 5, 0})}, "trunk", "top")};
    for (const double trunk : {19.0, 14.0})
        for (const double leg : {29 - trunk, 6.0}) {
            const GreyPicture g = drawn(200, 120, [&](double x, double y) {
                const double mx = x - 100, my = 110 - y;
                return (std::abs(mx) < trunk && my > 25 && my < 95) || (std::abs(mx - 29) < leg && my > 0 && my < 90);
            });
            Picture placed;
            placed.x_mm = -100, placed.y_mm = 110, placed.mm_px = 1;
            if (trunk + leg > 28.9) {
                // Nobody told of the leg, the trunk is read out to its far edge: half of 19 and 39, or of 14 and 44.
                const auto alone = calcWidths(g, {100, 50}, {100, 30}, {0.5}, 148, 60);
                CHECK(std::abs((alone[0].left + alone[0].right) / 2 - 29) < 0.75);
            }
            const ReadBody read = readBody(p, {&g, placed}, {}, 148, [](int, int) { return true; });
            REQUIRE(read.parts.size() == 2);
            for (const Section& s : read.parts[0].sections) {
                INFO("trunk " << trunk << " leg " << leg << " at " << s.at);
                CHECK(std::abs(s.a_mm - trunk) < 0.75);
                CHECK(s.b_mm == s.a_mm);
            }
            for (const Section& s : read.parts[1].sections) {
                INFO("leg " << leg << " of trunk " << trunk << " at " << s.at);
                CHECK(std::abs(s.a_mm - leg) < 0.75);
            }
            const auto named = [&](int limb) {
                return std::count_if(read.doubts.begin(), read.doubts.end(), [&](const WidthDoubt& d) {
                    return d.limb == limb && d.why == WidthDoubt::Why::neighbour && d.otherLimb == 1 - limb;
                });
            };
            // Touching, both say whose body it was; apart, neither needs to.
            CHECK((named(0) > 0) == (trunk + leg > 28.9));
            CHECK((named(1) > 0) == (trunk + leg > 28.9));
        }
    // An arm drawn in front of the trunk takes nothing of it.
    p.limbs[1].joints[0].at_mm = {4, 80, 0}, p.limbs[1].joints[1].at_mm = {4, 40, 0};
    const GreyPicture one =
        drawn(200, 120, [](double x, double y) { return std::abs(x - 100) < 19 && y > 15 && y < 85; });
    Picture placed;
    placed.x_mm = -100, placed.y_mm = 110, placed.mm_px = 1;
    const ReadBody read = readBody(p, {&one, placed}, {}, 148, [](int limb, int) { return limb == 0; });
    REQUIRE(read.parts.size() == 1);
    for (const Section& s : read.parts[0].sections)
        CHECK(std::abs(s.a_mm - 19) < 0.6);
    CHECK(readBody(p, {}, {}, 148, [](int, int) { return true; }).parts.empty());
}

TEST_CASE("A level foot is read no deeper than the floor that it stands on", "[body]") {
    Puppet p;
    p.id = p.name = "foot", p.height_mm = 100;
    p.limbs = {limb("foot", LimbKind::leg, {fixedPoint("heel", {0, 6, 0}), fixedPoint("toe", {40, 6, 0})})};
    // Drawn 14 mm to either side of the bone: 8 below the floor.
    const GreyPicture g =
        drawn(120, 80, [](double x, double y) { return x > 30 && x < 90 && std::abs(60 - y - 6) < 14; });
    Picture placed;
    placed.x_mm = -40, placed.y_mm = 60, placed.mm_px = 1;
    const ReadBody read = readBody(p, {&g, placed}, {}, 148, [](int, int) { return true; });
    REQUIRE(read.parts.size() == 1);
    for (const Section& s : read.parts[0].sections)
        CHECK(s.a_mm == Approx(6));
    // The same foot in the air keeps what is drawn.
    for (Joint& j : p.limbs[0].joints)
        j.at_mm.y = 40;
    placed.y_mm = 94;
    const ReadBody high = readBody(p, {&g, placed}, {}, 148, [](int, int) { return true; });
    REQUIRE(high.parts.size() == 1);
    for (const Section& s : high.parts[0].sections)
        CHECK(std::abs(s.a_mm - 14) < 0.75);
}
