// Edits of paint schemes.
#include "base/rules.h"
#include "base/text.h"
#include "document/edits_detail.h"

namespace enkinet::document {

Edits::Changed Edits::putScheme(const paint::Scheme& scheme) const {
    if (!isId(scheme.id)) return badId(words("paint scheme"), scheme.id);
    if (scheme.name.empty() || scheme.name.size() > 200)
        return Fault{words("paint scheme"), words("name"), words("must have 1 to 200 letters")};
    if (auto fault = paint::checkScheme(scheme)) return *fault;
    Production p = m_production;
    const auto known =
        std::find_if(p.schemes.begin(), p.schemes.end(), [&](const paint::Scheme& s) { return s.id == scheme.id; });
    if (known != p.schemes.end())
        *known = scheme;
    else
        p.schemes.push_back(scheme);
    return makeProduction(std::move(p), m_shipped);
}

Edits::Changed Edits::removeScheme(const std::string& id) const {
    Production p = m_production;
    const auto wears = [&](const body::Layers& l) { return l.scheme == id; };
    for (const body::Puppet& x : p.puppets)
        for (const body::Puppet* one : {&x, x.aside.empty() ? &x : &x.aside.front()}) {
            for (const body::Limb& l : one->limbs)
                for (const body::Segment& s : l.segments)
                    if (wears(s.layers))
                        return Fault{one->name, words("the %1", s.name), words("still carries this scheme")};
            for (const body::Mass& m : one->masses)
                if (wears(m.layers))
                    return Fault{one->name, words("the %1", m.name), words("still carries this scheme")};
        }
    if (std::erase_if(p.schemes, [&](const paint::Scheme& s) { return s.id == id; }) == 0)
        return Fault{words("paint scheme"), "\"" + id + "\"", words("is not there")};
    return makeProduction(std::move(p), m_shipped);
}

Edits::Changed Edits::keepPaint(const paint::PaintCard& card, double ml) const {
    auto sound = paint::makePaint(card);
    if (!sound) return sound.fault();
    Production p = m_production;
    const auto known = std::find_if(p.cards.paints.begin(), p.cards.paints.end(),
                                    [&](const paint::PaintCard& c) { return c.id == card.id; });
    if (known != p.cards.paints.end())
        *known = sound.take();
    else
        p.cards.paints.push_back(sound.take());
    const auto held = std::find_if(p.stock.paints_ml.begin(), p.stock.paints_ml.end(),
                                   [&](const Held& h) { return h.card == card.id; });
    if (held != p.stock.paints_ml.end())
        held->amount = ml;
    else
        p.stock.paints_ml.push_back({card.id, ml});
    return makeProduction(std::move(p), m_shipped);
}

Edits::Changed Edits::mixPaint(const paint::PaintCard& card, double ml, const std::vector<Held>& used) const {
    double there = 0;
    for (const Held& h : m_production.stock.paints_ml)
        if (h.card == card.id) there = h.amount;
    Changed p = keepPaint(card, there + ml);
    if (!p) return p;
    Production next = *p;
    for (const Held& u : used)
        for (Held& h : next.stock.paints_ml)
            if (h.card == u.card) h.amount = std::max(0.0, h.amount - u.amount);
    return makeProduction(std::move(next), m_shipped);
}

Edits::Changed Edits::setStrength(const paint::PaintCard& card, double strength) const {
    paint::PaintCard own = card;
    own.strength = strength;
    auto sound = paint::makePaint(own);
    if (!sound) return sound.fault();
    Production p = m_production;
    std::erase_if(p.cards.paints, [&](const paint::PaintCard& c) { return c.id == card.id; });
    p.cards.paints.push_back(sound.take());
    return makeProduction(std::move(p), m_shipped);
}

} // namespace enkinet::document
