#include "stations/wire/wires_window.h"
#include "base/units.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include "words/text.h"
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {
constexpr double kLeft = 46, kRight = 8, kTop = 20, kBottom = 34, kTray = 18;
/// Wires worth a name where they are ruled out by something that this picture does not show.
constexpr std::size_t kNamed = 2;
} // namespace

WiresWindow::WiresWindow(QWidget* parent) : SpotField(parent) {
    setAccessibleName(tr("Window of wires: what each holds, takes and lasts"));
    setObjectName("holdWindow");
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setMinimumHeight(150);
}

QRectF WiresWindow::plot() const { return QRectF(rect()).adjusted(kLeft, kTop, -kRight, -kBottom - kTray); }

double WiresWindow::xOf(double m) const {
    const QRectF r = plot();
    return r.left() + r.width() * std::log(std::clamp(m, m_low, m_high) / m_low) / std::log(m_high / m_low);
}

double WiresWindow::yOf(double s) const {
    const QRectF r = plot();
    return r.bottom() -
           r.height() * std::log(std::clamp(s, m_lowLife, m_highLife) / m_lowLife) / std::log(m_highLife / m_lowLife);
}

void WiresWindow::takeDemand(const choice::Demand& d) {
    m_needed = std::max(1e-3, d.needed_Nmm), m_limit = std::max(1e-3, d.effortLimit_Nmm), m_lever = d.lever_mm,
    m_life = std::max(1e-3, d.needFilm_s);
    // Room for the light, twice as much on either side, and the wire in hand.
    m_low = std::min(m_needed, m_limit) / 5, m_high = std::max(m_needed, m_limit) * 5;
    m_lowLife = m_life / 3, m_highLife = m_life * 8;
    for (const Spot& s : spots())
        if (s.chosen && std::isfinite(s.hold)) {
            m_low = std::min(m_low, s.hold / 1.6), m_high = std::max(m_high, s.effort * 1.6);
            if (s.life > 0)
                m_lowLife = std::min(m_lowLife, s.life / 1.6), m_highLife = std::max(m_highLife, s.life * 1.4);
        }
}

QRectF WiresWindow::light() const {
    const double left = xOf(m_needed), right = xOf(m_limit);
    const QRectF r = plot();
    return QRectF(left, r.top(), std::max(0.0, right - left), yOf(m_life) - r.top());
}

bool WiresWindow::isInside(const Spot& s) const {
    return s.hold >= m_needed * (1 - 1e-9) && s.effort <= m_limit * (1 + 1e-9) && s.life >= m_life * (1 - 1e-9);
}

void WiresWindow::layoutSpots() {
    const QRectF r = plot();
    setRadii(5.2, 24);
    for (Spot& s : spots()) {
        s.at = {-100, -100};
        // What is ruled out elsewhere must not stand in the light.
        if (s.barred || (isInside(s) && !s.fits && !(s.chosen && s.passes))) continue;
        if (!std::isfinite(s.hold) || s.hold < m_low || s.hold > m_high || !(s.life > 0)) continue;
        s.at = QPointF(xOf(s.hold), std::clamp(yOf(s.life), r.top() + 6, r.bottom() - 6));
    }
}

std::vector<WiresWindow::Bar> WiresWindow::bars() const {
    std::vector<Bar> all;
    for (const Spot& s : spots())
        if (s.at.x() >= 0) all.push_back({s.candidate, xOf(s.hold), xOf(s.effort), s.at.y(), isInside(s)});
    return all;
}

void WiresWindow::drawAxes(QPainter& p) const {
    const QRectF r = plot();
    p.setFont(deskType(11));
    const QFontMetricsF f(p.font());
    // Life at the left.
    double lastY = 1e9;
    for (int e = -2; e < 7; ++e)
        for (double k : {1.0, 2.0, 5.0}) {
            const double s = k * std::pow(10, e);
            if (s < m_lowLife || s > m_highLife) continue;
            const double y = yOf(s);
            if (lastY - y < 15 || std::abs(y - yOf(m_life)) < 14) continue;
            lastY = y;
            p.setPen(QPen(look().graphite, 1));
            p.drawLine(QPointF(r.left() - 4, y), QPointF(r.left(), y));
            p.setPen(look().graphite);
            p.drawText(QRectF(0, y - 8, kLeft - 7, 16), Qt::AlignRight | Qt::AlignVCenter,
                       tr("%1 s").arg(Text::figure(s)));
        }
    p.setFont(deskType(11, QFont::DemiBold));
    p.setPen(look().ink);
    p.drawText(QRectF(0, yOf(m_life) - 8, kLeft - 7, 16), Qt::AlignRight | Qt::AlignVCenter,
               tr("%1 s").arg(Text::figure(m_life)));
    // Moments below, and the grams that they are at the fingers.
    p.setFont(deskType(11));
    double last = -1e9;
    for (int e = -2; e < 6; ++e)
        for (double k : {1.0, 2.0, 5.0}) {
            const double m = k * std::pow(10, e);
            if (m < m_low || m > m_high) continue;
            const double x = xOf(m), g = m / m_lever / kNewtonPerGram;
            p.setPen(QPen(look().graphite, 1));
            p.drawLine(QPointF(x, r.bottom()), QPointF(x, r.bottom() + 4));
            const QString text = Text::number(m, m < 1 ? 1 : 0),
                          grams = tr("%1 g").arg(Text::number(g, g < 10 ? 1 : 0));
            const double w = std::max(f.horizontalAdvance(text), f.horizontalAdvance(grams)) / 2 + 6;
            if (x - w < std::max(last, r.left() + 8) || x + w > r.right() + kRight) continue;
            last = x + w;
            p.setPen(look().ink);
            p.drawText(QRectF(x - 40, r.bottom() + 4, 80, 14), Qt::AlignCenter, text);
            p.setPen(look().graphite);
            p.drawText(QRectF(x - 40, r.bottom() + 18, 80, 14), Qt::AlignCenter, grams);
        }
    p.setPen(look().ink);
    p.drawText(QRectF(0, r.bottom() + 4, kLeft + 4, 14), Qt::AlignRight, tr("N·mm"));
    p.setPen(look().graphite);
    drawFitted(p, QRectF(0, r.bottom() + 18, kLeft + 4, 14), Qt::AlignRight, tr("at fingers"));
}

void WiresWindow::drawNames(QPainter& p) const {
    const QRectF r = plot();
    // The one in hand: what of it lies outside the light, in words.
    for (const Spot& s : spots()) {
        // Ruled out by what this picture does not show: its place in the light stays empty, and says so.
        const bool hidden = s.chosen && !s.passes && isInside(s) && std::isfinite(s.hold);
        if (!s.chosen || (s.at.x() < 0 && !hidden)) continue;
        const QPointF place = hidden ? QPointF(xOf(s.hold), yOf(s.life)) : s.at;
        QString words = s.text.section('\n', 0, 0);
        const QString out = hidden              ? s.text.section('\n', 1, 1)
                            : s.hold < m_needed ? tr("holds too little")
                            : s.effort > m_limit
                                ? tr("%1 beyond what a hand gives").arg(Text::figure(s.effort - m_limit))
                            : s.life < m_life ? tr("wears out below the line")
                                              : QString();
        const QString wire = words;
        words = out.isEmpty() ? tr("yours: %1").arg(wire) : tr("yours, %1: %2").arg(wire, out);
        p.setFont(deskType(13, QFont::DemiBold));
        // Which wire it is stands above the picture too; what is wrong with it only here.
        if (!out.isEmpty() && !enkinet::app::fits(p.font(), r.width() - 20, words)) words = tr("yours: %1").arg(out);
        const double w = std::min(QFontMetricsF(p.font()).horizontalAdvance(words), r.width() - 20);
        double x = std::clamp(xOf(s.effort) + 12, r.left() + 6, r.right() - w - 6), y = place.y() - s.radius - 20;
        if (y < r.top() + 2) y = place.y() + s.radius + 4;
        QColor ground = look().sheet;
        ground.setAlphaF(0.85F);
        p.setPen(Qt::NoPen);
        p.setBrush(ground);
        p.drawRoundedRect(QRectF(x - 4, y - 1, w + 8, 18), 3, 3);
        p.setPen(out.isEmpty() ? look().holds : look().slack);
        drawFitted(p, QRectF(x, y, w + 2, 16), Qt::AlignLeft | Qt::AlignVCenter, words);
    }
    // What this joint would take and something else rules out.
    p.setFont(deskType(11));
    p.setPen(look().graphite);
    const QRectF tray(kLeft, height() - kTray, width() - kLeft - kRight, kTray);
    QString text = tr("Each wire stands as its section; its bar reaches to what bending takes.");
    std::size_t named = 0;
    for (std::size_t i : drawingOrder()) {
        const Spot& s = spots()[i];
        if (s.fits || s.barred || s.chosen || !isInside(s) || named >= kNamed) continue;
        const QString one = tr("%1 would do here; %2").arg(s.text.section('\n', 0, 0), s.text.section('\n', 1, 1));
        const QString longer = named == 0 ? one : text + tr(" · ") + one;
        // Whole sentences, as many as there is room for.
        if (!enkinet::app::fits(p.font(), tray.width(), longer)) break;
        text = longer;
        ++named;
    }
    drawFitted(p, tray, Qt::AlignLeft | Qt::AlignVCenter, text);
}

void WiresWindow::paintEvent(QPaintEvent*) {
    layoutSpots();
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF r = plot(), lit = light();
    p.fillRect(r, look().shade);
    if (lit.width() > 0) {
        // A window that light falls through, with its frame and sill.
        QLinearGradient glow(lit.topLeft(), lit.bottomLeft());
        glow.setColorAt(0, look().night ? look().lit.lighter(120) : QColor("#ffe9a6"));
        glow.setColorAt(1, look().night ? look().lit : QColor("#fff5d6"));
        p.fillRect(lit, glow);
        p.setPen(QPen(look().night ? look().copper : QColor("#8a6a1a"), 2));
        p.drawLine(lit.topLeft(), lit.bottomLeft());
        p.drawLine(lit.topRight(), lit.bottomRight());
        p.setPen(QPen(QColor(138, 106, 26, 110), 1));
        p.drawLine(QPointF(lit.center().x(), lit.top()), QPointF(lit.center().x(), lit.bottom()));
        p.fillRect(QRectF(lit.left() - 5, lit.bottom(), lit.width() + 10, 5),
                   look().night ? look().copper : QColor("#a5854a"));
    }
    p.setPen(QPen(look().ink, 1, Qt::DashLine));
    p.drawLine(QPointF(r.left(), yOf(m_life)), QPointF(r.right(), yOf(m_life)));
    drawAxes(p);
    // Bars first, sections upon them.
    p.setClipRect(r.adjusted(-1, -1, 1, 1));
    for (const Spot& s : spots()) {
        if (s.at.x() < 0 || s.chosen) continue;
        const double to = std::min(xOf(s.effort), r.right());
        const QColor c = s.fits ? look().holds : look().graphite;
        QColor thin = c;
        if (!s.fits) thin.setAlphaF(0.45F);
        p.setPen(QPen(thin, s.fits ? 3 : 1));
        p.drawLine(QPointF(s.at.x(), s.at.y()), QPointF(to, s.at.y()));
        if (s.fits) p.drawLine(QPointF(to, s.at.y() - 5), QPointF(to, s.at.y() + 5));
    }
    for (const Spot& s : spots()) {
        if (s.at.x() < 0 || !s.chosen) continue;
        const double to = std::min(xOf(s.effort), r.right()), edge = std::clamp(xOf(m_limit), s.at.x(), to);
        p.setPen(QPen(s.hold >= m_needed && s.life >= m_life ? look().holds : look().slack, 4));
        p.drawLine(QPointF(s.at.x(), s.at.y()), QPointF(edge, s.at.y()));
        if (to > edge) {
            p.setPen(QPen(look().slack, 4));
            p.drawLine(QPointF(edge, s.at.y()), QPointF(to, s.at.y()));
        }
        p.drawLine(QPointF(to, s.at.y() - 6), QPointF(to, s.at.y() + 6));
    }
    drawSpots(p);
    p.setClipping(false);
    // What the edges of the light stand for.
    p.setFont(deskType(13, QFont::Medium));
    p.setPen(look().ink);
    const QFontMetricsF f(p.font());
    const QString must = tr("must hold %1").arg(Text::figure(m_needed)),
                  most = tr("a hand can give %1").arg(Text::figure(m_limit));
    const double wl = f.horizontalAdvance(must), wr = f.horizontalAdvance(most);
    double lx = std::clamp(xOf(m_needed) - wl - 4, 2.0, width() - wl - wr - 16),
           rx = std::clamp(xOf(m_limit) + 4, lx + wl + 12, width() - wr - 2);
    p.drawText(QPointF(lx, kTop - 6), must);
    p.drawText(QPointF(rx, kTop - 6), most);
    if (m_limit < m_needed) {
        p.setFont(deskType(13));
        p.setPen(look().slack);
        p.drawText(r.adjusted(10, 4, -10, -4), Qt::AlignTop | Qt::AlignHCenter,
                   tr("No light: the joint must hold more than a hand can bend."));
    }
    drawNames(p);
    if (hasFocus()) drawFocus(p, QRectF(rect()));
}

} // namespace enkinet::app
