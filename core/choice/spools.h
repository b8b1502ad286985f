#pragma once
// Fewest spools: the smallest set of spools from which every limb can be made that can be made at all. A set cover,
// solved exactly by branch and bound: branch on the limb with fewest spools, cut what cannot beat the best; among sets
// of the same size the cheapest. docs/mechanics.md 72.
#include <utility>
#include <vector>

namespace enkinet::choice {

/// One limb: spools that serve it, with the price of serving it from each.
using Servers = std::vector<std::pair<int, double>>;

struct SpoolCover {
    std::vector<int> spools; ///< ascending
    double price = 0;        ///< every limb from its cheapest spool of the set
    bool proved = true;      ///< false: the search was ended early, and a smaller set may exist
    friend bool operator==(const SpoolCover&, const SpoolCover&) = default;
};

/// Limbs that nothing serves are passed over. open: spools that are used anyway and cost no new one.
SpoolCover calcFewestSpools(const std::vector<Servers>& limbs, int spools, const std::vector<int>& open = {});

} // namespace enkinet::choice
