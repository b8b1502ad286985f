#include "base/units.h"
#include "fill/skin_plan.h"
#include "support/puppets.h"

using namespace enkinet::body;
using namespace enkinet::fill;

TEST_CASE("A lump, a sheet and the part hold the same clay", "[fill]") {
    const auto r = reportOf(demo());
    REQUIRE_FALSE(r.skins.empty());
    for (const PartSkin& s : r.skins) {
        const Part& p = r.choice.parts[nth(s.part)];
        const double density = r.shelf.clays.at(p.layers.clay).density_g_cm3 * 1e-3;
        CHECK_NEAR(kPi / 6 * std::pow(s.ball_mm, 3) * density, s.grams, 1e-9);
        CHECK_NEAR(s.sheet_cm2 * 100 * s.sheet_mm * density, s.grams, 1e-9);
        CHECK(s.conditioning == static_cast<int>(std::ceil(s.grams * 1.1 / 60)));
    }
    // Left and right get the same.
    for (const PartSkin& s : r.skins) {
        const std::string label = r.choice.parts[nth(s.part)].label.english();
        if (!label.starts_with("left ")) continue;
        for (const PartSkin& o : r.skins)
            if (r.choice.parts[nth(o.part)].label == "right " + label.substr(5)) CHECK_NEAR(o.ball_mm, s.ball_mm, 1e-6);
    }
}

TEST_CASE("What dries smaller is made larger by just so much, lengths and extensions alike", "[fill]") {
    for (double s = 0; s <= 0.12; s += 0.01)
        for (double planned : {1.0, 35.0, 240.0}) {
            CHECK_NEAR(planned * findOversize(s) * (1 - s), planned, 1e-12);
            // A piece and an extension put on it keep the joint where it was planned.
            CHECK_NEAR((planned * findOversize(s) + 20 * findOversize(s)) * (1 - s), planned + 20, 1e-12);
        }
    document::Production p = demo();
    Segment& shin = p.puppets[0].limbs[2].segments[2];
    shin.layers.clay = "air-dry-white", shin.layers.skin_mm = 3;
    const auto r = reportOf(p);
    bool found = false;
    for (const PartSkin& s : r.skins) {
        const Part& part = r.choice.parts[nth(s.part)];
        if (part.layers.clay != "air-dry-white") continue;
        found = true;
        const double shrink = r.shelf.clays.at("air-dry-white").shrink;
        CHECK_NEAR(s.grams, part.skin.mass_g / std::pow(1 - shrink, 3), 1e-12);
        CHECK_NEAR(s.hours, 4 * 24 * std::pow(s.sheet_mm / 6, 2), 1e-12);
    }
    CHECK(found);
}

TEST_CASE("Putty is mixed in batches that are used up while it can be worked, fewer grams in a warm shop", "[fill]") {
    document::Production p = demo();
    for (Mass& m : p.puppets[0].masses)
        if (m.id == "head") m.layers.clay = "putty-two-part";
    const auto r = reportOf(p);
    const auto at = [&](double room) {
        Shelf shelf = r.shelf;
        shelf.shop.room_C = room;
        for (const PartSkin& s : calcSkinPlan(r.choice.parts, shelf))
            if (r.choice.parts[nth(s.part)].layers.clay == "putty-two-part") return s;
        FAIL("no putty");
        return PartSkin{};
    };
    const PartSkin cool = at(20), warm = at(30);
    CHECK_NEAR(cool.batch_g, 40 * 1.5, 1e-12);
    CHECK_NEAR(warm.batch_g, cool.batch_g / 2, 1e-12);
    CHECK(warm.batches >= 2 * cool.batches - 1);
    CHECK(cool.batches * cool.batch_g >= cool.grams * 1.1);
    CHECK((cool.batches - 1) * cool.batch_g < cool.grams * 1.1);
    CHECK_NEAR(warm.hours, cool.hours / 2, 1e-12);
}

TEST_CASE("The scales give the thickness back", "[fill]") {
    const Puppet& p = demo().puppets[0];
    const auto r = reportOf(demo());
    const std::vector<WireRuns> none(p.limbs.size());
    for (const PartSkin& s : r.skins) {
        const Part bare = calcParts(p, r.choice.rest, r.choice.own, r.shelf, none)[nth(s.part)];
        if (bare.layers.bulk.empty() || bare.layers.skin_mm >= bare.thinnest_mm) continue;
        const double mm = calcThickness(p, r.choice.rest, r.choice.own, r.shelf, none, s.part, bare.skin.mass_g);
        INFO(bare.label.english());
        CHECK_NEAR(mm, bare.layers.skin_mm, 1e-6);
        CHECK(std::isnan(
            calcThickness(p, r.choice.rest, r.choice.own, r.shelf, none, s.part, 10 * bare.volume_mm3 * 2e-3)));
    }
}

TEST_CASE("Old Reed's neck: firm clay across its joints is refused, flexible clay judged by its strain", "[fill]") {
    document::Production p = demo();
    Limb& neck = p.puppets[2].limbs[0];
    const auto dress = [&](const std::string& clay) {
        for (Segment& s : neck.segments)
            if (!s.sections.empty() && !s.layers.clay.empty()) {
                s.layers.clay = clay, s.layers.skinAcrossGaps = true;
            }
        return reportOf(p, 2);
    };
    for (Segment& s : neck.segments)
        if (!s.sections.empty() && s.layers.clay.empty()) s.layers.clay = "firm-white", s.layers.skin_mm = 2;
    const auto count = [](const results::Report& r, std::string_view what) {
        return std::count_if(r.open.begin(), r.open.end(), [&](const auto& o) { return o.is(what); });
    };
    const auto firm = dress("firm-white");
    CHECK(count(firm, "skin-bridges-joint") > 0);
    CHECK(count(firm, "skin-cracks") == 0);
    const auto flexible = dress("flexible-flesh");
    CHECK(count(flexible, "skin-bridges-joint") == 0);
    int cracks = 0;
    for (const auto& o : flexible.open) {
        if (!o.is("skin-cracks")) continue;
        ++cracks;
        const auto& link = flexible.choice.rest.links[nth(
            flexible.choice.parts[nth(findings::findPlace(p.puppets[2], flexible.choice, o.ref).part)].link)];
        const Joint& j = neck.joints[nth(link.segment)];
        const Section s = findSection(neck.segments[nth(link.segment)].sections, 0);
        const auto& layers = neck.segments[nth(link.segment)].layers;
        const double half = std::max(s.a_mm, s.b_mm) - (layers.cover.empty() ? 0 : layers.cover_mm);
        CHECK_NEAR(o.found, findLargestBend(j) / j.gap_mm * half, 1e-9);
        CHECK(o.found > 0.25);
        // The gap that is named as a way out is one.
        CHECK(findSkinStrain(findLargestBend(j), o.more, half) <= 0.25 * (1 + 1e-9));
    }
    CHECK(cracks > 0);
    // A clay that never dries bends along, and only makes the neck harder to pose.
    const auto oil = dress("oil-clay");
    CHECK(count(oil, "skin-cracks") + count(oil, "skin-bridges-joint") == 0);
}

TEST_CASE("A set point in the wrong unit is refused with what it would be", "[fill]") {
    ClayCard c = reportOf(demo()).shelf.clays.at("firm-white");
    c.set_C = 265;
    CHECK(makeClay(c).fault().sentence().find("265 F is 129 C") != std::string::npos);
    c.set_C = 160;
    CHECK(makeClay(c).fault().sentence().find("scorches") != std::string::npos);
}

TEST_CASE("A part's layers add up to its body, and a jump in thickness is named", "[fill]") {
    document::Production p = demo();
    const auto r = reportOf(p);
    for (const Part& part : r.choice.parts) {
        if (part.volume_mm3 <= 0 || part.layers.clay.empty() || part.layers.bulk.empty() || part.layers.relief > 0)
            continue;
        // Inside the stiff stretch; what lies in the gaps is nobody's.
        CHECK(part.skin.volume_mm3 + part.bulk.volume_mm3 <= part.volume_mm3 * (1 + 1e-9));
        CHECK(part.bulk.volume_mm3 >= 0);
    }
    Limb& leg = p.puppets[0].limbs[2];
    for (std::size_t i : {1u, 2u}) {
        leg.segments[i].layers.clay = "firm-white", leg.segments[i].layers.bulk = "foil-firm";
        leg.segments[i].layers.skin_mm = i == 1 ? 2 : 5;
    }
    const auto jump = reportOf(p);
    CHECK(findPoint(jump.open, "skin-jump"));
}
