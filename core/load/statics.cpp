#include "load/statics.h"
#include "base/numeric.h"
#include "base/units.h"
#include "load/reach.h"
#include "load/stance.h"
#include "wire/bend.h"
#include <algorithm>
#include <array>
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

/// Moment at a hinge as a linear function of the weight's direction: its three columns.
using Pull = std::array<Vec3, 3>;

Vec3 momentOf(const Pull& p, const Vec3& down) { return down.x * p[0] + down.y * p[1] + down.z * p[2]; }

Pull pullOf(const Vec3& first_gmm) {
    return {kNewtonPerGram * cross(first_gmm, {1, 0, 0}), kNewtonPerGram * cross(first_gmm, {0, 1, 0}),
            kNewtonPerGram * cross(first_gmm, {0, 0, 1})};
}

/// Largest equivalent moment over all directions of the lean: a scan, then Brent's search.
Split worstLean(const Pull& pull, const Vec3& wire, double lean) {
    const auto at = [&](double azimuth) { return split(momentOf(pull, tilted(lean, azimuth)), wire); };
    constexpr int kScan = 72;
    double best = -1, where = 0;
    for (int i = 0; i < kScan; ++i) {
        const double phi = 2 * kPi * i / kScan, e = at(phi).equivalent();
        if (e > best) best = e, where = phi;
    }
    return at(findLeast([&](double azimuth) { return -at(azimuth).equivalent(); }, where - 2 * kPi / kScan,
                        where + 2 * kPi / kScan)
                  .first);
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

/// A whip's far end is its tip, of anything else the end of the next segment.
double whipLength(const Skeleton& s, const Hinge& hinge) {
    double sum = 0;
    for (std::size_t i = static_cast<std::size_t>(hinge.after);
         i < s.links.size() && s.links[i].copy == hinge.copy && (hinge.whip || sum == 0); ++i)
        sum += s.links[i].length_mm;
    return sum;
}

} // namespace

Vec3 calcMoment(const std::vector<PointMass>& masses, const Vec3& about, const Vec3& down) {
    Vec3 first;
    for (const PointMass& m : masses)
        first = first + m.mass_g * (m.at - about);
    return kNewtonPerGram * cross(first, down);
}

std::vector<HingeLoad> calcLoads(const Skeleton& s, const std::vector<PointMass>& masses, const LoadSetup& setup) {
    const std::vector<Stance> stances = makeStances(s, setup.feetDown);
    const bool shared = stances.front().size() > 1;
    std::vector<StanceState> states;
    if (shared)
        for (const Stance& stance : stances) {
            checkStop(setup.stop);
            states.push_back(
                calcShares(s, masses, stance,
                           setup.stiffness.empty()
                               ? std::vector<JointStiffness>(s.hinges.size(), JointStiffness{{1e5, 1e4, 7e3}, {}})
                               : setup.stiffness,
                           setup.stop));
        }
    const Vec3 upright{0, -1, 0};
    const auto bodyOf = [&](int support) {
        return s.links[static_cast<std::size_t>(s.supportLinks[static_cast<std::size_t>(support)])].body;
    };

    std::vector<HingeLoad> loads(s.hinges.size());
    for (std::size_t h = 0; h < s.hinges.size(); ++h) {
        checkStop(setup.stop);
        const Hinge& hinge = s.hinges[h];
        const Link& after = s.links[static_cast<std::size_t>(hinge.after)];
        const Link& before = s.links[static_cast<std::size_t>(hinge.before)];
        const Vec3 wire = unit(unit(before.to - before.from) + unit(after.to - after.from));
        HingeLoad& r = loads[h];
        // Everything beyond the hinge on its tip side, and on the other side.
        double tip_g = 0, root_g = 0, straight_gmm = 0;
        Vec3 tipFirst, rootFirst;
        for (const PointMass& m : masses) {
            const Vec3 arm = m.mass_g * (m.at - hinge.at);
            if (isBeyond(s, m.body, after.body)) {
                tip_g += m.mass_g, tipFirst = tipFirst + arm;
                if (setup.reach.empty()) straight_gmm += m.mass_g * reach(s, static_cast<int>(h), m);
            } else {
                root_g += m.mass_g, rootFirst = rootFirst + arm;
            }
        }
        const double reach_gmm = setup.reach.empty() ? straight_gmm : setup.reach[h].first_gmm;
        for (std::size_t i = 0; i < stances.size(); ++i) {
            std::size_t beyondIt = 0;
            for (int support : stances[i])
                beyondIt += isBeyond(s, bodyOf(support), after.body);
            const bool standing = beyondIt > 0;
            const bool frame = standing && beyondIt < stances[i].size() && states[i].stable;
            const Pull pull = frame ? states[i].couples[h] : pullOf(standing ? rootFirst : tipFirst);
            const Split posed = split(momentOf(pull, upright), wire);
            const Split worst = setup.poseOnly ? posed
                                : standing     ? worstLean(pull, wire, setup.lean_rad)
                                               : Split{kNewtonPerGram * reach_gmm, 0};
            const double beyond = frame ? 0 : standing ? root_g : tip_g;
            const double touch = kTouch_N * (standing ? before.length_mm : whipLength(s, hinge));
            r.standing = r.standing || standing;
            r.touch_Nmm = std::max(r.touch_Nmm, touch);
            r.pose_Nmm = std::max(r.pose_Nmm, posed.equivalent());
            if (worst.equivalent() <= r.load_Nmm) continue;
            r.load_Nmm = worst.equivalent();
            r.bending_Nmm = worst.bending, r.torsion_Nmm = worst.torsion;
            r.why = setup.poseOnly ? Case::posed : frame ? Case::shared : standing ? Case::standing : Case::stretched;
            r.beyond_g = beyond;
            r.arm_mm = beyond > 0 ? std::hypot(worst.bending, worst.torsion) / (beyond * kNewtonPerGram) : 0;
            r.stance = static_cast<int>(i);
        }
        if (r.touch_Nmm > r.load_Nmm) {
            r.load_Nmm = r.bending_Nmm = r.touch_Nmm;
            r.torsion_Nmm = 0;
            r.why = Case::touch;
        }
    }
    return loads;
}

void addLoads(std::vector<HingeLoad>& loads, const std::vector<HingeLoad>& other, int pose) {
    for (std::size_t h = 0; h < loads.size(); ++h) {
        HingeLoad worse = other[h];
        // The same to a hair, as a load that no pose changes: the first that was asked keeps it.
        if (!(worse.load_Nmm > loads[h].load_Nmm * (1 + 1e-9))) continue;
        worse.pose = pose;
        worse.pose_Nmm = loads[h].pose_Nmm, worse.standing = worse.standing || loads[h].standing;
        loads[h] = worse;
    }
}

} // namespace enkinet::load
