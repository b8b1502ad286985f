#include "words/say.h"
#include "base/gauge.h"
#include "base/units.h"
#include "document/document.h"
#include <QLocale>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {
bool g_inches = false;
}

void Say::setInches(bool inches) { g_inches = inches; }
bool Say::inches() { return g_inches; }

QString Say::number(double v, int decimals) {
    if (!std::isfinite(v)) return tr("no number");
    QLocale locale;
    locale.setNumberOptions(QLocale::OmitGroupSeparator);
    return locale.toString(v, 'f', decimals);
}

QString Say::figure(double v) {
    if (!std::isfinite(v)) return tr("no number");
    const double a = std::abs(v);
    return number(v, a >= 99.5 ? 0 : a >= 9.95 ? 1 : 2);
}

QString Say::length(double mm, int decimals) {
    return g_inches ? tr("%1 in").arg(number(mm / kMmPerInch, decimals + 1)) : tr("%1 mm").arg(number(mm, decimals));
}
QString Say::grams(double g) {
    if (g > 0 && g < 0.005) return tr("under 0.01 g");
    return tr("%1 g").arg(number(g, g < 0.095 ? 2 : g < 9.95 ? 1 : 0));
}
QString Say::diameter(double mm) {
    const auto gauge = [&](GaugeSystem system) {
        const NearestGauge g = findNearestGauge(system, mm);
        return QString::fromStdString(gaugeName(g.number));
    };
    return tr("%1 (near AWG %2, SWG %3)").arg(length(mm, 2), gauge(GaugeSystem::awg), gauge(GaugeSystem::swg));
}
QString Say::weights(const fill::Totals& t) {
    QStringList of;
    for (const auto& [name, g] : {std::pair{tr("skin %1"), t.skin_g},
                                  {tr("bulk %1"), t.bulk_g},
                                  {tr("cover %1"), t.cover_g},
                                  {tr("weighed pieces %1"), t.piece_g},
                                  {tr("wire %1"), t.wire_g}})
        if (g > 0) of << name.arg(grams(g));
    return tr("Weighs %1: %2.").arg(grams(t.mass_g()), of.join(tr(", ")));
}

QString Say::degrees(double rad, int decimals) { return tr("%1°").arg(number(radToDeg(rad), decimals)); }

QString Say::minutes(double min) {
    if (!std::isfinite(min)) return tr("no number");
    const int m = static_cast<int>(std::lround(min));
    if (m < 90) return tr("%1 min").arg(m);
    if (m < 48 * 60) return m % 60 ? tr("%1 h %2 min").arg(m / 60).arg(m % 60) : tr("%1 h").arg(m / 60);
    return tr("%1 days").arg(number(m / 1440.0, 1));
}

QString Say::money(double amount, const std::string& currency) {
    return number(amount, 2) + " " + QString::fromStdString(currency);
}

QString Say::state(choice::State s) {
    switch (s) {
    case choice::State::crowded:
        return tr("crowded");
    case choice::State::slack:
        return tr("slack");
    case choice::State::stiff:
        return tr("stiff");
    case choice::State::springy:
        return tr("springy");
    case choice::State::tired:
        return tr("tired");
    case choice::State::holds:
        return tr("holds");
    case choice::State::not_checked:
        return tr("not checked");
    }
    return {};
}

QString Say::stateMeaning(choice::State s) {
    switch (s) {
    case choice::State::crowded:
        return tr("does not fit inside, or bulk meets bulk");
    case choice::State::slack:
        return tr("would sag");
    case choice::State::stiff:
        return tr("a hand or the clay cannot take it");
    case choice::State::springy:
        return tr("comes back too far");
    case choice::State::tired:
        return tr("breaks too early");
    case choice::State::holds:
        return tr("keeps its pose and lasts");
    case choice::State::not_checked:
        return tr("nothing is posed here, and what it carries is not worked out");
    }
    return {};
}

QString Say::station(results::Station s) {
    switch (s) {
    case results::Station::sheet:
        return tr("Sheet");
    case results::Station::wire:
        return tr("Wire");
    case results::Station::bulk:
        return tr("Bulk");
    case results::Station::skin:
        return tr("Skin");
    case results::Station::paint:
        return tr("Paint");
    case results::Station::plan:
        return tr("Plan");
    }
    return {};
}

QString Say::role(paint::Role r) {
    switch (r) {
    case paint::Role::primer:
        return tr("primer");
    case paint::Role::base:
        return tr("base");
    case paint::Role::wash:
        return tr("wash");
    case paint::Role::dry_brush:
        return tr("dry-brush");
    case paint::Role::varnish:
        return tr("varnish");
    }
    return {};
}

QString Say::aim(body::Aim a) {
    switch (a) {
    case body::Aim::simple:
        return tr("simplest to make");
    case body::Aim::life:
        return tr("longest life");
    case body::Aim::light:
        return tr("lightest");
    case body::Aim::easy:
        return tr("easiest to pose");
    case body::Aim::spools:
        return tr("fewest spools");
    case body::Aim::cheap:
        return tr("cheapest");
    }
    return {};
}

QString Say::kind(body::LimbKind k) {
    using body::LimbKind;
    switch (k) {
    case LimbKind::spine:
        return tr("spine");
    case LimbKind::arm:
        return tr("arm");
    case LimbKind::leg:
        return tr("leg");
    case LimbKind::finger:
        return tr("finger");
    case LimbKind::tail:
        return tr("tail");
    case LimbKind::neck:
        return tr("neck");
    case LimbKind::wing:
        return tr("wing");
    case LimbKind::ear:
        return tr("ear");
    case LimbKind::jaw:
        return tr("jaw");
    case LimbKind::other:
        return tr("limb");
    }
    return {};
}

QString Say::eye(const results::EyeCheck& c) {
    using results::Eye;
    const QString who = capital(c.subject);
    const auto between = [&](int decimals) {
        return c.high < 1e8 ? tr("%1, usual is %2 to %3")
                                  .arg(number(c.found, decimals), number(c.low, decimals), number(c.high, decimals))
                            : tr("%1, at least %2 is wanted").arg(number(c.found, decimals), number(c.low, decimals));
    };
    switch (c.eye) {
    case Eye::heads_high:
        return tr("Heads high: %1.").arg(between(1));
    case Eye::hand_to_head:
        return tr("Hand of the %1 against the head's height: %2.").arg(QString::fromStdString(c.subject), between(2));
    case Eye::foot_to_head:
        return tr("%1 against the head's height: %2.").arg(who, between(2));
    case Eye::hand_to_forearm:
        return tr("Hand of the %1 against its forearm: %2.").arg(QString::fromStdString(c.subject), between(2));
    case Eye::hand_to_mouth:
        return tr("%1 stretched out reaches %2 times the way to the mouth.").arg(who, number(c.found, 2));
    case Eye::foot_on_ground:
        return tr("The lowest foot stands %1 above the base.").arg(length(c.found));
    case Eye::neck_to_ground:
        return tr("%1 stretched out reaches %2 times the way to the ground.").arg(who, number(c.found, 2));
    case Eye::armature_cover:
        return tr("Armature nearest the surface at %1: %2 under it, %3 wanted.")
            .arg(QString::fromStdString(c.subject), length(c.found), length(c.low));
    case Eye::meets_at_bend:
        return tr("Stiff parts come nearest at the %1: its gap is %2 times what full bend needs.")
            .arg(QString::fromStdString(c.subject), number(c.found, 2));
    case Eye::left_and_right:
        return tr("%1 differ by %2.").arg(who, length(c.found));
    case Eye::side_seen:
        return c.found > 0 ? tr("The side is known.") : tr("Nothing shows the side yet: every depth is a guess.");
    }
    return {};
}

QString Say::capital(const std::string& label) {
    QString s = QString::fromStdString(label);
    if (!s.isEmpty()) s[0] = s[0].toUpper();
    return s;
}

namespace {
/// A strand's diameter; in inches with the gauge that wire is sold by beside it.
QString gaugeOf(double mm) { return Say::inches() ? Say::diameter(mm) : Say::tr("%1 mm").arg(Say::number(mm, 1)); }
/// The length of one turn.
QString turnOf(double mm) { return Say::length(mm, mm < 10 ? 1 : 0); }
} // namespace

QString Say::bundle(const wire::Bundle& b) {
    return b.strands == 1 ? tr("one of %1").arg(gaugeOf(b.diameter_mm))
                          : tr("%1 of %2").arg(b.strands).arg(gaugeOf(b.diameter_mm));
}

QString Say::sentence(choice::State s, const choice::Demand& d, const choice::Verdict& v, const wire::Bundle& b) {
    switch (s) {
    case choice::State::holds:
        return tr("Holds %1 of %2 N·mm needed, and 9 of 10 last %3 of %4 s of film.")
            .arg(figure(v.bend.hold_Nmm), figure(d.needed_Nmm), figure(v.life_s), figure(d.needFilm_s));
    case choice::State::slack:
        return tr("It holds %1 N·mm; %2 are needed.").arg(figure(v.bend.hold_Nmm), figure(d.needed_Nmm));
    case choice::State::stiff:
        if (d.nearDecides)
            return tr("Bending it takes %1 N·mm; the other hand can give %2 against it.")
                .arg(figure(v.effort_Nmm), figure(d.effortLimit_Nmm));
        if (d.far.dents)
            return tr("Bending it takes %1 N; the clay dents at %2 N.")
                .arg(figure(v.effort_N), figure(d.effortLimit_N()));
        return tr("Bending it takes %1 N; fingers give %2 N.").arg(figure(v.effort_N), figure(d.effortLimit_N()));
    case choice::State::springy:
        return tr("It springs back %1; %2 are allowed.")
            .arg(degrees(v.springback_rad, 1), degrees(d.springLimit_rad, 1));
    case choice::State::tired:
        if (v.bend.status == wire::BendStatus::too_tight || v.bend.status == wire::BendStatus::lay_too_long) break;
        return tr("9 of 10 such joints last %1 s of film; %2 are wanted.").arg(figure(v.life_s), figure(d.needFilm_s));
    case choice::State::crowded:
    case choice::State::not_checked:
        break;
    }
    return capital(verdict(s, d, v, b).toStdString()) + tr(".");
}

QString Say::wire(const wire::Bundle& b, const std::string& card) {
    const QString metal = QString::fromStdString(card), gauge = gaugeOf(b.diameter_mm);
    if (b.strands == 1) return tr("one wire of %1 %2").arg(gauge, metal);
    return b.lay_mm > 0 ? tr("%1 strands of %2 %3, %4 a turn").arg(b.strands).arg(gauge, metal, turnOf(b.lay_mm))
                        : tr("%1 strands of %2 %3, side by side").arg(b.strands).arg(gauge, metal);
}

QString Say::limbWire(const body::Limb& limb, const choice::LimbChoice& l, const choice::Candidate& c,
                      const std::string& card) {
    QString text = wire(c.bundle, card);
    for (const choice::Ending& e : choice::findEndings(l, c))
        text += tr(", %1 from the %2 on")
                    .arg(e.strands)
                    .arg(QString::fromStdString(limb.segments[static_cast<std::size_t>(e.joint)].name));
    return text;
}

QString Say::shortWire(const choice::LimbChoice& l, const choice::Candidate& c, const std::string& card) {
    QString strands = QString::number(c.bundle.strands);
    for (const choice::Ending& e : choice::findEndings(l, c))
        strands += tr("→%1").arg(e.strands);
    const QString gauge = gaugeOf(c.bundle.diameter_mm), metal = QString::fromStdString(card);
    if (c.bundle.strands == 1) return tr("one of %1 %2").arg(gauge, metal);
    return tr("%1 of %2 %3").arg(strands, gauge, metal);
}

QString Say::footing(const choice::PuppetChoice& c) {
    double droop = 0;
    int worst = -1, tip = 0;
    for (std::size_t i = 0; i < c.footings.size(); ++i) {
        if (!c.footings[i].stable) return tr("Not every joint has wire yet, so the feet's shares are not known.");
        for (std::size_t k = 0; k < c.footings[i].droop_mm.size(); ++k)
            if (worst < 0 || c.footings[i].droop_mm[k] > droop)
                droop = c.footings[i].droop_mm[k], worst = static_cast<int>(i), tip = static_cast<int>(k);
    }
    if (worst < 0) return {};
    const choice::Footing& f = c.footings[static_cast<std::size_t>(worst)];
    QString text;
    if (f.down.size() > 1) {
        // The stance that loads one foot most.
        const choice::Footing* hard = &f;
        for (const choice::Footing& x : c.footings)
            if (*std::max_element(x.feet_g.begin(), x.feet_g.end()) >
                *std::max_element(hard->feet_g.begin(), hard->feet_g.end()))
                hard = &x;
        QStringList shares;
        for (int i : hard->down) {
            const auto& link =
                c.skeleton.links[static_cast<std::size_t>(c.skeleton.supportLinks[static_cast<std::size_t>(i)])];
            const double g = hard->feet_g[static_cast<std::size_t>(i)];
            shares << (g < 0 ? tr("the tie-down of the %1 pulls %2").arg(QString::fromStdString(link.label), grams(-g))
                             : tr("%1 %2").arg(QString::fromStdString(link.label), grams(g)));
        }
        text = tr("On %1 feet at worst: %2. ").arg(hard->down.size()).arg(shares.join(tr(", ")));
    }
    return text +
           tr("The tip of the %1 droops most, %2, as the wire gives.")
               .arg(QString::fromStdString(c.skeleton.copies[static_cast<std::size_t>(tip)].label), length(droop));
}

QString Say::wireReason(const choice::WireReason& r) {
    QStringList why;
    if (r.pose) why << tr("to hold a pose");
    if (r.anchor) why << tr("to anchor");
    if (r.rawClay) why << tr("to hold the raw clay in shape until it is cured");
    if (!why.isEmpty()) return tr("Wire is here %1.").arg(why.join(tr(", ")));
    return tr("Needs no wire: nothing moves, nothing hangs on it, and its raw clay carries itself "
              "(%1 of %2 MPa at its root, held level).")
        .arg(number(r.raw_MPa, 4), number(r.rawLimit_MPa, 3));
}

QString Say::load(const choice::Demand& d, const body::Puppet& puppet) {
    const QString moment = figure(d.load.load_Nmm);
    switch (d.load.why) {
    case enkinet::load::Case::standing:
        return tr("the load of %1 N·mm: %2 lean on it, %3 off its line, in the worst lean of up to %4")
            .arg(moment, grams(d.load.beyond_g), length(d.load.arm_mm), degrees(puppet.wants.lean_rad));
    case enkinet::load::Case::stretched:
        return tr("the load of %1 N·mm: %2 stretched out level, %3 away")
            .arg(moment, grams(d.load.beyond_g), length(d.load.arm_mm));
    case enkinet::load::Case::shared:
        return tr("the load of %1 N·mm: the frame's share of the whole weight, in the worst lean of up to %2")
            .arg(moment, degrees(puppet.wants.lean_rad));
    case enkinet::load::Case::posed:
        return tr("the load of %1 N·mm: the pose on the board, and no other").arg(moment);
    case enkinet::load::Case::touch:
        return tr("the load of %1 N·mm: a hand's touch, for next to nothing hangs on it").arg(moment);
    }
    return {};
}

QString Say::verdict(choice::State s, const choice::Demand& d, const choice::Verdict& v, const wire::Bundle& b) {
    switch (s) {
    case choice::State::not_checked:
        return stateMeaning(s);
    case choice::State::crowded:
        if (d.buried)
            return tr("its gap lies inside the %1, which is hard once cured: %2 of %3 are free")
                .arg(QString::fromStdString(d.buriedIn), length(d.free_mm), length(d.gap_mm));
        if (d.gapNeeded_mm > d.gap_mm)
            return tr("gap %1 of %2 needed at full bend").arg(length(d.gap_mm), length(d.gapNeeded_mm));
        return tr("bundle %1 across, room for %2")
            .arg(length(wire::findBundleDiameter(b)), length(std::max(0.0, d.room_mm)));
    case choice::State::slack:
    case choice::State::holds:
        return tr("holds %1 of %2 N·mm needed").arg(figure(v.bend.hold_Nmm), figure(d.needed_Nmm));
    case choice::State::stiff:
        if (d.nearDecides)
            return tr("takes %1 N·mm to bend, the other hand can hold %2 against it (%3 N, %4 away)")
                .arg(figure(v.effort_Nmm), figure(d.effortLimit_Nmm), figure(d.near.force_N), length(d.near.lever_mm));
        if (d.far.dents)
            return tr("takes %1 N to bend, the clay dents at %2 N").arg(figure(v.effort_N), figure(d.effortLimit_N()));
        return tr("takes %1 N to bend, fingers can give %2 N here (your limit)")
            .arg(figure(v.effort_N), figure(d.effortLimit_N()));
    case choice::State::springy:
        return tr("springs back %1 of %2 allowed").arg(degrees(v.springback_rad, 1), degrees(d.springLimit_rad, 1));
    case choice::State::tired:
        if (v.bend.status == wire::BendStatus::too_tight) return tr("bent tighter than any number here is good for");
        if (v.bend.status == wire::BendStatus::lay_too_long)
            return tr("a turn is more than three times as long as the gap: no life is predicted");
        return tr("lasts %1 of %2 s of film").arg(figure(v.life_s), figure(d.needFilm_s));
    }
    return {};
}

/// For whom, where it is not one puppet alone.
QString Say::whose(const results::OpenPoint& p) {
    return p.other.empty() ? QString() : tr(" by %1 together").arg(QString::fromStdString(p.other));
}

QString Say::temperature(double C) { return tr("%1 °C").arg(number(C, 0)); }

QString Say::bondLimit(results::BondLimit limit) {
    using results::BondLimit;
    switch (limit) {
    case BondLimit::pull:
        return tr("it pulls out; deeper, wider, or a stronger glue");
    case BondLimit::torsion:
        return tr("it turns in its hole; deeper, or a flat on it");
    case BondLimit::butt:
        return tr("a butt joint peels; give it a pin");
    case BondLimit::bending:
        return tr("the pin bends; thicker, harder or shorter in between");
    case BondLimit::bearing:
        return tr("the hole gives; deeper, or a tube in it");
    case BondLimit::droop:
        return tr("the rod gives; thicker, or shorter");
    case BondLimit::magnet:
        return tr("the magnet tips off; wider, or two of them");
    case BondLimit::wall:
        return tr("the wall beside the hole is thin");
    case BondLimit::heat:
        return tr("its glue lets go in the oven");
    }
    return {};
}

QString Say::openPoint(const results::OpenPoint& p) {
    using results::Issue;
    const QString who = capital(p.subject);
    switch (p.issue) {
    case Issue::no_limbs:
        return tr("Nothing is drawn yet: start from the demo puppets or open a file.");
    case Issue::no_support:
        return tr("Nothing holds %1 to a base: give a foot a tie-down.").arg(who);
    case Issue::height_off:
        return tr("The drawing is %1 high, the puppet is said to be %2.").arg(length(p.found, 0), length(p.limit, 0));
    case Issue::limb_state:
        switch (p.state) {
        case choice::State::crowded:
            return tr("%1 is crowded: room for %2 across.").arg(who, length(std::max(0.0, p.limit.value)));
        case choice::State::slack:
            return tr("%1 is slack: holds %2 of %3 N·mm.").arg(who, figure(p.found), figure(p.limit));
        case choice::State::stiff:
            return tr("%1 is stiff: %2 N to bend, %3 N at most.").arg(who, figure(p.found), figure(p.limit));
        case choice::State::springy:
            return tr("%1 is springy: %2 back, %3 allowed.").arg(who, degrees(p.found, 1), degrees(p.limit, 1));
        default:
            return tr("%1 is tired: %2 of %3 s of film.").arg(who, figure(p.found), figure(p.limit));
        }
    case Issue::no_wire:
        return tr("No spool in stock can be tried for %1.").arg(who);
    case Issue::order:
        return tr("%1 bends before the %2, which is farther out: %3 against %4 N·mm.")
            .arg(who, QString::fromStdString(p.other), figure(p.found), figure(p.limit));
    case Issue::cut_differs:
        return tr("%1 is cut to %2, and now wants %3.").arg(who, length(p.found, 0), length(p.limit, 0));
    case Issue::wants_key:
        return tr("%1: one straight wire carries %2 N·mm of twist; give it a flat, a fold or putty.")
            .arg(who, figure(p.found));
    case Issue::twist_hard:
        return tr("Twisting spends %1 % of the wire of %2 before its first pose.").arg(number(p.found * 100, 0), who);
    case Issue::unsettled:
        return tr("The wire's own weight keeps changing the choice: pin one limb.");
    case Issue::hollow:
        return tr("%1 is hollow, %2 across under %3 of clay: give it bulk, or a skin as thick as it is.")
            .arg(who, length(2 * p.found), length(p.limit));
    case Issue::no_room_for_bulk:
        return tr("%1: no room for bulk in its thinnest part, %2 under %3 of skin.")
            .arg(who, length(p.found), length(p.limit));
    case Issue::skin_thin:
        return tr("%1: skin of %2, the clay wants %3 at least.").arg(who, length(p.found), length(p.limit));
    case Issue::skin_thick:
        return tr("%1: %2 of clay, %3 at most.").arg(who, length(p.found), length(p.limit));
    case Issue::skin_bridges_joint:
        return tr("%1: clay that is stiff once cured runs across a gap of %2. What would work: the gap left bare under "
                  "cloth, fur or feathers, a clay that never dries, or a flexible one on a long gap.")
            .arg(who, length(p.found));
    case Issue::skin_cracks:
        return tr("%1: flexible clay round the joint is stretched by %2 where it cracks at %3. What would work: a gap "
                  "of "
                  "%4 mm, the gap left bare under cloth, fur or feathers, or a clay that never dries.")
            .arg(who, number(p.found, 2), number(p.limit, 2), QString::fromStdString(p.other));
    case Issue::skin_jump:
        return tr("%1: skin of %2 beside %3 on the %4: more than two to one cracks and bakes unevenly.")
            .arg(who, length(p.found), length(p.limit), QString::fromStdString(p.other));
    case Issue::slender:
        return p.more <= 0
                   ? tr("%1 breaks under %2 N at its end once cured, a knock or a hand is %3: wire drawn on into it, "
                        "flexible clay, or spares.")
                         .arg(who, figure(p.found), figure(p.limit))
                   : tr("%1 breaks under %2 N at its end once cured, a knock or a hand is %3: %4 more of skin, wire "
                        "drawn on into it, flexible clay, or spares.")
                         .arg(who, figure(p.found), figure(p.limit), length(p.more));
    case Issue::heat_spent:
        return tr("%1 spends %2 min at heat in %3 of the loads, its clay stands %4: fewer loads, or bake it later.")
            .arg(who, number(p.found, 0), QString::fromStdString(p.other), number(p.limit, 0));
    case Issue::left_raw:
        return tr("%1 stays raw: no load cures it.").arg(who);
    case Issue::not_in_oven:
        return tr("%1 must not go into the oven: it stands %2 °C, the load peaks at %3 °C.")
            .arg(who, number(p.limit, 0), number(p.found, 0));
    case Issue::sags:
        return tr("%1 has no wire and would sag before it is cured: %2 of %3 MPa. Prop it %4 mm above the base, or "
                  "give it a wire.")
            .arg(who, number(p.found, 3), number(p.limit, 3), QString::fromStdString(p.other));
    case Issue::wet_grip:
        return tr("%n step(s) have nothing to hold it by but what is wet, first: %1. A rod, tie-downs or baking in "
                  "stages "
                  "would help.",
                  nullptr, static_cast<int>(p.found))
            .arg(who);
    case Issue::own_colour:
        return tr("%n part(s) stay in the colour of their clay: %1.", nullptr, static_cast<int>(p.found)).arg(who);
    case Issue::not_checked:
        return tr("%1 is not checked: nothing is posed in it, and all of it is stiffened.").arg(who);
    case Issue::still_slack:
        return tr("%1: bare wire of the %2 keeps its shape up to %3 N·mm, raw clay and a tool ask %4.")
            .arg(who, QString::fromStdString(p.other), figure(p.found), figure(p.limit));
    case Issue::still_droops:
        return tr("%1: bare wire bends down %2 under raw clay, %3 at most.").arg(who, length(p.found), length(p.limit));
    case Issue::still_folds:
        return tr("%1: bare wire folds up under %2 N, %3 N stand on it with a half to spare.")
            .arg(who, figure(p.found), figure(p.limit));
    case Issue::thing_heat:
        return tr("%1 stands %2, and a load at %3 is still to come: fit it after that.")
            .arg(who, temperature(p.found), temperature(p.limit));
    case Issue::bond_weak:
        return tr("%1 holds %2 of what it must: %3.")
            .arg(who, tr("%1 %").arg(number(100 * p.found, 0)), bondLimit(static_cast<results::BondLimit>(p.by)));
    case Issue::bond_heat:
        return tr("%1: its glue stands %2, and a load at %3 is still to come.")
            .arg(who, temperature(p.found), temperature(p.limit));
    case Issue::hole_wall:
        return tr("%1: %2 of wall beside the hole, %3 at least.").arg(who, length(p.found), length(p.limit));
    case Issue::base_tips:
        return tr("%1 tips when it leans: its weight stands %2 inside the base's edge, %3 are wanted.")
            .arg(who, length(p.found), length(p.limit));
    case Issue::base_pushed:
        return tr("Posing the %1 pushes it over with its base: clamp the base, or keep the other hand on its near "
                  "side.")
            .arg(QString::fromStdString(p.other));
    case Issue::hole_outside:
        return tr("%1: its hole is not on the base.").arg(who);
    case Issue::sheet_sags:
        return tr("%1 sags raw: it carries %2 of its own weight. Mesh or wire inside, thicker, or propped.")
            .arg(who, tr("%1 %").arg(number(100 * p.found, 0)));
    case Issue::sheet_cracks:
        return tr("%1 is bent to %2 and cracks below %3 once cured: bend it raw, or thinner, or of flexible clay.")
            .arg(who, length(p.found), length(p.limit));
    case Issue::run_wall:
        return tr("%1 leaves %2 of wall in the %3, %4 at least.")
            .arg(who, length(p.found), QString::fromStdString(p.other), length(p.limit));
    case Issue::run_bend:
        return tr("%1 is bent to %2 at the %3, %4 at least.")
            .arg(who, length(p.found), QString::fromStdString(p.other), length(p.limit));
    case Issue::run_untested:
        return tr("%1: test it before it is closed.").arg(who);
    case Issue::prop_untried:
        return tr("%1: try it in the hand before that is hard.").arg(who);
    case Issue::part_without_body:
        return tr("%1 came out without a body: its clay lies inside its neighbour. Move it out, or take its clay off.")
            .arg(who);
    case Issue::thin_reserve:
        return tr("%1 holds with %2 % to spare, %3 % are wanted: no wire of the stock has more.")
            .arg(who, number(100 * p.found, 1), number(100 * p.limit, 0));
    case Issue::finger_marks:
        return tr("%1: bending it by hand leaves fingerprints in its soft clay (%2 N·mm, marks show from %3). Bend it "
                  "by a "
                  "rod, or a wire that takes less.")
            .arg(who, figure(p.found), figure(p.limit));
    case Issue::swallowed:
        return tr("%1 lies inside what it hangs on: no clay, no grams and no bake are counted for it. Move it out, or "
                  "make "
                  "its parent thinner there.")
            .arg(who);
    case Issue::never_baked:
        return tr("%1 is of clay that never dries, and a load of the oven names it: take it out of that load; it goes "
                  "on "
                  "after the last.")
            .arg(who);
    case Issue::sets_too_soon:
        return tr("%1 takes %2 to put on, and what is mixed sets after %3: mix it in %4 batches.")
            .arg(who, minutes(p.found), minutes(p.limit), number(std::ceil(p.found / p.limit), 0));
    case Issue::varnish_cracks:
        return tr("%1 flexes: rigid varnish cracks on it. A flexible sealer, or none.").arg(who);
    case Issue::paint_on_soft:
        return tr("%1 is of clay that never dries: paint does not hold on it, dry pigment does.").arg(who);
    case Issue::rusts:
        return tr("%1: %2 rusts in clay that is wet with water and stains it. Aluminium, brass, stainless, or a coat "
                  "of "
                  "varnish on the wire first.")
            .arg(who, QString::fromStdString(p.other));
    case Issue::unsealed:
        return tr("%1: %2 is wet with water and swells air-dry clay that is not sealed. A primer first.")
            .arg(who, QString::fromStdString(p.other));
    case Issue::pick_gone:
        return tr("The wire picked for %1 (%n strand(s), a turn every %2) cannot be made: strands of a bundle may "
                  "stand at "
                  "most 25° to it, of two 45°. The best that can be made stands in for it: pick another or let it "
                  "choose.",
                  nullptr, static_cast<int>(p.found))
            .arg(who, length(p.limit));
    case Issue::bake_too_long:
        return tr("%1 does not get hot inside within a day.").arg(who);
    case Issue::nothing_outside:
        return tr("%n part(s) show bare foil: neither clay, paint nor cover, first: %1.", nullptr,
                  static_cast<int>(p.found))
            .arg(who);
    case Issue::coat_order:
        return tr("%1: coat %2 does not hold on the one below it.").arg(who, number(p.found, 0));
    case Issue::test_contradicts:
        return tr("A bench test of %1 contradicts its card: look at the tests.").arg(who);
    case Issue::buy_wire:
        return tr("Buy wire %1: %2 m needed%4, %3 m there.").arg(who, number(p.limit, 1), number(p.found, 1), whose(p));
    case Issue::buy_clay:
        return tr("Buy %1: %2 g needed%4, %3 g there.").arg(who, number(p.limit, 0), number(p.found, 0), whose(p));
    case Issue::buy_paint:
        return tr("Buy %1: %2 ml needed%4, %3 ml there.").arg(who, number(p.limit, 1), number(p.found, 1), whose(p));
    case Issue::buy_foil:
        return tr("Buy foil: %1 m needed%3, %2 m there.").arg(number(p.limit, 1), number(p.found, 1), whose(p));
    }
    return {};
}

QString Say::whyLay(const wire::Bundle& b, double gap) {
    if (b.strands == 1)
        return tr(
            "One strand needs no lay. It has nothing to share the stretch with, so thickness alone decides its life.");
    if (b.lay_mm <= 0)
        return tr("Parallel strands cannot slide between two stiff ends: the outer one is stretched at every bend. A "
                  "lay equal to the gap or a little shorter would free them.");
    const QString turns = number(gap / b.lay_mm, 2);
    const QString factor = tr("The strain is %1 times that of one such wire, known to 15 %.")
                               .arg(number(wire::findStrainFactor(b, gap), 2));
    if (gap / b.lay_mm < wire::kLeastGapOverLay)
        return tr("A turn is %1, more than three times the gap: the strands gather their bend at the stiff ends, and "
                  "nobody knows how soon they break. A lay equal to the gap or a little shorter, never longer.")
            .arg(length(b.lay_mm));
    if (gap / b.lay_mm < 1 - 1e-9)
        return tr("A turn is longer than the gap, which holds only %1 of it: free strands gather their bend at the "
                  "stiff "
                  "ends. %2 A lay equal to the gap or a little shorter, never longer.")
            .arg(turns, factor);
    if (wire::findLock(b, gap) < 0.02)
        return tr("%n whole turn(s) of the lay lie in the gap, so every strand passes from the outside of the bend to "
                  "the "
                  "inside and its length evens out: nothing is stretched. %1",
                  nullptr, static_cast<int>(std::lround(gap / b.lay_mm)))
            .arg(factor);
    return tr("%1 turns of the lay lie in the gap: what is more than whole turns stays stretched at every bend. %2")
        .arg(turns, factor);
}

QString Say::chance(const body::Puppet& puppet, const choice::PuppetChoice& c) {
    if (!std::isnan(c.survival))
        return tr("Chance that no wire breaks before the film's end: %1 %.").arg(number(c.survival * 100, 0));
    for (const choice::LimbChoice& l : c.limbs)
        for (std::size_t j = 0; j < l.verdicts.size(); ++j)
            if (const choice::State s = l.verdicts[j].state(); s != choice::State::holds)
                return tr("Chance that no wire breaks: not while the %1 is %2.")
                    .arg(QString::fromStdString(puppet.limbs[static_cast<std::size_t>(l.limb)]
                                                    .joints[static_cast<std::size_t>(l.demands[j].joint)]
                                                    .name),
                         state(s));
    return tr("Chance that no wire breaks: not checked.");
}

QString Say::edge(double f) {
    if (f >= 1.5) return tr("hard edge");
    return f > 1.05 ? tr("eased edge") : tr("no edge");
}

std::string cardName(const document::Production& p, const results::Report& r, int spool) {
    const std::string& id = p.stock.spools[static_cast<std::size_t>(spool)].material;
    const auto it =
        std::find_if(r.cards->wires.begin(), r.cards->wires.end(), [&](const auto& c) { return c.id == id; });
    return it == r.cards->wires.end() ? id : it->name;
}

} // namespace enkinet::app
