// Laws of edits that hold whatever is on the board.
#include "document/edits.h"
#include "files/production_json.h"
#include "support/near.h"
#include <map>

using namespace enkinet::body;
using namespace enkinet::document;
using namespace enkinet::results;

namespace {

/// Each puppet of both demos, alone, at rest and in each of its kept poses.
std::vector<Production> makeBoards() {
    std::vector<Production> all;
    for (const Production* from : {&demo(), &shippedDemo()})
        for (const Puppet& puppet : from->puppets) {
            Production p = *from;
            p.puppets = {puppet}, p.log.clear(), p.moves.clear(), p.shots.clear();
            p.puppets[0].board = {}, p.puppets[0].left.clear();
            all.push_back(p);
            for (const Pose& pose : puppet.poses)
                p.puppets[0].board = pose, p.puppets[0].board.name.clear(), all.push_back(p);
        }
    return all;
}

/// How often each id is given to something of the puppet.
std::map<std::string, int> countIds(const Puppet& puppet) {
    std::map<std::string, int> all;
    for (const Limb& l : puppet.limbs) {
        ++all[l.id];
        for (const Joint& j : l.joints)
            ++all[j.id];
    }
    for (const Mass& m : puppet.masses)
        ++all[m.id];
    const Things& t = puppet.things;
    const auto count = [&](const auto& list) {
        for (const auto& x : list)
            ++all[x.id];
    };
    count(t.features), count(t.bonds), count(t.sheets), count(t.runs), count(t.props), count(t.variants);
    return all;
}

/// Ids that the puppet had and has no more, and that something of it names still.
std::string findOrphans(const Production& before, const Production& after) {
    Production bare = after;
    bare.schemes.clear(), bare.cards = {};
    const std::string text = files::writeProduction(bare);
    std::string all;
    const auto now = countIds(after.puppets[0]);
    for (const auto& [id, times] : countIds(before.puppets[0]))
        if (!now.contains(id) && text.find("\"" + id + "\"") != std::string::npos) all += id + " ";
    return all;
}

} // namespace

TEST_CASE("Whatever is taken away goes, in every kept pose, and nothing names it afterwards", "[results][full]") {
    int removed = 0;
    for (const Production& p : makeBoards()) {
        const Puppet& puppet = p.puppets[0];
        const Edits e(p, shippedCards(), puppet.id);
        const auto goes = [&](const std::string& what, const Edits::Changed& after) {
            INFO(puppet.name << " on the board " << puppet.board.angles.size() << ": " << what);
            INFO((after ? std::string() : after.fault().sentence()));
            REQUIRE(after);
            CHECK(findOrphans(p, *after) == "");
            ++removed;
        };
        for (const Limb& l : puppet.limbs)
            if (!l.hangsOnLimb.empty()) goes(l.id, e.removeLimb(l.id));
        for (const Mass& m : puppet.masses)
            goes(m.id, e.removeMass(m.id));
        for (ThingKind kind : kThingKinds)
            for (int i = 0; i < countThings(puppet.things, kind); ++i)
                goes("thing " + std::to_string(static_cast<int>(kind)) + " " + std::to_string(i),
                     e.removeThing(kind, i));
        for (const Pose& pose : puppet.poses) {
            const auto after = e.removePose(pose.name);
            goes("pose " + pose.name, after);
            CHECK(std::find(after->puppets[0].wants.shot.begin(), after->puppets[0].wants.shot.end(), pose.name) ==
                  after->puppets[0].wants.shot.end());
        }
    }
    CHECK(removed > 200);
}

TEST_CASE("Another name changes no finding but its words, in every kept pose", "[results][full]") {
    for (const Production& p : makeBoards()) {
        Production renamed = p;
        int n = 0;
        const auto rename = [&](std::string& name) { name = "thing " + std::to_string(++n); };
        Puppet& puppet = renamed.puppets[0];
        rename(puppet.name);
        for (Limb& l : puppet.limbs) {
            rename(l.name);
            for (Joint& j : l.joints)
                rename(j.name);
            for (Segment& s : l.segments)
                rename(s.name);
        }
        for (Mass& m : puppet.masses)
            rename(m.name);
        Things& t = puppet.things;
        const auto all = [&](auto& list) {
            for (auto& x : list)
                rename(x.name);
        };
        all(t.features), all(t.bonds), all(t.sheets), all(t.runs), all(t.props), all(t.variants);
        for (Spool& s : renamed.stock.spools)
            rename(s.name);
        const auto sound = must(makeProduction(renamed, shippedCards()));
        const Report a = reportOf(p), b = reportOf(*sound);
        REQUIRE(a.open.size() == b.open.size());
        for (std::size_t i = 0; i < a.open.size(); ++i) {
            INFO(p.puppets[0].name << ", " << a.open[i].key);
            CHECK(a.open[i].kind == b.open[i].kind);
            CHECK(a.open[i].key == b.open[i].key);
            CHECK(a.open[i].ref == b.open[i].ref);
            CHECK(a.open[i].found == b.open[i].found);
            CHECK(a.open[i].limit == b.open[i].limit);
        }
        REQUIRE(a.plan.steps.size() == b.plan.steps.size());
        for (std::size_t i = 0; i < a.plan.steps.size(); ++i)
            CHECK(a.plan.steps[i].id == b.plan.steps[i].id);
    }
}

TEST_CASE("Calling the board's pose up changes no other field of any puppet, and back it is as it was",
          "[results][full]") {
    for (const Production& p : makeBoards()) {
        const Edits e(p, shippedCards(), p.puppets[0].id);
        for (const Pose& pose : p.puppets[0].poses) {
            const auto shown = must(e.setBoard(pose));
            Production only = *shown;
            only.puppets[0].board = p.puppets[0].board;
            CHECK(only == p);
        }
    }
}
