// Edits of what stands on the shelf.
#include "base/text.h"
#include "document/edits_detail.h"
#include <cmath>

namespace enkinet::document {

Edits::Changed Edits::setHeld(Ware ware, const std::string& card, double amount) const {
    if (!(amount >= 0 && amount <= 1e6)) return Fault{words("shelf"), amount, words("must lie between 0 and 1000000")};
    Production p = m_production;
    const auto put = [&](std::vector<Held>& shelf) {
        std::erase_if(shelf, [&](const Held& h) { return h.card == card; });
        shelf.push_back({card, amount});
    };
    switch (ware) {
    case Ware::wire: {
        const auto spool =
            std::find_if(p.stock.spools.begin(), p.stock.spools.end(), [&](const Spool& s) { return s.id == card; });
        if (spool == p.stock.spools.end())
            return Fault{words("shelf"), words("spool \"%1\"", card), words("is not there")};
        spool->length_m = amount, spool->toBuy = false;
        break;
    }
    case Ware::clay:
        put(p.stock.clays_g);
        break;
    case Ware::paint:
        put(p.stock.paints_ml);
        break;
    case Ware::foil:
        setFoilLength(p.stock, amount);
        break;
    case Ware::bulk:
    case Ware::cover:
        return Fault{words("shelf"), card, words("is not counted")};
    }
    return makeProduction(std::move(p), m_shipped);
}

} // namespace enkinet::document
