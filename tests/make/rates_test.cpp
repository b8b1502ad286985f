#include "make/rates.h"
#include "support/near.h"
#include <random>

using namespace enkinet::make;

TEST_CASE("A rate learned from steps is the posterior that a grid finds", "[make]") {
    Random random(4);
    for (int round = 0; round < 20; ++round) {
        std::vector<Taken> taken;
        for (int i = random.whole(0, 8); i > 0; --i)
            taken.push_back({StepKind::skin, random.between(10, 90), random.between(10, 90)});
        const Rate closed = calcRates(taken)[nth(StepKind::skin)];
        // Prior times likelihood on a grid of a thousandth.
        double sum = 0, mean = 0, square = 0;
        for (int k = -6000; k <= 6000; ++k) {
            const double r = k * 0.001;
            double log = -0.5 * r * r / (kRatePrior * kRatePrior);
            for (const Taken& t : taken) {
                const double x = std::log(t.taken_min / t.reckoned_min) - r;
                log -= 0.5 * x * x / (kTimingScatter * kTimingScatter);
            }
            const double w = std::exp(log + 30);
            sum += w, mean += w * r, square += w * r * r;
        }
        mean /= sum;
        CHECK(std::abs(closed.mean - mean) < 1e-6);
        CHECK_NEAR(closed.sd, std::sqrt(square / sum - mean * mean), 1e-6);
        CHECK(closed.steps == static_cast<int>(taken.size()));
        std::reverse(taken.begin(), taken.end());
        CHECK(std::abs(calcRates(taken)[nth(StepKind::skin)].mean - closed.mean) < 1e-12);
    }
}

TEST_CASE("Of 200 simulated builders nine in ten have the rate that was learned of them", "[make]") {
    std::mt19937 engine(77);
    int covered = 0;
    for (int b = 0; b < 200; ++b) {
        // Builders are drawn by a sum of uniforms, not by the program's normal: of the same spread, another shape.
        double truth = 0;
        for (int k = 0; k < 6; ++k)
            truth += std::uniform_real_distribution<double>(-0.5, 0.5)(engine);
        truth *= kRatePrior / std::sqrt(0.5);
        std::vector<Taken> taken;
        for (int i = std::uniform_int_distribution<int>(1, 10)(engine); i > 0; --i)
            taken.push_back({StepKind::paint,
                             20 * std::exp(truth + std::normal_distribution<double>(0, kTimingScatter)(engine)), 20});
        const Rate r = calcRates(taken)[nth(StepKind::paint)];
        covered += std::exp(truth) >= r.low() && std::exp(truth) <= r.high();
    }
    INFO(covered << " of 200");
    CHECK(covered >= 170);
    CHECK(covered <= 190);
}

TEST_CASE("Steps without a clock, or of other kinds, teach nothing", "[make]") {
    const Rates rates = calcRates({{StepKind::skin, 30, 0}, {StepKind::skin, 0, 30}, {StepKind::bulk, 30, 30}});
    CHECK(rates[nth(StepKind::skin)] == Rate{});
    CHECK(rates[nth(StepKind::skin)].factor() == 1);
    CHECK(rates[nth(StepKind::bulk)].steps == 1);
}
