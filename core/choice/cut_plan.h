#pragma once
// Which piece is cut from which offcut, and which from the roll: one-dimensional cutting stock, solved exactly by
// branch and bound for the sizes of a puppet. What is used up is the wire off the roll and the scrap; an offcut's rest
// that is long enough to be of use goes back to the drawer. docs/mechanics.md 79.
#include "choice/cut_list.h"
#include "document/spool.h"

namespace enkinet::choice {

inline constexpr double kUsable_mm = 60; ///< a rest at least so long is kept

/// One length of wire that pieces are cut from.
struct Sawn {
    int offcut = -1; ///< index into the lengths given; -1: off the roll
    std::vector<int> pieces;
    double left_mm = 0; ///< of an offcut
    bool scrap() const { return offcut >= 0 && left_mm > 0 && left_mm < kUsable_mm; }
    friend bool operator==(const Sawn&, const Sawn&) = default;
};

struct Sawing {
    std::vector<Sawn> lengths; ///< only those that are used
    std::vector<int> missing;  ///< pieces that neither offcuts nor roll yield
    double roll_mm = 0, scrap_mm = 0;
    bool proved = true; ///< false: the search was ended early, and a better plan may exist
    friend bool operator==(const Sawing&, const Sawing&) = default;
};

/// Least roll + scrap among the plans that leave the least length of pieces missing; then fewest offcuts.
Sawing calcSawing(const std::vector<double>& pieces_mm, const std::vector<double>& offcuts_mm, double roll_mm);

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
    Sawing sawing;
    friend bool operator==(const SpoolPlan&, const SpoolPlan&) = default;
};

/// One plan a spool that something is to be cut from; what is cut already is left out. roll_mm: one a spool.
std::vector<SpoolPlan> calcCutPlan(const std::vector<Cut>& cuts, const std::vector<std::string>& spools,
                                   const std::vector<double>& roll_mm, const std::vector<document::Offcut>& offcuts);

} // namespace enkinet::choice
