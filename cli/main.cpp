// enkinet-cli: what the core computes, for scripts. Exit status 0; 1 for open points found by check; 2 for bad input; 3
// where memory does not suffice.
#include "commands.h"
#include <cmath>
#include <iostream>
#include <new>
#include <string_view>
#include <system_error>
#include <unistd.h>

namespace enkinet::cli {

const document::Cards* Run::cards() {
    if (!shipped) {
        auto loaded = files::loadShippedCards(files::findDataDir());
        if (!loaded) {
            fail(loaded.fault());
            return nullptr;
        }
        shipped = loaded.take();
    }
    return &*shipped;
}

void Run::fail(const Fault& fault) { fail(fault.sentence()); }

void Run::fail(const std::string& sentence) {
    std::string line = sentence;
    for (char& c : line)
        if (static_cast<unsigned char>(c) < 32) c = ' ';
    std::cerr << "enkinet-cli: " << line << "\n";
    status = kBadInput;
}

std::optional<document::Production> Run::load(const std::string& path) {
    const document::Cards* known = cards();
    if (!known) return {};
    auto loaded = files::loadProduction(path, *known);
    if (!loaded) {
        fail(loaded.fault());
        return {};
    }
    return loaded.take().production;
}

files::Json numberJson(double value) { return std::isfinite(value) ? files::Json(value) : files::Json(nullptr); }

} // namespace enkinet::cli

namespace {

/// Whatever was being done, it is given up in words: files are written beside and renamed, so none is half written.
[[noreturn]] void outOfMemory() {
    constexpr std::string_view kSaid = "enkinet-cli: not enough memory: nothing was written\n";
    [[maybe_unused]] const auto written = ::write(STDERR_FILENO, kSaid.data(), kSaid.size());
    ::_exit(enkinet::cli::kNoMemory);
}

} // namespace

int main(int argc, char** argv) {
    using namespace enkinet::cli;
    std::set_new_handler(outOfMemory);
    CLI::App program{"Enkinet: wire armatures for stop-motion puppets, computed"};
    program.require_subcommand(1);
    program.set_version_flag("--version", "enkinet-cli " ENKINET_VERSION);
    Run run;
    addWire(program, run);
    addChoose(program, run);
    addCutList(program, run);
    addSummary(program, run);
    addCheck(program, run);
    addBake(program, run);
    addFields(program);
    addFill(program, run);
    addPatterns(program, run);
    addThings(program, run);
    addPlan(program, run);
    addMix(program, run);
    addShoot(program, run);
    try {
        program.parse(argc, argv);
    } catch (const CLI::ParseError& e) {
        if (e.get_exit_code() == 0) return program.exit(e);
        run.fail(std::string(e.what()));
    } catch (const std::system_error&) {
        outOfMemory(); // a thread that could not be started
    } catch (const std::bad_alloc&) {
        outOfMemory();
    }
    return run.status;
}
