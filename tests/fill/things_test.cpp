#include "base/units.h"
#include "checks/things.h"
#include "fill/things.h"
#include "support/near.h"
#include "support/things.h"

using namespace enkinet::body;
using namespace enkinet::fill;

TEST_CASE("The ball to roll holds what the thing holds; half a ball is a ball of 0.794 of its size", "[fill]") {
    Feature f = eye(10);
    CHECK_NEAR(findBall(findFeatureVolume(f, 10)), 10.0, 1e-12);
    f.shape = FeatureShape::half_ball;
    CHECK_NEAR(findBall(findFeatureVolume(f, 10)), 10 * std::cbrt(0.5), 1e-12);
    CHECK_NEAR(findBall(findFeatureVolume(f, 10)) / 10, 0.794, 1e-3);
    f.shape = FeatureShape::cone, f.length_mm = 20;
    CHECK_NEAR(findFeatureVolume(f, 10), kPi * 25 * 20 / 3, 1e-12);
    f.shape = FeatureShape::disc, f.length_mm = 2;
    CHECK_NEAR(findFeatureVolume(f, 10), kPi * 25 * 2, 1e-12);
}

TEST_CASE("Seats are the chords of what sits in them", "[fill]") {
    Feature f = eye(8);
    // A quarter of 8 mm deep: 2 sqrt(2 x 6).
    CHECK_NEAR(findSeat(f).first, 2 * std::sqrt(12.0), 1e-12);
    CHECK_NEAR(findSeat(f).second, 2.0, 1e-12);
    f.sunk = 0.5;
    CHECK_NEAR(findSeat(f).first, 8.0, 1e-12);
    f.sunk = 0.9;
    CHECK_NEAR(findSeat(f).first, 8.0, 1e-12);
    f.sunk = 0;
    CHECK(findSeat(f).first == 0);
}

TEST_CASE("Graded sizes run from the first to the last, evenly or by a factor", "[fill]") {
    CHECK(findSizes(2, 6, 5, false) == std::vector<double>{2, 3, 4, 5, 6});
    const auto g = findSizes(2, 32, 5, true);
    for (std::size_t i = 0; i < g.size(); ++i)
        CHECK_NEAR(g[i], 2 * std::pow(2.0, static_cast<double>(i)), 1e-12);
    CHECK(findSizes(3, 0, 4, false) == std::vector<double>(4, 3.0));
    CHECK(findSizes(3, 9, 1, true) == std::vector<double>{3});
}

TEST_CASE("Counts follow from pitch along and round; girth of a circle is its own", "[fill]") {
    CHECK(findAlong(100, 10) == 11);
    CHECK(findAlong(99.9, 10) == 10);
    CHECK(findAlong(0, 10) == 1);
    CHECK(findAround(100, 10) == 10);
    CHECK(findAround(3, 10) == 1);
    CHECK_NEAR(findGirth(10, 10), 2 * kPi * 10, 1e-14);
    // Two routes: the sum of 100,000 chords.
    double sum = 0;
    for (int i = 0; i < 100000; ++i) {
        const double u = 2 * kPi * i / 100000, v = 2 * kPi * (i + 1) / 100000;
        sum += std::hypot(12 * (std::cos(v) - std::cos(u)), 5 * (std::sin(v) - std::sin(u)));
    }
    CHECK_NEAR(findGirth(12, 5), sum, 1e-5);
    Puppet p = *makePuppet(post());
    Feature f = eye();
    f.at = 0, f.to = 1, f.pitch_mm = 10, f.rowPitch_mm = 8;
    const FeatureWork w = calcFeature(p, f, shippedShelf());
    CHECK(w.alongCount == 11);
    CHECK(w.rows == static_cast<int>(2 * kPi * 10 / 8));
    CHECK(w.count() == w.alongCount * w.rows);
}

TEST_CASE("Minutes follow from timed samples with their range, and a tool pays from its break-even", "[fill]") {
    Puppet p = *makePuppet(post());
    Feature f = eye();
    f.count = 48;
    CHECK(std::isnan(calcFeature(p, f, shippedShelf()).minutes.value));
    f.timed_s = {30, 50, 40}, f.spares = 2, f.tool_min = 20, f.toolEach_s = 10;
    const FeatureWork w = calcFeature(p, f, shippedShelf());
    CHECK_NEAR(w.minutes, 50 * 40 / 60.0, 1e-12);
    CHECK_NEAR(w.least_min, 50 * 30 / 60.0, 1e-12);
    CHECK_NEAR(w.most_min, 50 * 50 / 60.0, 1e-12);
    CHECK(w.breakEven == 40);
}

TEST_CASE("Things weigh where they sit, and two heads are never added together", "[fill]") {
    document::Production all = demo();
    Puppet bare = post();
    bare.id = "post";
    Mass head;
    head.id = head.name = "head", head.limb = "post", head.shape = MassShape::weighed, head.weighed_g = 30;
    head.at_mm = {0, 110, 0};
    bare.masses = {head};
    all.puppets = {bare};
    const auto before = reportOf(all).choice.totals;
    Feature f = eye(8);
    f.at = f.to = 0.75, f.angle_deg = 0;
    all.puppets[0].things.features = {f};
    auto r = reportOf(all);
    const double gram = kPi / 6 * 512 * 1.75e-3;
    CHECK_NEAR(r.things.features[0].mass_g, gram, 1e-9);
    // The choice of wire settles with it; everything else is as it was.
    const double wire = r.choice.totals.wire_g - before.wire_g;
    CHECK_NEAR(r.choice.totals.mass_g(), before.mass_g() + gram + wire, 1e-9);
    // On the front of the post, three quarters up.
    const fill::Part& part = r.choice.parts[0];
    CHECK_NEAR(part.piece.mass_g, gram, 1e-9);
    CHECK_NEAR(part.piece.centre.y, 75.0, 1e-9);
    CHECK_NEAR(part.piece.centre.z, 10.0, 1e-9);
    CHECK(std::abs(part.piece.centre.x) < 1e-9);
    // Two more heads of 25 and 45 g: the slot is built for the heaviest.
    Variant light, heavy;
    light.id = light.name = "asleep", light.mass = "head", light.weighed_g = 25;
    heavy.id = heavy.name = "shouting", heavy.mass = "head", heavy.weighed_g = 45;
    all.puppets[0].things.variants = {light, heavy};
    const auto with = reportOf(all);
    CHECK_NEAR(with.choice.totals.piece_g, gram + 45, 1e-9);
    // Doubles take twice the clay.
    const auto clayOf = [](const results::Report& x) {
        for (const results::Need& n : x.needs)
            if (n.card == "firm-white") return n.needed;
        return 0.0;
    };
    const double one = clayOf(with);
    CHECK(one > gram);
    all.puppets[0].things.copies = 3;
    CHECK_NEAR(clayOf(reportOf(all)), 3 * one, 1e-12);
}

TEST_CASE("What is held in a pose weighs in that pose alone", "[choice]") {
    document::Production all = demo();
    Puppet& p = all.puppets[0];
    REQUIRE_FALSE(p.poses.empty());
    Prop letter;
    letter.id = letter.name = "letter", letter.hand.limb = "arm", letter.hand.segment = 1, letter.mass_g = 9;
    letter.pose = p.poses[0].name;
    p.things.props = {letter};
    p.board = {};
    const double without = reportOf(all).choice.totals.piece_g;
    p.board = p.poses[0];
    CHECK_NEAR(reportOf(all).choice.totals.piece_g, without + 9, 1e-9);
}
