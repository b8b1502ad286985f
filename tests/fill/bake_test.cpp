#include "files/oven_log_file.h"
#include "fill/ledger.h"
#include "support/near.h"
#include <fmt/format.h>

using namespace enkinet::fill;

namespace {
BakeSetup setup(double thickness, double core) {
    BakeSetup s;
    s.thickness_mm = thickness, s.core_mm = core;
    return s;
}

/// Temperature on the axis of a solid cylinder in moving air, by its series: Incropera, Fundamentals of Heat and Mass
/// Transfer, one-dimensional transient conduction: sum of C exp(-z² Fo) with z J1(z)/J0(z) = Bi.
double cylinderAxis(double radius_m, const Heat& h, double film, double oven, double start, double seconds) {
    const double Bi = film * radius_m / h.conductivity_W_mK;
    const double Fo = h.conductivity_W_mK / (h.density_kg_m3 * h.heat_J_kgK) * seconds / (radius_m * radius_m);
    double sum = 0, z = 1e-6;
    const auto f = [&](double x) { return x * std::cyl_bessel_j(1, x) - Bi * std::cyl_bessel_j(0, x); };
    for (int n = 0; n < 30; ++n) {
        double lo = z;
        while (f(lo) * f(lo + 0.01) > 0)
            lo += 0.01;
        double hi = lo + 0.01;
        for (int i = 0; i < 60; ++i)
            (f((lo + hi) / 2) * f(lo) > 0 ? lo : hi) = (lo + hi) / 2;
        const double root = (lo + hi) / 2, j0 = std::cyl_bessel_j(0, root), j1 = std::cyl_bessel_j(1, root);
        sum += 2 / root * j1 / (j0 * j0 + j1 * j1) * std::exp(-root * root * Fo);
        z = hi + 1e-6;
    }
    return oven + (start - oven) * sum;
}
} // namespace

TEST_CASE("The five bake times of the handbook come out", "[fill]") {
    const double rows[][3] = {{3, 8, 15.37}, {6, 8, 27.17}, {6, 20, 36.24}, {12, 8, 52.34}, {20, 0, 66.30}};
    for (const auto& r : rows) {
        const auto curve = must(calcBake(setup(r[0], r[1]), 115, 120));
        CHECK_NEAR(curve->reached_min, r[2], 0.01);
    }
}

TEST_CASE("A solid rod warms on its axis as the series says, to half a degree", "[fill]") {
    const BakeSetup s = setup(20, 0);
    const auto curve = must(calcBake(s, 115, 120));
    for (std::size_t i = 20; i < curve->minutes.size(); i += 7) {
        const double exact = cylinderAxis(0.02, s.clay, 15, 130, 20, curve->minutes[i] * 60);
        INFO("after " << curve->minutes[i] << " min");
        CHECK(std::abs(curve->innermost_C[i] - exact) < 0.5);
    }
}

namespace {
/// Roots of f by scanning and halving.
template <class F> std::vector<double> roots(F f, int count) {
    std::vector<double> all;
    for (double z = 1e-6; static_cast<int>(all.size()) < count; z += 0.01) {
        double lo = z, hi = z + 0.01;
        if (f(lo) * f(hi) > 0 || std::abs(f(lo)) > 1e3 || std::abs(f(hi)) > 1e3) continue;
        for (int i = 0; i < 60; ++i)
            (f((lo + hi) / 2) * f(lo) > 0 ? lo : hi) = (lo + hi) / 2;
        all.push_back((lo + hi) / 2);
    }
    return all;
}

/// Middle of a slab or ball by their series (Incropera, the same chapter).
double middleOf(BakeShape shape, double R, const BakeSetup& s, double seconds) {
    const double Bi = s.surface_W_m2K * R / s.clay.conductivity_W_mK;
    const double Fo = s.clay.conductivity_W_mK / (s.clay.density_kg_m3 * s.clay.heat_J_kgK) * seconds / (R * R);
    double sum = 0;
    if (shape == BakeShape::slab) {
        for (double z : roots([&](double x) { return x * std::sin(x) - Bi * std::cos(x); }, 30))
            sum += 4 * std::sin(z) / (2 * z + std::sin(2 * z)) * std::exp(-z * z * Fo);
    } else {
        for (double z : roots([&](double x) { return std::sin(x) - x * std::cos(x) - Bi * std::sin(x); }, 30))
            if (z > 0.05)
                sum += 4 * (std::sin(z) - z * std::cos(z)) / (2 * z - std::sin(2 * z)) * std::exp(-z * z * Fo);
    }
    return s.oven_C + (s.start_C - s.oven_C) * sum;
}
} // namespace

TEST_CASE("A slab and a ball warm in their middle as their series say, to half a degree", "[fill]") {
    for (BakeShape shape : {BakeShape::slab, BakeShape::sphere})
        for (double R : {6.0, 18.0, 30.0}) {
            BakeSetup s = setup(R, 0);
            s.shape = shape;
            const auto curve = must(calcBake(s, 115, 90));
            for (std::size_t i = 20; i < curve->minutes.size(); i += 29) {
                INFO("shape " << static_cast<int>(shape) << " R " << R << " after " << curve->minutes[i] << " min");
                CHECK(std::abs(curve->innermost_C[i] - middleOf(shape, R / 1000, s, curve->minutes[i] * 60)) < 0.5);
            }
        }
}

TEST_CASE("Heat that comes in is heat that is stored, on a core or solid, in every shape", "[fill]") {
    for (BakeShape shape : {BakeShape::slab, BakeShape::cylinder, BakeShape::sphere})
        for (double core : {0.0, 9.0}) {
            BakeSetup s = setup(7, core);
            s.shape = shape;
            const auto curve = must(calcBake(s, 115, 45));
            CHECK_NEAR(curve->absorbed_J, curve->stored_J, 1e-9);
            CHECK(curve->stored_J > 0);
        }
}

TEST_CASE("Twice as fine a grid and step leaves a quarter of the error", "[fill]") {
    for (BakeShape shape : {BakeShape::slab, BakeShape::cylinder, BakeShape::sphere}) {
        const auto at = [&](int refine) {
            BakeSetup s = setup(10, 8);
            s.shape = shape, s.refine = refine;
            return calcBake(s, 115, 30)->innermost_C.back();
        };
        const double a = at(1), b = at(2), c = at(4);
        const double order = std::log2(std::abs(a - b) / std::abs(b - c));
        INFO("order " << order);
        CHECK(order > 1.7);
        CHECK(order < 2.3);
    }
}

TEST_CASE("Of one thickness a ball is hot first, then a rod, then a slab", "[fill]") {
    std::vector<double> minutes;
    for (BakeShape shape : {BakeShape::sphere, BakeShape::cylinder, BakeShape::slab}) {
        BakeSetup s = setup(15, 0);
        s.shape = shape;
        minutes.push_back(calcBake(s, 115, 400)->reached_min);
    }
    CHECK(minutes[0] < minutes[1]);
    CHECK(minutes[1] < minutes[2]);
}

TEST_CASE("Thicker clay, a denser core or stiller air all take longer", "[fill]") {
    const auto minutes = [](const BakeSetup& s) { return calcBake(s, 115, 300)->reached_min; };
    BakeSetup s = setup(6, 8);
    const double base = minutes(s);
    CHECK(minutes(setup(7, 8)) > base);
    s.core.density_kg_m3 = 700;
    CHECK(minutes(s) > base);
    s = setup(6, 8), s.surface_W_m2K = 25;
    CHECK(minutes(s) < base);
}

TEST_CASE("Impossible bakes are refused by name", "[fill]") {
    CHECK_FALSE(calcBake(setup(0, 8), 115, 60));
    CHECK_FALSE(calcBake(setup(6, -1), 115, 60));
    CHECK_FALSE(calcBake(setup(6, 8), 115, std::nan("")));
    BakeSetup hot = setup(6, 8);
    hot.oven_C = 4000;
    CHECK(calcBake(hot, 115, 60).fault().sentence().find("oven 4000 C") != std::string::npos);
}

TEST_CASE("A batch bakes until its slowest part is within 10 degrees, plus the card's soak", "[fill]") {
    const auto r = reportOf(demo());
    REQUIRE_FALSE(r.bakes.empty());
    for (const BakeBatch& b : r.bakes) {
        double slowest = 0;
        for (const PartBake& p : b.parts) {
            slowest = std::max(slowest, p.reach_min.value);
            const Part& part = r.choice.parts[nth(p.part)];
            const auto curve = calcBake(makeBakeSetup(part, r.shelf), b.set_C - 10, 600);
            CHECK_NEAR(curve->reached_min, p.reach_min, 0.01);
        }
        CHECK(b.minutes == std::ceil(slowest + b.soak_min));
    }
}

TEST_CASE("Locked limb by limb, what was baked first goes in again and again; baked once, everything goes in once",
          "[fill]") {
    const auto r = reportOf(demo());
    const BakePlan once = calcOneBake(r.choice.parts, r.shelf);
    const BakePlan staged = calcStagedBakes(demo().puppets[0], r.choice.rest, r.choice.parts, r.shelf);
    REQUIRE(staged.bakes.size() > once.bakes.size());
    CHECK(staged.minutes() > once.minutes());
    for (const HeatEntry& e : once.ledger)
        CHECK(e.bakes == 1);
    const auto entry = [](const BakePlan& plan, int part) {
        return std::find_if(plan.ledger.begin(), plan.ledger.end(), [&](const auto& e) { return e.part == part; });
    };
    // The first stage's parts are in every bake of that plan, the last one's in one.
    for (int p : staged.bakes.front().parts)
        CHECK(entry(staged, p)->bakes == static_cast<int>(staged.bakes.size()));
    CHECK(entry(staged, staged.bakes.back().parts.back())->bakes == 1);
    for (const HeatEntry& e : staged.ledger) {
        double most = 0;
        for (const Bake& b : staged.bakes)
            if (std::find(b.parts.begin(), b.parts.end(), e.part) != b.parts.end()) most += b.minutes;
        CHECK(e.atHeat_min > 0);
        CHECK(e.atHeat_min < most);
        CHECK(e.limit_min == 240);
    }
    CHECK(staged.worst()->atHeat_min >= once.worst()->atHeat_min);
}

TEST_CASE("A probe's log gives the oven's offset and swing, and the dial makes up for it", "[fill]") {
    std::string csv = "minutes,degrees C\n";
    for (int i = 0; i <= 120; ++i)
        csv += fmt::format("{},{}\n", i * 0.5, 136 + 5 * std::sin(i * 0.7) - 116 * std::exp(-i / 10.0));
    const auto log = must(files::parseOvenLog(csv, 130));
    CHECK(log->offset_C == Approx(6).margin(0.4));
    CHECK(log->swing_C == Approx(5).margin(0.3));
    const ClayCard clay = reportOf(demo()).shelf.clays.at("firm-white");
    CHECK(*findDial(*log, clay) == Approx(124).margin(0.4));
    OvenLog wild = *log;
    wild.swing_C = 25;
    CHECK(findDial(wild, clay).fault().sentence().find("scorch") != std::string::npos);
    CHECK_FALSE(files::parseOvenLog("minutes,C\n1,20\n", 130));
    CHECK(files::parseOvenLog(csv + "70,hot\n", 130).fault().sentence().find("line 123") != std::string::npos);
    CHECK_FALSE(files::parseOvenLog(csv + "3,130\n", 130));
    CHECK_FALSE(files::parseOvenLog(csv + "80,4000\n", 130));
}
