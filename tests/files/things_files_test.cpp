// Things from files and back.
#include "base/units.h"
#include "fill/things.h"
#include "results/things.h"
#include "support/near.h"
#include "support/sanitized.h"
#include "support/things.h"

using namespace enkinet::body;
using namespace enkinet::fill;

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
    s.core = SheetCore::mesh, s.clay = "firm-white", s.to.limb = "arm", s.to.segment = 1;
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
        b.raw = random.whole(0, 1) == 1, b.paintOff = random.whole(0, 1) == 1;
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
        if (random.whole(0, 1)) s.to = drawSpot(random, p, false);
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
          "[files]") {
    Random random(131);
    document::Production all = demo();
    results::Memo memo;
    constexpr int kRounds = kSanitized ? 18 : 60;
    int kept = 0;
    for (int round = 0; round < kRounds; ++round) {
        const auto which = nth(random.whole(0, 2));
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
    CHECK(kept > kRounds / 2);
}
