#include "wire/whip.h"
#include "base/check.h"
#include "base/numeric.h"
#include "wire/bend_detail.h"

namespace enkinet::wire {

namespace {

/// One point of Gauss's rule on an element.
struct Point {
    double at = 0, weight_mm = 0; ///< share of the length; length that it stands for
    int level = 0;                ///< how many times strands have ended before it
    double load = 0;              ///< moment over that at the root
};

template <class Functions> class Solver {
public:
    Solver(const Functions& f, const MaterialCard& card, const Whip& whip, const GapBend& g)
        : m_f(f), m_card(card), m_whip(whip), m_g(g), m_d(whip.bundle.diameter_mm) {
        m_levels.push_back(whip.bundle);
        for (const WhipEnd& e : whip.ends) {
            Bundle b = whip.bundle;
            b.strands = e.strands;
            if (b.strands == 1) b.lay_mm = 0;
            m_levels.push_back(b);
        }
        for (const Bundle& b : m_levels)
            m_EI.push_back(detail::findEI(card, b));
        divide();
    }

    WireBend run() {
        WireBend r;
        const double angle = m_g.angle_rad, length = m_g.gap_mm;
        r.twistStrain = findTwistStrain(m_whip.bundle);
        r.twistDamage = std::max(r.twistStrain / m_f.ductility, m_g.spunDamage);
        const bool byTip = m_whip.posing == Posing::by_tip;
        // The moment at the root that turns the tip so far; at its largest the outer strain is at the limit.
        const double most = momentAt(0, 2 * kStrainLimit / m_d);
        const auto turn = [&](double M) {
            return sum([&](const Point& p) { return curvatureAt(p.level, M * (1 - p.at)); });
        };
        if (byTip ? turn(most) < angle : angle / length * m_d / 2 > kStrainLimit) {
            r.outerStrain = byTip ? 2 * kStrainLimit : angle / length * m_d / 2;
            return r;
        }
        const double M = byTip ? solve(turn, angle, most) : momentAt(0, angle / length);
        const auto momentOf = [&](double at, int level) {
            return byTip ? M * (1 - at) : momentAt(level, angle / length);
        };
        const auto curvatureOf = [&](double at, int level) {
            return byTip ? curvatureAt(level, M * (1 - at)) : angle / length;
        };
        double largest = curvatureOf(0, 0);
        for (std::size_t i = 0; i < m_whip.ends.size(); ++i)
            largest = std::max(largest, curvatureOf(m_whip.ends[i].at_mm / length, static_cast<int>(i) + 1));
        r.bent_mm = angle / largest;
        r.outerStrain = largest * m_d / 2;
        if (!(r.outerStrain <= kStrainLimit)) return r;
        r.lock = findLock(m_whip.bundle, r.bent_mm);
        const detail::Bending root = detail::findBending(m_f, m_whip.bundle, angle / curvatureOf(0, 0), angle);
        r.weak_Nmm = M, r.strong_Nmm = M * root.strong_Nmm / root.weak_Nmm;
        r.springback_rad = sum([&](const Point& p) {
            const auto level = static_cast<std::size_t>(p.level);
            return momentOf(p.at, p.level) / m_EI[level] * detail::findHelixGive(m_card, m_levels[level]);
        });
        r.hold_Nmm = solve(
            [&](double m) {
                return sum([&](const Point& p) {
                    return curvatureAt(p.level, m * p.load) - m * p.load / m_EI[static_cast<std::size_t>(p.level)];
                });
            },
            m_g.set_rad, momentAt(0, 2 * kStrainLimit / m_d));
        // The root and each place where strands end: between them the curvature only falls.
        const auto amplitude = [&](double kappa, const Bundle& b, double edge, OptionalNumber& factor) {
            factor = findStrainFactor(b, r.bent_mm);
            return edge * kappa / angle / 2 * m_d / 2 * factor;
        };
        r.amplitudePerRad = amplitude(curvatureOf(0, 0), m_whip.bundle, m_g.edge, r.strainFactor);
        for (std::size_t i = 0; i < m_whip.ends.size(); ++i) {
            OptionalNumber factor = 0;
            const double a = amplitude(curvatureOf(m_whip.ends[i].at_mm / length, static_cast<int>(i) + 1),
                                       m_levels[i + 1], kNoEdge, factor);
            // What is not predicted at one place is not predicted for the whip.
            if (!(a <= r.amplitudePerRad)) r.amplitudePerRad = a, r.strainFactor = factor;
            if (std::isnan(a)) break;
        }
        detail::addLives(m_f, m_g, r);
        return r;
    }

private:
    void divide() {
        std::vector<double> nodes{0};
        for (int i = 1; i <= m_whip.elements; ++i)
            nodes.push_back(std::pow(static_cast<double>(i) / m_whip.elements, 2));
        for (const WhipEnd& e : m_whip.ends)
            nodes.push_back(e.at_mm / m_g.gap_mm);
        std::sort(nodes.begin(), nodes.end());
        const double gauss = 1 / std::sqrt(3.0);
        for (std::size_t i = 0; i + 1 < nodes.size(); ++i) {
            const double half = (nodes[i + 1] - nodes[i]) / 2, middle = (nodes[i + 1] + nodes[i]) / 2;
            if (half <= 0) continue;
            int level = 0;
            while (level < static_cast<int>(m_whip.ends.size()) &&
                   middle * m_g.gap_mm > m_whip.ends[static_cast<std::size_t>(level)].at_mm)
                ++level;
            for (double side : {-gauss, gauss}) {
                Point p{middle + side * half, half * m_g.gap_mm, level, 0};
                p.load = loadAt(p.at);
                m_points.push_back(p);
            }
        }
    }

    double loadAt(double at) const {
        if (m_whip.load.size() < 2) return 1 - at;
        const double u = at * static_cast<double>(m_whip.load.size() - 1);
        const auto i = std::min(static_cast<std::size_t>(u), m_whip.load.size() - 2);
        const double t = u - static_cast<double>(i);
        return m_whip.load[i] * (1 - t) + m_whip.load[i + 1] * t;
    }

    template <class Of> double sum(Of of) const {
        double s = 0;
        for (const Point& p : m_points)
            s += p.weight_mm * of(p);
        return s;
    }

    /// Moment of the bundle at a curvature: each strand on its own length.
    double momentAt(int level, double kappa) const {
        return m_d * m_d * m_d * detail::sumStrands(m_levels[static_cast<std::size_t>(level)], 1, [&](double stretch) {
                   return m_f.moment(kappa / stretch * m_d / 2);
               });
    }
    /// Its inverse. A core bends a little more than the strands round it: between the two answers that leave the
    /// difference out lies the root.
    double curvatureAt(int level, double M) const {
        if (M <= 0) return 0;
        const Bundle& b = m_levels[static_cast<std::size_t>(level)];
        const double straight = 2 / m_d * m_f.strainAt(M / (b.strands * m_d * m_d * m_d));
        if (!findCore(b)) return straight * findTakeUp(b);
        return findRoot([&](double x) { return momentAt(level, x) - M; }, straight, straight * findTakeUp(b), 1e-12);
    }

    /// Root of a rising function that starts at 0, below `most`, on logarithms: the curves are near to powers. Where
    /// even `most` does not reach the target, `most`.
    template <class Of> static double solve(Of of, double target, double most) {
        double hi = std::log(most), fhi = std::log(of(most) / target);
        if (!(fhi > 0)) return most;
        double lo = hi - std::log(2.0), flo = 0;
        while ((flo = std::log(of(std::exp(lo)) / target)) > 0 && lo > hi - 60)
            hi = lo, fhi = flo, lo -= std::log(2.0);
        // Nothing at all below: halved until there is something to draw a line from.
        for (int i = 0; i < 80 && !std::isfinite(flo); ++i) {
            const double x = (lo + hi) / 2, fx = std::log(of(std::exp(x)) / target);
            fx > 0 ? hi = x : (flo = fx, lo = x);
        }
        return std::exp(findRoot([&](double x) { return std::log(of(std::exp(x)) / target); }, lo, hi));
    }

    const Functions& m_f;
    const MaterialCard& m_card;
    const Whip& m_whip;
    const GapBend& m_g;
    const double m_d;
    std::vector<Bundle> m_levels;
    std::vector<double> m_EI;
    std::vector<Point> m_points;
};

void check(const Whip& whip, const GapBend& bend) {
    ENKINET_ASSERT(whip.elements > 0 && bend.gap_mm > 0);
    double before = 0;
    for (const WhipEnd& e : whip.ends) {
        ENKINET_ASSERT(e.at_mm > before && e.at_mm < bend.gap_mm && e.strands <= whip.bundle.strands);
        before = e.at_mm;
    }
}

} // namespace

WireBend calcWhipBend(const MaterialCard& card, const Whip& whip, const GapBend& bend) {
    check(whip, bend);
    const detail::ExactFunctions f(card);
    return Solver(f, card, whip, bend).run();
}

WireBend findWhipBend(const BendTable& table, const Whip& whip, const GapBend& bend) {
    check(whip, bend);
    return Solver(table, table.card(), whip, bend).run();
}

double findWhipReach(const BendTable& table, double diameter_mm, Posing posing, const GapBend& bend) {
    Whip one;
    one.bundle.diameter_mm = diameter_mm, one.posing = posing;
    return findWhipBend(table, one, bend).bent_mm;
}

} // namespace enkinet::wire
