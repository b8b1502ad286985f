#include "puppet_command.h"
#include <fmt/format.h>
#include <iostream>

namespace enkinet::cli {

using files::Json;
using results::Report;

namespace {

void checkRun(const std::string& path, bool json, Run& run) {
    std::size_t open = 0;
    Json all = Json::array();
    const auto sayer = [&](const std::string& id, const std::string& name) {
        return [&all, json, id, name](const findings::Finding& f, const char* weight) {
            const std::string says = f.sentence().english();
            if (json)
                all.push_back({{"puppet", id},
                               {"station", findings::keyOf(f.station())},
                               {"subject", f.subject},
                               {"what", f.kind->word},
                               {"weight", weight},
                               {"key", f.key},
                               {"says", says},
                               {"found", numberJson(f.found)},
                               {"limit", numberJson(f.limit)},
                               {"because", f.because}});
            else
                fmt::print("{}, {}: {}{} [{}]\n", name, findings::keyOf(f.station()),
                           std::string_view(weight) == "open" ? ""
                           : f.because.empty()                ? fmt::format("({}) ", weight)
                                                              : fmt::format("({}: {}) ", weight, f.because),
                           says, f.key);
        };
    };
    const auto each = [&](const auto&, const body::Puppet& puppet, const Report& r) {
        const auto say = sayer(puppet.id, puppet.name);
        open += r.open.size();
        for (const findings::Finding& p : r.open)
            say(p, "open");
        for (const findings::Finding& p : r.left)
            say(p, "left");
        for (const findings::Finding& p : r.notes)
            say(p, "note");
    };
    // What the stock lacks is said once, for all puppets.
    forPuppets(path, run, each, [&](const document::Production& p, const results::ProductionResult& result) {
        const auto say = sayer("", p.name.empty() ? "all puppets" : p.name);
        open += result.open.size();
        for (const findings::Finding& x : result.open)
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
