// What was once said of things, names and stock, and was not so.
#include "files/csv.h"
#include "files/mesh_file.h"
#include "results/remedies.h"
#include "support/puppets.h"
#include "support/things.h"

using namespace enkinet::body;

TEST_CASE("Leaving one cape as it is leaves the other of its name open, whatever either is called", "[results]") {
    const auto capes = [](const std::vector<LeftPoint>& left, const std::string& second = "cape") {
        return reportOf(changedDemo([&](Puppet& p) {
            Sheet s;
            s.name = "cape", s.on.limb = "spine", s.length_mm = 300, s.width_mm = 50, s.thickness_mm = 0.5;
            s.clay = "firm-white";
            for (const Sheet& old : p.things.sheets)
                CHECK(old.id != "c1");
            p.things.sheets.clear();
            s.id = "c1", p.things.sheets.push_back(s);
            s.id = "c2", s.name = second, p.things.sheets.push_back(s);
            p.left = left;
        }));
    };
    const auto count = [](const std::vector<findings::Finding>& points) {
        return std::count_if(points.begin(), points.end(), [](const auto& o) { return o.is("sheet-sags"); });
    };
    const auto both = capes({});
    REQUIRE(count(both.open) == 2);
    const std::string key = findPoint(both.open, "sheet-sags")->key;
    CHECK(key == "sheet-sags:sheet/c1");
    for (const std::string name : {"cape", "cloak"}) {
        const auto one = capes({{key, "propped"}}, name);
        CHECK(count(one.open) == 1);
        CHECK(count(one.left) == 1);
        CHECK(findPoint(one.open, "sheet-sags")->ref.id == "c2");
    }
    // Older files know a name alone: it counts where one thing bears it, and never for two.
    CHECK(count(capes({{"sheet-sags:cape", "propped"}}).left) == 0);
    CHECK(count(capes({{"sheet-sags:cape", "propped"}}, "cloak").left) == 1);
}

TEST_CASE("A winged beast's span is what its wings reach spread, though they are drawn folded", "[results]") {
    Puppet p = levelArm(false);
    Limb wing = limb("wing", LimbKind::wing,
                     {fixedPoint("root", {10, 90, 0}), posed("elbow", {20, 60, -10}), fixedPoint("tip", {14, 20, -20})},
                     "post", "top");
    wing.mirrored = true;
    p.limbs.push_back(wing);
    const double length = norm(Vec3{10, -30, -10}) + norm(Vec3{-6, -40, -10});
    CHECK_NEAR(findSize(p, SizeKind::span), 2 * (10 + length), 1e-12);
    // The shipped kind at a span of 240 is no horse.
    auto kind = must(files::loadProduction(kDataDir + "/kinds/winged.json", shippedCards()));
    const Puppet& beast = kind->production.puppets.front();
    CHECK(beast.height_mm * 240 / findSize(beast, SizeKind::span) < 240);
}

TEST_CASE("A web with mesh inside does not stretch like clay, and a sheet bent raw does not crack", "[results]") {
    const auto sheetOf = [](auto change) {
        return reportOf(changedDemo([&](Puppet& p) {
            Sheet s;
            s.id = s.name = "fin", s.on = {"arm", 1, {}, {}, false}, s.length_mm = 40, s.width_mm = 30,
            s.thickness_mm = 1.5;
            for (const fill::ClayCard& c : shippedCards().clays)
                if (c.family == fill::ClayFamily::firm) s.clay = c.id;
            change(s);
            p.things.sheets = {s};
        }));
    };
    const auto mesh = sheetOf([](Sheet& s) { s.to = {"arm", 2, {}, {}, false}, s.core = SheetCore::mesh; });
    CHECK(mesh.things.sheets[0].strain <= 0.02);
    const auto bent = [&](bool raw) { return sheetOf([&](Sheet& s) { s.radius_mm = 12, s.bentRaw = raw; }); };
    CHECK(findPoint(bent(false).open, "sheet-cracks"));
    CHECK_FALSE(findPoint(bent(true).open, "sheet-cracks"));
    // Its least radius is what nine in ten stand: more than the middle strength would allow.
    const auto flat = sheetOf([](Sheet&) {});
    const auto& card =
        flat.shelf.clays.at(flat.things.sheets.empty()  ? ""
                            : flat.choice.parts.empty() ? ""
                                                        : [&] {
                                                              for (const fill::ClayCard& c : shippedCards().clays)
                                                                  if (c.family == fill::ClayFamily::firm) return c.id;
                                                              return std::string();
                                                          }());
    if (card.strainLimit <= 0 && card.rupture_MPa > 0)
        CHECK(flat.things.sheets[0].leastRadius_mm > 1.05 * 1.5 / (2 * card.rupture_MPa / card.youngs_MPa));
}

TEST_CASE("A puppet that is taken over brings its wire and its drawings", "[results]") {
    document::Production from = demo();
    from.pictures["pictures/front.png"] = Bytes(std::string("not looked at here"));
    Picture x;
    x.file = "pictures/front.png";
    from.puppets[0].pictures = {x};
    document::Production here = demo();
    here.puppets.resize(1), here.log.clear(), here.shots.clear();
    here.puppets[0].pictures.clear();
    for (Limb& l : here.puppets[0].limbs)
        l.pick.reset();
    here.stock.spools = {here.stock.spools.front()};
    here.stock.bendTests.clear(), here.stock.hangTests.clear(), here.stock.wearTests.clear(),
        here.stock.offcuts.clear();
    const auto p = document::adoptPuppet(here, from, 0, shippedCards());
    INFO((p ? std::string() : p.fault().sentence()));
    REQUIRE(p);
    CHECK(p->pictures.contains(p->puppets.back().pictures[0].file));
    // As many joints hold as in the production that it comes from.
    CHECK(results::countFailing(reportOf(*p, 1).choice) == results::countFailing(reportOf(from, 0).choice));
}

TEST_CASE("A head goes with the eye on it and the pupil and the glint on that, in whichever order they stand",
          "[results]") {
    for (const bool turned : {false, true}) {
        auto p = changedDemo([&](Puppet& x) {
            Feature e = eye(), pupil = eye(2), glint = eye(1);
            e.id = "xeye", e.on = {}, e.on.mass = "head";
            pupil.id = "xpupil", pupil.on = {}, pupil.on.feature = "xeye";
            glint.id = "xglint", glint.on = {}, glint.on.feature = "xpupil";
            x.things.features = {e, pupil, glint};
            if (turned) std::reverse(x.things.features.begin(), x.things.features.end());
            x.things.variants.clear(), x.things.bonds.clear();
        });
        const document::Edits edits(p, shippedCards(), "tansy");
        const auto without = edits.removeMass("head");
        INFO((without ? std::string() : without.fault().sentence()));
        REQUIRE(without);
        CHECK(without->puppets[0].things.features.empty());
        // Taking off the eye alone takes what sits on it.
        for (int i = 0; i < 3; ++i)
            if (p.puppets[0].things.features[nth(i)].id == "xeye") {
                const auto off = must(edits.removeThing(ThingKind::feature, i));
                CHECK(off->puppets[0].things.features.empty());
            }
    }
}

TEST_CASE("A prop thicker than the hand is long is an open point, and it is for the hand in hand", "[results]") {
    auto p = changedDemo([](Puppet& x) { x.things.props.clear(); });
    const document::Edits edits(p, shippedCards(), "tansy");
    const auto with = must(edits.addThing(ThingKind::prop, {"arm", 3, {}, {}, false}, "lamp", Side::right));
    CHECK(with->puppets[0].things.props[0].hand.limb == "arm");
    CHECK(with->puppets[0].things.props[0].side == Side::right);
    auto wide = *with;
    wide.puppets[0].things.props[0].grip_mm = 60;
    CHECK(findPoint(reportOf(wide).open, "grip"));
    CHECK_FALSE(findPoint(reportOf(*with).open, "grip"));
}

TEST_CASE("An empty bench owns nothing: what its first puppet takes is all to be bought", "[results]") {
    for (const char* kind : {"biped", "bird", "own", "quadruped", "serpent", "winged"}) {
        const auto loaded = must(files::loadProduction(kDataDir + "/kinds/" + kind + ".json", shippedCards()));
        const document::Stock& stock = loaded->production.stock;
        CHECK(stock.spools.size() > 10);
        CHECK(std::all_of(stock.spools.begin(), stock.spools.end(),
                          [](const document::Spool& s) { return s.toBuy && s.length_m == 0; }));
        CHECK(stock.clays_g.empty());
        CHECK(stock.paints_ml.empty());
        CHECK(stock.foil.length_m == 0);
        const auto result = resultOf(loaded->production);
        const auto& all = result.shopping;
        std::vector<document::Use> bought;
        for (const results::Need& n : all.needs)
            if (n.ware != document::Ware::bulk && n.ware != document::Ware::cover) {
                CHECK(n.buy >= n.needed - 1e-9);
                bought.push_back({n.ware, n.card, n.packs > 0 ? n.held + n.buy : std::ceil(n.held + n.buy)});
            }
        // One point of them all, where they are several.
        const auto* rest = findPoint(result.open, "buy-rest");
        CHECK((rest ? rest->found.value : 0) == (bought.size() >= 4 ? static_cast<double>(bought.size()) : 0));
        if (rest) CHECK_FALSE(findPoint(result.open, "buy-wire"));
        if (loaded->production.puppets[0].limbs.empty()) continue;
        CHECK(all.buyPrice > 1);
        // Bought, nothing is left to buy.
        const auto there =
            document::Edits(loaded->production, shippedCards(), loaded->production.puppets[0].id).setHeld(bought);
        REQUIRE(there);
        for (const results::Need& n : resultOf(*there).shopping.needs)
            CHECK(n.buy < 1e-6);
    }
}

TEST_CASE("Names write nothing into what goes out but themselves", "[files]") {
    for (const char* text : {"=1+1", "+A1", "-x", "@sum", "=cmd|' /C'!A0"}) {
        const std::string cell = files::csvCell(text);
        CHECK(cell.find_first_of("=+-@") != 0);
        const auto back = must(files::parseCsvTable("a,b\n" + cell + ",1\n"));
        CHECK(back->rows[1][0] == text);
    }
    for (const char* number : {"-1.5", "+3", "1e-3"})
        CHECK(files::csvCell(number) == number);
    // A name with line ends of its own begins no group of codes.
    const std::string dxf = files::writeDxf({{"Tansy\n  0\nEOF\x01", {{0, 0}, {1, 0}, {1, 1}}, true}});
    std::size_t ends = 0;
    for (std::size_t at = dxf.find("\nEOF"); at != std::string::npos; at = dxf.find("\nEOF", at + 1))
        ++ends;
    CHECK(ends == 1);
    CHECK(dxf.find('\x01') == std::string::npos);
}
