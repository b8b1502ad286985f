#include "paint/relief.h"
#include "base/units.h"
#include "paint/film.h"
#include <algorithm>
#include <cmath>
#include <numeric>

namespace enkinet::paint {

namespace {
constexpr int kLevels = 64;

/// The same number for the same two, evenly between 0 and 1.
double scatter(int i, int j) {
    auto x = static_cast<std::uint32_t>(i) * 374761393u + static_cast<std::uint32_t>(j) * 668265263u;
    x = (x ^ (x >> 13)) * 1274126177u;
    return static_cast<double>((x ^ (x >> 16)) & 0xFFFF) / 65535.0;
}

double heightAt(const Relief& r, double x, double y) {
    const double p = r.pitch_mm, u = x / p, v = y / p;
    switch (r.texture) {
    case Texture::smooth:
        return 0;
    case Texture::folds: {
        // Creases narrower than what lies between them.
        const double wave =
            std::cos(2 * kPi * (v + 0.22 * std::sin(2 * kPi * u / 2.7) + 0.09 * std::sin(2 * kPi * u / 1.1)));
        return r.depth_mm * (0.5 - std::pow(0.5 - 0.5 * wave, 3));
    }
    case Texture::scales: {
        const int row = static_cast<int>(std::floor(v * 1.6));
        const double shift = row % 2 == 0 ? 0 : 0.5, a = u + shift - std::floor(u + shift) - 0.5;
        const double b = v * 1.6 - row;
        // Each rises from under the one above to a rounded edge.
        return r.depth_mm * (std::max(0.0, 1 - 3.2 * a * a) * b - 0.5);
    }
    case Texture::hair: {
        const double wave = u + 0.15 * std::sin(2 * kPi * v / 5) + 0.2 * scatter(static_cast<int>(std::floor(u)), 3);
        return 0.5 * r.depth_mm * std::cos(2 * kPi * wave);
    }
    case Texture::pores: {
        const int i = static_cast<int>(std::floor(u)), j = static_cast<int>(std::floor(v));
        double h = 0;
        for (int di = -1; di <= 1; ++di)
            for (int dj = -1; dj <= 1; ++dj) {
                const double cx = i + di + 0.2 + 0.6 * scatter(i + di, j + dj),
                             cy = j + dj + 0.2 + 0.6 * scatter(j + dj, i + di + 7);
                const double d2 = (u - cx) * (u - cx) + (v - cy) * (v - cy);
                h -= std::exp(-d2 / 0.035);
            }
        return r.depth_mm * (h + 0.15);
    }
    }
    return 0;
}
} // namespace

std::vector<double> calcHeights(const Relief& relief, int n, double side_mm) {
    std::vector<double> h(static_cast<std::size_t>(n) * static_cast<std::size_t>(n));
    for (int j = 0; j < n; ++j)
        for (int i = 0; i < n; ++i)
            h[static_cast<std::size_t>(j) * static_cast<std::size_t>(n) + static_cast<std::size_t>(i)] =
                heightAt(relief, side_mm * (i + 0.5) / n, side_mm * (j + 0.5) / n);
    const double mean = std::accumulate(h.begin(), h.end(), 0.0) / static_cast<double>(h.size());
    for (double& x : h)
        x -= mean;
    return h;
}

std::vector<double> calcPooled(const std::vector<double>& heights, double share, bool low) {
    std::vector<double> film(heights.size());
    double sum = 0;
    for (std::size_t i = 0; i < heights.size(); ++i)
        sum += film[i] = std::max(0.0, low ? -heights[i] : heights[i]);
    if (!(sum > 1e-9 * static_cast<double>(heights.size()))) return std::vector<double>(heights.size(), share);
    for (double& f : film)
        f *= share * static_cast<double>(heights.size()) / sum;
    return film;
}

Result<ReliefPatch> calcReliefPatch(const Scheme& scheme, const std::vector<PaintCard>& shelf, const std::string& clay,
                                    int n, double side_mm, const Coat& place) {
    const auto ground = parseHex(clay);
    if (!ground) return ground.fault();
    const std::vector<double> heights = calcHeights(scheme.relief, n, side_mm);
    const auto [least, most] = std::minmax_element(heights.begin(), heights.end());
    const double low = *least, span = *most - *least;
    const bool flat = !(span > 1e-9);
    const int levels = flat ? 1 : kLevels;
    const auto levelOf = [&](double h) {
        return flat ? 0 : std::min(levels - 1, static_cast<int>((h - low) / span * levels));
    };
    // Film is by height alone: worked out once a level, at the mean height of what lies in it.
    std::vector<double> count(static_cast<std::size_t>(levels)), mean(static_cast<std::size_t>(levels));
    for (double h : heights)
        count[static_cast<std::size_t>(levelOf(h))] += 1, mean[static_cast<std::size_t>(levelOf(h))] += h;
    std::vector<Reflectance> at(static_cast<std::size_t>(levels), calcReflectance(*ground));
    for (const Coat& coat : scheme.coats) {
        const auto card =
            std::find_if(shelf.begin(), shelf.end(), [&](const PaintCard& c) { return c.id == coat.paint; });
        if (card == shelf.end())
            return Fault{words("scheme %1", scheme.id), words("paint %1", coat.paint), words("is not on the shelf")};
        if (coat.role == Role::varnish) continue;
        const bool inLow = coat.zone == Zone::recess, onHigh = coat.zone == Zone::ridge;
        if (!inLow && !onHigh && !liesUnder(coat, place)) continue;
        const auto colour = parseHex(card->colour);
        if (!colour) return colour.fault();
        const Reflectance paint = calcReflectance(*colour);
        const double power = calcPower(paint, card->opacity);
        const bool wash = coat.role == Role::wash, dry = coat.role == Role::dry_brush;
        if (!wash && !dry) {
            const int coats = calcCoats(at[static_cast<std::size_t>(levels) / 2], paint, card->opacity);
            for (std::size_t k = 0; k < at.size(); ++k) {
                // Laid by hand into what lies low, or onto what stands high.
                const double height = count[k] > 0 ? mean[k] / count[k] : 0;
                if (!flat && ((inLow && height >= 0) || (onHigh && height <= 0))) continue;
                at[k] = calcShotWear(at[k], paint, power * coats);
            }
            continue;
        }
        const std::vector<double> film = calcPooled(heights, (wash ? kWashShare : kDryBrushShare) * coat.amount, wash);
        std::vector<double> thick(static_cast<std::size_t>(levels));
        for (std::size_t i = 0; i < heights.size(); ++i)
            thick[static_cast<std::size_t>(levelOf(heights[i]))] += film[i];
        for (std::size_t k = 0; k < at.size(); ++k)
            if (count[k] > 0) at[k] = calcShotWear(at[k], paint, power * thick[k] / count[k]);
    }
    std::vector<Rgb> colours;
    for (const Reflectance& r : at)
        colours.push_back(toRgb(r));
    ReliefPatch patch;
    patch.n = n;
    patch.seen.resize(heights.size());
    const auto height = [&](int i, int j) {
        const auto wrap = [&](int k) { return static_cast<std::size_t>((k + n) % n); };
        return heights[wrap(j) * static_cast<std::size_t>(n) + wrap(i)];
    };
    // A lamp from above and the left.
    constexpr double kLx = -0.42, kLy = -0.5, kLz = 0.757, kAmbient = 0.35;
    const double cell = side_mm / n;
    for (int j = 0; j < n; ++j)
        for (int i = 0; i < n; ++i) {
            const double gx = (height(i + 1, j) - height(i - 1, j)) / (2 * cell),
                         gy = (height(i, j + 1) - height(i, j - 1)) / (2 * cell);
            const double lit = std::max(0.0, (-gx * kLx - gy * kLy + kLz) / std::sqrt(1 + gx * gx + gy * gy)) / kLz;
            const double light = kAmbient + (1 - kAmbient) * lit;
            const Rgb& c = colours[static_cast<std::size_t>(levelOf(height(i, j)))];
            patch.seen[static_cast<std::size_t>(j) * static_cast<std::size_t>(n) + static_cast<std::size_t>(i)] = {
                c.r * light, c.g * light, c.b * light};
        }
    std::vector<double> sorted = heights;
    std::sort(sorted.begin(), sorted.end());
    const auto tone = [&](double from, double to) {
        Rgb sum;
        const auto a = static_cast<std::size_t>(from * static_cast<double>(sorted.size())),
                   b = std::max(a + 1, static_cast<std::size_t>(to * static_cast<double>(sorted.size())));
        for (std::size_t i = a; i < b; ++i) {
            const Rgb& c = colours[static_cast<std::size_t>(levelOf(sorted[i]))];
            sum.r += c.r, sum.g += c.g, sum.b += c.b;
        }
        const auto k = static_cast<double>(b - a);
        return Rgb{sum.r / k, sum.g / k, sum.b / k};
    };
    Tones& t = patch.tones;
    t.recess = tone(0, 0.1), t.body = tone(0.45, 0.55), t.ridge = tone(0.9, 1);
    t.recessOff = calcDeltaE2000(toLab(t.recess), toLab(t.body));
    t.ridgeOff = calcDeltaE2000(toLab(t.ridge), toLab(t.body));
    return patch;
}

} // namespace enkinet::paint
