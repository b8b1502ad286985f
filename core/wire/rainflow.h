#pragma once
// Histories of joint angles reduced to cycles by rainflow counting (ASTM E1049-85, 5.4.4), and summed by Miner's rule.
// docs/mechanics.md 20, 21.
#include "wire/bend_table.h"
#include <span>

namespace enkinet::wire {

struct Cycle {
    double range = 0, mean = 0;
    double count = 1; ///< 1, or 0.5 for a half cycle
    friend bool operator==(const Cycle&, const Cycle&) = default;
};

/// Only the turning points of a history, its first and last value included.
std::vector<double> findTurningPoints(std::span<const double> history);

/// Cycles of a history in the order in which they close; half cycles of what is left at the end. Fewer than two
/// different values give none.
std::vector<Cycle> calcRainflow(std::span<const double> history);

/// Share of a bundle's life that a history of angles in rad spends at a joint: sum of count/N at each cycle's strain
/// amplitude, no springback added (a recorded angle is what the wire did). Multiplied lives (calibration) divide it.
double calcHistoryDamage(const BendTable& table, const Bundle& bundle, const GapBend& bend,
                         std::span<const double> angles_rad);

} // namespace enkinet::wire
