#include "body/pose.h"
#include "load/frame.h"
#include "load/reach.h"
#include "load/stance.h"
#include "support/puppets.h"

using namespace enkinet::body;
using namespace enkinet::load;

namespace {

constexpr double EA = 2e5, EI = 3e4, GJ = 2.3e4;

Beam beam(int from, int to, const std::vector<FrameBody>& nodes) {
    return {from, to, nodes[nth(from)].at, nodes[nth(to)].at, EA, EI, GJ};
}

/// Sum of all forces and of all moments about the origin, reactions included.
std::pair<double, double> unbalanced(const std::vector<FrameBody>& bodies, const std::vector<FrameForce>& forces,
                                     const FrameState& s) {
    Vec3 F, M;
    double size = 0;
    for (const FrameForce& f : forces) {
        F = F + f.force_N, M = M + cross(f.at, f.force_N) + f.couple_Nmm;
        size += norm(f.force_N) * (1 + norm(f.at));
    }
    for (std::size_t b = 0; b < bodies.size(); ++b)
        F = F + s.reaction_N[b], M = M + s.reaction_Nmm[b] + cross(bodies[b].at, s.reaction_N[b]);
    return {norm(F) / size, norm(M) / size};
}

} // namespace

TEST_CASE("A cantilever bends, stretches and twists as the textbook says", "[load]") {
    const double L = 80, P = 3;
    const std::vector<FrameBody> nodes{{{0, 0, 0}, true}, {{L, 0, 0}, false}};
    const SpaceFrame f(nodes, {beam(0, 1, nodes)});
    const FrameState s = f.calc({{1, {L, 0, 0}, {5, -P, 2}, {7, 0, 0}}});
    REQUIRE(s.stable);
    CHECK_NEAR(s.move_mm[1].y, -P * L * L * L / (3 * EI), 1e-9);
    CHECK_NEAR(s.move_mm[1].z, 2 * L * L * L / (3 * EI), 1e-9);
    CHECK_NEAR(s.turn_rad[1].z, -P * L * L / (2 * EI), 1e-9);
    CHECK_NEAR(s.move_mm[1].x, 5 * L / EA, 1e-9);
    CHECK_NEAR(s.turn_rad[1].x, 7 * L / GJ, 1e-9);
    CHECK_NEAR(s.reaction_N[0].y, P, 1e-9);
    CHECK_NEAR(s.reaction_Nmm[0].z, P * L, 1e-9);
    CHECK_NEAR(s.reaction_Nmm[0].x, -7, 1e-9);
}

TEST_CASE("A space bend droops by bending of both legs and twist of the first", "[load]") {
    // Timoshenko, Strength of Materials I: an L in the level plane, loaded at its end.
    const double a = 60, b = 35, P = 1.7;
    const std::vector<FrameBody> nodes{{{0, 0, 0}, true}, {{a, 0, 0}, false}, {{a, 0, b}, false}};
    const FrameState s =
        SpaceFrame(nodes, {beam(0, 1, nodes), beam(1, 2, nodes)}).calc({{2, nodes[2].at, {0, -P, 0}, {}}});
    REQUIRE(s.stable);
    CHECK_NEAR(-s.move_mm[2].y, P * a * a * a / (3 * EI) + P * b * b * b / (3 * EI) + P * b * b * a / GJ, 1e-9);
    // Torsion in the first leg is the force times the second.
    CHECK_NEAR(std::abs(s.endCouple_Nmm[0].x), P * b, 1e-9);
    CHECK_NEAR(std::abs(s.endCouple_Nmm[0].z) + 1, 1.0, 1e-9);
}

TEST_CASE("A portal pushed sideways shares its moments by the closed form", "[load]") {
    // Kleinlogel: fixed feet, span l, height h, k = (I2/I1) h/l, force H at the corner:
    // foot moment H h/2 (3k+1)/(6k+1), corner moment H h/2 3k/(6k+1). Stretching left out.
    const double l = 90, h = 70, H = 2, k = h / l, huge = 1e14;
    const std::vector<FrameBody> nodes{{{0, 0, 0}, true}, {{0, h, 0}, false}, {{l, h, 0}, false}, {{l, 0, 0}, true}};
    std::vector<Beam> beams{beam(0, 1, nodes), beam(1, 2, nodes), beam(2, 3, nodes)};
    for (Beam& b : beams)
        b.EA_N = huge;
    const FrameState s = SpaceFrame(nodes, beams).calc({{1, nodes[1].at, {H, 0, 0}, {}}});
    REQUIRE(s.stable);
    CHECK_NEAR(std::abs(s.reaction_Nmm[0].z), H * h / 2 * (3 * k + 1) / (6 * k + 1), 1e-9);
    CHECK_NEAR(std::abs(s.endCouple_Nmm[0].z), H * h / 2 * 3 * k / (6 * k + 1), 1e-9);
    CHECK_NEAR(s.reaction_N[0].x, -H / 2, 1e-9);
}

TEST_CASE("A quarter ring in straight pieces droops by the sum of the work in each", "[load]") {
    // Unit-load integral piece by piece, exact for straight pieces: bending (Simpson on a quadratic) and stretching.
    const int pieces = 24;
    const double R = 50, P = 0.8;
    std::vector<FrameBody> nodes;
    std::vector<Beam> beams;
    for (int i = 0; i <= pieces; ++i) {
        const double phi = kPi / 2 * i / pieces;
        nodes.push_back({{R * std::sin(phi), R * (std::cos(phi) - 1), 0}, i == 0});
        if (i > 0) beams.push_back(beam(i - 1, i, nodes));
    }
    const Vec3 end = nodes.back().at;
    const FrameState s = SpaceFrame(nodes, beams).calc({{pieces, end, {0, -P, 0}, {}}});
    REQUIRE(s.stable);
    double work = 0;
    for (int i = 1; i <= pieces; ++i) {
        const Vec3 a = nodes[nth(i) - 1].at, b = nodes[nth(i)].at;
        const double L = norm(b - a), ma = end.x - a.x, mb = end.x - b.x, mm = (ma + mb) / 2;
        work += P * L / (6 * EI) * (ma * ma + 4 * mm * mm + mb * mb);
        const double along = (b.y - a.y) / L;
        work += P * along * along * L / EA;
    }
    CHECK_NEAR(-s.move_mm.back().y, work, 1e-9);
    // And near the smooth ring's (3 pi/4 - 2) P R^3/EI.
    CHECK_NEAR(-s.move_mm.back().y, (3 * kPi / 4 - 2) * P * R * R * R / EI, 0.01);
}

TEST_CASE("A loose part is called loose, and gets no numbers", "[load]") {
    const std::vector<FrameBody> nodes{{{0, 0, 0}, true}, {{10, 0, 0}, false}, {{20, 0, 0}, false}};
    const FrameState s = SpaceFrame(nodes, {beam(0, 1, nodes)}).calc({{2, nodes[2].at, {0, -1, 0}, {}}});
    CHECK_FALSE(s.stable);
    CHECK(s.move_mm.empty());
    Beam none = beam(0, 1, nodes);
    none.EI_Nmm2 = std::nan("");
    CHECK_FALSE(SpaceFrame(nodes, {none, beam(1, 2, nodes)}).calc({}).stable);
}

TEST_CASE("Random trees and frames are in balance, each body by itself too", "[load]") {
    Random random(20);
    for (int round = 0; round < 60; ++round) {
        INFO("round " << round);
        const int n = random.whole(3, 14);
        std::vector<FrameBody> bodies;
        std::vector<Beam> beams;
        const auto point = [&] {
            return Vec3{random.between(-90, 90), random.between(0, 200), random.between(-60, 60)};
        };
        for (int i = 0; i < n; ++i) {
            bodies.push_back({point(), i == 0 || (round % 2 && i < 4)});
            if (i > 0) {
                Beam b{random.whole(0, i - 1),  i, point(), point(), random.between(1e4, 1e6), random.between(1e3, 1e6),
                       random.between(1e3, 1e6)};
                beams.push_back(b);
            }
        }
        if (round % 2) beams.push_back({0, n - 1, point(), point(), EA, EI, GJ});
        std::vector<FrameForce> forces;
        for (int i = 0; i < n; ++i)
            forces.push_back({i, point(), {random.between(-1, 1), random.between(-3, 0), random.between(-1, 1)}, {}});
        const FrameState s = SpaceFrame(bodies, beams).calc(forces);
        REQUIRE(s.stable);
        const auto [F, M] = unbalanced(bodies, forces, s);
        CHECK(F < 1e-9);
        CHECK(M < 1e-9);
        // A free body: its load, and what its beams exert on it.
        for (int b = 0; b < n; ++b) {
            if (bodies[nth(b)].fixed) continue;
            Vec3 f, m;
            for (const FrameForce& x : forces)
                if (x.body == b) f = f + x.force_N, m = m + cross(x.at, x.force_N);
            for (std::size_t i = 0; i < beams.size(); ++i) {
                if (beams[i].to == b)
                    f = f + s.endForce_N[i], m = m + s.endCouple_Nmm[i] + cross(beams[i].toAt, s.endForce_N[i]);
                // At its other end the beam pushes the other way: balance of the beam.
                if (beams[i].from == b) {
                    f = f - s.endForce_N[i];
                    m = m - s.endCouple_Nmm[i] - cross(beams[i].toAt, s.endForce_N[i]);
                }
            }
            CHECK(norm(f) < 1e-9 * 100);
            CHECK(norm(m) < 1e-9 * 1e4);
        }
    }
}

TEST_CASE("On one foot the frame and the cut through each joint say the same", "[load]") {
    // Two routes to the moments of a statically determinate puppet, in random poses.
    Random random(8);
    document::Production p = demo();
    for (int puppet : {0, 1, 2}) {
        Puppet& x = p.puppets[nth(puppet)];
        for (int round = 0; round < 4; ++round) {
            x.board.angles.clear();
            for (const Limb& l : x.limbs)
                for (const Joint& j : l.joints)
                    if (j.posed)
                        for (bool right : {false, true})
                            if (l.mirrored || !right)
                                x.board.angles.push_back({l.id, j.id, right, random.between(j.low_rad, j.high_rad),
                                                          random.between(-0.2, 0.2)});
            const Skeleton rest = calcSkeleton(x), s = calcPosed(x, rest, x.board).skeleton;
            std::vector<PointMass> masses;
            for (const Link& l : s.links)
                masses.push_back({random.between(1, 30), 0.5 * (l.from + l.to), l.body});
            const std::vector<JointStiffness> soft(s.hinges.size(),
                                                   JointStiffness{{1e5, random.between(1e3, 1e5), 5e3}, {}});
            for (int foot = 0; foot < static_cast<int>(s.supportLinks.size()); ++foot) {
                const StanceState state = calcStance(s, masses, {foot}, soft);
                REQUIRE(state.stable);
                const int standing = s.links[nth(s.supportLinks[nth(foot)])].body;
                for (std::size_t h = 0; h < s.hinges.size(); ++h) {
                    const int after = s.links[nth(s.hinges[h].after)].body;
                    const bool beyond = isBeyond(s, standing, after);
                    std::vector<PointMass> far;
                    for (const PointMass& m : masses)
                        if (isBeyond(s, m.body, after) != beyond) far.push_back(m);
                    const Vec3 exact = calcMoment(far, s.hinges[h].at, {0, -1, 0});
                    CHECK(std::abs(norm(exact) - norm(state.couples[h][1])) < 1e-9 * (1 + norm(exact)));
                }
                double all = 0;
                for (const PointMass& m : masses)
                    all += m.mass_g;
                CHECK_NEAR(state.feet_g[nth(foot)], all, 1e-9);
            }
        }
    }
}

TEST_CASE("Feet share the weight: all of it, evenly where the puppet is its own mirror image", "[load]") {
    const auto r = reportOf(demo(), 1);
    REQUIRE(r.choice.footings.size() == 4); // three of four hooves
    for (const choice::Footing& f : r.choice.footings) {
        REQUIRE(f.down.size() == 3);
        REQUIRE(f.stable);
        double sum = 0;
        for (double g : f.feet_g)
            sum += g;
        CHECK_NEAR(sum, r.choice.totals.mass_g(), 1e-6);
    }
    document::Production p = demo();
    p.puppets[1].wants.feetDown = 4;
    p.puppets[1].board = {};
    const auto all = reportOf(p, 1);
    REQUIRE(all.choice.footings.size() == 1);
    const auto& g = all.choice.footings[0].feet_g;
    REQUIRE(g.size() == 4);
    CHECK_NEAR(g[0], g[1], 1e-6);
    CHECK_NEAR(g[2], g[3], 1e-6);
    // More feet, less to hold, joint by joint of the legs.
    for (std::size_t h = 0; h < all.choice.loads.size(); ++h)
        if (all.choice.loads[h].why == Case::shared)
            CHECK(all.choice.loads[h].load_Nmm <= r.choice.loads[h].load_Nmm * 1.2);
}

TEST_CASE("Stances are all choices of so many feet", "[load]") {
    CHECK(makeStances(0, 0) == std::vector<Stance>{{}});
    CHECK(makeStances(1, 0) == std::vector<Stance>{{0}});
    CHECK(makeStances(2, 0) == std::vector<Stance>{{0}, {1}});
    CHECK(makeStances(2, 2) == std::vector<Stance>{{0, 1}});
    CHECK(makeStances(4, 0).size() == 4);
    CHECK(makeStances(4, 2).size() == 6);
    CHECK(makeStances(2, 9) == makeStances(2, 0));
}

TEST_CASE("A level tail droops as a cantilever over its whole length", "[load]") {
    // 90 mm of one 1.0 mm soft aluminium wire that carries 2.7 g spread evenly: W L³/(8 E I) = 0.71 mm.
    Puppet p = levelArm(false);
    p.limbs.resize(1);
    p.limbs.push_back(limb(
        "tail", LimbKind::tail,
        {posed("root", {0, 100, 0}, 5, -35, 35), fixedPoint("mid", {0, 100, -30}), fixedPoint("tip", {0, 100, -90})},
        "post", "top"));
    p.limbs[1].whip = true;
    const auto sound = must(makePuppet(p));
    const Skeleton s = calcSkeleton(*sound);
    const double E = 69000, I = kPi / 64, W = 2.7 * kNewtonPerGram, L = 90;
    std::vector<PointMass> masses;
    for (int i = 0; i < 90; ++i)
        masses.push_back({0.03, {0, 100, -(i + 0.5)}, s.links.back().body});
    std::vector<JointStiffness> even(1, JointStiffness{{E * kPi / 4, E * I, 25940 * 2 * I}, {}});
    const StanceState state = calcStance(s, masses, {}, even);
    REQUIRE(state.stable);
    CHECK_NEAR(state.droop_mm.back(), W * L * L * L / (8 * E * I), 0.005);
    CHECK_NEAR(state.droop_mm.back(), 0.71, 0.01);
    // Three strands to the middle of its length, one beyond: by hand, each half with its own stiffness.
    even[0].EI_Nmm2 *= 3;
    even[0].further.emplace_back(45.0, Stiffness{E * kPi / 4, E * I, 25940 * 2 * I});
    const double w = W / L, tip = [&] {
        double sum = 0;
        for (int i = 0; i < 9000; ++i) {
            const double x = (i + 0.5) * L / 9000, EI = E * I * (x < 45 ? 3 : 1);
            sum += w * (L - x) * (L - x) / 2 / EI * (L - x) * L / 9000;
        }
        return sum;
    }();
    CHECK_NEAR(calcStance(s, masses, {}, even).droop_mm.back(), tip, 0.01);
    // The couple at its root is the whole weight times its lever, however soft it is.
    CHECK_NEAR(norm(calcStance(s, masses, {}, even).couples[0][1]), W * L / 2, 1e-3);
}

TEST_CASE("What the feet share is the same with and without what hangs on the bodies between them", "[load]") {
    // Two routes: the whole frame with tails, ears and arms, and the bodies between the feet alone.
    Random random(9);
    int compared = 0;
    for (int puppet : {0, 1, 2}) {
        const Puppet x = demo().puppets[nth(puppet)];
        const Skeleton s = calcSkeleton(x);
        std::vector<PointMass> masses;
        for (const Link& l : s.links)
            masses.push_back({random.between(1, 30), 0.5 * (l.from + l.to), l.body});
        std::vector<JointStiffness> soft;
        for (std::size_t h = 0; h < s.hinges.size(); ++h)
            soft.push_back(JointStiffness{{1e5, random.between(1e3, 1e5), random.between(1e3, 1e4)}, {}});
        for (const int down : {2, 3, 4}) {
            if (down > static_cast<int>(s.supportLinks.size())) continue;
            for (const Stance& stance : makeStances(static_cast<int>(s.supportLinks.size()), down)) {
                const StanceState whole = calcStance(s, masses, stance, soft),
                                  share = calcShares(s, masses, stance, soft),
                                  droop = calcDroop(s, masses, stance, soft);
                REQUIRE((whole.stable && share.stable && droop.stable));
                for (std::size_t h = 0; h < s.hinges.size(); ++h) {
                    const int after = s.links[nth(s.hinges[h].after)].body;
                    const bool between = std::any_of(s.supportLinks.begin(), s.supportLinks.end(), [&](int link) {
                        return isBeyond(s, s.links[nth(link)].body, after);
                    });
                    for (std::size_t axis = 0; between && axis < 3; ++axis, ++compared)
                        CHECK(norm(whole.couples[h][axis] - share.couples[h][axis]) <
                              1e-7 * (1 + norm(whole.couples[h][axis])));
                    CHECK(norm(whole.couples[h][1] - droop.couples[h][1]) < 1e-12 * (1 + norm(whole.couples[h][1])));
                }
                CHECK(droop.droop_mm == whole.droop_mm);
                CHECK(droop.feet_g == whole.feet_g);
            }
        }
    }
    CHECK(compared > 100);
}
