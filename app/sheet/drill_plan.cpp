#include "sheet/drill_plan.h"
#include "base/units.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

void drawDrillPlan(QPainter& p, const body::Base& b, const checks::BaseCheck& c, double ppm, bool paper) {
    const QColor ink = paper ? QColor("#33312d") : look().ink;
    const QRectF rect(-b.width_mm / 2, -(b.shape == body::BaseShape::disc ? b.width_mm : b.depth_mm) / 2, b.width_mm,
                      b.shape == body::BaseShape::disc ? b.width_mm : b.depth_mm);
    p.setPen(QPen(ink, 1.6 / ppm));
    if (paper)
        p.setBrush(Qt::NoBrush);
    else
        p.setBrush(look().night ? QColor("#4a4234") : QColor("#e3cfa4"));
    b.shape == body::BaseShape::disc ? p.drawEllipse(rect) : p.drawRoundedRect(rect, 2, 2);
    // Middle lines, by which it is laid on.
    p.setPen(QPen(paper ? QColor("#8a8377") : look().graphite, 0.8 / ppm, Qt::DashDotLine));
    p.drawLine(QPointF(rect.left() - 4, 0), QPointF(rect.right() + 4, 0));
    p.drawLine(QPointF(0, rect.top() - 4), QPointF(0, rect.bottom() + 4));
    int number = 0;
    for (const checks::Hole& h : c.holes) {
        const QPointF at(h.x_mm - b.x_mm, h.z_mm - b.z_mm);
        if (paper) {
            // By its number in the table; neighbours' numbers go different ways.
            const double way = (40 + 72.0 * number) * kPi / 180;
            p.save();
            p.setPen(ink);
            QFont f = deskType(10);
            f.setPixelSize(12);
            p.setFont(f);
            p.translate(at + 6.5 * QPointF(std::cos(way), -std::sin(way)));
            p.scale(0.22, 0.22);
            p.drawText(QRectF(-12, -9, 24, 18), Qt::AlignCenter, QString::number(number + 1));
            p.restore();
        }
        ++number;
        p.setPen(QPen(h.outside ? QColor("#9c2f1c") : ink, 1.2 / ppm));
        p.setBrush(paper ? QBrush(Qt::NoBrush) : QBrush(QColor("#4d3b1f")));
        const double r = std::max(h.diameter_mm / 2, 1.2 / ppm);
        p.drawEllipse(at, r, r);
        p.drawLine(at - QPointF(r + 2, 0), at + QPointF(r + 2, 0));
        p.drawLine(at - QPointF(0, r + 2), at + QPointF(0, r + 2));
    }
}

} // namespace enkinet::app
