#pragma once
// One-dimensional cutting stock, solved exactly by branch and bound for some dozens of pieces: which piece is cut from
// which length that lies there, and which off the roll. What is used up is the roll and the scrap; a rest that is long
// enough to be of use goes back. docs/mechanics.md 79.
#include "solve/effort.h"
#include <vector>

namespace enkinet::solve {

struct SawProblem {
    std::vector<double> pieces_mm, lengths_mm;
    double roll_mm = 0;
    double usable_mm = 60; ///< a rest at least so long is kept
};

/// One length that pieces are cut from.
struct Sawn {
    int length = -1; ///< index into the lengths given; -1: off the roll
    std::vector<int> pieces;
    double left_mm = 0; ///< of a length
    bool scrap = false; ///< what is left is too short to be kept
    friend bool operator==(const Sawn&, const Sawn&) = default;
};

struct Sawing : Proof {
    std::vector<Sawn> lengths; ///< only those that are used
    std::vector<int> missing;  ///< pieces that neither lengths nor roll yield
    double roll_mm = 0, scrap_mm = 0;
    friend bool operator==(const Sawing&, const Sawing&) = default;
};

/// Least roll + scrap among the plans that leave the least length of pieces missing; then fewest lengths. Counts pieces
/// put down.
Sawing calcBest(const SawProblem& problem, const Effort& effort = {});

} // namespace enkinet::solve
