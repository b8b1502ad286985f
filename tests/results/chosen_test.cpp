// What a builder chooses against the tool or beside it: no wire, wanted proportions, views, pairs; and gates that ask
// for things.
#include "checks/proportions.h"
#include "checks/views.h"
#include "document/edits.h"
#include "support/puppets.h"

using namespace enkinet::body;
using namespace enkinet::checks;
using namespace enkinet::results;

namespace {

int indexOf(const Puppet& p, const std::string& limb) {
    for (std::size_t i = 0; i < p.limbs.size(); ++i)
        if (p.limbs[i].id == limb) return static_cast<int>(i);
    FAIL("no limb " << limb);
    return -1;
}
const EyeCheck& eyeOf(const std::vector<EyeCheck>& all, const std::string& key) {
    for (const EyeCheck& c : all)
        if (c.key == key) return c;
    FAIL("no check " << key);
    return all.front();
}

} // namespace

TEST_CASE("No wire can be chosen with its reason: nothing is cut, nothing is said to hold, and a pick takes it back",
          "[results]") {
    const document::Production before = demo();
    const auto edits = [](const document::Production& p) { return document::Edits(p, shippedCards(), "brindle"); };
    const Puppet& goat = before.puppets[1];
    const int ear = indexOf(goat, "ear");
    CHECK_FALSE(edits(before).setNoWire("ear", ""));
    CHECK_FALSE(edits(before).setNoWire("nobody", "so"));
    const auto none = must(edits(before).setNoWire("ear", "it lies on the head"));
    const Report r = reportOf(*none, 1);
    const choice::LimbChoice& l = r.choice.limbs[nth(ear)];
    CHECK(l.reason.refused);
    CHECK(l.chosen == -1);
    CHECK(l.verdicts.empty());
    CHECK(l.state == choice::State::not_checked);
    for (const choice::Cut& c : r.cuts)
        CHECK(c.limb != ear);
    for (const make::Step& s : r.plan.steps)
        CHECK(s.id != "cut:ear");
    // Its joints are not held, and that is said, with the reason; never that they hold.
    const bool moves = std::any_of(goat.limbs[nth(ear)].joints.begin(), goat.limbs[nth(ear)].joints.end(),
                                   [](const Joint& j) { return j.posed; });
    const findings::Finding* said = findPoint(r.open, "wire-refused");
    CHECK((said != nullptr) == moves);
    if (said) CHECK(said->other == "it lies on the head");
    CHECK_FALSE(findPoint(r.open, "no-wire"));
    // The wires of the other limbs are lighter to carry, never heavier.
    CHECK(r.choice.totals.wire_g < reportOf(before, 1).choice.totals.wire_g);
    const auto back = must(edits(*none).setPick("ear", std::nullopt));
    CHECK(*back == before);
}

TEST_CASE("A root limb without wire anchors nothing, and that is an open point", "[results]") {
    const auto none = must(document::Edits(demo(), shippedCards(), "tansy").setNoWire("spine", "a block of wood"));
    const Report r = reportOf(*none);
    const findings::Finding* said = must(findPoint(r.open, "wire-refused"));
    CHECK(said->limit == 1);
    CHECK(said->found > 0);
}

TEST_CASE("A wanted proportion goes before what is usual, within its tolerance, and is left with a reason",
          "[results]") {
    document::Production p = demo();
    const auto checks = [&] { return calcEyeChecks(p.puppets[0], reportOf(p)); };
    // The new ones are there, each with the length over the length.
    const auto all = checks();
    const EyeCheck& leg = eyeOf(all, "leg_share:leg");
    const Limb& l = *findLimb(p.puppets[0], "leg");
    double sum = 0;
    for (std::size_t i = 1; i + 1 < l.joints.size(); ++i)
        sum += norm(l.joints[i + 1].at_mm - l.joints[i].at_mm);
    CHECK_NEAR(leg.found, sum / 240, 1e-12);
    CHECK_NEAR(eyeOf(all, "hip_height:leg").found, l.joints[1].at_mm.y / 240, 1e-12);
    CHECK_NEAR(eyeOf(all, "eye_to_head:" + p.puppets[0].things.features[0].id).found,
               p.puppets[0].things.features[0].first_mm / 54, 1e-12);
    CHECK(leg.fine());
    const auto want = [&](double target, double tolerance) {
        auto made = must(document::Edits(p, shippedCards(), "tansy").setProportion("leg_share:leg", target, tolerance));
        p = *made;
    };
    want(leg.found * 1.2, 0.1);
    Report r = reportOf(p);
    const findings::Finding* off = must(findPoint(r.open, "proportion"));
    CHECK_NEAR(off->found, leg.found, 1e-12);
    CHECK_NEAR(off->limit, leg.found * 1.2 * 0.9, 1e-12);
    CHECK_NEAR(off->more, leg.found * 1.2 * 1.1, 1e-12);
    const auto left =
        must(document::Edits(p, shippedCards(), "tansy").leavePoint(off->key, true, "she strides on stilts"));
    CHECK_FALSE(findPoint(reportOf(*left).open, "proportion"));
    want(leg.found * 1.2, 0.25);
    CHECK_FALSE(findPoint(reportOf(p).open, "proportion"));
    CHECK_FALSE(document::Edits(p, shippedCards(), "tansy").setProportion("leg_share:leg", -1, 0.1));
    const auto free = must(document::Edits(p, shippedCards(), "tansy").setProportion("leg_share:leg", {}, 0));
    CHECK(*free == demo());
    // A hand 2.2 times too long is said, though nobody typed a target.
    Puppet& tansy = p.puppets[0];
    const Vec3 wrist = findLimb(tansy, "arm")->joints[3].at_mm;
    for (auto& x : tansy.limbs)
        for (std::size_t i = 0; i < x.joints.size(); ++i)
            if ((x.id == "arm" && i == 4) || x.kind == LimbKind::finger)
                x.joints[i].at_mm = wrist + 2.2 * (x.joints[i].at_mm - wrist);
    CHECK(findPoint(reportOf(p).notes, "proportion-rare"));
}

TEST_CASE("Each part is seen by the pictures that hold it, from where they were taken", "[results]") {
    document::Production p = demo();
    Puppet& tansy = p.puppets[0];
    CHECK_FALSE(findPoint(reportOf(p).open, "views")); // without pictures every side is a guess: said elsewhere
    Picture front;
    front.file = "pictures/front.png", front.width_px = 400, front.height_px = 500, front.mm_px = 0.6;
    front.x_mm = -120, front.y_mm = 260, front.figureTop = 0.05, front.figureBottom = 0.85;
    tansy.pictures = {front};
    Report r = reportOf(p);
    for (const PartViews& v : calcViews(tansy, r.choice)) {
        CHECK(v.picture[0] == 0);
        for (std::size_t k = 1; k < kSides; ++k)
            CHECK(v.picture[k] == -1);
    }
    const auto views = calcViews(tansy, r.choice);
    const findings::Finding* side = must(findPoint(r.open, "views"));
    CHECK(side->other == "either side");
    CHECK(side->found == static_cast<double>(views.size()));
    CHECK(findPoint(r.notes, "views-rare"));
    // Half of the picture cut away: what stood in that half is seen no more.
    tansy.pictures[0].cropBottom = 0.5;
    int unseen = 0;
    r = reportOf(p);
    for (const PartViews& v : calcViews(tansy, r.choice)) {
        const fill::Part& part = r.choice.parts[nth(v.part)];
        const double y =
            part.mass >= 0
                ? r.choice.rest.masses[nth(part.mass)].at.y
                : (r.choice.rest.links[nth(part.link)].from.y + r.choice.rest.links[nth(part.link)].to.y) / 2;
        CHECK((v.picture[0] >= 0) == (y >= 260 - 0.5 * 500 * 0.6));
        unseen += v.picture[0] < 0;
    }
    CHECK(unseen > 0);
    // From the right, whole: no side is missing any longer.
    tansy.pictures[0].cropBottom = 0;
    Picture right = front;
    right.file = "pictures/right.png", right.side = true, right.seen = Seen::right;
    tansy.pictures.push_back(right);
    CHECK_FALSE(findPoint(reportOf(p).open, "views"));
    CHECK(findDisagreements(tansy).empty());
    // Scaled by a true length it came out a tenth higher.
    tansy.pictures[1].mm_px *= 1.1;
    const auto apart = findDisagreements(tansy);
    REQUIRE(apart.size() == 1);
    CHECK_NEAR(apart[0].one_mm, 0.8 * 500 * 0.6, 1e-9);
    CHECK_NEAR(apart[0].other_mm, 1.1 * apart[0].one_mm, 1e-9);
    CHECK(findPoint(reportOf(p).open, "pictures"));
}

TEST_CASE("Left against right: the first side is the target of the second", "[results]") {
    document::Production p = demo();
    p.puppets[0].measures = {{"shin", {20, 10, 0}, {20, 60, 0}, 50.2, 50.4}};
    CHECK_FALSE(findPoint(reportOf(p).open, "pair"));
    p.puppets[0].measures[0].other_mm = 52;
    const Report r = reportOf(p);
    const findings::Finding* apart = must(findPoint(r.open, "pair"));
    CHECK(apart->found == 50.2);
    CHECK(apart->limit == 52);
    // Of long pieces a fiftieth.
    p.puppets[0].measures[0].measured_mm = 100, p.puppets[0].measures[0].other_mm = 101.9;
    CHECK_FALSE(findPoint(reportOf(p).open, "pair"));
    p.puppets[0].measures[0].other_mm.reset();
    CHECK_FALSE(findPoint(reportOf(p).open, "pair"));
}

TEST_CASE("Gates ask for what sits on what hardens: prop, hole, cable, seat, spares, glue and clearance", "[make]") {
    document::Production p = demo();
    Things& t = p.puppets[0].things;
    t.features[0].apart = true, t.features[0].spares = 2, t.features[0].before = Stage::bake;
    Bond pin;
    pin.id = "hat", pin.name = "hat pin", pin.kind = BondKind::pin, pin.from.mass = "satchel", pin.to.mass = "head";
    pin.diameter_mm = 1.5, pin.depth_mm = 8, pin.clearance_mm = 0.2, pin.comesOff = true, pin.adhesive = "hot-melt";
    t.bonds.push_back(pin);
    const auto asked = [&](make::Check check, const std::string& whom) -> std::optional<make::GateItem> {
        const Report r = reportOf(p);
        for (const make::Step& s : r.plan.steps)
            for (const make::GateItem& g : s.gate)
                if (g.check == check && g.subject == whom) return g;
        return {};
    };
    REQUIRE(asked(make::Check::try_prop, t.props[0].name));
    CHECK(asked(make::Check::try_prop, t.props[0].name)->stop == !t.props[0].tried);
    t.props[0].tried = true;
    CHECK_FALSE(asked(make::Check::try_prop, t.props[0].name)->stop);
    REQUIRE(asked(make::Check::lit, t.runs[0].name));
    CHECK(asked(make::Check::lit, t.runs[0].name)->stop == !t.runs[0].tested);
    REQUIRE(asked(make::Check::seated, t.features[0].name));
    CHECK(asked(make::Check::seated, t.features[0].name)->b > 0);
    CHECK(asked(make::Check::spares, t.features[0].name)->a == 2);
    REQUIRE(asked(make::Check::hole_there, "hat pin"));
    CHECK_NEAR(asked(make::Check::hole_there, "hat pin")->a, 1.7, 1e-12);
    CHECK(asked(make::Check::hole_there, "hat pin")->b == 8);
    CHECK_NEAR(asked(make::Check::clearance, "hat pin")->a, 0.2, 1e-12);
    REQUIRE(asked(make::Check::glue_heat, "hat pin"));
    CHECK(asked(make::Check::glue_heat, "hat pin")->a < asked(make::Check::glue_heat, "hat pin")->b);
    // What is stuck on when all heat is over is not asked about.
    t.bonds.back().before = Stage::shoot;
    CHECK_FALSE(asked(make::Check::glue_heat, "hat pin"));
    CHECK_FALSE(asked(make::Check::hole_there, "hat pin"));
}
