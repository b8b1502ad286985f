#include "schedule/list_schedule.h"
#include "support/near.h"
#include <numeric>

using namespace enkinet::schedule;

TEST_CASE("Two tasks of which one waits for the other take the hands in turn", "[schedule]") {
    const ListSchedule s = calcListSchedule({{10, 60, {}}, {5, 0, {0}}, {20, 0, {}}});
    // While the first sets the third is done; the second begins when the first has set.
    CHECK(s.order == std::vector<int>{0, 2, 1});
    CHECK(s.start_min == std::vector<double>{0, 70, 10});
    CHECK(s.elapsed_min == 75);
    CHECK(s.hands_min == 35);
    CHECK(s.wait_min == 60);
}

TEST_CASE("Nothing to do takes no time", "[schedule]") {
    const ListSchedule s = calcListSchedule({});
    CHECK(s.order.empty());
    CHECK(s.elapsed_min == 0);
}

TEST_CASE("A list schedule keeps every rule, never idles with a task at hand, and is no worse than one after another",
          "[schedule]") {
    Random random(5);
    for (int round = 0; round < 200; ++round) {
        std::vector<ListTask> tasks(nth(random.whole(1, 14)));
        for (std::size_t i = 0; i < tasks.size(); ++i) {
            tasks[i] = {random.between(0, 30), random.whole(0, 2) ? 0 : random.between(0, 200), {}};
            for (std::size_t j = 0; j < i; ++j)
                if (random.whole(0, 3) == 0) tasks[i].after.push_back(static_cast<int>(j));
        }
        const ListSchedule s = calcListSchedule(tasks);
        std::vector<double> done(tasks.size());
        std::vector<bool> placed(tasks.size());
        double hands = 0, serial = 0;
        REQUIRE(s.order.size() == tasks.size());
        for (int i : s.order) {
            const auto at = nth(i);
            const ListTask& t = tasks[at];
            CHECK(s.start_min[at] >= hands);
            for (int a : t.after) {
                REQUIRE(placed[nth(a)]);
                CHECK(s.start_min[at] >= done[nth(a)]);
            }
            // No other that could have begun sooner was left lying.
            for (std::size_t k = 0; k < tasks.size(); ++k) {
                if (placed[k] || static_cast<int>(k) == i) continue;
                double ready = hands;
                bool may = true;
                for (int a : tasks[k].after)
                    may = may && placed[nth(a)], ready = std::max(ready, done[nth(a)]);
                if (may) CHECK(ready >= s.start_min[at]);
            }
            placed[at] = true;
            hands = s.start_min[at] + t.hands_min;
            done[at] = hands + t.wait_min;
            serial += t.hands_min + t.wait_min;
        }
        CHECK_NEAR(s.elapsed_min, *std::max_element(done.begin(), done.end()), 1e-12);
        CHECK(s.elapsed_min <= serial * (1 + 1e-12));
        const double hands_min = std::accumulate(tasks.begin(), tasks.end(), 0.0,
                                                 [](double sum, const ListTask& t) { return sum + t.hands_min; });
        CHECK_NEAR(s.hands_min, hands_min, 1e-12);
    }
}
