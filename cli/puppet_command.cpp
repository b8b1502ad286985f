#include "puppet_command.h"
#include <iterator>

namespace enkinet::cli {

CLI::App* addPuppetCommand(CLI::App& program, Run& run, const char* name, const char* help,
                           void (*action)(const std::string&, bool, Run&)) {
    CLI::App* sub = program.add_subcommand(name, help);
    auto path = std::make_shared<std::string>();
    auto json = std::make_shared<bool>(false);
    sub->add_option("FILE", *path, "an .enkinet container or a production.json")->required();
    sub->add_flag("--json", *json, "JSON");
    sub->callback([=, &run] { action(*path, *json, run); });
    return sub;
}

const char* issueWord(results::Issue i) {
    switch (i) {
    case results::Issue::no_limbs:
        return "nothing drawn yet";
    case results::Issue::no_support:
        return "nothing holds it to a base";
    case results::Issue::proportion_off:
        return "a proportion is not what is wanted";
    case results::Issue::proportion_rare:
        return "a proportion is unusual";
    case results::Issue::never_seen:
        return "no picture shows it from one side";
    case results::Issue::never_seen_note:
        return "no picture shows it from behind or below";
    case results::Issue::pictures_differ:
        return "two pictures disagree on its height";
    case results::Issue::pair_differs:
        return "left and right measure differently";
    case results::Issue::height_off:
        return "drawn lower than its height";
    case results::Issue::limb_state:
        return "joint";
    case results::Issue::no_wire:
        return "no wire in stock can be tried";
    case results::Issue::order:
        return "easier to bend than the joint beyond it";
    case results::Issue::cut_differs:
        return "cut, and no longer what is wanted";
    case results::Issue::wants_key:
        return "carries torsion on one straight wire: give it a key";
    case results::Issue::twist_hard:
        return "twisting spends much of the wire";
    case results::Issue::unsettled:
        return "the choice does not settle";
    case results::Issue::hollow:
        return "hollow under its clay";
    case results::Issue::no_room_for_bulk:
        return "no room for bulk";
    case results::Issue::skin_thin:
        return "skin too thin";
    case results::Issue::skin_thick:
        return "skin too thick";
    case results::Issue::skin_bridges_joint:
        return "stiff clay across a joint";
    case results::Issue::skin_cracks:
        return "flexible clay stretched beyond its limit";
    case results::Issue::skin_jump:
        return "skin jumps by more than two to one";
    case results::Issue::slender:
        return "slender";
    case results::Issue::heat_spent:
        return "more minutes at heat than its clay stands";
    case results::Issue::left_raw:
        return "no load cures it";
    case results::Issue::not_in_oven:
        return "must not go into the oven";
    case results::Issue::sags:
        return "sags before it is cured: prop it";
    case results::Issue::wet_grip:
        return "nothing to hold but what is wet";
    case results::Issue::bake_too_long:
        return "does not cure in a day";
    case results::Issue::nothing_outside:
        return "foil that shows: neither clay, paint nor cover";
    case results::Issue::own_colour:
        return "stays in the colour of its clay";
    case results::Issue::coat_order:
        return "coat does not hold on the one below";
    case results::Issue::test_contradicts:
        return "a test contradicts the card of";
    case results::Issue::not_checked:
        return "not checked: nothing is posed in it";
    case results::Issue::thin_reserve:
        return "holds with less to spare than is wanted";
    case results::Issue::finger_marks:
        return "fingers mark its soft clay";
    case results::Issue::swallowed:
        return "nothing of it is left outside its parent";
    case results::Issue::never_baked:
        return "never dries, and a load names it";
    case results::Issue::varnish_cracks:
        return "rigid varnish on what flexes";
    case results::Issue::paint_on_soft:
        return "paint does not hold on clay that never dries";
    case results::Issue::rusts:
        return "plain steel in wet clay";
    case results::Issue::unsealed:
        return "wet paint on unsealed air-dry clay";
    case results::Issue::wire_refused:
        return "is to have no wire, and needs one";
    case results::Issue::pick_gone:
        return "the wire picked for it cannot be made";
    case results::Issue::still_slack:
        return "bare wire does not carry it raw";
    case results::Issue::still_droops:
        return "bare wire bends down too far";
    case results::Issue::still_wide:
        return "bare wire is thicker than its part less the skin";
    case results::Issue::still_folds:
        return "bare wire folds up under what stands on it";
    case results::Issue::thing_heat:
        return "stands less heat than a load still to come";
    case results::Issue::bond_weak:
        return "holds less than it must";
    case results::Issue::glue_face:
        return "its glue does not hold on that face";
    case results::Issue::bond_heat:
        return "its glue lets go in a load still to come";
    case results::Issue::hole_wall:
        return "the hole leaves too thin a wall";
    case results::Issue::bond_wired:
        return "cannot come off: wire runs into it";
    case results::Issue::base_tips:
        return "tips with its base when it leans";
    case results::Issue::base_pushed:
        return "posing it pushes it over: clamp the base";
    case results::Issue::hole_deep:
        return "its hole is deeper than the base is thick";
    case results::Issue::tie_weak:
        return "its planted wire tips in the base";
    case results::Issue::hole_outside:
        return "its hole is not on the base";
    case results::Issue::sheet_sags:
        return "does not carry itself raw";
    case results::Issue::sheet_cracks:
        return "bent tighter than it stands once cured";
    case results::Issue::web_tears:
        return "stretched beyond what it stands when its limbs open";
    case results::Issue::web_cracks:
        return "folded beyond what it stands when its limbs close";
    case results::Issue::run_wall:
        return "leaves too thin a wall";
    case results::Issue::run_bend:
        return "bent tighter than it may be";
    case results::Issue::run_untested:
        return "test it before it is closed";
    case results::Issue::prop_untried:
        return "try it in the hand before that is hard";
    case results::Issue::grip_wide:
        return "thicker than the hand that is to hold it";
    case results::Issue::part_without_body:
        return "came out without a body";
    case results::Issue::soft_under:
        return "never hardens under another coat";
    case results::Issue::plan_broken:
        return "not so while the plan is carried out";
    case results::Issue::order_refused:
        return "an order of yours contradicts the rest";
    case results::Issue::buy_wire:
        return "wire to buy";
    case results::Issue::buy_clay:
        return "clay to buy";
    case results::Issue::buy_paint:
        return "paint to buy";
    case results::Issue::buy_foil:
        return "foil to buy";
    case results::Issue::buy_rest:
        return "wares to buy of which nothing is there";
    }
    return "";
}

} // namespace enkinet::cli
