// What is said of wire: bundles, why a limb has one, what loads it, what it stands.
#include "base/text.h"
#include "base/units.h"
#include "document/document.h"
#include "document/translated.h"
#include "words/text.h"
#include <algorithm>
#include <cmath>
#include <numeric>

namespace enkinet::app {

namespace {
/// A strand's diameter; in inches with the gauge that wire is sold by beside it.
QString gaugeOf(double mm) { return Text::inches() ? Text::diameter(mm) : Text::tr("%1 mm").arg(Text::number(mm, 1)); }
/// The length of one turn.
QString turnOf(double mm) { return Text::length(mm, mm < 10 ? 1 : 0); }
/// What a number and its limit are known to, typical: one standard deviation of ln of their ratio. docs/mechanics.md
/// 156.
constexpr double kHoldKnown = 0.15, kHandKnown = 0.25, kSpringKnown = 0.10;

/// A verdict that turns on less than is known says so; beyond is how many times the limit is missed.
QString justMissed(double beyond, double known) {
    if (!(beyond >= 1) || std::log(beyond) > known) return {};
    return Text::tr(" Only just: known to %1 %.").arg(Text::number(100 * known, 0));
}

} // namespace

QString Text::bundle(const wire::Bundle& b) {
    return b.strands == 1 ? tr("one of %1").arg(gaugeOf(b.diameter_mm))
                          : tr("%1 of %2").arg(b.strands).arg(gaugeOf(b.diameter_mm));
}

QString Text::sentence(choice::State s, const choice::Demand& d, const choice::Verdict& v, const wire::Bundle& b) {
    switch (s) {
    case choice::State::holds:
        return tr("Holds %1 of %2 N·mm needed, and 9 of 10 last %3 of %4 s of film.")
            .arg(figure(v.bend.hold_Nmm), figure(d.needed_Nmm), figure(v.life_s), figure(d.needFilm_s));
    case choice::State::slack:
        return tr("It holds %1 N·mm; %2 are needed.").arg(figure(v.bend.hold_Nmm), figure(d.needed_Nmm)) +
               justMissed(d.needed_Nmm / v.bend.hold_Nmm, kHoldKnown);
    case choice::State::stiff:
        if (d.nearDecides)
            return tr("Bending it takes %1 N·mm; the other hand can give %2 against it.")
                       .arg(figure(v.effort_Nmm), figure(d.effortLimit_Nmm)) +
                   justMissed(v.effort_Nmm / d.effortLimit_Nmm, kHandKnown);
        return (d.far.dents ? tr("Bending it takes %1 N; the clay dents at %2 N.")
                            : tr("Bending it takes %1 N; fingers give %2 N."))
                   .arg(figure(v.effort_N), figure(d.effortLimit_N())) +
               justMissed(v.effort_N / d.effortLimit_N(), kHandKnown);
    case choice::State::springy:
        return tr("It springs back %1; %2 are allowed.")
                   .arg(degrees(v.springback_rad, 1), degrees(d.springLimit_rad, 1)) +
               justMissed(v.springback_rad / d.springLimit_rad, kSpringKnown);
    case choice::State::tired:
        if (v.bend.status == wire::BendStatus::too_tight || v.bend.status == wire::BendStatus::lay_too_long) break;
        return tr("9 of 10 such joints last %1 s of film; %2 are wanted.").arg(figure(v.life_s), figure(d.needFilm_s));
    case choice::State::crowded:
    case choice::State::not_checked:
        break;
    }
    return capital(verdict(s, d, v, b)) + tr(".");
}

QString Text::wire(const wire::Bundle& b, const std::string& card) {
    const QString metal = QString::fromStdString(card), gauge = gaugeOf(b.diameter_mm);
    if (b.strands == 1) return tr("one wire of %1 %2").arg(gauge, metal);
    return b.lay_mm > 0 ? tr("%1 strands of %2 %3, %4 a turn").arg(b.strands).arg(gauge, metal, turnOf(b.lay_mm))
                        : tr("%1 strands of %2 %3, side by side").arg(b.strands).arg(gauge, metal);
}

QString Text::limbWire(const body::Limb& limb, const choice::LimbChoice& l, const choice::Candidate& c,
                       const std::string& card) {
    QString text = wire(c.bundle, card);
    for (const choice::Ending& e : choice::findEndings(l, c))
        text += tr(", %1 from the %2 on")
                    .arg(e.strands)
                    .arg(QString::fromStdString(limb.segments[static_cast<std::size_t>(e.joint)].name));
    return text;
}

QString Text::shortWire(const choice::LimbChoice& l, const choice::Candidate& c, const std::string& card) {
    QString strands = QString::number(c.bundle.strands);
    for (const choice::Ending& e : choice::findEndings(l, c))
        strands += tr("→%1").arg(e.strands);
    const QString gauge = gaugeOf(c.bundle.diameter_mm), metal = QString::fromStdString(card);
    if (c.bundle.strands == 1) return tr("one of %1 %2").arg(gauge, metal);
    return tr("%1 of %2 %3").arg(strands, gauge, metal);
}

QString Text::footing(const choice::PuppetChoice& c) {
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
            shares << (g < 0 ? tr("the tie-down of the %1 pulls %2").arg(translated(link.label), grams(-g))
                             : tr("%1 %2").arg(translated(link.label), grams(g)));
        }
        text = tr("On %1 feet at worst: %2. ").arg(hard->down.size()).arg(shares.join(tr(", ")));
    }
    return text + tr("The tip of the %1 droops most, %2, as the wire gives.")
                      .arg(translated(c.skeleton.copies[static_cast<std::size_t>(tip)].label), length(droop));
}

QString Text::noWire(const choice::WireReason& r) {
    return r.refused ? tr("no wire, as chosen") : r.needed() ? tr("no wire in stock") : tr("needs no wire");
}

QString Text::wireReason(const choice::WireReason& r) {
    QStringList why;
    if (r.pose) why << tr("to hold a pose");
    if (r.anchor) why << tr("to anchor");
    if (r.rawClay) why << tr("to hold the raw clay in shape until it is cured");
    if (r.refused)
        return why.isEmpty() ? tr("No wire, as you chose.")
                             : tr("No wire, as you chose, though it would be here %1.").arg(why.join(tr(", ")));
    if (!why.isEmpty()) return tr("Wire is here %1.").arg(why.join(tr(", ")));
    return tr("Needs no wire: nothing moves, nothing hangs on it, and its raw clay carries itself "
              "(%1 of %2 MPa at its root, held level).")
        .arg(number(r.raw_MPa, 4), number(r.rawLimit_MPa, 3));
}

QString Text::load(const choice::Demand& d, const body::Puppet& puppet) {
    // In which pose, where it is not as it is built.
    const QString in = d.load.pose == enkinet::load::kAtRest ? QString()
                       : d.load.pose == enkinet::load::kOnBoard
                           ? tr(", in the pose on the board")
                           : tr(", in the pose “%1”")
                                 .arg(QString::fromStdString(puppet.poses[static_cast<std::size_t>(d.load.pose)].name));
    const QString moment = figure(d.load.load_Nmm);
    switch (d.load.why) {
    case enkinet::load::Case::standing:
        return tr("the load of %1 N·mm: %2 lean on it, %3 off its line, in the worst lean of up to %4")
                   .arg(moment, grams(d.load.beyond_g), length(d.load.arm_mm), degrees(puppet.wants.lean_rad)) +
               in;
    case enkinet::load::Case::stretched:
        return tr("the load of %1 N·mm: %2 stretched out level, %3 away")
            .arg(moment, grams(d.load.beyond_g), length(d.load.arm_mm));
    case enkinet::load::Case::shared:
        return tr("the load of %1 N·mm: the frame's share of the whole weight, in the worst lean of up to %2")
                   .arg(moment, degrees(puppet.wants.lean_rad)) +
               in;
    case enkinet::load::Case::posed:
        return tr("the load of %1 N·mm: a pose that is kept, and no other").arg(moment) + in;
    case enkinet::load::Case::touch:
        return tr("the load of %1 N·mm: a hand's touch, for next to nothing hangs on it").arg(moment);
    }
    return {};
}

QString Text::madeFor(const body::Puppet& puppet) {
    QStringList poses;
    for (const body::Pose& p : puppet.poses)
        poses << tr("“%1”").arg(QString::fromStdString(p.name));
    const bool kept = std::any_of(puppet.poses.begin(), puppet.poses.end(),
                                  [&](const body::Pose& p) { return p.angles == puppet.board.angles; });
    if (!puppet.board.angles.empty() && !kept) poses << tr("the pose on the board");
    return poses.isEmpty()
               ? tr("The wire is chosen for standing as it is built; no pose is kept.")
               : tr("The wire is chosen for standing as it is built, and for %1.").arg(poses.join(tr(", ")));
}

QString Text::verdict(choice::State s, const choice::Demand& d, const choice::Verdict& v, const wire::Bundle& b) {
    switch (s) {
    case choice::State::not_checked:
        return stateMeaning(s);
    case choice::State::crowded:
        if (d.buried)
            return tr("its gap lies inside the %1, which is hard once cured: %2 of %3 are free")
                .arg(translated(d.buriedIn), length(d.free_mm), length(d.gap_mm));
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

QString Text::whyLay(const wire::Bundle& b, double gap) {
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

QString Text::chance(const body::Puppet& puppet, const choice::PuppetChoice& c) {
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

QString Text::tests(const wire::Calibration& c) {
    QStringList all;
    if (c.bendTests > 0) all << tr("%n bend test(s)", nullptr, c.bendTests);
    if (c.hangTests > 0) all << tr("%n hang test(s)", nullptr, c.hangTests);
    if (c.broken > 0) all << tr("%n wire(s) broken on the set", nullptr, c.broken);
    if (c.lasted > 0) all << tr("%n wire(s) that lasted there", nullptr, c.lasted);
    return all.isEmpty() ? tr("by its card alone") : all.join(tr(", "));
}

QString Text::edge(double f) {
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
