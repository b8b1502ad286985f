#include "body/things.h"
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

class Check {
public:
    explicit Check(const Puppet& puppet) : m_p(puppet) {}
    std::optional<Fault> fault;

    void between(const std::string& place, const char* what, double v, double low, double high, const char* unit) {
        if (!fault && !(v >= low && v <= high))
            fault = Fault{place, std::string(what) + " " + plain(v) + unit,
                          "must lie between " + plain(low) + " and " + plain(high) + unit};
    }
    void that(bool holds, const std::string& place, const std::string& value, const std::string& rule) {
        if (!fault && !holds) fault = Fault{place, value, rule};
    }
    template <class List> void ids(const char* kind, const List& list, std::size_t most) {
        that(list.size() <= most, m_p.name, std::to_string(list.size()) + " " + kind + "s",
             "are more than " + std::to_string(most));
        std::set<std::string> seen;
        for (const auto& t : list) {
            const std::string place = m_p.name + ", " + kind + " " + t.id.substr(0, 70);
            that(isId(t.id), m_p.name + ", " + kind, "id \"" + t.id.substr(0, 70) + "\"",
                 "must be letters, digits, dot or dash");
            that(seen.insert(t.id).second, place, "id", "stands twice in the puppet");
            that(!t.name.empty() && t.name.size() <= 200, place, "name", "must have 1 to 200 letters");
        }
    }
    void spot(const std::string& place, const Spot& s, bool mayBase) {
        if (s.base) return that(mayBase, place, "the base", "cannot carry it");
        if (!s.feature.empty())
            return that(std::any_of(m_p.things.features.begin(), m_p.things.features.end(),
                                    [&](const Feature& f) { return f.id == s.feature; }),
                        place, "feature " + s.feature.substr(0, 70), "is no feature of this puppet");
        if (!s.mass.empty())
            return that(
                std::any_of(m_p.masses.begin(), m_p.masses.end(), [&](const Mass& m) { return m.id == s.mass; }), place,
                "mass " + s.mass.substr(0, 70), "is no mass of this puppet");
        const Limb* l = findLimb(m_p, s.limb);
        that(l && s.segment >= 0 && s.segment < static_cast<int>(l->segments.size()), place,
             "limb " + s.limb.substr(0, 70) + ", segment " + std::to_string(s.segment + 1),
             "is no segment of this puppet");
    }

private:
    const Puppet& m_p;
};

void checkFeature(Check& c, const std::string& place, const Feature& f) {
    c.spot(place, f.on, false);
    c.between(place, "from", f.at, 0, 1, "");
    c.between(place, "to", f.to, 0, 1, "");
    c.that(f.to >= f.at, place, "stretch", "must end where it begins or beyond");
    c.between(place, "angle", f.angle_deg, -360, 360, " degrees");
    c.between(place, "count", f.count, 1, 5000, "");
    c.between(place, "pitch", f.pitch_mm, 0, 500, " mm");
    c.that(f.pitch_mm == 0 || f.pitch_mm >= 0.2, place, "pitch " + plain(f.pitch_mm) + " mm", "must be 0.2 mm or more");
    c.between(place, "pitch of rows", f.rowPitch_mm, 0, 500, " mm");
    c.that(f.rowPitch_mm == 0 || f.rowPitch_mm >= 0.2, place, "pitch of rows " + plain(f.rowPitch_mm) + " mm",
           "must be 0.2 mm or more");
    c.between(place, "size", f.first_mm, 0, 1000, " mm");
    c.between(place, "last size", f.last_mm, 0, 1000, " mm");
    c.that(!f.geometric || f.last_mm == 0 || f.first_mm > 0, place, "first size 0 mm",
           "must be above 0 where sizes grow by a factor");
    c.between(place, "length", f.length_mm, 0, 1000, " mm");
    c.between(place, "sunk", f.sunk, 0, 1, "");
    c.between(place, "weight", f.mass_g, 0, 1e4, " g");
    c.between(place, "heat limit", f.limit_C, 0, 1500, " C");
    c.between(place, "spares", f.spares, 0, 1000, "");
    c.that(f.timed_s.size() <= 200, place, "timed samples", "are more than 200");
    for (double s : f.timed_s)
        c.between(place, "timed sample", s, 0.1, 36000, " s");
    c.between(place, "tool", f.tool_min, 0, 6000, " min");
    c.between(place, "with the tool", f.toolEach_s, 0, 36000, " s");
    c.that(f.ticked.size() <= 5, place, "signed off", "from more than five sides");
}

} // namespace

std::optional<Fault> checkThings(const Puppet& p) {
    Check c(p);
    const Things& t = p.things;
    c.ids("feature", t.features, kMostFeatures);
    c.ids("bond", t.bonds, kMostOthers);
    c.ids("sheet", t.sheets, kMostOthers);
    c.ids("run", t.runs, kMostOthers);
    c.ids("prop", t.props, kMostOthers);
    c.ids("variant", t.variants, kMostOthers);
    for (const Feature& f : t.features)
        checkFeature(c, p.name + ", feature " + f.id, f);
    for (const Bond& b : t.bonds) {
        const std::string place = p.name + ", bond " + b.id;
        c.spot(place, b.from, true);
        c.spot(place, b.to, true);
        c.that(!(b.from == b.to), place, "both ends", "must sit on different things");
        c.between(place, "diameter", b.diameter_mm, 0, 200, " mm");
        for (double d : {b.depth_mm, b.depthTo_mm})
            c.between(place, "depth", d, 0, 200, " mm");
        c.between(place, "free length", b.free_mm, 0, 1000, " mm");
        c.between(place, "clearance", b.clearance_mm, 0, 20, " mm");
        c.between(place, "hold", b.hold_N, 0, 1000, " N");
        c.between(place, "force", b.force_N, 0, 1000, " N");
        c.between(place, "moment", b.moment_Nmm, 0, 1e6, " N·mm");
    }
    if (t.base) {
        const std::string place = p.name + ", base";
        c.between(place, "width", t.base->width_mm, 1, 5000, " mm");
        c.between(place, "depth", t.base->depth_mm, t.base->shape == BaseShape::disc ? 0 : 1, 5000, " mm");
        c.between(place, "thickness", t.base->thickness_mm, 0.5, 500, " mm");
        c.between(place, "x", t.base->x_mm, -3000, 3000, " mm");
        c.between(place, "z", t.base->z_mm, -3000, 3000, " mm");
        c.between(place, "weight", t.base->weight_g, 0, 1e6, " g");
    }
    for (const Sheet& s : t.sheets) {
        const std::string place = p.name + ", sheet " + s.id;
        c.spot(place, s.on, false);
        c.between(place, "length", s.length_mm, 0.5, 2000, " mm");
        c.between(place, "width", s.width_mm, 0.5, 2000, " mm");
        c.between(place, "thickness", s.thickness_mm, 0.05, 50, " mm");
        c.between(place, "radius", s.radius_mm, 0, 5000, " mm");
    }
    for (const Run& r : t.runs) {
        const std::string place = p.name + ", run " + r.id;
        const Limb* l = findLimb(p, r.limb);
        c.that(l && r.fromSegment >= 0 && r.toSegment >= r.fromSegment &&
                   r.toSegment < static_cast<int>(l->segments.size()),
               place, "limb " + r.limb.substr(0, 70), "has no such segments");
        c.between(place, "diameter", r.outer_mm, 0.1, 50, " mm");
        c.between(place, "least bend", r.leastBend_mm, 0, 500, " mm");
    }
    for (const Prop& x : t.props) {
        const std::string place = p.name + ", prop " + x.id;
        c.spot(place, x.hand, false);
        c.between(place, "weight", x.mass_g, 0, 1e4, " g");
        c.between(place, "grip", x.grip_mm, 0, 200, " mm");
        c.that(x.pose.empty() ||
                   std::any_of(p.poses.begin(), p.poses.end(), [&](const Pose& pose) { return pose.name == x.pose; }),
               place, "pose \"" + x.pose.substr(0, 40) + "\"", "is not kept");
    }
    for (const Variant& v : t.variants) {
        const std::string place = p.name + ", variant " + v.id;
        Spot slot;
        slot.mass = v.mass;
        c.that(!v.mass.empty(), place, "slot", "must be a mass");
        c.spot(place, slot, false);
        c.between(place, "weight", v.weighed_g, 0, 1e5, " g");
        c.between(place, "length", v.length_mm, 0, 3000, " mm");
        c.between(place, "minutes", v.minutes, 0, 1e5, " min");
    }
    c.between(p.name, "copies", t.copies, 1, 50, "");
    return c.fault;
}

void dropOrphans(Puppet& p) {
    const auto isThere = [&](const Spot& s) {
        if (s.base) return true;
        if (!s.feature.empty())
            return std::any_of(p.things.features.begin(), p.things.features.end(),
                               [&](const Feature& f) { return f.id == s.feature; });
        if (!s.mass.empty())
            return std::any_of(p.masses.begin(), p.masses.end(), [&](const Mass& m) { return m.id == s.mass; });
        const Limb* l = findLimb(p, s.limb);
        return l && s.segment < static_cast<int>(l->segments.size());
    };
    Things& t = p.things;
    std::erase_if(t.features, [&](const Feature& f) { return !isThere(f.on); });
    std::erase_if(t.bonds, [&](const Bond& b) { return !isThere(b.from) || !isThere(b.to); });
    std::erase_if(t.sheets, [&](const Sheet& s) { return !isThere(s.on); });
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
