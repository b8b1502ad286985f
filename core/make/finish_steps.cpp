// The end of the work: paint, cloth, what sits on the body, and the order of all steps.
#include "base/normal.h"
#include "make/planner.h"
#include "make/rates.h"
#include "make/reach.h"
#include "schedule/list_schedule.h"
#include <algorithm>
#include <cmath>

namespace enkinet::make {

using namespace body;

namespace {

/// Tape or a stencil along the edge of a place, part by part; texture and features are their own edge.
constexpr double kMask = 3;
double maskMinutes(const paint::Laid& l, std::size_t parts) {
    const bool edge = l.zone == paint::Zone::front || l.zone == paint::Zone::back || l.zone == paint::Zone::stretch;
    return edge ? kMask * static_cast<double>(parts) : 0;
}
// Typical hands-on minutes.
constexpr double kCoat = 3, kCoatCm2 = 0.2, kCoverPart = 10, kCoverCm2 = 0.3, kPlant = 10;
constexpr double kFeature = 3, kSheet = 8, kSheetCm2 = 0.15, kRun = 20, kTry = 3, kVariant = 60, kGlueHands = 3,
                 kGlueWait = 15;
} // namespace

void Planner::finish(const std::vector<SchemeWork>& schemes) {
    // One look before everything is sealed, behind all coats that a varnish lies on.
    int seal = -1;
    for (const SchemeWork& s : schemes)
        if (!s.laid.empty() && s.laid.back().role == paint::Role::varnish && s.laid.size() > 1) {
            if (seal < 0) seal = add(StepKind::gate, "seal", m_puppet.name, kGate);
            const paint::Laid& under = s.laid[s.laid.size() - 2];
            at(seal).gate.push_back(
                {Check::sheen, s.name, static_cast<double>(s.laid.size() - 1), under.dry_min / 60, false});
        }
    for (const SchemeWork& s : schemes) {
        // What hardens together is painted together, as soon as it is hard.
        std::map<std::vector<int>, std::vector<int>> byHard;
        for (int part : s.parts) {
            const auto own = m_hardOf.find(limbOf(m_choice.parts[static_cast<std::size_t>(part)]));
            std::vector<int> hard = own != m_hardOf.end() ? own->second : m_hard;
            // The frame is one piece: while a load is still to come, all of it is.
            for (int h : m_hard)
                if (at(h).kind == StepKind::bake) hard.push_back(h);
            std::sort(hard.begin(), hard.end());
            hard.erase(std::unique(hard.begin(), hard.end()), hard.end());
            byHard[hard].push_back(part);
        }
        for (const auto& [hard, parts] : byHard) {
            double surface = 0;
            for (int i : parts)
                surface += m_choice.parts[static_cast<std::size_t>(i)].bare_mm2();
            const double share = s.surface_mm2 > 0 ? surface / s.surface_mm2 : 1;
            std::string where = s.id + (s.clay.empty() ? "" : ":" + s.clay);
            std::string whom = s.name;
            if (byHard.size() > 1) {
                const int first = limbOf(m_choice.parts[static_cast<std::size_t>(parts.front())]);
                where += ":" + limb(first).id, whom += ", " + limbName(first);
            }
            int below = -1, beginning = -1, open = -1;
            for (const paint::Laid& l : s.laid) {
                const bool sealing = seal >= 0 && below >= 0 && &l == &s.laid.back() && l.role == paint::Role::varnish;
                if (sealing) after(seal, below, Reason::coat_below_dry);
                const bool sprayed = l.role == paint::Role::varnish || l.role == paint::Role::primer;
                const Caution caution = sprayed                       ? Caution::air_spray
                                        : l.role == paint::Role::base ? Caution::air_if_sprayed
                                                                      : Caution::none;
                const int coat =
                    add(StepKind::paint, where + ":" + std::to_string(&l - s.laid.data() + 1), whom,
                        l.coats * (kCoat + kCoatCm2 * l.share * surface / 100) + maskMinutes(l, parts.size()),
                        l.dry_min, sprayed ? Tool::spray : Tool::drying_rack, caution);
                at(coat).zone = l.zone, at(coat).from = l.from, at(coat).to = l.to;
                at(coat).role = l.role, at(coat).detail = l.card->name, at(coat).amount = l.ml * share;
                use(coat, document::Ware::paint, l.card->id, l.ml * share * fill::kWaste);
                at(coat).rests = false;
                if (sealing)
                    after(coat, seal, Reason::last_look);
                else if (below >= 0)
                    after(coat, below, Reason::coat_below_dry);
                else {
                    for (int h : hard)
                        after(coat, h, Reason::clay_raw_until_baked);
                    m_first.push_back(coat);
                }
                below = coat;
                if (beginning < 0) beginning = coat;
                if (!sealing) open = coat;
            }
            if (open >= 0) m_coats.push_back({parts, beginning, open});
            if (below >= 0) m_painted.push_back(below);
        }
    }
    m_cover = perLimb(
        StepKind::cover, Caution::blade, [](const fill::Part& p) { return p.cover.mass_g > 0 && p.volume_mm3 > 0; },
        [](const fill::Part& p) { return kCoverPart + kCoverCm2 * p.surface_mm2 / 100; });
    const int closing = m_closing = m_cover.empty() ? -1 : add(StepKind::gate, "cover", m_puppet.name, kGate);
    if (closing >= 0) {
        for (const fill::Part& p : m_choice.parts)
            if (p.covered_mm2 > 0 && p.volume_mm3 > 0 && p.mass < 0 && gapsOf(p) > 0)
                at(closing).gate.push_back(
                    {Check::closed, p.label, static_cast<double>(gapsOf(p)), p.layers.cover_mm, false});
    }
    // Where nothing hardens and nothing is painted the look is at what was put on.
    if (closing >= 0 && m_hard.empty() && m_painted.empty()) {
        for (int f : m_filled)
            after(closing, f, Reason::core_before_skin);
        for (const auto& [limb, late] : m_late)
            after(closing, late, Reason::core_before_skin);
    }
    for (const auto& [limb, step] : m_cover) {
        after(step, closing, Reason::last_look);
        for (const auto& before : {m_hard, m_painted})
            for (int b : before)
                if (std::none_of(at(closing).after.begin(), at(closing).after.end(),
                                 [&](const After& a) { return a.step == b; }))
                    after(closing, b, Reason::nothing_hard_yet);
        for (int h : m_hard)
            after(step, h, Reason::heat_before_cloth);
        for (int c : m_painted)
            after(step, c, Reason::paint_before_cloth);
        if (m_hard.empty())
            for (int f : m_filled)
                after(step, f, Reason::core_before_skin);
    }
    if (m_base < 0) return;
    const int plant = m_plant = add(StepKind::tie_down, "", m_puppet.name, kPlant);
    after(plant, m_base, Reason::holes_before_feet);
    for (int c : m_painted)
        after(plant, c, Reason::handled_last);
    for (const auto& [limb, step] : m_cover)
        after(plant, step, Reason::handled_last);
    for (int h : m_hard)
        after(plant, h, Reason::handled_last);
    if (m_hard.empty() && m_painted.empty() && m_cover.empty()) after(plant, m_putty, Reason::handled_last);
}

void Planner::between(int step, int limb, Stage before) {
    const auto behind = [&](const std::map<int, int>& steps, Reason why) {
        const auto found = steps.find(limb);
        if (found == steps.end()) return false;
        after(step, found->second, why);
        return true;
    };
    const auto ahead = [&](int next) {
        if (next >= 0 && next != step) after(next, step, Reason::there_before);
    };
    const auto of = [&](const std::map<int, int>& steps) {
        const auto found = steps.find(limb);
        return found == steps.end() ? -1 : found->second;
    };
    const auto ofSkin = [&] { return of(m_skin) >= 0 ? of(m_skin) : of(m_late); };
    const auto wire = [&] {
        if (!behind(m_bound, Reason::sits_on_it)) behind(m_wire, Reason::sits_on_it);
    };
    const auto hard = [&] {
        const auto own = m_hardOf.find(limb);
        for (int h : own != m_hardOf.end() ? own->second : m_hard)
            after(step, h, Reason::sits_on_it);
        if (own == m_hardOf.end() && m_hard.empty() && !behind(m_skin, Reason::sits_on_it)) wire();
    };
    switch (before) {
    case Stage::wire:
        after(step, m_sheets, Reason::marks_from_sheet);
        ahead(of(m_bound));
        break;
    case Stage::bulk:
        wire();
        ahead(of(m_bulk) >= 0 ? of(m_bulk) : ofSkin());
        break;
    case Stage::skin:
        if (!behind(m_bulk, Reason::sits_on_it)) wire();
        ahead(ofSkin());
        break;
    case Stage::bake:
        if (!behind(m_skin, Reason::sits_on_it) && !behind(m_bulk, Reason::sits_on_it)) wire();
        if (const auto looks = m_looks.find(limb); looks != m_looks.end())
            for (int look : looks->second)
                ahead(look);
        break;
    case Stage::paint:
        hard();
        for (int first : m_first)
            ahead(first);
        break;
    case Stage::cover:
        hard();
        for (int c : m_painted)
            after(step, c, Reason::handled_last);
        ahead(m_closing);
        break;
    case Stage::shoot:
        hard();
        for (int c : m_painted)
            after(step, c, Reason::handled_last);
        for (const auto& [l, c] : m_cover)
            after(step, c, Reason::handled_last);
        break;
    }
}

void Planner::things(const std::vector<fill::FeatureWork>& features) {
    const Things& t = m_puppet.things;
    std::vector<int> last;
    std::map<std::string, int> featureSteps;
    for (std::size_t i = 0; i < t.features.size(); ++i) {
        const Feature& f = t.features[i];
        const fill::FeatureWork& w = features[i];
        const int n = w.count() + f.spares;
        const int step = add(StepKind::feature, f.id, f.name, w.minutes.value > 0 ? w.minutes.value : kFeature * n);
        at(step).amount = n;
        between(step, findHostLimb(m_puppet, f.on), f.before);
        featureSteps[f.id] = step;
        last.push_back(step);
    }
    for (const Feature& f : t.features)
        if (const auto under = featureSteps.find(f.on.feature); under != featureSteps.end())
            after(featureSteps[f.id], under->second, Reason::sits_on_it);
    for (const Sheet& s : t.sheets) {
        const int step = add(StepKind::sheet, s.id, s.name, kSheet + kSheetCm2 * s.length_mm * s.width_mm / 100);
        const bool baked = m_shelf.clays.contains(s.clay) && fill::isOvenBaked(m_shelf.clays.at(s.clay).family);
        between(step, findHostLimb(m_puppet, s.on), s.clay.empty() ? Stage::shoot : baked ? Stage::bake : Stage::paint);
        last.push_back(step);
    }
    for (const Run& r : t.runs) {
        const int step = add(StepKind::run, r.id, r.name, kRun);
        for (std::size_t i = 0; i < m_puppet.limbs.size(); ++i)
            if (m_puppet.limbs[i].id == r.limb) between(step, static_cast<int>(i), Stage::bulk);
    }
    for (const Bond& b : t.bonds) {
        const bool drilled = b.kind == BondKind::pin || b.kind == BondKind::dowel || b.kind == BondKind::rod ||
                             b.kind == BondKind::magnet;
        const int host =
            findHostLimb(m_puppet, b.to) >= 0 ? findHostLimb(m_puppet, b.to) : findHostLimb(m_puppet, b.from);
        // What it joins is there first; what comes on late is joined late.
        Stage before = b.before;
        std::vector<int> joined;
        for (const Spot& end : {b.from, b.to})
            if (const auto f = featureSteps.find(end.feature); f != featureSteps.end()) {
                joined.push_back(f->second);
                for (const Feature& x : t.features)
                    if (x.id == end.feature) before = std::max(before, x.before);
            }
        if (drilled) {
            const int step = add(StepKind::hole, b.id, b.name, kDrillHole, 0, Tool::drill, Caution::eyes);
            if (b.to.base && b.from.base) continue;
            if (b.to.base || b.from.base) {
                after(step, m_sheets, Reason::marks_from_sheet);
                if (m_plant >= 0) after(m_plant, step, Reason::holes_before_feet);
            } else if (host >= 0) {
                between(step, host, b.before);
            }
            last.push_back(step);
        }
        if (b.adhesive.empty() || b.comesOff) continue;
        const int step = add(StepKind::glue, b.id, b.name, kGlueHands, kGlueWait, Tool::bench, Caution::gloves_air);
        at(step).rests = false;
        if (host >= 0 && !b.to.base && !b.from.base) between(step, host, before);
        for (int feature : joined)
            after(step, feature, Reason::sits_on_it);
        if (drilled) after(step, step - 1, Reason::there_before);
        last.push_back(step);
    }
    for (const Prop& p : t.props) {
        const int step = add(StepKind::try_prop, p.id, p.name, kTry);
        between(step, findHostLimb(m_puppet, p.hand), Stage::bake);
    }
    for (const Variant& v : t.variants) {
        const int step = add(StepKind::variant, v.id, v.name, v.minutes > 0 ? v.minutes : kVariant);
        after(step, m_sheets, Reason::marks_from_sheet);
        last.push_back(step);
    }
    if (m_choice.parts.empty() || m_wire.empty()) return;
    const int end = add(StepKind::sign_off, "", m_puppet.name, kGate);
    std::vector<bool> followed(m_plan.steps.size());
    for (const Step& s : m_plan.steps)
        for (const After& a : s.after)
            followed[static_cast<std::size_t>(a.step)] = true;
    for (int i = 0; i < end; ++i)
        if (!followed[static_cast<std::size_t>(i)]) after(end, i, Reason::nothing_hard_yet);
}

void Planner::order() {
    // What hangs on a limb is painted after what it hides there; the greater part of the surface decides, and nothing
    // that would turn in a ring.
    if (m_coats.size() > 1) {
        std::map<std::pair<std::size_t, std::size_t>, double> share;
        for (const Hidden& h : findHidden(m_puppet, m_choice))
            for (std::size_t i = 0; i < m_coats.size(); ++i)
                for (std::size_t k = 0; k < m_coats.size(); ++k) {
                    const auto has = [](const Coats& c, int part) {
                        return std::find(c.parts.begin(), c.parts.end(), part) != c.parts.end();
                    };
                    if (i != k && has(m_coats[i], h.part) && has(m_coats[k], h.by)) share[{i, k}] += h.share;
                }
        std::vector<std::pair<double, std::pair<std::size_t, std::size_t>>> most;
        for (const auto& [pair, sum] : share)
            most.push_back({sum, pair});
        std::stable_sort(most.begin(), most.end(), [](const auto& a, const auto& b) { return a.first > b.first; });
        for (const auto& [sum, pair] : most) {
            const int under = m_coats[pair.first].last, over = m_coats[pair.second].first;
            if (findChain(m_plan.steps, under, over).empty()) after(over, under, Reason::reach_before_closed);
        }
    }
    const auto find = [&](const std::string& id) {
        for (std::size_t i = 0; i < m_plan.steps.size(); ++i)
            if (m_plan.steps[i].id == id) return static_cast<int>(i);
        return -1;
    };
    for (std::size_t i = 0; i < m_puppet.wants.order.size(); ++i) {
        const int first = find(m_puppet.wants.order[i].first), then = find(m_puppet.wants.order[i].then);
        // Steps that the design no longer has say nothing.
        if (first < 0 || then < 0) continue;
        if (first == then || !findChain(m_plan.steps, first, then).empty())
            m_plan.refused.push_back(static_cast<int>(i));
        else
            after(then, first, Reason::own_order);
    }
    // What was asked for by name goes before a habit.
    habits();
}

std::vector<int> Planner::findBegun() const {
    const body::Skeleton& s = m_choice.rest;
    std::vector<int> limbs;
    const auto take = [&](int limb) {
        if (std::find(limbs.begin(), limbs.end(), limb) == limbs.end()) limbs.push_back(limb);
    };
    if (m_puppet.wants.begin == Begin::head) {
        // The highest point of all, masses and their half axes too.
        double top = -1e9;
        int limb = -1;
        for (const Link& l : s.links)
            if (const double y = std::max(l.from.y, l.to.y); y > top)
                top = y, limb = s.copies[static_cast<std::size_t>(l.copy)].limb;
        for (const MassCopy& m : s.masses) {
            const Link& l = s.links[static_cast<std::size_t>(m.link)];
            const double y = m.at.y + m_puppet.masses[static_cast<std::size_t>(m.mass)].half_mm.y;
            if (y > top) top = y, limb = s.copies[static_cast<std::size_t>(l.copy)].limb;
        }
        if (limb >= 0) take(limb);
    }
    for (std::size_t i = 0; i < m_puppet.limbs.size(); ++i) {
        if (m_puppet.wants.begin == Begin::feet && m_puppet.limbs[i].tieDown) take(static_cast<int>(i));
        if (m_puppet.wants.begin == Begin::body && m_puppet.limbs[i].hangsOnLimb.empty()) take(static_cast<int>(i));
    }
    return limbs;
}

void Planner::habits() {
    const std::vector<int> begun = findBegun();
    for (int limb : begun)
        for (const auto& [other, step] : m_skin)
            if (const auto own = m_skin.find(limb);
                own != m_skin.end() && std::find(begun.begin(), begun.end(), other) == begun.end())
                wish(own->second, step);
    if (m_base < 0 || m_puppet.wants.baseTurn == BaseTurn::as_it_falls) return;
    for (std::size_t i = 0; i < m_plan.steps.size(); ++i) {
        const int step = static_cast<int>(i);
        if (m_puppet.wants.baseTurn == BaseTurn::first)
            wish(m_base, step);
        else
            wish(step, m_base);
    }
}

void Planner::batches() {
    const std::size_t whole = m_plan.steps.size();
    for (std::size_t i = 0; i < whole; ++i) {
        if (m_plan.steps[i].working_min <= 0) continue;
        // What sets in the pot is not left for the night.
        m_plan.steps[i].rests = false;
        // Nine in ten builders, none of whom is known yet, are done with each within its time.
        const double slow = std::exp(kNineInTen * std::hypot(kRatePrior, kRateScatter));
        const int mixes =
            static_cast<int>(std::ceil(slow * m_plan.steps[i].hands_min / m_plan.steps[i].working_min - 1e-9));
        if (mixes < 2) continue;
        // The last mix keeps the step's place, so that what waits for it waits for all of it.
        const Step like = m_plan.steps[i];
        int before = -1;
        for (int k = 1; k <= mixes; ++k) {
            Step part = like;
            part.hands_min /= mixes, part.amount /= mixes, part.mix = k, part.mixes = mixes;
            for (document::Use& u : part.uses)
                u.amount /= mixes;
            if (k < mixes) part.wait_min = 0;
            part.id += ":" + std::to_string(k);
            if (before >= 0) part.after = {{before, Reason::mixed_again}};
            if (k < mixes) {
                before = static_cast<int>(m_plan.steps.size());
                m_plan.steps.push_back(std::move(part));
            } else {
                m_plan.steps[i] = std::move(part);
            }
        }
    }
}

Plan Planner::schedule() {
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

void Planner::findGrips() {
    Phrase hard;
    std::vector<Phrase> skinned;
    const bool feet =
        std::any_of(m_puppet.limbs.begin(), m_puppet.limbs.end(), [](const Limb& l) { return l.tieDown.has_value(); });
    for (Step& s : m_plan.steps) {
        if (s.kind == StepKind::bake || s.kind == StepKind::dry || s.kind == StepKind::set_putty) {
            if (s.kind != StepKind::set_putty) hard = s.subject;
            continue;
        }
        if (s.kind != StepKind::skin && s.kind != StepKind::coat && s.kind != StepKind::paint &&
            s.kind != StepKind::cover)
            continue;
        const auto bare = [&]() -> const Limb* {
            for (const Limb& l : m_puppet.limbs)
                if (l.name != s.subject && !l.segments.empty() &&
                    std::find(skinned.begin(), skinned.end(), l.name) == skinned.end())
                    return &l;
            return nullptr;
        };
        if (s.kind == StepKind::skin || s.kind == StepKind::coat) {
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

} // namespace enkinet::make
