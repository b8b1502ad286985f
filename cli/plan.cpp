// What is done when: the whole production on one calendar, the log, and what to buy.
#include "checks/replay.h"
#include "files/csv.h"
#include "files/described_json.h"
#include "files/plan_file.h"
#include "files/reader.h"
#include "puppet_command.h"
#include <ctime>
#include <fmt/format.h>
#include <iostream>

namespace enkinet::cli {

using files::Json;
using results::Chance;
using results::kPlaceWords;
using results::Need;
using results::Planned;
using results::PlannedPuppet;
using results::Planning;
using results::ProductionPlan;
using results::ProductionResult;
using results::StepRef;

namespace {

const char* reasonWord(make::Reason r) {
    switch (r) {
    case make::Reason::marks_from_sheet:
        return "joints are marked from the printed sheet";
    case make::Reason::strands_first:
        return "strands are cut before they are twisted";
    case make::Reason::wire_first:
        return "its wire is ready first";
    case make::Reason::parent_first:
        return "it is wrapped on the limb that carries it";
    case make::Reason::stiff_before_bulk:
        return "foil presses on putty that has set";
    case make::Reason::core_before_skin:
        return "clay needs something firm under it";
    case make::Reason::nothing_hard_yet:
        return "after it nothing can be changed";
    case make::Reason::clay_raw_until_baked:
        return "paint holds on cured clay only";
    case make::Reason::heat_before_cloth:
        return "cloth and glue do not go into the oven";
    case make::Reason::coat_below_dry:
        return "the coat below must be dry";
    case make::Reason::paint_before_cloth:
        return "wet paint would stain the cloth";
    case make::Reason::reach_before_closed:
        return "out of reach once it is covered";
    case make::Reason::handled_last:
        return "handling would rub or crush it";
    case make::Reason::hold_on_hard:
        return "what is hard by then is held while it is worked";
    case make::Reason::last_look:
        return "what is wrong can still be mended there";
    case make::Reason::holes_before_feet:
        return "the holes must be there";
    case make::Reason::dry_before_heat:
        return "wet clay boils in the oven";
    case make::Reason::soft_after_heat:
        return "clay that never dries never sees the oven";
    case make::Reason::sits_on_it:
        return "what it sits on is there first";
    case make::Reason::there_before:
        return "it must be there by then";
    case make::Reason::mixed_again:
        return "one mix is used up before the next";
    case make::Reason::own_order:
        return "it is wanted so";
    }
    return "";
}

const char* verbOf(make::StepKind kind) {
    switch (kind) {
    case make::StepKind::print_sheets:
        return "print the sheets";
    case make::StepKind::cut_wire:
        return "cut wire";
    case make::StepKind::twist_wire:
        return "twist";
    case make::StepKind::drill_base:
        return "drill the base";
    case make::StepKind::bind_limb:
        return "bind on";
    case make::StepKind::set_putty:
        return "putty";
    case make::StepKind::bulk:
        return "bulk";
    case make::StepKind::skin:
        return "skin";
    case make::StepKind::gate:
        return "last look";
    case make::StepKind::bake:
        return "bake";
    case make::StepKind::dry:
        return "let set";
    case make::StepKind::paint:
        return "paint";
    case make::StepKind::cover:
        return "cover";
    case make::StepKind::tie_down:
        return "plant the feet";
    case make::StepKind::feature:
        return "fit";
    case make::StepKind::variant:
        return "make instead";
    case make::StepKind::sheet:
        return "cut and fit";
    case make::StepKind::run:
        return "lay and light";
    case make::StepKind::hole:
        return "drill for";
    case make::StepKind::try_prop:
        return "try in the hand";
    case make::StepKind::glue:
        return "glue";
    case make::StepKind::coat:
        return "coat of clay";
    case make::StepKind::sign_off:
        return "sign off";
    }
    return "";
}

std::string stepWords(const make::Step& s) {
    std::string text = std::string(verbOf(s.kind)) + ": " + s.subject.english();
    if (!s.detail.empty()) text += ", " + s.detail;
    if (s.mixes > 1) text += fmt::format(", mix {} of {}", s.mix, s.mixes);
    return text;
}

Minute wallClock() {
    const std::time_t t = std::time(nullptr);
    std::tm local{};
    localtime_r(&t, &local);
    return *parseIsoTime(fmt::format("{:04}-{:02}-{:02}T{:02}:{:02}", local.tm_year + 1900, local.tm_mon + 1,
                                     local.tm_mday, local.tm_hour, local.tm_min));
}

struct PlanOptions {
    std::string path, from;
    bool json = false, ics = false, csv = false;
};

Json planJson(const document::Production& p, const ProductionResult& all, const Planning& planning,
              const ProductionPlan& plan, const Chance& chance) {
    Json j{{"steps", Json::array()}, {"puppets", Json::array()}};
    const auto stepOf = [&](const StepRef& ref) -> const make::Step& {
        return all.puppets[static_cast<std::size_t>(ref.puppet)]->plan.steps[static_cast<std::size_t>(ref.step)];
    };
    Minute first = plan.steps.empty() ? plan.start : plan.steps.front().at.from, last = first;
    for (const Planned& s : plan.steps) {
        const make::Step& step = stepOf(s.step);
        Json work = Json::array(), after = Json::array(), holds = Json::object();
        Minute hands = 0;
        for (const auto& [from, to] : s.work)
            work.push_back({isoTime(from), isoTime(to)}), hands += to - from;
        for (const make::After& a : step.after) {
            StepRef before = s.step;
            before.step = a.step;
            // The sheets of the first copy serve the others.
            if (planning.find(before) < 0) before.copy = 1;
            after.push_back({{"id", files::planId(p, before, stepOf(before))}, {"reason", reasonWord(a.reason)}});
        }
        const auto task = static_cast<std::size_t>(planning.find(s.step));
        // Where the builder laid it on the days, it may wait for other puppets' steps.
        for (const document::StepMove& m : p.moves) {
            if (!m.before || *m.before != results::keyOf(p, all.puppets, s.step)) continue;
            for (int a : planning.problem.tasks[task].after)
                if (const StepRef& before = planning.steps[static_cast<std::size_t>(a)];
                    results::keyOf(p, all.puppets, before) == m.step)
                    after.push_back({{"id", files::planId(p, before, stepOf(before))},
                                     {"reason", reasonWord(make::Reason::own_order)}});
        }
        if (const int place = planning.problem.tasks[task].place; place >= 0 && s.at.placeTo > s.at.from)
            holds[kPlaceWords[place]] = {isoTime(s.at.from), isoTime(s.at.placeTo)};
        const std::string person = files::personOf(p, s);
        last = std::max(last, s.at.done);
        files::listIn(j, "steps")
            .push_back({{"id", files::planId(p, s.step, step)},
                        {"puppet", p.puppets[static_cast<std::size_t>(s.step.puppet)].id},
                        {"copy", s.step.copy},
                        {"kind", make::keyOf(step.kind)},
                        {"subject", step.subject},
                        {"what", stepWords(step)},
                        {"start", isoTime(s.at.from)},
                        {"done", isoTime(s.at.done)},
                        {"work", work},
                        {"hands_min", hands},
                        {"wait_min", s.at.done - s.at.handsEnd},
                        {"person",
                         person.empty() ? Json(s.at.person < 0 ? Json(nullptr) : Json(s.at.person + 1)) : Json(person)},
                        {"slack_min", s.at.slack},
                        {"finished", s.done || s.skipped},
                        {"holds", holds},
                        {"after", after}});
    }
    j["broken"] = Json::array();
    for (const results::PlannedBroken& b : plan.broken)
        files::listIn(j, "broken")
            .push_back({{"step", files::planId(p, b.step, stepOf(b.step))},
                        {"law", checks::keyOf(b.broken.law)},
                        {"thing", b.broken.thing},
                        {"found", b.broken.found},
                        {"limit", b.broken.limit}});
    std::optional<Minute> deadline;
    for (std::size_t i = 0; i < plan.puppets.size(); ++i) {
        const PlannedPuppet& x = plan.puppets[i];
        if (x.deadline) deadline = std::max(deadline.value_or(*x.deadline), *x.deadline);
        files::listIn(j, "puppets")
            .push_back({{"id", p.puppets[i].id},
                        {"done", isoTime(x.end)},
                        {"deadline", x.deadline ? Json(isoTime(*x.deadline)) : Json(nullptr)},
                        {"late_min", x.late}});
    }
    j["wanted"] = Json::array();
    for (const results::PlannedCopy& c : plan.wanted)
        files::listIn(j, "wanted")
            .push_back({{"puppet", p.puppets[static_cast<std::size_t>(c.puppet)].id},
                        {"copy", c.copy},
                        {"shot", p.shots[static_cast<std::size_t>(c.shot)].id},
                        {"by", isoTime(c.by)},
                        {"done", isoTime(c.end)},
                        {"late_min", c.late}});
    Calendar calendar = planning.calendar;
    calendar.start = plan.start;
    j["calendar"] = files::fieldsJson(calendar);
    j["makespan_min"] = last - first, j["bound_min"] = plan.schedule.boundEnd - first;
    j["late_min"] = plan.schedule.late, j["late_bound_min"] = plan.schedule.boundLate;
    j["best"] = plan.schedule.proved;
    j["hands_min"] = plan.hands_min, j["wait_min"] = plan.wait_min;
    j["deadline"] = deadline ? Json(isoTime(*deadline)) : Json(nullptr);
    j["chance"] = numberJson(chance.holds);
    j["done_early"] = isoTime(chance.early), j["done_half"] = isoTime(chance.median),
    j["done_late"] = isoTime(chance.late);
    return j;
}

void planRun(const PlanOptions& o, Run& run) {
    std::optional<Minute> from;
    if (!o.from.empty()) {
        from = parseIsoTime(o.from);
        if (!from)
            return run.fail(
                Fault{words("--from"), "\"" + o.from + "\"", words("must be a time such as 2026-11-30T10:00")});
    }
    auto production = run.load(o.path);
    if (!production) return;
    if (from) {
        Calendar c = document::findCalendar(*production);
        c.start = from, production->calendar = c;
    }
    const ProductionResult all = results::calcResult(*production, *run.cards(), run.tables);
    const Planning planning = results::makePlanning(*production, all.puppets, from.value_or(wallClock()));
    const OpenHours hours = results::findHours(planning);
    const schedule::Schedule found = results::calcSchedule(planning, hours);
    ProductionPlan plan = results::calcPlan(*production, planning, hours, found);
    plan.broken = results::findBroken(*production, all.puppets, plan);
    if (!plan.possible)
        return run.fail(
            Fault{words("calendar"), words("its open hours"), words("do not suffice for the work: open more")});
    if (o.ics) {
        std::cout << files::writeIcs(*production, all, plan, stepWords);
        return;
    }
    if (o.csv) {
        std::cout << files::writePlanCsv(*production, all, plan, stepWords);
        return;
    }
    const Chance chance = results::calcChance(planning, hours, found);
    if (o.json) {
        std::cout << planJson(*production, all, planning, plan, chance).dump(1) << "\n";
        return;
    }
    for (const Planned& s : plan.steps) {
        const make::Step& step =
            all.puppets[static_cast<std::size_t>(s.step.puppet)]->plan.steps[static_cast<std::size_t>(s.step.step)];
        fmt::print("{}  {:<12} {}{}\n", isoTime(s.at.from),
                   production->puppets[static_cast<std::size_t>(s.step.puppet)].name, stepWords(step),
                   s.done ? " (done)" : "");
    }
    for (const results::PlannedBroken& b : plan.broken)
        fmt::print("not so: {}, {}: {} ({})\n", production->puppets[static_cast<std::size_t>(b.step.puppet)].name,
                   stepWords(all.puppets[static_cast<std::size_t>(b.step.puppet)]
                                 ->plan.steps[static_cast<std::size_t>(b.step.step)]),
                   checks::keyOf(b.broken.law), b.broken.thing.english());
    fmt::print("done {}, within {:.0f} % of the best possible\n", isoTime(plan.schedule.end), 100 * plan.gap());
    for (std::size_t i = 0; i < plan.puppets.size(); ++i)
        if (plan.puppets[i].deadline)
            fmt::print("{}: {} for {}, {} in 100\n", production->puppets[i].name, isoTime(plan.puppets[i].end),
                       isoTime(*plan.puppets[i].deadline), std::llround(100 * chance.holds));
}

void logRun(const std::string& path, bool json, Run& run) {
    const auto production = run.load(path);
    if (!production) return;
    if (json) {
        Json all = Json::array();
        for (const document::LogEntry& e : production->log)
            all.push_back(files::fieldsJson(e));
        std::cout << Json{{"log", all}}.dump(1) << "\n";
        return;
    }
    std::cout << files::writeLogCsv(production->log);
}

/// What a ware is called, and what it is counted in.
std::pair<const char*, const char*> wareWords(document::Ware ware) {
    switch (ware) {
    case document::Ware::wire:
        return {"wire", "m"};
    case document::Ware::clay:
        return {"clay", "g"};
    case document::Ware::bulk:
        return {"bulk", "g"};
    case document::Ware::foil:
        return {"foil", "m"};
    case document::Ware::cover:
        return {"cover", "m2"};
    case document::Ware::paint:
        return {"paint", "ml"};
    }
    return {"", ""};
}

void shopRun(const std::string& path, bool json, Run& run) {
    Json list = Json::array();
    forPuppets(
        path, run, [](const auto&, const auto&, const auto&) {},
        [&](const document::Production& p, const ProductionResult& all) {
            for (const Need& n : all.shopping.needs) {
                const auto [ware, unit] = wareWords(n.ware);
                Json whose = Json::array();
                for (int i : n.puppets)
                    whose.push_back(p.puppets[static_cast<std::size_t>(i)].id);
                list.push_back({{"ware", ware},
                                {"card", n.card},
                                {"name", n.name},
                                {"unit", unit},
                                {"needed", n.needed},
                                {"held", n.held},
                                {"buy", n.buy},
                                {"packs", n.packs},
                                {"price", n.price},
                                {"buy_price", n.buyPrice},
                                {"puppets", whose}});
                if (!json && n.buy > 0)
                    fmt::print("{:<32} {:.2f} {} ({:.2f} there of {:.2f})\n", n.name, n.buy, unit, n.held, n.needed);
            }
            if (json)
                std::cout << Json{{"needs", list},
                                  {"price", all.shopping.price},
                                  {"buy_price", all.shopping.buyPrice},
                                  {"currency", p.currency}}
                                 .dump(1)
                          << "\n";
        });
}

} // namespace

void addPlan(CLI::App& program, Run& run) {
    CLI::App* sub = program.add_subcommand("plan", "what is done when: all puppets and doubles on one calendar");
    auto o = std::make_shared<PlanOptions>();
    sub->add_option("FILE", o->path, "an .enkinet container or a production.json")->required();
    sub->add_flag("--json", o->json, "JSON");
    sub->add_flag("--ics", o->ics, "iCalendar");
    sub->add_flag("--csv", o->csv, "one row a step");
    sub->add_option("--from", o->from, "first start, 2026-11-30T10:00; else the calendar's, or now");
    sub->callback([=, &run] { planRun(*o, run); });
    addPuppetCommand(program, run, "log", "what was written down at the bench, as CSV or JSON", logRun);
    addPuppetCommand(program, run, "shop", "what the whole production takes and what to buy", shopRun);
}

} // namespace enkinet::cli
