#include "base/numeric.h"
#include "body/shape.h"
#include "support/puppets.h"

using namespace enkinet::body;

TEST_CASE("A tapered elliptic tube has the closed-form volume and centre", "[body]") {
    Random random(3);
    for (int i = 0; i < 200; ++i) {
        const double L = random.between(1, 80), a0 = random.between(0.5, 20), b0 = random.between(0.5, 20),
                     a1 = random.between(0.5, 20), b1 = random.between(0.5, 20);
        const TubeIntegral t = calcTube({{0, a0, b0}, {1, a1, b1}}, L, 0, 1, 0);
        CHECK_NEAR(t.volume_mm3, kPi * L / 6 * (2 * a0 * b0 + 2 * a1 * b1 + a0 * b1 + a1 * b0), 1e-12);
        const double first =
            integrate([&](double s) { return kPi * L * s * (a0 + s * (a1 - a0)) * (b0 + s * (b1 - b0)); }, 0, 1, 1e-9);
        CHECK_NEAR(t.centre, first / t.volume_mm3, 1e-9);
    }
}

TEST_CASE("A cone's side surface is pi r l, a cylinder's 2 pi r l", "[body]") {
    const double r = 7, L = 24;
    CHECK_NEAR(calcTubeSurface({{0, r, r}, {1, r, r}}, L, 0, 1), 2 * kPi * r * L, 1e-9);
    CHECK_NEAR(calcTubeSurface({{0, r, r}, {1, 1e-9, 1e-9}}, L, 0, 1), kPi * r * std::hypot(r, L), 1e-6);
    CHECK_NEAR(calcEllipsoidSurface({5, 5, 5}), 4 * kPi * 25, 1e-5);
    // A spheroid with half axes 3, 3, 5 by its closed form.
    const double e = std::sqrt(1 - 9.0 / 25);
    CHECK_NEAR(calcEllipsoidSurface({3, 5, 3}), 2 * kPi * 9 * (1 + 5 / (3 * e) * std::asin(e)), 1e-4);
}

TEST_CASE("Cutting a tube anywhere leaves its volume whole, and an inset is never negative", "[body]") {
    const std::vector<Section> s{{0, 8, 3}, {0.3, 2, 6}, {1, 5, 5}};
    Random random(4);
    for (int i = 0; i < 100; ++i) {
        const double cut = random.between(0, 1), inset = random.between(0, 9);
        const double whole = calcTube(s, 40, 0, 1, inset).volume_mm3;
        CHECK(whole >= 0);
        CHECK(std::abs(calcTube(s, 40, 0, cut, inset).volume_mm3 + calcTube(s, 40, cut, 1, inset).volume_mm3 - whole) <
              1e-9 * (1 + whole));
    }
    CHECK(calcTube(s, 40, 0, 1, 8.1).volume_mm3 == 0);
}

TEST_CASE("An inset volume equals the integral of the clipped section", "[body]") {
    const std::vector<Section> s{{0, 8, 3}, {0.4, 2, 6}, {1, 5, 5}};
    const double inset = 2.6;
    const auto section = [&](double t) {
        const Section at = findSection(s, t);
        return kPi * 40 * std::max(0.0, at.a_mm - inset) * std::max(0.0, at.b_mm - inset);
    };
    // From corner to corner: it thins to nothing at 0.36 and comes back at 0.52.
    double slow = 0;
    for (const auto& [from, to] : {std::pair{0.0, 0.36}, {0.36, 0.4}, {0.4, 0.52}, {0.52, 1.0}})
        slow += integrate(section, from, to, 1e-12);
    CHECK_NEAR(calcTube(s, 40, 0, 1, inset).volume_mm3, slow, 1e-7);
}

TEST_CASE("Where limbs overlap the parent owns the overlap", "[body]") {
    Puppet p = levelArm(false);
    p.limbs[0].segments[0] = tube("post", 6, 6);
    p.limbs[1].segments = {tube("wrap", 2, 2), tube("upper", 2, 2), tube("fore", 2, 2)};
    p.limbs[0].joints[1].at_mm.y = 110; // so that the arm leaves through the post's side
    const Skeleton s = calcSkeleton(p);
    p.limbs[1].hangsOnJoint = "top";
    const auto own = calcOwnStretches(p, s);
    CHECK(own[0].length() == 1);
    CHECK_NEAR(own[1].from, 0.6, 1e-9); // the wrap runs from x 0 to 10, the post reaches to x 6
    CHECK(own[2].length() == 1);
}

TEST_CASE("A limb thicker than its parent keeps its body though its axis runs inside it", "[body]") {
    // It was swallowed whole for its axis alone, and weighed nothing.
    const auto ownOf = [](double parent_mm, double limb_mm) {
        Puppet p = levelArm(false);
        p.limbs[0].segments[0] = tube("post", parent_mm, parent_mm);
        p.limbs[1].joints = {fixedPoint("root", {0, 90, 0}), fixedPoint("tip", {0, 40, 0})};
        p.limbs[1].segments = {tube("coat", limb_mm, limb_mm)};
        const Skeleton s = calcSkeleton(p);
        return calcOwnStretches(p, s).back().length();
    };
    CHECK(ownOf(3, 15) == 1);
    CHECK(ownOf(15, 3) == 0);
}

TEST_CASE("The axis inside a mass is the chord of its ellipsoid", "[body]") {
    Mass m;
    m.half_mm = {10, 20, 10};
    Link l;
    l.from = {0, -50, 6}, l.to = {0, 50, 6}, l.length_mm = 100;
    CHECK_NEAR(findAxisInside(m, {0, 0, 0}, l, 0), 2 * 20 * 0.8, 1e-12);
    m.shape = MassShape::box;
    CHECK_NEAR(findAxisInside(m, {0, 0, 0}, l, 5), 0.0, 1e-12); // 6 mm off lies outside half edges of 5
    CHECK_NEAR(findAxisInside(m, {0, 0, 0}, l, 1), 38.0, 1e-12);
}
