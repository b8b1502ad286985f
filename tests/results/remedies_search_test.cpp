// Remedies of random failing puppets: none breaks a joint unsaid, one is there wherever a grid over every kind of
// change, or over pairs of them, finds one, and what is applied outlives the next gram.
#include "base/units.h"
#include "results/remedies.h"
#include "support/near.h"
#include <cstdio>
#include <set>

using namespace enkinet::document;
using namespace enkinet::results;

namespace {

struct Failing {
    Production production;
    int limb = -1; ///< of its first puppet
};

std::set<std::string> failingJoints(const Production& p, const choice::PuppetChoice& c) {
    std::set<std::string> all;
    for (const choice::LimbChoice& l : c.limbs) {
        const body::Limb& limb = p.puppets[0].limbs[nth(l.limb)];
        for (std::size_t j = 0; j < l.verdicts.size(); ++j)
            if (l.verdicts[j].state() != choice::State::holds) all.insert(limb.joints[nth(l.demands[j].joint)].name);
    }
    return all;
}

/// A puppet of any kind with a little of everything wrong, one limb of which fails.
Failing makeFailing(Random& random) {
    static const std::vector<Production> kinds = [] {
        std::vector<Production> all;
        for (const char* kind : {"biped", "quadruped", "bird", "serpent", "winged"}) {
            auto loaded = must(files::loadProduction(kDataDir + "/kinds/" + kind + ".json", shippedCards()));
            all.push_back(loaded.take().production);
        }
        // The demo's stock, and its puppets one by one.
        for (std::size_t i = 0; i < demo().puppets.size(); ++i) {
            Production p = demo();
            p.puppets = {demo().puppets[i]};
            p.shots.clear();
            all.push_back(std::move(p));
        }
        for (Production& p : all)
            p.stock.spools = demo().stock.spools;
        return all;
    }();
    for (;;) {
        Failing f{random.of(kinds), -1};
        body::Puppet& p = f.production.puppets[0];
        p.rig.reset();
        p.wants.film_s = std::exp(random.between(std::log(3), std::log(600)));
        p.wants.holdFactor = random.between(1, 3);
        p.wants.lean_rad = degToRad(random.between(0, 35));
        p.wants.feetDown = random.whole(0, 1);
        p.wants.reserve = 0.05;
        p.wants.mostStrands = random.whole(1, 7);
        p.wants.steadied = random.whole(0, 1) == 1;
        for (body::Limb& l : p.limbs) {
            l.pick.reset();
            for (body::Joint& j : l.joints)
                if (j.posed) {
                    // A whip's is its length.
                    if (!l.whip) j.gap_mm *= random.between(0.6, 1.2);
                    if (random.whole(0, 2) == 0) j.edge = wire::kHardEdge;
                }
        }
        // A few spools of those there are, and something heavy somewhere.
        auto& spools = f.production.stock.spools;
        while (spools.size() > 2 && random.whole(0, 3) > 0)
            spools.erase(spools.begin() + random.whole(0, static_cast<int>(spools.size()) - 1));
        f.production.stock.offcuts.clear();
        f.production.stock.bendTests.clear(), f.production.stock.hangTests.clear(),
            f.production.stock.wearTests.clear();
        if (random.whole(0, 1) == 1) {
            const body::Limb& l = random.of(p.limbs);
            body::Mass m;
            m.id = m.name = "load", m.limb = l.id, m.shape = body::MassShape::weighed;
            m.weighed_g = random.between(2, 80), m.at_mm = l.joints.back().at_mm;
            p.masses.push_back(m);
        }
        const auto r = reportOf(f.production);
        std::vector<int> failing;
        for (const auto& l : r.choice.limbs)
            if (l.chosen >= 0 && l.state != choice::State::holds) failing.push_back(l.limb);
        if (failing.empty()) continue;
        f.limb = random.of(failing);
        return f;
    }
}

/// Every kind of change on the puppet at a few shares of it, enumerated without the search.
std::vector<Remedy> listChanges(const Failing& f, const Report& before, Random& random) {
    const body::Puppet& p = f.production.puppets[0];
    const body::Limb& limb = p.limbs[nth(f.limb)];
    std::vector<Remedy> all;
    const auto add = [&](Fix fix, int joint, int mass, double from, double to) {
        Remedy r;
        r.fix = fix, r.limb = f.limb, r.joint = joint, r.mass = mass, r.from = from, r.to = to;
        all.push_back(r);
    };
    const auto at = [&](Fix fix, int joint, int mass, double from, double to) {
        for (int k = 1; k <= 6; ++k)
            add(fix, joint, mass, from, from + k / 6.0 * (to - from));
    };
    double most = 0;
    for (const choice::Demand& d : before.choice.limbs[nth(f.limb)].demands) {
        const body::Joint& j = limb.joints[nth(d.joint)];
        most = std::max(most, d.needFilm_s);
        at(Fix::range, d.joint, -1, 1, 0.15);
        if (!limb.whip) at(Fix::gap, d.joint, -1, j.gap_mm, 2 * j.gap_mm);
        if (j.edge > wire::kEasedEdge) add(Fix::edge, d.joint, -1, j.edge, wire::kEasedEdge);
    }
    at(Fix::film, -1, -1, most, 0.05 * most);
    at(Fix::lean, -1, -1, p.wants.lean_rad, 0);
    at(Fix::width, -1, -1, 1, 2);
    for (std::size_t m = 0; m < p.masses.size(); ++m)
        if (p.masses[m].shape == body::MassShape::weighed)
            at(Fix::weight, -1, static_cast<int>(m), p.masses[m].weighed_g, 0.05 * p.masses[m].weighed_g);
    for (int k = 0; k < 12; ++k) {
        const wire::MaterialCard& card = random.of(shippedCards().wires);
        if (card.use == wire::Use::fixed) continue;
        add(Fix::spool, -1, -1, 0, 1);
        const double d = random.of(std::vector<double>{0.6, 0.8, 1.0, 1.2, 1.5, 1.6, 2.0, 2.5, 3.0, 4.0});
        all.back().spool = {card.id + "-grid", card.name, card.id, d, 5, 1};
    }
    return all;
}

/// Whether a change makes the limb hold with its reserve; what cannot be applied does not.
bool helps(const Failing& f, const Remedy& r) {
    const auto changed = applyRemedy(f.production, shippedCards(), 0, r);
    if (!changed) return false;
    const auto after = reportOf(*changed);
    return holdsWithReserve(after.choice.limbs[nth(f.limb)]);
}

struct Tally {
    int puppets = 0, offered = 0, pairs = 0, none = 0, gridSingles = 0, gridPairs = 0, breaking = 0;
};

void checkFailing(const Failing& f, Random& random, int pairTrials, Tally& tally) {
    ++tally.puppets;
    const Report before = reportOf(f.production);
    const auto remedies = calcRemedies(f.production, 0, f.limb, shippedCards(), tables());
    const auto failed = failingJoints(f.production, before.choice);
    tally.offered += static_cast<int>(remedies.size());
    tally.none += remedies.empty();
    for (const Remedy& r : remedies) {
        INFO("fix " << static_cast<int>(r.fix) << " from " << r.from << " to " << r.to << " joint " << r.joint);
        tally.pairs += !r.with.empty();
        tally.breaking += !r.breaks.empty();
        const auto changed = must(applyRemedy(f.production, shippedCards(), 0, r));
        const Report after = reportOf(*changed);
        CHECK(after.choice.limbs[nth(f.limb)].state == choice::State::holds);
        CHECK(holdsWithReserve(after.choice.limbs[nth(f.limb)]) == !r.thinReserve);
        // What fails now and held before is said, by name, and nothing else.
        const auto fails = failingJoints(*changed, after.choice);
        const std::set<std::string> said(r.breaks.begin(), r.breaks.end());
        for (const std::string& joint : fails)
            if (!failed.contains(joint)) CHECK(said.contains(joint));
        for (const std::string& joint : said)
            CHECK(fails.contains(joint));
        if (r.thinReserve) continue;
        // Three per cent more load on the very wires that were chosen: others would weigh otherwise.
        Production loaded = *changed;
        body::Puppet& p = loaded.puppets[0];
        const auto& l = after.choice.limbs[nth(f.limb)];
        for (std::size_t j = 0; j < l.demands.size(); ++j)
            CHECK(l.verdicts[j].bend.hold_Nmm >= 1.03 * l.demands[j].needed_Nmm * (1 - 1e-9));
        for (std::size_t i = 0; i < p.limbs.size(); ++i) {
            const choice::LimbChoice& x = after.choice.limbs[i];
            if (x.chosen < 0) continue;
            const auto& c = x.candidates()[nth(x.chosen)];
            std::vector<body::StrandDrop> drops;
            for (const choice::Cut& cut : after.cuts)
                if (cut.limb == static_cast<int>(i))
                    for (const choice::Ending& e : cut.endings)
                        drops.push_back({p.limbs[i].joints[nth(e.joint)].id, e.strands});
            p.limbs[i].pick =
                body::WirePick{after.stock.spools[nth(c.spool)].id, c.bundle.strands, c.bundle.lay_mm, drops};
        }
        p.wants.holdFactor *= 1.03;
        const Report heavier = reportOf(loaded);
        CHECK(heavier.choice.limbs[nth(f.limb)].state == choice::State::holds);
    }
    if (!remedies.empty()) return;
    // Nothing was offered: a grid finds nothing either.
    const auto changes = listChanges(f, before, random);
    for (const Remedy& r : changes) {
        INFO("limb " << f.limb << " fix " << static_cast<int>(r.fix) << " from " << r.from << " to " << r.to
                     << " joint " << r.joint);
        ++tally.gridSingles;
        CHECK_FALSE(helps(f, r));
    }
    for (int k = 0; k < pairTrials; ++k) {
        Remedy a = random.of(changes);
        const Remedy& b = random.of(changes);
        if (a.fix == b.fix) continue;
        a.with = {b};
        ++tally.gridPairs;
        INFO("limb " << f.limb << " fixes " << static_cast<int>(a.fix) << " to " << a.to << " joint " << a.joint
                     << " and " << static_cast<int>(b.fix) << " to " << b.to << " joint " << b.joint << " "
                     << b.spool.material << a.spool.material);
        CHECK_FALSE(helps(f, a));
    }
}

void say(const Tally& t) {
    std::printf(
        "ways out: %d puppets, %d offered, %d of them pairs, %d break a joint and say so; nothing for %d, where a "
        "grid of %d changes and %d pairs finds nothing\n",
        t.puppets, t.offered, t.pairs, t.breaking, t.none, t.gridSingles, t.gridPairs);
}

/// So many random puppets; where nothing is offered, the grid and so many pairs of it.
Tally checkMany(unsigned seed, int puppets, int pairTrials) {
    Random random(seed);
    Tally tally;
    for (int i = 0; i < puppets; ++i)
        checkFailing(makeFailing(random), random, pairTrials, tally);
    say(tally);
    return tally;
}

} // namespace

TEST_CASE("Ways out of random failing puppets break nothing unsaid, last, and are found where a grid finds one",
          "[results][full]") {
    // Two hundred in the long run.
    const Tally tally = checkMany(12, 3, 40);
    CHECK(tally.offered > 3);
}

TEST_CASE("Ways out of 200 random failing puppets break nothing unsaid, last, and are found where a grid finds one",
          "[results][long]") {
    const Tally tally = checkMany(2012, 200, 400);
    CHECK(tally.offered > 200);
    // Some that nothing helps.
    CHECK(tally.none > 0);
    CHECK(tally.gridSingles > 20);
}
