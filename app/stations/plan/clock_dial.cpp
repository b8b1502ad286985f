#include "stations/plan/clock_dial.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include "words/text.h"
#include <QPainter>
#include <cmath>
#include <numbers>

namespace enkinet::app {

ClockDial::ClockDial(QWidget* parent) : QWidget(parent) { setFixedSize(m_size, m_size); }

void ClockDial::setSize(int px) {
    m_size = px;
    setFixedSize(px, px);
}

void ClockDial::show(double worked, double reckoned, bool running) {
    m_worked = worked, m_reckoned = reckoned, m_running = running;
    setAccessibleName(tr("%1 of %2 that were reckoned").arg(Text::minutes(worked), Text::minutes(reckoned)));
    update();
}

void ClockDial::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const double r = m_size / 2.0 - 5;
    p.translate(m_size / 2.0, m_size / 2.0);
    QRadialGradient under(QPointF(1.5, 3), r * 1.12);
    under.setColorAt(0.86, QColor(0, 0, 0, 70));
    under.setColorAt(1, QColor(0, 0, 0, 0));
    p.setPen(Qt::NoPen);
    p.setBrush(under);
    p.drawEllipse(QPointF(1.5, 3), r * 1.12, r * 1.12);
    p.setPen(QPen(look().graphite, r * 0.09));
    p.setBrush(look().card);
    p.drawEllipse(QPointF(0, 0), r, r);
    const double inner = r * 0.86;
    // The face is the reckoned time, once round; beyond it the face is all used up.
    const double share = m_reckoned > 0 ? m_worked / m_reckoned : 0;
    QColor used = share > 1 ? look().slack : look().copper;
    used.setAlpha(80);
    p.setPen(Qt::NoPen);
    p.setBrush(used);
    p.drawPie(QRectF(-inner, -inner, 2 * inner, 2 * inner), 90 * 16,
              static_cast<int>(-std::min(1.0, share) * 360 * 16));
    p.setPen(QPen(look().ink, 1));
    for (int k = 0; k < 12; ++k) {
        const double a = k * std::numbers::pi / 6, from = inner * (k % 3 ? 0.9 : 0.82);
        p.drawLine(QPointF(from * std::sin(a), -from * std::cos(a)),
                   QPointF(inner * 0.97 * std::sin(a), -inner * 0.97 * std::cos(a)));
    }
    const double a = share * 2 * std::numbers::pi;
    p.setPen(
        QPen(m_running ? look().copperDark : look().graphite, std::max(2.5, r * 0.05), Qt::SolidLine, Qt::RoundCap));
    p.drawLine(QPointF(0, 0), QPointF(inner * 0.72 * std::sin(a), -inner * 0.72 * std::cos(a)));
    p.setPen(Qt::NoPen);
    p.setBrush(look().ink);
    p.drawEllipse(QPointF(0, 0), r * 0.07, r * 0.07);
}

} // namespace enkinet::app
