#include "widgets/materials.h"
#include "base/units.h"
#include "widgets/look.h"
#include <QPainter>
#include <QPainterPath>
#include <QPixmap>
#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <random>
#include <tuple>

namespace enkinet::app {

namespace {

QColor mixed(const QColor& a, const QColor& b, double t) {
    const auto at = [&](float x, float y) { return static_cast<float>(x + t * (y - x)); };
    return QColor::fromRgbF(at(a.redF(), b.redF()), at(a.greenF(), b.greenF()), at(a.blueF(), b.blueF()));
}

double length(const QPointF& v) { return std::hypot(v.x(), v.y()); }

/// Smooth noise from 0 to 1 that repeats at the image's edges.
std::vector<double> makeNoise(int side, int cells, unsigned seed) {
    std::mt19937 engine(seed);
    std::uniform_real_distribution<double> any(0, 1);
    std::vector<double> grid(static_cast<std::size_t>(cells * cells)), all;
    for (double& v : grid)
        v = any(engine);
    const auto of = [&](int x, int y) { return grid[static_cast<std::size_t>((y % cells) * cells + x % cells)]; };
    const auto ease = [](double t) { return t * t * (3 - 2 * t); };
    for (int y = 0; y < side; ++y)
        for (int x = 0; x < side; ++x) {
            const double u = static_cast<double>(x) * cells / side, v = static_cast<double>(y) * cells / side;
            const int i = static_cast<int>(u), j = static_cast<int>(v);
            const double s = ease(u - i), t = ease(v - j);
            all.push_back((of(i, j) * (1 - s) + of(i + 1, j) * s) * (1 - t) +
                          (of(i, j + 1) * (1 - s) + of(i + 1, j + 1) * s) * t);
        }
    return all;
}

} // namespace

Metal metalOf(const wire::MaterialCard& c) {
    constexpr double kLight_g_cm3 = 4, kSteel_MPa = 150000, kCopper_g_cm3 = 8.86, kBronze_g_cm3 = 8.7;
    if (c.density_g_cm3 < kLight_g_cm3)
        return {"#6f777d", c.ultimate_MPa > 110 ? QColor("#a7aeb3") : QColor("#b9bec2"), "#f2f5f6"};
    if (c.youngs_MPa > kSteel_MPa) return {"#434f5c", "#7d8b9a", "#dbe4ec"};
    if (c.density_g_cm3 > kCopper_g_cm3) return {"#7c3f18", "#c2733d", "#f0b98e"};
    if (c.density_g_cm3 > kBronze_g_cm3) return {"#6e4a1c", "#a9793f", "#e6c593"};
    return {"#7a5f16", "#c9a545", "#f4e2a3"};
}

std::vector<WirePoint> walkWire(const std::vector<QPointF>& corners, double step, double round) {
    std::vector<QPointF> line = corners;
    if (round > 0 && corners.size() > 2) {
        line = {corners.front()};
        for (std::size_t i = 1; i + 1 < corners.size(); ++i) {
            const QPointF back = corners[i - 1] - corners[i], on = corners[i + 1] - corners[i];
            const double lb = length(back), lo = length(on);
            if (lb < 1e-9 || lo < 1e-9) continue;
            const double r = std::min({round, lb / 2, lo / 2});
            const QPointF from = corners[i] + back * (r / lb), to = corners[i] + on * (r / lo);
            for (int k = 0; k <= 6; ++k) {
                const double t = k / 6.0;
                line.push_back((1 - t) * (1 - t) * from + 2 * t * (1 - t) * corners[i] + t * t * to);
            }
        }
        line.push_back(corners.back());
    }
    std::vector<WirePoint> all;
    double along = 0;
    for (std::size_t i = 1; i < line.size(); ++i) {
        const double L = length(line[i] - line[i - 1]);
        if (L < 1e-9) continue;
        const int steps = std::max(1, static_cast<int>(std::ceil(L / step)));
        for (int k = all.empty() ? 0 : 1; k <= steps; ++k) {
            const double t = static_cast<double>(k) / steps;
            all.push_back({line[i - 1] + t * (line[i] - line[i - 1]), along + t * L});
        }
        along += L;
    }
    return all;
}

void drawStrands(QPainter& p, const std::vector<WirePoint>& line, const wire::Bundle& b, const Metal& metal, double px,
                 const std::function<double(double)>& tint) {
    if (line.size() < 2) return;
    const double d = std::max(b.diameter_mm, 1.2 * px);
    const int helical = b.strands == 7 ? 6 : b.strands;
    const double R = wire::findStrandRadius(b);
    struct Run {
        std::vector<QPointF> points;
        std::vector<double> along;
        double depth = 0;
    };
    std::vector<QPointF> normals(line.size());
    for (std::size_t k = 0; k < line.size(); ++k) {
        const QPointF t = line[std::min(k + 1, line.size() - 1)].at - line[k > 0 ? k - 1 : 0].at;
        const double L = std::max(1e-9, length(t));
        normals[k] = QPointF(t.y(), -t.x()) / L;
    }
    std::vector<Run> runs;
    for (int q = 0; q < b.strands; ++q) {
        const bool core = b.strands == 7 && q == 6;
        const double r = core || b.strands == 1 ? 0 : R, phase0 = 2 * kPi * q / std::max(1, helical) + 0.35;
        Run run;
        bool front = true;
        for (std::size_t k = 0; k < line.size(); ++k) {
            const double a = phase0 + (b.lay_mm > 0 ? 2 * kPi * line[k].along / b.lay_mm : 0);
            const double z = r * std::cos(a);
            if (run.points.size() > 1 && (z >= 0) != front) {
                const Run ended = run;
                runs.push_back(run);
                run = {{ended.points.back()}, {ended.along.back()}, 0};
            }
            front = z >= 0;
            run.points.push_back(line[k].at + r * std::sin(a) * normals[k]);
            run.along.push_back(line[k].along);
            run.depth += z;
        }
        if (run.points.size() > 1) runs.push_back(std::move(run));
    }
    for (Run& r : runs)
        r.depth /= static_cast<double>(r.points.size());
    std::stable_sort(runs.begin(), runs.end(), [](const Run& x, const Run& y) { return x.depth < y.depth; });
    const auto pen = [](const QColor& c, double w, Qt::PenCapStyle cap = Qt::FlatCap) {
        return QPen(c, w, Qt::SolidLine, cap, Qt::RoundJoin);
    };
    const auto polyline = [&](const Run& r, const QPointF& off) {
        std::vector<QPointF> moved = r.points;
        for (QPointF& at : moved)
            at += off;
        p.drawPolyline(moved.data(), static_cast<int>(moved.size()));
    };
    p.save();
    p.setBrush(Qt::NoBrush);
    const bool fine = d < 2.2 * px; // too thin to show shade and shine
    for (const Run& r : runs) {
        if (!fine && r.depth >= 0 && r.points.size() > 6) {
            QColor shadow("#2a2620");
            shadow.setAlphaF(0.22F);
            p.setPen(pen(shadow, d * 1.12));
            const auto cut = static_cast<std::ptrdiff_t>(r.points.size() / 5);
            const Run middle{{r.points.begin() + cut, r.points.end() - cut}, {}, 0};
            polyline(middle, QPointF(d * 0.10, d * 0.17));
        }
        p.setPen(pen(metal.dark, d));
        polyline(r, {});
        if (tint) {
            for (std::size_t k = 1; k < r.points.size(); ++k) {
                const double t = std::clamp(tint((r.along[k - 1] + r.along[k]) / 2), 0.0, 1.0);
                p.setPen(pen(mixed(metal.mid, QColor("#d4593f"), t), d * 0.74, Qt::SquareCap));
                p.drawLine(r.points[k - 1], r.points[k]);
            }
        } else {
            p.setPen(pen(metal.mid, d * (fine ? 0.6 : 0.74), Qt::SquareCap));
            polyline(r, fine ? QPointF() : QPointF(-d * 0.05, -d * 0.07));
        }
        if (fine) continue;
        QColor light = metal.light;
        light.setAlphaF(0.85F);
        p.setPen(pen(light, d * 0.24, Qt::RoundCap));
        polyline(r, QPointF(-d * 0.13, -d * 0.19));
    }
    p.restore();
}

void drawSection(QPainter& p, const QPointF& c, const wire::Bundle& b, double scale, const Metal& metal, bool hollow) {
    p.save();
    const double r = wire::findStrandRadius(b) * scale, d = b.diameter_mm * scale / 2;
    const int helical = b.strands == 7 ? 6 : b.strands;
    const double turn = b.strands == 3 ? -kPi / 2 : b.strands == 4 ? kPi / 4 : 0;
    const double line = std::min(0.9, d * 0.35);
    const auto strand = [&](const QPointF& at) {
        p.setPen(QPen(metal.dark, line));
        p.setBrush(hollow ? QBrush(Qt::NoBrush) : QBrush(metal.mid));
        p.drawEllipse(at, d - line / 2, d - line / 2);
        if (hollow || d < 2) return;
        p.setPen(Qt::NoPen);
        p.setBrush(metal.light);
        p.drawEllipse(at - QPointF(d * 0.28, d * 0.3), d * 0.33, d * 0.33);
    };
    if (b.strands == 7) strand(c);
    for (int i = 0; i < helical; ++i) {
        const double u = turn + 2 * kPi * i / helical;
        strand(c + QPointF(r * std::cos(u), r * std::sin(u)));
    }
    p.restore();
}

void drawStateMark(QPainter& painter, const QPointF& c, double r, choice::State state) {
    const QColor colour = stateColour(static_cast<int>(state));
    painter.save();
    if (state == choice::State::holds || state == choice::State::not_checked) {
        const double bead = r * (state == choice::State::holds ? 0.62 : 0.42);
        painter.setPen(Qt::NoPen);
        painter.setBrush(QColor(42, 38, 32, 64));
        painter.drawEllipse(c + QPointF(r * 0.1, r * 0.15), bead, bead);
        painter.setPen(QPen(colour.darker(140), r * 0.1));
        painter.setBrush(state == choice::State::holds ? colour : look().faint);
        painter.drawEllipse(c, bead, bead);
        painter.setPen(Qt::NoPen);
        painter.setBrush(QColor(255, 255, 255, 150));
        painter.drawEllipse(c - QPointF(bead * 0.3, bead * 0.35), bead * 0.3, bead * 0.3);
        painter.restore();
        return;
    }
    const auto at = [&](double x, double y) { return c + QPointF(x * r, y * r); };
    QColor ground = look().card;
    ground.setAlphaF(0.9F);
    painter.setPen(Qt::NoPen);
    painter.setBrush(ground);
    painter.drawEllipse(c, r * 1.25, r * 1.1);
    const auto pen = [&](double w, Qt::PenStyle style = Qt::SolidLine) {
        return QPen(colour, r * w, style, Qt::RoundCap, Qt::RoundJoin);
    };
    painter.setBrush(Qt::NoBrush);
    QPainterPath p;
    switch (state) {
    case choice::State::slack: // held on the left, the free end hangs
        painter.setPen(pen(0.16, Qt::DotLine));
        painter.drawLine(at(-0.2, -0.35), at(1, -0.35));
        painter.setPen(pen(0.34));
        p.moveTo(at(-1, -0.35)), p.cubicTo(at(-0.1, -0.4), at(0.45, -0.1), at(0.7, 0.75));
        break;
    case choice::State::stiff: // a rod that stays straight, dotted where it was meant to go
        painter.setPen(pen(0.16, Qt::DotLine));
        p.moveTo(at(-0.9, -0.1)), p.cubicTo(at(0, 0), at(0.5, 0.3), at(0.8, 0.9));
        painter.drawPath(p);
        p = {};
        painter.setPen(pen(0.6));
        p.moveTo(at(-0.85, -0.2)), p.lineTo(at(0.95, -0.2));
        break;
    case choice::State::springy: // it comes back
        painter.setPen(pen(0.28));
        p.moveTo(at(-1, 0.1));
        for (int i = 0; i < 4; ++i)
            p.lineTo(at(-0.7 + 0.4 * i, i % 2 ? 0.55 : -0.55));
        p.lineTo(at(1, 0.1));
        break;
    case choice::State::tired: // cracked through
        painter.setPen(pen(0.42));
        p.moveTo(at(-1, 0.15)), p.lineTo(at(-0.28, 0.15));
        p.moveTo(at(0.32, -0.15)), p.lineTo(at(1, -0.15));
        painter.drawPath(p);
        p = {};
        painter.setPen(pen(0.2));
        p.moveTo(at(-0.15, -0.7)), p.lineTo(at(0.1, -0.15)), p.lineTo(at(-0.1, 0.1)), p.lineTo(at(0.15, 0.75));
        break;
    case choice::State::crowded: // block against block
        painter.setPen(Qt::NoPen);
        painter.setBrush(colour);
        painter.drawRoundedRect(QRectF(at(-1, -0.6), at(-0.08, 0.6)), r * 0.2, r * 0.2);
        painter.drawRoundedRect(QRectF(at(0.08, -0.6), at(1, 0.6)), r * 0.2, r * 0.2);
        break;
    case choice::State::holds:
    case choice::State::not_checked:
        break;
    }
    painter.drawPath(p);
    painter.restore();
}

void stampStateMark(QPainter& painter, const QPointF& c, double r, choice::State state) {
    using Key = std::tuple<int, int, int, bool>;
    static std::map<Key, QPixmap> kept;
    const double dpr = painter.device()->devicePixelRatioF();
    // To a quarter of a pixel.
    const int size = static_cast<int>(std::lround(4 * r));
    const int half = static_cast<int>(std::ceil(2 * r)) + 2;
    QPixmap& mark = kept[{static_cast<int>(state), size, static_cast<int>(std::lround(100 * dpr)), look().night}];
    if (mark.isNull()) {
        mark = QPixmap(QSize(2 * half, 2 * half) * dpr);
        mark.setDevicePixelRatio(dpr);
        mark.fill(Qt::transparent);
        QPainter p(&mark);
        p.setRenderHint(QPainter::Antialiasing);
        drawStateMark(p, QPointF(half, half), size / 4.0, state);
    }
    painter.drawPixmap(QPoint(static_cast<int>(std::lround(c.x())) - half, static_cast<int>(std::lround(c.y())) - half),
                       mark);
}

const QImage& clayGrain() {
    static const QImage image = [] {
        constexpr int kSide = 160;
        const auto a = makeNoise(kSide, 10, 4), b = makeNoise(kSide, 26, 5);
        QImage i(kSide, kSide, QImage::Format_ARGB32_Premultiplied);
        for (int y = 0; y < kSide; ++y) {
            auto* line = reinterpret_cast<QRgb*>(i.scanLine(y));
            for (int x = 0; x < kSide; ++x) {
                const auto k = static_cast<std::size_t>(y * kSide + x);
                const double v = 0.65 * a[k] + 0.35 * b[k] - 0.5;
                line[x] = qPremultiply(v > 0 ? qRgba(255, 250, 240, static_cast<int>(46 * v))
                                             : qRgba(50, 30, 12, static_cast<int>(-52 * v)));
            }
        }
        return i;
    }();
    return image;
}

const QImage& foilCrumple() {
    static const QImage image = [] {
        constexpr int kSide = 120, kCells = 60;
        std::mt19937 engine(9);
        std::uniform_real_distribution<double> any(0, 1);
        struct Seed {
            double x, y;
            int tone;
        };
        std::vector<Seed> seeds;
        for (int k = 0; k < kCells; ++k)
            seeds.push_back({any(engine) * kSide, any(engine) * kSide, static_cast<int>(any(engine) * 3)});
        QImage i(kSide, kSide, QImage::Format_ARGB32_Premultiplied);
        const QRgb tones[] = {qPremultiply(qRgba(255, 255, 255, 62)), qPremultiply(qRgba(40, 50, 58, 12)),
                              qPremultiply(qRgba(40, 50, 58, 46))};
        // Squares of the distances across and down, round the edges, once a seed.
        std::vector<std::array<float, kSide>> across(kCells), down(kCells);
        for (std::size_t k = 0; k < kCells; ++k)
            for (std::size_t t = 0; t < kSide; ++t)
                for (const auto& [to, from] : {std::pair{&across, seeds[k].x}, std::pair{&down, seeds[k].y}}) {
                    const double d = std::abs(static_cast<double>(t) - from), near = std::min(d, kSide - d);
                    (*to)[k][t] = static_cast<float>(near * near);
                }
        for (int y = 0; y < kSide; ++y) {
            auto* line = reinterpret_cast<QRgb*>(i.scanLine(y));
            for (int x = 0; x < kSide; ++x) {
                float best = 1e9F;
                int tone = 0;
                for (std::size_t k = 0; k < kCells; ++k) {
                    const float d = across[k][static_cast<std::size_t>(x)] + down[k][static_cast<std::size_t>(y)];
                    if (d < best) best = d, tone = seeds[k].tone;
                }
                line[x] = tones[tone];
            }
        }
        return i;
    }();
    return image;
}

QPainterPath inkLine(const QPainterPath& closed, double thin, double thick) {
    QPainterPath ink;
    ink.setFillRule(Qt::OddEvenFill);
    for (const QPolygonF& polygon : closed.toSubpathPolygons()) {
        QPolygonF loop = polygon;
        if (loop.size() > 1 && loop.isClosed()) loop.removeLast();
        const auto n = loop.size();
        if (n < 6) continue;
        double area = 0;
        for (qsizetype i = 0; i < n; ++i)
            area += loop[i].x() * loop[(i + 1) % n].y() - loop[(i + 1) % n].x() * loop[i].y();
        const double sign = area > 0 ? 1 : -1;
        QPolygonF outer, inner;
        for (qsizetype i = 0; i < n; ++i) {
            const QPointF t = loop[(i + 1) % n] - loop[(i + n - 1) % n];
            const double L = std::max(1e-9, length(t));
            const QPointF normal(t.y() / L * sign, -t.x() / L * sign);
            // The lamp stands at the upper left.
            const double lit = -0.6 * normal.x() - 0.8 * normal.y();
            const double w = thin + (thick - thin) * std::pow(0.5 - 0.5 * lit, 1.5);
            outer << loop[i] + normal * w / 2, inner << loop[i] - normal * w / 2;
        }
        ink.addPolygon(outer), ink.closeSubpath();
        ink.addPolygon(inner), ink.closeSubpath();
    }
    return ink;
}

} // namespace enkinet::app
