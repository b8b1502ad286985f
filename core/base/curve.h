#pragma once
// A smooth function tabulated once on a uniform grid with its slopes: piecewise cubic Hermite interpolation.
// Error is of fourth order in the grid step; outside the grid the end's tangent is followed.
#include <cstddef>
#include <functional>
#include <vector>

namespace enkinet {

class Curve {
public:
    Curve() = default;
    /// Tabulates f on n >= 2 points of [from, to]; f returns the value and its slope.
    Curve(double from, double to, std::size_t n, const std::function<std::pair<double, double>(double)>& f)
        : m_perStep(static_cast<double>(n - 1) / (to - from)), m_last(static_cast<double>(n)) {
        const double step = (to - from) / static_cast<double>(n - 1);
        m_offset = 1 - from * m_perStep;
        std::vector<std::pair<double, double>> nodes;
        nodes.reserve(n);
        for (std::size_t i = 0; i < n; ++i) {
            const auto [v, s] = f(from + step * static_cast<double>(i));
            nodes.emplace_back(v, s * step);
        }
        // One cell more at each end carries the tangent on.
        m_cells.reserve(n + 1);
        m_cells.push_back({nodes.front().first - nodes.front().second, nodes.front().second, 0, 0});
        for (std::size_t i = 0; i + 1 < n; ++i) {
            const auto [a, sa] = nodes[i];
            const auto [b, sb] = nodes[i + 1];
            m_cells.push_back({a, sa, 3 * (b - a) - 2 * sa - sb, 2 * (a - b) + sa + sb});
        }
        m_cells.push_back({nodes.back().first, nodes.back().second, 0, 0});
    }
    double operator()(double x) const {
        const double u = x * m_perStep + m_offset;
        // Written so that what is no number falls into the first cell and stays no number.
        const double inside = u > 0 ? (u < m_last ? u : m_last) : 0;
        const auto i = static_cast<int>(inside);
        const double t = u - i;
        const Cell& c = m_cells[static_cast<std::size_t>(i)];
        return c.a + t * (c.b + t * (c.c + t * c.d));
    }

private:
    /// Coefficients of a cell's cubic in its own share.
    struct Cell {
        double a, b, c, d;
    };
    double m_perStep = 1, m_offset = 0, m_last = 0;
    std::vector<Cell> m_cells;
};

} // namespace enkinet
