// What was once said, and was not so: each case tells what a builder was told, and what is true.
#include "base/units.h"
#include "body/ref.h"
#include "files/csv.h"
#include "files/mesh_file.h"
#include "files/production_json.h"
#include "fill/skin_plan.h"
#include "make/steps.h"
#include "results/film.h"
#include "results/proportions.h"
#include "results/remedies.h"
#include "results/things.h"
#include "shoot/wear.h"
#include "support/planned.h"
#include "support/things.h"

using namespace enkinet::body;
using results::Issue;

namespace {

/// The demo with one puppet changed.
template <class Change> document::Production changed(Change change, std::size_t puppet = 0) {
    document::Production p = demo();
    p.log.clear();
    change(p.puppets[puppet]);
    auto sound = document::makeProduction(std::move(p), shippedCards());
    INFO((sound ? std::string() : sound.fault().sentence()));
    REQUIRE(sound);
    return sound.take();
}

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

const make::Step* stepOf(const make::Plan& plan, const std::string& id) {
    for (const make::Step& s : plan.steps)
        if (s.id == id) return &s;
    return nullptr;
}

/// True where a step waits for another, at once or through others.
bool waits(const make::Plan& plan, const std::string& step, const std::string& before) {
    int s = -1, b = -1;
    for (std::size_t i = 0; i < plan.steps.size(); ++i) {
        if (plan.steps[i].id == step) s = static_cast<int>(i);
        if (plan.steps[i].id == before) b = static_cast<int>(i);
    }
    return s >= 0 && b >= 0 && !make::findChain(plan.steps, s, b).empty();
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
        return reportOf(changed([&](Puppet& p) { p.things.props.clear(), p.poses = {crouch()}, p.board = board; }));
    };
    const auto atRest = kept({}), shown = kept(crouch());
    CHECK(neededOf(atRest) == neededOf(shown));
    const auto never = reportOf(changed([](Puppet& p) { p.things.props.clear(), p.poses.clear(), p.board = {}; }));
    // The crouch asks more of the knee than standing straight, and the table says that it is the crouch.
    const auto knee = [](const results::Report& r) -> const choice::Demand& { return r.choice.limbs[2].demands[1]; };
    CHECK(knee(atRest).needed_Nmm > 1.2 * knee(never).needed_Nmm);
    CHECK(knee(atRest).load.pose == 0);
    CHECK(knee(never).load.pose == load::kAtRest);
    // By another route: the crouch alone, shown on the board of a puppet that keeps nothing.
    const auto board =
        reportOf(changed([](Puppet& p) { p.things.props.clear(), p.poses.clear(), p.board = crouch(); }));
    CHECK_NEAR(knee(board).needed_Nmm, knee(atRest).needed_Nmm, 1e-9);
    CHECK(knee(board).load.pose == load::kOnBoard);
    // Every kept pose counts: none makes a joint easier.
    const auto more = reportOf(changed([](Puppet& p) { p.poses.push_back(crouch()); }));
    const auto some = reportOf(changed([](Puppet&) {}));
    for (std::size_t h = 0; h < more.choice.loads.size(); ++h)
        CHECK(more.choice.loads[h].load_Nmm >= some.choice.loads[h].load_Nmm * (1 - 1e-3));
}

TEST_CASE("What a hand holds in one kept pose weighs in that pose, whichever the board shows", "[results]") {
    const auto with = [&](double grams, const Pose& board) {
        return reportOf(changed([&](Puppet& p) {
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
    const auto r = reportOf(changed([](Puppet& p) {
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
    const double across = wire::findBundleDiameter(l.candidates()[static_cast<std::size_t>(l.chosen)].bundle);
    CHECK(across <= 2 * (1 - 0.4) + 1e-9);
    for (const choice::Candidate& c : l.candidates())
        if (wire::findBundleDiameter(c.bundle) > 2 * (1 - 0.4) + 1e-9) CHECK_FALSE(c.fits);
    // And a tool presses on it as on a whisker: a half of a newton on half of four millimetres.
    REQUIRE(!l.still.empty());
    CHECK_NEAR(l.still[0].press_N, 0.5, 1e-9);
}

TEST_CASE("The oven's last look says stop of an eye that the load would spoil, and does not look for it in its seat",
          "[results]") {
    const auto p = changed([](Puppet& x) {
        Feature f = eye();
        f.on = {}, f.on.mass = "head", f.apart = true, f.limit_C = 100, f.before = Stage::bake;
        x.things.features = {f};
    });
    const auto r = reportOf(p);
    int stops = 0, seats = 0;
    for (const make::Step& s : r.plan.steps)
        for (const make::GateItem& g : s.gate) {
            if (g.subject == Phrase(std::string("eye"))) stops += g.stop && g.check == make::Check::take_out;
            seats += g.subject == Phrase(std::string("eye")) && g.check == make::Check::seated;
        }
    CHECK(stops > 0);
    CHECK(seats == 0);
}

TEST_CASE("Clay that was tacked and then fully baked is cured", "[results]") {
    const auto p = changed([](Puppet& x) {
        x.wants.bakes = BakeSchool::own;
        OvenLoad tack, full;
        tack.name = "tack", full.name = "full";
        for (const Limb& l : x.limbs)
            tack.limbs.push_back(l.id);
        for (const Mass& m : x.masses)
            tack.masses.push_back(m.id);
        tack.minutes = 5;
        // Goes in again with what went before, named or not.
        full.minutes = 240, full.set_C = 130;
        full.limbs = {"arm"};
        x.wants.loads = {tack, full};
    });
    const auto r = reportOf(p);
    CHECK(r.bakePlan.raw.empty());
    CHECK_FALSE(findPoint(r.open, Issue::left_raw));
    // Tacked alone it is raw.
    auto alone = p;
    alone.puppets[0].wants.loads.pop_back();
    CHECK(findPoint(reportOf(alone).open, Issue::left_raw));
}

TEST_CASE("Nobody waits for putty that nothing is stiffened with", "[results]") {
    const auto bound = reportOf(changed([](Puppet& p) {
        for (Limb& l : p.limbs)
            for (Segment& s : l.segments)
                s.stiffening = Stiffening::bound;
    }));
    CHECK(std::none_of(bound.plan.steps.begin(), bound.plan.steps.end(),
                       [](const make::Step& s) { return s.kind == make::StepKind::set_putty; }));
    const auto usual = reportOf(changed([](Puppet&) {}));
    const auto putty = [](const make::Plan& plan) {
        return std::find_if(plan.steps.rbegin(), plan.steps.rend(),
                            [](const make::Step& s) { return s.kind == make::StepKind::set_putty; });
    };
    REQUIRE(putty(usual.plan) != usual.plan.steps.rend());
    CHECK(putty(usual.plan)->wait_min > 60);
    // Binding takes its own minutes, and what comes after the frame still waits for its last look.
    CHECK(stepOf(bound.plan, "bind:arm")->hands_min > stepOf(usual.plan, "bind:arm")->hands_min);
    CHECK(waits(bound.plan, "bulk:leg", "gate:frame"));
}

TEST_CASE("A limb with clay that never dries and clay that is baked has two steps, each with its own id", "[results]") {
    const auto r = reportOf(changed([](Puppet& p) {
        for (const fill::ClayCard& c : shippedCards().clays)
            if (c.family == fill::ClayFamily::never_dry) p.limbs[0].segments[1].layers.clay = c.id;
    }));
    std::set<std::string> ids;
    for (const make::Step& s : r.plan.steps)
        CHECK(ids.insert(s.id).second);
    CHECK(ids.contains("skin:spine"));
    CHECK(ids.contains("skin:spine.soft"));
}

TEST_CASE("The last look before the cover is at something, and what is glued is there first", "[results]") {
    const auto soft = reportOf(changed([](Puppet& p) {
        std::string never;
        for (const fill::ClayCard& c : shippedCards().clays)
            if (c.family == fill::ClayFamily::never_dry) never = c.id;
        for (Limb& l : p.limbs)
            for (Segment& s : l.segments)
                if (!s.layers.clay.empty()) s.layers.clay = never, s.layers.scheme.clear(), s.layers.coats.clear();
        for (Mass& m : p.masses)
            if (!m.layers.clay.empty()) m.layers.clay = never, m.layers.scheme.clear();
        p.limbs[0].segments[0].layers.cover = "felt-brown", p.limbs[0].segments[0].layers.cover_mm = 1;
    }));
    const make::Step* look = stepOf(soft.plan, "gate:cover");
    REQUIRE(look);
    CHECK_FALSE(look->after.empty());
    const auto glued = reportOf(changed([](Puppet& p) {
        Feature tusk = eye();
        tusk.id = tusk.name = "tusk", tusk.on = {}, tusk.on.mass = "head", tusk.before = Stage::paint;
        p.things.features.push_back(tusk);
        Bond b;
        b.id = b.name = "g", b.kind = BondKind::glue, b.adhesive = "epoxy", b.diameter_mm = 4;
        b.from.feature = "tusk", b.to.mass = "head", b.before = Stage::bake;
        p.things.bonds.push_back(b);
    }));
    CHECK(waits(glued.plan, "glue:g", "feature:tusk"));
}

TEST_CASE("Doubles wait for the one set of sheets, and a step for clay that has yet to come", "[results]") {
    const Case twins = caseOf([](document::Production& p) { p.puppets[0].things.copies = 3; });
    int print = -1;
    for (std::size_t k = 0; k < twins.planning.steps.size(); ++k)
        if (twins.planning.kinds[k] == make::StepKind::print_sheets && twins.planning.steps[k].puppet == 0)
            print = static_cast<int>(k);
    REQUIRE(print >= 0);
    for (std::size_t k = 0; k < twins.planning.steps.size(); ++k)
        if (twins.planning.steps[k].puppet == 0 && twins.planning.kinds[k] == make::StepKind::cut_wire)
            CHECK(!results::findWaits(twins.planning.problem, static_cast<int>(k), print).empty());
    const Case late = caseOf([](document::Production& p) {
        p.stock.shop.leadDays = 3;
        for (document::Held& h : p.stock.clays_g)
            h.amount = 0;
    });
    int waiting = 0;
    for (const results::Planned& s : late.plan.steps)
        if (late.step(s).kind == make::StepKind::skin) {
            CHECK(s.at.from >= (dayOf(kMonday) + 3) * kDay);
            ++waiting;
        }
    CHECK(waiting > 0);
}

TEST_CASE("Leaving one cape as it is leaves the other of its name open, whatever either is called", "[results]") {
    const auto capes = [](const std::vector<LeftPoint>& left, const std::string& second = "cape") {
        return reportOf(changed([&](Puppet& p) {
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
    const auto count = [](const std::vector<results::OpenPoint>& points) {
        return std::count_if(points.begin(), points.end(), [](const auto& o) { return o.issue == Issue::sheet_sags; });
    };
    const auto both = capes({});
    REQUIRE(count(both.open) == 2);
    const std::string key = findPoint(both.open, Issue::sheet_sags)->key;
    CHECK(key == "sheet-sags:sheet/c1");
    for (const std::string name : {"cape", "cloak"}) {
        const auto one = capes({{key, "propped"}}, name);
        CHECK(count(one.open) == 1);
        CHECK(count(one.left) == 1);
        CHECK(findPoint(one.open, Issue::sheet_sags)->ref.id == "c2");
    }
    // Older files know a name alone: it counts where one thing bears it, and never for two.
    CHECK(count(capes({{"sheet-sags:cape", "propped"}}).left) == 0);
    CHECK(count(capes({{"sheet-sags:cape", "propped"}}, "cloak").left) == 1);
}

TEST_CASE("What dries is weighed and bought with its water in it", "[results]") {
    const fill::ClayCard* air = nullptr;
    for (const fill::ClayCard& c : shippedCards().clays)
        if (c.family == fill::ClayFamily::air_dry && c.shrink > 0) air = &c;
    REQUIRE(air);
    const auto r = reportOf(changed([&](Puppet& p) {
        for (Segment& s : p.limbs[1].segments)
            if (!s.layers.clay.empty()) s.layers.clay = air->id;
    }));
    double finished = 0, balls = 0;
    for (const fill::PartSkin& s : r.skins)
        if (r.choice.parts[static_cast<std::size_t>(s.part)].layers.clay == air->id) {
            balls += s.grams;
            finished += r.choice.parts[static_cast<std::size_t>(s.part)].skin.mass_g;
        }
    REQUIRE(finished > 0);
    const double factor = std::pow(1 / (1 - air->shrink), 3);
    CHECK_NEAR(balls, finished * factor, 1e-9);
    CHECK_NEAR(stepOf(r.plan, "skin:arm")->amount, balls, 1e-9);
    for (const results::Need& n : r.needs)
        if (n.card == air->id) CHECK(n.needed >= balls * demo().puppets[0].things.copies * (1 - 1e-9));
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
    auto kind = files::loadProduction(kDataDir + "/kinds/winged.json", shippedCards());
    REQUIRE(kind);
    const Puppet& beast = kind->production.puppets.front();
    CHECK(beast.height_mm * 240 / findSize(beast, SizeKind::span) < 240);
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
        const auto film = results::calcFilm(c.production, c.result.puppets);
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

TEST_CASE("A web with mesh inside does not stretch like clay, and a sheet bent raw does not crack", "[results]") {
    const auto sheetOf = [](auto change) {
        return reportOf(changed([&](Puppet& p) {
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
    CHECK(findPoint(bent(false).open, Issue::sheet_cracks));
    CHECK_FALSE(findPoint(bent(true).open, Issue::sheet_cracks));
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
        auto p = changed([&](Puppet& x) {
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
            if (p.puppets[0].things.features[static_cast<std::size_t>(i)].id == "xeye") {
                const auto off = edits.removeThing(ThingKind::feature, i);
                REQUIRE(off);
                CHECK(off->puppets[0].things.features.empty());
            }
    }
}

TEST_CASE("Half of such builds are done by the day that the plan says, or before", "[results]") {
    Case c = caseOf([](document::Production& p) { p.puppets.resize(1), p.shots.clear(); }, 200);
    const auto chance = results::calcChance(c.planning, c.hours, c.plan.schedule, 600);
    // Planned with means: the plan's end is no earlier than what half of the builds make.
    CHECK(chance.median <= c.plan.schedule.end + 8 * 60);
    CHECK(chance.late > chance.median);
}

TEST_CASE("Three slips of three seconds teach nothing, and one timing little", "[results]") {
    const auto rateOf = [](const std::vector<double>& minutes) {
        std::vector<make::Taken> all;
        for (double m : minutes)
            all.push_back({make::StepKind::skin, m, 20});
        return make::calcRates(all)[static_cast<std::size_t>(make::StepKind::skin)];
    };
    CHECK(rateOf({0.05, 0.05, 0.05}).steps == 0);
    CHECK_NEAR(rateOf({0.05, 0.05, 0.05}).factor(), 1, 1e-12);
    // Twice as long, once: a third of the way on logarithms.
    CHECK_NEAR(rateOf({40}).factor(), std::pow(2, (1 / 0.49) / (1 / 0.25 + 1 / 0.49)), 1e-12);
    CHECK(rateOf({40}).factor() < 1.3);
    CHECK(rateOf(std::vector<double>(40, 40.0)).factor() > 1.85);
}

TEST_CASE("One file has one plan, to the minute, however often it is asked", "[results]") {
    const Case a = caseOf([](document::Production&) {});
    const auto first = results::calcSchedule(a.planning, a.hours);
    for (int i = 0; i < 3; ++i) {
        const Case b = caseOf([](document::Production&) {});
        CHECK(results::calcSchedule(b.planning, b.hours) == first);
    }
}

TEST_CASE("A prop thicker than the hand is long is an open point, and it is for the hand in hand", "[results]") {
    auto p = changed([](Puppet& x) { x.things.props.clear(); });
    const document::Edits edits(p, shippedCards(), "tansy");
    const auto with = edits.addThing(ThingKind::prop, {"arm", 3, {}, {}, false}, "lamp", Side::right);
    REQUIRE(with);
    CHECK(with->puppets[0].things.props[0].hand.limb == "arm");
    CHECK(with->puppets[0].things.props[0].side == Side::right);
    auto wide = *with;
    wide.puppets[0].things.props[0].grip_mm = 60;
    CHECK(findPoint(reportOf(wide).open, Issue::grip_wide));
    CHECK_FALSE(findPoint(reportOf(*with).open, Issue::grip_wide));
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
    CHECK_FALSE(findPoint(r.open, Issue::tie_weak));
    CHECK_FALSE(findPoint(planted(1.02 * least, 18).open, Issue::tie_weak));
    const auto weak = planted(0.98 * least, 18);
    const auto* point = findPoint(weak.open, Issue::tie_weak);
    REQUIRE(point);
    CHECK(point->limit == Approx(need).epsilon(1e-3));
    CHECK(point->found == Approx(need * 0.98 * 0.98).epsilon(1e-3));
    CHECK_FALSE(findPoint(r.open, Issue::hole_deep));
    CHECK(findPoint(planted(12, 10).open, Issue::hole_deep));
}

TEST_CASE("A wire that is still to be bought is chosen as if it were there, and counted as nothing", "[results]") {
    const auto with = [](bool toBuy) {
        document::Production p = demo();
        p.puppets.resize(1), p.log.clear();
        for (document::Spool& s : p.stock.spools)
            if (s.id == "alu-2.5") s.toBuy = toBuy, s.length_m = toBuy ? 0 : s.length_m;
        const auto read = files::parseProduction(files::writeProduction(p), shippedCards());
        REQUIRE(read);
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

TEST_CASE("An empty bench owns nothing: what its first puppet takes is all to be bought", "[results]") {
    for (const char* kind : {"biped", "bird", "own", "quadruped", "serpent", "winged"}) {
        const auto loaded = files::loadProduction(kDataDir + "/kinds/" + kind + ".json", shippedCards());
        REQUIRE(loaded);
        const document::Stock& stock = loaded->production.stock;
        CHECK(stock.spools.size() > 10);
        CHECK(std::all_of(stock.spools.begin(), stock.spools.end(),
                          [](const document::Spool& s) { return s.toBuy && s.length_m == 0; }));
        CHECK(stock.clays_g.empty());
        CHECK(stock.paints_ml.empty());
        CHECK(stock.foil.length_m == 0);
        const auto all = resultOf(loaded->production).shopping;
        std::vector<document::Use> bought;
        for (const results::Need& n : all.needs)
            if (n.ware != document::Ware::bulk && n.ware != document::Ware::cover) {
                CHECK(n.buy >= n.needed - 1e-9);
                bought.push_back({n.ware, n.card, n.packs > 0 ? n.held + n.buy : std::ceil(n.held + n.buy)});
            }
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

TEST_CASE("All limbs together last fewer films than each by itself, and no fewer than is said", "[results]") {
    document::Production p = shippedDemo();
    REQUIRE_FALSE(p.shots.empty());
    for (document::Shot& s : p.shots)
        s.frames *= 3;
    const results::Film film = results::calcFilm(p, resultOf(p).puppets);
    REQUIRE(film.doubles.size() > 1);
    double least = 1;
    for (const results::LimbDoubles& d : film.doubles) {
        CHECK(d.chance >= d.chanceOne);
        if (d.copies > 0) CHECK(d.chance >= 0.95);
        if (d.copies == 1) CHECK(d.chance == d.chanceOne);
        least = std::min(least, d.chance);
    }
    CHECK(film.together() < least);
    // Where one of each does, that is the film as it is cast, whose wires share spools.
    if (std::all_of(film.doubles.begin(), film.doubles.end(), [](const auto& d) { return d.copies == 1; }))
        CHECK(film.chance >= film.together() - 1e-9);
}

TEST_CASE("Names write nothing into what goes out but themselves", "[files]") {
    for (const char* text : {"=1+1", "+A1", "-x", "@sum", "=cmd|' /C'!A0"}) {
        const std::string cell = files::csvCell(text);
        CHECK(cell.find_first_of("=+-@") != 0);
        const auto back = files::parseCsvTable("a,b\n" + cell + ",1\n");
        REQUIRE(back);
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

TEST_CASE("Under six millimetres of skin the frame is wanted six millimetres inside", "[results]") {
    for (double skin : {2.0, 6.0}) {
        const document::Production p = changed([&](Puppet& tansy) {
            for (Limb& l : tansy.limbs)
                for (Segment& s : l.segments)
                    if (!s.layers.clay.empty()) s.layers.skin_mm = skin, s.layers.cover.clear(), s.layers.coats.clear();
        });
        const auto checks = results::calcEyeChecks(p.puppets[0], reportOf(p));
        const auto cover = std::find_if(checks.begin(), checks.end(),
                                        [](const auto& c) { return c.eye == results::Eye::armature_cover; });
        REQUIRE(cover != checks.end());
        CHECK(cover->low >= skin - 1e-9);
    }
}
