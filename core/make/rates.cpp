#include "make/rates.h"
#include <cmath>

namespace enkinet::make {

namespace {
constexpr double kNinety = 1.6448536269514722; // of the normal distribution, five in a hundred beyond
}

double Rate::factor() const { return std::exp(mean); }
double Rate::variance() const { return sd * sd + kRateScatter * kRateScatter; }
double Rate::meanFactor() const { return std::exp(mean + variance() / 2); }
double Rate::low() const { return std::exp(mean - kNinety * sd); }
double Rate::high() const { return std::exp(mean + kNinety * sd); }

Rates calcRates(const std::vector<Taken>& all) {
    std::array<double, kStepKinds> sum{};
    Rates rates;
    for (const Taken& t : all) {
        if (!(t.reckoned_min > 0 && t.taken_min >= kSlip * t.reckoned_min)) continue;
        const auto k = static_cast<std::size_t>(t.kind);
        sum[k] += std::log(t.taken_min / t.reckoned_min);
        ++rates[k].steps;
    }
    const double prior = 1 / (kRatePrior * kRatePrior), one = 1 / (kTimingScatter * kTimingScatter);
    for (std::size_t k = 0; k < kStepKinds; ++k) {
        const double weight = prior + rates[k].steps * one;
        rates[k].mean = sum[k] * one / weight, rates[k].sd = std::sqrt(1 / weight);
    }
    return rates;
}

} // namespace enkinet::make
