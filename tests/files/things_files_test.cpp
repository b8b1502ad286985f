// Things from files and back.
#include "base/units.h"
#include "checks/things.h"
#include "fill/things.h"
#include "support/near.h"
#include "support/sanitized.h"

using namespace enkinet::body;
using namespace enkinet::fill;

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

/// A number that a field may have, within twenty of its least.
double drawNumber(Random& random, const schema::Field& f) {
    const double low = std::isfinite(f.least) ? f.least : 0, high = std::min(f.most, low + 20);
    return f.kind == schema::Kind::whole ? random.whole(static_cast<int>(low), static_cast<int>(high))
                                         : random.between(low, high);
}

/// Some of every kind, most of them sound, whatever fields they have.
Things drawThings(Random& random, const Puppet& p) {
    Things t;
    for (const ThingKind kind : kThingKinds) {
        const schema::Field& list = *schema::detail::tableOf<Things>().find(wordsOf(kind).word(static_cast<int>(kind)));
        const bool many = list.kind == schema::Kind::list;
        for (int i = random.whole(0, many ? 3 : 1); i-- > 0;) {
            void* of = list.access->add(&t);
            for (const schema::Field& f : list.table().fields) {
                if (f.kind == schema::Kind::number || f.kind == schema::Kind::whole)
                    f.access->setNumber(of, f.toCore(drawNumber(random, f)));
                else if (f.kind == schema::Kind::flag)
                    f.access->setNumber(of, random.whole(0, 1));
                else if (f.kind == schema::Kind::word)
                    f.access->setNumber(of, random.of(f.words->entries()).value);
                else if (f.kind == schema::Kind::object && std::string(f.key) != "to")
                    *static_cast<Spot*>(f.access->item(of, 0)) = drawSpot(random, p, kind == ThingKind::bond);
                else if (f.isId || f.isElseId)
                    f.access->setText(of, "t" + std::to_string(i));
            }
        }
    }
    for (Feature& f : t.features)
        f.to = std::max(f.at, f.to), f.pitch_mm = random.whole(0, 1) * 0.5, f.rowPitch_mm = 0;
    for (Bond& b : t.bonds)
        while (b.to == b.from || b.to.isNowhere())
            b.to = drawSpot(random, p, true);
    if (t.base) t.base->depth_mm += 1;
    for (Run& r : t.runs)
        r.limb = random.of(p.limbs).id, r.fromSegment = r.toSegment = 0;
    for (Variant& v : t.variants)
        v.mass = p.masses.empty() ? "" : random.of(p.masses).id;
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
