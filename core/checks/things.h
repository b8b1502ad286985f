#pragma once
// What the things on the body ask: each feature's work, what every bond stands, whether the base keeps it upright, room
// and bend of cables, sheets that sag or crack. docs/mechanics.md 110 to 118.
#include "base/memo.h"
#include "choice/choose.h"
#include "document/production.h"
#include "fill/bake_plan.h"
#include "fill/glue.h"
#include "fill/things.h"
#include "schema/enum.h"
#include <limits>

namespace enkinet::checks {

inline constexpr double kLeastWall_mm = 1.5; ///< beside a hole
inline constexpr double kBondSpare = 3;      ///< over pull and slide
inline constexpr double kPeel = 6;           ///< a butt joint peels: so much less than its shear
inline constexpr double kTipSpare = 1.5;

enum class BondLimit { pull, torsion, butt, bending, bearing, magnet, wall, heat, droop };
inline constexpr std::size_t kBondLimits = 9;
/// A label says what fails, and what would help.
const schema::Words& wordsOf(BondLimit);
inline constexpr double kRodDroop = 0.02; ///< of a rod's free length

struct BondCheck {
    double force_N = 0, moment_Nmm = 0;               ///< what it is held against
    std::array<OptionalNumber, kBondLimits> margin{}; ///< there over asked; NaN where it does not apply
    OptionalNumber wall_mm;                           ///< left beside the hole; NaN without one
    int governs = -1;                                 ///< the least; -1: nothing was checked
    fill::Face from = fill::Face::cured_clay, to = fill::Face::cured_clay; ///< what meets
    bool holdsThere = true;                                                ///< the adhesive does, on both
    double heat_C = 0;                                                     ///< hottest load still to come; 0: none
    double least() const { return governs < 0 ? std::nan("") : margin[static_cast<std::size_t>(governs)].value; }
    /// The limit that carries the least share of force and moment; degrees and walls are no share of them. -1: none.
    int weakest() const;
    double carried() const { return weakest() < 0 ? std::nan("") : margin[static_cast<std::size_t>(weakest())].value; }
    bool failsBy(BondLimit limit) const { return margin[static_cast<std::size_t>(limit)].value < 1 - 1e-9; }
    friend bool operator==(const BondCheck&, const BondCheck&) = default;
};

struct Hole {
    Phrase name;
    double x_mm = 0, z_mm = 0, diameter_mm = 0, depth_mm = 0;
    body::Stage before = body::Stage::wire;
    bool through = false; ///< deeper than the base
    bool outside = false; ///< not on it
    friend bool operator==(const Hole&, const Hole&) = default;
};

struct BaseCheck {
    double weight_g = 0, all_g = 0;
    Vec3 centre;                                         ///< of puppet and base, upright, y from under the base
    bool fixed = false;                                  ///< the set's floor: it neither tips nor is pushed
    double edge_mm = 0;                                  ///< from there to the nearest edge
    double leaned_mm = 0;                                ///< what is left when the puppet leans
    double wanted_mm = 0;                                ///< a tenth of its least width
    Phrase joint;                                        ///< whose posing pushes hardest; empty: none
    double push_N = 0, push_mm = 0;                      ///< force and height
    double stands = 0;                                   ///< W e over F H; 1.5 is wanted
    OptionalNumber leastWidth_mm = 0, leastWeight_g = 0; ///< either of which would do
    std::vector<Hole> holes;
    friend bool operator==(const BaseCheck&, const BaseCheck&) = default;
};

struct SheetCheck {
    int count = 1;                    ///< on both sides of a mirrored limb: two
    double area_mm2 = 0, mass_g = 0;  ///< of one
    double leastRadius_mm = 0;        ///< that it stands once cured; 0: not known
    OptionalNumber raw = 0;           ///< strength of the raw clay over what its own weight bends it with
    double pattern_mm = 0;            ///< its length laid flat
    bool web = false;                 ///< between two segments
    double span_mm = 0;               ///< from tip to tip as it is built
    double most_mm = 0, least_mm = 0; ///< in all that the limbs do
    double stretch = 0, fold = 0;     ///< strains when they open and when they close
    double strain = 0;                ///< that it stands; 0: not known
    double widthNeeded_mm = 0;        ///< so wide it opens without tearing
    double thinEnough_mm = 0;         ///< so thin it folds without cracking
    friend bool operator==(const SheetCheck&, const SheetCheck&) = default;
};

struct RunCheck {
    double wall_mm = 0; ///< least, beside the bundle
    Phrase wallAt;
    double bend_mm = 0; ///< least radius at a joint; 0: it passes none
    Phrase bendAt;
    friend bool operator==(const RunCheck&, const RunCheck&) = default;
};

/// One check a thing, in the puppet's order.
struct ThingsChecked {
    double hottest_C = 0; ///< of the loads that its clays ask for; 0: nothing is baked
    std::vector<fill::FeatureWork> features;
    std::vector<BondCheck> bonds;
    std::optional<BaseCheck> base;
    std::vector<SheetCheck> sheets;
    std::vector<RunCheck> runs;
    friend bool operator==(const ThingsChecked&, const ThingsChecked&) = default;
};

/// Fills in what a web is asked: strain, that its clay stands once cured, 0 for none that is known. Looked at: both
/// limbs up to where it hangs as built and bent as far as they act, each way, with each other, and the kept poses.
void checkWeb(const body::Puppet& puppet, const body::Skeleton& rest, const body::Sheet& sheet, double strain,
              SheetCheck& check);

/// What a sheet is cut by, mm, round its edge: as long as laid flat and as wide; of a web what lies between its two
/// segments as built, developed as two triangles, its free edge as wide as the web is or must be.
std::vector<std::pair<double, double>> findSheetOutline(const body::Puppet& puppet, const body::Skeleton& rest,
                                                        const body::Sheet& sheet, const SheetCheck& check);

/// What a bond stands, from its own numbers. host: half-width that the hole lies in (0: not known), bearing: of what it
/// is in, MPa; heat_C: hottest load still to come, 0 for none; proof: moment of a pin of 1 mm, where it is known
/// already.
BondCheck checkBond(const body::Bond& bond, const document::AdhesiveCard* adhesive, const wire::MaterialCard* pin,
                    double force_N, double moment_Nmm, double bearing_MPa, double host_mm, double heat_C,
                    double proof_Nmm_mm3 = std::numeric_limits<double>::quiet_NaN());

/// Proof moments of pins of 1 mm, kept by whoever asks: they depend on the metal alone.
using ProofMemo = Node<wire::MaterialCard, double>;

double findDensity(body::BaseStuff stuff); ///< g/cm³, typical
double findBearing(body::BaseStuff stuff); ///< MPa, typical

ThingsChecked calcThings(const body::Puppet& puppet, const choice::PuppetChoice& choice, const fill::Shelf& shelf,
                         const document::Cards& cards, ProofMemo* proofs = nullptr);

} // namespace enkinet::checks
