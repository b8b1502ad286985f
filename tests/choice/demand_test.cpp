// What a joint asks of its wire, rule by rule, on small puppets whose answers are known.
#include "choice/verdict.h"
#include "support/puppets.h"

using namespace enkinet::body;
using namespace enkinet::choice;

namespace {

/// Demands of one limb with no weight at all: only the touch and the geometry speak.
std::vector<Demand> demandsOf(const Puppet& p, int limb, const std::vector<load::PointMass>& masses = {}) {
    const auto sound = must(makePuppet(p));
    const Skeleton s = calcSkeleton(*sound);
    load::LoadSetup setup;
    setup.lean_rad = sound->wants.lean_rad, setup.poseOnly = sound->wants.thisPoseOnly;
    return calcDemands(*sound, s, s, shippedShelf(), load::calcLoads(s, masses, setup), masses,
                       calcOwnStretches(*sound, s), limb);
}

Puppet fleshedArm(double upper, double fore, const Layers& layers = {}) {
    Puppet p = levelArm(false);
    p.limbs[1].segments = {bare("wrap"), tube("upper", upper, upper, layers), tube("fore", fore, fore, layers)};
    return p;
}

} // namespace

TEST_CASE("A hand takes the segment beyond a hanging joint at its grip share", "[choice]") {
    Puppet p = fleshedArm(5, 4);
    const auto d = demandsOf(p, 1);
    REQUIRE(d.size() == 2);
    CHECK_NEAR(d[0].lever_mm, 0.6 * 30, 1e-12);
    CHECK_NEAR(d[1].lever_mm, 0.6 * 20, 1e-12);
    CHECK_NEAR(d[1].effortLimit_Nmm, 12 * 12.0, 1e-12);
    p.limbs[1].segments[2].grip = 0.9;
    CHECK_NEAR(demandsOf(p, 1)[1].lever_mm, 18.0, 1e-12);
}

TEST_CASE("Fingers give 12 N on thin parts, 40 on thick ones, and what lies between grows evenly", "[choice]") {
    const fill::Hands usual;
    for (double half : {0.0, 3.0, 8.0})
        CHECK(fill::findFingers_N(usual, half) == 12);
    CHECK_NEAR(fill::findFingers_N(usual, 14), 26.0, 1e-12);
    for (double half : {20.0, 50.0})
        CHECK(fill::findFingers_N(usual, half) == 40);
    // The builder's own hands.
    CHECK_NEAR(fill::findFingers_N({20, 6, 60, 16}, 11), 40.0, 1e-12);
    CHECK_NEAR(demandsOf(fleshedArm(14, 14), 1)[1].effortLimit_Nmm, 26 * 0.6 * 20, 1e-12);
}

TEST_CASE("A millimetre of clay never turns a hand of 12 N into one of 39", "[choice]") {
    // All else held: the limit at a thigh's half-width from 8 to 20 mm never steps by more than 5 %.
    double before = 0;
    for (double half = 8; half <= 20.0001; half += 0.1) {
        const double limit = demandsOf(fleshedArm(half, half), 1)[1].effortLimit_Nmm;
        if (before > 0) {
            CHECK(limit >= before);
            CHECK(limit <= 1.05 * before);
        }
        before = limit;
    }
    CHECK_NEAR(before, 40 * 0.6 * 20, 1e-9);
}

TEST_CASE("What the other hand can hold against it counts, unless that side is fixed or held", "[choice]") {
    // The near side is short and thin, the far side long: the other hand decides.
    Puppet p = levelArm(false);
    p.limbs[1].joints[2].at_mm.x = p.limbs[1].joints[1].at_mm.x + 10;
    p.limbs[1].joints.back().at_mm.x = p.limbs[1].joints[2].at_mm.x + 60;
    p.limbs[1].joints[1].gap_mm = p.limbs[1].joints[2].gap_mm = 6;
    p.limbs[1].segments = {bare("wrap"), tube("upper", 5, 5), tube("fore", 5, 5)};
    const Demand d = demandsOf(p, 1)[1];
    CHECK(d.nearDecides);
    CHECK_NEAR(d.effortLimit_Nmm, 12 * 0.6 * 10, 1e-9);
    CHECK_NEAR(d.far.moment_Nmm(), 12 * 0.6 * 60, 1e-9);
    p.wants.steadied = true;
    const Demand held = demandsOf(p, 1)[1];
    CHECK_FALSE(held.nearDecides);
    CHECK(held.near.link == -1);
    CHECK_NEAR(held.effortLimit_Nmm, 12 * 0.6 * 60, 1e-9);
    // An ankle's near side is the foot, and that is tied to the base.
    Puppet leg = oneLegged();
    leg.limbs[1].segments = {bare("wrap"), tube("thigh", 7, 7), tube("shin", 6, 6), tube("foot", 2, 2)};
    CHECK(demandsOf(leg, 1, {{100, {0, 130, 0}, 0}})[2].near.link == -1);
    CHECK(demandsOf(leg, 1, {{100, {0, 130, 0}, 0}})[1].near.link >= 0);
}

TEST_CASE("This pose only asks for the pose on the board, and still for the touch", "[choice]") {
    Puppet p = levelArm(false);
    // The weight hangs straight below the shoulder: the pose pulls on nothing, the stretched arm would.
    const Skeleton s = calcSkeleton(*makePuppet(p));
    const std::vector<load::PointMass> masses{{100, s.hinges[0].at + Vec3{0, -20, 0}, 1}};
    const auto worst = demandsOf(p, 1, masses);
    p.wants.thisPoseOnly = true;
    const auto only = demandsOf(p, 1, masses);
    CHECK(worst[0].load.load_Nmm > 5 * only[0].load.load_Nmm);
    CHECK(only[0].load.why == load::Case::touch);
    CHECK(only[0].load.load_Nmm == only[0].load.touch_Nmm);
}

TEST_CASE("A jaw wholly inside a firm baked head does not bend", "[choice]") {
    Puppet p = levelArm(false);
    p.limbs[1].segments = {bare("wrap"), tube("upper", 5, 5), tube("fore", 4, 4)};
    Mass head;
    head.id = "head", head.name = "head", head.limb = "post", head.segment = 0;
    head.at_mm = p.limbs[1].joints[2].at_mm, head.half_mm = {15, 15, 15};
    head.layers.clay = "firm-grey", head.layers.skin_mm = 4, head.layers.bulk = "foil-firm";
    p.masses = {head};
    const Demand d = demandsOf(p, 1)[1];
    CHECK(d.buried);
    CHECK(d.buriedIn == "head");
    CHECK(d.free_mm == 0);
    const Verdict v = judge(d, *tables().find(wireCard("aluminium-soft")), {1, 1, 0});
    CHECK(v.state() == State::crowded);
    // Half way out of it the middle is free again; soft clay gives.
    p.masses[0].at_mm.x += 16;
    CHECK_FALSE(demandsOf(p, 1)[1].buried);
    p.masses[0].at_mm.x -= 16;
    p.masses[0].layers.clay = "never-dry-soft";
    for (const auto& c : shippedCards().clays)
        if (c.family == fill::ClayFamily::never_dry) p.masses[0].layers.clay = c.id;
    CHECK_FALSE(demandsOf(p, 1)[1].buried);
}

TEST_CASE("Clay that never dries dents before the finger's limit", "[choice]") {
    const auto soft = std::find_if(shippedCards().clays.begin(), shippedCards().clays.end(),
                                   [](const auto& c) { return c.family == fill::ClayFamily::never_dry; });
    REQUIRE(soft != shippedCards().clays.end());
    Layers l;
    l.clay = soft->id, l.skin_mm = 2;
    const auto d = demandsOf(fleshedArm(5, 4, l), 1)[1];
    CHECK_NEAR(d.effortLimit_Nmm, std::min(12.0, 3 * soft->yield_MPa * 80) * d.lever_mm, 1e-12);
    // A mark shows much sooner than a full print.
    CHECK_NEAR(d.marks_Nmm, 1.1 * soft->yield_MPa * 80 * d.lever_mm, 1e-12);
    CHECK(demandsOf(fleshedArm(5, 4), 1)[1].marks_Nmm > 1e200);
}

TEST_CASE("Room is the thinnest place between the neighbours less cover and sleeve on both sides", "[choice]") {
    Puppet p = fleshedArm(5, 4);
    const auto d = demandsOf(p, 1);
    CHECK_NEAR(d[1].room_mm, 2 * (4 - 1.0), 1e-12);
    CHECK(d[1].roomAt == "fore");
    p.limbs[1].segments[2].sleeve_mm = 0.5;
    CHECK_NEAR(demandsOf(p, 1)[1].room_mm, 2 * (4 - 1 - 0.5), 1e-12);
    p.limbs[1].kind = LimbKind::finger;
    CHECK_NEAR(demandsOf(p, 1)[1].room_mm, 2 * (4 - 0.5 - 0.5), 1e-12);
    // A body mass in firm clay wants six millimetres.
    p = fleshedArm(5, 9);
    p.limbs[1].segments[2].layers.clay = "firm-grey", p.limbs[1].segments[2].layers.skin_mm = 3;
    p.limbs[1].segments[2].bodyMass = true;
    CHECK_NEAR(demandsOf(p, 1)[1].room_mm, std::min(2 * (9.0 - 6), 2 * (5.0 - 1)), 1e-12);
}

TEST_CASE("Stiff layers ask for a gap of their half-width times the bend; soft ones do not", "[choice]") {
    Layers firm;
    firm.clay = "firm-grey", firm.skin_mm = 2, firm.bulk = "foil-firm";
    Puppet p = fleshedArm(6, 5, firm);
    const double angle = findLargestBend(p.limbs[1].joints[2]);
    CHECK_NEAR(demandsOf(p, 1)[1].gapNeeded_mm, 6 * angle, 1e-12);
    Layers bareWire;
    CHECK(demandsOf(fleshedArm(6, 5, bareWire), 1)[1].gapNeeded_mm == 0);
    Layers cloth;
    cloth.bulk = "foil-firm", cloth.cover = "felt-brown", cloth.cover_mm = 1;
    CHECK_NEAR(demandsOf(fleshedArm(6, 5, cloth), 1)[1].gapNeeded_mm, 5 * angle, 1e-12); // the cloth gives
}

TEST_CASE("Springback may be eight degrees or half the bend, whichever is less", "[choice]") {
    Puppet p = fleshedArm(5, 4);
    p.limbs[1].joints[2].low_rad = degToRad(-6), p.limbs[1].joints[2].high_rad = degToRad(6);
    CHECK_NEAR(demandsOf(p, 1)[1].springLimit_rad, degToRad(3), 1e-12);
    p.limbs[1].joints[2].high_rad = degToRad(60);
    CHECK_NEAR(demandsOf(p, 1)[1].springLimit_rad, degToRad(8), 1e-9);
}

TEST_CASE("The need is the joint's own or the puppet's, in cycles by its moves a second", "[choice]") {
    Puppet p = fleshedArm(5, 4);
    p.wants.film_s = 33;
    p.limbs[1].joints[2].movesPerSecond = 2;
    CHECK(demandsOf(p, 1)[1].needFilm_s == 33);
    // A fifth more for retakes and corrections.
    CHECK_NEAR(demandsOf(p, 1)[1].needCycles(), 66 * 1.2, 1e-12);
    p.wants.retakes = 1;
    CHECK_NEAR(demandsOf(p, 1)[1].needCycles(), 66.0, 1e-12);
    p.limbs[1].joints[2].need_s = 4;
    CHECK(demandsOf(p, 1)[1].needFilm_s == 4);
}

TEST_CASE("A standing leg is gripped above the joint, on the side away from the foot", "[choice]") {
    Puppet p = oneLegged();
    p.limbs[1].segments = {bare("wrap"), tube("thigh", 7, 7), tube("shin", 6, 6), tube("foot", 5, 5)};
    p.limbs[0].segments[0] = tube("trunk", 9, 9);
    const Skeleton s = calcSkeleton(p);
    const auto d = demandsOf(p, 1, {{100, {0, 130, 0}, s.links[0].body}});
    REQUIRE(d.size() == 3);
    CHECK_NEAR(d[1].lever_mm, 0.6 * 40, 1e-9); // knee: the thigh, 40 mm long
    CHECK_NEAR(d[2].lever_mm, 0.6 * 40, 1e-9); // ankle: the shin
    CHECK(s.links[nth(d[2].far.link)].label == "shin");
    // A wrap with no body hands on to the trunk, which is one body with it.
    CHECK(s.links[nth(d[0].far.link)].label == "trunk");
}

TEST_CASE("A whip asks over its whole length, with an edge at its root unless that is feathered", "[choice]") {
    Puppet p = levelArm(false);
    p.limbs.push_back(limb(
        "tail", LimbKind::tail,
        {posed("root", {0, 100, 0}, 5, -35, 35), fixedPoint("mid", {0, 100, -30}), fixedPoint("tip", {0, 100, -70})},
        "post", "top"));
    p.limbs[2].whip = true;
    const auto d = demandsOf(p, 2);
    REQUIRE(d.size() == 1);
    CHECK_NEAR(d[0].gap_mm, 70.0, 1e-12);
    CHECK(d[0].edge == 1.3);
    CHECK(d[0].whip);
    CHECK(d[0].gapNeeded_mm == 0);
    // Bent by its tip it is held there.
    CHECK_NEAR(d[0].lever_mm, 70.0, 1e-12);
    p.limbs[2].joints[0].edge = 1, p.limbs[2].posing = Posing::along;
    CHECK(demandsOf(p, 2)[0].edge == 1);
    CHECK_NEAR(demandsOf(p, 2)[0].lever_mm, 70.0 / 3, 1e-12);
    // Its own weight, spread evenly, pulls as the square of what lies beyond.
    std::vector<load::PointMass> even;
    for (int i = 0; i < 70; ++i)
        even.push_back({1, {0, 100, -(i + 0.5)}, 3});
    const auto loaded = demandsOf(p, 2, even);
    REQUIRE(loaded[0].loadShape.size() > 4);
    for (std::size_t k = 0; k < loaded[0].loadShape.size(); ++k) {
        const double left = 1 - static_cast<double>(k) / static_cast<double>(loaded[0].loadShape.size() - 1);
        CHECK(std::abs(loaded[0].loadShape[k] - left * left) < 0.002);
    }
    // Two posed joints make no whip.
    p.limbs[2].joints[1].posed = true, p.limbs[2].joints[1].gap_mm = 4, p.limbs[2].joints[1].high_rad = 1;
    CHECK_FALSE(makePuppet(p));
}
