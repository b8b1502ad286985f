#include "base/units.h"
#include "sheet/silhouette.h"
#include "support/near.h"
#include <QPolygonF>

using app::Blob;

namespace {

/// Area within a path, by the shoelace formula; holes count against.
double areaOf(const QPainterPath& path) {
    double sum = 0;
    for (const QPolygonF& p : path.toSubpathPolygons(QTransform::fromScale(50, 50)))
        for (int i = 0; i + 1 < p.size(); ++i)
            sum += p[i].x() * p[i + 1].y() - p[i + 1].x() * p[i].y();
    return std::abs(sum) / 2 / 2500;
}

Blob disc(double x, double radius, int group = 0) {
    return {Blob::Kind::ellipse, {x, 0}, {}, radius, radius, 0, group};
}

} // namespace

TEST_CASE("An outline has the area of the parts within it") {
    // Each area in closed form; traced on a grid of a fortieth and smoothed.
    const auto area = [](std::vector<Blob> blobs) { return areaOf(calcSilhouette(blobs, 1, 0.5, 0).whole); };
    CHECK_NEAR(area({disc(0, 20)}), kPi * 400, 0.01);
    CHECK_NEAR(area({{Blob::Kind::ellipse, {}, {}, 30, 12, degToRad(25), 0}}), kPi * 360, 0.01);
    CHECK_NEAR(area({{Blob::Kind::box, {}, {}, 30, 12, degToRad(-40), 0}}), 4 * 360.0, 0.02);
    CHECK_NEAR(area({{Blob::Kind::cone, {0, 0}, {60, 0}, 10, 10, 0, 0}}), 20 * 60 + kPi * 100, 0.01);
    // A lens of two discs counts once: d = r, so the overlap is r² (2π/3 - √3/2).
    CHECK_NEAR(area({disc(0, 20), disc(20, 20)}), 400 * (2 * kPi - 2 * kPi / 3 + std::sqrt(3) / 2), 0.01);
    CHECK_NEAR(area({disc(0, 20), disc(60, 20)}), 2 * kPi * 400, 0.01);
}

TEST_CASE("Parts of one group melt into each other, parts of two do not, and nothing has no outline") {
    const std::vector<Blob> one{disc(0, 20), disc(42, 20)}, two{disc(0, 20), disc(42, 20, 1)};
    const auto melted = app::calcSilhouette(one, 1, 0.5, 8);
    CHECK(melted.whole.contains(QPointF(21, 0)));
    CHECK(areaOf(melted.whole) > 1.001 * 2 * kPi * 400);
    const auto apart = app::calcSilhouette(two, 2, 0.5, 8);
    REQUIRE(apart.groups.size() == 2);
    for (const QPainterPath& g : apart.groups) {
        CHECK_FALSE(g.contains(QPointF(21, 0)));
        CHECK_NEAR(areaOf(g), kPi * 400, 0.01);
    }
    CHECK(app::calcSilhouette({}, 1, 0.5, 8).whole.isEmpty());
    // Bones with no length and no width are no crash and no ink.
    CHECK(areaOf(app::calcSilhouette({{Blob::Kind::cone, {1, 1}, {1, 1}, 0, 0, 0, 0}}, 1, 0.5, 0).whole) < 1);
}
