#pragma once
// Set cover, solved exactly by branch and bound: the fewest suppliers that serve all who can be served; branch on whom
// fewest serve, cut what cannot beat the best; among sets of the same size the cheapest. docs/mechanics.md 72.
#include "solve/effort.h"
#include <utility>
#include <vector>

namespace enkinet::solve {

struct CoverProblem {
    /// By customer: suppliers that serve it, with the price of being served by each. Whom nothing serves is passed
    /// over.
    std::vector<std::vector<std::pair<int, double>>> customers;
    int suppliers = 0;
    std::vector<int> open{}; ///< suppliers that are there anyway and cost no new one
};

struct Cover : Proof {
    std::vector<int> suppliers; ///< ascending
    double price = 0;           ///< every customer by its cheapest of the set
    friend bool operator==(const Cover&, const Cover&) = default;
};

/// Counts branches.
Cover calcBest(const CoverProblem& problem, const Effort& effort = {});

} // namespace enkinet::solve
