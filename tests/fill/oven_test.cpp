#include "document/edits.h"
#include "fill/oven.h"
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
        BakeSetup s = makeBakeSetup(r.choice.parts[static_cast<std::size_t>(part)], r.shelf);
        s.oven_C = b.set_C;
        const auto heating = calcBake(s, b.set_C - (kHand_C - r.shelf.shop.room_C), minutes < 60 ? 60 : 480);
        REQUIRE(heating);
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
    CHECK(findPoint(r.open, results::Issue::not_in_oven));
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
            if (r.choice.parts[static_cast<std::size_t>(e.part)].label == label) return e;
        return HeatEntry{};
    };
    CHECK(entryOf("head").bakes == static_cast<int>(plan.bakes.size()));
    REQUIRE_FALSE(plan.raw.empty());
    for (int part : plan.raw) {
        const Link& l =
            r.choice.rest.links[static_cast<std::size_t>(r.choice.parts[static_cast<std::size_t>(part)].link)];
        CHECK(tansy.limbs[static_cast<std::size_t>(r.choice.rest.copies[static_cast<std::size_t>(l.copy)].limb)].id ==
              "arm");
    }
    CHECK(findPoint(r.open, results::Issue::left_raw));
    // Too short a load leaves its slowest part raw, and too long a one spends the heat that the clay stands.
    tansy.wants.loads[0].minutes = 5;
    CHECK(reportOf(p).bakePlan.raw.size() > plan.raw.size());
    tansy.wants.loads[0].minutes = 600;
    const auto spent = reportOf(p);
    CHECK(spent.bakePlan.worst()->over());
    CHECK(findPoint(spent.open, results::Issue::heat_spent));
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
            BakeSetup s = makeBakeSetup(r.choice.parts[static_cast<std::size_t>(e.part)], r.shelf);
            s.oven_C = b.set_C;
            const auto curve = calcBake(s, 0, b.minutes);
            REQUIRE(curve);
            for (std::size_t i = 1; i < curve->minutes.size(); ++i)
                if (curve->surface_C[i] > b.set_C - kHot_C) sum += curve->minutes[i] - curve->minutes[i - 1];
        }
        CHECK(loads == e.bakes);
        CHECK(std::abs(sum - e.atHeat_min) < 1.0 * loads);
    }
    CHECK(staged.raw.empty());
}
