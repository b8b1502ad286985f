#include "document/edits_detail.h"

namespace enkinet::document {

using namespace body;

void letGo(Puppet& p) {
    for (Limb& l : p.limbs)
        if (l.pick)
            std::erase_if(l.pick->drops, [&](const StrandDrop& d) {
                const int i = findJointIndex(l, d.joint);
                // Between joints that are posed; in a whip, between fixed points.
                return i >= 0 && l.joints[static_cast<std::size_t>(i)].posed == l.whip;
            });
    dropOrphans(p);
}

Edits::Changed Edits::keepAside() const {
    return puppetEdit([](Puppet& p) -> std::optional<Fault> {
        Puppet copy = p;
        copy.aside.clear();
        p.aside.clear();
        p.aside.push_back(std::move(copy));
        return {};
    });
}

Edits::Changed Edits::swapAside() const {
    return puppetEdit([](Puppet& p) -> std::optional<Fault> {
        if (p.aside.empty()) return Fault{p.name, words("a design aside"), words("is not kept")};
        Puppet other = std::move(p.aside.front());
        p.aside.clear();
        std::swap(p, other);
        p.aside.clear();
        p.aside.push_back(std::move(other));
        return {};
    });
}

Edits::Changed Edits::dropAside() const {
    return puppetEdit([](Puppet& p) -> std::optional<Fault> {
        if (p.aside.empty()) return Fault{p.name, words("a design aside"), words("is not kept")};
        p.aside.clear();
        return {};
    });
}

Edits::Changed Edits::cutWire(const WireTaken& taken) const {
    Production p = m_production;
    const int index = findPuppetIndex(p, m_puppet);
    if (index < 0) return Fault{words("production"), words("puppet \"%1\"", m_puppet), words("is not in it")};
    for (const auto& [id, length_mm] : taken.rolls_mm)
        for (Spool& s : p.stock.spools)
            if (s.id == id) s.length_m = std::max(0.0, s.length_m - length_mm / 1000);
    p.stock.offcuts = taken.drawer;
    for (const WireTaken::OfLimb& cut : taken.limbs) {
        Limb* l = limbOf(p.puppets[static_cast<std::size_t>(index)], cut.limb);
        if (!l) return Fault{m_puppet, words("limb %1", cut.limb), words("is not there")};
        l->pick = cut.pick;
        l->cut_mm = cut.finished_mm;
    }
    return makeProduction(std::move(p), m_shipped);
}

Edits::Changed Edits::uncutWire(const std::string& limb) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Limb* l = limbOf(p, limb);
        if (!l || !l->cut_mm) return Fault{p.name, words("limb %1", limb), words("has no wire that is cut")};
        l->cut_mm.reset();
        return {};
    });
}

Edits::Changed Edits::addOffcut(const Offcut& offcut) const {
    Production p = m_production;
    p.stock.offcuts.push_back(offcut);
    return makeProduction(std::move(p), m_shipped);
}

Edits::Changed Edits::removeOffcut(std::size_t index) const {
    Production p = m_production;
    if (index >= p.stock.offcuts.size()) return Fault{words("stock"), words("offcut"), words("is not there")};
    p.stock.offcuts.erase(p.stock.offcuts.begin() + static_cast<std::ptrdiff_t>(index));
    return makeProduction(std::move(p), m_shipped);
}

} // namespace enkinet::document
