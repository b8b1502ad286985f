#include "document/production.h"
#include "base/quantity.h"
#include "base/text.h"
#include "schema/limits.h"
#include "schema/walk.h"
#include <algorithm>
#include <set>

namespace enkinet::document {

ENKINET_COMPARED_BODY(Cards)
ENKINET_COMPARED_BODY(Stock)
ENKINET_COMPARED_BODY(Production)

namespace {

template <class Card> bool has(const std::vector<Card>& cards, const std::string& id) {
    return std::any_of(cards.begin(), cards.end(), [&](const Card& c) { return c.id == id; });
}

/// What a production may refer to; what a puppet refers to within itself is its own affair.
class Known {
public:
    Known(const Production& production, const Cards& cards) : m_production(production), m_cards(cards) {}
    bool operator()(const schema::Ref& ref) const {
        using schema::RefKind;
        switch (ref.kind) {
        case RefKind::wire_card:
            return has(m_cards.wires, ref.id);
        case RefKind::clay_card:
            return has(m_cards.clays, ref.id);
        case RefKind::bulk_card:
            return has(m_cards.bulks, ref.id);
        case RefKind::cover_card:
            return has(m_cards.covers, ref.id);
        case RefKind::oven_card:
            return has(m_cards.ovens, ref.id);
        case RefKind::adhesive_card:
            return has(m_cards.adhesives, ref.id);
        case RefKind::paint_card:
            return has(m_cards.paints, ref.id);
        case RefKind::scheme:
            return has(m_production.schemes, ref.id);
        case RefKind::spool:
            return has(m_production.stock.spools, ref.id);
        default:
            return true;
        }
    }

private:
    const Production& m_production;
    const Cards& m_cards;
};

/// A load's own set point must not scorch any clay that goes into it.
std::optional<Fault> checkLoads(const body::Puppet& puppet, const Cards& cards) {
    for (std::size_t i = 0; i < puppet.wants.loads.size(); ++i) {
        const body::OvenLoad& load = puppet.wants.loads[i];
        if (load.set_C <= 0) continue;
        const Phrase place = words("%1, bake %2", puppet.name, i + 1);
        if (load.set_C < 40)
            return Fault{place, words("set point %1", quantity(load.set_C, Dimension::heat)),
                         words("must be %1 or more", quantity(40, Dimension::heat))};
        const auto check = [&](const body::Layers& l) -> std::optional<Fault> {
            for (const fill::ClayCard& c : cards.clays)
                if (c.id == l.clay && fill::isOvenBaked(c.family))
                    if (const auto ok = fill::checkSetPoint(place, load.set_C, c); !ok) return ok.fault();
            return {};
        };
        const auto named = [](const std::vector<std::string>& ids, const std::string& id) {
            return std::find(ids.begin(), ids.end(), id) != ids.end();
        };
        for (const body::Limb& l : puppet.limbs)
            for (const body::Segment& s : l.segments)
                if (named(load.limbs, l.id))
                    if (auto f = check(s.layers)) return f;
        for (const body::Mass& m : puppet.masses)
            if (named(load.masses, m.id))
                if (auto f = check(m.layers)) return f;
    }
    return {};
}

/// A lay that cannot be made is an open point, not a fault: older versions took steeper ones, and their files open. An
/// edit does not make a new one.
std::optional<Fault> checkPuppet(const body::Puppet& puppet, const Production& p, const Cards& cards) {
    Rules r;
    schema::checkRefs(r, puppet.name, schema::detail::tableOf<body::Puppet>(), &puppet, Known(p, cards));
    return r.fault ? r.fault : checkLoads(puppet, cards);
}

/// Puts one puppet in order, or says the first rule that it breaks.
std::optional<Fault> settle(Production& p, std::size_t i, const Cards& cards) {
    auto sound = body::makePuppet(std::move(p.puppets[i]));
    if (!sound) return sound.fault();
    p.puppets[i] = sound.take();
    if (auto f = checkPuppet(p.puppets[i], p, cards)) return f;
    for (const body::Puppet& second : p.puppets[i].aside)
        if (auto f = checkPuppet(second, p, cards)) return f;
    return {};
}

} // namespace

Cards mergeCards(const Cards& shipped, const Cards& own) {
    Cards c = own;
    for (const schema::Field& list : schema::detail::tableOf<Cards>().fields) {
        const schema::Field& id = *list.table().id();
        std::set<std::string> there;
        for (std::size_t i = 0; i < list.access->size(&own); ++i)
            there.insert(id.access->text(list.access->item(&own, i)));
        for (std::size_t i = 0; i < list.access->size(&shipped); ++i)
            if (there.empty() || !there.contains(id.access->text(list.access->item(&shipped, i))))
                list.access->append(&c, &shipped, i);
    }
    return c;
}

fill::Shelf makeShelf(const Cards& cards, const fill::Shop& shop) {
    fill::Shelf s;
    s.shop = shop;
    for (const auto& c : cards.adhesives)
        s.adhesives.emplace(c.id, c);
    for (const auto& c : cards.ovens)
        s.ovens.emplace(c.id, c);
    for (const auto& c : cards.clays)
        s.clays.emplace(c.id, c);
    for (const auto& c : cards.bulks)
        s.bulks.emplace(c.id, c);
    for (const auto& c : cards.covers)
        s.covers.emplace(c.id, c);
    return s;
}

Result<Production> makeProduction(Production p, const Cards& shipped) {
    const Cards cards = mergeCards(shipped, p.cards);
    // Older files name no spool.
    for (Spool& s : p.stock.spools)
        if (s.name.empty())
            for (const wire::MaterialCard& c : cards.wires)
                if (c.id == s.material) s.name = c.name + " " + plain(s.diameter_mm);
    // Tests of wire have no gauge of their own: it is the spool's.
    const auto gauge = [&](auto& tests) {
        for (auto& t : tests)
            for (const Spool& s : p.stock.spools)
                if (s.id == t.spool) t.bundle.diameter_mm = s.diameter_mm;
    };
    gauge(p.stock.bendTests), gauge(p.stock.hangTests);
    Rules r;
    schema::checkLimits(r, {}, p);
    if (!r.fault) schema::checkRefs(r, {}, schema::detail::tableOf<Production>(), &p, Known(p, cards));
    if (r.fault) return *r.fault;
    for (std::size_t i = 0; i < p.puppets.size(); ++i)
        if (auto f = settle(p, i, cards)) return *f;
    return p;
}

Result<Production> makeEdited(Production p, std::size_t puppet, const Cards& shipped) {
    if (auto f = settle(p, puppet, mergeCards(shipped, p.cards))) return *f;
    return p;
}

std::optional<Fault> checkPicture(const Production& p, std::size_t bytes) {
    const auto mb = [](std::size_t n) { return plain(std::ceil(static_cast<double>(n) / (1 << 20))) + " MB"; };
    if (bytes > kMostPictureBytes)
        return Fault{words("picture"), mb(bytes),
                     words("is more than the %1 that one may have", mb(kMostPictureBytes))};
    std::size_t total = bytes;
    for (const auto& [name, held] : p.pictures)
        total += held.get().size();
    if (total > kMostPicturesBytes)
        return Fault{words("pictures"), words("%1 together", mb(total)),
                     words("are more than the %1 that a file may hold: take one off first", mb(kMostPicturesBytes))};
    return {};
}

const std::string* findPicture(const Production& p, const std::string& file) {
    const auto it = p.pictures.find(file);
    return it == p.pictures.end() ? nullptr : &it->second.get();
}

Calendar findCalendar(const Production& p) { return p.calendar ? *p.calendar : Calendar::usual(); }

const body::Puppet* findPuppet(const Production& p, const std::string& id) {
    const int i = findPuppetIndex(p, id);
    return i < 0 ? nullptr : &p.puppets[static_cast<std::size_t>(i)];
}

int findPuppetIndex(const Production& p, const std::string& id) {
    for (std::size_t i = 0; i < p.puppets.size(); ++i)
        if (p.puppets[i].id == id) return static_cast<int>(i);
    return -1;
}

} // namespace enkinet::document
