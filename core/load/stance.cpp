#include "load/stance.h"
#include "base/units.h"
#include <Eigen/QR>
#include <algorithm>
#include <cmath>

namespace enkinet::load {

using namespace body;

std::vector<Stance> makeStances(int supports, int down) {
    if (supports <= 0) return {{}};
    if (down <= 0 || down > supports) down = std::max(1, supports - 1);
    std::vector<Stance> all;
    Stance now;
    const auto pick = [&](const auto& self, int from) -> void {
        if (static_cast<int>(now.size()) == down) {
            all.push_back(now);
            return;
        }
        for (int i = from; i < supports; ++i) {
            now.push_back(i);
            self(self, i + 1);
            now.pop_back();
        }
    };
    pick(pick, 0);
    return all;
}

std::vector<Stance> makeStances(const Skeleton& s, int down) {
    std::vector<Stance> feet; // by rigid body
    std::vector<int> bodies;
    for (std::size_t i = 0; i < s.supportLinks.size(); ++i) {
        const int body = s.links[static_cast<std::size_t>(s.supportLinks[i])].body;
        const auto at = static_cast<std::size_t>(std::find(bodies.begin(), bodies.end(), body) - bodies.begin());
        if (at == bodies.size()) bodies.push_back(body), feet.emplace_back();
        feet[at].push_back(static_cast<int>(i));
    }
    std::vector<Stance> all;
    for (const Stance& chosen : makeStances(static_cast<int>(feet.size()), down)) {
        Stance stance;
        for (int body : chosen)
            stance.insert(stance.end(), feet[static_cast<std::size_t>(body)].begin(),
                          feet[static_cast<std::size_t>(body)].end());
        all.push_back(std::move(stance));
    }
    return all;
}

namespace {

/// Forces upwards at points of one rigid body that together are its reaction: what equal springs under them would
/// carry. What they cannot carry as forces, a foot's own clamped end does. About the reference point; N, mm.
std::vector<double> shareReaction(const Vec3& force_N, const Vec3& couple_Nmm, const Vec3& about,
                                  const std::vector<Vec3>& points) {
    const auto n = static_cast<Eigen::Index>(points.size());
    Vec3 middle;
    for (const Vec3& p : points)
        middle = middle + (1.0 / static_cast<double>(n)) * p;
    // Equal parts, and what turns them about their middle: those add up to nothing.
    Eigen::MatrixXd A(2, n);
    for (Eigen::Index i = 0; i < n; ++i) {
        const Vec3 r = points[static_cast<std::size_t>(i)] - middle;
        A(0, i) = -r.z, A(1, i) = r.x;
    }
    const Vec3 arm = middle - about;
    const Eigen::Vector2d b(couple_Nmm.x + arm.z * force_N.y, couple_Nmm.z - arm.x * force_N.y);
    Eigen::VectorXd F = Eigen::VectorXd::Constant(n, force_N.y / static_cast<double>(n));
    if (n > 1) F += A.completeOrthogonalDecomposition().solve(b);
    return {F.data(), F.data() + n};
}

constexpr int kWhipBeams = 24;

class StanceFrame {
public:
    /// bodies: which of the skeleton's stand by themselves; the others go with the nearest of their parents that does.
    StanceFrame(const Skeleton& s, const Stance& stance, const std::vector<JointStiffness>& stiffness,
                const std::vector<bool>& bodies)
        : m_s(s), m_to(s.parentBody.size(), -1), m_chains(s.parentBody.size()) {
        for (std::size_t b = 0; b < m_to.size(); ++b) {
            if (!bodies[b]) {
                m_to[b] = m_to[static_cast<std::size_t>(s.parentBody[b])];
                continue;
            }
            m_to[b] = static_cast<int>(m_bodies.size());
            m_bodies.emplace_back();
        }
        for (const Link& l : s.links)
            if (bodies[static_cast<std::size_t>(l.body)])
                m_bodies[static_cast<std::size_t>(m_to[static_cast<std::size_t>(l.body)])].at = l.from;
        // Chains first: what else hangs on a whip's body is tied to the nearest of its nodes.
        const auto stands = [&](const Hinge& h) { return bodies[static_cast<std::size_t>(linkOf(h.after).body)]; };
        for (std::size_t h = 0; h < s.hinges.size(); ++h)
            if (s.hinges[h].whip && stands(s.hinges[h])) makeNodes(s.hinges[h]);
        for (std::size_t h = 0; h < s.hinges.size(); ++h) {
            m_first.push_back(stands(s.hinges[h]) ? static_cast<int>(m_beams.size()) : -1);
            if (!stands(s.hinges[h])) continue;
            s.hinges[h].whip ? addChain(s.hinges[h], stiffness[h]) : addGap(s.hinges[h], stiffness[h]);
        }
        for (int support : stance) {
            const Link& l = s.links[static_cast<std::size_t>(s.supportLinks[static_cast<std::size_t>(support)])];
            m_bodies[static_cast<std::size_t>(nodeOf(l.body, l.to))].fixed = true;
        }
        if (stance.empty() && !m_bodies.empty()) m_bodies[0].fixed = true;
    }

    /// The frame's body that a point of a skeleton's body moves with.
    int nodeOf(int body, const Vec3& at) const {
        const auto& chain = m_chains[static_cast<std::size_t>(body)];
        int best = m_to[static_cast<std::size_t>(body)];
        double least = 1e300;
        for (int node : chain)
            if (const double d = norm(m_bodies[static_cast<std::size_t>(node)].at - at); d < least)
                least = d, best = node;
        return best;
    }
    const std::vector<FrameBody>& bodies() const { return m_bodies; }
    const std::vector<Beam>& beams() const { return m_beams; }
    /// What the near side exerts on the far side at the joint itself.
    Vec3 coupleAt(std::size_t hinge, const FrameState& state) const {
        if (m_first[hinge] < 0) return {};
        const auto beam = static_cast<std::size_t>(m_first[hinge]);
        return state.endCouple_Nmm[beam] + cross(m_beams[beam].toAt - m_s.hinges[hinge].at, state.endForce_N[beam]);
    }

private:
    const Link& linkOf(int i) const { return m_s.links[static_cast<std::size_t>(i)]; }

    void makeNodes(const Hinge& hinge) {
        auto& chain = m_chains[static_cast<std::size_t>(linkOf(hinge.after).body)];
        // Links of the copy, root to tip, cut finely; each joint between them is a node.
        double length = 0;
        int last = hinge.after;
        for (int i = hinge.after; i < static_cast<int>(m_s.links.size()) && linkOf(i).copy == hinge.copy; ++i)
            length += linkOf(i).length_mm, last = i;
        for (int i = hinge.after; i <= last; ++i) {
            const Link& l = linkOf(i);
            const int cuts = std::max(1, static_cast<int>(std::lround(kWhipBeams * l.length_mm / length)));
            for (int k = 1; k <= cuts; ++k) {
                const Vec3 at = l.from + (static_cast<double>(k) / cuts) * (l.to - l.from);
                // The body itself is the tip.
                if (i == last && k == cuts) {
                    const int tip = m_to[static_cast<std::size_t>(l.body)];
                    m_bodies[static_cast<std::size_t>(tip)].at = at;
                    chain.push_back(tip);
                } else {
                    chain.push_back(static_cast<int>(m_bodies.size()));
                    m_bodies.push_back({at, false});
                }
            }
        }
    }

    void addChain(const Hinge& hinge, const JointStiffness& k) {
        int from = nodeOf(linkOf(hinge.before).body, hinge.at);
        Vec3 a = hinge.at;
        double at = 0;
        for (int node : m_chains[static_cast<std::size_t>(linkOf(hinge.after).body)]) {
            const Vec3 b = m_bodies[static_cast<std::size_t>(node)].at;
            const double length = norm(b - a);
            Stiffness here = k;
            for (const auto& [start, thinner] : k.further)
                if (at + length / 2 > start) here = thinner;
            m_beams.push_back({from, node, a, b, here.EA_N, here.EI_Nmm2, here.GJ_Nmm2});
            at += length, from = node, a = b;
        }
    }

    void addGap(const Hinge& hinge, const Stiffness& k) {
        const Link &before = linkOf(hinge.before), &after = linkOf(hinge.after);
        const Vec3 out = unit(after.to - after.from);
        // A first joint stands on the side of its parent: its wire leaves in its own direction.
        const Vec3 in = before.copy == hinge.copy ? unit(before.to - before.from) : out;
        const double half = std::max(0.5, after.gapFrom_mm / 2);
        const int middle = static_cast<int>(m_bodies.size());
        m_bodies.push_back({hinge.at, false});
        m_beams.push_back(
            {nodeOf(before.body, hinge.at), middle, hinge.at - half * in, hinge.at, k.EA_N, k.EI_Nmm2, k.GJ_Nmm2});
        m_beams.push_back({middle, m_to[static_cast<std::size_t>(after.body)], hinge.at, hinge.at + half * out, k.EA_N,
                           k.EI_Nmm2, k.GJ_Nmm2});
    }

    const Skeleton& m_s;
    std::vector<int> m_to; ///< the frame's body of each of the skeleton's
    std::vector<FrameBody> m_bodies;
    std::vector<std::vector<int>> m_chains; ///< by body: nodes of a whip, root to tip
    std::vector<Beam> m_beams;
    std::vector<int> m_first; ///< by hinge; -1: none, its bodies are one
};

} // namespace

namespace {

enum class What { everything, couples, droop };

StanceState calc(const Skeleton& s, const std::vector<PointMass>& masses, const Stance& stance,
                 const std::vector<JointStiffness>& stiffness, const std::vector<bool>& bodies, What what,
                 const std::stop_token& stop) {
    const StanceFrame model(s, stance, stiffness, bodies);
    checkStop(stop);
    const SpaceFrame frame(model.bodies(), model.beams(), 1e-10, stop);
    std::vector<int> nodes;
    for (const PointMass& m : masses)
        nodes.push_back(model.nodeOf(m.body, m.at));

    StanceState r;
    r.couples.resize(s.hinges.size());
    r.feet_g.assign(s.supportLinks.size(), 0.0);
    const Vec3 axes[] = {{1, 0, 0}, {0, 1, 0}, {0, 0, 1}};
    for (std::size_t a = 0; a < 3; ++a) {
        if (a != 1 && what == What::droop) continue;
        checkStop(stop);
        std::vector<FrameForce> forces;
        for (std::size_t i = 0; i < masses.size(); ++i)
            forces.push_back({nodes[i], masses[i].at, masses[i].mass_g * kNewtonPerGram * axes[a], {}});
        const FrameState state = frame.calc(forces);
        if (!state.stable) return r;
        for (std::size_t h = 0; h < s.hinges.size(); ++h)
            r.couples[h][a] = model.coupleAt(h, state);
        if (a != 1 || what == What::couples) continue;
        // The axis points up, weight pulls down.
        const auto nodeOf = [&](int support) {
            const Link& l = s.links[static_cast<std::size_t>(s.supportLinks[static_cast<std::size_t>(support)])];
            return model.nodeOf(l.body, l.to);
        };
        for (int support : stance) {
            const int node = nodeOf(support);
            std::vector<int> together;
            std::vector<Vec3> points;
            for (int other : stance)
                if (nodeOf(other) == node) {
                    together.push_back(other);
                    points.push_back(
                        s.links[static_cast<std::size_t>(s.supportLinks[static_cast<std::size_t>(other)])].to);
                }
            if (together.front() != support) continue; // done with the first of them
            const auto at = static_cast<std::size_t>(node);
            const std::vector<double> share =
                shareReaction(state.reaction_N[at], state.reaction_Nmm[at], model.bodies()[at].at, points);
            for (std::size_t i = 0; i < together.size(); ++i)
                r.feet_g[static_cast<std::size_t>(together[i])] = -share[i] / kNewtonPerGram;
        }
        for (std::size_t c = 0; c < s.copies.size(); ++c) {
            const std::size_t end =
                c + 1 < s.copies.size() ? static_cast<std::size_t>(s.copies[c + 1].firstLink) : s.links.size();
            const Link& tip = s.links[end - 1];
            r.droop_mm.push_back(findMove(state, model.bodies(), model.nodeOf(tip.body, tip.to), tip.to).y);
        }
    }
    r.stable = true;
    return r;
}

} // namespace

StanceState calcStance(const Skeleton& s, const std::vector<PointMass>& masses, const Stance& stance,
                       const std::vector<JointStiffness>& stiffness, const std::stop_token& stop) {
    return calc(s, masses, stance, stiffness, std::vector<bool>(s.parentBody.size(), true), What::everything, stop);
}

StanceState calcDroop(const Skeleton& s, const std::vector<PointMass>& masses, const Stance& stance,
                      const std::vector<JointStiffness>& stiffness, const std::stop_token& stop) {
    return calc(s, masses, stance, stiffness, std::vector<bool>(s.parentBody.size(), true), What::droop, stop);
}

StanceState calcShares(const Skeleton& s, const std::vector<PointMass>& masses, const Stance& stance,
                       const std::vector<JointStiffness>& stiffness, const std::stop_token& stop) {
    std::vector<bool> between(s.parentBody.size(), false);
    if (!between.empty()) between[0] = true;
    for (int link : s.supportLinks)
        for (int b = s.links[static_cast<std::size_t>(link)].body; b >= 0;
             b = s.parentBody[static_cast<std::size_t>(b)])
            between[static_cast<std::size_t>(b)] = true;
    return calc(s, masses, stance, stiffness, between, What::couples, stop);
}

} // namespace enkinet::load
