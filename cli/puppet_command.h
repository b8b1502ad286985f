#pragma once
// What the subcommands that read a production file share.
#include "commands.h"
#include "production/report.h"

namespace enkinet::cli {

/// Calls each(production, puppet, report) for every puppet of a file; nothing when the file is refused.
template <class Each> void forPuppets(const std::string& path, Run& run, Each each) {
    const auto production = run.load(path);
    if (!production) return;
    for (std::size_t i = 0; i < production->puppets.size(); ++i)
        each(*production, production->puppets[i],
             production::calcReport(*production, static_cast<int>(i), *run.cards(), run.tables));
}

/// What is wrong with the subject of an open point, in words.
const char* issueWord(production::Issue issue);

/// A subcommand with a FILE and --json; action(path, json, run) does the work.
CLI::App* addPuppetCommand(CLI::App& program, Run& run, const char* name, const char* help,
                           void (*action)(const std::string&, bool, Run&));

} // namespace enkinet::cli
