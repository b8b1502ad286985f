// The calendar, the film and the mixing plate: first plan and gap after two seconds, wear of a long motion, recipes.
#include "files/container.h"
#include "files/motion_file.h"
#include "paint/recipe.h"
#include "results/planning.h"
#include "results/shot_wear.h"
#include "shoot/mapping.h"
#include "stop.h"
#include <benchmark/benchmark.h>
#include <chrono>
#include <cstdio>
#include <random>
#include <thread>

using namespace enkinet;
using namespace enkinet::results;

namespace {

const std::string kFolder = std::string(ENKINET_SOURCE_DIR) + "/data";

struct Shop {
    document::Cards cards;
    document::Production production;
    wire::TableShelf tables;
    ProductionResult result;
    explicit Shop(int puppets, int copies = 0) {
        cards = *files::loadShippedCards(kFolder);
        production = files::loadProduction(kFolder + "/demo/post-for-the-tide-house.json", cards)->production;
        production.log.clear();
        // More of the same cast, each with a deadline of its own.
        for (int i = 3; i < puppets; ++i) {
            body::Puppet p = production.puppets[static_cast<std::size_t>(i % 3)];
            p.id += "-" + std::to_string(i), p.name += " " + std::to_string(i);
            if (p.deadline) *p.deadline += kDay * i;
            production.puppets.push_back(std::move(p));
        }
        if (copies > 0)
            for (body::Puppet& p : production.puppets)
                p.things.copies = copies;
        result = calcResult(production, cards, tables);
    }
};
const Shop& shop(int puppets) {
    static const Shop three(3), ten(10);
    return puppets == 3 ? three : ten;
}
Planning planningOf(const Shop& s, bool due) {
    Planning p = makePlanning(s.production, s.result.puppets, *parseIsoTime("2026-11-30T10:00"));
    // Where the makespan decides.
    if (!due)
        for (auto& d : p.problem.due)
            d.reset();
    return p;
}

void BM_FirstPlan(benchmark::State& state) {
    const Shop& s = shop(static_cast<int>(state.range(0)));
    for (auto _ : state) {
        const Planning p = planningOf(s, true);
        benchmark::DoNotOptimize(schedule::calcFirst(p.problem, findHours(p)));
    }
}
/// The whole plan of ten puppets in six copies each, as the window asks for it, asked to stop.
void BM_StopPlan(benchmark::State& state) {
    static const Shop s(10, 6);
    bench::stopAt(state, 4000, 61, [&](const std::stop_token& stop) {
        const Planning p = planningOf(s, true);
        const OpenHours hours = findHours(p);
        const schedule::Schedule best = calcSchedule(p, hours, stop);
        const ProductionPlan plan = calcPlan(s.production, p, hours, best);
        calcChance(p, hours, best, 0, 1, stop);
        calcWaysToHold(s.production, s.result.puppets, p.problem.start, best, 3, stop);
    });
    state.counters["steps"] = static_cast<double>(planningOf(s, true).steps.size());
}
BENCHMARK(BM_StopPlan)->Unit(benchmark::kMillisecond)->Iterations(1);
BENCHMARK(BM_FirstPlan)->Arg(3)->Arg(10)->Unit(benchmark::kMillisecond)->Repetitions(5)->ReportAggregatesOnly(true);

/// Not a time: the gap that is left after two seconds, per cent of the bound.
void BM_GapAfterTwoSeconds(benchmark::State& state) {
    const Shop& s = shop(static_cast<int>(state.range(0)));
    const Planning p = planningOf(s, false);
    const OpenHours hours = findHours(p);
    double gap = 0, tasks = 0;
    for (auto _ : state) {
        std::stop_source stop;
        schedule::Search search;
        search.most = 100000000, search.stop = stop.get_token();
        std::jthread clock([&] {
            std::this_thread::sleep_for(std::chrono::seconds(2));
            stop.request_stop();
        });
        const schedule::Schedule found = schedule::calcBest(p.problem, hours, search);
        gap = 100 * static_cast<double>(found.end - found.boundEnd) /
              static_cast<double>(found.boundEnd - p.problem.start);
        tasks = static_cast<double>(p.problem.tasks.size());
    }
    state.counters["gap_percent"] = gap, state.counters["steps"] = tasks;
}
BENCHMARK(BM_GapAfterTwoSeconds)->Arg(3)->Arg(10)->Unit(benchmark::kMillisecond)->Iterations(1);

/// 5,000 frames of 60 joints, read already, to wear in every joint.
void BM_WearOfMotion(benchmark::State& state) {
    const Shop& s = shop(3);
    const auto wires =
        shoot::findJointWires(s.production.puppets[0], s.result.puppets[0]->choice, s.result.puppets[0]->stock);
    std::mt19937 random(4);
    std::vector<shoot::Bends> bends(60);
    for (auto& b : bends) {
        double f = 0, a = 0;
        for (int i = 0; i < 5000; ++i) {
            f = 0.95 * f + std::normal_distribution<double>(0, 0.05)(random),
            a = 0.95 * a + std::normal_distribution<double>(0, 0.05)(random);
            b.forth_rad.push_back(f), b.aside_rad.push_back(a);
        }
    }
    for (auto _ : state) {
        double sum = 0;
        for (std::size_t j = 0; j < bends.size(); ++j)
            sum += shoot::calcBent(wires[j % wires.size()], bends[j].forth_rad, bends[j].aside_rad, 0.2).damage;
        benchmark::DoNotOptimize(sum);
    }
}
BENCHMARK(BM_WearOfMotion)->Unit(benchmark::kMillisecond)->Repetitions(5)->ReportAggregatesOnly(true);

/// Reading that file, by itself.
void BM_ReadMotion(benchmark::State& state) {
    shoot::Motion m;
    for (int i = 0; i < 60; ++i) {
        shoot::MotionJoint j;
        j.name = "j" + std::to_string(i), j.parent = i - 1;
        j.channels = {shoot::Channel::z_rotation, shoot::Channel::x_rotation, shoot::Channel::y_rotation};
        j.firstValue = m.width, m.width += 3, j.end = i == 59;
        m.joints.push_back(j);
    }
    std::mt19937 random(4);
    for (int i = 0; i < 5000 * m.width; ++i)
        m.values.push_back(std::uniform_real_distribution<double>(-90, 90)(random));
    const std::string text = files::writeMotion(m);
    for (auto _ : state)
        benchmark::DoNotOptimize(files::parseMotion(text));
    state.counters["MB"] = static_cast<double>(text.size()) / 1e6;
}
BENCHMARK(BM_ReadMotion)->Unit(benchmark::kMillisecond)->Repetitions(3)->ReportAggregatesOnly(true);

void BM_Recipes(benchmark::State& state) {
    std::mt19937 random(3);
    std::vector<paint::PaintCard> shelf;
    for (int i = 0; i < 30; ++i) {
        paint::PaintCard c;
        c.id = c.name = "p" + std::to_string(i);
        c.colour = paint::toHex({std::uniform_real_distribution<double>(0.01, 0.9)(random),
                                 std::uniform_real_distribution<double>(0.01, 0.9)(random),
                                 std::uniform_real_distribution<double>(0.01, 0.9)(random)});
        shelf.push_back(c);
    }
    paint::RecipeLimits limits;
    limits.mostPaints = static_cast<int>(state.range(0));
    int k = 0;
    const char* targets[] = {"#c98b6a", "#3a7a52", "#e8e2d0", "#404a60"};
    double off = 0;
    for (auto _ : state)
        off = paint::calcRecipes(shelf, *paint::parseHex(targets[k++ % 4]), limits).recipes.front().deltaE;
    state.counters["delta_e"] = off;
}
BENCHMARK(BM_Recipes)->Arg(2)->Arg(3)->Arg(4)->Unit(benchmark::kMillisecond)->Iterations(4);

} // namespace
