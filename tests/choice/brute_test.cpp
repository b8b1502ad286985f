// What the choice finds, found again by plain enumeration.
#include "choice/choose.h"
#include "choice/cut_plan.h"
#include "support/puppets.h"
#include <limits>
#include <numeric>

using namespace enkinet::body;
using namespace enkinet::choice;

namespace {

Puppet randomPuppet(Random& random) {
    Puppet p;
    p.id = "sprat", p.name = "Sprat", p.height_mm = 120;
    p.limbs = {limb("post", LimbKind::spine, {fixedPoint("foot", {0, 0, 0}), fixedPoint("top", {0, 100, 0})})};
    const int limbs = random.whole(1, 3);
    for (int i = 0; i < limbs; ++i) {
        std::vector<Joint> joints{fixedPoint("root", {0, 100, 0})};
        double x = 0;
        for (int j = 0; j < random.whole(1, 3); ++j) {
            x += random.between(18, 40);
            joints.push_back(posed("j" + std::to_string(j), {x, 100, 0}, random.between(7, 15), -random.between(5, 40),
                                   random.between(5, 60)));
        }
        joints.push_back(fixedPoint("tip", {x + random.between(20, 40), 100, 0}));
        Limb l = limb("arm" + std::to_string(i), LimbKind::arm, joints, "post", "top");
        for (Segment& s : l.segments)
            s.sections = {{0, random.between(3, 8), random.between(3, 8)},
                          {1, random.between(3, 8), random.between(3, 8)}};
        l.mirrored = random.whole(0, 1) == 1;
        p.limbs.push_back(l);
    }
    Mass m;
    m.id = m.name = "lump", m.limb = "arm0", m.segment = 1, m.shape = MassShape::weighed;
    m.weighed_g = random.between(1, 12), m.at_mm = p.limbs[1].joints.back().at_mm;
    p.masses = {m};
    p.wants.film_s = random.between(3, 25);
    auto sound = must(makePuppet(p));
    return sound.take();
}

Stock randomStock(Random& random) {
    Stock s;
    for (const char* id : {"aluminium-soft", "aluminium-half-hard", "copper-annealed", "steel-annealed"})
        s.tables[id] = test::tables().find(wireCard(id));
    const int n = random.whole(2, 5);
    for (int i = 0; i < n; ++i) {
        auto it = s.tables.begin();
        std::advance(it, random.whole(0, 3));
        const double d = std::round(random.between(0.4, 2.2) * 10) / 10;
        s.spools.push_back(
            {"s" + std::to_string(i), "", it->first, d, random.between(0.5, 8), random.between(0.05, 1)});
    }
    return s;
}

/// Every run of strands along the joints, root to tip, that never grows and drops at most twice.
void eachRun(std::size_t joints, const std::function<void(const std::vector<int>&)>& visit) {
    std::vector<int> run;
    const auto go = [&](const auto& self) -> void {
        if (run.size() == std::max<std::size_t>(1, joints)) {
            int drops = 0;
            for (std::size_t i = 1; i < run.size(); ++i)
                drops += run[i] != run[i - 1] ? 1 : 0;
            if (drops <= 2) visit(run);
            return;
        }
        for (int n : wire::kStrandCounts)
            if (run.empty() || n <= run.back()) {
                run.push_back(n);
                self(self);
                run.pop_back();
            }
    };
    go(go);
}

/// What decides, in order: the reserve that counts, then the aim's own list.
using Score = std::array<double, 6>;

struct Best {
    bool any = false;
    Score score;
    std::map<int, double> price; ///< least, by spool, of what fits
    std::size_t tried = 0;
};

Score scoreBy(Aim aim, bool posed, double counted, int strands, int drops, double minutes, double life, double mass,
              double price, double effort) {
    switch (aim) {
    case Aim::simple:
        return {-counted,          static_cast<double>(strands), static_cast<double>(drops), minutes,
                posed ? -life : 0, posed ? mass : price};
    case Aim::light:
        return {-counted, mass};
    case Aim::easy:
        return {-counted, posed ? effort : price};
    case Aim::cheap:
        return {-counted, price};
    default:
        return {-counted, posed ? -life : price};
    }
}

/// The best of a limb by an aim, from the definitions and nothing else.
Best enumerate(const Puppet& p, const Stock& stock, const LimbChoice& l, Aim aim) {
    const Limb& limb = p.limbs[nth(l.limb)];
    Best best;
    struct Fit {
        int spool;
        double price, counted;
    };
    std::vector<Fit> fits_;
    // Proof moment of one worked millimetre wire of each metal, by the exact route, once.
    static const std::map<std::string, double> one = [] {
        std::map<std::string, double> all;
        for (const wire::MaterialCard& c : shippedCards().wires) {
            const wire::CyclicConstants k = wire::calcConstants(c);
            all[c.id] =
                wire::calcStrandMoment(k, c.youngs_MPa, wire::calcHoldStrain(k, c.youngs_MPa, wire::kProofStrain));
        }
        return all;
    }();
    double shortest = 1e9;
    for (const Demand& d : l.demands)
        shortest = std::min(shortest, d.gap_mm);
    for (std::size_t i = 0; i < stock.spools.size(); ++i) {
        const Spool& spool = stock.spools[i];
        const auto& table = *stock.tables.at(spool.material);
        if (table.card().use == wire::Use::fixed && !l.demands.empty()) continue;
        eachRun(l.demands.size(), [&](const std::vector<int>& run) {
            std::set<double> lays{0};
            for (int k = 1; k <= 3 && !l.demands.empty(); ++k)
                if (run[0] > 1 && wire::makeBundle({run[0], spool.diameter_mm, shortest / k}))
                    lays.insert(shortest / k);
            if (l.demands.empty() && !l.still.empty() && run[0] > 1 &&
                wire::makeBundle({run[0], spool.diameter_mm, 6.5 * spool.diameter_mm}))
                lays.insert(6.5 * spool.diameter_mm);
            if (run[0] > p.wants.mostStrands || (!p.wants.mayDrop && run.back() < run[0])) return;
            for (double d : p.wants.disliked_mm)
                if (d == spool.diameter_mm) return;
            for (double lay : lays) {
                ++best.tried;
                const wire::Bundle root{run[0], spool.diameter_mm, lay};
                const double spun = wire::findTwistDamage(root, table.card());
                if (spun > wire::kTwistRefuse) continue;
                bool fits = true;
                double life = 1e9, effort = 0, mass = 0, inside = 1e9;
                std::vector<Ending> ends;
                for (std::size_t j = 0; j < l.demands.size(); ++j) {
                    const wire::Bundle b{run[j], spool.diameter_mm, run[j] == 1 ? 0 : lay};
                    const Verdict v = judge(l.demands[j], table, b, {}, run[j] == run[0] ? 0 : spun);
                    fits = fits && v.state() == State::holds;
                    life = std::min(life, v.life_s / l.demands[j].needFilm_s);
                    effort = std::max(effort, v.effort_Nmm / l.demands[j].effortLimit_Nmm);
                    for (const double x :
                         {v.bend.hold_Nmm / l.demands[j].needed_Nmm, l.demands[j].effortLimit_Nmm / v.effort_Nmm,
                          l.demands[j].springLimit_rad / v.springback_rad, v.life_s / l.demands[j].needFilm_s})
                        inside = std::fmin(inside, x);
                    if (j + 1 < run.size() && run[j + 1] < run[j]) ends.push_back({l.demands[j].joint, run[j + 1]});
                }
                // Bare wire: by the exact route.
                std::vector<StillWire> wire;
                for (std::size_t s = 0; s < limb.segments.size(); ++s) {
                    int strands = run[0];
                    for (const Ending& e : ends)
                        if (e.joint < static_cast<int>(s)) strands = e.strands;
                    const wire::Bundle b{strands, spool.diameter_mm, strands == 1 ? 0 : lay};
                    const double d3 = std::pow(b.diameter_mm, 3), n = b.strands;
                    const double share = wire::isWorked(b) ? 1 : wire::findFreshShare(table.card());
                    wire.push_back({n * d3 * one.at(spool.material) * share, wire::findStiffness(table.card(), b)});
                }
                for (const StillDemand& d : l.still) {
                    const double margin = judgeStill(d, wire).least();
                    fits = fits && margin >= 1 - 1e-9;
                    inside = std::fmin(inside, margin);
                }
                const Cut cut = calcCut(limb, root, ends, wire::findBundleDiameter(root));
                const double length = cut.total_mm() / cut.copies;
                if (!fits || cut.total_mm() > spool.length_m * 1000) continue;
                // Grams: each stretch with the strands that run there.
                double at = 0;
                for (std::size_t s = 0; s < limb.segments.size(); ++s) {
                    const double L = norm(limb.joints[s + 1].at_mm - limb.joints[s].at_mm);
                    int strands = run[0];
                    for (const Ending& e : ends)
                        if (e.joint < static_cast<int>(s)) strands = e.strands;
                    const auto gram = [&](int n) {
                        return wire::findMassPerLength({n, spool.diameter_mm, n == 1 ? 0 : lay}, table.card());
                    };
                    int after = strands;
                    for (const Ending& e : ends)
                        if (e.joint == static_cast<int>(s)) after = e.strands;
                    mass += L / 2 * (gram(strands) + gram(after));
                    at += L;
                }
                const double price = length / 1000 * spool.price_m;
                const double counted = std::min(inside, 1 + p.wants.reserve);
                int pieces = 0;
                for (const StrandGroup& g : cut.groups)
                    pieces += g.pieces;
                const double minutes = pieces * stock.work.cut_min + (lay > 0 ? stock.work.spin_min : 0) +
                                       static_cast<double>(limb.joints.size()) * stock.work.bind_min;
                const Score score = scoreBy(aim, !l.demands.empty(), counted, run[0], static_cast<int>(ends.size()),
                                            minutes, life, mass, price, effort);
                if (!best.any || score < best.score) best.score = score;
                best.any = true;
                fits_.push_back({static_cast<int>(i), price, counted});
            }
        });
    }
    // Fewest spools may not cost reserve.
    double most = 0;
    for (const Fit& f : fits_)
        most = std::max(most, f.counted);
    for (const Fit& f : fits_)
        if (f.counted >= most * (1 - 1e-12)) {
            const auto [it, fresh] = best.price.try_emplace(f.spool, f.price);
            it->second = std::min(it->second, f.price);
        }
    return best;
}

Score scoreOf(const LimbChoice& l, const Wants& w) {
    const Candidate& c = l.candidates()[nth(l.chosen)];
    return scoreBy(w.aim, !l.demands.empty(), findCounted(c, w.reserve), c.bundle.strands, c.drops, c.work_min,
                   c.lifeMargin, c.mass_g, c.price, c.worstEffort);
}

bool near(const Score& a, const Score& b) {
    for (std::size_t i = 0; i < a.size(); ++i)
        // The reserve of bare wire comes from a table there and from quadrature here.
        if (apart(a[i], b[i]) > (i == 0 ? 1e-6 : 1e-9)) return false;
    return true;
}

} // namespace

TEST_CASE(
    "On 200 small puppets the chosen wire is the best that enumeration finds, for each aim, with wishes and reserve",
    "[choice][full]") {
    const fill::Shelf shelf = document::makeShelf(shippedCards());
    Random random(41);
    int fitted = 0, dropped = 0;
    for (int round = 0; round < 200; ++round) {
        INFO("round " << round);
        Puppet p = randomPuppet(random);
        const Stock stock = randomStock(random);
        p.wants.reserve = random.whole(0, 2) * 0.05;
        if (random.whole(0, 3) == 0) p.wants.mostStrands = random.of(wire::kStrandCounts);
        p.wants.mayDrop = random.whole(0, 3) > 0;
        if (random.whole(0, 3) == 0) p.wants.disliked_mm = {random.of(stock.spools).diameter_mm};
        for (Aim aim : {Aim::simple, Aim::life, Aim::light, Aim::easy, Aim::cheap, Aim::spools}) {
            p.wants.aim = aim;
            const PuppetChoice r = calcChoice(p, shelf, stock);
            std::vector<std::map<int, double>> servers;
            for (const LimbChoice& l : r.limbs) {
                const Best best = enumerate(p, stock, l, aim);
                servers.push_back(best.price);
                if (l.chosen < 0) {
                    CHECK_FALSE(best.any);
                    continue;
                }
                const Candidate& c = l.candidates()[nth(l.chosen)];
                CHECK(c.fits == best.any);
                fitted += c.fits, dropped += c.fits && c.drops > 0;
                if (c.fits && aim != Aim::spools) CHECK(near(scoreOf(l, p.wants), best.score));
            }
            if (aim != Aim::spools) continue;
            // Every subset of the spools, smallest first; among equals the cheapest.
            std::size_t fewest = 99;
            double least = 0;
            for (unsigned set = 0; set < (1u << stock.spools.size()); ++set) {
                double price = 0;
                bool all = true;
                for (const auto& of : servers) {
                    if (of.empty()) continue;
                    double cheapest = std::numeric_limits<double>::infinity();
                    for (const auto& [s, cost] : of)
                        if (set >> s & 1u) cheapest = std::min(cheapest, cost);
                    all = all && std::isfinite(cheapest);
                    price += cheapest;
                }
                const auto size = nth(__builtin_popcount(set));
                if (all && (size < fewest || (size == fewest && price < least))) fewest = size, least = price;
            }
            CHECK(r.cover.suppliers.size() == fewest);
            CHECK(apart(r.cover.price, least) < 1e-9);
            for (const LimbChoice& l : r.limbs)
                if (l.chosen >= 0 && l.candidates()[nth(l.chosen)].fits)
                    CHECK(std::find(r.cover.suppliers.begin(), r.cover.suppliers.end(),
                                    l.candidates()[nth(l.chosen)].spool) != r.cover.suppliers.end());
        }
    }
    CHECK(fitted > 400);
    CHECK(dropped > 40);
}

TEST_CASE("A list of poses wears a joint by its own cycles, and a joint that it leaves alone hardly at all",
          "[choice]") {
    document::Production p = demo();
    Puppet& tansy = p.puppets[0];
    Pose a, b;
    a.name = "up", b.name = "down";
    const double bend = degToRad(15);
    a.angles = {{"arm", "shoulder", false, bend, 0}};
    b.angles = {{"arm", "shoulder", false, -bend, 0}};
    tansy.poses = {a, b};
    tansy.wants.shot = {"up", "down"};
    tansy.wants.poseEvery_s = 0.5;
    const auto r = reportOf(p);
    const LimbChoice& arm = r.choice.limbs[1];
    const auto level = reportOf(demo());
    for (std::size_t j = 0; j < arm.demands.size(); ++j) {
        const Demand& d = arm.demands[j];
        CHECK(d.fromPoses);
        const Verdict& v = arm.verdicts[j];
        if (j == 0) {
            double count = 0;
            for (const wire::Cycle& c : d.cycles) {
                CHECK_NEAR(c.range, 2 * bend, 1e-9);
                count += c.count;
            }
            CHECK_NEAR(count, 1.0, 1e-12);
            CHECK_NEAR(d.angle_rad, bend, 1e-9);
            // One cycle in a second of film: as acting by level would have it.
            Demand plain = d;
            plain.fromPoses = false, plain.cycles.clear();
            plain.movesPerSecond = p.puppets[0].wants.retakes;
            const Trial& t = findTrial(arm, arm.candidates()[nth(arm.chosen)], j);
            CHECK_NEAR(judge(plain, r.stock.tableOf(t.spool), t.bundle, {}, t.spunDamage).life_s, v.life_s, 1e-9);
        } else {
            CHECK(d.cycles.empty());
            CHECK(v.life_s > 1e6);
        }
    }
}

TEST_CASE("Broad acting bends half as far again and wears sooner, quiet acting the other way", "[choice]") {
    document::Production p = demo();
    std::vector<double> life, bend;
    for (Acting acting : {Acting::quiet, Acting::plain, Acting::broad}) {
        p.puppets[0].wants.acting = acting;
        p.puppets[0].limbs[2].pick = WirePick{"alu-2.0", 2, 13, {}};
        const auto r = reportOf(p);
        life.push_back(r.choice.limbs[2].verdicts[1].life_s);
        bend.push_back(r.choice.limbs[2].demands[1].angle_rad);
    }
    CHECK_NEAR(bend[0], bend[1] / 2, 1e-12);
    CHECK_NEAR(bend[2], bend[1] * 1.5, 1e-12);
    CHECK(life[0] > life[1]);
    CHECK(life[1] > life[2]);
}

TEST_CASE("Soft clay round a joint adds to the effort and never to the hold", "[choice]") {
    const auto table = tables().find(wireCard("aluminium-soft"));
    Demand d;
    d.needed_Nmm = 5, d.effortLimit_Nmm = 400, d.lever_mm = 20, d.gap_mm = 14, d.edge = 1.3;
    d.angle_rad = d.range_rad = degToRad(30), d.set_rad = degToRad(0.5), d.springLimit_rad = degToRad(8);
    d.needFilm_s = 20, d.movesPerSecond = 0.5, d.room_mm = 6;
    const wire::Bundle b{1, 1.5, 0};
    const Verdict bare = judge(d, *table, b);
    d.clayPlastic_Nmm = 40;
    const Verdict soft = judge(d, *table, b);
    CHECK_NEAR(soft.effort_Nmm, bare.effort_Nmm + 40, 1e-12);
    CHECK(soft.bend.hold_Nmm == bare.bend.hold_Nmm);
    CHECK(soft.springback_rad == bare.springback_rad);
    // Elastic clay pulls back: effort by E I kappa, springback by the balance of both.
    d.clayPlastic_Nmm = 0, d.clayEI_Nmm2 = 200;
    const Verdict rubber = judge(d, *table, b);
    const double kappa = d.angle_rad / d.gap_mm, EI = 69000 * kPi / 64 * std::pow(1.5, 4);
    CHECK_NEAR(rubber.effort_Nmm, bare.effort_Nmm + 200 * kappa, 1e-12);
    CHECK_NEAR(rubber.springback_rad, (bare.bend.weak_Nmm + 200 * kappa) / (EI + 200) * d.gap_mm, 1e-9);
    CHECK(rubber.life_s < bare.life_s);
    // The ring's plastic moment on a real puppet: oil clay across a knuckle.
    document::Production p = demo();
    Segment& finger = p.puppets[0].limbs[3].segments[1];
    finger.layers.clay = "oil-clay", finger.layers.skinAcrossGaps = true, finger.layers.skin_mm = 1.5;
    const auto r = reportOf(p);
    const Demand& knuckle = r.choice.limbs[3].demands[0];
    const Section s = findSection(finger.sections, 0);
    const double R = std::sqrt(s.a_mm * s.b_mm);
    CHECK_NEAR(knuckle.clayPlastic_Nmm, 0.06 / 6 * (std::pow(2 * R, 3) - std::pow(2 * (R - 1.5), 3)), 1e-9);
}

TEST_CASE("A stub that nothing moves and that carries itself needs no wire, and a heavy one does", "[choice]") {
    document::Production p = demo();
    Puppet& goat = p.puppets[1];
    Limb horn = limb("horn", LimbKind::other, {fixedPoint("root", {8, 165, 60}), fixedPoint("tip", {12, 180, 58})},
                     "spine", "poll");
    horn.segments[0].sections = {{0, 4, 4}, {1, 2, 2}};
    horn.segments[0].layers.clay = "firm-white", horn.segments[0].layers.skin_mm = 6,
    horn.segments[0].layers.scheme = "";
    goat.limbs.push_back(horn);
    const auto r = reportOf(p, 1);
    const LimbChoice& l = r.choice.limbs.back();
    CHECK_FALSE(l.reason.needed());
    CHECK(l.chosen == -1);
    CHECK(l.reason.raw_MPa > 0);
    CHECK(l.reason.raw_MPa < l.reason.rawLimit_MPa);
    for (const auto& o : r.open)
        CHECK_FALSE((o.is("no-wire") && o.ref.id == horn.id));
    // A long thin one sags before it is baked.
    goat.limbs.back().joints[1].at_mm = {60, 260, 58};
    goat.limbs.back().segments[0].sections = {{0, 2, 2}, {1, 3, 3}};
    const auto sags = reportOf(p, 1);
    CHECK(sags.choice.limbs.back().reason.rawClay);
    CHECK(sags.choice.limbs.back().chosen >= 0);
}

TEST_CASE("A choice that goes on from an earlier one is the same as one from nothing", "[choice]") {
    const fill::Shelf shelf = document::makeShelf(shippedCards());
    Random random(3);
    document::Production p = demo();
    const Stock stock = results::makeStock(p, shippedCards(), test::tables());
    ChoiceMemo memo;
    for (int round = 0; round < 24; ++round) {
        INFO("round " << round);
        Puppet& x = p.puppets[nth(round % 3)];
        Limb& l = x.limbs[nth(random.whole(0, static_cast<int>(x.limbs.size()) - 1))];
        for (Joint& j : l.joints)
            if (j.posed && random.whole(0, 2) == 0) j.gap_mm *= random.between(0.9, 1.1);
        if (random.whole(0, 2) == 0 && !x.masses.empty()) x.masses[0].layers.skin_mm = random.between(2, 8);
        if (random.whole(0, 3) == 0) x.wants.steelMayPose = !x.wants.steelMayPose;
        if (random.whole(0, 3) == 0) x.wants.film_s = random.between(5, 40);
        if (random.whole(0, 3) == 0) l.pick = l.pick ? std::nullopt : std::optional(WirePick{"alu-1.5", 2, 15.5, {}});
        if (random.whole(0, 4) == 0) l.mirrored = l.hangsOnLimb.empty() ? false : l.mirrored;
        const PuppetChoice on = calcChoice(x, shelf, stock, memo);
        const PuppetChoice fresh = calcChoice(x, shelf, stock);
        REQUIRE(on.limbs.size() == fresh.limbs.size());
        for (std::size_t i = 0; i < fresh.limbs.size(); ++i) {
            const LimbChoice &a = on.limbs[i], &b = fresh.limbs[i];
            REQUIRE(a.candidates().size() == b.candidates().size());
            CHECK(a.chosen == b.chosen);
            CHECK(a.fitting == b.fitting);
            for (std::size_t c = 0; c < b.candidates().size(); ++c) {
                REQUIRE(a.candidates()[c].fits == b.candidates()[c].fits);
                REQUIRE(a.candidates()[c].miss == b.candidates()[c].miss);
                REQUIRE(a.candidates()[c].mass_g == b.candidates()[c].mass_g);
            }
        }
        // Each alike, and where one has no chance to say neither has the other.
        CHECK((on.survival == fresh.survival || (std::isnan(on.survival) && std::isnan(fresh.survival))));
    }
}

TEST_CASE("What becomes of Old Reed's thin legs is what enumeration says, from the stock and from all that is sold",
          "[choice]") {
    document::Production p = demo();
    const auto check = [&] {
        const auto r = reportOf(p, 2);
        const LimbChoice& leg = r.choice.limbs[1];
        const Best best = enumerate(p.puppets[2], r.stock, leg, Aim::life);
        CHECK(best.tried > 300);
        REQUIRE(leg.chosen >= 0);
        CHECK(leg.candidates()[nth(leg.chosen)].fits == best.any);
        CHECK((leg.state == State::holds) == best.any);
        return best.any;
    };
    const bool stock = check();
    // Every metal that may be posed, in every gauge that thin legs could hold.
    for (const auto& card : shippedCards().wires)
        if (card.use != wire::Use::fixed)
            for (double d : {0.3, 0.5, 0.8, 1.0, 1.2, 1.5, 1.8, 2.0})
                p.stock.spools.push_back(
                    {card.id + "-" + std::to_string(static_cast<int>(d * 10)), "", card.id, d, 20, 0.5});
    const bool sold = check();
    CHECK((sold || !stock)); // more to choose from is never worse
}
