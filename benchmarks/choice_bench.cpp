// The whole choice for the demo's puppets from a well-stocked shelf: the first time, after a change of load, and how it
// grows with limbs and candidates.
#include "files/container.h"
#include "results/result.h"
#include <benchmark/benchmark.h>
#include <cstdio>

using namespace enkinet;

namespace {

const std::string kData = std::string(ENKINET_SOURCE_DIR) + "/data";

const document::Cards& cards() {
    static const auto all = files::loadShippedCards(kData);
    return *all;
}

/// The demo with a spool of every posed metal in so many gauges.
document::Production stocked(int gauges) {
    auto loaded = files::loadProduction(kData + "/demo/post-for-the-tide-house.json", cards());
    document::Production p = loaded.take().production;
    const double sold[] = {0.8, 0.5, 1.5, 0.3, 2.0, 0.4, 1.0, 0.6, 1.2, 2.5};
    p.stock.spools.clear();
    for (const char* id :
         {"aluminium-soft", "aluminium-half-hard", "aluminium-alloy-soft", "copper-annealed", "brass-annealed"})
        for (int i = 0; i < gauges; ++i)
            p.stock.spools.push_back({std::string(id) + "-" + std::to_string(i), "", id, sold[i], 50, 0.3});
    return p;
}

struct Setting {
    document::Production p;
    fill::Shelf shelf;
};
Setting setting(int gauges) { return {stocked(gauges), document::makeShelf(cards())}; }

std::size_t leastCandidates(const choice::PuppetChoice& c) {
    std::size_t least = 1u << 30;
    for (const auto& l : c.limbs)
        least = std::min(least, l.candidates().size());
    return least;
}

void count(benchmark::State& state, const choice::PuppetChoice& c) {
    std::size_t all = 0;
    for (const auto& l : c.limbs)
        all += l.candidates().size();
    state.counters["limbs"] = static_cast<double>(c.limbs.size());
    state.counters["joints"] = static_cast<double>(c.rest.hinges.size());
    state.counters["least candidates a limb"] = static_cast<double>(leastCandidates(c));
    state.counters["candidates"] = static_cast<double>(all);
}

/// Tables and all, as in the first moment of a session.
void BM_FirstChoice(benchmark::State& state) {
    const Setting s = setting(10);
    choice::PuppetChoice c;
    for (auto _ : state) {
        wire::TableShelf tables;
        c = choice::calcChoice(s.p.puppets[0], s.shelf, results::makeStock(s.p, cards(), tables));
    }
    count(state, c);
}
BENCHMARK(BM_FirstChoice)->Unit(benchmark::kMillisecond)->Repetitions(5)->ReportAggregatesOnly(true);

void BM_AllThree(benchmark::State& state) {
    const Setting s = setting(10);
    for (auto _ : state) {
        wire::TableShelf tables;
        const auto stock = results::makeStock(s.p, cards(), tables);
        for (const auto& puppet : s.p.puppets)
            benchmark::DoNotOptimize(choice::calcChoice(puppet, s.shelf, stock));
    }
}
BENCHMARK(BM_AllThree)->Unit(benchmark::kMillisecond)->Repetitions(5)->ReportAggregatesOnly(true);

/// As while a slider is dragged: the head grows heavier step by step.
void BM_ChangeOfLoad(benchmark::State& state) {
    const Setting s = setting(10);
    wire::TableShelf tables;
    const auto stock = results::makeStock(s.p, cards(), tables);
    body::Puppet puppet = s.p.puppets[0];
    choice::ChoiceMemo memo;
    choice::PuppetChoice c = choice::calcChoice(puppet, s.shelf, stock, memo);
    double skin = 4;
    for (auto _ : state) {
        skin = skin > 8 ? 4 : skin + 0.1;
        puppet.masses[0].layers.skin_mm = skin;
        c = choice::calcChoice(puppet, s.shelf, stock, memo);
    }
    count(state, c);
}
BENCHMARK(BM_ChangeOfLoad)->Unit(benchmark::kMillisecond)->Repetitions(5)->ReportAggregatesOnly(true);

/// Bends of all bundles of a leg's field at a joint, and each held against its limits.
void BM_CandidateJoints(benchmark::State& state) {
    const Setting s = setting(10);
    wire::TableShelf tables;
    const auto stock = results::makeStock(s.p, cards(), tables);
    const choice::PuppetChoice c = choice::calcChoice(s.p.puppets[0], s.shelf, stock);
    const choice::LimbChoice& leg = c.limbs[2];
    std::int64_t tried = 0;
    for (auto _ : state)
        for (const choice::Demand& d : leg.demands) {
            const SharedValue<choice::Bends> bends{
                std::make_shared<const choice::Bends>(choice::calcBends({leg.field, d}))};
            benchmark::DoNotOptimize(bends.value);
            if (state.range(0)) benchmark::DoNotOptimize(choice::calcAts({leg.field, bends, d, d}));
            tried += static_cast<std::int64_t>(leg.trials().size());
        }
    state.SetItemsProcessed(tried);
}
BENCHMARK(BM_CandidateJoints)->Arg(0)->Arg(1)->Repetitions(5)->ReportAggregatesOnly(true);

void BM_GrowthWithSpools(benchmark::State& state) {
    const Setting s = setting(static_cast<int>(state.range(0)));
    wire::TableShelf tables;
    const auto stock = results::makeStock(s.p, cards(), tables);
    choice::PuppetChoice c;
    for (auto _ : state)
        c = choice::calcChoice(s.p.puppets[0], s.shelf, stock);
    count(state, c);
}
BENCHMARK(BM_GrowthWithSpools)->Unit(benchmark::kMillisecond)->Arg(2)->Arg(4)->Arg(8)->Arg(10);

void BM_GrowthWithLimbs(benchmark::State& state) {
    const Setting s = setting(4);
    body::Puppet puppet = s.p.puppets[0];
    const body::Limb arm = puppet.limbs[1];
    for (int i = 7; i < state.range(0); ++i) {
        body::Limb l = arm;
        l.id = l.name = "feeler-" + std::to_string(i), l.mirrored = false;
        for (body::Joint& j : l.joints)
            j.at_mm.y -= 0.4 * i;
        puppet.limbs.push_back(l);
    }
    wire::TableShelf tables;
    const auto stock = results::makeStock(s.p, cards(), tables);
    choice::PuppetChoice c;
    for (auto _ : state)
        c = choice::calcChoice(puppet, s.shelf, stock);
    count(state, c);
}
BENCHMARK(BM_GrowthWithLimbs)->Unit(benchmark::kMillisecond)->Arg(7)->Arg(14)->Arg(28)->Arg(56);

} // namespace
