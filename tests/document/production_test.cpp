#include "document/edits.h"
#include "results/report.h"
#include "support/near.h"
#include <numeric>

using namespace enkinet::document;
using namespace enkinet::results;

namespace {
Edits tansy(const Production& p) { return Edits(p, shippedCards(), "tansy"); }
} // namespace

TEST_CASE("An edit changes what it says and nothing else; a broken rule changes nothing", "[document]") {
    const Production& p = demo();
    const auto wider = must(tansy(p).setGap("leg", "knee", 15));
    CHECK(wider->puppets[0].limbs[2].joints[2].gap_mm == 15);
    Production back = *wider;
    back.puppets[0].limbs[2].joints[2].gap_mm = p.puppets[0].limbs[2].joints[2].gap_mm;
    CHECK(back == p);
    const auto refused = tansy(p).setGap("leg", "knee", 0);
    REQUIRE_FALSE(refused);
    CHECK(refused.fault().sentence().find("gap 0 mm must be above 0") != std::string::npos);
    CHECK_FALSE(tansy(p).setGap("leg", "elbow", 9));
    CHECK_FALSE(Edits(p, shippedCards(), "nobody").setHeight(100));
    CHECK_FALSE(tansy(p).setHeight(-1));
    CHECK_FALSE(tansy(p).setHeight(std::nan("")));
    CHECK_FALSE(tansy(p).setMassSize("letters", {1, 1, 1})); // weighed, not shaped
    CHECK_FALSE(tansy(p).setPick("leg", body::WirePick{"no-spool", 1, 0}));
    CHECK_FALSE(tansy(p).setPick("leg", body::WirePick{"alu-2.0", 2, 1}));
}

TEST_CASE("A puppet taken over brings what it needs and keeps its wire", "[document]") {
    const auto kind = must(files::loadProduction(kDataDir + "/kinds/bird.json", shippedCards()));
    const auto both = must(adoptPuppet(demo(), kind->production, 0, shippedCards()));
    CHECK(both->puppets.size() == 4);
    const auto again = must(adoptPuppet(*both, kind->production, 0, shippedCards()));
    CHECK(again->puppets[3].id != again->puppets[4].id);
    const auto gone = must(removePuppet(*again, shippedCards(), again->puppets[4].id));
    CHECK(*gone == *both);
}

TEST_CASE("Puppets are moved along the row, back again, and never beyond it", "[document]") {
    const Production p = demo();
    const std::string first = p.puppets[0].id;
    const auto moved = must(movePuppet(p, shippedCards(), first, 2));
    CHECK(moved->puppets[0].id == p.puppets[1].id);
    CHECK(moved->puppets[1].id == p.puppets[2].id);
    CHECK(moved->puppets[2].id == first);
    CHECK(*movePuppet(*moved, shippedCards(), first, -2) == p);
    for (int by : {-1, 3, 1000})
        CHECK_THAT(movePuppet(p, shippedCards(), first, by).fault().sentence(), Catch::Contains("beyond the row"));
    CHECK_FALSE(movePuppet(p, shippedCards(), "nobody", 1));
}

TEST_CASE("The demo has honest open points, each with what was found and what it is held against", "[document]") {
    const auto r = reportOf(demo());
    REQUIRE_FALSE(r.open.empty());
    int states = 0;
    for (const findings::Finding& p : r.open) {
        CHECK_FALSE(p.subject.empty());
        if (!p.state()) continue;
        ++states;
        CHECK(p.found != p.limit);
    }
    CHECK(states >= 1);
    const auto counts = findings::countOpen(r.open);
    CHECK(std::accumulate(counts.begin(), counts.end(), 0) == static_cast<int>(r.open.size()));
}

TEST_CASE("Stiff clay across a posing joint is an open point", "[document]") {
    const auto has = [](const Report& r, std::string_view word) {
        return std::any_of(r.open.begin(), r.open.end(), [&](const findings::Finding& f) { return f.is(word); });
    };
    CHECK_FALSE(has(reportOf(demo()), "skin-bridges-joint"));
    body::Layers l;
    l.clay = "firm-flesh", l.skin_mm = 3, l.skinAcrossGaps = true;
    const auto bridged = must(tansy(demo()).setLayers({"arm", 1, ""}, l));
    CHECK(has(reportOf(*bridged), "skin-bridges-joint"));
}

TEST_CASE("What is needed beyond the shelf is bought in whole packs", "[document]") {
    Production p = demo();
    p.stock.clays_g.clear();
    const auto all = resultOf(p);
    int bought = 0;
    for (const Need& n : all.shopping.needs) {
        if (n.ware != Ware::clay) continue;
        const auto& card = all.puppets[0]->shelf.clays.at(n.card);
        CHECK(n.packs * card.pack_g >= n.needed);
        CHECK((n.packs - 1) * card.pack_g < n.needed);
        CHECK_NEAR(n.buyPrice, n.packs * card.packPrice, 1e-12);
        ++bought;
    }
    CHECK(bought >= 3);
}

TEST_CASE("Splitting and joining a segment leaves its clay and its cloth as they were", "[document]") {
    Production p = demo();
    body::Puppet& tansy = p.puppets[0];
    body::Segment& waist = tansy.limbs[0].segments[1];
    waist.sections.front().skin_mm = 2, waist.sections.back().skin_mm = 5;
    waist.layers.cover = "felt-1", waist.layers.cover_mm = 1, waist.layers.coverFrom = 0.2, waist.layers.coverTo = 0.7;
    const auto clayAndCloth = [&](const Production& x) {
        // Between its gaps the split joint is fixed, so nothing is left out there.
        double clay = 0, cloth = 0;
        for (const fill::Part& part : reportOf(x).choice.parts)
            if (part.label.english().rfind("waist", 0) == 0) clay += part.skin.volume_mm3, cloth += part.covered_mm2;
        return std::pair{clay, cloth};
    };
    const auto before = clayAndCloth(p);
    for (double share : {0.35, 0.5, 0.65}) {
        const auto split = Edits(p, shippedCards(), tansy.id).splitSegment(tansy.limbs[0].id, 1, share);
        INFO("split at " << share << (split ? "" : ": " + split.fault().sentence()));
        REQUIRE(split);
        // The wire inside is chosen anew, so a little of the clay's room may change.
        CHECK_NEAR(clayAndCloth(*split).first, before.first, 1e-3);
        CHECK_NEAR(clayAndCloth(*split).second, before.second, 1e-9);
        const auto joined = must(Edits(*split, shippedCards(), tansy.id)
                                     .joinSegments(tansy.limbs[0].id, split->puppets[0].limbs[0].joints[2].id));
        CHECK_NEAR(clayAndCloth(*joined).second, before.second, 1e-9);
        CHECK_NEAR(clayAndCloth(*joined).first, before.first, 1e-3);
    }
}

TEST_CASE("A limb that is hung elsewhere moves its root there with all that hangs on it, and never on itself",
          "[document]") {
    const auto edits = [](const Production& p) { return Edits(p, shippedCards(), "tansy"); };
    const auto armOf = [](const Production& p) -> const body::Limb& { return *body::findLimb(p.puppets[0], "arm"); };
    const auto onSpine = [](const Production& p, std::size_t i) { return p.puppets[0].limbs[0].joints[i]; };
    REQUIRE(!armOf(demo()).hangsOnLimb.empty());
    const std::string spine = demo().puppets[0].limbs[0].id;
    const body::Joint target = onSpine(demo(), 1);
    const auto moved = must(edits(demo()).hangLimb("arm", spine, target.id));
    CHECK(armOf(*moved).hangsOnJoint == target.id);
    CHECK(armOf(*moved).joints.front().at_mm == target.at_mm);
    const Vec3 by = target.at_mm - armOf(demo()).joints.front().at_mm;
    // All of the arm and the fingers that hang on it went along, nothing else did.
    int along = 0;
    for (std::size_t i = 0; i < demo().puppets[0].limbs.size(); ++i) {
        const body::Limb &was = demo().puppets[0].limbs[i], &is = moved->puppets[0].limbs[i];
        const bool goes = was.id == "arm" || was.hangsOnLimb == "arm";
        along += goes;
        for (std::size_t k = 0; k < was.joints.size(); ++k)
            CHECK(norm(is.joints[k].at_mm - (goes ? was.joints[k].at_mm + by : was.joints[k].at_mm)) < 1e-9);
    }
    CHECK(along >= 4);
    CHECK_FALSE(edits(demo()).hangLimb("arm", "arm", armOf(demo()).joints[1].id));
    for (const body::Limb& l : demo().puppets[0].limbs)
        if (l.hangsOnLimb == "arm") CHECK_FALSE(edits(demo()).hangLimb("arm", l.id, l.joints[1].id));
    CHECK_FALSE(edits(demo()).hangLimb("arm", spine, "nowhere"));
    CHECK_FALSE(edits(demo()).hangLimb("nobody", spine, target.id));
}

TEST_CASE("Half-widths go to one place or to all along, and a piece has a name", "[document]") {
    const Edits e(demo(), shippedCards(), "tansy");
    const body::Limb& leg = *body::findLimb(demo().puppets[0], "leg");
    std::size_t s = 0;
    while (leg.segments[s].sections.size() < 2)
        ++s;
    const auto all = must(e.setSection("leg", static_cast<int>(s), -1, 8.5, 7.25));
    for (const body::Section& x : body::findLimb(all->puppets[0], "leg")->segments[s].sections)
        CHECK((x.a_mm == 8.5 && x.b_mm == 7.25));
    CHECK_FALSE(e.setSection("leg", 99, -1, 8, 8));
    CHECK_FALSE(e.setSection("leg", static_cast<int>(s), -1, -1, 8));
    const std::string mass = demo().puppets[0].masses[0].id;
    const auto named = must(e.setMassName(mass, "mail bag"));
    CHECK(named->puppets[0].masses[0].name == "mail bag");
    CHECK_FALSE(e.setMassName("nothing", "mail bag"));
}

TEST_CASE("Each kind is measured as its builders do: height, at the shoulder, length or span", "[document]") {
    for (const auto& [kind, by] : {std::pair{"biped", body::SizeKind::height},
                                   {"quadruped", body::SizeKind::shoulder},
                                   {"serpent", body::SizeKind::length},
                                   {"winged", body::SizeKind::span}}) {
        const auto loaded = must(files::loadProduction(kDataDir + "/kinds/" + kind + ".json", shippedCards()));
        const body::Puppet& p = loaded->production.puppets[0];
        const double own = body::findSize(p, by);
        REQUIRE(own > 20);
        const auto grown = must(Edits(loaded->production, shippedCards(), p.id).startAt(p.height_mm * 300 / own));
        INFO(kind);
        CHECK_NEAR(body::findSize(grown->puppets[0], by), 300.0, 2e-3);
    }
}
