#pragma once
// Things on the body: eyes, teeth, straps, tufts; how one thing is fastened to another; the base, sheets such as capes
// and webs, cables through the body, props in a hand, and what one slot may carry instead. Plain values.
#include "base/result.h"
#include "base/value.h"
#include <map>
#include <optional>
#include <string>
#include <vector>

namespace enkinet::schema {
class Table;
class Words;
} // namespace enkinet::schema

namespace enkinet::body {

/// Where a thing sits: on a mass, or on a segment of a limb, or on another feature, or in the base.
struct Spot {
    std::string limb; ///< with the segment
    int segment = 0;
    std::string mass, feature;
    bool base = false;
    bool isNowhere() const { return limb.empty() && mass.empty() && feature.empty() && !base; }
    friend bool operator==(const Spot&, const Spot&) = default;
};

/// Stages of the work, in their order.
enum class Stage { wire, bulk, skin, bake, paint, cover, shoot };

enum class FeatureShape { ball, half_ball, disc, cone, piece };

/// On a mirrored limb: on both sides, or on one.
enum class Side { both, left, right };

/// One kind of thing, once or many times.
struct Feature {
    std::string id, name;
    Spot on;
    Side side = Side::both;
    double at = 0.5, to = 0.5; ///< stretch along the host, shares of its length from the root; equal: one place
    double angle_deg = 0;      ///< round the host, from the front towards the left
    int count = 1;             ///< of each side; where a pitch is given it follows from that
    double pitch_mm = 0;       ///< along the stretch; 0: the count
    double rowPitch_mm = 0;    ///< round the girth, for scales and tufts; 0: one row
    FeatureShape shape = FeatureShape::ball;
    double first_mm = 0, last_mm = 0; ///< diameter of the first and last; last 0: all alike
    bool geometric = false;           ///< sizes grow by a factor, else evenly
    double length_mm = 0;             ///< of a cone, or a disc's thickness
    double sunk = 0.5;                ///< share of the diameter that sits in the host
    std::string clay;                 ///< card of what it is made of; empty: mass_g
    double mass_g = 0;                ///< of one, as weighed; 0: from size and clay
    bool apart = false;               ///< made apart from the host
    bool hard = false;                ///< hard when it goes on
    double limit_C = 0;               ///< up to here it comes to no harm; 0: heat does not matter
    Stage before = Stage::bake;       ///< fitted before this stage
    int spares = 0;
    std::vector<double> timed_s{};     ///< seconds that one took, as timed
    double tool_min = 0;               ///< minutes to make a stamp, mould or roller
    double toolEach_s = 0;             ///< seconds for one with it
    std::vector<std::string> ticked{}; ///< sides from which it was signed off: front, back, left, right, below
    ENKINET_COMPARED(Feature)
};

enum class BondKind { wrap, pin, dowel, rod, magnet, glue, putty, stitched };

/// What holds one thing on another.
struct Bond {
    std::string id, name;
    BondKind kind = BondKind::pin;
    Spot from, to;
    double diameter_mm = 0;              ///< of the pin, dowel, rod, joint face or magnet
    double depth_mm = 0, depthTo_mm = 0; ///< in each of the two
    double free_mm = 0;                  ///< between them
    double clearance_mm = 0;             ///< of the hole over the pin
    std::string wire;                    ///< material card of a pin or rod
    std::string adhesive;                ///< card
    bool socket = false;                 ///< in the body it sits in a tube or putty that is bound to the wire
    double hold_N = 0;                   ///< of a magnet
    double force_N = 0, moment_Nmm = 0;  ///< what it has to stand; 0: from the weight beyond it
    Stage before = Stage::bake;          ///< its hole is made before this stage
    bool comesOff = false;
    bool raw = false;      ///< stuck while the clay of one face is raw
    bool paintOff = false; ///< paint is kept off both faces
    ENKINET_COMPARED(Bond)
};

enum class BaseShape { rectangle, disc, floor };
enum class BaseStuff { softwood, balsa, fibreboard, foam, plaster, metal };

/// What the puppet stands on.
struct Base {
    BaseShape shape = BaseShape::rectangle;
    BaseStuff stuff = BaseStuff::softwood;
    double width_mm = 0, depth_mm = 0, thickness_mm = 0; ///< of a disc the width is its diameter
    double x_mm = 0, z_mm = 0;                           ///< its middle
    double weight_g = 0;                                 ///< weighed, or with an iron under it; 0: from its volume
    friend bool operator==(const Base&, const Base&) = default;
};

enum class SheetCore { none, wire, mesh };

/// A cape, web, hat brim, ear or fin.
struct Sheet {
    std::string id, name;
    Spot on;
    Spot to; ///< of a web: the other segment that it is held by; nowhere: held along one edge
    double length_mm = 0, width_mm = 0, thickness_mm = 0;
    double radius_mm = 0; ///< least radius that it is bent to; 0: flat
    bool bentRaw = false; ///< shaped while it is raw, and cured so; else bent once it is cured
    SheetCore core = SheetCore::none;
    std::string clay, cover; ///< card of the one or the other
    ENKINET_COMPARED(Sheet)
};

/// A cable or bore through a limb.
struct Run {
    std::string id, name, limb;
    int fromSegment = 0, toSegment = 0;
    double outer_mm = 0, leastBend_mm = 0;
    bool tested = false; ///< lit before it was closed
    ENKINET_COMPARED(Run)
};

/// Something held in a hand.
struct Prop {
    std::string id, name;
    Spot hand;
    Side side = Side::left;
    double mass_g = 0, grip_mm = 0;
    std::string pose;   ///< carried in this pose; empty: always
    bool tried = false; ///< in the hand before that was hard
    ENKINET_COMPARED(Prop)
};

/// What one slot carries instead: another head, face or hand.
struct Variant {
    std::string id, name, mass; ///< of the mass whose slot it takes
    double weighed_g = 0, length_mm = 0, minutes = 0;
    ENKINET_COMPARED(Variant)
};

struct Things {
    std::vector<Feature> features{};
    std::vector<Bond> bonds{};
    std::optional<Base> base{};
    std::vector<Sheet> sheets{};
    std::vector<Run> runs{};
    std::vector<Prop> props{};
    std::vector<Variant> variants{};
    int copies = 1; ///< doubles of the whole puppet
    ENKINET_COMPARED(Things)
};

// What each is, field by field. (things_fields.cpp)
const schema::Words& wordsOf(Stage);
const schema::Words& wordsOf(FeatureShape);
const schema::Words& wordsOf(Side);
const schema::Words& wordsOf(BondKind);
const schema::Words& wordsOf(BaseShape);
const schema::Words& wordsOf(BaseStuff);
const schema::Words& wordsOf(SheetCore);
const schema::Table& described(const Spot*);
const schema::Table& described(const Feature*);
const schema::Table& described(const Bond*);
const schema::Table& described(const Base*);
const schema::Table& described(const Sheet*);
const schema::Table& described(const Run*);
const schema::Table& described(const Prop*);
const schema::Table& described(const Variant*);
const schema::Table& described(const Things*);

enum class ThingKind { none, feature, bond, base, sheet, run, prop, variant };
inline constexpr ThingKind kThingKinds[] = {ThingKind::feature, ThingKind::bond, ThingKind::base,   ThingKind::sheet,
                                            ThingKind::run,     ThingKind::prop, ThingKind::variant};
/// By the key of their list.
const schema::Words& wordsOf(ThingKind);
int countThings(const Things& things, ThingKind kind);
/// The name of one; none for the base, or where there is no such thing.
std::optional<std::string> findThingName(const Things& things, ThingKind kind, int index);
void renameThing(Things& things, ThingKind kind, int index, const std::string& name);
/// Nothing happens where there is none.
void removeThing(Things& things, ThingKind kind, int index);
bool isThingId(const Things& things, const std::string& id);

struct Puppet;
/// The limb that a place is on, through masses and what sits on what; -1: the base, or nowhere.
int findHostLimb(const Puppet& puppet, const Spot& spot);
} // namespace enkinet::body
