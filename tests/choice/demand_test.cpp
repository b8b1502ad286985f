// What a joint asks of its wire, rule by rule, on small puppets whose answers are known.
#include "choice/demand.h"
#include "support/puppets.h"

using namespace enkinet;
using namespace enkinet::body;
using namespace enkinet::choice;
using namespace enkinet::test;

namespace {

const fill::Shelf& shelf() {
    static const fill::Shelf s = production::makeShelf(shippedCards());
    return s;
}

/// Demands of one limb with no weight at all: only the touch and the geometry speak.
std::vector<Demand> demandsOf(const Puppet& p, int limb, const std::vector<load::PointMass>& masses = {}) {
    const auto sound = makePuppet(p);
    REQUIRE(sound);
    const Skeleton s = calcSkeleton(*sound);
    return calcDemands(*sound, s, shelf(),
                       load::calcLoads(s, masses, load::LoadSetup{sound->wants.lean_rad, 0, {}, {}}),
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

TEST_CASE("A segment thicker than twelve millimetres is taken with the whole hand", "[choice]") {
    CHECK_FALSE(demandsOf(fleshedArm(5, 12.0), 1)[1].wholeHand);
    const auto thick = demandsOf(fleshedArm(5, 12.1), 1)[1];
    CHECK(thick.wholeHand);
    CHECK(thick.effortLimit_Nmm == 1500);
}

TEST_CASE("Clay that never dries dents before the finger's limit", "[choice]") {
    const auto soft = std::find_if(shippedCards().clays.begin(), shippedCards().clays.end(),
                                   [](const auto& c) { return c.family == fill::ClayFamily::never_dry; });
    REQUIRE(soft != shippedCards().clays.end());
    Layers l;
    l.clay = soft->id, l.skin_mm = 2;
    const auto d = demandsOf(fleshedArm(5, 4, l), 1)[1];
    CHECK_NEAR(d.effortLimit_Nmm, std::min(12.0, 3 * soft->yield_MPa * 80) * d.lever_mm, 1e-12);
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
    CHECK(demandsOf(p, 1)[1].needCycles() == 66);
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
    CHECK(s.links[static_cast<std::size_t>(d[2].gripLink)].label == "shin");
    // A wrap with no body hands on to the trunk, which is one body with it.
    CHECK(s.links[static_cast<std::size_t>(d[0].gripLink)].label == "trunk");
}

TEST_CASE("A whip asks over its whole length, without an edge", "[choice]") {
    Puppet p = levelArm(false);
    p.limbs.push_back(limb(
        "tail", LimbKind::tail,
        {posed("root", {0, 100, 0}, 5, -35, 35), fixedPoint("mid", {0, 100, -30}), fixedPoint("tip", {0, 100, -70})},
        "post", "top"));
    p.limbs[2].whip = true;
    const auto d = demandsOf(p, 2);
    REQUIRE(d.size() == 1);
    CHECK_NEAR(d[0].gap_mm, 70.0, 1e-12);
    CHECK(d[0].edge == 1);
    // Two posed joints make no whip.
    p.limbs[2].joints[1].posed = true, p.limbs[2].joints[1].gap_mm = 4, p.limbs[2].joints[1].high_rad = 1;
    CHECK_FALSE(makePuppet(p));
}
