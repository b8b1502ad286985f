#include "puppet_command.h"
#include <fmt/format.h>
#include <iostream>

namespace enkinet::cli {

using files::Json;
using results::Report;

namespace {

const char* stationWord(results::Station s) {
    switch (s) {
    case results::Station::sheet:
        return "sheet";
    case results::Station::wire:
        return "wire";
    case results::Station::bulk:
        return "bulk";
    case results::Station::skin:
        return "skin";
    case results::Station::paint:
        return "paint";
    case results::Station::plan:
        return "plan";
    case results::Station::shoot:
        return "shoot";
    case results::Station::bench:
        return "bench";
    }
    return "";
}

void checkRun(const std::string& path, bool json, Run& run) {
    std::size_t open = 0;
    Json all = Json::array();
    const auto sayer = [&](const std::string& id, const std::string& name) {
        return [&all, json, id, name](const results::OpenPoint& p, const char* weight) {
            const bool joint = p.issue == results::Issue::limb_state;
            const std::string what = joint ? choice::keyOf(p.state) : issueWord(p.issue);
            if (json)
                all.push_back({{"puppet", id},
                               {"station", stationWord(p.station)},
                               {"subject", p.subject},
                               {"what", what},
                               {"weight", weight},
                               {"key", p.key},
                               {"found", numberJson(p.found)},
                               {"limit", numberJson(p.limit)}});
            else
                fmt::print("{}, {}: {}{}: {}{}\n", name, stationWord(p.station),
                           std::string_view(weight) == "open" ? "" : fmt::format("({}) ", weight), p.subject.english(),
                           what,
                           p.issue >= results::Issue::buy_wire && !p.other.empty() ? " for " + p.other.english()
                                                                                   : std::string());
        };
    };
    const auto each = [&](const auto&, const body::Puppet& puppet, const Report& r) {
        const auto say = sayer(puppet.id, puppet.name);
        open += r.open.size();
        for (const results::OpenPoint& p : r.open)
            say(p, "open");
        for (const results::OpenPoint& p : r.left)
            say(p, "left");
        for (const results::OpenPoint& p : r.notes)
            say(p, "note");
    };
    // What the stock lacks is said once, for all puppets.
    forPuppets(path, run, each, [&](const document::Production& p, const results::ProductionResult& result) {
        const auto say = sayer("", p.name.empty() ? "all puppets" : p.name);
        open += result.open.size();
        for (const results::OpenPoint& x : result.open)
            say(x, "open");
    });
    if (run.status != 0) return;
    if (json)
        std::cout << all.dump(1) << "\n";
    else if (open == 0)
        fmt::print("No open points.\n");
    if (open > 0) run.status = kOpenPoints;
}

} // namespace

void addCheck(CLI::App& program, Run& run) {
    addPuppetCommand(program, run, "check", "open points; exit status 1 when there are any", checkRun);
}

} // namespace enkinet::cli
