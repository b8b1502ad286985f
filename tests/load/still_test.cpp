#include "base/units.h"
#include "choice/still.h"
#include "load/frame.h"
#include "load/still.h"
#include "support/near.h"
#include "support/puppets.h"
#include "support/sanitized.h"
#include <algorithm>

using namespace enkinet::body;
using namespace enkinet::load;

namespace {

/// A figure that stands still: one limb, or a trunk on two legs, with masses at random places of its links.
struct Figure0 {
    Puppet puppet;
    Skeleton skeleton;
    std::vector<StillLink> links;
    std::vector<StillMass> masses;
};

Figure0 drawFigure(Random& random, bool legs) {
    Figure0 f;
    Puppet& p = f.puppet;
    p.id = p.name = "still", p.height_mm = 200;
    const auto off = [&] { return random.between(-12, 12); };
    std::vector<Joint> trunk{fixedPoint("seat", {0, 100, 0})};
    const int n = random.whole(1, 3);
    for (int i = 1; i <= n; ++i)
        trunk.push_back(fixedPoint("t" + std::to_string(i), {off(), 100 + 40.0 * i, off()}));
    p.limbs = {limb("trunk", LimbKind::spine, trunk)};
    if (legs) {
        Limb leg = limb("leg", LimbKind::leg,
                        {fixedPoint("root", {0, 100, 0}), fixedPoint("hip", {20 + off() / 2, 92 + off() / 3, off()}),
                         fixedPoint("knee", {22 + off() / 2, 50 + off(), off()}), fixedPoint("sole", {25, 0, off()})},
                        "trunk", "seat");
        leg.mirrored = true, leg.tieDown = TieDown{};
        p.limbs.push_back(leg);
    }
    Limb arm =
        limb("arm", LimbKind::arm,
             {fixedPoint("root", trunk.back().at_mm), fixedPoint("elbow", trunk.back().at_mm + Vec3{40, off(), off()}),
              fixedPoint("tip", trunk.back().at_mm + Vec3{70, off(), off()})},
             "trunk", "t" + std::to_string(n));
    arm.mirrored = random.whole(0, 1) == 1;
    p.limbs.push_back(arm);
    const auto sound = must(makePuppet(p));
    p = *sound;
    f.skeleton = calcSkeleton(p);
    for (std::size_t l = 0; l < f.skeleton.links.size(); ++l) {
        f.links.push_back({true, random.between(2e4, 2e5)});
        for (int k = random.whole(1, 3); k-- > 0;) {
            const double at = random.between(0.02, 0.98);
            const Link& link = f.skeleton.links[l];
            f.masses.push_back({static_cast<int>(l), at, random.between(1, 40),
                                link.from + at * (link.to - link.from) + Vec3{off() / 3, off() / 3, off() / 3}});
        }
    }
    return f;
}

/// Forces and couples handed on link by link from the tips to what holds it: what the far side does at a link's near
/// end.
Vec3 handedOn(const Figure0& f, std::size_t link, Vec3& force) {
    const Skeleton& s = f.skeleton;
    const Link& l = s.links[link];
    Vec3 couple{};
    force = {};
    const auto hang = [&](const Vec3& at, const Vec3& F, const Vec3& M) {
        couple = couple + M + cross(at - l.from, F);
        force = force + F;
    };
    for (const StillMass& m : f.masses)
        if (m.link == static_cast<int>(link)) hang(m.centre, {0, -m.mass_g * kNewtonPerGram, 0}, {});
    for (std::size_t k = 0; k < s.links.size(); ++k) {
        const bool follows = k == link + 1 && s.links[k].copy == l.copy;
        const LimbCopy& c = s.copies[nth(s.links[k].copy)];
        const Limb& child = f.puppet.limbs[nth(c.limb)];
        const bool hangs =
            k == nth(c.firstLink) && c.hangsOn == l.copy &&
            findJointIndex(f.puppet.limbs[nth(s.copies[nth(l.copy)].limb)], child.hangsOnJoint) == l.segment + 1;
        if (!follows && !hangs) continue;
        Vec3 F;
        const Vec3 M = handedOn(f, k, F);
        hang(s.links[k].from, F, M);
    }
    return couple;
}

} // namespace

TEST_CASE("Bare wire on one support carries what hand statics say, on 100 random figures", "[load]") {
    Random random(91);
    for (int i = 0; i < 100; ++i) {
        const Figure0 f = drawFigure(random, false);
        const StillLoads r = calcStill(f.puppet, f.skeleton, f.links, f.masses);
        REQUIRE(r.stable);
        std::size_t seen = 0;
        for (const StillRun& run : r.runs)
            for (const StillSection& x : run.sections) {
                if (x.at > 1e-12) continue;
                Vec3 force;
                const Vec3 M = handedOn(f, nth(x.link), force);
                CHECK(norm(x.moment_Nmm - M) <= 1e-9 * std::max(1.0, norm(M)));
                CHECK_NEAR(x.press_Nmm, norm(run.far - x.point), 1e-12);
                ++seen;
            }
        CHECK(seen == f.skeleton.links.size());
    }
}

TEST_CASE("Bare wire on two feet carries what beams of 32 elements a stretch say, on 100 random figures", "[load]") {
    constexpr int kFine = 32;
    Random random(92);
    for (int i = 0; i < (kSanitized ? 10 : 100); ++i) {
        const Figure0 f = drawFigure(random, true);
        const StillLoads r = calcStill(f.puppet, f.skeleton, f.links, f.masses);
        REQUIRE(r.stable);
        // The same figure once more, each link cut finely; every joint found by its place.
        std::vector<FrameBody> bodies;
        std::vector<Beam> beams;
        std::vector<FrameForce> forces;
        const auto bodyAt = [&](const Vec3& at) {
            for (std::size_t b = 0; b < bodies.size(); ++b)
                if (norm(bodies[b].at - at) < 1e-9) return static_cast<int>(b);
            bodies.push_back({at, false});
            return static_cast<int>(bodies.size()) - 1;
        };
        std::vector<int> first, last;
        for (std::size_t l = 0; l < f.skeleton.links.size(); ++l) {
            const Link& link = f.skeleton.links[l];
            // What hangs on another begins at its joint, wherever it is drawn.
            Vec3 root = link.from;
            if (const LimbCopy& c = f.skeleton.copies[nth(link.copy)]; link.segment == 0 && c.hangsOn >= 0) {
                const LimbCopy& up = f.skeleton.copies[nth(c.hangsOn)];
                const Limb& parent = f.puppet.limbs[nth(up.limb)];
                const int at = findJointIndex(parent, f.puppet.limbs[nth(c.limb)].hangsOnJoint);
                root = at == 0 ? f.skeleton.links[nth(up.firstLink)].from
                               : f.skeleton.links[nth(up.firstLink + at - 1)].to;
            }
            std::vector<int> chain{bodyAt(root)};
            first.push_back(static_cast<int>(beams.size()));
            std::vector<double> at{0};
            for (int k = 1; k <= kFine; ++k)
                at.push_back(static_cast<double>(k) / kFine);
            for (const StillMass& m : f.masses)
                if (m.link == static_cast<int>(l)) at.push_back(m.at);
            std::sort(at.begin(), at.end());
            at.erase(std::unique(at.begin(), at.end(), [](double a, double b) { return b - a < 5e-4; }), at.end());
            for (std::size_t k = 1; k < at.size(); ++k) {
                const Vec3 a = link.from + at[k - 1] * (link.to - link.from),
                           b = link.from + at[k] * (link.to - link.from);
                chain.push_back(bodyAt(b));
                const double EI = f.links[l].EI_Nmm2;
                beams.push_back({chain[k - 1], chain.back(), a, b, 16 * EI, EI, 0.75 * EI});
            }
            last.push_back(static_cast<int>(beams.size()) - 1);
            for (const StillMass& m : f.masses) {
                if (m.link != static_cast<int>(l)) continue;
                const auto k = nth(std::lower_bound(at.begin(), at.end(), m.at - 7e-4) - at.begin());
                forces.push_back({chain[k], m.centre, {0, -m.mass_g * kNewtonPerGram, 0}, {}});
            }
        }
        for (int link : f.skeleton.supportLinks)
            bodies[nth(bodyAt(f.skeleton.links[nth(link)].to))].fixed = true;
        const FrameState state = SpaceFrame(bodies, beams).calc(forces);
        REQUIRE(state.stable);
        double most = 0;
        for (const StillRun& run : r.runs)
            for (const StillSection& x : run.sections)
                most = std::max(most, norm(x.moment_Nmm));
        for (const StillRun& run : r.runs)
            for (const StillSection& x : run.sections) {
                if (x.at > 1e-9 && x.at < 1 - 1e-9) continue;
                const auto b = nth(first[nth(x.link)]);
                const Vec3 M =
                    x.at > 0.5 ? state.endCouple_Nmm[nth(last[nth(x.link)])]
                               : state.endCouple_Nmm[b] + cross(beams[b].toAt - beams[b].fromAt, state.endForce_N[b]);
                CHECK(std::abs(norm(M) - norm(x.moment_Nmm)) < 0.005 * most);
            }
    }
}

TEST_CASE("A level rod bends down as a cantilever does, and a press adds its arm", "[load]") {
    Puppet p;
    p.id = p.name = "rod", p.height_mm = 100;
    p.limbs = {limb("rod", LimbKind::spine, {fixedPoint("root", {0, 50, 0}), fixedPoint("tip", {100, 50, 0})})};
    p = *makePuppet(p);
    const Skeleton s = calcSkeleton(p);
    // 10 g at the tip.
    const double W = 10 * kNewtonPerGram, L = 100, EI = 54192;
    const auto demands = choice::calcStillDemands(p, s, {{0, 1.0, 10, {100, 50, 0}}}, {EI});
    REQUIRE(demands.size() == 1);
    REQUIRE(demands[0].parts.size() == 1);
    CHECK_NEAR(demands[0].parts[0].weight_Nmm, W * L, 1e-12);
    CHECK_NEAR(demands[0].parts[0].press_Nmm, W * L + L, 1e-12);
    const choice::StillVerdict v = choice::judgeStill(demands[0], {{35.28, EI}});
    CHECK_NEAR(v.droop_mm, W * L * L * L / (3 * EI), 0.005);
    CHECK_NEAR(v.droopLimit_mm, 2.0, 1e-12);
    CHECK_NEAR(v.proof_Nmm, 35.28, 1e-12);
    CHECK(v.governs == choice::StillLimit::press);
    CHECK_FALSE(v.holds());
    CHECK(demands[0].thrust_N == 0);
    CHECK(choice::judgeStill(demands[0], {{110.0, EI}}).holds());
}

TEST_CASE("What stands on a bare post presses along it and folds it up at Euler's load", "[choice]") {
    document::Production all = demo();
    Puppet post = weightedPost(2000);
    // Two kilograms on 0.3 mm copper: refused.
    document::Spool thin;
    thin.id = "thin", thin.name = "thin copper", thin.material = "copper-annealed", thin.diameter_mm = 0.3,
    thin.length_m = 10;
    all.stock.spools.push_back(thin);
    post.limbs[0].pick = WirePick{"thin", 1, 0, {}};
    all.puppets = {post};
    const auto r = reportOf(all);
    const choice::LimbChoice& l = r.choice.limbs[0];
    REQUIRE(l.stillVerdicts.size() == 1);
    CHECK(l.state == choice::State::slack);
    const choice::StillVerdict& v = l.stillVerdicts[0];
    CHECK_NEAR(v.folds_N, kPi * kPi * 117000 * kPi / 64 * std::pow(0.3, 4) / (4 * 100 * 100), 1e-6);
    CHECK_FALSE(v.holds());
    CHECK(v.governs == choice::StillLimit::buckles);
    CHECK_NEAR(l.still[0].thrust_N, 2000 * kNewtonPerGram, 1e-3);
    CHECK(findPoint(r.open, "still-folds"));
    // Stiffened in putty there is nothing bare left to judge.
    all.puppets[0].limbs[0].segments[0].stiffening = Stiffening::putty;
    CHECK(reportOf(all).choice.limbs[0].state == choice::State::not_checked);
}

TEST_CASE("An unstiffened trunk of annealed steel under raw clay is judged with numbers", "[choice]") {
    document::Production all = demo();
    Puppet p = levelArm(false);
    p.id = "trunk", p.limbs.resize(1);
    // 150 mm, leaning by thirty degrees, 600 g of raw clay at its middle.
    p.limbs[0].joints[1].at_mm = {75, 129.9, 0};
    Mass m;
    m.id = m.name = "clay", m.limb = "post", m.shape = MassShape::weighed, m.weighed_g = 600,
    m.at_mm = {37.5, 64.95, 0};
    p.masses = {m};
    document::Spool steel;
    steel.id = "steel", steel.name = "annealed steel", steel.material = "steel-annealed", steel.diameter_mm = 2.0,
    steel.length_m = 10;
    all.stock.spools = {steel};
    p.limbs[0].pick = WirePick{"steel", 2, 0, {}};
    all.puppets = {p};
    all.stock.bendTests.clear(), all.stock.hangTests.clear(), all.stock.offcuts.clear();
    const auto r = reportOf(all);
    const choice::LimbChoice& l = r.choice.limbs[0];
    REQUIRE(l.stillVerdicts.size() == 1);
    const choice::StillVerdict& v = l.stillVerdicts[0];
    const double weight = 600 * kNewtonPerGram * 37.5;
    CHECK(l.still[0].parts[0].weight_Nmm >= weight);
    CHECK_NEAR(l.still[0].parts[0].weight_Nmm, weight, 0.03);
    CHECK_NEAR(v.proof_Nmm, 2 * wire::calcProofMoment(wireCard("steel-annealed"), {1, 2.0, 0}), 1e-3);
    // It carries clay and press, and bends down a little too far: M a²/(3 EI) + M a/(2 EI) (L - a).
    CHECK(v.margin[nth(choice::StillLimit::weight)] > 1);
    CHECK(v.margin[nth(choice::StillLimit::press)] > 1);
    const double EI = 2 * 207000 * kPi / 64 * 16;
    CHECK_NEAR(v.droop_mm, weight * 75 * 75 / (3 * EI) + weight * 75 / (2 * EI) * 75, 0.04);
    CHECK(v.governs == choice::StillLimit::droop);
    CHECK(l.state == choice::State::slack);
}
