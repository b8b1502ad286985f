#include "body/puppet.h"
#include "base/text.h"
#include "base/units.h"
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

bool isBare(const Limb& limb, std::size_t segment) {
    if (limb.whip) return false;
    const Stiffening s = limb.segments[segment].stiffening;
    return s == Stiffening::none || (s == Stiffening::usual && std::none_of(limb.joints.begin(), limb.joints.end(),
                                                                            [](const Joint& j) { return j.posed; }));
}

namespace {

constexpr std::size_t kMostLimbs = 256, kMostJoints = 64, kMostStations = 64, kMostMasses = 256;
constexpr double kFar_mm = 3000, kLongestGap_mm = 500;

/// Collects the first broken rule.
struct Rules {
    std::optional<Fault> fault;
    void between(const std::string& place, const char* what, double v, double low, double high,
                 const char* unit = " mm") {
        if (!fault && !(v >= low && v <= high))
            fault = Fault{place, std::string(what) + " " + plain(v) + unit,
                          "must lie between " + plain(low) + " and " + plain(high) + unit};
    }
    void above(const std::string& place, const char* what, double v, double high, const char* unit = " mm") {
        if (fault) return;
        if (!(v > 0))
            fault = Fault{place, std::string(what) + " " + plain(v) + unit, "must be above 0"};
        else
            between(place, what, v, 0, high, unit);
    }
    void that(bool holds, const std::string& place, const std::string& value, const std::string& rule) {
        if (!fault && !holds) fault = Fault{place, value, rule};
    }
};

void checkPoint(Rules& r, const std::string& place, const Vec3& p) {
    r.between(place, "x", p.x, -kFar_mm, kFar_mm);
    r.between(place, "y", p.y, -kFar_mm, kFar_mm);
    r.between(place, "z", p.z, -kFar_mm, kFar_mm);
}

void checkLayers(Rules& r, const std::string& place, const Layers& l) {
    r.between(place, "skin", l.skin_mm, 0, 100);
    r.between(place, "cover", l.cover_mm, 0, 50);
    r.between(place, "relief", l.relief, 0, 1, "");
    r.between(place, "cover from", l.coverFrom, 0, 1, "");
    r.between(place, "cover to", l.coverTo, 0, 1, "");
    r.that(l.coverTo > l.coverFrom, place, "cover from " + plain(l.coverFrom) + " to " + plain(l.coverTo),
           "must end beyond where it begins");
    r.that(l.clay.empty() || l.skin_mm > 0, place, "skin 0 mm", "must be above 0 where a clay is named");
}

void checkSegment(Rules& r, const std::string& place, const Segment& s) {
    r.that(s.stations.size() <= kMostStations, place, std::to_string(s.stations.size()) + " stations",
           "are more than 64");
    r.that(s.stations.size() != 1, place, "1 station", "must be none, or two and more");
    for (std::size_t i = 0; i < s.stations.size(); ++i) {
        const std::string p = place + ", station " + std::to_string(i + 1);
        r.between(p, "place", s.stations[i].at, 0, 1, "");
        r.above(p, "half-width a", s.stations[i].a_mm, 1000);
        r.above(p, "half-width b", s.stations[i].b_mm, 1000);
        if (s.stations[i].skin_mm) r.above(p, "skin", *s.stations[i].skin_mm, 100);
        r.that(i == 0 || s.stations[i].at > s.stations[i - 1].at, p, "place " + plain(s.stations[i].at),
               "must lie beyond the station before it");
    }
    if (!s.stations.empty())
        r.that(s.stations.front().at == 0 && s.stations.back().at == 1, place, "stations",
               "must begin at 0 and end at 1");
    checkLayers(r, place, s.layers);
    r.between(place, "grip", s.grip, 0.05, 1, "");
    r.between(place, "sleeve", s.sleeve_mm, 0, 20);
}

void checkJoint(Rules& r, const std::string& place, const Joint& j) {
    checkPoint(r, place, j.at_mm);
    if (!j.posed) return;
    r.above(place, "gap", j.gap_mm, kLongestGap_mm);
    r.between(place, "range", radToDeg(j.low_rad), -170, 0, " degrees");
    r.between(place, "range", radToDeg(j.high_rad), 0, 170, " degrees");
    r.that(j.high_rad > j.low_rad, place, "range 0 degrees", "must be above 0 at a posed joint");
    r.between(place, "edge factor", j.edge, 1, 3, "");
    r.above(place, "moves per second", j.movesPerSecond, 24, "");
    r.between(place, "forming bends", j.formingBends, 0, 1000, "");
    if (j.need_s) r.above(place, "need", *j.need_s, 1e6, " s");
}

void checkLimb(Rules& r, const Puppet& puppet, const Limb& l) {
    const std::string place = puppet.name + ", limb " + l.id;
    r.that(isId(l.id), puppet.name + ", limb", "id \"" + l.id.substr(0, 70) + "\"",
           "must be letters, digits, dot or dash");
    r.that(l.joints.size() >= 2, place, std::to_string(l.joints.size()) + " joints", "must be two or more");
    r.that(l.joints.size() <= kMostJoints, place, std::to_string(l.joints.size()) + " joints", "are more than 64");
    r.that(l.segments.size() + 1 == l.joints.size(), place, std::to_string(l.segments.size()) + " segments",
           "must be one fewer than the joints");
    if (r.fault) return;
    if (l.whip)
        r.that(std::count_if(l.joints.begin(), l.joints.end(), [](const Joint& j) { return j.posed; }) == 1, place,
               "whip", "must have exactly one posed joint, from which it bends to its tip");
    std::set<std::string> ids;
    for (const Joint& j : l.joints) {
        r.that(isId(j.id), place + ", joint", "id \"" + j.id.substr(0, 70) + "\"",
               "must be letters, digits, dot or dash");
        r.that(ids.insert(j.id).second, place + ", joint " + j.id, "id", "stands twice in the limb");
        checkJoint(r, place + ", joint " + j.id, j);
    }
    r.that(!l.joints.back().posed, place + ", joint " + l.joints.back().id, "posed", "cannot be the tip of a limb");
    r.that(!(l.hangsOnLimb.empty() && l.joints.front().posed), place + ", joint " + l.joints.front().id, "posed",
           "cannot be the root of the limb that hangs on nothing");
    for (std::size_t i = 0; i < l.segments.size() && !r.fault; ++i) {
        const std::string p = place + ", segment " + std::to_string(i + 1);
        const double length = norm(l.joints[i + 1].at_mm - l.joints[i].at_mm);
        const double gaps = l.whip ? 0
                                   : (l.joints[i].posed ? l.joints[i].gap_mm : 0) +
                                         (l.joints[i + 1].posed ? l.joints[i + 1].gap_mm : 0);
        r.that(length > 0.1, p, "length " + plain(length) + " mm", "must be above 0.1");
        r.that(gaps / 2 < length, p, "gaps of " + plain(gaps / 2) + " mm",
               "leave nothing of its " + plain(length, 4) + " mm");
        checkSegment(r, p, l.segments[i]);
    }
    if (l.tieDown) {
        r.between(place, "tie-down wires", l.tieDown->wires, 1, 4, "");
        r.above(place, "tie-down depth", l.tieDown->depth_mm, 200);
    }
    r.between(place, "wraps", l.wraps, 0, 50, "");
    r.between(place, "loop", l.loop_mm, 0, 500);
    if (l.cut_mm) r.between(place, "cut length", *l.cut_mm, 0, 2 * kFar_mm);
    if (l.pick) {
        r.between(place, "strands", l.pick->strands, 1, 7, "");
        r.between(place, "lay", l.pick->lay_mm, 0, 1000);
        r.that(l.pick->drops.size() <= kMostDrops, place, std::to_string(l.pick->drops.size()) + " strand drops",
               "are more than 2");
        int strands = l.pick->strands, at = -1;
        for (const StrandDrop& d : l.pick->drops) {
            const int i = findJointIndex(l, d.joint);
            r.that(i >= 0 && l.joints[static_cast<std::size_t>(std::max(i, 0))].posed != l.whip && i > at &&
                       i + 1 < static_cast<int>(l.joints.size()),
                   place, "strands drop after joint " + d.joint.substr(0, 70),
                   l.whip ? "must be fixed points from root to tip" : "must be posed joints from root to tip");
            r.that(d.strands >= 1 && d.strands < strands, place, std::to_string(d.strands) + " strands",
                   "must be fewer than before the drop");
            at = i, strands = d.strands;
        }
    }
}

void checkTree(Rules& r, const Puppet& puppet) {
    std::map<std::string, const Limb*> byId;
    int roots = 0;
    for (const Limb& l : puppet.limbs) {
        r.that(byId.emplace(l.id, &l).second, puppet.name + ", limb " + l.id, "id", "stands twice in the puppet");
        if (l.hangsOnLimb.empty()) ++roots;
    }
    if (r.fault) return;
    for (const Limb& l : puppet.limbs) {
        const std::string place = puppet.name + ", limb " + l.id;
        const Limb* at = &l;
        std::set<const Limb*> seen;
        while (!r.fault && !at->hangsOnLimb.empty()) {
            r.that(seen.insert(at).second, place, "hangs on " + l.hangsOnLimb, "goes round in a circle");
            const auto up = byId.find(at->hangsOnLimb);
            r.that(up != byId.end(), place, "hangs on " + at->hangsOnLimb, "which is no limb of this puppet");
            if (r.fault) return;
            r.that(findJointIndex(*up->second, at->hangsOnJoint) >= 0, place, "hangs on joint " + at->hangsOnJoint,
                   "which limb " + up->first + " does not have");
            r.that(!up->second->mirrored || at->mirrored, place, "hangs on " + at->hangsOnLimb,
                   "which is mirrored, so it must be too");
            at = up->second;
        }
    }
    if (!puppet.limbs.empty())
        r.that(roots == 1, puppet.name, std::to_string(roots) + " limbs that hang on nothing", "must be exactly one");
}

void checkBakes(Rules& r, const std::string& where, const Puppet& puppet) {
    const Wants& w = puppet.wants;
    r.between(where, "camera", radToDeg(w.camera_rad), -180, 180, " degrees");
    r.that(w.loads.size() <= 32, where, std::to_string(w.loads.size()) + " bakes", "are more than 32");
    r.that(w.inOven.size() <= 64, where, std::to_string(w.inOven.size()) + " things in the oven", "are more than 64");
    for (std::size_t i = 0; i < w.loads.size() && !r.fault; ++i) {
        const OvenLoad& load = w.loads[i];
        const std::string place = where + ", bake " + std::to_string(i + 1);
        r.that(load.name.size() <= 200, place, "name", "must have at most 200 letters");
        r.between(place, "set point", load.set_C, 0, 400, " C");
        r.between(place, "minutes", load.minutes, 0, 1440, " min");
        for (const std::string& id : load.limbs)
            r.that(findLimb(puppet, id) != nullptr, place, "limb " + id.substr(0, 40), "is no limb of this puppet");
        for (const std::string& id : load.masses)
            r.that(std::any_of(puppet.masses.begin(), puppet.masses.end(), [&](const Mass& m) { return m.id == id; }),
                   place, "mass " + id.substr(0, 40), "is no mass of this puppet");
    }
}

void checkPose(Rules& r, const Puppet& puppet, const Pose& pose) {
    const std::string place = puppet.name + ", pose " + (pose.name.empty() ? "on the board" : pose.name);
    r.that(pose.angles.size() <= 2 * kMostLimbs * kMostJoints, place, "angles", "are too many");
    for (const JointAngle& a : pose.angles) {
        const Limb* l = findLimb(puppet, a.limb);
        const int i = l ? findJointIndex(*l, a.joint) : -1;
        r.that(i >= 0 && l->joints[static_cast<std::size_t>(std::max(i, 0))].posed, place,
               "joint " + a.limb + "." + a.joint, "is no posed joint of this puppet");
        r.that(!a.right || (l && l->mirrored), place, "right " + a.limb, "is not mirrored");
        r.between(place, "angle", radToDeg(a.forth_rad), -175, 175, " degrees");
        r.between(place, "angle", radToDeg(a.aside_rad), -175, 175, " degrees");
    }
}

void checkSheet(Rules& r, const Puppet& puppet) {
    if (r.fault) return;
    checkPose(r, puppet, puppet.board);
    r.that(puppet.poses.size() <= 500, puppet.name, std::to_string(puppet.poses.size()) + " poses",
           "are more than 500");
    std::set<std::string> names;
    for (const Pose& p : puppet.poses) {
        r.that(!p.name.empty() && p.name.size() <= 100 && names.insert(p.name).second, puppet.name + ", pose",
               "\"" + p.name.substr(0, 40) + "\"", "must have a name of its own");
        checkPose(r, puppet, p);
    }
    r.that(puppet.pictures.size() <= 16, puppet.name, std::to_string(puppet.pictures.size()) + " pictures",
           "are more than 16");
    for (const Picture& p : puppet.pictures) {
        const std::string place = puppet.name + ", picture " + p.file;
        r.between(place, "x", p.x_mm, -2 * kFar_mm, 2 * kFar_mm);
        r.between(place, "y", p.y_mm, -2 * kFar_mm, 2 * kFar_mm);
        r.between(place, "scale", p.mm_px, 1e-4, 100, " mm a pixel");
        r.between(place, "angle", radToDeg(p.angle_rad), -360, 360, " degrees");
        r.between(place, "strength", p.strength, 0, 1, "");
        for (double c : {p.cropLeft, p.cropTop, p.cropRight, p.cropBottom})
            r.between(place, "crop", c, 0, 0.95, "");
    }
    r.that(puppet.measures.size() <= 500, puppet.name, std::to_string(puppet.measures.size()) + " measures",
           "are more than 500");
    for (const Measure& m : puppet.measures) {
        checkPoint(r, puppet.name + ", measure " + m.name, m.from_mm);
        checkPoint(r, puppet.name + ", measure " + m.name, m.to_mm);
        if (m.measured_mm) r.between(puppet.name + ", measure " + m.name, "measured", *m.measured_mm, 0, 2 * kFar_mm);
    }
    if (puppet.rig) {
        const Limb* l = findLimb(puppet, puppet.rig->limb);
        r.that(l && puppet.rig->segment >= 0 && puppet.rig->segment < static_cast<int>(l->segments.size()), puppet.name,
               "rig point on limb " + puppet.rig->limb, "which has no such segment");
    }
}

} // namespace

Result<Puppet> makePuppet(Puppet puppet) {
    Rules r;
    const std::string where = "puppet " + puppet.id;
    r.that(isId(puppet.id), "puppet", "id \"" + puppet.id.substr(0, 70) + "\"", "must be letters, digits, dot or dash");
    r.that(!puppet.name.empty() && puppet.name.size() <= 200, where, "name", "must have 1 to 200 letters");
    r.above(where, "height", puppet.height_mm, kFar_mm);
    r.between(where, "lean", radToDeg(puppet.wants.lean_rad), 0, 90, " degrees");
    r.between(where, "hold factor", puppet.wants.holdFactor, 1, 10, "");
    r.between(where, "set", radToDeg(puppet.wants.set_rad), 0.05, 5, " degrees");
    r.above(where, "film", puppet.wants.film_s, 1e6, " s");
    r.between(where, "retakes", puppet.wants.retakes, 1, 20, "");
    r.between(where, "reserve", puppet.wants.reserve, 0, 1, "");
    r.between(where, "strands at most", puppet.wants.mostStrands, 1, 7, "");
    r.that(puppet.wants.disliked_mm.size() <= 50, where, "disliked gauges", "are more than 50");
    r.that(puppet.wants.order.size() <= 200, where, "orders of steps", "are more than 200");
    for (const StepOrder& o : puppet.wants.order)
        r.that(!o.first.empty() && !o.then.empty() && o.first.size() <= 300 && o.then.size() <= 300, where,
               "order of steps", "must name two steps");
    for (double d : puppet.wants.disliked_mm)
        r.between(where, "disliked gauge", d, 0.1, 10);
    r.that(puppet.left.size() <= 2000, where, "points left as they are", "are more than 2000");
    for (const std::string& key : puppet.left)
        r.that(!key.empty() && key.size() <= 400, where, "point left as it is", "must have 1 to 400 letters");
    r.between(where, "feet down", puppet.wants.feetDown, 0, 512, "");
    r.above(where, "seconds a pose", puppet.wants.poseEvery_s, 1e4, " s");
    r.that(puppet.wants.shot.size() <= 2000, where, std::to_string(puppet.wants.shot.size()) + " poses in the shot",
           "are more than 2000");
    for (const std::string& name : puppet.wants.shot)
        r.that(std::any_of(puppet.poses.begin(), puppet.poses.end(), [&](const Pose& p) { return p.name == name; }),
               where, "pose \"" + name.substr(0, 40) + "\" of the shot", "is not kept");
    r.that(puppet.limbs.size() <= kMostLimbs, where, std::to_string(puppet.limbs.size()) + " limbs",
           "are more than " + std::to_string(kMostLimbs));
    r.that(puppet.masses.size() <= kMostMasses, where, std::to_string(puppet.masses.size()) + " masses",
           "are more than " + std::to_string(kMostMasses));
    checkBakes(r, where, puppet);
    if (!r.fault) checkTree(r, puppet);
    if (!r.fault)
        for (const Limb& l : puppet.limbs)
            checkLimb(r, puppet, l);
    std::set<std::string> masses;
    for (const Mass& m : puppet.masses) {
        if (r.fault) break;
        const std::string place = puppet.name + ", mass " + m.id;
        r.that(masses.insert(m.id).second, place, "id", "stands twice in the puppet");
        r.that(isId(m.id), puppet.name + ", mass", "id \"" + m.id.substr(0, 70) + "\"",
               "must be letters, digits, dot or dash");
        const Limb* l = findLimb(puppet, m.limb);
        r.that(l != nullptr, place, "on limb " + m.limb, "which is no limb of this puppet");
        r.that(!l || (m.segment >= 0 && m.segment < static_cast<int>(l->segments.size())), place,
               "segment " + std::to_string(m.segment + 1), "is not one of limb " + m.limb);
        checkPoint(r, place, m.at_mm);
        r.that(m.layers.coverFrom == 0 && m.layers.coverTo == 1, place, "bare stretch", "is for limbs only");
        if (m.shape == MassShape::weighed) {
            r.above(place, "weight", m.weighed_g, 1e5, " g");
        } else {
            r.above(place, "half axis x", m.half_mm.x, 1000);
            r.above(place, "half axis y", m.half_mm.y, 1000);
            r.above(place, "half axis z", m.half_mm.z, 1000);
        }
        checkLayers(r, place, m.layers);
    }
    checkSheet(r, puppet);
    if (!r.fault) r.fault = checkThings(puppet);
    r.that(puppet.aside.size() <= 1, where, "designs kept aside", "are more than one");
    if (r.fault) return *r.fault;
    for (Puppet& second : puppet.aside) {
        r.that(second.aside.empty() && second.id == puppet.id, where, "the design kept aside",
               "must be of the same puppet and have none itself");
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
            return Fault{puppet.name + ", limb " + l.id, "a whip of " + plain(root->gap_mm, 4) + " mm",
                         "is longer than " + plain(kLongestGap_mm) + " mm"};
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
            for (Station& t : s.stations)
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

} // namespace enkinet::body
