#include "paint/coats.h"
#include "paint/film.h"
#include "paint/relief.h"
#include "schema/limits.h"
#include <algorithm>

namespace enkinet::paint {

Result<PaintCard> makePaint(PaintCard c) { return schema::makeSound(std::move(c)); }

std::optional<Fault> checkScheme(const Scheme& s) {
    Rules r;
    schema::checkLimits(r, words("paint scheme %1", s.name.substr(0, 70)), s);
    return r.fault;
}

bool liesUnder(const Coat& lower, const Coat& upper) {
    if (lower.zone == Zone::everywhere) return true;
    if (lower.zone != upper.zone) return false;
    return lower.zone != Zone::stretch || (lower.from <= upper.from && lower.to >= upper.to);
}

double findShare(const Coat& coat, const Relief& relief, double features) {
    switch (coat.zone) {
    case Zone::everywhere:
        return 1;
    case Zone::front:
    case Zone::back:
        return 0.5;
    case Zone::stretch:
        return coat.to - coat.from;
    case Zone::features:
        return features;
    case Zone::recess:
    case Zone::ridge:
        break;
    }
    // Of what is level, half.
    const std::vector<double> heights = calcHeights(relief, 48, std::max(6.0, 5 * relief.pitch_mm));
    const auto in = std::count_if(heights.begin(), heights.end(),
                                  [&](double h) { return coat.zone == Zone::recess ? h < -1e-12 : h > 1e-12; });
    return in == 0 ? 0.5 : static_cast<double>(in) / static_cast<double>(heights.size());
}

int calcCoats(const Reflectance& ground, const Reflectance& paint, double hiding) {
    return countCoats(ground, paint, calcPower(paint, hiding));
}

int countCoats(const Reflectance& ground, const Reflectance& paint, double power) {
    const Lab goal = toLab(toRgb(paint));
    for (int k = 1; k < kMostCoats; ++k)
        if (calcDeltaE2000(toLab(toRgb(calcShotWear(ground, paint, k * power))), goal) < kUnseen) return k;
    return kMostCoats;
}

Result<std::vector<Laid>> calcLaid(const Scheme& scheme, const std::vector<PaintCard>& shelf, const std::string& clay,
                                   double surface_mm2, CurveMemo* memo, double features) {
    CurveMemo own;
    CurveMemo& curves = memo ? *memo : own;
    const auto curveOf = [&](const std::string& hex) {
        return curves.curves.find(std::hash<std::string>{}(hex), hex, [](const std::string& key) {
            const auto colour = parseHex(key);
            return calcReflectance(colour ? *colour : Rgb{0.5, 0.5, 0.5});
        });
    };
    std::vector<Laid> laid;
    // What each coat leaves in its own place.
    std::vector<Reflectance> left;
    for (const Coat& coat : scheme.coats) {
        const auto card =
            std::find_if(shelf.begin(), shelf.end(), [&](const PaintCard& c) { return c.id == coat.paint; });
        if (card == shelf.end())
            return Fault{words("scheme %1", scheme.id), words("paint %1", coat.paint), words("is not on the shelf")};
        if (const auto colour = parseHex(card->colour); !colour) return colour.fault();
        const Reflectance paint = *curveOf(card->colour);
        Reflectance ground = *curveOf(clay);
        for (std::size_t k = left.size(); k-- > 0;)
            if (liesUnder(scheme.coats[k], coat)) {
                ground = left[k];
                break;
            }
        Laid l;
        l.role = coat.role, l.zone = coat.zone, l.from = coat.from, l.to = coat.to;
        l.share = findShare(coat, scheme.relief, features);
        l.card.value = std::make_shared<const PaintCard>(*card);
        const Lab masstone = toLab(toRgb(paint));
        l.contrast = calcDeltaE2000(toLab(toRgb(ground)), masstone);
        const bool opaque = coat.role == Role::primer || coat.role == Role::base;
        const double power = *curves.powers.find(
            std::hash<std::string>{}(card->colour), {card->colour, card->opacity},
            [&](const std::pair<std::string, double>& key) { return calcPower(paint, key.second); });
        l.coats = opaque ? countCoats(ground, paint, power) : 1;
        const double share = coat.role == Role::wash        ? kWashShare * coat.amount
                             : coat.role == Role::dry_brush ? kDryBrushShare * coat.amount
                                                            : 1;
        // 1 m²/l is 1 mm² a microlitre: ml = mm² / (1000 m²/l).
        l.ml = l.coats * share * l.share * surface_mm2 * kRelief / (card->coverage_m2_l * 1000);
        l.dry_min = l.coats * card->dry_min;
        // What is seen through it is the ground of the next; a clear coat shows what lies below.
        if (coat.role != Role::varnish) ground = calcShotWear(ground, paint, power * l.coats * share);
        l.seen = toRgb(ground);
        l.off = calcDeltaE2000(toLab(l.seen), masstone);
        left.push_back(ground);
        laid.push_back(std::move(l));
    }
    return laid;
}

std::vector<ClayGround> compareClays(const Scheme& scheme, const std::vector<PaintCard>& shelf,
                                     std::vector<ClayGround> clays) {
    CurveMemo curves;
    std::erase_if(clays, [&](ClayGround& c) {
        if (!parseHex(c.colour)) return true;
        const auto laid = calcLaid(scheme, shelf, c.colour, 1, &curves);
        if (!laid) return true;
        c.coats = 0, c.dry_min = 0;
        for (const Laid& l : *laid)
            c.coats += l.role == Role::primer || l.role == Role::base ? l.coats : 0, c.dry_min += l.dry_min;
        return false;
    });
    std::stable_sort(clays.begin(), clays.end(), [](const ClayGround& a, const ClayGround& b) {
        return a.coats != b.coats ? a.coats < b.coats : a.dry_min < b.dry_min;
    });
    return clays;
}

namespace {
/// Places that have nothing in common.
bool areApart(const Coat& a, const Coat& b) {
    const auto pair = [&](Zone x, Zone y) { return (a.zone == x && b.zone == y) || (a.zone == y && b.zone == x); };
    if (a.zone == Zone::stretch && b.zone == Zone::stretch) return a.to <= b.from || b.to <= a.from;
    return pair(Zone::front, Zone::back) || pair(Zone::recess, Zone::ridge);
}
} // namespace

std::vector<std::size_t> findTouched(const std::vector<Coat>& coats, std::size_t coat) {
    std::vector<std::size_t> touched;
    for (std::size_t k = coat; k-- > 0;) {
        // What lies over all of it hides it.
        const bool hidden = std::any_of(touched.begin(), touched.end(),
                                        [&](std::size_t over) { return liesUnder(coats[over], coats[k]); });
        if (hidden || areApart(coats[k], coats[coat])) continue;
        touched.push_back(k);
        if (liesUnder(coats[k], coats[coat])) break; // nothing below it is reached
    }
    return touched;
}

std::vector<std::size_t> findTouched(const std::vector<Laid>& laid, std::size_t coat) {
    std::vector<Coat> coats;
    for (const Laid& l : laid)
        coats.push_back({l.role, {}, 1, l.zone, l.from, l.to});
    return findTouched(coats, coat);
}

bool mayGoOn(Medium upper, Medium lower) {
    if (lower == Medium::varnish) return upper == Medium::varnish;
    return !(upper == Medium::acrylic && lower == Medium::oil);
}

} // namespace enkinet::paint
