// What is painted on an elevation: each place with its tones across the form, and the shine of what lies on top.
#include "base/units.h"
#include "sheet/elevation.h"
#include "sheet/silhouette.h"
#include "widgets/look.h"
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

using namespace body;

namespace {
/// Where a place of the paint lies in a view: the front of a figure is all of its front picture and half of its side.
QPainterPath placePath(View view, const paint::Coat& place, const QRectF& box, const QPointF& from, const QPointF& to,
                       bool mass) {
    QPainterPath path;
    const QRectF wide = box.adjusted(-50, -50, 50, 50);
    if (place.zone == paint::Zone::front || place.zone == paint::Zone::back) {
        const bool front = place.zone == paint::Zone::front;
        if (view == View::front) {
            if (front) path.addRect(wide);
            return path;
        }
        // The side on which z grows.
        const double towards = project(view, Vec3{0, 0, 1}).x() - project(view, Vec3{}).x();
        const double middle = mass ? box.center().x() : (from.x() + to.x()) / 2;
        const bool right = (towards > 0) == front;
        path.addRect(right ? QRectF(QPointF(middle, wide.top()), wide.bottomRight())
                           : QRectF(wide.topLeft(), QPointF(middle, wide.bottom())));
        return path;
    }
    // A band across the bone; of a mass, from top to bottom.
    const QPointF a = mass ? QPointF(box.center().x(), box.top()) : from,
                  b = mass ? QPointF(box.center().x(), box.bottom()) : to;
    const QPointF along = b - a;
    const double length = std::hypot(along.x(), along.y());
    if (length < 1e-6) return path;
    const QPointF across = QPointF(-along.y(), along.x()) / length * (wide.width() + wide.height());
    const QPointF low = a + place.from * along, high = a + place.to * along;
    path.addPolygon(QPolygonF{low - across, low + across, high + across, high - across});
    path.closeSubpath();
    return path;
}
} // namespace

/// segment: of a limb; null for a mass.
void Elevation::addLooks(Piece& piece, const std::vector<PlaceLook>& looks, const Link& link,
                         const Segment* segment) const {
    if (looks.empty()) return;
    const QRectF box = piece.outside.boundingRect();
    QPointF along = project(m_view, link.to) - project(m_view, link.from);
    double half = box.width() / 2;
    if (const double length = std::hypot(along.x(), along.y()); segment && length > 1) {
        half = 1;
        for (const Section& x : segment->sections)
            half = std::max(half, m_view == View::front ? x.a_mm : x.b_mm);
        along /= length;
    } else {
        along = {0, 1};
    }
    QPointF across(-along.y(), along.x());
    if (across.x() < 0) across = -across;
    const QPointF middle = segment ? 0.5 * (project(m_view, link.from) + project(m_view, link.to)) : box.center();
    piece.rim = middle - half * across, piece.farRim = middle + half * across;
    for (const PlaceLook& x : looks) {
        QPainterPath where;
        if (x.place.zone != paint::Zone::everywhere) {
            where = placePath(m_view, x.place, box, project(m_view, link.from), project(m_view, link.to), !segment);
            if (where.isEmpty()) continue; // out of sight
        }
        piece.looks.push_back({x.look, where});
    }
}

void Elevation::drawLooks(QPainter& painter, const Piece& p) const {
    for (const Piece::Painted& x : p.looks) {
        painter.save();
        if (!x.place.isEmpty()) painter.setClipPath(x.place, Qt::IntersectClip);
        if (x.look.mean.isValid()) {
            painter.fillPath(p.outside, x.look.mean);
            const auto glass = [](QColor c, int alpha) {
                c.setAlpha(alpha);
                return c;
            };
            // The dry brush on what stands out, the wash where the form turns away.
            QLinearGradient tones(p.rim, p.farRim);
            tones.setColorAt(0, glass(x.look.recess, 120));
            tones.setColorAt(0.24, glass(x.look.recess, 0));
            tones.setColorAt(0.25, glass(x.look.ridge, 0));
            tones.setColorAt(0.42, glass(x.look.ridge, 150));
            tones.setColorAt(0.62, glass(x.look.ridge, 0));
            tones.setColorAt(0.63, glass(x.look.recess, 0));
            tones.setColorAt(1, glass(x.look.recess, 150));
            painter.fillPath(p.outside, tones);
        }
        if (x.look.gloss > 0) {
            // A shine along the lit side.
            QLinearGradient shine(p.rim, p.farRim);
            shine.setColorAt(0.14, QColor(255, 255, 255, 0));
            shine.setColorAt(0.3, QColor(255, 255, 255, static_cast<int>(120 * std::min(1.0, x.look.gloss))));
            shine.setColorAt(0.42, QColor(255, 255, 255, 0));
            painter.fillPath(p.outside, shine);
        }
        painter.restore();
    }
}

} // namespace enkinet::app
