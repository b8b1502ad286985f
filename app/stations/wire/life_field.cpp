#include "stations/wire/life_field.h"
#include "widgets/look.h"
#include "words/say.h"
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

LifeField::LifeField(QWidget* parent) : SpotField(parent) {
    setAccessibleName(tr("Life against hold of every candidate wire"));
    setObjectName("lifeField");
}

QRectF LifeField::plot() const { return QRectF(44, 6, width() - 50, height() - 6 - 40); }

double LifeField::xOf(double hold) const {
    const QRectF r = plot();
    return r.left() + 10 + (r.width() - 20) * std::log(hold / m_lowHold) / std::log(m_highHold / m_lowHold);
}

double LifeField::yOf(double life) const {
    const QRectF r = plot();
    return r.bottom() - 10 - (r.height() - 20) * std::log(life / m_lowLife) / std::log(m_highLife / m_lowLife);
}

void LifeField::takeDemand(const choice::Demand& d) {
    m_needed = d.needed_Nmm, m_needLife = d.needFilm_s;
    double lowH = m_needed, highH = m_needed, lowL = m_needLife, highL = m_needLife;
    for (const Spot& s : spots()) {
        if (s.barred || !std::isfinite(s.hold) || !(s.life > 0)) continue;
        lowH = std::min(lowH, s.hold), highH = std::max(highH, s.hold);
        lowL = std::min(lowL, s.life), highL = std::max(highL, s.life);
    }
    m_lowHold = std::max(lowH / 1.2, m_needed / 40), m_highHold = std::min(highH * 1.2, m_needed * 60);
    m_lowLife = std::max(lowL / 1.2, m_needLife / 30), m_highLife = std::min(highL * 1.2, m_needLife * 200);
}

void LifeField::layoutSpots() {
    setRadii(3.4, 20);
    for (Spot& s : spots()) {
        const bool inside = std::isfinite(s.hold) && s.hold >= m_lowHold && s.hold <= m_highHold &&
                            s.life >= m_lowLife && s.life <= m_highLife;
        s.at = inside ? QPointF(xOf(s.hold), yOf(s.life)) : QPointF(-100, -100);
    }
}

void LifeField::paintEvent(QPaintEvent*) {
    layoutSpots();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF r = plot();
    p.fillRect(r, look().shade);
    const double x = std::clamp(xOf(m_needed), r.left(), r.right()),
                 y = std::clamp(yOf(m_needLife), r.top(), r.bottom());
    p.fillRect(QRectF(QPointF(x, r.top()), QPointF(r.right(), y)), look().lit);
    p.setPen(QPen(look().holds, 2));
    p.drawLine(QPointF(x, r.top()), QPointF(x, r.bottom()));
    p.setPen(QPen(look().tired, 2));
    p.drawLine(QPointF(r.left(), y), QPointF(r.right(), y));
    p.setClipRect(r);
    drawSpots(p);
    p.setClipping(false);
    p.setFont(deskFont(8.5));
    p.setPen(look().ink);
    double lastRight = -100, lastTop = 1e9;
    for (int e = -3; e < 7; ++e)
        for (double k : {1.0, 2.0, 5.0}) {
            const double v = k * std::pow(10, e);
            if (v >= m_lowHold && v <= m_highHold && xOf(v) - 16 > lastRight) {
                p.drawLine(QPointF(xOf(v), r.bottom()), QPointF(xOf(v), r.bottom() + 4));
                p.drawText(QRectF(xOf(v) - 24, r.bottom() + 4, 48, 14), Qt::AlignCenter, Say::number(v, v < 1 ? 1 : 0));
                lastRight = xOf(v) + 16;
            }
            if (v >= m_lowLife && v <= m_highLife && yOf(v) + 8 < lastTop) {
                p.drawLine(QPointF(r.left() - 4, yOf(v)), QPointF(r.left(), yOf(v)));
                p.drawText(QRectF(0, yOf(v) - 8, r.left() - 7, 16), Qt::AlignRight | Qt::AlignVCenter,
                           Say::number(v, v < 1 ? 1 : 0));
                lastTop = yOf(v) - 8;
            }
        }
    p.setPen(look().graphite);
    p.drawText(QRectF(r.left(), r.bottom() + 19, r.width(), 16), Qt::AlignCenter, tr("holds, N·mm"));
    p.save();
    p.translate(10, r.center().y());
    p.rotate(-90);
    p.drawText(QRectF(-80, -10, 160, 14), Qt::AlignCenter, tr("lasts, s of film"));
    p.restore();
    p.setFont(deskFont(8.5, QFont::DemiBold));
    p.setPen(look().holds);
    p.drawText(QRectF(x + 4, r.bottom() - 18, 140, 16), Qt::AlignLeft, tr("must hold %1").arg(Say::figure(m_needed)));
    p.setPen(look().tired);
    p.drawText(QRectF(r.right() - 144, y + 2, 140, 16), Qt::AlignRight,
               tr("must last %1 s").arg(Say::figure(m_needLife)));
}

} // namespace enkinet::app
