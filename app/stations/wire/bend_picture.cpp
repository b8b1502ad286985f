#include "stations/wire/bend_picture.h"
#include "base/units.h"
#include "body/pose.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include "words/text.h"
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {
constexpr double kMost = 170;  // degrees that a range may reach
constexpr double kGrab = 16;   // px
constexpr double kBone = 46;   // px, both bones alike: it is the angle that is looked at
constexpr double kFlat = 1e-3; // a bone that runs straight towards who looks
/// From the side: forward to the right.
QPointF sideways(const Vec3& v) { return {v.z, -v.y}; }
QPointF unitOf(const QPointF& p) {
    const double n = std::hypot(p.x(), p.y());
    return n > kFlat ? p / n : QPointF(0, 1);
}
} // namespace

BendPicture::BendPicture(QWidget* parent) : QWidget(parent) {
    setObjectName("bendPicture");
    setFixedHeight(kHigh);
    setMinimumWidth(160);
    setCursor(Qt::PointingHandCursor);
    setToolTip(tr("Drag an end: as far as that the joint is bent."));
}

void BendPicture::show(const Shown& of, int hinge, double low_rad, double high_rad) {
    m_of = of, m_hinge = hinge;
    if (m_held == End::none) m_low = low_rad, m_high = high_rad;
    setAccessibleName(
        tr("The joint from the side, bent to %1 and to %2").arg(Text::degrees(low_rad), Text::degrees(high_rad)));
    update();
}

QPointF BendPicture::tip(double angle_rad) const {
    const body::Skeleton& rest = m_of->report().choice.rest;
    const body::Hinge& h = rest.hinges[static_cast<std::size_t>(m_hinge)];
    const body::LimbCopy& copy = rest.copies[static_cast<std::size_t>(h.copy)];
    const body::Limb& limb = m_of->puppet().limbs[static_cast<std::size_t>(copy.limb)];
    const body::Link& after = rest.links[static_cast<std::size_t>(h.after)];
    // As the core turns it: about x, the way that this kind of limb goes.
    const double turn = angle_rad * body::findForthSign(limb.kind);
    const Vec3 d = after.to - after.from;
    const Vec3 bent{d.x, d.y * std::cos(turn) - d.z * std::sin(turn), d.y * std::sin(turn) + d.z * std::cos(turn)};
    return kBone * unitOf(sideways(bent));
}

void BendPicture::paintEvent(QPaintEvent*) {
    if (!m_of || m_hinge < 0) return;
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const body::Skeleton& rest = m_of->report().choice.rest;
    const body::Link& before =
        rest.links[static_cast<std::size_t>(rest.hinges[static_cast<std::size_t>(m_hinge)].before)];
    const QPointF at = middle(), root = -kBone * unitOf(sideways(before.to - before.from));
    const auto bone = [&](const QPointF& to, const QColor& colour, double wide, Qt::PenStyle style = Qt::SolidLine) {
        p.setPen(QPen(colour, wide, style, Qt::RoundCap));
        p.drawLine(at, at + to);
    };
    bone(root, look().graphite, 9);
    bone(tip(0), look().graphite, 2, Qt::DotLine);
    p.setFont(deskType(12, QFont::DemiBold));
    const std::pair<double, QString> ends[] = {{m_low, tr("I")}, {m_high, tr("II")}};
    for (const auto& [angle, name] : ends) {
        bone(tip(angle), look().copper, 6);
        const QPointF end = at + tip(angle), out = unitOf(tip(angle));
        p.setPen(look().ink);
        p.drawText(QRectF(end + 11 * out - QPointF(16, 9), QSizeF(32, 18)), Qt::AlignCenter, name);
    }
    p.setPen(QPen(look().ink, 1.4));
    p.setBrush(look().card);
    p.drawEllipse(at, 5, 5);
}

void BendPicture::mousePressEvent(QMouseEvent* e) {
    if (!m_of || m_hinge < 0) return;
    const QPointF x = e->position();
    const auto far = [&](double angle) {
        const QPointF d = middle() + tip(angle) - x;
        return std::hypot(d.x(), d.y());
    };
    const double low = far(m_low), high = far(m_high);
    if (std::min(low, high) <= kGrab) m_held = low < high ? End::low : End::high;
}

void BendPicture::mouseMoveEvent(QMouseEvent* e) {
    if (m_held == End::none) return;
    const QPointF wanted = unitOf(e->position() - middle());
    double best = 0, near = -2;
    for (int degrees = 0; degrees <= static_cast<int>(kMost); ++degrees) {
        const double angle = degToRad(m_held == End::low ? -degrees : degrees);
        const QPointF d = unitOf(tip(angle));
        if (const double along = d.x() * wanted.x() + d.y() * wanted.y(); along > near) near = along, best = angle;
    }
    (m_held == End::low ? m_low : m_high) = best;
    update();
}

void BendPicture::mouseReleaseEvent(QMouseEvent*) {
    if (m_held == End::none) return;
    m_held = End::none;
    Q_EMIT ended(m_low, m_high);
}

} // namespace enkinet::app
