#include "shoot/frames.h"
#include <algorithm>
#include <cmath>
#include <map>

namespace enkinet::shoot {

using namespace body;
using document::Cast;

namespace {

Pose poseAt(const Puppet& puppet, const Cast& cast, int exposure) {
    Pose pose;
    if (!cast.histories.empty()) {
        const auto at = [&](const std::vector<double>& all) {
            if (all.empty()) return 0.0;
            return all[std::min(static_cast<std::size_t>(exposure), all.size() - 1)];
        };
        for (const document::JointHistory& h : cast.histories)
            pose.angles.push_back({h.limb, h.joint, h.right, at(h.forth_rad), at(h.aside_rad)});
    } else {
        for (const Pose& kept : puppet.poses)
            if (kept.name == cast.poses[static_cast<std::size_t>(exposure)]) pose = kept;
    }
    pose.name.clear();
    return pose;
}

/// How far the body that all hangs on is turned from upright, rad.
double leanOf(const Skeleton& rest, const Posed& posed) {
    for (std::size_t b = 0; b < rest.parentBody.size(); ++b)
        if (rest.parentBody[b] < 0) {
            const auto& t = posed.bodies[b].turn;
            return std::acos(std::clamp((t[0].x + t[1].y + t[2].z - 1) / 2, -1.0, 1.0));
        }
    return 0;
}

std::vector<Vec3> feetOf(const Posed& posed) {
    std::vector<Vec3> feet;
    for (int link : posed.skeleton.supportLinks)
        feet.push_back(posed.skeleton.links[static_cast<std::size_t>(link)].to);
    return feet;
}

struct Standing {
    Frame frame;
    std::vector<Vec3> feet;
};

Standing calcStanding(const Puppet& puppet, const Skeleton& rest, const Cast& cast, int exposure) {
    std::vector<Vec3> ground;
    for (int link : rest.supportLinks)
        ground.push_back(rest.links[static_cast<std::size_t>(link)].to);
    Standing best;
    double least = 1e300;
    for (const bool right : {false, true}) {
        Standing s;
        s.frame.pose = poseAt(puppet, cast, exposure);
        s.frame.pose.plantedRight = right;
        const Posed posed = calcPosed(puppet, rest, s.frame.pose);
        s.feet = feetOf(posed);
        double lowest = 0;
        for (std::size_t i = 0; i < s.feet.size(); ++i) {
            s.frame.feet_mm.push_back(s.feet[i].y - ground[i].y);
            lowest = std::min(lowest, s.frame.feet_mm.back());
        }
        // Where the other foot is lower, that one stands, on its edge.
        s.frame.lift_mm = -lowest;
        for (std::size_t i = 0; i < s.feet.size(); ++i)
            s.frame.feet_mm[i] -= lowest, s.feet[i].y -= lowest;
        // The foot that lies flat while the body is upright is the one that stands.
        if (const double lean = leanOf(rest, posed); lean < least - 1e-9) least = lean, best = std::move(s);
    }
    return best;
}

} // namespace

int countExposures(const Cast& cast) {
    std::size_t most = 0;
    for (const document::JointHistory& h : cast.histories)
        most = std::max({most, h.forth_rad.size(), h.aside_rad.size()});
    return static_cast<int>(cast.histories.empty() ? cast.poses.size() : most);
}

Frame calcFrame(const Puppet& puppet, const Skeleton& rest, const Cast& cast, int exposure) {
    ENKINET_ASSERT(exposure >= 0 && exposure < countExposures(cast));
    return calcStanding(puppet, rest, cast, exposure).frame;
}

Pose calcOverbent(const Puppet& puppet, const std::vector<JointWire>& wires, const Pose& before, Pose now) {
    for (JointAngle& a : now.angles) {
        const JointAngle b = findAngle(before, a.limb, a.joint, a.right);
        const double forth = a.forth_rad - b.forth_rad, aside = a.aside_rad - b.aside_rad,
                     by = std::hypot(forth, aside);
        if (by < 1e-6) continue;
        for (const JointWire& w : wires) {
            const Limb& limb = puppet.limbs[static_cast<std::size_t>(w.limb)];
            if (limb.id != a.limb || limb.joints[static_cast<std::size_t>(w.joint)].id != a.joint) continue;
            a.forth_rad += w.springback_rad * forth / by, a.aside_rad += w.springback_rad * aside / by;
        }
    }
    return now;
}

std::vector<Remark> findRemarks(const Puppet& puppet, const Skeleton& rest, const Cast& cast) {
    std::map<std::tuple<Remark::Kind, int, int>, Remark> all;
    const auto note = [&](Remark::Kind kind, int copy, int joint, int exposure, double found, double limit) {
        if (!(found > limit)) return;
        Remark& r = all[{kind, copy, joint}];
        if (++r.count == 1 || found > r.found) r = {kind, copy, joint, exposure, r.count, found, limit};
    };
    const int n = countExposures(cast);
    Standing before;
    for (int i = 0; i < n; ++i) {
        Standing now = calcStanding(puppet, rest, cast, i);
        for (const Hinge& h : rest.hinges) {
            const LimbCopy& c = rest.copies[static_cast<std::size_t>(h.copy)];
            const Limb& limb = puppet.limbs[static_cast<std::size_t>(c.limb)];
            const Joint& joint = limb.joints[static_cast<std::size_t>(h.joint)];
            const JointAngle a = findAngle(now.frame.pose, limb.id, joint.id, c.right);
            const JointAngle within = findWithinRange(joint, a);
            if (std::hypot(a.forth_rad - within.forth_rad, a.aside_rad - within.aside_rad) > 1e-9)
                note(Remark::Kind::beyond, h.copy, h.joint, i, std::hypot(a.forth_rad, a.aside_rad),
                     std::hypot(within.forth_rad, within.aside_rad));
            if (i == 0) continue;
            const JointAngle b = findAngle(before.frame.pose, limb.id, joint.id, c.right);
            note(Remark::Kind::jumps, h.copy, h.joint, i,
                 std::hypot(a.forth_rad - b.forth_rad, a.aside_rad - b.aside_rad), kJump_rad);
        }
        if (i > 0 && now.frame.pose.plantedRight == before.frame.pose.plantedRight)
            for (std::size_t f = 0; f < now.feet.size(); ++f) {
                if (now.frame.feet_mm[f] > kOnGround_mm || before.frame.feet_mm[f] > kOnGround_mm) continue;
                const Vec3 by = now.feet[f] - before.feet[f];
                const Link& link = rest.links[static_cast<std::size_t>(rest.supportLinks[f])];
                note(Remark::Kind::slides, link.copy, link.segment + 1, i, std::hypot(by.x, by.z), kSlides_mm);
            }
        before = std::move(now);
    }
    std::vector<Remark> sorted;
    for (const auto& [key, r] : all)
        sorted.push_back(r);
    std::stable_sort(sorted.begin(), sorted.end(), [](const Remark& a, const Remark& b) {
        return a.found / std::max(1e-9, a.limit) > b.found / std::max(1e-9, b.limit);
    });
    return sorted;
}

std::vector<std::vector<std::pair<int, int>>> findContacts(const Puppet& puppet, const Skeleton& rest,
                                                           const Cast& cast) {
    std::vector<std::vector<std::pair<int, int>>> all(rest.supportLinks.size());
    for (int i = 0; i < countExposures(cast); ++i) {
        const Frame frame = calcFrame(puppet, rest, cast, i);
        for (std::size_t f = 0; f < all.size(); ++f) {
            if (frame.feet_mm[f] > kOnGround_mm) continue;
            if (!all[f].empty() && all[f].back().second == i - 1)
                all[f].back().second = i;
            else
                all[f].emplace_back(i, i);
        }
    }
    return all;
}

} // namespace enkinet::shoot
