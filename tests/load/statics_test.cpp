#include "fill/parts.h"
#include "load/statics.h"
#include "support/puppets.h"

using namespace enkinet::body;
using namespace enkinet::load;

namespace {
constexpr double g = kNewtonPerGram;

LoadSetup setup(double lean_rad) { return {lean_rad, 0, {}, {}}; }

int hingeOf(const Skeleton& s, const std::string& label) {
    for (std::size_t i = 0; i < s.hinges.size(); ++i)
        if (s.hinges[i].label == label) return static_cast<int>(i);
    FAIL("no hinge " << label);
    return -1;
}

const HingeLoad& loadOf(const Skeleton& s, const std::vector<HingeLoad>& loads, const std::string& label) {
    return loads[nth(hingeOf(s, label))];
}
} // namespace

TEST_CASE("A level arm carries its weights times their levers", "[load]") {
    const Skeleton s = calcSkeleton(levelArm(false));
    const int upper = s.links[2].body, fore = s.links[3].body;
    const auto loads = calcLoads(s, {{20, {25, 100, 0}, upper}, {30, {55, 100, 0}, fore}}, setup(degToRad(20)));
    CHECK_NEAR(loadOf(s, loads, "elbow").load_Nmm, g * 30 * 15, 1e-12);
    CHECK_NEAR(loadOf(s, loads, "shoulder").load_Nmm, g * (20 * 15 + 30 * 45), 1e-12);
    CHECK(loadOf(s, loads, "elbow").why == Case::stretched);
    CHECK(loadOf(s, loads, "shoulder").torsion_Nmm == 0);
    CHECK_NEAR(loadOf(s, loads, "shoulder").pose_Nmm, loadOf(s, loads, "shoulder").load_Nmm, 1e-12);
}

TEST_CASE("Next to nothing beyond a joint, a hand's touch counts", "[load]") {
    const Skeleton s = calcSkeleton(levelArm(false));
    const auto loads = calcLoads(s, {}, setup(0));
    CHECK_NEAR(loadOf(s, loads, "elbow").load_Nmm, 0.1 * 20, 1e-12);
    CHECK_NEAR(loadOf(s, loads, "shoulder").load_Nmm, 0.1 * 30, 1e-12);
    CHECK(loadOf(s, loads, "elbow").why == Case::touch);
}

TEST_CASE("A hanging arm is judged stretched out level, whatever its pose", "[load]") {
    Puppet p = levelArm(false);
    p.limbs[1].joints[2].at_mm = {10, 70, 0}, p.limbs[1].joints[3].at_mm = {10, 50, 0};
    const Skeleton s = calcSkeleton(p);
    const auto loads = calcLoads(s, {{30, {10, 55, 0}, s.links[3].body}}, setup(0));
    CHECK_NEAR(loadOf(s, loads, "shoulder").load_Nmm, g * 30 * 45, 1e-12);
    CHECK(loadOf(s, loads, "shoulder").pose_Nmm < 1e-12);
}

TEST_CASE("A leaning figure on one foot loads its ankle by weight, height and the sine of the lean", "[load]") {
    const Skeleton s = calcSkeleton(oneLegged());
    const int trunk = s.links[0].body;
    const double lean = degToRad(20);
    const auto upright = calcLoads(s, {{100, {0, 110, 0}, trunk}}, setup(lean));
    CHECK_NEAR(loadOf(s, upright, "ankle").load_Nmm, g * 100 * 100 * std::sin(lean), 1e-9);
    CHECK_NEAR(loadOf(s, upright, "knee").load_Nmm, g * 100 * 60 * std::sin(lean), 1e-9);
    CHECK(loadOf(s, upright, "ankle").standing);
    // Off to one side, the worst lean is towards that side.
    const auto aside = calcLoads(s, {{100, {15, 110, 0}, trunk}}, setup(lean));
    CHECK_NEAR(loadOf(s, aside, "ankle").load_Nmm, g * 100 * (100 * std::sin(lean) + 15 * std::cos(lean)), 1e-9);
    CHECK_NEAR(loadOf(s, aside, "ankle").arm_mm, 100 * std::sin(lean) + 15 * std::cos(lean), 1e-9);
}

TEST_CASE("A mirrored pair takes the worse side", "[load]") {
    const Puppet p = levelArm(true);
    const Skeleton s = calcSkeleton(p);
    std::vector<PointMass> masses{{20, {55, 100, 0}, s.links[3].body}, {20, {-55, 100, 0}, s.links[6].body}};
    const auto even = calcLoads(s, masses, setup(0));
    CHECK(loadOf(s, even, "left elbow").load_Nmm == loadOf(s, even, "right elbow").load_Nmm);
    masses[1].mass_g = 35;
    const auto loads = calcLoads(s, masses, setup(0));
    const auto demands =
        choice::calcDemands(p, s, s, document::makeShelf(shippedCards()), loads, masses, calcOwnStretches(p, s), 1);
    REQUIRE(demands.size() == 2);
    for (const auto& d : demands)
        CHECK(s.hinges[nth(d.hinge)].label.english().starts_with("right"));
    CHECK_NEAR(demands[1].needed_Nmm, 1.5 * g * 35 * 15, 1e-12);
}

TEST_CASE("The moment about a point by statics equals that by virtual work", "[load]") {
    Random random(8);
    for (int i = 0; i < 100; ++i) {
        std::vector<PointMass> masses;
        for (int k = 0; k < 5; ++k)
            masses.push_back({random.between(1, 50),
                              {random.between(-90, 90), random.between(-90, 90), random.between(-90, 90)},
                              0});
        const Vec3 about{random.between(-9, 9), random.between(-9, 9), random.between(-9, 9)};
        const Vec3 axis = unit({random.between(-1, 1), random.between(-1, 1), random.between(-1, 1)});
        // Turning everything by a small angle about the axis, the weight does the work of the moment.
        const double h = 1e-5;
        const auto height = [&](double turn) {
            double work = 0;
            for (const PointMass& m : masses) {
                const Vec3 r = m.at - about;
                const Vec3 turned =
                    std::cos(turn) * r + std::sin(turn) * cross(axis, r) + ((1 - std::cos(turn)) * dot(axis, r)) * axis;
                work -= g * m.mass_g * turned.y;
            }
            return work;
        };
        const double M = dot(calcMoment(masses, about, {0, -1, 0}), axis);
        CHECK(std::abs((height(h) - height(-h)) / (2 * h) - M) < 1e-6 * (1 + std::abs(M)));
    }
}

TEST_CASE("Twice the height with twice the thickness weighs 8 times and loads 16 times", "[load]") {
    const Puppet& p = demo().puppets[0];
    Puppet twice = calcScaled(p, 2 * p.height_mm);
    const auto thicker = [](Layers& l) { l.skin_mm *= 2, l.cover_mm *= 2; };
    for (Limb& l : twice.limbs)
        for (Segment& s : l.segments) {
            thicker(s.layers), s.sleeve_mm *= 2;
            for (Section& x : s.sections)
                if (x.skin_mm) *x.skin_mm *= 2;
        }
    for (Mass& m : twice.masses)
        thicker(m.layers), m.weighed_g *= 8;
    fill::Shelf shelf = document::makeShelf(shippedCards()), heavier = shelf;
    for (auto& [id, cover] : heavier.covers)
        cover.mass_g_m2 *= 2; // the same cloth, twice as thick
    const std::vector<fill::WireRuns> none(p.limbs.size());
    const auto loadsOf = [&](const Puppet& x, const fill::Shelf& on) {
        const Skeleton s = calcSkeleton(x);
        std::vector<PointMass> masses;
        double sum = 0;
        for (const fill::Part& part : fill::calcParts(x, s, calcOwnStretches(x, s), on, none))
            for (const fill::LayerMass* l : {&part.skin, &part.bulk, &part.cover, &part.wire})
                masses.push_back({l->mass_g, l->centre, part.body}), sum += l->mass_g;
        return std::pair{calcLoads(s, masses, setup(p.wants.lean_rad)), sum};
    };
    const auto [small, smallMass] = loadsOf(p, shelf);
    const auto [large, largeMass] = loadsOf(twice, heavier);
    CHECK_NEAR(largeMass, 8 * smallMass, 1e-9);
    int compared = 0;
    for (std::size_t i = 0; i < small.size(); ++i) {
        if (small[i].why == Case::touch || large[i].why == Case::touch) continue;
        CHECK_NEAR(large[i].load_Nmm, 16 * small[i].load_Nmm, 1e-9);
        ++compared;
    }
    CHECK(compared >= 6);
}
