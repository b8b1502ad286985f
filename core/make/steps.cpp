#include "make/steps.h"
#include "fill/skin_plan.h"
#include "schedule/list_schedule.h"
#include <algorithm>
#include <cmath>

namespace enkinet::make {

ENKINET_COMPARED_BODY(Step)
ENKINET_COMPARED_BODY(Plan)

using namespace body;

namespace {

// Typical hands-on minutes.
constexpr double kPrint = 10, kCutPiece = 1.5, kTwistCopy = 4, kDrillHole = 4, kDrillSetUp = 5, kBindCopy = 6,
                 kBindFinger = 3;
constexpr double kPuttySegment = 2, kBulkPart = 2, kBulkCm3 = 0.5, kSkinPart = 5, kSkinCm2 = 0.4, kGate = 10, kOven = 5;
constexpr double kCoat = 3, kCoatCm2 = 0.2, kCoverPart = 10, kCoverCm2 = 0.3, kPlant = 10;
constexpr double kGlue_min = 15;

class Planner {
public:
    Planner(const Puppet& p, const choice::PuppetChoice& c, const fill::Shelf& shelf)
        : m_puppet(p), m_choice(c), m_shelf(shelf) {}

    int add(StepKind kind, const std::string& subject, double hands, double wait = 0, Tool tool = Tool::bench,
            Caution caution = Caution::none) {
        Step s;
        s.kind = kind, s.subject = subject, s.hands_min = hands, s.wait_min = wait, s.tool = tool, s.caution = caution;
        m_plan.steps.push_back(s);
        return static_cast<int>(m_plan.steps.size()) - 1;
    }
    void after(int step, int before, Reason why) {
        if (before >= 0) m_plan.steps[static_cast<std::size_t>(step)].after.push_back({before, why});
    }
    Step& at(int step) { return m_plan.steps[static_cast<std::size_t>(step)]; }
    const std::string& limbName(int limb) const { return m_puppet.limbs[static_cast<std::size_t>(limb)].name; }

    void wires(const std::vector<choice::Cut>& cuts) {
        m_sheets = add(StepKind::print_sheets, m_puppet.name, kPrint, 0, Tool::printer);
        for (const choice::Cut& c : cuts) {
            const int cut = add(StepKind::cut_wire, limbName(c.limb), kCutPiece * c.pieces(), 0, Tool::bench,
                                Caution::eyes_and_snips);
            at(cut).amount = c.pieces();
            after(cut, m_sheets, Reason::marks_from_sheet);
            int ready = cut;
            if (c.turns > 0) {
                ready =
                    add(StepKind::twist_wire, limbName(c.limb), kTwistCopy * c.copies, 0, Tool::drill, Caution::eyes);
                at(ready).amount = c.turns;
                after(ready, cut, Reason::strands_first);
            }
            m_wire[c.limb] = ready;
        }
    }

    void frame() {
        for (std::size_t i = 0; i < m_puppet.limbs.size(); ++i) {
            const Limb& l = m_puppet.limbs[i];
            m_holes += l.tieDown ? l.tieDown->wires * (l.mirrored ? 2 : 1) : 0;
        }
        if (m_holes > 0) {
            m_base = add(StepKind::drill_base, m_puppet.name, kDrillSetUp + kDrillHole * m_holes, 0, Tool::drill,
                         Caution::eyes);
            at(m_base).amount = m_holes;
            after(m_base, m_sheets, Reason::marks_from_sheet);
        }
        // A limb is bound on after the limb that carries it: walk the copies, which stand in that order.
        std::map<int, int> bound;
        for (const LimbCopy& c : m_choice.skeleton.copies) {
            const Limb& l = m_puppet.limbs[static_cast<std::size_t>(c.limb)];
            if (l.hangsOnLimb.empty() || !m_wire.contains(c.limb)) continue;
            if (const auto seen = bound.find(c.limb); seen != bound.end()) {
                at(seen->second).hands_min += l.kind == LimbKind::finger ? kBindFinger : kBindCopy;
                continue;
            }
            const int bind = add(StepKind::bind_limb, l.name, l.kind == LimbKind::finger ? kBindFinger : kBindCopy,
                                 kGlue_min, Tool::bench, Caution::gloves_air);
            after(bind, m_wire[c.limb], Reason::wire_first);
            const int parent = c.hangsOn >= 0 ? m_choice.skeleton.copies[static_cast<std::size_t>(c.hangsOn)].limb : -1;
            if (bound.contains(parent))
                after(bind, bound[parent], Reason::parent_first);
            else if (m_wire.contains(parent))
                after(bind, m_wire[parent], Reason::parent_first);
            bound[c.limb] = bind;
        }
        const auto stiff = static_cast<double>(m_choice.skeleton.links.size());
        if (m_wire.empty()) return;
        const int gate = add(StepKind::gate, m_puppet.name, kGate);
        at(gate).gate = calcFrameGate(m_puppet, m_choice);
        for (const auto& [limb, step] : bound)
            after(gate, step, Reason::nothing_hard_yet);
        if (bound.empty())
            for (const auto& [limb, step] : m_wire)
                after(gate, step, Reason::nothing_hard_yet);
        // Putty on the bones sets as the typical card says; see ClayCard.
        m_putty = add(StepKind::set_putty, m_puppet.name, kPuttySegment * stiff,
                      fill::findPuttyTime(fill::ClayCard{}.curing_h, m_shelf.shop.room_C) * 60, Tool::drying_rack,
                      Caution::gloves_air);
        at(m_putty).working_min = fill::findPuttyTime(fill::ClayCard{}.working_h, m_shelf.shop.room_C) * 60;
        after(m_putty, gate, Reason::last_look);
    }

    /// One step a limb for all its parts that a test picks; the minutes come from each part.
    template <class Wanted, class Minutes>
    std::map<int, int> perLimb(StepKind kind, Caution caution, Wanted wanted, Minutes minutes) {
        std::map<int, int> steps;
        for (const fill::Part& p : m_choice.parts) {
            if (!wanted(p)) continue;
            const Link& link = m_choice.skeleton.links[static_cast<std::size_t>(p.link)];
            const int limb = m_choice.skeleton.copies[static_cast<std::size_t>(link.copy)].limb;
            const auto [it, fresh] = steps.try_emplace(limb, 0);
            if (fresh) it->second = add(kind, limbName(limb), 0, 0, Tool::bench, caution);
            at(it->second).hands_min += minutes(p);
        }
        return steps;
    }

    /// Posed joints at the ends of a segment.
    int gapsOf(const fill::Part& p) const {
        const Link& link = m_choice.skeleton.links[static_cast<std::size_t>(p.link)];
        return (link.gapFrom_mm > 0) + (link.gapTo_mm > 0);
    }
    int limbOf(const fill::Part& p) const {
        const Link& link = m_choice.skeleton.links[static_cast<std::size_t>(p.link)];
        return m_choice.skeleton.copies[static_cast<std::size_t>(link.copy)].limb;
    }

    fill::ClayFamily familyOf(const fill::Part& p) const { return m_shelf.clays.at(p.layers.clay).family; }
    /// The step in which a part gets its clay.
    int skinOf(const fill::Part& p) const { return (isLate(p) ? m_late : m_skin).at(limbOf(p)); }
    /// Clay that never dries goes on when everything else is out of the oven.
    bool isLate(const fill::Part& p) const {
        return m_baked && p.skin.mass_g > 0 && familyOf(p) == fill::ClayFamily::never_dry;
    }

    void fillAndSkin(const fill::BakePlan& bakes) {
        m_baked = !bakes.bakes.empty();
        const auto bulk = perLimb(
            StepKind::bulk, Caution::none, [](const fill::Part& p) { return p.bulk.mass_g > 0; },
            [](const fill::Part& p) { return kBulkPart + kBulkCm3 * p.bulk.volume_mm3 / 1000; });
        const auto skinMinutes = [](const fill::Part& p) { return kSkinPart + kSkinCm2 * p.surface_mm2 / 100; };
        m_skin = perLimb(
            StepKind::skin, Caution::none, [&](const fill::Part& p) { return p.skin.mass_g > 0 && !isLate(p); },
            skinMinutes);
        m_late = perLimb(
            StepKind::skin, Caution::none, [&](const fill::Part& p) { return isLate(p); }, skinMinutes);
        for (const auto& [limb, step] : bulk)
            after(step, m_putty, Reason::stiff_before_bulk);
        for (const auto& skins : {m_skin, m_late})
            for (const auto& [limb, step] : skins) {
                const auto under = bulk.find(limb);
                after(step, under != bulk.end() ? under->second : m_putty,
                      under != bulk.end() ? Reason::core_before_skin : Reason::stiff_before_bulk);
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
                count(skin, p.skin.mass_g, clay.name);
                if (clay.family == fill::ClayFamily::putty) {
                    at(skin).caution = Caution::gloves;
                    at(skin).working_min = fill::findPuttyTime(clay.working_h, m_shelf.shop.room_C) * 60;
                }
            }
            if (p.bulk.mass_g <= 0) continue;
            const fill::BulkCard& card = m_shelf.bulks.at(p.layers.bulk);
            const int step = bulk.at(limbOf(p));
            count(step, p.bulk.mass_g, card.name);
            if (card.putty) at(step).caution = Caution::gloves;
            at(step).wait_min = std::max(at(step).wait_min, 60 * card.dry_h);
        }
        for (const auto& [limb, step] : bulk)
            m_filled.push_back(step);
        for (const auto& [limb, step] : m_skin)
            m_filled.push_back(step);
    }

    /// Each load behind its gate; in stages, what is skinned later waits for the load before.
    void bake(const fill::BakePlan& plan) {
        const bool once = m_puppet.wants.bakes == BakeSchool::once;
        std::map<int, std::size_t> firstBake; // by limb
        for (std::size_t k = 0; k < plan.bakes.size(); ++k)
            for (int p : plan.bakes[k].fresh)
                firstBake.try_emplace(limbOf(m_choice.parts[static_cast<std::size_t>(p)]), k);
        int last = -1, look = -1;
        for (std::size_t k = 0; k < plan.bakes.size(); ++k) {
            const fill::Bake& b = plan.bakes[k];
            const std::string& subject = b.name.empty() ? m_puppet.name : b.name;
            int gate = last;
            if (!once || k == 0) {
                gate = add(StepKind::gate, subject, kGate);
                at(gate).bake = static_cast<int>(k);
                if (last >= 0) after(gate, last, Reason::nothing_hard_yet);
            }
            // One gate at the end looks at every load; a gate of a stage looks at its own.
            if (k == 0 || !once) look = gate;
            const auto items = calcBakeGate(m_puppet, m_choice, m_shelf, b);
            at(look).gate.insert(at(look).gate.end(), items.begin(), items.end());
            if (once && k == 0)
                for (int step : m_filled)
                    after(gate, step, Reason::nothing_hard_yet);
            // The frame is one piece: all of it is dry and set before the first heat.
            // What is put on between two loads dries before the next.
            for (const auto& [limb, rack] : m_racks) {
                const auto own = firstBake.find(limb);
                if (k == (once || own == firstBake.end() ? 0 : own->second)) after(gate, rack, Reason::dry_before_heat);
            }
            if (!once)
                for (const auto& [limb, first] : firstBake)
                    if (first == k) after(gate, m_skin.at(limb), Reason::nothing_hard_yet);
            const double cool = std::ceil(b.cooling.slow_min);
            const int oven = add(StepKind::bake, subject, kOven, b.minutes + cool, Tool::oven, Caution::air_oven);
            at(oven).amount = b.set_C, at(oven).bake = static_cast<int>(k);
            after(oven, gate, once && k > 0 ? Reason::nothing_hard_yet : Reason::last_look);
            if (!once)
                for (const auto& [limb, first] : firstBake)
                    if (first == k + 1) after(m_skin.at(limb), oven, Reason::hold_on_hard);
            last = oven;
        }
        if (last >= 0) m_hard.push_back(last);
        for (const auto& [limb, step] : m_late)
            after(step, last, Reason::soft_after_heat), m_hard.push_back(step);
        // In stages, what the oven never sees still waits on the bench before paint.
        if (!once && last >= 0)
            for (int step : m_filled)
                m_hard.push_back(step);
    }

    void dry() {
        std::vector<int> parts;
        for (std::size_t i = 0; i < m_choice.parts.size(); ++i) {
            const fill::Part& p = m_choice.parts[i];
            if (p.skin.mass_g <= 0) continue;
            const auto family = m_shelf.clays.at(p.layers.clay).family;
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
            const int gate = add(StepKind::gate, limbName(limb), kGate);
            at(gate).gate = calcDryGate(m_puppet, m_choice, m_shelf, own);
            after(gate, m_skin.at(limb), Reason::nothing_hard_yet);
            for (int i : own) {
                const fill::Part& p = m_choice.parts[static_cast<std::size_t>(i)];
                const auto skin = std::find_if(skins.begin(), skins.end(), [&](const auto& s) { return s.part == i; });
                const int rack = add(StepKind::dry, p.label, 0, skin->hours * 60, Tool::drying_rack);
                after(rack, gate, Reason::last_look);
                m_racks.emplace_back(limb, rack);
                m_hard.push_back(rack);
            }
        }
    }

    void finish(const std::vector<SchemeWork>& schemes) {
        std::vector<int> painted;
        // One look before everything is sealed, behind all coats that a varnish lies on.
        int seal = -1;
        for (const SchemeWork& s : schemes)
            if (!s.laid.empty() && s.laid.back().role == paint::Role::varnish && s.laid.size() > 1) {
                if (seal < 0) seal = add(StepKind::gate, m_puppet.name, kGate);
                const paint::Laid& under = s.laid[s.laid.size() - 2];
                at(seal).gate.push_back(
                    {Check::sheen, s.name, static_cast<double>(s.laid.size() - 1), under.dry_min / 60, false});
            }
        for (const SchemeWork& s : schemes) {
            int below = -1;
            for (const paint::Laid& l : s.laid) {
                const bool sealing = seal >= 0 && below >= 0 && &l == &s.laid.back() && l.role == paint::Role::varnish;
                if (sealing) after(seal, below, Reason::coat_below_dry);
                const Caution caution = l.role == paint::Role::varnish || l.role == paint::Role::primer
                                            ? Caution::air_spray
                                        : l.role == paint::Role::base ? Caution::air_if_sprayed
                                                                      : Caution::none;
                const int coat = add(StepKind::paint, s.name, l.coats * (kCoat + kCoatCm2 * s.surface_mm2 / 100),
                                     l.dry_min, Tool::drying_rack, caution);
                at(coat).role = l.role, at(coat).detail = l.card->name, at(coat).amount = l.ml;
                if (sealing)
                    after(coat, seal, Reason::last_look);
                else if (below >= 0)
                    after(coat, below, Reason::coat_below_dry);
                else
                    for (int h : m_hard)
                        after(coat, h, Reason::clay_raw_until_baked);
                below = coat;
            }
            if (below >= 0) painted.push_back(below);
        }
        const auto cover = perLimb(
            StepKind::cover, Caution::blade, [](const fill::Part& p) { return p.cover.mass_g > 0 && p.volume_mm3 > 0; },
            [](const fill::Part& p) { return kCoverPart + kCoverCm2 * p.surface_mm2 / 100; });
        const int closing = cover.empty() ? -1 : add(StepKind::gate, m_puppet.name, kGate);
        if (closing >= 0) {
            for (const fill::Part& p : m_choice.parts)
                if (p.covered_mm2 > 0 && p.volume_mm3 > 0 && p.mass < 0 && gapsOf(p) > 0)
                    at(closing).gate.push_back(
                        {Check::closed, p.label, static_cast<double>(gapsOf(p)), p.layers.cover_mm, false});
        }
        for (const auto& [limb, step] : cover) {
            after(step, closing, Reason::last_look);
            for (const auto& before : {m_hard, painted})
                for (int b : before)
                    if (std::none_of(at(closing).after.begin(), at(closing).after.end(),
                                     [&](const After& a) { return a.step == b; }))
                        after(closing, b, Reason::nothing_hard_yet);
            for (int h : m_hard)
                after(step, h, Reason::heat_before_cloth);
            for (int c : painted)
                after(step, c, Reason::paint_before_cloth);
            if (m_hard.empty())
                for (int f : m_filled)
                    after(step, f, Reason::core_before_skin);
        }
        if (m_base < 0) return;
        const int plant = add(StepKind::tie_down, m_puppet.name, kPlant, 0, Tool::bench);
        after(plant, m_base, Reason::holes_before_feet);
        for (int c : painted)
            after(plant, c, Reason::handled_last);
        for (const auto& [limb, step] : cover)
            after(plant, step, Reason::handled_last);
        for (int h : m_hard)
            after(plant, h, Reason::handled_last);
        if (m_hard.empty() && painted.empty() && cover.empty()) after(plant, m_putty, Reason::handled_last);
    }

    /// One pair of hands takes the steps in order; a step starts when the hands are free and what it waits for has set.
    Plan schedule() {
        std::vector<schedule::ListTask> tasks;
        for (const Step& s : m_plan.steps) {
            tasks.push_back({s.hands_min, s.wait_min, {}});
            for (const After& a : s.after)
                tasks.back().after.push_back(a.step);
        }
        const schedule::ListSchedule times = schedule::calcListSchedule(tasks);
        m_plan.hands_min = times.hands_min, m_plan.wait_min = times.wait_min, m_plan.elapsed_min = times.elapsed_min;
        std::vector<Step> order;
        std::vector<int> newIndex(m_plan.steps.size());
        for (int i : times.order) {
            const auto at = static_cast<std::size_t>(i);
            newIndex[at] = static_cast<int>(order.size());
            order.push_back(std::move(m_plan.steps[at]));
            order.back().start_min = times.start_min[at];
        }
        for (Step& s : order)
            for (After& a : s.after)
                a.step = newIndex[static_cast<std::size_t>(a.step)];
        m_plan.steps = std::move(order);
        findGrips();
        return std::move(m_plan);
    }

private:
    /// What the piece is held by in each step, by what is hard, bare or left alone at that time.
    void findGrips() {
        std::string hard;
        std::vector<std::string> skinned;
        const bool feet = std::any_of(m_puppet.limbs.begin(), m_puppet.limbs.end(),
                                      [](const Limb& l) { return l.tieDown.has_value(); });
        for (Step& s : m_plan.steps) {
            if (s.kind == StepKind::bake || s.kind == StepKind::dry || s.kind == StepKind::set_putty) {
                if (s.kind != StepKind::set_putty) hard = s.subject;
                continue;
            }
            if (s.kind != StepKind::skin && s.kind != StepKind::paint && s.kind != StepKind::cover) continue;
            const auto bare = [&]() -> const Limb* {
                for (const Limb& l : m_puppet.limbs)
                    if (l.name != s.subject && !l.segments.empty() &&
                        std::find(skinned.begin(), skinned.end(), l.name) == skinned.end())
                        return &l;
                return nullptr;
            };
            if (s.kind == StepKind::skin) {
                if (!hard.empty())
                    s.grip = Grip::hard_part, s.heldBy = hard;
                else if (feet)
                    s.grip = Grip::wire_ends;
                else if (const Limb* l = bare())
                    s.grip = Grip::bare_limb, s.heldBy = l->name;
                else
                    s.grip = Grip::wet_only;
                skinned.push_back(s.subject);
                continue;
            }
            if (feet) {
                s.grip = Grip::wire_ends;
                continue;
            }
            // Paint goes on all that carries a scheme: what carries another, or cloth, stays dry.
            const auto other = std::find_if(m_choice.parts.begin(), m_choice.parts.end(), [&](const fill::Part& p) {
                return p.volume_mm3 > 0 && (p.layers.scheme.empty() || p.covered_mm2 > 0);
            });
            if (other != m_choice.parts.end())
                s.grip = Grip::dry_part, s.heldBy = other->label;
            else
                s.grip = Grip::wet_only;
        }
    }

    const Puppet& m_puppet;
    const choice::PuppetChoice& m_choice;
    const fill::Shelf& m_shelf;
    Plan m_plan;
    std::map<int, int> m_wire, m_skin, m_late; // step by limb; late: after the oven
    std::vector<int> m_filled, m_hard;
    std::vector<std::pair<int, int>> m_racks; ///< limb, step
    bool m_baked = false;
    int m_sheets = -1, m_base = -1, m_putty = -1, m_holes = 0;
};

} // namespace

Plan calcPlan(const Puppet& puppet, const choice::PuppetChoice& choice, const std::vector<choice::Cut>& cuts,
              const fill::BakePlan& bakes, const fill::Shelf& shelf, const std::vector<SchemeWork>& schemes) {
    if (puppet.limbs.empty()) return {};
    Planner p(puppet, choice, shelf);
    p.wires(cuts);
    p.frame();
    p.fillAndSkin(bakes);
    p.dry();
    p.bake(bakes);
    p.finish(schemes);
    return p.schedule();
}

} // namespace enkinet::make
