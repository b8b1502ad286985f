#include "base/units.h"
#include "files/exposure_sheet.h"
#include "results/shot_wear.h"
#include "shoot/frames.h"
#include "shoot/mapping.h"
#include "support/puppets.h"

using namespace enkinet::shoot;
using document::Cast;

namespace {

const body::Puppet& walker() { return demo().puppets[0]; }
const body::Skeleton& atRest() {
    static const body::Skeleton s = body::calcSkeleton(walker());
    return s;
}
/// A joint of Tansy's that goes through angles, deg.
Cast moved(const std::string& limb, const std::string& joint, std::vector<double> deg, bool right = false) {
    Cast c;
    c.puppet = walker().id;
    for (double& d : deg)
        d = degToRad(d);
    c.histories = {{limb, joint, right, std::move(deg), {}}};
    return c;
}

} // namespace

TEST_CASE("Of the feet the lowest stands, and no pose sinks one into the ground", "[shoot]") {
    Random random(61);
    REQUIRE(atRest().supportLinks.size() == 2);
    for (int i = 0; i < 60; ++i) {
        Cast c;
        c.puppet = walker().id;
        for (const bool right : {false, true})
            for (const char* joint : {"hip", "knee", "ankle"})
                c.histories.push_back({"leg", joint, right, {degToRad(random.between(-40, 40))}, {}});
        const shoot::Frame f = calcFrame(walker(), atRest(), c, 0);
        REQUIRE(f.feet_mm.size() == 2);
        CHECK_NEAR(std::min(f.feet_mm[0], f.feet_mm[1]), 0.0, 1e-9);
    }
    // A lifted knee: the other foot stands all the while, the lifted one at the two ends.
    const Cast lift = moved("leg", "hip", {0, 20, 40, 20, 0}, true);
    CHECK(countExposures(lift) == 5);
    const auto contacts = findContacts(walker(), atRest(), lift);
    using Stretches = std::vector<std::pair<int, int>>;
    const bool firstIsRight = atRest().copies[nth(atRest().links[nth(atRest().supportLinks[0])].copy)].right;
    CHECK((contacts[firstIsRight ? 1 : 0] == Stretches{{0, 4}}));
    CHECK((contacts[firstIsRight ? 0 : 1] == Stretches{{0, 0}, {4, 4}}));
}

TEST_CASE("What leaves its range, jumps or slides is pointed out at its worst pose, and nothing else is", "[shoot]") {
    const body::Limb& arm = *body::findLimb(walker(), "arm");
    const body::Joint* elbow = nullptr;
    for (const body::Joint& j : arm.joints)
        if (j.id == "elbow") elbow = &j;
    REQUIRE(elbow);
    const double high = radToDeg(elbow->high_rad);
    CHECK(findRemarks(walker(), atRest(), moved("arm", "elbow", {0, 10, 20, 10, 0})).empty());
    const auto said =
        findRemarks(walker(), atRest(), moved("arm", "elbow", {0, 10, 55, 30, high, high + 9, high + 12}));
    REQUIRE(said.size() == 2);
    for (const Remark& r : said) {
        CHECK(r.joint == static_cast<int>(elbow - arm.joints.data()));
        if (r.kind == Remark::Kind::beyond) {
            CHECK(r.exposure == 6);
            CHECK(r.count == 2);
            CHECK_NEAR(radToDeg(r.found), high + 12, 1e-9);
            CHECK_NEAR(radToDeg(r.limit), high, 1e-9);
        } else {
            CHECK(r.kind == Remark::Kind::jumps);
            CHECK(r.found > r.limit);
            CHECK(r.count == (high - 30 > 30 ? 2 : 1));
        }
    }
    // Legs that straddle evenly on flat feet: both stand, and they move apart.
    Cast split = moved("leg", "hip", {0, 12, 24});
    split.histories.push_back({"leg", "ankle", false, {0, degToRad(-12), degToRad(-24)}, {}});
    split.histories.push_back({"leg", "hip", true, {0, degToRad(-12), degToRad(-24)}, {}});
    split.histories.push_back({"leg", "ankle", true, {0, degToRad(12), degToRad(24)}, {}});
    bool slides = false;
    for (const Remark& r : findRemarks(walker(), atRest(), split))
        slides = slides || r.kind == Remark::Kind::slides;
    CHECK(slides);
}

TEST_CASE("Links that were kept go before names, come back from the file, and may leave a joint alone", "[shoot]") {
    shoot::Motion m;
    m.joints.resize(3);
    m.joints[0].name = "root", m.joints[1].name = "LeftElbow", m.joints[2].name = "Odd";
    m.joints[1].parent = m.joints[2].parent = 0;
    const auto byName = proposeMapping(m, walker());
    REQUIRE(byName.size() == 1);
    CHECK(byName[0].joint == "elbow");
    const std::vector<document::MotionLink> odd{{"Odd", "arm", "elbow", false}};
    const auto kept = proposeMapping(m, walker(), odd);
    REQUIRE(kept.size() == 1);
    CHECK(kept[0].motion == 2);
    CHECK((makeLinks(m, kept) == odd));
    CHECK(proposeMapping(m, walker(), {{"", "arm", "elbow", false}}).empty());
    // Two that want one joint: the first has it.
    CHECK(proposeMapping(m, walker(), {odd[0], {"LeftElbow", "arm", "elbow", false}}) == kept);
    // What is no longer there is passed over.
    CHECK(proposeMapping(m, walker(), {{"Odd", "third arm", "elbow", false}, {"Gone", "arm", "elbow", false}}).size() ==
          1);
    document::Production p = demo();
    p.shots[0].cast[0].links = {odd[0], {"", "arm", "wrist", true}};
    const auto again = must(files::parseProduction(files::writeProduction(p), shippedCards()));
    CHECK((again->production.shots == p.shots));
}

TEST_CASE("Designed for its shots, a joint is asked what the film spends of it", "[shoot]") {
    document::Production p = demo();
    const auto resultNow = resultOf(p);
    // Thirty seconds of its own acting are thirty seconds.
    document::Shot s;
    s.id = "own", s.name = "own", s.fps = 24, s.frames = 720, s.retakes = walker().wants.retakes - 1;
    s.cast = {{walker().id, 1}};
    s.cast[0].acting = walker().wants.acting;
    p.shots = {s};
    const auto needs = results::findShotNeeds(p, resultNow.puppets, results::calcShotWear(p, resultNow.puppets), 0);
    REQUIRE(needs.size() > 4);
    for (const document::JointNeed& n : needs) {
        INFO(n.limb << " " << n.joint);
        CHECK_NEAR(n.need_s, 30.0, 1e-9 * 30);
    }
    // Twice on one copy is twice; on two copies it is once.
    p.shots.push_back(s);
    p.shots[1].id = "again";
    CHECK_NEAR(results::findShotNeeds(p, resultNow.puppets, results::calcShotWear(p, resultNow.puppets), 0)[0].need_s,
               60.0, 1e-7);
    p.shots[1].cast[0].copy = 2;
    CHECK_NEAR(results::findShotNeeds(p, resultNow.puppets, results::calcShotWear(p, resultNow.puppets), 0)[0].need_s,
               30.0, 1e-7);
    // Designed for the demo's own shots, what then holds is swapped in none of them: life counts twice over, once by
    // the design's acting and once by the ledger.
    document::Production film = demo();
    film.log.clear();
    const auto before = resultOf(film);
    const auto wanted = results::findShotNeeds(film, before.puppets, results::calcShotWear(film, before.puppets), 0);
    const auto designed = must(document::Edits(film, shippedCards(), "tansy").setNeeds(wanted));
    const auto after = resultOf(*designed);
    const results::ShotWear again = results::calcShotWear(*designed, after.puppets);
    int held = 0;
    for (const choice::LimbChoice& l : after.puppets[0]->choice.limbs)
        for (std::size_t k = 0; k < l.demands.size(); ++k) {
            if (l.chosen < 0 || l.verdicts.size() <= k || l.verdicts[k].state() != choice::State::holds) continue;
            for (const shoot::WearRow& r : again.ledger.rows)
                if (r.puppet == 0 && r.limb == l.limb && r.joint == l.demands[k].joint) {
                    INFO(l.limb << " " << r.joint << " in shot " << r.shot);
                    ++held;
                    CHECK(r.level <= 1.02);
                }
        }
    CHECK(held > 20);
    // Applied it is one edit, and each joint is asked for it.
    const auto asked = must(document::Edits(p, shippedCards(), "tansy").setNeeds(needs));
    for (const document::JointNeed& n : needs)
        for (const body::Joint& j : body::findLimb(asked->puppets[0], n.limb)->joints)
            if (j.id == n.joint) CHECK(j.need_s == n.need_s);
    CHECK_FALSE(document::Edits(p, shippedCards(), "tansy").setNeeds({{"leg", "none", 3}}));
}

TEST_CASE("The hand goes beyond a pose by the springback, the way it came, and only where something moved", "[shoot]") {
    const auto result = resultOf(demo());
    const auto wires = findJointWires(walker(), result.puppets[0]->choice, result.puppets[0]->stock);
    REQUIRE_FALSE(wires.empty());
    Random random(62);
    for (const JointWire& w : wires) {
        const body::Limb& limb = walker().limbs[nth(w.limb)];
        const std::string& joint = limb.joints[nth(w.joint)].id;
        const double f0 = random.between(-0.5, 0.5), a0 = random.between(-0.5, 0.5), f1 = random.between(-0.5, 0.5),
                     a1 = random.between(-0.5, 0.5);
        body::Pose before, now;
        before.angles = {{limb.id, joint, false, f0, a0}};
        now.angles = {{limb.id, joint, false, f1, a1}};
        const body::JointAngle b = calcOverbent(walker(), wires, before, now).angles[0];
        const double way = std::hypot(f1 - f0, a1 - a0);
        // On the line from the one through the other, and so far beyond.
        CHECK_NEAR(std::hypot(b.forth_rad - f1, b.aside_rad - a1), w.springback_rad, 1e-12);
        CHECK_NEAR(std::hypot(b.forth_rad - f0, b.aside_rad - a0), way + w.springback_rad, 1e-12);
        CHECK(calcOverbent(walker(), wires, now, now).angles == now.angles);
    }
}

TEST_CASE("Where paint is looked at after a shot are the joints bent most by hand in it", "[shoot]") {
    const document::Production& p = demo();
    const auto result = resultOf(p);
    const results::ShotWear film = results::calcShotWear(p, result.puppets);
    const body::Skeleton& rest = result.puppets[0]->choice.rest;
    const auto gripped = results::findGripped(film, 0, rest, p.shots.size());
    REQUIRE(gripped.size() == p.shots.size());
    std::size_t listed = 0, rows = 0;
    for (const auto& shot : gripped) {
        listed += shot.size();
        for (std::size_t k = 1; k < shot.size(); ++k)
            CHECK(shot[k - 1].bends >= shot[k].bends);
    }
    for (const WearRow& r : film.ledger.rows) {
        if (r.puppet != 0) continue;
        const auto& shot = gripped[nth(r.shot)];
        const bool there = std::any_of(shot.begin(), shot.end(), [&](const results::Gripped& g) {
            const body::Link& link = rest.links[nth(g.link)];
            const body::LimbCopy& c = rest.copies[nth(link.copy)];
            return c.limb == r.limb && c.right == r.right && link.segment == r.joint && g.bends == r.cycles;
        });
        CHECK(there == (r.cycles >= 10));
        rows += r.cycles >= 10;
    }
    CHECK(listed == rows);
    CHECK(rows > 0);
}
