#include "files/cut_list_file.h"
#include "puppet_command.h"
#include <fmt/format.h>
#include <iostream>

namespace enkinet::cli {

using files::Json;
using results::Report;

namespace {

void cutListRun(const std::string& path, bool json, Run& run) {
    Json all = Json::array();
    std::string csv;
    forPuppets(path, run, [&](const auto& production, const body::Puppet& puppet, const Report& r) {
        if (json)
            for (Json& row : files::cutListJson(production, puppet, r.cuts))
                all.push_back(std::move(row));
        else
            csv += files::writeCutListCsv(production, puppet, r.cuts, csv.empty());
    });
    if (run.status == 0) std::cout << (json ? all.dump(1) + "\n" : csv);
}

} // namespace

void addCutList(CLI::App& program, Run& run) {
    CLI::App* sub =
        addPuppetCommand(program, run, "cutlist", "what to cut and how to twist it, CSV unless --json", cutListRun);
    const std::string help = "CSV, as without it";
    sub->add_flag("--csv", help)->excludes("--json");
}

} // namespace enkinet::cli
