#include "wire/bend_table.h"
#include "base/many.h"
#include "base/numeric.h"
#include "base/units.h"
#include "wire/bend_detail.h"
#include <algorithm>
#include <array>
#include <cmath>
#include <map>

namespace enkinet::wire {

namespace {
// Below the first strain every card is elastic to 1e-6; above the last the bend is outside the range of validity.
const double kLnLow = std::log(1e-6), kLnHigh = std::log(0.3);
constexpr std::size_t kMomentNodes = 400, kStrains = 161;

/// Midpoint rule after t = sin u: the integrand is smooth and even about both ends, so it converges fast; where no part
/// of the section lies beyond the axis there is no kink either, and few points do. What does not depend on the strain
/// is made once an offset.
class OffsetRule {
public:
    explicit OffsetRule(double offset) {
        const int points = offset > 1.05 ? 24 : static_cast<int>(kMost);
        for (int i = 0; i < points; ++i) {
            const double u = -kPi / 2 + kPi * (i + 0.5) / points;
            const double c = std::cos(u), y = std::abs(std::sin(u) + offset);
            if (y == 0) continue;
            m_lnY[m_points] = std::log(y), m_weight[m_points] = 0.25 * kPi / points * y * c * c;
            ++m_points;
        }
    }
    double operator()(const Curve& lnStress, double lnE) const {
        std::array<double, kMost> stress;
        for (std::size_t i = 0; i < m_points; ++i)
            stress[i] = lnStress(lnE + m_lnY[i]);
        expEach({stress.data(), m_points});
        double sum = 0;
        for (std::size_t i = 0; i < m_points; ++i)
            sum += stress[i] * m_weight[i];
        return sum;
    }

private:
    static constexpr std::size_t kMost = 96;
    std::size_t m_points = 0;
    std::array<double, kMost> m_lnY, m_weight;
};

/// Cubic through tabulated values, slopes by differences of fourth order (second next to the ends).
Curve makeCurve(double from, double to, const std::vector<double>& y) {
    std::size_t i = 0;
    const double step = (to - from) / static_cast<double>(y.size() - 1);
    return Curve(from, to, y.size(), [&](double) {
        const std::size_t n = y.size() - 1, at = i++;
        const double slope = at == 0                  ? y[1] - y[0]
                             : at == n                ? y[n] - y[n - 1]
                             : at == 1 || at == n - 1 ? (y[at + 1] - y[at - 1]) / 2
                                                      : (8 * (y[at + 1] - y[at - 1]) - (y[at + 2] - y[at - 2])) / 12;
        return std::pair{y[at], slope / step};
    });
}

int tableOf(int strands) { return strands == 7 ? 3 : strands - 2; }
} // namespace

BendTable::BendTable(MaterialCard card, const std::stop_token& stop)
    : ductility(findDuctility(card)), m_card(std::move(card)), m_constants(calcConstants(m_card)) {
    const CyclicConstants& k = m_constants;
    const double E = m_card.youngs_MPa;

    const Curve lnStress(std::log(1e-12), std::log(2.0), 700, [&](double x) {
        const double e = std::exp(x), s = calcStress(k, E, e);
        const double plastic = std::pow(s / k.K_MPa, 1 / k.n);
        return std::pair{std::log(s), e / (s / E + plastic / k.n)};
    });
    checkStop(stop);
    const OffsetRule centred(0);
    m_moment = Curve(kLnLow, kLnHigh, kMomentNodes, [&](double x) {
        const double h = 1e-4;
        const double slope = (std::log(centred(lnStress, x + h)) - std::log(centred(lnStress, x - h))) / (2 * h);
        return std::pair{std::log(centred(lnStress, x)), slope};
    });
    checkStop(stop);
    // The moment's inverse, by Newton's method from the node below.
    const double lnLeast = m_moment(kLnLow), lnMost = m_moment(kLnHigh);
    double root = kLnLow;
    m_strain = Curve(lnLeast, lnMost, kMomentNodes, [&](double lnM) {
        const double h = 1e-5;
        double slope = 1;
        for (int i = 0; i < 30; ++i) {
            slope = (m_moment(root + h) - m_moment(root - h)) / (2 * h);
            const double step = (m_moment(root) - lnM) / slope;
            root -= step;
            if (std::abs(step) < 1e-13) break;
        }
        return std::pair{root, 1 / slope};
    });
    // The hold's curve is read off the moment's: exact in the inverse, no search.
    const auto set = [&](double lnE) { return std::exp(lnE) - 32 * moment(std::exp(lnE)) / (kPi * E); };
    m_hold = Curve(std::log(1e-7), std::log(0.1), 300, [&](double x) {
        const double h = 1e-5, y = findRoot([&](double m) { return set(m) - std::exp(x); }, x, kLnHigh + 1, 1e-15);
        return std::pair{y, set(y) * 2 * h / (set(y + h) - set(y - h))};
    });
    checkStop(stop);
    m_holdMoment = Curve(std::log(1e-7), std::log(0.1), 600, [&](double x) {
        const double h = 1e-5;
        return std::pair{m_moment(m_hold(x)), (m_moment(m_hold(x + h)) - m_moment(m_hold(x - h))) / (2 * h)};
    });
    m_life = Curve(std::log(1e-6), std::log(2.0), 300, [&](double x) {
        const double N = calcCycles(k, E, std::exp(x)), lnReversals = std::log(2 * N);
        const double a = k.sf_MPa / E * std::exp(k.b * lnReversals), p = k.ef * std::exp(k.c * lnReversals);
        return std::pair{std::log(N), (a + p) / (k.b * a + k.c * p)};
    });

    // Parallel bundles in their worst orientation, against as many strands bent by themselves.
    std::map<long, std::vector<double>> off; // moment at an offset, by strain; offsets that agree to 1e-9 are one
    const auto strainOf = [](std::size_t i) {
        return kLnLow + (kLnHigh - kLnLow) * static_cast<double>(i) / (kStrains - 1);
    };
    const auto offAt = [&](double offset) -> const std::vector<double>& {
        const auto [it, fresh] = off.try_emplace(std::lround(offset * 1e9));
        if (fresh) {
            const OffsetRule rule(offset);
            for (std::size_t i = 0; i < kStrains; ++i)
                it->second.push_back(rule(lnStress, strainOf(i)));
        }
        return it->second;
    };
    for (int n : {2, 3, 4, 7}) {
        const int helical = findHelical({n, 1, 0});
        const double radius = 2 * findStrandRadius({n, 1, 0});
        std::vector<double> best(kStrains, 0.0);
        constexpr int kScan = 12;
        for (int q = 0; q <= kScan; ++q) {
            checkStop(stop);
            std::vector<double> sum(kStrains, 0.0);
            for (int h = 0; h < helical; ++h) {
                const auto& at = offAt(std::abs(radius * std::sin(kPi / helical * q / kScan + 2 * kPi * h / helical)));
                for (std::size_t i = 0; i < kStrains; ++i)
                    sum[i] += at[i];
            }
            for (std::size_t i = 0; i < kStrains; ++i)
                best[i] = std::max(best[i], sum[i]);
        }
        for (std::size_t i = 0; i < kStrains; ++i)
            best[i] = std::log(best[i] / (helical * offAt(0)[i]));
        m_gain[static_cast<std::size_t>(tableOf(n))] = makeCurve(kLnLow, kLnHigh, best);
    }
}

double BendTable::moment(double e) const { return e <= 0 ? 0 : std::exp(m_moment(std::log(e))); }

double BendTable::strong(int strands, double e) const {
    if (e <= 0) return 0;
    const double weak = moment(e);
    if (strands == 1) return weak;
    return findHelical({strands, 1, 0}) * weak * std::exp(lnGain(strands, std::log(e)));
}

double BendTable::lnGain(int strands, double lnE) const {
    return strands == 1 ? 0 : m_gain[static_cast<std::size_t>(tableOf(strands))](std::clamp(lnE, kLnLow, kLnHigh));
}

double BendTable::holdMoment(double setStrain) const {
    return setStrain <= 0 ? 0 : std::exp(m_holdMoment(std::log(setStrain)));
}

double BendTable::strainAt(double m_MPa) const { return m_MPa <= 0 ? 0 : std::exp(m_strain(std::log(m_MPa))); }

double BendTable::holdStrain(double setStrain) const {
    return setStrain <= 0 ? 0 : std::exp(m_hold(std::log(setStrain)));
}

double BendTable::cycles(double amplitude) const { return std::exp(m_life(std::log(amplitude))); }

WireBend BendTable::findBend(const Bundle& bundle, const GapBend& bend) const {
    return detail::findWireBend(*this, m_card, bundle, bend);
}

} // namespace enkinet::wire
