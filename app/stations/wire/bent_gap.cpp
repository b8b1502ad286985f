#include "stations/wire/bent_gap.h"
#include "base/units.h"
#include "widgets/look.h"
#include "words/say.h"
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {

/// The metal at rest to the colour of what gives way, by outer strain against its limit.
QColor strained(const QColor& a, double strain) {
    const double t = std::sqrt(std::clamp(strain / wire::kStrainLimit, 0.0, 1.0));
    const QColor b("#d4593f");
    return QColor::fromRgbF(static_cast<float>(a.redF() + t * (b.redF() - a.redF())),
                            static_cast<float>(a.greenF() + t * (b.greenF() - a.greenF())),
                            static_cast<float>(a.blueF() + t * (b.blueF() - a.blueF())));
}

constexpr double kStiff = 5; ///< length of stiff end drawn, in mm
} // namespace

BentGap::BentGap(QWidget* parent) : QWidget(parent) {
    setFixedHeight(200);
    setAccessibleName(tr("The bent gap, drawn to scale"));
}

void BentGap::show(const State& now, const State& ghost) {
    m_now = now, m_ghost = ghost;
    update();
}

/// Screen place of a point along the wire (0 in the middle of the gap) and off its axis, outwards of the bend.
QPointF BentGap::centreline(const State& s, double along, double normal) const {
    const double g = s.bend.gap_mm, R = g / s.bend.angle_rad, half = g / 2;
    const double inside = std::clamp(along, -half, half), alpha = inside / R;
    QPointF at(R * std::sin(alpha), R * std::cos(alpha) - R);
    const QPointF tangent(std::cos(alpha), -std::sin(alpha)), outward(std::sin(alpha), std::cos(alpha));
    at += (along - inside) * tangent + normal * outward;
    return m_origin + m_scale * QPointF(at.x(), -at.y());
}

void BentGap::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (!(m_now.bend.gap_mm > 0) || !(m_now.bend.angle_rad > 0)) return;
    // Both drawings at one scale that fits the larger.
    double wide = 1, high = 1, drop = 0;
    for (const State& s : {m_now, m_ghost}) {
        const double R = s.bend.gap_mm / s.bend.angle_rad, a = s.bend.angle_rad / 2,
                     thick = wire::findBundleDiameter(s.bundle) * 1.1;
        wide = std::max(wide, 2 * (R * std::sin(std::min(a, kPi / 2)) + kStiff * std::abs(std::cos(a)) + thick));
        const double down = R * (1 - std::cos(a)) + kStiff * std::sin(a) + thick;
        drop = std::max(drop, down), high = std::max(high, down + thick);
    }
    m_scale = std::min((width() - 20.0) / wide, (height() - 44.0) / high);
    m_origin = QPointF(width() / 2.0, 8 + m_scale * (high - drop));
    drawGhost(p);
    drawEnds(p);
    drawStrands(p);
    drawBreak(p);
    p.setFont(deskFont(9));
    p.setPen(look().ink);
    p.drawText(QRectF(10, height() - 21, width() - 20, 16), Qt::AlignLeft,
               tr("gap %1, bent %2").arg(Say::length(m_now.bend.gap_mm), Say::degrees(m_now.bend.angle_rad)));
    const double bar = m_scale > 9 ? 5 : 10;
    p.setPen(QPen(look().ink, 1.5));
    p.drawLine(QPointF(width() - 46 - bar * m_scale, height() - 13), QPointF(width() - 46, height() - 13));
    p.drawText(QRectF(width() - 42, height() - 21, 40, 16), Qt::AlignLeft, Say::length(bar, 0));
}

void BentGap::drawGhost(QPainter& p) const {
    const double r = wire::findBundleDiameter(m_ghost.bundle) / 2, half = m_ghost.bend.gap_mm / 2 + kStiff;
    p.setPen(QPen(look().graphite, 1, Qt::DashLine));
    p.setBrush(Qt::NoBrush);
    for (double side : {-r, r}) {
        QPainterPath path(centreline(m_ghost, -half, side));
        for (int i = 1; i <= 60; ++i)
            path.lineTo(centreline(m_ghost, -half + 2 * half * i / 60, side));
        p.drawPath(path);
    }
}

void BentGap::drawEnds(QPainter& p) const {
    if (m_now.bend.edge <= 1.05) return;
    const double r = wire::findBundleDiameter(m_now.bundle) / 2, body = r + 1.6, half = m_now.bend.gap_mm / 2;
    // An eased edge is feathered back from the gap; a hard one stands square.
    const double ease = m_now.bend.edge < 1.5 ? 2.2 : 0;
    p.setPen(QPen(look().graphite, 1));
    p.setBrush(QColor(look().night ? "#6d675a" : "#b8b0a2"));
    for (double side : {-1.0, 1.0}) {
        QPolygonF block;
        block << centreline(m_now, side * half, r) << centreline(m_now, side * (half + ease), body)
              << centreline(m_now, side * (half + kStiff), body) << centreline(m_now, side * (half + kStiff), -body)
              << centreline(m_now, side * (half + ease), -body) << centreline(m_now, side * half, -r);
        p.drawPolygon(block);
    }
}

void BentGap::drawStrands(QPainter& p) const {
    struct Piece {
        double depth;
        QPointF from, to;
        QColor colour;
    };
    const wire::Bundle& b = m_now.bundle;
    const double rh = wire::findStrandRadius(b), factor = wire::findStrainFactor(b, m_now.bend.gap_mm);
    // The largest strain stands where a strand is farthest out; where no factor is known the bend itself is shown.
    const double most = std::isnan(factor) ? 1 : factor;
    const double half = m_now.bend.gap_mm / 2 + kStiff, kappa = m_now.bend.angle_rad / m_now.bend.gap_mm;
    const double gapHalf = m_now.bend.gap_mm / 2;
    const int helical = b.strands == 7 ? 6 : b.strands;
    std::vector<Piece> pieces;
    constexpr int kPieces = 150;
    const auto add = [&](double from, double to, double off, double offNext, double depth) {
        const bool bent = std::abs((from + to) / 2) < gapHalf;
        const double strain =
            bent ? kappa * b.diameter_mm / 2 * (1 + (most - 1) * (rh > 0 ? std::abs(off) / rh : 0)) : 0;
        pieces.push_back(
            {depth, centreline(m_now, from, off), centreline(m_now, to, offNext), strained(m_now.metal.mid, strain)});
    };
    for (int i = 0; i < helical; ++i)
        for (int k = 0; k < kPieces; ++k) {
            const double s0 = -half + 2 * half * k / kPieces, s1 = -half + 2 * half * (k + 1) / kPieces;
            // Parallel pairs lie across the bend, where one is stretched.
            const auto phase = [&](double s) {
                return (b.lay_mm > 0 ? 2 * kPi * s / b.lay_mm : 0) + 2 * kPi * i / helical;
            };
            const double f0 = phase(s0), f1 = phase(s1);
            add(s0, s1, rh * std::cos(f0), rh * std::cos(f1), rh * std::sin((f0 + f1) / 2));
        }
    if (b.strands == 7)
        for (int k = 0; k < kPieces; ++k)
            add(-half + 2 * half * k / kPieces, -half + 2 * half * (k + 1) / kPieces, 0, 0, 0);
    std::stable_sort(pieces.begin(), pieces.end(), [](const Piece& x, const Piece& y) { return x.depth < y.depth; });
    const double w = b.diameter_mm * m_scale;
    for (const Piece& piece : pieces) {
        const QPointF ahead = piece.to + 0.35 * (piece.to - piece.from);
        p.setPen(QPen(piece.colour.darker(170), w, Qt::SolidLine, Qt::FlatCap));
        p.drawLine(piece.from, piece.to);
        p.setPen(QPen(piece.colour, std::max(1.0, w - 2.2), Qt::SolidLine, Qt::FlatCap));
        p.drawLine(piece.from, ahead);
        p.setPen(QPen(piece.colour.lighter(122), std::max(0.6, w * 0.22), Qt::SolidLine, Qt::FlatCap));
        p.drawLine(piece.from, ahead);
    }
}

void BentGap::drawBreak(QPainter& p) const {
    const double r = wire::findBundleDiameter(m_now.bundle) / 2;
    const bool edged = m_now.bend.edge > 1.05;
    const double at = edged ? -m_now.bend.gap_mm / 2 : 0;
    const QPointF out = centreline(m_now, at, r), in = centreline(m_now, at, r - m_now.bundle.diameter_mm * 0.55);
    const QPointF across(-(in - out).y(), (in - out).x());
    QPolygonF crack{out, out + 0.35 * (in - out) + 0.18 * across, out + 0.65 * (in - out) - 0.12 * across, in};
    p.setPen(QPen(look().night ? QColor("#fff4e6") : QColor("#3b0d05"), 1.8));
    p.drawPolyline(crack);
    p.setFont(deskFont(9, QFont::DemiBold));
    p.setPen(look().slack);
    const QString words = edged ? tr("breaks here first, at the stiff end") : tr("no edge: breaks anywhere along it");
    const QFontMetricsF f(p.font());
    p.drawText(QRectF(10, height() - 38, f.horizontalAdvance(words) + 4, 16), Qt::AlignLeft, words);
    p.setPen(QPen(look().slack, 1, Qt::DotLine));
    p.drawLine(QPointF(14, height() - 38), out);
}

} // namespace enkinet::app
