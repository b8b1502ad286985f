#include "fill/shop.h"
#include "base/units.h"
#include "schema/limits.h"
#include <algorithm>
#include <cmath>
#include <numeric>

namespace enkinet::fill {

double findRupture(double D, double L, double F) { return 8 * F * L / (kPi * D * D * D); }
double findLeastSpan(double D) { return 8 * D; }
double BreakTest::rupture_MPa() const { return findRupture(diameter_mm, span_mm, force_N); }

Result<BreakTest> makeBreakTest(BreakTest t) { return schema::makeSound(std::move(t)); }

std::vector<double> Shop::rupturesOf(const std::string& clay) const {
    std::vector<double> all;
    for (const BreakTest& t : breaks)
        if (t.clay == clay) all.push_back(t.rupture_MPa());
    return all;
}

Result<Shop> makeShop(Shop s) { return schema::makeSound(std::move(s)); }

double findFingers_N(const Hands& h, double half) {
    const double t = std::clamp((half - h.pinchHalf_mm) / (h.graspHalf_mm - h.pinchHalf_mm), 0.0, 1.0);
    return h.pinch_N + t * (h.grasp_N - h.pinch_N);
}

std::optional<RollerLine> calcRollerLine(const std::vector<RollerReading>& all) {
    if (all.size() < 2) return {};
    const auto n = static_cast<double>(all.size());
    double x = 0, y = 0;
    for (const RollerReading& r : all)
        x += r.setting / n, y += r.thickness_mm / n;
    double xx = 0, xy = 0;
    RollerLine line;
    line.low = line.high = all.front().setting;
    for (const RollerReading& r : all) {
        xx += (r.setting - x) * (r.setting - x), xy += (r.setting - x) * (r.thickness_mm - y);
        line.low = std::min(line.low, r.setting), line.high = std::max(line.high, r.setting);
    }
    if (xx < 1e-9 || std::abs(xy) < 1e-12) return {};
    line.slope_mm = xy / xx, line.at0_mm = y - line.slope_mm * x;
    double left = 0;
    for (const RollerReading& r : all)
        left += std::pow(r.thickness_mm - line.at0_mm - line.slope_mm * r.setting, 2);
    line.scatter_mm = all.size() > 2 ? std::sqrt(left / (n - 2)) : 0;
    line.readings = static_cast<int>(all.size());
    return line;
}

std::optional<Rolled> findRolled(const RollerLine& line, double thickness) {
    constexpr int kMostLayers = 4;
    std::optional<Rolled> best;
    for (int layers = 1; layers <= kMostLayers; ++layers)
        for (double s = std::ceil(line.low); s <= line.high; s += 1) {
            const double one = line.at0_mm + line.slope_mm * s;
            if (one <= 0) continue;
            const Rolled r{layers, s, layers * one};
            if (!best || std::abs(r.gives_mm - thickness) < std::abs(best->gives_mm - thickness) - 1e-9) best = r;
        }
    return best;
}

std::vector<double> findStrips(const std::vector<double>& strips, double thickness) {
    std::vector<double> best;
    double off = 1e300;
    for (unsigned set = 1; set < 1u << std::min<std::size_t>(strips.size(), 12); ++set) {
        std::vector<double> taken;
        for (std::size_t i = 0; i < strips.size(); ++i)
            if (set >> i & 1u) taken.push_back(strips[i]);
        const double d = std::abs(std::accumulate(taken.begin(), taken.end(), 0.0) - thickness);
        if (d < off - 1e-9 || (d < off + 1e-9 && taken.size() < best.size())) off = d, best = std::move(taken);
    }
    std::sort(best.begin(), best.end());
    return best;
}

} // namespace enkinet::fill
