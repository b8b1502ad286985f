#include "base/normal.h"
#include "choice/chance.h"
#include "choice/choose.h"
#include "choice/cut_list.h"
#include "support/puppets.h"
#include "wire/bend_table.h"

using namespace enkinet::body;
using namespace enkinet::choice;

namespace {
const Joint& jointOf(const Puppet& p, const LimbChoice& l, std::size_t demand) {
    return p.limbs[nth(l.limb)].joints[nth(l.demands[demand].joint)];
}
} // namespace

TEST_CASE("Tansy's leg is what the definitions make of it", "[choice]") {
    const Puppet& p = demo().puppets[0];
    const auto r = reportOf(demo());
    const LimbChoice& leg = r.choice.limbs[2];
    REQUIRE(p.limbs[2].id == "leg");
    REQUIRE(leg.demands.size() == 3);
    for (std::size_t i = 0; i < 3; ++i) {
        const Demand& d = leg.demands[i];
        const Joint& j = jointOf(p, leg, i);
        INFO(j.name);
        CHECK(d.load.standing);
        CHECK_NEAR(d.needed_Nmm, 1.5 * d.load.load_Nmm, 1e-12);
        // Away from the foot: the hand takes the segment above at 0.6 of its length from the joint.
        const Segment& held = p.limbs[2].segments[nth(d.joint) - (d.joint > 1 ? 1 : 0)];
        if (d.joint > 1) {
            const double length = norm(j.at_mm - p.limbs[2].joints[nth(d.joint - 1)].at_mm);
            CHECK_NEAR(d.lever_mm, 0.6 * length, 1e-9);
            const Section at = findSection(held.sections, 1 - held.grip);
            CHECK_NEAR(d.far.half_mm, std::max(at.a_mm, at.b_mm), 1e-9);
            CHECK_NEAR(d.far.force_N, fill::findFingers_N({}, d.far.half_mm), 1e-12);
            CHECK_NEAR(d.effortLimit_Nmm, std::min(d.far.moment_Nmm(), d.near.link < 0 ? 1e9 : d.near.moment_Nmm()),
                       1e-12);
        }
        CHECK_NEAR(d.angle_rad, std::max(-j.low_rad, j.high_rad), 1e-12);
        CHECK_NEAR(d.range_rad, j.high_rad - j.low_rad, 1e-12);
        CHECK(d.needFilm_s == 20);
        // The moment by hand: weight times the lever that the worst lean gives.
        CHECK_NEAR(std::hypot(d.load.bending_Nmm, d.load.torsion_Nmm), d.load.beyond_g * kNewtonPerGram * d.load.arm_mm,
                   1e-9);
        const Verdict& v = leg.verdicts[i];
        CHECK_NEAR(v.effort_N, v.bend.strong_Nmm / d.lever_mm, 1e-12);
        CHECK_NEAR(v.life_s, v.bend.designNine / d.movesPerSecond, 1e-12);
    }
}

TEST_CASE("A state word is exactly the limit that is missed", "[choice]") {
    const auto table = tables().find(wireCard("aluminium-soft"));
    Demand d;
    d.needed_Nmm = 50, d.effortLimit_Nmm = 240, d.lever_mm = 20, d.gap_mm = 14, d.edge = 1.3;
    d.angle_rad = degToRad(30), d.range_rad = degToRad(30), d.set_rad = degToRad(0.5);
    d.springLimit_rad = degToRad(8), d.needFilm_s = 20, d.movesPerSecond = 0.5, d.room_mm = 6;
    const wire::Bundle b{1, 2, 0};
    const Verdict fine = judge(d, *table, b);
    REQUIRE(fine.state() == State::holds);
    const auto with = [&](auto change) {
        Demand x = d;
        change(x);
        return judge(x, *table, b);
    };
    CHECK(with([&](Demand& x) { x.needed_Nmm = fine.bend.hold_Nmm * 1.001; }).state() == State::slack);
    CHECK(with([&](Demand& x) { x.needed_Nmm = fine.bend.hold_Nmm * 0.999; }).state() == State::holds);
    CHECK(with([&](Demand& x) { x.effortLimit_Nmm = fine.effort_Nmm * 0.999; }).state() == State::stiff);
    CHECK(with([&](Demand& x) { x.springLimit_rad = fine.bend.springback_rad * 0.999; }).state() == State::springy);
    CHECK(with([&](Demand& x) { x.needFilm_s = fine.life_s * 1.001; }).state() == State::tired);
    CHECK(with([&](Demand& x) { x.room_mm = 1.999; }).state() == State::crowded);
    CHECK(with([&](Demand& x) { x.gapNeeded_mm = 14.01; }).state() == State::crowded);
    // Several faults: all are listed, the first word is shown.
    const Verdict two = with([&](Demand& x) { x.needed_Nmm = 1e4, x.needFilm_s = 1e6; });
    CHECK(two.state() == State::slack);
    CHECK(two.faults[nth(State::tired)]);
}

TEST_CASE("Every candidate's word is that of judging it afresh, joint by joint", "[choice]") {
    const auto r = reportOf(demo());
    const LimbChoice& l = r.choice.limbs[1];
    for (std::size_t i = 0; i < l.candidates().size(); i += 5) {
        const Candidate& c = l.candidates()[i];
        const auto& spool = demo().stock.spools[nth(c.spool)];
        bool holds = true;
        for (std::size_t j = 0; j < l.demands.size(); ++j) {
            const Verdict v = judge(l.demands[j], *tables().find(wireCard(spool.material)), findTrial(l, c, j).bundle,
                                    {}, findTrial(l, c, j).spunDamage);
            CHECK(v.state() == findAt(l, c, j).state);
            holds = holds && v.state() == State::holds;
        }
        CHECK(c.fits == (holds && c.bar == Bar::none));
    }
}

TEST_CASE("Static wire is refused where a joint moves, unless the builder lets steel pose", "[choice]") {
    document::Production p = demo();
    const auto steelTried = [&](const results::Report& r) {
        for (const Candidate& c : r.choice.limbs[0].candidates())
            if (p.stock.spools[nth(c.spool)].material == "steel-annealed" && c.bar == Bar::none) return true;
        return false;
    };
    CHECK_FALSE(steelTried(reportOf(p)));
    p.puppets[0].wants.steelMayPose = true;
    CHECK(steelTried(reportOf(p)));
}

TEST_CASE("A wire picked by the builder stays, with its word, until the tool may choose again", "[choice]") {
    document::Production p = demo();
    p.puppets[0].limbs[2].pick = WirePick{"alu-1.0", 2, 13};
    const auto r = reportOf(p);
    const LimbChoice& l = r.choice.limbs[2];
    CHECK(l.pinned);
    CHECK(l.candidates()[nth(l.chosen)].bundle == wire::Bundle{2, 1.0, 13});
    CHECK(l.state == State::slack);
}

TEST_CASE("Joints of one spool share its fate: each at its own nine in ten", "[choice]") {
    const auto chance = [](int joints, int spools) {
        std::vector<JointLife> all;
        for (int i = 0; i < joints; ++i)
            all.push_back({i % spools, kNineInTen * wire::kLifeScatter, wire::kLifePrior});
        return calcChance(all);
    };
    CHECK(std::abs(chance(1, 1) - 0.899) < 0.001);
    CHECK(std::abs(chance(5, 1) - 0.748) < 0.001);
    CHECK(std::abs(chance(10, 1) - 0.669) < 0.001);
    CHECK(std::abs(chance(20, 1) - 0.589) < 0.001);
    CHECK(std::abs(chance(10, 2) - 0.560) < 0.001);
    CHECK(calcChance({}) == 1);
    // Independent joints would fare far worse.
    CHECK(std::pow(0.9, 20) < 0.13);
}

TEST_CASE("The chance agrees with a million films played through", "[choice][full]") {
    std::mt19937 engine(7);
    std::normal_distribution<double> normal(0, 1);
    // Two spools, one of them tested; joints of different spare.
    std::vector<JointLife> joints;
    for (int i = 0; i < 9; ++i)
        joints.push_back({i % 2, 0.5 + 0.15 * i, i % 2 ? 0.2 : wire::kLifePrior});
    constexpr int kFilms = 1'000'000;
    int whole = 0;
    for (int f = 0; f < kFilms; ++f) {
        const double z[2] = {normal(engine), normal(engine)};
        bool lasts = true;
        for (const JointLife& j : joints)
            lasts = lasts && j.lnSpare + j.shared * z[j.spool] + wire::kLifeTestScatter * normal(engine) > 0;
        whole += lasts;
    }
    const double played = static_cast<double>(whole) / kFilms;
    CHECK(std::abs(calcChance(joints) - played) < 0.005 * played);
}

TEST_CASE("The chance is not said while a joint does not hold, nor where none was checked", "[choice]") {
    for (std::size_t i = 0; i < demo().puppets.size(); ++i) {
        const auto r = reportOf(demo(), static_cast<int>(i));
        bool all = true, any = false;
        std::vector<JointLife> lives;
        for (const LimbChoice& l : r.choice.limbs)
            for (std::size_t j = 0; j < l.verdicts.size(); ++j) {
                any = true;
                all = all && l.verdicts[j].state() == State::holds;
                const int copies = demo().puppets[i].limbs[nth(l.limb)].mirrored ? 2 : 1;
                for (int k = 0; k < copies; ++k)
                    lives.push_back({l.candidates()[nth(l.chosen)].spool,
                                     std::log(l.verdicts[j].bend.designMedian / l.demands[j].needCycles()),
                                     wire::kLifePrior});
            }
        REQUIRE(any);
        CHECK(std::isnan(r.choice.survival) == !all);
        if (all) CHECK_NEAR(r.choice.survival, calcChance(lives), 1e-9);
        CHECK(r.choice.settled);
    }
    // A wire that nothing poses has no life to tell of.
    document::Production p = demo();
    Puppet post = weightedPost(2000);
    p.puppets = {post};
    const auto r = reportOf(p);
    REQUIRE(r.choice.limbs[0].chosen >= 0);
    CHECK(r.choice.limbs[0].still.size() == 1);
    CHECK(std::isnan(r.choice.survival));
}

TEST_CASE("Survival is nine in ten exactly where the life equals the need", "[choice]") {
    const auto table = tables().find(wireCard("aluminium-soft"));
    Demand d;
    d.needed_Nmm = 1, d.effortLimit_Nmm = 1e6, d.lever_mm = 20, d.gap_mm = 14, d.edge = 1.3;
    d.angle_rad = d.range_rad = degToRad(40), d.set_rad = degToRad(0.5), d.springLimit_rad = 1, d.room_mm = 99;
    d.movesPerSecond = 0.5, d.needFilm_s = 1;
    d.needFilm_s = judge(d, *table, {1, 2, 0}).life_s;
    CHECK_NEAR(judge(d, *table, {1, 2, 0}).survival, 0.9, 1e-9);
}

TEST_CASE("A cut is path, wraps, take-up and allowances, and an even count is folded", "[choice]") {
    Limb l = oneLegged().limbs[1];
    l.wraps = 3, l.loop_mm = 5;
    const wire::Bundle pair{2, 1.5, 12};
    const Cut c = calcCut(l, pair, {}, 4.0);
    const double path = 100, wrap = 3 * kPi * (3.0 + 4.0), finished = path + wrap + 5 + 12;
    CHECK_NEAR(c.path_mm, path, 1e-12);
    CHECK_NEAR(c.finished_mm, finished, 1e-12);
    REQUIRE(c.groups.size() == 1);
    CHECK(c.groups[0].folded);
    CHECK(c.groups[0].pieces == 1);
    CHECK_NEAR(c.groups[0].piece_mm, 2 * (finished * wire::findTakeUp(pair) + 10 + 40), 1e-12);
    CHECK_NEAR(c.turns, finished / 12 * 1.08, 1e-12);
    const Cut three = calcCut(l, {3, 1.5, 12}, {}, 4.0);
    CHECK_FALSE(three.groups[0].folded);
    CHECK(three.groups[0].pieces == 3);
    // Two of three strands end half way up the shin, beyond the knee; the third runs on.
    const std::vector<Ending> ends{{2, 1}};
    const Cut drop = calcCut(l, {3, 1.5, 12}, ends, 4.0);
    REQUIRE(drop.groups.size() == 2);
    CHECK(drop.groups[0].strands == 1);
    CHECK(drop.groups[1].strands == 2);
    CHECK(drop.groups[1].folded);
    CHECK_NEAR(drop.groups[0].finished_mm - drop.groups[1].finished_mm, 20 + 10 + 5 + 12.0, 1e-9);
    CHECK(calcCut(l, {1, 1.5, 0}, {}, 4.0).turns == 0);
    // Marks run along the wire in order, each joint at its own distance.
    for (std::size_t i = 1; i < c.marks.size(); ++i)
        CHECK(c.marks[i].at_mm >= c.marks[i - 1].at_mm);
    const auto knee = std::find_if(c.marks.begin(), c.marks.end(), [](const Mark& m) { return m.label == "knee"; });
    REQUIRE(knee != c.marks.end());
    CHECK_NEAR(knee->at_mm, wrap + 50, 1e-12);
    CHECK_NEAR(knee->to_mm - knee->from_mm, 12.0, 1e-9);
}

TEST_CASE("The spools give what the cut list takes", "[choice]") {
    const auto r = reportOf(demo());
    const auto use = calcSpoolUse(r.cuts, demo().stock.spools.size());
    double total = 0, cuts = 0;
    for (double u : use)
        total += u;
    for (const Cut& c : r.cuts)
        cuts += c.total_mm();
    CHECK_NEAR(total, cuts, 1e-12);
    CHECK(r.cuts.size() == demo().puppets[0].limbs.size());
}

TEST_CASE("As a thigh grows from 8 to 20 mm no hand jumps, and each change of wire has its limit or rank",
          "[choice][full]") {
    Puppet p = demo().puppets[0];
    const fill::Shelf shelf = document::makeShelf(shippedCards());
    const Stock stock = results::makeStock(demo(), shippedCards(), test::tables());
    p.wants.aim = Aim::life;                     // the aim that took seven strands for one millimetre of clay
    p.wants.steadied = true, p.wants.film_s = 6; // so that the thigh alone decides, and some wire fits
    PuppetChoice before;
    int changes = 0, named = 0;
    for (double half = 8; half <= 20.0001; half += 0.1) {
        for (Section& s : p.limbs[2].segments[1].sections)
            s.a_mm = s.b_mm = half;
        PuppetChoice now = calcChoice(p, shelf, stock);
        const LimbChoice& l = now.limbs[2];
        REQUIRE(l.chosen >= 0);
        if (!before.limbs.empty()) {
            INFO("half-width " << half);
            const LimbChoice& was = before.limbs[2];
            for (std::size_t j = 0; j < l.demands.size(); ++j)
                CHECK(std::abs(std::log(l.demands[j].far.force_N / was.demands[j].far.force_N)) < std::log(1.05));
            const Candidate &a = was.candidates()[nth(was.chosen)], &b = l.candidates()[nth(l.chosen)];
            if (!(a.bundle == b.bundle) || a.spool != b.spool || a.drops != b.drops) {
                ++changes;
                // The former wire as it stands now: ruled out, with less reserve, farther from fitting, or ranked
                // behind.
                for (const Candidate& c : l.candidates()) {
                    if (!(c.bundle == a.bundle) || c.spool != a.spool || c.drops != a.drops || c.after != a.after)
                        continue;
                    const bool limit = b.fits && !c.fits;
                    const bool miss = !b.fits && !c.fits && c.miss >= b.miss;
                    const bool reserve =
                        b.fits && c.fits && findCounted(c, p.wants.reserve) < findCounted(b, p.wants.reserve);
                    const bool rank =
                        b.fits && c.fits && !reserve && findRank(l, b, p.wants.aim) < findRank(l, c, p.wants.aim);
                    WARN("at " << half << " mm: " << a.bundle.strands << " x " << a.bundle.diameter_mm << " to "
                               << b.bundle.strands << " x " << b.bundle.diameter_mm << " by "
                               << (limit     ? "limit " + std::to_string(static_cast<int>(c.state))
                                   : miss    ? "the nearer miss"
                                   : reserve ? "reserve"
                                             : "rank"));
                    CHECK((limit || miss || reserve || rank));
                    ++named;
                }
            }
        }
        before = std::move(now);
    }
    CHECK(changes > 0);
    CHECK(named == changes);
}
