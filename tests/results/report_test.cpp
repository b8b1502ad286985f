// Every kind of open point, each brought about by one change to the demo and gone without it.
#include "base/units.h"
#include "document/edits.h"
#include "results/result.h"
#include "support/near.h"

using namespace enkinet::document;
using namespace enkinet::results;

namespace {

int countOf(const Report& r, std::string_view word) {
    return static_cast<int>(
        std::count_if(r.open.begin(), r.open.end(), [&](const findings::Finding& p) { return p.is(word); }));
}

Report reportAfter(const std::function<void(Production&)>& change) {
    Production p = demo();
    change(p);
    auto sound = must(makeProduction(std::move(p), shippedCards()));
    return reportOf(*sound);
}

body::Puppet& tansy(Production& p) { return p.puppets[0]; }

} // namespace

TEST_CASE("A puppet with nothing drawn says so and nothing else", "[results]") {
    const Report r = reportAfter([](Production& p) {
        tansy(p).limbs.clear(), tansy(p).masses.clear(), tansy(p).poses.clear(), tansy(p).things = {};
    });
    REQUIRE(r.open.size() == 1);
    CHECK(r.open[0].is("no-limbs"));
    CHECK(r.plan.steps.empty());
}

TEST_CASE("A figure that nothing holds, or that is drawn too low, is pointed out", "[results]") {
    CHECK(countOf(reportOf(demo()), "no-support") == 0);
    CHECK(countOf(reportAfter([](Production& p) { tansy(p).limbs[2].tieDown.reset(); }), "no-support") == 1);
    CHECK(countOf(reportOf(demo()), "height-off") == 0);
    const Report low = reportAfter([](Production& p) { tansy(p).height_mm = 300; });
    REQUIRE(countOf(low, "height-off") == 1);
    CHECK(std::abs(low.top_mm - 240) < 0.5); // the head's crown
    // A figure that bows deeply is as high as it is built.
    const Report bowed = reportAfter([](Production& p) {
        for (body::Joint& j : tansy(p).limbs[0].joints)
            if (j.posed) j.high_rad = degToRad(90);
        tansy(p).board.angles = {{"spine", "waist", false, degToRad(80), 0}};
    });
    CHECK(countOf(bowed, "height-off") == 0);
}

TEST_CASE("Stock that is missing, short or static is said for the limb that wants it", "[results]") {
    CHECK(countOf(reportAfter([](Production& p) { p.stock.spools.clear(); }), "no-wire") == 7);
    const Report steel = reportAfter([](Production& p) {
        std::erase_if(p.stock.spools, [](const auto& s) { return s.material != "steel-annealed"; });
    });
    CHECK(countOf(steel, "no-wire") == 7);
    const Report shared = reportAfter([](Production& p) {
        // One spool that is long enough for any one limb but not for all of them.
        std::erase_if(p.stock.spools, [](const auto& s) { return s.id != "copper-0.5"; });
        p.stock.spools[0].length_m = 3.2;
    });
    // One finding for what they lack together, not one here and another in the shopping.
    CHECK(countOf(shared, "no-wire") == 0);
    Production together = demo();
    std::erase_if(together.stock.spools, [](const auto& s) { return s.id != "copper-0.5"; });
    together.stock.spools[0].length_m = 3.2, together.puppets.resize(1);
    const ProductionResult all = resultOf(together);
    CHECK(std::count_if(all.open.begin(), all.open.end(), [](const auto& o) { return o.is("buy-wire"); }) == 1);
}

TEST_CASE("Skin outside its clay's limits, and no room for bulk, are points of the part", "[results]") {
    const auto head = [](double skin) {
        return reportAfter([=](Production& p) { tansy(p).masses[0].layers.skin_mm = skin; });
    };
    CHECK(countOf(head(2.5), "skin-thin") == countOf(reportOf(demo()), "skin-thin"));
    CHECK(countOf(head(0.4), "skin-thin") > countOf(reportOf(demo()), "skin-thin"));
    CHECK(countOf(head(19), "skin-thick") == 1);
    CHECK(countOf(head(20.6), "no-room-for-bulk") == 1);
}

TEST_CASE("A part with neither paint nor cover, and a coat that does not hold, are points of Paint", "[results]") {
    // Foil that shows was forgotten; clay has a colour of its own, said once a clay and not counted.
    CHECK(countOf(reportAfter([](Production& p) {
                      tansy(p).masses[0].layers.scheme.clear(), tansy(p).masses[0].layers.clay.clear();
                  }),
                  "bare") == 1);
    const Report own = reportAfter([](Production& p) {
        for (auto& m : tansy(p).masses)
            m.layers.scheme.clear();
        for (auto& l : tansy(p).limbs)
            for (auto& s : l.segments)
                s.layers.scheme.clear();
    });
    CHECK(countOf(own, "bare") == 0);
    std::set<std::string> clays;
    for (const findings::Finding& n : own.notes)
        if (n.is("own-colour")) CHECK(clays.insert(n.subject.english()).second);
    CHECK_FALSE(clays.empty());
    const Report oil = reportAfter([](Production& p) {
        paint::PaintCard c = shippedCards().paints.front();
        c.id = "oil-glaze", c.medium = paint::Medium::oil;
        p.cards.paints.push_back(c);
        for (paint::Scheme& s : p.schemes)
            if (s.id == "face") s.coats = {{paint::Role::base, "oil-glaze"}, {paint::Role::wash, "skin-shade"}};
    });
    CHECK(countOf(oil, "coat-order") == 1);
}

TEST_CASE("What the shelf lacks is to be bought, wire by the metre and foil off the roll", "[results]") {
    Production p = demo();
    p.stock.foil.length_m = 0.2;
    for (auto& s : p.stock.spools)
        s.length_m = std::min(s.length_m, s.id == "alu-1.5" ? 1.8 : 99.0);
    const ProductionResult all = resultOf(p);
    CHECK(std::count_if(all.open.begin(), all.open.end(), [](const auto& o) { return o.is("buy-foil"); }) == 1);
    const Report& r = *all.puppets[0];
    for (const Need& n : all.shopping.needs) {
        CHECK(n.needed >= 0);
        CHECK((n.buy > 0) == (n.needed > n.held));
        if (n.ware == Ware::foil) CHECK_NEAR(n.buy, n.needed - n.held, 1e-12);
    }
    double sum = 0;
    for (const Need& n : r.needs)
        sum += n.price;
    CHECK_NEAR(sum, r.price, 1e-12);
}

TEST_CASE("Paint of one scheme on one clay is laid once for all its parts, to the square millimetre", "[results]") {
    const Report r = reportOf(demo());
    std::map<std::string, double> byScheme;
    for (const PaintedPart& p : r.painted)
        byScheme[p.scheme] += r.choice.parts[nth(p.part)].surface_mm2;
    double parts = 0, works = 0;
    for (const auto& [scheme, area] : byScheme)
        parts += area;
    for (const make::SchemeWork& w : r.schemes)
        works += w.surface_mm2;
    CHECK_NEAR(parts, works, 1e-12);
    double ml = 0, mlParts = 0;
    for (const make::SchemeWork& w : r.schemes)
        for (const paint::Laid& l : w.laid)
            ml += l.ml;
    for (const PaintedPart& p : r.painted)
        for (const paint::Laid& l : p.laid)
            mlParts += l.ml;
    CHECK_NEAR(ml, mlParts, 1e-12);
}

TEST_CASE("A single straight wire that carries torsion asks for a key, a twisted pair does not", "[results]") {
    // Old Reed's legs are drawn with a bend: the lean twists them.
    const Report single = reportOf(demo(), 2);
    REQUIRE(single.choice.limbs[1].candidates()[nth(single.choice.limbs[1].chosen)].bundle.strands == 1);
    CHECK(countOf(single, "key") >= 1);
    Production p = demo();
    p.puppets[2].limbs[1].pick = body::WirePick{"alu-1.0", 2, 10};
    CHECK(countOf(reportOf(p, 2), "key") == 0);
}

TEST_CASE("An edit calibrates only the spool whose test it is, and plans no bake that it leaves alone", "[results]") {
    Memo memo;
    Production p = demo();
    const auto result = [&] { return calcResult(p, shippedCards(), tables(), memo); };
    result();
    const auto bakes = [&] {
        std::size_t all = 0;
        for (const auto& [id, own] : memo.puppets)
            all += own.baked.misses();
        return all;
    };
    CHECK(memo.calibrations->misses() == p.stock.spools.size());
    CHECK(bakes() == p.puppets.size());
    // What neither reads.
    p.puppets[0].note = "the bag hangs on the left", p.puppets[0].wants.camera_rad += 0.1;
    result();
    CHECK(memo.calibrations->misses() == p.stock.spools.size());
    CHECK(bakes() == p.puppets.size());
    // A test of one spool, and the answer is the one from nothing.
    wire::BendTest test;
    test.spool = p.stock.spools[1].id, test.bundle = {1, p.stock.spools[1].diameter_mm, 0};
    test.gap_mm = 14, test.angle_rad = degToRad(45), test.cycles = 60;
    p.stock.bendTests.push_back(test);
    const ProductionResult by = result(), fresh = calcResult(p, shippedCards(), tables());
    CHECK(memo.calibrations->misses() == p.stock.spools.size() + 1);
    for (std::size_t i = 0; i < p.puppets.size(); ++i)
        CHECK(*by.puppets[i] == *fresh.puppets[i]);
}
