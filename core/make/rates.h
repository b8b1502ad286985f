#pragma once
// How fast this builder works, learned from the log: by kind of step the minutes taken over the minutes reckoned, in
// natural logarithms. docs/mechanics.md 127.
//   x_i = ln(taken / reckoned) ~ N(rate, 0.7²),  rate ~ N(0, 0.5²)
//   posterior: variance v = 1 / (1/0.5² + n/0.7²), mean v · Σ x_i / 0.7²: one timing moves it by a third of the way
// Steps scatter by 0.3 about the rate; a timing tells of it less sharply, for who starts and stops a clock forgets it.
#include "make/steps.h"
#include <array>

namespace enkinet::make {

inline constexpr double kRatePrior = 0.5;     ///< spread of builders about the typical minutes, ln, typical
inline constexpr double kRateScatter = 0.3;   ///< of one step about the builder's own rate, ln, typical
inline constexpr double kTimingScatter = 0.7; ///< of one timing about it, ln, typical
/// A clock that shows less than this share of what was reckoned was a slip of the finger, not the work.
inline constexpr double kSlip = 0.1;
inline constexpr std::size_t kStepKinds = static_cast<std::size_t>(StepKind::sign_off) + 1;

struct Rate {
    double mean = 0, sd = kRatePrior; ///< of the rate, ln
    int steps = 0;                    ///< that it was learned from
    double factor() const;            ///< on the typical minutes: the median
    double variance() const;          ///< of ln of one step's minutes about it
    double meanFactor() const;        ///< on the typical minutes: the mean, median x exp(variance / 2)
    double low() const, high() const; ///< factor: nine in ten lie between
    friend bool operator==(const Rate&, const Rate&) = default;
};
struct Taken {
    StepKind kind = StepKind::gate;
    double taken_min = 0, reckoned_min = 0; ///< both above 0, and no slip, else it teaches nothing
};
using Rates = std::array<Rate, kStepKinds>;
Rates calcRates(const std::vector<Taken>& taken);

} // namespace enkinet::make
