// A way out as an edit of the production.
#include "results/remedies.h"
#include <algorithm>

namespace enkinet::results {

using namespace body;

Edits::Changed applyRemedy(const Production& production, const Cards& shipped, int puppet, const Remedy& r,
                           double share) {
    if (!r.with.empty()) {
        Remedy first = r;
        first.with.clear();
        const auto half = applyRemedy(production, shipped, puppet, first, share);
        return half ? applyRemedy(*half, shipped, puppet, r.with.front(), share) : half;
    }
    const Puppet& p = production.puppets.at(static_cast<std::size_t>(puppet));
    const Edits e(production, shipped, p.id);
    const Limb& l = p.limbs.at(static_cast<std::size_t>(r.limb));
    const double value = r.from + share * (r.to - r.from);
    const auto jointOf = [&]() -> const Joint& { return l.joints.at(static_cast<std::size_t>(r.joint)); };
    switch (r.fix) {
    case Fix::gap:
        return e.setGap(l.id, jointOf().id, value);
    case Fix::range:
        return e.setRange(l.id, jointOf().id, value * jointOf().low_rad, value * jointOf().high_rad);
    case Fix::film:
        return e.setLimb(l.id, [&](Limb& x) {
            for (Joint& j : x.joints)
                if (j.posed) j.need_s = std::min(j.need_s.value_or(p.wants.film_s), value);
        });
    case Fix::lean: {
        Wants w = p.wants;
        w.lean_rad = value;
        return e.setWants(w);
    }
    case Fix::skin: {
        const Mass& m = p.masses.at(static_cast<std::size_t>(r.mass));
        Layers layers = m.layers;
        layers.skin_mm = value;
        return e.setLayers({"", 0, m.id}, layers);
    }
    case Fix::weight:
        return e.setWeighed(p.masses.at(static_cast<std::size_t>(r.mass)).id, value);
    case Fix::width:
        return e.setLimb(l.id, [&](Limb& x) {
            for (Segment& s : x.segments)
                for (body::Section& t : s.sections)
                    t.a_mm *= value, t.b_mm *= value;
        });
    case Fix::edge:
        return e.setEdge(l.id, jointOf().id, r.to);
    case Fix::spool:
        return e.putSpool(r.spool);
    case Fix::rig:
        return e.setRig(RigPoint{l.id, r.joint});
    case Fix::gaps:
        return e.setLimb(l.id, [&](Limb& x) {
            for (Joint& j : x.joints)
                if (j.posed) j.gap_mm *= value;
        });
    case Fix::ranges:
        return e.setLimb(l.id, [&](Limb& x) {
            for (Joint& j : x.joints)
                if (j.posed) j.low_rad *= value, j.high_rad *= value;
        });
    case Fix::edges:
        return e.setLimb(l.id, [&](Limb& x) {
            for (Joint& j : x.joints)
                if (j.posed) j.edge = std::min(j.edge, r.to);
        });
    case Fix::thin: {
        const Cards cards = mergeCards(shipped, production.cards);
        return e.setLimb(l.id, [&](Limb& x) {
            for (Segment& s : x.segments)
                for (const fill::ClayCard& c : cards.clays)
                    if (c.id == s.layers.clay && s.layers.skin_mm > 0) {
                        const double least = std::min(s.layers.skin_mm, std::max(0.5, c.thinnest_mm));
                        s.layers.skin_mm = std::max(least, s.layers.skin_mm * value);
                        for (body::Section& t : s.sections)
                            if (t.skin_mm) *t.skin_mm = std::max(std::min(*t.skin_mm, least), *t.skin_mm * value);
                    }
        });
    }
    case Fix::acting:
        return e.setLimb(l.id, [&](Limb& x) {
            for (Joint& j : x.joints)
                if (j.posed) j.movesPerSecond *= value;
        });
    case Fix::hinge: {
        const Vec3 at = jointOf().at_mm, next = l.joints.at(static_cast<std::size_t>(r.joint) + 1).at_mm;
        return e.moveJoint(l.id, jointOf().id, at + value * unit(next - at));
    }
    case Fix::fixed:
        return e.setPosed(l.id, jointOf().id, false, jointOf().gap_mm);
    case Fix::feet: {
        Wants w = p.wants;
        w.feetDown = static_cast<int>(r.to);
        return e.setWants(w);
    }
    }
    return Fault{words("remedy"), {}, words("is of no known kind")};
}

} // namespace enkinet::results
