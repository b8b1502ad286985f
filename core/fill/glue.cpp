#include "fill/glue.h"
#include <algorithm>

namespace enkinet::fill {

double findShear(const AdhesiveCard& card, Face face) {
    if (card.holds_MPa.empty()) return card.shear_MPa;
    const auto at = card.holds_MPa.find(face);
    return at == card.holds_MPa.end() ? 0 : at->second;
}

double findShear(const AdhesiveCard& card, Face a, Face b) { return std::min(findShear(card, a), findShear(card, b)); }

std::vector<GlueFit> findGlues(const std::vector<AdhesiveCard>& cards, const std::vector<std::string>& shelf, Face a,
                               Face b, double heat_C) {
    std::vector<GlueFit> all;
    for (std::size_t i = 0; i < cards.size(); ++i) {
        const double shear = findShear(cards[i], a, b);
        if (shear <= 0 || (heat_C > 0 && cards[i].limit_C < heat_C)) continue;
        all.push_back({static_cast<int>(i), shear, std::find(shelf.begin(), shelf.end(), cards[i].id) != shelf.end()});
    }
    std::stable_sort(all.begin(), all.end(), [](const GlueFit& x, const GlueFit& y) {
        return x.onShelf != y.onShelf ? x.onShelf : x.shear_MPa > y.shear_MPa;
    });
    return all;
}

} // namespace enkinet::fill
