#include "paint/schools.h"
#include <algorithm>
#include <functional>
#include <limits>

namespace enkinet::paint {

namespace {

constexpr double kBright = 45;     ///< L* from which white goes below
constexpr double kShade = 0.3;     ///< of the light, for what sinks into folds
constexpr double kHighlight = 0.5; ///< of the way to white, for what sits on ridges
constexpr double kApart = 4;       ///< L* by which shade and light differ from the base at least

Lab labOf(const PaintCard& card) {
    const auto colour = parseHex(card.colour);
    return colour ? toLab(*colour) : Lab{};
}

const PaintCard* nearest(const std::vector<PaintCard>& shelf, const Rgb& colour,
                         const std::function<bool(const PaintCard&)>& may) {
    const PaintCard* best = nullptr;
    double least = std::numeric_limits<double>::infinity();
    for (const PaintCard& c : shelf)
        if (may(c))
            if (const double d = calcDeltaE2000(labOf(c), toLab(colour)); d < least) least = d, best = &c;
    return best;
}

} // namespace

Result<Scheme> makeSchool(School school, const Rgb& wanted, const std::vector<PaintCard>& shelf) {
    Scheme s;
    const auto is = [](Medium medium) { return [medium](const PaintCard& c) { return c.medium == medium; }; };
    const PaintCard* varnish = nearest(shelf, {1, 1, 1}, is(Medium::varnish));
    const auto lacks = [](const Phrase& what) { return Fault{words("shelf of paints"), what, words("is not on it")}; };
    if (school == School::sheen) {
        if (!varnish) return lacks(words("a varnish"));
        s.coats = {{Role::varnish, varnish->id}};
        return s;
    }
    const PaintCard* base = nearest(shelf, wanted, is(Medium::acrylic));
    if (!base) return lacks(words("an acrylic paint"));
    const double L = labOf(*base).L;
    const Rgb colour = *parseHex(base->colour);
    const auto mixed = [&](double share, double to) {
        return Rgb{colour.r + share * (to - colour.r), colour.g + share * (to - colour.g),
                   colour.b + share * (to - colour.b)};
    };
    const Rgb dark{kShade * colour.r, kShade * colour.g, kShade * colour.b};
    const auto shadeIn = [&](Medium medium) {
        return nearest(shelf, dark, [&](const PaintCard& c) { return c.medium == medium && labOf(c).L < L - kApart; });
    };
    const PaintCard* light = nearest(shelf, mixed(kHighlight, 1), [&](const PaintCard& c) {
        return c.medium == Medium::acrylic && labOf(c).L > L + kApart;
    });
    const bool fromBlack = school == School::out_of_the_dark;
    const PaintCard* primer =
        nearest(shelf, fromBlack || L < kBright ? Rgb{0, 0, 0} : Rgb{1, 1, 1}, is(Medium::acrylic));
    // A primer of the base's own colour would only be more of it.
    if (primer && primer->id != base->id) s.coats.push_back({Role::primer, primer->id});
    if (fromBlack) {
        s.coats.push_back({Role::dry_brush, base->id, 3});
    } else {
        s.coats.push_back({Role::base, base->id});
        const PaintCard* shade = shadeIn(school == School::oil_over_acrylic ? Medium::oil : Medium::acrylic);
        if (school == School::oil_over_acrylic && !shade) return lacks(words("an oil paint darker than the base"));
        if (shade) s.coats.push_back({Role::wash, shade->id});
        // Acrylic does not go on oil.
        if (school == School::oil_over_acrylic) light = nullptr;
    }
    if (light) s.coats.push_back({Role::dry_brush, light->id});
    if (varnish) s.coats.push_back({Role::varnish, varnish->id});
    return s;
}

} // namespace enkinet::paint
