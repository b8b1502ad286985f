#include "wire/bundle.h"
#include "base/quantity.h"
#include "base/text.h"
#include "base/units.h"
#include <algorithm>
#include <cmath>
#include <iterator>
#include <limits>

namespace enkinet::wire {

namespace {
Result<Bundle> makeWithin(Bundle b, double largestAngle_rad) {
    if (std::find(std::begin(kStrandCounts), std::end(kStrandCounts), b.strands) == std::end(kStrandCounts))
        return Fault{words("wire"), words("strands %1", b.strands), words("must be 1, 2, 3, 4 or 7")};
    if (!(b.diameter_mm >= 0.1 && b.diameter_mm <= 10))
        return Fault{
            words("wire"), words("diameter %1", quantity(b.diameter_mm, Dimension::length)),
            words("must lie between %1 and %2", withoutUnit(0.1, Dimension::length), quantity(10, Dimension::length))};
    if (!(b.lay_mm >= 0 && b.lay_mm <= 1e4))
        return Fault{words("wire"), words("lay %1", quantity(b.lay_mm, Dimension::length)),
                     words("must lie between 0 (parallel) and %1", quantity(10000, Dimension::length))};
    if (b.strands == 1) b.lay_mm = 0;
    const double shortest = 2 * kPi * findStrandRadius(b) / std::tan(largestAngle_rad);
    if (b.lay_mm > 0 && b.lay_mm < shortest * (1 - 1e-12))
        return Fault{words("wire"), words("lay %1", quantity(b.lay_mm, Dimension::length)),
                     words("must be at least %1 (strands at %2)", quantity(shortest, Dimension::length, 4),
                           quantity(radToDeg(largestAngle_rad), Dimension::angle))};
    return b;
}
} // namespace

Result<Bundle> makeBundle(Bundle b) { return makeWithin(b, findLargestLayAngle(b.strands)); }
Result<Bundle> makeTestedBundle(Bundle b) { return makeWithin(b, findLargestLayAngle(2)); }

double findStrandRadius(const Bundle& b) {
    const double d = b.diameter_mm;
    switch (b.strands) {
    case 2:
        return d / 2;
    case 3:
        return d / std::sqrt(3.0);
    case 4:
        return d / std::sqrt(2.0);
    case 7:
        return d;
    default:
        return 0;
    }
}

double findBundleDiameter(const Bundle& b) { return 2 * findStrandRadius(b) + b.diameter_mm; }

double findShortestLay(int strands, double diameter_mm) {
    return 2 * kPi * findStrandRadius({strands, diameter_mm, 0}) / std::tan(findLargestLayAngle(strands));
}

double findLargestLayAngle(int strands) { return degToRad(strands > 2 ? 25 : 45); }

int findCore(const Bundle& b) { return b.strands == 7 ? 1 : 0; }
int findHelical(const Bundle& b) { return b.strands - findCore(b); }

double findLayAngle(const Bundle& b) { return b.lay_mm > 0 ? std::atan(2 * kPi * findStrandRadius(b) / b.lay_mm) : 0; }

double findTakeUp(const Bundle& b) {
    if (b.lay_mm <= 0) return 1;
    const double tangent = 2 * kPi * findStrandRadius(b) / b.lay_mm;
    return std::sqrt(1 + tangent * tangent);
}

double findEffectiveStrands(const Bundle& b) { return findCore(b) + findHelical(b) / findTakeUp(b); }

double findTotalWire(const Bundle& b) { return findCore(b) + findHelical(b) * findTakeUp(b); }

double findLock(const Bundle& b, double gap_mm) {
    if (b.strands == 1) return 0;
    if (b.lay_mm <= 0) return 1;
    const double turn = kPi * gap_mm / b.lay_mm;
    return turn < 1e-9 ? 1 : std::abs(std::sin(turn) / turn);
}

double findStrainFactor(const Bundle& b, double gap_mm) {
    if (b.strands == 1) return 1;
    const double wide = 2 * findStrandRadius(b) / b.diameter_mm;
    if (b.lay_mm <= 0) return 1 + wide;
    const double x = gap_mm / b.lay_mm;
    if (!(x >= kLeastGapOverLay * (1 - 1e-12))) return std::numeric_limits<double>::quiet_NaN();
    // Strands that lie on each other press into each other; a pair touches along one line only.
    const double pressed = b.strands == 3 ? 1.17 : b.strands == 4 ? 1.22 : b.strands == 7 ? 1.2 : 1;
    // A lay that is the gap but for rounding is the gap.
    if (x >= 1 - 1e-9) return pressed * (1 + wide * findLock(b, gap_mm));
    return pressed * std::clamp(0.91 * std::exp(2.7 * (1 - x)), 1.0, 5.5);
}

double findStretchLeft(const Bundle& b, double gap_mm) {
    if (b.strands == 1) return 0;
    if (b.lay_mm <= 0) return 1;
    const double A = b.strands == 3 ? 6.1 : b.strands == 7 ? 8.2 : 7.0;
    return std::exp(-A * std::pow(gap_mm / b.lay_mm, 1.5));
}

double findTwistStrain(const Bundle& b) {
    if (b.strands == 1 || b.lay_mm <= 0) return 0;
    const double c = std::cos(findLayAngle(b)), s = std::sin(findLayAngle(b));
    const double shear = b.diameter_mm / 2 * (2 * kPi / b.lay_mm) * c * c;
    return std::hypot(shear / std::sqrt(3.0), b.diameter_mm * s * s / (2 * findStrandRadius(b)));
}

double findTwistDamage(const Bundle& b, const MaterialCard& card) { return findTwistStrain(b) / findDuctility(card); }

double findMassPerLength(const Bundle& b, const MaterialCard& card) {
    return findTotalWire(b) * kPi / 4 * b.diameter_mm * b.diameter_mm * gPerCm3ToGPerMm3(card.density_g_cm3);
}

} // namespace enkinet::wire
