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
    constexpr const char* kWords[] = {"nothing drawn yet",
                                      "nothing holds it to a base",
                                      "a proportion is not what is wanted",
                                      "a proportion is unusual",
                                      "no picture shows it from one side",
                                      "no picture shows it from behind or below",
                                      "two pictures disagree on its height",
                                      "left and right measure differently",
                                      "drawn lower than its height",
                                      "joint",
                                      "no wire in stock can be tried",
                                      "easier to bend than the joint beyond it",
                                      "cut, and no longer what is wanted",
                                      "carries torsion on one straight wire: give it a key",
                                      "twisting spends much of the wire",
                                      "the choice does not settle",
                                      "hollow under its clay",
                                      "no room for bulk",
                                      "skin too thin",
                                      "skin too thick",
                                      "stiff clay across a joint",
                                      "flexible clay stretched beyond its limit",
                                      "skin jumps by more than two to one",
                                      "slender",
                                      "more minutes at heat than its clay stands",
                                      "no load cures it",
                                      "must not go into the oven",
                                      "sags before it is cured: prop it",
                                      "nothing to hold but what is wet",
                                      "does not cure in a day",
                                      "foil that shows: neither clay, paint nor cover",
                                      "stays in the colour of its clay",
                                      "coat does not hold on the one below",
                                      "a test contradicts the card of",
                                      "not checked: nothing is posed in it",
                                      "holds with less to spare than is wanted",
                                      "fingers mark its soft clay",
                                      "nothing of it is left outside its parent",
                                      "never dries, and a load names it",
                                      "rigid varnish on what flexes",
                                      "paint does not hold on clay that never dries",
                                      "plain steel in wet clay",
                                      "wet paint on unsealed air-dry clay",
                                      "is to have no wire, and needs one",
                                      "the wire picked for it cannot be made",
                                      "bare wire does not carry it raw",
                                      "bare wire bends down too far",
                                      "bare wire folds up under what stands on it",
                                      "stands less heat than a load still to come",
                                      "holds less than it must",
                                      "its glue does not hold on that face",
                                      "its glue lets go in a load still to come",
                                      "the hole leaves too thin a wall",
                                      "tips with its base when it leans",
                                      "posing it pushes it over: clamp the base",
                                      "its hole is not on the base",
                                      "does not carry itself raw",
                                      "bent tighter than it stands once cured",
                                      "stretched beyond what it stands when its limbs open",
                                      "folded beyond what it stands when its limbs close",
                                      "leaves too thin a wall",
                                      "bent tighter than it may be",
                                      "test it before it is closed",
                                      "try it in the hand before that is hard",
                                      "came out without a body",
                                      "never hardens under another coat",
                                      "an order of yours contradicts the rest",
                                      "wire to buy",
                                      "clay to buy",
                                      "paint to buy",
                                      "foil to buy"};
    static_assert(std::size(kWords) == static_cast<std::size_t>(results::Issue::buy_foil) + 1);
    return kWords[static_cast<int>(i)];
}

} // namespace enkinet::cli
