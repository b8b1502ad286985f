#include "checks/replay.h"
#include "fill/skin_plan.h"
#include "make/reach.h"
#include <algorithm>
#include <cmath>
#include <map>
#include <set>

namespace enkinet::checks {

using fill::ClayFamily;
using make::StepKind;

namespace {

constexpr double kSame_min = 0.5; // minutes: starts are whole ones
constexpr double kNever = 1e18;

/// Something that is made: from when it is there, when it is as hard or dry as it will get, how long it is open.
struct Made {
    double begun = 0, there = 0, hard = kNever;
    double open_min = kNever; ///< counted from begun
};

class Bench {
public:
    Bench(const body::Puppet& p, const Facts& r, double room_C, int copy)
        : m_p(p), m_r(r), m_warm(std::pow(2, (20 - room_C) / 10)), m_copy(copy) {
        for (std::size_t i = 0; i < p.limbs.size(); ++i)
            m_limb[p.limbs[i].id] = static_cast<int>(i);
        for (const choice::LimbChoice& l : r.choice.limbs)
            if (l.chosen >= 0) m_wired.insert(l.limb);
    }

    std::vector<Broken> run(const std::vector<Act>& acts) {
        // Whatever ends before a step begins is there for it: ends are worked off in the order of time.
        for (const Act& a : acts) {
            const make::Step& s = m_r.plan.steps[static_cast<std::size_t>(a.step)];
            if (const auto [it, fresh] = m_named.emplace(s.id, a.step); !fresh && it->second != a.step)
                say(Law::same_name, a, s.subject);
            m_key = wordsOf(s.id);
            before(a, s);
            after(a, s);
        }
        return std::move(m_broken);
    }

private:
    static std::vector<std::string> wordsOf(const std::string& id) {
        std::vector<std::string> words(1);
        for (char c : id)
            if (c == ':')
                words.emplace_back();
            else
                words.back() += c;
        return words;
    }
    /// The limb that a step's name speaks of: "skin:leg", "skin:leg.soft", "coat:leg.1", "dry:leg"; -1: none.
    int limbOf() const {
        if (m_key.size() < 2) return -1;
        std::string key = m_key[1];
        for (;;) {
            if (const auto own = m_limb.find(key); own != m_limb.end()) return own->second;
            const auto dot = key.rfind('.');
            if (dot == std::string::npos) return -1;
            key.resize(dot);
        }
    }
    int limbOf(const fill::Part& p) const {
        const auto& link = m_r.choice.rest.links[static_cast<std::size_t>(p.link)];
        return m_r.choice.rest.copies[static_cast<std::size_t>(link.copy)].limb;
    }
    const fill::ClayCard* clay(const std::string& card) const {
        const auto found = m_r.shelf.clays.find(card);
        return found == m_r.shelf.clays.end() ? nullptr : &found->second;
    }
    void say(Law law, const Act& a, const Phrase& thing, double found = 0, double limit = 0) {
        for (const Broken& b : m_broken)
            if (b.law == law && b.step == a.step && b.thing == thing) return;
        m_broken.push_back({law, a.step, m_copy, thing, found, limit});
    }
    void want(bool is, const Act& a, const Phrase& thing) {
        if (!is) say(Law::not_there, a, thing);
    }
    bool has(const std::map<int, Made>& what, int key, double when) const {
        const auto found = what.find(key);
        return found != what.end() && found->second.there <= when + kSame_min;
    }
    /// Wire of a limb that has some: cut, and on the frame.
    bool framed(int limb, double when) const {
        if (limb < 0 || !m_wired.contains(limb)) return true;
        return has(m_bound.contains(limb) ? m_bound : m_cut, limb, when);
    }

    /// Clay, soft or not, on a part.
    bool isSkinned(std::size_t part, double when) const {
        const auto found = m_clay.find(static_cast<int>(part));
        return found != m_clay.end() && found->second.there <= when + kSame_min;
    }
    double hardAt(std::size_t part) const {
        const auto found = m_clay.find(static_cast<int>(part));
        return found == m_clay.end() ? kNever : found->second.hard;
    }

    /// A step that touches what is raw: it has to be open still when the hands are off again.
    void touch(const Act& a, int limb) {
        for (const auto& [part, made] : m_clay) {
            const fill::Part& p = m_r.choice.parts[static_cast<std::size_t>(part)];
            if (limbOf(p) != limb || made.open_min >= kNever) continue;
            if (a.handsEnd - made.begun > made.open_min + kSame_min)
                say(Law::has_set, a, p.label, a.handsEnd - made.begun, made.open_min);
        }
    }

    /// The host of a thing: what of it has to be there.
    void sits(const Act& a, const body::Spot& on, body::Stage stage) {
        if (!on.feature.empty()) {
            const auto host = m_things.find(on.feature);
            want(host != m_things.end() && host->second.there <= a.from + kSame_min, a, nameOfFeature(on.feature));
            return;
        }
        const int limb = body::findHostLimb(m_p, on);
        if (limb < 0) return;
        const Phrase name = m_p.limbs[static_cast<std::size_t>(limb)].name;
        if (stage > body::Stage::wire) want(framed(limb, a.from), a, name);
        if (stage <= body::Stage::skin) return;
        for (std::size_t i = 0; i < m_r.choice.parts.size(); ++i) {
            const fill::Part& p = m_r.choice.parts[i];
            if (limbOf(p) != limb || p.skin.mass_g <= 0 || !isOn(p, on)) continue;
            const fill::ClayCard* card = clay(p.layers.clay);
            // What goes on before the oven has seen clay that sees none is put on that limb's firm clay.
            if (card && card->family == ClayFamily::never_dry && stage <= body::Stage::bake) continue;
            want(isSkinned(i, a.from), a, p.label);
            if (stage <= body::Stage::bake) touch(a, limb);
        }
    }
    /// A place on a mass is that mass, on a segment that segment.
    bool isOn(const fill::Part& p, const body::Spot& on) const {
        if (!on.mass.empty())
            return p.mass >= 0 &&
                   m_p.masses[static_cast<std::size_t>(m_r.choice.rest.masses[static_cast<std::size_t>(p.mass)].mass)]
                           .id == on.mass;
        return p.mass < 0 && m_r.choice.rest.links[static_cast<std::size_t>(p.link)].segment == on.segment;
    }
    Phrase nameOfFeature(const std::string& id) const {
        for (const body::Feature& f : m_p.things.features)
            if (f.id == id) return f.name;
        return id;
    }

    /// Parts that a coat of paint goes on.
    std::vector<std::size_t> paintedBy() const {
        std::vector<std::size_t> all;
        if (m_key.size() < 3) return all;
        int only = -1;
        for (std::size_t k = 2; k < m_key.size(); ++k)
            if (const auto limb = m_limb.find(m_key[k]); limb != m_limb.end()) only = limb->second;
        for (std::size_t i = 0; i < m_r.choice.parts.size(); ++i) {
            const fill::Part& p = m_r.choice.parts[i];
            if (p.layers.scheme != m_key[1] || p.volume_mm3 <= 0 || p.bare_mm2() <= 0) continue;
            if (only >= 0 && limbOf(p) != only) continue;
            all.push_back(i);
        }
        return all;
    }

    void before(const Act& a, const make::Step& s) {
        const int limb = limbOf();
        switch (s.kind) {
        case StepKind::print_sheets:
        case StepKind::variant:
            break;
        case StepKind::cut_wire:
            if (!m_printed) say(m_copy > 1 ? Law::not_shared : Law::not_there, a, words("printed sheets"));
            break;
        case StepKind::twist_wire:
        case StepKind::bind_limb: {
            want(limb < 0 || m_cut.contains(limb), a, s.subject);
            if (s.kind == StepKind::twist_wire || limb < 0) break;
            const std::string& parent = m_p.limbs[static_cast<std::size_t>(limb)].hangsOnLimb;
            if (const auto on = m_limb.find(parent); on != m_limb.end() && m_wired.contains(on->second))
                want(has(m_cut, on->second, a.from), a, m_p.limbs[static_cast<std::size_t>(on->second)].name);
            break;
        }
        case StepKind::set_putty:
            for (int wired : m_wired)
                want(has(m_cut, wired, a.from), a, m_p.limbs[static_cast<std::size_t>(wired)].name);
            break;
        case StepKind::bulk:
            want(framed(limb, a.from), a, s.subject);
            if (m_putty.hard > a.from + kSame_min && m_putty.there > 0)
                say(Law::wet_held, a, words("putty"), m_putty.hard - a.from);
            break;
        case StepKind::coat:
        case StepKind::skin:
            want(framed(limb, a.from), a, s.subject);
            if (hasBulk(limb)) want(has(m_bulk, limb, a.from), a, words("bulk"));
            break;
        case StepKind::gate:
            look(a, s);
            break;
        case StepKind::dry:
            break;
        case StepKind::bake:
            heat(a, s);
            break;
        case StepKind::paint:
            paint(a);
            break;
        case StepKind::cover:
            for (std::size_t i = 0; i < m_r.choice.parts.size(); ++i) {
                const fill::Part& p = m_r.choice.parts[i];
                if (limbOf(p) != limb || p.cover.mass_g <= 0) continue;
                if (p.skin.mass_g > 0) want(isSkinned(i, a.from), a, p.label);
                const fill::ClayCard* card = clay(p.layers.clay);
                const bool hardens = card && card->family != ClayFamily::never_dry;
                if (p.skin.mass_g > 0 && hardens && isSkinned(i, a.from) && hardAt(i) > a.from + kSame_min)
                    say(Law::wet_held, a, p.label, hardAt(i) >= kNever ? 0 : hardAt(i) - a.from);
            }
            if (hasBulk(limb)) want(has(m_bulk, limb, a.from), a, words("bulk"));
            break;
        case StepKind::tie_down:
            want(m_drilled, a, words("base"));
            break;
        case StepKind::drill_base:
            want(m_printed, a, words("printed sheets"));
            break;
        case StepKind::feature:
            for (const body::Feature& f : m_p.things.features)
                if (m_key.size() > 1 && f.id == m_key[1]) sits(a, f.on, f.before), underCover(a, f.on);
            break;
        case StepKind::sheet:
            for (const body::Sheet& x : m_p.things.sheets)
                if (m_key.size() > 1 && x.id == m_key[1]) {
                    const fill::ClayCard* card = clay(x.clay);
                    sits(a, x.on,
                         !card                             ? body::Stage::shoot
                         : fill::isOvenBaked(card->family) ? body::Stage::bake
                                                           : body::Stage::paint);
                }
            break;
        case StepKind::run:
            for (const body::Run& x : m_p.things.runs)
                if (m_key.size() > 1 && x.id == m_key[1])
                    if (const auto own = m_limb.find(x.limb); own != m_limb.end())
                        want(framed(own->second, a.from), a, m_p.limbs[static_cast<std::size_t>(own->second)].name);
            break;
        case StepKind::hole:
        case StepKind::glue:
            for (const body::Bond& b : m_p.things.bonds)
                if (m_key.size() > 1 && b.id == m_key[1])
                    for (const body::Spot* end : {&b.from, &b.to})
                        if (!end->base && !(s.kind == StepKind::hole && !end->feature.empty()))
                            sits(a, *end, s.kind == StepKind::glue ? std::max(b.before, body::Stage::wire) : b.before);
            break;
        case StepKind::try_prop:
            for (const body::Prop& x : m_p.things.props)
                if (m_key.size() > 1 && x.id == m_key[1]) sits(a, x.hand, body::Stage::bake);
            break;
        case StepKind::sign_off:
            break;
        }
    }

    void underCover(const Act& a, const body::Spot& on) {
        const int limb = body::findHostLimb(m_p, on);
        if (limb < 0 || !m_cover.contains(limb) || m_cover[limb] > a.from + kSame_min) return;
        for (const fill::Part& p : m_r.choice.parts)
            if (limbOf(p) == limb && p.covered_mm2 > 0 && isOn(p, on) && on.feature.empty())
                // What is sewn or stuck on the cloth goes on after it.
                for (const body::Feature& f : m_p.things.features)
                    if (m_key.size() > 1 && f.id == m_key[1] && f.before <= body::Stage::cover)
                        say(Law::covered, a, p.label);
    }

    bool hasBulk(int limb) const {
        return std::any_of(m_r.choice.parts.begin(), m_r.choice.parts.end(),
                           [&](const fill::Part& p) { return limbOf(p) == limb && p.bulk.mass_g > 0; });
    }

    /// A last look is at what is there, and can still be changed.
    void look(const Act& a, const make::Step& s) {
        const bool drying = m_key.size() > 2 && m_key[1] == "dry";
        if (drying)
            if (const auto own = m_limb.find(m_key[2]); own != m_limb.end()) touch(a, own->second);
        // By its name, what is to be seen: things and parts.
        for (const make::GateItem& g : s.gate) {
            for (const body::Feature& f : m_p.things.features)
                if (g.check == make::Check::seated && Phrase(f.name) == g.subject)
                    want(m_things.contains(f.id) && m_things[f.id].there <= a.from + kSame_min, a, f.name);
            if (g.check != make::Check::thinnest && g.check != make::Check::thickest) continue;
            for (std::size_t i = 0; i < m_r.choice.parts.size(); ++i)
                if (m_r.choice.parts[i].label == g.subject && m_r.choice.parts[i].skin.mass_g > 0)
                    want(isSkinned(i, a.from), a, g.subject);
        }
        if (m_key.size() == 2 && m_key[1] == "cover")
            for (std::size_t i = 0; i < m_r.choice.parts.size(); ++i)
                if (m_r.choice.parts[i].cover.mass_g > 0 && m_r.choice.parts[i].skin.mass_g > 0)
                    want(isSkinned(i, a.from), a, m_r.choice.parts[i].label);
    }

    void heat(const Act& a, const make::Step& s) {
        if (s.bake < 0 || s.bake >= static_cast<int>(m_r.bakePlan.bakes.size())) return;
        const fill::Bake& b = m_r.bakePlan.bakes[static_cast<std::size_t>(s.bake)];
        std::set<int> in(b.parts.begin(), b.parts.end());
        for (int part : b.fresh) {
            const fill::Part& p = m_r.choice.parts[static_cast<std::size_t>(part)];
            if (b.coats == 0 && p.skin.mass_g > 0) want(isSkinned(static_cast<std::size_t>(part), a.from), a, p.label);
        }
        if (b.alone) return;
        if (m_putty.there > 0 && m_putty.hard > a.from + kSame_min)
            say(Law::wet_in_heat, a, words("putty"), m_putty.hard - a.from);
        // The frame is one piece: what is on it goes in with it.
        for (const auto& [part, made] : m_clay) {
            const fill::Part& p = m_r.choice.parts[static_cast<std::size_t>(part)];
            const fill::ClayCard* card = clay(p.layers.clay);
            if (!card || fill::isOvenBaked(card->family)) continue;
            if (made.hard > a.from + kSame_min)
                say(Law::wet_in_heat, a, p.label, made.hard >= kNever ? 0 : made.hard - a.from);
        }
        for (const auto& [what, dry] : m_wet)
            if (dry.second > a.from + kSame_min) say(Law::wet_in_heat, a, dry.first, dry.second - a.from);
        for (const body::Feature& f : m_p.things.features) {
            if (f.limit_C <= 0 || f.limit_C >= b.set_C || f.apart || !m_things.contains(f.id)) continue;
            if (m_things[f.id].there > a.from + kSame_min) continue;
            const bool said = std::any_of(m_r.plan.steps.begin(), m_r.plan.steps.end(), [&](const make::Step& g) {
                return g.kind == StepKind::gate &&
                       std::any_of(g.gate.begin(), g.gate.end(), [&](const make::GateItem& i) {
                           return i.stop && i.check == make::Check::take_out && i.subject == Phrase(f.name);
                       });
            });
            if (!said) say(Law::harmed, a, f.name, b.set_C, f.limit_C);
        }
    }

    void paint(const Act& a) {
        const auto parts = paintedBy();
        if (!m_hiddenKnown) m_hidden = make::findHidden(m_p, m_r.choice), m_hiddenKnown = true;
        for (std::size_t i : parts) {
            const fill::Part& p = m_r.choice.parts[i];
            if (p.skin.mass_g > 0) {
                want(isSkinned(i, a.from), a, p.label);
                const fill::ClayCard* card = clay(p.layers.clay);
                if (card && card->family != ClayFamily::never_dry && isSkinned(i, a.from) &&
                    hardAt(i) > a.from + kSame_min)
                    say(Law::wet_held, a, p.label, hardAt(i) >= kNever ? 0 : hardAt(i) - a.from);
            }
            for (const make::Hidden& h : m_hidden) {
                if (h.part != static_cast<int>(i)) continue;
                const fill::Part& by = m_r.choice.parts[static_cast<std::size_t>(h.by)];
                const bool on = by.skin.mass_g > 0 ? isSkinned(static_cast<std::size_t>(h.by), a.from)
                                                   : by.bulk.mass_g > 0 && has(m_bulk, limbOf(by), a.from);
                if (on && h.share >= 0.5) say(Law::out_of_reach, a, p.label, h.share);
            }
            if (p.covered_mm2 > 0 && p.bare_mm2() <= 0 && m_cover.contains(limbOf(p)) &&
                m_cover[limbOf(p)] <= a.from + kSame_min)
                say(Law::covered, a, p.label);
        }
    }

    void after(const Act& a, const make::Step& s) {
        const int limb = limbOf();
        switch (s.kind) {
        case StepKind::print_sheets:
            m_printed = true;
            break;
        case StepKind::cut_wire:
        case StepKind::twist_wire:
            m_cut[limb] = {a.from, a.handsEnd, a.handsEnd};
            break;
        case StepKind::bind_limb:
            m_bound[limb] = {a.from, a.handsEnd, a.end};
            break;
        case StepKind::set_putty:
            m_putty = {a.from, a.handsEnd, a.end};
            if (s.working_min > 0 && a.handsEnd - a.from > s.working_min + kSame_min)
                say(Law::has_set, a, words("putty"), a.handsEnd - a.from, s.working_min);
            break;
        case StepKind::bulk:
            m_bulk[limb] = {a.from, a.end, a.end};
            break;
        case StepKind::skin:
            putOn(a, limb);
            break;
        case StepKind::bake:
            cure(a, s);
            break;
        case StepKind::dry:
            for (auto& [part, made] : m_clay)
                if (m_r.choice.parts[static_cast<std::size_t>(part)].label == s.subject) made.hard = a.end;
            break;
        case StepKind::paint:
            m_wet[m_key.size() > 1 ? m_key[1] : ""] = {s.subject, a.end};
            break;
        case StepKind::cover:
            m_cover[limb] = a.handsEnd;
            break;
        case StepKind::drill_base:
            m_drilled = true;
            break;
        case StepKind::feature:
        case StepKind::sheet:
            if (m_key.size() > 1) m_things[m_key[1]] = {a.from, a.handsEnd, a.end};
            break;
        case StepKind::glue:
            m_wet["glue:" + (m_key.size() > 1 ? m_key[1] : "")] = {s.subject, a.end};
            break;
        case StepKind::gate:
        case StepKind::coat:
        case StepKind::tie_down:
        case StepKind::variant:
        case StepKind::run:
        case StepKind::hole:
        case StepKind::try_prop:
        case StepKind::sign_off:
            break;
        }
    }

    /// Clay of a limb: that which the step names by its family, from the first mix on.
    void putOn(const Act& a, int limb) {
        const bool soft = m_key.size() > 1 && m_key[1].size() > 5 && m_key[1].ends_with(".soft");
        const bool both = hasTwo(limb);
        for (std::size_t i = 0; i < m_r.choice.parts.size(); ++i) {
            const fill::Part& p = m_r.choice.parts[i];
            const fill::ClayCard* card = clay(p.layers.clay);
            if (limbOf(p) != limb || p.skin.mass_g <= 0 || !card) continue;
            if (both && soft != (card->family == ClayFamily::never_dry)) continue;
            Made& m = m_clay[static_cast<int>(i)];
            m.begun = a.from, m.there = a.handsEnd;
            switch (card->family) {
            case ClayFamily::never_dry:
                m.hard = a.handsEnd;
                break;
            case ClayFamily::putty:
                m.open_min = card->working_h * 60 * m_warm;
                m.hard = a.handsEnd + card->curing_h * 60 * m_warm;
                break;
            case ClayFamily::air_dry:
                // The last to be opened is open longest; under a cloth from then on.
                m.begun = a.handsEnd;
                m.open_min = kCrust_min * kUnderCloth * m_warm;
                m.hard = kNever; // until its rack says so
                break;
            case ClayFamily::firm:
            case ClayFamily::flexible:
                m.hard = kNever;
                break;
            }
        }
    }
    /// Clay that dries or cures on one part of a limb, and on another that never does, with an oven between them.
    bool hasTwo(int limb) const {
        return limb >= 0 && std::any_of(m_r.plan.steps.begin(), m_r.plan.steps.end(), [&](const make::Step& s) {
                   return s.id == "skin:" + m_p.limbs[static_cast<std::size_t>(limb)].id + ".soft";
               });
    }

    void cure(const Act& a, const make::Step& s) {
        if (s.bake < 0 || s.bake >= static_cast<int>(m_r.bakePlan.bakes.size())) return;
        for (int part : m_r.bakePlan.bakes[static_cast<std::size_t>(s.bake)].fresh)
            if (const auto made = m_clay.find(part); made != m_clay.end()) made->second.hard = a.end;
    }

    const body::Puppet& m_p;
    const Facts& m_r;
    double m_warm;
    int m_copy;
    std::vector<std::string> m_key;
    std::map<std::string, int> m_limb, m_named;
    std::set<int> m_wired;
    std::map<int, Made> m_cut, m_bound, m_bulk; ///< by limb
    std::map<int, Made> m_clay;                 ///< by part
    std::map<int, double> m_cover;
    std::map<std::string, Made> m_things;
    std::map<std::string, std::pair<Phrase, double>> m_wet; ///< paint and glue: until when
    Made m_putty;
    bool m_printed = false, m_drilled = false, m_hiddenKnown = false;
    std::vector<make::Hidden> m_hidden;
    std::vector<Broken> m_broken;

public:
    void alreadyPrinted() { m_printed = true; }
};

} // namespace

std::vector<Act> actsOf(const make::Plan& plan) {
    std::vector<Act> acts;
    for (std::size_t i = 0; i < plan.steps.size(); ++i) {
        const make::Step& s = plan.steps[i];
        const double end = s.start_min + s.hands_min;
        acts.push_back({static_cast<int>(i), 1, s.start_min, end, end + s.wait_min, -1});
    }
    return acts;
}

std::vector<Broken> replay(const body::Puppet& puppet, const Facts& report, double room_C, std::vector<Act> acts) {
    std::erase_if(acts,
                  [&](const Act& a) { return a.step < 0 || a.step >= static_cast<int>(report.plan.steps.size()); });
    // At one minute, what was shorter comes first: a step of no hands is over before the next begins.
    std::stable_sort(acts.begin(), acts.end(), [](const Act& a, const Act& b) {
        return std::pair(a.from, a.handsEnd) < std::pair(b.from, b.handsEnd);
    });
    std::vector<Broken> all;
    std::set<int> copies;
    double printed = kNever;
    for (const Act& a : acts) {
        copies.insert(a.copy);
        if (report.plan.steps[static_cast<std::size_t>(a.step)].kind == StepKind::print_sheets)
            printed = std::min(printed, a.handsEnd);
    }
    for (int copy : copies) {
        std::vector<Act> own;
        double first = kNever;
        for (const Act& a : acts)
            if (a.copy == copy) {
                own.push_back(a);
                if (report.plan.steps[static_cast<std::size_t>(a.step)].kind == StepKind::cut_wire)
                    first = std::min(first, a.from);
            }
        Bench bench(puppet, report, room_C, copy);
        // Doubles are cut by the sheets of the first.
        if (copy > 1 && printed <= first + kSame_min) bench.alreadyPrinted();
        auto said = bench.run(own);
        all.insert(all.end(), said.begin(), said.end());
    }
    // Two people at one limb of one piece.
    for (std::size_t i = 0; i < acts.size(); ++i)
        for (std::size_t k = i + 1; k < acts.size() && acts[k].from < acts[i].handsEnd; ++k) {
            if (acts[i].copy != acts[k].copy || acts[i].person < 0 || acts[k].person < 0 ||
                acts[i].person == acts[k].person || acts[k].handsEnd <= acts[k].from)
                continue;
            const make::Step &s = report.plan.steps[static_cast<std::size_t>(acts[i].step)],
                             &t = report.plan.steps[static_cast<std::size_t>(acts[k].step)];
            const auto limb = [](const make::Step& x) {
                const auto colon = x.id.find(':');
                const bool one = x.kind == StepKind::bind_limb || x.kind == StepKind::bulk ||
                                 x.kind == StepKind::skin || x.kind == StepKind::coat || x.kind == StepKind::cover;
                return one && colon != std::string::npos ? x.id.substr(colon + 1) : std::string();
            };
            if (!limb(s).empty() && limb(s) == limb(t))
                all.push_back({Law::two_on_limb, acts[k].step, acts[k].copy, t.subject, 0, 0});
        }
    return all;
}

} // namespace enkinet::checks
