// The exact and the tabulated route against each other and against a third quadrature, over random wires.
#include "base/units.h"
#include "support/near.h"
#include "wire/bend_table.h"
#include <functional>

using namespace enkinet::wire;

namespace {

struct Combination {
    const MaterialCard* card;
    Bundle bundle;
    GapBend bend;
};

/// Cards, d 0.3 to 4 mm, every n, lay none to loose, gap 4 to 40 mm, angle 5 to 110 degrees, edge 1 to 1.6.
Combination drawn(Random& random) {
    Combination c;
    c.card = &random.of(shippedCards().wires);
    c.bundle.strands = random.of(kStrandCounts);
    c.bundle.diameter_mm = random.between(0.3, 4);
    const double shortest = findShortestLay(c.bundle.strands, c.bundle.diameter_mm);
    c.bundle.lay_mm = c.bundle.strands == 1 || random.whole(0, 3) == 0 ? 0 : shortest * random.between(1, 6);
    const double angle = degToRad(random.between(5, 110));
    c.bend = {random.between(4, 40), angle, angle, random.between(1, 1.6), degToRad(0.5)};
    return c;
}

const OptionalNumber WireBend::*const kQuantities[] = {
    &WireBend::lock,         &WireBend::hold_Nmm,        &WireBend::weak_Nmm,       &WireBend::strong_Nmm,
    &WireBend::strainFactor, &WireBend::designAmplitude, &WireBend::springback_rad, &WireBend::strainAmplitude,
    &WireBend::twistStrain,  &WireBend::twistDamage,     &WireBend::cyclesMedian,   &WireBend::cyclesNine,
    &WireBend::designMedian, &WireBend::designNine};

/// Gauss-Legendre by Newton's method on the polynomials: a quadrature that shares nothing with the core's.
double gauss(const std::function<double(double)>& f, double a, double b, int n = 200) {
    double sum = 0;
    for (int i = 0; i < n; ++i) {
        double x = std::cos(kPi * (i + 0.75) / (n + 0.5)), slope = 1;
        for (int k = 0; k < 50; ++k) {
            double p0 = 1, p1 = x;
            for (int m = 2; m <= n; ++m) {
                const double p2 = ((2 * m - 1) * x * p1 - (m - 1) * p0) / m;
                p0 = p1, p1 = p2;
            }
            slope = n * (x * p1 - p0) / (x * x - 1);
            const double step = p1 / slope;
            x -= step;
            if (std::abs(step) < 1e-15) break;
        }
        sum += 2 / ((1 - x * x) * slope * slope) * f((a + b) / 2 + x * (b - a) / 2);
    }
    return sum * (b - a) / 2;
}

} // namespace

TEST_CASE("The fast route stays within 0.1 % of the slow one, and both call the same bends too tight", "[wire][full]") {
    Random random(20);
    int ok = 0, tight = 0;
    double worst = 0;
    for (int i = 0; i < 2500; ++i) {
        const Combination c = drawn(random);
        const WireBend slow = calcWireBend(*c.card, c.bundle, c.bend),
                       fast = tables().find(*c.card)->findBend(c.bundle, c.bend);
        INFO("draw " << i << ": " << c.card->id << " " << c.bundle.strands << " x " << c.bundle.diameter_mm << " lay "
                     << c.bundle.lay_mm << " gap " << c.bend.gap_mm << " angle " << radToDeg(c.bend.angle_rad));
        CHECK((slow.status == BendStatus::too_tight) == (fast.status == BendStatus::too_tight));
        if (slow.status == BendStatus::too_tight) {
            ++tight;
            CHECK(std::isnan(fast.hold_Nmm));
            continue;
        }
        ++ok;
        for (auto q : kQuantities) {
            // A lock of a whole-number fraction is 0 but for rounding.
            if (std::abs(slow.*q) < 1e-9 && std::abs(fast.*q) < 1e-9) continue;
            // No life is predicted for a lay that is much too long, by either.
            if (slow.status == BendStatus::lay_too_long && std::isnan(slow.*q) && std::isnan(fast.*q)) continue;
            worst = std::max(worst, apart(slow.*q, fast.*q));
        }
        CHECK(worst <= 1e-3);
    }
    INFO("worst " << worst);
    CHECK(ok + tight == 2500);
    CHECK(ok > 1200);
    CHECK(tight > 100);
}

TEST_CASE("The exact route agrees with a third quadrature that shares nothing with it", "[wire][full]") {
    Random random(21);
    for (int i = 0; i < 60; ++i) {
        const Combination c = drawn(random);
        const WireBend slow = calcWireBend(*c.card, c.bundle, c.bend);
        if (slow.status == BendStatus::too_tight) continue;
        const CyclicConstants k = calcConstants(*c.card);
        const double E = c.card->youngs_MPa, d = c.bundle.diameter_mm, r = d / 2,
                     kappa = c.bend.angle_rad / c.bend.gap_mm;
        const auto s = [&](double e) { return calcStress(k, E, e); };
        const auto strand = [&](double k1) {
            return gauss(
                [&](double u) {
                    const double y = r * std::sin(u);
                    return 2 * s(k1 * y) * y * 2 * std::pow(r * std::cos(u), 2);
                },
                0, kPi / 2);
        };
        const int n = c.bundle.strands == 7 ? 6 : c.bundle.strands, core = c.bundle.strands - n;
        const double rh = findStrandRadius(c.bundle), cosine = std::cos(findLayAngle(c.bundle));
        const double M1 = strand(kappa), weak = n * strand(kappa * cosine) + core * M1;
        CHECK_NEAR(slow.weak_Nmm, weak, 1e-4);
        const double sine = std::sin(findLayAngle(c.bundle));
        CHECK_NEAR(slow.springback_rad,
                   weak / (E * kPi * std::pow(d, 4) / 64 * (n * cosine + core)) * c.bend.gap_mm *
                       (1 + c.card->poisson * sine * sine / 2),
                   1e-4);
        if (c.bundle.strands == 1) continue;
        double best = 0;
        for (int q = 0; q < 120; ++q) {
            double sum = 0;
            for (int h = 0; h < n; ++h) {
                const double yi = rh * std::sin(2 * kPi * q / 120 + 2 * kPi * h / n);
                const auto f = [&](double u) {
                    const double y = r * std::sin(u) + yi;
                    return s(kappa * y) * y * 2 * std::pow(r * std::cos(u), 2);
                };
                const double kink = std::abs(yi) < r ? std::asin(-yi / r) : 0;
                sum += gauss(f, -kPi / 2, kink, 60) + gauss(f, kink, kPi / 2, 60);
            }
            best = std::max(best, sum);
        }
        INFO(c.bundle.strands << " x " << d << " lay " << c.bundle.lay_mm);
        const double A = c.bundle.strands == 3 ? 6.1 : c.bundle.strands == 7 ? 8.2 : 7.0;
        const double left = c.bundle.lay_mm > 0 ? std::exp(-A * std::pow(c.bend.gap_mm / c.bundle.lay_mm, 1.5)) : 1;
        CHECK_NEAR(slow.strong_Nmm, weak + (best - n * M1) * left, 5e-3);
    }
}

TEST_CASE("Hold rises with diameter, life falls with angle, and nothing jumps", "[wire]") {
    for (const MaterialCard& card : shippedCards().wires) {
        const auto t = tables().find(card);
        double hold = 0, life = 1e300, lastLife = 0;
        for (double d = 0.3; d <= 4; d += 0.01) {
            const WireBend b = t->findBend({1, d, 0}, {40, 0.3, 0.3, 1.3, degToRad(0.5)});
            CHECK(b.hold_Nmm > hold);
            if (hold > 0) CHECK(b.hold_Nmm < hold * std::pow(d / (d - 0.01), 4));
            hold = b.hold_Nmm;
        }
        for (double deg = 5; deg <= 110; deg += 0.5) {
            const WireBend b = t->findBend({2, 1, 12}, {14, degToRad(deg), degToRad(deg), 1.3, degToRad(0.5)});
            CHECK(b.designMedian < life);
            if (deg > 5) CHECK(b.designMedian > lastLife * 0.5);
            lastLife = life = b.designMedian;
        }
    }
}

TEST_CASE("Limits: a thread holds nothing, a long gap is elastic, lay equal to the gap equals free strands", "[wire]") {
    const auto t = tables().find(wireCard("aluminium-soft"));
    const GapBend g{14, 0.5, 0.5, 1.3, degToRad(0.5)};
    CHECK(t->findBend({1, 0.1, 0}, g).hold_Nmm < 0.05);
    // Gap to infinity: all of the bend springs back.
    const WireBend far = t->findBend({1, 1, 0}, {1e5, 0.02, 0.02, 1, degToRad(0.5)});
    CHECK_NEAR(far.springback_rad, 0.02, 1e-4);
    // A free pair is strained as one wire is.
    const WireBend free = t->findBend({2, 1, 14}, g), one = t->findBend({1, 1, 0}, g);
    CHECK_NEAR(free.strong_Nmm, free.weak_Nmm, 5e-3);
    CHECK_NEAR(free.strainAmplitude, one.strainAmplitude, 1e-12);
    // Parallel strands are stretched by their distance from the middle.
    CHECK_NEAR(t->findBend({2, 1, 0}, g).strainAmplitude, 2 * one.strainAmplitude, 1e-12);
}
