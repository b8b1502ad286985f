#include "document/production.h"
#include "base/text.h"
#include <algorithm>
#include <set>

namespace enkinet::document {

ENKINET_COMPARED_BODY(Cards)
ENKINET_COMPARED_BODY(Stock)
ENKINET_COMPARED_BODY(Production)

namespace {

template <class Card> std::vector<Card> merged(const std::vector<Card>& shipped, const std::vector<Card>& own) {
    std::vector<Card> all = own;
    for (const Card& c : shipped)
        if (std::none_of(own.begin(), own.end(), [&](const Card& o) { return o.id == c.id; })) all.push_back(c);
    return all;
}

template <class Card> bool has(const std::vector<Card>& cards, const std::string& id) {
    return std::any_of(cards.begin(), cards.end(), [&](const Card& c) { return c.id == id; });
}

template <class Item> std::optional<Fault> findTwice(const std::vector<Item>& items, const Phrase& what) {
    std::set<std::string> ids;
    for (const Item& i : items)
        if (!ids.insert(i.id).second) return Fault{words("%1 %2", what, i.id), words("id"), words("stands twice")};
    return {};
}

std::optional<Fault> checkLayers(const Phrase& place, const body::Layers& l, const Production& p, const Cards& cards) {
    if (!l.clay.empty() && !has(cards.clays, l.clay))
        return Fault{place, words("clay card \"%1\"", l.clay), words("is not known")};
    for (const body::Coat& c : l.coats)
        if (!has(cards.clays, c.clay)) return Fault{place, words("clay card \"%1\"", c.clay), words("is not known")};
    if (!l.bulk.empty() && !has(cards.bulks, l.bulk))
        return Fault{place, words("bulk card \"%1\"", l.bulk), words("is not known")};
    if (!l.cover.empty() && !has(cards.covers, l.cover))
        return Fault{place, words("cover card \"%1\"", l.cover), words("is not known")};
    if (!l.scheme.empty() && !has(p.schemes, l.scheme))
        return Fault{place, words("paint scheme \"%1\"", l.scheme), words("is not known")};
    return {};
}

/// A load's own set point must not scorch any clay that goes into it.
std::optional<Fault> checkLoads(const body::Puppet& puppet, const Cards& cards) {
    for (std::size_t i = 0; i < puppet.wants.loads.size(); ++i) {
        const body::OvenLoad& load = puppet.wants.loads[i];
        if (load.set_C <= 0) continue;
        const Phrase place = words("%1, bake %2", puppet.name, i + 1);
        if (load.set_C < 40) return Fault{place, words("set point %1 C", load.set_C), words("must be 40 C or more")};
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

std::optional<Fault> checkPuppet(const body::Puppet& puppet, const Production& p, const Cards& cards) {
    for (const body::Limb& l : puppet.limbs) {
        const Phrase place = words("%1, limb %2", puppet.name, l.id);
        if (l.pick) {
            const auto spool = std::find_if(p.stock.spools.begin(), p.stock.spools.end(),
                                            [&](const Spool& s) { return s.id == l.pick->spool; });
            if (spool == p.stock.spools.end())
                return Fault{place, words("spool \"%1\"", l.pick->spool), words("is not in stock")};
            // A lay that cannot be made is an open point, not a fault: older versions took steeper ones, and their
            // files open. An edit does not make a new one.
        }
        for (std::size_t i = 0; i < l.segments.size(); ++i)
            if (auto f = checkLayers(words("%1, segment %2", place, i + 1), l.segments[i].layers, p, cards)) return f;
    }
    for (const body::Mass& m : puppet.masses)
        if (auto f = checkLayers(words("%1, mass %2", puppet.name, m.id), m.layers, p, cards)) return f;
    for (const std::string& id : puppet.wants.inOven)
        if (!has(cards.ovens, id)) return Fault{puppet.name, words("oven card \"%1\"", id), words("is not known")};
    return checkLoads(puppet, cards);
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
    Cards c;
    c.wires = merged(shipped.wires, own.wires), c.clays = merged(shipped.clays, own.clays);
    c.bulks = merged(shipped.bulks, own.bulks), c.covers = merged(shipped.covers, own.covers);
    c.paints = merged(shipped.paints, own.paints), c.ovens = merged(shipped.ovens, own.ovens);
    c.adhesives = merged(shipped.adhesives, own.adhesives);
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
    if (countLetters(p.name) > 200)
        return Fault{words("production"), words("name"), words("must have at most 200 letters")};
    if (p.puppets.size() > 64)
        return Fault{words("production"), words("%1 puppets", p.puppets.size()), words("are more than 64")};
    if (p.stock.spools.size() > 200)
        return Fault{words("stock"), words("%1 spools", p.stock.spools.size()), words("are more than 200")};
    const Cards cards = mergeCards(shipped, p.cards);
    for (const auto& f : {findTwice(p.puppets, words("puppet")), findTwice(p.stock.spools, words("spool")),
                          findTwice(p.schemes, words("paint scheme")), findTwice(p.cards.wires, words("wire card"))})
        if (f) return *f;
    for (Spool& s : p.stock.spools) {
        if (countLetters(s.name) > 200)
            return Fault{words("spool %1", s.id), words("name"), words("must have at most 200 letters")};
        // Older files name none.
        if (s.name.empty())
            for (const wire::MaterialCard& c : cards.wires)
                if (c.id == s.material) s.name = c.name + " " + plain(s.diameter_mm);
        if (const auto ok = makeSpool(s); !ok) return ok.fault();
        if (!has(cards.wires, s.material))
            return Fault{words("spool %1", s.id), words("wire card \"%1\"", s.material), words("is not known")};
    }
    const auto spoolKnown = [&](const std::string& id) { return has(p.stock.spools, id); };
    if (p.stock.offcuts.size() > 2000)
        return Fault{words("stock"), words("%1 offcuts", p.stock.offcuts.size()), words("are more than 2000")};
    for (const Offcut& o : p.stock.offcuts) {
        if (!spoolKnown(o.spool))
            return Fault{words("offcut"), words("spool \"%1\"", o.spool.substr(0, 70)), words("is not in stock")};
        if (!(o.length_mm > 0 && o.length_mm <= 1e5))
            return Fault{words("offcut of %1", o.spool), words("%1 mm", o.length_mm),
                         words("must be above 0 and at most 100000 mm")};
    }
    if (p.stock.bendTests.size() + p.stock.hangTests.size() > 5000)
        return Fault{words("stock"), words("tests"), words("are more than 5000")};
    for (const wire::BendTest& t : p.stock.bendTests) {
        if (const auto ok = wire::makeBendTest(t); !ok) return ok.fault();
        if (!spoolKnown(t.spool))
            return Fault{words("bend test"), words("spool \"%1\"", t.spool), words("is not in stock")};
    }
    for (const wire::HangTest& t : p.stock.hangTests) {
        if (const auto ok = wire::makeHangTest(t); !ok) return ok.fault();
        if (!spoolKnown(t.spool))
            return Fault{words("hang test"), words("spool \"%1\"", t.spool), words("is not in stock")};
    }
    if (p.stock.wearTests.size() > 20000)
        return Fault{words("stock"), words("wear tests"), words("are more than 20000")};
    for (const wire::WearTest& t : p.stock.wearTests) {
        if (const auto ok = wire::makeWearTest(t); !ok) return ok.fault();
        if (!spoolKnown(t.spool))
            return Fault{words("wear test"), words("spool \"%1\"", t.spool), words("is not in stock")};
    }
    for (const Held& h : p.stock.clays_g) {
        if (!has(cards.clays, h.card))
            return Fault{words("stock"), words("clay card \"%1\"", h.card), words("is not known")};
        if (!(h.amount >= 0 && h.amount <= 1e6))
            return Fault{words("stock, clay %1", h.card), words("%1 g", h.amount),
                         words("must lie between 0 and 1000000 g")};
    }
    for (const Held& h : p.stock.paints_ml) {
        if (!has(cards.paints, h.card))
            return Fault{words("stock"), words("paint card \"%1\"", h.card), words("is not known")};
        if (!(h.amount >= 0 && h.amount <= 1e6))
            return Fault{words("stock, paint %1", h.card), words("%1 ml", h.amount),
                         words("must lie between 0 and 1000000 ml")};
    }
    if (const auto shop = fill::makeShop(p.stock.shop); !shop) return shop.fault();
    const fill::FoilRoll& foil = p.stock.foil;
    if (!(foil.mass_g_m2 >= 5 && foil.mass_g_m2 <= 500))
        return Fault{words("stock, foil"), words("%1 g/m2", foil.mass_g_m2), words("must lie between 5 and 500 g/m2")};
    if (!(foil.width_mm >= 50 && foil.width_mm <= 2000))
        return Fault{words("stock, foil"), words("width %1 mm", foil.width_mm),
                     words("must lie between 50 and 2000 mm")};
    if (!(foil.length_m >= 0 && foil.length_m <= 1e4))
        return Fault{words("stock, foil"), words("length %1 m", foil.length_m),
                     words("must lie between 0 and 10000 m")};
    for (const paint::Scheme& s : p.schemes)
        if (auto fault = paint::checkScheme(s)) return *fault;
    for (const paint::Scheme& s : p.schemes)
        for (const paint::Coat& c : s.coats)
            if (!has(cards.paints, c.paint))
                return Fault{words("paint scheme %1", s.id), words("paint card \"%1\"", c.paint),
                             words("is not known")};
    if (p.calendar)
        if (auto f = checkCalendar(*p.calendar)) return *f;
    if (p.log.size() > kMostLogEntries)
        return Fault{words("log"), words("%1 entries", p.log.size()), words("are more than %1", kMostLogEntries)};
    for (const LogEntry& e : p.log)
        if (auto f = checkLogEntry(e)) return *f;
    if (p.moves.size() > kMostMoves)
        return Fault{words("plan"), words("%1 moves", p.moves.size()), words("are more than %1", kMostMoves)};
    for (const StepMove& m : p.moves)
        if (auto f = checkMove(m)) return *f;
    if (p.shots.size() > kMostShots) return Fault{words("shots"), p.shots.size(), words("are more than 500")};
    if (const auto f = findTwice(p.shots, words("shot"))) return *f;
    for (const Shot& s : p.shots)
        if (auto f = checkShot(s)) return *f;
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
