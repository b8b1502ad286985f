#include "wire/calibration.h"
#include "base/normal.h"
#include "base/text.h"
#include "base/units.h"
#include "schema/limits.h"
#include <algorithm>
#include <cmath>
#include <map>

namespace enkinet::wire {

namespace {

/// Direction in which a hang departs from the elastic convention, ln(Masing / convention).
double masingStep(const LastTouch& t, LastBend last) {
    if (last == LastBend::unknown || std::isnan(t.with_Nmm)) return 0;
    return std::log((last == LastBend::with ? t.with_Nmm : t.against_Nmm) / t.convention_Nmm);
}

GapBend gapOf(const HangTest& t) {
    const double bent = t.lastBend == LastBend::unknown ? 0 : t.lastAngle_rad;
    return {t.gap_mm, bent, bent, kNoEdge, t.set_rad};
}

/// One entry a wire: its break, or the longest that it lasted.
std::map<std::string, WearTest> gatherWires(const std::vector<WearTest>& tests) {
    std::map<std::string, WearTest> wires;
    for (const WearTest& t : tests) {
        const auto [at, fresh] = wires.try_emplace(t.joint, t);
        if (!fresh && (t.broke != at->second.broke ? t.broke : t.share > at->second.share)) at->second = t;
    }
    return wires;
}

/// Mean and deviation of a normal belief once so many lives are known to exceed their shares: its density times the
/// chance of each, by the trapezium rule, which is exact to many digits for what falls off so smoothly.
void outlive(const std::vector<double>& lnShares, double& mean, double& deviation) {
    constexpr int kSteps = 600;
    constexpr double kFar = 9;
    const double from = mean - kFar * deviation, to = mean + 2 * kFar * deviation;
    std::vector<double> ln(kSteps + 1);
    double most = -1e300;
    for (int i = 0; i <= kSteps; ++i) {
        const double x = from + (to - from) * i / kSteps, z = (x - mean) / deviation;
        double sum = -z * z / 2;
        for (double share : lnShares)
            sum += std::log(std::max(1e-300, normalBelow((x - share) / kLifeTestScatter)));
        ln[static_cast<std::size_t>(i)] = sum, most = std::max(most, sum);
    }
    double weight = 0, first = 0, second = 0;
    for (int i = 0; i <= kSteps; ++i) {
        const double x = from + (to - from) * i / kSteps, p = std::exp(ln[static_cast<std::size_t>(i)] - most);
        weight += p, first += p * x, second += p * x * x;
    }
    mean = first / weight;
    deviation = std::sqrt(std::max(0.0, second / weight - mean * mean));
}

double conventionOf(const BendTable& table, const HangTest& t) {
    return findHold(table, t.bundle, t.gap_mm, t.set_rad);
}

} // namespace

Result<BendTest> makeBendTest(BendTest t) { return schema::makeSound(std::move(t)); }
Result<HangTest> makeHangTest(HangTest t) { return schema::makeSound(std::move(t)); }
Result<WearTest> makeWearTest(WearTest t) { return schema::makeSound(std::move(t)); }

Seen calcSeen(const BendTable& table, const BendTest& t) {
    // To and fro: the range is twice the angle, and nothing is over-bent; twisting has spent its share.
    const WireBend b = table.findBend(t.bundle, {t.gap_mm, t.angle_rad, 2 * t.angle_rad, t.edge, 0.01});
    Seen s;
    s.seen = t.cycles;
    s.predicted = (1 - b.twistDamage) * b.cyclesMedian;
    s.lnRatio = std::log(s.seen / s.predicted);
    s.deviations = s.lnRatio / std::hypot(kLifePrior, kLifeTestScatter);
    return s;
}

Seen calcSeen(const BendTable& table, const HangTest& t) {
    const double convention = conventionOf(table, t);
    const double step = masingStep(calcLastTouch(table, t.bundle, gapOf(t)), t.lastBend);
    Seen s;
    s.seen = t.weight_g * kNewtonPerGram * t.lever_mm;
    s.predicted = convention * std::exp(kMasingMean * step);
    s.lnRatio = std::log(s.seen / s.predicted);
    s.deviations = s.lnRatio / std::sqrt(kHoldPrior * kHoldPrior + kHoldTestScatter * kHoldTestScatter +
                                         step * step * kMasingPrior * kMasingPrior);
    return s;
}

Calibration calcCalibration(const BendTable& table, const std::vector<BendTest>& bends,
                            const std::vector<HangTest>& hangs, const std::vector<WearTest>& wears) {
    Calibration c;
    double sum = 0;
    for (const BendTest& t : bends) {
        const Seen s = calcSeen(table, t);
        if (!std::isfinite(s.lnRatio)) continue;
        sum += s.lnRatio, ++c.bendTests;
        c.contradicted = c.contradicted || s.contradicts();
    }
    std::vector<double> lasted; // ln shares that were outlived
    for (const auto& [joint, t] : gatherWires(wears)) {
        if (t.broke)
            sum += std::log(t.share), ++c.broken;
        else
            lasted.push_back(std::log(t.share)), ++c.lasted;
    }
    if (c.hasLife()) {
        const double test = 1 / (kLifeTestScatter * kLifeTestScatter);
        const double precision = 1 / (kLifePrior * kLifePrior) + (c.bendTests + c.broken) * test;
        c.lifeLn = sum * test / precision;
        c.lifeLnSpread = std::sqrt(1 / precision);
        if (!lasted.empty()) outlive(lasted, c.lifeLn, c.lifeLnSpread);
        c.lifeScatter = std::hypot(c.lifeLnSpread, kLifeTestScatter);
    }

    // Two unknowns, the multiplier and Masing's share: ln(seen/convention) = multiplier + share x step + scatter.
    double aa = 1 / (kHoldPrior * kHoldPrior), ab = 0, bb = 1 / (kMasingPrior * kMasingPrior);
    double ra = 0, rb = kMasingMean * bb;
    const double w = 1 / (kHoldTestScatter * kHoldTestScatter);
    for (const HangTest& t : hangs) {
        const double step = masingStep(calcLastTouch(table, t.bundle, gapOf(t)), t.lastBend);
        const double y = std::log(t.weight_g * kNewtonPerGram * t.lever_mm / conventionOf(table, t));
        if (!std::isfinite(y)) continue;
        aa += w, ab += w * step, bb += w * step * step;
        ra += w * y, rb += w * step * y;
        ++c.hangTests;
        c.contradicted = c.contradicted || calcSeen(table, t).contradicts();
    }
    if (c.hangTests > 0) {
        const double det = aa * bb - ab * ab;
        c.holdLn = (bb * ra - ab * rb) / det, c.masing = (aa * rb - ab * ra) / det;
        c.holdLnSpread = std::sqrt(bb / det), c.masingSpread = std::sqrt(aa / det);
        c.holdMasingCovariance = -ab / det;
    }
    return c;
}

namespace {
Expected spread(double median, double deviation) {
    const double k = std::exp(kNineInTen * deviation);
    return {median, median / k, median * k};
}
} // namespace

Expected calcExpected(const BendTable& table, const BendTest& test, const Calibration& c) {
    BendTest any = test;
    any.cycles = 1;
    return spread(calcSeen(table, any).predicted * std::exp(c.lifeLn), std::hypot(c.lifeLnSpread, kLifeTestScatter));
}

Expected calcExpected(const BendTable& table, const HangTest& t, const Calibration& c) {
    const double step = masingStep(calcLastTouch(table, t.bundle, gapOf(t)), t.lastBend);
    const double variance = c.holdLnSpread * c.holdLnSpread + step * step * c.masingSpread * c.masingSpread +
                            2 * step * c.holdMasingCovariance + kHoldTestScatter * kHoldTestScatter;
    return spread(conventionOf(table, t) * std::exp(c.holdLn + c.masing * step), std::sqrt(std::max(0.0, variance)));
}

int findTestsToHalve(const Calibration& c) {
    const double ratio = kLifeTestScatter / c.lifeLnSpread;
    return static_cast<int>(std::ceil(3 * ratio * ratio - 1e-9));
}

void calibrate(WireBend& b, const Calibration& c) {
    if (c.hangTests > 0) {
        const double k = std::exp(c.holdLn);
        b.hold_Nmm *= k, b.weak_Nmm *= k, b.strong_Nmm *= k, b.springback_rad *= k;
    }
    if (c.hasLife()) {
        const double k = std::exp(c.lifeLn);
        b.cyclesMedian *= k, b.designMedian *= k;
        b.cyclesNine = findNineInTen(b.cyclesMedian, c.lifeScatter);
        b.designNine = findNineInTen(b.designMedian, c.lifeScatter);
    }
}

HoldRange calcHoldRange(const LastTouch& t, const Calibration& c) {
    HoldRange r;
    const double k = std::exp(c.holdLn);
    r.convention_Nmm = k * t.convention_Nmm;
    const auto at = [&](LastBend last, double& spread) {
        const double step = masingStep(t, last);
        spread =
            std::sqrt(std::max(0.0, c.holdLnSpread * c.holdLnSpread + step * step * c.masingSpread * c.masingSpread +
                                        2 * step * c.holdMasingCovariance));
        return r.convention_Nmm * std::exp(c.masing * step);
    };
    r.against_Nmm = at(LastBend::against, r.againstSpread);
    r.with_Nmm = at(LastBend::with, r.withSpread);
    return r;
}

} // namespace enkinet::wire
