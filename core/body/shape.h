#pragma once
// Volumes, centres and surfaces of tapered elliptic tubes, ellipsoids and boxes, and who owns an overlap.
// Between sections the half-widths are linear, so the section's area is a quadratic and two Gauss points a stretch are
// exact for volume and first moment. docs/mechanics.md 30 to 33.
#include "base/stop.h"
#include "body/skeleton.h"

namespace enkinet::body {

/// Half-widths at a share of the bone's length; the sections must not be empty.
Section findSection(const std::vector<Section>& sections, double at);

/// Thickness of all coats beneath the skin.
double findCoats(const Layers& layers);

/// Thickness of the skin at a share of the bone's length: linear between sections.
double findSkin(const Segment& segment, double at);

/// Which surface of a part: the finished one, the clay's outside (under a cover), the clay's inside.
enum class Surface { finished, clay, core };
/// How far it lies inside a mass's finished surface, mm.
double findInset(const Layers& layers, Surface surface);

/// A stretch of one layer's surface. Its sections carry that surface's own half-widths; below 0 there is nothing.
/// A cover that ends on the way makes a step, so a surface has one to three of these.
struct Shell {
    double from = 0, to = 1;
    std::vector<Section> sections;
    friend bool operator==(const Shell&, const Shell&) = default;
};
std::vector<Shell> findShells(const Segment& segment, Surface surface);
/// The outside of a coat, by its place from inside out; beyond the last: of the skin.
std::vector<Shell> findCoatShells(const Segment& segment, std::size_t coat);

struct TubeIntegral {
    double volume_mm3 = 0;
    double centre = 0; ///< centre of mass as a share of the bone's length; the stretch's middle when the volume is 0
    friend bool operator==(const TubeIntegral&, const TubeIntegral&) = default;
};

/// Volume of the tube between two shares of its length, inset by a thickness; never negative: where the inset is
/// thicker than a half-width nothing is left.
TubeIntegral calcTube(const std::vector<Section>& sections, double length_mm, double from, double to, double inset_mm);

/// The same of a whole surface.
TubeIntegral calcTube(const std::vector<Shell>& shells, double length_mm, double from, double to);

/// Side surface, mm², to 1e-9 relative (Gauss along, trapezoid around).
double calcTubeSurface(const std::vector<Section>& sections, double length_mm, double from, double to);

double calcEllipsoidVolume(const Vec3& half_mm);
/// Surface of an ellipsoid by the same quadrature.
double calcEllipsoidSurface(const Vec3& half_mm);

/// Directions of a link's half-widths: a lies in the front picture where the bone does, b in depth.
struct Frame {
    Vec3 along, a, b;
    friend bool operator==(const Frame&, const Frame&) = default;
};
Frame findFrame(const Link& link);

/// The share of a link that is its own, not its parent's: where the two solids overlap the parent owns the overlap, cut
/// at right angles to the bone where its axis leaves the parent, or where nine tenths of its section have; a mass owns
/// what it swallows of its own limb.
struct Stretch {
    double from = 0, to = 1;
    double length() const { return to > from ? to - from : 0; }
    friend bool operator==(const Stretch&, const Stretch&) = default;
};
std::vector<Stretch> calcOwnStretches(const Puppet& puppet, const Skeleton& skeleton, const std::stop_token& stop = {});

/// The stiff stretch of a link, between its gaps.
Stretch findStiff(const Link& link);
Stretch findCommon(Stretch a, Stretch b);

/// True inside the finished surface of a segment (without sections: never) or of a mass (weighed: never).
bool isInside(const Segment& segment, const Link& link, const Vec3& point);
bool isInside(const Mass& mass, const MassCopy& copy, const Vec3& point);

/// Length of a link's axis inside a mass inset by a thickness, mm (closed form).
double findAxisInside(const Mass& mass, const Vec3& at, const Link& link, double inset_mm);

} // namespace enkinet::body
