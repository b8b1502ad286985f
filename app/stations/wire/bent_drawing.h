#pragma once
// A bent gap to scale, in millimetres: strands as helices, reddened by how far the bend strains them, the stiff ends
// feathered back or square, and the crack where it breaks first. The middle of the gap lies at the origin, the bend
// hangs down on both sides. For the lens on the laid limb and for trying another wire.
#include "widgets/materials.h"
#include "wire/bend.h"
#include <QRectF>

namespace enkinet::app {

inline const QColor kPuttyColour("#9fae8d");

struct BentState {
    wire::Bundle bundle;
    wire::GapBend bend;
    Metal metal{};
};

/// A point along the wire, 0 in the middle of the gap, and so far off its axis outwards of the bend.
QPointF bentPoint(const BentState& state, double along_mm, double outward_mm);
/// How much of the stiff ends is drawn beyond the gap.
double bentEnd(const BentState& state);
QRectF bentBounds(const BentState& state);
/// How strained the bend is, from 0 at rest to 1 where no number is good any more.
double bentTint(const BentState& state);
/// px: one device pixel in the painter's millimetres.
void drawBent(QPainter& painter, const BentState& state, double px);

} // namespace enkinet::app
