#include "production/report.h"
#include "base/text.h"
#include <algorithm>
#include <cmath>
#include <iterator>
#include <set>

namespace enkinet::production {

ENKINET_COMPARED_BODY(Report)

namespace {

/// A torsion worth a key: share of the hold.
constexpr double kKeyShare = 0.1;
constexpr double kJump = 2;        ///< of skin from one part to the next
constexpr double kSlender = 8;     ///< length over thickness of cured clay without wire
constexpr double kCutApart_mm = 2; ///< by which a cut wire may differ from the one that is wanted
constexpr auto kNoState = choice::State::holds;

/// Advice that may be left as it is, with the word that a file keeps it under.
constexpr std::pair<const char*, Issue> kLeavable[] = {{"order", Issue::order},
                                                       {"key", Issue::wants_key},
                                                       {"twist", Issue::twist_hard},
                                                       {"skin-jump", Issue::skin_jump},
                                                       {"slender", Issue::slender},
                                                       {"wet-grip", Issue::wet_grip},
                                                       {"bare", Issue::nothing_outside},
                                                       {"coat-order", Issue::coat_order},
                                                       {"marks", Issue::finger_marks},
                                                       {"varnish", Issue::varnish_cracks},
                                                       {"rust", Issue::rusts},
                                                       {"unsealed", Issue::unsealed},
                                                       {"soft-paint", Issue::paint_on_soft},
                                                       {"test", Issue::test_contradicts}};

class Reporter {
public:
    Reporter(const Production& p, int puppet, Report& r, fill::BakeMemo& bakes)
        : m_production(p), m_puppet(p.puppets[static_cast<std::size_t>(puppet)]), m_r(r), m_bakes(bakes) {}

    void sheet() {
        if (m_puppet.limbs.empty()) {
            add({Station::sheet, Issue::no_limbs, -1, -1, -1, kNoState, 0, 0, m_puppet.name});
            return;
        }
        if (m_r.choice.skeleton.supportLinks.empty())
            add({Station::sheet, Issue::no_support, -1, -1, -1, kNoState, 0, 0, m_puppet.name});
        // As it is built: a figure that bows is not drawn too low.
        for (const fill::Part& p : m_r.choice.parts) {
            if (p.mass >= 0) {
                const body::MassCopy& c = m_r.choice.rest.masses[static_cast<std::size_t>(p.mass)];
                m_r.top_mm = std::max(m_r.top_mm, c.at.y + m_puppet.masses[static_cast<std::size_t>(c.mass)].half_mm.y);
            } else {
                const body::Link& l = m_r.choice.rest.links[static_cast<std::size_t>(p.link)];
                const auto& stations = m_puppet.limbs[limbOf(l)].segments[static_cast<std::size_t>(l.segment)].stations;
                const body::Frame f = body::findFrame(l);
                for (double at : {0.0, 1.0}) {
                    const body::Station s = stations.empty() ? body::Station{} : body::findStation(stations, at);
                    // How far the end's ellipse reaches above the axis.
                    m_r.top_mm = std::max(m_r.top_mm, l.from.y + at * (l.to.y - l.from.y) +
                                                          std::hypot(s.a_mm * f.a.y, s.b_mm * f.b.y));
                }
            }
        }
        // A quadruped's height is taken at the shoulder, so only a figure below its height is surely wrong.
        if (m_r.top_mm < 0.95 * m_puppet.height_mm)
            add({Station::sheet, Issue::height_off, -1, -1, -1, kNoState, m_r.top_mm, m_puppet.height_mm,
                 m_puppet.name});
    }

    void wires() {
        for (const choice::LimbChoice& l : m_r.choice.limbs) {
            const std::string& name = m_puppet.limbs[static_cast<std::size_t>(l.limb)].name;
            const auto& pick = m_puppet.limbs[static_cast<std::size_t>(l.limb)].pick;
            // A pick that an older version took may stand steeper than its strands can lie.
            if (pick && l.reason.needed() && !l.pinned)
                add({Station::wire, Issue::pick_gone, l.limb, -1, -1, kNoState, static_cast<double>(pick->strands),
                     pick->lay_mm, name});
            if (l.chosen < 0) {
                if (!l.reason.needed()) continue;
                add({Station::wire, Issue::no_wire, l.limb, -1, -1, kNoState, 0, 0, name});
                continue;
            }
            if (l.demands.empty())
                add({Station::wire, Issue::not_checked, l.limb, -1, -1, choice::State::not_checked, 0, 0, name});
            if (l.thin)
                add({Station::wire, Issue::thin_reserve, l.limb, -1, -1, kNoState, l.reserve, m_puppet.wants.reserve,
                     name});
            steelInWetClay(l, name);
            for (std::size_t j = 0; j < l.demands.size(); ++j)
                joint(l, j);
            const choice::Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
            const wire::MaterialCard& card = m_r.stock.tableOf(c.spool).card();
            if (const double damage = wire::findTwistDamage(c.bundle, card); damage > wire::kTwistWarn)
                add({Station::wire, Issue::twist_hard, l.limb, -1, -1, kNoState, damage, wire::kTwistWarn, name});
        }
        const auto jointName = [&](int limb, int demand) {
            const choice::LimbChoice& l = m_r.choice.limbs[static_cast<std::size_t>(limb)];
            return m_puppet.limbs[static_cast<std::size_t>(limb)]
                .joints[static_cast<std::size_t>(l.demands[static_cast<std::size_t>(demand)].joint)]
                .name;
        };
        for (const choice::Disorder& d : m_r.choice.disorders)
            add({Station::wire, Issue::order, d.innerLimb, d.innerDemand, -1, kNoState, d.inner_Nmm, d.outer_Nmm,
                 jointName(d.innerLimb, d.innerDemand), jointName(d.outerLimb, d.outerDemand)});
        for (const choice::Cut& c : m_r.cuts) {
            const body::Limb& limb = m_puppet.limbs[static_cast<std::size_t>(c.limb)];
            if (limb.cut_mm && std::abs(*limb.cut_mm - c.finished_mm) > kCutApart_mm)
                add({Station::wire, Issue::cut_differs, c.limb, -1, -1, kNoState, *limb.cut_mm, c.finished_mm,
                     limb.name});
        }
        if (!m_r.choice.settled && !m_r.choice.limbs.empty())
            add({Station::wire, Issue::unsettled, -1, -1, -1, kNoState, 0, 0, m_puppet.name});
        const auto use = choice::calcSpoolUse(m_r.cuts, m_production.stock.spools.size());
        for (std::size_t i = 0; i < use.size(); ++i) {
            const choice::Spool& s = m_production.stock.spools[i];
            if (m_r.stock.calibrations[i].contradicted)
                add({Station::wire, Issue::test_contradicts, -1, -1, -1, kNoState, 0, 0, s.id});
            if (use[i] > s.length_m * 1000)
                add({Station::wire, Issue::spool_short, -1, -1, -1, kNoState, use[i] / 1000, s.length_m, s.id});
        }
    }

    /// Plain steel under clay that dries by its own water.
    void steelInWetClay(const choice::LimbChoice& l, const std::string& name) {
        const choice::Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
        const wire::MaterialCard& card = m_r.stock.tableOf(c.spool).card();
        if (!card.rusts) return;
        for (const fill::Part& p : m_r.choice.parts)
            if (p.link >= 0 && p.skin.mass_g > 0 &&
                static_cast<int>(limbOf(m_r.choice.skeleton.links[static_cast<std::size_t>(p.link)])) == l.limb &&
                m_r.shelf.clays.at(p.layers.clay).family == fill::ClayFamily::air_dry) {
                add({Station::wire, Issue::rusts, l.limb, -1, -1, kNoState, 0, 0, name, card.name});
                return;
            }
    }

    /// A limb that was drawn with a body and has none left outside its parent.
    void swallowed() {
        for (std::size_t i = 0; i < m_puppet.limbs.size(); ++i) {
            const body::Limb& limb = m_puppet.limbs[i];
            bool drawn = false, left = false;
            for (const fill::Part& p : m_r.choice.parts) {
                if (p.mass >= 0) continue;
                const body::Link& link = m_r.choice.rest.links[static_cast<std::size_t>(p.link)];
                if (limbOf(link) != i) continue;
                drawn = drawn || !limb.segments[static_cast<std::size_t>(link.segment)].stations.empty();
                left = left || p.volume_mm3 > 0;
            }
            if (drawn && !left)
                add({Station::sheet, Issue::swallowed, static_cast<int>(i), -1, -1, kNoState, 0, 0, limb.name});
        }
    }

    /// Paint that will not stay on what it is meant for.
    void grounds() {
        std::set<std::string> said;
        for (const PaintedPart& painted : m_r.painted) {
            const fill::Part& p = m_r.choice.parts[static_cast<std::size_t>(painted.part)];
            if (isRightTwin(p) || p.layers.clay.empty() || painted.laid.empty()) continue;
            const fill::ClayCard& clay = m_r.shelf.clays.at(p.layers.clay);
            const auto once = [&](Issue issue, const std::string& other) {
                if (said.insert(std::to_string(static_cast<int>(issue)) + clay.id + painted.scheme).second)
                    add({Station::paint, issue, -1, -1, painted.part, kNoState, 0, 0, p.label, other});
            };
            if (clay.family == fill::ClayFamily::never_dry) once(Issue::paint_on_soft, clay.name);
            const bool varnished = std::any_of(painted.laid.begin(), painted.laid.end(), [](const paint::Laid& l) {
                return l.card->medium == paint::Medium::varnish;
            });
            if (varnished && clay.family == fill::ClayFamily::flexible && p.layers.skinAcrossGaps)
                once(Issue::varnish_cracks, clay.name);
            const paint::Laid& first = painted.laid.front();
            if (clay.family == fill::ClayFamily::air_dry && first.role != paint::Role::primer &&
                first.card->medium == paint::Medium::acrylic)
                once(Issue::unsealed, first.card->name);
        }
    }

    void layers() {
        swallowed();
        grounds();
        std::map<std::string, int> ownColour;
        int bare_ = 0, firstBare = -1;
        for (std::size_t i = 0; i < m_r.choice.parts.size(); ++i) {
            const fill::Part& p = m_r.choice.parts[i];
            const int part = static_cast<int>(i);
            const body::Layers& l = p.layers;
            if (p.volume_mm3 <= 0 || isRightTwin(p)) continue;
            if (!l.bulk.empty() && !l.clay.empty() && p.noRoom)
                add({Station::bulk, Issue::no_room_for_bulk, -1, -1, part, kNoState, p.thinnest_mm, l.skin_mm,
                     p.label});
            if (l.bulk.empty() && !l.clay.empty() && p.bakeCore_mm > 0)
                add({Station::bulk, Issue::hollow, -1, -1, part, kNoState, p.bakeCore_mm, p.skinMost_mm, p.label});
            if (!l.clay.empty()) skin(p, part);
            const bool bare = p.covered_mm2 < p.surface_mm2 * (1 - 1e-9);
            if (!l.scheme.empty() || !bare) continue;
            // Clay has a colour of its own; foil that shows was forgotten.
            if (!l.clay.empty())
                ++ownColour[m_r.shelf.clays.at(l.clay).name];
            else if (!l.bulk.empty() && ++bare_ == 1)
                firstBare = part;
        }
        for (const auto& [clay, parts] : ownColour)
            add({Station::paint, Issue::own_colour, -1, -1, -1, kNoState, static_cast<double>(parts), 0, clay});
        if (bare_ > 0)
            add({Station::paint, Issue::nothing_outside, -1, -1, firstBare, kNoState, static_cast<double>(bare_), 0,
                 m_r.choice.parts[static_cast<std::size_t>(firstBare)].label});
        for (const fill::BakeBatch& b : m_r.bakes)
            if (std::isnan(b.minutes)) {
                const int part = b.parts[static_cast<std::size_t>(b.slowest)].part;
                add({Station::skin, Issue::bake_too_long, -1, -1, part, kNoState, 0, b.set_C,
                     m_r.choice.parts[static_cast<std::size_t>(part)].label});
            }
        oven();
        for (const plan::SchemeWork& s : m_r.schemes)
            for (std::size_t i = 1; i < s.laid.size(); ++i)
                if (!paint::mayGoOn(s.laid[i].card->medium, s.laid[i - 1].card->medium))
                    add({Station::paint, Issue::coat_order, -1, -1, -1, kNoState, static_cast<double>(i + 1), 0,
                         s.name});
    }

private:
    std::size_t limbOf(const body::Link& l) const {
        return static_cast<std::size_t>(m_r.choice.skeleton.copies[static_cast<std::size_t>(l.copy)].limb);
    }
    static bool isNote(Issue i) {
        return i == Issue::not_checked || i == Issue::thin_reserve || i == Issue::own_colour;
    }
    void add(OpenPoint p) {
        p.key = keyOf(p);
        const bool left =
            mayLeave(p.issue) && std::find(m_puppet.left.begin(), m_puppet.left.end(), p.key) != m_puppet.left.end();
        (isNote(p.issue) ? m_r.notes : left ? m_r.left : m_r.open).push_back(std::move(p));
    }
    /// Issue and what it is about, by ids where there are any.
    std::string keyOf(const OpenPoint& p) const {
        std::string key = std::to_string(static_cast<int>(p.issue));
        for (const auto& [word, issue] : kLeavable)
            if (issue == p.issue) key = word;
        if (p.limb >= 0) {
            const body::Limb& limb = m_puppet.limbs[static_cast<std::size_t>(p.limb)];
            key += ":" + limb.id;
            if (p.demand >= 0)
                key += "." + limb.joints[static_cast<std::size_t>(m_r.choice.limbs[static_cast<std::size_t>(p.limb)]
                                                                      .demands[static_cast<std::size_t>(p.demand)]
                                                                      .joint)]
                                 .id;
            return key;
        }
        return (key + ":" + p.subject).substr(0, 400);
    }

    bool isRightTwin(const fill::Part& p) const {
        const body::Skeleton& s = m_r.choice.skeleton;
        return p.mass >= 0 ? s.masses[static_cast<std::size_t>(p.mass)].right
                           : s.copies[static_cast<std::size_t>(s.links[static_cast<std::size_t>(p.link)].copy)].right;
    }

    void joint(const choice::LimbChoice& l, std::size_t j) {
        const choice::Verdict& v = l.verdicts[j];
        const choice::Demand& d = l.demands[j];
        const body::Limb& limb = m_puppet.limbs[static_cast<std::size_t>(l.limb)];
        const std::string& name = limb.joints[static_cast<std::size_t>(d.joint)].name;
        const int at = static_cast<int>(j);
        const wire::Bundle& bundle = choice::findTrial(l, l.candidates()[static_cast<std::size_t>(l.chosen)], j).bundle;
        if (const choice::State s = v.state(); s != choice::State::holds) {
            double found = 0, limit = 0;
            switch (s) {
            case choice::State::crowded:
                found = wire::findBundleDiameter(bundle), limit = d.room_mm;
                break;
            case choice::State::slack:
                found = v.bend.hold_Nmm, limit = d.needed_Nmm;
                break;
            case choice::State::stiff:
                found = v.effort_N, limit = d.effortLimit_N();
                break;
            case choice::State::springy:
                found = v.springback_rad, limit = d.springLimit_rad;
                break;
            case choice::State::tired:
                found = v.life_s, limit = d.needFilm_s;
                break;
            case choice::State::holds:
            case choice::State::not_checked:
                break;
            }
            add({Station::wire, Issue::limb_state, l.limb, at, -1, s, found, limit, name});
        }
        if (v.effort_Nmm > d.marks_Nmm && v.effort_Nmm <= d.effortLimit_Nmm)
            add({Station::wire, Issue::finger_marks, l.limb, at, -1, kNoState, v.effort_Nmm, d.marks_Nmm, name});
        // Once a limb: one wire runs through it, and the first joint that twists it speaks.
        const bool keyed = std::any_of(m_r.open.begin(), m_r.open.end(), [&](const OpenPoint& p) {
            return p.issue == Issue::wants_key && p.limb == l.limb;
        });
        if (!keyed && bundle.strands == 1 && d.load.torsion_Nmm > kKeyShare * d.load.load_Nmm)
            add({Station::wire, Issue::wants_key, l.limb, at, -1, kNoState, d.load.torsion_Nmm, 0, name});
    }

    void oven() {
        const auto& parts = m_r.choice.parts;
        const auto labelOf = [&](int part) { return parts[static_cast<std::size_t>(part)].label; };
        if (const fill::HeatEntry* worst = m_r.bakePlan.worst(); worst && worst->over())
            add({Station::skin, Issue::heat_spent, -1, -1, worst->part, kNoState, worst->atHeat_min, worst->limit_min,
                 labelOf(worst->part), std::to_string(worst->bakes)});
        // What never gets hot in a day is said by bake_too_long.
        for (int part : m_r.bakePlan.raw)
            if (!isRightTwin(parts[static_cast<std::size_t>(part)]) &&
                !std::isnan(
                    fill::calcCure(parts[static_cast<std::size_t>(part)], m_r.shelf,
                                   m_r.shelf.clays.at(parts[static_cast<std::size_t>(part)].layers.clay).set_C)))
                add({Station::skin, Issue::left_raw, -1, -1, part, kNoState, 0, 0, labelOf(part)});
        std::set<std::string> said;
        for (const plan::Step& s : m_r.plan.steps)
            for (const plan::GateItem& g : s.gate)
                if (g.stop && (g.check == plan::Check::take_out || g.check == plan::Check::scorches) &&
                    said.insert(g.subject).second)
                    add({Station::skin, Issue::not_in_oven, -1, -1, -1, kNoState, g.b, g.a, g.subject});
        for (const fill::Overhang& o : fill::calcOverhangs(m_puppet, m_r.choice.rest, m_r.choice.own, parts, m_r.shelf))
            if (o.sags() && !isRightTwin(parts[static_cast<std::size_t>(o.part)]))
                add({Station::skin, Issue::sags, -1, -1, o.part, kNoState, o.stress_MPa, o.strength_MPa,
                     labelOf(o.part), plain(std::round(o.prop.y))});
        // One reason, said once.
        int wet = 0;
        std::string first;
        for (const plan::Step& s : m_r.plan.steps)
            if (s.grip == plan::Grip::wet_only && wet++ == 0) first = s.subject;
        if (wet > 0) add({Station::plan, Issue::wet_grip, -1, -1, -1, kNoState, static_cast<double>(wet), 0, first});
        for (const plan::Step& s : m_r.plan.steps)
            if (s.working_min > 0 && s.hands_min > s.working_min)
                add({Station::plan, Issue::sets_too_soon, -1, -1, -1, kNoState, s.hands_min, s.working_min, s.subject});
        for (const body::OvenLoad& load : m_puppet.wants.loads)
            if (m_puppet.wants.bakes == body::BakeSchool::own)
                for (int part : fill::findNeverBaked(m_puppet, m_r.choice.rest, parts, m_r.shelf, load))
                    if (!isRightTwin(parts[static_cast<std::size_t>(part)]))
                        add({Station::skin, Issue::never_baked, -1, -1, part, kNoState, 0, 0, labelOf(part),
                             load.name});
    }

    void skin(const fill::Part& p, int part) {
        const fill::ClayCard& clay = m_r.shelf.clays.at(p.layers.clay);
        if (p.skinLeast_mm < clay.thinnest_mm)
            add({Station::skin, Issue::skin_thin, -1, -1, part, kNoState, p.skinLeast_mm, clay.thinnest_mm, p.label});
        if (p.skinMost_mm > clay.thickest_mm)
            add({Station::skin, Issue::skin_thick, -1, -1, part, kNoState, p.skinMost_mm, clay.thickest_mm, p.label});
        if (p.mass >= 0) return;
        const body::Link& link = m_r.choice.skeleton.links[static_cast<std::size_t>(p.link)];
        const body::Limb& limb = m_puppet.limbs[limbOf(link)];
        const auto at = static_cast<std::size_t>(link.segment);
        // A joint's neighbours meet in thickness; the one nearer the root speaks.
        if (at + 1 < limb.segments.size()) {
            const body::Segment &mine = limb.segments[at], &next = limb.segments[at + 1];
            if (!next.layers.clay.empty() && !next.layers.bulk.empty() && !p.layers.bulk.empty() &&
                !next.stations.empty() && !mine.stations.empty()) {
                const double here = body::findSkin(mine, 1), there = body::findSkin(next, 0);
                if (std::max(here / there, there / here) > kJump)
                    add({Station::skin, Issue::skin_jump, -1, -1, part, kNoState, here, there, p.label, next.name});
            }
        }
        const bool stiff = clay.family != fill::ClayFamily::flexible && clay.family != fill::ClayFamily::never_dry;
        if (stiff && limb.joints[at + 1].posed == false && at + 1 == limb.segments.size() && p.thinnest_mm > 0 &&
            link.length_mm / (2 * p.thinnest_mm) > kSlender && m_r.choice.limbs[limbOf(link)].chosen < 0)
            add({Station::skin, Issue::slender, -1, -1, part, kNoState, link.length_mm / (2 * p.thinnest_mm), kSlender,
                 p.label});
        if (!p.layers.skinAcrossGaps) return;
        if (clay.family == fill::ClayFamily::flexible) {
            const body::Joint& j = limb.joints[at];
            if (!j.posed || clay.strainLimit <= 0) return;
            const body::Station s = body::findStation(limb.segments[at].stations, 0);
            const double half = std::max(s.a_mm, s.b_mm) - (p.layers.cover.empty() ? 0 : p.layers.cover_mm);
            const double bend = body::findActing(m_puppet.wants.acting) * body::findLargestBend(j);
            const double strain = fill::findSkinStrain(bend, j.gap_mm, half);
            if (strain > clay.strainLimit)
                add({Station::skin, Issue::skin_cracks, -1, -1, part, kNoState, strain, clay.strainLimit, p.label,
                     plain(std::ceil(bend * half / clay.strainLimit))});
            return;
        }
        if (!stiff) return;
        if (const double gap = std::max(link.gapFrom_mm, link.gapTo_mm); gap > 0)
            add({Station::skin, Issue::skin_bridges_joint, -1, -1, part, kNoState, gap, 0, p.label});
    }

    const Production& m_production;
    const body::Puppet& m_puppet;
    Report& m_r;
    fill::BakeMemo& m_bakes;
};

void paintParts(const Production& production, Report& r) {
    struct Key {
        std::string scheme, clay;
        auto operator<=>(const Key&) const = default;
    };
    std::map<Key, plan::SchemeWork> work;
    for (std::size_t i = 0; i < r.choice.parts.size(); ++i) {
        const fill::Part& p = r.choice.parts[i];
        const double bare_mm2 = p.surface_mm2 - p.covered_mm2;
        if (p.layers.scheme.empty() || bare_mm2 <= 0) continue;
        const auto scheme = std::find_if(production.schemes.begin(), production.schemes.end(),
                                         [&](const paint::Scheme& s) { return s.id == p.layers.scheme; });
        const auto clay = r.shelf.clays.find(p.layers.clay);
        const auto ground = paint::parseHex(
            clay == r.shelf.clays.end() || clay->second.colour.empty() ? "#b8b8b8" : clay->second.colour);
        auto laid = paint::calcLaid(*scheme, r.cards->paints, ground ? *ground : paint::Rgb{0.5, 0.5, 0.5}, bare_mm2);
        ENKINET_ASSERT(laid); // makeProduction has checked every name
        plan::SchemeWork& w = work[{p.layers.scheme, p.layers.clay}];
        w.name = scheme->name;
        w.surface_mm2 += bare_mm2;
        if (w.laid.empty())
            w.laid = *laid;
        else
            for (std::size_t k = 0; k < w.laid.size(); ++k)
                w.laid[k].ml += (*laid)[k].ml;
        r.painted.push_back({static_cast<int>(i), p.layers.scheme, laid.take()});
    }
    for (auto& [key, w] : work)
        r.schemes.push_back(std::move(w));
}

} // namespace

bool mayLeave(Issue issue) {
    return std::any_of(std::begin(kLeavable), std::end(kLeavable), [&](const auto& x) { return x.second == issue; });
}

choice::Stock makeStock(const Production& production, const Cards& cards, wire::TableShelf& tables,
                        const std::stop_token& stop) {
    choice::Stock stock;
    stock.spools = production.stock.spools, stock.work = production.stock.shop.work;
    for (const choice::Spool& s : stock.spools)
        for (const wire::MaterialCard& c : cards.wires)
            if (c.id == s.material && !stock.tables.contains(c.id)) stock.tables[c.id] = tables.find(c, stop);
    const auto testsOf = [](const auto& all, const std::string& spool) {
        std::decay_t<decltype(all)> own;
        std::copy_if(all.begin(), all.end(), std::back_inserter(own), [&](const auto& t) { return t.spool == spool; });
        return own;
    };
    for (const choice::Spool& s : stock.spools)
        stock.calibrations.push_back(wire::calcCalibration(*stock.tables.at(s.material),
                                                           testsOf(production.stock.bendTests, s.id),
                                                           testsOf(production.stock.hangTests, s.id)));
    return stock;
}

namespace {

/// The puppet without what no wire is chosen by: a field forgotten here costs time, not truth, for the choice is given
/// what is left alone.
body::Puppet chosenBy(const body::Puppet& puppet) {
    body::Puppet p = puppet;
    p.id.clear(), p.name.clear(), p.kind.clear(), p.note.clear();
    p.pictures.clear(), p.measures.clear(), p.left.clear(), p.aside.clear(), p.extras.clear();
    p.wants.camera_rad = 0, p.wants.bakes = {}, p.wants.loads.clear(), p.wants.inOven.clear();
    return p;
}

/// What one puppet's report reads of a production.
Production onlyPuppet(const Production& production, std::size_t i) {
    Production p;
    p.stock = production.stock, p.cards = production.cards, p.schemes = production.schemes;
    p.puppets = {production.puppets[i]};
    return p;
}

} // namespace

Report calcReport(const Production& production, int puppetIndex, const Cards& shipped, wire::TableShelf& tables,
                  PuppetMemo& memo, const std::stop_token& stop) {
    const body::Puppet& puppet = production.puppets.at(static_cast<std::size_t>(puppetIndex));
    Report r;
    r.cards.value = std::make_shared<const Cards>(mergeCards(shipped, production.cards));
    r.shelf = makeShelf(*r.cards, production.stock.shop);
    r.stock = makeStock(production, *r.cards, tables, stop);
    r.choice = *memo.choice.find(0, {chosenBy(puppet), r.shelf, r.stock}, [&](const PuppetMemo::ChoiceKey& key) {
        return choice::calcChoice(key.puppet, key.shelf, key.stock, memo.steps, stop);
    });
    r.cuts = choice::calcCutList(puppet, r.choice);
    std::vector<std::string> spools;
    std::vector<double> rolls;
    for (const choice::Spool& x : production.stock.spools)
        spools.push_back(x.id), rolls.push_back(x.length_m * 1000);
    r.cutPlan = choice::calcCutPlan(r.cuts, spools, rolls, production.stock.offcuts);
    checkStop(stop);
    memo.bakes.heed(stop);
    r.bakes = fill::calcBakes(r.choice.parts, r.shelf, &memo.bakes);
    r.bakePlan = fill::calcBakePlan(puppet, r.choice.rest, r.choice.parts, r.shelf, &memo.bakes);
    r.bakeOnce = fill::calcOneBake(r.choice.parts, r.shelf, &memo.bakes);
    r.bakeStaged = fill::calcStagedBakes(puppet, r.choice.rest, r.choice.parts, r.shelf, &memo.bakes);
    r.skins = fill::calcSkinPlan(r.choice.parts, r.shelf);
    checkStop(stop);
    body::Puppet seen = choice::shapeOf(puppet);
    seen.wants.camera_rad = puppet.wants.camera_rad;
    r.patterns = *memo.patterns.find(0, {std::move(seen), r.choice.own, r.choice.parts}, [&](const auto& key) {
        return fill::calcPatterns(key.puppet, body::calcSkeleton(key.puppet), key.own, key.parts, stop);
    });
    paintParts(production, r);
    r.plan = plan::calcPlan(puppet, r.choice, r.cuts, r.bakePlan, r.shelf, r.schemes);
    Reporter reporter(production, puppetIndex, r, memo.bakes);
    reporter.sheet();
    reporter.wires();
    reporter.layers();
    r.needs = calcUses(production, r);
    for (const Need& n : r.needs)
        r.price += n.price;
    return r;
}

Report calcReport(const Production& production, int puppet, const Cards& shipped, wire::TableShelf& tables) {
    PuppetMemo memo;
    return calcReport(production, puppet, shipped, tables, memo);
}

ProductionResult calcResult(const Production& production, const Cards& shipped, wire::TableShelf& tables, Memo& memo,
                            const std::stop_token& stop) {
    ProductionResult all;
    std::erase_if(memo.puppets, [&](const auto& known) { return !findPuppet(production, known.first); });
    std::vector<const Report*> reports;
    for (std::size_t i = 0; i < production.puppets.size(); ++i) {
        PuppetMemo& own = memo.puppets[production.puppets[i].id];
        all.puppets.push_back(own.whole.find(0, onlyPuppet(production, i), [&](const Production& key) {
            return calcReport(key, 0, shipped, tables, own, stop);
        }));
        reports.push_back(all.puppets.back().get());
        all.aside.emplace_back();
        if (production.puppets[i].aside.empty()) continue;
        Production other = onlyPuppet(production, i);
        body::Puppet aside = other.puppets[0].aside.front();
        other.puppets[0] = std::move(aside);
        if (!own.aside) own.aside = std::make_shared<PuppetMemo>();
        all.aside.back() = own.aside->whole.find(0, std::move(other), [&](const Production& key) {
            return calcReport(key, 0, shipped, tables, *own.aside, stop);
        });
    }
    all.shopping = calcShopping(production, reports);
    for (const Need& n : all.shopping.needs) {
        if (n.buy <= 0) continue;
        const Issue issue = n.ware == Ware::wire    ? Issue::buy_wire
                            : n.ware == Ware::clay  ? Issue::buy_clay
                            : n.ware == Ware::paint ? Issue::buy_paint
                                                    : Issue::buy_foil;
        OpenPoint p{Station::plan, issue, -1, -1, -1, kNoState, n.held, n.needed, n.name};
        p.key = "buy:" + n.card;
        // Whose it is, where it is not one puppet's alone.
        if (n.puppets.size() > 1)
            for (int i : n.puppets)
                p.other += (p.other.empty() ? "" : ", ") + production.puppets[static_cast<std::size_t>(i)].name;
        all.open.push_back(std::move(p));
    }
    return all;
}

ProductionResult calcResult(const Production& production, const Cards& shipped, wire::TableShelf& tables) {
    Memo memo;
    return calcResult(production, shipped, tables, memo);
}

Report calcSketch(const Production& production, int puppetIndex, const Cards& shipped, const body::Puppet* formerPuppet,
                  const Report* former) {
    const body::Puppet& puppet = production.puppets.at(static_cast<std::size_t>(puppetIndex));
    body::Skeleton rest = body::calcSkeleton(puppet);
    body::Posed posed = body::calcPosed(puppet, rest, puppet.board);
    const auto alike = [&] {
        if (!former || !formerPuppet || formerPuppet->limbs.size() != puppet.limbs.size()) return false;
        const auto sameJoint = [](const body::Joint& a, const body::Joint& b) {
            return a.id == b.id && a.posed == b.posed;
        };
        const auto sameLimb = [&](const body::Limb& a, const body::Limb& b) {
            return a.id == b.id && a.mirrored == b.mirrored && a.whip == b.whip && a.hangsOnLimb == b.hangsOnLimb &&
                   a.hangsOnJoint == b.hangsOnJoint && a.tieDown.has_value() == b.tieDown.has_value() &&
                   std::equal(a.joints.begin(), a.joints.end(), b.joints.begin(), b.joints.end(), sameJoint) &&
                   a.segments.size() == b.segments.size();
        };
        const auto sameMass = [](const body::Mass& a, const body::Mass& b) {
            return a.id == b.id && a.limb == b.limb && a.segment == b.segment && a.side == b.side && a.shape == b.shape;
        };
        return std::equal(puppet.limbs.begin(), puppet.limbs.end(), formerPuppet->limbs.begin(), sameLimb) &&
               std::equal(puppet.masses.begin(), puppet.masses.end(), formerPuppet->masses.begin(),
                          formerPuppet->masses.end(), sameMass) &&
               former->choice.rest.links.size() == rest.links.size() &&
               former->choice.rest.hinges.size() == rest.hinges.size();
    }();
    Report r;
    if (alike) r = *former;
    r.sketched = true;
    r.choice.rest = std::move(rest);
    r.choice.skeleton = std::move(posed.skeleton), r.choice.motions = std::move(posed.bodies);
    if (alike) return r;
    r.cards.value = std::make_shared<const Cards>(mergeCards(shipped, production.cards));
    r.shelf = makeShelf(*r.cards, production.stock.shop);
    r.choice.own = body::calcOwnStretches(puppet, r.choice.rest);
    r.choice.parts =
        fill::calcParts(puppet, r.choice.rest, r.choice.own, r.shelf, std::vector<fill::WireRuns>(puppet.limbs.size()));
    for (std::size_t i = 0; i < puppet.limbs.size(); ++i) {
        choice::LimbChoice l;
        l.limb = static_cast<int>(i), l.state = choice::State::not_checked, l.path = choice::makePath(puppet.limbs[i]);
        r.choice.limbs.push_back(std::move(l));
    }
    r.choice.loads.resize(r.choice.rest.hinges.size());
    return r;
}

std::vector<int> countOpen(const std::vector<OpenPoint>& points) {
    std::vector<int> n(kStations, 0);
    for (const OpenPoint& p : points)
        ++n[static_cast<std::size_t>(p.station)];
    return n;
}

} // namespace enkinet::production
