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
        : m_from(from), m_step((to - from) / static_cast<double>(n - 1)) {
        m_nodes.reserve(n);
        for (std::size_t i = 0; i < n; ++i) {
            const auto [v, s] = f(from + m_step * static_cast<double>(i));
            m_nodes.push_back({v, s * m_step});
        }
    }
    double operator()(double x) const {
        const double u = (x - m_from) / m_step;
        const auto last = static_cast<double>(m_nodes.size() - 1);
        if (u <= 0) return m_nodes.front().value + u * m_nodes.front().slope;
        if (u >= last) return m_nodes.back().value + (u - last) * m_nodes.back().slope;
        const auto i = static_cast<std::size_t>(u);
        const double t = u - static_cast<double>(i), r = 1 - t;
        const Node &a = m_nodes[i], &b = m_nodes[i + 1];
        return a.value * (1 + 2 * t) * r * r + b.value * t * t * (3 - 2 * t) + a.slope * t * r * r -
               b.slope * t * t * r;
    }

private:
    struct Node {
        double value, slope;
    };
    double m_from = 0, m_step = 1;
    std::vector<Node> m_nodes;
};

} // namespace enkinet
