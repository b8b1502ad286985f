#pragma once
// What the hands need to know about clay: lumps so that left and right get the same, sheets, how much oversize a
// shrinking clay wants, batches that are used up before they set, and what a weighed piece says about its thickness.
// docs/mechanics.md 45, 45a, 49, 49c.
#include "fill/parts.h"

namespace enkinet::fill {

inline constexpr double kConditioning_g = 60; ///< what two hands work soft at a time
inline constexpr double kWaste = 1.1;         ///< clay lost on hands, tools and board

/// One part's clay.
struct PartSkin {
    int part = 0;
    int coat = -1;                      ///< beneath the skin, inside out; -1: the skin
    double grams = 0;                   ///< without waste
    double ball_mm = 0;                 ///< diameter of the lump that it is made from
    double sheet_mm = 0, sheet_cm2 = 0; ///< rolled to its thickness: the area that it takes
    double oversize = 1;                ///< factor on every length while it is wet
    double hours = 0;                   ///< drying or setting; 0 for oven-bake and never-drying clay
    int conditioning = 0;               ///< batches to work soft
    int batches = 0;                    ///< to mix, putty only
    double batch_g = 0;
    friend bool operator==(const PartSkin&, const PartSkin&) = default;
};

/// Clay of every part, in the shop that the shelf names.
std::vector<PartSkin> calcSkinPlan(const std::vector<Part>& parts, const Shelf& shelf);

/// Another clay of the same family that lies in stock while one runs short.
struct Substitute {
    std::string clay, instead; ///< cards
    double missing_g = 0;      ///< of the clay that is short, with waste
    double free_g = 0;         ///< of the other, beyond what this puppet needs of it
    bool ownBake = false;      ///< its set point is another: it cannot share a load, nor be kneaded in
    bool otherShrink = false;  ///< it shrinks by another share: lengths must be worked out again
    bool enough() const { return free_g >= missing_g; }
    friend bool operator==(const Substitute&, const Substitute&) = default;
};
/// Offers for every clay that is short, best first: enough of it, the same oven, the same shrinkage. Thickness limits
/// of the parts that would get it are kept. What the best offer for one clay takes is not offered to the next. needed_g
/// and held_g by card, waste included.
std::vector<Substitute> calcSubstitutes(const std::vector<Part>& parts, const Shelf& shelf,
                                        const std::map<std::string, double>& needed_g,
                                        const std::map<std::string, double>& held_g);

/// Diameter of a ball of so many grams, mm.
double findBall(double grams, double density_g_cm3);
/// Factor on the wet lengths of a piece that loses the share s of every length: 1/(1 - s). Extensions and patterns too.
double findOversize(double shrink);
/// Grams of raw clay for so many grams of the finished piece: what shrinks is put on larger, with its water in it.
double findRawGrams(double finished_g, const ClayCard& clay);
/// Working and setting time of a putty at a room temperature: doubled per 10 °C colder, halved per 10 °C warmer.
double findPuttyTime(double hoursAt20, double room_C);

/// Drying of air-dry clay: hours of a free sheet of 6 mm by the square of the thickness; over a core, with one face
/// closed or solid, four times that.
double findDryingTime(double hours6mm, double thickness_mm, bool oneFace);

/// Thickness of skin, mm, at which the part weighs so much clay; the part by its index in calcParts. NaN when no
/// thickness does. Found by a root search on the layers.
double calcThickness(const body::Puppet& puppet, const body::Skeleton& skeleton, const std::vector<body::Stretch>& own,
                     const Shelf& shelf, const std::vector<WireRuns>& runs, int part, double clay_g);

/// The tightest radius that a free web of flexible clay takes: its faces strain by t/(2 radius). (49)
double findWebRadius(double thickness_mm, double strainLimit);
/// Largest strain of a skin that is bent round a joint with it: curvature times its outer half-width.
double findSkinStrain(double angle_rad, double gap_mm, double halfWidth_mm);

} // namespace enkinet::fill
