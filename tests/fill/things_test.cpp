#include "base/units.h"
#include "fill/things.h"
#include "results/things.h"
#include "support/near.h"
#include "support/puppets.h"

using namespace enkinet;
using namespace enkinet::body;
using namespace enkinet::fill;
using namespace enkinet::test;

namespace {

Feature eye(double size = 8) {
    Feature f;
    f.id = "eye", f.name = "eye", f.on.limb = "post", f.first_mm = size, f.clay = "firm-white", f.sunk = 0.25;
    return f;
}

Puppet post(double half = 10) {
    Puppet p = levelArm(false);
    p.limbs.resize(1);
    p.limbs[0].segments[0] = tube("post", half, half);
    return p;
}

} // namespace

TEST_CASE("The ball to roll holds what the thing holds; half a ball is a ball of 0.794 of its size", "[fill]") {
    Feature f = eye(10);
    CHECK_NEAR(findBall(findFeatureVolume(f, 10)), 10.0, 1e-12);
    f.shape = FeatureShape::half_ball;
    CHECK_NEAR(findBall(findFeatureVolume(f, 10)), 10 * std::cbrt(0.5), 1e-12);
    CHECK_NEAR(findBall(findFeatureVolume(f, 10)) / 10, 0.794, 1e-3);
    f.shape = FeatureShape::cone, f.length_mm = 20;
    CHECK_NEAR(findFeatureVolume(f, 10), kPi * 25 * 20 / 3, 1e-12);
    f.shape = FeatureShape::disc, f.length_mm = 2;
    CHECK_NEAR(findFeatureVolume(f, 10), kPi * 25 * 2, 1e-12);
}

TEST_CASE("Seats are the chords of what sits in them", "[fill]") {
    Feature f = eye(8);
    // A quarter of 8 mm deep: 2 sqrt(2 x 6).
    CHECK_NEAR(findSeat(f).first, 2 * std::sqrt(12.0), 1e-12);
    CHECK_NEAR(findSeat(f).second, 2.0, 1e-12);
    f.sunk = 0.5;
    CHECK_NEAR(findSeat(f).first, 8.0, 1e-12);
    f.sunk = 0.9;
    CHECK_NEAR(findSeat(f).first, 8.0, 1e-12);
    f.sunk = 0;
    CHECK(findSeat(f).first == 0);
}

TEST_CASE("Graded sizes run from the first to the last, evenly or by a factor", "[fill]") {
    CHECK(findSizes(2, 6, 5, false) == std::vector<double>{2, 3, 4, 5, 6});
    const auto g = findSizes(2, 32, 5, true);
    for (std::size_t i = 0; i < g.size(); ++i)
        CHECK_NEAR(g[i], 2 * std::pow(2.0, static_cast<double>(i)), 1e-12);
    CHECK(findSizes(3, 0, 4, false) == std::vector<double>(4, 3.0));
    CHECK(findSizes(3, 9, 1, true) == std::vector<double>{3});
}

TEST_CASE("Counts follow from pitch along and round; girth of a circle is its own", "[fill]") {
    CHECK(findAlong(100, 10) == 11);
    CHECK(findAlong(99.9, 10) == 10);
    CHECK(findAlong(0, 10) == 1);
    CHECK(findAround(100, 10) == 10);
    CHECK(findAround(3, 10) == 1);
    CHECK_NEAR(findGirth(10, 10), 2 * kPi * 10, 1e-14);
    // Two routes: the sum of 100,000 chords.
    double sum = 0;
    for (int i = 0; i < 100000; ++i) {
        const double u = 2 * kPi * i / 100000, v = 2 * kPi * (i + 1) / 100000;
        sum += std::hypot(12 * (std::cos(v) - std::cos(u)), 5 * (std::sin(v) - std::sin(u)));
    }
    CHECK_NEAR(findGirth(12, 5), sum, 1e-5);
    Puppet p = *makePuppet(post());
    Feature f = eye();
    f.at = 0, f.to = 1, f.pitch_mm = 10, f.rowPitch_mm = 8;
    const FeatureWork w = calcFeature(p, f, shippedShelf());
    CHECK(w.alongCount == 11);
    CHECK(w.rows == static_cast<int>(2 * kPi * 10 / 8));
    CHECK(w.count() == w.alongCount * w.rows);
}

TEST_CASE("Minutes follow from timed samples with their range, and a tool pays from its break-even", "[fill]") {
    Puppet p = *makePuppet(post());
    Feature f = eye();
    f.count = 48;
    CHECK(std::isnan(calcFeature(p, f, shippedShelf()).minutes.value));
    f.timed_s = {30, 50, 40}, f.spares = 2, f.tool_min = 20, f.toolEach_s = 10;
    const FeatureWork w = calcFeature(p, f, shippedShelf());
    CHECK_NEAR(w.minutes, 50 * 40 / 60.0, 1e-12);
    CHECK_NEAR(w.least_min, 50 * 30 / 60.0, 1e-12);
    CHECK_NEAR(w.most_min, 50 * 50 / 60.0, 1e-12);
    CHECK(w.breakEven == 40);
}

TEST_CASE("Things weigh where they sit, and two heads are never added together", "[fill][choice]") {
    document::Production all = demo();
    Puppet bare = post();
    bare.id = "post";
    Mass head;
    head.id = head.name = "head", head.limb = "post", head.shape = MassShape::weighed, head.weighed_g = 30;
    head.at_mm = {0, 110, 0};
    bare.masses = {head};
    all.puppets = {bare};
    const auto before = reportOf(all).choice.totals;
    Feature f = eye(8);
    f.at = f.to = 0.75, f.angle_deg = 0;
    all.puppets[0].things.features = {f};
    auto r = reportOf(all);
    const double gram = kPi / 6 * 512 * 1.75e-3;
    CHECK_NEAR(r.things.features[0].mass_g, gram, 1e-9);
    // The choice of wire settles with it; everything else is as it was.
    const double wire = r.choice.totals.wire_g - before.wire_g;
    CHECK_NEAR(r.choice.totals.mass_g(), before.mass_g() + gram + wire, 1e-9);
    // On the front of the post, three quarters up.
    const fill::Part& part = r.choice.parts[0];
    CHECK_NEAR(part.piece.mass_g, gram, 1e-9);
    CHECK_NEAR(part.piece.centre.y, 75.0, 1e-9);
    CHECK_NEAR(part.piece.centre.z, 10.0, 1e-9);
    CHECK(std::abs(part.piece.centre.x) < 1e-9);
    // Two more heads of 25 and 45 g: the slot is built for the heaviest.
    Variant light, heavy;
    light.id = light.name = "asleep", light.mass = "head", light.weighed_g = 25;
    heavy.id = heavy.name = "shouting", heavy.mass = "head", heavy.weighed_g = 45;
    all.puppets[0].things.variants = {light, heavy};
    const auto with = reportOf(all);
    CHECK_NEAR(with.choice.totals.piece_g, gram + 45, 1e-9);
    // Doubles take twice the clay.
    const auto clayOf = [](const results::Report& x) {
        for (const results::Need& n : x.needs)
            if (n.card == "firm-white") return n.needed;
        return 0.0;
    };
    const double one = clayOf(with);
    CHECK(one > gram);
    all.puppets[0].things.copies = 3;
    CHECK_NEAR(clayOf(reportOf(all)), 3 * one, 1e-12);
}

TEST_CASE("What is held in a pose weighs in that pose alone", "[choice]") {
    document::Production all = demo();
    Puppet& p = all.puppets[0];
    REQUIRE_FALSE(p.poses.empty());
    Prop letter;
    letter.id = letter.name = "letter", letter.hand.limb = "arm", letter.hand.segment = 1, letter.mass_g = 9;
    letter.pose = p.poses[0].name;
    p.things.props = {letter};
    p.board = {};
    const double without = reportOf(all).choice.totals.piece_g;
    p.board = p.poses[0];
    CHECK_NEAR(reportOf(all).choice.totals.piece_g, without + 9, 1e-9);
}

TEST_CASE("Bonds hold by their closed forms", "[results]") {
    document::AdhesiveCard glue;
    glue.id = "g", glue.shear_MPa = 5, glue.limit_C = 80;
    Bond b;
    b.kind = BondKind::pin, b.diameter_mm = 2, b.depth_mm = 6, b.depthTo_mm = 8, b.free_mm = 3;
    const auto steel = wireCard("steel-drawn");
    const auto at = [](const results::BondCheck& c, results::BondLimit l) {
        return c.margin[static_cast<std::size_t>(l)].value;
    };
    using results::BondLimit;
    auto c = results::checkBond(b, &glue, &steel, 2, 10, 8, 5, 130);
    CHECK_NEAR(at(c, BondLimit::pull), kPi * 2 * 6 * 5 / (3 * 2), 1e-12);
    CHECK_NEAR(at(c, BondLimit::torsion), kPi * 4 * 6 * 5 / 2 / (3 * 10), 1e-12);
    // M about mid-depth: F (h + L/2) = 2 x 6 = 12 N·mm, more than the ten that are asked.
    CHECK_NEAR(at(c, BondLimit::bending), 475.8 / 12, 0.005);
    CHECK_NEAR(at(c, BondLimit::bearing), 8 * 2 * 36 / 6.0 / 12, 1e-12);
    CHECK_NEAR(c.wall_mm, 4.0, 1e-12);
    CHECK_NEAR(at(c, BondLimit::heat), 80.0 / 130, 1e-12);
    CHECK(c.governs == static_cast<int>(BondLimit::heat));
    b.kind = BondKind::rod;
    c = results::checkBond(b, &glue, &steel, 2, 10, 8, 5, 0);
    CHECK_NEAR(at(c, BondLimit::droop), 0.02 * 3 * 162577 / (2 * 9.0), 0.005);
    b.kind = BondKind::glue, b.diameter_mm = 6;
    c = results::checkBond(b, &glue, nullptr, 4, 20, 0, 0, 0);
    CHECK_NEAR(at(c, BondLimit::pull), kPi / 4 * 36 * 5 / 12, 1e-12);
    CHECK_NEAR(at(c, BondLimit::butt), 5.0 / 6 / (32 * 20 / (kPi * 216)), 1e-12);
    b.kind = BondKind::magnet, b.hold_N = 12;
    c = results::checkBond(b, nullptr, nullptr, 4, 20, 0, 0, 0);
    CHECK_NEAR(at(c, BondLimit::pull), 2.0, 1e-12);
    CHECK_NEAR(at(c, BondLimit::magnet), 12 * 3 / 30.0, 1e-12);
    // Nothing known: nothing said.
    c = results::checkBond(Bond{}, nullptr, nullptr, 4, 20, 0, 0, 0);
    CHECK(c.governs == -1);
    CHECK(std::isnan(c.least()));
}

TEST_CASE("A bond stands for what lies beyond it, and its weaker end counts", "[results]") {
    document::Production all = demo();
    Puppet& p = all.puppets[0];
    p.things = {};
    Bond b;
    b.id = b.name = "neck", b.kind = BondKind::pin, b.diameter_mm = 2, b.depth_mm = b.depthTo_mm = 10;
    b.from.limb = "spine", b.from.segment = 4, b.to.mass = "head", b.wire = "steel-drawn";
    p.things.bonds = {b};
    const auto r = reportOf(all);
    const auto massOf = [&](const results::Report& x, const std::string& label) {
        for (const Part& part : x.choice.parts)
            if (part.label == label) return part.mass_g();
        return 0.0;
    };
    const double head = massOf(r, "head"), knock = 5 * head * kNewtonPerGram;
    REQUIRE(head > 20);
    // The head is carried, whichever end it is typed at; it stands half its height off.
    CHECK_NEAR(r.things.bonds[0].force_N, std::max(knock, 2.0), 1e-9);
    CHECK_NEAR(r.things.bonds[0].moment_Nmm, r.things.bonds[0].force_N * 27, 1e-9);
    // Over a core both ends lie in foil: 0.3 MPa.
    const auto margin = [](const results::BondCheck& c, results::BondLimit l) {
        return c.margin[static_cast<std::size_t>(l)].value;
    };
    CHECK_NEAR(margin(r.things.bonds[0], results::BondLimit::bearing),
               0.3 * 2 * 100 / 6.0 / std::max(r.things.bonds[0].moment_Nmm, r.things.bonds[0].force_N * 5), 1e-9);
    // The neck is the thinner of the two.
    double neck = 0;
    for (const Part& part : r.choice.parts)
        if (part.label == "neck") neck = part.thinnest_mm;
    REQUIRE(neck > 1);
    CHECK_NEAR(r.things.bonds[0].wall_mm, neck - 1, 1e-9);
    // In a tube that is bound to the wire the hole is spared.
    p.things.bonds[0].socket = true;
    CHECK(std::isnan(margin(reportOf(all).things.bonds[0], results::BondLimit::bearing)));
    // A longer second head pulls with its length, a heavier one with its weight.
    Variant v;
    v.id = v.name = "tall", v.mass = "head", v.length_mm = 90, v.weighed_g = head + 30;
    p.things.variants = {v};
    const auto tall = reportOf(all).things.bonds[0];
    CHECK_NEAR(tall.force_N, 5 * (head + 30) * kNewtonPerGram, 1e-6);
    CHECK_NEAR(tall.moment_Nmm, tall.force_N * 45, 1e-9);
    // A segment carries what lies beyond it: the upper arm with forearm, hand and fingers.
    p.things = {};
    b.id = b.name = "shoulder", b.from = {}, b.to = {}, b.from.limb = "arm", b.from.segment = 1;
    b.to.limb = "spine", b.to.segment = 2;
    p.things.bonds = {b};
    const auto arm = reportOf(all);
    double beyond = 0;
    for (const Part& part : arm.choice.parts)
        for (const char* name : {"left upper arm", "left forearm", "left hand", "left palm end", "left first finger",
                                 "left second finger", "left third finger", "left thumb"})
            if (part.label.rfind(name, 0) == 0) beyond += part.mass_g();
    CHECK_NEAR(arm.things.bonds[0].force_N, std::max(2.0, 5 * beyond * kNewtonPerGram), 1e-6);
    // A rod in the base takes the leaning figure or the hand, whichever is more.
    p.things.base = Base{BaseShape::rectangle, BaseStuff::softwood, 120, 100, 18, 0, 0, 0};
    b.kind = BondKind::rod, b.from = {}, b.to = {}, b.from.base = true, b.to.limb = "spine", b.free_mm = 80;
    p.things.bonds = {b};
    const auto rod = reportOf(all);
    double hand = rod.choice.totals.mass_g() * kNewtonPerGram * std::sin(p.wants.lean_rad);
    for (const auto& l : rod.choice.limbs)
        for (std::size_t j = 0; j < l.verdicts.size(); ++j)
            if (l.verdicts[j].effort_Nmm > 0) hand = std::max(hand, l.verdicts[j].effort_Nmm / l.demands[j].lever_mm);
    CHECK_NEAR(rod.things.bonds[0].force_N, hand, 1e-9);
    CHECK_NEAR(rod.things.bonds[0].moment_Nmm, hand * 80, 1e-9);
}

TEST_CASE("A prop on a piece of its own weighs there; sheets weigh and are bought on both sides", "[fill][results]") {
    document::Production all = demo();
    Puppet& p = all.puppets[0];
    p.things = {};
    const auto bare = reportOf(all);
    Prop x;
    x.id = x.name = "flower", x.hand.mass = "satchel", x.mass_g = 4;
    p.things.props = {x};
    CHECK_NEAR(reportOf(all).choice.totals.piece_g, bare.choice.totals.piece_g + 4, 1e-9);
    Sheet web;
    web.id = web.name = "web", web.on.limb = "leg", web.on.segment = 3, web.length_mm = 20, web.width_mm = 10;
    web.thickness_mm = 2, web.clay = "firm-grey", web.cover = "felt-brown";
    p.things = {};
    p.things.sheets = {web};
    const auto r = reportOf(all);
    CHECK(r.things.sheets[0].count == 2);
    const double one = findSheetMass(web, r.shelf);
    CHECK_NEAR(one, 200 * 2 * 1.75e-3 + 200e-6 * r.shelf.covers.at("felt-brown").mass_g_m2, 1e-9);
    CHECK_NEAR(r.choice.totals.piece_g, bare.choice.totals.piece_g + 2 * one, 1e-9);
    const auto needOf = [](const results::Report& q, const std::string& card) {
        for (const results::Need& n : q.needs)
            if (n.card == card) return n.needed;
        return 0.0;
    };
    CHECK_NEAR(needOf(r, "firm-grey") - needOf(bare, "firm-grey"), 2 * 400 * 1.75e-3 * fill::kWaste, 1e-6);
    CHECK_NEAR(needOf(r, "felt-brown") - needOf(bare, "felt-brown"), 2 * 200e-6 * fill::kWaste, 1e-6);
}

TEST_CASE("Every kind is put on and taken off by one edit each, or refused with what to do", "[document]") {
    const document::Production all = demo();
    document::Production p = all;
    p.puppets[1].things = {};
    const std::string id = p.puppets[1].id;
    Spot spot;
    spot.limb = "spine", spot.segment = 1;
    for (ThingKind kind : kThingKinds) {
        const auto put = document::Edits(p, shippedCards(), id).addThing(kind, spot, "thing");
        // The goat has no piece of its own for another one to take the place of.
        if (kind == ThingKind::variant) {
            REQUIRE_FALSE(put);
            CHECK(put.fault().rule.find("mark") != std::string::npos);
            continue;
        }
        REQUIRE(put);
        Things t = put->puppets[1].things;
        CHECK(countThings(t, kind) == 1);
        CHECK((kind == ThingKind::base || *findThingName(t, kind, 0) == "thing"));
        const auto twice = document::Edits(*put, shippedCards(), id).addThing(kind, spot, "thing");
        REQUIRE(twice);
        CHECK(countThings(twice->puppets[1].things, kind) == (kind == ThingKind::base ? 1 : 2));
        const auto off = document::Edits(*put, shippedCards(), id).removeThing(kind, 0);
        REQUIRE(off);
        CHECK(*off == p);
    }
    p.puppets[1].limbs.clear(), p.puppets[1].poses.clear(), p.puppets[1].masses.clear();
    const auto refused = document::Edits(p, shippedCards(), id).addThing(ThingKind::feature, spot, "eye");
    REQUIRE_FALSE(refused);
    CHECK(refused.fault().rule.find("mark a limb first") != std::string::npos);
}

TEST_CASE("A base keeps its puppet upright while W e is enough, and says what would do", "[results]") {
    document::Production all = demo();
    Puppet p = oneLegged();
    p.id = "stilt";
    Mass m;
    m.id = m.name = "head", m.limb = "trunk", m.shape = MassShape::weighed, m.weighed_g = 80, m.at_mm = {0, 160, 0};
    p.masses = {m};
    Base b;
    b.width_mm = 120, b.depth_mm = 100, b.thickness_mm = 18;
    p.things.base = b;
    all.puppets = {p};
    const auto r = reportOf(all);
    REQUIRE(r.things.base);
    const results::BaseCheck& c = *r.things.base;
    CHECK_NEAR(c.weight_g, 120 * 100 * 18 * 0.5e-3, 1e-12);
    CHECK_NEAR(c.all_g, c.weight_g + r.choice.totals.mass_g(), 1e-12);
    CHECK_NEAR(c.edge_mm, 50 - std::abs(c.centre.z), 1e-9);
    CHECK_NEAR(c.leaned_mm,
               c.edge_mm - r.choice.totals.mass_g() / c.all_g * r.choice.totals.centre.y * std::sin(p.wants.lean_rad),
               1e-9);
    REQUIRE_FALSE(c.joint.empty());
    CHECK_NEAR(c.stands, c.all_g * kNewtonPerGram * c.edge_mm / (c.push_N * c.push_mm), 1e-9);
    // As wide, or as heavy, as it says: it just stands.
    REQUIRE(c.stands < results::kTipSpare);
    Puppet better = p;
    better.things.base->weight_g = c.leastWeight_g;
    all.puppets = {better};
    CHECK_NEAR(reportOf(all).things.base->stands, results::kTipSpare, 0.02);
    // The set's floor does neither.
    better.things.base->shape = BaseShape::floor, better.things.base->weight_g = 0;
    all.puppets = {better};
    const auto floor = reportOf(all);
    CHECK(floor.things.base->fixed);
    CHECK(std::none_of(floor.open.begin(), floor.open.end(), [](const auto& x) {
        return x.issue == results::Issue::base_tips || x.issue == results::Issue::base_pushed;
    }));
    // One foot, one hole, where the foot is.
    REQUIRE(c.holes.size() == 1);
    CHECK_NEAR(c.holes[0].depth_mm, 12.0, 1e-12);
    CHECK(c.holes[0].x_mm == 0);
    CHECK_FALSE(c.holes[0].outside);
    CHECK_FALSE(c.holes[0].through);
}

TEST_CASE("Sheets weigh what they are, sag raw and crack by closed forms; cables lie beside the wire", "[results]") {
    document::Production all = demo();
    Puppet p = post();
    p.id = "post";
    Sheet cape;
    cape.id = cape.name = "cape", cape.on.limb = "post", cape.length_mm = 60, cape.width_mm = 40, cape.thickness_mm = 2;
    cape.clay = "firm-white", cape.radius_mm = 30;
    Run cable;
    cable.id = cable.name = "lamp", cable.limb = "post", cable.outer_mm = 3;
    p.things.sheets = {cape}, p.things.runs = {cable};
    all.puppets = {p};
    const auto r = reportOf(all);
    const results::SheetCheck& s = r.things.sheets[0];
    CHECK_NEAR(s.mass_g, 60 * 40 * 2 * 1.75e-3, 1e-9);
    CHECK_NEAR(s.raw, 0.04 / (3 * 1.75e-3 * kNewtonPerGram * 3600 / 2), 1e-9);
    CHECK_NEAR(s.leastRadius_mm, 2 / (2 * 18.0 / 1800), 1e-9);
    CHECK_NEAR(s.pattern_mm, 60 * 31 / 30.0, 1e-12);
    const auto open = [&](results::Issue i) {
        return std::count_if(r.open.begin(), r.open.end(), [&](const auto& x) { return x.issue == i; });
    };
    CHECK(open(results::Issue::sheet_cracks) == 1);
    CHECK(r.choice.limbs[0].chosen >= 0);
    const double bundle = wire::findBundleDiameter(
        r.choice.limbs[0].candidates()[static_cast<std::size_t>(r.choice.limbs[0].chosen)].bundle);
    // In a round post the pair of circles has its own circle round it.
    CHECK(r.things.runs[0].wall_mm <= 10 - (bundle + 3) / 2 + 1e-9);
    CHECK(r.things.runs[0].wall_mm > 10 - (bundle + 3) / 2 - 1.0);
    CHECK(r.things.runs[0].bend_mm == 0);
}

TEST_CASE("Every kind of thing comes back from a file equal, and broken ones are refused in one line", "[files]") {
    document::Production all = demo();
    Puppet& p = all.puppets[0];
    p.things = {};
    Feature f = eye();
    f.on = {}, f.on.mass = p.masses.front().id, f.timed_s = {12.5, 13}, f.ticked = {"front", "left"},
    f.geometric = true;
    f.last_mm = 3, f.side = Side::left, f.before = Stage::paint, f.shape = FeatureShape::cone, f.length_mm = 4;
    p.things.features = {f};
    Bond b;
    b.id = "dowel", b.name = "neck dowel", b.kind = BondKind::dowel, b.from.mass = p.masses.front().id;
    b.to.base = true, b.diameter_mm = 3, b.adhesive = "epoxy", b.wire = "steel-drawn", b.comesOff = true;
    p.things.bonds = {b};
    p.things.base = Base{BaseShape::disc, BaseStuff::plaster, 140, 0, 20, 1, -2, 0};
    Sheet s;
    s.id = s.name = "cape", s.on.limb = p.limbs[0].id, s.length_mm = 50, s.width_mm = 20, s.thickness_mm = 1.5;
    s.core = SheetCore::mesh, s.clay = "firm-white";
    p.things.sheets = {s};
    Run run;
    run.id = run.name = "cable", run.limb = p.limbs[0].id, run.toSegment = 1, run.outer_mm = 2;
    p.things.runs = {run};
    Prop prop;
    prop.id = prop.name = "letter", prop.hand.limb = "arm", prop.mass_g = 3;
    p.things.props = {prop};
    Variant v;
    v.id = "mouth-open", v.name = "mouth open", v.mass = p.masses.front().id, v.weighed_g = 33;
    p.things.variants = {v};
    p.things.copies = 2;
    const auto sound = document::makeProduction(all, shippedCards());
    REQUIRE(sound);
    const std::string text = files::writeProduction(*sound);
    const auto back = files::parseProduction(text, shippedCards());
    REQUIRE(back);
    CHECK(back->production == *sound);
    // Broken in each of many ways: refused, with its place.
    const auto refused = [&](const std::function<void(Things&)>& spoil) {
        document::Production bad = *sound;
        spoil(bad.puppets[0].things);
        const auto made = document::makeProduction(bad, shippedCards());
        REQUIRE_FALSE(made);
        CHECK(made.fault().sentence().find('\n') == std::string::npos);
        CHECK_FALSE(made.fault().rule.empty());
    };
    refused([](Things& t) { t.features[0].on.mass = "nobody"; });
    refused([](Things& t) { t.features[0].count = 0; });
    refused([](Things& t) { t.features[0].first_mm = std::nan(""); });
    refused([](Things& t) { t.features[0].pitch_mm = 0.01; });
    refused([](Things& t) { t.features.push_back(t.features[0]); });
    refused([](Things& t) { t.bonds[0].to = t.bonds[0].from; });
    refused([](Things& t) { t.base->width_mm = -1; });
    refused([](Things& t) { t.sheets[0].on.segment = 99; });
    refused([](Things& t) { t.runs[0].toSegment = 77; });
    refused([](Things& t) { t.props[0].pose = "never kept"; });
    refused([](Things& t) { t.variants[0].mass = "x"; });
    refused([](Things& t) { t.copies = 0; });
}

namespace {

Spot drawSpot(Random& random, const Puppet& p, bool base) {
    Spot s;
    const int kind = random.whole(0, base ? 2 : 1);
    if (kind == 2) {
        s.base = true;
    } else if (kind == 1 && !p.masses.empty()) {
        s.mass = random.of(p.masses).id;
    } else {
        const Limb& l = random.of(p.limbs);
        s.limb = l.id, s.segment = random.whole(0, static_cast<int>(l.segments.size()) - 1);
    }
    return s;
}

/// Some of every kind, most of them sound.
Things drawThings(Random& random, const Puppet& p) {
    Things t;
    const auto named = [&](auto& x, int i) { x.id = "t" + std::to_string(i), x.name = "thing " + std::to_string(i); };
    for (int i = random.whole(0, 4); i-- > 0;) {
        Feature f;
        named(f, i);
        f.on = drawSpot(random, p, false), f.first_mm = random.between(0, 12), f.last_mm = random.between(0, 12);
        f.shape = static_cast<FeatureShape>(random.whole(0, 4)), f.count = random.whole(1, 40);
        f.at = random.between(0, 0.5), f.to = random.between(0.5, 1), f.sunk = random.between(0, 1);
        f.pitch_mm = random.whole(0, 1) * random.between(0.5, 9),
        f.rowPitch_mm = random.whole(0, 1) * random.between(1, 9);
        f.clay = random.whole(0, 1) ? "firm-white" : "", f.mass_g = random.whole(0, 1) * random.between(0, 3);
        f.before = static_cast<Stage>(random.whole(0, 6)), f.side = static_cast<Side>(random.whole(0, 2));
        f.limit_C = random.whole(0, 1) * 70, f.length_mm = random.between(0, 20);
        if (random.whole(0, 1)) f.timed_s = {random.between(5, 90)};
        t.features.push_back(f);
    }
    for (int i = random.whole(0, 3); i-- > 0;) {
        Bond b;
        named(b, i);
        b.kind = static_cast<BondKind>(random.whole(0, 7));
        b.from = drawSpot(random, p, true), b.to = drawSpot(random, p, true);
        b.diameter_mm = random.between(0, 8), b.depth_mm = random.between(0, 20), b.depthTo_mm = random.between(0, 20);
        b.free_mm = random.between(0, 90), b.adhesive = random.whole(0, 1) ? "epoxy" : "",
        b.hold_N = random.between(0, 20);
        b.wire = random.whole(0, 1) ? "steel-drawn" : "";
        t.bonds.push_back(b);
    }
    if (random.whole(0, 1))
        t.base = Base{static_cast<BaseShape>(random.whole(0, 2)),
                      static_cast<BaseStuff>(random.whole(0, 5)),
                      random.between(20, 300),
                      random.between(20, 300),
                      random.between(3, 40),
                      random.between(-20, 20),
                      random.between(-20, 20),
                      random.whole(0, 1) * random.between(10, 4000)};
    for (int i = random.whole(0, 2); i-- > 0;) {
        Sheet s;
        named(s, i);
        s.on = drawSpot(random, p, false), s.length_mm = random.between(1, 90), s.width_mm = random.between(1, 90);
        s.thickness_mm = random.between(0.2, 4), s.radius_mm = random.between(0, 60), s.clay = "firm-white";
        s.core = static_cast<SheetCore>(random.whole(0, 2));
        t.sheets.push_back(s);
    }
    for (int i = random.whole(0, 2); i-- > 0;) {
        Run r;
        named(r, i);
        const Limb& l = random.of(p.limbs);
        r.limb = l.id, r.toSegment = static_cast<int>(l.segments.size()) - 1, r.outer_mm = random.between(0.3, 4);
        r.leastBend_mm = random.between(0, 20), r.tested = random.whole(0, 1) == 1;
        t.runs.push_back(r);
    }
    for (int i = random.whole(0, 2); i-- > 0;) {
        Prop x;
        named(x, i);
        x.hand = drawSpot(random, p, false), x.mass_g = random.between(0, 9);
        if (!p.poses.empty() && random.whole(0, 1)) x.pose = random.of(p.poses).name;
        t.props.push_back(x);
    }
    if (!p.masses.empty())
        for (int i = random.whole(0, 2); i-- > 0;) {
            Variant v;
            named(v, i);
            v.mass = random.of(p.masses).id, v.weighed_g = random.between(0, 60), v.minutes = random.between(0, 300);
            t.variants.push_back(v);
        }
    t.copies = random.whole(1, 4);
    return t;
}

} // namespace

TEST_CASE("Random things are sound or refused, come back from files equal, and cost by memory what they cost afresh",
          "[files][results]") {
    Random random(131);
    document::Production all = demo();
    results::Memo memo;
    int kept = 0;
    for (int round = 0; round < 60; ++round) {
        const auto which = static_cast<std::size_t>(random.whole(0, 2));
        const Puppet& p = all.puppets[which];
        const Things before = p.things;
        const auto edited = document::Edits(all, shippedCards(), p.id).setThings(drawThings(random, p));
        if (!edited) {
            CHECK_FALSE(edited.fault().rule.empty());
            continue;
        }
        ++kept;
        const auto back = files::parseProduction(files::writeProduction(*edited), shippedCards());
        REQUIRE(back);
        CHECK(back->production == *edited);
        // Put back, it is what it was.
        const auto undone = document::Edits(*edited, shippedCards(), p.id).setThings(before);
        REQUIRE(undone);
        CHECK(*undone == all);
        all = *edited;
        if (round % 6 != 0) continue;
        const auto warm = results::calcResult(all, shippedCards(), tables(), memo), cold = resultOf(all);
        for (std::size_t k = 0; k < cold.puppets.size(); ++k)
            CHECK(*warm.puppets[k] == *cold.puppets[k]);
        CHECK(warm.open == cold.open);
    }
    CHECK(kept > 30);
}

TEST_CASE("Things stay where they are when their segment is cut in two or joined again", "[document]") {
    document::Production all = demo();
    const std::string id = all.puppets[0].id;
    Things t;
    for (double at : {0.1, 0.45, 0.9})
        for (int segment : {0, 1, 2}) {
            Feature f = eye(3);
            f.id = "f" + std::to_string(t.features.size()), f.on.limb = "arm", f.on.segment = segment, f.at = f.to = at;
            t.features.push_back(f);
        }
    Run run;
    run.id = run.name = "cable", run.limb = "arm", run.fromSegment = 1, run.toSegment = 3, run.outer_mm = 1;
    t.runs = {run};
    Prop prop;
    prop.id = prop.name = "letter", prop.hand.limb = "arm", prop.hand.segment = 3, prop.mass_g = 1;
    t.props = {prop};
    const auto start = document::Edits(all, shippedCards(), id).setThings(t);
    REQUIRE(start);
    const auto placesOf = [&](const document::Production& p) {
        const Puppet& x = p.puppets[0];
        const Skeleton s = calcSkeleton(x);
        const auto parts =
            calcParts(x, s, calcOwnStretches(x, s), shippedShelf(), std::vector<WireRuns>(x.limbs.size()));
        std::vector<Vec3> all_;
        for (const Feature& f : x.things.features)
            for (const FeaturePoint& at : findFeaturePoints(x, f, calcFeature(x, f, shippedShelf()), s, parts))
                all_.push_back(at.at);
        return all_;
    };
    const auto same = [](const std::vector<Vec3>& a, const std::vector<Vec3>& b) {
        REQUIRE(a.size() == b.size());
        for (std::size_t i = 0; i < a.size(); ++i)
            CHECK(norm(a[i] - b[i]) < 1e-6);
    };
    const auto before = placesOf(*start);
    const auto cut = document::Edits(*start, shippedCards(), id).splitSegment("arm", 1, 0.4);
    REQUIRE(cut);
    same(before, placesOf(*cut));
    CHECK(cut->puppets[0].things.runs[0].fromSegment == 1);
    CHECK(cut->puppets[0].things.runs[0].toSegment == 4);
    CHECK(cut->puppets[0].things.props[0].hand.segment == 4);
    const std::string joint = cut->puppets[0].limbs[1].joints[2].id;
    const auto joined = document::Edits(*cut, shippedCards(), id).joinSegments("arm", joint);
    REQUIRE(joined);
    same(before, placesOf(*joined));
    CHECK(joined->puppets[0].things.runs == start->puppets[0].things.runs);
    CHECK(joined->puppets[0].things.props == start->puppets[0].things.props);
}

TEST_CASE("A limb that goes takes what sat on it along", "[document]") {
    document::Production all = demo();
    Puppet& p = all.puppets[0];
    Feature f = eye();
    f.on.limb = "arm";
    p.things.features = {f};
    Prop prop;
    prop.id = prop.name = "letter", prop.hand.limb = "arm";
    p.things.props = {prop};
    const auto sound = document::makeProduction(all, shippedCards());
    REQUIRE(sound);
    const auto after = document::Edits(*sound, shippedCards(), p.id).removeLimb("arm");
    REQUIRE(after);
    CHECK(after->puppets[0].things.features.empty());
    CHECK(after->puppets[0].things.props.empty());
}
