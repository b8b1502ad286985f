#pragma once
// What the builder's things look like: wire strand by strand in the colour of its metal, its section, beads and marks
// of joints, foil and clay. Drawn in whatever units the painter has; `px` is one device pixel in them.
#include "choice/verdict.h"
#include <QColor>
#include <QImage>
#include <QPointF>
#include <vector>

class QPainter;
class QPainterPath;

namespace enkinet::app {

/// Shadow side, body and highlight of a metal.
struct Metal {
    QColor dark, mid, light;
};
/// By what tells metals apart on a card: density and stiffness, never by a name.
Metal metalOf(const wire::MaterialCard& card);

/// One point along a wire's middle line and how far along it lies.
struct WirePoint {
    QPointF at;
    double along = 0;
};
/// A line through points as steps no longer than `step`, rounded at its corners by `round`.
std::vector<WirePoint> walkWire(const std::vector<QPointF>& line, double step, double round = 0);

/// Strands as helices: those behind first, each shaded, a shadow where one crosses another. tint(along) from 0 to 1
/// reddens what is strained; none: bare metal.
void drawStrands(QPainter& painter, const std::vector<WirePoint>& line, const wire::Bundle& bundle, const Metal& metal,
                 double px, const std::function<double(double)>& tint = {});
/// A bundle's cross-section with its metal's shine; `scale` in units per mm. hollow: outlined only.
void drawSection(QPainter& painter, const QPointF& centre, const wire::Bundle& bundle, double scale, const Metal& metal,
                 bool hollow = false);

/// A healthy joint is a quiet bead; one that fails is drawn as what it does: an end that sags, a rod that does not
/// give, a coil, a crack, two walls.
void drawStateMark(QPainter& painter, const QPointF& centre, double radius, choice::State state);
/// The same from a picture of it that is kept, on whole pixels: for views with hundreds of joints.
void stampStateMark(QPainter& painter, const QPointF& centre, double radius, choice::State state);

/// Pressed clay and crumpled foil, to be laid over a colour: the same patch always.
const QImage& clayGrain();
const QImage& foilCrumple();

/// The pencil line round a closed shape in device space: thin on the lit side, thick on the shadow side.
QPainterPath inkLine(const QPainterPath& closed, double thin, double thick);

} // namespace enkinet::app
