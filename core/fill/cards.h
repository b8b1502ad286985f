#pragma once
// What the shop has to fill, skin and cover with. Values on the shipped cards are typical, and said to be.
#include "base/result.h"
#include "schema/table.h"
#include <map>
#include <string>

namespace enkinet::fill {

enum class ClayFamily { firm, flexible, air_dry, putty, never_dry };

struct ClayCard {
    std::string id, name, note;
    ClayFamily family = ClayFamily::firm;
    double density_g_cm3 = 1.75;
    double pack_g = 0, packPrice = 0;
    double thinnest_mm = 1, thickest_mm = 20;
    double set_C = 0, soak_min = 0, scorch_C = 0; ///< oven-bake families only
    double mostHeat_min = 240;            ///< in all bakes together, before it darkens and turns brittle; 0: not known
    double yield_MPa = 0;                 ///< never-drying clay at working temperature
    double youngs_MPa = 0;                ///< once cured
    double strainLimit = 0;               ///< flexible clay once cured: where it cracks
    double rupture_MPa = 0;               ///< modulus of rupture once cured; 0: not known
    double rawStrength_MPa = 0.04;        ///< of the raw clay, before it sags
    double shrink = 0;                    ///< length lost in drying or curing, as a share
    double dry_h_6mm = 24;                ///< air-dry: hours for 6 mm at 20 C and 50 % damp
    double working_h = 1.5, curing_h = 4; ///< putty at 20 C
    std::string colour;                   ///< #rrggbb
    friend bool operator==(const ClayCard&, const ClayCard&) = default;
};

struct BulkCard {
    std::string id, name, note;
    double density_g_cm3 = 0;
    double conductivity_W_mK = 0, heat_J_kgK = 0;
    bool foil = false;
    bool putty = false; ///< epoxy: gloves, and it sets
    double ovenLimit_C = 60;
    double price_kg = 0;
    double dry_h = 0; ///< until glue or putty in it has set, before anything goes on
    friend bool operator==(const BulkCard&, const BulkCard&) = default;
};

struct CoverCard {
    std::string id, name, note;
    double mass_g_m2 = 0;
    double ovenLimit_C = 60;
    double price_m2 = 0;
    std::string colour;
    friend bool operator==(const CoverCard&, const CoverCard&) = default;
};

/// Something else that goes into the oven, or would: props, pins, eyes, supports.
struct OvenCard {
    std::string id, name, note;
    double limit_C = 0;   ///< up to here it comes to no harm
    bool support = false; ///< it props something up
    friend bool operator==(const OvenCard&, const OvenCard&) = default;
};

/// What things are stuck together with. Values are typical, of faces that are clean and roughened.
enum class Face { raw_clay, cured_clay, wood, metal, glass, foam, foil, plaster, cloth, paint };
inline constexpr std::size_t kFaces = 10;

struct AdhesiveCard {
    std::string id, name, note;
    double shear_MPa = 0; ///< at its best
    double limit_C = 60;  ///< lets go above
    std::map<Face, double>
        holds_MPa{}; ///< by face; none named: alike on all; a face that is not there: it does not hold
    friend bool operator==(const AdhesiveCard&, const AdhesiveCard&) = default;
};

const schema::Words& wordsOf(ClayFamily);
const schema::Words& wordsOf(Face);
const schema::Table& described(const ClayCard*);
const schema::Table& described(const BulkCard*);
const schema::Table& described(const CoverCard*);
const schema::Table& described(const OvenCard*);
const schema::Table& described(const AdhesiveCard*);

Result<AdhesiveCard> makeAdhesive(AdhesiveCard card);
Result<ClayCard> makeClay(ClayCard card);
Result<BulkCard> makeBulk(BulkCard card);
Result<CoverCard> makeCover(CoverCard card);
Result<OvenCard> makeOvenCard(OvenCard card);
/// A set point for a clay: up to where it scorches. A number that was meant in Fahrenheit is told so.
Result<double> checkSetPoint(const Phrase& place, double set_C, const ClayCard& clay);

/// Household foil: 16 µm, 43 g/m²; one roll.
struct FoilRoll {
    double mass_g_m2 = 43;
    double width_mm = 300;
    double length_m = 30;
    double price = 0;
    friend bool operator==(const FoilRoll&, const FoilRoll&) = default;
};

/// Area in m² and length off the roll in m for a weight of foil.
double findFoilArea(const FoilRoll& roll, double grams);
double findFoilLength(const FoilRoll& roll, double grams);

/// Whole packs that hold the grams.
int findPacks(double grams, double pack_g);

const schema::Table& described(const FoilRoll*);

bool isOvenBaked(ClayFamily family);

} // namespace enkinet::fill
