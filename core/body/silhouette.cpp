#include "body/silhouette.h"
#include <algorithm>
#include <array>
#include <cmath>

namespace enkinet::body {

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
                                  const std::vector<double>& shares, int threshold, double most) {
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
        const auto reach = [&](double side) {
            double before = picture.at(x, y);
            for (double d = kStep; d <= most; d += kStep) {
                const double here = picture.at(x + side * d * nx, y + side * d * ny);
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
