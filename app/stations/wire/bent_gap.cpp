#include "stations/wire/bent_gap.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include "words/text.h"
#include <QPainter>
#include <algorithm>

namespace enkinet::app {

BentGap::BentGap(QWidget* parent) : QWidget(parent) {
    setFixedHeight(200);
    setAccessibleName(tr("The bent gap, drawn to scale"));
}

void BentGap::show(const BentState& now, const BentState& ghost) {
    m_now = now, m_ghost = ghost;
    update();
}

void BentGap::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (!(m_now.bend.gap_mm > 0) || !(m_now.bend.angle_rad > 0)) return;
    // Both drawings at one scale that fits the larger.
    const QRectF all = bentBounds(m_now).united(bentBounds(m_ghost));
    const double scale = std::min((width() - 20.0) / all.width(), (height() - 48.0) / all.height());
    p.save();
    p.translate(width() / 2.0 - scale * all.center().x(), 4 - scale * all.top());
    p.scale(scale, scale);
    const double end = m_ghost.bend.gap_mm / 2 + bentEnd(m_ghost), r = wire::findBundleDiameter(m_ghost.bundle) / 2;
    p.setPen(QPen(look().graphite, 1 / scale, Qt::DashLine));
    for (double side : {-r, r}) {
        QPolygonF edge;
        for (int i = 0; i <= 60; ++i)
            edge << bentPoint(m_ghost, -end + 2 * end * i / 60, side);
        p.drawPolyline(edge);
    }
    drawBent(p, m_now, 1 / scale);
    p.restore();
    p.setFont(deskType(11));
    p.setPen(look().ink);
    p.drawText(QRectF(10, height() - 21, width() - 20, 16), Qt::AlignLeft,
               tr("gap %1, bent %2").arg(Text::length(m_now.bend.gap_mm), Text::degrees(m_now.bend.angle_rad)));
    const double bar = scale > 9 ? 5 : 10;
    p.setPen(QPen(look().ink, 1.5));
    p.drawLine(QPointF(width() - 46 - bar * scale, height() - 13), QPointF(width() - 46, height() - 13));
    p.drawText(QRectF(width() - 42, height() - 21, 40, 16), Qt::AlignLeft, Text::length(bar, 0));
    p.setFont(deskType(11, QFont::DemiBold));
    p.setPen(look().slack);
    p.drawText(QRectF(10, height() - 38, width() - 20, 16), Qt::AlignLeft,
               m_now.bend.edge > 1.05 ? tr("breaks here first, at the stiff end")
                                      : tr("no edge: breaks anywhere along it"));
}

} // namespace enkinet::app
