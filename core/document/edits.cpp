#include "base/quantity.h"
#include "base/text.h"
#include "base/units.h"
#include "document/edits_detail.h"
#include <algorithm>

namespace enkinet::document {

using namespace body;

namespace {
Layers* layersOf(Puppet& p, const PartRef& ref) {
    if (!ref.mass.empty()) {
        Mass* m = massOf(p, ref.mass);
        return m ? &m->layers : nullptr;
    }
    Limb* l = limbOf(p, ref.limb);
    if (!l || ref.segment < 0 || ref.segment >= static_cast<int>(l->segments.size())) return nullptr;
    return &l->segments[static_cast<std::size_t>(ref.segment)].layers;
}
} // namespace

Edits::Edits(const Production& production, const Cards& shipped, std::string puppet)
    : m_production(production), m_shipped(shipped), m_puppet(std::move(puppet)) {}

template <class Change>
Edits::Changed Edits::jointEdit(const std::string& limb, const std::string& joint, Change change) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Limb* l = limbOf(p, limb);
        const int i = l ? findJointIndex(*l, joint) : -1;
        if (i < 0) return Fault{p.name, words("joint %1.%2", limb, joint), words("is not there")};
        change(l->joints[static_cast<std::size_t>(i)]);
        return {};
    });
}

/// change(Stock&) returns a Fault when it finds nothing to change.
template <class Change> Edits::Changed Edits::stockEdit(Change change) const {
    Production p = m_production;
    if (std::optional<Fault> fault = change(p.stock)) return *fault;
    return makeProduction(std::move(p), m_shipped);
}

Edits::Changed Edits::chain(const std::vector<Step>& steps) const {
    Production p = m_production;
    for (const Step& step : steps) {
        auto next = step(Edits(p, m_shipped, m_puppet));
        if (!next) return next.fault();
        p = next.take();
    }
    return p;
}

Edits::Changed Edits::setHeight(double mm) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        if (!(mm > 0 && mm <= 3000))
            return Fault{p.name, words("height %1", quantity(mm, Dimension::length)),
                         words("must lie between %1 and %2", withoutUnit(0, Dimension::length),
                               quantity(3000, Dimension::length))};
        p = calcScaled(std::move(p), mm);
        return {};
    });
}

Edits::Changed Edits::startAt(double height_mm) const {
    auto scaled = setHeight(height_mm);
    const Puppet* before = findPuppet(m_production, m_puppet);
    if (!scaled || !before) return scaled;
    const double share = height_mm / before->height_mm;
    const fill::Shelf shelf = makeShelf(mergeCards(m_shipped, m_production.cards));
    return Edits(*scaled, m_shipped, m_puppet).puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        const auto fit = [&](body::Layers& l, double least_mm) {
            if (const auto clay = shelf.clays.find(l.clay); clay != shelf.clays.end()) {
                // Clay as thick as it may be no longer fills what it filled: foil does.
                if (l.bulk.empty() && least_mm > 1.1 * clay->second.thickest_mm && shelf.bulks.contains("foil-firm"))
                    l.bulk = "foil-firm";
                for (body::Coat& c : l.coats)
                    c.thickness_mm *= share;
                l.skin_mm = std::clamp(l.skin_mm * share, clay->second.thinnest_mm, clay->second.thickest_mm);
            }
            if (!l.cover.empty()) l.cover_mm = std::max(0.5, l.cover_mm * share);
        };
        for (Limb& l : p.limbs)
            for (body::Segment& s : l.segments) {
                double least = s.sections.empty() ? 0 : 1e9;
                for (const body::Section& t : s.sections)
                    least = std::min({least, t.a_mm, t.b_mm});
                fit(s.layers, least);
                for (body::Section& t : s.sections)
                    if (t.skin_mm) *t.skin_mm *= share;
            }
        for (Mass& m : p.masses) {
            fit(m.layers, std::min({m.half_mm.x, m.half_mm.y, m.half_mm.z}));
            if (m.shape == MassShape::weighed) m.weighed_g *= share * share * share;
        }
        return {};
    });
}

Edits::Changed Edits::setName(const std::string& name) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> { return p.name = name, std::nullopt; });
}

Edits::Changed Edits::setWants(const Wants& wants) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        p.wants = wants;
        p.wants.lean_rad = snapAngle(wants.lean_rad), p.wants.set_rad = snapAngle(wants.set_rad);
        return std::nullopt;
    });
}

Edits::Changed Edits::setGap(const std::string& limb, const std::string& joint, double mm) const {
    return jointEdit(limb, joint, [&](Joint& j) { j.gap_mm = mm; });
}
Edits::Changed Edits::setRange(const std::string& limb, const std::string& joint, double low, double high) const {
    return jointEdit(limb, joint, [&](Joint& j) { j.low_rad = snapAngle(low), j.high_rad = snapAngle(high); });
}
Edits::Changed Edits::setEdge(const std::string& limb, const std::string& joint, double factor) const {
    return jointEdit(limb, joint, [&](Joint& j) { j.edge = factor; });
}
Edits::Changed Edits::setNeed(const std::string& limb, const std::string& joint, std::optional<double> s) const {
    return jointEdit(limb, joint, [&](Joint& j) { j.need_s = s; });
}
Edits::Changed Edits::setNeeds(const std::vector<JointNeed>& needs) const {
    Changed all = m_production;
    for (const JointNeed& n : needs) {
        if (!all) return all;
        // What lasts a moment is still handled.
        all = Edits(*all, m_shipped, m_puppet).setNeed(n.limb, n.joint, std::clamp(n.need_s, 0.1, 1e6));
    }
    return all;
}
Edits::Changed Edits::setMoves(const std::string& limb, const std::string& joint, double perSecond) const {
    return jointEdit(limb, joint, [&](Joint& j) { j.movesPerSecond = perSecond; });
}

Edits::Changed Edits::setSection(const std::string& limb, int segment, int section, double a, double b) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        int set = 0;
        for (int i = std::max(0, section); Section* s = sectionOf(p, limb, segment, i); ++i) {
            s->a_mm = a, s->b_mm = b, ++set;
            if (section >= 0) break;
        }
        if (set == 0 || section < -1) return Fault{p.name, words("section of limb %1", limb), words("is not there")};
        return {};
    });
}

Edits::Changed Edits::setLayers(const PartRef& part, const Layers& layers) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Layers* l = layersOf(p, part);
        if (!l)
            return Fault{p.name, words("part %1", (part.mass.empty() ? part.limb : part.mass)), words("is not there")};
        *l = layers;
        return {};
    });
}

Edits::Changed Edits::setMassSize(const std::string& mass, const Vec3& half) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Mass* m = massOf(p, mass);
        if (!m || m->shape == MassShape::weighed)
            return Fault{p.name, words("mass %1", mass), words("has no size to set")};
        m->half_mm = half;
        return {};
    });
}

Edits::Changed Edits::setWeighed(const std::string& mass, double grams) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Mass* m = massOf(p, mass);
        if (!m || m->shape != MassShape::weighed)
            return Fault{p.name, words("mass %1", mass), words("is not a weighed one")};
        m->weighed_g = grams;
        return {};
    });
}

Edits::Changed Edits::setMassName(const std::string& mass, const std::string& name) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Mass* m = massOf(p, mass);
        if (!m) return Fault{p.name, words("mass %1", mass), words("is not there")};
        m->name = name;
        return {};
    });
}

Edits::Changed Edits::setPick(const std::string& limb, std::optional<WirePick> pick) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Limb* l = limbOf(p, limb);
        if (!l) return Fault{p.name, words("limb %1", limb), words("is not there")};
        const auto& spools = m_production.stock.spools;
        const auto spool =
            std::find_if(spools.begin(), spools.end(), [&](const auto& s) { return pick && s.id == pick->spool; });
        if (spool != spools.end())
            if (const auto b = wire::makeBundle({pick->strands, spool->diameter_mm, pick->lay_mm}); !b)
                return Fault{words("%1, limb %2", p.name, limb), b.fault().value, b.fault().rule};
        l->pick = std::move(pick);
        l->noWire.clear();
        return {};
    });
}

Edits::Changed Edits::setNoWire(const std::string& limb, const std::string& because) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Limb* l = limbOf(p, limb);
        if (!l) return Fault{p.name, words("limb %1", limb), words("is not there")};
        if (because.empty())
            return Fault{words("%1, limb %2", p.name, limb), words("no wire"), words("needs its reason")};
        l->noWire = because;
        l->pick.reset();
        return {};
    });
}

Edits::Changed Edits::setMassSide(const std::string& mass, Side side) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Mass* m = massOf(p, mass);
        if (!m) return Fault{p.name, words("mass %1", mass), words("is not in it")};
        m->side = side;
        return {};
    });
}

Edits::Changed Edits::leavePoint(const std::string& key, bool leave, const std::string& because) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        std::erase_if(p.left, [&](const body::LeftPoint& x) { return x.key == key; });
        if (leave) p.left.push_back({key, because});
        return {};
    });
}

Edits::Changed Edits::setForming(const std::string& limb, const std::string& joint, double bends) const {
    return jointEdit(limb, joint, [&](Joint& j) { j.formingBends = bends; });
}

Edits::Changed Edits::setStiffening(const std::string& limb, int segment, Stiffening by) const {
    return puppetEdit([&](Puppet& p) -> std::optional<Fault> {
        Limb* l = limbOf(p, limb);
        if (!l || segment >= static_cast<int>(l->segments.size()))
            return Fault{words("limb %1", limb), words("segment %1", segment + 1), words("is not there")};
        for (std::size_t i = 0; i < l->segments.size(); ++i)
            if (segment < 0 || static_cast<int>(i) == segment) l->segments[i].stiffening = by;
        return std::nullopt;
    });
}

Edits::Changed Edits::putSpool(const Spool& spool) const {
    return stockEdit([&](Stock& s) -> std::optional<Fault> {
        const auto old =
            std::find_if(s.spools.begin(), s.spools.end(), [&](const auto& x) { return x.id == spool.id; });
        if (old == s.spools.end())
            s.spools.push_back(spool);
        else
            *old = spool;
        // A tested sample was of this spool: its diameter follows.
        for (auto& t : s.bendTests)
            if (t.spool == spool.id) t.bundle.diameter_mm = spool.diameter_mm;
        for (auto& t : s.hangTests)
            if (t.spool == spool.id) t.bundle.diameter_mm = spool.diameter_mm;
        return {};
    });
}

Edits::Changed Edits::removeSpool(const std::string& id) const {
    return stockEdit([&](Stock& s) -> std::optional<Fault> {
        const auto ofIt = [&](const auto& t) { return t.spool == id; };
        const auto spool = std::find_if(s.spools.begin(), s.spools.end(), [&](const auto& x) { return x.id == id; });
        if (spool == s.spools.end()) return Fault{words("stock"), words("spool \"%1\"", id), words("is not there")};
        // What its wire was seen to do is worth more than a tidy shelf.
        if (std::any_of(s.bendTests.begin(), s.bendTests.end(), ofIt) ||
            std::any_of(s.hangTests.begin(), s.hangTests.end(), ofIt) ||
            std::any_of(s.wearTests.begin(), s.wearTests.end(), ofIt))
            return Fault{words("stock"), spool->name,
                         words("has tests that would be lost: set its metres to 0 instead")};
        s.spools.erase(spool);
        std::erase_if(s.offcuts, ofIt);
        return {};
    });
}

Edits::Changed Edits::addTests(const std::vector<wire::BendTest>& bends,
                               const std::vector<wire::HangTest>& hangs) const {
    return stockEdit([&](Stock& s) -> std::optional<Fault> {
        s.bendTests.insert(s.bendTests.end(), bends.begin(), bends.end());
        s.hangTests.insert(s.hangTests.end(), hangs.begin(), hangs.end());
        return {};
    });
}

Edits::Changed Edits::removeBendTest(std::size_t index) const {
    return stockEdit([&](Stock& s) -> std::optional<Fault> {
        if (index >= s.bendTests.size()) return Fault{words("stock"), words("bend test"), words("is not there")};
        s.bendTests.erase(s.bendTests.begin() + static_cast<std::ptrdiff_t>(index));
        return {};
    });
}

Edits::Changed Edits::removeHangTest(std::size_t index) const {
    return stockEdit([&](Stock& s) -> std::optional<Fault> {
        if (index >= s.hangTests.size()) return Fault{words("stock"), words("hang test"), words("is not there")};
        s.hangTests.erase(s.hangTests.begin() + static_cast<std::ptrdiff_t>(index));
        return {};
    });
}

Result<Production> adoptPuppet(const Production& production, const Production& source, int index,
                               const Cards& shipped) {
    Production p = production;
    Puppet puppet = source.puppets.at(static_cast<std::size_t>(index));
    const std::string id = puppet.id, name = puppet.name;
    for (int n = 2; findPuppet(p, puppet.id); ++n)
        puppet.id = id + "-" + std::to_string(n), puppet.name = name + " " + std::to_string(n);
    if (p.stock.spools.empty()) p.stock = source.stock;
    // Its wire comes along, as far as the shelf has none of that metal and gauge; and its drawings.
    std::map<std::string, std::string> spoolNow;
    for (const Spool& s : source.stock.spools) {
        const auto same = std::find_if(p.stock.spools.begin(), p.stock.spools.end(), [&](const Spool& x) {
            return x.material == s.material && std::abs(x.diameter_mm - s.diameter_mm) < 1e-6;
        });
        if (same != p.stock.spools.end()) {
            spoolNow[s.id] = same->id;
            continue;
        }
        Spool mine = s;
        for (int n = 2;
             std::any_of(p.stock.spools.begin(), p.stock.spools.end(), [&](const Spool& x) { return x.id == mine.id; });
             ++n)
            mine.id = s.id + "-" + std::to_string(n);
        spoolNow[s.id] = mine.id;
        p.stock.spools.push_back(std::move(mine));
    }
    for (Picture& x : puppet.pictures) {
        const auto bytes = source.pictures.find(x.file);
        if (bytes == source.pictures.end()) continue;
        const std::string file = x.file;
        const auto dot = std::min(file.rfind('.'), file.size());
        for (int n = 2; p.pictures.contains(x.file) && !(p.pictures.at(x.file) == bytes->second); ++n)
            x.file = file.substr(0, dot) + "-" + std::to_string(n) + file.substr(dot);
        p.pictures.emplace(x.file, bytes->second);
    }
    for (const paint::Scheme& s : source.schemes)
        if (std::none_of(p.schemes.begin(), p.schemes.end(), [&](const paint::Scheme& x) { return x.id == s.id; }))
            p.schemes.push_back(s);
    p.cards = mergeCards(source.cards, p.cards);
    puppet.aside.clear();
    for (Limb& l : puppet.limbs)
        if (const auto now = l.pick ? spoolNow.find(l.pick->spool) : spoolNow.end(); now != spoolNow.end())
            l.pick->spool = now->second;
        else if (l.pick && std::none_of(p.stock.spools.begin(), p.stock.spools.end(),
                                        [&](const Spool& s) { return s.id == l.pick->spool; }))
            l.pick.reset();
    p.puppets.push_back(std::move(puppet));
    return makeProduction(std::move(p), shipped);
}

Result<Production> removePuppet(const Production& production, const Cards& shipped, const std::string& id) {
    Production p = production;
    const int i = findPuppetIndex(p, id);
    if (i < 0) return Fault{words("production"), words("puppet \"%1\"", id), words("is not in it")};
    p.puppets.erase(p.puppets.begin() + i);
    return makeProduction(std::move(p), shipped);
}

Result<Production> movePuppet(const Production& production, const Cards& shipped, const std::string& id, int by) {
    Production p = production;
    const int from = findPuppetIndex(p, id), to = from + by;
    if (from < 0) return Fault{words("production"), words("puppet \"%1\"", id), words("is not in it")};
    if (to < 0 || to >= static_cast<int>(p.puppets.size()))
        return Fault{words("puppet %1", id), words("place %1", to + 1), words("is beyond the row")};
    Puppet moved = std::move(p.puppets[static_cast<std::size_t>(from)]);
    p.puppets.erase(p.puppets.begin() + from);
    p.puppets.insert(p.puppets.begin() + to, std::move(moved));
    return makeProduction(std::move(p), shipped);
}

const Layers* findLayers(const Puppet& puppet, const PartRef& part) {
    return layersOf(const_cast<Puppet&>(puppet), part);
}

} // namespace enkinet::document
