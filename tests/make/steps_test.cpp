#include "make/steps.h"
#include "support/near.h"

using namespace enkinet::make;

TEST_CASE("Steps stand behind what they wait for, and start when it is done", "[make]") {
    for (int puppet = 0; puppet < 3; ++puppet) {
        const Plan plan = reportOf(demo(), puppet).plan;
        REQUIRE(plan.steps.size() > 10);
        std::set<std::string> ids;
        for (const Step& s : plan.steps)
            CHECK(ids.insert(s.id).second);
        double hands = 0, last = 0, busyUntil = 0;
        for (std::size_t i = 0; i < plan.steps.size(); ++i) {
            const Step& s = plan.steps[i];
            for (const After& a : s.after) {
                REQUIRE(a.step < static_cast<int>(i));
                const Step& before = plan.steps[nth(a.step)];
                CHECK(s.start_min >= before.start_min + before.hands_min + before.wait_min - 1e-9);
            }
            CHECK(s.start_min >= busyUntil - 1e-9); // one pair of hands
            busyUntil = s.start_min + s.hands_min;
            hands += s.hands_min, last = std::max(last, busyUntil + s.wait_min);
        }
        CHECK_NEAR(plan.hands_min, hands, 1e-12);
        CHECK_NEAR(plan.elapsed_min, last, 1e-12);
        CHECK(plan.elapsed_min >= plan.hands_min - 1e-9);
    }
}

TEST_CASE("The bake comes after every skin and bulk, paint after the bake, feet last", "[make]") {
    const Plan plan = reportOf(demo()).plan;
    const auto first = [&](StepKind k) {
        return std::find_if(plan.steps.begin(), plan.steps.end(), [&](const Step& s) { return s.kind == k; }) -
               plan.steps.begin();
    };
    const auto bake = first(StepKind::bake);
    for (std::size_t i = 0; i < plan.steps.size(); ++i) {
        const StepKind k = plan.steps[i].kind;
        const auto at = static_cast<std::ptrdiff_t>(i);
        if (k == StepKind::skin || k == StepKind::bulk) CHECK(at < bake);
        if (k == StepKind::gate && plan.steps[i].bake >= 0) CHECK(at < bake);
        if (k == StepKind::paint || k == StepKind::cover) CHECK(at > bake);
    }
    CHECK(plan.steps.back().kind == StepKind::sign_off);
    CHECK(first(StepKind::tie_down) > first(StepKind::cover));
    CHECK(plan.steps.front().kind == StepKind::print_sheets);
    // What can hurt carries its caution.
    for (const Step& s : plan.steps) {
        if (s.kind == StepKind::bake) CHECK(s.caution == Caution::air_oven);
        if (s.kind == StepKind::twist_wire) CHECK(s.caution == Caution::eyes);
        if (s.kind == StepKind::set_putty) CHECK(s.caution == Caution::gloves_air);
    }
}

TEST_CASE("Every limb is cut, twisted where it has a lay, and bound on after its parent", "[make]") {
    const auto r = reportOf(demo());
    std::map<std::string, int> bound;
    int cuts = 0, twists = 0;
    for (std::size_t i = 0; i < r.plan.steps.size(); ++i) {
        const Step& s = r.plan.steps[i];
        cuts += s.kind == StepKind::cut_wire, twists += s.kind == StepKind::twist_wire;
        if (s.kind == StepKind::bind_limb) bound[s.subject.english()] = static_cast<int>(i);
    }
    CHECK(cuts == static_cast<int>(r.cuts.size()));
    CHECK(twists == std::count_if(r.cuts.begin(), r.cuts.end(), [](const auto& c) { return c.turns > 0; }));
    CHECK(bound.at("arm") < bound.at("thumb"));
}
