#include "paint/schools.h"
#include "support/puppets.h"

using namespace enkinet::paint;

TEST_CASE("Each school's coats go on each other, shades are darker and lights lighter, whatever the colour",
          "[paint]") {
    Random random(160);
    const auto& shelf = shippedCards().paints;
    const auto cardOf = [&](const std::string& id) -> const PaintCard& {
        return *std::find_if(shelf.begin(), shelf.end(), [&](const PaintCard& c) { return c.id == id; });
    };
    for (int i = 0; i < 200; ++i) {
        const Rgb wanted{random.between(0, 1), random.between(0, 1), random.between(0, 1)};
        for (int k = 0; k < kSchools; ++k) {
            const auto made = makeSchool(static_cast<School>(k), wanted, shelf);
            INFO(k << " " << toHex(wanted) << (made ? "" : made.fault().sentence()));
            if (!made) {
                // No shade in oil is darker than the darkest base.
                CHECK(static_cast<School>(k) == School::oil_over_acrylic);
                continue;
            }
            CHECK_FALSE(checkScheme(*made));
            REQUIRE_FALSE(made->coats.empty());
            const PaintCard* base = nullptr;
            for (std::size_t c = 0; c < made->coats.size(); ++c) {
                const PaintCard& card = cardOf(made->coats[c].paint);
                if (c > 0) CHECK(mayGoOn(card.medium, cardOf(made->coats[c - 1].paint).medium));
                const double L = toLab(*parseHex(card.colour)).L;
                const Role role = made->coats[c].role;
                if (role == Role::base || (role == Role::dry_brush && !base)) {
                    base = &card;
                    // Nothing on the shelf is nearer.
                    const double mine = calcDeltaE2000(toLab(*parseHex(card.colour)), toLab(wanted));
                    for (const PaintCard& other : shelf)
                        if (other.medium == Medium::acrylic)
                            CHECK(calcDeltaE2000(toLab(*parseHex(other.colour)), toLab(wanted)) >= mine - 1e-12);
                } else if (role == Role::wash) {
                    CHECK(L < toLab(*parseHex(base->colour)).L);
                } else if (role == Role::dry_brush) {
                    CHECK(L > toLab(*parseHex(base->colour)).L);
                }
            }
            if (static_cast<School>(k) == School::sheen) CHECK(made->coats.size() == 1);
        }
    }
    CHECK_FALSE(makeSchool(School::sheen, {1, 0, 0}, {}));
    CHECK_FALSE(makeSchool(School::wash_and_dry_brush, {1, 0, 0}, {}));
}

TEST_CASE("A mixture that is kept leaves that much less in its pots, and no pot below nothing", "[paint]") {
    document::Production p = demo();
    REQUIRE(p.stock.paints_ml.size() > 2);
    p.stock.paints_ml[0].amount = 20, p.stock.paints_ml[1].amount = 3;
    paint::PaintCard mixed = shippedCards().paints[0];
    mixed.id = "mixed-test", mixed.name = "mixed";
    const std::string a = p.stock.paints_ml[0].card, b = p.stock.paints_ml[1].card;
    const auto kept = must(document::Edits(p, shippedCards(), "tansy").mixPaint(mixed, 10, {{a, 8}, {b, 5}}));
    const auto left = [&](const std::string& card) {
        for (const document::Held& h : kept->stock.paints_ml)
            if (h.card == card) return h.amount;
        return -1.0;
    };
    CHECK_NEAR(left(a), 12.0, 1e-12);
    CHECK(left(b) == 0);
    CHECK_NEAR(left("mixed-test"), 10.0, 1e-12);
    // More of it adds to what there is.
    const auto more = must(document::Edits(*kept, shippedCards(), "tansy").mixPaint(mixed, 5, {{a, 4}}));
    for (const document::Held& h : more->stock.paints_ml) {
        if (h.card == a) CHECK_NEAR(h.amount, 8.0, 1e-12);
        if (h.card == "mixed-test") CHECK_NEAR(h.amount, 15.0, 1e-12);
    }
}
