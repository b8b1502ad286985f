#pragma once
// Draws a puppet's front or side elevation in millimetres, y down: on the screen's sheet and on paper alike.
#include "document/document.h"
#include "sheet/painted_look.h"
#include "sheet/silhouette.h"
#include "widgets/materials.h"
#include <QColor>
#include <QPainterPath>
#include <QPointF>
#include <QPolygonF>
#include <QRectF>
#include <vector>

class QPainter;

namespace enkinet::app {

enum class View { front, side };
/// How far the layers are taken off, outside in.
enum class LayerView { painted, clay, bulk, wire, paper };
/// A draft is what stands while results are worked out: parts in plain colours, in a fraction of the time.
enum class Finish { fine, draft };
inline constexpr int kLayerViews = 5;

/// Front: the puppet's left is on the viewer's right. Side: seen from its right, front to the right.
QPointF project(View view, const Vec3& p);
/// Distance towards the viewer.
double depthOf(View view, const Vec3& p);

/// Shapes of one view of one report, made once and drawn many times.
class Elevation {
public:
    Elevation() = default;
    Elevation(const body::Puppet& puppet, const document::Production& production, const results::Report& report,
              View view, bool rest = false, Finish finish = Finish::fine);

    /// A millimetre is `pixelsPerMm` device units: thin lines keep their width on the device.
    void draw(QPainter& painter, LayerView layerView, double pixelsPerMm, const std::vector<Selection>& selected) const;
    /// The figure's outline as closed polygons, mm, y down.
    std::vector<QPolygonF> outlines() const;
    QRectF bounds() const { return m_bounds; }
    /// How far its wires reach below the base, mm.
    double below() const { return m_below; }
    /// The figure as one flowing line, for looking at.
    const QPainterPath& silhouette() const { return m_lines.whole; }
    View view() const { return m_view; }

    /// The part under a point, nearest the viewer; -1 where there is none.
    int findPart(const QPointF& at) const;

private:
    struct Piece {
        int part = 0;
        int group = 0;    ///< pieces of one limb copy, or one mass, share an outline
        double depth = 0; ///< of the group
        QPainterPath outside, underCover, core;
        QColor painted, clay, bulk;
        bool hasClay = false, hasBulk = false, fleece = false;
        /// What is painted there, the whole part first, then its places.
        struct Painted {
            PaintedLook look;
            QPainterPath place; ///< empty: all of it
        };
        std::vector<Painted> looks{};
        QPointF rim, farRim; ///< across it, from the lit edge to the other
    };
    struct Run {
        std::vector<QPointF> points;
        wire::Bundle bundle;
        Metal metal;
        int copy = 0; ///< of the limb that it runs through
        double depthMean = 0;
    };
    /// Something that sits on the body, facing the viewer.
    struct Dot {
        QPointF at;
        double radius = 0, depth = 0;
        QColor colour;
    };
    void drawDraft(QPainter& painter, LayerView layerView, const std::vector<Selection>& selected) const;
    bool isSelected(const Piece& piece, const std::vector<Selection>& selected) const;
    void drawRun(QPainter& painter, const Run& run, double pixelsPerMm) const;
    void addLooks(Piece& piece, const std::vector<PlaceLook>& looks, const body::Link& link,
                  const body::Segment* segment) const;
    void drawLooks(QPainter& painter, const Piece& piece) const;
    void drawPiece(QPainter& painter, const Piece& piece, LayerView layerView, double pixelsPerMm) const;

    View m_view = View::front;
    Finish m_finish = Finish::fine;
    std::vector<Piece> m_pieces; ///< far to near
    std::vector<Run> m_runs;
    std::vector<Dot> m_dots;
    Silhouette m_lines;
    QRectF m_bounds;
    double m_below = 0;
    std::vector<Selection> m_selectionOf; ///< per part
};

/// The colour that is left on a part at the end: its cover, or the last opaque coat, or the bare clay.
QColor finishedColour(const body::Layers& layers, const document::Production& production, const results::Report& report,
                      const QColor& clay);
} // namespace enkinet::app
