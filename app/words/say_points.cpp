// Open points in words: what is open, with its figure, and what to do next.
#include "base/units.h"
#include "document/spoken.h"
#include "words/say.h"
#include <algorithm>
#include <cmath>

namespace enkinet::app {

/// For whom, where it is not one puppet alone.
QString Say::whose(const results::OpenPoint& p) {
    return p.other.empty() ? QString() : tr(" by %1 together").arg(spoken(p.other));
}

QString Say::face(fill::Face face) {
    const QString all[] = {tr("raw clay"), tr("cured clay"), tr("wood"),    tr("metal"), tr("glass"),
                           tr("foam"),     tr("foil"),       tr("plaster"), tr("cloth"), tr("paint")};
    static_assert(std::size(all) == fill::kFaces);
    return all[static_cast<int>(face)];
}

QString Say::seen(body::Seen from, bool eitherSide) {
    switch (from) {
    case body::Seen::front:
        return tr("the front");
    case body::Seen::back:
        return tr("behind");
    case body::Seen::left:
        return eitherSide ? tr("either side") : tr("the left");
    case body::Seen::right:
        return tr("the right");
    case body::Seen::below:
        return tr("below");
    }
    return {};
}

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

QString Say::broken(results::Law law, const QString& thing, const QString& step, double found, double limit) {
    switch (law) {
    case results::Law::not_there:
        return tr("%1 is not there yet when “%2” wants it.").arg(capital(thing), step);
    case results::Law::has_set:
        return tr("%1: hands are on it until %2 after it was begun, in “%4”; it is open for %3. Work a smaller part at "
                  "a "
                  "time, keep it under a damp cloth, or take a clay that stays open longer.")
            .arg(capital(thing), minutes(found), minutes(limit), step);
    case results::Law::wet_in_heat:
        return found > 0
                   ? tr("%1 goes into the oven %2 before it has dried or set.").arg(capital(thing), minutes(found))
                   : tr("%1 goes into the oven before it has dried or set.").arg(capital(thing));
    case results::Law::harmed:
        return tr("%1 is in the oven at %2 and stands %3, and no last look says so.")
            .arg(capital(thing), temperature(found), temperature(limit));
    case results::Law::out_of_reach:
        return tr("%1: %2 % of it is out of a brush's reach by the time that it is painted (%3). Make what covers it "
                  "apart, and put it on after.")
            .arg(capital(thing), number(100 * found, 0), step);
    case results::Law::covered:
        return tr("%1 is under its cover when “%2” wants it.").arg(capital(thing), step);
    case results::Law::wet_held:
        return tr("%1 is not dry, set or cured when “%2” goes over it.").arg(capital(thing), step);
    case results::Law::same_name:
        return tr("Two steps go by one name, %1: a tick would finish both.").arg(thing);
    case results::Law::not_shared:
        return tr("A double is cut before the sheet that it is cut by is printed: %1.").arg(step);
    case results::Law::two_on_limb:
        return tr("Two people are at %1 at once.").arg(thing);
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
    case Issue::never_seen:
    case Issue::never_seen_note:
        return tr("No picture shows %1 of %2 parts from %3.")
            .arg(number(p.found, 0), number(p.limit, 0), seen(static_cast<body::Seen>(std::max(0, p.by)), true));
    case Issue::pictures_differ:
        return tr("Two pictures disagree: the figure is %1 high in %2 and %3 in %4.")
            .arg(length(p.found), QString::fromStdString(p.subject.english()).section('/', -1), length(p.limit),
                 QString::fromStdString(p.other.english()).section('/', -1));
    case Issue::pair_differs:
        return tr("%1: %2 on one side, %3 on the other, left minus right %4.")
            .arg(who, length(p.found), length(p.limit), length(p.found - p.limit));
    case Issue::proportion_off:
    case Issue::proportion_rare:
        return eye({static_cast<results::Eye>(p.by < 0 ? 0 : p.by),
                    p.subject.english(),
                    p.found,
                    p.limit,
                    p.more,
                    {},
                    p.issue == Issue::proportion_off
                        ? std::optional<body::Proportion>{{{}, (p.limit + p.more) / 2, (p.more - p.limit) / 2}}
                        : std::nullopt});
    case Issue::no_wire:
        return tr("No spool in stock can be tried for %1.").arg(who);
    case Issue::wire_refused: {
        QStringList what;
        if (p.found > 0) what << tr("hold %n posed joint(s)", nullptr, static_cast<int>(p.found));
        if (p.limit > 0) what << tr("anchor what stands or hangs on it");
        return tr("%1 is to have no wire (\"%2\"), but it must %3. Take the choice back at its wires, or fix its "
                  "joints "
                  "and hang on elsewhere what hangs on it.")
            .arg(who, spoken(p.other), what.join(tr(" and ")));
    }
    case Issue::order:
        return tr("%1 bends before the %2, which is farther out: %3 against %4 N·mm, each at its own full "
                  "bend.")
            .arg(who, spoken(p.other), figure(p.found), figure(p.limit));
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
                  "%4, the gap left bare under cloth, fur or feathers, or a clay that never dries.")
            .arg(who, number(p.found, 2), number(p.limit, 2), length(p.more, 0));
    case Issue::skin_jump:
        return tr("%1: skin of %2 beside %3 on the %4: more than two to one cracks and bakes unevenly.")
            .arg(who, length(p.found), length(p.limit), spoken(p.other));
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
            .arg(who, number(p.found, 0), spoken(p.other), number(p.limit, 0));
    case Issue::soft_under:
        return tr("%1 is %2, which never hardens: what goes over it slides and cracks. Use a clay that sets, or make "
                  "the soft one the skin.")
            .arg(who, spoken(p.other));
    case Issue::left_raw:
        return tr("%1 stays raw: no load cures it.").arg(who);
    case Issue::not_in_oven:
        return tr("%1 must not go into the oven: it stands %2, the load peaks at %3.")
            .arg(who, temperature(p.limit), temperature(p.found));
    case Issue::sags:
        return tr("%1 has no wire and would sag before it is cured: %2 of %3 MPa. Prop it %4 above the base, or "
                  "give it a wire.")
            .arg(who, number(p.found, 3), number(p.limit, 3), length(p.more, 0));
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
            .arg(who, spoken(p.other), figure(p.found), figure(p.limit));
    case Issue::still_droops:
        return tr("%1: bare wire bends down %2 under raw clay, %3 at most.").arg(who, length(p.found), length(p.limit));
    case Issue::still_wide:
        return tr("%1: its wire is %2 across, and the %3 has room for %4 inside its skin: thinner wire, or a thinner "
                  "skin.")
            .arg(who, length(p.found, 2), spoken(p.other), length(p.limit, 2));
    case Issue::still_folds:
        return tr("%1: bare wire folds up under %2 N, %3 N stand on it with a half to spare.")
            .arg(who, figure(p.found), figure(p.limit));
    case Issue::thing_heat:
        return tr("%1 stands %2, and a load at %3 is still to come: fit it after that.")
            .arg(who, temperature(p.found), temperature(p.limit));
    case Issue::bond_weak:
        return tr("%1 holds %2 of what it must: %3.")
            .arg(who, tr("%1 %").arg(number(100 * p.found, 0)), bondLimit(static_cast<results::BondLimit>(p.by)));
    case Issue::glue_face:
        return tr("%1: %2 does not hold on %3. What does is said at the bond.")
            .arg(who, spoken(p.other), face(static_cast<fill::Face>(std::max(0, p.by))));
    case Issue::bond_heat:
        return tr("%1: its glue stands %2, and a load at %3 is still to come.")
            .arg(who, temperature(p.found), temperature(p.limit));
    case Issue::hole_wall:
        return tr("%1: %2 of wall beside the hole, %3 at least.").arg(who, length(p.found), length(p.limit));
    case Issue::bond_wired:
        return tr("%1 cannot come off: %2 of the %3’s wire run into it. End the wire at the joint, or let it stay on.")
            .arg(who, length(p.found), spoken(p.other));
    case Issue::base_tips:
        return tr("%1 tips when it leans: its weight stands %2 inside the base's edge, %3 are wanted.")
            .arg(who, length(p.found), length(p.limit));
    case Issue::base_pushed:
        return tr("Posing the %1 pushes it over with its base, where nothing holds the near side: clamp the base, or "
                  "keep the other hand there, as the joint's own limit takes for granted.")
            .arg(spoken(p.other));
    case Issue::hole_deep:
        return tr("%1: its hole is %2 deep, the base %3 thick: a thicker base, or a shorter wire.")
            .arg(who, length(p.found), length(p.limit));
    case Issue::tie_weak:
        return tr("%1: its wire tips in the base at %2 N·mm, leaning it needs %3: deeper, more wires, or harder wood.")
            .arg(who, figure(p.found), figure(p.limit));
    case Issue::hole_outside:
        return tr("%1: its hole is not on the base.").arg(who);
    case Issue::sheet_sags:
        return tr("%1 sags raw: it carries %2 of its own weight. Mesh or wire inside, thicker, or propped.")
            .arg(who, tr("%1 %").arg(number(100 * p.found, 0)));
    case Issue::web_tears:
        return tr("%1 is stretched by %2 when its limbs open, where it stands %3: cut it %4 wide, or of cloth.")
            .arg(who, number(p.found, 2), number(p.limit, 2), length(std::ceil(p.more)));
    case Issue::web_cracks:
        return tr("%1 is bent to a strain of %2 when its limbs close, where it stands %3: no thicker than %4, or of "
                  "cloth.")
            .arg(who, number(p.found, 2), number(p.limit, 2), length(p.more, 2));
    case Issue::sheet_cracks:
        return tr("%1 is bent to %2 and cracks below %3 once cured: bend it raw, or thinner, or of flexible clay.")
            .arg(who, length(p.found), length(p.limit));
    case Issue::run_wall:
        return tr("%1 leaves %2 of wall in the %3, %4 at least.")
            .arg(who, length(p.found), spoken(p.other), length(p.limit));
    case Issue::run_bend:
        return tr("%1 is bent to %2 at the %3, %4 at least.")
            .arg(who, length(p.found), spoken(p.other), length(p.limit));
    case Issue::run_untested:
        return tr("%1: test it before it is closed.").arg(who);
    case Issue::prop_untried:
        return tr("%1: try it in the hand before that is hard.").arg(who);
    case Issue::grip_wide:
        return tr("%1 is %2 across where it is held, the hand only %3 long: a thinner handle, a pin, or glue.")
            .arg(who, length(p.found), length(p.limit));
    case Issue::part_without_body:
        return tr("%1 came out without a body: its clay lies inside its neighbour. Move it out, or take its clay off.")
            .arg(who);
    case Issue::plan_broken:
        return broken(static_cast<results::Law>(std::max(0, p.by)), who, spoken(p.other), p.found, p.limit);
    case Issue::order_refused:
        return tr("Order %1 of your own contradicts the rest of the plan and is not kept: take it back, or change what "
                  "stands against it.")
            .arg(number(p.found, 0));
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
    case Issue::varnish_cracks:
        return tr("%1 flexes: rigid varnish cracks on it. A flexible sealer, or none.").arg(who);
    case Issue::paint_on_soft:
        return tr("%1 is of clay that never dries: paint does not hold on it, dry pigment does.").arg(who);
    case Issue::rusts:
        return tr("%1: %2 rusts in clay that is wet with water and stains it. Aluminium, brass, stainless, or a coat "
                  "of "
                  "varnish on the wire first.")
            .arg(who, spoken(p.other));
    case Issue::unsealed:
        return tr("%1: %2 is wet with water and swells air-dry clay that is not sealed. A primer first.")
            .arg(who, spoken(p.other));
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
        return tr("A test of %1 contradicts its card: take it away, test again, or leave it as it is.").arg(who);
    case Issue::buy_wire:
        return tr("Buy wire %1: %2 m needed%4, %3 m there.").arg(who, number(p.limit, 1), number(p.found, 1), whose(p));
    case Issue::buy_clay:
        return tr("Buy %1: %2 g needed%4, %3 g there.").arg(who, number(p.limit, 0), number(p.found, 0), whose(p));
    case Issue::buy_paint:
        return tr("Buy %1: %2 ml needed%4, %3 ml there.").arg(who, number(p.limit, 1), number(p.found, 1), whose(p));
    case Issue::buy_foil:
        return tr("Buy foil: %1 m needed%3, %2 m there.").arg(number(p.limit, 1), number(p.found, 1), whose(p));
    case Issue::buy_rest:
        return tr("Buy %n thing(s) of which nothing is there: “What the whole production takes” lists them.", nullptr,
                  static_cast<int>(p.found));
    }
    return {};
}

} // namespace enkinet::app
