#include "production/edits_detail.h"

namespace enkinet::production {

using namespace body;

void letGo(Puppet& p) {
    for (Limb& l : p.limbs)
        if (l.pick)
            std::erase_if(l.pick->drops, [&](const StrandDrop& d) {
                const int i = findJointIndex(l, d.joint);
                return i < 0 || !l.joints[static_cast<std::size_t>(i)].posed;
            });
    for (OvenLoad& load : p.wants.loads) {
        std::erase_if(load.limbs, [&](const std::string& id) { return !limbOf(p, id); });
        std::erase_if(load.masses, [&](const std::string& id) { return !massOf(p, id); });
    }
    std::erase_if(p.wants.shot, [&](const std::string& name) {
        return std::none_of(p.poses.begin(), p.poses.end(), [&](const Pose& x) { return x.name == name; });
    });
}

Edits::Changed Edits::keepAside() const {
    return puppetEdit([](Puppet& p) -> std::optional<Fault> {
        Puppet copy = p;
        copy.aside.clear();
        p.aside.assign(1, std::move(copy));
        return {};
    });
}

Edits::Changed Edits::swapAside() const {
    return puppetEdit([](Puppet& p) -> std::optional<Fault> {
        if (p.aside.empty()) return Fault{p.name, "a design aside", "is not kept"};
        Puppet other = std::move(p.aside.front());
        p.aside.clear();
        std::swap(p, other);
        p.aside.assign(1, std::move(other));
        return {};
    });
}

Edits::Changed Edits::dropAside() const {
    return puppetEdit([](Puppet& p) -> std::optional<Fault> {
        if (p.aside.empty()) return Fault{p.name, "a design aside", "is not kept"};
        p.aside.clear();
        return {};
    });
}

Edits::Changed Edits::cutWire(const std::vector<choice::Cut>& cuts, const std::vector<choice::SpoolPlan>& plan) const {
    Production p = m_production;
    const int index = findPuppetIndex(p, m_puppet);
    if (index < 0) return Fault{"production", "puppet \"" + m_puppet + "\"", "is not in it"};
    Puppet& puppet = p.puppets[static_cast<std::size_t>(index)];
    for (const choice::SpoolPlan& s : plan)
        if (!s.sawing.missing.empty())
            return Fault{"spool " + p.stock.spools.at(static_cast<std::size_t>(s.spool)).id,
                         std::to_string(s.sawing.missing.size()) + " pieces", "cannot be cut from what there is"};
    std::vector<choice::Offcut> kept;
    std::vector<bool> gone(p.stock.offcuts.size(), false);
    for (const choice::SpoolPlan& s : plan) {
        choice::Spool& spool = p.stock.spools.at(static_cast<std::size_t>(s.spool));
        spool.length_m = std::max(0.0, spool.length_m - s.sawing.roll_mm / 1000);
        for (const choice::Sawn& one : s.sawing.lengths) {
            if (one.offcut < 0) continue;
            gone.at(static_cast<std::size_t>(s.offcuts.at(static_cast<std::size_t>(one.offcut)))) = true;
            if (one.left_mm >= choice::kUsable_mm) kept.push_back({spool.id, one.left_mm});
        }
    }
    for (std::size_t i = 0; i < gone.size(); ++i)
        if (!gone[i]) kept.push_back(p.stock.offcuts[i]);
    p.stock.offcuts = std::move(kept);
    for (const choice::Cut& c : cuts) {
        if (c.done) continue;
        Limb& l = puppet.limbs.at(static_cast<std::size_t>(c.limb));
        WirePick pick{p.stock.spools.at(static_cast<std::size_t>(c.spool)).id, c.bundle.strands, c.bundle.lay_mm, {}};
        for (const choice::Ending& e : c.endings)
            pick.drops.push_back({l.joints.at(static_cast<std::size_t>(e.joint)).id, e.strands});
        l.pick = std::move(pick);
        l.cut_mm = c.finished_mm;
    }
    return makeProduction(std::move(p), m_shipped);
}

Edits::Changed Edits::uncutWire(const std::string& limb) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Limb* l = limbOf(p, limb);
        if (!l || !l->cut_mm) return Fault{p.name, "limb " + limb, "has no wire that is cut"};
        l->cut_mm.reset();
        return {};
    });
}

Edits::Changed Edits::addOffcut(const choice::Offcut& offcut) const {
    Production p = m_production;
    p.stock.offcuts.push_back(offcut);
    return makeProduction(std::move(p), m_shipped);
}

Edits::Changed Edits::removeOffcut(std::size_t index) const {
    Production p = m_production;
    if (index >= p.stock.offcuts.size()) return Fault{"stock", "offcut", "is not there"};
    p.stock.offcuts.erase(p.stock.offcuts.begin() + static_cast<std::ptrdiff_t>(index));
    return makeProduction(std::move(p), m_shipped);
}

} // namespace enkinet::production
