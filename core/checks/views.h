#pragma once
// Which picture shows which part from which side, and pictures that contradict each other: seen before wire is cut.
#include "checks/facts.h"

namespace enkinet::checks {

struct PartViews {
    int part = 0;
    std::array<int, body::kSides> picture{-1, -1, -1, -1, -1}; ///< index of the first that shows it; -1: none
    friend bool operator==(const PartViews&, const PartViews&) = default;
};
/// Parts with a surface, a left and a right one once. A picture shows what its frame holds the middle of; one that is
/// turned, one of unknown size, and one from below show everything.
std::vector<PartViews> calcViews(const body::Puppet& puppet, const choice::PuppetChoice& choice);

/// Two pictures in which the figure is not equally high, by more than a fiftieth of the puppet's height.
struct Disagreement {
    int one = 0, other = 0;          ///< pictures
    double one_mm = 0, other_mm = 0; ///< how high the figure is in each
    friend bool operator==(const Disagreement&, const Disagreement&) = default;
};
inline constexpr double kDisagree = 0.02;
std::vector<Disagreement> findDisagreements(const body::Puppet& puppet);

} // namespace enkinet::checks
