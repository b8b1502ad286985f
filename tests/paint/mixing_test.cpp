// Reflectances, mixtures, films and recipes against worked values, limits, and every mixture tried plainly.
#include "paint/film.h"
#include "paint/recipe.h"
#include "support/near.h"
#include <numeric>

using namespace enkinet::paint;

namespace {

Reflectance curve(const char* hex) { return calcReflectance(*parseHex(hex)); }
double at(const Reflectance& r, int nm) { return r[nth((nm - kFirst_nm) / kStep_nm)]; }

/// Largest distance of a channel, of 255.
int colourOff(const std::string& a, const std::string& b) {
    int most = 0;
    for (std::size_t i = 1; i < 7; i += 2)
        most =
            std::max(most, std::abs(std::stoi(a.substr(i, 2), nullptr, 16) - std::stoi(b.substr(i, 2), nullptr, 16)));
    return most;
}

std::string mixed(std::initializer_list<Share> shares) { return toHex(toRgb(calcMixture(shares))); }

PaintCard card(const std::string& id, const Rgb& colour, double strength = 1) {
    PaintCard c;
    c.id = c.name = id, c.colour = toHex(colour), c.strength = strength;
    return c;
}

Rgb randomColour(Random& random) {
    return {std::pow(random.between(0.05, 0.95), 2.2), std::pow(random.between(0.05, 0.95), 2.2),
            std::pow(random.between(0.05, 0.95), 2.2)};
}

} // namespace

TEST_CASE("Curves of worked colours have the worked reflectances", "[paint]") {
    struct Case {
        const char* hex;
        double b450, b550, b650;
    };
    for (const Case& c : {Case{"#e0b030", 0.0661, 0.4949, 0.6402},
                          {"#2050a0", 0.3449, 0.0714, 0.0363},
                          {"#b83020", 0.0245, 0.0407, 0.6096},
                          {"#d8a888", 0.2639, 0.4118, 0.6395}}) {
        INFO(c.hex);
        const Reflectance r = curve(c.hex);
        CHECK(std::abs(at(r, 450) - c.b450) < 0.001);
        CHECK(std::abs(at(r, 550) - c.b550) < 0.001);
        CHECK(std::abs(at(r, 650) - c.b650) < 0.001);
    }
}

TEST_CASE("A curve returns its colour, for colours over the whole cube, and lies between black and white",
          "[paint][full]") {
    double worst = 0;
    for (int r = 0; r <= 16; ++r)
        for (int g = 0; g <= 16; ++g)
            for (int b = 0; b <= 16; ++b) {
                const auto channel = [](int i) {
                    const double v = i / 16.0, lin = v <= 0.04045 ? v / 12.92 : std::pow((v + 0.055) / 1.055, 2.4);
                    return std::clamp(lin, kDarkest, kLightest);
                };
                const Rgb c{channel(r), channel(g), channel(b)};
                const Reflectance curve = calcReflectance(c);
                const Rgb back = toRgb(curve);
                worst = std::max({worst, std::abs(back.r - c.r), std::abs(back.g - c.g), std::abs(back.b - c.b)});
                for (double x : curve)
                    REQUIRE((x >= 0 && x <= 1));
            }
    INFO(worst);
    CHECK(worst < 1e-9);
}

TEST_CASE("White is exactly white, and mixtures of worked colours are the worked ones", "[paint]") {
    Reflectance one;
    one.fill(1);
    const Rgb white = toRgb(one);
    CHECK(std::abs(white.r - 1) < 1e-12);
    CHECK(std::abs(white.g - 1) < 1e-12);
    CHECK(std::abs(white.b - 1) < 1e-12);
    const Reflectance yellow = curve("#e0b030"), blue = curve("#2050a0"), paper = curve("#f4f2ea"),
                      red = curve("#b83020");
    CHECK(colourOff(mixed({{yellow, 1, 1}, {blue, 1, 1}}), "#356a62") <= 1);
    CHECK(colourOff(mixed({{yellow, 3, 1}, {blue, 1, 1}}), "#587c53") <= 1);
    CHECK(colourOff(mixed({{paper, 4, 1}, {red, 1, 1}}), "#e26b52") <= 1);
    CHECK(colourOff(mixed({{paper, 4, 0.6}, {curve("#202020"), 1, 2}}), "#313131") <= 1);
    CHECK(colourOff(mixed({{yellow, 6, 1}, {red, 1, 1}, {paper, 5, 1}}), "#e28847") <= 1);
}

TEST_CASE("A mixture does not care for order, nor for all parts being doubled; alone a paint is itself", "[paint]") {
    Random random(5);
    for (int round = 0; round < 50; ++round) {
        std::vector<Share> shares;
        for (int i = random.whole(1, 4); i > 0; --i)
            shares.push_back({calcReflectance(randomColour(random)), static_cast<double>(random.whole(1, 6)),
                              random.between(0.3, 3)});
        const Reflectance once = calcMixture(shares);
        auto other = shares;
        std::reverse(other.begin(), other.end());
        for (Share& s : other)
            s.parts *= 2;
        const Reflectance twice = calcMixture(other);
        const Reflectance alone = calcMixture({shares[0]});
        for (std::size_t b = 0; b < kBands; ++b) {
            CHECK_NEAR(once[b], twice[b], 1e-12);
            CHECK_NEAR(alone[b], shares[0].curve[b], 1e-9);
            double low = 1, high = 0;
            for (const Share& s : shares)
                low = std::min(low, s.curve[b]), high = std::max(high, s.curve[b]);
            CHECK((once[b] >= low - 1e-12 && once[b] <= high + 1e-12));
        }
    }
}

TEST_CASE("Films have the worked powers and differences", "[paint]") {
    const Reflectance white = curve("#f4f2ea"), flesh = curve("#d8a888");
    CHECK_NEAR(calcPower(white, 0.80), 3.479, 0.005);
    CHECK_NEAR(calcPower(curve("#e0b030"), 0.60), 0.9226, 0.005);
    const Film f = calcCoatsOver(flesh, white, 0.80, 3);
    CHECK(std::abs(f.deltaE[0] - 3.49) < 0.05);
    CHECK(std::abs(f.deltaE[1] - 1.41) < 0.05);
    CHECK(std::abs(f.deltaE[2] - 0.65) < 0.05);
}

TEST_CASE("No coat shows the ground, many the paint, and an opaque film does not care what lies below", "[paint]") {
    Random random(9);
    for (int round = 0; round < 40; ++round) {
        const Reflectance ground = calcReflectance(randomColour(random)), other = calcReflectance(randomColour(random)),
                          paint = calcReflectance(randomColour(random));
        const double hiding = random.between(0.05, 0.98), power = calcPower(paint, hiding);
        CHECK(calcShotWear(ground, paint, 0) == ground);
        CHECK_NEAR(calcHiding(paint, power), hiding, 1e-6);
        const Reflectance thick = calcShotWear(ground, paint, 1e6), thick2 = calcShotWear(other, paint, 1e6);
        const Reflectance two = calcShotWear(calcShotWear(ground, paint, power), paint, power),
                          at2 = calcShotWear(ground, paint, 2 * power);
        for (std::size_t b = 0; b < kBands; ++b) {
            CHECK(std::abs(thick[b] - paint[b]) < 1e-4);
            CHECK(std::abs(thick[b] - thick2[b]) < 1e-4);
            // A film over a film is one film of their powers' sum.
            CHECK(std::abs(two[b] - at2[b]) < 1e-9);
        }
        const Film f = calcCoatsOver(ground, paint, hiding, 6);
        CHECK(f.deltaE.back() <= f.deltaE.front() + 1e-9);
    }
}

namespace {
/// Every mixture of up to four paints and twelve parts, one after the other, in doubles.
Recipe tryAll(const std::vector<PaintCard>& shelf, const Rgb& target) {
    std::vector<Reflectance> curves;
    for (const PaintCard& c : shelf)
        curves.push_back(calcReflectance(*parseHex(c.colour)));
    const Lab goal = toLab(target);
    Recipe best;
    best.deltaE = 1e9;
    const int n = static_cast<int>(shelf.size());
    std::vector<int> parts(shelf.size(), 0);
    const auto visit = [&](auto&& self, int i, int used, int sum) -> void {
        if (i == n) {
            if (used == 0) return;
            std::vector<Share> shares;
            for (int k = 0; k < n; ++k)
                if (parts[nth(k)] > 0)
                    shares.push_back({curves[nth(k)], static_cast<double>(parts[nth(k)]), shelf[nth(k)].strength});
            const Rgb c = toRgb(calcMixture(shares));
            const double e = calcDeltaE2000(toLab(c), goal);
            if (e < best.deltaE) best.deltaE = e, best.colour = c;
            return;
        }
        for (int p = 0; sum + p <= 12 && (p == 0 || used < 4); ++p) {
            parts[nth(i)] = p;
            self(self, i + 1, used + (p > 0), sum + p);
        }
        parts[nth(i)] = 0;
    };
    visit(visit, 0, 0, 0);
    return best;
}
} // namespace

TEST_CASE("The recipe found is the best of all mixtures, on random shelves", "[paint][full]") {
    Random random(31);
    for (int round = 0; round < 25; ++round) {
        std::vector<PaintCard> shelf;
        for (int i = random.whole(1, 5); i > 0; --i)
            shelf.push_back(card("p" + std::to_string(i), randomColour(random), random.between(0.3, 3)));
        const Rgb target = randomColour(random);
        const Recipes found = calcRecipes(shelf, target);
        REQUIRE(found.proved);
        const Recipe all = tryAll(shelf, target);
        INFO("round " << round);
        CHECK(std::abs(found.recipes.front().deltaE - all.deltaE) < 1e-9);
        for (std::size_t k = 0; k < found.recipes.size(); ++k) {
            const Recipe& r = found.recipes[k];
            CHECK(r.sum() <= 12);
            CHECK(r.parts.size() <= 4);
            int divisor = 0;
            for (const RecipePart& p : r.parts)
                divisor = std::gcd(divisor, p.parts);
            CHECK(divisor == 1);
            if (k > 0) CHECK(r.deltaE >= found.recipes[k - 1].deltaE);
        }
    }
}

TEST_CASE("On 300 random shelves of up to eight paints, and five of thirty, no mixture is nearer", "[paint][long]") {
    Random random(77);
    for (int round = 0; round < 305; ++round) {
        std::vector<PaintCard> shelf;
        for (int i = round < 300 ? random.whole(1, 8) : 30; i > 0; --i)
            shelf.push_back(card("p" + std::to_string(i), randomColour(random), random.between(0.3, 3)));
        const Rgb target = randomColour(random);
        CHECK(std::abs(calcRecipes(shelf, target).recipes.front().deltaE - tryAll(shelf, target).deltaE) < 1e-9);
    }
}

TEST_CASE("What is left in the pots limits a recipe, and stopping is quick and said", "[paint]") {
    std::vector<PaintCard> shelf{card("white", {0.9, 0.9, 0.85}), card("red", {0.5, 0.05, 0.03})};
    const Rgb pink{0.75, 0.35, 0.3};
    RecipeLimits limits;
    const Recipe free = calcRecipes(shelf, pink, limits).recipes.front();
    limits.needed_ml = 12, limits.left_ml = {100, 12.0 * 0.5 / free.sum()};
    const Recipes scarce = calcRecipes(shelf, pink, limits);
    for (const Recipe& r : scarce.recipes)
        for (const RecipePart& p : r.parts)
            CHECK(12.0 * p.parts / r.sum() <= limits.left_ml[nth(p.paint)] + 1e-9);
    CHECK(scarce.recipes.front().deltaE > free.deltaE);
    std::stop_source stop;
    stop.request_stop();
    limits = {};
    limits.stop = stop.get_token();
    CHECK_FALSE(calcRecipes(shelf, pink, limits).proved);
    CHECK(calcRecipes({}, pink).recipes.empty());
    const auto ml = calcAmounts(free, 20, 0.1);
    CHECK_NEAR(std::accumulate(ml.begin(), ml.end(), 0.0), 22, 1e-12);
    const auto more = calcOneMore(shelf, free, pink);
    REQUIRE(more.size() == 2);
    // A part more of the white is the mixture with a part more of the white.
    std::vector<Share> richer;
    for (const RecipePart& p : free.parts)
        richer.push_back(
            {calcReflectance(*parseHex(shelf[nth(p.paint)].colour)), p.parts + (p.paint == 0 ? 1.0 : 0.0), 1});
    CHECK_NEAR(more[0], calcDeltaE2000(toLab(toRgb(calcMixture(richer))), toLab(pink)), 1e-12);
}

TEST_CASE("A mixture that is kept has its colour, and hides, dries and costs as its parts do", "[paint]") {
    std::vector<PaintCard> shelf{card("white", {0.9, 0.9, 0.85}), card("red", {0.5, 0.05, 0.03}, 2)};
    shelf[0].opacity = 0.8, shelf[1].opacity = 0.5, shelf[0].dry_min = 20, shelf[1].dry_min = 45;
    shelf[0].pot_ml = 60, shelf[0].potPrice = 6, shelf[1].pot_ml = 20, shelf[1].potPrice = 8;
    Recipe r;
    r.parts = {{0, 3}, {1, 1}}, r.colour = {0.75, 0.35, 0.3};
    const PaintCard c = makeMixed(shelf, r, 12);
    CHECK(c.colour == toHex(r.colour));
    CHECK_NEAR(c.opacity, 0.75 * 0.8 + 0.25 * 0.5, 1e-12);
    CHECK_NEAR(c.strength, 0.75 * 1 + 0.25 * 2, 1e-12);
    CHECK(c.dry_min == 45);
    // Nine millilitres at a tenth, three at four tenths.
    CHECK_NEAR(c.potPrice, 9 * 0.1 + 3 * 0.4, 1e-12);
}

TEST_CASE("A strength learned from one chip foretells another mix within a unit", "[paint]") {
    Random random(12);
    int near = 0;
    for (int round = 0; round < 40; ++round) {
        const Reflectance a = calcReflectance(randomColour(random)), b = calcReflectance(randomColour(random));
        const double truth = random.between(0.2, 5);
        // The chip is picked from a photograph: its colour is off by a little.
        Rgb chip = toRgb(calcMixture({{a, 3, 1}, {b, 1, truth}}));
        chip.r *= random.between(0.99, 1.01), chip.g *= random.between(0.99, 1.01),
            chip.b *= random.between(0.99, 1.01);
        const double learned = calcStrength(b, 1, {{a, 3, 1}}, chip);
        const double e = calcDeltaE2000(toLab(toRgb(calcMixture({{a, 1, 1}, {b, 2, learned}}))),
                                        toLab(toRgb(calcMixture({{a, 1, 1}, {b, 2, truth}}))));
        near += e < 1;
    }
    INFO(near << " of 40");
    CHECK(near >= 38);
    CHECK(std::isnan(calcStrength(curve("#b83020"), 1, {}, {0.5, 0.1, 0.1})));
}
