#include "load/statics.h"
#include "base/units.h"
#include "wire/bend.h"
#include <algorithm>
#include <cmath>

namespace enkinet::load {

using namespace body;

namespace {

struct Split {
    double bending, torsion;
    double equivalent() const { return wire::findEquivalentMoment(bending, torsion); }
};

Split split(const Vec3& moment, const Vec3& wire) {
    const double t = dot(moment, wire);
    return {norm(moment - t * wire), std::abs(t)};
}

Vec3 tilted(double lean, double azimuth) {
    return {std::sin(lean) * std::cos(azimuth), -std::cos(lean), std::sin(lean) * std::sin(azimuth)};
}

/// Largest equivalent moment over all directions of the lean: a scan by degrees, then a golden section.
Split worstLean(const Vec3& first_gmm, const Vec3& wire, double lean) {
    const auto at = [&](double azimuth) {
        return split(kNewtonPerGram * cross(first_gmm, tilted(lean, azimuth)), wire);
    };
    constexpr int kScan = 360;
    double best = -1, where = 0;
    for (int i = 0; i < kScan; ++i) {
        const double phi = 2 * kPi * i / kScan, e = at(phi).equivalent();
        if (e > best) best = e, where = phi;
    }
    double lo = where - 2 * kPi / kScan, hi = where + 2 * kPi / kScan;
    const double golden = (std::sqrt(5.0) - 1) / 2;
    for (int i = 0; i < 40; ++i) {
        const double a = hi - golden * (hi - lo), b = lo + golden * (hi - lo);
        (at(a).equivalent() > at(b).equivalent() ? hi : lo) = at(a).equivalent() > at(b).equivalent() ? b : a;
    }
    return at((lo + hi) / 2);
}

/// Longest level distance of a mass from a hinge when every joint between them straightens.
double reach(const Skeleton& s, int hinge, const PointMass& m) {
    Vec3 from = m.at;
    double sum = 0;
    for (int body = m.body;;) {
        const int h = s.parentHinge[static_cast<std::size_t>(body)];
        const Hinge& up = s.hinges[static_cast<std::size_t>(h)];
        sum += norm(from - up.at);
        if (h == hinge) return sum;
        from = up.at;
        body = s.parentBody[static_cast<std::size_t>(body)];
    }
}

} // namespace

Vec3 calcMoment(const std::vector<PointMass>& masses, const Vec3& about, const Vec3& down) {
    Vec3 first;
    for (const PointMass& m : masses)
        first = first + m.mass_g * (m.at - about);
    return kNewtonPerGram * cross(first, down);
}

std::vector<HingeLoad> calcLoads(const Skeleton& s, const std::vector<PointMass>& masses, double lean_rad) {
    std::vector<int> supportBodies;
    for (int link : s.supportLinks)
        supportBodies.push_back(s.links[static_cast<std::size_t>(link)].body);
    if (supportBodies.empty() && !s.parentBody.empty()) supportBodies.push_back(0);
    const Vec3 upright{0, -1, 0};

    std::vector<HingeLoad> loads(s.hinges.size());
    for (std::size_t h = 0; h < s.hinges.size(); ++h) {
        const Hinge& hinge = s.hinges[h];
        const Link& after = s.links[static_cast<std::size_t>(hinge.after)];
        const Link& before = s.links[static_cast<std::size_t>(hinge.before)];
        const Vec3 wire = unit(unit(before.to - before.from) + unit(after.to - after.from));
        HingeLoad& r = loads[h];
        // Everything beyond the hinge on its tip side, and on the other side.
        double tip_g = 0, root_g = 0, stretched = 0;
        Vec3 tipFirst, rootFirst;
        for (const PointMass& m : masses) {
            const Vec3 arm = m.mass_g * (m.at - hinge.at);
            if (isBeyond(s, m.body, after.body)) {
                tip_g += m.mass_g, tipFirst = tipFirst + arm;
                stretched += kNewtonPerGram * m.mass_g * reach(s, static_cast<int>(h), m);
            } else {
                root_g += m.mass_g, rootFirst = rootFirst + arm;
            }
        }
        for (int support : supportBodies) {
            const bool standing = isBeyond(s, support, after.body);
            const Split worst = standing ? worstLean(rootFirst, wire, lean_rad) : Split{stretched, 0};
            const double beyond = standing ? root_g : tip_g;
            const double touch = kTouch_N * (standing ? before.length_mm : after.length_mm);
            r.standing = r.standing || standing;
            r.touch_Nmm = std::max(r.touch_Nmm, touch);
            r.pose_Nmm = std::max(
                r.pose_Nmm, split(kNewtonPerGram * cross(standing ? rootFirst : tipFirst, upright), wire).equivalent());
            if (worst.equivalent() <= r.load_Nmm) continue;
            r.load_Nmm = worst.equivalent();
            r.bending_Nmm = worst.bending, r.torsion_Nmm = worst.torsion;
            r.why = standing ? Case::standing : Case::stretched;
            r.beyond_g = beyond;
            r.arm_mm = beyond > 0 ? std::hypot(worst.bending, worst.torsion) / (beyond * kNewtonPerGram) : 0;
        }
        if (r.touch_Nmm > r.load_Nmm) {
            r.load_Nmm = r.bending_Nmm = r.touch_Nmm;
            r.torsion_Nmm = 0;
            r.why = Case::touch;
        }
    }
    return loads;
}

} // namespace enkinet::load
