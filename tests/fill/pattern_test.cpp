#include "base/units.h"
#include "body/mesh.h"
#include "files/pattern_file.h"
#include "fill/pattern.h"
#include "support/puppets.h"

using namespace enkinet::body;
using namespace enkinet::fill;

namespace {
double edge(const FlatPoint& a, const FlatPoint& b) { return std::hypot(a.x - b.x, a.y - b.y); }
} // namespace

TEST_CASE("A developed cone has the cone's edges and area", "[fill]") {
    Random random(2);
    for (int i = 0; i < 50; ++i) {
        const double r0 = random.between(2, 30), r1 = random.between(2, 30), L = random.between(5, 90);
        const Pattern p = makeCone(r0, r1, L);
        const double slant = std::hypot(L, r1 - r0);
        CHECK_NEAR(p.rootEdge_mm, 2 * kPi * r0, 1e-9);
        CHECK_NEAR(p.tipEdge_mm, 2 * kPi * r1, 1e-9);
        CHECK_NEAR(p.seam_mm, slant, 1e-9);
        CHECK_NEAR(p.area_mm2, kPi * (r0 + r1) * slant, 1e-9);
        // What is drawn has them too: the seams to round-off, arcs and area to the chords of a hundredth of a turn.
        CHECK_NEAR(edge(p.outline.front(), p.outline.back()), slant, 1e-9);
        double arc = 0;
        const std::size_t half = p.outline.size() / 2;
        for (std::size_t k = 1; k < half; ++k)
            arc += edge(p.outline[k - 1], p.outline[k]);
        CHECK_NEAR(arc, 2 * kPi * r0, 1e-3);
        CHECK_NEAR(findArea(p.outline), p.area_mm2, 2e-3);
        // A cone's surface, found again by quadrature on the body.
        const std::vector<Section> sections{{0, r0, r0}, {1, r1, r1}};
        CHECK_NEAR(calcTubeSurface(sections, L, 0, 1), p.area_mm2, 1e-9);
        CHECK(makeTube(sections, L, {}, 0).exact);
    }
}

TEST_CASE("A straight tube is a rectangle, and an elliptic one is as wide as its girth", "[fill]") {
    const Pattern p = makeTube({{0, 9, 9}, {1, 9, 9}}, 40, {}, 0);
    CHECK(p.exact);
    CHECK(p.outline.size() == 4);
    const Pattern e = makeTube({{0, 9, 5}, {1, 9, 5}}, 40, {}, 0);
    CHECK_FALSE(e.exact);
    CHECK_NEAR(e.rootEdge_mm, calcGirth(9, 5), 1e-3);
    CHECK_NEAR(e.area_mm2, 40 * calcGirth(9, 5), 1e-3);
    CHECK(e.girthError < 1e-3);
}

TEST_CASE("An ellipse's girth is that of its limits and of quadrature", "[fill]") {
    CHECK_NEAR(calcGirth(7, 7), 2 * kPi * 7, 1e-12);
    CHECK_NEAR(calcGirth(7, 0), 28.0, 1e-12);
    Random random(4);
    for (int i = 0; i < 30; ++i) {
        const double a = random.between(1, 30), b = random.between(1, 30);
        double sum = 0;
        constexpr int kSteps = 4000;
        for (int k = 0; k < kSteps; ++k) {
            const double u = 2 * kPi * (k + 0.5) / kSteps;
            sum += std::hypot(a * std::sin(u), b * std::cos(u)) * 2 * kPi / kSteps;
        }
        CHECK_NEAR(calcGirth(a, b), sum, 1e-9);
    }
}

TEST_CASE("A bulging elliptic limb is flattened with its girths within one per cent, and the error is stated",
          "[fill]") {
    Random random(6);
    for (int i = 0; i < 40; ++i) {
        std::vector<Section> sections;
        double a = random.between(6, 14);
        for (int k = 0; k < 4; ++k) {
            a *= random.between(0.85, 1.15);
            sections.push_back({k / 3.0, a, a * random.between(0.75, 1.25)});
        }
        const double L = random.between(40, 90);
        const Pattern p = makeTube(sections, L, {0.05, 0.9}, 1);
        INFO("draw " << i << ", stated " << p.girthError);
        CHECK(p.girthError < 0.01);
        // The surface by quadrature is what the flat piece covers, to what it states; the more it bulges, the more.
        std::vector<Section> inset = sections;
        for (Section& s : inset)
            s.a_mm -= 1, s.b_mm -= 1;
        CHECK(apart(p.area_mm2, calcTubeSurface(inset, L, 0.05, 0.9)) <= p.areaError + 2e-3);
        // A ring by itself is true.
        const Pattern ring = makeTube(sections, L, {0.05, 1 / 3.0}, 1);
        CHECK(ring.areaError < 2e-3);
        CHECK(ring.seamError < 1e-3);
        // Its ends are the girths there, measured on the drawn outline.
        const Section root = findSection(inset, 0.05);
        CHECK_NEAR(p.rootEdge_mm, calcGirth(root.a_mm, root.b_mm), 0.01);
    }
}

TEST_CASE("Gores close round a ball: girth at the equator, meridian along, area within what is stated", "[fill]") {
    const Pattern p = makeGore({20, 20, 20}, 6, 0);
    double widest = 0;
    for (const FlatPoint& q : p.outline)
        widest = std::max(widest, 2 * std::abs(q.x));
    CHECK_NEAR(6 * widest, 2 * kPi * 20, 1e-9);
    CHECK(std::abs(6 * p.area_mm2 - 4 * kPi * 400) / (4 * kPi * 400) <= p.areaError + 1e-9);
    CHECK(p.areaError < 0.02);
}

TEST_CASE("The cutting line stands the allowance outside the sewing line", "[fill]") {
    const std::vector<FlatPoint> square{{0, 0}, {10, 0}, {10, 20}, {0, 20}};
    const auto cut = offset(square, 5);
    CHECK_NEAR(findArea(cut), 20.0 * 30, 1e-9);
    for (const Pattern& p : {makeCone(12, 5, 60), makeTube({{0, 9, 5}, {0.5, 11, 8}, {1, 4, 4}}, 50, {}, 0)}) {
        CHECK(findArea(p.cut) > p.area_mm2);
        // No point of the sewing line is nearer than the allowance, but for the chords of the arcs.
        for (const FlatPoint& q : p.outline)
            for (const FlatPoint& c : p.cut)
                CHECK(edge(q, c) > kSeamAllowance_mm * 0.9);
    }
}

TEST_CASE("Brindle's fleece has a pattern for every covered part, left and right mirrored, laid on the cloth",
          "[fill]") {
    // Seen from the front; from one side the two would have their seams on the same side.
    document::Production film = demo();
    film.puppets[1].wants.camera_rad = 0;
    const auto r = reportOf(film, 1);
    const auto patterns = calcPatterns(film.puppets[1], r.choice.rest, r.choice.own, r.choice.parts);
    REQUIRE(patterns.size() >= 5);
    double area = 0;
    for (const Pattern& p : patterns) {
        INFO(p.label.english());
        CHECK(p.girthError < 0.01);
        CHECK(p.areaError <= kOnePiece);
        CHECK(p.area_mm2 > 0);
        area += p.area_mm2 * p.pieces;
        if (p.label.english().starts_with("left ")) {
            const auto twin = std::find_if(patterns.begin(), patterns.end(), [&](const Pattern& x) {
                return x.label == "right " + p.label.english().substr(5);
            });
            REQUIRE(twin != patterns.end());
            CHECK_NEAR(twin->area_mm2, p.area_mm2, 1e-9);
            CHECK(std::abs(twin->seamSide.x + p.seamSide.x) < 1e-12);
            // Point for point, found by place: the twin runs the other way round.
            double off = 0;
            for (const FlatPoint& q : p.outline) {
                double nearest = 1e9;
                for (const FlatPoint& x : twin->outline)
                    nearest = std::min(nearest, std::hypot(x.x + q.x, x.y - q.y));
                off = std::max(off, nearest);
            }
            CHECK(off < 1e-6);
        }
    }
    // The flat pieces cover what the covered surface is, as far as seams at mid-thickness let them.
    double surface = 0;
    for (const Part& p : r.choice.parts)
        if (!p.layers.cover.empty()) surface += p.surface_mm2;
    CHECK_NEAR(area, surface, 0.15);
    const Layout layout = calcLayout(patterns, 500);
    CHECK(layout.fits);
    // No two boxes overlap and none leaves the cloth.
    for (const auto& a : layout.places)
        CHECK(a.x >= 0);
    CHECK(layout.length_mm * 500 > area);
    const std::string svg = files::writePatternsSvg(patterns, layout, 500);
    CHECK(svg.find("width=\"500.000mm\"") != std::string::npos);
    CHECK(std::count(svg.begin(), svg.end(), '\n') > static_cast<long>(patterns.size()) * 3);
    const std::string dxf = files::writePatternsDxf(patterns, layout);
    CHECK(dxf.find("0\nEOF\n") != std::string::npos);
}

TEST_CASE("A seam runs where the camera sees it least, and costs no girth wherever it runs", "[fill]") {
    Puppet p = demo().puppets[1];
    for (double azimuth : {0.0, 90.0, -35.0, 180.0}) {
        p.wants.camera_rad = degToRad(azimuth);
        const Skeleton s = calcSkeleton(p);
        const auto own = calcOwnStretches(p, s);
        const Vec3 camera{std::sin(p.wants.camera_rad), 0, std::cos(p.wants.camera_rad)};
        const auto r = reportOf(demo(), 1);
        for (const Pattern& one : calcPatterns(p, s, own, r.choice.parts)) {
            if (norm(one.seamSide) == 0) continue;
            INFO(one.label.english() << " from " << azimuth);
            const auto part = std::find_if(r.choice.parts.begin(), r.choice.parts.end(), [&](const Part& x) {
                return x.mass < 0 && one.label.english().starts_with(x.label.english());
            });
            REQUIRE(part != r.choice.parts.end());
            const Link& link = s.links[nth(part->link)];
            const double a = dot(camera, link.a), b = dot(camera, link.b), most = std::hypot(a, b);
            // No other direction of the section faces farther away.
            if (most >= 0.1) CHECK_NEAR(dot(one.seamSide, camera), -most, 1e-9);
            CHECK(std::abs(one.rootEdge_mm - one.girthRoot_mm) < 0.01 * one.girthRoot_mm);
        }
    }
}

TEST_CASE("A bare stretch has no cloth on it", "[fill]") {
    document::Production p = demo();
    Puppet& goat = p.puppets[1];
    const auto before = reportOf(p, 1);
    std::string limbId;
    int segment = -1;
    for (Limb& l : goat.limbs)
        for (std::size_t i = 0; i < l.segments.size() && segment < 0; ++i)
            if (!l.segments[i].layers.cover.empty() && !l.segments[i].sections.empty() && !l.mirrored)
                limbId = l.id, segment = static_cast<int>(i);
    REQUIRE(segment >= 0);
    Limb& l = *std::find_if(goat.limbs.begin(), goat.limbs.end(), [&](const Limb& x) { return x.id == limbId; });
    l.segments[nth(segment)].layers.coverFrom = 0.5;
    const auto after = reportOf(p, 1);
    const auto of = [&](const results::Report& r) {
        double cloth = 0, flat = 0;
        for (const Part& x : r.choice.parts)
            if (x.label == l.segments[nth(segment)].name) cloth = x.covered_mm2;
        for (const Pattern& x : r.patterns)
            if (x.label.english().starts_with(l.segments[nth(segment)].name)) flat += x.area_mm2;
        return std::pair{cloth, flat};
    };
    CHECK(of(after).first < of(before).first);
    CHECK(of(after).second < of(before).second);
    CHECK(after.choice.totals.cover_g < before.choice.totals.cover_g);
}
