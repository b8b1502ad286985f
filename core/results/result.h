#pragma once
// What follows from a whole production: every puppet's report, and what they take together of one stock. By memory an
// edit works out what it touches, and the answer is the same.
#include "results/report.h"

namespace enkinet::results {

struct ProductionResult {
    std::vector<std::shared_ptr<const Report>> puppets;
    std::vector<std::shared_ptr<const Report>> aside; ///< of the design that a puppet keeps aside; null without one
    Shopping shopping;
    std::vector<Finding> open; ///< of the stock, each once for the whole production
};

/// Memory of a production's results; not shared between threads.
struct Memo {
    std::map<std::string, PuppetMemo> puppets; ///< by id
    std::shared_ptr<CalibrationMemo> calibrations = std::make_shared<CalibrationMemo>();
};
/// Throws Stopped when asked to stop; the memory then stays sound.
ProductionResult calcResult(const Production& production, const Cards& shipped, wire::TableShelf& tables, Memo& memo,
                            const std::stop_token& stop = {});
ProductionResult calcResult(const Production& production, const Cards& shipped, wire::TableShelf& tables);

/// What can be shown at once of a puppet whose results are still being worked out: where its parts lie. Where the
/// puppet is built alike, of the same spools, cards and schemes, all other numbers are carried over from the former
/// result, and stale; else there are none. sketched is set. formerOf: what the former result was worked out from; null
/// for none.
Report calcSketch(const Production& production, int puppet, const Cards& shipped, const Production* formerOf,
                  const ProductionResult* former);

} // namespace enkinet::results
