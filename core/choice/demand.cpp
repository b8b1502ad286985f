#include "choice/demand.h"
#include "base/units.h"
#include "body/pose.h"
#include <algorithm>
#include <cmath>

namespace enkinet::choice {

ENKINET_VALUE_BODY(Demand)

using namespace body;

namespace {

const Segment& segmentOf(const Puppet& p, const Skeleton& s, int link) {
    const Link& l = s.links[static_cast<std::size_t>(link)];
    return p.limbs[static_cast<std::size_t>(s.copies[static_cast<std::size_t>(l.copy)].limb)]
        .segments[static_cast<std::size_t>(l.segment)];
}

double coverNeeded(const Segment& seg, LimbKind kind, const fill::Shelf& shelf) {
    if (kind == LimbKind::finger) return 0.5;
    const auto clay = shelf.clays.find(seg.layers.clay);
    return seg.bodyMass && clay != shelf.clays.end() && clay->second.family == fill::ClayFamily::firm ? 6 : 1;
}

/// Smallest half-width of a stretch of a link.
double thinnest(const Segment& seg, Stretch own) {
    double least = 1e9;
    const auto look = [&](double t) {
        const Station s = findStation(seg.stations, t);
        least = std::min({least, s.a_mm, s.b_mm});
    };
    look(own.from), look(own.to);
    for (const Station& s : seg.stations)
        if (s.at > own.from && s.at < own.to) look(s.at);
    return least;
}

/// Half-width of what is stiff at one end of a segment's stiff stretch; 0 where nothing is.
double stiffHalfWidth(const Segment& seg, const Link& link, Stretch own, bool atStart, const fill::Shelf& shelf) {
    const Stretch stiff = findStiff(link);
    const double t = atStart ? stiff.from : stiff.to;
    if (seg.stations.empty() || own.length() <= 0 || t < own.from - 1e-9 || t > own.to + 1e-9) return 0;
    const Layers& l = seg.layers;
    const Station s = findStation(seg.stations, t);
    double half = std::max(s.a_mm, s.b_mm) - (l.cover.empty() ? 0 : l.cover_mm);
    if (!l.clay.empty()) {
        const auto f = shelf.clays.at(l.clay).family;
        const bool soft = f == fill::ClayFamily::flexible || f == fill::ClayFamily::never_dry;
        if (soft && l.bulk.empty()) return 0;
        if (soft) half -= findSkin(seg, t);
    } else if (l.bulk.empty()) {
        return 0;
    }
    return std::max(0.0, half);
}

struct Grip {
    int link;
    double lever_mm;
};

/// Where a hand takes hold: the segment on the side away from the support, at its grip share from the joint. A wrap
/// with no body of its own hands on to the longest fleshed segment of the same rigid body.
Grip findGrip(const Puppet& p, const Skeleton& s, const Hinge& hinge, bool standing) {
    int link = standing ? hinge.before : hinge.after;
    if (segmentOf(p, s, link).stations.empty()) {
        double longest = 0;
        const int body = s.links[static_cast<std::size_t>(link)].body;
        for (std::size_t i = 0; i < s.links.size(); ++i)
            if (s.links[i].body == body && !segmentOf(p, s, static_cast<int>(i)).stations.empty() &&
                s.links[i].length_mm > longest)
                longest = s.links[i].length_mm, link = static_cast<int>(i);
    }
    const Link& l = s.links[static_cast<std::size_t>(link)];
    const double grip = segmentOf(p, s, link).grip;
    const bool fromEnd = norm(l.to - hinge.at) < norm(l.from - hinge.at);
    const Vec3 at = fromEnd ? l.to + grip * (l.from - l.to) : l.from + grip * (l.to - l.from);
    return {link, std::max(0.1, norm(at - hinge.at))};
}

/// The angles of a joint through the shot's poses, as cycles in the plane in which they spend the wire most.
struct PoseNeed {
    std::vector<wire::Cycle> cycles;
    double largest_rad = 0, range_rad = 0;
};

PoseNeed calcPoseNeed(const Puppet& p, const Limb& limb, const Joint& joint, bool right) {
    std::vector<JointAngle> path;
    for (const std::string& name : p.wants.shot)
        for (const Pose& pose : p.poses)
            if (pose.name == name) path.push_back(findAngle(pose, limb.id, joint.id, right));
    PoseNeed need;
    if (path.empty()) return need;
    path.push_back(path.front()); // the list is gone through over and again
    constexpr int kPlanes = 12;
    constexpr double kSteep = 2; // near the slope of ln N on ln strain for a bent wire
    double most = -1;
    for (int k = 0; k < kPlanes; ++k) {
        const double c = std::cos(kPi * k / kPlanes), s = std::sin(kPi * k / kPlanes);
        std::vector<double> history;
        for (const JointAngle& a : path)
            history.push_back(c * a.forth_rad + s * a.aside_rad);
        // From a largest value to itself again every cycle closes.
        history.pop_back();
        std::rotate(history.begin(), std::max_element(history.begin(), history.end()), history.end());
        history.push_back(history.front());
        auto cycles = wire::calcRainflow(history);
        double weight = 0, range = 0;
        for (const wire::Cycle& x : cycles)
            weight += x.count * std::pow(x.range, kSteep), range = std::max(range, x.range);
        if (weight > most) most = weight, need.cycles = std::move(cycles), need.range_rad = range;
    }
    for (const JointAngle& a : path)
        need.largest_rad = std::max(need.largest_rad, std::hypot(a.forth_rad, a.aside_rad));
    return need;
}

/// Soft or flexible clay that goes round a joint and is bent along with it.
void addClay(Demand& d, const Segment& seg, const fill::Shelf& shelf) {
    const Layers& l = seg.layers;
    if (l.clay.empty() || seg.stations.empty()) return;
    const fill::ClayCard& card = shelf.clays.at(l.clay);
    const bool never = card.family == fill::ClayFamily::never_dry, flexible = card.family == fill::ClayFamily::flexible;
    if (!l.skinAcrossGaps || (!never && !flexible)) return;
    const Station at = findStation(seg.stations, 0);
    const double cover = l.cover.empty() ? 0 : l.cover_mm;
    const double R = std::max(0.0, std::sqrt(at.a_mm * at.b_mm) - cover), r = std::max(0.0, R - findSkin(seg, 0));
    // A ring's plastic moment; and E I of an elastic one.
    if (never) d.clayPlastic_Nmm = card.yield_MPa / 6 * (std::pow(2 * R, 3) - std::pow(2 * r, 3));
    if (flexible) d.clayEI_Nmm2 = card.youngs_MPa * kPi / 4 * (std::pow(R, 4) - std::pow(r, 4));
}

} // namespace

std::vector<Demand> calcDemands(const Puppet& puppet, const Skeleton& s, const fill::Shelf& shelf,
                                const std::vector<load::HingeLoad>& loads, const std::vector<Stretch>& own,
                                int limbIndex) {
    const Limb& limb = puppet.limbs[static_cast<std::size_t>(limbIndex)];
    std::map<int, Demand> byJoint;
    for (std::size_t h = 0; h < s.hinges.size(); ++h) {
        const Hinge& hinge = s.hinges[h];
        const LimbCopy& copy = s.copies[static_cast<std::size_t>(hinge.copy)];
        if (copy.limb != limbIndex) continue;
        const auto [it, fresh] = byJoint.try_emplace(hinge.joint);
        Demand& d = it->second;
        if (!fresh && loads[h].load_Nmm <= d.load.load_Nmm) continue;

        const Joint& joint = limb.joints[static_cast<std::size_t>(hinge.joint)];
        d.joint = hinge.joint;
        d.hinge = static_cast<int>(h);
        d.load = loads[h];
        d.needed_Nmm = d.load.load_Nmm * puppet.wants.holdFactor;
        d.gap_mm = joint.gap_mm, d.edge = joint.edge, d.set_rad = puppet.wants.set_rad;
        const double acting = findActing(puppet.wants.acting);
        d.angle_rad = acting * findLargestBend(joint), d.range_rad = acting * findRange(joint);
        d.springLimit_rad = std::min(kSpringLimit_rad, d.angle_rad / 2);
        d.needFilm_s = joint.need_s.value_or(puppet.wants.film_s);
        d.movesPerSecond = joint.movesPerSecond, d.formingBends = joint.formingBends;
        if (!puppet.wants.shot.empty()) {
            PoseNeed need = calcPoseNeed(puppet, limb, joint, copy.right);
            d.fromPoses = true, d.cycles = std::move(need.cycles);
            // A joint that the shot leaves alone is still handled: a degree counts.
            d.angle_rad = std::max(degToRad(1), need.largest_rad);
            d.range_rad = std::max(degToRad(1), need.range_rad);
            d.springLimit_rad = std::min(kSpringLimit_rad, d.angle_rad / 2);
            d.movesPerSecond = 1 / (puppet.wants.poseEvery_s * static_cast<double>(puppet.wants.shot.size()));
        }
        addClay(d, limb.segments[static_cast<std::size_t>(hinge.joint)], shelf);

        const Grip grip = findGrip(puppet, s, hinge, d.load.standing);
        d.gripLink = grip.link, d.lever_mm = grip.lever_mm;
        const Segment& held = segmentOf(puppet, s, grip.link);
        const Station at = held.stations.empty() ? Station{} : findStation(held.stations, held.grip);
        d.wholeHand = std::max(at.a_mm, at.b_mm) > kThickSegment_mm;
        d.effortLimit_Nmm = d.wholeHand ? kWholeHand_Nmm : kFinger_N * d.lever_mm;
        if (const auto clay = shelf.clays.find(held.layers.clay);
            clay != shelf.clays.end() && clay->second.family == fill::ClayFamily::never_dry)
            d.effortLimit_Nmm = std::min(d.effortLimit_Nmm, 3 * clay->second.yield_MPa * kDent_mm2 * d.lever_mm);

        // Everything between the posed joints on either side must take the same bundle.
        d.room_mm = 1e9;
        const auto room = [&](int segment) {
            const int link = copy.firstLink + segment;
            const Segment& seg = limb.segments[static_cast<std::size_t>(segment)];
            const Stretch mine = own[static_cast<std::size_t>(link)];
            if (seg.stations.empty() || mine.length() <= 0) return;
            const double cover = coverNeeded(seg, limb.kind, shelf);
            const double space = 2 * (thinnest(seg, mine) - cover - seg.sleeve_mm);
            if (space < d.room_mm) d.room_mm = space, d.roomCover_mm = cover, d.roomAt = seg.name;
        };
        for (int i = hinge.joint - 1; i >= 0; --i) {
            room(i);
            if (limb.joints[static_cast<std::size_t>(i)].posed) break;
        }
        for (int i = hinge.joint; i < static_cast<int>(limb.segments.size()); ++i) {
            room(i);
            if (limb.joints[static_cast<std::size_t>(i + 1)].posed) break;
        }
        const auto stiff = [&](int link, bool start) {
            return stiffHalfWidth(segmentOf(puppet, s, link), s.links[static_cast<std::size_t>(link)],
                                  own[static_cast<std::size_t>(link)], start, shelf);
        };
        // A first joint hangs on the side of its parent: only what is stiff along the limb's own wire meets in the
        // bend.
        const bool ownBefore = s.links[static_cast<std::size_t>(hinge.before)].copy == hinge.copy;
        const double R = std::max(ownBefore ? stiff(hinge.before, false) : 0, stiff(hinge.after, true));
        d.gapNeeded_mm = R * d.angle_rad;
    }
    std::vector<Demand> demands;
    for (auto& [joint, d] : byJoint)
        demands.push_back(std::move(d));
    return demands;
}

} // namespace enkinet::choice
