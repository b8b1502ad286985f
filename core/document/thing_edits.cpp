// Edits of what sits on the body.
#include "document/edits_detail.h"
#include <cmath>

namespace enkinet::document {

using namespace body;

namespace {

/// The first clay that will do, by the cards' order; none: empty.
std::string clayOf(const Cards& cards, bool flexible) {
    for (const fill::ClayCard& c : cards.clays)
        if (flexible ? c.family == fill::ClayFamily::flexible : fill::isOvenBaked(c.family)) return c.id;
    return {};
}

std::string freeThingId(const Things& t, const std::string& from) {
    std::string id = from;
    for (int n = 2; isThingId(t, id); ++n)
        id = from + std::to_string(n);
    return id;
}

} // namespace

Edits::Changed Edits::setThings(const Things& things) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        p.things = things;
        return std::nullopt;
    });
}

Edits::Changed Edits::removeThing(ThingKind kind, int index) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        body::removeThing(p.things, kind, index);
        return std::nullopt;
    });
}

Edits::Changed Edits::addThing(ThingKind kind, const Spot& spot, const std::string& name, Side side) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        if (p.limbs.empty()) return Fault{p.name, words("nothing drawn yet"), words("can carry it: mark a limb first")};
        const Cards cards = mergeCards(m_shipped, m_production.cards);
        // Drawn for a puppet of 240 mm.
        const double k = p.height_mm / 240;
        Things& t = p.things;
        const auto start = [&](auto x, const char* id) {
            x.id = freeThingId(t, id), x.name = name;
            return x;
        };
        // A segment, where it must be one.
        Spot limb = spot;
        if (limb.limb.empty()) limb = Spot{p.limbs.front().id, 0, {}, {}, false};
        limb.mass.clear(), limb.feature.clear();
        const Limb* on = findLimb(p, limb.limb);
        switch (kind) {
        case ThingKind::feature: {
            Feature f = start(Feature{}, "eye");
            f.on = spot, f.first_mm = std::round(80 * k) / 10, f.clay = clayOf(cards, false);
            t.features.push_back(f);
            break;
        }
        case ThingKind::bond: {
            Bond b = start(Bond{}, "pin");
            b.from = spot;
            if (t.base) {
                b.to.base = true;
            } else if (!spot.mass.empty()) {
                if (const Mass* m = massOf(p, spot.mass)) b.to = Spot{m->limb, m->segment, {}, {}, false};
            } else {
                b.to = limb, b.to.segment = limb.segment > 0 ? limb.segment - 1 : 1;
            }
            b.diameter_mm = 2, b.depth_mm = b.depthTo_mm = 8, b.clearance_mm = 0.2;
            b.wire = "steel-drawn", b.adhesive = "epoxy";
            t.bonds.push_back(b);
            break;
        }
        case ThingKind::base:
            if (!t.base)
                t.base = Base{
                    BaseShape::rectangle, BaseStuff::softwood, std::round(120 * k), std::round(100 * k), 18, 0, 0, 0};
            break;
        case ThingKind::sheet: {
            Sheet s = start(Sheet{}, "cape");
            s.on = spot, s.length_mm = std::round(70 * k), s.width_mm = std::round(50 * k), s.thickness_mm = 1.5;
            s.clay = clayOf(cards, true), s.bentRaw = true;
            t.sheets.push_back(s);
            break;
        }
        case ThingKind::run: {
            Run r = start(Run{}, "cable");
            r.limb = limb.limb, r.toSegment = on ? static_cast<int>(on->segments.size()) - 1 : 0;
            r.outer_mm = 1.2, r.leastBend_mm = 6;
            t.runs.push_back(r);
            break;
        }
        case ThingKind::prop: {
            Prop x = start(Prop{}, "prop");
            // A hand of its own, or the piece or stretch that was taken in hand, on that side.
            x.hand = spot.mass.empty() ? limb : spot;
            x.hand.feature.clear();
            x.side = side == Side::right ? Side::right : Side::left;
            x.mass_g = 3, x.grip_mm = 3;
            t.props.push_back(x);
            break;
        }
        case ThingKind::variant: {
            if (p.masses.empty())
                return Fault{p.name, words("no head or hand of its own"), words("comes off: mark it as a piece first")};
            Variant v = start(Variant{}, "head");
            v.mass = spot.mass.empty() ? p.masses.front().id : spot.mass;
            t.variants.push_back(v);
            break;
        }
        case ThingKind::none:
            break;
        }
        return std::nullopt;
    });
}

} // namespace enkinet::document
