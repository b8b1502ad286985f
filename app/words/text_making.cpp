// The making in words: steps, why they wait, what they are held by, gates, the oven.
#include "document/document.h"
#include "document/translated.h"
#include "words/text.h"
#include <cmath>

namespace enkinet::app {

QString Text::step(const make::Step& s) {
    using make::StepKind;
    const QString who = translated(s.subject), what = QString::fromStdString(s.detail);
    switch (s.kind) {
    case StepKind::print_sheets:
        return tr("Print the sheets of %1").arg(who);
    case StepKind::cut_wire:
        return s.amount == 1 ? tr("Cut wire: %1, 1 piece").arg(who)
                             : tr("Cut wire: %1, %2 pieces").arg(who, number(s.amount, 0));
    case StepKind::twist_wire:
        return tr("Twist: %1, %2 turns").arg(who, number(s.amount, 1));
    case StepKind::drill_base:
        return s.amount == 1 ? tr("Drill the base: 1 hole") : tr("Drill the base: %1 holes").arg(number(s.amount, 0));
    case StepKind::bind_limb:
        return tr("Bind on: %1").arg(who);
    case StepKind::set_putty:
        return s.mixes > 1 ? tr("Putty on the stiff stretches, mix %1 of %2").arg(s.mix).arg(s.mixes)
                           : tr("Putty on the stiff stretches");
    case StepKind::bulk:
        return tr("Bulk %1: %2, %3").arg(who, grams(s.amount), what);
    case StepKind::skin:
        return s.mixes > 1 ? tr("Skin %1: %2, mix %3 of %4").arg(who, grams(s.amount)).arg(s.mix).arg(s.mixes)
                           : tr("Skin %1: %2").arg(who, grams(s.amount));
    case StepKind::coat:
        return tr("Coat of clay under the skin, %1: %2, %3").arg(who, grams(s.amount), what);
    case StepKind::gate:
        if (s.bake >= 0) return tr("Last look before the oven: %1").arg(who);
        if (s.gate.empty()) return tr("Last look at %1").arg(who);
        switch (s.gate.back().check) {
        case make::Check::closed:
            return tr("Last look before cloth closes over it");
        case make::Check::sheen:
            return tr("Last look before it is sealed");
        case make::Check::holes:
        case make::Check::gaps:
            return tr("Last look at the bare frame");
        default:
            return tr("Last look before it sets");
        }
    case StepKind::bake:
        return tr("Bake %1 at %2, let it cool").arg(who, temperature(s.amount));
    case StepKind::dry:
        return tr("Let %1 set").arg(who);
    case StepKind::paint:
        if (const QString where = zone(s.zone, s.from, s.to); !where.isEmpty())
            return tr("Paint %1: %2 %3, %4").arg(who, role(s.role), where, what);
        return tr("Paint %1: %2, %3").arg(who, role(s.role), what);
    case StepKind::cover:
        return tr("Cover %1").arg(who);
    case StepKind::tie_down:
        return tr("Plant the feet in the base");
    case StepKind::feature:
        return tr("%1: make and fit %n", nullptr, static_cast<int>(s.amount)).arg(who);
    case StepKind::variant:
        return tr("Make %1, which goes on instead").arg(who);
    case StepKind::sheet:
        return tr("Roll, cut and fit %1").arg(who);
    case StepKind::run:
        return tr("Lay %1 and light it").arg(who);
    case StepKind::hole:
        return tr("Drill for %1").arg(who);
    case StepKind::try_prop:
        return tr("Try %1 in the hand").arg(who);
    case StepKind::glue:
        return tr("Glue %1").arg(who);
    case StepKind::sign_off:
        return tr("Last look at %1 from five sides").arg(who);
    }
    return {};
}

QString Text::reason(make::Reason r) {
    using make::Reason;
    switch (r) {
    case Reason::marks_from_sheet:
        return tr("joints are marked from the printed strip");
    case Reason::strands_first:
        return tr("strands are cut before they are twisted");
    case Reason::wire_first:
        return tr("its wire is ready first");
    case Reason::parent_first:
        return tr("it is wrapped on the limb that carries it");
    case Reason::stiff_before_bulk:
        return tr("foil presses on putty that has set");
    case Reason::core_before_skin:
        return tr("clay needs something firm under it");
    case Reason::nothing_hard_yet:
        return tr("after it nothing can be changed");
    case Reason::clay_raw_until_baked:
        return tr("paint holds on cured clay only");
    case Reason::heat_before_cloth:
        return tr("cloth and glue do not go into the oven");
    case Reason::coat_below_dry:
        return tr("the coat below must be dry");
    case Reason::paint_before_cloth:
        return tr("wet paint would stain the cloth");
    case Reason::reach_before_closed:
        return tr("out of reach once it is covered");
    case Reason::handled_last:
        return tr("handling would rub or crush it");
    case Reason::hold_on_hard:
        return tr("what is hard by then is held while it is worked");
    case Reason::last_look:
        return tr("what is wrong can still be mended there");
    case Reason::dry_before_heat:
        return tr("wet clay boils in the oven, and putty that has not set runs");
    case Reason::soft_after_heat:
        return tr("clay that never dries never sees the oven");
    case Reason::holes_before_feet:
        return tr("the holes must be there");
    case Reason::sits_on_it:
        return tr("what it sits on is there first");
    case Reason::there_before:
        return tr("it must be there by then");
    case Reason::mixed_again:
        return tr("one mix is used up before the next");
    case Reason::own_order:
        return tr("you want it so");
    }
    return {};
}

QString Text::caution(make::Caution c) {
    using make::Caution;
    switch (c) {
    case Caution::none:
        return {};
    case Caution::eyes:
        return tr("Cover your eyes: wire whips when it is spun by a drill, and chips fly from a bit.");
    case Caution::eyes_and_snips:
        return tr("Cover your eyes: snipped ends fly.");
    case Caution::gloves_air:
        return tr("Gloves for epoxy putty, fresh air for instant glue; its product sheet comes first.");
    case Caution::air_oven:
        return tr("Fresh air, never above the set point (burning fumes), no oven that is used for food; let it cool "
                  "before you move it.");
    case Caution::air_spray:
        return tr("Fresh air, and a mask where it is sprayed; the product's own sheet comes first.");
    case Caution::gloves:
        return tr("Gloves for epoxy putty wherever it is worked, as skin too; its product sheet comes first.");
    case Caution::air_if_sprayed:
        return tr("Where it is sprayed: extraction or a mask; the product's own sheet comes first.");
    case Caution::blade:
        return tr("Cut from the back, blade away from the hand.");
    }
    return {};
}

QString Text::grip(const make::Step& s) {
    const QString by = translated(s.heldBy);
    switch (s.grip) {
    case make::Grip::none:
        return {};
    case make::Grip::hard_part:
        return tr("Hold it by what is hard already: %1.").arg(by);
    case make::Grip::wire_ends:
        return tr("Hold it by the bare wire under its feet, in a block.");
    case make::Grip::bare_limb:
        return tr("Hold it by the %1, still bare.").arg(by);
    case make::Grip::dry_part:
        return tr("Hold it by the %1, which stays dry.").arg(by);
    case make::Grip::wet_only:
        return tr("Nothing to hold but what is wet: give it a rod or bake it in stages.");
    }
    return {};
}

QString Text::gateLine(const make::GateItem& g) { return g.stop ? tr("Stop. %1").arg(gateItem(g)) : gateItem(g); }

QString Text::gateItem(const make::GateItem& g) {
    using make::Check;
    const QString who = capital(g.subject), what = translated(g.subject);
    const bool one = std::lround(g.a) == 1;
    switch (g.check) {
    case Check::pose:
        return one ? tr("The %1 is bent on the board. Is that how it is to harden?").arg(what)
                   : tr("%1 joints are bent on the board, the %2 among them. Is that how it is to harden?")
                         .arg(number(g.a, 0), what);
    case Check::gaps:
        return one ? tr("One gap is to be free of clay and foil: it is, and %1 long.").arg(length(g.b, 0))
                   : tr("%1 gaps are to be free of clay and foil: they are; the shortest is %2.")
                         .arg(number(g.a, 0), length(g.b, 0));
    case Check::crossed:
        if (g.stop)
            return one ? tr("The gap of the %1 is crossed by clay that hardens: the joint will not bend.").arg(what)
                       : tr("%1 gaps are crossed by clay that hardens, the %2 among them: they will not bend.")
                             .arg(number(g.a, 0), what);
        return one ? tr("Soft clay runs across one gap, as the skin is set to.")
                   : tr("Soft clay runs across %1 gaps, as the skin is set to.").arg(number(g.a, 0));
    case Check::dry_first:
        return tr("The %1 is dry or set: two weighings 12 h apart agree within half a per cent. Wet clay boils and "
                  "bursts.")
            .arg(what);
    case Check::not_yet:
        return tr("The %1 is not on yet: its clay never dries and goes on after the last load.").arg(what);
    case Check::never_bake:
        return tr("%1 is named in this load, and its clay never sees the oven: take it out.").arg(who);
    case Check::holes:
        return one ? tr("The wire under the foot is free for %1 of base.").arg(length(g.b, 0))
                   : tr("%1 wires under the feet are free for %2 of base, and their holes are drilled.")
                         .arg(number(g.a, 0), length(g.b, 0));
    case Check::scorches:
        return tr("%1 scorches at %2, this load peaks at %3: a lower set point, or a hood of foil.")
            .arg(who, temperature(g.a), temperature(g.b));
    case Check::take_out:
        return tr("%1 must not go in: it stands %2, this load peaks at %3.")
            .arg(who, temperature(g.a), temperature(g.b));
    case Check::glue:
        return tr("Instant glue in the wraps (%1) softens at %2, this load peaks at %3: turns of wire and putty "
                  "must carry them.")
            .arg(what, temperature(g.a), temperature(g.b));
    case Check::sleeve:
        return tr("Sleeves (%1) go on shrinking from %2, this load peaks at %3.")
            .arg(what, temperature(g.a), temperature(g.b));
    case Check::alongside:
        return tr("%1 goes in with it: stands %2.").arg(who, temperature(g.a));
    case Check::prop:
        return tr("Prop the %1, %2 above the base: its raw clay carries %3 times what it can.")
            .arg(what, length(g.a, 0), number(g.b, 1));
    case Check::prop_joint:
        return tr("Prop what the %1 carries: it holds %2 of %3 N·mm.").arg(what, figure(g.a), figure(g.b));
    case Check::air:
        return tr("The %1 closes air in: %2 ml more in this heat, %3 times what its raw skin holds. Prick it down to "
                  "the "
                  "core where it is not seen, and fill the hole afterwards.")
            .arg(what, number(g.a / 1000, 1), number(g.b, 1));
    case Check::thinnest:
        return tr("Thinnest skin: %1, %2; its clay wants %3 at least.").arg(what, length(g.a), length(g.b));
    case Check::thickest:
        return tr("Thickest skin: %1, %2; its clay wants %3 at most.").arg(what, length(g.a), length(g.b));
    case Check::pair:
        return tr("The %1 and its twin carry the same clay by the scales: %2 each.").arg(what, grams(g.a));
    case Check::cloth:
        return tr("The %1 stays %2 under size all round for its cover.").arg(what, length(g.a));
    case Check::oversize:
        return tr("%1: every length is still %2 times its final size.").arg(who, number(g.a, 3));
    case Check::probe:
        return std::isnan(g.a) ? tr("No probe has been in this oven: its %1 may be anything near. Log it once.")
                                     .arg(temperature(g.b))
                               : tr("Dial %1: by the probe that makes %2.").arg(temperature(g.a), temperature(g.b));
    case Check::cool:
        return g.a > 2 * g.b
                   ? tr("Cool it in the shut oven: the thinnest part is fit to move after %1, the slowest (%2) "
                        "after %3.")
                         .arg(minutes(g.b), what, minutes(g.a))
                   : tr("Fit to move after %1 of cooling; slowest: %2.").arg(minutes(g.a), what);
    case Check::closed:
        return one ? tr("%1: one joint is out of reach under %2 of cloth.").arg(who, length(g.b))
                   : tr("%1: %2 joints are out of reach under %3 of cloth.").arg(who, number(g.a, 0), length(g.b));
    case Check::try_prop:
        return g.stop ? tr("%1 has not been tried in the hand: once the clay is hard the grip is %2 across for good.")
                            .arg(who, length(g.a))
                      : tr("%1 has been tried in the hand, grip %2 across.").arg(who, length(g.a));
    case Check::hole_there:
        return tr("The hole for the %1 is made: %2 across, %3 deep.").arg(what, length(g.a), length(g.b));
    case Check::lit:
        return g.stop ? tr("The %1 has not been tested: lit once before it is closed for good.").arg(what)
                      : tr("The %1 has been lit.").arg(what);
    case Check::seated:
        return one ? tr("%1 is in its seat of %2, or the seat is there.").arg(who, length(g.b))
                   : tr("%1: all %2 are in their seats of %3, or the seats are there.")
                         .arg(who, number(g.a, 0), length(g.b));
    case Check::spares:
        return one ? tr("A spare of %1 is made.").arg(what) : tr("%1 spares of %2 are made.").arg(number(g.a, 0), what);
    case Check::glue_heat:
        return tr("The glue of the %1 lets go at %2, this load peaks at %3: stick it afterwards, or let it have done "
                  "its "
                  "work by then.")
            .arg(what, temperature(g.a), temperature(g.b));
    case Check::clearance:
        return tr("The %1 comes off and goes on, its hole %2 wider than what sits in it.").arg(what, length(g.a, 2));
    case Check::sheen:
        return tr("%1: %2 coats are dry, the last takes %3 h; every touch-up is done.")
            .arg(who, number(g.a, 0), number(g.b, 1));
    }
    return {};
}

QString Text::remedy(const results::Remedy& r, const Shown& d) {
    QString what = remedyChange(r, d);
    if (!r.with.empty()) what = tr("%1, and %2").arg(what, remedyChange(r.with.front(), d));
    QString then = tr("%1, %2 s of film").arg(bundle(r.bundle), figure(r.life_s));
    if (const int others = r.fails - r.failsAfter; others > 1)
        then += tr("; %n failing joint(s) fewer in all", nullptr, others);
    if (!r.breaks.empty()) {
        QStringList names;
        for (const std::string& name : r.breaks)
            names << QString::fromStdString(name);
        then += tr("; but %1 no longer holds").arg(names.join(tr(", ")));
    }
    if (r.thinReserve) then += tr("; with %1 % to spare, less than is wanted").arg(number(100 * r.reserve, 1));
    if (!r.brings.empty()) then += tr("; opens %n other point(s)", nullptr, static_cast<int>(r.brings.size()));
    return what + "\n" + then;
}

QString Text::remedyChange(const results::Remedy& r, const Shown& d) {
    using results::Fix;
    const body::Puppet& p = d.puppet();
    const body::Limb& limb = p.limbs[static_cast<std::size_t>(r.limb)];
    const QString joint = r.joint >= 0 && r.fix != Fix::rig
                              ? QString::fromStdString(limb.joints[static_cast<std::size_t>(r.joint)].name)
                              : QString();
    const QString mass =
        r.mass >= 0 ? QString::fromStdString(p.masses[static_cast<std::size_t>(r.mass)].name) : QString();
    QString what;
    switch (r.fix) {
    case Fix::gap:
        what = tr("a gap of %2 at the %1, not %3").arg(joint, length(r.to, 2), length(r.from));
        break;
    case Fix::range: {
        const body::Joint& j = limb.joints[static_cast<std::size_t>(r.joint)];
        what = tr("%1 bends only %2 to %3").arg(joint, degrees(r.to * j.low_rad, 1), degrees(r.to * j.high_rad, 1));
        break;
    }
    case Fix::film:
        what = tr("it need last only %1 s of film, not %2").arg(figure(r.to), figure(r.from));
        break;
    case Fix::lean:
        what = tr("lean no more than %1, not %2").arg(degrees(r.to, 1), degrees(r.from));
        break;
    case Fix::skin:
        what = tr("skin of the %1 %2 instead of %3, the rest foil").arg(mass, length(r.to, 2), length(r.from));
        break;
    case Fix::weight:
        what = tr("%1 %2 instead of %3").arg(mass, grams(r.to), grams(r.from));
        break;
    case Fix::width:
        what = tr("the %1 %2 % thicker").arg(QString::fromStdString(limb.name), number(100 * (r.to - 1), 0));
        break;
    case Fix::edge:
        what = tr("%1 at the %2").arg(r.to > wire::kNoEdge ? tr("an eased edge") : tr("no edge"), joint);
        break;
    case Fix::spool:
        what = tr("a spool of %1 %2").arg(wireName(r.spool.material, d), diameter(r.spool.diameter_mm));
        break;
    case Fix::rig:
        what = tr("a rig carries it at the %1, above its weight")
                   .arg(QString::fromStdString(limb.segments[static_cast<std::size_t>(r.joint)].name));
        break;
    case Fix::gaps:
        what = tr("all gaps of the %1 %2 % longer").arg(QString::fromStdString(limb.name), number(100 * (r.to - 1), 0));
        break;
    case Fix::ranges:
        what = tr("all joints of the %1 bend only %2 % as far")
                   .arg(QString::fromStdString(limb.name), number(100 * r.to, 0));
        break;
    case Fix::edges:
        what = tr("%1 at every joint of the %2")
                   .arg(r.to > wire::kNoEdge ? tr("an eased edge") : tr("no edge"), QString::fromStdString(limb.name));
        break;
    case Fix::thin:
        what = tr("skins of the %1 %2 % thinner").arg(QString::fromStdString(limb.name), number(100 * (1 - r.to), 0));
        break;
    case Fix::acting:
        what = tr("the %1 acts %2 % as much").arg(QString::fromStdString(limb.name), number(100 * r.to, 0));
        break;
    case Fix::hinge:
        what = tr("the %1 %2 further out, clear of what is hard").arg(joint, length(r.to, 2));
        break;
    case Fix::fixed:
        what = tr("the %1 is fixed and bends no more").arg(joint);
        break;
    case Fix::feet:
        what = tr("%1 feet always on the ground, not %2").arg(number(r.to, 0), number(r.from, 0));
        break;
    }
    return what;
}

QString Text::wireName(const std::string& card, const Shown& d) {
    for (const auto& c : d.report().cards->wires)
        if (c.id == card) return QString::fromStdString(c.name);
    return QString::fromStdString(card);
}

} // namespace enkinet::app
