// Steps that the builder lays elsewhere, what is off the shelf once it is done, and what stays where it was.
#include "files/production_json.h"
#include "support/planned.h"

using namespace enkinet::results;
using document::LogEntry;
using document::LogKind;

TEST_CASE("A step that the builder moves begins no earlier than wanted, or before another puppet's; a ring is refused",
          "[results]") {
    const Case plain = caseOf([](document::Production&) {});
    const Planned* reed = nullptr;
    for (const Planned& s : plain.plan.steps)
        if (s.step.puppet == 2 && plain.step(s).kind == make::StepKind::cut_wire) reed = &s;
    REQUIRE(reed);
    const Planned* tansy = must(plain.find("print"));
    const auto key = [&](const Planned& s) { return keyOf(plain.production, plain.result.puppets, s.step); };
    const document::StepKey cut = key(*reed), print = key(*tansy);
    // Later: from a time on.
    const Minute wanted = kMonday + kDay + 125;
    const Case later = caseOf([&](document::Production& p) { p.moves = {{print, wanted, {}}}; });
    REQUIRE(later.plan.possible);
    CHECK(later.find("print")->at.from >= wanted);
    CHECK(later.planning.refused.empty());
    // Earlier: before a step of another puppet, which waits for it.
    const Case earlier = caseOf([&](document::Production& p) { p.moves = {{cut, {}, print}}; });
    REQUIRE(earlier.plan.possible);
    const auto found = [&](const Case& c, const document::StepKey& k) {
        for (const Planned& s : c.plan.steps)
            if (keyOf(c.production, c.result.puppets, s.step) == k) return &s;
        return static_cast<const Planned*>(nullptr);
    };
    CHECK(found(earlier, cut)->at.done <= found(earlier, print)->at.from);
    // Back before what it waits for: said step by step, and the plan is as without.
    const Planned* skin = nullptr;
    for (const Planned& s : plain.plan.steps)
        if (s.step.puppet == 0 && s.step.copy == 1 && plain.step(s).kind == make::StepKind::skin) skin = &s;
    REQUIRE(skin);
    const Case ring = caseOf([&](document::Production& p) { p.moves = {{key(*skin), {}, print}}; });
    CHECK(ring.planning.refused == std::vector<int>{0});
    CHECK(ring.plan.schedule.end == plain.plan.schedule.end);
    const auto chain =
        findWaits(plain.planning.problem, plain.planning.find(skin->step), plain.planning.find(tansy->step));
    REQUIRE_FALSE(chain.empty());
    CHECK(chain.back() == plain.planning.find(tansy->step));
    int at = plain.planning.find(skin->step);
    for (int k : chain) {
        const auto& after = plain.planning.problem.tasks[nth(at)].after;
        CHECK(std::find(after.begin(), after.end(), k) != after.end());
        at = k;
    }
    // What a design no longer has says nothing.
    const Case gone = caseOf([&](document::Production& p) { p.moves = {{{"nobody", 1, "print"}, wanted, {}}}; });
    CHECK(gone.plan.schedule.end == plain.plan.schedule.end);
    // Edits and files keep them.
    document::Edits edits(plain.production, shippedCards(), "tansy");
    auto moved = must(edits.moveStep({print, wanted, {}}));
    auto again = must(document::Edits(*moved, shippedCards(), "tansy").moveStep({print, wanted + 60, {}}));
    REQUIRE(again->moves.size() == 1); // the newer takes the older's place
    const auto read = must(files::parseProduction(files::writeProduction(*again), shippedCards()));
    CHECK(read->production.moves == again->moves);
    CHECK(document::Edits(*again, shippedCards(), "tansy").dropMove(0)->moves.empty());
    CHECK_FALSE(document::Edits(*again, shippedCards(), "tansy").dropMove(1));
    CHECK_FALSE(edits.moveStep({print, {}, {}}));
    CHECK_FALSE(edits.moveStep({print, {}, print}));
}

TEST_CASE("What is done is off the shelf and needed no more, and comes back when it was not done after all",
          "[results]") {
    const Case c = caseOf([](document::Production& p) { p.puppets.resize(1); });
    const Planned* skin = nullptr;
    for (const Planned& s : c.plan.steps)
        if (c.step(s).kind == make::StepKind::skin && !c.step(s).uses.empty()) skin = &s;
    REQUIRE(skin);
    const make::Step& step = c.step(*skin);
    const auto uses = findTaken(c.production, step);
    REQUIRE_FALSE(uses.empty());
    // What all steps take of a clay is what the puppet needs of it, but for what is modelled by itself.
    const auto need = [](const Case& x, const std::string& card) {
        for (const Need& n : x.result.shopping.needs)
            if (n.card == card) return n;
        return Need{};
    };
    double all = 0;
    for (const make::Step& s : c.result.puppets[0]->plan.steps)
        for (const document::Use& u : s.uses)
            if (u.card == uses[0].card) all += u.amount;
    const Need before = need(c, uses[0].card);
    CHECK(all > 0);
    CHECK(all * c.production.puppets[0].things.copies <= before.needed * (1 + 1e-9));
    LogEntry e;
    e.at_s = kMonday * 60, e.puppet = "tansy", e.step = step.id, e.kind = LogKind::done, e.number = 20;
    const document::Edits edits(c.production, shippedCards(), "tansy");
    const auto done = must(edits.addLog({e}, uses));
    const Case after = caseOf([&](document::Production& p) { p = *done; });
    const Need left = need(after, uses[0].card);
    CHECK_NEAR(left.held, before.held - uses[0].amount, 1e-9);
    INFO(uses[0].card << " before " << before.needed << " used " << uses[0].amount << " in " << step.id);
    CHECK_NEAR(left.needed, before.needed - uses[0].amount, 1e-9);
    // Nothing has to be bought for what has been used.
    CHECK(left.buy == before.buy);
    auto back = uses;
    for (document::Use& u : back)
        u.amount = -u.amount;
    e.kind = LogKind::undone;
    const auto undone = must(document::Edits(*done, shippedCards(), "tansy").addLog({e}, back));
    const Case again = caseOf([&](document::Production& p) { p = *undone; });
    CHECK_NEAR(need(again, uses[0].card).held, before.held, 1e-9);
    CHECK_NEAR(need(again, uses[0].card).needed, before.needed, 1e-9);
    // A shelf is never below nothing.
    const auto much = must(edits.addLog({e}, {{document::Ware::clay, uses[0].card, 1e6}}));
    for (const document::Held& h : much->stock.clays_g)
        if (h.card == uses[0].card) CHECK(h.amount == 0);
}

TEST_CASE("After a change what is planned for the next days stays where it was as far as the end allows",
          "[results][numbers]") {
    const Case before = caseOf([](document::Production&) {}, 300);
    Begins begins;
    for (const Planned& s : before.plan.steps)
        begins.emplace(keyOf(before.production, before.result.puppets, s.step), s.at.from);
    schedule::Search search;
    search.most = 300;
    Minute anewSum = 0, keptSum = 0;
    const auto compare = [&](auto change) {
        const Case changed = caseOf(change);
        Planning kept = changed.planning;
        keepNear(kept, changed.production, changed.result.puppets, begins);
        const auto moved = [&](const schedule::Schedule& s) {
            Minute sum = 0;
            for (std::size_t k = 0; k < kept.steps.size(); ++k)
                if (kept.problem.tasks[k].stays) sum += std::abs(s.tasks[k].from - *kept.problem.tasks[k].was);
            return sum;
        };
        const auto anew = schedule::calcBest(changed.planning.problem, changed.hours, search);
        const auto with = schedule::calcBest(kept.problem, changed.hours, search);
        CHECK(with.moved == moved(with));
        CHECK(with.late <= anew.late);
        anewSum += moved(anew), keptSum += moved(with);
    };
    // Clay that goes on later and takes longer; puppets promised at other times, or not at all.
    compare([](document::Production& p) {
        for (body::Limb& l : p.puppets[2].limbs)
            for (body::Segment& s : l.segments)
                for (body::Section& x : s.sections)
                    x.a_mm *= 1.2;
    });
    compare([](document::Production& p) { p.puppets[1].deadline = kMonday + 30 * kDay; });
    compare([](document::Production& p) { p.puppets[0].deadline.reset(), p.puppets[2].deadline.reset(); });
    compare([](document::Production& p) { p.puppets[1].deadline.reset(); });
    CHECK(anewSum > 0);
    CHECK(keptSum < anewSum / 2);
    // Nothing changed: nothing moves.
    Planning same = before.planning;
    keepNear(same, before.production, before.result.puppets, begins);
    const auto still = schedule::calcBest(same.problem, before.hours, search);
    CHECK(still.moved == 0);
    CHECK(still.end <= before.plan.schedule.end);
}
