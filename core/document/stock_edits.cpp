// Edits of what stands on the shelf.
#include "base/text.h"
#include "document/edits_detail.h"
#include <cmath>

namespace enkinet::document {

namespace {

/// The amount of a ware on the shelf of p; what is wrong with it, if anything.
std::optional<Fault> putHeld(Production& p, Ware ware, const std::string& card, double amount) {
    if (!(amount >= 0 && amount <= 1e6)) return Fault{words("shelf"), amount, words("must lie between 0 and 1000000")};
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
        return std::nullopt;
    }
    case Ware::clay:
        put(p.stock.clays_g);
        return std::nullopt;
    case Ware::paint:
        put(p.stock.paints_ml);
        return std::nullopt;
    case Ware::foil:
        setFoilLength(p.stock, amount);
        return std::nullopt;
    case Ware::bulk:
    case Ware::cover:
        break;
    }
    return Fault{words("shelf"), card, words("is not counted")};
}

} // namespace

Edits::Changed Edits::setHeld(const std::vector<Use>& held) const {
    Production p = m_production;
    for (const Use& u : held)
        if (auto wrong = putHeld(p, u.ware, u.card, u.amount)) return *wrong;
    return makeProduction(std::move(p), m_shipped);
}

} // namespace enkinet::document
