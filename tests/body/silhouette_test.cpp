#include "body/silhouette.h"
#include "support/puppets.h"

using namespace enkinet;
using namespace enkinet::body;
using namespace enkinet::test;

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
        p.pixels[static_cast<std::size_t>(i)] = 40;
    CHECK(findThreshold(p) > 60);
    CHECK(findThreshold(p) < 210);
    CHECK_NOTHROW(findThreshold(GreyPicture{2, 2, {9, 9, 9, 9}}));
}
