#include "load/reach.h"
#include "base/units.h"
#include "body/pose.h"
#include <algorithm>
#include <cmath>

namespace enkinet::load {

using namespace body;

namespace {

/// v turned by a rotation vector (Rodrigues).
Vec3 turned(const Vec3& v, double x, double z) {
    const double angle = std::hypot(x, z);
    if (angle < 1e-12) return v;
    const Vec3 k{x / angle, 0, z / angle};
    const double c = std::cos(angle), s = std::sin(angle);
    return c * v + s * cross(k, v) + ((1 - c) * dot(k, v)) * k;
}

struct Turn {
    double low = 0, high = 0, most = 0; ///< forth between low and high, forth and aside together within most
    double forthSign = 1, asideSign = 1;
    double forth = 0, aside = 0;
    Vec3 operator()(const Vec3& v) const { return turned(v, forthSign * forth, asideSign * aside); }
};

class Searcher {
public:
    Searcher(const Puppet& p, const Skeleton& s, double acting)
        : m_s(s), m_turns(s.hinges.size()), m_children(s.parentBody.size()), m_first(s.parentBody.size()),
          m_kept(s.hinges.size()) {
        for (std::size_t b = 0; b < s.parentBody.size(); ++b)
            if (s.parentBody[b] >= 0)
                m_children[static_cast<std::size_t>(s.parentBody[b])].push_back(static_cast<int>(b));
        for (std::size_t h = 0; h < s.hinges.size(); ++h) {
            const LimbCopy& copy = s.copies[static_cast<std::size_t>(s.hinges[h].copy)];
            const Limb& limb = p.limbs[static_cast<std::size_t>(copy.limb)];
            const Joint& j = limb.joints[static_cast<std::size_t>(s.hinges[h].joint)];
            m_turns[h] = {acting * j.low_rad,
                          acting * j.high_rad,
                          acting * findLargestBend(j),
                          findForthSign(limb.kind),
                          copy.right ? -1.0 : 1.0,
                          0,
                          0};
        }
    }

    void weigh(const std::vector<PointMass>& masses) {
        m_own.assign(m_s.parentBody.size(), {});
        m_all.assign(m_s.parentBody.size(), 0.0);
        for (const PointMass& m : masses) {
            const auto b = static_cast<std::size_t>(m.body);
            m_all[b] += m.mass_g;
            m_own[b] = m_own[b] + m.mass_g * (m.at - pivot(m.body));
        }
        // Bodies stand behind their parents.
        for (std::size_t b = m_all.size(); b-- > 0;)
            if (m_s.parentBody[b] >= 0) m_all[static_cast<std::size_t>(m_s.parentBody[b])] += m_all[b];
    }

    std::size_t hinges() const { return m_s.hinges.size(); }

    Reach find(int hinge) {
        const int top = m_s.links[static_cast<std::size_t>(m_s.hinges[static_cast<std::size_t>(hinge)].after)].body;
        Reach r;
        r.bound_gmm = bound(top);
        if (m_children[static_cast<std::size_t>(top)].empty()) {
            r.first_gmm = norm(m_own[static_cast<std::size_t>(top)]);
            return r;
        }
        // Hills: one from each stretch at its own farthest, tip to root, and one for each of some directions that all
        // stretches are turned towards. With other masses the search goes on from the best few that were found.
        auto& kept = m_kept[static_cast<std::size_t>(hinge)];
        std::vector<Hill> hills;
        const auto add = [&] {
            Hill h;
            h.first_gmm = std::min(climb(top), r.bound_gmm);
            keep(top, h.pose);
            hills.push_back(std::move(h));
        };
        if (kept.empty()) {
            reset(top);
            greedy(top);
            add();
            // Where the bound is reached there is nothing beyond; nor, in all likelihood, where many ways led up the
            // same hill.
            double best = hills.front().first_gmm;
            int same = 1;
            for (int i = 0; i < kDirections && same < kSameHill && best < r.bound_gmm * (1 - 1e-9); ++i) {
                reset(top);
                // Far apart one after the other.
                const Vec3 towards = direction(i * kStride % kDirections);
                for (int pass = 0; pass < 2; ++pass)
                    refresh(top), aim(top, towards);
                add();
                const double now = hills.back().first_gmm;
                same = now > best * (1 + 1e-4) ? 1 : now > best * (1 - 1e-4) ? same + 1 : same;
                best = std::max(best, now);
            }
        } else {
            for (const Hill& h : kept) {
                for (const auto& [joint, forth, aside] : h.pose) {
                    Turn& t = m_turns[static_cast<std::size_t>(joint)];
                    t.forth = forth, t.aside = aside;
                }
                add();
            }
        }
        std::stable_sort(hills.begin(), hills.end(),
                         [](const Hill& a, const Hill& b) { return a.first_gmm > b.first_gmm; });
        if (hills.size() > kKeptHills) hills.resize(kKeptHills);
        r.first_gmm = hills.front().first_gmm;
        kept = std::move(hills);
        return r;
    }

private:
    Vec3 pivot(int body) const {
        const int h = m_s.parentHinge[static_cast<std::size_t>(body)];
        return h < 0 ? Vec3{} : m_s.hinges[static_cast<std::size_t>(h)].at;
    }
    Turn& turnOf(int body) {
        return m_turns[static_cast<std::size_t>(m_s.parentHinge[static_cast<std::size_t>(body)])];
    }

    struct Kept {
        int hinge;
        double forth, aside;
    };
    struct Hill {
        double first_gmm = 0;
        std::vector<Kept> pose;
    };
    static constexpr int kDirections = 48, kStride = 19, kSameHill = 8;
    static constexpr std::size_t kKeptHills = 3;

    /// Directions spread evenly over the sphere (a spiral by the golden angle).
    static Vec3 direction(int i) {
        const double y = 1 - (2.0 * i + 1) / kDirections, around = i * kPi * (3 - std::sqrt(5.0)),
                     r = std::sqrt(1 - y * y);
        return {r * std::cos(around), y, r * std::sin(around)};
    }

    /// Turns every joint below body so that its part points along a direction given in the body's frame.
    void aim(int body, const Vec3& towards) {
        for (int c : m_children[static_cast<std::size_t>(body)]) {
            align(turnOf(c), m_first[static_cast<std::size_t>(c)], towards, true);
            Turn back = turnOf(c);
            back.forth = -back.forth, back.aside = -back.aside;
            aim(c, back(towards));
        }
    }

    void keep(int body, std::vector<Kept>& kept) const {
        for (int c : m_children[static_cast<std::size_t>(body)]) {
            const int h = m_s.parentHinge[static_cast<std::size_t>(c)];
            const Turn& t = m_turns[static_cast<std::size_t>(h)];
            kept.push_back({h, t.forth, t.aside});
            keep(c, kept);
        }
    }

    double bound(int body) const {
        double sum = norm(m_own[static_cast<std::size_t>(body)]);
        for (int c : m_children[static_cast<std::size_t>(body)])
            sum += bound(c) + m_all[static_cast<std::size_t>(c)] * norm(pivot(c) - pivot(body));
        return sum;
    }

    void reset(int body) {
        for (int c : m_children[static_cast<std::size_t>(body)]) {
            turnOf(c).forth = std::clamp(0.0, turnOf(c).low, turnOf(c).high), turnOf(c).aside = 0;
            reset(c);
        }
    }

    /// First moment of the subtree about its own pivot, in its own frame; kept for every body of it.
    const Vec3& refresh(int body) {
        Vec3 sum = m_own[static_cast<std::size_t>(body)];
        for (int c : m_children[static_cast<std::size_t>(body)])
            sum = sum + turnOf(c)(refresh(c)) + m_all[static_cast<std::size_t>(c)] * (pivot(c) - pivot(body));
        return m_first[static_cast<std::size_t>(body)] = sum;
    }

    /// Turns a joint so that `v`, turned, points along `wish` as far as its range allows. Over forth and the share of
    /// what is then left for aside: a coarse grid when wide, then a pattern search from the best.
    static void align(Turn& t, const Vec3& v, const Vec3& wish, bool wide) {
        const auto at = [&](double u, double share) {
            t.forth = t.low + u * (t.high - t.low);
            t.aside = share * std::sqrt(std::max(0.0, t.most * t.most - t.forth * t.forth));
            return dot(t(v), wish);
        };
        const Turn before = t;
        const double was = dot(t(v), wish);
        const double spare = std::sqrt(std::max(0.0, t.most * t.most - t.forth * t.forth));
        double u = t.high > t.low ? std::clamp((t.forth - t.low) / (t.high - t.low), 0.0, 1.0) : 0;
        double share = spare > 0 ? std::clamp(t.aside / spare, -1.0, 1.0) : 0, top = was;
        constexpr int kGrid = 12;
        if (wide)
            for (int i = 0; i <= kGrid; ++i)
                for (int k = -kGrid / 2; k <= kGrid / 2; ++k) {
                    const double x = static_cast<double>(i) / kGrid, y = 2.0 * k / kGrid, f = at(x, y);
                    if (f > top) top = f, u = x, share = y;
                }
        for (double step = 1.0 / kGrid; step > 1e-4;) {
            bool better = false;
            for (const auto& [dx, dy] :
                 {std::pair{1, 0}, {-1, 0}, {0, 1}, {0, -1}, {1, 1}, {1, -1}, {-1, 1}, {-1, -1}}) {
                const double x = std::clamp(u + dx * step, 0.0, 1.0), y = std::clamp(share + 2 * dy * step, -1.0, 1.0);
                if (const double f = at(x, y); f > top) {
                    top = f, u = x, share = y, better = true;
                    break;
                }
            }
            if (!better) step /= 3;
        }
        if (top > was)
            at(u, share);
        else
            t = before;
    }

    void greedy(int body) {
        for (int c : m_children[static_cast<std::size_t>(body)])
            greedy(c);
        refresh(body);
        for (int c : m_children[static_cast<std::size_t>(body)]) {
            const Vec3 part = turnOf(c)(m_first[static_cast<std::size_t>(c)]);
            const Vec3 rest = m_first[static_cast<std::size_t>(body)] - part;
            align(turnOf(c), m_first[static_cast<std::size_t>(c)], rest, true);
            m_first[static_cast<std::size_t>(body)] = rest + turnOf(c)(m_first[static_cast<std::size_t>(c)]);
        }
    }

    /// Turns every joint below body towards the rest of the moment, root to tip; outside is the moment, in the body's
    /// frame, of everything that is not in its subtree.
    void sweep(int body, const Vec3& outside, bool wide) {
        Vec3& all = m_first[static_cast<std::size_t>(body)];
        for (int c : m_children[static_cast<std::size_t>(body)]) {
            Vec3& part = m_first[static_cast<std::size_t>(c)];
            Vec3 rest = all - turnOf(c)(part);
            align(turnOf(c), part, outside + rest, wide);
            // Into the child's frame: its own turn undone.
            Turn back = turnOf(c);
            back.forth = -back.forth, back.aside = -back.aside;
            sweep(c, back(outside + rest), wide);
            all = rest + turnOf(c)(part);
        }
    }

    double climb(int top) {
        double best = norm(refresh(top));
        for (int i = 0; i < 30; ++i) {
            sweep(top, {}, false);
            const double now = norm(refresh(top));
            if (now <= best * (1 + 1e-7)) return std::max(now, best);
            best = now;
        }
        return best;
    }

    const Skeleton& m_s;
    std::vector<Vec3> m_own; ///< first moment of a body about its pivot
    std::vector<Turn> m_turns;
    std::vector<std::vector<int>> m_children;
    std::vector<Vec3> m_first;
    std::vector<double> m_all;             ///< mass of the subtree
    std::vector<std::vector<Hill>> m_kept; ///< by hinge: the best hills found last
};

} // namespace

struct ReachSearch::Impl {
    Searcher searcher;
};

ReachSearch::ReachSearch(const Puppet& puppet, const Skeleton& rest, double acting)
    : m_impl(new Impl{Searcher(puppet, rest, acting)}) {}
ReachSearch::~ReachSearch() = default;

std::vector<Reach> ReachSearch::calc(const std::vector<PointMass>& masses) {
    m_impl->searcher.weigh(masses);
    std::vector<Reach> all;
    for (std::size_t h = 0; h < m_impl->searcher.hinges(); ++h)
        all.push_back(m_impl->searcher.find(static_cast<int>(h)));
    return all;
}

} // namespace enkinet::load
