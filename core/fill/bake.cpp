#include "fill/bake.h"
#include "base/rules.h"
#include "base/text.h"
#include "base/units.h"
#include <algorithm>
#include <cmath>
#include <limits>

namespace enkinet::fill {

namespace {

/// Cells of core and clay from the middle outwards, per m² of face, radian and metre of length, or steradian.
struct Cells {
    std::vector<double> capacity;    ///< J/K
    std::vector<double> conductance; ///< W/K to the next cell outwards; the last one to the surface itself
    std::vector<double> inner;       ///< inner radius, m
    int firstClay = 0;
    double toInterfaceFromCore = 0, toInterfaceFromClay = 0; ///< W/K from the cell centres to the boundary core-clay
    double surfaceArea = 0;
};

Cells makeCells(const BakeSetup& s) {
    Cells c;
    const double rc = s.core_mm / 1000, R = rc + s.thickness_mm / 1000;
    constexpr int kAcross = 60;
    const int coarse = rc > 0 ? std::clamp(static_cast<int>(kAcross * rc / R), 12, 48) : 0;
    const int nCore = coarse * s.refine, nClay = (kAcross - std::min(coarse, 40)) * s.refine;
    const int m = static_cast<int>(s.shape); // power of the radius that the area goes with
    const auto volume = [&](double a, double b) { return (std::pow(b, m + 1) - std::pow(a, m + 1)) / (m + 1); };
    /// W/K from radius a out to b, for a conductivity of 1.
    const auto between = [&](double a, double b) {
        return m == 0 ? 1 / (b - a) : m == 1 ? 1 / std::log(b / a) : 1 / (1 / a - 1 / b);
    };
    std::vector<double> edges;
    for (int i = 0; i <= nCore; ++i)
        edges.push_back(nCore ? rc * i / nCore : 0);
    for (int i = 1; i <= nClay; ++i)
        edges.push_back(rc + (R - rc) * i / nClay);
    c.firstClay = nCore;
    const auto n = edges.size() - 1;
    const auto heat = [&](std::size_t i) -> const Heat& { return static_cast<int>(i) < nCore ? s.core : s.clay; };
    const auto centre = [&](std::size_t i) { return (edges[i] + edges[i + 1]) / 2; };
    for (std::size_t i = 0; i < n; ++i) {
        c.inner.push_back(edges[i]);
        c.capacity.push_back(heat(i).density_kg_m3 * heat(i).heat_J_kgK * volume(edges[i], edges[i + 1]));
        const double outward = heat(i).conductivity_W_mK * between(centre(i), edges[i + 1]);
        if (i + 1 < n) {
            const double inward = heat(i + 1).conductivity_W_mK * between(edges[i + 1], centre(i + 1));
            c.conductance.push_back(outward * inward / (outward + inward));
            if (static_cast<int>(i) + 1 == nCore) c.toInterfaceFromCore = outward, c.toInterfaceFromClay = inward;
        } else {
            c.conductance.push_back(outward);
        }
    }
    c.surfaceArea = std::pow(R, m);
    return c;
}

} // namespace

Result<BakeCurve> calcBake(const BakeSetup& s, double target_C, double minutes) {
    if (auto f = findBeyond(words("bake"),
                            {{words("thickness"), s.thickness_mm, 0.1, 500, Dimension::length},
                             {words("core"), s.core_mm, 0, 500, Dimension::length},
                             {words("surface"), s.surface_W_m2K, 0.1, 1000, Dimension::transfer},
                             {words("oven"), s.oven_C, -50, 400, Dimension::heat},
                             {words("start"), s.start_C, -50, 400, Dimension::heat},
                             {words("refine"), static_cast<double>(s.refine), 1, 16},
                             {words("minutes"), minutes, 0.01, 2880},
                             {words("core density"), s.core.density_kg_m3 / 1000, 0.001, 20, Dimension::density},
                             {words("target"), target_C, -50, 400, Dimension::heat}}))
        return *f;

    const Cells c = makeCells(s);
    const std::size_t n = c.capacity.size();
    // The outermost cell sees the air through half a cell of clay and the surface film in series.
    const double film = s.surface_W_m2K * c.surfaceArea, toSurface = c.conductance.back();
    const double toAir = film * toSurface / (film + toSurface);

    std::vector<double> T(n, s.start_C), diagonal(n), upper(n), right(n), factor(n), inverse(n);
    const auto surface = [&] { return (film * s.oven_C + toSurface * T[n - 1]) / (film + toSurface); };
    const auto innermost = [&] {
        const auto i = static_cast<std::size_t>(c.firstClay);
        if (i == 0) return T[0] + (T[0] - T[1]) / 8; // parabola with a flat top through two cell centres
        return (c.toInterfaceFromCore * T[i - 1] + c.toInterfaceFromClay * T[i]) /
               (c.toInterfaceFromCore + c.toInterfaceFromClay);
    };
    BakeCurve curve;
    curve.reached_min = std::numeric_limits<double>::quiet_NaN();
    const auto note = [&](double t) {
        curve.minutes.push_back(t);
        curve.innermost_C.push_back(innermost());
        curve.surface_C.push_back(surface());
    };
    note(0);

    // A step's matrix changes with its length only, which it seldom does: eliminated once, used many times.
    double madeFor = 0, madeWith = 0;
    const auto eliminate = [&](double dt, double theta) {
        if (dt == madeFor && theta == madeWith) return;
        madeFor = dt, madeWith = theta;
        for (std::size_t i = 0; i < n; ++i) {
            const double in = i > 0 ? c.conductance[i - 1] : 0, out = i + 1 < n ? c.conductance[i] : toAir;
            diagonal[i] = c.capacity[i] / dt + theta * (in + out);
            upper[i] = i + 1 < n ? -theta * out : 0;
            factor[i] = i > 0 ? upper[i - 1] / diagonal[i - 1] : 0;
            if (i > 0) diagonal[i] -= factor[i] * upper[i - 1];
            inverse[i] = 1 / diagonal[i];
        }
    };
    const auto step = [&](double dt, double theta) {
        eliminate(dt, theta);
        const double perStep = 1 / dt;
        const double flowBefore = toAir * (s.oven_C - T[n - 1]);
        for (std::size_t i = 0; i < n; ++i) {
            const double in = i > 0 ? c.conductance[i - 1] : 0, out = i + 1 < n ? c.conductance[i] : toAir;
            const double left = i > 0 ? T[i - 1] : T[i], outer = i + 1 < n ? T[i + 1] : s.oven_C;
            right[i] = c.capacity[i] * perStep * T[i] + (1 - theta) * (in * (left - T[i]) + out * (outer - T[i])) +
                       (i + 1 == n ? theta * out * s.oven_C : 0);
        }
        for (std::size_t i = 1; i < n; ++i)
            right[i] -= factor[i] * right[i - 1];
        T[n - 1] = right[n - 1] * inverse[n - 1];
        for (std::size_t i = n - 1; i-- > 0;)
            T[i] = (right[i] - upper[i] * T[i + 1]) * inverse[i];
        curve.absorbed_J += dt * (theta * toAir * (s.oven_C - T[n - 1]) + (1 - theta) * flowBefore);
    };
    // A few small fully implicit steps damp the jump at the start, then Crank-Nicolson.
    const double dt_min = std::clamp(minutes / 600, 0.005, 0.25) / s.refine;
    double t = 0;
    for (int i = 0; t < minutes - 1e-9; ++i) {
        const double dt = std::min(i < 4 ? dt_min / 2 : dt_min, minutes - t);
        const double before = curve.innermost_C.back();
        step(dt * 60, i < 4 ? 1.0 : 0.5);
        t += dt;
        note(t);
        const double now = curve.innermost_C.back();
        if (std::isnan(curve.reached_min) && (now - target_C) * (s.oven_C - s.start_C) >= 0)
            curve.reached_min = now == before ? t : t - dt * (now - target_C) / (now - before);
    }
    for (std::size_t i = 0; i < n; ++i)
        curve.stored_J += c.capacity[i] * (T[i] - s.start_C);
    return curve;
}

} // namespace enkinet::fill
