// Candidate-joint evaluations a second on both routes, and the counting of a film's worth of angles.
#include "base/units.h"
#include "files/container.h"
#include "wire/calibration.h"
#include "wire/rainflow.h"
#include <benchmark/benchmark.h>
#include <random>

using namespace enkinet;
using namespace enkinet::wire;

namespace {

struct Case {
    Bundle bundle;
    GapBend bend;
};

const MaterialCard& card() {
    static const auto cards = files::loadShippedCards(std::string(ENKINET_SOURCE_DIR) + "/data");
    return cards->wires.front();
}

/// The same thousand bends for both routes.
const std::vector<Case>& cases() {
    static const std::vector<Case> all = [] {
        std::mt19937 engine(7);
        const auto between = [&](double a, double b) { return std::uniform_real_distribution<double>(a, b)(engine); };
        std::vector<Case> v;
        while (v.size() < 1000) {
            Bundle b{kStrandCounts[engine() % 5], between(0.5, 2), 0};
            if (b.strands > 1 && engine() % 3) b.lay_mm = findShortestLay(b.strands, b.diameter_mm) * between(1, 4);
            const double angle = degToRad(between(10, 60));
            v.push_back({b, {between(9, 16), angle, angle, 1.3, degToRad(0.5)}});
        }
        return v;
    }();
    return all;
}

void BM_FastRoute(benchmark::State& state) {
    const BendTable table(card());
    std::size_t i = 0;
    for (auto _ : state) {
        const Case& c = cases()[i++ % cases().size()];
        benchmark::DoNotOptimize(table.findBend(c.bundle, c.bend));
    }
    state.SetItemsProcessed(state.iterations());
}
BENCHMARK(BM_FastRoute)->Repetitions(5)->ReportAggregatesOnly(true);

void BM_ExactRoute(benchmark::State& state) {
    std::size_t i = 0;
    for (auto _ : state) {
        const Case& c = cases()[i++ % cases().size()];
        benchmark::DoNotOptimize(calcWireBend(card(), c.bundle, c.bend));
    }
    state.SetItemsProcessed(state.iterations());
}
BENCHMARK(BM_ExactRoute)->MinTime(0.2)->Repetitions(5)->ReportAggregatesOnly(true);

void BM_MakeTable(benchmark::State& state) {
    for (auto _ : state)
        benchmark::DoNotOptimize(BendTable(card()));
}
BENCHMARK(BM_MakeTable)->Unit(benchmark::kMillisecond);

void BM_FilmOf60Joints(benchmark::State& state) {
    const BendTable table(card());
    std::mt19937 engine(8);
    std::normal_distribution<double> step(0, 0.05);
    std::vector<std::vector<double>> joints(60, std::vector<double>(10000));
    for (auto& j : joints) {
        double angle = 0;
        for (double& v : j)
            v = angle = std::clamp(angle + step(engine), -0.5, 0.5);
    }
    for (auto _ : state)
        for (const auto& j : joints)
            benchmark::DoNotOptimize(calcHistoryDamage(table, {2, 1.5, 12}, {12, 0.5, 1, 1.3, 0.01}, j));
}
BENCHMARK(BM_FilmOf60Joints)->Unit(benchmark::kMillisecond);

} // namespace
