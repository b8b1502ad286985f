#include "body/pose.h"
#include <algorithm>
#include <cmath>

namespace enkinet::body {

Motion operator*(const Motion& a, const Motion& b) {
    Motion r;
    for (std::size_t i = 0; i < 3; ++i)
        r.turn[i] = a.direction(b.turn[i]);
    r.shift = a(b.shift);
    return r;
}

Motion inverse(const Motion& m) {
    Motion r;
    r.turn = {Vec3{m.turn[0].x, m.turn[1].x, m.turn[2].x}, Vec3{m.turn[0].y, m.turn[1].y, m.turn[2].y},
              Vec3{m.turn[0].z, m.turn[1].z, m.turn[2].z}};
    r.shift = -1 * r.direction(m.shift);
    return r;
}

Motion makeTurn(const Vec3& rotation, const Vec3& about) {
    Motion r;
    const double angle = norm(rotation);
    if (angle == 0) return r;
    const Vec3 k = unit(rotation);
    const double c = std::cos(angle), s = std::sin(angle);
    // Rodrigues' formula on each axis.
    for (std::size_t i = 0; i < 3; ++i) {
        const Vec3 v = r.turn[i];
        r.turn[i] = c * v + s * cross(k, v) + ((1 - c) * dot(k, v)) * k;
    }
    r.shift = about - r.direction(about);
    return r;
}

Posed calcPosed(const Puppet& puppet, const Skeleton& rest, const Pose& pose) {
    Posed r;
    r.bodies.resize(rest.parentBody.size());
    // Bodies stand behind their parents.
    for (std::size_t b = 0; b < rest.parentBody.size(); ++b) {
        const int h = rest.parentHinge[b];
        if (h < 0) continue;
        const Hinge& hinge = rest.hinges[static_cast<std::size_t>(h)];
        const LimbCopy& copy = rest.copies[static_cast<std::size_t>(hinge.copy)];
        const Limb& limb = puppet.limbs[static_cast<std::size_t>(copy.limb)];
        const JointAngle a =
            findAngle(pose, limb.id, limb.joints[static_cast<std::size_t>(hinge.joint)].id, copy.right);
        // The mirror image of a turn about z goes the other way, about x the same.
        const Motion turn =
            makeTurn({findForthSign(limb.kind) * a.forth_rad, 0, copy.right ? -a.aside_rad : a.aside_rad}, hinge.at);
        r.bodies[b] = r.bodies[static_cast<std::size_t>(rest.parentBody[b])] * turn;
    }
    if (!rest.supportLinks.empty()) {
        const std::size_t which = pose.plantedRight && rest.supportLinks.size() > 1 ? 1 : 0;
        const Motion back = inverse(
            r.bodies[static_cast<std::size_t>(rest.links[static_cast<std::size_t>(rest.supportLinks[which])].body)]);
        for (Motion& m : r.bodies)
            m = back * m;
    }
    r.skeleton = rest;
    const auto motionOf = [&](int link) -> const Motion& {
        return r.bodies[static_cast<std::size_t>(rest.links[static_cast<std::size_t>(link)].body)];
    };
    for (std::size_t i = 0; i < rest.links.size(); ++i) {
        Link& l = r.skeleton.links[i];
        const Motion& m = motionOf(static_cast<int>(i));
        l.from = m(l.from), l.to = m(l.to), l.a = m.direction(l.a), l.b = m.direction(l.b);
    }
    for (Hinge& h : r.skeleton.hinges)
        h.at = motionOf(h.before)(h.at);
    for (MassCopy& c : r.skeleton.masses) {
        const Motion& m = motionOf(c.link);
        c.at = m(c.at);
        for (Vec3& axis : c.axes)
            axis = m.direction(axis);
    }
    return r;
}

JointAngle findAngle(const Pose& pose, const std::string& limb, const std::string& joint, bool right) {
    for (const JointAngle& a : pose.angles)
        if (a.limb == limb && a.joint == joint && a.right == right) return a;
    return {limb, joint, right, 0, 0};
}

JointAngle findWithinRange(const Joint& joint, JointAngle a) {
    const double most = findLargestBend(joint);
    a.forth_rad = std::clamp(a.forth_rad, joint.low_rad, joint.high_rad);
    const double aside = std::sqrt(std::max(0.0, most * most - a.forth_rad * a.forth_rad));
    a.aside_rad = std::clamp(a.aside_rad, -aside, aside);
    return a;
}

double findForthSign(LimbKind kind) {
    return kind == LimbKind::arm || kind == LimbKind::finger || kind == LimbKind::wing ? -1 : 1;
}

Pose calcMirrored(const Puppet& puppet, const Pose& pose) {
    Pose r = pose;
    for (JointAngle& a : r.angles) {
        const Limb* l = findLimb(puppet, a.limb);
        if (l && l->mirrored)
            a.right = !a.right;
        else
            a.aside_rad = -a.aside_rad;
    }
    r.plantedRight = !pose.plantedRight;
    return r;
}

} // namespace enkinet::body
