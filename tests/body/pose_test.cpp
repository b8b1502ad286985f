#include "body/mesh.h"
#include "body/pose.h"
#include "document/edits.h"
#include "files/mesh_file.h"
#include "load/statics.h"
#include "support/puppets.h"
#include <cstring>
#include <nlohmann/json.hpp>

using namespace enkinet::body;

namespace {
Pose randomPose(const Puppet& p, Random& random) {
    Pose pose;
    for (const Limb& l : p.limbs)
        for (const Joint& j : l.joints)
            for (int right = 0; right <= (l.mirrored ? 1 : 0); ++right)
                if (j.posed)
                    pose.angles.push_back(
                        findWithinRange(j, {l.id, j.id, right == 1, random.between(-3, 3), random.between(-3, 3)}));
    return pose;
}
} // namespace

TEST_CASE("A bent arm's tip goes where the turns take it", "[body]") {
    Puppet p = levelArm(false);
    p.limbs[1].joints[2].low_rad = degToRad(-90), p.limbs[1].joints[2].high_rad = degToRad(90);
    Pose pose;
    pose.angles = {{"arm", "elbow", false, 0, degToRad(90)}};
    const Posed r = calcPosed(p, calcSkeleton(p), pose);
    CHECK(norm(r.skeleton.links[3].to - Vec3{40, 120, 0}) < 1e-12); // outwards and up on the left side
    pose.angles = {{"arm", "shoulder", false, 0, degToRad(20)}, {"arm", "elbow", false, 0, degToRad(-20)}};
    const Posed s = calcPosed(p, calcSkeleton(p), pose);
    CHECK(norm(unit(s.skeleton.links[3].to - s.skeleton.links[3].from) - Vec3{1, 0, 0}) < 1e-12); // turns add up
}

TEST_CASE("Posing keeps every length, and rest is rest", "[body]") {
    Random random(51);
    for (const Puppet& p : demo().puppets) {
        const Skeleton rest = calcSkeleton(p);
        const Posed still = calcPosed(p, rest, {});
        for (std::size_t i = 0; i < rest.links.size(); ++i)
            CHECK(norm(still.skeleton.links[i].to - rest.links[i].to) < 1e-12);
        for (int n = 0; n < 20; ++n) {
            const Posed r = calcPosed(p, rest, randomPose(p, random));
            for (std::size_t i = 0; i < rest.links.size(); ++i) {
                const Link& l = r.skeleton.links[i];
                CHECK_NEAR(norm(l.to - l.from), rest.links[i].length_mm, 1e-9);
                CHECK(std::abs(dot(l.a, l.b)) + std::abs(dot(l.a, unit(l.to - l.from))) < 1e-9);
            }
            // The planted foot has not moved.
            const auto foot = nth(rest.supportLinks.front());
            CHECK(norm(r.skeleton.links[foot].to - rest.links[foot].to) < 1e-9);
            CHECK(norm(r.skeleton.links[foot].from - rest.links[foot].from) < 1e-9);
        }
    }
}

TEST_CASE("Mirrored twice a pose is itself, and mirrored once its figure is the mirror image", "[body]") {
    const Puppet& p = demo().puppets[0];
    Random random(52);
    Pose pose = randomPose(p, random);
    const auto sorted = [](Pose x) {
        std::sort(x.angles.begin(), x.angles.end(), [](const auto& a, const auto& b) {
            return std::tie(a.limb, a.joint, a.right) < std::tie(b.limb, b.joint, b.right);
        });
        return x;
    };
    CHECK(sorted(calcMirrored(p, calcMirrored(p, pose))) == sorted(pose));
    const Skeleton rest = calcSkeleton(p);
    const Posed a = calcPosed(p, rest, pose), b = calcPosed(p, rest, calcMirrored(p, pose));
    for (const LimbCopy& c : rest.copies) {
        if (p.limbs[nth(c.limb)].id != "arm" || c.right) continue;
        const auto twin = std::find_if(rest.copies.begin(), rest.copies.end(),
                                       [&](const LimbCopy& x) { return x.limb == c.limb && x.right; });
        const Vec3 left = a.skeleton.links[nth(c.firstLink + 3)].to,
                   right = b.skeleton.links[nth(twin->firstLink + 3)].to;
        CHECK(norm(Vec3{-left.x, left.y, left.z} - right) < 1e-9);
    }
}

TEST_CASE("A joint bends no further than its range", "[body]") {
    const Joint knee = posed("knee", {}, 12, 0, 60);
    const JointAngle a = findWithinRange(knee, {"leg", "knee", false, -1, 0.2});
    CHECK(a.forth_rad == 0);
    CHECK(a.aside_rad == 0.2);
    const JointAngle b = findWithinRange(knee, {"leg", "knee", false, 2, 2});
    CHECK_NEAR(b.forth_rad, degToRad(60), 1e-12);
    CHECK(std::abs(b.aside_rad) < 1e-9);
}

TEST_CASE("Raising an arm level makes its pose load what the stretched load said", "[body]") {
    const auto down = reportOf(demo());
    const auto raised =
        document::Edits(demo(), shippedCards(), "tansy").setAngle({"arm", "shoulder", false, 0, degToRad(30)});
    REQUIRE(raised);
    const auto up = reportOf(*raised);
    const auto loadOf = [](const results::Report& r, bool right) {
        for (std::size_t i = 0; i < r.choice.skeleton.hinges.size(); ++i)
            if (r.choice.skeleton.hinges[i].label == (right ? "right shoulder" : "left shoulder"))
                return r.choice.loads[i].pose_Nmm;
        return 0.0;
    };
    CHECK(loadOf(up, false) > loadOf(down, false) * 1.5);
    CHECK_NEAR(loadOf(up, true), loadOf(down, true), 1e-9);
    CHECK(up.choice.totals.mass_g() == down.choice.totals.mass_g());
}

TEST_CASE("Each part's shell is closed, turned outwards, and as large as the core says", "[body]") {
    Random random(53);
    for (const Puppet& p : demo().puppets) {
        document::Production one = demo();
        one.puppets = {p};
        one.puppets[0].board = randomPose(p, random);
        const auto r = reportOf(one);
        double meshes = 0, volumes = 0;
        for (std::size_t i = 0; i < r.choice.parts.size(); ++i) {
            const auto& part = r.choice.parts[i];
            if (part.volume_mm3 <= 0) continue;
            const Link& link = r.choice.skeleton.links[nth(part.link)];
            Mesh m;
            if (part.mass >= 0) {
                const MassCopy& c = r.choice.skeleton.masses[nth(part.mass)];
                m = calcMassMesh(p.masses[nth(c.mass)], c, 0);
            } else {
                const Limb& l = p.limbs[nth(r.choice.skeleton.copies[nth(link.copy)].limb)];
                m = calcSurfaceMesh(l.segments[nth(link.segment)], link, r.choice.own[i], Surface::finished);
            }
            INFO(p.name << ", " << part.label.english());
            CHECK(isClosed(m));
            CHECK_NEAR(calcMeshVolume(m), part.volume_mm3, 5e-3);
            meshes += calcMeshVolume(m), volumes += part.volume_mm3;
            for (const Vec3& n : m.normals)
                CHECK(std::abs(norm(n) - 1) < 1e-6);
        }
        CHECK_NEAR(meshes, volumes, 2e-3);
    }
}

TEST_CASE("An inset tube that runs out in the middle leaves closed shells of the right volume", "[body]") {
    Segment s = bare("waist");
    s.sections = {{0, 8, 8}, {0.5, 2, 8}, {1, 8, 8}};
    Link l;
    l.to = {0, 100, 0}, l.length_mm = 100, l.a = {1, 0, 0}, l.b = {0, 0, 1};
    const auto thinner = [&](double by) {
        auto sections = s.sections;
        for (Section& t : sections)
            t.a_mm -= by, t.b_mm -= by;
        return sections;
    };
    for (double inset : {0.0, 1.0, 3.0, 7.9}) {
        const Mesh m = calcTubeMesh(thinner(inset), l, {0, 1});
        INFO("inset " << inset);
        CHECK(isClosed(m));
        CHECK_NEAR(calcMeshVolume(m), calcTube(s.sections, 100, 0, 1, inset).volume_mm3, 5e-3);
    }
    CHECK(calcTubeMesh(thinner(8.5), l, {0, 1}).triangles.empty());
}

TEST_CASE("Exported bodies read back with the same triangles and volume", "[body]") {
    MassCopy c;
    c.at = {1, 2, 3};
    Mass ball;
    ball.half_mm = {10, 20, 15};
    const std::vector<files::NamedMesh> parts{{"head of it", calcMassMesh(ball, c, 0)}};
    const Mesh& m = parts[0].mesh;
    const std::string stl = files::writeStl(parts);
    CHECK(stl.size() == 84 + 50 * m.triangles.size());
    Mesh back;
    for (std::size_t t = 0; t < m.triangles.size(); ++t) {
        float f[12];
        std::memcpy(f, stl.data() + 84 + 50 * t, sizeof f);
        for (int k = 1; k <= 3; ++k)
            back.points.push_back({f[3 * k], f[3 * k + 1], f[3 * k + 2]});
        const int base = static_cast<int>(3 * t);
        back.triangles.push_back({base, base + 1, base + 2});
    }
    CHECK_NEAR(calcMeshVolume(back), calcMeshVolume(m), 1e-5);
    const std::string obj = files::writeObj(parts);
    CHECK(obj.find("o head_of_it\n") != std::string::npos);
    CHECK(nth(std::count(obj.begin(), obj.end(), 'f')) == m.triangles.size() + 1);
    const auto j = nlohmann::json::parse(files::writeGltf(parts));
    CHECK(j["accessors"][0]["count"] == m.points.size());
    CHECK(j["accessors"][2]["count"] == 3 * m.triangles.size());
    CHECK(j["buffers"][0]["byteLength"] == 24 * m.points.size() + 12 * m.triangles.size());
    CHECK(j["accessors"][0]["max"][1].get<double>() == Approx(0.022).epsilon(0.02)); // metres
    const std::string dxf = files::writeDxf({{"front", {{0, 0}, {10, 0}, {10, 5}}, true}});
    CHECK(dxf.find("POLYLINE\n8\nfront\n66\n1\n70\n1") != std::string::npos);
    CHECK(dxf.ends_with("0\nEOF\n"));
}
