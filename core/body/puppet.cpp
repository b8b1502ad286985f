#include "body/puppet.h"
#include "base/rules.h"
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

Seen seenFrom(const Picture& x) { return x.seen.value_or(x.side ? Seen::left : Seen::front); }

bool isBare(const Limb& limb, std::size_t segment) {
    if (limb.whip) return false;
    const Stiffening s = limb.segments[segment].stiffening;
    return s == Stiffening::none || (s == Stiffening::usual && std::none_of(limb.joints.begin(), limb.joints.end(),
                                                                            [](const Joint& j) { return j.posed; }));
}

namespace {

constexpr std::size_t kMostLimbs = 256, kMostJoints = 64, kMostStations = 64, kMostMasses = 256;
constexpr double kFar_mm = 3000, kLongestGap_mm = 500;

void checkPoint(Rules& r, const Phrase& place, const Vec3& p) {
    r.between(place, words("x"), p.x, -kFar_mm, kFar_mm);
    r.between(place, words("y"), p.y, -kFar_mm, kFar_mm);
    r.between(place, words("z"), p.z, -kFar_mm, kFar_mm);
}

void checkLayers(Rules& r, const Phrase& place, const Layers& l) {
    r.between(place, words("skin"), l.skin_mm, 0, 100);
    r.between(place, words("cover"), l.cover_mm, 0, 50);
    r.between(place, words("relief"), l.relief, 0, 1, {});
    r.between(place, words("cover from"), l.coverFrom, 0, 1, {});
    r.between(place, words("cover to"), l.coverTo, 0, 1, {});
    r.that(l.coverTo > l.coverFrom, place, words("cover from %1 to %2", l.coverFrom, l.coverTo),
           words("must end beyond where it begins"));
    r.that(l.clay.empty() || l.skin_mm > 0, place, words("skin 0 mm"), words("must be above 0 where a clay is named"));
    r.that(l.coats.size() < kMostCoats, place, words("%1 coats beneath the skin", l.coats.size()),
           words("are more than 3"));
    r.that(l.coats.empty() || !l.clay.empty(), place, words("coats of clay"), words("need a skin over them"));
    int load = 0;
    for (std::size_t i = 0; i < l.coats.size() && i < kMostCoats; ++i) {
        const Phrase p = words("%1, coat %2", place, i + 1);
        const Coat& c = l.coats[i];
        r.that(!c.clay.empty(), p, words("clay card"), words("is not named"));
        r.above(p, words("thickness"), c.thickness_mm, 100);
        r.between(p, words("load"), c.load, 0, 20, {});
        r.that(c.load == 0 || c.load >= load, p, words("load %1", c.load),
               words("must not come before that of the coat beneath it, %1", load));
        load = std::max(load, c.load);
    }
}

void checkSegment(Rules& r, const Phrase& place, const Segment& s) {
    r.that(s.stations.size() <= kMostStations, place, words("%1 stations", s.stations.size()),
           words("are more than 64"));
    r.that(s.stations.size() != 1, place, words("1 station"), words("must be none, or two and more"));
    for (std::size_t i = 0; i < s.stations.size(); ++i) {
        const Phrase p = words("%1, station %2", place, i + 1);
        r.between(p, words("place"), s.stations[i].at, 0, 1, {});
        r.above(p, words("half-width a"), s.stations[i].a_mm, 1000);
        r.above(p, words("half-width b"), s.stations[i].b_mm, 1000);
        if (s.stations[i].skin_mm) r.above(p, words("skin"), *s.stations[i].skin_mm, 100);
        r.that(i == 0 || s.stations[i].at > s.stations[i - 1].at, p, words("place %1", s.stations[i].at),
               words("must lie beyond the station before it"));
    }
    if (!s.stations.empty())
        r.that(s.stations.front().at == 0 && s.stations.back().at == 1, place, words("stations"),
               words("must begin at 0 and end at 1"));
    checkLayers(r, place, s.layers);
    r.between(place, words("grip"), s.grip, 0.05, 1, {});
    r.between(place, words("sleeve"), s.sleeve_mm, 0, 20);
}

void checkJoint(Rules& r, const Phrase& place, const Joint& j) {
    checkPoint(r, place, j.at_mm);
    if (!j.posed) return;
    r.above(place, words("gap"), j.gap_mm, kLongestGap_mm);
    r.between(place, words("range"), radToDeg(j.low_rad), -170, 0, words(" degrees"));
    r.between(place, words("range"), radToDeg(j.high_rad), 0, 170, words(" degrees"));
    r.that(j.high_rad > j.low_rad, place, words("range 0 degrees"), words("must be above 0 at a posed joint"));
    r.between(place, words("edge factor"), j.edge, 1, 3, {});
    r.above(place, words("moves per second"), j.movesPerSecond, 24, {});
    r.between(place, words("forming bends"), j.formingBends, 0, 1000, {});
    if (j.need_s) r.above(place, words("need"), *j.need_s, 1e6, words(" s"));
}

void checkLimb(Rules& r, const Puppet& puppet, const Limb& l) {
    const Phrase place = words("%1, limb %2", puppet.name, l.id);
    r.id(words("%1, limb", puppet.name), l.id);
    r.that(l.joints.size() >= 2, place, words("%1 joints", l.joints.size()), words("must be two or more"));
    r.that(l.joints.size() <= kMostJoints, place, words("%1 joints", l.joints.size()), words("are more than 64"));
    r.that(l.segments.size() + 1 == l.joints.size(), place, words("%1 segments", l.segments.size()),
           words("must be one fewer than the joints"));
    if (r.fault) return;
    if (l.whip)
        r.that(std::count_if(l.joints.begin(), l.joints.end(), [](const Joint& j) { return j.posed; }) == 1, place,
               words("whip"), words("must have exactly one posed joint, from which it bends to its tip"));
    std::set<std::string> ids;
    for (const Joint& j : l.joints) {
        r.id(words("%1, joint", place), j.id);
        r.that(ids.insert(j.id).second, words("%1, joint %2", place, j.id), words("id"),
               words("stands twice in the limb"));
        checkJoint(r, words("%1, joint %2", place, j.id), j);
    }
    r.that(!l.joints.back().posed, words("%1, joint %2", place, l.joints.back().id), words("posed"),
           words("cannot be the tip of a limb"));
    r.that(!(l.hangsOnLimb.empty() && l.joints.front().posed), words("%1, joint %2", place, l.joints.front().id),
           words("posed"), words("cannot be the root of the limb that hangs on nothing"));
    for (std::size_t i = 0; i < l.segments.size() && !r.fault; ++i) {
        const Phrase p = words("%1, segment %2", place, i + 1);
        const double length = norm(l.joints[i + 1].at_mm - l.joints[i].at_mm);
        const double gaps = l.whip ? 0
                                   : (l.joints[i].posed ? l.joints[i].gap_mm : 0) +
                                         (l.joints[i + 1].posed ? l.joints[i + 1].gap_mm : 0);
        r.that(length > 0.1, p, words("length %1 mm", length), words("must be above 0.1"));
        r.that(gaps / 2 < length, p, words("gaps of %1 mm", gaps / 2),
               words("leave nothing of its %1 mm", Phrase(length, 4)));
        checkSegment(r, p, l.segments[i]);
    }
    if (l.tieDown) {
        r.between(place, words("tie-down wires"), l.tieDown->wires, 1, 4, {});
        r.above(place, words("tie-down depth"), l.tieDown->depth_mm, 200);
    }
    r.between(place, words("wraps"), l.wraps, 0, 50, {});
    r.that(l.noWire.size() <= 300, place, words("reason for no wire"), words("is longer than 300 letters"));
    r.between(place, words("loop"), l.loop_mm, 0, 500);
    if (l.cut_mm) r.between(place, words("cut length"), *l.cut_mm, 0, 2 * kFar_mm);
    if (l.pick) {
        r.between(place, words("strands"), l.pick->strands, 1, 7, {});
        r.between(place, words("lay"), l.pick->lay_mm, 0, 1000);
        r.that(l.pick->drops.size() <= kMostDrops, place, words("%1 strand drops", l.pick->drops.size()),
               words("are more than 2"));
        int strands = l.pick->strands, at = -1;
        for (const StrandDrop& d : l.pick->drops) {
            const int i = findJointIndex(l, d.joint);
            r.that(i >= 0 && l.joints[static_cast<std::size_t>(std::max(i, 0))].posed != l.whip && i > at &&
                       i + 1 < static_cast<int>(l.joints.size()),
                   place, words("strands drop after joint %1", d.joint.substr(0, 70)),
                   l.whip ? words("must be fixed points from root to tip")
                          : words("must be posed joints from root to tip"));
            r.that(d.strands >= 1 && d.strands < strands, place, words("%1 strands", d.strands),
                   words("must be fewer than before the drop"));
            at = i, strands = d.strands;
        }
    }
}

void checkTree(Rules& r, const Puppet& puppet) {
    std::map<std::string, const Limb*> byId;
    int roots = 0;
    for (const Limb& l : puppet.limbs) {
        r.that(byId.emplace(l.id, &l).second, words("%1, limb %2", puppet.name, l.id), words("id"),
               words("stands twice in the puppet"));
        if (l.hangsOnLimb.empty()) ++roots;
    }
    if (r.fault) return;
    for (const Limb& l : puppet.limbs) {
        const Phrase place = words("%1, limb %2", puppet.name, l.id);
        const Limb* at = &l;
        std::set<const Limb*> seen;
        while (!r.fault && !at->hangsOnLimb.empty()) {
            r.that(seen.insert(at).second, place, words("hangs on %1", l.hangsOnLimb), words("goes round in a circle"));
            const auto up = byId.find(at->hangsOnLimb);
            r.that(up != byId.end(), place, words("hangs on %1", at->hangsOnLimb),
                   words("which is no limb of this puppet"));
            if (r.fault) return;
            r.that(findJointIndex(*up->second, at->hangsOnJoint) >= 0, place,
                   words("hangs on joint %1", at->hangsOnJoint), words("which limb %1 does not have", up->first));
            r.that(!up->second->mirrored || at->mirrored, place, words("hangs on %1", at->hangsOnLimb),
                   words("which is mirrored, so it must be too"));
            at = up->second;
        }
    }
    if (!puppet.limbs.empty())
        r.that(roots == 1, puppet.name, words("%1 limbs that hang on nothing", roots), words("must be exactly one"));
}

void checkBakes(Rules& r, const Phrase& where, const Puppet& puppet) {
    const Wants& w = puppet.wants;
    r.between(where, words("camera"), radToDeg(w.camera_rad), -180, 180, words(" degrees"));
    r.that(w.loads.size() <= 32, where, words("%1 bakes", w.loads.size()), words("are more than 32"));
    r.that(w.inOven.size() <= 64, where, words("%1 things in the oven", w.inOven.size()), words("are more than 64"));
    for (std::size_t i = 0; i < w.loads.size() && !r.fault; ++i) {
        const OvenLoad& load = w.loads[i];
        const Phrase place = words("%1, bake %2", where, i + 1);
        r.that(countLetters(load.name) <= 200, place, words("name"), words("must have at most 200 letters"));
        r.between(place, words("set point"), load.set_C, 0, 400, words(" C"));
        r.between(place, words("minutes"), load.minutes, 0, 1440, words(" min"));
        for (const std::string& id : load.limbs)
            r.that(findLimb(puppet, id) != nullptr, place, words("limb %1", id.substr(0, 40)),
                   words("is no limb of this puppet"));
        for (const std::string& id : load.masses)
            r.that(std::any_of(puppet.masses.begin(), puppet.masses.end(), [&](const Mass& m) { return m.id == id; }),
                   place, words("mass %1", id.substr(0, 40)), words("is no mass of this puppet"));
    }
}

void checkPose(Rules& r, const Puppet& puppet, const Pose& pose) {
    const Phrase place =
        pose.name.empty() ? words("%1, pose on the board", puppet.name) : words("%1, pose %2", puppet.name, pose.name);
    r.that(pose.angles.size() <= 2 * kMostLimbs * kMostJoints, place, words("angles"), words("are too many"));
    for (const JointAngle& a : pose.angles) {
        const Limb* l = findLimb(puppet, a.limb);
        const int i = l ? findJointIndex(*l, a.joint) : -1;
        r.that(i >= 0 && l->joints[static_cast<std::size_t>(std::max(i, 0))].posed, place,
               words("joint %1.%2", a.limb, a.joint), words("is no posed joint of this puppet"));
        r.that(!a.right || (l && l->mirrored), place, words("right %1", a.limb), words("is not mirrored"));
        r.between(place, words("angle"), radToDeg(a.forth_rad), -175, 175, words(" degrees"));
        r.between(place, words("angle"), radToDeg(a.aside_rad), -175, 175, words(" degrees"));
    }
}

void checkSheet(Rules& r, const Puppet& puppet) {
    if (r.fault) return;
    checkPose(r, puppet, puppet.board);
    r.that(puppet.poses.size() <= 500, puppet.name, words("%1 poses", puppet.poses.size()), words("are more than 500"));
    std::set<std::string> names;
    for (const Pose& p : puppet.poses) {
        r.that(!p.name.empty() && p.name.size() <= 100 && names.insert(p.name).second, words("%1, pose", puppet.name),
               "\"" + p.name.substr(0, 40) + "\"", words("must have a name of its own"));
        checkPose(r, puppet, p);
    }
    r.that(puppet.pictures.size() <= 16, puppet.name, words("%1 pictures", puppet.pictures.size()),
           words("are more than 16"));
    for (const Picture& p : puppet.pictures) {
        const Phrase place = words("%1, picture %2", puppet.name, p.file);
        r.between(place, words("x"), p.x_mm, -2 * kFar_mm, 2 * kFar_mm);
        r.between(place, words("y"), p.y_mm, -2 * kFar_mm, 2 * kFar_mm);
        r.between(place, words("scale"), p.mm_px, 1e-4, 100, words(" mm a pixel"));
        r.between(place, words("angle"), radToDeg(p.angle_rad), -360, 360, words(" degrees"));
        r.between(place, words("strength"), p.strength, 0, 1, {});
        for (double c : {p.cropLeft, p.cropTop, p.cropRight, p.cropBottom})
            r.between(place, words("crop"), c, 0, 0.95, {});
        for (int px : {p.width_px, p.height_px})
            r.between(place, words("pixels"), px, 0, 1e6, {});
        r.between(place, words("figure's top"), p.figureTop, 0, 1, {});
        r.between(place, words("figure's bottom"), p.figureBottom, 0, 1, {});
    }
    r.that(puppet.measures.size() <= 500, puppet.name, words("%1 measures", puppet.measures.size()),
           words("are more than 500"));
    r.that(puppet.proportions.size() <= 200, puppet.name, words("%1 proportions", puppet.proportions.size()),
           words("are more than 200"));
    for (const Proportion& x : puppet.proportions) {
        const Phrase place = words("%1, proportion %2", puppet.name, x.key);
        r.that(!x.key.empty() && x.key.size() <= 200, place, words("key"), words("must be 1 to 200 letters"));
        r.above(place, words("target"), x.target, 1000, {});
        r.between(place, words("tolerance"), x.tolerance, 0, 1, {});
    }
    for (const Measure& m : puppet.measures) {
        checkPoint(r, words("%1, measure %2", puppet.name, m.name), m.from_mm);
        checkPoint(r, words("%1, measure %2", puppet.name, m.name), m.to_mm);
        if (m.measured_mm)
            r.between(words("%1, measure %2", puppet.name, m.name), words("measured"), *m.measured_mm, 0, 2 * kFar_mm);
    }
    if (puppet.rig) {
        const Limb* l = findLimb(puppet, puppet.rig->limb);
        r.that(l && puppet.rig->segment >= 0 && puppet.rig->segment < static_cast<int>(l->segments.size()), puppet.name,
               words("rig point on limb %1", puppet.rig->limb), words("which has no such segment"));
    }
}

} // namespace

Result<Puppet> makePuppet(Puppet puppet) {
    Rules r;
    const Phrase where = words("puppet %1", puppet.id);
    r.id(words("puppet"), puppet.id);
    r.that(!puppet.name.empty() && countLetters(puppet.name) <= 200, where, words("name"),
           words("must have 1 to 200 letters"));
    r.above(where, words("height"), puppet.height_mm, kFar_mm);
    r.between(where, words("lean"), radToDeg(puppet.wants.lean_rad), 0, 90, words(" degrees"));
    r.between(where, words("hold factor"), puppet.wants.holdFactor, 1, 10, {});
    r.between(where, words("set"), radToDeg(puppet.wants.set_rad), 0.05, 5, words(" degrees"));
    r.above(where, words("film"), puppet.wants.film_s, 1e6, words(" s"));
    r.between(where, words("retakes"), puppet.wants.retakes, 1, 20, {});
    r.between(where, words("reserve"), puppet.wants.reserve, 0, 1, {});
    r.between(where, words("strands at most"), puppet.wants.mostStrands, 1, 7, {});
    r.that(puppet.wants.disliked_mm.size() <= 50, where, words("disliked gauges"), words("are more than 50"));
    r.that(puppet.wants.order.size() <= 200, where, words("orders of steps"), words("are more than 200"));
    for (const StepOrder& o : puppet.wants.order)
        r.that(!o.first.empty() && !o.then.empty() && o.first.size() <= 300 && o.then.size() <= 300, where,
               words("order of steps"), words("must name two steps"));
    for (double d : puppet.wants.disliked_mm)
        r.between(where, words("disliked gauge"), d, 0.1, 10);
    r.that(puppet.left.size() <= 2000, where, words("points left as they are"), words("are more than 2000"));
    for (const LeftPoint& p : puppet.left) {
        r.that(!p.key.empty() && p.key.size() <= 400, where, words("point left as it is"),
               words("must have 1 to 400 letters"));
        r.that(p.because.size() <= 400, where, words("reason why a point is left"),
               words("must have at most 400 letters"));
    }
    r.between(where, words("feet down"), puppet.wants.feetDown, 0, 512, {});
    r.above(where, words("seconds a pose"), puppet.wants.poseEvery_s, 1e4, words(" s"));
    r.that(puppet.wants.shot.size() <= 2000, where, words("%1 poses in the shot", puppet.wants.shot.size()),
           words("are more than 2000"));
    for (const std::string& name : puppet.wants.shot)
        r.that(std::any_of(puppet.poses.begin(), puppet.poses.end(), [&](const Pose& p) { return p.name == name; }),
               where, words("pose \"%1\" of the shot", name.substr(0, 40)), words("is not kept"));
    r.that(puppet.limbs.size() <= kMostLimbs, where, words("%1 limbs", puppet.limbs.size()),
           words("are more than %1", kMostLimbs));
    r.that(puppet.masses.size() <= kMostMasses, where, words("%1 masses", puppet.masses.size()),
           words("are more than %1", kMostMasses));
    checkBakes(r, where, puppet);
    if (!r.fault) checkTree(r, puppet);
    if (!r.fault)
        for (const Limb& l : puppet.limbs)
            checkLimb(r, puppet, l);
    std::set<std::string> masses;
    for (const Mass& m : puppet.masses) {
        if (r.fault) break;
        const Phrase place = words("%1, mass %2", puppet.name, m.id);
        r.that(masses.insert(m.id).second, place, words("id"), words("stands twice in the puppet"));
        r.id(words("%1, mass", puppet.name), m.id);
        const Limb* l = findLimb(puppet, m.limb);
        r.that(l != nullptr, place, words("on limb %1", m.limb), words("which is no limb of this puppet"));
        r.that(!l || (m.segment >= 0 && m.segment < static_cast<int>(l->segments.size())), place,
               words("segment %1", m.segment + 1), words("is not one of limb %1", m.limb));
        checkPoint(r, place, m.at_mm);
        r.that(m.layers.coverFrom == 0 && m.layers.coverTo == 1, place, words("bare stretch"),
               words("is for limbs only"));
        if (m.shape == MassShape::weighed) {
            r.above(place, words("weight"), m.weighed_g, 1e5, words(" g"));
        } else {
            r.above(place, words("half axis x"), m.half_mm.x, 1000);
            r.above(place, words("half axis y"), m.half_mm.y, 1000);
            r.above(place, words("half axis z"), m.half_mm.z, 1000);
        }
        checkLayers(r, place, m.layers);
    }
    checkSheet(r, puppet);
    if (!r.fault) r.fault = checkThings(puppet);
    r.that(puppet.aside.size() <= 1, where, words("designs kept aside"), words("are more than one"));
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
            return Fault{words("%1, limb %2", puppet.name, l.id), words("a whip of %1 mm", Phrase(root->gap_mm, 4)),
                         words("is longer than %1 mm", kLongestGap_mm)};
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
