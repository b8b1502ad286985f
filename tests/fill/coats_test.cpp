#include "document/edits.h"
#include "files/production_json.h"
#include "fill/cured.h"
#include "fill/ledger.h"
#include "fill/skin_plan.h"
#include "make/steps.h"
#include "support/puppets.h"

using namespace enkinet::body;
using namespace enkinet::fill;

namespace {

constexpr double kHalf = 12, kLong = 100;

/// A round post under a skin, with coats beneath it from inside out.
Puppet coatedPost(double skin, std::vector<Coat> coats, const std::string& clay = "firm-grey") {
    Puppet p;
    p.id = "post", p.name = "Post", p.height_mm = kLong;
    p.limbs = {limb("post", LimbKind::spine, {fixedPoint("foot", {0, 0, 0}), fixedPoint("top", {0, kLong, 0})})};
    Layers l;
    l.clay = clay, l.skin_mm = skin, l.bulk = "foil-firm", l.coats = std::move(coats);
    p.limbs[0].segments[0] = tube("post", kHalf, kHalf, l);
    return p;
}
BakePlan bakesOf(const Puppet& p) { return calcBakePlan(p, calcSkeleton(p), partsOf(p), shippedShelf()); }
std::vector<CuredPart> curedOf(const Puppet& p) {
    const Skeleton s = calcSkeleton(p);
    return calcCured(p, s, calcOwnStretches(p, s), partsOf(p), shippedShelf(), {0});
}
results::Report reportOfPost(const Puppet& post) {
    document::Production p = demo();
    p.puppets = {post};
    return reportOf(p);
}
int stepAt(const make::Plan& plan, const std::string& id) {
    for (std::size_t i = 0; i < plan.steps.size(); ++i)
        if (plan.steps[i].id == id) return static_cast<int>(i);
    return -1;
}
const ClayCard& clayOf(const std::string& id) { return shippedShelf().clays.at(id); }
/// Some clay card of a family.
std::string cardOf(ClayFamily family) {
    for (const auto& [id, c] : shippedShelf().clays)
        if (c.family == family) return id;
    FAIL("no card");
    return {};
}

} // namespace

TEST_CASE("Coats of a round post are tubes within tubes", "[fill]") {
    const Part p = partsOf(coatedPost(2, {{"firm-grey", 1.5, 0}, {"firm-grey", 2.5, 0}})).at(0);
    const auto ring = [](double outer, double inner) { return kPi * (outer * outer - inner * inner) * kLong; };
    REQUIRE(p.coats.size() == 2);
    CHECK_NEAR(p.skin.volume_mm3, ring(12, 10), 1e-9);
    CHECK_NEAR(p.coats[1].volume_mm3, ring(10, 7.5), 1e-9);
    CHECK_NEAR(p.coats[0].volume_mm3, ring(7.5, 6), 1e-9);
    CHECK_NEAR(p.bulk.volume_mm3, ring(6, 0), 1e-9);
    CHECK_NEAR(p.clay_g(), ring(12, 6) * clayOf("firm-grey").density_g_cm3 / 1000, 1e-9);
    CHECK_NEAR(calcTotals({p}).mass_g(), p.mass_g(), 1e-12);
}

TEST_CASE("A ball's coats are balls within balls", "[fill]") {
    Puppet p = coatedPost(2, {});
    Mass m;
    m.id = m.name = "head", m.limb = "post", m.shape = MassShape::ellipsoid, m.at_mm = {0, kLong + 30, 0};
    m.half_mm = {20, 20, 20};
    m.layers = p.limbs[0].segments[0].layers, m.layers.coats = {{"firm-grey", 3, 0}};
    p.masses = {m};
    const Part head = partsOf(p).back();
    const auto ball = [](double r) { return 4 * kPi / 3 * r * r * r; };
    CHECK_NEAR(head.skin.volume_mm3, ball(20) - ball(18), 1e-9);
    CHECK_NEAR(head.coats.at(0).volume_mm3, ball(18) - ball(15), 1e-9);
    CHECK_NEAR(head.bulk.volume_mm3, ball(15), 1e-9);
    CHECK_NEAR(head.bakeSkin_mm, 5.0, 1e-12);
    CHECK_NEAR(head.bakeCoats_mm.at(0), 3.0, 1e-12);
}

TEST_CASE("Coats of one clay that cure together are one skin: in grams, heat, strength and wire", "[fill]") {
    const Puppet one = coatedPost(6, {}), three = coatedPost(2, {{"firm-grey", 1.5, 0}, {"firm-grey", 2.5, 0}});
    const Part a = partsOf(one).at(0), b = partsOf(three).at(0);
    CHECK_NEAR(a.skin.mass_g, b.clay_g(), 1e-9);
    CHECK_NEAR(a.bulk.mass_g, b.bulk.mass_g, 1e-9);
    CHECK_NEAR(a.bakeSkin_mm, b.bakeSkin_mm, 1e-12);
    CHECK_NEAR(calcCure(a, shippedShelf(), 130), calcCure(b, shippedShelf(), 130), 1e-9);
    const BakePlan x = bakesOf(one), y = bakesOf(three);
    REQUIRE(x.bakes.size() == 1);
    REQUIRE(y.bakes.size() == 1);
    CHECK(x.bakes[0].minutes == y.bakes[0].minutes);
    // Each coat has been through as much heat as the whole.
    REQUIRE(y.ledger.size() == 3);
    for (const HeatEntry& e : y.ledger)
        CHECK_NEAR(e.atHeat_min, x.ledger.at(0).atHeat_min, 1e-9);
    CHECK(y.raw.empty());
    CHECK_NEAR(curedOf(one).at(0).strength_Nmm, curedOf(three).at(0).strength_Nmm, 1e-9);
    CHECK_NEAR(curedOf(one).at(0).knock_Nmm, curedOf(three).at(0).knock_Nmm, 1e-9);
    const auto r = reportOfPost(one), s = reportOfPost(three);
    CHECK_NEAR(r.choice.totals.skin_g, s.choice.totals.skin_g, 1e-6);
    CHECK_NEAR(r.choice.totals.mass_g(), s.choice.totals.mass_g(), 1e-6);
    CHECK_NEAR(r.choice.totals.centre.y, s.choice.totals.centre.y, 1e-6);
}

TEST_CASE("Two clays over each other crack where the first of them has had enough", "[fill]") {
    const std::string putty = cardOf(ClayFamily::putty);
    const Puppet p = coatedPost(2, {{putty, 3, 0}});
    const ClayCard &skin = clayOf("firm-grey"), &coat = clayOf(putty);
    REQUIRE(coat.rupture_MPa > 0);
    const auto inertia = [](double outer, double inner) { return kPi / 4 * (std::pow(outer, 4) - std::pow(inner, 4)); };
    const double EI = skin.youngs_MPa * inertia(12, 10) + coat.youngs_MPa * inertia(10, 7);
    const auto nine = [](const ClayCard& c) { return calcStrength(c.rupture_MPa, {}).nine_MPa; };
    const double curvature = std::min(nine(skin) / (skin.youngs_MPa * 12), nine(coat) / (coat.youngs_MPa * 10));
    CHECK_NEAR(curedOf(p).at(0).strength_Nmm, curvature * EI, 1e-9);
}

TEST_CASE("A coat with a load of its own is cured before the skin, and goes through both", "[fill]") {
    const Puppet p = coatedPost(2, {{"firm-grey", 3, 1}, {"firm-grey", 2, 2}});
    const BakePlan plan = bakesOf(p);
    REQUIRE(plan.bakes.size() == 3);
    CHECK(plan.bakes[0].coats == 1);
    CHECK(plan.bakes[1].coats == 2);
    CHECK(plan.bakes[2].coats == 0);
    const Part part = partsOf(p).at(0);
    CHECK(plan.bakes[0].stateOf(0, part) == ClayState{0, 1});
    CHECK(plan.bakes[1].stateOf(0, part) == ClayState{1, 2});
    CHECK(plan.bakes[2].stateOf(0, part) == ClayState{2, 3});
    CHECK(plan.raw.empty());
    // The skin once, the outer coat twice, the innermost three times; each the longer for it.
    REQUIRE(plan.ledger.size() == 3);
    CHECK(plan.ledger[0].bakes == 1);
    CHECK(plan.ledger[1].bakes == 3);
    CHECK(plan.ledger[2].bakes == 2);
    CHECK(plan.ledger[1].atHeat_min > plan.ledger[2].atHeat_min);
    CHECK(plan.ledger[2].atHeat_min > plan.ledger[0].atHeat_min);
    // What goes in by itself is what its own thickness asks: the same coat as the skin of a thinner post.
    Puppet thin = coatedPost(3, {});
    for (Section& s : thin.limbs[0].segments[0].sections)
        s.a_mm = s.b_mm = 8;
    CHECK(plan.bakes[0].minutes == bakesOf(thin).bakes.at(0).minutes);
    // Clay that was cured lies beneath: less of it has to soak than when all of it is raw.
    CHECK(calcCure(part, shippedShelf(), 130, {2, 3}) <= calcCure(part, shippedShelf(), 130, {0, 3}) + 1e-9);
}

TEST_CASE("Steps lay coats from inside out, each hard before the next where it has its own load", "[make]") {
    for (const BakeSchool school : {BakeSchool::once, BakeSchool::staged}) {
        Puppet p = coatedPost(2, {{"firm-grey", 3, 1}, {cardOf(ClayFamily::putty), 2, 0}});
        p.wants.bakes = school;
        const auto r = reportOfPost(p);
        const int first = stepAt(r.plan, "coat:post.1"), second = stepAt(r.plan, "coat:post.2"),
                  set = stepAt(r.plan, "dry:post.2"), skin = stepAt(r.plan, "skin:post"),
                  one = stepAt(r.plan, "bake:1"), two = stepAt(r.plan, "bake:2"), look = stepAt(r.plan, "gate:bake:1");
        INFO("school " << static_cast<int>(school));
        REQUIRE(first >= 0);
        REQUIRE(two >= 0);
        CHECK(first < look);
        CHECK(look < one);
        CHECK(one < second);
        REQUIRE(set > second); // putty sets before the skin
        CHECK(set < skin);
        CHECK(skin < two);
        CHECK(r.plan.steps[nth(first)].amount == Approx(r.choice.parts.at(0).coats.at(0).mass_g));
        CHECK(r.plan.steps[nth(second)].working_min > 0);
        CHECK(r.plan.steps[nth(second)].caution == make::Caution::gloves);
        // What is bought is the clay of every coat.
        double firm = 0, putty = 0;
        for (const results::Need& n : r.needs)
            if (n.ware == document::Ware::clay) (n.card == "firm-grey" ? firm : putty) += n.needed;
        const Part& part = r.choice.parts.at(0);
        CHECK_NEAR(firm, (part.skin.mass_g + part.coats[0].mass_g) * kWaste, 1e-9);
        CHECK_NEAR(putty, part.coats[1].mass_g * kWaste, 1e-9);
        const auto skins = calcSkinPlan(r.choice.parts, r.shelf);
        REQUIRE(skins.size() == 3);
        CHECK(skins[2].coat == 1);
        CHECK(skins[2].hours > 0);
    }
}

TEST_CASE("A soft body is never baked, primed or set to dry, with a hard core or without", "[make]") {
    const std::string soft = cardOf(ClayFamily::never_dry);
    document::Production production = demo();
    // A scheme that begins with a primer.
    std::string primed;
    for (const paint::Scheme& s : production.schemes)
        for (const paint::Coat& c : s.coats)
            if (c.role == paint::Role::primer) primed = s.id;
    REQUIRE_FALSE(primed.empty());
    for (const bool core : {false, true}) {
        Puppet p = coatedPost(3, core ? std::vector<Coat>{{"firm-grey", 3, 1}} : std::vector<Coat>{}, soft);
        p.limbs[0].segments[0].layers.scheme = primed;
        production.puppets = {p};
        const auto r = reportOf(production);
        CHECK(r.bakePlan.bakes.size() == (core ? 1 : 0));
        for (const Bake& b : r.bakePlan.bakes)
            CHECK(b.coats == 1);
        const int skin = stepAt(r.plan, "skin:post");
        REQUIRE(skin >= 0);
        if (core) CHECK(stepAt(r.plan, "bake:1") < skin);
        for (const make::Step& s : r.plan.steps) {
            CHECK(s.kind != make::StepKind::dry);
            if (s.kind == make::StepKind::paint) CHECK(s.role != paint::Role::primer);
        }
        CHECK(findPoint(r.open, "soft-paint"));
    }
    // Soft under hard is said, and the hard stays out of the oven.
    production.puppets = {coatedPost(2, {{soft, 3, 0}})};
    const auto r = reportOf(production);
    CHECK(r.bakePlan.bakes.empty());
    CHECK(findPoint(r.open, "soft-under"));
    CHECK(findPoint(r.open, "left-raw"));
}

TEST_CASE("Coats that cannot be are refused with what is wrong", "[files]") {
    document::Production production = demo();
    const auto refused = [&](const std::vector<Coat>& coats, const char* word) {
        document::Production p = production;
        p.puppets = {coatedPost(2, coats)};
        const auto made = document::makeProduction(std::move(p), shippedCards());
        REQUIRE_FALSE(made);
        INFO(made.fault().sentence());
        CHECK(made.fault().sentence().find(word) != std::string::npos);
    };
    refused({{"firm-grey", 1, 0}, {"firm-grey", 1, 0}, {"firm-grey", 1, 0}, {"firm-grey", 1, 0}}, "more than 3");
    refused({{"firm-grey", 1, 2}, {"firm-grey", 1, 1}}, "must not come before");
    Puppet bare = coatedPost(2, {{"firm-grey", 1, 0}});
    bare.limbs[0].segments[0].layers.clay.clear();
    production.puppets = {bare};
    CHECK_FALSE(document::makeProduction(production, shippedCards()));
}
