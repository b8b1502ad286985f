#pragma once
// The steps of a puppet, made from its design, in an order that respects what must come before what and why.
// Minutes are typical for one practised pair of hands. docs/mechanics.md 90 to 92.
#include "base/value.h"
#include "choice/cut_list.h"
#include "document/production.h"
#include "fill/things.h"
#include "make/gates.h"
#include "paint/coats.h"
#include <set>

namespace enkinet::make {

enum class StepKind {
    print_sheets,
    cut_wire,
    twist_wire,
    drill_base,
    bind_limb,
    set_putty,
    bulk,
    skin,
    gate,
    bake,
    dry,
    paint,
    cover,
    tie_down,
    feature,  ///< something that sits on the body is made and put on
    variant,  ///< what a slot carries instead
    sheet,    ///< a cape, web or ear
    run,      ///< a cable is laid, and lit
    hole,     ///< for a pin, dowel or rod
    try_prop, ///< in the hand that will hold it
    glue,     ///< one thing on another
    coat,     ///< a coat of clay beneath the skin
    sign_off  ///< the last look, from five sides
};
/// The word that ids of steps begin with.
const char* keyOf(StepKind kind);

/// Why one step waits for another.
enum class Reason {
    marks_from_sheet,     ///< joints are marked from the printed strip
    strands_first,        ///< strands are cut before they are twisted
    wire_first,           ///< the limb's wire is ready before it is bound on
    parent_first,         ///< it is wrapped on the limb that carries it
    stiff_before_bulk,    ///< foil presses on putty that has set
    core_before_skin,     ///< clay needs something firm under it
    nothing_hard_yet,     ///< the last look before it cannot be changed
    clay_raw_until_baked, ///< paint holds on cured clay only
    heat_before_cloth,    ///< cloth and glue do not go into the oven
    coat_below_dry,       ///< the coat below must be dry
    paint_before_cloth,   ///< wet paint would stain the cloth
    reach_before_closed,  ///< out of reach once it is covered
    handled_last,         ///< handling would crush or rub it
    hold_on_hard,         ///< what is hard already is held while it is worked
    last_look,            ///< a gate stands before it
    holes_before_feet,    ///< the feet are planted in holes that are there
    dry_before_heat,      ///< water in clay boils, and putty that has not set runs
    soft_after_heat,      ///< clay that never dries never sees the oven
    sits_on_it,           ///< what it sits on is there first
    there_before,         ///< it must be there before that stage
    mixed_again,          ///< one mix is used up before the next is made
    own_order,            ///< the builder wants it so
};

/// What the piece is held by while a step is done.
enum class Grip {
    none,      ///< the step needs none
    hard_part, ///< a part that is cured already
    wire_ends, ///< the bare wire under its feet
    bare_limb, ///< a limb that is still wire or bulk
    dry_part,  ///< a part that this step leaves alone
    wet_only   ///< nothing but what is being worked on
};

enum class Caution { none, eyes, eyes_and_snips, gloves_air, air_oven, air_spray, blade, gloves, air_if_sprayed };
enum class Tool { bench, drill, oven, drying_rack, printer, spray };

struct After {
    int step = 0;
    Reason reason = Reason::wire_first;
    friend bool operator==(const After&, const After&) = default;
};

struct Step {
    std::string id; ///< of the puppet's steps; the same for the same step of a changed design
    StepKind kind = StepKind::print_sheets;
    Phrase subject;     ///< limb, part or scheme, in the builder's own names
    std::string detail; ///< card or colour it is done with
    paint::Role role = paint::Role::base;
    paint::Zone zone = paint::Zone::everywhere; ///< of a coat; with a hard edge the rest is masked
    double from = 0, to = 1;                    ///< of a stretch
    double amount = 0;                          ///< strands, grams, °C or ml, by kind
    double hands_min = 0, wait_min = 0;
    double attended_min = 0; ///< of the wait, while somebody must be there
    bool rests = true;       ///< may stop for the night
    int mix = 0, mixes = 1;  ///< which of how many, where one mix would set before it is used up
    double working_min = 0;  ///< until what is put on has begun to set; 0: it does not
    Tool tool = Tool::bench;
    Caution caution = Caution::none;
    std::vector<After> after;
    Grip grip = Grip::none;
    Phrase heldBy;                   ///< part or limb, where the grip has a name
    int bake = -1;                   ///< of the bake plan, for a bake and its gate
    std::vector<GateItem> gate;      ///< for a gate
    std::vector<document::Use> uses; ///< of what is counted on the shelf, with what is wasted; foil in grams
    double start_min = 0;            ///< in the schedule below
    ENKINET_COMPARED(Step)
};

/// Why one step cannot come before another: it waits for `then`, step by step; each with its reason. Empty: it can.
struct Chain {
    int step = 0;
    Reason reason = Reason::wire_first; ///< why the one before it in the chain waits for it
};
/// From `first` back to `then`, through what each waits for: the shortest. Places in the plan.
std::vector<Chain> findChain(const std::vector<Step>& steps, int first, int then);

struct Plan {
    std::vector<Step> steps; ///< in order: each stands behind everything it waits for
    double hands_min = 0, wait_min = 0;
    double elapsed_min = 0; ///< one pair of hands working on while things dry and bake
    /// Of the builder's own orders those that would contradict the rest, by place; they are not kept.
    std::vector<int> refused;
    ENKINET_COMPARED(Plan)
};

/// A scheme on the surface of all parts that carry it.
struct SchemeWork {
    std::string id, name, clay; ///< clay: card that it is painted on
    double surface_mm2 = 0, features_mm2 = 0;
    std::vector<int> parts{}; ///< of the choice
    std::vector<paint::Laid> laid;
    friend bool operator==(const SchemeWork&, const SchemeWork&) = default;
};

Plan calcPlan(const body::Puppet& puppet, const choice::PuppetChoice& choice, const std::vector<choice::Cut>& cuts,
              const fill::BakePlan& bakes, const fill::Shelf& shelf, const std::vector<SchemeWork>& schemes,
              const std::vector<fill::FeatureWork>& features);

} // namespace enkinet::make
