#include "choice/demand.h"
#include "base/units.h"
#include "body/pose.h"
#include <algorithm>
#include <cmath>

namespace enkinet::choice {

ENKINET_COMPARED_BODY(Demand)

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
        const Section s = findSection(seg.sections, t);
        least = std::min({least, s.a_mm, s.b_mm});
    };
    look(own.from), look(own.to);
    for (const Section& s : seg.sections)
        if (s.at > own.from && s.at < own.to) look(s.at);
    return least;
}

/// Half-width of what is stiff at one end of a segment's stiff stretch; 0 where nothing is.
double stiffHalfWidth(const Segment& seg, const Link& link, Stretch own, bool atStart, const fill::Shelf& shelf) {
    const Stretch stiff = findStiff(link);
    const double t = atStart ? stiff.from : stiff.to;
    if (seg.sections.empty() || own.length() <= 0 || t < own.from - 1e-9 || t > own.to + 1e-9) return 0;
    const Layers& l = seg.layers;
    const Section s = findSection(seg.sections, t);
    double half = std::max(s.a_mm, s.b_mm) - (l.cover.empty() ? 0 : l.cover_mm);
    if (!l.clay.empty()) {
        const auto isSoft = [&](const std::string& id) {
            const auto f = shelf.clays.at(id).family;
            return f == fill::ClayFamily::flexible || f == fill::ClayFamily::never_dry;
        };
        if (isSoft(l.clay)) {
            half -= findSkin(seg, t);
            auto coat = l.coats.rbegin();
            for (; coat != l.coats.rend() && isSoft(coat->clay); ++coat)
                half -= coat->thickness_mm;
            if (coat == l.coats.rend() && l.bulk.empty()) return 0;
        }
    } else if (l.bulk.empty()) {
        return 0;
    }
    return std::max(0.0, half);
}

/// Where a hand takes hold on one side of a joint: the segment there, at its grip share from the joint. A wrap with no
/// body of its own hands on to the longest fleshed segment of the same rigid body.
Demand::Hold findHold(const Puppet& p, const Skeleton& s, const fill::Shelf& shelf, const Hinge& hinge, int link) {
    if (segmentOf(p, s, link).sections.empty()) {
        double longest = 0;
        const int body = s.links[static_cast<std::size_t>(link)].body;
        for (std::size_t i = 0; i < s.links.size(); ++i)
            if (s.links[i].body == body && !segmentOf(p, s, static_cast<int>(i)).sections.empty() &&
                s.links[i].length_mm > longest)
                longest = s.links[i].length_mm, link = static_cast<int>(i);
    }
    const Link& l = s.links[static_cast<std::size_t>(link)];
    const Segment& held = segmentOf(p, s, link);
    const bool fromEnd = norm(l.to - hinge.at) < norm(l.from - hinge.at);
    const Vec3 at = fromEnd ? l.to + held.grip * (l.from - l.to) : l.from + held.grip * (l.to - l.from);
    const Section here =
        held.sections.empty() ? Section{} : findSection(held.sections, fromEnd ? 1 - held.grip : held.grip);
    Demand::Hold h;
    h.link = link, h.lever_mm = std::max(0.1, norm(at - hinge.at)), h.half_mm = std::max(here.a_mm, here.b_mm);
    h.force_N = fill::findFingers_N(shelf.shop.hands, h.half_mm);
    const auto clay = shelf.clays.find(held.layers.clay);
    if (clay != shelf.clays.end() && clay->second.family == fill::ClayFamily::never_dry)
        if (const double dent = kDentShare * clay->second.yield_MPa * kDent_mm2; dent < h.force_N)
            h.force_N = dent, h.dents = true;
    return h;
}

/// Effort from which fingers mark soft clay at a hold.
double findMarks(const Puppet& p, const Skeleton& s, const fill::Shelf& shelf, const Demand::Hold& h) {
    if (h.link < 0) return 1e300;
    const auto clay = shelf.clays.find(segmentOf(p, s, h.link).layers.clay);
    if (clay == shelf.clays.end() || clay->second.family != fill::ClayFamily::never_dry) return 1e300;
    return kMarkShare * clay->second.yield_MPa * kDent_mm2 * h.lever_mm;
}

/// The window's high edge: both hands, the lesser of the two.
void addHands(Demand& d, const Puppet& p, const Skeleton& s, const fill::Shelf& shelf, const Hinge& hinge) {
    const bool standing = d.load.standing;
    d.far = findHold(p, s, shelf, hinge, standing ? hinge.before : hinge.after);
    if (d.whip && !standing) {
        // Bent by its tip it is held there; shaped along, each third is bent by itself.
        int tip = hinge.after;
        while (tip + 1 < static_cast<int>(s.links.size()) &&
               s.links[static_cast<std::size_t>(tip) + 1].copy == hinge.copy)
            ++tip;
        d.far = findHold(p, s, shelf, hinge, tip);
        d.far.lever_mm = d.posing == wire::Posing::by_tip ? d.gap_mm : d.gap_mm / 3;
        const auto& sections = segmentOf(p, s, tip).sections;
        if (!sections.empty() && !d.far.dents) d.far.force_N = fill::findFingers_N(shelf.shop.hands, d.far.half_mm);
    }
    d.lever_mm = d.far.lever_mm;
    d.effortLimit_Nmm = d.far.moment_Nmm();
    d.marks_Nmm = findMarks(p, s, shelf, d.far);
    const int near = standing ? hinge.after : hinge.before;
    const int body = s.links[static_cast<std::size_t>(near)].body;
    const bool fixed = std::any_of(s.supportLinks.begin(), s.supportLinks.end(),
                                   [&](int link) { return s.links[static_cast<std::size_t>(link)].body == body; });
    if (fixed || p.wants.steadied) return;
    d.near = findHold(p, s, shelf, hinge, near);
    d.marks_Nmm = std::min(d.marks_Nmm, findMarks(p, s, shelf, d.near));
    d.nearDecides = d.near.moment_Nmm() < d.effortLimit_Nmm;
    d.effortLimit_Nmm = std::min(d.effortLimit_Nmm, d.near.moment_Nmm());
}

bool isRigid(const Layers& l, const fill::Shelf& shelf) {
    const auto clay = shelf.clays.find(l.clay);
    return clay != shelf.clays.end() && clay->second.family != fill::ClayFamily::flexible &&
           clay->second.family != fill::ClayFamily::never_dry;
}

/// A gap that lies inside another part's rigid clay or its core does not bend. Looked for along the free wire, on the
/// piece as it is built.
void findBurial(Demand& d, const Puppet& p, const Skeleton& rest, const fill::Shelf& shelf, const Hinge& hinge) {
    if (hinge.whip) return;
    const Link &before = rest.links[static_cast<std::size_t>(hinge.before)],
               &after = rest.links[static_cast<std::size_t>(hinge.after)];
    const Vec3 out = unit(after.to - after.from);
    const Vec3 in = before.copy == hinge.copy ? unit(before.to - before.from) : out;
    // Only what is rigid and near enough to reach into the gap.
    std::vector<const MassCopy*> masses;
    std::vector<std::pair<const Segment*, const Link*>> links;
    for (const MassCopy& m : rest.masses)
        if (const Mass& mass = p.masses[static_cast<std::size_t>(m.mass)];
            norm(m.at - hinge.at) <= norm(mass.half_mm) + d.gap_mm && isRigid(mass.layers, shelf))
            masses.push_back(&m);
    for (std::size_t i = 0; i < rest.links.size(); ++i) {
        const Link& l = rest.links[i];
        if (l.copy == hinge.copy) continue;
        const Segment& seg = segmentOf(p, rest, static_cast<int>(i));
        double widest = 0;
        for (const Section& s : seg.sections)
            widest = std::max({widest, s.a_mm, s.b_mm});
        if (widest <= 0 || norm(0.5 * (l.from + l.to) - hinge.at) > l.length_mm / 2 + widest + d.gap_mm ||
            !isRigid(seg.layers, shelf))
            continue;
        links.emplace_back(&seg, &l);
    }
    const auto owner = [&](const Vec3& at) -> const Phrase* {
        for (const MassCopy* m : masses)
            if (isInside(p.masses[static_cast<std::size_t>(m->mass)], *m, at)) return &m->label;
        for (const auto& [seg, l] : links)
            if (isInside(*seg, *l, at)) return &l->label;
        return nullptr;
    };
    if (masses.empty() && links.empty()) {
        d.free_mm = d.gap_mm;
        return;
    }
    constexpr int kLooks = 20;
    int free = 0;
    for (int i = 0; i < kLooks; ++i) {
        const double at = d.gap_mm * ((i + 0.5) / kLooks - 0.5);
        free += owner(hinge.at + at * (at < 0 ? in : out)) == nullptr;
    }
    d.free_mm = d.gap_mm * free / kLooks;
    if (const Phrase* in_ = owner(hinge.at)) d.buried = true, d.buriedIn = *in_;
}

/// Moment of a whip's load along it over that at the root: everything beyond, the whip held straight and level.
std::vector<double> calcLoadShape(const Skeleton& s, const std::vector<load::PointMass>& masses, const Hinge& hinge) {
    std::vector<int> links;
    double length = 0;
    for (int i = hinge.after;
         i < static_cast<int>(s.links.size()) && s.links[static_cast<std::size_t>(i)].copy == hinge.copy; ++i)
        links.push_back(i), length += s.links[static_cast<std::size_t>(i)].length_mm;
    const int top = s.links[static_cast<std::size_t>(hinge.after)].body;
    std::vector<std::pair<double, double>> along; // place from the root, grams
    for (const load::PointMass& m : masses) {
        if (!isBeyond(s, m.body, top)) continue;
        double start = 0, best = 0, least = 1e300;
        for (int i : links) {
            const Link& l = s.links[static_cast<std::size_t>(i)];
            const Vec3 e = unit(l.to - l.from);
            const double t = std::clamp(dot(m.at - l.from, e), 0.0, l.length_mm);
            if (const double far = norm(m.at - (l.from + t * e)); far < least) least = far, best = start + t;
            start += l.length_mm;
        }
        along.emplace_back(best, m.mass_g);
    }
    constexpr int kSteps = 32;
    std::vector<double> shape;
    for (int k = 0; k <= kSteps; ++k) {
        double sum = 0;
        for (const auto& [at, grams] : along)
            sum += grams * std::max(0.0, at - length * k / kSteps);
        shape.push_back(sum);
    }
    if (!(shape.front() > 0)) return {};
    const double root = shape.front();
    for (double& x : shape)
        x /= root;
    return shape;
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
    if (l.clay.empty() || seg.sections.empty()) return;
    const fill::ClayCard& card = shelf.clays.at(l.clay);
    const bool never = card.family == fill::ClayFamily::never_dry, flexible = card.family == fill::ClayFamily::flexible;
    if (!l.skinAcrossGaps || (!never && !flexible)) return;
    const Section at = findSection(seg.sections, 0);
    const double cover = l.cover.empty() ? 0 : l.cover_mm;
    double deep = findSkin(seg, 0);
    for (auto coat = l.coats.rbegin(); coat != l.coats.rend() && coat->clay == l.clay; ++coat)
        deep += coat->thickness_mm;
    const double R = std::max(0.0, std::sqrt(at.a_mm * at.b_mm) - cover), r = std::max(0.0, R - deep);
    // A ring's plastic moment; and E I of an elastic one.
    if (never) d.clayPlastic_Nmm = card.yield_MPa / 6 * (std::pow(2 * R, 3) - std::pow(2 * r, 3));
    if (flexible) d.clayEI_Nmm2 = card.youngs_MPa * kPi / 4 * (std::pow(R, 4) - std::pow(r, 4));
}

} // namespace

Room findRoom(const Segment& seg, LimbKind kind, Stretch own, const fill::Shelf& shelf) {
    if (seg.sections.empty() || own.length() <= 0) return {};
    const double cover = coverNeeded(seg, kind, shelf);
    return {2 * (thinnest(seg, own) - cover - seg.sleeve_mm), cover};
}

double findStillRoom(const Segment& seg, Stretch own, const fill::Shelf& shelf) {
    if (seg.sections.empty() || own.length() <= 0) return 1e9;
    const auto clay = shelf.clays.find(seg.layers.clay);
    const double skin =
        clay == shelf.clays.end() ? 0 : std::min(seg.layers.skin_mm, std::max(0.0, clay->second.thinnest_mm));
    return 2 * (thinnest(seg, own) - (seg.layers.cover.empty() ? 0 : seg.layers.cover_mm) - skin - seg.sleeve_mm);
}

std::vector<Demand> calcDemands(const Puppet& puppet, const Skeleton& s, const Skeleton& rest, const fill::Shelf& shelf,
                                const std::vector<load::HingeLoad>& loads, const std::vector<load::PointMass>& masses,
                                const std::vector<Stretch>& own, int limbIndex) {
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
        d.whip = limb.whip;
        if (d.whip) {
            d.posing = limb.posing == Posing::along ? wire::Posing::along : wire::Posing::by_tip;
            if (d.load.why != load::Case::touch) d.loadShape = calcLoadShape(s, masses, hinge);
        }
        findBurial(d, puppet, rest, shelf, rest.hinges[h]);
        const double acting = findActing(puppet.wants.acting);
        d.angle_rad = acting * findLargestBend(joint), d.range_rad = acting * findRange(joint);
        d.springLimit_rad = std::min(kSpringLimit_rad, d.angle_rad / 2);
        d.needFilm_s = joint.need_s.value_or(puppet.wants.film_s);
        d.movesPerSecond = puppet.wants.retakes * joint.movesPerSecond, d.formingBends = joint.formingBends;
        if (!puppet.wants.shot.empty()) {
            PoseNeed need = calcPoseNeed(puppet, limb, joint, copy.right);
            d.fromPoses = true, d.cycles = std::move(need.cycles);
            // A joint that the shot leaves alone is still handled: a degree counts.
            d.angle_rad = std::max(degToRad(1), need.largest_rad);
            d.range_rad = std::max(degToRad(1), need.range_rad);
            d.springLimit_rad = std::min(kSpringLimit_rad, d.angle_rad / 2);
            d.movesPerSecond =
                puppet.wants.retakes / (puppet.wants.poseEvery_s * static_cast<double>(puppet.wants.shot.size()));
        }
        addClay(d, limb.segments[static_cast<std::size_t>(hinge.joint)], shelf);

        addHands(d, puppet, s, shelf, hinge);

        // Everything between the posed joints on either side must take the same bundle.
        d.room_mm = 1e9;
        const auto room = [&](int segment) {
            const int link = copy.firstLink + segment;
            const Segment& seg = limb.segments[static_cast<std::size_t>(segment)];
            const Stretch mine = own[static_cast<std::size_t>(link)];
            const Room here = findRoom(seg, limb.kind, mine, shelf);
            if (here.across_mm < d.room_mm)
                d.room_mm = here.across_mm, d.roomCover_mm = here.cover_mm, d.roomAt = seg.name;
        };
        for (int i = hinge.joint - 1; i >= 0; --i) {
            room(i);
            if (limb.joints[static_cast<std::size_t>(i)].posed) break;
        }
        for (int i = hinge.joint; i < static_cast<int>(limb.segments.size()); ++i) {
            room(i);
            if (limb.joints[static_cast<std::size_t>(i) + 1].posed) break;
        }
        const auto stiff = [&](int link, bool start) {
            return stiffHalfWidth(segmentOf(puppet, s, link), s.links[static_cast<std::size_t>(link)],
                                  own[static_cast<std::size_t>(link)], start, shelf);
        };
        // A first joint hangs on the side of its parent: only what is stiff along the limb's own wire meets in the
        // bend.
        const bool ownBefore = s.links[static_cast<std::size_t>(hinge.before)].copy == hinge.copy;
        const double R = std::max(ownBefore ? stiff(hinge.before, false) : 0, stiff(hinge.after, true));
        // A whip has no stiff ends that could meet.
        d.gapNeeded_mm = d.whip ? 0 : R * d.angle_rad;
    }
    std::vector<Demand> demands;
    for (auto& [joint, d] : byJoint)
        demands.push_back(std::move(d));
    return demands;
}

} // namespace enkinet::choice
