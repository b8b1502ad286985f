#include "base/normal.h"
#include "base/units.h"
#include "document/edits.h"
#include "files/wire_tests_file.h"
#include "support/near.h"
#include "wire/calibration.h"
#include <algorithm>
#include <random>

using namespace enkinet::wire;

namespace {
const BendTable& aluminium() { return *tables().find(wireCard("aluminium-soft")); }

BendTest bendTest(double share) {
    BendTest t{"alu-1.5", "", "", {2, 1.5, 12}, 12, 1.3, degToRad(40), 1};
    t.cycles = share * calcSeen(aluminium(), t).predicted;
    return t;
}

HangTest hangTest(double share, LastBend last) {
    HangTest t{"alu-1.5", "", "", {1, 1.5, 0}, 14, 60, 1, last, degToRad(40)};
    t.weight_g = share * calcSeen(aluminium(), t).predicted / (kNewtonPerGram * t.lever_mm);
    return t;
}
} // namespace

TEST_CASE("The life's posterior equals a grid computation", "[wire]") {
    const std::vector<BendTest> tests{bendTest(1.6), bendTest(0.9), bendTest(1.3)};
    const Calibration c = calcCalibration(aluminium(), tests, {});
    double weight = 0, mean = 0, square = 0;
    for (double x = -4; x <= 4; x += 0.0005) {
        double ln = -x * x / (2 * kLifePrior * kLifePrior);
        for (const BendTest& t : tests) {
            const double d = calcSeen(aluminium(), t).lnRatio - x;
            ln -= d * d / (2 * kLifeTestScatter * kLifeTestScatter);
        }
        const double p = std::exp(ln);
        weight += p, mean += p * x, square += p * x * x;
    }
    mean /= weight;
    CHECK_NEAR(c.lifeLn, mean, 1e-6);
    CHECK_NEAR(c.lifeLnSpread, std::sqrt(square / weight - mean * mean), 1e-6);
    CHECK_NEAR(c.lifeScatter, std::hypot(c.lifeLnSpread, 0.35), 1e-12);
    CHECK(c.lifeScatter < kLifeScatter);
    CHECK(c.bendTests == 3);
}

TEST_CASE("The hold's posterior of two unknowns equals a grid computation", "[wire]") {
    const std::vector<HangTest> tests{hangTest(1.1, LastBend::with), hangTest(0.95, LastBend::against),
                                      hangTest(1.05, LastBend::unknown)};
    const Calibration c = calcCalibration(aluminium(), {}, tests);
    const auto stepOf = [&](const HangTest& t) {
        if (t.lastBend == LastBend::unknown) return 0.0;
        const LastTouch touch =
            calcLastTouch(aluminium(), t.bundle, {t.gap_mm, t.lastAngle_rad, t.lastAngle_rad, 1, t.set_rad});
        return std::log((t.lastBend == LastBend::with ? touch.with_Nmm : touch.against_Nmm) / touch.convention_Nmm);
    };
    std::vector<std::pair<double, double>> seen; // ln(seen/convention) and the step of each
    for (const HangTest& t : tests) {
        const double convention =
            calcLastTouch(aluminium(), t.bundle, {t.gap_mm, 0.5, 0.5, 1, t.set_rad}).convention_Nmm;
        seen.emplace_back(std::log(t.weight_g * kNewtonPerGram * t.lever_mm / convention), stepOf(t));
    }
    double weight = 0, mA = 0, mB = 0, sA = 0, sB = 0, sAB = 0;
    for (double a = -1; a <= 1; a += 0.004)
        for (double b = -1.5; b <= 2.5; b += 0.008) {
            double ln = -a * a / (2 * kHoldPrior * kHoldPrior) - std::pow((b - kMasingMean) / kMasingPrior, 2) / 2;
            for (const auto& [y, step] : seen)
                ln -= std::pow((y - a - b * step) / kHoldTestScatter, 2) / 2;
            const double p = std::exp(ln);
            weight += p, mA += p * a, mB += p * b, sA += p * a * a, sB += p * b * b, sAB += p * a * b;
        }
    mA /= weight, mB /= weight;
    CHECK(std::abs(c.holdLn - mA) < 1e-5);
    CHECK(std::abs(c.masing - mB) < 1e-5);
    CHECK_NEAR(c.holdLnSpread, std::sqrt(sA / weight - mA * mA), 1e-4);
    CHECK_NEAR(c.masingSpread, std::sqrt(sB / weight - mB * mB), 1e-4);
    CHECK(std::abs(c.holdMasingCovariance - (sAB / weight - mA * mB)) < 1e-5);
    CHECK(c.masingSpread < kMasingPrior); // knowing which way it was last bent narrows the range
}

TEST_CASE("Many tests that agree move the life to what was seen, and the spread to the test's own", "[wire]") {
    const Calibration c = calcCalibration(aluminium(), std::vector<BendTest>(400, bendTest(2)), {});
    CHECK_NEAR(c.lifeLn, std::log(2.0), 0.01);
    CHECK_NEAR(c.lifeScatter, kLifeTestScatter, 0.01);
    CHECK_FALSE(c.contradicted);
    CHECK(calcCalibration(aluminium(), {bendTest(6)}, {}).contradicted);
    CHECK(calcCalibration(aluminium(), {bendTest(0.15)}, {}).contradicted);
    CHECK(calcCalibration(aluminium(), {}, {hangTest(2.2, LastBend::with)}).contradicted);
    CHECK(calcCalibration(aluminium(), {}, {}) == Calibration{});
}

TEST_CASE("A calibrated wire judges its joints anew, with nine in ten from the narrower spread", "[wire]") {
    document::Production p = demo();
    const auto before = reportOf(p);
    const auto& leg = before.choice.limbs[2];
    const std::string spool = p.stock.spools[nth(leg.candidates()[nth(leg.chosen)].spool)].id;
    const wire::Bundle bundle = leg.candidates()[nth(leg.chosen)].bundle;
    BendTest t{spool, "2026-11-02", "vice and pliers", bundle, 13, 1.3, degToRad(30), 1};
    const auto table = tables().find(wireCard("aluminium-soft"));
    t.cycles = 1.5 * calcSeen(*table, t).predicted;
    const auto edited = must(document::Edits(p, shippedCards(), "tansy").addTests({t, t, t}, {}));
    document::Production pinned = *edited;
    pinned.puppets[0].limbs[2].pick = body::WirePick{spool, bundle.strands, bundle.lay_mm};
    const auto after = reportOf(pinned);
    const Calibration c = calcCalibration(*table, {t, t, t}, {});
    for (std::size_t i = 0; i < leg.verdicts.size(); ++i) {
        const auto &was = leg.verdicts[i], &is = after.choice.limbs[2].verdicts[i];
        CHECK_NEAR(is.lifeMedian_s, was.lifeMedian_s * std::exp(c.lifeLn), 1e-9);
        CHECK_NEAR(is.life_s, is.lifeMedian_s * std::exp(-kNineInTen * c.lifeScatter), 1e-9);
        CHECK(is.bend.hold_Nmm == was.bend.hold_Nmm); // no hang was made
    }
    // It comes back from the file and from CSV.
    const auto again = must(files::parseProduction(files::writeProduction(pinned), shippedCards()));
    CHECK(again->production == pinned);
    const HangTest h = hangTest(1, LastBend::with);
    const std::string csv = files::writeWireTestsCsv({t}, {h});
    const auto back = must(files::parseWireTestsCsv(csv, p.stock.spools));
    BendTest expected = t;
    expected.bundle.lay_mm = bundle.lay_mm;
    CHECK(back->bends == std::vector<BendTest>{expected});
    CHECK(files::writeWireTestsCsv(back->bends, back->hangs) == csv);
}

TEST_CASE("Bad tests are refused with their line, in CSV and by edit", "[wire]") {
    const auto& spools = demo().stock.spools;
    const std::string head = "kind,spool,strands,lay_mm,gap_mm,angle_deg,cycles,lever_mm,weight_g,last_bend\n";
    const std::pair<std::string, const char*> bad[] = {
        {"", "line 1"},
        {"spool\nx\n", "column kind"},
        {head + "bend,nowhere,1,0,14,40,50,,,\n", "line 2: spool"},
        {head + "bend,alu-1.5,1,0,0,40,50,,,\n", "gap 0 mm"},
        {head + "bend,alu-1.5,1,0,14,40,many,,,\n", "is not a number"},
        {head + "bend,alu-1.5,2,1,14,40,50,,,\n", "lay 1 mm"},
        {head + "hang,alu-1.5,1,0,14,40,,60,nan,with\n", "weight_g \"nan\" is not a number"},
        {head + "hang,alu-1.5,1,0,14,40,,60,100,sideways\n", "sideways"},
        {head + "hang,alu-1.5,1,0,14,0,,60,100,with\n", "last bend 0"},
        {head + "twist,alu-1.5,1,0,14,0,,60,100,with\n", "must be bend or hang"}};
    for (const auto& [text, says] : bad) {
        const auto r = files::parseWireTestsCsv(text, spools);
        INFO(text << " | " << (r ? std::string("(read)") : r.fault().sentence()));
        REQUIRE_FALSE(r);
        CHECK(r.fault().sentence().find(says) != std::string::npos);
    }
    BendTest t = bendTest(1);
    t.spool = "nowhere";
    CHECK_FALSE(document::Edits(demo(), shippedCards(), "tansy").addTests({t}, {}));
    // A tested spool cannot go.
    const auto with = must(document::Edits(demo(), shippedCards(), "tansy").addTests({bendTest(1)}, {}));
    CHECK_FALSE(document::Edits(*with, shippedCards(), "tansy").removeSpool("alu-1.5"));
    CHECK(document::Edits(*with, shippedCards(), "tansy").removeBendTest(0));
    CHECK_FALSE(document::Edits(*with, shippedCards(), "tansy").removeBendTest(1));
}

TEST_CASE("Forming bends and twisting are spent before the first pose", "[wire]") {
    const GapBend g{14, 1, 1, 1.3, degToRad(0.5)}, formed{14, 1, 1, 1.3, degToRad(0.5), 5};
    const WireBend a = aluminium().findBend({2, 1.5, 10}, g), b = aluminium().findBend({2, 1.5, 10}, formed);
    CHECK(b.designMedian < a.designMedian);
    CHECK(aluminium().findBend({2, 1.5, 10}, {14, 1, 1, 1.3, degToRad(0.5), 1e6}).designMedian == 0);
}

TEST_CASE("What a test is expected to give: eight of ten fall inside, drawn as the model says", "[wire]") {
    // 4,000 wires drawn from the prior, each tested three times, then once more.
    std::mt19937 engine(21);
    std::normal_distribution<double> normal(0, 1);
    const double card = calcSeen(aluminium(), bendTest(1)).predicted;
    int inside = 0, before = 0;
    constexpr int kWires = 4000;
    for (int i = 0; i < kWires; ++i) {
        const double own = kLifePrior * normal(engine);
        const auto once = [&] { return bendTest(std::exp(own + kLifeTestScatter * normal(engine))); };
        const double next = card * std::exp(own + kLifeTestScatter * normal(engine));
        const Expected blind = calcExpected(aluminium(), bendTest(1), {});
        const Expected known =
            calcExpected(aluminium(), bendTest(1), calcCalibration(aluminium(), {once(), once(), once()}, {}));
        before += next >= blind.low && next <= blind.high;
        inside += next >= known.low && next <= known.high;
        REQUIRE(known.high / known.low < blind.high / blind.low);
    }
    CHECK(std::abs(before - 0.8 * kWires) < 0.025 * kWires); // four standard deviations
    CHECK(std::abs(inside - 0.8 * kWires) < 0.025 * kWires);
    // What the sample itself found is not read.
    CHECK(calcExpected(aluminium(), bendTest(1), {}) == calcExpected(aluminium(), bendTest(0.2), {}));
    // Of a hang: the convention without a test, a tenth more after many that gave a tenth more.
    const HangTest plain = hangTest(1, LastBend::unknown);
    const Expected hang = calcExpected(aluminium(), plain, {});
    CHECK_NEAR(hang.median, calcSeen(aluminium(), plain).predicted, 1e-9);
    const Calibration many =
        calcCalibration(aluminium(), {}, std::vector<HangTest>(400, hangTest(1.1, LastBend::unknown)));
    CHECK_NEAR(calcExpected(aluminium(), plain, many).median, 1.1 * hang.median, 1e-3);
}

TEST_CASE("Wires that broke on the set and wires that have lasted: the posterior of a grid, in any order", "[wire]") {
    std::mt19937 engine(5);
    std::normal_distribution<double> normal(0, 1);
    for (int round = 0; round < 60; ++round) {
        const double own = kLifePrior * normal(engine);
        std::vector<WearTest> wears;
        std::vector<BendTest> bends;
        for (int i = 0; i < round % 3; ++i)
            bends.push_back(bendTest(std::exp(own + kLifeTestScatter * normal(engine))));
        for (int i = 0; i < 1 + round % 7; ++i) {
            const double life = std::exp(own + kLifeTestScatter * normal(engine)),
                         used = std::exp(0.5 * normal(engine));
            wears.push_back({"alu-1.5", "", "joint" + std::to_string(i), "shot", std::min(life, used), life < used});
        }
        const Calibration c = calcCalibration(aluminium(), bends, {}, wears);
        double weight = 0, mean = 0, square = 0;
        for (double x = -5; x <= 5; x += 0.0004) {
            double ln = -x * x / (2 * kLifePrior * kLifePrior);
            for (const BendTest& t : bends) {
                const double d = calcSeen(aluminium(), t).lnRatio - x;
                ln -= d * d / (2 * kLifeTestScatter * kLifeTestScatter);
            }
            for (const WearTest& t : wears) {
                const double d = (std::log(t.share) - x) / kLifeTestScatter;
                ln += t.broke ? -d * d / 2 : std::log(std::max(1e-300, 0.5 * std::erfc(d / std::sqrt(2.0))));
            }
            const double p = std::exp(ln);
            weight += p, mean += p * x, square += p * x * x;
        }
        mean /= weight;
        INFO("round " << round);
        CHECK(std::abs(c.lifeLn - mean) < 1e-6);
        CHECK(std::abs(c.lifeLnSpread - std::sqrt(square / weight - mean * mean)) < 1e-6);
        CHECK(c.lifeLnSpread < kLifePrior);
        CHECK(c.broken + c.lasted == static_cast<int>(wears.size()));
        std::vector<WearTest> turned(wears.rbegin(), wears.rend());
        const Calibration d = calcCalibration(aluminium(), bends, {}, turned);
        CHECK(std::abs(d.lifeLn - c.lifeLn) < 1e-12);
        // The same wire in an earlier shot says nothing more.
        wears.push_back(wears.front());
        wears.back().share *= 0.5, wears.back().broke = false;
        CHECK(calcCalibration(aluminium(), bends, {}, wears) == c);
    }
    // One that outlived nearly nothing says nearly nothing; one that outlived ten lives says a lot; lives never fall by
    // it.
    const auto lasted = [&](double share) {
        return calcCalibration(aluminium(), {}, {}, {{"alu-1.5", "", "j", "s", share, false}}).lifeLn;
    };
    CHECK(std::abs(lasted(1e-3)) < 1e-6);
    CHECK(lasted(1) > 0.1);
    CHECK(lasted(10) > 1);
    CHECK(lasted(1e6) > lasted(10));
    CHECK_FALSE(makeWearTest({"alu-1.5", "", "", "s", 1, false}));
    CHECK_FALSE(makeWearTest({"alu-1.5", "", "j", "s", 0, false}));
    CHECK_FALSE(makeWearTest({"alu-1.5", "", "j", "s", std::nan(""), false}));
}

TEST_CASE("So many bend tests more halve what is not known of a life, and one fewer does not", "[wire]") {
    for (int had : {0, 1, 2, 5}) {
        const Calibration now = calcCalibration(aluminium(), std::vector<BendTest>(nth(had), bendTest(1)), {});
        const int more = findTestsToHalve(now);
        const auto spread = [&](int n) {
            return calcCalibration(aluminium(), std::vector<BendTest>(nth(had + n), bendTest(1)), {}).lifeLnSpread;
        };
        INFO(had << " tests, " << more << " more");
        CHECK(more >= 1);
        CHECK(spread(more) <= now.lifeLnSpread / 2 + 1e-12);
        CHECK(spread(more - 1) > now.lifeLnSpread / 2);
    }
}
