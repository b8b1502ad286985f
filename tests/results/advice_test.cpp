// What the program once advised wrongly, or kept silent about: each case tells its story.
#include "checks/proportions.h"
#include "document/edits.h"
#include "fill/skin_plan.h"
#include "support/puppets.h"
#include "support/sanitized.h"
#include <set>

using namespace enkinet::document;
using namespace enkinet::checks;
using namespace enkinet::results;

namespace {

const std::string kNeverDry = "oil-clay", kAirDry = "air-dry-white", kPutty = "putty-two-part", kFirm = "firm-grey";

template <class Change> Report changed(Change change, std::size_t puppet = 0) {
    Production p = demo();
    change(p, p.puppets[puppet]);
    auto sound = makeProduction(std::move(p), shippedCards());
    INFO((sound ? std::string() : sound.fault().sentence()));
    REQUIRE(sound);
    return reportOf(*sound, static_cast<int>(puppet));
}

int pointsOf(const std::vector<findings::Finding>& points, std::string_view word) {
    return static_cast<int>(
        std::count_if(points.begin(), points.end(), [&](const findings::Finding& p) { return p.is(word); }));
}

/// Every part of a puppet, its clay by a rule; parts with neither clay nor bulk stay as they are.
template <class Rule> void clothe(body::Puppet& p, Rule rule) {
    const auto set = [](body::Layers& l, const std::string& clay) {
        if (clay.empty()) return;
        l.clay = clay, l.skin_mm = 3, l.cover.clear(), l.cover_mm = 0, l.skinAcrossGaps = false;
    };
    for (auto& l : p.limbs)
        for (auto& s : l.segments)
            if (!s.sections.empty()) set(s.layers, rule(l.id, s.name));
    for (auto& m : p.masses)
        if (m.shape != body::MassShape::weighed) set(m.layers, rule(m.id, m.name));
}

/// Step before which another must have ended, directly or through others.
bool waitsFor(const make::Plan& plan, std::size_t step, std::size_t before) {
    if (step == before) return true;
    for (const make::After& a : plan.steps[step].after)
        if (waitsFor(plan, nth(a.step), before)) return true;
    return false;
}

std::vector<std::size_t> stepsOf(const make::Plan& plan, make::StepKind kind) {
    std::vector<std::size_t> all;
    for (std::size_t i = 0; i < plan.steps.size(); ++i)
        if (plan.steps[i].kind == kind) all.push_back(i);
    return all;
}

int checksOf(const make::Plan& plan, make::Check check, bool stop = false) {
    int n = 0;
    for (const make::Step& s : plan.steps)
        for (const make::GateItem& item : s.gate)
            n += item.check == check && (!stop || item.stop);
    return n;
}

} // namespace

TEST_CASE("Clay that never dries goes on after the last bake: it was sent into an oven at 130 degrees", "[results]") {
    // The barrel of the goat in oil clay, the rest firm.
    const Report r = changed(
        [](Production&, body::Puppet& p) {
            clothe(p, [](const std::string& limb, const std::string& part) {
                return limb == "spine" && part == "barrel" ? kNeverDry : kFirm;
            });
        },
        1);
    const auto bakes = stepsOf(r.plan, make::StepKind::bake);
    REQUIRE_FALSE(bakes.empty());
    int soft = 0;
    for (std::size_t i : stepsOf(r.plan, make::StepKind::skin)) {
        const make::Step& s = r.plan.steps[i];
        if (s.detail != r.shelf.clays.at(kNeverDry).name) continue;
        ++soft;
        CHECK(waitsFor(r.plan, i, bakes.back()));
    }
    CHECK(soft == 1);
    for (const fill::Bake& b : r.bakePlan.bakes)
        for (int part : b.parts)
            CHECK(r.choice.parts[nth(part)].layers.clay != kNeverDry);
    CHECK(checksOf(r.plan, make::Check::not_yet) > 0);
}

TEST_CASE("A load that names clay that never dries is an open point, and its gate refuses", "[results]") {
    const Report r = changed(
        [](Production&, body::Puppet& p) {
            clothe(p, [](const std::string& limb, const std::string&) { return limb == "tail" ? kNeverDry : kFirm; });
            p.wants.bakes = body::BakeSchool::own;
            p.wants.loads = {{"all", {"spine", "tail", "foreleg", "hindleg", "ear"}, {}, true, 0, 0}};
        },
        1);
    CHECK(pointsOf(r.open, "never-baked") == 1);
    CHECK(checksOf(r.plan, make::Check::never_bake, true) == 1);
    for (const make::Step& s : r.plan.steps)
        if (s.kind == make::StepKind::gate && s.bake >= 0) CHECK_FALSE(make::isOpen(s.gate));
}

TEST_CASE("Wire that nothing poses and all of which is stiffened reads not checked, and is listed", "[results]") {
    const Report r = changed([](Production&, body::Puppet& p) {
        for (auto& j : p.limbs[0].joints)
            j.posed = false;
        for (auto& s : p.limbs[0].segments)
            s.stiffening = body::Stiffening::putty;
        p.poses.clear(), p.board = {}, p.wants.shot.clear(), p.things.props.clear();
    });
    REQUIRE(r.choice.limbs[0].demands.empty());
    CHECK(r.choice.limbs[0].still.empty());
    CHECK(r.choice.limbs[0].state == choice::State::not_checked);
    CHECK(pointsOf(r.notes, "not-checked") == 1);
    CHECK(pointsOf(r.open, "not-checked") == 0);
}

TEST_CASE("A limb of which nothing is left outside its parent is pointed out", "[results]") {
    // The winged kind's wings came out at 0 mm³ and 0 g, and nobody was told.
    const Report r = changed(
        [](Production&, body::Puppet& p) {
            // The ears, moved into the barrel.
            for (auto& l : p.limbs)
                if (l.id == "ear") {
                    const Vec3 root = l.joints[0].at_mm;
                    for (auto& j : l.joints)
                        j.at_mm =
                            Vec3{2, 132, -10} + (1.0 / norm(l.joints.back().at_mm - root)) * 12.0 * (j.at_mm - root);
                    for (auto& j : l.joints)
                        if (j.posed) j.gap_mm = 2;
                    l.hangsOnLimb = "spine", l.hangsOnJoint = "withers";
                }
        },
        1);
    CHECK(pointsOf(r.open, "swallowed") == 1);
    auto winged = must(files::loadProduction(kDataDir + "/kinds/winged.json", shippedCards()));
    const Report w = reportOf(winged->production);
    double wing_mm3 = 0;
    for (const fill::Part& p : w.choice.parts)
        if (p.label.english().find("wing") != std::string::npos) wing_mm3 += p.volume_mm3;
    CHECK(wing_mm3 > 1000);
    CHECK(pointsOf(w.open, "swallowed") == 0);
}

TEST_CASE("A gate counts the gaps that the design leaves free, not all of them", "[results]") {
    // All 16 gaps are free of clay and foil, it said, although the skin was set to cross them.
    const auto gapsSaid = [](const Report& r) {
        std::map<bool, double> said; // crossed or free
        for (const make::Step& s : r.plan.steps)
            if (s.kind == make::StepKind::gate && s.bake >= 0)
                for (const make::GateItem& g : s.gate) {
                    if (g.check == make::Check::gaps) said[false] += g.a;
                    if (g.check != make::Check::crossed) continue;
                    said[true] += g.a;
                    CHECK(g.stop);
                }
        return said;
    };
    const auto make = [](bool across) {
        return changed(
            [&](Production&, body::Puppet& p) {
                clothe(p, [](const std::string&, const std::string&) { return kFirm; });
                for (auto& l : p.limbs)
                    for (auto& s : l.segments)
                        if (l.id == "foreleg") s.layers.skinAcrossGaps = across;
            },
            1);
    };
    auto apart = gapsSaid(make(false)), across = gapsSaid(make(true));
    CHECK(apart[true] == 0);
    CHECK(across[true] == 6); // three joints a side
    CHECK(apart[false] == across[false] + across[true]);
}

TEST_CASE("What one clay takes of a substitute is not offered to the next", "[results]") {
    const fill::Shelf shelf = makeShelf(shippedCards());
    std::vector<fill::Part> none;
    // Two clays are short of 30 g each; 40 g of a third lie there.
    const std::map<std::string, double> needed{{"firm-flesh", 30}, {"firm-grey", 30}}, held{{"firm-white", 40}};
    const auto offers = fill::calcSubstitutes(none, shelf, needed, held);
    REQUIRE(offers.size() == 2);
    CHECK(offers[0].free_g == 40);
    CHECK(offers[1].free_g == 10);
    CHECK_FALSE(offers[1].enough());
}

TEST_CASE("A weighed piece is a piece, not cloth, and on a mirrored limb it is there once where it was put once",
          "[results]") {
    Production p = demo();
    body::Mass bag;
    bag.id = bag.name = "lantern", bag.limb = "arm", bag.segment = 2, bag.shape = body::MassShape::weighed;
    bag.weighed_g = 7, bag.at_mm = body::findLimb(p.puppets[0], "arm")->joints.back().at_mm;
    const auto massOf = [](const Production& x) { return reportOf(x).choice.totals; };
    const auto before = massOf(p);
    bag.side = body::Side::left;
    auto one = must(Edits(p, shippedCards(), "tansy").addMass(bag));
    CHECK_NEAR(massOf(*one).piece_g, before.piece_g + 7, 1e-9);
    CHECK_NEAR(massOf(*one).cover_g, before.cover_g, 1e-9);
    auto both = must(Edits(*one, shippedCards(), "tansy").setMassSide("lantern", body::Side::both));
    CHECK_NEAR(massOf(*both).piece_g, before.piece_g + 14, 1e-9);
}

TEST_CASE("Putty wants gloves as skin and as bulk, and a base that is sprayed wants a mask", "[results]") {
    const Report r = changed(
        [](Production&, body::Puppet& p) {
            clothe(p, [](const std::string& limb, const std::string&) { return limb == "ear" ? kPutty : kFirm; });
            for (auto& l : p.limbs)
                if (l.id == "hindleg")
                    for (auto& s : l.segments)
                        if (!s.layers.bulk.empty()) s.layers.bulk = "putty-bulk";
        },
        1);
    int skin = 0, bulk = 0;
    for (const make::Step& s : r.plan.steps) {
        skin += s.kind == make::StepKind::skin && s.caution == make::Caution::gloves;
        bulk += s.kind == make::StepKind::bulk && s.caution == make::Caution::gloves;
    }
    CHECK(skin == 1);
    CHECK(bulk == 1);
    const Report tansy = reportOf(demo());
    for (const make::Step& s : tansy.plan.steps)
        if (s.kind == make::StepKind::paint && s.role == paint::Role::base)
            CHECK(s.caution == make::Caution::air_if_sprayed);
}

TEST_CASE("Paint, varnish and steel that will not do on their ground are said", "[results]") {
    const auto painted = [](const std::string& clay, std::vector<paint::Coat> coats, bool across) {
        return changed([&](Production& production, body::Puppet& p) {
            production.schemes.push_back({"trial", "trial", coats});
            clothe(p,
                   [&](const std::string& limb, const std::string&) { return limb == "arm" ? clay : std::string(); });
            for (auto& l : p.limbs)
                for (auto& s : l.segments)
                    if (l.id == "arm" && !s.sections.empty())
                        s.layers.scheme = "trial", s.layers.skinAcrossGaps = across;
        });
    };
    std::string acrylic, varnish;
    for (const auto& c : shippedCards().paints) {
        if (c.medium == paint::Medium::varnish) varnish = c.id;
        if (c.medium == paint::Medium::acrylic) acrylic = c.id;
    }
    REQUIRE_FALSE(varnish.empty());
    using paint::Role;
    CHECK(pointsOf(painted("flexible-flesh", {{Role::base, acrylic}, {Role::varnish, varnish}}, true).open,
                   "varnish") == 1);
    CHECK(pointsOf(painted("flexible-flesh", {{Role::base, acrylic}}, true).open, "varnish") == 0);
    CHECK(pointsOf(painted(kNeverDry, {{Role::base, acrylic}}, false).open, "soft-paint") == 1);
    CHECK(pointsOf(painted(kAirDry, {{Role::base, acrylic}}, false).open, "unsealed") == 1);
    CHECK(pointsOf(painted(kAirDry, {{Role::primer, acrylic}, {Role::base, acrylic}}, false).open, "unsealed") == 0);
    // Coloured clay with a sheen only: nothing is missing, nothing is wrong, and the varnish is a step.
    const Report sheen = painted(kFirm, {{Role::varnish, varnish}}, false);
    for (const auto& list : {sheen.open, sheen.notes})
        for (const findings::Finding& o : list) {
            INFO(o.key);
            CHECK(o.station() != Station::paint);
        }
    CHECK(std::any_of(sheen.plan.steps.begin(), sheen.plan.steps.end(), [](const make::Step& s) {
        return s.kind == make::StepKind::paint && s.role == paint::Role::varnish;
    }));
    const auto steel = [](const std::string& clay) {
        return changed([&](Production& production, body::Puppet& p) {
            clothe(p,
                   [&](const std::string& limb, const std::string&) { return limb == "arm" ? clay : std::string(); });
            p.wants.steelMayPose = true;
            std::string spool;
            for (const auto& s : production.stock.spools)
                if (s.material == "steel-annealed") spool = s.id;
            for (auto& l : p.limbs)
                if (l.id == "arm") l.pick = body::WirePick{spool, 1, 0, {}};
        });
    };
    CHECK(pointsOf(steel(kAirDry).open, "rust") == 1);
    CHECK(pointsOf(steel(kFirm).open, "rust") == 0);
}

TEST_CASE("What sets by itself is gated and set limb by limb, and a step longer than its working time is said",
          "[results]") {
    // At 10 degrees 220 minutes of work stood before the last look of a putty that sets in 180.
    const auto at = [](double room_C, double area) {
        return changed(
            [&](Production& production, body::Puppet& p) {
                production.stock.shop.room_C = room_C;
                clothe(p, [](const std::string&, const std::string&) { return kPutty; });
                for (auto& l : p.limbs)
                    for (auto& s : l.segments)
                        for (auto& t : s.sections)
                            t.a_mm *= area, t.b_mm *= area;
            },
            1);
    };
    const Report r = at(10, 1);
    std::set<std::string> gated;
    for (std::size_t i : stepsOf(r.plan, make::StepKind::dry)) {
        REQUIRE(r.plan.steps[i].after.size() == 1);
        const make::Step& gate = r.plan.steps[nth(r.plan.steps[i].after[0].step)];
        CHECK(gate.kind == make::StepKind::gate);
        gated.insert(gate.subject.english());
        // Only its own limb's clay stands before a limb's last look.
        CHECK(gate.after.size() == 1);
    }
    CHECK(gated.size() > 2);
    // In a warm room a big skin cannot be worked in the 45 minutes that the putty leaves: it takes several mixes.
    const Report warm = at(30, 1.6);
    int mixed = 0;
    for (const make::Step& s : warm.plan.steps) {
        if (s.working_min > 0) CHECK(s.hands_min <= s.working_min * (1 + 1e-9));
        if (s.mix < 2) continue;
        ++mixed;
        CHECK(s.after.size() == 1);
        CHECK(warm.plan.steps[nth(s.after[0].step)].mix == s.mix - 1);
    }
    CHECK(mixed > 0);
}

TEST_CASE("Hands twice too long are not fine, an ox is not so many heads high, and a still figure keeps its checks",
          "[results][numbers]") {
    const auto eye = [](const Report& r, const body::Puppet& p, Eye kind) {
        std::vector<EyeCheck> all;
        for (const EyeCheck& c : calcEyeChecks(p, r))
            if (c.eye == kind) all.push_back(c);
        return all;
    };
    const body::Puppet& tansy = demo().puppets[0];
    for (const EyeCheck& c : eye(reportOf(demo()), tansy, Eye::hand_to_forearm))
        CHECK(c.fine());
    Production p = demo();
    auto& limbs = p.puppets[0].limbs;
    const Vec3 wrist = body::findLimb(p.puppets[0], "arm")->joints[3].at_mm;
    for (auto& l : limbs)
        for (std::size_t i = 0; i < l.joints.size(); ++i)
            if ((l.id == "arm" && i == 4) || l.kind == body::LimbKind::finger)
                l.joints[i].at_mm = wrist + 2.2 * (l.joints[i].at_mm - wrist);
    auto sound = must(makeProduction(p, shippedCards()));
    const auto hands = eye(reportOf(*sound), sound->puppets[0], Eye::hand_to_forearm);
    REQUIRE_FALSE(hands.empty());
    CHECK_FALSE(hands[0].fine());
    // The goat.
    CHECK(eye(reportOf(demo(), 1), demo().puppets[1], Eye::heads_high).empty());
    // Nothing posed: the armature is still to lie inside.
    Production still = demo();
    for (auto& l : still.puppets[0].limbs)
        for (auto& j : l.joints)
            j.posed = false;
    still.puppets[0].poses.clear(), still.puppets[0].board = {}, still.puppets[0].wants.shot.clear();
    still.puppets[0].things.props.clear();
    auto quiet = must(makeProduction(still, shippedCards()));
    CHECK(eye(reportOf(*quiet), quiet->puppets[0], Eye::armature_cover).size() == 1);
}

TEST_CASE("Nothing to hold but what is wet is one point, and advice can be left as it is and taken up again",
          "[results]") {
    // No feet, and one scheme all over: every coat leaves nothing to hold. It was said once a coat, 26 times.
    const Report wet = changed([](Production& production, body::Puppet& p) {
        for (auto& l : p.limbs)
            l.tieDown.reset();
        clothe(p, [](const std::string&, const std::string&) { return kFirm; });
        for (auto& l : p.limbs)
            for (auto& s : l.segments)
                s.layers.scheme = production.schemes[0].id;
        for (auto& m : p.masses)
            m.layers.scheme = production.schemes[0].id, m.layers.cover.clear();
    });
    const auto coats = std::count_if(wet.plan.steps.begin(), wet.plan.steps.end(),
                                     [](const make::Step& s) { return s.grip == make::Grip::wet_only; });
    REQUIRE(coats > 1);
    REQUIRE(pointsOf(wet.open, "wet-grip") == 1);
    for (const findings::Finding& o : wet.open)
        if (o.is("wet-grip")) CHECK(o.found == static_cast<double>(coats));
    const Report r = reportOf(demo());
    REQUIRE(pointsOf(r.open, "order") > 0);
    Production p = demo();
    for (const findings::Finding& o : r.open) {
        if (!o.is("order")) continue;
        CHECK(o.mayLeave());
        auto left = must(Edits(p, shippedCards(), "tansy").leavePoint(o.key, true, "it stands"));
        p = left.take();
    }
    const Report quiet = reportOf(p);
    CHECK(pointsOf(quiet.open, "order") == 0);
    CHECK(pointsOf(quiet.left, "order") == pointsOf(r.open, "order"));
    for (const findings::Finding& o : quiet.left)
        CHECK(o.because == "it stands");
    auto again = must(Edits(p, shippedCards(), "tansy").leavePoint(quiet.left[0].key, false));
    CHECK(pointsOf(reportOf(*again).open, "order") == 1);
    // What would fail cannot be waved away.
    for (const findings::Kind* k : findings::allKinds())
        for (const char* word : {"slack", "tired", "not-in-oven"})
            if (k->word == std::string_view(word)) CHECK(k->weight == findings::Weight::fault);
    // Each joint speaks of the order once.
    std::set<std::string> keys;
    for (const findings::Finding& o : r.open)
        if (o.is("order")) CHECK(keys.insert(o.key).second);
}

TEST_CASE("A picked wire that cannot be made is said, and what can stands in for it", "[results]") {
    // Four strands 40 degrees steep were taken by an older version: now they lie in their ring up to 25. Such a file
    // was refused, and before that the pick let go without a word.
    const auto pickOf = [](const Production& p, double lay) {
        return body::WirePick{p.stock.spools[0].id, 4, lay, {}};
    };
    const auto withPick = [&](double lay) {
        return changed([&](Production& production, body::Puppet& p) {
            for (auto& l : p.limbs)
                if (l.id == "arm") l.pick = pickOf(production, lay);
        });
    };
    const double shortest = wire::findShortestLay(4, demo().stock.spools[0].diameter_mm);
    const Report r = withPick(shortest * 0.7);
    REQUIRE(pointsOf(r.open, "pick-gone") == 1);
    for (const choice::LimbChoice& l : r.choice.limbs)
        if (demo().puppets[0].limbs[nth(l.limb)].id == "arm") {
            CHECK_FALSE(l.pinned);
            CHECK(l.chosen >= 0);
        }
    CHECK(pointsOf(withPick(0).open, "pick-gone") == 0);
    CHECK(pointsOf(withPick(shortest * 1.01).open, "pick-gone") == 0);
    // No edit makes a new one.
    const Production p = demo();
    CHECK_FALSE(Edits(p, shippedCards(), "tansy").setPick("arm", pickOf(p, shortest * 0.7)));
    CHECK(Edits(p, shippedCards(), "tansy").setPick("arm", pickOf(p, shortest * 1.01)));
}

TEST_CASE("Each shipped kind opens sound at half to twice its own height", "[results]") {
    for (const std::string kind : {"biped", "quadruped", "bird", "serpent", "winged"}) {
        auto loaded = must(files::loadProduction(kDataDir + "/kinds/" + kind + ".json", shippedCards()));
        const body::Puppet& own = loaded->production.puppets[0];
        for (double share : {1.0, 0.5, 0.75, 1.5, 2.0}) {
            if (kSanitized && share != 1) break;
            INFO(kind << " at " << share);
            const auto scaled = must(Edits(loaded->production, shippedCards(), own.id).startAt(share * own.height_mm));
            const Report r = reportOf(*scaled);
            // Faults first: none as it is shipped. What a size asks of any wire or clay is honest, and few.
            std::string said;
            int faults = 0, advice = 0;
            for (const findings::Finding& p : r.open) {
                if (p.key.starts_with("buy")) continue;
                ++(p.mayLeave() ? advice : faults);
                said += p.key + "; ";
            }
            INFO(said);
            CHECK(faults <= (share == 1 ? 0 : 10));
            CHECK(advice <= 7);
            // A new puppet's skins are within what their clays can do, whatever its height.
            for (const auto& limb : scaled->puppets[0].limbs)
                for (const auto& s : limb.segments)
                    if (const auto clay = r.shelf.clays.find(s.layers.clay); clay != r.shelf.clays.end()) {
                        CHECK(s.layers.skin_mm >= clay->second.thinnest_mm);
                        CHECK(s.layers.skin_mm <= clay->second.thickest_mm);
                    }
        }
    }
}
