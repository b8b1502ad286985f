// What is open about the wire, and about the tests that it rests on.
#include "findings/finder.h"
#include <algorithm>
#include <cmath>

namespace enkinet::findings {

namespace {
/// A torsion worth a key: share of the hold.
constexpr double kKeyShare = 0.1;
constexpr double kCutApart_mm = 2; ///< by which a cut wire may differ from the one that is wanted

constexpr Kind kWireKinds[] = {
    {"crowded", Station::wire, Weight::fault, said("%1 is crowded: room for %2 across."), {kSubject, mm(What::limit)}},
    {"slack",
     Station::wire,
     Weight::fault,
     said("%1 is slack: holds %2 of %3 N·mm."),
     {kSubject, digits(What::found), digits(What::limit)}},
    {"stiff",
     Station::wire,
     Weight::fault,
     said("%1 is stiff: %2 N to bend, %3 N at most."),
     {kSubject, digits(What::found), digits(What::limit)}},
    {"springy",
     Station::wire,
     Weight::fault,
     said("%1 is springy: %2 back, %3 allowed."),
     {kSubject, degrees(What::found), degrees(What::limit)}},
    {"tired",
     Station::wire,
     Weight::fault,
     said("%1 is tired: %2 of %3 s of film."),
     {kSubject, digits(What::found), digits(What::limit)}},
    {"no-wire", Station::wire, Weight::fault, said("No spool in stock can be tried for %1."), {kSubject}},
    {"wire-refused",
     Station::wire,
     Weight::fault,
     said("%1 is to have no wire (\"%2\"), but it must %3. Take the choice back at its wires, or fix its joints and "
          "hang on elsewhere what hangs on it."),
     {kSubject, kOther, kAlso}},
    {"pick-gone",
     Station::wire,
     Weight::fault,
     said(
         "The wire picked for %1 (%n strand(s), a turn every %2) cannot be made: strands of a bundle may stand at most "
         "25° to it, of two 45°. The best that can be made stands in for it: pick another or let it choose."),
     {kSubject, mm(What::limit)}},
    {"order",
     Station::wire,
     Weight::advice,
     said("%1 bends before the %2, which is farther out: %3 against %4 N·mm, each at its own full bend."),
     {kSubject, kOther, digits(What::found), digits(What::limit)}},
    {"cut-differs",
     Station::wire,
     Weight::fault,
     said("%1 is cut to %2, and now wants %3."),
     {kSubject, mm(What::found, 0), mm(What::limit, 0)}},
    {"key",
     Station::wire,
     Weight::advice,
     said("%1: one straight wire carries %2 N·mm of twist; give it a flat, a fold or putty."),
     {kSubject, digits(What::found)}},
    {"twist",
     Station::wire,
     Weight::advice,
     said("Twisting spends %1 % of the wire of %2 before its first pose."),
     {percent(What::found), kSubject}},
    {"unsettled",
     Station::wire,
     Weight::fault,
     said("The wire's own weight keeps changing the choice: pin one limb."),
     {}},
    {"not-checked",
     Station::wire,
     Weight::note,
     said("%1 is not checked: nothing is posed in it, and all of it is stiffened."),
     {kSubject}},
    {"thin-reserve",
     Station::wire,
     Weight::note,
     said("%1 holds with %2 % to spare, %3 % are wanted: no wire of the stock has more."),
     {kSubject, percent(What::found, 1), percent(What::limit)}},
    {"marks",
     Station::wire,
     Weight::advice,
     said(
         "%1: bending it by hand leaves fingerprints in its soft clay (%2 N·mm, marks show from %3). Bend it by a rod, "
         "or a wire that takes less."),
     {kSubject, digits(What::found), digits(What::limit)}},
    {"rust",
     Station::wire,
     Weight::advice,
     said(
         "%1: %2 rusts in clay that is wet with water and stains it. Aluminium, brass, stainless, or a coat of varnish "
         "on the wire first."),
     {kSubject, kOther}},
    {"still-slack",
     Station::wire,
     Weight::fault,
     said("%1: bare wire of the %2 keeps its shape up to %3 N·mm, raw clay and a tool ask %4."),
     {kSubject, kOther, digits(What::found), digits(What::limit)}},
    {"still-droop",
     Station::wire,
     Weight::advice,
     said("%1: bare wire bends down %2 under raw clay, %3 at most."),
     {kSubject, mm(What::found), mm(What::limit)}},
    {"still-wide",
     Station::wire,
     Weight::fault,
     said("%1: its wire is %2 across, and the %3 has room for %4 inside its skin: thinner wire, or a thinner skin."),
     {kSubject, mm(What::found, 2), kOther, mm(What::limit, 2)}},
    {"still-folds",
     Station::wire,
     Weight::fault,
     said("%1: bare wire folds up under %2 N, %3 N stand on it with a half to spare."),
     {kSubject, digits(What::found), digits(What::limit)}},
    {"test",
     Station::bench,
     Weight::advice,
     said("A test of %1 contradicts its card: take it away, test again, or leave it as it is."),
     {kSubject}}};
consteval const Kind* wireRow(std::string_view word) { return rowOf(kWireKinds, word); }
} // namespace

std::span<const Kind> wireKinds() { return kWireKinds; }

void Finder::wires() {
    for (const choice::LimbChoice& l : m_r.choice.limbs) {
        const std::string& name = m_puppet.limbs[static_cast<std::size_t>(l.limb)].name;
        const auto& pick = m_puppet.limbs[static_cast<std::size_t>(l.limb)].pick;
        // A pick that an older version took may stand steeper than its strands can lie.
        if (pick && l.reason.needed() && !l.pinned)
            add({wireRow("pick-gone"), limbRef(l.limb), name, pick->strands, pick->lay_mm});
        if (l.chosen < 0) {
            if (l.reason.refused && (l.reason.pose || l.reason.anchor)) {
                Finding f{wireRow("wire-refused"), limbRef(l.limb), name, static_cast<double>(l.demands.size())};
                f.limit = l.reason.anchor, f.other = m_puppet.limbs[static_cast<std::size_t>(l.limb)].noWire;
                const Phrase hold(said("hold %n posed joint(s)"), {}, static_cast<int>(l.demands.size()));
                const Phrase anchor = words("anchor what stands or hangs on it");
                f.also = l.demands.empty() ? anchor : !l.reason.anchor ? hold : words("%1 and %2", hold, anchor);
                add(std::move(f));
            }
            if (!l.reason.needed()) continue;
            add({wireRow("no-wire"), limbRef(l.limb), name});
            continue;
        }
        if (l.demands.empty() && l.still.empty()) add({wireRow("not-checked"), limbRef(l.limb), name});
        if (l.thin) add({wireRow("thin-reserve"), limbRef(l.limb), name, l.reserve, m_puppet.wants.reserve});
        steelInWetClay(l, name);
        for (std::size_t j = 0; j < l.demands.size(); ++j)
            joint(l, j);
        still(l, name);
        const choice::Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
        const wire::MaterialCard& card = m_r.stock.tableOf(c.spool).card();
        if (const double damage = wire::findTwistDamage(c.bundle, card); damage > wire::kTwistWarn)
            add({wireRow("twist"), limbRef(l.limb), name, damage, wire::kTwistWarn});
    }
    const auto jointName = [&](int limb, int demand) {
        const choice::LimbChoice& l = m_r.choice.limbs[static_cast<std::size_t>(limb)];
        return m_puppet.limbs[static_cast<std::size_t>(limb)]
            .joints[static_cast<std::size_t>(l.demands[static_cast<std::size_t>(demand)].joint)]
            .name;
    };
    for (const choice::Disorder& d : m_r.choice.disorders) {
        const auto& limbs = m_r.choice.limbs;
        Finding f{wireRow("order"),
                  jointRef(limbs[static_cast<std::size_t>(d.innerLimb)], static_cast<std::size_t>(d.innerDemand)),
                  jointName(d.innerLimb, d.innerDemand), d.inner_Nmm, d.outer_Nmm};
        f.other = jointName(d.outerLimb, d.outerDemand);
        add(std::move(f));
    }
    for (const choice::Cut& c : m_r.cuts) {
        const body::Limb& limb = m_puppet.limbs[static_cast<std::size_t>(c.limb)];
        if (limb.cut_mm && std::abs(*limb.cut_mm - c.finished_mm) > kCutApart_mm)
            add({wireRow("cut-differs"), limbRef(c.limb), limb.name, *limb.cut_mm, c.finished_mm});
    }
    if (!m_r.choice.settled && !m_r.choice.limbs.empty()) add({wireRow("unsettled"), {}, m_puppet.name});
    // What a builder leaves is kept by the spool's id, and said by its name.
    for (std::size_t i = 0; i < m_production.stock.spools.size(); ++i)
        if (const document::Spool& s = m_production.stock.spools[i]; m_r.stock.calibrations[i].contradicted) {
            Finding f{wireRow("test"), {schema::RefKind::spool, s.id, {}, false}, s.name};
            f.key = "test:" + s.id;
            add(std::move(f));
        }
}

void Finder::steelInWetClay(const choice::LimbChoice& l, const std::string& name) {
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
            Finding f{wireRow("rust"), limbRef(l.limb), name};
            f.other = card.name;
            add(std::move(f));
            return;
        }
}

void Finder::still(const choice::LimbChoice& l, const std::string& name) {
    if (l.worstStill < 0) return;
    const choice::StillVerdict& v = l.stillVerdicts[static_cast<std::size_t>(l.worstStill)];
    if (v.holds()) return;
    const choice::StillDemand& d = l.still[static_cast<std::size_t>(l.worstStill)];
    Finding f{wireRow("still-slack"), limbRef(l.limb), name, v.proof_Nmm, v.needed_Nmm};
    if (v.governs == choice::StillLimit::droop)
        f.kind = wireRow("still-droop"), f.found = v.droop_mm, f.limit = v.droopLimit_mm;
    if (v.governs == choice::StillLimit::buckles)
        f.kind = wireRow("still-folds"), f.found = v.folds_N, f.limit = choice::kStillFactor * d.thrust_N;
    if (v.governs == choice::StillLimit::room) {
        const choice::Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
        f.kind = wireRow("still-wide"), f.found = wire::findBundleDiameter(c.bundle), f.limit = 0;
        for (const choice::StillPart& part : d.parts)
            if (part.segment == v.segment) f.limit = std::max(0.0, part.room_mm);
    }
    f.other = m_puppet.limbs[static_cast<std::size_t>(l.limb)].segments[static_cast<std::size_t>(v.segment)].name;
    add(std::move(f));
}

void Finder::joint(const choice::LimbChoice& l, std::size_t j) {
    const choice::Verdict& v = l.verdicts[j];
    const choice::Demand& d = l.demands[j];
    const body::Limb& limb = m_puppet.limbs[static_cast<std::size_t>(l.limb)];
    const std::string& name = limb.joints[static_cast<std::size_t>(d.joint)].name;
    const wire::Bundle& bundle = choice::findTrial(l, l.candidates()[static_cast<std::size_t>(l.chosen)], j).bundle;
    const auto fails = [&](const Kind* kind, double found, double limit) {
        add({kind, jointRef(l, j), name, found, limit});
    };
    switch (v.state()) {
    case choice::State::crowded:
        fails(wireRow("crowded"), wire::findBundleDiameter(bundle), std::max(0.0, d.room_mm));
        break;
    case choice::State::slack:
        fails(wireRow("slack"), v.bend.hold_Nmm, d.needed_Nmm);
        break;
    case choice::State::stiff:
        fails(wireRow("stiff"), v.effort_N, d.effortLimit_N());
        break;
    case choice::State::springy:
        fails(wireRow("springy"), v.springback_rad, d.springLimit_rad);
        break;
    case choice::State::tired:
        fails(wireRow("tired"), v.life_s, d.needFilm_s);
        break;
    case choice::State::holds:
    case choice::State::not_checked:
        break;
    }
    if (v.effort_Nmm > d.marks_Nmm && v.effort_Nmm <= d.effortLimit_Nmm)
        add({wireRow("marks"), jointRef(l, j), name, v.effort_Nmm, d.marks_Nmm});
    // Once a limb: one wire runs through it, and the first joint that twists it speaks.
    const auto speaks = [&](const Finding& f) { return f.is("key") && f.ref.id == limb.id; };
    const bool keyed = std::any_of(m_found.open.begin(), m_found.open.end(), speaks) ||
                       std::any_of(m_found.left.begin(), m_found.left.end(), speaks);
    if (!keyed && bundle.strands == 1 && d.load.torsion_Nmm > kKeyShare * d.load.load_Nmm)
        add({wireRow("key"), jointRef(l, j), name, d.load.torsion_Nmm});
}

} // namespace enkinet::findings
