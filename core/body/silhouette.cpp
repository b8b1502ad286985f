#include "body/silhouette.h"
#include <algorithm>
#include <array>
#include <cmath>
#include <map>
#include <set>
#include <tuple>

namespace enkinet::body {

namespace {

/// Pixels from a point to a bone.
double distanceTo(const Neighbour& n, const PicturePoint& p) {
    const double dx = n.to.x - n.from.x, dy = n.to.y - n.from.y, all = dx * dx + dy * dy;
    const double t = all > 0 ? std::clamp(((p.x - n.from.x) * dx + (p.y - n.from.y) * dy) / all, 0.0, 1.0) : 0;
    return std::hypot(p.x - n.from.x - t * dx, p.y - n.from.y - t * dy);
}

/// A segment as it lies in a picture; a mirrored limb has two.
struct Bone {
    int limb, segment;
    PicturePoint from, to;
    bool twin = false;
    double half = 0; ///< pixels: what its body reaches on its free side; 0: not known
};

} // namespace

double GreyPicture::at(double x, double y) const {
    const double u = x - 0.5, v = y - 0.5;
    const int i = static_cast<int>(std::floor(u)), j = static_cast<int>(std::floor(v));
    const double s = u - i, t = v - j;
    const auto pixel = [&](int a, int b) {
        if (a < 0 || b < 0 || a >= width || b >= height) return 255.0;
        return static_cast<double>(
            pixels[static_cast<std::size_t>(b) * static_cast<std::size_t>(width) + static_cast<std::size_t>(a)]);
    };
    return (1 - t) * ((1 - s) * pixel(i, j) + s * pixel(i + 1, j)) +
           t * ((1 - s) * pixel(i, j + 1) + s * pixel(i + 1, j + 1));
}

std::vector<ReadWidth> calcWidths(const GreyPicture& picture, PicturePoint from, PicturePoint to,
                                  const std::vector<double>& shares, int threshold, double most,
                                  const std::vector<Neighbour>& neighbours) {
    std::vector<ReadWidth> all;
    const double dx = to.x - from.x, dy = to.y - from.y, length = std::hypot(dx, dy);
    if (length <= 0) return all;
    const double nx = dy / length, ny = -dx / length; // to the left of the way from -> to, y down
    constexpr double kStep = 0.25;
    for (double share : shares) {
        ReadWidth w;
        w.at = share;
        const double x = from.x + share * dx, y = from.y + share * dy;
        w.onFigure = picture.at(x, y) < threshold;
        // Bones whose bodies the axis itself does not lie in.
        std::vector<std::size_t> beside;
        for (std::size_t k = 0; w.onFigure && k < neighbours.size(); ++k)
            if (distanceTo(neighbours[k], {x, y}) > neighbours[k].half) beside.push_back(k);
        const auto reach = [&](double side) {
            double before = picture.at(x, y);
            for (double d = kStep; d <= most; d += kStep) {
                const double here = picture.at(x + side * d * nx, y + side * d * ny);
                // What another bone's body is known to reach is the other's.
                if (here < threshold)
                    for (std::size_t k : beside) {
                        const Neighbour& n = neighbours[k];
                        const double off = distanceTo(n, {x + side * d * nx, y + side * d * ny});
                        if (off >= n.half) continue;
                        w.neighbour = static_cast<int>(k);
                        return d - std::min(kStep, n.half - off);
                    }
                if (here >= threshold) {
                    // A second piece of the figure close by is a hole or an overlap.
                    for (double e = d + 1; e < std::min(most, d + std::max(12.0, d / 3)); e += kStep)
                        if (picture.at(x + side * e * nx, y + side * e * ny) < threshold) w.hole = true;
                    const double px = x + side * d * nx, py = y + side * d * ny;
                    if (px < 0.5 || py < 0.5 || px > picture.width - 0.5 || py > picture.height - 0.5) w.clipped = true;
                    return d - kStep * (here - threshold) / std::max(1e-9, here - before);
                }
                before = here;
            }
            w.clipped = true;
            return most;
        };
        if (w.onFigure) w.left = reach(1), w.right = reach(-1);
        all.push_back(w);
    }
    return all;
}

PicturePoint findPixel(const Picture& p, double x, double y) {
    // The corner, then turned against the clock: undo both.
    const double dx = x - p.x_mm, dy = p.y_mm - y, c = std::cos(p.angle_rad), s = std::sin(p.angle_rad);
    return {(dx * c - dy * s) / p.mm_px, (dx * s + dy * c) / p.mm_px};
}

ReadBody readBody(const Puppet& puppet, const PlacedPicture& front, const PlacedPicture& side, int threshold,
                  const std::function<bool(int, int)>& wanted) {
    const std::vector<double> shares{0.0, 0.25, 0.5, 0.75, 1.0};
    constexpr double kSpike = 0.6; ///< of the usual half-width
    constexpr double kWidest = 0.3, kShortest_px = 2, kThinnest_mm = 0.3;
    ReadBody body;
    // By limb and segment: half-widths of the front, then of the side; 0: says nothing.
    std::map<std::pair<int, int>, std::array<std::vector<double>, 2>> halves;
    for (const bool sideways : {false, true}) {
        const PlacedPicture& view = sideways ? side : front;
        if (!view.grey) continue;
        const double most = kWidest * puppet.height_mm / view.placed.mm_px;
        std::vector<Bone> bones;
        for (std::size_t i = 0; i < puppet.limbs.size(); ++i)
            for (std::size_t k = 0; k < puppet.limbs[i].segments.size(); ++k) {
                const Limb& l = puppet.limbs[i];
                const auto at = [&](const Vec3& p, bool twin) {
                    return findPixel(view.placed, sideways ? p.z : twin ? -p.x : p.x, p.y);
                };
                for (int twin = 0; twin < (l.mirrored && !sideways ? 2 : 1); ++twin) {
                    Bone b{static_cast<int>(i), static_cast<int>(k), at(l.joints[k].at_mm, twin == 1),
                           at(l.joints[k + 1].at_mm, twin == 1), twin == 1};
                    // Its own reach: on the side where nothing touches it.
                    std::vector<double> free;
                    for (const ReadWidth& w : calcWidths(*view.grey, b.from, b.to, {0.25, 0.5, 0.75}, threshold, most))
                        if (w.onFigure && std::min(w.left, w.right) < most) free.push_back(std::min(w.left, w.right));
                    std::sort(free.begin(), free.end());
                    if (!free.empty()) b.half = free[free.size() / 2];
                    bones.push_back(b);
                }
            }
        std::set<std::pair<int, int>> read;
        for (const Bone& b : bones) {
            const std::pair key{b.limb, b.segment};
            if (!wanted(b.limb, b.segment) || !read.insert(key).second ||
                std::hypot(b.to.x - b.from.x, b.to.y - b.from.y) < kShortest_px)
                continue;
            std::vector<Neighbour> neighbours;
            std::vector<std::pair<int, int>> names;
            for (const Bone& o : bones) {
                // What continues it is no neighbour; its own twin is one.
                if (&o == &b || o.half <= 0 || (o.limb == b.limb && !o.twin && std::abs(o.segment - b.segment) <= 1))
                    continue;
                neighbours.push_back({o.from, o.to, o.half});
                names.emplace_back(o.limb, o.segment);
            }
            const auto widths = calcWidths(*view.grey, b.from, b.to, shares, threshold, most, neighbours);
            auto& half = halves[key][sideways ? 1 : 0];
            // What a neighbour cut short on one side says little: where it is a spike against the rest it says nothing.
            std::vector<double> free;
            for (const ReadWidth& w : widths)
                if (w.onFigure && !w.clipped && w.neighbour < 0) free.push_back(w.half());
            std::sort(free.begin(), free.end());
            const double usual = free.empty() ? 0 : free[free.size() / 2];
            const Joint &near =
                            puppet.limbs[static_cast<std::size_t>(b.limb)].joints[static_cast<std::size_t>(b.segment)],
                        &far = puppet.limbs[static_cast<std::size_t>(b.limb)]
                                   .joints[static_cast<std::size_t>(b.segment) + 1];
            const Vec3 along = far.at_mm - near.at_mm;
            const double across = sideways ? along.z : along.x, level = std::hypot(across, along.y);
            for (const ReadWidth& w : widths) {
                double mm = w.onFigure && !w.clipped ? w.half() * view.placed.mm_px : 0;
                if (w.neighbour >= 0 && w.half() < kSpike * usual) mm = 0;
                // Nothing of a figure lies under the floor that it stands on.
                const double high = near.at_mm.y + w.at * along.y, up = level > 0 ? std::abs(across) / level : 0;
                if (mm > 0 && up > 0.5 && high > 0) mm = std::min(mm, std::max(kThinnest_mm, high / up));
                half.push_back(mm);
                WidthDoubt doubt{b.limb, b.segment, w.at, sideways, {}, -1, -1};
                using Why = WidthDoubt::Why;
                if (!w.onFigure)
                    doubt.why = Why::off_figure;
                else if (w.clipped)
                    doubt.why = Why::border;
                else if (w.neighbour >= 0)
                    doubt.why = Why::neighbour,
                    std::tie(doubt.otherLimb, doubt.otherSegment) = names[static_cast<std::size_t>(w.neighbour)];
                else if (w.hole)
                    doubt.why = Why::hole;
                else
                    continue;
                body.doubts.push_back(doubt);
            }
        }
    }
    for (auto& [key, views] : halves) {
        ReadPart part{key.first, key.second, {}};
        for (std::size_t n = 0; n < shares.size(); ++n) {
            const double f = n < views[0].size() ? views[0][n] : 0, s = n < views[1].size() ? views[1][n] : 0;
            if (f <= 0 && s <= 0) continue;
            // A view that says nothing follows the other, round.
            part.stations.push_back(
                {shares[n], std::max(kThinnest_mm, f > 0 ? f : s), std::max(kThinnest_mm, s > 0 ? s : f)});
        }
        if (part.stations.size() < 2) continue;
        part.stations.front().at = 0, part.stations.back().at = 1;
        body.parts.push_back(std::move(part));
    }
    return body;
}

int findThreshold(const GreyPicture& picture) {
    std::array<double, 256> histogram{};
    for (std::uint8_t p : picture.pixels)
        ++histogram[p];
    double total = 0, sum = 0;
    for (std::size_t i = 0; i < 256; ++i)
        total += histogram[i], sum += static_cast<double>(i) * histogram[i];
    double below = 0, sumBelow = 0, best = -1;
    int first = 128, last = 128;
    for (int i = 0; i < 255; ++i) {
        below += histogram[static_cast<std::size_t>(i)], sumBelow += i * histogram[static_cast<std::size_t>(i)];
        if (below == 0 || below == total) continue;
        const double gap = sumBelow / below - (sum - sumBelow) / (total - below);
        const double between = below * (total - below) * gap * gap;
        if (between > best * (1 + 1e-12))
            best = between, first = last = i;
        else if (between >= best * (1 - 1e-12))
            last = i;
    }
    // Between two clear tones every level does: the middle is the least sensitive.
    return (first + last) / 2 + 1;
}

} // namespace enkinet::body
