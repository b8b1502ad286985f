#pragma once
// The puppet as parts with layers: volume, grams, centre and surface of everything that is not wire, and of the wire
// where it runs. A part is a segment or a mass. Layers from outside in: cover, skin, bulk, wire.
// Where a skin is thicker than the half-width there is no bulk; the stiff layers stop at a posed joint's gap.
// docs/mechanics.md 34 to 36. A part without bulk is hollow unless its skin fills it.
#include "base/memo.h"
#include "base/value.h"
#include "body/shape.h"
#include "fill/cards.h"
#include "fill/shop.h"
#include <map>

namespace enkinet::fill {

/// The cards by id, and the room that they are worked in.
struct Shelf {
    std::map<std::string, ClayCard> clays;
    std::map<std::string, BulkCard> bulks;
    std::map<std::string, CoverCard> covers;
    std::map<std::string, OvenCard> ovens;
    std::map<std::string, AdhesiveCard> adhesives{};
    Shop shop{};
    friend bool operator==(const Shelf&, const Shelf&) = default;
};

/// What runs inside a limb, per finished millimetre.
struct WireRun {
    double mass_g_mm = 0;
    double metal_mm2 = 0;   ///< volume of metal per finished length
    double diameter_mm = 0; ///< over the bundle
    friend bool operator==(const WireRun&, const WireRun&) = default;
};

/// One a segment of a limb; none: no wire.
using WireRuns = std::vector<WireRun>;

struct LayerMass {
    double volume_mm3 = 0, mass_g = 0;
    Vec3 centre;
    friend bool operator==(const LayerMass&, const LayerMass&) = default;
};

struct Part {
    Phrase label;
    int link = -1; ///< of the skeleton
    int mass = -1; ///< mass copy of the skeleton; -1 for a segment
    int body = 0;  ///< rigid body it belongs to
    body::Layers layers;
    double volume_mm3 = 0; ///< inside the finished surface, own stretch only
    double surface_mm2 = 0;
    double covered_mm2 = 0;                   ///< of it, under a cover
    double skinLeast_mm = 0, skinMost_mm = 0; ///< thickness of the clay where it is thinnest and thickest
    LayerMass skin, bulk, cover, wire;
    std::vector<LayerMass> coats;            ///< one for each of layers.coats
    LayerMass piece;                         ///< a thing that was weighed
    double thinnest_mm = 0, thickest_mm = 0; ///< smallest and largest half-width of the own stretch
    double bakeCore_mm = 0;                  ///< radius of the core where the part is thickest, by equal area
    double bakeSkin_mm = 0;                  ///< clay outside it there, all coats
    std::vector<double> bakeCoats_mm;        ///< of it, each coat beneath the skin
    bool noRoom = false;                     ///< the skin takes all there is somewhere, and bulk was wanted
    bool ball = false;                       ///< an ellipsoid: heat comes from all sides
    double bare_mm2() const { return surface_mm2 - covered_mm2; } ///< under no cover
    double clay_g() const;                                        ///< skin and coats
    double mass_g() const { return clay_g() + bulk.mass_g + cover.mass_g + wire.mass_g + piece.mass_g; }
    /// Clay card of a coat by its place from inside out; beyond the last: of the skin.
    const std::string& clayOf(std::size_t coat) const {
        return coat < layers.coats.size() ? layers.coats[coat].clay : layers.clay;
    }
    const LayerMass& massOf(std::size_t coat) const { return coat < coats.size() ? coats[coat] : skin; }
    ENKINET_COMPARED(Part)
};

/// Calls each(LayerMass&) for everything that a part weighs by.
template <class AnyPart, class Each> void eachLayer(AnyPart& p, Each each) {
    each(p.skin);
    for (auto& c : p.coats)
        each(c);
    each(p.bulk), each(p.cover), each(p.wire), each(p.piece);
}

/// Density of a sleeve's wall, g/cm³ (heat-shrink tube, typical).
inline constexpr double kSleeveDensity = 1.2;

/// The parts, links first. own: of body::calcOwnStretches; runs: one entry a limb of the puppet. Cards must be on the
/// shelf.
/// The cards of a part's layers; none where there is no such layer.
struct LayerCards {
    std::optional<ClayCard> clay;
    std::vector<ClayCard> coats;
    std::optional<BulkCard> bulk;
    std::optional<CoverCard> cover;
    friend bool operator==(const LayerCards&, const LayerCards&) = default;
};
/// What one segment's part is worked out from.
struct PartKey {
    body::Link link;
    body::Segment segment;
    body::Stretch own;
    WireRun run;
    LayerCards cards;
    friend bool operator==(const PartKey&, const PartKey&) = default;
};
/// Parts that were worked out before, kept by whoever asks.
using PartMemo = Node<PartKey, Part>;

std::vector<Part> calcParts(const body::Puppet& puppet, const body::Skeleton& skeleton,
                            const std::vector<body::Stretch>& own, const Shelf& shelf,
                            const std::vector<WireRuns>& runs, PartMemo* memo = nullptr);

struct Totals {
    double skin_g = 0 /* coats too */, bulk_g = 0, cover_g = 0, wire_g = 0, piece_g = 0;
    Vec3 centre; ///< centre of mass
    double mass_g() const { return skin_g + bulk_g + cover_g + wire_g + piece_g; }
    friend bool operator==(const Totals&, const Totals&) = default;
};
Totals calcTotals(const std::vector<Part>& parts);

} // namespace enkinet::fill
