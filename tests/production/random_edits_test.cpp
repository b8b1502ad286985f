#include "base/units.h"
#include "body/pose.h"
#include "production/edits.h"
#include "production/proportions.h"
#include "support/near.h"

using namespace enkinet;
using namespace enkinet::body;
using namespace enkinet::production;
using namespace enkinet::test;

namespace {

/// One edit of any kind on a random place of a random puppet, sensible or not.
Edits::Changed randomEdit(const Production& p, Random& r) {
    const Puppet& puppet = r.of(p.puppets);
    const Edits e(p, shippedCards(), puppet.id);
    if (puppet.limbs.empty()) return e.setHeight(r.between(50, 400));
    const Limb& l = r.of(puppet.limbs);
    const Joint& j = r.of(l.joints);
    const int seg = r.whole(0, static_cast<int>(l.segments.size()) - 1);
    switch (r.whole(0, 25)) {
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
        return e.setStationSkin(l.id, seg, r.whole(-1, 2),
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
    default:
        return e.setStation(l.id, seg, 0, r.between(-1, 20), r.between(1, 20));
    }
}

} // namespace

TEST_CASE("Thousands of random edits leave a sound document each time, which undo and reload give back",
          "[production][full]") {
    for (unsigned seed : {101u, 102u, 103u, 104u}) {
        Random random(seed);
        std::vector<Production> history{demo()};
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
            const auto sound = makeProduction(*edited, shippedCards());
            INFO((sound ? "" : sound.fault().sentence()));
            REQUIRE(sound);
            if (i % 50 == 0) {
                const auto again = files::parseProduction(files::writeProduction(*edited), shippedCards());
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

TEST_CASE("Scaling after an edit is the same as the edit at the other size", "[production]") {
    Random random(105);
    for (int i = 0; i < 60; ++i) {
        const Edits e(demo(), shippedCards(), "tansy");
        const Vec3 to{random.between(10, 30), random.between(30, 60), 0};
        const auto a = e.moveJoint("leg", "knee", to);
        REQUIRE(a);
        const auto b = Edits(*a, shippedCards(), "tansy").setHeight(480);
        const auto c = e.setHeight(480);
        REQUIRE(c);
        const auto d = Edits(*c, shippedCards(), "tansy").moveJoint("leg", "knee", 2 * to);
        REQUIRE(b);
        REQUIRE(d);
        CHECK(*b == *d);
    }
}

TEST_CASE("Splitting a segment and joining it again keeps its length, widths and volume", "[production]") {
    const auto volume = [](const Production& p) {
        double sum = 0;
        for (const auto& part : reportOf(p).choice.parts)
            sum += part.volume_mm3;
        return sum;
    };
    const Edits e(demo(), shippedCards(), "tansy");
    const auto split = e.splitSegment("leg", 2, 0.4);
    REQUIRE(split);
    CHECK(split->puppets[0].limbs[2].joints.size() == 6);
    CHECK_NEAR(volume(*split), volume(demo()), 1e-9);
    const auto joined = Edits(*split, shippedCards(), "tansy").joinSegments("leg", "point");
    REQUIRE(joined);
    CHECK(joined->puppets[0].limbs[2].joints == demo().puppets[0].limbs[2].joints);
    CHECK_NEAR(volume(*joined), volume(demo()), 1e-9);
}

TEST_CASE("A typed length holds, what hangs on it follows, and a leaning part gets its depth", "[production]") {
    const Edits e(demo(), shippedCards(), "tansy");
    const auto longer = e.setLength("arm", 1, 40);
    REQUIRE(longer);
    const Limb& arm = longer->puppets[0].limbs[1];
    CHECK_NEAR(norm(arm.joints[2].at_mm - arm.joints[1].at_mm), 40.0, 1e-12);
    const Limb& thumb = *findLimb(longer->puppets[0], "thumb");
    CHECK(thumb.joints[0].at_mm == arm.joints.back().at_mm);
    const auto leaning = e.setTrueLength("leg", 2, 45, true);
    REQUIRE(leaning);
    const Limb& leg = leaning->puppets[0].limbs[2];
    CHECK_NEAR(norm(leg.joints[3].at_mm - leg.joints[2].at_mm), 45.0, 1e-9);
    CHECK_FALSE(e.setTrueLength("leg", 2, 20, true)); // shorter than it is seen
}

TEST_CASE("The eye's checks find what a builder would see", "[production]") {
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
