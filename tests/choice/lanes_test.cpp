#include "base/units.h"
#include "choice/field.h"
#include "support/puppets.h"
#include <random>

using namespace enkinet::choice;

// Many at once and one by one are two routes to one number.
TEST_CASE("Bundles bent together bend as each does by itself", "[choice]") {
    std::mt19937 engine(41);
    const auto between = [&](double a, double b) { return std::uniform_real_distribution<double>(a, b)(engine); };
    std::size_t compared = 0, lost = 0, tight = 0;
    for (int round = 0; round < 40; ++round) {
        FieldKey key;
        key.places = {0, 1, 2};
        key.shortestGap_mm = between(5, 20);
        for (const char* id : {"aluminium-soft", "copper-annealed", "brass-annealed"})
            for (int i = 0; i < 3; ++i) {
                key.stock.tables[id] = tables().find(wireCard(id));
                key.stock.spools.push_back({std::string(id) + std::to_string(i), "", id, between(0.2, 4), 50, 0.3});
                wire::Calibration tested;
                if (round % 3 == 1) tested.hangTests = 2, tested.holdLn = between(-0.2, 0.2);
                if (round % 2 == 1) tested.bendTests = 3, tested.lifeLn = between(-0.5, 0.5), tested.lifeScatter = 0.4;
                key.stock.calibrations.push_back(tested);
            }
        SharedValue<Field> field{std::make_shared<const Field>(calcField(key))};
        BendNeed need;
        need.gap_mm = key.shortestGap_mm * between(0.2, 2), need.edge = between(1, 1.6);
        need.angle_rad = degToRad(between(2, 120)), need.range_rad = need.angle_rad * between(1, 2);
        need.set_rad = degToRad(0.5), need.formingBends = round % 4 == 3 ? 2 : 0;
        if (round % 5 == 2) need.clayEI_Nmm2 = between(10, 2000);
        if (round % 5 == 4) {
            need.fromPoses = true;
            for (int i = 0; i < 4; ++i)
                need.cycles.push_back({degToRad(between(1, 60)), 0, i % 2 ? 0.5 : 1});
        }
        const Bends together = calcBends({field, need});
        REQUIRE(together.size() == field->trials.size());
        for (std::size_t i = 0; i < together.size(); ++i) {
            const Trial& t = field->trials[i];
            const auto alone = findTrialBend(
                findBendOf(need, key.stock.tableOf(t.spool), t.bundle, key.stock.calibrationOf(t.spool), t.spunDamage));
            const TrialBend& b = together[i];
            REQUIRE(b.status == alone.status);
            ++compared;
            if (b.status == wire::BendStatus::too_tight) {
                ++tight;
                REQUIRE(std::isnan(b.hold_Nmm));
                continue;
            }
            CHECK_NEAR(b.hold_Nmm, alone.hold_Nmm, 1e-11);
            CHECK_NEAR(b.strong_Nmm, alone.strong_Nmm, 1e-11);
            CHECK_NEAR(b.springback_rad, alone.springback_rad, 1e-11);
            if (b.status == wire::BendStatus::lay_too_long) {
                ++lost;
                REQUIRE(std::isnan(b.designNine));
                continue;
            }
            CHECK_NEAR(b.designMedian, alone.designMedian, 1e-9);
            CHECK_NEAR(b.designNine, alone.designNine, 1e-9);
        }
    }
    CHECK(compared > 4000);
    CHECK(lost > 20);
    CHECK(tight > 100);
}
