#include "wire/bend.h"
#include "base/normal.h"
#include "base/numeric.h"
#include "wire/bend_detail.h"
#include <algorithm>
#include <cmath>

namespace enkinet::wire {

namespace {
constexpr double kRelative = 1e-10;
} // namespace

double calcStrandMoment(const CyclicConstants& k, double E, double e) {
    if (e <= 0) return 0;
    // With t = sin u the weight sqrt(1-t²) dt turns smooth: cos² u du.
    const auto f = [&](double u) {
        const double t = std::sin(u), c = std::cos(u);
        return calcStress(k, E, e * t) * t * c * c;
    };
    return 0.5 * integrate(f, 0, kPi / 2, kRelative);
}

double calcOffsetMoment(const CyclicConstants& k, double E, double e, double offset) {
    if (e <= 0) return 0;
    const auto f = [&](double u) {
        const double c = std::cos(u), y = std::sin(u) + offset;
        return calcStress(k, E, e * y) * y * c * c;
    };
    // The curve has its sharp bend where the strain changes sign; split there.
    const double kink = std::abs(offset) < 1 ? std::asin(-offset) : -kPi / 2;
    return 0.25 * (integrate(f, -kPi / 2, kink, kRelative) + integrate(f, kink, kPi / 2, kRelative));
}

double calcStrongMoment(const CyclicConstants& k, double E, int strands, double e) {
    if (strands == 1) return calcStrandMoment(k, E, e);
    const double radius = 2 * findStrandRadius({strands, 1, 0}); // in strand radii
    const int helical = findHelical({strands, 1, 0});
    const auto sum = [&](double phi) {
        double s = 0;
        for (int i = 0; i < helical; ++i)
            s += calcOffsetMoment(k, E, e, radius * std::sin(phi + 2 * kPi * i / helical));
        return s;
    };
    // The sum repeats every pi/n (odd n) or 2 pi/n (even n) and is symmetric about both ends of half of that,
    // so its largest value stands at one of them or between; a scan and Brent's search find it.
    const double period = kPi / helical;
    constexpr int kScan = 6;
    double best = 0, at = 0;
    for (int i = 0; i <= kScan; ++i) {
        const double phi = period * i / kScan, s = sum(phi);
        if (s > best) best = s, at = phi;
    }
    const double lo = at - period / kScan, hi = at + period / kScan;
    best = std::max(best, -findLeast([&](double phi) { return -sum(phi); }, lo, hi).second);
    return best;
}

double calcHoldStrain(const CyclicConstants& k, double E, double setStrain) {
    if (setStrain <= 0) return 0;
    const auto off = [&](double e) { return e - 32 * calcStrandMoment(k, E, e) / (kPi * E) - setStrain; };
    double hi = setStrain + 1e-4;
    while (off(hi) < 0)
        hi *= 2;
    return findRoot(off, setStrain, hi);
}

double calcStrainAt(const CyclicConstants& k, double E, double m) {
    if (m <= 0) return 0;
    // The elastic answer lies below the root; on logarithms the curve is nearly straight, so secants close fast.
    const auto off = [&](double lnE) { return std::log(calcStrandMoment(k, E, std::exp(lnE)) / m); };
    double a = std::log(32 * m / (kPi * E)), fa = off(a);
    if (fa >= 0) return std::exp(a);
    double b = a - fa / k.n, fb = off(b);
    for (int i = 0; i < 60 && std::abs(fb) > 1e-12 && fb != fa; ++i) {
        const double next = b - fb * (b - a) / (fb - fa);
        a = b, fa = fb;
        b = next, fb = off(b);
    }
    return std::exp(b);
}

double findNineInTen(double median, double scatter) { return median * std::exp(-kNineInTen * scatter); }

double findEquivalentMoment(double M, double T) { return std::sqrt(M * M + kTorsionWeight * T * T); }

WireBend calcWireBend(const MaterialCard& card, const Bundle& bundle, const GapBend& bend) {
    return detail::findWireBend(detail::ExactFunctions(card), card, bundle, bend);
}

} // namespace enkinet::wire
