#include "stations/wire/hold_window.h"
#include "base/units.h"
#include "desk/look.h"
#include "desk/say.h"
#include "sheet/elevation.h"
#include <QHelpEvent>
#include <QKeyEvent>
#include <QPainter>
#include <QToolTip>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

HoldWindow::HoldWindow(QWidget* parent) : QWidget(parent) {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("Hold window with every candidate wire"));
    setObjectName("holdWindow");
    QSizePolicy policy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
}

QRectF HoldWindow::plot() const { return QRectF(0, 18, width(), height() - 18 - 34); }

double HoldWindow::xOf(double m) const {
    const QRectF r = plot();
    return r.left() + 12 + (r.width() - 24) * std::log(m / m_low) / std::log(m_high / m_low);
}

void HoldWindow::show(const Document& document, int limb, int demand) {
    const production::Report& report = document.report();
    const choice::LimbChoice& l = report.choice.limbs[static_cast<std::size_t>(limb)];
    const choice::Demand& d = l.demands[static_cast<std::size_t>(demand)];
    const body::Limb& drawn = document.puppet().limbs[static_cast<std::size_t>(l.limb)];
    m_spots.clear();
    m_focus = -1;
    m_needed = d.needed_Nmm, m_limit = d.effortLimit_Nmm, m_lever = d.lever_mm, m_wholeHand = d.wholeHand;
    // One lay, the best, stands for all of the same spool and strands.
    const auto betterLay = [&](const choice::Candidate& a, const choice::Candidate& b) {
        return a.fits != b.fits ? a.fits : a.fits ? a.lifeMargin > b.lifeMargin : a.miss < b.miss;
    };
    for (std::size_t i = 0; i < l.candidates.size(); ++i) {
        const choice::Candidate& c = l.candidates[i];
        const bool outdone = std::any_of(l.candidates.begin(), l.candidates.end(), [&](const choice::Candidate& o) {
            return &o != &c && o.spool == c.spool && o.bundle.strands == c.bundle.strands &&
                   (&o == &l.candidates[static_cast<std::size_t>(l.chosen)] || betterLay(o, c));
        });
        if (outdone && static_cast<int>(i) != l.chosen) continue;
        Spot s;
        s.candidate = static_cast<int>(i), s.bundle = c.bundle, s.fits = c.fits, s.barred = c.bar != choice::Bar::none,
        s.chosen = static_cast<int>(i) == l.chosen;
        s.hold = c.at[static_cast<std::size_t>(demand)].hold_Nmm;
        const QString name = Say::wire(c.bundle, cardName(document.production(), report, c.spool));
        const auto& worst = l.demands[static_cast<std::size_t>(std::max(0, c.worstJoint))];
        const QString joint = QString::fromStdString(drawn.joints[static_cast<std::size_t>(worst.joint)].name);
        if (c.bar == choice::Bar::material_static)
            s.text = tr("%1\nis for places where nothing moves").arg(name);
        else if (c.bar == choice::Bar::twist)
            s.text = tr("%1\ntwisting alone would spend half the wire").arg(name);
        else if (c.bar == choice::Bar::spool_short)
            s.text = tr("%1\nnot enough of it on the spool").arg(name);
        else if (c.fits)
            s.text =
                tr("%1\nfits: shortest life %2 s of film, %3")
                    .arg(name, Say::figure(c.at[static_cast<std::size_t>(std::max(0, c.worstJoint))].life_s), joint);
        else
            s.text = tr("%1\nruled out: %2, %3").arg(name, joint, Say::state(c.state));
        m_spots.push_back(s);
    }
    double low = d.needed_Nmm, high = d.effortLimit_Nmm;
    for (const Spot& s : m_spots)
        if (!s.barred && std::isfinite(s.hold)) low = std::min(low, s.hold), high = std::max(high, s.hold);
    // Far candidates crowd at the edges rather than squeezing the window.
    m_low = std::max(low / 1.3, d.needed_Nmm / 30),
    m_high = std::min(high * 1.3, std::max(d.effortLimit_Nmm, d.needed_Nmm) * 12);
    layoutSpots();
    update();
}

void HoldWindow::layoutSpots() {
    const QRectF r = plot();
    double widest = 0.5;
    for (const Spot& s : m_spots)
        widest = std::max(widest, wire::findBundleDiameter(s.bundle));
    const double scale = std::min(3.4, 22 / widest);
    // The chosen first, then what fits, then the rest, each as low as it can stand beside those already there.
    std::vector<std::size_t> order(m_spots.size());
    for (std::size_t i = 0; i < order.size(); ++i)
        order[i] = i;
    const auto rank = [&](std::size_t i) {
        return m_spots[i].chosen ? 0 : m_spots[i].fits ? 1 : m_spots[i].barred ? 3 : 2;
    };
    std::stable_sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) { return rank(a) < rank(b); });
    std::vector<std::size_t> placed;
    for (std::size_t i : order) {
        Spot& s = m_spots[i];
        s.radius = std::max(2.5, wire::findBundleDiameter(s.bundle) * scale / 2);
        s.at = {-100, -100};
        if (!std::isfinite(s.hold) || s.hold < m_low || s.hold > m_high) continue;
        const double x = xOf(s.hold);
        for (double y = r.bottom() - s.radius - 3; y > r.top() + 14 + s.radius; y -= 3) {
            const bool free = std::all_of(placed.begin(), placed.end(), [&](std::size_t k) {
                return std::hypot(m_spots[k].at.x() - x, m_spots[k].at.y() - y) > m_spots[k].radius + s.radius + 1.5;
            });
            if (!free) continue;
            s.at = {x, y};
            placed.push_back(i);
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
    for (const Spot& s : m_spots) {
        if (s.at.x() < 0) continue;
        const double scale = 2 * s.radius / wire::findBundleDiameter(s.bundle);
        const QColor line = s.barred             ? look().faint
                            : s.fits || s.chosen ? look().copperDark
                                                 : look().faint.darker(look().night ? 80 : 120);
        drawBundle(p, s.at, s.bundle, scale, s.fits || s.chosen ? look().copper : QColor(), line);
        if (s.chosen) {
            p.setPen(QPen(look().ink, 1.6));
            p.setBrush(Qt::NoBrush);
            p.drawEllipse(s.at, s.radius + 3.5, s.radius + 3.5);
        }
        if (hasFocus() && m_focus == s.candidate) {
            p.setPen(QPen(look().copper, 2, Qt::DotLine));
            p.drawRect(QRectF(s.at.x() - s.radius - 5, s.at.y() - s.radius - 5, 2 * s.radius + 10, 2 * s.radius + 10));
        }
    }
    p.setPen(QPen(look().holds, 2));
    p.drawLine(QPointF(x0, r.top() - 4), QPointF(x0, r.bottom()));
    p.setPen(QPen(look().holds, 2, Qt::DashLine));
    p.drawLine(QPointF(x1, r.top() - 4), QPointF(x1, r.bottom()));
    p.setFont(deskFont(8.5, QFont::DemiBold));
    p.setPen(look().holds);
    const QFontMetricsF bold(p.font());
    const QString needed = tr("must hold %1").arg(Say::figure(m_needed)),
                  most = m_wholeHand ? tr("whole hand %1").arg(Say::figure(m_limit))
                                     : tr("fingers %1").arg(Say::figure(m_limit));
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

int HoldWindow::spotAt(const QPointF& at) const {
    for (const Spot& s : m_spots)
        if (s.at.x() >= 0 && std::hypot(s.at.x() - at.x(), s.at.y() - at.y()) <= s.radius + 2) return s.candidate;
    return -1;
}

void HoldWindow::mousePressEvent(QMouseEvent* e) {
    if (const int c = spotAt(e->position()); c >= 0) Q_EMIT picked(c);
}

void HoldWindow::keyPressEvent(QKeyEvent* e) {
    std::vector<const Spot*> row;
    for (const Spot& s : m_spots)
        if (s.at.x() >= 0) row.push_back(&s);
    std::sort(row.begin(), row.end(), [](const Spot* a, const Spot* b) { return a->hold < b->hold; });
    if (row.empty()) return QWidget::keyPressEvent(e);
    auto at = std::find_if(row.begin(), row.end(),
                           [&](const Spot* s) { return m_focus >= 0 ? s->candidate == m_focus : s->chosen; });
    if (e->key() == Qt::Key_Right)
        m_focus = at == row.end() || at + 1 == row.end() ? row.front()->candidate : (*(at + 1))->candidate;
    else if (e->key() == Qt::Key_Left)
        m_focus = at == row.end() || at == row.begin() ? row.back()->candidate : (*(at - 1))->candidate;
    else if ((e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter) && m_focus >= 0)
        Q_EMIT picked(m_focus);
    else
        return QWidget::keyPressEvent(e);
    for (const Spot& s : m_spots)
        if (s.candidate == m_focus) {
            setAccessibleDescription(s.text);
            QToolTip::showText(mapToGlobal(s.at.toPoint()), s.text, this);
        }
    update();
}

bool HoldWindow::event(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        const int c = spotAt(help->pos());
        QToolTip::showText(help->globalPos(), c >= 0 ? m_spots[static_cast<std::size_t>(c)].text : QString(), this);
        return true;
    }
    return QWidget::event(event);
}

} // namespace enkinet::app
