#pragma once
// Everything the core knows about one puppet of a production, computed afresh from the document: wire, layers, bakes,
// paint, plan, shopping and the points that are still open. Pure: the same document gives the same report.
#include "base/value.h"
#include "choice/cut_plan.h"
#include "fill/bake_memo.h"
#include "fill/cured.h"
#include "fill/ledger.h"
#include "fill/pattern.h"
#include "fill/skin_plan.h"
#include "make/steps.h"
#include "results/broken.h"
#include "results/shopping.h"
#include "results/things.h"
#include "schema/ref.h"

namespace enkinet::results {

/// In the order of work.
enum class Station { sheet, wire, bulk, skin, paint, plan, shoot, bench };
inline constexpr int kStations = 8;

enum class Issue {
    no_limbs,         ///< nothing drawn yet
    no_support,       ///< nothing holds the puppet to its base
    proportion_off,   ///< a proportion is not what the builder wants; by: the eye, limit and more: between what
    proportion_rare,  ///< a note: nor what is usual
    never_seen,       ///< no picture shows so many parts from one side; by: the side
    never_seen_note,  ///< a note: nor from behind or below
    pictures_differ,  ///< the figure is not equally high in two pictures
    pair_differs,     ///< a piece and its twin measure differently; found and limit: both
    height_off,       ///< the drawn figure is not as high as the puppet is said to be
    limb_state,       ///< a joint does not hold, with its state
    no_wire,          ///< no spool in stock can be tried for the limb
    order,            ///< a joint nearer what holds the puppet is easier to bend than the next one out
    cut_differs,      ///< a limb's wire has been cut, and is no longer what is wanted
    wants_key,        ///< a lone straight wire carries torsion and spins in its bulk
    twist_hard,       ///< twisting spends much of the wire's ductility
    unsettled,        ///< the wire's own weight keeps changing the choice
    hollow,           ///< clay over nothing: neither bulk under it nor thick enough to be solid
    no_room_for_bulk, ///< the skin is thicker than the half-width: solid clay
    skin_thin,
    skin_thick,         ///< outside the clay's limits
    skin_bridges_joint, ///< clay that is stiff once cured runs across a gap
    skin_cracks,        ///< flexible clay round a joint is stretched beyond its limit
    skin_jump,          ///< a skin more than twice as thick as its neighbour's
    slender,            ///< cured clay that a knock or a hand would break; found: force at its end, limit: what comes
    heat_spent,         ///< a part spends more minutes at heat than its clay stands
    left_raw,           ///< oven-bake clay that no load cures
    not_in_oven,        ///< something in a load that must not go in
    sags,               ///< raw clay without wire that needs a prop
    wet_grip,           ///< steps with nothing to hold but what is wet; found: how many
    bake_too_long,      ///< the innermost clay does not cure in a day
    nothing_outside,    ///< bulk with neither clay, paint nor cover; found: how many parts
    own_colour,         ///< a note: parts that stay in the colour of their clay; found: how many
    coat_order,         ///< a paint that does not hold on the one below
    test_contradicts,   ///< a test of a spool lies further off than its card allows
    not_checked,        ///< a note: wire that nothing poses and everything of it is stiffened: nothing to check
    thin_reserve,       ///< a note: it holds with less to spare than is wanted
    finger_marks,       ///< fingers mark the soft clay that they bend the joint by
    swallowed,          ///< a limb of which nothing is left outside its parent
    never_baked,        ///< a load names clay that never sees the oven
    varnish_cracks,     ///< rigid varnish on what flexes
    paint_on_soft,      ///< nothing holds on clay that never dries but pigment
    rusts,              ///< plain steel in clay that is wet with water
    unsealed,           ///< water-based paint on unsealed air-dry clay swells it
    wire_refused,       ///< the builder wants no wire where one is asked for; found: posed joints; limit: 1 to anchor
    pick_gone,          ///< the wire that the builder picked cannot be made, or not of this stock
    still_slack,        ///< bare wire that nothing poses does not carry raw clay and a tool's press
    still_droops,       ///< it carries it, and bends down too far
    still_wide,         ///< it is thicker than its part less the skin; found: across, limit: room
    still_folds,        ///< what stands on it would fold it up
    thing_heat,         ///< a thing that stands less heat than a load still to come
    bond_weak,          ///< holds less than it must; found: margin
    glue_face,          ///< a glue that does not hold on one of its faces; by: the face
    bond_heat,          ///< its glue lets go in a load still to come
    hole_wall,          ///< a hole leaves too thin a wall
    bond_wired,         ///< it is to come off, and a limb's wire runs into it; found: mm of wire inside; other: limb
    base_tips,          ///< leaning, the puppet tips with its base
    base_pushed,        ///< posing a joint pushes it over, unless it is clamped or held
    hole_outside,       ///< a hole that is not on the base
    hole_deep,          ///< a hole deeper than the board; found: depth, limit: the board's thickness
    tie_weak,           ///< a foot's wire tips in its hole; found: moment that it stands, limit: that it needs, N·mm
    sheet_sags,         ///< a raw sheet does not carry itself
    sheet_cracks,       ///< cured, it is bent tighter than it stands
    web_tears,          ///< a web between limbs is stretched beyond what it stands; more: width that would do
    web_cracks,         ///< or folded; more: thickness that would do
    run_wall,           ///< a cable leaves too thin a wall
    run_bend,           ///< and is bent tighter than it may
    run_untested,       ///< a note: test it before it is closed
    prop_untried,       ///< a note: try it in the hand before that is hard
    grip_wide,          ///< thicker than the hand that is to hold it; found: grip, limit: the hand's size
    part_without_body,  ///< a segment of a limb with clay that came out at nothing
    soft_under,         ///< clay that never hardens under another coat
    plan_broken,        ///< carried out on paper, the plan asks for what is not so; by: the law; other: in which step
    order_refused,      ///< an order of the builder's own contradicts the rest; found: which, from 1
    buy_wire,
    buy_clay,
    buy_paint,
    buy_foil,
    buy_rest, ///< several wares of which nothing is there; found: how many
};

struct OpenPoint {
    Station station = Station::sheet;
    Issue issue = Issue::no_limbs;
    int limb = -1, demand = -1; ///< of the choice
    int part = -1;
    choice::State state = choice::State::holds;
    Figure found = 0, limit = 0;
    Phrase subject;        ///< label of what it is about
    Phrase other{};        ///< and of what it is compared with
    Figure more = 0;       ///< by so much more it would do; 0: not known
    int by = -1;           ///< of a bond: the limit that is missed
    schema::Ref ref{};     ///< what it is about; of a limb, joint or part it follows from the places above
    std::string key{};     ///< by which the builder leaves it as it is; the same for the same point of the same design
    std::string because{}; ///< why it is left so
    friend bool operator==(const OpenPoint&, const OpenPoint&) = default;
};
/// True for advice that the builder may leave as it is; what would fail may not be.
bool mayLeave(Issue issue);

struct PaintedPart {
    int part = 0;
    std::string scheme;
    std::vector<paint::Laid> laid;
    friend bool operator==(const PaintedPart&, const PaintedPart&) = default;
};

struct Report {
    std::string puppet; ///< its id
    choice::PuppetChoice choice;
    std::vector<choice::Cut> cuts;
    std::vector<choice::SpoolPlan> cutPlan;
    std::vector<fill::BakeBatch> bakes;  ///< everything that shares a set point, with its curves
    fill::BakePlan bakePlan;             ///< the loads as the builder wants them
    fill::BakePlan bakeOnce, bakeStaged; ///< both schools, to compare
    std::vector<fill::PartSkin> skins;
    std::vector<fill::Pattern> patterns;
    std::vector<fill::CuredPart> cured; ///< what would break once it is hard
    ThingsChecked things;
    std::vector<make::SchemeWork> schemes;
    std::vector<PaintedPart> painted;
    make::Plan plan;
    std::vector<Broken> broken; ///< what is not so while that plan is carried out without a pause
    std::vector<Need> needs;    ///< what this puppet takes; production-wide sums: ProductionResult
    std::vector<OpenPoint> open;
    std::vector<OpenPoint> left;  ///< points that the builder leaves as they are
    std::vector<OpenPoint> notes; ///< worth knowing, nothing to be done: not counted
    double top_mm = 0;            ///< highest drawn point
    bool sketched = false;        ///< geometry only, or with numbers of an earlier version: see calcSketch
    double price = 0;             ///< of what it takes
    Same<Cards> cards;            ///< the merged cards that the pointers above stand in
    fill::Shelf shelf;
    choice::Stock stock; ///< spools with their tables and calibrations
    ENKINET_COMPARED(Report)
};

/// The spools with their tables and what their tests say; cards are the merged ones.
choice::Stock makeStock(const Production& production, const Cards& cards, wire::TableShelf& tables,
                        const std::stop_token& stop = {});

/// Memory of one puppet's results, step by step, each step keyed by what it reads.
struct PuppetMemo {
    /// The puppet without what no wire is chosen by.
    struct ChoiceKey {
        body::Puppet puppet;
        fill::Shelf shelf;
        choice::Stock stock;
        friend bool operator==(const ChoiceKey&, const ChoiceKey&) = default;
    };
    struct PatternsKey {
        body::Puppet puppet;
        std::vector<body::Stretch> own;
        std::vector<fill::Part> parts;
        friend bool operator==(const PatternsKey&, const PatternsKey&) = default;
    };
    choice::ChoiceMemo steps;
    fill::BakeMemo bakes;
    paint::CurveMemo curves;
    ProofMemo proofs;
    Node<ChoiceKey, choice::PuppetChoice> choice{4};
    Node<PatternsKey, std::vector<fill::Pattern>> patterns{3};
    Node<Production, Report> whole{4}; ///< by the production without all that is not this puppet's
    std::shared_ptr<PuppetMemo> aside; ///< of the design kept aside, once there is one
};

/// The report of one puppet; with a memory of the same puppet what has not changed is not worked out again, and the
/// answer is the same. The production must have come from makeProduction with the same shipped cards. Throws Stopped.
Report calcReport(const Production& production, int puppet, const Cards& shipped, wire::TableShelf& tables,
                  PuppetMemo& memo, const std::stop_token& stop = {});
Report calcReport(const Production& production, int puppet, const Cards& shipped, wire::TableShelf& tables);

/// A joint at which two designs of one puppet differ; absent where one of them does not have it.
struct Difference {
    Phrase joint;
    std::optional<choice::Verdict> now, aside;
    friend bool operator==(const Difference&, const Difference&) = default;
};
/// Joints whose wire, load, hold, effort or life differ by more than a thousandth, in the limbs' order.
std::vector<Difference> calcDifferences(const body::Puppet& puppet, const Report& now, const body::Puppet& other,
                                        const Report& aside);

/// What solid clay in place of every core would mean. Differences are solid less cored.
struct SolidComparison {
    double mass_g = 0, price = 0;
    double bake_min = 0; ///< of all loads; NaN when solid clay does not get hot in a day
    Phrase joint;        ///< the one whose need grows most
    double needNow_Nmm = 0, needSolid_Nmm = 0;
    int failNow = 0, failSolid = 0; ///< joints that do not hold, each design with its own best wire
    friend bool operator==(const SolidComparison&, const SolidComparison&) = default;
};
SolidComparison calcSolidComparison(const Production& production, int puppet, const Report& now, const Cards& shipped,
                                    wire::TableShelf& tables, const std::stop_token& stop = {});

/// How many of some points stand at each station.
std::vector<int> countOpen(const std::vector<OpenPoint>& points);

} // namespace enkinet::results
