// What a production's file can hold.
#include "commands.h"
#include "files/described_doc.h"
#include <iostream>

namespace enkinet::cli {

void addFields(CLI::App& program) {
    program.add_subcommand("fields", "Every key of a production's file: what it is, its unit and its limits")
        ->callback([] { std::cout << files::describeFields(); });
}

} // namespace enkinet::cli
