// Things put on, taken off, and followed through changes of the limb that carries them.
#include "base/units.h"
#include "checks/things.h"
#include "fill/things.h"
#include "support/near.h"
#include "support/things.h"

using namespace enkinet::body;
using namespace enkinet::fill;

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
            CHECK(put.fault().sentence().find("mark") != std::string::npos);
            continue;
        }
        REQUIRE(put);
        Things t = put->puppets[1].things;
        CHECK(countThings(t, kind) == 1);
        CHECK((kind == ThingKind::base || *findThingName(t, kind, 0) == "thing"));
        const auto twice = must(document::Edits(*put, shippedCards(), id).addThing(kind, spot, "thing"));
        CHECK(countThings(twice->puppets[1].things, kind) == (kind == ThingKind::base ? 1 : 2));
        const auto off = must(document::Edits(*put, shippedCards(), id).removeThing(kind, 0));
        CHECK(*off == p);
    }
    // A file would keep one of two places, and two ends in the base would then be one.
    spot.base = true;
    const auto both = document::Edits(p, shippedCards(), id).addThing(ThingKind::bond, spot, "pin");
    REQUIRE_FALSE(both);
    CHECK(both.fault().sentence().find("must be one") != std::string::npos);
    p.puppets[1].limbs.clear(), p.puppets[1].poses.clear(), p.puppets[1].masses.clear();
    const auto refused = document::Edits(p, shippedCards(), id).addThing(ThingKind::feature, spot, "eye");
    REQUIRE_FALSE(refused);
    CHECK(refused.fault().sentence().find("mark a limb first") != std::string::npos);
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
    const auto start = must(document::Edits(all, shippedCards(), id).setThings(t));
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
    const auto cut = must(document::Edits(*start, shippedCards(), id).splitSegment("arm", 1, 0.4));
    same(before, placesOf(*cut));
    CHECK(cut->puppets[0].things.runs[0].fromSegment == 1);
    CHECK(cut->puppets[0].things.runs[0].toSegment == 4);
    CHECK(cut->puppets[0].things.props[0].hand.segment == 4);
    const std::string joint = cut->puppets[0].limbs[1].joints[2].id;
    const auto joined = must(document::Edits(*cut, shippedCards(), id).joinSegments("arm", joint));
    same(before, placesOf(*joined));
    CHECK(joined->puppets[0].things.runs == start->puppets[0].things.runs);
    CHECK(joined->puppets[0].things.props == start->puppets[0].things.props);
}
