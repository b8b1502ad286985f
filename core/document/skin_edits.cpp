// Edits of what lies round the wire, and of the room that it is worked in.
#include "document/edits_detail.h"

namespace enkinet::document {

using namespace body;

Edits::Changed Edits::setSectionSkin(const std::string& limb, int segment, int section,
                                     std::optional<double> mm) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Section* s = sectionOf(p, limb, segment, section);
        if (!s) return Fault{p.name, words("section of limb %1", limb), words("is not there")};
        s->skin_mm = mm;
        return {};
    });
}

Edits::Changed Edits::replaceClay(const std::string& from, const std::string& to) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        int changed = 0;
        const auto replace = [&](Layers& l) {
            if (l.clay == from) l.clay = to, ++changed;
            for (Coat& c : l.coats)
                if (c.clay == from) c.clay = to, ++changed;
        };
        for (Limb& l : p.limbs)
            for (Segment& s : l.segments)
                replace(s.layers);
        for (Mass& m : p.masses)
            replace(m.layers);
        if (changed == 0) return Fault{p.name, words("clay card \"%1\"", from), words("is on no part")};
        return {};
    });
}

Edits::Changed Edits::setGlue(const std::string& card, bool there) const {
    Production p = m_production;
    std::erase(p.stock.glues, card);
    if (there) p.stock.glues.push_back(card);
    return makeProduction(std::move(p), m_shipped);
}

Edits::Changed Edits::setShop(const fill::Shop& shop) const {
    Production p = m_production;
    p.stock.shop = shop;
    return makeProduction(std::move(p), m_shipped);
}

Edits::Changed Edits::addCards(const Cards& cards) const {
    Production p = m_production;
    p.cards = mergeCards(p.cards, cards);
    return makeProduction(std::move(p), m_shipped);
}

} // namespace enkinet::document
