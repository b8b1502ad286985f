#include "body/things.h"
#include "base/rules.h"
#include "base/text.h"
#include "body/puppet.h"
#include <algorithm>
#include <set>

namespace enkinet::body {

ENKINET_COMPARED_BODY(Feature)
ENKINET_COMPARED_BODY(Bond)
ENKINET_COMPARED_BODY(Sheet)
ENKINET_COMPARED_BODY(Run)
ENKINET_COMPARED_BODY(Prop)
ENKINET_COMPARED_BODY(Variant)
ENKINET_COMPARED_BODY(Things)

namespace {

/// Calls visit(list) with the list of a kind; the base has none.
template <class Anything, class Visit> void withList(Anything& t, ThingKind kind, Visit visit) {
    switch (kind) {
    case ThingKind::feature:
        return visit(t.features);
    case ThingKind::bond:
        return visit(t.bonds);
    case ThingKind::sheet:
        return visit(t.sheets);
    case ThingKind::run:
        return visit(t.runs);
    case ThingKind::prop:
        return visit(t.props);
    case ThingKind::variant:
        return visit(t.variants);
    case ThingKind::base:
    case ThingKind::none:
        break;
    }
}

} // namespace

int countThings(const Things& t, ThingKind kind) {
    int n = kind == ThingKind::base && t.base ? 1 : 0;
    withList(t, kind, [&](const auto& list) { n = static_cast<int>(list.size()); });
    return n;
}

std::string* findThingName(Things& t, ThingKind kind, int index) {
    std::string* name = nullptr;
    withList(t, kind, [&](auto& list) {
        if (index >= 0 && index < static_cast<int>(list.size())) name = &list[static_cast<std::size_t>(index)].name;
    });
    return name;
}

void removeThing(Things& t, ThingKind kind, int index) {
    if (kind == ThingKind::base) t.base.reset();
    withList(t, kind, [&](auto& list) {
        if (index >= 0 && index < static_cast<int>(list.size())) list.erase(list.begin() + index);
    });
}

bool isThingId(const Things& t, const std::string& id) {
    bool used = false;
    for (ThingKind kind : kThingKinds)
        withList(t, kind, [&](const auto& list) {
            used = used || std::any_of(list.begin(), list.end(), [&](const auto& x) { return x.id == id; });
        });
    return used;
}

namespace {

constexpr std::size_t kMostFeatures = 500, kMostOthers = 200;

class Check : public Rules {
public:
    explicit Check(const Puppet& puppet) : m_p(puppet) {}

    /// list is "features", one "feature".
    template <class List> void ids(const Phrase& list, const Phrase& one, const List& things, std::size_t most) {
        that(things.size() <= most, m_p.name, words("%1: %2", list, things.size()), words("are more than %1", most));
        std::set<std::string> seen;
        for (const auto& t : things) {
            const Phrase place = words("%1, %2 %3", m_p.name, one, t.id.substr(0, 70));
            id(words("%1, %2", m_p.name, one), t.id);
            that(seen.insert(t.id).second, place, words("id"), words("stands twice in the puppet"));
            that(!t.name.empty() && countLetters(t.name) <= 200, place, words("name"),
                 words("must have 1 to 200 letters"));
        }
    }

    void spot(const Phrase& place, const Spot& s, bool mayBase) {
        if (s.base) return that(mayBase, place, words("the base"), words("cannot carry it"));
        if (!s.feature.empty())
            return that(std::any_of(m_p.things.features.begin(), m_p.things.features.end(),
                                    [&](const Feature& f) { return f.id == s.feature; }),
                        place, words("feature %1", s.feature.substr(0, 70)), words("is no feature of this puppet"));
        if (!s.mass.empty())
            return that(
                std::any_of(m_p.masses.begin(), m_p.masses.end(), [&](const Mass& m) { return m.id == s.mass; }), place,
                words("mass %1", s.mass.substr(0, 70)), words("is no mass of this puppet"));
        const Limb* l = findLimb(m_p, s.limb);
        that(l && s.segment >= 0 && s.segment < static_cast<int>(l->segments.size()), place,
             words("limb %1, segment %2", s.limb.substr(0, 70), s.segment + 1), words("is no segment of this puppet"));
    }

private:
    const Puppet& m_p;
};

void checkFeature(Check& c, const Phrase& place, const Feature& f) {
    c.spot(place, f.on, false);
    c.between(place, words("from"), f.at, 0, 1, {});
    c.between(place, words("to"), f.to, 0, 1, {});
    c.that(f.to >= f.at, place, words("stretch"), words("must end where it begins or beyond"));
    c.between(place, words("angle"), f.angle_deg, -360, 360, words(" degrees"));
    c.between(place, words("count"), f.count, 1, 5000, {});
    c.between(place, words("pitch"), f.pitch_mm, 0, 500, words(" mm"));
    c.that(f.pitch_mm == 0 || f.pitch_mm >= 0.2, place, words("pitch %1 mm", f.pitch_mm),
           words("must be 0.2 mm or more"));
    c.between(place, words("pitch of rows"), f.rowPitch_mm, 0, 500, words(" mm"));
    c.that(f.rowPitch_mm == 0 || f.rowPitch_mm >= 0.2, place, words("pitch of rows %1 mm", f.rowPitch_mm),
           words("must be 0.2 mm or more"));
    c.between(place, words("size"), f.first_mm, 0, 1000, words(" mm"));
    c.between(place, words("last size"), f.last_mm, 0, 1000, words(" mm"));
    c.that(!f.geometric || f.last_mm == 0 || f.first_mm > 0, place, words("first size 0 mm"),
           words("must be above 0 where sizes grow by a factor"));
    c.between(place, words("length"), f.length_mm, 0, 1000, words(" mm"));
    c.between(place, words("sunk"), f.sunk, 0, 1, {});
    c.between(place, words("weight"), f.mass_g, 0, 1e4, words(" g"));
    c.between(place, words("heat limit"), f.limit_C, 0, 1500, words(" C"));
    c.between(place, words("spares"), f.spares, 0, 1000, {});
    c.that(f.timed_s.size() <= 200, place, words("timed samples"), words("are more than 200"));
    for (double s : f.timed_s)
        c.between(place, words("timed sample"), s, 0.1, 36000, words(" s"));
    c.between(place, words("tool"), f.tool_min, 0, 6000, words(" min"));
    c.between(place, words("with the tool"), f.toolEach_s, 0, 36000, words(" s"));
    c.that(f.ticked.size() <= 5, place, words("signed off"), words("from more than five sides"));
}

} // namespace

int findHostLimb(const Puppet& puppet, const Spot& spot) {
    Spot at = spot;
    // No chain of features is longer than there are features.
    for (std::size_t depth = 0; !at.feature.empty() && depth <= puppet.things.features.size(); ++depth)
        for (const Feature& f : puppet.things.features)
            if (f.id == at.feature) {
                at = f.on;
                break;
            }
    std::string id = at.limb;
    for (const Mass& m : puppet.masses)
        if (m.id == at.mass) id = m.limb;
    for (std::size_t i = 0; i < puppet.limbs.size(); ++i)
        if (!at.base && at.feature.empty() && puppet.limbs[i].id == id) return static_cast<int>(i);
    return -1;
}

std::optional<Fault> checkThings(const Puppet& p) {
    Check c(p);
    const Things& t = p.things;
    c.ids(words("features"), words("feature"), t.features, kMostFeatures);
    c.ids(words("bonds"), words("bond"), t.bonds, kMostOthers);
    c.ids(words("sheets"), words("sheet"), t.sheets, kMostOthers);
    c.ids(words("runs"), words("run"), t.runs, kMostOthers);
    c.ids(words("props"), words("prop"), t.props, kMostOthers);
    c.ids(words("variants"), words("variant"), t.variants, kMostOthers);
    for (const Feature& f : t.features)
        checkFeature(c, words("%1, feature %2", p.name, f.id), f);
    for (const Bond& b : t.bonds) {
        const Phrase place = words("%1, bond %2", p.name, b.id);
        c.spot(place, b.from, true);
        c.spot(place, b.to, true);
        c.that(!(b.from == b.to), place, words("both ends"), words("must sit on different things"));
        c.between(place, words("diameter"), b.diameter_mm, 0, 200, words(" mm"));
        for (double d : {b.depth_mm, b.depthTo_mm})
            c.between(place, words("depth"), d, 0, 200, words(" mm"));
        c.between(place, words("free length"), b.free_mm, 0, 1000, words(" mm"));
        c.between(place, words("clearance"), b.clearance_mm, 0, 20, words(" mm"));
        c.between(place, words("hold"), b.hold_N, 0, 1000, words(" N"));
        c.between(place, words("force"), b.force_N, 0, 1000, words(" N"));
        c.between(place, words("moment"), b.moment_Nmm, 0, 1e6, words(" N·mm"));
    }
    if (t.base) {
        const Phrase place = words("%1, base", p.name);
        c.between(place, words("width"), t.base->width_mm, 1, 5000, words(" mm"));
        c.between(place, words("depth"), t.base->depth_mm, t.base->shape == BaseShape::disc ? 0 : 1, 5000,
                  words(" mm"));
        c.between(place, words("thickness"), t.base->thickness_mm, 0.5, 500, words(" mm"));
        c.between(place, words("x"), t.base->x_mm, -3000, 3000, words(" mm"));
        c.between(place, words("z"), t.base->z_mm, -3000, 3000, words(" mm"));
        c.between(place, words("weight"), t.base->weight_g, 0, 1e6, words(" g"));
    }
    for (const Sheet& s : t.sheets) {
        const Phrase place = words("%1, sheet %2", p.name, s.id);
        c.spot(place, s.on, false);
        if (!s.to.isNowhere()) {
            c.spot(place, s.to, false);
            c.that(!s.on.limb.empty() && !s.to.limb.empty() && !(s.on == s.to), place, words("web"),
                   words("must hang between two different segments"));
        }
        c.between(place, words("length"), s.length_mm, 0.5, 2000, words(" mm"));
        c.between(place, words("width"), s.width_mm, 0.5, 2000, words(" mm"));
        c.between(place, words("thickness"), s.thickness_mm, 0.05, 50, words(" mm"));
        c.between(place, words("radius"), s.radius_mm, 0, 5000, words(" mm"));
    }
    for (const Run& r : t.runs) {
        const Phrase place = words("%1, run %2", p.name, r.id);
        const Limb* l = findLimb(p, r.limb);
        c.that(l && r.fromSegment >= 0 && r.toSegment >= r.fromSegment &&
                   r.toSegment < static_cast<int>(l->segments.size()),
               place, words("limb %1", r.limb.substr(0, 70)), words("has no such segments"));
        c.between(place, words("diameter"), r.outer_mm, 0.1, 50, words(" mm"));
        c.between(place, words("least bend"), r.leastBend_mm, 0, 500, words(" mm"));
    }
    for (const Prop& x : t.props) {
        const Phrase place = words("%1, prop %2", p.name, x.id);
        c.spot(place, x.hand, false);
        c.between(place, words("weight"), x.mass_g, 0, 1e4, words(" g"));
        c.between(place, words("grip"), x.grip_mm, 0, 200, words(" mm"));
        c.that(x.pose.empty() ||
                   std::any_of(p.poses.begin(), p.poses.end(), [&](const Pose& pose) { return pose.name == x.pose; }),
               place, words("pose \"%1\"", x.pose.substr(0, 40)), words("is not kept"));
    }
    for (const Variant& v : t.variants) {
        const Phrase place = words("%1, variant %2", p.name, v.id);
        Spot slot;
        slot.mass = v.mass;
        c.that(!v.mass.empty(), place, words("slot"), words("must be a mass"));
        c.spot(place, slot, false);
        c.between(place, words("weight"), v.weighed_g, 0, 1e5, words(" g"));
        c.between(place, words("length"), v.length_mm, 0, 3000, words(" mm"));
        c.between(place, words("minutes"), v.minutes, 0, 1e5, words(" min"));
    }
    c.between(p.name, words("copies"), t.copies, 1, 50, {});
    return c.fault;
}

void dropOrphans(Puppet& p) {
    // Features that still have something under them, and then those that sit on these, until no more come.
    std::set<std::string> standing;
    const auto isThere = [&](const Spot& s) {
        if (s.base) return true;
        if (!s.feature.empty()) return standing.contains(s.feature);
        if (!s.mass.empty())
            return std::any_of(p.masses.begin(), p.masses.end(), [&](const Mass& m) { return m.id == s.mass; });
        const Limb* l = findLimb(p, s.limb);
        return l && s.segment < static_cast<int>(l->segments.size());
    };
    Things& t = p.things;
    for (std::size_t before = standing.size() + 1; before != standing.size();) {
        before = standing.size();
        for (const Feature& f : t.features)
            if (isThere(f.on)) standing.insert(f.id);
    }
    std::erase_if(t.features, [&](const Feature& f) { return !standing.contains(f.id); });
    std::erase_if(t.bonds, [&](const Bond& b) { return !isThere(b.from) || !isThere(b.to); });
    std::erase_if(t.sheets, [&](const Sheet& s) { return !isThere(s.on) || (!s.to.isNowhere() && !isThere(s.to)); });
    std::erase_if(t.runs, [&](const Run& r) {
        const Limb* l = findLimb(p, r.limb);
        return !l || r.toSegment >= static_cast<int>(l->segments.size());
    });
    std::erase_if(t.props, [&](const Prop& x) { return !isThere(x.hand); });
    for (Prop& x : t.props)
        if (std::none_of(p.poses.begin(), p.poses.end(), [&](const Pose& pose) { return pose.name == x.pose; }))
            x.pose.clear();
    std::erase_if(t.variants, [&](const Variant& v) {
        return std::none_of(p.masses.begin(), p.masses.end(), [&](const Mass& m) { return m.id == v.mass; });
    });
}

} // namespace enkinet::body
