#include "load/stance.h"
#include "base/units.h"

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

StanceState calcStance(const Skeleton& s, const std::vector<PointMass>& masses, const Stance& stance,
                       const std::vector<Stiffness>& stiffness) {
    const std::size_t n = s.parentBody.size();
    std::vector<FrameBody> bodies(n);
    for (const Link& l : s.links)
        bodies[static_cast<std::size_t>(l.body)].at = l.from;
    const auto bodyOf = [&](int link) { return s.links[static_cast<std::size_t>(link)].body; };
    for (int support : stance)
        bodies[static_cast<std::size_t>(bodyOf(s.supportLinks[static_cast<std::size_t>(support)]))].fixed = true;
    if (stance.empty() && n > 0) bodies[0].fixed = true;

    std::vector<Beam> beams;
    for (std::size_t h = 0; h < s.hinges.size(); ++h) {
        const Hinge& hinge = s.hinges[h];
        const Link &before = s.links[static_cast<std::size_t>(hinge.before)],
                   &after = s.links[static_cast<std::size_t>(hinge.after)];
        const Vec3 out = unit(after.to - after.from);
        // A first joint stands on the side of its parent: its wire leaves in its own direction.
        const Vec3 in = before.copy == hinge.copy ? unit(before.to - before.from) : out;
        // A whip has no gap of its own on the link: its joint is taken as a short one at the root.
        const double half = std::max(0.5, after.gapFrom_mm / 2);
        const Stiffness& k = stiffness[h];
        const int middle = static_cast<int>(bodies.size());
        bodies.push_back({hinge.at, false});
        beams.push_back({before.body, middle, hinge.at - half * in, hinge.at, k.EA_N, k.EI_Nmm2, k.GJ_Nmm2});
        beams.push_back({middle, after.body, hinge.at, hinge.at + half * out, k.EA_N, k.EI_Nmm2, k.GJ_Nmm2});
    }
    const SpaceFrame frame(bodies, beams, 1e-10);

    StanceState r;
    r.couples.resize(s.hinges.size());
    r.feet_g.assign(s.supportLinks.size(), 0.0);
    const Vec3 axes[] = {{1, 0, 0}, {0, 1, 0}, {0, 0, 1}};
    for (std::size_t a = 0; a < 3; ++a) {
        std::vector<FrameForce> forces;
        for (const PointMass& m : masses)
            forces.push_back({m.body, m.at, m.mass_g * kNewtonPerGram * axes[a], {}});
        const FrameState state = frame.calc(forces);
        if (!state.stable) return r;
        for (std::size_t h = 0; h < s.hinges.size(); ++h)
            r.couples[h][a] = state.endCouple_Nmm[2 * h];
        if (a != 1) continue;
        // The axis points up, weight pulls down.
        for (int support : stance) {
            const auto i = static_cast<std::size_t>(support);
            r.feet_g[i] = -state.reaction_N[static_cast<std::size_t>(bodyOf(s.supportLinks[i]))].y / kNewtonPerGram;
        }
        for (std::size_t c = 0; c < s.copies.size(); ++c) {
            const std::size_t end =
                c + 1 < s.copies.size() ? static_cast<std::size_t>(s.copies[c + 1].firstLink) : s.links.size();
            const Link& tip = s.links[end - 1];
            r.droop_mm.push_back(findMove(state, bodies, tip.body, tip.to).y);
        }
    }
    r.stable = true;
    return r;
}

} // namespace enkinet::load
