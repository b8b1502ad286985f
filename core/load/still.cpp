#include "load/still.h"
#include "base/units.h"
#include "load/frame.h"
#include <algorithm>
#include <array>
#include <cmath>
#include <deque>

namespace enkinet::load {

using namespace body;

namespace {

constexpr double kStiff = 1000; ///< stiff stretches, over the stiffest wire
constexpr double kApart = 1e-3; ///< nodes closer than this share of a link are one

/// The armature's joints and what runs between them.
class Net {
public:
    Net(const Puppet& puppet, const Skeleton& s, const std::vector<StillLink>& links,
        const std::vector<StillMass>& masses)
        : m_s(s), m_links(links), m_masses(masses), m_from(s.links.size()), m_to(s.links.size()) {
        std::vector<std::vector<int>> nodes(s.copies.size());
        for (std::size_t c = 0; c < s.copies.size(); ++c) {
            const Limb& limb = puppet.limbs[static_cast<std::size_t>(s.copies[c].limb)];
            for (std::size_t j = 0; j < limb.joints.size(); ++j) {
                int node = m_count;
                if (j == 0 && s.copies[c].hangsOn >= 0) {
                    const auto up = static_cast<std::size_t>(s.copies[c].hangsOn);
                    const int at =
                        findJointIndex(puppet.limbs[static_cast<std::size_t>(s.copies[up].limb)], limb.hangsOnJoint);
                    node = nodes[up][static_cast<std::size_t>(at)];
                } else {
                    ++m_count;
                }
                nodes[c].push_back(node);
            }
            for (std::size_t k = 0; k + 1 < limb.joints.size(); ++k) {
                const auto link = static_cast<std::size_t>(s.copies[c].firstLink) + k;
                m_from[link] = nodes[c][k], m_to[link] = nodes[c][k + 1];
            }
        }
        m_held.assign(static_cast<std::size_t>(m_count), false);
        for (int link : s.supportLinks) {
            const auto l = static_cast<std::size_t>(link);
            m_held[static_cast<std::size_t>(m_to[l])] = true;
            if (puppet.rig) m_held[static_cast<std::size_t>(m_from[l])] = true;
        }
        if (s.supportLinks.empty() && m_count > 0) m_held[0] = true;
        m_rig = puppet.rig.has_value();
        walk();
    }

    StillLoads calc(const std::stop_token& stop) {
        StillLoads r;
        makeRuns(r);
        if (r.runs.empty()) {
            r.stable = true;
            return r;
        }
        if (m_s.supportLinks.size() <= 1 || m_rig) {
            for (StillRun& run : r.runs)
                alone(run);
            r.stable = true;
        } else {
            r.stable = together(r, stop);
        }
        return r;
    }

private:
    /// From what holds it outwards: which end of each link is nearer.
    void walk() {
        m_out.assign(m_s.links.size(), true);
        m_distance.assign(static_cast<std::size_t>(m_count), 1e300);
        std::deque<int> queue;
        for (int n = 0; n < m_count; ++n)
            if (m_held[static_cast<std::size_t>(n)]) m_distance[static_cast<std::size_t>(n)] = 0, queue.push_back(n);
        // A tree, so the first way found to a node from one support is the only one; of several the nearest counts.
        while (!queue.empty()) {
            const int n = queue.front();
            queue.pop_front();
            for (std::size_t l = 0; l < m_s.links.size(); ++l) {
                if (m_from[l] != n && m_to[l] != n) continue;
                const auto other = static_cast<std::size_t>(m_from[l] == n ? m_to[l] : m_from[l]);
                const double d = m_distance[static_cast<std::size_t>(n)] + m_s.links[l].length_mm;
                if (d < m_distance[other]) m_distance[other] = d, queue.push_back(static_cast<int>(other));
            }
        }
        for (std::size_t l = 0; l < m_s.links.size(); ++l)
            m_out[l] = m_distance[static_cast<std::size_t>(m_from[l])] <= m_distance[static_cast<std::size_t>(m_to[l])];
    }
    bool isHeld(std::size_t l) const {
        return m_held[static_cast<std::size_t>(m_from[l])] && m_held[static_cast<std::size_t>(m_to[l])];
    }
    int nearNode(std::size_t l) const { return m_out[l] ? m_from[l] : m_to[l]; }
    int farNode(std::size_t l) const { return m_out[l] ? m_to[l] : m_from[l]; }
    Vec3 pointAt(std::size_t l, double at) const {
        return m_s.links[l].from + at * (m_s.links[l].to - m_s.links[l].from);
    }

    void makeRuns(StillLoads& r) const {
        for (std::size_t l = 0; l < m_s.links.size(); ++l) {
            if (!m_links[l].bare || isHeld(l)) continue;
            StillRun* last = r.runs.empty() ? nullptr : &r.runs.back();
            const int here = static_cast<int>(l);
            // Neighbours of one copy that lead the same way from what holds them.
            if (last && last->copy == m_s.links[l].copy && last->links.back() == here - 1 && m_out[l] == m_out[l - 1])
                last->links.push_back(here);
            else
                r.runs.push_back({m_s.links[l].copy, {here}, 0, {}, {}, {}, {}, 0});
        }
        for (StillRun& run : r.runs) {
            if (!m_out[static_cast<std::size_t>(run.links.front())]) std::reverse(run.links.begin(), run.links.end());
            const auto first = static_cast<std::size_t>(run.links.front()),
                       last = static_cast<std::size_t>(run.links.back());
            run.near = pointAt(first, m_out[first] ? 0 : 1), run.far = pointAt(last, m_out[last] ? 1 : 0);
            for (int link : run.links) {
                const auto l = static_cast<std::size_t>(link);
                run.length_mm += m_s.links[l].length_mm;
                for (int k = 0; k <= kStillBeams; ++k) {
                    const double share = static_cast<double>(k) / kStillBeams, at = m_out[l] ? share : 1 - share;
                    StillSection x;
                    x.link = link, x.at = at, x.point = pointAt(l, at);
                    x.length_mm = m_s.links[l].length_mm / kStillBeams * (k == 0 || k == kStillBeams ? 0.5 : 1);
                    run.sections.push_back(x);
                }
            }
        }
    }

    /// Everything that a link's far end carries.
    void gather(std::size_t l, std::vector<bool>& links) const {
        std::deque<int> queue{farNode(l)};
        std::vector<bool> seen(static_cast<std::size_t>(m_count), false);
        seen[static_cast<std::size_t>(nearNode(l))] = true;
        while (!queue.empty()) {
            const int n = queue.front();
            queue.pop_front();
            if (seen[static_cast<std::size_t>(n)]) continue;
            seen[static_cast<std::size_t>(n)] = true;
            for (std::size_t k = 0; k < m_s.links.size(); ++k)
                if (k != l && (m_from[k] == n || m_to[k] == n)) {
                    links[k] = true;
                    queue.push_back(m_from[k] == n ? m_to[k] : m_from[k]);
                }
        }
    }

    void alone(StillRun& run) const {
        for (std::size_t i = 0; i < run.links.size(); ++i) {
            const auto l = static_cast<std::size_t>(run.links[i]);
            std::vector<bool> beyond(m_s.links.size(), false);
            gather(l, beyond);
            if (i == 0) {
                Vec3 first{};
                for (const StillMass& m : m_masses)
                    if (beyond[static_cast<std::size_t>(m.link)] || m.link == run.links[i])
                        run.beyond_g += m.mass_g, first = first + m.mass_g * m.centre;
                if (run.beyond_g > 0) run.beyond = (1 / run.beyond_g) * first;
            }
            for (StillSection& x : run.sections) {
                if (x.link != run.links[i]) continue;
                const double here = m_out[l] ? x.at : 1 - x.at;
                for (const StillMass& m : m_masses) {
                    const bool own = m.link == run.links[i] && (m_out[l] ? m.at : 1 - m.at) >= here;
                    if (own || (m.link != run.links[i] && beyond[static_cast<std::size_t>(m.link)]))
                        x.moment_Nmm =
                            x.moment_Nmm + m.mass_g * kNewtonPerGram * cross(m.centre - x.point, Vec3{0, -1, 0});
                }
                x.press_Nmm = kSculptPress_N * norm(run.far - x.point);
            }
        }
    }

    /// A link as a chain of beams: where its nodes lie along it, the first at its near end.
    struct Chain {
        std::vector<int> bodies;
        std::vector<double> at;
        std::vector<int> beams;
    };
    /// All links as one frame.
    struct Assembly {
        std::vector<FrameBody> bodies;
        std::vector<Beam> beams;
        std::vector<Chain> chains; ///< by link
    };

    /// Where the pieces of a link end, and whether each is wire.
    std::vector<std::pair<double, bool>> cutLink(std::size_t l) const {
        const Link& link = m_s.links[l];
        std::vector<std::pair<double, bool>> cuts;
        if (m_links[l].bare) {
            // A node at every section and under every mass: nothing is shared out between nodes.
            std::vector<double> at;
            for (int k = 1; k <= kStillBeams; ++k)
                at.push_back(static_cast<double>(k) / kStillBeams);
            for (const StillMass& m : m_masses)
                if (m.link == static_cast<int>(l) && m.at > kApart && m.at < 1 - kApart) at.push_back(m.at);
            std::sort(at.begin(), at.end());
            for (double x : at)
                if (cuts.empty() || x > cuts.back().first + kApart) cuts.emplace_back(x, true);
            cuts.back().first = 1;
        } else {
            const double a = std::min(0.45, link.gapFrom_mm / 2 / link.length_mm),
                         b = std::min(0.45, link.gapTo_mm / 2 / link.length_mm);
            if (a > 0) cuts.emplace_back(a, true);
            cuts.emplace_back(1 - b, false);
            if (b > 0) cuts.emplace_back(1, true);
        }
        return cuts;
    }

    std::vector<FrameBody> placeNodes() const {
        std::vector<FrameBody> bodies(static_cast<std::size_t>(m_count));
        for (std::size_t l = 0; l < m_s.links.size(); ++l) {
            bodies[static_cast<std::size_t>(m_to[l])].at = m_s.links[l].to;
            // A limb that hangs on another has its root where it is: the node is the parent's.
            if (l == 0 || m_s.links[l].copy != m_s.links[l - 1].copy) {
                if (m_s.copies[static_cast<std::size_t>(m_s.links[l].copy)].hangsOn < 0)
                    bodies[static_cast<std::size_t>(m_from[l])].at = m_s.links[l].from;
            }
        }
        for (std::size_t n = 0; n < bodies.size(); ++n)
            bodies[n].fixed = m_held[n];
        return bodies;
    }

    Assembly assemble() const {
        double most = 0;
        for (const StillLink& l : m_links)
            most = std::max(most, l.EI_Nmm2);
        Assembly all{placeNodes(), {}, std::vector<Chain>(m_s.links.size())};
        for (std::size_t l = 0; l < m_s.links.size(); ++l) {
            Chain& c = all.chains[l];
            c.bodies.push_back(m_from[l]), c.at.push_back(0);
            double from = 0;
            for (const auto& [to, wire] : cutLink(l)) {
                int body = m_to[l];
                if (to < 1) {
                    body = static_cast<int>(all.bodies.size());
                    all.bodies.push_back({pointAt(l, to), false});
                }
                const double EI = wire ? m_links[l].EI_Nmm2 : kStiff * most;
                // A round wire's own: EA from EI by a stout section, for stretching decides nothing here.
                c.beams.push_back(static_cast<int>(all.beams.size()));
                all.beams.push_back({c.bodies.back(), body, pointAt(l, from), pointAt(l, to), 16 * EI, EI, 0.75 * EI});
                c.bodies.push_back(body), c.at.push_back(to);
                from = to;
            }
        }
        return all;
    }

    /// Each mass on the two nodes beside it.
    std::vector<FrameForce> hangMasses(const Assembly& all) const {
        std::vector<FrameForce> weight;
        for (const StillMass& m : m_masses) {
            const Chain& c = all.chains[static_cast<std::size_t>(m.link)];
            std::size_t k = 1;
            while (k + 1 < c.at.size() && c.at[k] < m.at)
                ++k;
            const double share = std::clamp((m.at - c.at[k - 1]) / (c.at[k] - c.at[k - 1]), 0.0, 1.0);
            const Vec3 force{0, -m.mass_g * kNewtonPerGram, 0};
            weight.push_back({c.bodies[k - 1], m.centre, (1 - share) * force, {}});
            weight.push_back({c.bodies[k], m.centre, share * force, {}});
        }
        return weight;
    }

    /// What the far side of node k of a link's chain exerts there; the ends are seen from within the link.
    static Vec3 momentAt(const Assembly& all, const FrameState& of, std::size_t l, std::size_t k) {
        const Chain& c = all.chains[l];
        if (k > 0) return -1.0 * of.endCouple_Nmm[static_cast<std::size_t>(c.beams[k - 1])];
        const auto b = static_cast<std::size_t>(c.beams[0]);
        return -1.0 * (of.endCouple_Nmm[b] + cross(all.beams[b].toAt - all.beams[b].fromAt, of.endForce_N[b]));
    }

    /// The moments of a run's sections: by weight, and by a press at its end in the direction that is worst for each.
    void readOut(StillRun& run, const Assembly& all, const SpaceFrame& frame, const FrameState& state) const {
        const auto last = static_cast<std::size_t>(run.links.back());
        std::array<FrameState, 3> press;
        for (std::size_t a = 0; a < 3; ++a) {
            const Vec3 along{a == 0 ? 1.0 : 0.0, a == 1 ? 1.0 : 0.0, a == 2 ? 1.0 : 0.0};
            press[a] = frame.calc({{farNode(last), run.far, kSculptPress_N * along, {}}});
        }
        for (StillSection& x : run.sections) {
            const auto l = static_cast<std::size_t>(x.link);
            const std::vector<double>& at = all.chains[l].at;
            const auto k =
                static_cast<std::size_t>(std::lower_bound(at.begin(), at.end(), x.at - 2 * kApart) - at.begin());
            x.moment_Nmm = (m_out[l] ? 1.0 : -1.0) * momentAt(all, state, l, k);
            std::array<Vec3, 3> column;
            for (std::size_t a = 0; a < 3; ++a)
                column[a] = momentAt(all, press[a], l, k);
            x.press_Nmm = largest(column);
        }
    }

    /// All supports at once.
    bool together(StillLoads& r, const std::stop_token& stop) const {
        const Assembly all = assemble();
        checkStop(stop);
        const SpaceFrame frame(all.bodies, all.beams, 1e-10, stop);
        const FrameState state = frame.calc(hangMasses(all));
        if (!state.stable) return false;
        for (StillRun& run : r.runs) {
            checkStop(stop);
            readOut(run, all, frame, state);
        }
        return true;
    }

    /// Largest length of a combination of three columns by a unit vector: the matrix's largest singular value.
    static double largest(const std::array<Vec3, 3>& c) {
        Vec3 v{0.6, 0.64, 0.48};
        for (int i = 0; i < 60; ++i) {
            const Vec3 w = v.x * c[0] + v.y * c[1] + v.z * c[2];
            const Vec3 next{dot(c[0], w), dot(c[1], w), dot(c[2], w)};
            const double n = norm(next);
            if (n < 1e-12) return 0;
            v = (1 / n) * next;
        }
        return norm(v.x * c[0] + v.y * c[1] + v.z * c[2]);
    }

    const Skeleton& m_s;
    const std::vector<StillLink>& m_links;
    const std::vector<StillMass>& m_masses;
    std::vector<int> m_from, m_to; ///< nodes of each link
    int m_count = 0;
    bool m_rig = false;
    std::vector<bool> m_held; ///< by node
    std::vector<bool> m_out;  ///< by link: its `from` end is the nearer to what holds it
    std::vector<double> m_distance;
};

} // namespace

StillLoads calcStill(const Puppet& puppet, const Skeleton& skeleton, const std::vector<StillLink>& links,
                     const std::vector<StillMass>& masses, const std::stop_token& stop) {
    return Net(puppet, skeleton, links, masses).calc(stop);
}

} // namespace enkinet::load
