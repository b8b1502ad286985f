#include "body/silhouette.h"
#include <algorithm>
#include <array>
#include <cmath>
#include <map>
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

namespace {

const std::vector<double> kShares{0.0, 0.25, 0.5, 0.75, 1.0};
constexpr double kSpike = 0.6; ///< of the usual half-width
constexpr double kWidest = 0.3, kShortest_px = 2, kThinnest_mm = 0.3;

double middleOf(std::vector<double> all) {
    std::sort(all.begin(), all.end());
    return all.empty() ? 0 : all[all.size() / 2];
}

/// One picture of a puppet: where its bones lie in it, and how wide it is beside each.
class View {
public:
    View(const Puppet& puppet, const PlacedPicture& picture, bool sideways, int threshold)
        : m_puppet(puppet), m_picture(picture), m_sideways(sideways), m_threshold(threshold),
          m_most(kWidest * puppet.height_mm / picture.placed.mm_px) {
        for (std::size_t i = 0; i < puppet.limbs.size(); ++i)
            for (std::size_t k = 0; k < puppet.limbs[i].segments.size(); ++k)
                for (int twin = 0; twin < (puppet.limbs[i].mirrored && !sideways ? 2 : 1); ++twin)
                    m_bones.push_back(findBone(static_cast<int>(i), static_cast<int>(k), twin == 1));
    }

    /// Half-widths in mm by share, 0 where it says nothing; what is doubtful is added to `doubts`. Nothing for a bone
    /// that is seen end on.
    std::vector<double> read(int limb, int segment, std::vector<WidthDoubt>& doubts) const {
        const auto it = std::find_if(m_bones.begin(), m_bones.end(),
                                     [&](const Bone& b) { return b.limb == limb && b.segment == segment; });
        const Bone& b = *it;
        if (std::hypot(b.to.x - b.from.x, b.to.y - b.from.y) < kShortest_px) return {};
        std::vector<Neighbour> neighbours;
        std::vector<std::pair<int, int>> names;
        for (const Bone& o : m_bones) {
            // What continues it is no neighbour; its own twin is one.
            if (&o == &b || o.half <= 0 || (o.limb == b.limb && !o.twin && std::abs(o.segment - b.segment) <= 1))
                continue;
            neighbours.push_back({o.from, o.to, o.half});
            names.emplace_back(o.limb, o.segment);
        }
        const auto widths = calcWidths(*m_picture.grey, b.from, b.to, kShares, m_threshold, m_most, neighbours);
        // What a neighbour cut short on one side says little: where it is a spike against the rest it says nothing.
        std::vector<double> free;
        for (const ReadWidth& w : widths)
            if (w.onFigure && !w.clipped && w.neighbour < 0) free.push_back(w.half());
        const double usual = middleOf(std::move(free));
        std::vector<double> half;
        for (const ReadWidth& w : widths) {
            const bool isSpike = w.neighbour >= 0 && w.half() < kSpike * usual;
            half.push_back(w.onFigure && !w.clipped && !isSpike ? aboveFloor(b, w) : 0);
            if (auto doubt = findDoubt(b, w, names)) doubts.push_back(*doubt);
        }
        return half;
    }

private:
    Bone findBone(int limb, int segment, bool twin) const {
        const auto at = [&](const Vec3& p) {
            return findPixel(m_picture.placed, m_sideways ? p.z : twin ? -p.x : p.x, p.y);
        };
        const auto [near, far] = endsOf(limb, segment);
        Bone b{limb, segment, at(near), at(far), twin};
        // Its own reach: on the side where nothing touches it.
        std::vector<double> free;
        for (const ReadWidth& w : calcWidths(*m_picture.grey, b.from, b.to, {0.25, 0.5, 0.75}, m_threshold, m_most))
            if (w.onFigure && std::min(w.left, w.right) < m_most) free.push_back(std::min(w.left, w.right));
        b.half = middleOf(std::move(free));
        return b;
    }
    std::pair<Vec3, Vec3> endsOf(int limb, int segment) const {
        const auto& joints = m_puppet.limbs[static_cast<std::size_t>(limb)].joints;
        const auto k = static_cast<std::size_t>(segment);
        return {joints[k].at_mm, joints[k + 1].at_mm};
    }
    /// Nothing of a figure lies under the floor that it stands on.
    double aboveFloor(const Bone& b, const ReadWidth& w) const {
        const auto [near, far] = endsOf(b.limb, b.segment);
        const Vec3 along = far - near;
        const double across = m_sideways ? along.z : along.x, level = std::hypot(across, along.y);
        const double high = near.y + w.at * along.y, up = level > 0 ? std::abs(across) / level : 0;
        const double mm = w.half() * m_picture.placed.mm_px;
        return mm > 0 && up > 0.5 && high > 0 ? std::min(mm, std::max(kThinnest_mm, high / up)) : mm;
    }
    std::optional<WidthDoubt> findDoubt(const Bone& b, const ReadWidth& w,
                                        const std::vector<std::pair<int, int>>& names) const {
        using Why = WidthDoubt::Why;
        WidthDoubt doubt{b.limb, b.segment, w.at, m_sideways, {}, -1, -1};
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
            return {};
        return doubt;
    }

    const Puppet& m_puppet;
    const PlacedPicture& m_picture;
    bool m_sideways;
    int m_threshold;
    double m_most; ///< pixels that a body reaches at most
    std::vector<Bone> m_bones;
};

/// Both views of a segment as sections; fewer than two: nothing was read.
std::vector<Section> mergeViews(const std::vector<double>& front, const std::vector<double>& side) {
    std::vector<Section> sections;
    for (std::size_t n = 0; n < kShares.size(); ++n) {
        const double f = n < front.size() ? front[n] : 0, s = n < side.size() ? side[n] : 0;
        if (f <= 0 && s <= 0) continue;
        // A view that says nothing follows the other, round.
        sections.push_back({kShares[n], std::max(kThinnest_mm, f > 0 ? f : s), std::max(kThinnest_mm, s > 0 ? s : f)});
    }
    if (sections.size() >= 2) sections.front().at = 0, sections.back().at = 1;
    return sections;
}

} // namespace

ReadBody readBody(const Puppet& puppet, const PlacedPicture& front, const PlacedPicture& side, int threshold,
                  const std::function<bool(int, int)>& wanted) {
    ReadBody body;
    // By limb and segment: half-widths of the front, then of the side.
    std::map<std::pair<int, int>, std::array<std::vector<double>, 2>> halves;
    for (const bool sideways : {false, true}) {
        const PlacedPicture& picture = sideways ? side : front;
        if (!picture.grey) continue;
        const View view(puppet, picture, sideways, threshold);
        for (int i = 0; i < static_cast<int>(puppet.limbs.size()); ++i)
            for (int k = 0; k < static_cast<int>(puppet.limbs[static_cast<std::size_t>(i)].segments.size()); ++k)
                if (wanted(i, k)) halves[{i, k}][sideways ? 1 : 0] = view.read(i, k, body.doubts);
    }
    for (const auto& [key, views] : halves)
        if (auto sections = mergeViews(views[0], views[1]); sections.size() >= 2)
            body.parts.push_back({key.first, key.second, std::move(sections)});
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
