#include "choice/cut_plan.h"

namespace enkinet::choice {

std::vector<SpoolPlan> calcCutPlan(const std::vector<Cut>& cuts, const std::vector<std::string>& spools,
                                   const std::vector<double>& roll_mm, const std::vector<document::Offcut>& offcuts,
                                   const std::stop_token& stop) {
    std::vector<SpoolPlan> plans;
    for (std::size_t s = 0; s < spools.size(); ++s) {
        SpoolPlan p;
        p.spool = static_cast<int>(s);
        std::vector<double> lengths, drawer;
        for (std::size_t c = 0; c < cuts.size(); ++c) {
            if (cuts[c].done || cuts[c].spool != p.spool) continue;
            for (std::size_t g = 0; g < cuts[c].groups.size(); ++g)
                for (int i = 0; i < cuts[c].groups[g].pieces * cuts[c].copies; ++i) {
                    p.pieces.push_back({static_cast<int>(c), static_cast<int>(g), cuts[c].groups[g].piece_mm});
                    lengths.push_back(cuts[c].groups[g].piece_mm);
                }
        }
        if (p.pieces.empty()) continue;
        for (std::size_t o = 0; o < offcuts.size(); ++o)
            if (offcuts[o].spool == spools[s])
                p.offcuts.push_back(static_cast<int>(o)), drawer.push_back(offcuts[o].length_mm);
        p.sawing = solve::calcBest({lengths, drawer, roll_mm[s], kUsable_mm}, {0, stop});
        plans.push_back(std::move(p));
    }
    return plans;
}

} // namespace enkinet::choice
