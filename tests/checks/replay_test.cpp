// A plan carried out on paper by other code than made it.
#include "checks/replay.h"
#include "support/planned.h"
#include "support/things.h"

using namespace enkinet::body;
using namespace enkinet::checks;
using namespace enkinet::results;
using make::StepKind;

namespace {

constexpr double kRoom_C = 20;

std::vector<Broken> brokenIn(const Puppet& p, const Report& r, std::vector<Act> acts) {
    return replay(p, r, kRoom_C, std::move(acts));
}
bool says(const std::vector<Broken>& all, Law law, const std::string& thing = {}) {
    return std::any_of(all.begin(), all.end(), [&](const Broken& b) {
        return b.law == law && (thing.empty() || b.thing.english().find(thing) != std::string::npos);
    });
}
int find(const Report& r, const std::string& id) {
    for (std::size_t i = 0; i < r.plan.steps.size(); ++i)
        if (r.plan.steps[i].id.rfind(id, 0) == 0) return static_cast<int>(i);
    return -1;
}
/// The acts with one of them at another time.
std::vector<Act> with(std::vector<Act> acts, int step, double from) {
    for (Act& a : acts)
        if (a.step == step) a.handsEnd += from - a.from, a.end += from - a.from, a.from = from;
    return acts;
}

/// One of the demo's puppets with cards, stiffening, bakes, room and turns as chance has it; none where the rules
/// refuse.
std::optional<document::Production> randomBuild(Random& r) {
    document::Production p = shippedDemo();
    p.log.clear(), p.moves.clear(), p.shots.clear();
    p.puppets = {r.of(shippedDemo().puppets)};
    Puppet& puppet = p.puppets[0];
    std::vector<std::string> clays, covers;
    for (const auto& [id, card] : shippedShelf().clays)
        clays.push_back(id);
    for (const auto& [id, card] : shippedShelf().covers)
        covers.push_back(id);
    p.stock.shop.room_C = r.between(10, 28);
    puppet.wants.bakes = r.whole(0, 1) ? BakeSchool::once : BakeSchool::staged;
    const auto change = [&](Layers& l) {
        if (!l.clay.empty() && r.whole(0, 1)) l.clay = r.of(clays), l.scheme.clear();
        if (!l.cover.empty() && r.whole(0, 2) == 0) l.cover = r.of(covers);
        if (r.whole(0, 4) == 0) l.cover.clear(), l.cover_mm = 0;
        if (!l.clay.empty() && r.whole(0, 4) == 0) l.bulk.clear();
    };
    for (Limb& l : puppet.limbs)
        for (Segment& s : l.segments) {
            change(s.layers);
            if (r.whole(0, 3) == 0)
                s.stiffening = r.of(std::array{Stiffening::putty, Stiffening::bound, Stiffening::tube});
        }
    for (Mass& m : puppet.masses)
        change(m.layers);
    for (Feature& f : puppet.things.features)
        f.before = r.of(std::array{Stage::skin, Stage::bake, Stage::paint, Stage::cover, Stage::shoot});
    auto sound = document::makeProduction(std::move(p), shippedCards());
    if (!sound) return std::nullopt;
    return sound.take();
}

} // namespace

TEST_CASE("Whatever is built of, each step of a plan finds what it uses there, dry and whole", "[checks][full]") {
    Random r(3131);
    int planned = 0, baked = 0, staged = 0;
    const int builds = std::getenv("ENKINET_LONG") ? 500 : 40;
    for (int i = 0; i < builds; ++i) {
        const auto p = randomBuild(r);
        if (!p) continue;
        const Report report = reportOf(*p);
        ++planned, staged += p->puppets[0].wants.bakes == BakeSchool::staged;
        baked += std::any_of(report.plan.steps.begin(), report.plan.steps.end(),
                             [](const make::Step& s) { return s.kind == StepKind::bake; });
        for (const Broken& b : report.broken) {
            if (b.law == Law::has_set || b.law == Law::out_of_reach || b.law == Law::covered) continue;
            const make::Step& s = report.plan.steps[nth(b.step)];
            FAIL_CHECK("build " << i << " of " << p->puppets[0].name << ": " << keyOf(b.law) << " at " << s.id << ", "
                                << b.thing.english() << ", " << b.found << " of " << b.limit);
        }
    }
    CHECK(planned > builds / 2);
    CHECK(baked > builds / 4);
    CHECK(staged > builds / 8);
}

TEST_CASE("The demo's plans can be carried out as they stand", "[checks]") {
    for (std::size_t p = 0; p < shippedDemo().puppets.size(); ++p) {
        const Report r = reportOf(shippedDemo(), static_cast<int>(p));
        CHECK(r.broken.empty());
        CHECK(brokenIn(shippedDemo().puppets[p], r, actsOf(r.plan)) == r.broken);
    }
}

TEST_CASE("Whatever of a sound plan is moved out of its place is said", "[checks]") {
    const Puppet& tansy = shippedDemo().puppets[0];
    const Report r = reportOf(shippedDemo(), 0);
    const std::vector<Act> sound = actsOf(r.plan);
    const double end = r.plan.elapsed_min + 100;
    const auto first = [&](const std::string& id) { return brokenIn(tansy, r, with(sound, find(r, id), -60)); };
    const auto last = [&](const std::string& id) { return brokenIn(tansy, r, with(sound, find(r, id), end)); };
    // Too early: what it is made of is not there.
    CHECK(says(first("cut:"), Law::not_there, "sheets"));
    CHECK(says(first("bind:"), Law::not_there));
    CHECK(says(first("bulk:"), Law::not_there));
    CHECK(says(first("skin:"), Law::not_there));
    CHECK(says(first("paint:"), Law::not_there));
    CHECK(says(first("plant"), Law::not_there, "base"));
    // Too late: what rests on it went on without it.
    CHECK(says(last("print"), Law::not_there, "sheets"));
    CHECK(says(last("cut:spine"), Law::not_there));
    CHECK(says(last("bulk:spine"), Law::not_there, "bulk"));
    CHECK(says(last("skin:spine"), Law::not_there));
    CHECK(says(last("bake:"), Law::wet_held));
    CHECK(says(last("drill"), Law::not_there, "base"));
    // A double by sheets that are not printed yet; with them, nothing.
    std::vector<Act> two = sound;
    for (Act a : sound)
        if (r.plan.steps[nth(a.step)].kind != StepKind::print_sheets) {
            a.copy = 2, a.from -= 5, a.handsEnd -= 5, a.end -= 5;
            two.push_back(a);
        }
    CHECK(says(brokenIn(tansy, r, two), Law::not_shared));
    for (Act& a : two)
        if (a.copy == 2) a.from += end, a.handsEnd += end, a.end += end;
    CHECK(brokenIn(tansy, r, two).empty());
    // Two people at one limb, and one after the other.
    std::vector<Act> both = sound;
    const int bulk = find(r, "bulk:spine"), skin = find(r, "skin:spine");
    both[nth(bulk)].person = 0, both[nth(skin)].person = 1;
    CHECK_FALSE(says(brokenIn(tansy, r, both), Law::two_on_limb));
    both = with(both, skin, both[nth(bulk)].from);
    CHECK(says(brokenIn(tansy, r, both), Law::two_on_limb));
}

TEST_CASE("Two steps of one name are one tick", "[checks]") {
    Report r = reportOf(shippedDemo(), 0);
    CHECK_FALSE(says(brokenIn(shippedDemo().puppets[0], r, actsOf(r.plan)), Law::same_name));
    r.plan.steps[nth(find(r, "skin:arm"))].id = "skin:spine";
    CHECK(says(brokenIn(shippedDemo().puppets[0], r, actsOf(r.plan)), Law::same_name));
}

TEST_CASE("A last look at putty or air-dry clay comes while it can still be changed, or the plan says that it does not",
          "[checks]") {
    for (const char* clay : {"putty-two-part", "air-dry-white"}) {
        if (!shippedShelf().clays.contains(clay)) continue;
        document::Production p = shippedDemo();
        p.log.clear(), p.puppets.resize(1);
        for (Limb& l : p.puppets[0].limbs)
            for (Segment& s : l.segments)
                if (l.id == "spine" && !s.layers.clay.empty()) s.layers.clay = clay;
        const Report r = reportOf(p);
        const int skin = find(r, "skin:spine"), look = find(r, "gate:dry:spine");
        INFO(clay);
        REQUIRE(skin >= 0);
        REQUIRE(look >= 0);
        const std::vector<Act> acts = actsOf(r.plan);
        const Act& on = acts[nth(skin)];
        // Looked at as soon as it is on: open still, where it is not worked beyond its time.
        const auto soon = brokenIn(p.puppets[0], r, with(acts, look, on.handsEnd));
        const auto morning = brokenIn(p.puppets[0], r, with(acts, look, on.handsEnd + 16 * 60));
        CHECK(says(morning, Law::has_set));
        CHECK(std::count_if(soon.begin(), soon.end(), [&](const Broken& b) {
                  return b.law == Law::has_set && b.step == look && b.found > b.limit;
              }) <= std::count_if(morning.begin(), morning.end(), [&](const Broken& b) {
                  return b.law == Law::has_set && b.step == look;
              }));
        for (const Broken& b : morning)
            if (b.law == Law::has_set) CHECK(b.found > b.limit);
        // And into no oven before it is hard.
        if (const int bake = find(r, "bake:"); bake >= 0)
            CHECK(says(brokenIn(p.puppets[0], r, with(acts, bake, on.handsEnd)), Law::wet_in_heat));
    }
}

TEST_CASE("A night between putting clay on and looking at it is said on the calendar", "[checks]") {
    const auto evening = [](const char* clay) {
        return caseOf([&](document::Production& p) {
            p.puppets.resize(1), p.log.clear();
            for (Limb& l : p.puppets[0].limbs)
                for (Segment& s : l.segments)
                    if (!s.layers.clay.empty()) s.layers.clay = clay;
        });
    };
    for (const char* clay : {"air-dry-white"}) {
        const Case c = evening(clay);
        const auto broken = findBroken(c.production, c.result.puppets, c.plan);
        // By another count: every look, against the end of the clay that it is about.
        std::size_t late = 0;
        for (const Planned& look : c.plan.steps) {
            const make::Step& s = c.step(look);
            if (s.id.rfind("gate:dry:", 0) != 0) continue;
            for (const Planned& on : c.plan.steps)
                if (c.step(on).id == "skin:" + s.id.substr(9) && on.step.copy == look.step.copy)
                    late += static_cast<double>(look.at.handsEnd - on.at.handsEnd) > 8 * 30;
        }
        std::size_t said = 0;
        std::set<int> steps;
        for (const PlannedBroken& b : broken)
            if (b.broken.law == Law::has_set &&
                c.result.puppets[0]->plan.steps[nth(b.step.step)].kind == StepKind::gate)
                steps.insert(b.step.step);
        said = steps.size();
        INFO(clay);
        CHECK((said > 0) == (late > 0));
        CHECK(said <= late);
    }
}
