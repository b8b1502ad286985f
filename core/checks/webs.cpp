// A web between two stretches of limb: how far they open and close, and what that asks of it. docs/mechanics.md 115a.
#include "base/units.h"
#include "body/pose.h"
#include "checks/things.h"
#include <algorithm>
#include <cmath>

namespace enkinet::checks {

using namespace body;

namespace {

constexpr std::size_t kMostPoses = 40; ///< of the kept ones that are looked at

/// A segment on the left side, or of a limb that has no sides.
const Link* findSegment(const Puppet& p, const Skeleton& s, const Spot& spot) {
    for (const Link& l : s.links) {
        const LimbCopy& c = s.copies[static_cast<std::size_t>(l.copy)];
        if (!c.right && l.segment == spot.segment && p.limbs[static_cast<std::size_t>(c.limb)].id == spot.limb)
            return &l;
    }
    return nullptr;
}
const Vec3* findTip(const Puppet& p, const Skeleton& s, const Spot& spot) {
    const Link* l = findSegment(p, s, spot);
    return l ? &l->to : nullptr;
}

/// The third corner of a triangle over two others, at its lengths from them, on the left of the way from one to the
/// other; on that way where the lengths do not reach.
std::pair<double, double> thirdCorner(std::pair<double, double> a, std::pair<double, double> b, double fromA,
                                      double fromB) {
    const double dx = b.first - a.first, dy = b.second - a.second, d = std::hypot(dx, dy);
    if (d <= 0) return {a.first + fromA, a.second};
    const double along = (fromA * fromA - fromB * fromB + d * d) / (2 * d);
    const double across = std::sqrt(std::max(0.0, fromA * fromA - along * along));
    return {a.first + (along * dx - across * dy) / d, a.second + (along * dy + across * dx) / d};
}

/// A limb up to a segment as it is built, and bent as far as it acts, each way.
std::vector<std::vector<JointAngle>> findStates(const Puppet& p, const Spot& spot) {
    std::vector<std::vector<JointAngle>> all{{}};
    const Limb* limb = findLimb(p, spot.limb);
    if (!limb) return all;
    const double acting = findActing(p.wants.acting);
    for (const auto& [forth, aside] : {std::pair{1, 0}, {-1, 0}, {0, 1}, {0, -1}}) {
        std::vector<JointAngle> state;
        for (std::size_t j = 0; j < limb->joints.size() && static_cast<int>(j) <= spot.segment; ++j) {
            const Joint& joint = limb->joints[j];
            if (!joint.posed) continue;
            const double most = acting * findLargestBend(joint);
            JointAngle a{limb->id, joint.id, false, forth * most, aside * most};
            a = findWithinRange(joint, a);
            if (a.forth_rad != 0 || a.aside_rad != 0) state.push_back(std::move(a));
        }
        if (!state.empty()) all.push_back(std::move(state));
    }
    return all;
}

} // namespace

void checkWeb(const Puppet& puppet, const Skeleton& rest, const Sheet& sheet, double limit, SheetCheck& r) {
    const Vec3 *from = findTip(puppet, rest, sheet.on), *to = findTip(puppet, rest, sheet.to);
    if (!from || !to) return;
    r.web = true;
    r.span_mm = r.most_mm = r.least_mm = norm(*to - *from);
    const auto look = [&](const Pose& pose) {
        const Skeleton posed = calcPosed(puppet, rest, pose).skeleton;
        const double d = norm(*findTip(puppet, posed, sheet.to) - *findTip(puppet, posed, sheet.on));
        r.most_mm = std::max(r.most_mm, d), r.least_mm = std::min(r.least_mm, d);
    };
    const auto one = findStates(puppet, sheet.on), other = findStates(puppet, sheet.to);
    const bool same = sheet.on.limb == sheet.to.limb;
    for (const auto& a : one)
        for (const auto& b : other) {
            // Of one limb both ends bend together.
            if (same && !a.empty() && !b.empty()) continue;
            Pose pose;
            pose.angles = a;
            pose.angles.insert(pose.angles.end(), b.begin(), b.end());
            if (!pose.angles.empty()) look(pose);
        }
    for (std::size_t i = 0; i < std::min(kMostPoses, puppet.poses.size()); ++i)
        look(puppet.poses[i]);
    const double width = sheet.width_mm;
    r.stretch = std::max(0.0, (r.most_mm - width) / width);
    // One arch between clamped edges, y = A/2 (1 - cos 2 pi x/w): what is too much goes into its height.
    const double spare = std::max(0.0, 1 - r.least_mm / width), curvature = 4 * kPi * std::sqrt(spare) / width;
    r.fold = curvature * sheet.thickness_mm / 2;
    r.strain = limit;
    if (limit > 0) {
        r.widthNeeded_mm = r.most_mm / (1 + limit);
        r.thinEnough_mm = curvature > 0 ? 2 * limit / curvature : sheet.thickness_mm;
    }
}

std::vector<std::pair<double, double>> findSheetOutline(const Puppet& puppet, const Skeleton& rest, const Sheet& sheet,
                                                        const SheetCheck& check) {
    const Link *one = check.web ? findSegment(puppet, rest, sheet.on) : nullptr,
               *other = check.web ? findSegment(puppet, rest, sheet.to) : nullptr;
    if (!one || !other) return {{0, 0}, {check.pattern_mm, 0}, {check.pattern_mm, sheet.width_mm}, {0, sheet.width_mm}};
    const double roots = norm(other->from - one->from), free = std::max(sheet.width_mm, check.widthNeeded_mm);
    const std::pair<double, double> root{0, 0}, tip{one->length_mm, 0};
    const auto otherRoot = thirdCorner(root, tip, roots, norm(other->from - one->to));
    // Over the other side of the diagonal from the other root to the first tip.
    const auto otherTip = thirdCorner(otherRoot, tip, other->length_mm, free);
    return {root, tip, otherTip, otherRoot};
}

} // namespace enkinet::checks
