#include "stations/wire/hold_window.h"
#include "base/units.h"
#include "widgets/look.h"
#include "words/say.h"
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

HoldWindow::HoldWindow(QWidget* parent) : SpotField(parent) {
    setAccessibleName(tr("Hold window with every candidate wire"));
    setObjectName("holdWindow");
}

QRectF HoldWindow::plot() const { return QRectF(0, 18, width(), height() - 18 - 34); }

double HoldWindow::xOf(double m) const {
    const QRectF r = plot();
    return r.left() + 12 + (r.width() - 24) * std::log(m / m_low) / std::log(m_high / m_low);
}

void HoldWindow::takeDemand(const choice::Demand& d) {
    m_needed = d.needed_Nmm, m_limit = d.effortLimit_Nmm, m_lever = d.lever_mm;
    double low = d.needed_Nmm, high = d.effortLimit_Nmm;
    for (const Spot& s : spots())
        if (!s.barred && std::isfinite(s.hold)) low = std::min(low, s.hold), high = std::max(high, s.effort);
    // Far candidates crowd at the edges rather than squeezing the window.
    m_low = std::max(low / 1.3, d.needed_Nmm / 30);
    m_high = std::min(high * 1.3, std::max(d.effortLimit_Nmm, d.needed_Nmm) * 12);
}

void HoldWindow::layoutSpots() {
    const QRectF r = plot();
    setRadii(3.4, 22);
    // Each stands as low as it can beside those already there.
    std::vector<const Spot*> placed;
    for (std::size_t i : drawingOrder()) {
        Spot& s = spots()[i];
        s.at = {-100, -100};
        // What a wire is judged by decides where it stands: one that no hand can bend stands by its effort, right of
        // the band, every other by its hold.
        const double judged = s.hold >= m_needed && s.effort > m_limit ? s.effort : s.hold;
        if (!std::isfinite(judged) || judged < m_low || judged > m_high) continue;
        const double x = xOf(judged);
        for (double y = r.bottom() - s.radius - 3; y > r.top() + 14 + s.radius; y -= 3) {
            const bool free = std::all_of(placed.begin(), placed.end(), [&](const Spot* o) {
                return std::hypot(o->at.x() - x, o->at.y() - y) > o->radius + s.radius + 1.5;
            });
            if (!free) continue;
            s.at = {x, y};
            placed.push_back(&s);
            break;
        }
    }
}

void HoldWindow::paintEvent(QPaintEvent*) {
    layoutSpots();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF r = plot();
    p.fillRect(r, look().shade);
    const double x0 = std::clamp(xOf(m_needed), r.left(), r.right()),
                 x1 = std::clamp(xOf(m_limit), r.left(), r.right());
    if (x1 > x0) p.fillRect(QRectF(x0, r.top(), x1 - x0, r.height()), look().lit);
    drawSpots(p);
    p.setPen(QPen(look().holds, 2));
    p.drawLine(QPointF(x0, r.top() - 4), QPointF(x0, r.bottom()));
    p.setPen(QPen(look().holds, 2, Qt::DashLine));
    p.drawLine(QPointF(x1, r.top() - 4), QPointF(x1, r.bottom()));
    p.setFont(deskFont(8.5, QFont::DemiBold));
    p.setPen(look().holds);
    const QFontMetricsF bold(p.font());
    const QString needed = tr("must hold %1").arg(Say::figure(m_needed)),
                  most = tr("takes at most %1 to bend").arg(Say::figure(m_limit));
    const double wl = bold.horizontalAdvance(needed), wr = bold.horizontalAdvance(most);
    double nx = std::clamp(x0 - wl / 2, r.left(), r.right() - wl),
           mx = std::clamp(x1 - wr / 2, r.left(), r.right() - wr);
    if (nx + wl + 10 > mx) { // the two words would meet: draw them apart
        nx = std::max(r.left(), std::min(nx, mx - wl - 10));
        mx = std::min(r.right() - wr, std::max(mx, nx + wl + 10));
    }
    p.drawText(QPointF(nx, 10), needed);
    p.drawText(QPointF(mx, 10), most);

    p.setFont(deskFont(8.5));
    p.setPen(look().ink);
    double lastRight = -100;
    for (int e = -2; e < 6; ++e)
        for (double k : {1.0, 2.0, 5.0}) {
            const double m = k * std::pow(10, e);
            if (m < m_low || m > m_high) continue;
            const double x = xOf(m);
            p.drawLine(QPointF(x, r.bottom()), QPointF(x, r.bottom() + 4));
            const QString text = Say::number(m, m < 1 ? 1 : 0);
            if (x - 18 < lastRight || x < r.left() + 8 || x > r.right() - 14) continue;
            p.drawText(QRectF(x - 24, r.bottom() + 4, 48, 14), Qt::AlignCenter, text);
            p.setPen(look().graphite);
            p.drawText(QRectF(x - 30, r.bottom() + 18, 60, 14), Qt::AlignCenter,
                       Say::number(m / m_lever / kNewtonPerGram, m / m_lever / kNewtonPerGram < 10 ? 1 : 0));
            p.setPen(look().ink);
            lastRight = x + 18;
        }
}

} // namespace enkinet::app
