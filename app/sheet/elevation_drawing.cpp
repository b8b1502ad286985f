// How an elevation is drawn, layer by layer.
#include "base/units.h"
#include "sheet/elevation.h"
#include "sheet/silhouette.h"
#include "widgets/look.h"
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

using namespace body;

void Elevation::drawRun(QPainter& painter, const Run& run, double ppm) const {
    const double step = run.bundle.strands > 1 && run.bundle.lay_mm > 0 ? std::min(2.0, run.bundle.lay_mm / 14) : 3;
    drawStrands(painter, walkWire(run.points, step, 2 * run.bundle.diameter_mm), run.bundle, run.metal, 1 / ppm);
}

void Elevation::drawPiece(QPainter& painter, const Piece& p, LayerView layerView, double ppm) const {
    const auto laid = [&](const QPainterPath& path, const QColor& colour, const QImage* texture) {
        painter.fillPath(path, colour);
        if (!texture) return;
        QBrush grain(*texture);
        grain.setTransform(QTransform::fromScale(1 / ppm, 1 / ppm));
        painter.fillPath(path, grain);
    };
    switch (layerView) {
    case LayerView::painted: {
        laid(p.outside, p.painted, nullptr);
        drawLooks(painter, p);
        // Out to the flowing line, which rounds what the parts leave square.
        if (p.looks.empty())
            painter.strokePath(p.outside, QPen(p.painted, 2.4, Qt::SolidLine, Qt::FlatCap, Qt::RoundJoin));
        if (!p.fleece) break;
        // Fur in short strokes, pile running down.
        painter.setPen(QPen(p.painted.darker(130), 0.8 / ppm, Qt::SolidLine, Qt::RoundCap));
        const QRectF box = p.outside.boundingRect();
        const double gap = 3.2, away = 1.2;
        for (double y = box.top(); y < box.bottom(); y += gap)
            for (double x = box.left() + std::fmod(std::abs(y) * 1.7, gap); x < box.right(); x += gap)
                if (p.outside.contains(QPointF(x, y)))
                    painter.drawLine(QPointF(x, y), QPointF(x + 0.4 * std::sin(7 * x + 3 * y), y + 2 * away));
        break;
    }
    case LayerView::clay:
        if (p.hasClay)
            laid(p.underCover, p.clay, &clayGrain());
        else if (p.hasBulk)
            laid(p.core, p.bulk, &foilCrumple());
        break;
    case LayerView::bulk:
        if (p.hasClay) {
            QColor thin = p.clay;
            thin.setAlpha(60);
            laid(p.underCover, thin, nullptr);
        }
        if (p.hasBulk) laid(p.core, p.bulk, &foilCrumple());
        break;
    case LayerView::wire:
    case LayerView::paper:
        break;
    }
}

bool Elevation::isSelected(const Piece& p, const std::vector<Selection>& selected) const {
    const Selection& own = m_selectionOf[static_cast<std::size_t>(p.part)];
    return std::find(selected.begin(), selected.end(), own) != selected.end();
}

void Elevation::drawDraft(QPainter& painter, LayerView layerView, const std::vector<Selection>& selected) const {
    const bool smooth = painter.testRenderHint(QPainter::Antialiasing);
    // Smooth edges of many hundred parts are not to be had within a frame.
    constexpr std::size_t kMany = 150;
    painter.setRenderHint(QPainter::Antialiasing, smooth && m_pieces.size() <= kMany);
    painter.setPen(Qt::NoPen);
    for (const Piece& p : m_pieces) {
        QColor fill = layerView == LayerView::painted ? p.painted : p.hasClay ? p.clay : p.bulk;
        if (layerView >= LayerView::bulk) fill = look().night ? QColor("#575043") : QColor("#efe6d3");
        if (isSelected(p, selected)) fill = look().lit;
        painter.setBrush(layerView == LayerView::paper ? QBrush(Qt::NoBrush) : QBrush(fill));
        for (const QPolygonF& polygon : p.outside.toSubpathPolygons())
            painter.drawPolygon(polygon);
    }
    painter.setRenderHint(QPainter::Antialiasing, smooth);
}

void Elevation::draw(QPainter& painter, LayerView layerView, double ppm, const std::vector<Selection>& selected) const {
    if (m_finish == Finish::draft) return drawDraft(painter, layerView, selected);
    const bool night = look().night;
    const QColor bare = layerView == LayerView::paper  ? QColor(Qt::transparent)
                        : layerView == LayerView::wire ? (night ? QColor("#413c33") : QColor("#fbf6ea"))
                                                       : (night ? QColor("#575043") : QColor("#efe6d3"));
    const QColor ink = night ? QColor("#cfc4ac") : QColor("#4d463b");
    const auto runsOf = [&](int group, const auto& each) {
        for (const Run& r : m_runs)
            if (r.copy == group) each(r);
    };
    const bool wired = layerView == LayerView::clay || layerView == LayerView::bulk;
    for (std::size_t from = 0; from < m_pieces.size();) {
        const int group = m_pieces[from].group;
        std::size_t to = from;
        while (to < m_pieces.size() && m_pieces[to].group == group)
            ++to;
        const QPainterPath& outline = m_lines.groups[static_cast<std::size_t>(group)];
        // Where there is nothing around it, as under the feet, the wire is seen.
        if (wired) runsOf(group, [&](const Run& r) { drawRun(painter, r, ppm); });
        painter.fillPath(outline, bare);
        const QRectF box = outline.boundingRect();
        // A finger of a few pixels shows no more than its colour; clipping costs as much for it as for a body.
        constexpr double kSmall_px = 34;
        const bool small = std::min(box.width(), box.height()) * ppm < kSmall_px && layerView != LayerView::painted;
        painter.save();
        if (!small) painter.setClipPath(outline, Qt::IntersectClip);
        if (wired) runsOf(group, [&](const Run& r) { drawRun(painter, r, ppm); });
        for (std::size_t i = from; i < to; ++i)
            drawPiece(painter, m_pieces[i], layerView, ppm);
        // The far side of a rounded thing lies in its own shade.
        if (!small)
            painter.strokePath(outline, QPen(QColor(58, 40, 20, layerView == LayerView::wire ? 16 : 30), 6 / ppm));
        for (std::size_t i = from; i < to; ++i)
            if (isSelected(m_pieces[i], selected)) {
                QColor lit("#f7d46b");
                lit.setAlphaF(layerView == LayerView::wire ? 0.5F : 0.32F);
                painter.fillPath(m_pieces[i].outside, lit);
            }
        painter.restore();
        QColor line = ink;
        line.setAlphaF(m_view == View::side || layerView == LayerView::painted ? 0.8F : 0.28F);
        if (small)
            painter.strokePath(outline, QPen(line, 0.9 / ppm));
        else
            painter.fillPath(inkLine(outline, 0.6 / ppm, 1.4 / ppm), line);
        from = to;
    }
    painter.fillPath(inkLine(m_lines.whole, 0.7 / ppm, 2.1 / ppm), ink);
    if (layerView != LayerView::wire && layerView != LayerView::paper)
        for (const Dot& d : m_dots) {
            const double r = std::max(d.radius, 1 / ppm);
            painter.setBrush(layerView == LayerView::bulk ? QBrush(Qt::NoBrush) : QBrush(d.colour));
            QColor line = ink;
            line.setAlphaF(0.85F);
            painter.setPen(QPen(line, 0.9 / ppm));
            painter.drawEllipse(d.at, r, r);
        }
    if (layerView == LayerView::wire)
        for (const Run& r : m_runs)
            drawRun(painter, r, ppm);
    for (const Piece& p : m_pieces)
        if (isSelected(p, selected))
            painter.strokePath(p.outside.simplified(),
                               QPen(look().copper, 2 / ppm, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
}

} // namespace enkinet::app
