#include "document/edits.h"
#include "fill/oven.h"
#include "fill/trapped_air.h"
#include "support/puppets.h"

using namespace enkinet::body;
using namespace enkinet::fill;

namespace {
bool says(const std::vector<OvenFinding>& all, OvenFinding::Kind kind, bool bars) {
    return std::any_of(all.begin(), all.end(), [&](const OvenFinding& f) { return f.kind == kind && f.bars == bars; });
}
} // namespace

TEST_CASE("Cooling is heating turned upside down", "[fill]") {
    const auto r = reportOf(demo());
    const BakePlan plan = calcOneBake(r.choice.parts, r.shelf);
    REQUIRE_FALSE(plan.bakes.empty());
    const Bake& b = plan.bakes[0];
    const Cooling c = calcCooling(r.choice.parts, r.shelf, b);
    REQUIRE(c.slowest >= 0);
    CHECK(c.slow_min >= c.quick_min);
    for (auto [part, minutes] : {std::pair{c.slowest, c.slow_min}, std::pair{c.quickest, c.quick_min}}) {
        // The law is linear: as long as from room to where the same share of the way is left.
        BakeSetup s = makeBakeSetup(r.choice.parts[nth(part)], r.shelf);
        s.oven_C = b.set_C;
        const auto heating = must(calcBake(s, b.set_C - (kHand_C - r.shelf.shop.room_C), minutes < 60 ? 60 : 480));
        CHECK_NEAR(minutes, heating->reached_min, 1e-9);
    }
}

TEST_CASE("Everything that cannot stand the load's peak is found, inside and alongside", "[fill]") {
    document::Production p = demo();
    Puppet& tansy = p.puppets[0];
    tansy.wants.inOven = {"tile", "plastic-beads"};
    auto r = reportOf(p);
    const auto check = [&](double swing) {
        Shelf shelf = r.shelf;
        shelf.shop.oven = {2, swing, 10, swing > 0 ? 40 : 0};
        return checkOven(p.puppets[0], r.choice.rest, r.choice.parts, shelf, r.bakePlan.bakes.at(0));
    };
    const auto calm = check(0);
    CHECK(says(calm, OvenFinding::Kind::thing, true)); // the beads
    CHECK(std::none_of(calm.begin(), calm.end(), [](const OvenFinding& f) { return f.what == "ceramic tile"; }));
    CHECK(says(calm, OvenFinding::Kind::glue, false));
    CHECK_FALSE(says(calm, OvenFinding::Kind::scorches, true));
    // A probe that saw it swing by 25 degrees: the clay would scorch at its peaks.
    CHECK(says(check(25), OvenFinding::Kind::scorches, true));
    // A satchel of foam has no clay, and is in the heat all the same; unless the head is baked by itself.
    for (Mass& m : tansy.masses)
        if (m.id == "satchel") m.layers.bulk = "foam-soft";
    r = reportOf(p);
    CHECK(says(check(0), OvenFinding::Kind::bulk, true));
    Bake head = r.bakePlan.bakes.at(0);
    head.alone = true, head.parts.clear();
    for (std::size_t i = 0; i < r.choice.parts.size(); ++i)
        if (r.choice.parts[i].label == "head") head.parts = {static_cast<int>(i)};
    CHECK_FALSE(says(checkOven(tansy, r.choice.rest, r.choice.parts, r.shelf, head), OvenFinding::Kind::bulk, true));
    for (Limb& l : tansy.limbs)
        for (Segment& s : l.segments)
            if (!s.layers.bulk.empty()) s.layers.bulk = "foam-soft";
    r = reportOf(p);
    CHECK(says(check(0), OvenFinding::Kind::bulk, true));
    CHECK(findPoint(r.open, "not-in-oven"));
}

TEST_CASE("Air under clay that closes all round swells by Gay-Lussac, and a thin shell has to hold it", "[fill]") {
    Puppet p;
    p.id = "ball", p.name = "Ball", p.height_mm = 100;
    Layers l;
    l.clay = "firm-grey", l.skin_mm = 4, l.bulk = "foil-firm", l.skinAcrossGaps = false;
    p.limbs = {limb("post", LimbKind::spine, {fixedPoint("foot", {0, 0, 0}), fixedPoint("top", {0, 100, 0})})};
    p.limbs[0].segments[0] = tube("post", 10, 10, l);
    p.masses.resize(1);
    p.masses[0].id = p.masses[0].name = "head", p.masses[0].limb = "post", p.masses[0].layers = l;
    p.masses[0].at_mm = {0, 120, 0}, p.masses[0].half_mm = {20, 20, 20};
    Shelf shelf = shippedShelf();
    const auto airAt = [&](double peak_C) {
        const Skeleton s = calcSkeleton(p);
        const auto parts = calcParts(p, s, calcOwnStretches(p, s), shelf, std::vector<WireRuns>(1));
        return calcTrappedAir(parts, shelf, calcBakePlan(p, s, parts, shelf).bakes.at(0), peak_C);
    };
    const double room = shelf.shop.room_C, twice = 2 * (room + 273.15) - 273.15;
    CHECK(airAt(room).empty());
    // The post's ends are open, the ball's are not. Twice as hot, in kelvins, it wants twice the room.
    auto air = airAt(twice);
    REQUIRE(air.size() == 1);
    CHECK_NEAR(air[0].air_mm3, 4 * kPi / 3 * 16 * 16 * 16 * (1 - 0.45 / 2.7), 1e-3);
    CHECK_NEAR(air[0].more_mm3, air[0].air_mm3, 1e-9);
    CHECK_NEAR(air[0].stress_MPa, 0.101325 * 16 / (2 * 4), 1e-3);
    CHECK(air[0].lifts());
    // Clay across its gaps closes a tube too, which carries half of what a ball does.
    p.limbs[0].segments[0].layers.skinAcrossGaps = true;
    air = airAt(twice);
    REQUIRE(air.size() == 2);
    CHECK_NEAR(air[0].stress_MPa, 0.101325 * 6 / 4, 1e-3);
    // Beaten foil has less air in it, a hollow nothing else; what never goes into the oven is not asked.
    const double firm = air[1].air_mm3;
    p.masses[0].layers.bulk = "foil-beaten";
    CHECK_NEAR(airAt(twice)[1].air_mm3, firm * (1 - 0.7 / 2.7) / (1 - 0.45 / 2.7), 1e-3);
    p.masses[0].layers.bulk.clear();
    CHECK_NEAR(airAt(twice)[1].air_mm3, firm / (1 - 0.45 / 2.7), 1e-3);
    // A coat that was cured before is a shell of its own; in its own load it is the one that closes.
    p.masses[0].layers.coats = {{"firm-grey", 2, 1}};
    air = airAt(twice);
    REQUIRE(air.size() == 1);
    CHECK_NEAR(air[0].stress_MPa, 0.101325 * 14 / (2 * 2), 1e-3);
    p.masses[0].layers.clay = "air-dry-white", p.masses[0].layers.coats.clear();
    CHECK(airAt(twice).size() == 1);
}

TEST_CASE("The builder's own loads bake what they name, and what they forget stays raw", "[fill]") {
    document::Production p = demo();
    Puppet& tansy = p.puppets[0];
    tansy.wants.bakes = BakeSchool::own;
    OvenLoad head, rest;
    head.name = "head", head.masses = {"head"};
    rest.name = "the rest";
    for (const Limb& l : tansy.limbs)
        if (l.id != "arm") rest.limbs.push_back(l.id);
    for (const Mass& m : tansy.masses)
        if (m.id != "head") rest.masses.push_back(m.id);
    tansy.wants.loads = {head, rest};
    const auto r = reportOf(p);
    const BakePlan& plan = r.bakePlan;
    REQUIRE(plan.bakes.size() >= 2);
    for (const Bake& b : plan.bakes)
        CHECK(b.minutes >= b.needed_min);
    const auto entryOf = [&](const std::string& label) {
        for (const HeatEntry& e : plan.ledger)
            if (r.choice.parts[nth(e.part)].label == label) return e;
        return HeatEntry{};
    };
    CHECK(entryOf("head").bakes == static_cast<int>(plan.bakes.size()));
    REQUIRE_FALSE(plan.raw.empty());
    for (int part : plan.raw) {
        const Link& l = r.choice.rest.links[nth(r.choice.parts[nth(part)].link)];
        CHECK(tansy.limbs[nth(r.choice.rest.copies[nth(l.copy)].limb)].id == "arm");
    }
    CHECK(findPoint(r.open, "left-raw"));
    // Too short a load leaves its slowest part raw, and too long a one spends the heat that the clay stands.
    // What stays in the oven for the next load goes on curing there, so it is the last load that is short.
    tansy.wants.loads[1].minutes = 5;
    CHECK(reportOf(p).bakePlan.raw.size() > plan.raw.size());
    tansy.wants.loads[1].minutes = 0, tansy.wants.loads[0].minutes = 600;
    const auto spent = reportOf(p);
    CHECK(spent.bakePlan.worst()->over());
    CHECK(findPoint(spent.open, "heat-spent"));
}

TEST_CASE("A load at 265 degrees is refused, with what 265 Fahrenheit is", "[fill]") {
    document::Production p = demo();
    OvenLoad load;
    load.limbs = {p.puppets[0].limbs[0].id}, load.set_C = 265;
    const document::Edits edits(p, shippedCards(), p.puppets[0].id);
    Wants wants = p.puppets[0].wants;
    wants.bakes = BakeSchool::own, wants.loads = {load};
    const auto refused = edits.setWants(wants);
    REQUIRE_FALSE(refused);
    CHECK(refused.fault().sentence().find("265 F is 129 C") != std::string::npos);
    wants.loads[0].set_C = 155; // above where it scorches
    CHECK_FALSE(edits.setWants(wants));
    wants.loads[0].set_C = 130;
    CHECK(edits.setWants(wants));
}

TEST_CASE("At heat, a part counts the minutes of every load that it is in", "[fill]") {
    const auto r = reportOf(demo());
    const BakePlan staged = calcStagedBakes(demo().puppets[0], r.choice.rest, r.choice.parts, r.shelf);
    for (const HeatEntry& e : staged.ledger) {
        // By hand from the curve of each load.
        double sum = 0;
        int loads = 0;
        for (const Bake& b : staged.bakes) {
            if (std::find(b.parts.begin(), b.parts.end(), e.part) == b.parts.end()) continue;
            ++loads;
            BakeSetup s = makeBakeSetup(r.choice.parts[nth(e.part)], r.shelf);
            s.oven_C = b.set_C;
            const auto curve = must(calcBake(s, 0, b.minutes));
            for (std::size_t i = 1; i < curve->minutes.size(); ++i)
                if (curve->surface_C[i] > b.set_C - kHot_C) sum += curve->minutes[i] - curve->minutes[i - 1];
        }
        CHECK(loads == e.bakes);
        CHECK(std::abs(sum - e.atHeat_min) < 1.0 * loads);
    }
    CHECK(staged.raw.empty());
}
