#pragma once
// A build carried out on paper: what there is, made of what, wet since when, set from when, under what. It knows the
// design and the cards, and of the plan no more than which step begins when; it shares nothing with what made the plan,
// and says where the two disagree. docs/mechanics.md 154.
#include "checks/facts.h"

namespace enkinet::checks {

struct Act {
    int step = 0; ///< of the puppet's plan
    int copy = 1;
    double from = 0, handsEnd = 0, end = 0; ///< minutes of one clock, nights and all
    int person = -1;                        ///< -1: not known
    friend bool operator==(const Act&, const Act&) = default;
};

/// A crust is on air-dry clay so long after it was opened, at 20 °C and 50 % damp, typical; under a damp cloth it takes
/// so many times as long.
inline constexpr double kCrust_min = 30, kUnderCloth = 8;

/// One puppet's acts, copies apart, in any order. room_C: of the workshop. Each law once a step, thing and copy.
std::vector<Broken> replay(const body::Puppet& puppet, const Facts& report, double room_C, std::vector<Act> acts);

/// The acts of the puppet's own plan: one pair of hands, no nights.
std::vector<Act> actsOf(const make::Plan& plan);

} // namespace enkinet::checks
