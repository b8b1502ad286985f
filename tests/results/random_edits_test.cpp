#include "base/units.h"
#include "body/pose.h"
#include "checks/proportions.h"
#include "document/changed_fields.h"
#include "document/edits.h"
#include "support/near.h"

#include <atomic>
#include <cstdio>
#include <cstdlib>
#include <thread>

using namespace enkinet::body;
using namespace enkinet::checks;
using namespace enkinet::document;
using namespace enkinet::results;

namespace {

/// One edit of any kind on a random place of a random puppet, sensible or not.
Edits::Changed randomEdit(const Production& p, Random& r) {
    const Puppet& puppet = r.of(p.puppets);
    const Edits e(p, shippedCards(), puppet.id);
    if (puppet.limbs.empty()) return e.setHeight(r.between(50, 400));
    const Limb& l = r.of(puppet.limbs);
    const Joint& j = r.of(l.joints);
    const int seg = r.whole(0, static_cast<int>(l.segments.size()) - 1);
    switch (r.whole(0, 31)) {
    case 0:
        return e.setHeight(r.between(-20, 500));
    case 1:
        return e.moveJoint(l.id, j.id, j.at_mm + Vec3{r.between(-5, 5), r.between(-5, 5), r.between(-5, 5)});
    case 2:
        return e.setLength(l.id, seg, r.between(-1, 80));
    case 3:
        return e.setTrueLength(l.id, seg, r.between(0, 80), r.whole(0, 1) == 1);
    case 4:
        return e.splitSegment(l.id, seg, r.between(0, 1));
    case 5:
        return e.joinSegments(l.id, j.id);
    case 6:
        return e.setPosed(l.id, j.id, r.whole(0, 3) > 0, r.between(-1, 12));
    case 7:
        return e.setAngle({l.id, j.id, r.whole(0, 1) == 1, r.between(-2, 2), r.between(-2, 2)});
    case 8:
        return e.mirrorBoard();
    case 9:
        return e.keepPose("pose " + std::to_string(r.whole(1, 6)));
    case 10:
        return e.removePose("pose " + std::to_string(r.whole(1, 6)));
    case 11:
        return e.setBoard({});
    case 12:
        return e.setGap(l.id, j.id, r.between(-2, 20));
    case 13:
        return e.setRange(l.id, j.id, r.between(-2, 0.5), r.between(-0.5, 2));
    case 14: {
        Limb copy = l;
        return e.addLimb(copy);
    }
    case 15:
        return l.hangsOnLimb.empty() || r.whole(0, 3) ? e.setName(puppet.name) : e.removeLimb(l.id);
    case 16: {
        Mass bag;
        bag.id = bag.name = "bag", bag.limb = l.id, bag.segment = seg;
        bag.at_mm = j.at_mm, bag.half_mm = {r.between(-1, 9), 4, 4};
        return e.addMass(bag);
    }
    case 17:
        return puppet.masses.empty() ? e.setRig(std::nullopt) : e.removeMass(r.of(puppet.masses).id);
    case 18:
        return e.setRig(RigPoint{l.id, seg});
    case 19:
        return e.addMeasure({"m", j.at_mm, {}, {}});
    case 20:
        return e.setLimb(l.id, [&](Limb& x) { x.mirrored = !x.mirrored; });
    case 21:
        return e.setSectionSkin(l.id, seg, r.whole(-1, 2),
                                r.whole(0, 3) ? std::optional(r.between(-0.5, 9)) : std::nullopt);
    case 22: {
        const PartRef part{l.id, seg, {}};
        Layers layers = *findLayers(puppet, part);
        layers.cover = r.whole(0, 2) ? "felt-1" : "", layers.cover_mm = r.between(-0.2, 2);
        layers.coverFrom = r.between(-0.1, 0.8), layers.coverTo = r.between(0.2, 1.1);
        return e.setLayers(part, layers);
    }
    case 23: {
        Wants wants = puppet.wants;
        wants.bakes = static_cast<BakeSchool>(r.whole(0, 2));
        wants.loads = {{"one", {l.id}, {}, r.whole(0, 1) == 1, r.whole(0, 2) ? 0.0 : r.between(20, 300), 0}};
        wants.inOven = {r.whole(0, 4) ? "tile" : "nothing known"};
        return e.setWants(wants);
    }
    case 24: {
        fill::Shop shop;
        shop.room_C = r.between(-3, 50), shop.strips_mm = {r.between(-0.2, 5), 2};
        shop.roller = {{1, 2.5}, {r.between(-1, 9), 1.5}};
        return e.setShop(shop);
    }
    case 25: {
        // Coats, some of them out of order or of nothing.
        const PartRef part{l.id, seg, {}};
        Layers layers = *findLayers(puppet, part);
        layers.coats.clear();
        for (int n = r.whole(0, 4); n-- > 0;)
            layers.coats.push_back({r.whole(0, 5) ? "firm-grey" : "putty-firm", r.between(-0.1, 3), r.whole(0, 2)});
        return e.setLayers(part, layers);
    }
    case 26:
        return r.whole(0, 1) ? e.setNoWire(l.id, r.whole(0, 3) ? "lies on the body" : "") : e.setPick(l.id, {});
    case 27:
        return e.setProportion(r.whole(0, 1) ? "leg_share:" + l.id : "heads_high",
                               r.whole(0, 2) ? std::optional(r.between(-0.1, 6)) : std::nullopt, r.between(-0.1, 1));
    case 28:
        return e.setGlue(r.whole(0, 1) ? "epoxy" : "instant", r.whole(0, 1) == 1);
    case 29: {
        // What was put on before may be gone, or stand beside it.
        body::Spot spot;
        spot.limb = l.id, spot.segment = seg, spot.base = r.whole(0, 5) == 0;
        return e.addThing(r.of(body::kThingKinds), spot, "thing " + std::to_string(r.whole(1, 9)));
    }
    case 30: {
        const ThingKind kind = r.of(body::kThingKinds);
        return e.removeThing(kind, r.whole(0, std::max(0, countThings(puppet.things, kind) - 1)));
    }
    default:
        return e.setSection(l.id, seg, 0, r.between(-1, 20), r.between(1, 20));
    }
}

} // namespace

TEST_CASE("Thousands of random edits leave a sound document each time, which undo and reload give back",
          "[results][full]") {
    for (unsigned seed : {101u, 102u, 103u, 104u}) {
        Random random(seed);
        std::vector<Production> history{demo()};
        // From rest, and from each of the poses that are kept.
        for (Puppet& puppet : history[0].puppets)
            if (seed > 101 && !puppet.poses.empty()) puppet.board = puppet.poses[(seed - 102) % puppet.poses.size()];
        int taken = 0;
        // All of them take minutes: the whole number in the long run.
        const int edits = std::getenv("ENKINET_LONG") ? 2600 : 500;
        for (int i = 0; i < edits; ++i) {
            const Production before = history.back();
            auto edited = randomEdit(history.back(), random);
            REQUIRE(history.back() == before); // the value that was edited is untouched
            if (!edited) {
                CHECK_FALSE(edited.fault().sentence().empty());
                continue;
            }
            ++taken;
            INFO("seed " << seed << ", edit " << i);
            // One step is of one puppet at most, and back it differs in the same fields.
            int puppets = 0;
            for (std::size_t k = 0; k < std::min(before.puppets.size(), edited->puppets.size()); ++k)
                puppets += !(before.puppets[k] == edited->puppets[k]);
            CHECK(puppets <= 1);
            if (i % 5 == 0)
                CHECK(document::findChangedFields(before, *edited) == document::findChangedFields(*edited, before));
            const auto sound = makeProduction(*edited, shippedCards());
            INFO((sound ? "" : sound.fault().sentence()));
            REQUIRE(sound);
            if (i % 50 == 0) {
                const auto again = files::parseProduction(files::writeProduction(*edited), shippedCards());
                INFO((again ? "" : again.fault().sentence()));
                REQUIRE(again);
                REQUIRE(again->production == *edited);
            }
            if (i % 200 == 0)
                for (std::size_t k = 0; k < edited->puppets.size(); ++k) {
                    const auto r = reportOf(*edited, static_cast<int>(k));
                    CHECK(std::isfinite(r.choice.totals.mass_g()));
                    calcEyeChecks(edited->puppets[k], r);
                }
            history.push_back(edited.take());
            if (history.size() > 40) history.erase(history.begin());
        }
        CHECK(taken > 0.4 * edits);
    }
}

TEST_CASE("Scaling after an edit is the same as the edit at the other size", "[results]") {
    Random random(105);
    for (int i = 0; i < 60; ++i) {
        const Edits e(demo(), shippedCards(), "tansy");
        const Vec3 to{random.between(10, 30), random.between(30, 60), 0};
        const auto a = must(e.moveJoint("leg", "knee", to));
        const auto b = Edits(*a, shippedCards(), "tansy").setHeight(480);
        const auto c = must(e.setHeight(480));
        const auto d = Edits(*c, shippedCards(), "tansy").moveJoint("leg", "knee", 2 * to);
        REQUIRE(b);
        REQUIRE(d);
        CHECK(*b == *d);
    }
}

TEST_CASE("A typed length holds, what hangs on it follows, and a leaning part gets its depth", "[results]") {
    const Edits e(demo(), shippedCards(), "tansy");
    const auto longer = must(e.setLength("arm", 1, 40));
    const Limb& arm = longer->puppets[0].limbs[1];
    CHECK_NEAR(norm(arm.joints[2].at_mm - arm.joints[1].at_mm), 40.0, 1e-12);
    const Limb& thumb = *findLimb(longer->puppets[0], "thumb");
    CHECK(thumb.joints[0].at_mm == arm.joints.back().at_mm);
    const auto leaning = must(e.setTrueLength("leg", 2, 45, true));
    const Limb& leg = leaning->puppets[0].limbs[2];
    CHECK_NEAR(norm(leg.joints[3].at_mm - leg.joints[2].at_mm), 45.0, 1e-9);
    CHECK_FALSE(e.setTrueLength("leg", 2, 20, true)); // shorter than it is seen
}

TEST_CASE("The eye's checks find what a builder would see", "[results]") {
    const auto find = [](const std::vector<EyeCheck>& all, Eye eye) {
        const auto it = std::find_if(all.begin(), all.end(), [eye](const EyeCheck& c) { return c.eye == eye; });
        REQUIRE(it != all.end());
        return *it;
    };
    const auto checks = calcEyeChecks(demo().puppets[0], reportOf(demo()));
    CHECK_NEAR(find(checks, Eye::heads_high).found, 240.0 / 54, 1e-12);
    CHECK(find(checks, Eye::heads_high).fine());
    CHECK(find(checks, Eye::foot_on_ground).fine());
    CHECK(find(checks, Eye::hand_to_mouth).found > 0.8);
    Production p = demo();
    p.puppets[0].limbs[2].joints.back().at_mm.y = 9;
    CHECK_FALSE(find(calcEyeChecks(p.puppets[0], reportOf(p)), Eye::foot_on_ground).fine());
    p = demo();
    p.puppets[0].masses[0].half_mm.y = 60;
    CHECK_FALSE(find(calcEyeChecks(p.puppets[0], reportOf(p)), Eye::heads_high).fine());
}

namespace {

/// The first part in which two results are not the same to the bit; empty where there is none. Without assertions, so
/// that threads may ask.
std::string findDifference(const ProductionResult& a, const ProductionResult& b) {
    if (a.puppets.size() != b.puppets.size()) return "the number of puppets";
    for (std::size_t i = 0; i < a.puppets.size(); ++i) {
        const Report &x = *a.puppets[i], &y = *b.puppets[i];
        const std::pair<const char*, bool> parts[] = {
            {"rest", x.choice.rest == y.choice.rest},
            {"skeleton", x.choice.skeleton == y.choice.skeleton},
            {"own", x.choice.own == y.choice.own},
            {"parts", x.choice.parts == y.choice.parts},
            {"loads", x.choice.loads == y.choice.loads},
            {"footings", x.choice.footings == y.choice.footings},
            {"limbs", x.choice.limbs == y.choice.limbs},
            {"choice", x.choice == y.choice},
            {"cuts", x.cuts == y.cuts},
            {"bakes", x.bakes == y.bakes},
            {"bake plan", x.bakePlan == y.bakePlan},
            {"patterns", x.patterns == y.patterns},
            {"plan", x.plan == y.plan},
            {"open points", x.open == y.open},
            {"shelf", x.shelf == y.shelf},
            // And whatever else there is, or will be.
            {"anything else", x == y},
            {"aside", static_cast<bool>(a.aside[i]) == static_cast<bool>(b.aside[i]) &&
                          (!a.aside[i] || !b.aside[i] || *a.aside[i] == *b.aside[i])},
        };
        for (const auto& [name, same] : parts)
            if (!same) return std::string(name) + " of puppet " + std::to_string(i);
    }
    if (!(a.shopping == b.shopping)) return "shopping";
    if (!(a.open == b.open)) return "the production's open points";
    return {};
}

/// A production of one puppet: one of the demo's or of the shipped kinds, with some random edits behind it.
Production drawnPuppet(int i, Random& random) {
    Production p = demo();
    static const char* const kKinds[] = {"biped", "quadruped", "bird", "serpent", "winged"};
    if (i % 8 < 3) {
        p.puppets = {p.puppets[nth(i % 8)]};
    } else {
        auto kind = must(files::loadProduction(kDataDir + "/kinds/" + kKinds[i % 8 - 3] + ".json", shippedCards()));
        auto taken = must(adoptPuppet(p, kind->production, 0, shippedCards()));
        p = taken.take();
        p.puppets.erase(p.puppets.begin(), p.puppets.end() - 1);
    }
    for (int k = 0; i >= 8 && k < 10; ++k)
        if (auto e = randomEdit(p, random)) p = e.take();
    return p;
}

/// What first differs between the result by memory and that from nothing on a way of random edits; empty if nothing.
std::string followEdits(Production p, int edits, int every, Random& random) {
    Memo memo;
    std::string differs = findDifference(calcResult(p, shippedCards(), tables(), memo), resultOf(p));
    std::vector<Production> history{p};
    for (int i = 1; i <= edits && differs.empty(); ++i) {
        // Some edits are taken back, and the stock, the shop and the puppet's wishes change too.
        if (random.whole(0, 5) == 0)
            history.push_back(random.of(history));
        else if (auto e = randomEdit(history.back(), random))
            history.push_back(e.take());
        else if (i < edits)
            continue;
        if (history.size() > 12) history.erase(history.begin());
        const ProductionResult now = calcResult(history.back(), shippedCards(), tables(), memo);
        if (i % every == 0 || i == edits) differs = findDifference(now, resultOf(history.back()));
        if (!differs.empty()) differs += " after edit " + std::to_string(i);
    }
    return differs;
}

} // namespace

TEST_CASE("The whole result by memory is the whole result from nothing, after every random edit", "[results][full]") {
    Random random(106);
    for (int i = 0; i < 5; ++i) {
        INFO("puppet " << i);
        CHECK(followEdits(drawnPuppet(i, random), 50, 1, random) == "");
    }
}

TEST_CASE("Results by memory stay those from nothing over 500 edits of the demo and of 200 random puppets",
          "[results][long][memory][.]") {
    // Each way has its own seed, so that the threads may share them out as they come. Number 200 is the demo. A quarter
    // of them where ENKINET_QUARTER says which, 1 to 4.
    const char* quarter = std::getenv("ENKINET_QUARTER");
    std::vector<std::pair<Random, Production>> ways;
    for (int i = 0; i <= 200; ++i) {
        Random random(107 + static_cast<unsigned>(i));
        Production p = i == 200 ? demo() : drawnPuppet(i, random);
        ways.emplace_back(random, std::move(p));
    }
    std::atomic<int> next = 200;
    std::vector<std::string> differs(ways.size());
    const auto follow = [&] {
        for (int i = next--; i >= 0; i = next--) {
            if (quarter && i % 4 != std::atoi(quarter) % 4) continue;
            const auto at = nth(i);
            differs[at] = followEdits(ways[at].second, 500, 25, ways[at].first);
            if (quarter || i % 10 == 0) std::fprintf(stderr, "results by memory: %d of 201 ways left\n", i);
        }
    };
    {
        std::vector<std::jthread> threads(std::max(1U, std::thread::hardware_concurrency()) - 1);
        for (std::jthread& t : threads)
            t = std::jthread(follow);
        follow();
    }
    for (std::size_t i = 0; i < differs.size(); ++i) {
        INFO("way " << i);
        CHECK(differs[i] == "");
    }
}
