#pragma once
// By which rules a production was last judged, and what newer ones say differently.
#include "results/result.h"

namespace enkinet::results {

/// Rises with every change of a model: whenever the same file could get another word, wire, weight or hour.
inline constexpr int kRules = 2;

/// Of every puppet what there is to compare: wires, words of joints, grams, minutes of work.
document::Judged makeJudged(const Production& production, const std::vector<std::shared_ptr<const Report>>& reports);

/// What sheets printed now say of the report's puppet.
document::PrintedSheets makePrinted(const body::Puppet& puppet, const Report& report, Minute at);
/// Limbs, by id, whose wire or cut is no longer as it was printed; those that were not printed are none of them.
std::vector<std::string> findOutdated(const document::PrintedSheets& printed, const body::Puppet& puppet,
                                      const Report& report);

struct Rejudged {
    enum class What { wire, joint, grams, minutes };
    What what = What::wire;
    std::string puppet, limb, joint; ///< ids
    std::string before, after;       ///< wires and words
    double from = 0, to = 0;         ///< grams or minutes
    friend bool operator==(const Rejudged&, const Rejudged&) = default;
};
/// Only of what both know: a puppet, limb or joint that one of them lacks says nothing. Grams and minutes from a
/// hundredth of them on.
std::vector<Rejudged> findRejudged(const document::Judged& before, const document::Judged& after);

} // namespace enkinet::results
