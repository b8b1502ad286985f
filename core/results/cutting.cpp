#include "results/cutting.h"

namespace enkinet::results {

Result<document::WireTaken> takeWire(const document::Production& p, const body::Puppet& puppet,
                                     const std::vector<choice::Cut>& cuts, const std::vector<choice::SpoolPlan>& plan) {
    document::WireTaken taken;
    const auto idOf = [&](int spool) { return p.stock.spools.at(static_cast<std::size_t>(spool)).id; };
    std::vector<bool> gone(p.stock.offcuts.size(), false);
    for (const choice::SpoolPlan& s : plan) {
        if (!s.sawing.missing.empty())
            return Fault{words("spool %1", idOf(s.spool)), words("%1 pieces", s.sawing.missing.size()),
                         words("cannot be cut from what there is")};
        taken.rolls_mm.emplace_back(idOf(s.spool), s.sawing.roll_mm);
        for (const solve::Sawn& one : s.sawing.lengths) {
            if (one.length < 0) continue;
            gone.at(static_cast<std::size_t>(s.offcuts.at(static_cast<std::size_t>(one.length)))) = true;
            if (one.left_mm >= choice::kUsable_mm) taken.drawer.push_back({idOf(s.spool), one.left_mm});
        }
    }
    for (std::size_t i = 0; i < gone.size(); ++i)
        if (!gone[i]) taken.drawer.push_back(p.stock.offcuts[i]);
    for (const choice::Cut& c : cuts) {
        if (c.done) continue;
        const body::Limb& l = puppet.limbs.at(static_cast<std::size_t>(c.limb));
        body::WirePick pick{idOf(c.spool), c.bundle.strands, c.bundle.lay_mm, {}};
        for (const choice::Ending& e : c.endings)
            pick.drops.push_back({l.joints.at(static_cast<std::size_t>(e.joint)).id, e.strands});
        taken.limbs.push_back({l.id, std::move(pick), c.finished_mm});
    }
    return taken;
}

} // namespace enkinet::results
