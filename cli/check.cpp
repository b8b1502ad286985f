#include "puppet_command.h"
#include <fmt/format.h>
#include <iostream>

namespace enkinet::cli {

using files::Json;
using production::Report;

namespace {

void checkRun(const std::string& path, bool json, Run& run) {
    std::size_t open = 0;
    Json all = Json::array();
    constexpr const char* kStations[] = {"sheet", "wire", "bulk", "skin", "paint", "plan"};
    forPuppets(path, run, [&](const auto&, const body::Puppet& puppet, const Report& r) {
        const auto say = [&](const production::OpenPoint& p, const char* weight) {
            const bool joint = p.issue == production::Issue::limb_state;
            const std::string what = joint ? stateWord(p.state) : issueWord(p.issue);
            if (json)
                all.push_back({{"puppet", puppet.id},
                               {"station", kStations[static_cast<int>(p.station)]},
                               {"subject", p.subject},
                               {"what", what},
                               {"weight", weight},
                               {"key", p.key},
                               {"found", numberJson(p.found)},
                               {"limit", numberJson(p.limit)}});
            else
                fmt::print("{}, {}: {}{}: {}\n", puppet.name, kStations[static_cast<int>(p.station)],
                           std::string_view(weight) == "open" ? "" : fmt::format("({}) ", weight), p.subject, what);
        };
        open += r.open.size();
        for (const production::OpenPoint& p : r.open)
            say(p, "open");
        for (const production::OpenPoint& p : r.left)
            say(p, "left");
        for (const production::OpenPoint& p : r.notes)
            say(p, "note");
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
