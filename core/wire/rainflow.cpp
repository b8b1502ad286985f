#include "wire/rainflow.h"
#include <cmath>

namespace enkinet::wire {

std::vector<double> findTurningPoints(std::span<const double> history) {
    std::vector<double> points(history.size());
    double* const first = points.data();
    std::size_t n = 0;
    double before = 0, last = 0; // the last two points
    for (double v : history) {
        if (n > 0 && v == last) continue;
        // A value that goes on in the same direction moves the last turning point along.
        const bool on = n >= 2 && (last - before) * (v - last) > 0;
        before = on || n == 0 ? before : last;
        n += !on;
        first[n - 1] = last = v;
    }
    points.resize(n);
    return points;
}

std::vector<Cycle> calcRainflow(std::span<const double> history) {
    std::vector<Cycle> cycles;
    const std::vector<double> points = findTurningPoints(history);
    cycles.reserve(points.size() / 2 + 2);
    std::vector<double> stack; // turning points not yet discarded; its first is the starting point S
    const auto count = [&](double a, double b, double share) {
        cycles.push_back({std::abs(a - b), (a + b) / 2, share});
    };
    stack.reserve(points.size());
    for (double v : points) {
        stack.push_back(v);
        while (stack.size() >= 3) {
            const std::size_t n = stack.size();
            const double X = std::abs(stack[n - 1] - stack[n - 2]), Y = std::abs(stack[n - 2] - stack[n - 3]);
            if (X < Y) break;
            if (n == 3) { // Y holds the starting point
                count(stack[0], stack[1], 0.5);
                stack.erase(stack.begin());
            } else {
                count(stack[n - 3], stack[n - 2], 1);
                stack.erase(stack.end() - 3, stack.end() - 1);
            }
        }
    }
    for (std::size_t i = 1; i < stack.size(); ++i)
        count(stack[i - 1], stack[i], 0.5);
    return cycles;
}

double calcHistoryDamage(const BendTable& table, const Bundle& bundle, const GapBend& bend,
                         std::span<const double> angles_rad) {
    const double arm = bundle.diameter_mm / 2 * findStrainFactor(bundle, bend.gap_mm);
    double sum = 0;
    for (const Cycle& c : calcRainflow(angles_rad)) {
        const double amplitude = bend.edge * c.range / 2 / bend.gap_mm * arm;
        if (!(amplitude <= 0)) sum += c.count / table.cycles(amplitude);
    }
    return sum;
}

} // namespace enkinet::wire
