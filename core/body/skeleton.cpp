#include "body/skeleton.h"
#include <algorithm>

namespace enkinet::body {

namespace {

Vec3 mirrored(Vec3 p, bool right) { return right ? Vec3{-p.x, p.y, p.z} : p; }

Phrase sided(const std::string& name, const Limb& limb, bool right) {
    return !limb.mirrored ? Phrase(name) : right ? words("right %1", name) : words("left %1", name);
}

/// Half-width a lies in the front picture where the bone does, b in depth.
void setSides(Link& l) {
    const Vec3 along = unit(l.to - l.from), inFront = cross(along, Vec3{0, 0, 1});
    // A bone that points at the viewer has no side in the front picture: take the puppet's own left.
    l.a = norm(inFront) > 0.3 ? unit(inFront) : unit(Vec3{1, 0, 0} - dot(Vec3{1, 0, 0}, along) * along);
    l.b = cross(l.a, along);
}

class Builder {
public:
    explicit Builder(const Puppet& p) : m_puppet(p) {}

    Skeleton build() {
        for (std::size_t i = 0; i < m_puppet.limbs.size(); ++i)
            if (m_puppet.limbs[i].hangsOnLimb.empty()) addCopy(static_cast<int>(i), false, -1, -1);
        for (std::size_t i = 0; i < m_puppet.masses.size(); ++i)
            addMass(static_cast<int>(i));
        // A rig carries the puppet: the feet only stand where they are put.
        if (m_puppet.rig) m_s.supportLinks.clear();
        if (m_puppet.rig)
            for (const LimbCopy& c : m_s.copies)
                if (m_puppet.limbs[static_cast<std::size_t>(c.limb)].id == m_puppet.rig->limb && !c.right)
                    m_s.supportLinks.push_back(c.firstLink + m_puppet.rig->segment);
        return std::move(m_s);
    }

private:
    int addBody(int parent, int hinge) {
        m_s.parentBody.push_back(parent);
        m_s.parentHinge.push_back(hinge);
        return static_cast<int>(m_s.parentBody.size()) - 1;
    }

    /// parentLink: the link that this limb's root rides with; -1 for the root limb.
    void addCopy(int limbIndex, bool right, int parentCopy, int parentLink) {
        const Limb& limb = m_puppet.limbs[static_cast<std::size_t>(limbIndex)];
        const int copy = static_cast<int>(m_s.copies.size());
        m_s.copies.push_back(
            {limbIndex, right, sided(limb.name, limb, right), static_cast<int>(m_s.links.size()), parentCopy});
        int before = parentLink;
        int bodyAt = parentLink >= 0 ? m_s.links[static_cast<std::size_t>(parentLink)].body : addBody(-1, -1);
        for (std::size_t i = 0; i + 1 < limb.joints.size(); ++i) {
            const Joint &a = limb.joints[i], &b = limb.joints[i + 1];
            const int link = static_cast<int>(m_s.links.size());
            if (a.posed) {
                const int hinge = static_cast<int>(m_s.hinges.size());
                m_s.hinges.push_back({copy, static_cast<int>(i), mirrored(a.at_mm, right), before, link,
                                      sided(a.name, limb, right), limb.whip});
                bodyAt = addBody(bodyAt, hinge);
            }
            Link l;
            l.copy = copy, l.segment = static_cast<int>(i);
            l.from = mirrored(a.at_mm, right), l.to = mirrored(b.at_mm, right);
            l.length_mm = norm(l.to - l.from);
            setSides(l);
            l.body = bodyAt;
            // A whip has no free gap between stiff ends: its layers run along it.
            l.gapFrom_mm = a.posed && !limb.whip ? a.gap_mm : 0, l.gapTo_mm = b.posed && !limb.whip ? b.gap_mm : 0;
            l.label = sided(limb.segments[i].name, limb, right);
            m_s.links.push_back(l);
            before = link;
        }
        if (limb.tieDown) m_s.supportLinks.push_back(before);
        addHung(limb, copy, right);
    }

    void addHung(const Limb& limb, int copy, bool right) {
        const int first = m_s.copies[static_cast<std::size_t>(copy)].firstLink;
        for (std::size_t i = 0; i < m_puppet.limbs.size(); ++i) {
            const Limb& child = m_puppet.limbs[i];
            if (child.hangsOnLimb != limb.id) continue;
            const int joint = findJointIndex(limb, child.hangsOnJoint);
            const int link = first + std::max(0, joint - 1);
            if (limb.mirrored || !child.mirrored) {
                addCopy(static_cast<int>(i), right, copy, link);
            } else {
                addCopy(static_cast<int>(i), false, copy, link);
                addCopy(static_cast<int>(i), true, copy, link);
            }
        }
    }

    void addMass(int index) {
        const Mass& mass = m_puppet.masses[static_cast<std::size_t>(index)];
        for (const LimbCopy& c : m_s.copies) {
            const Limb& limb = m_puppet.limbs[static_cast<std::size_t>(c.limb)];
            if (limb.id != mass.limb) continue;
            if (limb.mirrored && mass.side == (c.right ? Side::left : Side::right)) continue;
            m_s.masses.push_back({index, c.right, mirrored(mass.at_mm, c.right), c.firstLink + mass.segment,
                                  sided(mass.name, limb, c.right)});
        }
    }

    const Puppet& m_puppet;
    Skeleton m_s;
};

} // namespace

Skeleton calcSkeleton(const Puppet& puppet) { return Builder(puppet).build(); }

bool isBeyond(const Skeleton& s, int body, int top) {
    for (; body >= 0; body = s.parentBody[static_cast<std::size_t>(body)])
        if (body == top) return true;
    return false;
}

} // namespace enkinet::body
