// Worked numbers in the docs are the program's.
#include "support/near.h"
#include <fstream>
#include <sstream>

TEST_CASE("The worked leg of docs/mechanics.md is what the program says", "[choice]") {
    std::ifstream file(std::string(ENKINET_SOURCE_DIR) + "/docs/mechanics.md");
    REQUIRE(file);
    const auto r = reportOf(shippedDemo());
    const choice::LimbChoice& leg = r.choice.limbs[2];
    const auto& limb = shippedDemo().puppets[0].limbs[2];
    REQUIRE(limb.id == "leg");
    int rows = 0;
    bool inside = false;
    for (std::string line; std::getline(file, line);) {
        if (line.rfind("### Tansy", 0) == 0) inside = true;
        if (line.rfind("## ", 0) == 0) inside = false;
        if (!inside || line.rfind("| ", 0) != 0) continue;
        std::vector<std::string> cells;
        std::stringstream cut(line.substr(1));
        for (std::string cell; std::getline(cut, cell, '|');)
            cells.push_back(cell.substr(1, cell.size() - 2));
        for (std::size_t j = 0; j < leg.demands.size(); ++j) {
            const choice::Demand& d = leg.demands[j];
            if (limb.joints[nth(d.joint)].id != cells[0]) continue;
            ++rows;
            INFO(line);
            const double said[] = {d.load.beyond_g,
                                   d.load.arm_mm,
                                   d.load.load_Nmm,
                                   d.needed_Nmm,
                                   d.lever_mm,
                                   d.effortLimit_Nmm,
                                   leg.verdicts[j].bend.hold_Nmm,
                                   leg.verdicts[j].effort_Nmm};
            REQUIRE(cells.size() >= 10);
            for (std::size_t k = 0; k < std::size(said); ++k)
                CHECK_NEAR(std::stod(cells[k + 1]), said[k], 2e-3);
        }
    }
    CHECK(rows == 3);
}

TEST_CASE("Every joint of the demo that ships holds in every pose that it keeps", "[choice]") {
    for (std::size_t p = 0; p < shippedDemo().puppets.size(); ++p) {
        const auto r = reportOf(shippedDemo(), static_cast<int>(p));
        for (const choice::LimbChoice& l : r.choice.limbs) {
            INFO(shippedDemo().puppets[p].name << ", limb " << l.limb);
            CHECK(l.state == choice::State::holds);
            for (const choice::Verdict& v : l.verdicts)
                CHECK(v.state() == choice::State::holds);
        }
    }
    // And the postwoman's leg is what there is to look at: it holds, with less to spare than is wanted.
    const auto tansy = reportOf(shippedDemo());
    const auto thin = [](const findings::Finding& x) { return x.is("thin-reserve"); };
    CHECK(std::count_if(tansy.notes.begin(), tansy.notes.end(), thin) == 1);
}
