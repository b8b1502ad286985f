#pragma once
// What the subcommands that read a production file share.
#include "commands.h"
#include "results/result.h"
#include <type_traits>

namespace enkinet::cli {

/// Calls each(production, puppet, report) for every puppet of a file, then after(production, result) if it is given;
/// nothing when the file is refused.
template <class Each, class After = int>
void forPuppets(const std::string& path, Run& run, Each each, After after = {}) {
    const auto production = run.load(path);
    if (!production) return;
    const results::ProductionResult all = results::calcResult(*production, *run.cards(), run.tables);
    for (std::size_t i = 0; i < production->puppets.size(); ++i)
        each(*production, production->puppets[i], *all.puppets[i]);
    if constexpr (std::is_invocable_v<After, const document::Production&, const results::ProductionResult&>)
        after(*production, all);
}

/// A subcommand with a FILE and --json; action(path, json, run) does the work.
CLI::App* addPuppetCommand(CLI::App& program, Run& run, const char* name, const char* help,
                           void (*action)(const std::string&, bool, Run&));

} // namespace enkinet::cli
