#include "body/puppet.h"
#include "base/number.h"
#include "base/quantity.h"
#include "base/units.h"
#include "schema/limits.h"
#include "schema/walk.h"
#include <algorithm>
#include <cmath>
#include <set>

namespace enkinet::body {

ENKINET_COMPARED_BODY(Layers)
ENKINET_COMPARED_BODY(Segment)
ENKINET_COMPARED_BODY(Joint)
ENKINET_COMPARED_BODY(Limb)
ENKINET_COMPARED_BODY(Mass)
ENKINET_COMPARED_BODY(Pose)
ENKINET_COMPARED_BODY(Wants)
ENKINET_COMPARED_BODY(Puppet)
bool operator==(const Aside& a, const Aside& b) {
    return std::equal(a.begin(), a.end(), b.begin(), b.end(),
                      [](const Puppet& x, const Puppet& y) -> bool { return x == y; });
}

Seen seenFrom(const Picture& x) { return x.seen.value_or(x.side ? Seen::left : Seen::front); }

bool isBare(const Limb& limb, std::size_t segment) {
    if (limb.whip) return false;
    const Stiffening s = limb.segments[segment].stiffening;
    return s == Stiffening::none || (s == Stiffening::usual && std::none_of(limb.joints.begin(), limb.joints.end(),
                                                                            [](const Joint& j) { return j.posed; }));
}

namespace {

void checkLimb(Rules& r, const Puppet& puppet, const Limb& l) {
    const auto place = [&] { return words("%1, limb %2", puppet.name, l.id); };
    const auto joint = [&](const Joint& j) { return words("%1, joint %2", place(), j.id); };
    if (l.joints.size() < 2)
        return r.broken(place(), words("%1 joints", l.joints.size()), words("must be two or more"));
    if (l.segments.size() + 1 != l.joints.size())
        return r.broken(place(), words("%1 segments", l.segments.size()), words("must be one fewer than the joints"));
    if (l.whip && std::count_if(l.joints.begin(), l.joints.end(), [](const Joint& j) { return j.posed; }) != 1)
        r.broken(place(), words("whip"), words("must have exactly one posed joint, from which it bends to its tip"));
    if (l.joints.back().posed) r.broken(joint(l.joints.back()), words("posed"), words("cannot be the tip of a limb"));
    if (l.hangsOnLimb.empty() && l.joints.front().posed)
        r.broken(joint(l.joints.front()), words("posed"),
                 words("cannot be the root of the limb that hangs on nothing"));
    for (std::size_t i = 0; i < l.segments.size() && !r.fault; ++i) {
        const auto segment = [&] { return words("%1, segment %2", place(), i + 1); };
        const double length = norm(l.joints[i + 1].at_mm - l.joints[i].at_mm);
        const double gaps = l.whip ? 0
                                   : (l.joints[i].posed ? l.joints[i].gap_mm : 0) +
                                         (l.joints[i + 1].posed ? l.joints[i + 1].gap_mm : 0);
        if (!(length > 0.1))
            r.broken(segment(), words("length %1", quantity(length, Dimension::length)),
                     words("must be above %1", quantity(0.1, Dimension::length)));
        if (!(gaps / 2 < length))
            r.broken(segment(), words("gaps of %1", quantity(gaps / 2, Dimension::length)),
                     words("leave nothing of its %1", quantity(length, Dimension::length, 4)));
    }
    if (l.pick) {
        int strands = l.pick->strands, at = -1;
        for (const StrandDrop& d : l.pick->drops) {
            const int i = findJointIndex(l, d.joint);
            const bool isThere = i > at && i + 1 < static_cast<int>(l.joints.size());
            if (!isThere || l.joints[static_cast<std::size_t>(i)].posed == l.whip)
                r.broken(place(), words("strands drop after joint %1", d.joint.substr(0, 70)),
                         l.whip ? words("must be fixed points from root to tip")
                                : words("must be posed joints from root to tip"));
            if (d.strands < 1 || d.strands >= strands)
                r.broken(place(), words("%1 strands", d.strands), words("must be fewer than before the drop"));
            at = i, strands = d.strands;
        }
    }
}

void checkTree(Rules& r, const Puppet& puppet) {
    std::map<std::string, const Limb*> byId;
    std::size_t roots = 0;
    for (const Limb& l : puppet.limbs) {
        byId.emplace(l.id, &l);
        if (l.hangsOnLimb.empty()) ++roots;
    }
    for (const Limb& l : puppet.limbs) {
        const auto broken = [&](const Phrase& value, const Phrase& rule) {
            r.broken(words("%1, limb %2", puppet.name, l.id), value, rule);
        };
        const Limb* at = &l;
        std::set<const Limb*> seen;
        while (!at->hangsOnLimb.empty()) {
            if (!seen.insert(at).second)
                return broken(words("hangs on %1", l.hangsOnLimb), words("goes round in a circle"));
            const auto up = byId.find(at->hangsOnLimb);
            if (up == byId.end())
                return broken(words("hangs on %1", at->hangsOnLimb), words("which is no limb of this puppet"));
            if (findJointIndex(*up->second, at->hangsOnJoint) < 0)
                return broken(words("hangs on joint %1", at->hangsOnJoint),
                              words("which limb %1 does not have", up->first));
            if (up->second->mirrored && !at->mirrored)
                return broken(words("hangs on %1", at->hangsOnLimb), words("which is mirrored, so it must be too"));
            at = up->second;
        }
    }
    if (!puppet.limbs.empty() && roots != 1)
        r.broken(puppet.name, words("%1 limbs that hang on nothing", roots), words("must be exactly one"));
}

void checkPose(Rules& r, const Puppet& puppet, const Pose& pose) {
    const auto place = [&] {
        return pose.name.empty() ? words("%1, pose on the board", puppet.name)
                                 : words("%1, pose %2", puppet.name, pose.name);
    };
    for (const JointAngle& a : pose.angles) {
        const Limb* l = findLimb(puppet, a.limb);
        const int i = l ? findJointIndex(*l, a.joint) : -1;
        if (i < 0 || !l->joints[static_cast<std::size_t>(i)].posed)
            return r.broken(place(), words("joint %1.%2", a.limb, a.joint), words("is no posed joint of this puppet"));
        if (a.right && !l->mirrored) return r.broken(place(), words("right %1", a.limb), words("is not mirrored"));
    }
}

void checkPoses(Rules& r, const Puppet& puppet) {
    if (r.fault) return;
    checkPose(r, puppet, puppet.board);
    std::set<std::string> names;
    for (const Pose& p : puppet.poses) {
        r.that(!p.name.empty() && names.insert(p.name).second, words("%1, pose", puppet.name),
               "\"" + p.name.substr(0, 40) + "\"", words("must have a name of its own"));
        checkPose(r, puppet, p);
    }
}

/// What a puppet may refer to within itself; cards, spools and schemes are the production's.
bool isThere(const Puppet& p, const schema::Ref& ref) {
    const auto has = [&](const auto& list) {
        return std::any_of(list.begin(), list.end(), [&](const auto& x) { return x.id == ref.id; });
    };
    const Limb* limb = findLimb(p, ref.id);
    switch (ref.kind) {
    case schema::RefKind::limb:
        return limb != nullptr;
    case schema::RefKind::joint:
        return limb && findJointIndex(*limb, ref.part) >= 0;
    case schema::RefKind::segment: {
        const auto n = parseNumber(ref.part, false);
        return limb && n && *n >= 1 && *n <= static_cast<double>(limb->segments.size());
    }
    case schema::RefKind::mass:
        return has(p.masses);
    case schema::RefKind::feature:
        return has(p.things.features);
    case schema::RefKind::pose:
        return std::any_of(p.poses.begin(), p.poses.end(), [&](const Pose& x) { return x.name == ref.id; });
    default:
        return true;
    }
}

} // namespace

void dropOrphans(Puppet& p) {
    const schema::IsThere there = [&](const schema::Ref& ref) { return isThere(p, ref); };
    while (schema::dropLost(schema::detail::tableOf<Puppet>(), &p, there)) {
    }
}

Result<Puppet> makePuppet(Puppet puppet) {
    Rules r;
    const Phrase where = puppet.name.empty() ? words("puppet %1", puppet.id.substr(0, 70)) : Phrase(puppet.name);
    r.id(words("puppet"), puppet.id);
    schema::checkLimits(r, where, puppet);
    if (!r.fault) checkTree(r, puppet);
    if (!r.fault)
        for (const Limb& l : puppet.limbs)
            checkLimb(r, puppet, l);
    checkPoses(r, puppet);
    schema::checkRefs(r, where, schema::detail::tableOf<Puppet>(), &puppet,
                      [&](const schema::Ref& ref) { return isThere(puppet, ref); });
    if (r.fault) return *r.fault;
    for (Puppet& second : puppet.aside) {
        r.that(second.aside.empty() && second.id == puppet.id, where, words("the design kept aside"),
               words("must be of the same puppet and have none itself"));
        if (r.fault) return *r.fault;
        auto sound = makePuppet(std::move(second));
        if (!sound) return sound.fault();
        second = sound.take();
    }
    // A fixed point has nothing to bend; a whip's gap is its whole free length.
    for (Limb& l : puppet.limbs) {
        for (Joint& j : l.joints) {
            if (j.posed) continue;
            Joint fixed;
            fixed.id = j.id, fixed.name = j.name, fixed.at_mm = j.at_mm, fixed.extras = j.extras;
            j = std::move(fixed);
        }
        if (!l.whip) continue;
        const auto root = std::find_if(l.joints.begin(), l.joints.end(), [](const Joint& j) { return j.posed; });
        root->gap_mm = 0;
        for (auto j = root; j + 1 != l.joints.end(); ++j)
            root->gap_mm += norm((j + 1)->at_mm - j->at_mm);
        if (root->gap_mm > kLongestGap_mm)
            return Fault{words("%1, limb %2", puppet.name, l.id),
                         words("a whip of %1", quantity(root->gap_mm, Dimension::length, 4)),
                         words("is longer than %1", quantity(kLongestGap_mm, Dimension::length))};
    }
    return puppet;
}

Puppet calcScaled(Puppet p, double height_mm) {
    ENKINET_ASSERT(p.height_mm > 0 && height_mm > 0);
    const double k = height_mm / p.height_mm;
    p.height_mm = height_mm;
    for (Limb& l : p.limbs) {
        for (Joint& j : l.joints)
            j.at_mm = k * j.at_mm, j.gap_mm *= k;
        for (Segment& s : l.segments)
            for (Section& t : s.sections)
                t.a_mm *= k, t.b_mm *= k;
    }
    for (Picture& x : p.pictures)
        x.x_mm *= k, x.y_mm *= k, x.mm_px *= k;
    for (Measure& m : p.measures)
        m.from_mm = k * m.from_mm, m.to_mm = k * m.to_mm;
    for (Mass& m : p.masses)
        m.at_mm = k * m.at_mm, m.half_mm = k * m.half_mm;
    // What sits on the body grows with it; pins, cables and what was weighed are what they are.
    for (Feature& f : p.things.features)
        f.first_mm *= k, f.last_mm *= k, f.length_mm *= k, f.pitch_mm *= k, f.rowPitch_mm *= k;
    for (Sheet& s : p.things.sheets)
        s.length_mm *= k, s.width_mm *= k, s.radius_mm *= k;
    return p;
}

double findActing(Acting acting) { return acting == Acting::quiet ? 0.5 : acting == Acting::broad ? 1.5 : 1; }

double findLargestBend(const Joint& j) { return std::max(-j.low_rad, j.high_rad); }
double findRange(const Joint& j) { return j.high_rad - j.low_rad; }

const Limb* findLimb(const Puppet& puppet, const std::string& id) {
    const auto it = std::find_if(puppet.limbs.begin(), puppet.limbs.end(), [&](const Limb& l) { return l.id == id; });
    return it == puppet.limbs.end() ? nullptr : &*it;
}

int findJointIndex(const Limb& limb, const std::string& id) {
    for (std::size_t i = 0; i < limb.joints.size(); ++i)
        if (limb.joints[i].id == id) return static_cast<int>(i);
    return -1;
}

double findSize(const Puppet& puppet, SizeKind kind) {
    if (kind == SizeKind::span) {
        // Wings are drawn folded, or half open: span is what they reach spread, each straight out from its root.
        double reach = 0, spread = 0;
        for (const Limb& l : puppet.limbs) {
            if (!l.mirrored) continue;
            for (const Joint& j : l.joints)
                reach = std::max(reach, std::abs(j.at_mm.x));
            if (l.kind != LimbKind::wing || l.joints.empty()) continue;
            double length = std::abs(l.joints.front().at_mm.x);
            for (std::size_t i = 1; i < l.joints.size(); ++i)
                length += norm(l.joints[i].at_mm - l.joints[i - 1].at_mm);
            spread = std::max(spread, length);
        }
        return 2 * (spread > 0 ? spread : reach);
    }
    if (kind == SizeKind::length) {
        double length = 0;
        for (const Limb& l : puppet.limbs)
            if (l.hangsOnLimb.empty())
                for (std::size_t i = 1; i < l.joints.size(); ++i)
                    length += norm(l.joints[i].at_mm - l.joints[i - 1].at_mm);
        return length;
    }
    return puppet.height_mm;
}

} // namespace enkinet::body
