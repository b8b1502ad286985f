// What was once said of wire and loads, and was not so: each case tells what a builder was told, and what is true.
#include "base/units.h"
#include "checks/proportions.h"
#include "files/production_json.h"
#include "results/remedies.h"
#include "results/shot_wear.h"
#include "support/planned.h"

using namespace enkinet::body;
using namespace enkinet::checks;

namespace {

Pose crouch() {
    Pose p;
    p.name = "crouch";
    for (const bool right : {false, true}) {
        p.angles.push_back({"leg", "hip", right, degToRad(-25), 0});
        p.angles.push_back({"leg", "knee", right, degToRad(60), 0});
        p.angles.push_back({"leg", "ankle", right, degToRad(-20), 0});
    }
    return p;
}

std::vector<double> neededOf(const results::Report& r) {
    std::vector<double> all;
    for (const choice::LimbChoice& l : r.choice.limbs) {
        all.push_back(l.chosen);
        for (const choice::Demand& d : l.demands)
            all.push_back(d.needed_Nmm);
    }
    return all;
}

} // namespace

TEST_CASE("The wire of a leg that holds a kept crouch is the same whether the board shows the crouch or not",
          "[results]") {
    const auto kept = [&](const Pose& board) {
        return reportOf(changedDemo([&](Puppet& p) { p.things.props.clear(), p.poses = {crouch()}, p.board = board; }));
    };
    const auto atRest = kept({}), shown = kept(crouch());
    CHECK(neededOf(atRest) == neededOf(shown));
    const auto never = reportOf(changedDemo([](Puppet& p) { p.things.props.clear(), p.poses.clear(), p.board = {}; }));
    // The crouch asks more of the knee than standing straight, and the table says that it is the crouch.
    const auto knee = [](const results::Report& r) -> const choice::Demand& { return r.choice.limbs[2].demands[1]; };
    CHECK(knee(atRest).needed_Nmm > 1.2 * knee(never).needed_Nmm);
    CHECK(knee(atRest).load.pose == 0);
    CHECK(knee(never).load.pose == load::kAtRest);
    // By another route: the crouch alone, shown on the board of a puppet that keeps nothing.
    const auto board =
        reportOf(changedDemo([](Puppet& p) { p.things.props.clear(), p.poses.clear(), p.board = crouch(); }));
    CHECK_NEAR(knee(board).needed_Nmm, knee(atRest).needed_Nmm, 1e-9);
    CHECK(knee(board).load.pose == load::kOnBoard);
    // Every kept pose counts: none makes a joint easier.
    const auto more = reportOf(changedDemo([](Puppet& p) { p.poses.push_back(crouch()); }));
    const auto some = reportOf(changedDemo([](Puppet&) {}));
    for (std::size_t h = 0; h < more.choice.loads.size(); ++h)
        CHECK(more.choice.loads[h].load_Nmm >= some.choice.loads[h].load_Nmm * (1 - 1e-3));
}

TEST_CASE("What a hand holds in one kept pose weighs in that pose, whichever the board shows", "[results]") {
    const auto with = [&](double grams, const Pose& board) {
        return reportOf(changedDemo([&](Puppet& p) {
            Pose carry = crouch();
            carry.name = "carry";
            p.poses = {carry}, p.board = board;
            Prop x;
            x.id = x.name = "lantern", x.hand = {"arm", 3, {}, {}, false}, x.side = Side::left, x.mass_g = grams;
            x.pose = "carry";
            p.things.props = {x};
        }));
    };
    Pose carry = crouch();
    carry.name = "carry";
    const auto none = with(0, {}), held = with(20, {}), shown = with(20, carry);
    CHECK(neededOf(held) == neededOf(shown));
    // The left wrist holds it out level; the figure on the board weighs what it holds there.
    const auto wrist = [](const results::Report& r) { return r.choice.limbs[1].demands[2].needed_Nmm; };
    CHECK(wrist(held) > 2 * wrist(none));
    CHECK_NEAR(shown.choice.totals.mass_g() - held.choice.totals.mass_g(), 20, 1e-6);
}

TEST_CASE("Three feet of one rigid figure share its weight by their levers", "[results]") {
    // A tripod without a joint, its weight off the middle: closed form by moments.
    Puppet p;
    p.id = p.name = "stool", p.height_mm = 100;
    p.limbs = {limb("seat", LimbKind::spine, {fixedPoint("low", {0, 60, 0}), fixedPoint("top", {0, 100, 0})})};
    const Vec3 feet[] = {{30, 0, 0}, {-30, 0, 0}, {0, 0, 60}};
    for (int i = 0; i < 3; ++i) {
        Limb l = limb("leg" + std::to_string(i), LimbKind::leg,
                      {fixedPoint("root", {0, 60, 0}), fixedPoint("sole", feet[i])}, "seat", "low");
        l.tieDown = TieDown{};
        p.limbs.push_back(l);
    }
    Mass m;
    m.id = m.name = "weight", m.limb = "seat", m.shape = MassShape::weighed, m.weighed_g = 900, m.at_mm = {6, 80, 20};
    p.masses = {m};
    document::Production production = demo();
    production.puppets = {p}, production.log.clear(), production.shots.clear();
    auto sound = document::makeProduction(std::move(production), shippedCards());
    INFO((sound ? std::string() : sound.fault().sentence()));
    REQUIRE(sound);
    const auto r = reportOf(*sound);
    REQUIRE(r.choice.footings.size() == 1);
    const auto& g = r.choice.footings[0].feet_g;
    const double all = r.choice.totals.mass_g();
    CHECK_NEAR(g[0] + g[1] + g[2], all, 1e-9);
    // Moments about both axes.
    CHECK_NEAR(30 * (g[0] - g[1]), all * r.choice.totals.centre.x, 1e-9);
    CHECK_NEAR(60 * g[2], all * r.choice.totals.centre.z, 1e-9);
    CHECK(std::max({g[0], g[1], g[2]}) < all);
}

TEST_CASE("A whisker two millimetres thick gets no wire of two millimetres", "[results]") {
    const auto r = reportOf(changedDemo([](Puppet& p) {
        Limb l = limb("whisker", LimbKind::other,
                      {fixedPoint("root", p.limbs[0].joints.back().at_mm),
                       fixedPoint("tip", p.limbs[0].joints.back().at_mm + Vec3{40, 0, 0})},
                      "spine", "crown");
        l.segments[0] = tube("whisker", 1, 1);
        l.segments[0].layers.clay = "firm-white", l.segments[0].layers.skin_mm = 0.4;
        p.limbs.push_back(l);
    }));
    const choice::LimbChoice& l = r.choice.limbs.back();
    REQUIRE(l.chosen >= 0);
    const double across = wire::findBundleDiameter(l.candidates()[nth(l.chosen)].bundle);
    CHECK(across <= 2 * (1 - 0.4) + 1e-9);
    for (const choice::Candidate& c : l.candidates())
        if (wire::findBundleDiameter(c.bundle) > 2 * (1 - 0.4) + 1e-9) CHECK_FALSE(c.fits);
    // And a tool presses on it as on a whisker: a half of a newton on half of four millimetres.
    REQUIRE(!l.still.empty());
    CHECK_NEAR(l.still[0].press_N, 0.5, 1e-9);
}

TEST_CASE("Who acts broadly wears more than who acts plainly, by half as much range again", "[results]") {
    const auto filmOf = [](Acting acting) {
        return caseOf([&](document::Production& p) {
            document::Shot s;
            s.id = s.name = "walk", s.frames = 240, s.fps = 24, s.onEach = 1;
            document::Cast c;
            c.puppet = "tansy", c.acting = acting;
            s.cast = {c};
            p.shots = {s};
        });
    };
    const auto worn = [](const Case& c) {
        const auto film = results::calcShotWear(c.production, c.result.puppets);
        double most = 0;
        for (const auto& row : film.ledger.rows)
            most = std::max(most, row.bent.largest_rad);
        return most;
    };
    const double plain = worn(filmOf(Acting::plain)), broad = worn(filmOf(Acting::broad)),
                 quiet = worn(filmOf(Acting::quiet));
    CHECK_NEAR(broad, 1.5 * plain, 1e-9);
    CHECK_NEAR(quiet, 0.5 * plain, 1e-9);
}

TEST_CASE("A planted wire tips by crushing its hole, and a hole is no deeper than its board", "[results]") {
    const auto planted = [](double depth, double thickness) {
        document::Production p = shippedDemo();
        p.log.clear();
        for (Limb& l : p.puppets[0].limbs)
            if (l.tieDown) l.tieDown->depth_mm = depth;
        p.puppets[0].things.base->thickness_mm = thickness;
        return reportOf(p);
    };
    // Written out once more: all of her on one sole, 18 mm beside the middle, leaning 12 degrees; a wire of 2.5 mm in
    // softwood that bears 20 MPa.
    const auto r = planted(12, 18);
    const Vec3 c = r.choice.totals.centre;
    const double w = r.choice.totals.mass_g() * 9.80665e-3, lean = 12 * 3.14159265358979 / 180;
    // On the foot that she stands farther off.
    const double off = std::hypot(std::abs(c.x) + 18, c.z);
    const double need = 1.5 * w * (c.y * std::sin(lean) + off * std::cos(lean));
    const double least = std::sqrt(6 * need / (20 * 2.5));
    CHECK(least > 1);
    CHECK_FALSE(findPoint(r.open, "tie-weak"));
    CHECK_FALSE(findPoint(planted(1.02 * least, 18).open, "tie-weak"));
    const auto weak = planted(0.98 * least, 18);
    const auto* point = must(findPoint(weak.open, "tie-weak"));
    CHECK(point->limit == Approx(need).epsilon(1e-3));
    CHECK(point->found == Approx(need * 0.98 * 0.98).epsilon(1e-3));
    CHECK_FALSE(findPoint(r.open, "hole-deep"));
    CHECK(findPoint(planted(12, 10).open, "hole-deep"));
}

TEST_CASE("A wire that is still to be bought is chosen as if it were there, and counted as nothing", "[results]") {
    const auto with = [](bool toBuy) {
        document::Production p = demo();
        p.puppets.resize(1), p.log.clear();
        for (document::Spool& s : p.stock.spools)
            if (s.id == "alu-2.5") s.toBuy = toBuy, s.length_m = toBuy ? 0 : s.length_m;
        const auto read = must(files::parseProduction(files::writeProduction(p), shippedCards()));
        CHECK(read->production == p);
        wire::TableShelf tables;
        return results::calcResult(p, shippedCards(), tables);
    };
    const auto there = with(false), bought = with(true);
    CHECK(there.puppets[0]->choice.limbs[2].chosen == bought.puppets[0]->choice.limbs[2].chosen);
    const auto need = [](const results::ProductionResult& r) {
        for (const results::Need& n : r.shopping.needs)
            if (n.ware == results::Ware::wire && n.card == "alu-2.5") return n;
        FAIL("no need of it");
        return results::Need{};
    };
    CHECK(need(there).needed == need(bought).needed);
    CHECK(need(there).buy == 0);
    CHECK(need(bought).held == 0);
    CHECK(need(bought).buy == need(bought).needed);
    // What a way out adds to the shelf is such a wire: nobody has five metres of it.
    for (const results::Remedy& r : results::calcRemedies(demo(), 2, 1, shippedCards(), tables()))
        for (const auto* one : {&r, r.with.empty() ? &r : &r.with.front()})
            if (one->fix == results::Fix::spool) CHECK(one->spool.toBuy);
}

TEST_CASE("All limbs together last fewer films than each by itself, and no fewer than is said", "[results]") {
    document::Production p = shippedDemo();
    REQUIRE_FALSE(p.shots.empty());
    for (document::Shot& s : p.shots)
        s.frames *= 3;
    const results::ShotWear film = results::calcShotWear(p, resultOf(p).puppets);
    REQUIRE(film.doubles.size() > 1);
    double least = 1, all = 1;
    for (const results::LimbDoubles& d : film.doubles) {
        CHECK(d.chance >= d.chanceOne);
        if (d.copies > 0) CHECK(d.chance >= 0.95);
        if (d.copies == 1) CHECK(d.chance == d.chanceOne);
        least = std::min(least, d.chance), all *= d.chance;
    }
    CHECK(film.together() < least);
    CHECK_NEAR(film.together(), all, 1e-12);
    // Where one of each does, that is the film as it is cast, whose wires share spools.
    if (std::all_of(film.doubles.begin(), film.doubles.end(), [](const auto& d) { return d.copies == 1; }))
        CHECK(film.chance >= film.together() - 1e-9);
}

TEST_CASE("Under six millimetres of skin the frame is wanted six millimetres inside", "[results]") {
    for (double skin : {2.0, 6.0}) {
        const document::Production p = changedDemo([&](Puppet& tansy) {
            for (Limb& l : tansy.limbs)
                for (Segment& s : l.segments)
                    if (!s.layers.clay.empty()) s.layers.skin_mm = skin, s.layers.cover.clear(), s.layers.coats.clear();
        });
        const auto checks = checks::calcEyeChecks(p.puppets[0], reportOf(p));
        const auto cover = std::find_if(checks.begin(), checks.end(),
                                        [](const auto& c) { return c.eye == checks::Eye::armature_cover; });
        REQUIRE(cover != checks.end());
        CHECK(cover->low >= skin - 1e-9);
    }
}
