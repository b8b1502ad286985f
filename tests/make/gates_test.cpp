#include "document/edits.h"
#include "make/steps.h"
#include "support/puppets.h"
#include <set>

using namespace enkinet::body;
using namespace enkinet::make;

namespace {
const GateItem* lineOf(const std::vector<GateItem>& gate, Check check, const std::string& subject = {}) {
    for (const GateItem& item : gate)
        if (item.check == check && (subject.empty() || item.subject == subject)) return &item;
    return nullptr;
}
const Step& gateBefore(const Plan& plan, StepKind kind) {
    for (const Step& s : plan.steps)
        if (s.kind == kind)
            for (const After& a : s.after)
                if (a.reason == Reason::last_look) return plan.steps[nth(a.step)];
    FAIL("no gate");
    return plan.steps.front();
}
} // namespace

TEST_CASE("The gate before the oven asks for what the design says, in its own numbers", "[make]") {
    document::Production p = demo();
    p.puppets[0].wants.inOven = {"tile", "magnets"};
    p.stock.shop.oven = {6, 3, 20, 60};
    const auto r = reportOf(p);
    const auto& gate = gateBefore(r.plan, StepKind::bake).gate;
    REQUIRE(lineOf(gate, Check::take_out, "magnets"));
    CHECK(lineOf(gate, Check::take_out, "magnets")->stop);
    CHECK_FALSE(isOpen(gate));
    CHECK(lineOf(gate, Check::alongside, "ceramic tile"));
    CHECK(lineOf(gate, Check::probe)->a == lineOf(gate, Check::probe)->b - 6);
    const GateItem* pair = must(lineOf(gate, Check::pair));
    for (const fill::Part& part : r.choice.parts)
        if (part.label == pair->subject) CHECK_NEAR(pair->a, part.skin.mass_g, 1e-12);
    double thinnest = 1e9;
    for (const fill::Part& part : r.choice.parts)
        if (fill::isBaked(part, r.shelf) && part.skin.mass_g > 0) thinnest = std::min(thinnest, part.skinLeast_mm);
    CHECK_NEAR(lineOf(gate, Check::thinnest)->a, thinnest, 1e-12);
    // The head's foil has air in it and no way out; a skin as thick as the core is wide holds it.
    REQUIRE(lineOf(gate, Check::air, "head"));
    for (const fill::Part& part : r.choice.parts)
        if (part.label == "head") {
            // By hand: the foil's gaps, and how much warmer the load's peak is than the room.
            const double warmer = (fill::calcPeak(r.shelf, r.bakePlan.bakes[0].set_C) + 273.15) / 293.15 - 1;
            const auto& foil = r.shelf.bulks.at(part.layers.bulk);
            CHECK_NEAR(lineOf(gate, Check::air, "head")->a,
                       part.bulk.volume_mm3 * (1 - foil.density_g_cm3 / 2.7) * warmer, 1e-6);
            CHECK_NEAR(lineOf(gate, Check::air, "head")->b,
                       0.101325 * warmer * part.bakeCore_mm / (2 * part.bakeSkin_mm) /
                           r.shelf.clays.at(part.layers.clay).rawStrength_MPa,
                       1e-6);
        }
    CHECK_FALSE(lineOf(gate, Check::air, "head")->stop);
    document::Production thick = demo();
    thick.puppets[0].masses[0].layers.skin_mm = 18;
    CHECK_FALSE(lineOf(gateBefore(reportOf(thick).plan, StepKind::bake).gate, Check::air, "head"));
    // Joints that are bent on the board are asked about before they harden that way.
    CHECK_FALSE(lineOf(gate, Check::pose));
    p.puppets[0].board = p.puppets[0].poses.at(0);
    CHECK(lineOf(gateBefore(reportOf(p).plan, StepKind::bake).gate, Check::pose));
}

TEST_CASE("A tick is of what was looked at: it lapses where the design says something else", "[make]") {
    const std::vector<GateItem> gate{{Check::holes, {}, 2, 12, false},
                                     {Check::hole_there, words("pin"), 2, 10, false},
                                     {Check::hole_there, words("pin"), 2, 10, false},
                                     {Check::prop, words("ear"), 30, 1.23456, false}};
    const auto keys = keysOf(gate);
    CHECK(std::set<std::string>(keys.begin(), keys.end()).size() == gate.size());
    std::vector<document::LogEntry> log(4);
    for (document::LogEntry& e : log)
        e.kind = document::LogKind::ticked, e.puppet = "tansy", e.step = "gate";
    log[0].item = keys[2], log[1].item = keys[3], log[2].item = keys[0];
    log[3].number = 2; // as older versions wrote it: by its place
    const auto ticksOf = [&](const std::vector<GateItem>& g) {
        return document::findTicks(log, "tansy", 1, "gate", keysOf(g));
    };
    CHECK(ticksOf(gate) == std::vector<bool>{true, false, true, true});
    // A line that comes before moves no tick; a deeper hole is looked at again, a hundredth of a share is not.
    auto other = gate;
    other[0].b = 15, other[3].a = 30.01;
    other.insert(other.begin(), {Check::air, words("head"), 9, 2, false});
    CHECK(ticksOf(other) == std::vector<bool>{false, false, false, true, true});
    log.push_back(log[0]);
    CHECK(ticksOf(gate) == std::vector<bool>{true, false, false, true});
}

TEST_CASE("What stops stands first in the last look, and the rest keeps its order", "[make]") {
    document::Production p = demo();
    p.puppets[0].wants.inOven = {"tile", "magnets"};
    const auto r = reportOf(p);
    const auto& gate = gateBefore(r.plan, StepKind::bake).gate;
    CHECK(gate.front().stop);
    CHECK(std::is_partitioned(gate.begin(), gate.end(), [](const GateItem& g) { return g.stop; }));
}

TEST_CASE("In stages every limb has its load, its gate, and something hard to be held by", "[make]") {
    document::Production p = demo();
    p.puppets[0].wants.bakes = BakeSchool::staged;
    const auto r = reportOf(p);
    int bakes = 0, held = 0;
    for (std::size_t i = 0; i < r.plan.steps.size(); ++i) {
        const Step& s = r.plan.steps[i];
        if (s.kind == StepKind::bake) {
            CHECK(s.bake == bakes++);
            CHECK_FALSE(gateBefore(r.plan, StepKind::bake).gate.empty());
        }
        if (s.kind == StepKind::skin && bakes > 0) {
            CHECK(s.grip == Grip::hard_part);
            ++held;
        }
        for (const After& a : s.after)
            CHECK(a.step < static_cast<int>(i));
    }
    CHECK(bakes == static_cast<int>(r.bakePlan.bakes.size()));
    CHECK(bakes > 2);
    CHECK(held > 2);
}

TEST_CASE("A piece with neither feet nor hard parts nor bare limbs is held by nothing but wet clay", "[make]") {
    document::Production p = demo();
    Puppet lone;
    lone.id = "bollard", lone.name = "Bollard", lone.height_mm = 60;
    lone.limbs = {limb("post", LimbKind::spine, {fixedPoint("foot", {0, 0, 0}), fixedPoint("top", {0, 60, 0})})};
    Layers l;
    l.clay = "firm-grey", l.skin_mm = 4, l.bulk = "foil-firm", l.scheme = p.schemes.at(0).id;
    lone.limbs[0].segments[0] = tube("post", 10, 10, l);
    p.puppets = {lone};
    const auto r = reportOf(p);
    CHECK(std::count_if(r.open.begin(), r.open.end(), [](const auto& o) { return o.is("wet-grip"); }) >= 1);
    p.puppets[0].limbs[0].tieDown = TieDown{2, 12};
    const auto held = reportOf(p);
    CHECK(!findPoint(held.open, "wet-grip"));
}

TEST_CASE("Clay that dries by itself has its own gate, with its oversize", "[make]") {
    document::Production p = demo();
    for (Segment& s : p.puppets[0].limbs[2].segments)
        if (!s.layers.clay.empty()) s.layers.clay = "air-dry-white";
    const auto r = reportOf(p);
    const auto& gate = gateBefore(r.plan, StepKind::dry).gate;
    const GateItem* oversize = must(lineOf(gate, Check::oversize));
    CHECK_NEAR(oversize->a, 1 / (1 - r.shelf.clays.at("air-dry-white").shrink), 1e-12);
}
