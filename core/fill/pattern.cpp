#include "fill/pattern.h"
#include "base/check.h"
#include "base/units.h"
#include <algorithm>
#include <cmath>

namespace enkinet::fill {

using namespace body;

namespace {

constexpr int kStrips = 96;

double apart(const FlatPoint& a, const FlatPoint& b) { return std::hypot(a.x - b.x, a.y - b.y); }

/// The point at given distances from two others, on the wished side of the line from a to b.
FlatPoint meet(const FlatPoint& a, double fromA, const FlatPoint& b, double fromB, double side) {
    const double d = std::max(1e-12, apart(a, b));
    const double u = (d * d + fromA * fromA - fromB * fromB) / (2 * d);
    const double h = std::sqrt(std::max(0.0, fromA * fromA - u * u)) * side;
    const double ex = (b.x - a.x) / d, ey = (b.y - a.y) / d;
    return {a.x + u * ex + h * ey, a.y + u * ey - h * ex};
}

struct Ring {
    std::vector<FlatPoint> low, high; ///< from the left seam to the right one
};

/// Unrolls the ruled ring between two closed curves, its middle edge upright at x 0.
Ring unroll(const std::vector<Vec3>& low, const std::vector<Vec3>& high) {
    const std::size_t n = low.size(), m = n / 2;
    Ring r{std::vector<FlatPoint>(n), std::vector<FlatPoint>(n)};
    r.low[m] = {0, 0}, r.high[m] = {0, norm(high[m] - low[m])};
    const auto walk = [&](int way, double side) {
        for (std::size_t k = m; way > 0 ? k + 1 < n : k > 0; k = static_cast<std::size_t>(static_cast<long>(k) + way)) {
            const auto next = static_cast<std::size_t>(static_cast<long>(k) + way);
            // The next point below from the edge that is there, then the one above from the new diagonal.
            r.low[next] = meet(r.low[k], norm(low[next] - low[k]), r.high[k], norm(low[next] - high[k]), side);
            r.high[next] = meet(r.low[next], norm(high[next] - low[next]), r.high[k], norm(high[next] - high[k]), side);
        }
    };
    walk(1, 1);
    walk(-1, -1);
    return r;
}

double lengthOf(const std::vector<FlatPoint>& line) {
    double sum = 0;
    for (std::size_t i = 1; i < line.size(); ++i)
        sum += apart(line[i - 1], line[i]);
    return sum;
}

void finish(Pattern& p) {
    p.area_mm2 = p.exact ? p.area_mm2 : findArea(p.outline);
    p.cut = offset(p.outline, kSeamAllowance_mm);
}

} // namespace

double calcGirth(double a, double b) {
    a = std::abs(a), b = std::abs(b);
    if (a + b <= 0) return 0;
    if (std::min(a, b) <= 1e-9 * std::max(a, b)) return 4 * std::max(a, b);
    // pi (a + b) times the series in h = ((a-b)/(a+b))^2, by the arithmetic-geometric mean.
    double x = 1, y = std::min(a, b) / std::max(a, b), sum = 1 - y * y, power = 1, total = sum / 2;
    for (int i = 0; i < 40 && std::abs(x - y) > 1e-17; ++i) {
        const double c = (x - y) / 2, mean = (x + y) / 2;
        y = std::sqrt(x * y), x = mean;
        total += power * c * c;
        power *= 2;
    }
    return 4 * std::max(a, b) * kPi / (2 * x) * (1 - total);
}

double findArea(const std::vector<FlatPoint>& o) {
    double twice = 0;
    for (std::size_t i = 0; i < o.size(); ++i) {
        const FlatPoint &a = o[i], &b = o[(i + 1) % o.size()];
        twice += a.x * b.y - b.x * a.y;
    }
    return std::abs(twice) / 2;
}

std::vector<FlatPoint> offset(const std::vector<FlatPoint>& outline, double by) {
    // Doubled points would have no direction.
    std::vector<FlatPoint> o;
    for (const FlatPoint& p : outline)
        if (o.empty() || apart(p, o.back()) > 1e-6) o.push_back(p);
    while (o.size() > 1 && apart(o.front(), o.back()) <= 1e-6)
        o.pop_back();
    if (o.size() < 3) return o;
    double twice = 0;
    for (std::size_t i = 0; i < o.size(); ++i) {
        const FlatPoint &a = o[i], &b = o[(i + 1) % o.size()];
        twice += a.x * b.y - b.x * a.y;
    }
    const double out = twice > 0 ? 1 : -1;
    std::vector<FlatPoint> r;
    for (std::size_t i = 0; i < o.size(); ++i) {
        const FlatPoint &a = o[(i + o.size() - 1) % o.size()], &b = o[i], &c = o[(i + 1) % o.size()];
        const double l1 = apart(a, b), l2 = apart(b, c);
        const FlatPoint n1{(b.y - a.y) / l1 * out, (a.x - b.x) / l1 * out},
            n2{(c.y - b.y) / l2 * out, (b.x - c.x) / l2 * out};
        FlatPoint n{n1.x + n2.x, n1.y + n2.y};
        const double size = std::hypot(n.x, n.y);
        if (size < 1e-9) n = n1;
        const double scale = size < 1e-9 ? 1 : std::min(2.0, 2 / size) / std::max(size, 1e-9);
        r.push_back({b.x + by * n.x * scale, b.y + by * n.y * scale});
    }
    return r;
}

Pattern makeCone(double r0, double r1, double L) {
    ENKINET_ASSERT(r0 >= 0 && r1 >= 0 && L > 0 && r0 + r1 > 0);
    Pattern p;
    p.exact = true;
    const double slant = std::hypot(L, r1 - r0);
    p.rootEdge_mm = p.girthRoot_mm = 2 * kPi * r0, p.tipEdge_mm = p.girthTip_mm = 2 * kPi * r1, p.seam_mm = slant;
    p.area_mm2 = kPi * (r0 + r1) * slant;
    if (std::abs(r1 - r0) < 1e-9 * (r0 + r1)) {
        p.outline = {{-kPi * r0, 0}, {kPi * r0, 0}, {kPi * r0, slant}, {-kPi * r0, slant}};
    } else {
        // Annular sector about the apex: radius r slant/|r1 - r0|, opened by 2 pi |r1 - r0|/slant.
        const double R0 = r0 * slant / std::abs(r1 - r0), R1 = r1 * slant / std::abs(r1 - r0);
        const double half = kPi * std::abs(r1 - r0) / slant;
        const bool narrows = r1 < r0;
        const auto at = [&](double R, double phi) {
            // The middle generator runs along x 0, the root end at y 0 there.
            return narrows ? FlatPoint{R * std::sin(phi), R0 - R * std::cos(phi)}
                           : FlatPoint{R * std::sin(phi), R * std::cos(phi) - R0};
        };
        for (int k = 0; k <= kStrips; ++k)
            p.outline.push_back(at(R0, -half + 2 * half * k / kStrips));
        for (int k = kStrips; k >= 0; --k)
            p.outline.push_back(at(R1, -half + 2 * half * k / kStrips));
    }
    p.pileFrom = {0, 0.25 * slant}, p.pileTo = {0, 0.75 * slant};
    finish(p);
    return p;
}

double findSeam(const Link& link, double camera) {
    const Vec3 away{-std::sin(camera), 0, -std::cos(camera)};
    const double a = dot(away, link.a), b = dot(away, link.b);
    return std::hypot(a, b) < 0.1 ? -kPi / 2 : std::atan2(b, a);
}

Pattern makeTube(const std::vector<Section>& sections, double L, Stretch stretch, double inset, double seam) {
    std::vector<Section> cuts{findSection(sections, stretch.from)};
    for (const Section& s : sections)
        if (s.at > stretch.from + 1e-9 && s.at < stretch.to - 1e-9) cuts.push_back(s);
    cuts.push_back(findSection(sections, stretch.to));
    cuts.front().at = stretch.from, cuts.back().at = stretch.to;
    for (Section& s : cuts)
        s.a_mm = std::max(0.1, s.a_mm - inset), s.b_mm = std::max(0.1, s.b_mm - inset);
    const auto round = [](const Section& s) { return std::abs(s.a_mm - s.b_mm) < 1e-9; };
    if (cuts.size() == 2 && round(cuts[0]) && round(cuts[1]))
        return makeCone(cuts[0].a_mm, cuts[1].a_mm, (stretch.to - stretch.from) * L);

    // Sections as closed curves from the seam round to the seam again.
    std::vector<std::vector<Vec3>> rings;
    for (const Section& s : cuts) {
        std::vector<Vec3> c;
        for (int k = 0; k <= kStrips; ++k) {
            const double u = seam + 2 * kPi * k / kStrips;
            c.push_back({s.a_mm * std::cos(u), s.at * L, s.b_mm * std::sin(u)});
        }
        rings.push_back(std::move(c));
    }
    Pattern p;
    std::vector<std::vector<FlatPoint>> edges(rings.size()); ///< flat line of each section
    double y = 0, trueSeam = 0;
    for (std::size_t i = 0; i + 1 < rings.size(); ++i) {
        Ring r = unroll(rings[i], rings[i + 1]);
        for (auto* line : {&r.low, &r.high})
            for (FlatPoint& q : *line)
                q.y += y;
        y = r.high[kStrips / 2].y;
        trueSeam += norm(rings[i + 1].front() - rings[i].front());
        if (edges[i].empty()) {
            edges[i] = r.low;
        } else {
            for (std::size_t k = 0; k < r.low.size(); ++k)
                edges[i][k] = {(edges[i][k].x + r.low[k].x) / 2, (edges[i][k].y + r.low[k].y) / 2};
        }
        edges[i + 1] = r.high;
    }
    double left = 0;
    for (std::size_t i = 0; i < edges.size(); ++i) {
        const double girth = calcGirth(cuts[i].a_mm, cuts[i].b_mm);
        // The average of two curves is shorter than either: the cloth must close round, so its girth is kept and the
        // seam eased instead.
        for (int pass = 0; pass < 4; ++pass) {
            const double k = girth / lengthOf(edges[i]);
            for (FlatPoint& q : edges[i])
                q.x *= k;
        }
        p.girthError = std::max(p.girthError, std::abs(lengthOf(edges[i]) - girth) / girth);
        if (i > 0) left += apart(edges[i - 1].front(), edges[i].front());
    }
    p.seamError = std::abs(left - trueSeam) / trueSeam;
    p.seam_mm = left;
    p.rootEdge_mm = lengthOf(edges.front()), p.tipEdge_mm = lengthOf(edges.back());
    p.girthRoot_mm = calcGirth(cuts.front().a_mm, cuts.front().b_mm);
    p.girthTip_mm = calcGirth(cuts.back().a_mm, cuts.back().b_mm);
    p.outline = edges.front();
    for (std::size_t i = 1; i + 1 < edges.size(); ++i)
        p.outline.push_back(edges[i].back());
    p.outline.insert(p.outline.end(), edges.back().rbegin(), edges.back().rend());
    for (std::size_t i = edges.size() - 1; i-- > 1;)
        p.outline.push_back(edges[i].front());
    p.pileFrom = {0, 0.25 * y}, p.pileTo = {0, 0.75 * y};
    finish(p);
    for (Section& s : cuts)
        s.at = (s.at - stretch.from) / stretch.length();
    const double surface = calcTubeSurface(cuts, stretch.length() * L, 0, 1);
    p.areaError = std::abs(p.area_mm2 - surface) / surface;
    return p;
}

Pattern makeGore(const Vec3& half, int gores, double inset) {
    const double a = std::max(0.1, half.x - inset), c = std::max(0.1, half.y - inset),
                 b = std::max(0.1, half.z - inset);
    Pattern p;
    p.pieces = gores;
    // Along the mean meridian from the lower pole to the upper.
    const double side = std::sqrt(a * b);
    constexpr int kAlong = 60;
    std::vector<FlatPoint> right;
    double y = 0, lastX = 0, lastY = -c;
    for (int k = 0; k <= kAlong; ++k) {
        const double t = -kPi / 2 + kPi * k / kAlong;
        const double x = side * std::cos(t), h = c * std::sin(t);
        if (k > 0) y += std::hypot(x - lastX, h - lastY);
        lastX = x, lastY = h;
        right.push_back({calcGirth(a * std::cos(t), b * std::cos(t)) / (2 * gores), y});
    }
    p.outline = right;
    for (std::size_t k = right.size() - 1; k-- > 1;)
        p.outline.push_back({-right[k].x, right[k].y});
    p.seam_mm = lengthOf(right);
    // The edge of a flat gore is longer than the meridian that it lies on.
    p.seamError = std::abs(p.seam_mm - y) / y;
    const double surface = calcEllipsoidSurface({a, c, b});
    p.girthRoot_mm = p.girthTip_mm = calcGirth(a, b);
    p.pileFrom = {0, 0.35 * y}, p.pileTo = {0, 0.65 * y};
    finish(p);
    p.areaError = std::abs(gores * p.area_mm2 - surface) / surface;
    return p;
}

std::vector<Pattern> calcPatterns(const Puppet& puppet, const Skeleton& s, const std::vector<Stretch>& own,
                                  const std::vector<Part>& parts, const std::stop_token& stop) {
    std::vector<Pattern> all;
    for (const Part& part : parts) {
        checkStop(stop);
        if (part.layers.cover.empty() || part.volume_mm3 <= 0) continue;
        const int index = static_cast<int>(&part - parts.data());
        const double inset = part.layers.cover_mm / 2;
        Pattern p;
        if (part.mass >= 0) {
            const Mass& m = puppet.masses[static_cast<std::size_t>(s.masses[static_cast<std::size_t>(part.mass)].mass)];
            if (m.shape != MassShape::ellipsoid) continue;
            p = makeGore(m.half_mm, kGores, inset);
        } else {
            const Link& link = s.links[static_cast<std::size_t>(part.link)];
            const Limb& limb =
                puppet.limbs[static_cast<std::size_t>(s.copies[static_cast<std::size_t>(link.copy)].limb)];
            const auto& sections = limb.segments[static_cast<std::size_t>(link.segment)].sections;
            const Stretch mine =
                findCommon(own[static_cast<std::size_t>(part.link)], {part.layers.coverFrom, part.layers.coverTo});
            if (sections.empty() || mine.length() * link.length_mm < 0.5) continue;
            // Each copy by its own directions: seen from the front, left and right come out as mirror images.
            const double seam = findSeam(link, puppet.wants.camera_rad);
            const auto add = [&](Pattern one, const Phrase& label) {
                one.seamSide = std::cos(seam) * link.a + std::sin(seam) * link.b;
                one.part = index, one.label = label, one.cover = part.layers.cover;
                all.push_back(std::move(one));
            };
            p = makeTube(sections, link.length_mm, mine, inset, seam);
            if (p.areaError <= kOnePiece) {
                add(std::move(p), part.label);
                continue;
            }
            // It bulges too much for one piece: every ring by itself is true.
            std::vector<double> at{mine.from};
            for (const Section& x : sections)
                if (x.at > mine.from + 1e-9 && x.at < mine.to - 1e-9) at.push_back(x.at);
            at.push_back(mine.to);
            for (std::size_t i = 1; i < at.size(); ++i)
                add(makeTube(sections, link.length_mm, {at[i - 1], at[i]}, inset, seam),
                    words("%1, ring %2", part.label, i));
            continue;
        }
        p.part = index, p.label = part.label, p.cover = part.layers.cover;
        all.push_back(std::move(p));
    }
    return all;
}

Layout calcLayout(const std::vector<Pattern>& patterns, double width, double gap) {
    struct Box {
        int pattern, piece;
        double w, h;
    };
    std::vector<Box> boxes;
    for (std::size_t i = 0; i < patterns.size(); ++i) {
        double x0 = 1e9, x1 = -1e9, y0 = 1e9, y1 = -1e9;
        for (const FlatPoint& q : patterns[i].cut)
            x0 = std::min(x0, q.x), x1 = std::max(x1, q.x), y0 = std::min(y0, q.y), y1 = std::max(y1, q.y);
        for (int k = 0; k < patterns[i].pieces; ++k)
            boxes.push_back({static_cast<int>(i), k, x1 - x0, y1 - y0});
    }
    std::stable_sort(boxes.begin(), boxes.end(), [](const Box& a, const Box& b) { return a.h > b.h; });
    Layout r;
    double x = 0, y = 0, row = 0;
    for (const Box& b : boxes) {
        r.fits = r.fits && b.w <= width;
        if (x > 0 && x + b.w > width) y += row + gap, x = row = 0;
        r.places.push_back({b.pattern, b.piece, x, y});
        x += b.w + gap;
        row = std::max(row, b.h);
    }
    r.length_mm = y + row;
    return r;
}

} // namespace enkinet::fill
