#include "puppet_command.h"

namespace enkinet::cli {

CLI::App* addPuppetCommand(CLI::App& program, Run& run, const char* name, const char* help,
                           void (*action)(const std::string&, bool, Run&)) {
    CLI::App* sub = program.add_subcommand(name, help);
    auto path = std::make_shared<std::string>();
    auto json = std::make_shared<bool>(false);
    sub->add_option("FILE", *path, "an .enkinet container or a production.json")->required();
    sub->add_flag("--json", *json, "JSON");
    sub->callback([=, &run] { action(*path, *json, run); });
    return sub;
}

} // namespace enkinet::cli
