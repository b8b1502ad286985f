#pragma once
// Which piece of a puppet is cut from which offcut, and which from the roll. docs/mechanics.md 79.
#include "choice/cut_list.h"
#include "document/spool.h"
#include "solve/sawing.h"

namespace enkinet::choice {

inline constexpr double kUsable_mm = 60; ///< a rest at least so long is kept

/// A piece of a cut: its group and which of the group's.
struct PieceRef {
    int cut = 0, group = 0;
    double length_mm = 0;
    friend bool operator==(const PieceRef&, const PieceRef&) = default;
};

struct SpoolPlan {
    int spool = 0;
    std::vector<PieceRef> pieces;
    std::vector<int> offcuts; ///< indices into the stock's offcuts, in the order that `sawing` counts them
    solve::Sawing sawing;     ///< its lengths are the offcuts above
    friend bool operator==(const SpoolPlan&, const SpoolPlan&) = default;
};

/// One plan a spool that something is to be cut from; what is cut already is left out. roll_mm: one a spool.
std::vector<SpoolPlan> calcCutPlan(const std::vector<Cut>& cuts, const std::vector<std::string>& spools,
                                   const std::vector<double>& roll_mm, const std::vector<document::Offcut>& offcuts,
                                   const std::stop_token& stop = {});

} // namespace enkinet::choice
