#include "make/planner.h"
#include <algorithm>
#include <cmath>

namespace enkinet::make {

ENKINET_COMPARED_BODY(Step)
ENKINET_COMPARED_BODY(Plan)

using namespace body;

namespace {

// Typical hands-on minutes.
constexpr double kPrint = 10, kCutPiece = 1.5, kTwistCopy = 4, kDrillSetUp = 5, kBindCopy = 6, kBindFinger = 3;
constexpr double kPuttySegment = 2, kBindSegment = 3, kBulkPart = 2, kBulkCm3 = 0.5, kSkinPart = 5, kSkinCm2 = 0.4,
                 kOven = 5;
constexpr double kGlue_min = 15;

} // namespace

const char* keyOf(StepKind kind) {
    switch (kind) {
    case StepKind::print_sheets:
        return "print";
    case StepKind::cut_wire:
        return "cut";
    case StepKind::twist_wire:
        return "twist";
    case StepKind::drill_base:
        return "drill";
    case StepKind::bind_limb:
        return "bind";
    case StepKind::set_putty:
        return "putty";
    case StepKind::bulk:
        return "bulk";
    case StepKind::skin:
        return "skin";
    case StepKind::gate:
        return "gate";
    case StepKind::bake:
        return "bake";
    case StepKind::dry:
        return "dry";
    case StepKind::paint:
        return "paint";
    case StepKind::cover:
        return "cover";
    case StepKind::tie_down:
        return "plant";
    case StepKind::feature:
        return "feature";
    case StepKind::variant:
        return "variant";
    case StepKind::sheet:
        return "sheet";
    case StepKind::run:
        return "cable";
    case StepKind::hole:
        return "hole";
    case StepKind::try_prop:
        return "try";
    case StepKind::glue:
        return "glue";
    case StepKind::coat:
        return "coat";
    case StepKind::sign_off:
        return "sign_off";
    }
    return "";
}

std::vector<Chain> findChain(const std::vector<Step>& steps, int first, int then) {
    // Breadth first, so that the chain that is said is the shortest.
    std::vector<Chain> from(steps.size(), {-1, Reason::wire_first});
    std::vector<int> queue{first};
    std::vector<bool> seen(steps.size());
    seen[static_cast<std::size_t>(first)] = true;
    for (std::size_t k = 0; k < queue.size(); ++k) {
        const int here = queue[k];
        if (here == then && here != first) {
            std::vector<Chain> chain;
            for (int at = then; at != first; at = from[static_cast<std::size_t>(at)].step)
                chain.push_back({at, from[static_cast<std::size_t>(at)].reason});
            std::reverse(chain.begin(), chain.end());
            return chain;
        }
        for (const After& a : steps[static_cast<std::size_t>(here)].after)
            if (!seen[static_cast<std::size_t>(a.step)]) {
                seen[static_cast<std::size_t>(a.step)] = true;
                from[static_cast<std::size_t>(a.step)] = {here, a.reason};
                queue.push_back(a.step);
            }
    }
    return {};
}

int Planner::add(StepKind kind, const std::string& key, const Phrase& subject, double hands, double wait, Tool tool,
                 Caution caution) {
    Step s;
    s.id = std::string(keyOf(kind)) + (key.empty() ? "" : ":" + key);
    s.kind = kind, s.subject = subject, s.hands_min = hands, s.wait_min = wait, s.tool = tool, s.caution = caution;
    m_plan.steps.push_back(std::move(s));
    return static_cast<int>(m_plan.steps.size()) - 1;
}

void Planner::wires(const std::vector<choice::Cut>& cuts) {
    m_sheets = add(StepKind::print_sheets, "", m_puppet.name, kPrint, 0, Tool::printer);
    for (const choice::Cut& c : cuts) {
        const int cut = add(StepKind::cut_wire, limb(c.limb).id, limbName(c.limb), kCutPiece * c.pieces(), 0,
                            Tool::bench, Caution::eyes_and_snips);
        at(cut).amount = c.pieces();
        after(cut, m_sheets, Reason::marks_from_sheet);
        int ready = cut;
        if (c.turns > 0) {
            ready = add(StepKind::twist_wire, limb(c.limb).id, limbName(c.limb), kTwistCopy * c.copies, 0, Tool::drill,
                        Caution::eyes);
            at(ready).amount = c.turns;
            after(ready, cut, Reason::strands_first);
        }
        m_wire[c.limb] = ready;
    }
}

void Planner::frame() {
    for (std::size_t i = 0; i < m_puppet.limbs.size(); ++i) {
        const Limb& l = m_puppet.limbs[i];
        m_holes += l.tieDown ? l.tieDown->wires * (l.mirrored ? 2 : 1) : 0;
    }
    if (m_holes > 0) {
        m_base = add(StepKind::drill_base, "", m_puppet.name, kDrillSetUp + kDrillHole * m_holes, 0, Tool::drill,
                     Caution::eyes);
        at(m_base).amount = m_holes;
        after(m_base, m_sheets, Reason::marks_from_sheet);
    }
    // A limb is bound on after the limb that carries it: walk the copies, which stand in that order.
    for (const LimbCopy& c : m_choice.skeleton.copies) {
        const Limb& l = m_puppet.limbs[static_cast<std::size_t>(c.limb)];
        if (l.hangsOnLimb.empty() || !m_wire.contains(c.limb)) continue;
        if (const auto seen = m_bound.find(c.limb); seen != m_bound.end()) {
            at(seen->second).hands_min += l.kind == LimbKind::finger ? kBindFinger : kBindCopy;
            continue;
        }
        const int bind = add(StepKind::bind_limb, l.id, l.name, l.kind == LimbKind::finger ? kBindFinger : kBindCopy,
                             kGlue_min, Tool::bench, Caution::gloves_air);
        after(bind, m_wire[c.limb], Reason::wire_first);
        const int parent = c.hangsOn >= 0 ? m_choice.skeleton.copies[static_cast<std::size_t>(c.hangsOn)].limb : -1;
        if (m_bound.contains(parent))
            after(bind, m_bound[parent], Reason::parent_first);
        else if (m_wire.contains(parent))
            after(bind, m_wire[parent], Reason::parent_first);
        m_bound[c.limb] = bind;
    }
    if (m_wire.empty()) return;
    // Putty goes where a limb is to be stiff by it; a tube or a binding is put on with the limb, by hand.
    double stiff = 0;
    for (const Link& link : m_choice.skeleton.links) {
        const int i = m_choice.skeleton.copies[static_cast<std::size_t>(link.copy)].limb;
        const Limb& l = limb(i);
        const Stiffening by = l.segments[static_cast<std::size_t>(link.segment)].stiffening;
        if (!m_wire.contains(i) || l.whip || isBare(l, static_cast<std::size_t>(link.segment))) continue;
        if (by == Stiffening::tube || by == Stiffening::bound)
            at(m_bound.contains(i) ? m_bound[i] : m_wire[i]).hands_min += kBindSegment;
        else
            ++stiff;
    }
    const int gate = m_frame = add(StepKind::gate, "frame", m_puppet.name, kGate);
    at(gate).gate = calcFrameGate(m_puppet, m_choice);
    for (const auto& [limb, step] : m_bound)
        after(gate, step, Reason::nothing_hard_yet);
    if (m_bound.empty())
        for (const auto& [limb, step] : m_wire)
            after(gate, step, Reason::nothing_hard_yet);
    if (stiff <= 0) {
        // Nothing sets: what follows waits for the last look alone.
        m_putty = gate;
        return;
    }
    // Putty on the bones sets as the typical card says; see ClayCard.
    m_putty = add(StepKind::set_putty, "", m_puppet.name, kPuttySegment * stiff,
                  fill::findPuttyTime(fill::ClayCard{}.curing_h, m_shelf.shop.room_C) * 60, Tool::drying_rack,
                  Caution::gloves_air);
    at(m_putty).working_min = fill::findPuttyTime(fill::ClayCard{}.working_h, m_shelf.shop.room_C) * 60;
    after(m_putty, gate, Reason::last_look);
}

void Planner::fillAndSkin(const fill::BakePlan& bakes) {
    m_baked = !bakes.bakes.empty();
    m_bulk = perLimb(
        StepKind::bulk, Caution::none, [](const fill::Part& p) { return p.bulk.mass_g > 0; },
        [](const fill::Part& p) { return kBulkPart + kBulkCm3 * p.bulk.volume_mm3 / 1000; });
    const auto skinMinutes = [](const fill::Part& p) { return kSkinPart + kSkinCm2 * p.surface_mm2 / 100; };
    m_skin = perLimb(
        StepKind::skin, Caution::none, [&](const fill::Part& p) { return p.skin.mass_g > 0 && !isLate(p); },
        skinMinutes);
    m_late = perLimb(
        StepKind::skin, Caution::none, [&](const fill::Part& p) { return isLate(p); }, skinMinutes);
    // A limb with clay of both kinds has two steps, each with its own id; of one alone it is what it always was.
    for (const auto& [limb, step] : m_late)
        if (m_skin.contains(limb)) at(step).id += ".soft";
    for (const auto& [limb, step] : m_bulk)
        after(step, m_putty, Reason::stiff_before_bulk);
    coats();
    for (const auto& skins : {m_skin, m_late})
        for (const auto& [limb, step] : skins) {
            const auto coated = m_coated.find(limb);
            if (coated == m_coated.end())
                onCore(step, limb);
            else
                after(step, coated->second.back().done, Reason::core_before_skin);
        }
    // A step names what it takes most of.
    std::map<int, double> most;
    const auto count = [&](int step, double grams, const std::string& card) {
        at(step).amount += grams;
        if (grams > most[step]) most[step] = grams, at(step).detail = card;
    };
    for (const fill::Part& p : m_choice.parts) {
        if (p.skin.mass_g > 0) {
            const fill::ClayCard& clay = m_shelf.clays.at(p.layers.clay);
            const int skin = skinOf(p);
            const double raw_g = fill::findRawGrams(p.skin.mass_g, clay);
            count(skin, raw_g, clay.name);
            use(skin, document::Ware::clay, clay.id, raw_g * fill::kWaste);
            if (clay.family == fill::ClayFamily::putty) {
                at(skin).caution = Caution::gloves;
                at(skin).working_min = fill::findPuttyTime(clay.working_h, m_shelf.shop.room_C) * 60;
            }
        }
        for (std::size_t k = 0; k < p.coats.size(); ++k) {
            if (p.coats[k].mass_g <= 0) continue;
            const fill::ClayCard& clay = m_shelf.clays.at(p.clayOf(k));
            const int step = coatOf(limbOf(p), k);
            const double raw_g = fill::findRawGrams(p.coats[k].mass_g, clay);
            count(step, raw_g, clay.name);
            use(step, document::Ware::clay, clay.id, raw_g * fill::kWaste);
            if (clay.family == fill::ClayFamily::putty) {
                at(step).caution = Caution::gloves;
                at(step).working_min = fill::findPuttyTime(clay.working_h, m_shelf.shop.room_C) * 60;
            }
        }
        if (p.bulk.mass_g <= 0) continue;
        const fill::BulkCard& card = m_shelf.bulks.at(p.layers.bulk);
        const int step = m_bulk.at(limbOf(p));
        count(step, p.bulk.mass_g, card.name);
        if (card.foil) use(step, document::Ware::foil, "foil", p.bulk.mass_g);
        if (card.putty) at(step).caution = Caution::gloves;
        at(step).wait_min = std::max(at(step).wait_min, 60 * card.dry_h);
    }
    for (const auto& [limb, step] : m_bulk)
        m_filled.push_back(step);
    for (const auto& [limb, step] : m_skin)
        m_filled.push_back(step);
}

void Planner::onCore(int step, int limb) {
    const auto under = m_bulk.find(limb);
    after(step, under != m_bulk.end() ? under->second : m_putty,
          under != m_bulk.end() ? Reason::core_before_skin : Reason::stiff_before_bulk);
}

int Planner::coatOf(int limb, std::size_t level) const {
    for (const Coated& c : m_coated.at(limb))
        if (c.level == level) return c.step;
    return -1;
}

void Planner::coats() {
    const auto skins = fill::calcSkinPlan(m_choice.parts, m_shelf);
    for (std::size_t level = 0; level + 1 < kMostCoats; ++level)
        for (std::size_t i = 0; i < m_choice.parts.size(); ++i) {
            const fill::Part& p = m_choice.parts[i];
            if (level >= p.coats.size() || p.coats[level].mass_g <= 0) continue;
            const int limb = limbOf(p);
            std::vector<Coated>& own = m_coated[limb];
            if (own.empty() || own.back().level != level) {
                const int step =
                    add(StepKind::coat, this->limb(limb).id + "." + std::to_string(level + 1), limbName(limb), 0);
                if (own.empty())
                    onCore(step, limb);
                else
                    after(step, own.back().done, Reason::core_before_skin);
                own.push_back({level, step, step});
            }
            Coated& c = own.back();
            at(c.step).hands_min += kSkinPart + kSkinCm2 * p.surface_mm2 / 100;
            // What dries or sets by itself is left alone before anything goes over it.
            const auto skin = std::find_if(skins.begin(), skins.end(), [&](const fill::PartSkin& s) {
                return s.part == static_cast<int>(i) && s.coat == static_cast<int>(level);
            });
            if (skin == skins.end() || skin->hours <= 0) continue;
            if (c.done == c.step) {
                c.done = add(StepKind::dry, this->limb(limb).id + "." + std::to_string(level + 1), limbName(limb), 0, 0,
                             Tool::drying_rack);
                after(c.done, c.step, Reason::nothing_hard_yet);
            }
            at(c.done).wait_min = std::max(at(c.done).wait_min, skin->hours * 60);
        }
}

int Planner::bakeCoats(const fill::Bake& b, int number, int last) {
    const std::string& subject = b.name.empty() ? m_puppet.name : b.name;
    const int gate = add(StepKind::gate, "bake:" + std::to_string(number), subject, kGate);
    at(gate).bake = number - 1, at(gate).gate = calcBakeGate(m_puppet, m_choice, m_shelf, b);
    if (last >= 0) after(gate, last, Reason::nothing_hard_yet);
    const int oven = add(StepKind::bake, std::to_string(number), subject, kOven,
                         b.minutes + std::ceil(b.cooling.slow_min), Tool::oven, Caution::air_oven);
    at(oven).attended_min = b.minutes, at(oven).amount = b.set_C, at(oven).bake = number - 1;
    after(oven, gate, Reason::last_look);
    std::set<int> limbs;
    for (int p : b.fresh)
        limbs.insert(limbOf(m_choice.parts[static_cast<std::size_t>(p)]));
    for (int limb : limbs) {
        std::size_t on = 0;
        for (int p : b.fresh)
            if (limbOf(m_choice.parts[static_cast<std::size_t>(p)]) == limb) on = std::max(on, b.states.at(p).on);
        const auto coated = m_coated.find(limb);
        if (coated == m_coated.end()) continue;
        for (Coated& c : coated->second) {
            if (c.level >= on) {
                // What goes over it waits until it is out again.
                after(c.step, oven, Reason::hold_on_hard);
                break;
            }
            after(gate, c.done, Reason::nothing_hard_yet);
        }
        if (coated->second.back().level < on)
            for (const auto& skins : {m_skin, m_late})
                if (const auto skin = skins.find(limb); skin != skins.end())
                    after(skin->second, oven, Reason::hold_on_hard);
    }
    return oven;
}

int Planner::firstClay(int limb) const {
    if (const auto coated = m_coated.find(limb); coated != m_coated.end()) return coated->second.front().step;
    const auto skin = m_skin.find(limb);
    return skin != m_skin.end() ? skin->second : -1;
}

void Planner::dry() {
    std::vector<int> parts;
    for (std::size_t i = 0; i < m_choice.parts.size(); ++i) {
        const fill::Part& p = m_choice.parts[i];
        if (p.skin.mass_g <= 0) continue;
        const auto family = familyOf(p);
        if (family == fill::ClayFamily::air_dry || family == fill::ClayFamily::putty)
            parts.push_back(static_cast<int>(i));
    }
    // Each limb by itself: the last look comes while its clay can still be changed, and the first to be done dries
    // while the others are worked.
    std::map<int, std::vector<int>> byLimb;
    for (int i : parts)
        byLimb[limbOf(m_choice.parts[static_cast<std::size_t>(i)])].push_back(i);
    const auto skins = fill::calcSkinPlan(m_choice.parts, m_shelf);
    for (const auto& [limb, own] : byLimb) {
        const int gate =
            add(StepKind::gate, "dry:" + m_puppet.limbs[static_cast<std::size_t>(limb)].id, limbName(limb), kGate);
        m_looks[limb].push_back(gate);
        at(gate).gate = calcDryGate(m_puppet, m_choice, m_shelf, own);
        after(gate, m_skin.at(limb), Reason::nothing_hard_yet);
        for (int i : own) {
            const fill::Part& p = m_choice.parts[static_cast<std::size_t>(i)];
            const auto skin = std::find_if(skins.begin(), skins.end(), [&](const auto& s) { return s.part == i; });
            const int rack = add(StepKind::dry, p.label.english(), p.label, 0, skin->hours * 60, Tool::drying_rack);
            after(rack, gate, Reason::last_look);
            m_racks.emplace_back(limb, rack);
            m_hard.push_back(rack), m_hardOf[limb].push_back(rack);
        }
    }
}

void Planner::bake(const fill::BakePlan& plan) {
    const bool once = m_puppet.wants.bakes == BakeSchool::once;
    std::map<int, std::size_t> firstBake, begun; // by limb: of what is whole, and of anything
    std::size_t whole = plan.bakes.size();       // the first that is not of coats
    for (std::size_t k = 0; k < plan.bakes.size(); ++k) {
        if (plan.bakes[k].coats == 0) whole = std::min(whole, k);
        for (int p : plan.bakes[k].fresh) {
            const int own = limbOf(m_choice.parts[static_cast<std::size_t>(p)]);
            begun.try_emplace(own, k);
            if (plan.bakes[k].coats == 0) firstBake.try_emplace(own, k);
        }
    }
    int last = -1, look = -1;
    // In stages, a limb's clay is begun when what is hard can be held.
    const auto beginNext = [&](std::size_t k, int oven) {
        if (once) return;
        for (const auto& [limb, first] : begun)
            if (const int clay = firstClay(limb); first == k + 1 && clay >= 0) after(clay, oven, Reason::hold_on_hard);
    };
    for (std::size_t k = 0; k < plan.bakes.size(); ++k) {
        const fill::Bake& b = plan.bakes[k];
        if (b.coats > 0) {
            last = bakeCoats(b, static_cast<int>(k) + 1, last);
            beginNext(k, last);
            continue;
        }
        const std::string& subject = b.name.empty() ? m_puppet.name : b.name;
        int gate = last;
        if (!once || k == whole) {
            gate = add(StepKind::gate, "bake:" + std::to_string(k + 1), subject, kGate);
            at(gate).bake = static_cast<int>(k);
            if (last >= 0) after(gate, last, Reason::nothing_hard_yet);
        }
        // One gate at the end looks at every load; a gate of a stage looks at its own.
        if (k == whole || !once) look = gate;
        const auto items = calcBakeGate(m_puppet, m_choice, m_shelf, b);
        at(look).gate.insert(at(look).gate.end(), items.begin(), items.end());
        if (once && k == whole)
            for (int step : m_filled)
                after(gate, step, Reason::nothing_hard_yet);
        // The frame is one piece: all of it is dry and set before the first heat.
        // What is put on between two loads dries before the next.
        for (const auto& [limb, rack] : m_racks) {
            const auto own = firstBake.find(limb);
            if (k == (once || own == firstBake.end() ? whole : own->second)) after(gate, rack, Reason::dry_before_heat);
        }
        if (!once)
            for (const auto& [limb, first] : firstBake)
                if (first == k) after(gate, m_skin.at(limb), Reason::nothing_hard_yet);
        const double cool = std::ceil(b.cooling.slow_min);
        const int oven =
            add(StepKind::bake, std::to_string(k + 1), subject, kOven, b.minutes + cool, Tool::oven, Caution::air_oven);
        at(oven).attended_min = b.minutes;
        for (int p : b.fresh) {
            const int own = limbOf(m_choice.parts[static_cast<std::size_t>(p)]);
            m_looks[own].push_back(gate), m_hardOf[own].push_back(oven);
        }
        at(oven).amount = b.set_C, at(oven).bake = static_cast<int>(k);
        after(oven, gate, once && k > whole ? Reason::nothing_hard_yet : Reason::last_look);
        beginNext(k, oven);
        last = oven;
    }
    if (last >= 0) m_hard.push_back(last);
    for (const auto& [limb, step] : m_late)
        after(step, last, Reason::soft_after_heat), m_hard.push_back(step), m_hardOf[limb].push_back(step);
    // In stages, what the oven never sees still waits on the bench before paint.
    if (!once && last >= 0)
        for (int step : m_filled)
            m_hard.push_back(step);
}

Plan calcPlan(const Puppet& puppet, const choice::PuppetChoice& choice, const std::vector<choice::Cut>& cuts,
              const fill::BakePlan& bakes, const fill::Shelf& shelf, const std::vector<SchemeWork>& schemes,
              const std::vector<fill::FeatureWork>& features) {
    if (puppet.limbs.empty()) return {};
    Planner p(puppet, choice, shelf);
    p.wires(cuts);
    p.frame();
    p.fillAndSkin(bakes);
    p.dry();
    p.bake(bakes);
    p.finish(schemes);
    p.things(features);
    p.order();
    p.batches();
    return p.schedule();
}

} // namespace enkinet::make
