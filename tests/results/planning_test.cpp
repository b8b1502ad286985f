// The production on one calendar.
#include "files/container.h"
#include "files/plan_file.h"
#include "files/production_json.h"
#include "support/planned.h"
#include <nlohmann/json.hpp>
#include <random>

using namespace enkinet::results;
using document::LogEntry;
using document::LogKind;

TEST_CASE("On the demo's calendar nobody works twice at once, at night or on a day off, and nothing is before its time",
          "[results]") {
    const Case c = caseOf([](document::Production& p) {
        p.calendar->daysOff.insert(p.calendar->daysOff.begin(), *parseIsoDate("2026-12-02"));
    });
    REQUIRE(c.plan.possible);
    CHECK(c.plan.steps.size() > 150);
    std::map<int, Minute> free;
    std::array<Minute, kPlaces> held{};
    for (const Planned& s : c.plan.steps) {
        const auto task = nth(c.planning.find(s.step));
        Minute hands = 0;
        for (const auto& [from, to] : s.work) {
            const std::int64_t day = dayOf(from);
            CHECK(weekday(day) < 5);
            CHECK(isoDate(day) != "2026-12-02");
            CHECK(from - day * kDay >= 600);
            CHECK(to - day * kDay <= 18 * 60 + 30);
            hands += to - from;
        }
        CHECK(hands == c.planning.problem.tasks[task].hands);
        if (hands > 0) {
            CHECK(s.at.from >= free[s.at.person]);
            free[s.at.person] = s.at.handsEnd;
        }
        for (int a : c.planning.problem.tasks[task].after)
            CHECK(c.plan.schedule.tasks[nth(a)].done <= s.at.from);
        if (const int place = c.planning.problem.tasks[task].place; place >= 0 && s.at.placeTo > s.at.from) {
            CHECK(s.at.from >= held[nth(place)]);
            held[nth(place)] = s.at.placeTo;
        }
        // A bake has somebody there.
        if (c.step(s).kind == make::StepKind::bake && !c.planning.eased.alone[task])
            CHECK(c.hours.openBetween(s.at.from, s.at.handsEnd + c.planning.problem.tasks[task].attended) ==
                  s.at.handsEnd + c.planning.problem.tasks[task].attended - s.at.from);
    }
    // Tansy and her double, each with all its steps but one set of sheets.
    int first = 0, second = 0;
    for (const Planned& s : c.plan.steps)
        if (s.step.puppet == 0) ++(s.step.copy == 1 ? first : second);
    CHECK(first == second + 1);
    CHECK(c.plan.schedule.end >= c.plan.schedule.boundEnd);
    CHECK(c.plan.gap() < 0.1);
}

TEST_CASE("An air-dry head that sets a day before the feet is painted a day before them", "[results]") {
    const Case c = caseOf([](document::Production& p) {
        p.puppets.resize(1);
        p.puppets[0].things.copies = 1;
        for (auto& l : p.puppets[0].limbs)
            for (auto& s : l.segments)
                if (!s.layers.clay.empty())
                    s.layers.clay = "air-dry-white", s.layers.cover.clear(), s.layers.scheme = "face";
        for (auto& m : p.puppets[0].masses)
            if (m.shape != body::MassShape::weighed && !m.layers.clay.empty())
                m.layers.clay = "air-dry-white", m.layers.cover.clear(), m.layers.scheme = "face";
        // The feet are put on a day late.
        p.calendar->start = kMonday;
    });
    std::map<std::string, Minute> dried, painted;
    for (const Planned& s : c.plan.steps) {
        const make::Step& step = c.step(s);
        if (step.kind == make::StepKind::paint) {
            Minute ready = 0;
            for (const make::After& a : step.after)
                if (a.reason == make::Reason::clay_raw_until_baked)
                    ready = std::max(ready, c.plan.schedule.tasks[nth(c.planning.find({0, 1, a.step}))].done);
            if (ready > 0) painted[step.id] = s.at.from, dried[step.id] = ready;
        }
    }
    // Each limb's first coat waits for its own clay alone.
    REQUIRE(painted.size() > 3);
    std::set<Minute> days;
    for (const auto& [id, at] : painted) {
        CHECK(at >= dried[id]);
        days.insert(dried[id]);
    }
    CHECK(days.size() > 1);
    Minute soonest = INT64_MAX, last = 0;
    for (const auto& [id, at] : dried)
        soonest = std::min(soonest, at), last = std::max(last, at);
    bool before = false;
    for (const auto& [id, at] : painted)
        before = before || at < last;
    CHECK(before);
    CHECK(soonest < last);
}

TEST_CASE("What dries by itself dries from when it was laid down, whoever asks when", "[results]") {
    const Case c = caseOf([](document::Production& p) {
        p.puppets.resize(1);
        p.puppets[0].things.copies = 1;
        for (auto& m : p.puppets[0].masses)
            if (m.shape != body::MassShape::weighed && !m.layers.clay.empty()) m.layers.clay = "air-dry-white";
    });
    const auto& steps = c.result.puppets[0]->plan.steps;
    const auto rack = std::find_if(steps.begin(), steps.end(), [](const make::Step& s) {
        return s.kind == make::StepKind::dry && s.hands_min == 0 && s.wait_min > 20 * 60;
    });
    REQUIRE(rack != steps.end());
    const int at = static_cast<int>(rack - steps.begin());
    // Everything before it was done on Monday, the last at five.
    document::Production p = c.production;
    const Minute five = kMonday + 7 * 60;
    for (int k = 0; k < at; ++k) {
        LogEntry e;
        e.kind = LogKind::done, e.at_s = (k + 1 == at ? five : kMonday + k) * 60, e.number = 1;
        e.puppet = p.puppets[0].id, e.step = steps[nth(k)].id;
        p.log.push_back(e);
    }
    Minute laid = 0;
    for (const make::After& a : rack->after)
        laid = std::max(laid, a.step + 1 == at ? five : kMonday + a.step);
    for (const Minute now : {five + 30, five + 11 * 60, kMonday + kDay + 50}) {
        const Planning planning = makePlanning(p, c.result.puppets, now);
        const auto task = nth(planning.find({0, 1, at}));
        REQUIRE(planning.problem.tasks[task].fixed);
        CHECK(planning.problem.tasks[task].fixed->done == laid + static_cast<Minute>(std::ceil(rack->wait_min)));
        CHECK(planning.states[task].done);
    }
    // As long as one that it comes after is open it has not begun.
    p.log.pop_back();
    const Planning open = makePlanning(p, c.result.puppets, five);
    CHECK(open.problem.tasks[nth(open.find({0, 1, at}))].fixed.has_value() == (laid != five));
}

TEST_CASE("Asked at any minute of a night, the plan is what the morning begins with", "[results]") {
    document::Production p = demo();
    p.stock.shop.leadDays = 0; // what is ordered before midnight comes a day sooner
    const ProductionResult r = resultOf(p);
    const auto asked = [&](Minute now) { return makePlanning(p, r.puppets, now).problem; };
    const schedule::Problem morning = asked(kMonday + kDay);
    REQUIRE(morning.tasks.size() > 150);
    CHECK(morning.start == kMonday + kDay);
    const Minute evening = kMonday + 9 * 60;
    for (const Minute now : {evening, evening + 1, evening + 197, kMonday + kDay - 1})
        CHECK(asked(now) == morning);
    CHECK_FALSE(asked(kMonday + kDay + 1) == morning);
    // What is in hand has been worked on until now, not until the morning.
    LogEntry begun;
    begun.kind = LogKind::started, begun.at_s = (evening - 1) * 60;
    begun.puppet = p.puppets[0].id, begun.step = r.puppets[0]->plan.steps[20].id;
    p.log.push_back(begun);
    const Planning planning = makePlanning(p, r.puppets, evening);
    const auto task = nth(planning.find({0, 1, 20}));
    REQUIRE(planning.states[task].running);
    const schedule::Task& t = planning.problem.tasks[task];
    REQUIRE(t.fixed);
    CHECK(t.fixed->handsEnd == findHours(planning).finish(kMonday + kDay, t.hands - 1));
}

TEST_CASE("What is written as done stays where it was, and what is left begins no earlier than now", "[results]") {
    const auto entry = [](const char* step, Minute at, LogKind kind, double minutes = 0) {
        LogEntry e;
        e.at_s = at * 60, e.puppet = "tansy", e.step = step, e.kind = kind, e.number = minutes;
        return e;
    };
    document::Production p = demo();
    p.log = {entry("print", kMonday + 5, LogKind::started), entry("print", kMonday + 25, LogKind::done, 20)};
    wire::TableShelf tables;
    const ProductionResult r = calcResult(p, shippedCards(), tables);
    const Planning planning = makePlanning(p, r.puppets, kMonday + 60);
    const OpenHours hours = findHours(planning);
    const ProductionPlan plan = calcPlan(p, planning, hours, schedule::calcFirst(planning.problem, hours));
    int done = 0;
    for (const Planned& s : plan.steps) {
        if (s.done) {
            ++done;
            CHECK(s.at.from == kMonday + 5);
            CHECK(s.at.handsEnd == kMonday + 25);
        } else {
            CHECK(s.at.from >= kMonday + 60);
        }
    }
    CHECK(done == 1);
    CHECK(document::findStepState(p.log, "tansy", 1, "print").worked_min == 20);
    CHECK_FALSE(document::findStepState(p.log, "tansy", 2, "print").done);
}

namespace {

/// The mean of a lognormal, from the rate of nobody yet known and the scatter of one step: written out once more.
Minute onAverage(const make::Step& step) {
    return static_cast<Minute>(std::ceil(step.hands_min * std::exp((0.5 * 0.5 + 0.3 * 0.3) / 2) - 1e-6));
}

} // namespace

TEST_CASE("What is in hand goes on now, what was laid aside waits for its turn with what is left of it", "[results]") {
    const auto entry = [](const char* step, Minute at, LogKind kind) {
        LogEntry e;
        e.at_s = at * 60, e.puppet = "tansy", e.step = step, e.kind = kind;
        return e;
    };
    document::Production p = demo();
    p.log = {entry("print", kMonday, LogKind::started), entry("print", kMonday + 4, LogKind::paused),
             entry("cut:leg", kMonday + 4, LogKind::started)};
    wire::TableShelf tables;
    const ProductionResult r = calcResult(p, shippedCards(), tables);
    const Planning planning = makePlanning(p, r.puppets, kMonday + 5);
    const OpenHours hours = findHours(planning);
    const ProductionPlan plan = calcPlan(p, planning, hours, schedule::calcFirst(planning.problem, hours));
    REQUIRE(plan.possible);
    Minute running = 0;
    int seen = 0;
    for (const Planned& s : plan.steps) {
        const make::Step& step = r.puppets[nth(s.step.puppet)]->plan.steps[nth(s.step.step)];
        if (s.step.puppet != 0 || s.step.copy != 1) continue;
        if (step.id == "cut:leg") {
            ++seen, running = s.at.handsEnd;
            CHECK(s.running);
            CHECK(s.at.from == kMonday + 4);
            CHECK(s.at.handsEnd == kMonday + 5 + onAverage(step) - 1);
        }
        if (step.id == "print") {
            ++seen;
            CHECK_FALSE(s.running);
            CHECK(s.at.from >= kMonday + 5);
            CHECK(s.at.handsEnd - s.at.from == onAverage(step) - 4);
        }
    }
    CHECK(seen == 2);
    for (const Planned& s : plan.steps)
        if (!s.running && !s.work.empty()) CHECK(s.at.from >= running);
    // The hours to spare are those that are open between the end and the flag.
    for (const PlannedPuppet& x : plan.puppets)
        if (x.deadline && x.late == 0) {
            Minute open = 0;
            for (Minute m = x.end; m < *x.deadline; ++m)
                open += hours.nextOpen(m) == m;
            CHECK(x.spare_min == open);
        }
}

TEST_CASE("Of builds said to hold in eight of ten, seven to nine of ten hold", "[results][full]") {
    Case c = caseOf([](document::Production& p) { p.puppets.resize(1); });
    // A deadline at which the program says about eight in ten.
    const Chance spread = calcChance(c.planning, c.hours, c.plan.schedule, 2000);
    REQUIRE(spread.median > kMonday);
    Minute low = spread.early, high = spread.late;
    for (int k = 0; k < 20; ++k) {
        c.planning.problem.due[0] = (low + high) / 2;
        (calcChance(c.planning, c.hours, c.plan.schedule, 2000).holds < 0.8 ? low : high) = (low + high) / 2;
    }
    c.planning.problem.due[0] = high;
    const double said = calcChance(c.planning, c.hours, c.plan.schedule, 2000).holds;
    CHECK(said == Approx(0.8).margin(0.03));
    // 200 builds, gone through here by a clock of minutes: whoever works takes, of the steps in the order of the plan,
    // the first that can begin soonest, and does not sit idle for the sake of the order.
    std::mt19937 engine(2026);
    int held = 0;
    for (int b = 0; b < 200; ++b) {
        std::map<int, double> rate;
        const std::size_t n = c.planning.steps.size();
        std::vector<Minute> done(n, -1), work(n);
        for (const Planned& s : c.plan.steps) {
            const auto k = nth(c.planning.find(s.step));
            const int kind = static_cast<int>(c.planning.kinds[k]);
            if (!rate.contains(kind)) rate[kind] = std::normal_distribution<double>(0, make::kRatePrior)(engine);
            // Planned are means; half of such steps take less than the median, which is so much below it.
            constexpr double kBelow =
                (make::kRatePrior * make::kRatePrior + make::kRateScatter * make::kRateScatter) / 2;
            const double x = rate[kind] + std::normal_distribution<double>(0, make::kRateScatter)(engine) - kBelow;
            const Minute hands = c.planning.problem.tasks[k].hands;
            work[k] = hands > 0 ? std::max<Minute>(1, std::llround(static_cast<double>(hands) * std::exp(x))) : 0;
        }
        Minute hands = c.plan.start, end = 0, oven = 0;
        for (std::size_t left = n; left > 0; --left) {
            std::size_t next = n;
            Minute from = 0, over = 0;
            for (const Planned& s : c.plan.steps) {
                const auto k = nth(c.planning.find(s.step));
                const schedule::Task& t = c.planning.problem.tasks[k];
                if (done[k] >= 0 ||
                    std::any_of(t.after.begin(), t.after.end(), [&](int a) { return done[nth(a)] < 0; }))
                    continue;
                Minute at = work[k] > 0 ? hands : c.plan.start;
                for (int a : t.after)
                    at = std::max(at, done[nth(a)]);
                if (t.place == 0) at = std::max(at, oven);
                Minute until = at;
                if (work[k] > 0) {
                    const bool whole = (t.attended > 0 || !t.rests) && work[k] + t.attended <= c.hours.longest();
                    at = whole ? c.hours.nextWhole(at, work[k] + t.attended) : c.hours.nextOpen(at);
                    until = c.hours.finish(at, work[k]);
                }
                if (next == n || at < from) next = k, from = at, over = until;
            }
            const schedule::Task& t = c.planning.problem.tasks[next];
            if (work[next] > 0) hands = over;
            done[next] = over + t.wait;
            if (t.place == 0) oven = done[next];
            end = std::max(end, done[next]);
        }
        held += end <= high;
    }
    INFO(held << " of 200");
    CHECK(held >= 140);
    CHECK(held <= 180);
}

TEST_CASE("Ways to hold a deadline are what solving anew with them gives, the cheapest that holds first",
          "[results][numbers]") {
    const Case c = caseOf([](document::Production& p) {
        for (auto& x : p.puppets)
            x.deadline.reset();
        p.puppets[0].deadline = parseIsoTime("2026-12-04T10:00");
    });
    REQUIRE(c.plan.schedule.late > 0);
    const auto ways = calcWaysToHold(c.production, c.result.puppets, kMonday, c.plan.schedule, 8);
    REQUIRE(ways.size() >= 3);
    for (std::size_t i = 0; i < ways.size(); ++i) {
        const WayToHold& w = ways[i];
        CHECK(w.late < c.plan.schedule.late);
        if (i > 0) CHECK((ways[i - 1].late == 0 || w.late > 0));
        if (i > 0 && w.late == 0) CHECK(ways[i - 1].cost_min <= w.cost_min);
        if (!w.calendar) continue;
        document::Production changed = c.production;
        changed.calendar = w.calendar;
        const Planning plan = makePlanning(changed, c.result.puppets, kMonday);
        schedule::Search search;
        search.most = 400;
        CHECK(schedule::calcBest(plan.problem, findHours(plan), search).late == w.late);
    }
    schedule::Schedule fine = c.plan.schedule;
    fine.late = 0;
    CHECK(calcWaysToHold(c.production, c.result.puppets, kMonday, fine).empty());
}

TEST_CASE("What is typed as there is bought no more, and what is short is ordered its lead days before its first use",
          "[results]") {
    Case c = caseOf([](document::Production& p) {
        p.stock.clays_g.clear(), p.stock.paints_ml.clear();
        p.stock.foil.length_m = 0.1, p.stock.shop.leadDays = 4;
    });
    int ordered = 0;
    std::set<Ware> counted;
    for (const Need& n : c.result.shopping.needs) {
        INFO(n.name);
        if (n.buy <= 0) continue;
        const auto by = must(findOrderDay(c.plan, c.planning, c.production, n));
        ++ordered;
        // No step of its kind that may use it begins within the four days.
        for (const Planned& s : c.plan.steps) {
            const make::StepKind kind = c.step(s).kind;
            const bool mine = std::find(n.puppets.begin(), n.puppets.end(), s.step.puppet) != n.puppets.end();
            if (mine && n.ware == Ware::clay && kind == make::StepKind::skin) CHECK(dayOf(s.at.from) >= *by + 4);
            if (mine && n.ware == Ware::paint && kind == make::StepKind::paint) CHECK(dayOf(s.at.from) >= *by + 4);
            if (mine && n.ware == Ware::foil && kind == make::StepKind::bulk) CHECK(dayOf(s.at.from) >= *by + 4);
        }
        // One of each kind that is counted.
        if (n.ware == Ware::bulk || n.ware == Ware::cover || !counted.insert(n.ware).second) continue;
        const auto there =
            must(document::Edits(c.production, shippedCards(), "tansy").setHeld({{n.ware, n.card, n.needed}}));
        for (const Need& now : resultOf(*there).shopping.needs)
            if (now.ware == n.ware && now.card == n.card) {
                CHECK_NEAR(now.held, n.needed, 1e-9);
                CHECK(now.buy <= 1e-9);
                CHECK(now.packs == 0);
            }
    }
    CHECK(ordered > 4);
    const document::Edits e(c.production, shippedCards(), "tansy");
    CHECK_FALSE(e.setHeld({{Ware::wire, "none", 1}}));
    CHECK_FALSE(e.setHeld({{Ware::clay, c.result.shopping.needs[0].card, -1}}));
    CHECK_FALSE(e.setHeld({{Ware::cover, "wool", 1}}));
}

TEST_CASE("What is no time, no day and no entry of the log is refused by name", "[results]") {
    const document::Production p = demo();
    const auto refuses = [&](const char* key, const nlohmann::json& value, const std::string& says) {
        nlohmann::json j = nlohmann::json::parse(files::writeProduction(p));
        j[nlohmann::json::json_pointer(key)] = value;
        const auto r = files::parseProduction(j.dump(), shippedCards());
        INFO(key << " " << value.dump());
        REQUIRE_FALSE(r);
        CHECK(r.fault().sentence().find(says) != std::string::npos);
    };
    refuses("/calendar/hours/mon", nlohmann::json::array({"10:00"}), "from and to");
    refuses("/calendar/hours/mon", nlohmann::json::array({"18:00", "10:00"}), "must end after");
    refuses("/calendar/days_off", nlohmann::json::array({"2026-02-30"}), "days_off");
    refuses("/calendar/start", "tomorrow", "start");
    refuses("/puppets/0/deadline", "2026-12-04 10:00", "deadline");
    refuses("/log/0/at", "then", "at");
    refuses("/log/0/kind", "guessed", "must be one of");
    refuses("/log", nlohmann::json(std::string("none")), "list");
}

TEST_CASE("A plan goes to other programs as calendar events and rows, one a step", "[results]") {
    const Case c = caseOf([](document::Production& p) { p.puppets.resize(1); });
    const auto words = [](const make::Step& s) {
        return std::string(make::keyOf(s.kind)) + ", " + s.subject.english();
    };
    const std::string ics = files::writeIcs(c.production, c.result, c.plan, words);
    CHECK(ics.rfind("BEGIN:VCALENDAR\r\n", 0) == 0);
    CHECK(ics.find("SUMMARY:Tansy 1: bake\\, Tansy\r\n") != std::string::npos);
    std::size_t line = 0, events = 0;
    for (std::size_t at = 0; at < ics.size();) {
        const std::size_t end = ics.find("\r\n", at);
        REQUIRE(end != std::string::npos);
        line = std::max(line, end - at);
        events += ics.compare(at, 12, "BEGIN:VEVENT") == 0;
        at = end + 2;
    }
    CHECK(line <= 75);
    std::size_t stretches = 0;
    for (const Planned& s : c.plan.steps)
        stretches += s.work.size() + (s.at.done - s.at.handsEnd >= 60);
    CHECK(events == stretches);
    const std::string csv = files::writePlanCsv(c.production, c.result, c.plan, words);
    CHECK(std::count(csv.begin(), csv.end(), '\n') == static_cast<std::ptrdiff_t>(c.plan.steps.size()) + 1);
}

TEST_CASE("A double that the film wants sooner than its puppet is promised is due before the day of its first shot",
          "[results]") {
    // Tansy's double acts long before the two of them are promised: it is made first then, and only then.
    const auto film = [](const char* day, bool done = false) {
        return [day, done](document::Production& p) {
            p.puppets.resize(1);
            p.puppets[0].deadline = *parseIsoTime("2027-01-29T10:00");
            p.shots.clear();
            document::Shot late{"late", "Late"}, soon{"soon", "Soon"};
            late.day = *parseIsoDate("2027-02-10"), soon.day = *parseIsoDate(day), soon.done = done;
            late.cast = {{p.puppets[0].id, 2}}, soon.cast = {{p.puppets[0].id, 2}};
            p.shots = {late, soon};
        };
    };
    const auto endOf = [](const Case& c, int copy) {
        Minute end = 0;
        for (const Planned& s : c.plan.steps)
            if (s.step.copy == copy) end = std::max(end, s.at.done);
        return end;
    };
    const Case wanted = caseOf(film("2026-12-14"), 200);
    REQUIRE(wanted.plan.wanted.size() == 1);
    const PlannedCopy& w = wanted.plan.wanted[0];
    CHECK(w.puppet == 0);
    CHECK(w.copy == 2);
    CHECK(w.shot == 1);
    CHECK(w.by == *parseIsoTime("2026-12-14T00:00"));
    CHECK(w.end == endOf(wanted, 2));
    CHECK(w.late == 0);
    CHECK(w.end <= w.by);
    Minute open = 0;
    for (Minute m = w.end; m < w.by; ++m)
        open += wanted.hours.nextOpen(m) == m;
    CHECK(w.spare_min == open);
    // Too soon for anybody: the minutes are counted, and what would help is looked for.
    const Case tooSoon = caseOf(film("2026-12-02"), 50);
    REQUIRE(tooSoon.plan.wanted.size() == 1);
    CHECK(tooSoon.plan.wanted[0].late == tooSoon.plan.wanted[0].end - *parseIsoTime("2026-12-02T00:00"));
    CHECK(tooSoon.plan.schedule.late >= tooSoon.plan.wanted[0].late);
    CHECK(tooSoon.plan.schedule.boundLate > 0);
    CHECK(calcChance(tooSoon.planning, tooSoon.hours, tooSoon.plan.schedule, 200).holds == 0);
    // In the can already, or after the promise: nothing is wanted sooner.
    CHECK(caseOf(film("2026-12-14", true)).plan.wanted.empty());
    CHECK(caseOf(film("2027-02-01")).plan.wanted.empty());
}
