#pragma once
// The subcommands of enkinet-cli. Each adds itself to the program and, when called, leaves its exit status.
#include "choice/verdict.h"
#include "files/container.h"
#include "files/reader.h"
#include <CLI/CLI.hpp>
#include <memory>
#include <optional>

namespace enkinet::cli {

inline constexpr int kOpenPoints = 1, kBadInput = 2, kNoMemory = 3;

/// What a run shares: the shipped cards and the exit status.
struct Run {
    int status = 0;
    wire::TableShelf tables;
    std::optional<document::Cards> shipped;

    /// The shipped cards; null, with the reason said and the status set, when they cannot be read.
    const document::Cards* cards();
    /// Says one line on standard error and sets the status.
    void fail(const Fault& fault);
    void fail(const std::string& sentence);
    /// A production from a file; empty when it was refused.
    std::optional<document::Production> load(const std::string& path);
};

void addWire(CLI::App& program, Run& run);
void addChoose(CLI::App& program, Run& run);
void addCutList(CLI::App& program, Run& run);
void addSummary(CLI::App& program, Run& run);
void addCheck(CLI::App& program, Run& run);
void addBake(CLI::App& program, Run& run);
void addFields(CLI::App& program);
void addFill(CLI::App& program, Run& run);
void addThings(CLI::App& program, Run& run);
void addPatterns(CLI::App& program, Run& run);
void addPlan(CLI::App& program, Run& run);  ///< with log and shop
void addMix(CLI::App& program, Run& run);   ///< with film and paint
void addShoot(CLI::App& program, Run& run); ///< motion, shoot and wear

/// A finite number for JSON, or null where a value could not be computed.
files::Json numberJson(double value);

} // namespace enkinet::cli
