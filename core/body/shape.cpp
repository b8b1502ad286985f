#include "body/shape.h"
#include "base/units.h"
#include <algorithm>
#include <array>
#include <cmath>

namespace enkinet::body {

namespace {

constexpr double kGauss2 = 0.5773502691896257; // 1/sqrt(3)

bool insideTube(const std::vector<Section>& sections, const Link& link, const Vec3& p) {
    if (sections.empty()) return false;
    const Frame f = findFrame(link);
    const Vec3 d = p - link.from;
    const double t = dot(d, f.along) / link.length_mm;
    if (t < 0 || t > 1) return false;
    const Section s = findSection(sections, t);
    const double u = dot(d, f.a) / s.a_mm, v = dot(d, f.b) / s.b_mm;
    return u * u + v * v < 1;
}

/// Interval of shares of a link's axis inside a mass; empty when from >= to.
Stretch axisInside(const Mass& m, const Vec3& at, const Link& link, double inset) {
    const Vec3 h{m.half_mm.x - inset, m.half_mm.y - inset, m.half_mm.z - inset};
    if (m.shape == MassShape::weighed || h.x <= 0 || h.y <= 0 || h.z <= 0) return {0, 0};
    const Vec3 o = link.from - at, d = link.to - link.from;
    double low = 0, high = 1;
    if (m.shape == MassShape::ellipsoid) {
        const Vec3 p{o.x / h.x, o.y / h.y, o.z / h.z}, q{d.x / h.x, d.y / h.y, d.z / h.z};
        const double A = dot(q, q), B = dot(p, q), C = dot(p, p) - 1, D = B * B - A * C;
        if (D <= 0) return {0, 0};
        low = std::max(low, (-B - std::sqrt(D)) / A), high = std::min(high, (-B + std::sqrt(D)) / A);
    } else {
        const double os[] = {o.x, o.y, o.z}, ds[] = {d.x, d.y, d.z}, hs[] = {h.x, h.y, h.z};
        for (int i = 0; i < 3; ++i) {
            if (ds[i] == 0) {
                if (std::abs(os[i]) >= hs[i]) return {0, 0};
                continue;
            }
            const double a = (-hs[i] - os[i]) / ds[i], b = (hs[i] - os[i]) / ds[i];
            low = std::max(low, std::min(a, b)), high = std::min(high, std::max(a, b));
        }
    }
    return low < high ? Stretch{low, high} : Stretch{0, 0};
}

} // namespace

Section findSection(const std::vector<Section>& s, double at) {
    ENKINET_ASSERT(!s.empty());
    if (at <= s.front().at) return {at, s.front().a_mm, s.front().b_mm};
    for (std::size_t i = 1; i < s.size(); ++i)
        if (at <= s[i].at) {
            const double t = (at - s[i - 1].at) / (s[i].at - s[i - 1].at);
            return {at, s[i - 1].a_mm + t * (s[i].a_mm - s[i - 1].a_mm),
                    s[i - 1].b_mm + t * (s[i].b_mm - s[i - 1].b_mm)};
        }
    return {at, s.back().a_mm, s.back().b_mm};
}

double findSkin(const Segment& seg, double at) {
    const auto& s = seg.sections;
    ENKINET_ASSERT(!s.empty());
    const auto here = [&](std::size_t i) { return s[i].skin_mm.value_or(seg.layers.skin_mm); };
    if (at <= s.front().at) return here(0);
    for (std::size_t i = 1; i < s.size(); ++i)
        if (at <= s[i].at) return here(i - 1) + (at - s[i - 1].at) / (s[i].at - s[i - 1].at) * (here(i) - here(i - 1));
    return here(s.size() - 1);
}

double findCoats(const Layers& layers) {
    double sum = 0;
    for (const Coat& c : layers.coats)
        sum += c.thickness_mm;
    return sum;
}

double findInset(const Layers& l, Surface surface) {
    if (surface == Surface::finished) return 0;
    const double outside = l.cover.empty() ? 0 : l.cover_mm;
    return surface == Surface::clay || l.clay.empty() ? outside : outside + l.skin_mm + findCoats(l);
}

namespace {

/// Under the cover and, where that is wanted, under the skin and so much more.
std::vector<Shell> shellsUnder(const Segment& seg, bool skin, double deeper_mm) {
    const Layers& l = seg.layers;
    const auto shell = [&](double from, double to, double outside) {
        Shell one{from, to, seg.sections};
        for (Section& s : one.sections) {
            const double in = outside + (skin ? s.skin_mm.value_or(l.skin_mm) + deeper_mm : 0);
            s.a_mm -= in, s.b_mm -= in;
        }
        return one;
    };
    if (l.cover.empty()) return {shell(0, 1, 0)};
    std::vector<Shell> all;
    if (l.coverFrom > 0) all.push_back(shell(0, l.coverFrom, 0));
    all.push_back(shell(l.coverFrom, l.coverTo, l.cover_mm));
    if (l.coverTo < 1) all.push_back(shell(l.coverTo, 1, 0));
    return all;
}

} // namespace

std::vector<Shell> findShells(const Segment& seg, Surface surface) {
    if (seg.sections.empty()) return {};
    if (surface == Surface::finished) return {{0, 1, seg.sections}};
    return shellsUnder(seg, surface == Surface::core && !seg.layers.clay.empty(), findCoats(seg.layers));
}

std::vector<Shell> findCoatShells(const Segment& seg, std::size_t coat) {
    if (seg.sections.empty()) return {};
    const std::vector<Coat>& coats = seg.layers.coats;
    double deeper = 0;
    for (std::size_t k = coat + 1; k < coats.size(); ++k)
        deeper += coats[k].thickness_mm;
    return shellsUnder(seg, coat < coats.size(), deeper);
}

TubeIntegral calcTube(const std::vector<Shell>& shells, double length_mm, double from, double to) {
    TubeIntegral all{0, (from + to) / 2};
    double moment = 0;
    for (const Shell& s : shells) {
        const Stretch part = findCommon({s.from, s.to}, {from, to});
        const TubeIntegral t = calcTube(s.sections, length_mm, part.from, part.to, 0);
        all.volume_mm3 += t.volume_mm3, moment += t.volume_mm3 * t.centre;
    }
    if (all.volume_mm3 > 0) all.centre = moment / all.volume_mm3;
    return all;
}

TubeIntegral calcTube(const std::vector<Section>& sections, double length_mm, double from, double to, double inset) {
    TubeIntegral r{0, (from + to) / 2};
    if (sections.empty() || to <= from) return r;
    // Break where a section stands and where an inset half-width reaches 0: between breaks the area is a quadratic.
    std::vector<double> breaks{from, to};
    for (std::size_t i = 0; i < sections.size(); ++i) {
        breaks.push_back(sections[i].at);
        if (i == 0) continue;
        const Section &p = sections[i - 1], &q = sections[i];
        for (auto side : {&Section::a_mm, &Section::b_mm}) {
            const double u = p.*side - inset, v = q.*side - inset;
            if (u * v < 0) breaks.push_back(p.at + (q.at - p.at) * u / (u - v));
        }
    }
    std::sort(breaks.begin(), breaks.end());
    double moment = 0;
    for (std::size_t i = 1; i < breaks.size(); ++i) {
        const double lo = std::max(from, breaks[i - 1]), hi = std::min(to, breaks[i]);
        if (hi <= lo) continue;
        for (double g : {-kGauss2, kGauss2}) {
            const double t = (lo + hi) / 2 + g * (hi - lo) / 2;
            const Section s = findSection(sections, t);
            const double area = kPi * std::max(0.0, s.a_mm - inset) * std::max(0.0, s.b_mm - inset);
            const double w = area * (hi - lo) / 2 * length_mm;
            r.volume_mm3 += w;
            moment += w * t;
        }
    }
    if (r.volume_mm3 > 0) r.centre = moment / r.volume_mm3;
    return r;
}

double calcTubeSurface(const std::vector<Section>& sections, double L, double from, double to) {
    if (sections.empty() || to <= from) return 0;
    constexpr int kAround = 64;
    // Five Gauss points along each stretch.
    constexpr double x[] = {0, 0.5384693101056831, -0.5384693101056831, 0.9061798459386640, -0.9061798459386640};
    constexpr double w[] = {0.5688888888888889, 0.4786286704993665, 0.4786286704993665, 0.2369268850561891,
                            0.2369268850561891};
    double sum = 0;
    for (std::size_t i = 1; i < sections.size(); ++i) {
        const Section &p = sections[i - 1], &q = sections[i];
        const double lo = std::max(from, p.at), hi = std::min(to, q.at);
        if (hi <= lo) continue;
        const double da = (q.a_mm - p.a_mm) / ((q.at - p.at) * L), db = (q.b_mm - p.b_mm) / ((q.at - p.at) * L);
        for (int g = 0; g < 5; ++g) {
            const Section s = findSection(sections, (lo + hi) / 2 + x[g] * (hi - lo) / 2);
            double around = 0;
            for (int k = 0; k < kAround; ++k) {
                const double u = 2 * kPi * k / kAround, c = std::cos(u), n = std::sin(u);
                // |r_s x r_u| of r = (a cos u, b sin u, s).
                const double cross = s.b_mm * da * c * c + s.a_mm * db * n * n;
                around += std::sqrt(s.b_mm * s.b_mm * c * c + s.a_mm * s.a_mm * n * n + cross * cross);
            }
            sum += w[g] * (hi - lo) / 2 * L * around * 2 * kPi / kAround;
        }
    }
    return sum;
}

double calcEllipsoidVolume(const Vec3& h) { return 4.0 / 3 * kPi * h.x * h.y * h.z; }

double calcEllipsoidSurface(const Vec3& h) {
    // Gauss-Legendre along the axis in t = cos v, trapezoid around: both converge fast on a smooth closed surface.
    constexpr int kAround = 96, kAlong = 40;
    static const std::array<std::pair<double, double>, kAlong> nodes = [] {
        std::array<std::pair<double, double>, kAlong> all;
        for (int i = 0; i < kAlong; ++i) {
            double x = std::cos(kPi * (i + 0.75) / (kAlong + 0.5)), slope = 1;
            for (int k = 0; k < 60; ++k) {
                double p0 = 1, p1 = x;
                for (int m = 2; m <= kAlong; ++m) {
                    const double p2 = ((2 * m - 1) * x * p1 - (m - 1) * p0) / m;
                    p0 = p1, p1 = p2;
                }
                slope = kAlong * (x * p1 - p0) / (x * x - 1);
                x -= p1 / slope;
            }
            all[static_cast<std::size_t>(i)] = {x, 2 / ((1 - x * x) * slope * slope)};
        }
        return all;
    }();
    double sum = 0;
    for (const auto& [t, weight] : nodes) {
        const double s = std::sqrt(1 - t * t);
        double ring = 0;
        for (int k = 0; k < kAround; ++k) {
            const double u = 2 * kPi * k / kAround;
            ring += norm({h.y * h.z * s * std::cos(u), h.x * h.z * s * std::sin(u), h.x * h.y * t});
        }
        sum += weight * ring * 2 * kPi / kAround;
    }
    return sum;
}

Frame findFrame(const Link& link) { return {unit(link.to - link.from), link.a, link.b}; }

std::vector<Stretch> calcOwnStretches(const Puppet& puppet, const Skeleton& s, const std::stop_token& stop) {
    std::vector<Stretch> own(s.links.size());
    const auto segmentOf = [&](const Link& l) -> const Segment& {
        return puppet.limbs[static_cast<std::size_t>(s.copies[static_cast<std::size_t>(l.copy)].limb)]
            .segments[static_cast<std::size_t>(l.segment)];
    };
    for (std::size_t i = 0; i < s.links.size(); ++i) {
        checkStop(stop);
        const Link& link = s.links[i];
        const int parent = s.copies[static_cast<std::size_t>(link.copy)].hangsOn;
        // The axis, and a good part of the section with it, looked at on rings of equal area: a broad thin limb whose
        // axis dips into its parent is not swallowed for that.
        const auto insideParent = [&](const Vec3& q) {
            return std::any_of(s.links.begin(), s.links.end(), [&](const Link& other) {
                return other.copy == parent && insideTube(segmentOf(other).sections, other, q);
            });
        };
        const auto inParent = [&](double t) {
            const Vec3 p = link.from + t * (link.to - link.from);
            if (!insideParent(p)) return false;
            const auto& sections = segmentOf(link).sections;
            const Section here = sections.empty() ? Section{} : findSection(sections, t);
            const Frame f = findFrame(link);
            int in = 0, all = 0;
            for (const double ring : {0.0, 0.4, 0.7, 0.92})
                for (int k = 0; k < (ring == 0 ? 1 : 12); ++k) {
                    const double u = 2 * kPi * k / 12;
                    const Vec3 q = p + ring * here.a_mm * std::cos(u) * f.a + ring * here.b_mm * std::sin(u) * f.b;
                    in += insideParent(q);
                    ++all;
                }
            return 10 * in > all;
        };
        if (parent >= 0 && inParent(0)) {
            constexpr int kSteps = 64;
            int k = 1;
            while (k <= kSteps && inParent(static_cast<double>(k) / kSteps))
                ++k;
            double lo = (k - 1.0) / kSteps, hi = std::min(1.0, static_cast<double>(k) / kSteps);
            for (int n = 0; n < 50; ++n)
                (inParent((lo + hi) / 2) ? lo : hi) = (lo + hi) / 2;
            own[i].from = k > kSteps ? 1 : (lo + hi) / 2;
        }
        for (const MassCopy& m : s.masses) {
            if (s.links[static_cast<std::size_t>(m.link)].copy != link.copy) continue;
            const Stretch in = axisInside(puppet.masses[static_cast<std::size_t>(m.mass)], m.at, link, 0);
            if (in.length() <= 0) continue;
            if (in.to >= 1) own[i].to = std::min(own[i].to, in.from);
            if (in.from <= 0) own[i].from = std::max(own[i].from, in.to);
        }
        if (own[i].to < own[i].from) own[i].to = own[i].from;
    }
    return own;
}

Stretch findStiff(const Link& l) { return {l.gapFrom_mm / 2 / l.length_mm, 1 - l.gapTo_mm / 2 / l.length_mm}; }

Stretch findCommon(Stretch a, Stretch b) {
    const Stretch c{std::max(a.from, b.from), std::min(a.to, b.to)};
    return c.to > c.from ? c : Stretch{c.from, c.from};
}

bool isInside(const Segment& segment, const Link& link, const Vec3& p) { return insideTube(segment.sections, link, p); }

bool isInside(const Mass& m, const MassCopy& copy, const Vec3& p) {
    if (m.shape == MassShape::weighed) return false;
    double sum = 0, most = 0;
    const double half[] = {m.half_mm.x, m.half_mm.y, m.half_mm.z};
    for (std::size_t i = 0; i < 3; ++i) {
        const double u = dot(p - copy.at, copy.axes[i]) / half[i];
        sum += u * u, most = std::max(most, std::abs(u));
    }
    return m.shape == MassShape::box ? most < 1 : sum < 1;
}

double findAxisInside(const Mass& mass, const Vec3& at, const Link& link, double inset) {
    return axisInside(mass, at, link, inset).length() * link.length_mm;
}

} // namespace enkinet::body
