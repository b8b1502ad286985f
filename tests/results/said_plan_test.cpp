// What was once said of steps, clay and days, and was not so.
#include "make/steps.h"
#include "support/planned.h"
#include "support/things.h"

using namespace enkinet::body;

namespace {

const make::Step* stepOf(const make::Plan& plan, const std::string& id) {
    for (const make::Step& s : plan.steps)
        if (s.id == id) return &s;
    return nullptr;
}

/// True where a step waits for another, at once or through others.
bool waits(const make::Plan& plan, const std::string& step, const std::string& before) {
    int s = -1, b = -1;
    for (std::size_t i = 0; i < plan.steps.size(); ++i) {
        if (plan.steps[i].id == step) s = static_cast<int>(i);
        if (plan.steps[i].id == before) b = static_cast<int>(i);
    }
    return s >= 0 && b >= 0 && !make::findChain(plan.steps, s, b).empty();
}

} // namespace

TEST_CASE("The oven's last look says stop of an eye that the load would spoil, and does not look for it in its seat",
          "[results]") {
    const auto p = changedDemo([](Puppet& x) {
        Feature f = eye();
        f.on = {}, f.on.mass = "head", f.apart = true, f.limit_C = 100, f.before = Stage::bake;
        x.things.features = {f};
    });
    const auto r = reportOf(p);
    int stops = 0, seats = 0;
    for (const make::Step& s : r.plan.steps)
        for (const make::GateItem& g : s.gate) {
            if (g.subject == Phrase(std::string("eye"))) stops += g.stop && g.check == make::Check::take_out;
            seats += g.subject == Phrase(std::string("eye")) && g.check == make::Check::seated;
        }
    CHECK(stops > 0);
    CHECK(seats == 0);
}

TEST_CASE("Clay that was tacked and then fully baked is cured", "[results]") {
    const auto p = changedDemo([](Puppet& x) {
        x.wants.bakes = BakeSchool::own;
        OvenLoad tack, full;
        tack.name = "tack", full.name = "full";
        for (const Limb& l : x.limbs)
            tack.limbs.push_back(l.id);
        for (const Mass& m : x.masses)
            tack.masses.push_back(m.id);
        tack.minutes = 5;
        // Goes in again with what went before, named or not.
        full.minutes = 240, full.set_C = 130;
        full.limbs = {"arm"};
        x.wants.loads = {tack, full};
    });
    const auto r = reportOf(p);
    CHECK(r.bakePlan.raw.empty());
    CHECK_FALSE(findPoint(r.open, "left-raw"));
    // Tacked alone it is raw.
    auto alone = p;
    alone.puppets[0].wants.loads.pop_back();
    CHECK(findPoint(reportOf(alone).open, "left-raw"));
}

TEST_CASE("Nobody waits for putty that nothing is stiffened with", "[results]") {
    const auto bound = reportOf(changedDemo([](Puppet& p) {
        for (Limb& l : p.limbs)
            for (Segment& s : l.segments)
                s.stiffening = Stiffening::bound;
    }));
    CHECK(std::none_of(bound.plan.steps.begin(), bound.plan.steps.end(),
                       [](const make::Step& s) { return s.kind == make::StepKind::set_putty; }));
    const auto usual = reportOf(changedDemo([](Puppet&) {}));
    const auto putty = [](const make::Plan& plan) {
        return std::find_if(plan.steps.rbegin(), plan.steps.rend(),
                            [](const make::Step& s) { return s.kind == make::StepKind::set_putty; });
    };
    REQUIRE(putty(usual.plan) != usual.plan.steps.rend());
    CHECK(putty(usual.plan)->wait_min > 60);
    // Binding takes its own minutes, and what comes after the frame still waits for its last look.
    CHECK(stepOf(bound.plan, "bind:arm")->hands_min > stepOf(usual.plan, "bind:arm")->hands_min);
    CHECK(waits(bound.plan, "bulk:leg", "gate:frame"));
}

TEST_CASE("A limb with clay that never dries and clay that is baked has two steps, each with its own id", "[results]") {
    const auto r = reportOf(changedDemo([](Puppet& p) {
        for (const fill::ClayCard& c : shippedCards().clays)
            if (c.family == fill::ClayFamily::never_dry) p.limbs[0].segments[1].layers.clay = c.id;
    }));
    std::set<std::string> ids;
    for (const make::Step& s : r.plan.steps)
        CHECK(ids.insert(s.id).second);
    CHECK(ids.contains("skin:spine"));
    CHECK(ids.contains("skin:spine.soft"));
}

TEST_CASE("The last look before the cover is at something, and what is glued is there first", "[results]") {
    const auto soft = reportOf(changedDemo([](Puppet& p) {
        std::string never;
        for (const fill::ClayCard& c : shippedCards().clays)
            if (c.family == fill::ClayFamily::never_dry) never = c.id;
        for (Limb& l : p.limbs)
            for (Segment& s : l.segments)
                if (!s.layers.clay.empty()) s.layers.clay = never, s.layers.scheme.clear(), s.layers.coats.clear();
        for (Mass& m : p.masses)
            if (!m.layers.clay.empty()) m.layers.clay = never, m.layers.scheme.clear();
        p.limbs[0].segments[0].layers.cover = "felt-brown", p.limbs[0].segments[0].layers.cover_mm = 1;
    }));
    const make::Step* look = must(stepOf(soft.plan, "gate:cover"));
    CHECK_FALSE(look->after.empty());
    const auto glued = reportOf(changedDemo([](Puppet& p) {
        Feature tusk = eye();
        tusk.id = tusk.name = "tusk", tusk.on = {}, tusk.on.mass = "head", tusk.before = Stage::paint;
        p.things.features.push_back(tusk);
        Bond b;
        b.id = b.name = "g", b.kind = BondKind::glue, b.adhesive = "epoxy", b.diameter_mm = 4;
        b.from.feature = "tusk", b.to.mass = "head", b.before = Stage::bake;
        p.things.bonds.push_back(b);
    }));
    CHECK(waits(glued.plan, "glue:g", "feature:tusk"));
}

TEST_CASE("Doubles wait for the one set of sheets, and a step for clay that has yet to come", "[results]") {
    const Case twins = caseOf([](document::Production& p) { p.puppets[0].things.copies = 3; });
    int print = -1;
    for (std::size_t k = 0; k < twins.planning.steps.size(); ++k)
        if (twins.planning.kinds[k] == make::StepKind::print_sheets && twins.planning.steps[k].puppet == 0)
            print = static_cast<int>(k);
    REQUIRE(print >= 0);
    for (std::size_t k = 0; k < twins.planning.steps.size(); ++k)
        if (twins.planning.steps[k].puppet == 0 && twins.planning.kinds[k] == make::StepKind::cut_wire)
            CHECK(!results::findWaits(twins.planning.problem, static_cast<int>(k), print).empty());
    const Case late = caseOf([](document::Production& p) {
        p.stock.shop.leadDays = 3;
        for (document::Held& h : p.stock.clays_g)
            h.amount = 0;
    });
    int waiting = 0;
    for (const results::Planned& s : late.plan.steps)
        if (late.step(s).kind == make::StepKind::skin) {
            CHECK(s.at.from >= (dayOf(kMonday) + 3) * kDay);
            ++waiting;
        }
    CHECK(waiting > 0);
}

TEST_CASE("What dries is weighed and bought with its water in it", "[results]") {
    const fill::ClayCard* air = nullptr;
    for (const fill::ClayCard& c : shippedCards().clays)
        if (c.family == fill::ClayFamily::air_dry && c.shrink > 0) air = &c;
    REQUIRE(air);
    const auto r = reportOf(changedDemo([&](Puppet& p) {
        for (Segment& s : p.limbs[1].segments)
            if (!s.layers.clay.empty()) s.layers.clay = air->id;
    }));
    double finished = 0, balls = 0;
    for (const fill::PartSkin& s : r.skins)
        if (r.choice.parts[nth(s.part)].layers.clay == air->id) {
            balls += s.grams;
            finished += r.choice.parts[nth(s.part)].skin.mass_g;
        }
    REQUIRE(finished > 0);
    const double factor = std::pow(1 / (1 - air->shrink), 3);
    CHECK_NEAR(balls, finished * factor, 1e-9);
    CHECK_NEAR(stepOf(r.plan, "skin:arm")->amount, balls, 1e-9);
    for (const results::Need& n : r.needs)
        if (n.card == air->id) CHECK(n.needed >= balls * demo().puppets[0].things.copies * (1 - 1e-9));
}

TEST_CASE("Half of such builds are done by the day that the plan says, or before", "[results]") {
    Case c = caseOf([](document::Production& p) { p.puppets.resize(1), p.shots.clear(); }, 200);
    const auto chance = results::calcChance(c.planning, c.hours, c.plan.schedule, 600);
    // Planned with means: the plan's end is no earlier than what half of the builds make.
    CHECK(chance.median <= c.plan.schedule.end + 8 * 60);
    CHECK(chance.late > chance.median);
}

TEST_CASE("Three slips of three seconds teach nothing, and one timing little", "[results]") {
    const auto rateOf = [](const std::vector<double>& minutes) {
        std::vector<make::Taken> all;
        for (double m : minutes)
            all.push_back({make::StepKind::skin, m, 20});
        return make::calcRates(all)[nth(make::StepKind::skin)];
    };
    CHECK(rateOf({0.05, 0.05, 0.05}).steps == 0);
    CHECK_NEAR(rateOf({0.05, 0.05, 0.05}).factor(), 1, 1e-12);
    // Twice as long, once: a third of the way on logarithms.
    CHECK_NEAR(rateOf({40}).factor(), std::pow(2, (1 / 0.49) / (1 / 0.25 + 1 / 0.49)), 1e-12);
    CHECK(rateOf({40}).factor() < 1.3);
    CHECK(rateOf(std::vector<double>(40, 40.0)).factor() > 1.85);
}

TEST_CASE("One file has one plan, to the minute, however often it is asked", "[results]") {
    const Case a = caseOf([](document::Production&) {});
    const auto first = results::calcSchedule(a.planning, a.hours);
    for (int i = 0; i < 3; ++i) {
        const Case b = caseOf([](document::Production&) {});
        CHECK(results::calcSchedule(b.planning, b.hours) == first);
    }
}
