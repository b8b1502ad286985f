#pragma once
// Where the builder laid steps on the days of the plan.
#include "base/calendar.h"
#include <compare>

namespace enkinet::document {

/// A step of one copy of a puppet.
struct StepKey {
    std::string puppet; ///< id
    int copy = 1;
    std::string step; ///< id
    friend auto operator<=>(const StepKey&, const StepKey&) = default;
};

/// Where the builder wants a step: not before a time, or before another step, of whichever puppet.
struct StepMove {
    StepKey step;
    std::optional<Minute> notBefore{};
    std::optional<StepKey> before{};
    friend bool operator==(const StepMove&, const StepMove&) = default;
};
inline constexpr std::size_t kMostMoves = 1000;

} // namespace enkinet::document
