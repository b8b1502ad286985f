// The three tones on relief, and colours from a photograph: laws and closed forms.
#include "paint/film.h"
#include "paint/photo.h"
#include "paint/relief.h"
#include "support/near.h"
#include <numeric>

using namespace enkinet::paint;

namespace {

std::vector<PaintCard> shelf() {
    std::vector<PaintCard> all(3);
    all[0].id = "base", all[0].colour = "#d8a888", all[0].opacity = 0.9;
    all[1].id = "dark", all[1].colour = "#5a3020", all[1].opacity = 0.5;
    all[2].id = "light", all[2].colour = "#f4e8d8", all[2].opacity = 0.8;
    return all;
}

Scheme schemeOf(double wash, double dry, Relief relief = {}) {
    Scheme s{"s", "s", {{Role::base, "base"}}, relief};
    if (wash > 0) s.coats.push_back({Role::wash, "dark", wash});
    if (dry > 0) s.coats.push_back({Role::dry_brush, "light", dry});
    return s;
}

Tones tonesOf(const Scheme& s) {
    const auto patch = must(calcReliefPatch(s, shelf(), "#b08060"));
    return patch->tones;
}

double off(const Rgb& a, const Rgb& b) { return calcDeltaE2000(toLab(a), toLab(b)); }

} // namespace

TEST_CASE("What went on is what is there, lies where it is low or high, and a flat patch is covered evenly",
          "[paint]") {
    for (Texture t : {Texture::folds, Texture::scales, Texture::hair, Texture::pores}) {
        const auto heights = calcHeights({t, 0.8, 3}, 64, 15);
        CHECK(std::abs(std::accumulate(heights.begin(), heights.end(), 0.0)) < 1e-9 * 4096);
        const auto [low, high] = std::minmax_element(heights.begin(), heights.end());
        CHECK(*high - *low > 0.3);
        CHECK(*high - *low < 2.5);
        CHECK(heights == calcHeights({t, 0.8, 3}, 64, 15)); // the same always
        for (bool pools : {true, false})
            for (double share : {0.05, 0.5, 2.0}) {
                const auto film = calcPooled(heights, share, pools);
                CHECK(std::accumulate(film.begin(), film.end(), 0.0) / static_cast<double>(film.size()) ==
                      Approx(share).epsilon(1e-12));
                for (std::size_t i = 0; i < film.size(); ++i) {
                    CHECK(film[i] >= 0);
                    if (pools ? heights[i] >= 0 : heights[i] <= 0) CHECK(film[i] == 0);
                }
            }
    }
    const auto even = calcPooled(std::vector<double>(100, 0.0), 0.5, true);
    CHECK(even == std::vector<double>(100, 0.5));
}

TEST_CASE("A smooth surface has one tone, and it is the one that coats say", "[paint]") {
    const Scheme s = schemeOf(1.5, 0.7, {Texture::smooth, 0, 4});
    const Tones t = tonesOf(s);
    CHECK(off(t.recess, t.body) < 1e-9);
    CHECK(off(t.ridge, t.body) < 1e-9);
    const auto laid = must(calcLaid(s, shelf(), "#b08060", 1000));
    CHECK(off(t.body, laid->back().seen) < 1e-6);
}

TEST_CASE("A wash darkens recesses alone, a dry brush ridges alone, and more of either does more", "[paint]") {
    const Tones bare = tonesOf(schemeOf(0, 0));
    CHECK(bare.recessOff < 1e-9);
    CHECK(bare.ridgeOff < 1e-9);
    double before = 0;
    for (double amount : {0.2, 0.5, 1.0, 2.0, 4.0}) {
        const Tones t = tonesOf(schemeOf(amount, 0));
        CHECK(t.recessOff > before);
        CHECK(off(t.ridge, bare.ridge) < 1e-9);
        CHECK(toLab(t.recess).L < toLab(t.body).L);
        before = t.recessOff;
    }
    before = 0;
    for (double amount : {0.2, 0.5, 1.0, 2.0, 4.0}) {
        const Tones t = tonesOf(schemeOf(0, amount));
        // Much of it reaches beyond the ridges, as on the bench: from the body it stands out less again.
        CHECK(off(t.ridge, bare.ridge) > before);
        CHECK(off(t.recess, bare.recess) < 1e-9);
        CHECK(toLab(t.ridge).L > toLab(t.body).L);
        before = off(t.ridge, bare.ridge);
    }
    // Without end it is the paint itself.
    Scheme drowned = schemeOf(4, 0);
    for (int i = 0; i < 12; ++i)
        drowned.coats.push_back({Role::wash, "dark", 4});
    CHECK(off(tonesOf(drowned).recess, toRgb(calcReflectance(*parseHex("#5a3020")))) < 1.5);
}

TEST_CASE("A ridge worked out by hand: the film equation at the thickness of that height", "[paint]") {
    const Scheme s = schemeOf(1, 0, {Texture::folds, 0.6, 4});
    const auto heights = calcHeights(s.relief, 96, 24);
    const auto film = calcPooled(heights, kWashShare, true);
    // The lowest tenth's mean by the exact film of each place, without levels.
    const auto cards = shelf();
    const Reflectance base = calcReflectance(*parseHex(cards[0].colour)),
                      dark = calcReflectance(*parseHex(cards[1].colour));
    const Reflectance ground = calcReflectance(*parseHex("#b08060"));
    const Reflectance covered =
        calcShotWear(ground, base, calcPower(base, cards[0].opacity) * calcCoats(ground, base, cards[0].opacity));
    std::vector<std::size_t> order(heights.size());
    std::iota(order.begin(), order.end(), 0);
    std::sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return heights[a] < heights[b]; });
    Rgb sum;
    const std::size_t tenth = heights.size() / 10;
    for (std::size_t i = 0; i < tenth; ++i) {
        const Rgb c = toRgb(calcShotWear(covered, dark, calcPower(dark, cards[1].opacity) * film[order[i]]));
        sum.r += c.r, sum.g += c.g, sum.b += c.b;
    }
    const auto n = static_cast<double>(tenth);
    CHECK(off({sum.r / n, sum.g / n, sum.b / n}, tonesOf(s).recess) < 0.3);
}

TEST_CASE("Millilitres follow the amount, and what is not on the shelf or no colour is refused", "[paint]") {
    const auto one = calcLaid(schemeOf(1, 0), shelf(), "#b08060", 1000),
               two = calcLaid(schemeOf(2, 0), shelf(), "#b08060", 1000);
    CHECK(two->back().ml == Approx(2 * one->back().ml));
    CHECK_FALSE(calcReliefPatch({"s", "s", {{Role::base, "none"}}}, shelf(), "#b08060"));
    CHECK_FALSE(calcReliefPatch(schemeOf(1, 0), shelf(), "brown"));
}

TEST_CASE("A grey card takes the lamp out of a photograph, whatever its colour and brightness", "[paint]") {
    Random random(14);
    for (int i = 0; i < 500; ++i) {
        const Rgb paint{random.between(0.02, 0.9), random.between(0.02, 0.9), random.between(0.02, 0.9)};
        const Rgb lamp{random.between(0.3, 1.05), random.between(0.3, 1.05), random.between(0.3, 1.05)};
        const auto seen = [&](const Rgb& c) { return Rgb{c.r * lamp.r, c.g * lamp.g, c.b * lamp.b}; };
        const auto back = must(calcBalanced(seen(paint), seen({0.18, 0.18, 0.18})));
        CHECK(std::abs(back->r - paint.r) + std::abs(back->g - paint.g) + std::abs(back->b - paint.b) < 1e-12);
    }
    const Rgb grey{0.18, 0.18, 0.18};
    CHECK_FALSE(calcBalanced(grey, {1, 0.5, 0.5}));
    CHECK_FALSE(calcBalanced(grey, {0.2, 0.001, 0.2}));
    CHECK_FALSE(calcBalanced({0.99, 0.2, 0.2}, grey));
    CHECK_FALSE(calcBalanced(grey, grey, 0));
    CHECK_FALSE(calcBalanced(grey, {std::nan(""), 0.2, 0.2}));
}

TEST_CASE("A coat takes the paint of its place, lies on what is in that place, and is seen there alone", "[paint]") {
    Scheme s = schemeOf(0, 0, {Texture::folds, 0.8, 4});
    s.coats.push_back({Role::base, "dark", 1, Zone::back});
    s.coats.push_back({Role::base, "light", 1, Zone::front});
    s.coats.push_back({Role::base, "dark", 1, Zone::stretch, 0.2, 0.5});
    const auto laid = must(calcLaid(s, shelf(), "#b08060", 1000));
    const auto whole = [&](const std::string& paint) {
        Scheme one{"s", "s", {{Role::base, "base"}, {Role::base, paint}}, s.relief};
        return calcLaid(one, shelf(), "#b08060", 1000)->at(1);
    };
    // Half of it at the back, half in front, three tenths on the stretch; each on the base alone.
    CHECK_NEAR(laid->at(1).ml, whole("dark").ml / 2, 1e-12);
    CHECK_NEAR(laid->at(2).ml, whole("light").ml / 2, 1e-12);
    CHECK_NEAR(laid->at(3).ml, whole("dark").ml * 0.3, 1e-12);
    CHECK(laid->at(2).coats == whole("light").coats);
    CHECK(laid->at(2).seen == whole("light").seen);
    const auto touched = [&](std::size_t coat) { return findTouched(*laid, coat); };
    using Places = std::vector<std::size_t>;
    CHECK(touched(0).empty()); // the clay
    CHECK(touched(1) == Places{0});
    CHECK(touched(2) == Places{0});       // the back is nowhere in front
    CHECK(touched(3) == Places{2, 1, 0}); // a stretch has a front, a back, and what neither covers
    s.coats.push_back({Role::varnish, "base"});
    s.coats.push_back({Role::base, "dark", 1, Zone::front});
    CHECK(findTouched(s.coats, 4) == Places{3, 2, 1, 0});
    CHECK(findTouched(s.coats, 5) == Places{4}); // the varnish lies over all
    s.coats.resize(4);
    // Recess and ridge share the surface between them.
    double both = 0;
    for (Zone z : {Zone::recess, Zone::ridge}) {
        const double share = findShare({Role::base, "dark", 1, z}, s.relief, 0);
        CHECK(share > 0.2);
        CHECK(share < 0.8);
        both += share;
    }
    CHECK(both <= 1);
    CHECK(both > 0.9);
    CHECK(findShare({Role::base, "dark", 1, Zone::recess}, {Texture::smooth, 0, 4}, 0) == 0.5);
    CHECK(findShare({Role::base, "dark", 1, Zone::features}, s.relief, 0.12) == 0.12);
    // Seen at its own place: everywhere else it is as without it.
    const auto at = [&](const Coat& place) { return calcReliefPatch(s, shelf(), "#b08060", 48, 12, place)->tones; };
    const Tones plain = calcReliefPatch(schemeOf(0, 0, s.relief), shelf(), "#b08060", 48, 12)->tones;
    CHECK(at({}) == plain);
    CHECK(off(at({Role::base, {}, 1, Zone::front}).body, plain.body) > 5);
    CHECK(off(at({Role::base, {}, 1, Zone::back}).body, plain.body) > 5);
    CHECK(off(at({Role::base, {}, 1, Zone::stretch, 0.2, 0.5}).body, plain.body) > 5);
    CHECK(at({Role::base, {}, 1, Zone::stretch, 0.6, 0.9}) == plain);
    // A base laid into the recesses changes them and leaves the ridges.
    Scheme low = schemeOf(0, 0, s.relief);
    low.coats.push_back({Role::base, "dark", 1, Zone::recess});
    const Tones deep = calcReliefPatch(low, shelf(), "#b08060", 48, 12)->tones;
    CHECK(off(deep.recess, plain.recess) > 5);
    CHECK(off(deep.ridge, plain.ridge) < 1e-9);
    CHECK(deep.recessOff > 5);
    // What lies under what.
    CHECK(liesUnder({}, {Role::base, "x", 1, Zone::front}));
    CHECK_FALSE(liesUnder({Role::base, "x", 1, Zone::front}, {Role::base, "x", 1, Zone::back}));
    CHECK(liesUnder({Role::base, "x", 1, Zone::stretch, 0.1, 0.6}, {Role::base, "x", 1, Zone::stretch, 0.2, 0.5}));
    CHECK_FALSE(
        liesUnder({Role::base, "x", 1, Zone::stretch, 0.3, 0.6}, {Role::base, "x", 1, Zone::stretch, 0.2, 0.5}));
    for (const Coat& bad :
         {Coat{Role::base, "base", 1, Zone::stretch, 0.6, 0.6}, Coat{Role::base, "base", 1, Zone::stretch, -0.1, 0.6},
          Coat{Role::base, "base", 1, Zone::stretch, 0.2, 1.1}})
        CHECK(checkScheme({"s", "s", {bad}, {}}));
}

TEST_CASE("Clays are compared by the coats that they take: one of the paint's own colour takes the fewest", "[paint]") {
    const Scheme s{"s", "s", {{Role::base, "light"}, {Role::varnish, "base"}}, {}};
    const auto all =
        compareClays(s, shelf(), {{"black", "#181410"}, {"own", "#f4e8d8"}, {"no colour", ""}, {"brown", "#7a5030"}});
    REQUIRE(all.size() == 3);
    CHECK(all[0].id == "own");
    CHECK(all[0].coats == 1);
    CHECK(all[1].coats > 1);
    CHECK(all[1].coats <= all[2].coats);
    for (const ClayGround& c : all) {
        const auto laid = calcLaid(s, shelf(), c.colour, 5);
        CHECK(c.coats == laid->at(0).coats);
        CHECK(c.dry_min == laid->at(0).dry_min + laid->at(1).dry_min);
    }
    CHECK(compareClays({"s", "s", {{Role::base, "none"}}, {}}, shelf(), {{"own", "#f4e8d8"}}).empty());
}
