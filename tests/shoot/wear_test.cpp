#include "base/units.h"
#include "files/exposure_sheet.h"
#include "files/production_json.h"
#include "shoot/wear.h"
#include "support/puppets.h"
#include "wire/rainflow.h"
#include <random>

using namespace enkinet::shoot;
using document::Cast;
using document::Shot;

namespace {

const results::Report& tansy() {
    static const results::Report r = reportOf(demo());
    return r;
}
JointWire wireOf(std::size_t k = 0) { return findJointWires(demo().puppets[0], tansy().choice, tansy().stock).at(k); }

Shot shotOf(const std::string& id, std::vector<double> forth, double retakes = 0) {
    Shot s;
    s.id = s.name = id, s.retakes = retakes;
    s.frames = static_cast<int>(forth.size()) * 2;
    const body::Limb& limb = demo().puppets[0].limbs[nth(wireOf().limb)];
    Cast c;
    c.puppet = "tansy";
    c.histories = {{limb.id, limb.joints[nth(wireOf().joint)].id, false, std::move(forth), {}}};
    s.cast = {c};
    return s;
}

Ledger ledgerOf(const std::vector<Shot>& shots) {
    return calcLedger({{&demo().puppets[0], &tansy().choice, &tansy().stock}}, shots);
}
double damageOf(const Ledger& l) {
    double sum = 0;
    for (const WearRow& r : l.rows)
        sum += r.damage;
    return sum;
}

} // namespace

TEST_CASE("A constant to and fro wears as its cycles over the life at its amplitude", "[shoot]") {
    const JointWire w = wireOf();
    for (double deg : {5.0, 20.0, 45.0}) {
        std::vector<double> history;
        for (int i = 0; i < 41; ++i)
            history.push_back(i % 2 ? degToRad(deg) : 0);
        const Bent b = calcBent(w, history, {}, 0);
        CHECK_NEAR(b.cycles, 20.0, 1e-12);
        CHECK_NEAR(b.damage, 20 / w.table->cycles(w.amplitudePerRad * (degToRad(deg) + 2 * w.springback_rad)), 1e-12);
        CHECK_NEAR(calcBent(w, history, {}, 0.2).damage, 1.2 * b.damage, 1e-12);
        // Aside is as much as forth, and askew as much again.
        CHECK_NEAR(calcBent(w, {}, history, 0).damage, b.damage, 1e-12);
        std::vector<double> askew = history;
        for (double& a : askew)
            a /= std::sqrt(2);
        CHECK_NEAR(calcBent(w, askew, askew, 0).damage, b.damage, 1e-9);
        CHECK_NEAR(b.largest_rad, degToRad(deg), 1e-12);
    }
}

TEST_CASE("The ledger adds up over shots, and one long shot is never kinder than its pieces", "[shoot]") {
    Random random(14);
    for (int round = 0; round < 20; ++round) {
        std::vector<double> a, b;
        for (int i = random.whole(4, 40); i > 0; --i)
            a.push_back(random.between(-0.6, 0.6));
        for (int i = random.whole(4, 40); i > 0; --i)
            b.push_back(random.between(-0.6, 0.6));
        std::vector<double> both = a;
        both.insert(both.end(), b.begin(), b.end());
        const double one = damageOf(ledgerOf({shotOf("a", a)})), two = damageOf(ledgerOf({shotOf("b", b)}));
        CHECK_NEAR(damageOf(ledgerOf({shotOf("a", a), shotOf("b", b)})), one + two, 1e-12);
        CHECK(damageOf(ledgerOf({shotOf("ab", both)})) >= one + two - 1e-12);
        // Miner knows no order: the same shots the other way round wear the same in all, though not shot by shot.
        CHECK_NEAR(damageOf(ledgerOf({shotOf("b", b), shotOf("a", a)})), one + two, 1e-12);
    }
}

TEST_CASE("What is left falls from shot to shot, a swap is named before the shot that needs it, and copies wear apart",
          "[shoot]") {
    std::vector<double> wave;
    for (int i = 0; i < 60; ++i)
        wave.push_back(i % 2 ? 0.12 : -0.12);
    std::vector<Shot> shots;
    for (int i = 0; i < 12; ++i)
        shots.push_back(shotOf("s" + std::to_string(i), wave, 0.2));
    shots.back().cast[0].copy = 2;
    const Ledger l = ledgerOf(shots);
    const JointWire w = wireOf();
    double last = 1e300, sum = 0;
    int swap = -1;
    for (const WearRow& r : l.rows) {
        if (r.limb != w.limb || r.joint != w.joint || r.right || r.copy != 1) continue;
        CHECK(r.left_s <= last);
        last = r.left_s;
        sum += r.damage;
        CHECK_NEAR(r.spent, w.start + sum * std::exp(-w.lifeLn), 1e-12);
        // The tube: of the life that nine in ten reach, which the normal distribution gives.
        const double nine =
            std::exp(w.lifeLn) * (1 - w.start) * std::exp(-1.2815515655446004 * std::hypot(w.common, w.own));
        CHECK_NEAR(r.level, sum / nine, 1e-12);
        CHECK_NEAR(r.levelBefore, (sum - r.damage) / nine, 1e-9);
        CHECK((r.level > 1) == (r.left_s == 0));
        if (r.left_s == 0 && swap < 0) swap = r.shot;
    }
    REQUIRE(swap > 0);
    REQUIRE_FALSE(l.swaps.empty());
    CHECK(l.swaps.front().shot == swap);
    for (const WearRow& r : l.rows)
        if (r.copy == 2 && r.limb == w.limb && r.joint == w.joint && !r.right)
            CHECK_NEAR(r.spent, w.start + r.damage * std::exp(-w.lifeLn), 1e-12);
    // A break begins the count anew.
    const body::Limb& limb = demo().puppets[0].limbs[nth(w.limb)];
    shots[3].breaks = {{"tansy", limb.id, limb.joints[nth(w.joint)].id, 1, shots[3].frames, false}};
    double after = 0;
    for (const WearRow& r : ledgerOf(shots).rows)
        if (r.shot == 4 && r.limb == w.limb && r.joint == w.joint && !r.right) after = r.spent;
    CHECK_NEAR(after, w.start + l.rows.front().damage * std::exp(-w.lifeLn), 1e-9);
}

TEST_CASE("The chance with doubles is what simulated films have, and common scatter matters", "[shoot][full]") {
    std::mt19937 engine(5);
    std::normal_distribution<double> normal;
    struct Film {
        std::vector<Demanded> joints;
    };
    for (const Film& film :
         {Film{{{0.8, 1, 0.49, 0.35}}}, Film{{{0.9, 1, 0.49, 0.35}, {0.5, 0.9, 0.49, 0.35}, {0.7, 1.1, 0.49, 0.35}}},
          Film{{{2.2, 1, 0.2, 0.35}, {1.6, 1, 0.2, 0.35}}}})
        for (int copies : {1, 2, 3}) {
            int held = 0;
            constexpr int kFilms = 100000;
            for (int f = 0; f < kFilms; ++f) {
                const double z = normal(engine);
                double shares = 0;
                for (int c = 0; c < copies && shares < 1; ++c) {
                    double least = 1e300;
                    for (const Demanded& j : film.joints)
                        least = std::min(least, j.median * std::exp(j.common * z + j.own * normal(engine)) / j.damage);
                    shares += least;
                }
                held += shares >= 1;
            }
            const double simulated = static_cast<double>(held) / kFilms;
            INFO(film.joints.size() << " joints, " << copies << " copies: " << simulated);
            CHECK(std::abs(calcFilmChance(film.joints, copies) - simulated) < 0.01);
        }
    // The number proposed is enough, and one fewer is not.
    for (double damage : {0.3, 0.8, 1.5, 3.0}) {
        const std::vector<Demanded> joints{{damage, 1, 0.49, 0.35}, {damage / 2, 1, 0.49, 0.35}};
        const int n = findCopies(joints);
        REQUIRE(n > 0);
        CHECK(calcFilmChance(joints, n) >= 0.95);
        if (n > 1) CHECK(calcFilmChance(joints, n - 1) < 0.95);
    }
    // Doubles off one bad spool are all bad: as if each were independent, they would promise too much.
    const Demanded shared{0.8, 1, 0.49, 0.35}, apart{0.8, 1, 0, std::hypot(0.49, 0.35)};
    CHECK(calcFilmChance({apart}, 2) > calcFilmChance({shared}, 2) + 0.02);
    CHECK(calcFilmChance({apart}, 1) == Approx(calcFilmChance({shared}, 1)).margin(0.005));
}

TEST_CASE("An exposure sheet becomes the joints' angles", "[shoot]") {
    const document::Production p = demo();
    const body::Puppet& puppet = p.puppets[0];
    const auto& leg = *std::find_if(puppet.limbs.begin(), puppet.limbs.end(),
                                    [](const body::Limb& l) { return l.kind == body::LimbKind::leg; });
    std::string joint;
    for (const body::Joint& j : leg.joints)
        if (j.posed) joint = j.id;
    const std::string head = "frame,limb,joint,axis,angle_deg,side\n";
    const auto sheet = files::parseExposureSheet(head + "0," + leg.id + "," + joint + ",forth,0,left\n8," + leg.id +
                                                     "," + joint + ",forth,40,left\n",
                                                 puppet, 12, 2);
    INFO((sheet ? std::string() : sheet.fault().sentence()));
    REQUIRE(sheet);
    REQUIRE(sheet->size() == 1);
    const auto& forth = sheet->front().forth_rad;
    REQUIRE(forth.size() == 6);
    CHECK_NEAR(forth[2], degToRad(20), 1e-12);
    CHECK_NEAR(forth[5], degToRad(40), 1e-12);
    for (const char* bad : {"x", "frame,limb,joint,axis\n", "frame,limb,joint,axis,angle_deg\n0,none,none,forth,1\n"})
        CHECK_FALSE(files::parseExposureSheet(bad, puppet, 12, 2));
    CHECK_FALSE(files::parseExposureSheet(head + "4," + leg.id + "," + joint + ",forth,1,left\n2," + leg.id + "," +
                                              joint + ",forth,2,left\n",
                                          puppet, 12, 2));
    CHECK_FALSE(files::parseExposureSheet(head + "4," + leg.id + "," + joint + ",up,1,left\n", puppet, 12, 2));
}
