#include "base/units.h"
#include "support/near.h"
#include "wire/rainflow.h"

using namespace enkinet::wire;

namespace {
std::map<double, double> byRange(const std::vector<Cycle>& cycles) {
    std::map<double, double> sum;
    for (const Cycle& c : cycles)
        sum[c.range] += c.count;
    return sum;
}

/// Counts by looking for any inner range that both neighbours cover, over and over: no stack, no order.
std::map<double, double> bruteForce(std::vector<double> p) {
    std::map<double, double> sum;
    for (bool found = true; found;) {
        found = false;
        for (std::size_t i = 1; i + 2 < p.size() && !found; ++i) {
            const double a = std::abs(p[i] - p[i - 1]), b = std::abs(p[i + 1] - p[i]),
                         c = std::abs(p[i + 2] - p[i + 1]);
            if (b > a || b > c) continue;
            sum[b] += 1;
            p.erase(p.begin() + static_cast<std::ptrdiff_t>(i), p.begin() + static_cast<std::ptrdiff_t>(i) + 2);
            found = true;
        }
    }
    for (std::size_t i = 1; i < p.size(); ++i)
        sum[std::abs(p[i] - p[i - 1])] += 0.5;
    return sum;
}
} // namespace

TEST_CASE("The worked example of ASTM E1049 is counted as printed", "[wire]") {
    const double history[] = {-2, 1, -3, 5, -1, 3, -4, 4, -2};
    const auto cycles = calcRainflow(history);
    CHECK(byRange(cycles) == std::map<double, double>{{3, 0.5}, {4, 1.5}, {6, 0.5}, {8, 1}, {9, 0.5}});
    // The one full cycle is E to F, from -1 to 3.
    const auto full = std::find_if(cycles.begin(), cycles.end(), [](const Cycle& c) { return c.count == 1; });
    REQUIRE(full != cycles.end());
    CHECK(full->mean == 1);
}

TEST_CASE("Rainflow equals a brute-force count on random short histories", "[wire]") {
    Random random(31);
    for (int i = 0; i < 3000; ++i) {
        std::vector<double> h(nth(random.whole(2, 14)));
        for (double& v : h)
            v = random.between(-1, 1);
        const auto fast = byRange(calcRainflow(h)), slow = bruteForce(findTurningPoints(h));
        INFO("history " << i);
        REQUIRE(fast.size() == slow.size());
        for (auto a = fast.begin(), b = slow.begin(); a != fast.end(); ++a, ++b) {
            CHECK_NEAR(a->first, b->first, 1e-12);
            CHECK(a->second == b->second);
        }
    }
}

TEST_CASE("Still, rising and repeated histories count what they must", "[wire]") {
    CHECK(calcRainflow(std::vector<double>{}).empty());
    CHECK(calcRainflow(std::vector<double>{4}).empty());
    CHECK(calcRainflow(std::vector<double>{4, 4, 4}).empty());
    CHECK(byRange(calcRainflow(std::vector<double>{0, 1, 2, 3})) == std::map<double, double>{{3, 0.5}});
    std::vector<double> wave;
    for (int i = 0; i < 10; ++i)
        wave.insert(wave.end(), {0.0, 2.0});
    wave.push_back(0);
    CHECK(byRange(calcRainflow(wave)) == std::map<double, double>{{2, 10}});
}

TEST_CASE("Miner's sum is the count over the life at each amplitude, by hand", "[wire]") {
    const auto t = tables().find(wireCard("aluminium-soft"));
    const Bundle b{2, 1.5, 10};
    const GapBend g{14, 1, 1, 1.3, degToRad(0.5)};
    const double big = degToRad(60), small = degToRad(20);
    // Ten full swings of 60 degrees with a small one inside each.
    std::vector<double> h{0};
    for (int i = 0; i < 10; ++i)
        h.insert(h.end(), {big, big - small, big, 0});
    const double arm = 0.75 * findStrainFactor(b, 14);
    const auto life = [&](double range) { return t->cycles(1.3 * range / 2 / 14 * arm); };
    CHECK_NEAR(calcHistoryDamage(*t, b, g, h), 10 / life(big) + 10 / life(small), 1e-9);
    // One swing to and fro of the raw range is the inverse of the raw life.
    CHECK_NEAR(calcHistoryDamage(*t, b, g, std::vector<double>{0, big, 0}),
               1 / t->findBend(b, {14, big, big, 1.3, 0.01}).cyclesMedian, 1e-9);
}
