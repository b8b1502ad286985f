#include "load/reach.h"
#include "base/units.h"
#include "body/pose.h"
#include <algorithm>
#include <cmath>
#include <memory>

namespace enkinet::load {

using namespace body;

namespace {

constexpr int kDirections = 48, kStride = 19, kSameHill = 8;
constexpr std::size_t kClimbed = 5, kKeptHills = 3;
constexpr int kGrid = 12;

/// v turned by a rotation vector (Rodrigues).
Vec3 turned(const Vec3& v, double x, double z) {
    const double angle = std::sqrt(x * x + z * z);
    if (angle < 1e-12) return v;
    const Vec3 k{x / angle, 0, z / angle};
    const double c = std::cos(angle), s = std::sin(angle);
    return c * v + s * cross(k, v) + ((1 - c) * dot(k, v)) * k;
}

/// How far a vector, turned by a joint, points along another, as a function of the joint's angles.
struct Along {
    double vw, cx, cz, vx, vz, wx, wz;
    Along(const Vec3& v, const Vec3& w)
        : vw(dot(v, w)), cx(v.y * w.z - v.z * w.y), cz(v.x * w.y - v.y * w.x), vx(v.x), vz(v.z), wx(w.x), wz(w.z) {}
    /// x, z: rotation vector; c = cos, s = sin/angle, q = (1 - cos)/angle².
    double operator()(double x, double z, double c, double s, double q) const {
        return c * vw + s * (x * cx + z * cz) + q * (x * vx + z * vz) * (x * wx + z * wz);
    }
};

/// Sine and cosine of a rotation vector, so that Along needs no more.
struct Angle {
    double x, z, c, s, q;
    Angle(double x_, double z_) : x(x_), z(z_) {
        const double angle2 = x * x + z * z, angle = std::sqrt(angle2);
        if (angle < 1e-6) {
            c = 1 - angle2 / 2, s = 1, q = 0.5;
        } else {
            c = std::cos(angle);
            s = std::sin(angle) / angle, q = (1 - c) / angle2;
        }
    }
};

class Climber {
public:
    Climber(const ReachTree& tree, const std::stop_token& stop)
        : m_tree(tree), m_stop(stop), m_turns(tree.size()), m_first(tree.size()) {
        m_children.resize(tree.size());
        m_grids.resize(tree.size());
        for (std::size_t i = 1; i < tree.size(); ++i)
            m_children[static_cast<std::size_t>(tree[i].parent)].push_back(i);
    }

    /// From the present angles until nothing more is won, or, coarsely, a few times through.
    double climb(bool coarse) {
        refresh();
        double best = norm(m_first[0]);
        double step = 1.0 / kGrid;
        for (int i = 0; i < (coarse ? 8 : 40); ++i) {
            checkStop(m_stop);
            sweep(0, {}, step, coarse ? 8e-3 : 1e-4);
            refresh();
            const double now = norm(m_first[0]);
            const bool still = now <= best * (1 + (coarse ? 1e-4 : 1e-8));
            best = std::max(now, best);
            if (still) break;
            step = std::max(step / 3, coarse ? 1.0 / kGrid / 9 : 1e-2);
        }
        return best;
    }

    void reset() {
        for (std::size_t i = 1; i < m_tree.size(); ++i)
            m_turns[i] = {std::clamp(0.0, m_tree[i].low, m_tree[i].high), 0};
    }
    void take(const std::vector<std::pair<double, double>>& pose) {
        for (std::size_t i = 1; i < m_tree.size(); ++i)
            m_turns[i] = pose[i];
    }
    const std::vector<std::pair<double, double>>& pose() const { return m_turns; }

    /// First moment of every subtree about its own joint, in its own frame.
    void refresh() {
        for (std::size_t i = m_tree.size(); i-- > 0;) {
            Vec3 sum = m_tree[i].own_gmm;
            for (std::size_t c : m_children[i])
                sum = sum + turn(c, m_first[c]) + m_tree[c].mass_g * m_tree[c].arm_mm;
            m_first[i] = sum;
        }
    }

    /// Each stretch by itself at its farthest, tip to root.
    void greedy() {
        for (std::size_t i = m_tree.size(); i-- > 0;) {
            Vec3 sum = m_tree[i].own_gmm;
            for (std::size_t c : m_children[i])
                sum = sum + turn(c, m_first[c]) + m_tree[c].mass_g * m_tree[c].arm_mm;
            for (std::size_t c : m_children[i]) {
                const Vec3 rest = sum - turn(c, m_first[c]);
                align(c, m_first[c], rest, true, 1.0 / kGrid, 1e-2);
                sum = rest + turn(c, m_first[c]);
            }
            m_first[i] = sum;
        }
    }

    /// Every joint turned so that what lies beyond it points along a direction given in the first body's frame.
    void aim(const Vec3& towards) {
        reset();
        for (int pass = 0; pass < 2; ++pass) {
            refresh();
            aim(0, towards);
        }
    }

    double bound() const {
        double sum = 0;
        for (std::size_t i = 0; i < m_tree.size(); ++i)
            sum += norm(m_tree[i].own_gmm) + (i > 0 ? m_tree[i].mass_g * norm(m_tree[i].arm_mm) : 0);
        return sum;
    }

private:
    Vec3 turn(std::size_t i, const Vec3& v) const {
        return turned(v, m_tree[i].forthSign * m_turns[i].first, m_tree[i].asideSign * m_turns[i].second);
    }
    Vec3 back(std::size_t i, const Vec3& v) const {
        return turned(v, -m_tree[i].forthSign * m_turns[i].first, -m_tree[i].asideSign * m_turns[i].second);
    }

    void aim(std::size_t i, const Vec3& towards) {
        for (std::size_t c : m_children[i]) {
            align(c, m_first[c], towards, true, 1.0 / kGrid, 3e-2);
            aim(c, back(c, towards));
        }
    }

    /// Turns every joint below i towards the rest of the moment, root to tip; outside is the moment, in i's frame, of
    /// everything that is not in its subtree.
    void sweep(std::size_t i, const Vec3& outside, double step, double least) {
        for (std::size_t c : m_children[i]) {
            const Vec3 rest = m_first[i] - turn(c, m_first[c]);
            align(c, m_first[c], outside + rest, false, step, least);
            // Into the child's frame: its own turn undone.
            sweep(c, back(c, outside + rest), step, least);
            m_first[i] = rest + turn(c, m_first[c]);
        }
    }

    /// Angles over the whole range, made once a joint.
    const std::vector<std::pair<std::pair<double, double>, Angle>>& gridOf(std::size_t i) {
        auto& grid = m_grids[i];
        if (!grid.empty()) return grid;
        for (int a = 0; a <= kGrid; ++a)
            for (int b = -kGrid / 2; b <= kGrid / 2; ++b) {
                const std::pair at{static_cast<double>(a) / kGrid, 2.0 * b / kGrid};
                const auto [forth, aside] = anglesOf(i, at.first, at.second);
                grid.push_back({at, Angle(m_tree[i].forthSign * forth, m_tree[i].asideSign * aside)});
            }
        return grid;
    }

    /// Forth by its share of the range, aside by its share of what is then left.
    std::pair<double, double> anglesOf(std::size_t i, double u, double share) const {
        const ReachBody& b = m_tree[i];
        const double forth = b.low + u * (b.high - b.low);
        return {forth, share * std::sqrt(std::max(0.0, b.most * b.most - forth * forth))};
    }

    /// Turns a joint so that `v`, turned, points along `wish` as far as its range allows: a coarse grid when wide, then
    /// a pattern search from the best, from one step down to another.
    void align(std::size_t i, const Vec3& v, const Vec3& wish, bool wide, double step, double least) {
        const ReachBody& b = m_tree[i];
        const Along f(v, wish);
        const auto at = [&](double u, double share) {
            const auto [forth, aside] = anglesOf(i, u, share);
            const Angle a(b.forthSign * forth, b.asideSign * aside);
            return f(a.x, a.z, a.c, a.s, a.q);
        };
        auto& [forth, aside] = m_turns[i];
        const Angle now(b.forthSign * forth, b.asideSign * aside);
        const double was = f(now.x, now.z, now.c, now.s, now.q);
        const double spare = std::sqrt(std::max(0.0, b.most * b.most - forth * forth));
        double u = b.high > b.low ? std::clamp((forth - b.low) / (b.high - b.low), 0.0, 1.0) : 0;
        double share = spare > 0 ? std::clamp(aside / spare, -1.0, 1.0) : 0, top = was;
        if (wide)
            for (const auto& [place, a] : gridOf(i))
                if (const double x = f(a.x, a.z, a.c, a.s, a.q); x > top)
                    top = x, u = place.first, share = place.second;
        static constexpr std::pair<int, int> kWays[] = {{1, 0}, {-1, 0}, {0, 1},  {0, -1},
                                                        {1, 1}, {1, -1}, {-1, 1}, {-1, -1}};
        for (; step > least;) {
            bool better = false;
            for (const auto& [dx, dy] : kWays) {
                const double x = std::clamp(u + dx * step, 0.0, 1.0), y = std::clamp(share + 2 * dy * step, -1.0, 1.0);
                if (const double found = at(x, y); found > top) {
                    top = found, u = x, share = y, better = true;
                    break;
                }
            }
            if (!better) step /= 3;
        }
        if (top > was) m_turns[i] = anglesOf(i, u, share);
    }

    const ReachTree& m_tree;
    const std::stop_token& m_stop;
    std::vector<std::pair<double, double>> m_turns;
    std::vector<std::vector<std::size_t>> m_children;
    std::vector<std::vector<std::pair<std::pair<double, double>, Angle>>> m_grids;
    std::vector<Vec3> m_first;
};

/// Directions spread evenly over the sphere (a spiral by the golden angle).
Vec3 direction(int i) {
    const double y = 1 - (2.0 * i + 1) / kDirections, around = i * kPi * (3 - std::sqrt(5.0)), r = std::sqrt(1 - y * y);
    return {r * std::cos(around), y, r * std::sin(around)};
}

void sortHills(std::vector<ReachHills::Hill>& hills, std::size_t most) {
    std::stable_sort(hills.begin(), hills.end(),
                     [](const auto& a, const auto& b) { return a.first_gmm > b.first_gmm; });
    if (hills.size() > most) hills.resize(most);
}

/// Climbs to the top of each hill.
ReachHills finish(Climber& climber, std::vector<ReachHills::Hill> hills, double bound) {
    for (ReachHills::Hill& h : hills) {
        climber.take(h.pose_rad);
        h.first_gmm = std::min(climber.climb(false), bound);
        h.pose_rad = climber.pose();
    }
    sortHills(hills, kKeptHills);
    return {std::move(hills), bound};
}

bool isAlone(const ReachTree& tree) { return tree.size() == 1; }

ReachHills alone(const ReachTree& tree) {
    const double first = norm(tree[0].own_gmm);
    return {{{first, {{0, 0}}}}, first};
}

} // namespace

ReachHills calcHills(const ReachTree& tree, const std::stop_token& stop) {
    if (isAlone(tree)) return alone(tree);
    Climber climber(tree, stop);
    const double bound = climber.bound();
    std::vector<ReachHills::Hill> hills;
    const auto add = [&] {
        const double first = climber.climb(true);
        hills.push_back({first, climber.pose()});
        return first;
    };
    climber.reset();
    climber.greedy();
    double best = add();
    // Where the bound is reached there is nothing beyond; nor, in all likelihood, where many ways led up the same hill.
    int same = 1;
    for (int i = 0; i < kDirections && same < kSameHill && best < bound * (1 - 1e-9); ++i) {
        // Far apart one after the other.
        climber.aim(direction(i * kStride % kDirections));
        const double now = add();
        same = now > best * (1 + 1e-3) ? 1 : now > best * (1 - 1e-3) ? same + 1 : same;
        best = std::max(best, now);
    }
    sortHills(hills, kClimbed);
    return finish(climber, std::move(hills), bound);
}

ReachHills calcHills(const ReachTree& tree, const ReachHills& from, const std::stop_token& stop) {
    if (isAlone(tree)) return alone(tree);
    Climber climber(tree, stop);
    return finish(climber, from.hills, climber.bound());
}

ReachSearch::ReachSearch(const Puppet& puppet, const Skeleton& rest, double acting, ReachMemo& memo)
    : m_s(rest), m_memo(memo), m_joints(rest.hinges.size()), m_kept(rest.hinges.size()) {
    for (std::size_t h = 0; h < rest.hinges.size(); ++h) {
        const LimbCopy& copy = rest.copies[static_cast<std::size_t>(rest.hinges[h].copy)];
        const Limb& limb = puppet.limbs[static_cast<std::size_t>(copy.limb)];
        const Joint& j = limb.joints[static_cast<std::size_t>(rest.hinges[h].joint)];
        ReachBody& b = m_joints[h];
        b.low = acting * j.low_rad, b.high = acting * j.high_rad, b.most = acting * findLargestBend(j);
        b.forthSign = findForthSign(limb.kind), b.asideSign = copy.right ? -1 : 1;
    }
}

std::vector<Reach> ReachSearch::calc(const std::vector<PointMass>& masses, const std::stop_token& stop) {
    const std::size_t n = m_s.parentBody.size();
    const auto pivot = [&](std::size_t body) {
        const int h = m_s.parentHinge[body];
        return h < 0 ? Vec3{} : m_s.hinges[static_cast<std::size_t>(h)].at;
    };
    std::vector<ReachBody> bodies(n);
    for (std::size_t b = 0; b < n; ++b) {
        const int h = m_s.parentHinge[b];
        if (h >= 0) bodies[b] = m_joints[static_cast<std::size_t>(h)];
        bodies[b].parent = m_s.parentBody[b];
        if (bodies[b].parent >= 0) bodies[b].arm_mm = pivot(b) - pivot(static_cast<std::size_t>(bodies[b].parent));
    }
    for (const PointMass& m : masses) {
        ReachBody& b = bodies[static_cast<std::size_t>(m.body)];
        b.mass_g += m.mass_g;
        b.own_gmm = b.own_gmm + m.mass_g * (m.at - pivot(static_cast<std::size_t>(m.body)));
    }
    // Bodies stand behind their parents.
    for (std::size_t b = n; b-- > 0;)
        if (bodies[b].parent >= 0) bodies[static_cast<std::size_t>(bodies[b].parent)].mass_g += bodies[b].mass_g;

    std::vector<Reach> all;
    std::vector<int> place(n);
    for (std::size_t h = 0; h < m_s.hinges.size(); ++h) {
        const auto top = static_cast<std::size_t>(m_s.links[static_cast<std::size_t>(m_s.hinges[h].after)].body);
        ReachTree tree;
        std::fill(place.begin(), place.end(), -1);
        for (std::size_t b = top; b < n; ++b) {
            if (b != top && (bodies[b].parent < 0 || place[static_cast<std::size_t>(bodies[b].parent)] < 0)) continue;
            place[b] = static_cast<int>(tree.size());
            tree.push_back(bodies[b]);
            if (b == top) {
                // What the joint itself may do does not enter: its limb is held level.
                ReachBody root;
                root.own_gmm = bodies[b].own_gmm, root.mass_g = bodies[b].mass_g;
                tree.back() = root;
            } else {
                tree.back().parent = place[static_cast<std::size_t>(bodies[b].parent)];
            }
        }
        m_kept[h] = m_kept[h].value ? SharedValue<ReachHills>{m_memo.next.find(
                                          h, {std::move(tree), m_kept[h]},
                                          [&](const auto& key) { return calcHills(key.first, *key.second, stop); })}
                                    : SharedValue<ReachHills>{m_memo.first.find(
                                          h, std::move(tree), [&](const ReachTree& t) { return calcHills(t, stop); })};
        Reach r;
        r.first_gmm = m_kept[h]->hills.front().first_gmm, r.bound_gmm = m_kept[h]->bound_gmm;
        all.push_back(r);
    }
    return all;
}

} // namespace enkinet::load
