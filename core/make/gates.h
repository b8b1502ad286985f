#pragma once
// Freeze gates: the last look before something hardens, made from the design. Each check names what can never be
// changed afterwards, with the number that the design asks for. docs/mechanics.md 93.
#include "choice/choose.h"
#include "fill/oven.h"
#include "fill/overhang.h"

namespace enkinet::make {

enum class Check {
    pose,       ///< a: joints that the board shows turned, though the part hardens as it is built; subject: the first
    gaps,       ///< a: gaps that the design keeps free of clay and foil; b: the shortest, mm
    crossed,    ///< a: gaps that the design's clay runs across; stop: it is stiff once it hardens
    dry_first,  ///< clay that dries or sets by itself: before heat, two weighings agree; a: hours since it was put on
    not_yet,    ///< clay that never dries: it goes on after the last load
    never_bake, ///< a load that names clay which never sees the oven
    holes,      ///< a: wires left free under the feet; b: depth in the base, mm
    scorches,   ///< clay that the load's peak would scorch; a: limit; b: peak, °C
    take_out,   ///< something that must not go in; a: limit; b: peak, °C
    glue,       ///< instant glue in the wraps gives way in the heat; a: limit; b: peak, °C
    sleeve,     ///< heat-shrink sleeves go on shrinking; a: limit; b: peak, °C
    alongside,  ///< a thing that goes in, and may; a: its limit, °C
    prop,       ///< raw clay that needs a prop: a: height of the prop above the base, mm; b: share of its strength
    prop_joint, ///< a joint that does not hold the weight: a: hold; b: need, N·mm
    air,        ///< closed in under raw clay: a: mm³ more that it takes up at the peak; b: stress over raw strength
    thinnest,   ///< a: the thinnest skin, mm; b: what its clay wants at least
    thickest,   ///< a: the thickest skin, mm; b: what its clay wants at most
    pair,       ///< left and right weigh the same: a: grams of clay each
    cloth,      ///< a: millimetres that it stays under size for its cover
    oversize,   ///< a: factor on every length while it is wet
    probe,      ///< a: what to dial so that the oven's mean is b, °C; without a probe a is NaN
    cool,       ///< a: minutes until the thickest part can be moved; b: until the thinnest can
    closed,     ///< a: joints whose wire is out of reach once cloth of b mm closes over it
    try_prop,   ///< a: grip of the hand, mm; stop: not tried yet
    hole_there, ///< a: diameter, mm; b: depth, mm
    lit,        ///< a cable; stop: not tested yet
    seated,     ///< a: how many; b: diameter of the seat, mm
    spares,     ///< a: how many are made beside those that go on
    glue_heat,  ///< a bond's glue that has yet to stand this heat; a: limit; b: peak, °C
    clearance,  ///< what comes off turns and lifts; a: mm that its hole is wider
    sheen,      ///< the last coat: a: coats beneath it; b: hours that the one below takes to dry
};

struct GateItem {
    Check check = Check::pose;
    Phrase subject; ///< part, limb or thing
    OptionalNumber a = 0, b = 0;
    bool stop = false; ///< not before this is mended
    friend bool operator==(const GateItem&, const GateItem&) = default;
};

/// What each item asks, in one line for the log: another as soon as the design asks something else; each its own.
std::vector<std::string> keysOf(const std::vector<GateItem>& gate);

/// What stops comes first in every gate. Before a load goes into the oven.
std::vector<GateItem> calcBakeGate(const body::Puppet& puppet, const choice::PuppetChoice& choice,
                                   const fill::Shelf& shelf, const fill::Bake& bake);
/// Before putty and glue set on the bare frame.
std::vector<GateItem> calcFrameGate(const body::Puppet& puppet, const choice::PuppetChoice& choice);
/// Before a limb's clay that dries or sets by itself is left alone; parts: indices of the choice's parts.
std::vector<GateItem> calcDryGate(const body::Puppet& puppet, const choice::PuppetChoice& choice,
                                  const fill::Shelf& shelf, const std::vector<int>& parts);
/// True when nothing of a gate says stop.
bool isOpen(const std::vector<GateItem>& gate);

} // namespace enkinet::make
