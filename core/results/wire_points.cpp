#include "results/points.h"
#include <algorithm>
#include <cmath>

namespace enkinet::results {

namespace {
/// A torsion worth a key: share of the hold.
constexpr double kKeyShare = 0.1;
constexpr double kCutApart_mm = 2; ///< by which a cut wire may differ from the one that is wanted
} // namespace

void Points::wires() {
    for (const choice::LimbChoice& l : m_r.choice.limbs) {
        const std::string& name = m_puppet.limbs[static_cast<std::size_t>(l.limb)].name;
        const auto& pick = m_puppet.limbs[static_cast<std::size_t>(l.limb)].pick;
        // A pick that an older version took may stand steeper than its strands can lie.
        if (pick && l.reason.needed() && !l.pinned)
            add({Station::wire, Issue::pick_gone, l.limb, -1, -1, kNoState, static_cast<double>(pick->strands),
                 pick->lay_mm, name});
        if (l.chosen < 0) {
            if (l.reason.refused && (l.reason.pose || l.reason.anchor))
                add({Station::wire, Issue::wire_refused, l.limb, -1, -1, choice::State::not_checked,
                     static_cast<double>(l.demands.size()), l.reason.anchor ? 1.0 : 0.0, name,
                     m_puppet.limbs[static_cast<std::size_t>(l.limb)].noWire});
            if (!l.reason.needed()) continue;
            add({Station::wire, Issue::no_wire, l.limb, -1, -1, kNoState, 0, 0, name});
            continue;
        }
        if (l.demands.empty() && l.still.empty())
            add({Station::wire, Issue::not_checked, l.limb, -1, -1, choice::State::not_checked, 0, 0, name});
        if (l.thin)
            add({Station::wire, Issue::thin_reserve, l.limb, -1, -1, kNoState, l.reserve, m_puppet.wants.reserve,
                 name});
        steelInWetClay(l, name);
        for (std::size_t j = 0; j < l.demands.size(); ++j)
            joint(l, j);
        still(l, name);
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
            add({Station::wire, Issue::cut_differs, c.limb, -1, -1, kNoState, *limb.cut_mm, c.finished_mm, limb.name});
    }
    if (!m_r.choice.settled && !m_r.choice.limbs.empty())
        add({Station::wire, Issue::unsettled, -1, -1, -1, kNoState, 0, 0, m_puppet.name});
    // What a builder leaves is kept by the spool's id, and said by its name.
    for (std::size_t i = 0; i < m_production.stock.spools.size(); ++i)
        if (const document::Spool& s = m_production.stock.spools[i]; m_r.stock.calibrations[i].contradicted) {
            OpenPoint p{Station::bench, Issue::test_contradicts, -1, -1, -1, kNoState, 0, 0, s.name};
            p.key = "test:" + s.id, p.ref = {schema::RefKind::spool, s.id, {}, false};
            add(std::move(p));
        }
}

void Points::steelInWetClay(const choice::LimbChoice& l, const std::string& name) {
    const choice::Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
    const wire::MaterialCard& card = m_r.stock.tableOf(c.spool).card();
    if (!card.rusts) return;
    const auto wetClay = [&](const fill::Part& p) {
        for (std::size_t k = 0; k <= p.layers.coats.size(); ++k)
            if (m_r.shelf.clays.at(p.clayOf(k)).family == fill::ClayFamily::air_dry) return true;
        return false;
    };
    for (const fill::Part& p : m_r.choice.parts)
        if (p.link >= 0 && p.skin.mass_g > 0 &&
            static_cast<int>(limbOf(m_r.choice.skeleton.links[static_cast<std::size_t>(p.link)])) == l.limb &&
            wetClay(p)) {
            add({Station::wire, Issue::rusts, l.limb, -1, -1, kNoState, 0, 0, name, card.name});
            return;
        }
}

void Points::still(const choice::LimbChoice& l, const std::string& name) {
    if (l.worstStill < 0) return;
    const choice::StillVerdict& v = l.stillVerdicts[static_cast<std::size_t>(l.worstStill)];
    if (v.holds()) return;
    const choice::StillDemand& d = l.still[static_cast<std::size_t>(l.worstStill)];
    OpenPoint p{Station::wire,        Issue::still_slack, l.limb,       -1,  -1,
                choice::State::slack, v.proof_Nmm,        v.needed_Nmm, name};
    if (v.governs == choice::StillLimit::droop)
        p.issue = Issue::still_droops, p.found = v.droop_mm, p.limit = v.droopLimit_mm;
    if (v.governs == choice::StillLimit::buckles)
        p.issue = Issue::still_folds, p.found = v.folds_N, p.limit = choice::kStillFactor * d.thrust_N;
    if (v.governs == choice::StillLimit::room) {
        const choice::Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
        p.issue = Issue::still_wide, p.state = choice::State::crowded;
        p.found = wire::findBundleDiameter(c.bundle), p.limit = 0;
        for (const choice::StillPart& part : d.parts)
            if (part.segment == v.segment) p.limit = std::max(0.0, part.room_mm);
    }
    p.other = m_puppet.limbs[static_cast<std::size_t>(l.limb)].segments[static_cast<std::size_t>(v.segment)].name;
    add(std::move(p));
}

void Points::joint(const choice::LimbChoice& l, std::size_t j) {
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
    const bool keyed = std::any_of(m_r.open.begin(), m_r.open.end(),
                                   [&](const OpenPoint& p) { return p.issue == Issue::wants_key && p.limb == l.limb; });
    if (!keyed && bundle.strands == 1 && d.load.torsion_Nmm > kKeyShare * d.load.load_Nmm)
        add({Station::wire, Issue::wants_key, l.limb, at, -1, kNoState, d.load.torsion_Nmm, 0, name});
}

} // namespace enkinet::results
