#pragma once
// What a soft wire is made of, from five measured numbers, and how it strains and tires.
// Models: Ramberg-Osgood stabilised cyclic curve; Coffin-Manson-Basquin strain life whose constants follow the
// modified universal slopes of Muralidharan and Manson (1988) unless measured ones are given.
// Assumes: the wire after its first few poses, room temperature, no mean stress. docs/mechanics.md 1 to 4.
#include "base/result.h"
#include "schema/table.h"
#include <optional>
#include <string>

namespace enkinet::wire {

/// What a card may be chosen for. A static wire is refused where a joint moves, unless the builder allows it.
enum class Use { posed, fixed, both };

/// Coffin-Manson-Basquin and cyclic Ramberg-Osgood constants.
/// amplitude = sf/E (2N)^b + ef (2N)^c;  strain = s/E + (s/K)^(1/n)
struct CyclicConstants {
    double sf_MPa = 0; ///< fatigue strength coefficient
    double b = -0.09;  ///< fatigue strength exponent
    double ef = 0;     ///< fatigue ductility coefficient
    double c = -0.56;  ///< fatigue ductility exponent
    double K_MPa = 0;  ///< cyclic strength coefficient
    double n = 0.15;   ///< cyclic hardening exponent
    friend bool operator==(const CyclicConstants&, const CyclicConstants&) = default;
};

struct MaterialCard {
    std::string id;        ///< "aluminium-soft"
    std::string name;      ///< "soft aluminium"
    std::string note;      ///< where it is used
    double youngs_MPa = 0; ///< E
    double poisson = 0.33; ///< nu
    double density_g_cm3 = 0;
    double ultimate_MPa = 0;    ///< UTS
    double reductionOfArea = 0; ///< RA at fracture, 0 to 1
    double proof_MPa = 0;       ///< 0.2 % proof stress as delivered; 0: not known, the stabilised curve stands for it
    Use use = Use::posed;
    bool rusts = false;                      ///< plain steel: in clay that is wet with water
    bool typical = false;                    ///< values from tables, not from a test of this wire
    std::optional<CyclicConstants> measured; ///< replace the derived constants
    friend bool operator==(const MaterialCard&, const MaterialCard&) = default;
};

const schema::Words& wordsOf(Use);
const schema::Table& described(const CyclicConstants*);
const schema::Table& described(const MaterialCard*);

/// A card with sensible numbers, or the first rule it breaks.
Result<MaterialCard> makeCard(MaterialCard card);

/// True fracture ductility ln(1/(1-RA)). (2)
double findDuctility(const MaterialCard& card);

/// The measured constants, or those of the modified universal slopes. (3)
CyclicConstants calcConstants(const MaterialCard& card);

/// True where a measured n' lies outside 0.10 to 0.20: torsion beside bending and the effort in the worst direction
/// were worked out for 0.15 and are estimates then.
bool isEstimated(const MaterialCard& card);

/// Stress in MPa at a strain of either sign on the stabilised curve, by Newton's method. (4)
double calcStress(const CyclicConstants& constants, double youngs_MPa, double strain);

/// Strain amplitude that N = reversals/2 cycles survive, ln to ln. (3)
double calcLnAmplitude(const CyclicConstants& constants, double youngs_MPa, double lnReversals);

/// Median cycles to failure at a strain amplitude above 0, by Newton's method on logarithms. (3)
double calcCycles(const CyclicConstants& constants, double youngs_MPa, double amplitude);

} // namespace enkinet::wire
