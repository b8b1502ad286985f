// From an edit to the whole result of the production, by memory, on the demo and on a creature of 200 limbs; and how
// soon work that is asked to stop has stopped.
#include "creature.h"
#include "document/edits.h"
#include "files/container.h"
#include "results/remedies.h"
#include "results/result.h"
#include "stop.h"
#include <benchmark/benchmark.h>

using namespace enkinet;
using namespace enkinet::document;
using namespace enkinet::results;

namespace {

const std::string kData = std::string(ENKINET_SOURCE_DIR) + "/data";

const Cards& cards() {
    static const auto all = files::loadShippedCards(kData);
    return *all;
}
wire::TableShelf& tables() {
    static wire::TableShelf shelf;
    return shelf;
}
const Production& demo() {
    static const auto p = files::loadProduction(kData + "/demo/post-for-the-tide-house.json", cards());
    return p->production;
}
using Edit = std::function<Edits::Changed(const Edits&, int)>;
void follow(benchmark::State& state, Production p, const Edit& edit) {
    Memo memo;
    calcResult(p, cards(), tables(), memo);
    int i = 0;
    for (auto _ : state) {
        auto next = edit(Edits(p, cards(), "tansy"), ++i);
        p = next.take();
        benchmark::DoNotOptimize(calcResult(p, cards(), tables(), memo));
    }
}

Edits::Changed rename(const Edits& e, int i) { return e.setName(i % 2 ? "Tansy" : "Tansie"); }
Edits::Changed gap(const Edits& e, int i) { return e.setGap("leg", "knee", 12 + 0.001 * (i % 1000)); }
Edits::Changed skin(const Edits& e, int i) {
    return e.chain({[i](const Edits& x) { return x.setSectionSkin("leg", 2, 0, 2.5 + 0.0005 * (i % 1000)); }});
}

void BM_Rename(benchmark::State& s) { follow(s, demo(), rename); }
void BM_Gap(benchmark::State& s) { follow(s, demo(), gap); }
void BM_Skin(benchmark::State& s) { follow(s, demo(), skin); }
void BM_FirstResult(benchmark::State& state) {
    for (auto _ : state)
        benchmark::DoNotOptimize(calcResult(demo(), cards(), tables()));
}
void BM_RenameCreature(benchmark::State& s) { follow(s, bench::creature(demo(), 200), rename); }
void BM_GapCreature(benchmark::State& s) { follow(s, bench::creature(demo(), 200), gap); }
BENCHMARK(BM_Rename)->Unit(benchmark::kMillisecond)->Repetitions(5)->ReportAggregatesOnly(true);
BENCHMARK(BM_Gap)->Unit(benchmark::kMillisecond)->Repetitions(5)->ReportAggregatesOnly(true);
BENCHMARK(BM_Skin)->Unit(benchmark::kMillisecond)->Repetitions(5)->ReportAggregatesOnly(true);
BENCHMARK(BM_FirstResult)->Unit(benchmark::kMillisecond)->Repetitions(5)->ReportAggregatesOnly(true);
BENCHMARK(BM_RenameCreature)->Unit(benchmark::kMillisecond)->Iterations(5);
BENCHMARK(BM_GapCreature)->Unit(benchmark::kMillisecond)->Iterations(5);

/// A result, or remedies, of 200 limbs.
const Production& manyLimbs() {
    static const Production p = bench::creature(demo(), 200);
    return p;
}
void BM_StopResult(benchmark::State& state) {
    // The memory stays with who asks.
    std::vector<std::unique_ptr<Memo>> memories;
    bench::stopAt(state, 900, 37, [&](const std::stop_token& stop) {
        Memo& memo = *memories.emplace_back(std::make_unique<Memo>());
        calcResult(manyLimbs(), cards(), tables(), memo, stop);
    });
}
void BM_StopRemedies(benchmark::State& state) {
    std::vector<std::unique_ptr<choice::ChoiceMemo>> memories;
    bench::stopAt(state, 900, 37, [&](const std::stop_token& stop) {
        auto& memo = *memories.emplace_back(std::make_unique<choice::ChoiceMemo>());
        calcRemedies(manyLimbs(), 0, 2, cards(), tables(), stop, {}, &memo);
    });
}
BENCHMARK(BM_StopResult)->Unit(benchmark::kMillisecond)->Iterations(1);
BENCHMARK(BM_StopRemedies)->Unit(benchmark::kMillisecond)->Iterations(1);

} // namespace
