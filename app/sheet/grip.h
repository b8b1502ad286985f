#pragma once
// Taking hold of the posed figure and bending it: which joint bends when a part is dragged, and what angle a drag
// means. Shared by the elevations and the turntable.
#include "document/document.h"

namespace enkinet::app {

/// A joint taken by a part of the figure that is to move.
struct Grip {
    int hinge = -1;
    bool moved =
        true; ///< the part lies beyond the hinge; else it is the side of the body that moves over a planted foot
};
/// The joint nearest the part on its way to the planted foot; hinge -1 where nothing bends.
Grip findGrip(const Document& document, int part);
/// The joint itself was taken: what lies away from the planted foot moves.
Grip gripHinge(const Document& document, int hinge);

/// The board's angle of a grip's joint after a further turn about an axis through it, in the sheet's own directions.
body::JointAngle turned(const Document& document, const Grip& grip, const Vec3& axis, double by_rad);
/// Asks the document for that angle; drags of one joint make one step.
void bendTo(Document& document, const body::JointAngle& angle);

/// Name, angle now, range and springback in one line.
QString gripWords(const Document& document, const Grip& grip);
/// How far the joint springs back from its present angle, rad.
double calcSpring(const Document& document, const Grip& grip);
double bendOf(const body::JointAngle& a);
body::JointAngle angleOf(const Document& document, int hinge);

} // namespace enkinet::app
