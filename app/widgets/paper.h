#pragma once
// The bench itself: wood under a lamp, papers and tags lying on it, threads, stamps, drawers.
#include <QColor>
#include <QRectF>
#include <QString>
#include <QWidget>

class QPainter;

namespace enkinet::app {

/// The bench's wood under a lamp at the upper left, for the whole of a window.
void drawBench(QPainter& painter, const QRectF& area);
/// A sheet of paper with a torn edge and a soft shadow.
void drawPaper(QPainter& painter, const QRectF& box, const QColor& fill, unsigned seed = 1);
/// A tag with clipped corners and an eye for its thread.
void drawTagPaper(QPainter& painter, const QRectF& box, const QPointF& eye);
/// A soft shadow under a box, pixels deep.
void drawShadow(QPainter& painter, const QRectF& box, double depth);
/// A word as a rubber stamp, centred; returns its width.
double drawStamp(QPainter& painter, const QPointF& centre, const QString& word, const QColor& colour);
/// The ring of the focus: two pixels, always seen, just outside a box.
void drawFocus(QPainter& painter, const QRectF& box);

/// Words on one line, drawn together where they are too wide; what still has no room is left out from its end, and a
/// stub that nobody could read altogether.
void drawFitted(QPainter& painter, const QRectF& box, int alignment, const QString& words);
void drawFitted(QPainter& painter, const QPointF& base, double width, const QString& words);
/// The font drawn together as far as it stays readable and as these words ask for.
QFont narrowed(QFont font, double width, const QString& words);
/// Whether drawFitted() would say all of it.
bool fits(const QFont& font, double width, const QString& words);
/// Words on as many lines as they take; returns how high they are.
double drawWrapped(QPainter& painter, const QRectF& box, const QString& words);

/// Type of the desk in pixels: 22, 15, 13 or 11.
QFont deskType(int px, int weight = QFont::Normal);

} // namespace enkinet::app
