#include "plan/steps.h"
#include "choice/choose.h"
#include <algorithm>
#include <cmath>

namespace enkinet::plan {

using namespace body;

namespace {

// Typical hands-on minutes.
constexpr double kPrint = 10, kCutPiece = 1.5, kTwistCopy = 4, kDrillHole = 4, kDrillSetUp = 5, kBindCopy = 6,
                 kBindFinger = 3;
constexpr double kPuttySegment = 2, kBulkPart = 2, kBulkCm3 = 0.5, kSkinPart = 5, kSkinCm2 = 0.4, kGate = 10, kOven = 5,
                 kCool = 40;
constexpr double kCoat = 3, kCoatCm2 = 0.2, kCoverPart = 10, kCoverCm2 = 0.3, kPlant = 10;
constexpr double kGlue_min = 15;

class Planner {
public:
    Planner(const Puppet& p, const choice::PuppetChoice& c) : m_puppet(p), m_choice(c) {}

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
        m_putty = add(StepKind::set_putty, m_puppet.name, kPuttySegment * stiff,
                      fill::findPuttyHours(fill::kRoom_C) * 60, Tool::drying_rack, Caution::gloves_air);
        for (const auto& [limb, step] : bound)
            after(m_putty, step, Reason::wire_first);
        if (bound.empty())
            for (const auto& [limb, step] : m_wire)
                after(m_putty, step, Reason::wire_first);
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

    void fillAndBake(const std::vector<fill::BakeBatch>& bakes, const fill::Shelf& shelf) {
        const auto bulk = perLimb(
            StepKind::bulk, Caution::none, [](const fill::Part& p) { return p.bulk.mass_g > 0; },
            [](const fill::Part& p) { return kBulkPart + kBulkCm3 * p.bulk.volume_mm3 / 1000; });
        const auto skin = perLimb(
            StepKind::skin, Caution::none, [](const fill::Part& p) { return p.skin.mass_g > 0; },
            [](const fill::Part& p) { return kSkinPart + kSkinCm2 * p.surface_mm2 / 100; });
        for (const auto& [limb, step] : bulk)
            after(step, m_putty, Reason::stiff_before_bulk);
        for (const auto& [limb, step] : skin) {
            const auto under = bulk.find(limb);
            after(step, under != bulk.end() ? under->second : m_putty,
                  under != bulk.end() ? Reason::core_before_skin : Reason::stiff_before_bulk);
        }
        for (const fill::Part& p : m_choice.parts) {
            const Link& link = m_choice.skeleton.links[static_cast<std::size_t>(p.link)];
            const int limb = m_choice.skeleton.copies[static_cast<std::size_t>(link.copy)].limb;
            if (p.skin.mass_g > 0)
                at(skin.at(limb)).amount += p.skin.mass_g,
                    at(skin.at(limb)).detail = shelf.clays.at(p.layers.clay).name;
            if (p.bulk.mass_g > 0)
                at(bulk.at(limb)).amount += p.bulk.mass_g,
                    at(bulk.at(limb)).detail = shelf.bulks.at(p.layers.bulk).name;
        }
        for (const auto& [limb, step] : bulk)
            m_filled.push_back(step);
        for (const auto& [limb, step] : skin)
            m_filled.push_back(step);
        if (m_filled.empty()) return;
        if (!bakes.empty()) {
            const int gate = add(StepKind::gate, m_puppet.name, kGate);
            for (int step : m_filled)
                after(gate, step, Reason::nothing_hard_yet);
            int last = gate;
            for (const fill::BakeBatch& b : bakes) {
                const double minutes = std::isnan(b.minutes) ? 24 * 60 : b.minutes;
                const int bake =
                    add(StepKind::bake, m_puppet.name, kOven, minutes + kCool, Tool::oven, Caution::air_oven);
                at(bake).amount = b.set_C;
                after(bake, last, Reason::nothing_hard_yet);
                last = bake;
            }
            m_hard.push_back(last);
        }
        for (const fill::Part& p : m_choice.parts) {
            if (p.skin.mass_g <= 0) continue;
            const fill::ClayCard& clay = shelf.clays.at(p.layers.clay);
            if (clay.family != fill::ClayFamily::air_dry && clay.family != fill::ClayFamily::putty) continue;
            const int limb =
                m_choice.skeleton
                    .copies[static_cast<std::size_t>(m_choice.skeleton.links[static_cast<std::size_t>(p.link)].copy)]
                    .limb;
            const double hours = clay.family == fill::ClayFamily::air_dry ? fill::findDryHours(p.layers.skin_mm)
                                                                          : fill::findPuttyHours(fill::kRoom_C);
            const int dry = add(StepKind::dry, p.label, 0, hours * 60, Tool::drying_rack);
            after(dry, skin.at(limb), Reason::core_before_skin);
            m_hard.push_back(dry);
        }
    }

    void finish(const std::vector<SchemeWork>& schemes) {
        std::vector<int> painted;
        for (const SchemeWork& s : schemes) {
            int below = -1;
            for (const paint::Laid& l : s.laid) {
                const Caution caution = l.role == paint::Role::varnish || l.role == paint::Role::primer
                                            ? Caution::air_spray
                                            : Caution::none;
                const int coat = add(StepKind::paint, s.name, l.coats * (kCoat + kCoatCm2 * s.surface_mm2 / 100),
                                     l.dry_min, Tool::drying_rack, caution);
                at(coat).role = l.role, at(coat).detail = l.card->name, at(coat).amount = l.ml;
                if (below >= 0)
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
        for (const auto& [limb, step] : cover) {
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
        double hands = 0;
        std::vector<double> done(m_plan.steps.size());
        std::vector<bool> placed(m_plan.steps.size());
        std::vector<Step> order;
        std::vector<int> newIndex(m_plan.steps.size());
        for (std::size_t n = 0; n < m_plan.steps.size(); ++n) {
            // Of the steps that may begin, the one that can begin first; the earlier in the bench's own order on a tie.
            int next = -1;
            double start = 0;
            for (std::size_t i = 0; i < m_plan.steps.size(); ++i) {
                if (placed[i]) continue;
                double ready = hands;
                bool may = true;
                for (const After& a : m_plan.steps[i].after) {
                    may = may && placed[static_cast<std::size_t>(a.step)];
                    ready = std::max(ready, done[static_cast<std::size_t>(a.step)]);
                }
                if (may && (next < 0 || ready < start)) next = static_cast<int>(i), start = ready;
            }
            ENKINET_ASSERT(next >= 0); // rules point backwards only, so there is no circle
            Step& s = m_plan.steps[static_cast<std::size_t>(next)];
            s.start_min = start;
            hands = start + s.hands_min;
            done[static_cast<std::size_t>(next)] = hands + s.wait_min;
            placed[static_cast<std::size_t>(next)] = true;
            newIndex[static_cast<std::size_t>(next)] = static_cast<int>(n);
            m_plan.hands_min += s.hands_min, m_plan.wait_min += s.wait_min;
            m_plan.elapsed_min = std::max(m_plan.elapsed_min, done[static_cast<std::size_t>(next)]);
            order.push_back(s);
        }
        for (Step& s : order)
            for (After& a : s.after)
                a.step = newIndex[static_cast<std::size_t>(a.step)];
        m_plan.steps = std::move(order);
        return std::move(m_plan);
    }

private:
    const Puppet& m_puppet;
    const choice::PuppetChoice& m_choice;
    Plan m_plan;
    std::map<int, int> m_wire;
    std::vector<int> m_filled, m_hard;
    int m_sheets = -1, m_base = -1, m_putty = -1, m_holes = 0;
};

} // namespace

Plan calcPlan(const Puppet& puppet, const choice::PuppetChoice& choice, const std::vector<choice::Cut>& cuts,
              const std::vector<fill::BakeBatch>& bakes, const fill::Shelf& shelf,
              const std::vector<SchemeWork>& schemes) {
    if (puppet.limbs.empty()) return {};
    Planner p(puppet, choice);
    p.wires(cuts);
    p.frame();
    p.fillAndBake(bakes, shelf);
    p.finish(schemes);
    return p.schedule();
}

} // namespace enkinet::plan
