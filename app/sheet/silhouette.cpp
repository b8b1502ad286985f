#include "sheet/silhouette.h"
#include <algorithm>
#include <cmath>
#include <limits>

namespace enkinet::app {

namespace {

constexpr double kFar = 1e3;

double norm(double x, double y) { return std::sqrt(x * x + y * y); }

/// Distance to a part, below nought inside.
double distanceTo(const Blob& b, double x, double y) {
    if (b.kind == Blob::Kind::cone || b.kind == Blob::Kind::trunk) {
        const double dx = b.to.x() - b.from.x(), dy = b.to.y() - b.from.y();
        const double L2 = std::max(1e-12, dx * dx + dy * dy);
        const double t = ((x - b.from.x()) * dx + (y - b.from.y()) * dy) / L2, tc = std::clamp(t, 0.0, 1.0);
        if (b.kind == Blob::Kind::cone)
            return norm(x - b.from.x() - dx * tc, y - b.from.y() - dy * tc) - (b.a + (b.b - b.a) * tc);
        const double L = std::sqrt(L2), off = std::abs((x - b.from.x()) * dy - (y - b.from.y()) * dx) / L;
        const double r = std::min({b.a, b.b, L}) * 0.45;
        const double end = std::abs(t - 0.5) * L - L / 2 + r, side = off - (b.a + (b.b - b.a) * tc) + r;
        return norm(std::max(end, 0.0), std::max(side, 0.0)) + std::min(std::max(end, side), 0.0) - r;
    }
    const double c = std::cos(b.turn_rad), s = std::sin(b.turn_rad), px = x - b.from.x(), py = y - b.from.y();
    const double u = px * c + py * s, v = -px * s + py * c;
    if (b.kind == Blob::Kind::box) {
        const double r = 0.15 * std::min(b.a, b.b), qx = std::abs(u) - b.a + r, qy = std::abs(v) - b.b + r;
        return norm(std::max(qx, 0.0), std::max(qy, 0.0)) + std::min(std::max(qx, qy), 0.0) - r;
    }
    const double k0 = norm(u / b.a, v / b.b), k1 = norm(u / (b.a * b.a), v / (b.b * b.b));
    return k1 > 1e-12 ? k0 * (k0 - 1) / k1 : -std::min(b.a, b.b);
}

/// Least of two distances, melted over k.
double melt(double a, double b, double k) {
    if (k <= 0) return std::min(a, b);
    const double h = std::max(k - std::abs(a - b), 0.0) / k;
    return std::min(a, b) - h * h * k / 4;
}

struct Grid {
    double x0 = 0, y0 = 0, step = 1;
    int wide = 0, high = 0;
    std::vector<float> value;
    float& at(int i, int j) {
        return value[static_cast<std::size_t>(j) * static_cast<std::size_t>(wide) + static_cast<std::size_t>(i)];
    }
    float at(int i, int j) const {
        return value[static_cast<std::size_t>(j) * static_cast<std::size_t>(wide) + static_cast<std::size_t>(i)];
    }
};

QRectF boxOf(const Blob& b) {
    const double r = std::max(b.a, b.b) * (b.kind == Blob::Kind::box ? 1.5 : 1);
    const QRectF at(b.from, b.kind == Blob::Kind::cone || b.kind == Blob::Kind::trunk ? b.to : b.from);
    return at.normalized().adjusted(-r, -r, r, r);
}

/// A closed loop resampled evenly and smoothed, as a spline.
void addSpline(QPainterPath& path, const std::vector<QPointF>& loop, double every) {
    std::vector<double> along{0};
    for (std::size_t i = 1; i <= loop.size(); ++i) {
        const QPointF d = loop[i % loop.size()] - loop[i - 1];
        along.push_back(along.back() + norm(d.x(), d.y()));
    }
    const int n = std::max(8, static_cast<int>(along.back() / every));
    std::vector<QPointF> even;
    std::size_t k = 0;
    for (int i = 0; i < n; ++i) {
        const double t = along.back() * i / n;
        while (along[k + 1] < t)
            ++k;
        const double u = (t - along[k]) / std::max(1e-12, along[k + 1] - along[k]);
        even.push_back(loop[k] + u * (loop[(k + 1) % loop.size()] - loop[k]));
    }
    const auto of = [&](int i) { return even[static_cast<std::size_t>((i + 2 * n) % n)]; };
    for (int round = 0; round < 2; ++round) {
        std::vector<QPointF> soft;
        for (int i = 0; i < n; ++i)
            soft.push_back((of(i - 1) + 2 * of(i) + of(i + 1)) / 4);
        even = std::move(soft);
    }
    path.moveTo(of(0));
    for (int i = 0; i < n; ++i)
        path.cubicTo(of(i) + (of(i + 1) - of(i - 1)) / 6, of(i + 1) - (of(i + 2) - of(i)) / 6, of(i + 1));
    path.closeSubpath();
}

/// Where the field changes sign, as loops.
QPainterPath trace(const Grid& g) {
    const auto cells = static_cast<std::size_t>(g.wide) * static_cast<std::size_t>(g.high);
    // An edge of the grid: to the right of a node, or above it.
    const auto edge = [&](int i, int j, bool up) {
        return 2 * (static_cast<std::size_t>(j) * static_cast<std::size_t>(g.wide) + static_cast<std::size_t>(i)) +
               (up ? 1 : 0);
    };
    constexpr std::size_t kNone = std::numeric_limits<std::size_t>::max();
    std::vector<std::size_t> next(2 * cells, kNone);
    std::vector<std::size_t> starts;
    for (int j = 0; j + 1 < g.high; ++j)
        for (int i = 0; i + 1 < g.wide; ++i) {
            const float v[] = {g.at(i, j), g.at(i + 1, j), g.at(i + 1, j + 1), g.at(i, j + 1)};
            const int inside = (v[0] < 0) + 2 * (v[1] < 0) + 4 * (v[2] < 0) + 8 * (v[3] < 0);
            if (inside == 0 || inside == 15) continue;
            const std::size_t sides[] = {edge(i, j, false), edge(i + 1, j, true), edge(i, j + 1, false),
                                         edge(i, j, true)};
            std::size_t in[2], out[2];
            int ins = 0, outs = 0;
            for (int q = 0; q < 4; ++q) {
                const bool a = v[q] < 0, b = v[(q + 1) % 4] < 0;
                if (a && !b) out[outs++] = sides[q];
                if (!a && b) in[ins++] = sides[q];
            }
            for (int q = 0; q < ins; ++q) {
                next[in[q]] = out[q];
                starts.push_back(in[q]);
            }
        }
    const auto place = [&](std::size_t e) {
        const std::size_t node = e / 2;
        const int i = static_cast<int>(node % static_cast<std::size_t>(g.wide)),
                  j = static_cast<int>(node / static_cast<std::size_t>(g.wide));
        const bool up = e % 2 == 1;
        const double a = g.at(i, j), b = up ? g.at(i, j + 1) : g.at(i + 1, j), t = a == b ? 0.5 : a / (a - b);
        return QPointF(g.x0 + (i + (up ? 0 : t)) * g.step, g.y0 + (j + (up ? t : 0)) * g.step);
    };
    QPainterPath path;
    for (std::size_t start : starts) {
        std::vector<QPointF> loop;
        for (std::size_t e = start; e != kNone && next[e] != kNone;) {
            loop.push_back(place(e));
            const std::size_t on = next[e];
            next[e] = kNone;
            e = on;
        }
        if (loop.size() > 10) addSpline(path, loop, 1.8 * g.step);
    }
    return path;
}

} // namespace

Silhouette calcSilhouette(const std::vector<Blob>& blobs, int groups, double step, double blend) {
    Silhouette all;
    all.groups.resize(static_cast<std::size_t>(std::max(0, groups)));
    QRectF box;
    for (const Blob& b : blobs)
        box = box.united(boxOf(b));
    if (blobs.empty() || !(step > 0) || !(box.width() < kFar * step) || !(box.height() < kFar * step)) return all;
    const double rim = blend + 3 * step;
    const auto gridOver = [&](QRectF area) {
        area.adjust(-rim, -rim, rim, rim);
        // Grids of one figure share their lines.
        Grid g;
        g.step = step;
        g.x0 = std::floor(area.left() / step) * step, g.y0 = std::floor(area.top() / step) * step;
        g.wide = static_cast<int>(std::ceil((area.right() - g.x0) / step)) + 2;
        g.high = static_cast<int>(std::ceil((area.bottom() - g.y0) / step)) + 2;
        g.value.assign(static_cast<std::size_t>(g.wide) * static_cast<std::size_t>(g.high), static_cast<float>(kFar));
        return g;
    };
    Grid whole = gridOver(box);
    for (int group = 0; group < groups; ++group) {
        QRectF own;
        for (const Blob& b : blobs)
            if (b.group == group) own = own.united(boxOf(b));
        if (own.isEmpty()) continue;
        Grid g = gridOver(own);
        for (const Blob& b : blobs) {
            if (b.group != group || !(std::max(b.a, b.b) > 0)) continue;
            const QRectF area = boxOf(b).adjusted(-rim, -rim, rim, rim);
            const double k = std::min(blend, 0.6 * std::min(b.a, b.b));
            const int i0 = std::max(0, static_cast<int>((area.left() - g.x0) / step)),
                      i1 = std::min(g.wide - 1, static_cast<int>((area.right() - g.x0) / step) + 1);
            const int j0 = std::max(0, static_cast<int>((area.top() - g.y0) / step)),
                      j1 = std::min(g.high - 1, static_cast<int>((area.bottom() - g.y0) / step) + 1);
            for (int j = j0; j <= j1; ++j)
                for (int i = i0; i <= i1; ++i) {
                    float& v = g.at(i, j);
                    v = static_cast<float>(melt(v, distanceTo(b, g.x0 + i * step, g.y0 + j * step), k));
                }
        }
        const int di = static_cast<int>(std::lround((g.x0 - whole.x0) / step)),
                  dj = static_cast<int>(std::lround((g.y0 - whole.y0) / step));
        for (int j = 0; j < g.high; ++j)
            for (int i = 0; i < g.wide; ++i) {
                if (i + di < 0 || j + dj < 0 || i + di >= whole.wide || j + dj >= whole.high) continue;
                float& v = whole.at(i + di, j + dj);
                v = static_cast<float>(melt(v, g.at(i, j), step));
            }
        all.groups[static_cast<std::size_t>(group)] = trace(g);
    }
    all.whole = trace(whole);
    return all;
}

} // namespace enkinet::app
