#pragma once
// Flat patterns of a cover: what to cut from cloth or fur so that it closes round a limb or a head.
// A tube whose two ends are circles is a cone: developed exactly, an annular sector. Any other tube is flattened ring
// by ring: each ring between two sections is ruled into strips and unrolled edge by edge, so every ring is true; where
// two rings meet, their two flat edges are averaged and drawn out to the true girth; what that leaves of error in
// girth, seam and area is stated. A ball is cut into gores along its meridians. Girth is taken half way through the
// cover's compressed thickness. The seam of a tube runs on the side that the camera sees least. Drawn as it lies on the
// back of the cloth, where the blade cuts. docs/mechanics.md 46 to 48.
#include "base/stop.h"
#include "fill/parts.h"

namespace enkinet::fill {

struct FlatPoint {
    double x = 0, y = 0;
    friend bool operator==(const FlatPoint&, const FlatPoint&) = default;
};

struct Pattern {
    int part = -1;                  ///< of the puppet's parts
    Phrase label;                   ///< "left shin"
    std::string cover;              ///< card
    bool exact = false;             ///< a developed cone
    int pieces = 1;                 ///< gores alike
    std::vector<FlatPoint> outline; ///< sewing line, mm, round; root end at y 0, middle generator along x 0
    std::vector<FlatPoint> cut;     ///< the same with the seam allowance
    double rootEdge_mm = 0, tipEdge_mm = 0, seam_mm = 0; ///< lengths of its edges
    double area_mm2 = 0;                                 ///< inside the sewing line, of one piece
    double girthError = 0;      ///< largest share by which a flat girth differs from the true one
    double seamError = 0;       ///< the same of the seam's length: what is eased in while sewing
    double areaError = 0;       ///< the same of the area
    Vec3 seamSide;              ///< the way that the seam faces, in the puppet's own frame; 0 for gores
    FlatPoint pileFrom, pileTo; ///< the way the pile lies: from the body outwards
    double girthRoot_mm = 0, girthTip_mm = 0;
    friend bool operator==(const Pattern&, const Pattern&) = default;
};

/// True girth of an ellipse, mm (Gauss-Kummer series by the arithmetic-geometric mean).
double calcGirth(double a_mm, double b_mm);

/// A developed cone between two circles, L apart along the axis; r0 at the root. Edges and area in closed form.
Pattern makeCone(double r0_mm, double r1_mm, double length_mm);
/// A tube through sections between two shares of its length, flattened ring by ring; the seam at an angle of the
/// section, from the a side towards the b side: at the back (-b) unless told otherwise.
Pattern makeTube(const std::vector<body::Section>& sections, double length_mm, body::Stretch stretch, double inset_mm,
                 double seam_rad = -1.5707963267948966);
/// One of so many gores of an ellipsoid.
Pattern makeGore(const Vec3& half_mm, int gores, double inset_mm);
/// The outline moved outwards by an allowance, corners mitred to at most twice of it.
std::vector<FlatPoint> offset(const std::vector<FlatPoint>& outline, double by_mm);
double findArea(const std::vector<FlatPoint>& outline);

inline constexpr double kSeamAllowance_mm = 5;
inline constexpr int kGores = 6;
inline constexpr double kOnePiece = 0.04; ///< a tube whose flat area is further off is cut ring by ring

/// The angle of a link's section at which a seam faces away from a camera that stands at an azimuth; at the back where
/// the bone points at the camera.
double findSeam(const body::Link& link, double camera_rad);

/// One pattern for each covered part that has a shape, of its covered stretch; left and right each get their own.
std::vector<Pattern> calcPatterns(const body::Puppet& puppet, const body::Skeleton& skeleton,
                                  const std::vector<body::Stretch>& own, const std::vector<Part>& parts,
                                  const std::stop_token& stop = {});

/// Where each piece lies on cloth of a width: rows, tallest first; and the length of cloth they take.
struct Layout {
    struct Place {
        int pattern = 0, piece = 0;
        double x = 0, y = 0; ///< of the lower left corner of its cutting line's box
        friend bool operator==(const Place&, const Place&) = default;
    };
    std::vector<Place> places;
    double length_mm = 0;
    bool fits = true; ///< false: a piece is wider than the cloth
    friend bool operator==(const Layout&, const Layout&) = default;
};
Layout calcLayout(const std::vector<Pattern>& patterns, double width_mm, double gap_mm = 4);

} // namespace enkinet::fill
