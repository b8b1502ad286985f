#include "fill/things.h"
#include "base/units.h"
#include <algorithm>
#include <cmath>
#include <numeric>
#include <tuple>

namespace enkinet::fill {

using namespace body;

double findFeatureVolume(const Feature& f, double d) {
    switch (f.shape) {
    case FeatureShape::ball:
        return kPi / 6 * d * d * d;
    case FeatureShape::half_ball:
        return kPi / 12 * d * d * d;
    case FeatureShape::disc:
        return kPi / 4 * d * d * f.length_mm;
    case FeatureShape::cone:
        return kPi / 12 * d * d * f.length_mm;
    case FeatureShape::piece:
        break;
    }
    return 0;
}

double findBall(double volume) { return std::cbrt(6 * volume / kPi); }

std::vector<double> findSizes(double first, double last, int n, bool geometric) {
    std::vector<double> all;
    for (int i = 0; i < n; ++i) {
        const double t = n > 1 ? static_cast<double>(i) / (n - 1) : 0;
        all.push_back(last <= 0 ? first : geometric ? first * std::pow(last / first, t) : first + t * (last - first));
    }
    return all;
}

double findGirth(double a, double b) {
    const double h = std::pow((a - b) / (a + b), 2);
    return kPi * (a + b) * (1 + 3 * h / (10 + std::sqrt(4 - 3 * h)));
}

int findAlong(double length, double pitch) { return static_cast<int>(std::floor(length / pitch + 1e-9)) + 1; }
int findAround(double girth, double pitch) { return std::max(1, static_cast<int>(std::floor(girth / pitch + 1e-9))); }

std::pair<double, double> findSeat(const Feature& f) {
    const double d = f.first_mm;
    switch (f.shape) {
    case FeatureShape::ball: {
        const double depth = f.sunk * d;
        return {depth >= d / 2 ? d : 2 * std::sqrt(depth * (d - depth)), depth};
    }
    case FeatureShape::half_ball:
        // Its flat side lies inwards.
        return {d, f.sunk * d / 2};
    case FeatureShape::disc:
    case FeatureShape::cone:
        return {d, f.sunk * f.length_mm};
    case FeatureShape::piece:
        break;
    }
    return {d, f.sunk * d};
}

namespace {

struct Host {
    double length_mm = 0, girth_mm = 0;
    bool mirrored = false;
};

const Mass* massNamed(const Puppet& p, const std::string& id) {
    const auto m = std::find_if(p.masses.begin(), p.masses.end(), [&](const Mass& x) { return x.id == id; });
    return m == p.masses.end() ? nullptr : &*m;
}

/// What carries it in the end: a feature on a feature rides with the first one's host.
Spot rootOf(const Puppet& p, Spot s) {
    for (std::size_t i = 0; !s.feature.empty() && i <= p.things.features.size(); ++i) {
        const auto f = std::find_if(p.things.features.begin(), p.things.features.end(),
                                    [&](const Feature& x) { return x.id == s.feature; });
        if (f == p.things.features.end()) return {};
        s = f->on;
    }
    return s.feature.empty() ? s : Spot{};
}

Host hostOf(const Puppet& p, const Feature& f) {
    const Spot s = rootOf(p, f.on);
    const double middle = (f.at + f.to) / 2;
    Host h;
    if (const Mass* m = massNamed(p, s.mass)) {
        const double y = 2 * middle - 1, r = m->shape == MassShape::box ? 1 : std::sqrt(std::max(0.0, 1 - y * y));
        h.length_mm = 2 * m->half_mm.y;
        if (m->half_mm.x > 0 && m->half_mm.z > 0) h.girth_mm = r * findGirth(m->half_mm.x, m->half_mm.z);
        const Limb* l = findLimb(p, m->limb);
        h.mirrored = l && l->mirrored && m->side == Side::both;
        return h;
    }
    const Limb* l = findLimb(p, s.limb);
    if (!l) return h;
    const auto i = static_cast<std::size_t>(s.segment);
    h.length_mm = norm(l->joints[i + 1].at_mm - l->joints[i].at_mm);
    if (!l->segments[i].sections.empty()) {
        const Section st = findSection(l->segments[i].sections, middle);
        h.girth_mm = findGirth(st.a_mm, st.b_mm);
    }
    h.mirrored = l->mirrored;
    return h;
}

} // namespace

FeatureWork calcFeature(const Puppet& p, const Feature& f, const Shelf& shelf) {
    FeatureWork w;
    const Host h = hostOf(p, f);
    w.sides = h.mirrored && f.side == Side::both ? 2 : 1;
    w.alongCount = f.pitch_mm > 0 ? std::min(5000, findAlong((f.to - f.at) * h.length_mm, f.pitch_mm)) : f.count;
    if (f.rowPitch_mm > 0 && h.girth_mm > 0) w.rows = std::min(5000, findAround(h.girth_mm, f.rowPitch_mm));
    w.sizes_mm = findSizes(f.first_mm, f.last_mm, w.alongCount, f.geometric);
    const auto clay = shelf.clays.find(f.clay);
    const double density = clay != shelf.clays.end() ? gPerCm3ToGPerMm3(clay->second.density_g_cm3) : 0;
    const auto gramsOf = [&](double size) { return f.mass_g > 0 ? f.mass_g : findFeatureVolume(f, size) * density; };
    for (double size : w.sizes_mm)
        w.mass_g += gramsOf(size) * w.rows * w.sides;
    w.first_g = gramsOf(w.sizes_mm.front()), w.last_g = gramsOf(w.sizes_mm.back());
    w.ball_mm = findBall(findFeatureVolume(f, w.sizes_mm.front()));
    w.ballLast_mm = findBall(findFeatureVolume(f, w.sizes_mm.back()));
    std::tie(w.seat_mm, w.seatDepth_mm) = findSeat(f);
    w.minutes = w.least_min = w.most_min = w.breakEven = std::nan("");
    if (!f.timed_s.empty()) {
        const double n = w.count() + f.spares;
        const double mean =
            std::accumulate(f.timed_s.begin(), f.timed_s.end(), 0.0) / static_cast<double>(f.timed_s.size());
        const auto [lo, hi] = std::minmax_element(f.timed_s.begin(), f.timed_s.end());
        w.minutes = n * mean / 60;
        // One sample says little: a third more or less.
        w.least_min = n * (f.timed_s.size() > 1 ? *lo : mean * (1 - kTimedSpread)) / 60;
        w.most_min = n * (f.timed_s.size() > 1 ? *hi : mean * (1 + kTimedSpread)) / 60;
        if (f.tool_min > 0 && f.toolEach_s < mean) w.breakEven = std::ceil(f.tool_min * 60 / (mean - f.toolEach_s));
    }
    return w;
}

void putPiece(Part& part, double grams, const Vec3& centre) {
    if (grams <= 0) return;
    const double all = part.piece.mass_g + grams;
    part.piece.centre = (part.piece.mass_g / all) * part.piece.centre + (grams / all) * centre;
    part.piece.mass_g = all;
}

Vec3 findPropPlace(const Skeleton& s, const Part& hand) {
    return hand.mass >= 0 ? s.masses[static_cast<std::size_t>(hand.mass)].at
                          : s.links[static_cast<std::size_t>(hand.link)].to;
}

namespace {

/// On the host's surface, round from the front towards the left (on the right twin towards its right).
Vec3 onSegment(const Feature& f, const Segment& segment, const Link& link, bool right) {
    const double middle = (f.at + f.to) / 2;
    const Vec3 axis = link.from + middle * (link.to - link.from);
    // All round: its middle is the axis.
    if (segment.sections.empty() || f.rowPitch_mm > 0) return axis;
    const Section st = findSection(segment.sections, middle);
    const Frame fr = findFrame(link);
    const double t = degToRad(f.angle_deg), towardsFront = fr.b.z < 0 ? -1 : 1, towardsLeft = fr.a.x < 0 ? -1 : 1;
    return axis + st.b_mm * std::cos(t) * towardsFront * fr.b +
           st.a_mm * std::sin(t) * towardsLeft * (right ? -1 : 1) * fr.a;
}

Vec3 onMass(const Feature& f, const Mass& m, const MassCopy& c) {
    const double y = f.at + f.to - 1, t = degToRad(f.angle_deg), side = c.right ? -1 : 1;
    const double r = f.rowPitch_mm > 0 ? 0 : m.shape == MassShape::box ? 1 : std::sqrt(std::max(0.0, 1 - y * y));
    return c.at + side * r * m.half_mm.x * std::sin(t) * c.axes[0] + y * m.half_mm.y * c.axes[1] +
           r * m.half_mm.z * std::cos(t) * c.axes[2];
}

} // namespace

double findSheetMass(const Sheet& x, const Shelf& shelf) {
    const double area = x.length_mm * x.width_mm;
    double grams = 0;
    if (const auto c = shelf.clays.find(x.clay); c != shelf.clays.end())
        grams += area * x.thickness_mm * gPerCm3ToGPerMm3(c->second.density_g_cm3);
    if (const auto c = shelf.covers.find(x.cover); c != shelf.covers.end()) grams += area * c->second.mass_g_m2 * 1e-6;
    return grams;
}

std::vector<int> findHosts(const Puppet& p, const Spot& spot, Side side, const Skeleton& s,
                           const std::vector<Part>& parts) {
    const Spot on = rootOf(p, spot);
    std::vector<int> all;
    for (std::size_t i = 0; i < parts.size(); ++i) {
        const Part& part = parts[i];
        const Link& link = s.links[static_cast<std::size_t>(part.link)];
        const LimbCopy& copy = s.copies[static_cast<std::size_t>(link.copy)];
        const Limb& limb = p.limbs[static_cast<std::size_t>(copy.limb)];
        bool right = copy.right, twice = limb.mirrored;
        if (part.mass >= 0) {
            const MassCopy& c = s.masses[static_cast<std::size_t>(part.mass)];
            const Mass& m = p.masses[static_cast<std::size_t>(c.mass)];
            if (on.mass.empty() || m.id != on.mass) continue;
            right = c.right, twice = twice && m.side == Side::both;
        } else if (!on.mass.empty() || limb.id != on.limb || link.segment != on.segment) {
            continue;
        }
        if (!twice || side == Side::both || (side == Side::right) == right) all.push_back(static_cast<int>(i));
    }
    return all;
}

std::vector<FeaturePoint> findFeaturePoints(const Puppet& p, const Feature& feature, const FeatureWork& w,
                                            const Skeleton& s, const std::vector<Part>& parts, std::size_t most) {
    std::vector<FeaturePoint> all;
    for (int host : findHosts(p, feature.on, feature.side, s, parts)) {
        const Part& part = parts[static_cast<std::size_t>(host)];
        const Link& link = s.links[static_cast<std::size_t>(part.link)];
        const LimbCopy& copy = s.copies[static_cast<std::size_t>(link.copy)];
        const Limb& limb = p.limbs[static_cast<std::size_t>(copy.limb)];
        const MassCopy* mass = part.mass >= 0 ? &s.masses[static_cast<std::size_t>(part.mass)] : nullptr;
        const bool right = mass ? mass->right : copy.right;
        Feature one = feature;
        one.rowPitch_mm = 0;
        for (int k = 0; k < w.alongCount; ++k)
            for (int row = 0; row < w.rows && all.size() < most; ++row) {
                const double t = w.alongCount > 1 ? static_cast<double>(k) / (w.alongCount - 1) : 0.5;
                one.at = one.to = feature.at + t * (feature.to - feature.at);
                one.angle_deg = feature.angle_deg + 360.0 * row / w.rows;
                FeaturePoint x;
                x.part = host, x.size_mm = w.sizes_mm[static_cast<std::size_t>(k)];
                if (mass) {
                    x.at = onMass(one, p.masses[static_cast<std::size_t>(mass->mass)], *mass);
                    x.out = unit(x.at - mass->at);
                } else {
                    x.at = onSegment(one, limb.segments[static_cast<std::size_t>(link.segment)], link, right);
                    x.out = unit(x.at - (link.from + one.at * (link.to - link.from)));
                }
                all.push_back(x);
            }
    }
    return all;
}

void addThings(const Puppet& p, const Skeleton& s, const Shelf& shelf, std::vector<Part>& parts) {
    const auto linkOf = [&](const Part& part) -> const Link& { return s.links[static_cast<std::size_t>(part.link)]; };
    for (const Feature& f : p.things.features) {
        const FeatureWork w = calcFeature(p, f, shelf);
        for (int host : findHosts(p, f.on, f.side, s, parts)) {
            Part& part = parts[static_cast<std::size_t>(host)];
            const Link& l = linkOf(part);
            const LimbCopy& copy = s.copies[static_cast<std::size_t>(l.copy)];
            Vec3 centre;
            if (part.mass >= 0) {
                const MassCopy& c = s.masses[static_cast<std::size_t>(part.mass)];
                centre = onMass(f, p.masses[static_cast<std::size_t>(c.mass)], c);
            } else {
                const Limb& limb = p.limbs[static_cast<std::size_t>(copy.limb)];
                centre = onSegment(f, limb.segments[static_cast<std::size_t>(l.segment)], l, copy.right);
            }
            putPiece(part, w.mass_g / w.sides, centre);
        }
    }
    for (const Prop& x : p.things.props)
        for (int host : findHosts(p, x.hand, x.side, s, parts)) {
            Part& part = parts[static_cast<std::size_t>(host)];
            putPiece(part, x.mass_g, findPropPlace(s, part));
        }
    for (const Sheet& x : p.things.sheets)
        for (int host : findHosts(p, x.on, Side::both, s, parts)) {
            Part& part = parts[static_cast<std::size_t>(host)];
            putPiece(part, findSheetMass(x, shelf),
                     part.mass >= 0 ? s.masses[static_cast<std::size_t>(part.mass)].at
                                    : 0.5 * (linkOf(part).from + linkOf(part).to));
        }
    // A slot is built for the heaviest that it may carry; two are never on it together.
    for (Part& part : parts) {
        if (part.mass < 0) continue;
        const MassCopy& c = s.masses[static_cast<std::size_t>(part.mass)];
        double heaviest = 0;
        for (const Variant& v : p.things.variants)
            if (v.mass == p.masses[static_cast<std::size_t>(c.mass)].id) heaviest = std::max(heaviest, v.weighed_g);
        putPiece(part, heaviest - part.mass_g(), c.at);
    }
}

} // namespace enkinet::fill
