#include "paint/coats.h"
#include "base/text.h"
#include <algorithm>

namespace enkinet::paint {

Result<PaintCard> makePaint(PaintCard c) {
    if (!isId(c.id))
        return Fault{"paint card", "id \"" + c.id.substr(0, 70) + "\"", "must be letters, digits, dot or dash"};
    const std::string place = "paint card " + c.id;
    struct Limit {
        const char* name;
        double value, low, high;
        const char* unit;
    };
    for (const Limit& l : {Limit{"opacity", c.opacity, 0, 1, ""},
                           {"coverage", c.coverage_m2_l, 1, 50, " m2/l"},
                           {"pot", c.pot_ml, 1, 1e5, " ml"},
                           {"pot price", c.potPrice, 0, 1e5, ""},
                           {"drying", c.dry_min, 0, 60 * 24 * 60, " min"}})
        if (!(l.value >= l.low && l.value <= l.high))
            return Fault{place, std::string(l.name) + " " + plain(l.value) + l.unit,
                         "must lie between " + plain(l.low) + " and " + plain(l.high)};
    if (const auto colour = parseHex(c.colour); !colour) return Fault{place, colour.fault().value, colour.fault().rule};
    return c;
}

namespace {
Rgb through(const Rgb& ground, const Rgb& paint, double hidden) {
    return {paint.r + (ground.r - paint.r) * (1 - hidden), paint.g + (ground.g - paint.g) * (1 - hidden),
            paint.b + (ground.b - paint.b) * (1 - hidden)};
}
} // namespace

int calcCoats(const Rgb& ground, const Rgb& paint, double opacity) {
    Rgb seen = ground;
    const Lab goal = toLab(paint);
    for (int k = 1; k < kMostCoats; ++k) {
        seen = through(seen, paint, opacity);
        if (calcDeltaE2000(toLab(seen), goal) < kUnseen) return k;
    }
    return kMostCoats;
}

Result<std::vector<Laid>> calcLaid(const Scheme& scheme, const std::vector<PaintCard>& shelf, const Rgb& clay,
                                   double surface_mm2) {
    std::vector<Laid> laid;
    Rgb ground = clay;
    for (const Coat& coat : scheme.coats) {
        const auto card =
            std::find_if(shelf.begin(), shelf.end(), [&](const PaintCard& c) { return c.id == coat.paint; });
        if (card == shelf.end()) return Fault{"scheme " + scheme.id, "paint " + coat.paint, "is not on the shelf"};
        const auto colour = parseHex(card->colour);
        if (!colour) return colour.fault();
        Laid l;
        l.role = coat.role;
        l.card.value = std::make_shared<const PaintCard>(*card);
        l.contrast = calcDeltaE2000(toLab(ground), toLab(*colour));
        const bool opaque = coat.role == Role::primer || coat.role == Role::base;
        l.coats = opaque ? calcCoats(ground, *colour, card->opacity) : 1;
        const double share = coat.role == Role::wash ? kWashShare : coat.role == Role::dry_brush ? kDryBrushShare : 1;
        // 1 m²/l is 1 mm² a microlitre: ml = mm² / (1000 m²/l).
        l.ml = l.coats * share * surface_mm2 * kRelief / (card->coverage_m2_l * 1000);
        l.dry_min = l.coats * card->dry_min;
        if (opaque) ground = *colour;
        laid.push_back(l);
    }
    return laid;
}

bool mayGoOn(Medium upper, Medium lower) {
    if (lower == Medium::varnish) return upper == Medium::varnish;
    return !(upper == Medium::acrylic && lower == Medium::oil);
}

} // namespace enkinet::paint
