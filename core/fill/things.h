#pragma once
// What a thing on the body is made of: how many, how large, the ball of clay to roll, the seat to make, grams and
// minutes. docs/mechanics.md 110 to 112.
#include "base/optional_number.h"
#include "body/shape.h"
#include "fill/parts.h"
#include <vector>

namespace enkinet::fill {

/// What a bench takes for one where nobody has timed it, as a share more or less.
inline constexpr double kTimedSpread = 0.3;

struct FeatureWork {
    int alongCount = 1, rows = 1, sides = 1;
    int count() const { return alongCount * rows * sides; }
    std::vector<double> sizes_mm;        ///< along the stretch, first to last
    double mass_g = 0;                   ///< of all that go on, spares left out
    double first_g = 0, last_g = 0;      ///< of one
    double ball_mm = 0, ballLast_mm = 0; ///< to roll for the first and the last; 0 for pieces
    double seat_mm = 0, seatDepth_mm = 0;
    OptionalNumber minutes, least_min, most_min; ///< of all and the spares; NaN until one is timed
    OptionalNumber breakEven;                    ///< from so many pieces on the tool pays; NaN without one
    friend bool operator==(const FeatureWork&, const FeatureWork&) = default;
};

/// Volume of one of a size, mm³; 0 for a piece.
double findFeatureVolume(const body::Feature& feature, double size_mm);
/// The ball that holds a volume: (6 V/pi)^(1/3).
double findBall(double volume_mm3);
/// Sizes of n, evenly or by a factor from first to last.
std::vector<double> findSizes(double first_mm, double last_mm, int n, bool geometric);
/// Circumference of an ellipse (Ramanujan 1914, second formula).
double findGirth(double a_mm, double b_mm);
/// How many at a pitch on an open stretch, ends included, and round a closed girth.
int findAlong(double length_mm, double pitch_mm);
int findAround(double girth_mm, double pitch_mm);
/// Opening and depth of the seat of the first one.
std::pair<double, double> findSeat(const body::Feature& feature);

FeatureWork calcFeature(const body::Puppet& puppet, const body::Feature& feature, const Shelf& shelf);

/// Grams of one sheet, clay and cloth.
double findSheetMass(const body::Sheet& sheet, const Shelf& shelf);
/// The parts that a spot is on: both sides of a mirrored limb, or the one.
std::vector<int> findHosts(const body::Puppet& puppet, const body::Spot& spot, body::Side side,
                           const body::Skeleton& skeleton, const std::vector<Part>& parts);

/// Where one of a feature sits on the figure, on its host's surface, and how large it is there.
struct FeaturePoint {
    Vec3 at, out; ///< and the way out of the surface
    double size_mm = 0;
    int part = 0;
    friend bool operator==(const FeaturePoint&, const FeaturePoint&) = default;
};
/// At most `most` of a feature's places, in the skeleton's pose; parts: as of calcParts.
std::vector<FeaturePoint> findFeaturePoints(const body::Puppet& puppet, const body::Feature& feature,
                                            const FeatureWork& work, const body::Skeleton& skeleton,
                                            const std::vector<Part>& parts, std::size_t most = 600);

/// Where a prop that a part holds has its weight: the part's middle, or its far end.
Vec3 findPropPlace(const body::Skeleton& skeleton, const Part& hand);
/// Adds a piece of so many grams to what a part carries.
void putPiece(Part& part, double grams, const Vec3& centre);

/// Adds what sits on each part to its weight. parts: as calcParts makes them, before this.
void addThings(const body::Puppet& puppet, const body::Skeleton& skeleton, const Shelf& shelf,
               std::vector<Part>& parts);

} // namespace enkinet::fill
