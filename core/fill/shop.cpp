#include "fill/shop.h"
#include "base/text.h"
#include "base/units.h"
#include <algorithm>
#include <cmath>
#include <numeric>

namespace enkinet::fill {

double findRupture(double D, double L, double F) { return 8 * F * L / (kPi * D * D * D); }
double findLeastSpan(double D) { return 8 * D; }
double BreakTest::rupture_MPa() const { return findRupture(diameter_mm, span_mm, force_N); }

Result<BreakTest> makeBreakTest(BreakTest t) {
    const Phrase place = words("break test of %1", t.clay.substr(0, 70));
    if (t.clay.empty()) return Fault{words("break test"), words("clay"), words("must be named")};
    if (!(t.diameter_mm >= 1 && t.diameter_mm <= 100))
        return Fault{place, words("rod of %1 mm", t.diameter_mm), words("must be 1 to 100 mm thick")};
    if (!(t.span_mm >= findLeastSpan(t.diameter_mm) && t.span_mm <= 2000))
        return Fault{place, words("span of %1 mm", t.span_mm),
                     words("must be %1 to 2000 mm, or a rod that thick breaks by shear", findLeastSpan(t.diameter_mm))};
    if (!(t.force_N >= 0.01 && t.force_N <= 10000))
        return Fault{place, words("force of %1 N", t.force_N), words("must lie between 0.01 and 10000 N")};
    return t;
}

std::vector<double> Shop::rupturesOf(const std::string& clay) const {
    std::vector<double> all;
    for (const BreakTest& t : breaks)
        if (t.clay == clay) all.push_back(t.rupture_MPa());
    return all;
}

Result<Shop> makeShop(Shop s) {
    const Phrase place = words("shop");
    const auto fault = [&](const Phrase& value, const Phrase& rule) { return Fault{place, value, rule}; };
    if (!(s.room_C >= 0 && s.room_C <= 45))
        return fault(words("room %1 C", s.room_C), s.room_C > 45 && s.room_C <= 113
                                                       ? words("must lie between 0 and 45 C; %1 F is %2 C", s.room_C,
                                                               std::round((s.room_C - 32) / 1.8))
                                                       : words("must lie between 0 and 45 C"));
    if (!(s.putty_g_h >= 1 && s.putty_g_h <= 5000))
        return fault(words("putty %1 g an hour", s.putty_g_h), words("must lie between 1 and 5000 g an hour"));
    const Hands& h = s.hands;
    if (!(h.pinch_N >= 1 && h.pinch_N <= h.grasp_N && h.grasp_N <= 200))
        return fault(words("fingers that give %1 to %2 N", h.pinch_N, h.grasp_N),
                     words("must give 1 to 200 N, a grasp no less than a pinch"));
    if (!(h.pinchHalf_mm >= 1 && h.pinchHalf_mm < h.graspHalf_mm && h.graspHalf_mm <= 100))
        return fault(words("half-widths of %1 and %2 mm", h.pinchHalf_mm, h.graspHalf_mm),
                     words("must lie between 1 and 100 mm, a grasp wider than a pinch"));
    for (double m : {s.work.cut_min, s.work.spin_min, s.work.bind_min})
        if (!(m >= 0 && m <= 600)) return fault(words("wire work %1 min", m), words("must lie between 0 and 600 min"));
    if (s.leadDays < 0 || s.leadDays > 90)
        return fault(words("%1 days to come", s.leadDays), words("must lie between 0 and 90 days"));
    if (s.strips_mm.size() > 12) return fault(words("%1 strips", s.strips_mm.size()), words("are more than 12"));
    for (double mm : s.strips_mm)
        if (!(mm >= 0.1 && mm <= 50)) return fault(words("strip %1 mm", mm), words("must lie between 0.1 and 50 mm"));
    if (s.roller.size() > 200) return fault(words("%1 readings", s.roller.size()), words("are more than 200"));
    for (const RollerReading& r : s.roller) {
        if (!(r.setting >= 0 && r.setting <= 100))
            return fault(words("roller setting %1", r.setting), words("must lie between 0 and 100"));
        if (!(r.thickness_mm >= 0.1 && r.thickness_mm <= 50))
            return fault(words("rolled sheet %1 mm", r.thickness_mm), words("must lie between 0.1 and 50 mm"));
    }
    if (s.breaks.size() > 2000) return fault(words("%1 break tests", s.breaks.size()), words("are more than 2000"));
    for (const BreakTest& t : s.breaks)
        if (const auto sound = makeBreakTest(t); !sound) return sound.fault();
    if (s.oven.readings < 0 || !(std::abs(s.oven.offset_C) <= 400) || !(s.oven.swing_C >= 0 && s.oven.swing_C <= 400))
        return fault(words("oven log"), words("must have an offset within 400 C and a swing of 0 to 400 C"));
    return s;
}

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
