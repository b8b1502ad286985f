#include "wire/bend_table.h"
#include "base/units.h"
#include "wire/bend_detail.h"
#include <algorithm>
#include <array>
#include <cmath>

namespace enkinet::wire {

namespace {
// Below the first strain every card is elastic to 1e-6; above the last the bend is outside the range of validity.
const double kLnLow = std::log(1e-6), kLnHigh = std::log(0.3);
constexpr std::size_t kMomentNodes = 400;

/// Midpoint rule after t = sin u: the integrand is smooth and even about both ends, so it converges fast; where no part
/// of the section lies beyond the axis there is no kink either, and few points do. What does not depend on the strain is
/// made once an offset.
class OffsetRule {
public:
    explicit OffsetRule(double offset) {
        const int points = offset > 1.05 ? 24 : 96;
        for (int i = 0; i < points; ++i) {
            const double u = -kPi / 2 + kPi * (i + 0.5) / points;
            const double c = std::cos(u), y = std::abs(std::sin(u) + offset);
            if (y == 0) continue;
            m_points.push_back({std::log(y), 0.25 * kPi / points * y * c * c});
        }
    }
    double operator()(const Curve& lnStress, double lnE) const {
        double sum = 0;
        for (const auto& [lnY, weight] : m_points)
            sum += std::exp(lnStress(lnE + lnY)) * weight;
        return sum;
    }

private:
    std::vector<std::pair<double, double>> m_points;
};

/// Local cubic through four neighbours (Catmull-Rom), at t in [0, 1] between b and c.
double cubic(double a, double b, double c, double d, double t) {
    return b + 0.5 * t * (c - a + t * (2 * a - 5 * b + 4 * c - d + t * (3 * (b - c) + d - a)));
}

/// Bicubic interpolation on a grid of rows x columns, (u, v) in grid steps, clamped to the grid.
double bicubic(const std::vector<double>& grid, int rows, int columns, double u, double v) {
    u = std::clamp(u, 0.0, rows - 1.0), v = std::clamp(v, 0.0, columns - 1.0);
    const int i = std::min(static_cast<int>(u), rows - 2), j = std::min(static_cast<int>(v), columns - 2);
    const double s = u - i, t = v - j;
    const auto at = [&](int r, int c) {
        // Beyond an edge the grid goes on in a straight line.
        if (r < 0) return 2 * grid[static_cast<std::size_t>(c)] - grid[static_cast<std::size_t>(columns + c)];
        if (r >= rows)
            return 2 * grid[static_cast<std::size_t>((rows - 1) * columns + c)] -
                   grid[static_cast<std::size_t>((rows - 2) * columns + c)];
        return grid[static_cast<std::size_t>(r * columns + c)];
    };
    const auto row = [&](int r) {
        // Even in the column's variable at 0 (a lock of either sign stretches the same), straight on at the far end.
        const double left = j > 0 ? at(r, j - 1) : at(r, 1);
        const double right = j + 2 < columns ? at(r, j + 2) : 2 * at(r, columns - 1) - at(r, columns - 2);
        return cubic(left, at(r, j), at(r, j + 1), right, t);
    };
    return cubic(row(i - 1), row(i), row(i + 1), row(i + 2), s);
}

int tableOf(int strands) { return strands == 7 ? 3 : strands - 2; }
} // namespace

BendTable::BendTable(MaterialCard card)
    : ductility(findDuctility(card)), m_card(std::move(card)), m_constants(calcConstants(m_card)) {
    const CyclicConstants& k = m_constants;
    const double E = m_card.youngs_MPa;

    const Curve lnStress(std::log(1e-12), std::log(2.0), 700, [&](double x) {
        const double e = std::exp(x), s = calcStress(k, E, e);
        const double plastic = std::pow(s / k.K_MPa, 1 / k.n);
        return std::pair{std::log(s), e / (s / E + plastic / k.n)};
    });
    const OffsetRule centred(0);
    m_moment = Curve(kLnLow, kLnHigh, kMomentNodes, [&](double x) {
        const double h = 1e-4;
        const double slope =
            (std::log(centred(lnStress, x + h)) - std::log(centred(lnStress, x - h))) / (2 * h);
        return std::pair{std::log(centred(lnStress, x)), slope};
    });
    // The hold's curve is read off the moment's: exact in the inverse, no search.
    const auto set = [&](double lnE) { return std::exp(lnE) - 32 * moment(std::exp(lnE)) / (kPi * E); };
    m_hold = Curve(std::log(1e-7), std::log(0.1), 300, [&](double x) {
        double lo = x, hi = kLnHigh + 1;
        for (int i = 0; i < 60; ++i) {
            const double m = (lo + hi) / 2;
            (set(m) < std::exp(x) ? lo : hi) = m;
        }
        const double h = 1e-5, y = (lo + hi) / 2;
        return std::pair{y, set(y) * 2 * h / (set(y + h) - set(y - h))};
    });
    m_life = Curve(std::log(1e-6), std::log(2.0), 300, [&](double x) {
        const double N = calcCycles(k, E, std::exp(x)), lnReversals = std::log(2 * N);
        const double a = k.sf_MPa / E * std::exp(k.b * lnReversals), p = k.ef * std::exp(k.c * lnReversals);
        return std::pair{std::log(N), (a + p) / (k.b * a + k.c * p)};
    });

    // One strand off the axis over (ln e, offset 0..2), then the bundles' worst orientation from it.
    constexpr int kOffsets = 97;
    // Stored by offset, then strain, so that the worst orientation is sought for all strains at once.
    std::vector<std::array<double, kStrains>> off(kOffsets);
    const double stepE = (kLnHigh - kLnLow) / (kStrains - 1);
    for (std::size_t j = 0; j < kOffsets; ++j) {
        const OffsetRule rule(2.0 * static_cast<double>(j) / (kOffsets - 1));
        for (std::size_t i = 0; i < kStrains; ++i)
            off[j][i] = std::log(rule(lnStress, kLnLow + static_cast<double>(i) * stepE));
    }
    // ln M at an offset between the tabulated ones: cubic, even in the offset at 0, straight on at the far end.
    const auto addAt = [&](double v, std::array<double, kStrains>& sum) {
        const auto j = std::min(static_cast<std::size_t>(v), std::size_t{kOffsets - 2});
        const double t = v - static_cast<double>(j);
        const auto &b = off[j], &c = off[j + 1], &a = off[j > 0 ? j - 1 : 1];
        for (std::size_t i = 0; i < kStrains; ++i) {
            const double d = j + 2 < kOffsets ? off[j + 2][i] : 2 * c[i] - b[i];
            sum[i] += std::exp(cubic(a[i], b[i], c[i], d, t));
        }
    };
    for (int n : {2, 3, 4, 7}) {
        const int helical = n == 7 ? 6 : n;
        const double radius = 2 * findStrandRadius({n, 1, 0});
        auto& gain = m_gain[static_cast<std::size_t>(tableOf(n))];
        gain.resize(static_cast<std::size_t>(kStrains) * kLocks);
        for (std::size_t j = 0; j < kLocks; ++j) {
            const double lock = static_cast<double>(j) / (kLocks - 1);
            std::array<double, kStrains> best{};
            constexpr int kScan = 12;
            for (int q = 0; q <= kScan; ++q) {
                std::array<double, kStrains> sum{};
                for (int h = 0; h < helical; ++h) {
                    const double y =
                        std::abs(lock * radius * std::sin(kPi / helical * q / kScan + 2 * kPi * h / helical));
                    addAt(y / 2 * (kOffsets - 1), sum);
                }
                for (std::size_t i = 0; i < kStrains; ++i)
                    best[i] = std::max(best[i], sum[i]);
            }
            for (std::size_t i = 0; i < kStrains; ++i)
                gain[i * kLocks + j] = std::log(best[i] / (helical * std::exp(off[0][i])));
        }
    }
}

double BendTable::moment(double e) const { return e <= 0 ? 0 : std::exp(m_moment(std::log(e))); }

double BendTable::strong(int strands, double e, double lock) const {
    if (e <= 0) return 0;
    const double weak = moment(e);
    if (strands == 1) return weak;
    const double u = (std::log(e) - kLnLow) / (kLnHigh - kLnLow) * (kStrains - 1);
    const double gain =
        bicubic(m_gain[static_cast<std::size_t>(tableOf(strands))], kStrains, kLocks, u, lock * (kLocks - 1));
    return (strands == 7 ? 6 : strands) * weak * std::exp(gain);
}

double BendTable::holdStrain(double setStrain) const {
    return setStrain <= 0 ? 0 : std::exp(m_hold(std::log(setStrain)));
}

double BendTable::cycles(double amplitude) const { return std::exp(m_life(std::log(amplitude))); }

WireBend BendTable::findBend(const Bundle& bundle, const GapBend& bend) const {
    return detail::findWireBend(*this, m_card, bundle, bend);
}

} // namespace enkinet::wire
