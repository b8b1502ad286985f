#include "body/mesh.h"
#include "base/units.h"
#include <algorithm>
#include <cmath>
#include <map>
#include <tuple>

namespace enkinet::body {

void Mesh::add(const Mesh& other) {
    const int base = static_cast<int>(points.size());
    points.insert(points.end(), other.points.begin(), other.points.end());
    normals.insert(normals.end(), other.normals.begin(), other.normals.end());
    for (const auto& t : other.triangles)
        triangles.push_back({t[0] + base, t[1] + base, t[2] + base});
}

namespace {

/// A polygon of n corners on a circle encloses less than the circle: this factor makes the areas equal.
double fullness(int n) { return std::sqrt(2 * kPi / n / std::sin(2 * kPi / n)); }

struct Ring {
    Vec3 centre;
    std::vector<Vec3> points, normals;
};

/// Rings joined to a closed tube with flat ends; normals of the ends stand along the axis.
Mesh closeTube(const std::vector<Ring>& rings) {
    Mesh m;
    const int n = static_cast<int>(rings.front().points.size());
    for (const Ring& r : rings) {
        m.points.insert(m.points.end(), r.points.begin(), r.points.end());
        m.normals.insert(m.normals.end(), r.normals.begin(), r.normals.end());
    }
    for (int i = 0; i + 1 < static_cast<int>(rings.size()); ++i)
        for (int k = 0; k < n; ++k) {
            const int a = i * n + k, b = i * n + (k + 1) % n, c = a + n, d = b + n;
            m.triangles.push_back({a, b, c});
            m.triangles.push_back({b, d, c});
        }
    const auto cap = [&](const Ring& ring, const Vec3& normal, bool end) {
        const int base = static_cast<int>(m.points.size());
        m.points.push_back(ring.centre);
        m.normals.push_back(normal);
        for (const Vec3& p : ring.points)
            m.points.push_back(p), m.normals.push_back(normal);
        for (int k = 0; k < n; ++k) {
            const int a = base + 1 + k, b = base + 1 + (k + 1) % n;
            if (end)
                m.triangles.push_back({base, a, b});
            else
                m.triangles.push_back({base, b, a});
        }
    };
    const Vec3 along = unit(rings.back().centre - rings.front().centre);
    cap(rings.front(), -1 * along, false);
    cap(rings.back(), along, true);
    return m;
}

} // namespace

Mesh calcTubeMesh(const std::vector<Section>& sections, const Link& link, Stretch s, int around) {
    if (sections.empty() || s.length() <= 0) return {};
    std::vector<double> at{s.from, s.to};
    for (std::size_t i = 0; i < sections.size(); ++i) {
        if (sections[i].at > s.from && sections[i].at < s.to) at.push_back(sections[i].at);
        if (i == 0) continue;
        // Where a half-width passes 0 the surface has a corner.
        const Section &p = sections[i - 1], &q = sections[i];
        for (auto side : {&Section::a_mm, &Section::b_mm}) {
            const double u = p.*side, v = q.*side;
            const double t = p.at + (q.at - p.at) * u / (u - v);
            if (u * v < 0 && t > s.from && t < s.to) at.push_back(t);
        }
    }
    std::sort(at.begin(), at.end());
    const Frame f = findFrame(link);
    const double full = fullness(around);
    Mesh all;
    std::vector<Ring> rings;
    const auto flush = [&] {
        if (rings.size() > 1) all.add(closeTube(rings));
        rings.clear();
    };
    for (std::size_t i = 0; i < at.size(); ++i) {
        const Section st = findSection(sections, at[i]);
        const double a = std::max(0.0, st.a_mm), b = std::max(0.0, st.b_mm);
        Ring ring;
        ring.centre = link.from + at[i] * (link.to - link.from);
        for (int k = 0; k < around; ++k) {
            // Against the clock seen from the far end: a, b and the axis make a left-handed set.
            const double u = -2 * kPi * k / around, c = std::cos(u), n = std::sin(u);
            ring.points.push_back(ring.centre + (full * a * c) * f.a + (full * b * n) * f.b);
            ring.normals.push_back(unit((std::max(b, 1e-6) * c) * f.a + (std::max(a, 1e-6) * n) * f.b));
        }
        const bool nothing = a <= 0 || b <= 0;
        if (!nothing || !rings.empty() || (i + 1 < at.size())) rings.push_back(ring);
        // A stretch with no thickness at both ends is left out.
        if (nothing && i + 1 < at.size()) {
            const Section mid = findSection(sections, (at[i] + at[i + 1]) / 2);
            if (mid.a_mm <= 0 || mid.b_mm <= 0) {
                flush();
                continue;
            }
            if (rings.size() != 1) {
                flush();
                rings.push_back(ring);
            }
        }
    }
    flush();
    return all;
}

Mesh calcSurfaceMesh(const Segment& segment, const Link& link, Stretch stretch, Surface surface, int around) {
    Mesh all;
    for (const Shell& shell : findShells(segment, surface))
        all.add(calcTubeMesh(shell.sections, link, findCommon({shell.from, shell.to}, stretch), around));
    return all;
}

Mesh calcMassMesh(const Mass& mass, const MassCopy& copy, double inset, int around) {
    const Vec3 h{mass.half_mm.x - inset, mass.half_mm.y - inset, mass.half_mm.z - inset};
    Mesh m;
    if (mass.shape == MassShape::weighed || h.x <= 0 || h.y <= 0 || h.z <= 0) return m;
    const auto place = [&](const Vec3& p) {
        return copy.at + p.x * copy.axes[0] + p.y * copy.axes[1] + p.z * copy.axes[2];
    };
    const auto direction = [&](const Vec3& v) { return v.x * copy.axes[0] + v.y * copy.axes[1] + v.z * copy.axes[2]; };
    if (mass.shape == MassShape::box) {
        for (int axis = 0; axis < 3; ++axis)
            for (double side : {-1.0, 1.0}) {
                const int base = static_cast<int>(m.points.size());
                for (const auto& [u, v] : {std::pair{-1.0, -1.0}, {1.0, -1.0}, {1.0, 1.0}, {-1.0, 1.0}}) {
                    const Vec3 corner = axis == 0   ? Vec3{side * h.x, u * h.y, v * h.z}
                                        : axis == 1 ? Vec3{v * h.x, side * h.y, u * h.z}
                                                    : Vec3{u * h.x, v * h.y, side * h.z};
                    m.points.push_back(place(corner));
                    m.normals.push_back(direction(axis == 0   ? Vec3{side, 0, 0}
                                                  : axis == 1 ? Vec3{0, side, 0}
                                                              : Vec3{0, 0, side}));
                }
                if (side > 0)
                    m.triangles.insert(m.triangles.end(), {{base, base + 1, base + 2}, {base, base + 2, base + 3}});
                else
                    m.triangles.insert(m.triangles.end(), {{base, base + 2, base + 1}, {base, base + 3, base + 2}});
            }
        return m;
    }
    const int down = std::max(6, around / 2);
    for (int i = 0; i <= down; ++i)
        for (int k = 0; k < around; ++k) {
            const double v = kPi * i / down, u = 2 * kPi * k / around;
            const Vec3 n{std::sin(v) * std::cos(u), std::cos(v), std::sin(v) * std::sin(u)};
            m.points.push_back({h.x * n.x, h.y * n.y, h.z * n.z});
            m.normals.push_back(direction(unit({n.x / h.x, n.y / h.y, n.z / h.z})));
        }
    for (int i = 0; i < down; ++i)
        for (int k = 0; k < around; ++k) {
            const int a = i * around + k, b = i * around + (k + 1) % around, c = a + around, d = b + around;
            if (i > 0) m.triangles.push_back({a, b, c});
            if (i + 1 < down) m.triangles.push_back({b, d, c});
        }
    const double grow = std::cbrt(calcEllipsoidVolume(h) / calcMeshVolume(m));
    for (Vec3& p : m.points)
        p = place(grow * p);
    return m;
}

Mesh calcRunMesh(const std::vector<Vec3>& points, double radius, int around) {
    if (points.size() < 2) return {};
    std::vector<Ring> rings;
    Vec3 a{1, 0, 0};
    for (std::size_t i = 0; i < points.size(); ++i) {
        const Vec3 before = i > 0 ? unit(points[i] - points[i - 1]) : unit(points[1] - points[0]);
        const Vec3 after = i + 1 < points.size() ? unit(points[i + 1] - points[i]) : before;
        Vec3 along = unit(before + after);
        if (norm(along) < 0.5) along = before;
        a = a - dot(a, along) * along;
        if (norm(a) < 0.1) a = cross(along, std::abs(along.y) < 0.9 ? Vec3{0, 1, 0} : Vec3{0, 0, 1});
        a = unit(a);
        const Vec3 b = cross(along, a);
        Ring r;
        r.centre = points[i];
        for (int k = 0; k < around; ++k) {
            const double u = 2 * kPi * k / around;
            const Vec3 n = std::cos(u) * a + std::sin(u) * b;
            r.points.push_back(points[i] + radius * n);
            r.normals.push_back(n);
        }
        rings.push_back(std::move(r));
    }
    return closeTube(rings);
}

double calcMeshVolume(const Mesh& m) {
    double sum = 0;
    for (const auto& t : m.triangles) {
        const auto at = [&](int i) { return m.points[static_cast<std::size_t>(t[static_cast<std::size_t>(i)])]; };
        sum += dot(at(0), cross(at(1), at(2)));
    }
    return sum / 6;
}

bool isClosed(const Mesh& m) {
    using Place = std::tuple<long, long, long>;
    const auto placeOf = [&](int i) {
        const Vec3& p = m.points[static_cast<std::size_t>(i)];
        return Place{std::lround(p.x * 1e6), std::lround(p.y * 1e6), std::lround(p.z * 1e6)};
    };
    std::map<std::pair<Place, Place>, int> edges;
    for (const auto& t : m.triangles)
        for (std::size_t k = 0; k < 3; ++k) {
            const Place a = placeOf(t[k]), b = placeOf(t[(k + 1) % 3]);
            if (a == b) continue;
            if (a < b)
                ++edges[{a, b}];
            else
                --edges[{b, a}];
        }
    return std::all_of(edges.begin(), edges.end(), [](const auto& e) { return e.second == 0; });
}

} // namespace enkinet::body
