#include "results/planning.h"
#include "base/stop.h"
#include "checks/replay.h"
#include <algorithm>
#include <cmath>
#include <random>
#include <set>

namespace enkinet::results {

namespace {

Minute whole(double minutes) { return static_cast<Minute>(std::ceil(minutes - 1e-6)); }

std::optional<Place> placeOf(const make::Step& s) {
    switch (s.tool) {
    case make::Tool::oven:
        return Place::oven;
    case make::Tool::spray:
        return Place::spray;
    case make::Tool::drill:
        return Place::drill;
    default:
        return {};
    }
}

/// Every step written as done, with its minutes and what was reckoned without the builder's own rate.
std::vector<make::Taken> findTimings(const Production& production) {
    std::vector<make::Taken> all;
    for (const document::LogEntry& e : production.log) {
        if (e.kind != document::LogKind::done) continue;
        const std::string word = e.step.substr(0, e.step.find(':'));
        for (std::size_t k = 0; k < make::kStepKinds; ++k)
            if (word == make::keyOf(static_cast<make::StepKind>(k)))
                all.push_back({static_cast<make::StepKind>(k), e.number, e.planned});
    }
    return all;
}

/// The earliest day on which a copy stands before the camera in a shot that is not in the can.
std::optional<int> findFirstShot(const Production& production, const std::string& puppet, int copy) {
    std::optional<int> first;
    for (std::size_t i = 0; i < production.shots.size(); ++i) {
        const document::Shot& s = production.shots[i];
        if (s.done || !s.day) continue;
        for (const document::Cast& c : s.cast)
            if (c.puppet == puppet && c.copy == copy &&
                (!first || *s.day < *production.shots[static_cast<std::size_t>(*first)].day))
                first = static_cast<int>(i);
    }
    return first;
}

/// Where the builder moved steps to: later by a time, earlier by what they stand before.
void applyMoves(Planning& plan, const Production& production,
                const std::vector<std::shared_ptr<const Report>>& reports) {
    if (production.moves.empty()) return;
    std::map<document::StepKey, int> tasks;
    for (std::size_t k = 0; k < plan.steps.size(); ++k)
        tasks.emplace(keyOf(production, reports, plan.steps[k]), static_cast<int>(k));
    for (std::size_t i = 0; i < production.moves.size(); ++i) {
        const document::StepMove& m = production.moves[i];
        const auto own = tasks.find(m.step);
        if (own == tasks.end()) continue;
        auto& task = plan.problem.tasks[static_cast<std::size_t>(own->second)];
        if (m.notBefore) task.notBefore = std::max(task.notBefore, *m.notBefore);
        if (!m.before) continue;
        const auto other = tasks.find(*m.before);
        if (other == tasks.end()) continue;
        if (!findWaits(plan.problem, own->second, other->second).empty())
            plan.refused.push_back(static_cast<int>(i));
        else
            plan.problem.tasks[static_cast<std::size_t>(other->second)].after.push_back(own->second);
    }
}

} // namespace

std::vector<int> findWaits(const schedule::Problem& problem, int first, int then) {
    // Breadth first: the shortest chain.
    std::vector<int> from(problem.tasks.size(), -2), queue{first};
    from[static_cast<std::size_t>(first)] = -1;
    for (std::size_t k = 0; k < queue.size(); ++k) {
        if (queue[k] == then && then != first) {
            std::vector<int> chain;
            for (int at = then; at != first; at = from[static_cast<std::size_t>(at)])
                chain.push_back(at);
            std::reverse(chain.begin(), chain.end());
            return chain;
        }
        for (int a : problem.tasks[static_cast<std::size_t>(queue[k])].after)
            if (from[static_cast<std::size_t>(a)] == -2)
                from[static_cast<std::size_t>(a)] = queue[k], queue.push_back(a);
    }
    return {};
}

document::StepKey keyOf(const Production& production, const std::vector<std::shared_ptr<const Report>>& reports,
                        const StepRef& ref) {
    return {production.puppets[static_cast<std::size_t>(ref.puppet)].id, ref.copy,
            reports[static_cast<std::size_t>(ref.puppet)]->plan.steps[static_cast<std::size_t>(ref.step)].id};
}

void keepNear(Planning& planning, const Production& production,
              const std::vector<std::shared_ptr<const Report>>& reports, const Begins& begins) {
    if (begins.empty()) return;
    const Minute far = planning.problem.start + kNearDays * kDay;
    for (std::size_t k = 0; k < planning.steps.size(); ++k) {
        schedule::Task& t = planning.problem.tasks[k];
        if (t.fixed) continue;
        const auto was = begins.find(keyOf(production, reports, planning.steps[k]));
        if (was == begins.end()) continue;
        t.was = std::max(was->second, planning.problem.start), t.stays = *t.was < far;
    }
}

int Planning::find(const StepRef& ref) const {
    const auto at = places.find({ref.puppet, ref.copy, ref.step});
    return at == places.end() ? -1 : at->second;
}

schedule::Schedule calcSchedule(const Planning& planning, const OpenHours& hours, const std::stop_token& stop) {
    schedule::Search search;
    search.stop = stop;
    return schedule::calcBest(planning.problem, hours, search);
}

OpenHours findHours(const Planning& planning) { return OpenHours(planning.calendar, planning.problem.start); }

namespace {
/// When the last of these tasks is done, where all have begun; none: nothing.
std::optional<Minute> findEnd(const schedule::Problem& problem, const std::vector<int>& tasks) {
    std::optional<Minute> end;
    for (const int k : tasks) {
        const auto& fixed = problem.tasks[static_cast<std::size_t>(k)].fixed;
        if (!fixed) return {};
        end = std::max(end.value_or(fixed->done), fixed->done);
    }
    return end;
}
} // namespace

Planning makePlanning(const Production& production, const std::vector<std::shared_ptr<const Report>>& reports,
                      document::WallTime now) {
    Planning plan;
    plan.calendar = document::findCalendar(production);
    plan.rates = make::calcRates(findTimings(production));
    plan.problem.hands = plan.calendar.hands();
    plan.problem.places = kPlaces;
    const Minute asked = plan.calendar.start
                             ? std::max(*plan.calendar.start, production.log.empty() ? *plan.calendar.start : now.at)
                             : now.at;
    plan.problem.start = asked;
    for (std::size_t i = 0; i < reports.size(); ++i)
        plan.problem.due.push_back(production.puppets[i].deadline);
    // Wares that must be bought, and what of them is there.
    struct Lack {
        document::Ware ware;
        std::string card;
        double held;
    };
    std::vector<Lack> lacks;
    std::vector<const Report*> all;
    for (const auto& r : reports)
        all.push_back(r.get());
    if (production.stock.shop.leadDays > 0)
        for (const Need& n : calcShopping(production, all).needs)
            if (n.buy > 0) lacks.push_back({n.ware, n.card, n.held});
    const auto lackOf = [&](document::Ware ware, const std::string& card) -> Lack* {
        const auto at =
            std::find_if(lacks.begin(), lacks.end(), [&](const Lack& l) { return l.ware == ware && l.card == card; });
        return at == lacks.end() ? nullptr : &*at;
    };
    const Minute arrives = (dayOf(asked) + production.stock.shop.leadDays) * kDay;
    const std::map<document::StepKey, document::StepState> states =
        document::findStepStates(production.log, now.offset_min);
    for (std::size_t i = 0; i < reports.size(); ++i) {
        const body::Puppet& puppet = production.puppets[i];
        std::vector<std::pair<std::size_t, int>> sheets; // step and task
        for (int copy = 1; copy <= puppet.things.copies; ++copy) {
            std::vector<int> taskOf(reports[i]->plan.steps.size(), -1);
            // One set of sheets serves all copies, and all wait for it.
            if (copy == 1)
                sheets.clear();
            else
                for (const auto& [step, task] : sheets)
                    taskOf[step] = task;
            const auto& steps = reports[i]->plan.steps;
            int group = static_cast<int>(i);
            if (const auto first = findFirstShot(production, puppet.id, copy)) {
                const Minute by = *production.shots[static_cast<std::size_t>(*first)].day * kDay;
                if (!puppet.deadline || by < *puppet.deadline) {
                    group = static_cast<int>(plan.problem.due.size());
                    plan.problem.due.emplace_back(by);
                    plan.wanted.push_back({static_cast<int>(i), copy, *first, by, group});
                }
            }
            for (std::size_t k = 0; k < steps.size(); ++k) {
                const make::Step& s = steps[k];
                // One set of sheets serves all doubles.
                if (copy > 1 && s.kind == make::StepKind::print_sheets) continue;
                schedule::Task t;
                // What it takes on the average, which is more than what half of such steps take.
                const double factor = plan.rates[static_cast<std::size_t>(s.kind)].meanFactor();
                t.hands = whole(s.hands_min * factor), t.wait = whole(s.wait_min);
                for (const document::Use& u : findTaken(production, s))
                    if (Lack* lack = lackOf(u.ware, u.card)) {
                        // What is on the shelf is taken first, in the order of the steps; the rest has to come.
                        lack->held -= u.amount;
                        if (lack->held < 0) t.notBefore = arrives;
                    }
                t.attended = std::min(t.wait, whole(s.attended_min)), t.rests = s.rests;
                if (const auto at = placeOf(s)) t.place = static_cast<int>(*at), t.placeWaits = *at == Place::oven;
                for (const make::After& a : s.after)
                    if (taskOf[static_cast<std::size_t>(a.step)] >= 0)
                        t.after.push_back(taskOf[static_cast<std::size_t>(a.step)]);
                t.group = group;
                // Wire is cut and twisted in one go.
                const auto kind = s.kind == make::StepKind::twist_wire ? make::StepKind::cut_wire : s.kind;
                t.family = static_cast<int>((i * 50 + static_cast<std::size_t>(copy)) * schedule::kFamily) +
                           static_cast<int>(kind);
                document::StepState state;
                if (const auto known = states.find({puppet.id, copy, s.id}); known != states.end())
                    state = known->second;
                else if (s.mixes > 1)
                    // As it was ticked when one mix was thought to do.
                    if (const auto one = states.find({puppet.id, copy, s.id.substr(0, s.id.rfind(':'))});
                        one != states.end())
                        state = one->second;
                taskOf[k] = static_cast<int>(plan.steps.size());
                if (s.kind == make::StepKind::print_sheets) sheets.emplace_back(k, taskOf[k]);
                plan.places.emplace(std::tuple(static_cast<int>(i), copy, static_cast<int>(k)), taskOf[k]);
                plan.steps.push_back({static_cast<int>(i), copy, static_cast<int>(k)});
                plan.states.push_back(state), plan.kinds.push_back(s.kind);
                plan.problem.tasks.push_back(std::move(t));
            }
        }
    }
    // Who asks at night gets, at whatever minute, what the morning begins with.
    if (const Minute open = findHours(plan).nextOpen(asked); open < OpenHours::kNever) plan.problem.start = open;
    applyMoves(plan, production, reports);
    const OpenHours hours = findHours(plan);
    plan.eased = schedule::ease(plan.problem, hours);
    for (std::size_t k = 0; k < plan.states.size(); ++k) {
        document::StepState& s = plan.states[k];
        schedule::Task& t = plan.problem.tasks[k];
        if (t.hands == 0 && !s.done && !s.skipped) {
            // What dries by itself began when all that it comes after was done, and nobody writes it down.
            const std::optional<Minute> laid = findEnd(plan.problem, t.after);
            if (!laid) continue;
            t.fixed = schedule::Task::Fixed{*laid, *laid, *laid + t.wait};
            s.running = false, s.done = *laid <= asked, s.begun_s = s.ended_s = *laid * 60;
            continue;
        }
        const Minute from = s.begun_s / 60;
        if (s.done || s.skipped)
            t.fixed = schedule::Task::Fixed{from, s.ended_s / 60, s.ended_s / 60 + (s.skipped ? 0 : t.wait)};
        else if (s.running || s.worked_min > 0) {
            // What is left of it; what is in hand goes on now, what was laid aside when its turn comes.
            const Minute left = std::max<Minute>(1, t.hands - static_cast<Minute>(s.workedUntil(asked * 60)));
            if (!s.running) {
                t.hands = left;
                continue;
            }
            const Minute end = hours.finish(hours.nextOpen(plan.problem.start), left);
            if (end < OpenHours::kNever) t.fixed = schedule::Task::Fixed{from, end, end + t.wait};
        }
    }
    return plan;
}

double ProductionPlan::gap() const {
    const auto bound = static_cast<double>(schedule.boundEnd - start);
    return bound > 0 ? static_cast<double>(schedule.end - schedule.boundEnd) / bound : 0;
}

ProductionPlan calcPlan(const Production& production, const Planning& planning, const OpenHours& hours,
                        const schedule::Schedule& schedule) {
    ProductionPlan p;
    p.start = planning.problem.start, p.schedule = schedule;
    p.possible = schedule.tasks.size() == planning.steps.size();
    for (const body::Puppet& x : production.puppets)
        p.puppets.push_back({p.start, x.deadline, 0, 0});
    if (!p.possible) return p;
    const schedule::Chain chain = schedule::calcChain(planning.problem, hours, schedule.end);
    for (std::size_t k = 0; k < planning.steps.size(); ++k) {
        const schedule::Task& t = planning.problem.tasks[k];
        Planned row{planning.steps[k],          schedule.tasks[k],          {},   planning.states[k].done,
                    planning.states[k].skipped, planning.states[k].running, false};
        row.critical = !t.fixed && row.at.slack == 0;
        if (t.hands > 0)
            for (auto w = std::partition_point(hours.windows().begin(), hours.windows().end(),
                                               [&](const OpenHours::Window& x) { return x.to <= row.at.from; });
                 w != hours.windows().end() && w->from < row.at.handsEnd; ++w) {
                const Minute from = std::max(w->from, row.at.from), to = std::min(w->to, row.at.handsEnd);
                if (from < to) row.work.emplace_back(from, to);
            }
        // What was done while the shop was closed was done all the same.
        if (t.fixed && row.work.empty() && row.at.handsEnd > row.at.from)
            row.work.emplace_back(row.at.from, row.at.handsEnd);
        if (!row.done && !row.skipped) p.hands_min += t.hands, p.wait_min += t.wait;
        auto& own = p.puppets[static_cast<std::size_t>(row.step.puppet)];
        own.end = std::max(own.end, row.at.done);
        p.steps.push_back(std::move(row));
    }
    std::stable_sort(p.steps.begin(), p.steps.end(),
                     [](const Planned& a, const Planned& b) { return a.at.from < b.at.from; });
    for (const Planning::Wanted& w : planning.wanted) {
        PlannedCopy c{w.puppet, w.copy, w.shot, w.by, p.start, 0, 0};
        for (const Planned& s : p.steps)
            if (s.step.puppet == w.puppet && s.step.copy == w.copy) c.end = std::max(c.end, s.at.done);
        c.late = std::max<Minute>(0, c.end - c.by);
        c.spare_min = c.late ? 0 : hours.openBetween(c.end, c.by);
        p.wanted.push_back(c);
    }
    for (PlannedPuppet& x : p.puppets)
        if (x.deadline) {
            x.late = std::max<Minute>(0, x.end - *x.deadline);
            x.spare_min = x.late ? 0 : hours.openBetween(x.end, *x.deadline);
        }
    return p;
}

std::vector<PlannedBroken> findBroken(const Production& production,
                                      const std::vector<std::shared_ptr<const Report>>& reports,
                                      const ProductionPlan& plan) {
    std::vector<PlannedBroken> all;
    for (std::size_t i = 0; i < reports.size(); ++i) {
        std::vector<checks::Act> acts;
        std::set<std::pair<int, int>> done;
        for (const Planned& s : plan.steps) {
            if (s.step.puppet != static_cast<int>(i)) continue;
            acts.push_back({s.step.step, s.step.copy, static_cast<double>(s.at.from),
                            static_cast<double>(s.at.handsEnd), static_cast<double>(s.at.done), s.at.person});
            if (s.done || s.skipped) done.emplace(s.step.copy, s.step.step);
        }
        for (const checks::Broken& b :
             checks::replay(production.puppets[i], *reports[i], production.stock.shop.room_C, std::move(acts)))
            if (!done.contains({b.copy, b.step})) all.push_back({{static_cast<int>(i), b.copy, b.step}, b});
    }
    return all;
}

std::optional<std::int64_t> findOrderDay(const ProductionPlan& plan, const Planning& planning,
                                         const Production& production, const Need& need) {
    using make::StepKind;
    const auto uses = [&](StepKind kind) {
        switch (need.ware) {
        case Ware::wire:
            return kind == StepKind::cut_wire;
        case Ware::clay:
            return kind == StepKind::skin || kind == StepKind::coat || kind == StepKind::feature ||
                   kind == StepKind::sheet;
        case Ware::bulk:
        case Ware::foil:
            return kind == StepKind::bulk;
        case Ware::cover:
            return kind == StepKind::cover || kind == StepKind::sheet;
        case Ware::paint:
            return kind == StepKind::paint;
        }
        return false;
    };
    std::optional<Minute> first;
    for (const Planned& s : plan.steps) {
        if (s.done || s.skipped) continue;
        if (std::find(need.puppets.begin(), need.puppets.end(), s.step.puppet) == need.puppets.end()) continue;
        const int task = planning.find(s.step);
        if (task < 0 || !uses(planning.kinds[static_cast<std::size_t>(task)])) continue;
        if (!first || s.at.from < *first) first = s.at.from;
    }
    if (!first) return {};
    return dayOf(*first) - production.stock.shop.leadDays;
}

Chance calcChance(const Planning& planning, const OpenHours& hours, const schedule::Schedule& planned, int rounds,
                  std::uint32_t seed, const std::stop_token& stop) {
    Chance c;
    c.holds = std::nan("");
    const auto& due = planning.problem.due;
    const bool any = std::any_of(due.begin(), due.end(), [](const auto& d) { return d.has_value(); });
    if (planned.tasks.empty()) return c;
    constexpr long kReplayed = 400'000; // tasks, over all rounds
    if (rounds <= 0)
        rounds = static_cast<int>(
            std::clamp<long>(kReplayed / static_cast<long>(std::max<std::size_t>(1, planned.tasks.size())), 150, 2000));
    std::mt19937 random(seed);
    std::normal_distribution<double> normal;
    schedule::Problem p = planning.problem;
    schedule::Replay replay(planned);
    int held = 0;
    std::vector<Minute> ends;
    for (int r = 0; r < rounds; ++r) {
        checkStop(stop);
        std::array<double, make::kStepKinds> rate{};
        for (std::size_t k = 0; k < rate.size(); ++k) {
            const make::Rate& own = planning.rates[k];
            rate[k] = own.sd * normal(random);
        }
        for (std::size_t k = 0; k < p.tasks.size(); ++k) {
            if (p.tasks[k].fixed || planning.problem.tasks[k].hands <= 0) continue;
            p.tasks[k].rests = planning.problem.tasks[k].rests;
            // Planned with means, built by medians and what they scatter by.
            const auto kind = static_cast<std::size_t>(planning.kinds[k]);
            const double x = rate[kind] + make::kRateScatter * normal(random) - planning.rates[kind].variance() / 2;
            p.tasks[k].hands = std::max<Minute>(
                1,
                static_cast<Minute>(std::llround(static_cast<double>(planning.problem.tasks[k].hands) * std::exp(x))));
        }
        schedule::ease(p, hours);
        const auto end = replay.run(p, hours, stop);
        ++c.rounds;
        if (!end) continue;
        held += end->second == 0;
        ends.push_back(end->first);
    }
    if (any && c.rounds > 0) c.holds = static_cast<double>(held) / c.rounds;
    if (ends.empty()) return c;
    std::sort(ends.begin(), ends.end());
    const auto at = [&](double share) {
        return ends[static_cast<std::size_t>(share * static_cast<double>(ends.size() - 1))];
    };
    c.early = at(0.1), c.median = at(0.5), c.late = at(0.9);
    return c;
}

std::vector<WayToHold> calcWaysToHold(const Production& production,
                                      const std::vector<std::shared_ptr<const Report>>& reports, document::WallTime now,
                                      const schedule::Schedule& present, std::size_t most,
                                      const std::stop_token& stop) {
    std::vector<WayToHold> ways;
    if (present.late <= 0) return ways;
    // Of many steps fewer orders, as for the plan itself.
    const long tried = std::min<long>(400, schedule::findUsualRounds(present.tasks.size()));
    const Calendar calendar = document::findCalendar(production);
    const auto solve = [&](const Planning& plan) {
        schedule::Search search;
        search.most = tried, search.stop = stop;
        return schedule::calcBest(plan.problem, findHours(plan), search);
    };
    // Hands outside the hours that there are now, and of people who are not there now.
    const OpenHours hoursNow = findHours(makePlanning(production, reports, now));
    const auto paid = [&](const Planning& plan, const schedule::Schedule& s) {
        Minute sum = 0;
        for (std::size_t k = 0; k < s.tasks.size(); ++k) {
            if (plan.problem.tasks[k].fixed) continue;
            const auto& at = s.tasks[k];
            sum += at.person >= calendar.hands()
                       ? plan.problem.tasks[k].hands
                       : plan.problem.tasks[k].hands - hoursNow.openBetween(at.from, at.handsEnd);
        }
        return std::max<Minute>(0, sum);
    };
    const auto take = [&](WayToHold way, const Production& changed) {
        checkStop(stop);
        const Planning plan = makePlanning(changed, reports, now);
        const schedule::Schedule s = solve(plan);
        if (s.tasks.empty() || s.late >= present.late) return;
        way.late = s.late;
        if (way.kind != Relief::one_copy_less) way.cost_min = paid(plan, s);
        ways.push_back(std::move(way));
    };
    const auto withCalendar = [&](Relief kind, int amount, const Calendar& other) {
        if (checkCalendar(other)) return;
        Production p = production;
        p.calendar = other;
        WayToHold way;
        way.kind = kind, way.amount = amount, way.calendar = other;
        take(std::move(way), p);
    };
    Calendar more = calendar;
    // Whoever shows it gives names.
    while (static_cast<int>(more.people.size()) <= calendar.hands()) {
        std::string name = std::to_string(more.people.size() + 1);
        while (std::find(more.people.begin(), more.people.end(), name) != more.people.end())
            name += "'";
        more.people.push_back(name);
    }
    withCalendar(Relief::another_pair, 1, more);
    for (int minutes : {60, 120, 180}) {
        Calendar longer = calendar;
        bool any = false;
        for (auto& day : longer.hours)
            if (!day.empty() && day.back().to + minutes <= 23 * 60) day.back().to += minutes, any = true;
        if (any) withCalendar(Relief::longer_days, minutes, longer);
    }
    if (calendar.hours[5].empty() && !calendar.hours[4].empty()) {
        Calendar saturdays = calendar;
        saturdays.hours[5] = calendar.hours[4];
        withCalendar(Relief::saturdays, 0, saturdays);
    }
    for (std::size_t i = 0; i < production.puppets.size(); ++i) {
        if (production.puppets[i].things.copies < 2) continue;
        Production p = production;
        --p.puppets[i].things.copies;
        WayToHold way;
        way.kind = Relief::one_copy_less, way.puppet = static_cast<int>(i);
        take(std::move(way), p);
    }
    // Half the pieces of what takes longest to put on: the minutes are all that changes.
    const Planning plan = makePlanning(production, reports, now);
    std::vector<std::size_t> features;
    for (std::size_t k = 0; k < plan.steps.size(); ++k)
        if (plan.kinds[k] == make::StepKind::feature && plan.steps[k].copy == 1 && !plan.problem.tasks[k].fixed &&
            plan.problem.tasks[k].hands >= 20)
            features.push_back(k);
    std::sort(features.begin(), features.end(),
              [&](std::size_t a, std::size_t b) { return plan.problem.tasks[a].hands > plan.problem.tasks[b].hands; });
    for (std::size_t n = 0; n < std::min<std::size_t>(2, features.size()); ++n) {
        Planning fewer = plan;
        const StepRef& ref = plan.steps[features[n]];
        for (std::size_t k = 0; k < fewer.steps.size(); ++k)
            if (fewer.steps[k].puppet == ref.puppet && fewer.steps[k].step == ref.step && !fewer.problem.tasks[k].fixed)
                fewer.problem.tasks[k].hands /= 2;
        const schedule::Schedule s = solve(fewer);
        if (s.tasks.empty() || s.late >= present.late) continue;
        WayToHold way;
        way.kind = Relief::fewer_pieces, way.puppet = ref.puppet, way.late = s.late;
        way.subject =
            reports[static_cast<std::size_t>(ref.puppet)]->plan.steps[static_cast<std::size_t>(ref.step)].subject;
        ways.push_back(std::move(way));
    }
    std::stable_sort(ways.begin(), ways.end(), [](const WayToHold& a, const WayToHold& b) {
        if ((a.late == 0) != (b.late == 0)) return a.late == 0;
        return a.late == 0 ? a.cost_min < b.cost_min : a.late < b.late;
    });
    // Of one kind the mildest that does it.
    std::vector<WayToHold> best;
    for (WayToHold& w : ways)
        if (best.size() < most &&
            std::none_of(best.begin(), best.end(), [&](const WayToHold& b) { return b.kind == w.kind; }))
            best.push_back(std::move(w));
    return best;
}

} // namespace enkinet::results
