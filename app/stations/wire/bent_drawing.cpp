#include "stations/wire/bent_drawing.h"
#include "widgets/look.h"
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {
constexpr int kSteps = 260;
} // namespace

double bentEnd(const BentState& s) { return 0.45 * s.bend.gap_mm + wire::findBundleDiameter(s.bundle); }

QPointF bentPoint(const BentState& s, double along, double outward) {
    const double half = s.bend.gap_mm / 2, R = s.bend.gap_mm / std::max(0.02, s.bend.angle_rad);
    const double inside = std::clamp(along, -half, half), a = inside / R;
    const QPointF at(R * std::sin(a), R - R * std::cos(a)), tangent(std::cos(a), std::sin(a)),
        out(std::sin(a), -std::cos(a));
    return at + (along - inside) * tangent + outward * out;
}

QRectF bentBounds(const BentState& s) {
    const double thick = wire::findBundleDiameter(s.bundle) * 0.9 + 0.5, end = s.bend.gap_mm / 2 + bentEnd(s);
    QPolygonF reach;
    for (int i = 0; i <= 24; ++i)
        for (double side : {-thick, thick})
            reach << bentPoint(s, -end + 2 * end * i / 24, side);
    return reach.boundingRect();
}

double bentTint(const BentState& s) {
    const double factor = wire::findStrainFactor(s.bundle, s.bend.gap_mm);
    // Where no factor is known the bend itself is shown.
    const double strain =
        s.bend.angle_rad / s.bend.gap_mm * s.bundle.diameter_mm / 2 * (std::isnan(factor) ? 1 : factor);
    return std::sqrt(std::clamp(strain / wire::kStrainLimit, 0.0, 1.0));
}

void drawBent(QPainter& p, const BentState& s, double px) {
    const double half = s.bend.gap_mm / 2, end = bentEnd(s), across = wire::findBundleDiameter(s.bundle);
    p.save();
    if (s.bend.edge > 1.05) {
        const double ease = s.bend.edge < 1.5 ? 0.4 * end : 0, body = 0.85 * across + 0.4;
        p.setPen(QPen(kPuttyColour.darker(130), px));
        p.setBrush(kPuttyColour);
        for (double side : {-1.0, 1.0}) {
            const std::pair<double, double> edge[] = {
                {side * half, across / 2}, {side * (half + ease), body}, {side * (half + end), body}};
            QPolygonF block;
            for (const auto& [along, off] : edge)
                block << bentPoint(s, along, off);
            for (auto it = std::rbegin(edge); it != std::rend(edge); ++it)
                block << bentPoint(s, it->first, -it->second);
            p.drawPolygon(block);
        }
    }
    std::vector<WirePoint> line;
    const double from = -half - end, length = 2 * (half + end);
    for (int i = 0; i <= kSteps; ++i)
        line.push_back({bentPoint(s, from + length * i / kSteps, 0), length * i / kSteps});
    const double tint = bentTint(s);
    drawStrands(p, line, s.bundle, s.metal, px,
                [&](double along) { return std::abs(along + from) > half ? 0.0 : tint; });
    if (s.bend.edge > 1.05) {
        const auto at = [&](double along, double share) {
            return bentPoint(s, -half + along * across, share * across);
        };
        p.setPen(QPen(look().night ? QColor("#fff4e6") : QColor("#2b0d06"), 2 * px));
        p.setBrush(Qt::NoBrush);
        p.drawPolyline(QPolygonF{at(0, 0.62), at(0.12, 0.32), at(-0.1, 0.12), at(0, -0.1)});
    }
    p.restore();
}

} // namespace enkinet::app
