#pragma once
// Small puppets made in code, with closed-form answers.
#include "base/units.h"
#include "body/puppet.h"
#include "support/near.h"

namespace enkinet::test {

inline body::Joint fixedPoint(const std::string& id, Vec3 at) {
    body::Joint j;
    j.id = j.name = id, j.at_mm = at;
    return j;
}

inline body::Joint posed(const std::string& id, Vec3 at, double gap = 12, double low = -20, double high = 20) {
    body::Joint j = fixedPoint(id, at);
    j.posed = true, j.gap_mm = gap, j.low_rad = degToRad(low), j.high_rad = degToRad(high);
    return j;
}

inline body::Segment bare(const std::string& name) {
    body::Segment s;
    s.name = name;
    return s;
}

inline body::Segment tube(const std::string& name, double a, double b, const body::Layers& layers = {}) {
    body::Segment s = bare(name);
    s.sections = {{0, a, b}, {1, a, b}};
    s.layers = layers;
    return s;
}

inline body::Limb limb(const std::string& id, body::LimbKind kind, std::vector<body::Joint> joints,
                       const std::string& onLimb = "", const std::string& onJoint = "") {
    body::Limb l;
    l.id = l.name = id, l.kind = kind, l.joints = std::move(joints);
    for (std::size_t i = 0; i + 1 < l.joints.size(); ++i)
        l.segments.push_back(bare(id + std::to_string(i + 1)));
    l.hangsOnLimb = onLimb, l.hangsOnJoint = onJoint;
    return l;
}

/// A post with a level arm of two posed joints at its top: shoulder at x 10, elbow at x 40, tip at x 60, y 100.
inline body::Puppet levelArm(bool mirrored) {
    body::Puppet p;
    p.id = "post", p.name = "Post", p.height_mm = 100;
    p.limbs = {limb("post", body::LimbKind::spine, {fixedPoint("foot", {0, 0, 0}), fixedPoint("top", {0, 100, 0})}),
               limb("arm", body::LimbKind::arm,
                    {fixedPoint("root", {0, 100, 0}), posed("shoulder", {10, 100, 0}), posed("elbow", {40, 100, 0}),
                     fixedPoint("tip", {60, 100, 0})},
                    "post", "top")};
    p.limbs[1].mirrored = mirrored;
    return p;
}

/// The post alone, so many grams on its top.
inline body::Puppet weightedPost(double grams) {
    body::Puppet p = levelArm(false);
    p.limbs.resize(1);
    body::Mass m;
    m.id = m.name = "weight", m.limb = "post", m.shape = body::MassShape::weighed, m.weighed_g = grams;
    m.at_mm = p.limbs[0].joints.back().at_mm;
    p.masses = {m};
    return p;
}

/// One leg under a trunk: ankle at y 10, knee at y 50, hip at y 90, planted in the base.
inline body::Puppet oneLegged() {
    body::Puppet p;
    p.id = "stilt", p.name = "Stilt", p.height_mm = 160;
    p.limbs = {limb("trunk", body::LimbKind::spine, {fixedPoint("seat", {0, 100, 0}), fixedPoint("top", {0, 160, 0})}),
               limb("leg", body::LimbKind::leg,
                    {fixedPoint("root", {0, 100, 0}), posed("hip", {0, 90, 0}), posed("knee", {0, 50, 0}, 12, 0, 60),
                     posed("ankle", {0, 10, 0}), fixedPoint("sole", {0, 0, 0})},
                    "trunk", "seat")};
    p.limbs[1].tieDown = body::TieDown{};
    return p;
}

/// The demo with one puppet changed.
template <class Change> document::Production changedDemo(Change change, std::size_t puppet = 0) {
    document::Production p = demo();
    p.log.clear();
    change(p.puppets[puppet]);
    auto sound = document::makeProduction(std::move(p), shippedCards());
    INFO((sound ? std::string() : sound.fault().sentence()));
    REQUIRE(sound);
    return sound.take();
}

} // namespace enkinet::test
