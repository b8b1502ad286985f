#include "sheet/elevation.h"
#include "base/units.h"
#include "sheet/silhouette.h"
#include "widgets/look.h"
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

using namespace body;

QPointF project(View view, const Vec3& p) { return view == View::front ? QPointF(p.x, -p.y) : QPointF(p.z, -p.y); }
double depthOf(View view, const Vec3& p) { return view == View::front ? p.z : -p.x; }

namespace {

constexpr int kCorners = 28;

/// The outline of a section's ellipse as seen in a view.
QPolygonF sectionOutline(View view, const Vec3& centre, const Frame& f, double a, double b) {
    QPolygonF poly;
    for (int i = 0; i < kCorners; ++i) {
        const double u = 2 * kPi * i / kCorners;
        poly << project(view, centre + a * std::cos(u) * f.a + b * std::sin(u) * f.b);
    }
    return poly;
}

QPolygonF convexHull(QPolygonF points) {
    std::sort(points.begin(), points.end(),
              [](const QPointF& p, const QPointF& q) { return p.x() != q.x() ? p.x() < q.x() : p.y() < q.y(); });
    const auto turn = [](const QPointF& o, const QPointF& p, const QPointF& q) {
        return (p.x() - o.x()) * (q.y() - o.y()) - (p.y() - o.y()) * (q.x() - o.x());
    };
    QPolygonF hull;
    for (int pass = 0; pass < 2; ++pass) {
        const qsizetype start = hull.size();
        for (const QPointF& p : points) {
            while (hull.size() >= start + 2 && turn(hull[hull.size() - 2], hull.back(), p) <= 0)
                hull.pop_back();
            hull << p;
        }
        hull.pop_back();
        std::reverse(points.begin(), points.end());
    }
    return hull;
}

/// Where a shell's stretch begins, changes and ends.
std::vector<double> placesOf(const Shell& shell, const Stretch& here) {
    std::vector<double> at{here.from};
    for (const Section& t : shell.sections)
        if (t.at > here.from && t.at < here.to) at.push_back(t.at);
    at.push_back(here.to);
    return at;
}

/// The tube between two shares of a link, inset, as one path.
QPainterPath tubePath(View view, const Segment& seg, const Link& link, Stretch s, Surface surface) {
    QPainterPath path;
    path.setFillRule(Qt::WindingFill);
    if (s.length() <= 0) return path;
    const Frame f = findFrame(link);
    for (const Shell& shell : findShells(seg, surface)) {
        const Stretch here = findCommon({shell.from, shell.to}, s);
        if (here.length() <= 0) continue;
        const std::vector<double> at = placesOf(shell, here);
        QPolygonF before;
        for (double t : at) {
            const Section st = findSection(shell.sections, t);
            const QPolygonF now = sectionOutline(view, link.from + t * (link.to - link.from), f, std::max(0.0, st.a_mm),
                                                 std::max(0.0, st.b_mm));
            if (!before.isEmpty()) {
                path.addPolygon(convexHull(before + now));
                path.closeSubpath();
            }
            before = now;
        }
    }
    return path;
}

/// The same without its rounded ends: its two sides alone.
QPainterPath draftPath(View view, const Segment& seg, const Link& link, Stretch s) {
    QPainterPath path;
    const Frame f = findFrame(link);
    const QPointF from = project(view, link.from), to = project(view, link.to), along = to - from;
    const double length = std::hypot(along.x(), along.y());
    if (s.length() <= 0) return path;
    // Seen from its end it has no sides.
    const QPointF across = length > 1e-6 ? QPointF(-along.y(), along.x()) / length : QPointF(1, 0);
    const QPointF a = project(view, f.a), b = project(view, f.b);
    const double ka = QPointF::dotProduct(a, across), kb = QPointF::dotProduct(b, across);
    QPolygonF sides;
    const auto add = [&](double t, const Section& at, double way) {
        sides << from + t * along + way * std::hypot(ka * at.a_mm, kb * at.b_mm) * across;
    };
    const auto oneSide = [&](double way) {
        add(s.from, findSection(seg.sections, s.from), way);
        for (const Section& at : seg.sections)
            if (at.at > s.from && at.at < s.to) add(at.at, at, way);
        add(s.to, findSection(seg.sections, s.to), way);
    };
    if (seg.sections.empty()) return path;
    oneSide(1);
    const auto turned = sides.size();
    oneSide(-1);
    std::reverse(sides.begin() + turned, sides.end());
    path.addPolygon(sides);
    path.closeSubpath();
    return path;
}

/// Outline of a turned ellipsoid: the image of the unit ball; of a box: the hull of its corners.
QPainterPath massPath(View view, const Mass& m, const MassCopy& c, double inset) {
    QPainterPath path;
    const Vec3 h{std::max(0.0, m.half_mm.x - inset), std::max(0.0, m.half_mm.y - inset),
                 std::max(0.0, m.half_mm.z - inset)};
    const QPointF o = project(view, c.at);
    if (m.shape == MassShape::weighed) {
        // Its size is not known: a ball of what stone and clay weigh stands for it.
        constexpr double kBall_g_mm3 = 0.002;
        const double r = std::cbrt(3 * m.weighed_g / (4 * kPi * kBall_g_mm3));
        if (inset <= 0) path.addEllipse(o, r, r);
        return path;
    }
    if (h.x <= 0 || h.y <= 0 || h.z <= 0) return path;
    const QPointF u = project(view, h.x * c.axes[0]), v = project(view, h.y * c.axes[1]),
                  w = project(view, h.z * c.axes[2]);
    QPolygonF outline;
    if (m.shape == MassShape::ellipsoid) {
        const double xx = u.x() * u.x() + v.x() * v.x() + w.x() * w.x(),
                     yy = u.y() * u.y() + v.y() * v.y() + w.y() * w.y(),
                     xy = u.x() * u.y() + v.x() * v.y() + w.x() * w.y();
        for (int i = 0; i < 72; ++i) {
            const double a = 2 * kPi * i / 72, nx = std::cos(a), ny = std::sin(a);
            const double k = 1 / std::sqrt(xx * nx * nx + 2 * xy * nx * ny + yy * ny * ny);
            outline << o + QPointF((xx * nx + xy * ny) * k, (xy * nx + yy * ny) * k);
        }
    } else {
        for (double a : {-1.0, 1.0})
            for (double b : {-1.0, 1.0})
                for (double e : {-1.0, 1.0})
                    outline << o + a * u + b * v + e * w;
        outline = convexHull(outline);
    }
    path.addPolygon(outline);
    path.closeSubpath();
    return path;
}

/// A ball at a posed joint closes the wedge between two tubes.
QPainterPath ballPath(View view, const Vec3& at, double radius) {
    QPainterPath path;
    path.addEllipse(project(view, at), radius, radius);
    return path;
}

/// Half-width of a turned section as it is seen, square to a bone that runs along `seen`.
double seenHalf(View view, const Frame& f, double a, double b, const QPointF& seen) {
    const double L = std::hypot(seen.x(), seen.y());
    const QPointF n = L > 1e-9 ? QPointF(-seen.y() / L, seen.x() / L) : QPointF(1, 0);
    const auto along = [&](const Vec3& axis) {
        const QPointF q = project(view, axis);
        return q.x() * n.x() + q.y() * n.y();
    };
    return std::hypot(a * along(f.a), b * along(f.b));
}

/// A bone's stretch as what is seen of it.
void addBlobs(std::vector<Blob>& all, View view, const Segment& seg, const Link& link, Stretch s, bool foot,
              int group) {
    if (s.length() <= 0) return;
    const Frame f = findFrame(link);
    const QPointF seen = project(view, link.to - link.from);
    const double length = std::hypot(seen.x(), seen.y());
    for (const Shell& shell : findShells(seg, Surface::finished)) {
        const Stretch here = findCommon({shell.from, shell.to}, s);
        if (here.length() <= 0) continue;
        const std::vector<double> at = placesOf(shell, here);
        for (std::size_t i = 1; i < at.size(); ++i) {
            const Section u = findSection(shell.sections, at[i - 1]), v = findSection(shell.sections, at[i]);
            Blob b;
            b.from = project(view, link.from + at[i - 1] * (link.to - link.from));
            b.to = project(view, link.from + at[i] * (link.to - link.from));
            b.a = std::max(0.1, seenHalf(view, f, u.a_mm, u.b_mm, seen)),
            b.b = std::max(0.1, seenHalf(view, f, v.a_mm, v.b_mm, seen));
            // Slender bones end round; a trunk and a sole are cut off, and one that points at the viewer is a disc.
            const double wide = std::max(b.a, b.b);
            b.kind = (foot || wide > 0.34 * length) && length > wide ? Blob::Kind::trunk : Blob::Kind::cone;
            b.group = group;
            all.push_back(b);
        }
    }
}

/// A mass as the ellipse or box that is seen of it.
Blob massBlob(View view, const Mass& m, const MassCopy& c, int group) {
    Blob b;
    b.from = project(view, c.at), b.group = group;
    if (m.shape == MassShape::weighed) {
        const QRectF box = massPath(view, m, c, 0).boundingRect();
        b.kind = Blob::Kind::ellipse, b.a = box.width() / 2, b.b = box.height() / 2;
        return b;
    }
    const QPointF u = project(view, m.half_mm.x * c.axes[0]), v = project(view, m.half_mm.y * c.axes[1]),
                  w = project(view, m.half_mm.z * c.axes[2]);
    if (m.shape == MassShape::ellipsoid) {
        // Axes of the shadow of a turned ellipsoid: of the matrix that its three half-axes make.
        const double xx = u.x() * u.x() + v.x() * v.x() + w.x() * w.x(),
                     yy = u.y() * u.y() + v.y() * v.y() + w.y() * w.y(),
                     xy = u.x() * u.y() + v.x() * v.y() + w.x() * w.y();
        const double mean = (xx + yy) / 2, off = std::hypot((xx - yy) / 2, xy);
        b.kind = Blob::Kind::ellipse;
        b.a = std::sqrt(mean + off), b.b = std::sqrt(std::max(1e-6, mean - off));
        b.turn_rad = 0.5 * std::atan2(2 * xy, xx - yy);
        return b;
    }
    // A box: the two edges that are seen longest.
    QPointF edges[] = {u, v, w};
    std::sort(std::begin(edges), std::end(edges),
              [](const QPointF& p, const QPointF& q) { return std::hypot(p.x(), p.y()) > std::hypot(q.x(), q.y()); });
    b.kind = Blob::Kind::box;
    b.a = std::hypot(edges[0].x(), edges[0].y()), b.b = std::max(0.5, std::hypot(edges[1].x(), edges[1].y()));
    b.turn_rad = std::atan2(edges[0].y(), edges[0].x());
    return b;
}

QColor hex(const std::string& text, const QColor& fallback) {
    const QColor c(QString::fromStdString(text));
    return c.isValid() ? c : fallback;
}

} // namespace

QColor finishedColour(const Layers& l, const document::Production& p, const results::Report& r, const QColor& clay) {
    if (const auto cover = r.shelf.covers.find(l.cover); cover != r.shelf.covers.end())
        return hex(cover->second.colour, look().graphite);
    if (const auto looks = findPlaceLooks(l, p.schemes, r); !looks.empty() && looks.front().look.mean.isValid())
        return looks.front().look.mean;
    return clay;
}

namespace {
/// The tie-down goes on square to the sole, wherever the foot is.
QPointF legDirection(View view, const Skeleton& s, const LimbCopy& copy, const Limb& limb) {
    const Link& last = s.links[static_cast<std::size_t>(copy.firstLink) + limb.segments.size() - 1];
    const QPointF along = project(view, unit(last.to - last.from));
    return std::hypot(along.x(), along.y()) > 0.5 && along.y() > 0.8 ? QPointF(0, 1) : along;
}
} // namespace

Elevation::Elevation(const Puppet& puppet, const document::Production& production, const results::Report& report,
                     View view, bool rest, Finish finish)
    : m_view(view), m_finish(finish) {
    const bool fine = finish == Finish::fine;
    const Skeleton& s = rest ? report.choice.rest : report.choice.skeleton;
    const auto limbOf = [&](int copy) -> const Limb& {
        return puppet.limbs[static_cast<std::size_t>(s.copies[static_cast<std::size_t>(copy)].limb)];
    };
    std::vector<Blob> blobs;
    for (std::size_t i = 0; i < report.choice.parts.size(); ++i) {
        const fill::Part& p = report.choice.parts[i];
        const Link& link = s.links[static_cast<std::size_t>(p.link)];
        const LimbCopy& copy = s.copies[static_cast<std::size_t>(link.copy)];
        Piece piece;
        piece.part = static_cast<int>(i);
        const Layers& l = p.layers;
        const auto clay = report.shelf.clays.find(l.clay);
        piece.hasClay = clay != report.shelf.clays.end(), piece.hasBulk = !l.bulk.empty();
        piece.clay = piece.hasClay ? hex(clay->second.colour, look().shade) : look().foil;
        const auto bulk = report.shelf.bulks.find(l.bulk);
        piece.bulk = bulk != report.shelf.bulks.end() && bulk->second.foil ? look().foil : QColor("#cbbf9f");
        piece.painted = finishedColour(l, production, report, piece.clay);
        piece.fleece = !l.cover.empty() && l.cover_mm >= 2;
        if (p.mass >= 0) {
            const MassCopy& c = s.masses[static_cast<std::size_t>(p.mass)];
            const Mass& m = puppet.masses[static_cast<std::size_t>(c.mass)];
            piece.depth = depthOf(view, c.at);
            // A head grows out of its neck; a box is a thing by itself.
            piece.group = m.shape == MassShape::ellipsoid ? link.copy : static_cast<int>(s.copies.size()) + p.mass;
            piece.outside = massPath(view, m, c, 0);
            if (fine)
                blobs.push_back(massBlob(view, m, c, piece.group)),
                    piece.underCover = massPath(view, m, c, findInset(l, Surface::clay));
            if (fine && piece.hasBulk) piece.core = massPath(view, m, c, findInset(l, Surface::core));
            m_selectionOf.push_back({Selection::Kind::mass, -1, c.mass, c.right});
        } else {
            const Segment& seg = limbOf(link.copy).segments[static_cast<std::size_t>(link.segment)];
            const Stretch own = report.choice.own[i], solid = findCommon(own, findStiff(link));
            piece.depth = depthOf(view, 0.5 * (link.from + link.to));
            piece.group = link.copy;
            piece.outside = fine ? tubePath(view, seg, link, own, Surface::finished) : draftPath(view, seg, link, own);
            if (fine) {
                piece.underCover = tubePath(view, seg, link, l.skinAcrossGaps ? own : solid, Surface::clay);
                if (piece.hasBulk) piece.core = tubePath(view, seg, link, solid, Surface::core);
                const Limb& limb = limbOf(link.copy);
                addBlobs(blobs, view, seg, link, own,
                         limb.tieDown && link.segment + 1 == static_cast<int>(limb.segments.size()), link.copy);
            }
            if (link.gapFrom_mm > 0 && own.from <= 0 && !seg.sections.empty() && link.segment > 0)
                piece.outside.addPath(
                    ballPath(view, link.from, 0.98 * std::min(seg.sections.front().a_mm, seg.sections.front().b_mm)));
            m_selectionOf.push_back({Selection::Kind::segment, copy.limb, link.segment, copy.right});
        }
        if (piece.outside.isEmpty()) continue;
        if (fine)
            addLooks(piece, findPlaceLooks(l, production.schemes, report), link,
                     p.mass >= 0 ? nullptr : &limbOf(link.copy).segments[static_cast<std::size_t>(link.segment)]);
        m_pieces.push_back(std::move(piece));
    }
    const auto groups = static_cast<int>(s.copies.size() + s.masses.size());
    std::vector<double> depth(static_cast<std::size_t>(groups)), count(static_cast<std::size_t>(groups));
    for (const Piece& p : m_pieces) {
        m_bounds = m_bounds.united(p.outside.boundingRect());
        depth[static_cast<std::size_t>(p.group)] += p.depth, count[static_cast<std::size_t>(p.group)] += 1;
    }
    for (Piece& p : m_pieces)
        p.depth = depth[static_cast<std::size_t>(p.group)] / count[static_cast<std::size_t>(p.group)];
    std::stable_sort(m_pieces.begin(), m_pieces.end(), [](const Piece& x, const Piece& y) {
        return x.depth != y.depth ? x.depth < y.depth : x.group < y.group;
    });
    if (!fine) return;
    // Fine enough for the eye at any size of puppet.
    const double tall = std::max({20.0, m_bounds.height(), m_bounds.width()});
    m_lines = calcSilhouette(blobs, groups, tall / 190, tall / 48);

    for (std::size_t c = 0; c < s.copies.size(); ++c) {
        const LimbCopy& copy = s.copies[c];
        const choice::LimbChoice& chosen = report.choice.limbs[static_cast<std::size_t>(copy.limb)];
        if (chosen.chosen < 0) continue;
        Run run;
        run.copy = static_cast<int>(c);
        run.metal =
            metalOf(report.stock.tableOf(chosen.candidates()[static_cast<std::size_t>(chosen.chosen)].spool).card());
        const choice::Candidate& made = chosen.candidates()[static_cast<std::size_t>(chosen.chosen)];
        run.bundle = made.bundle;
        const auto endings = choice::findEndings(chosen, made);
        const Limb& limb = limbOf(static_cast<int>(c));
        for (std::size_t i = 0; i < limb.segments.size(); ++i) {
            const Link& link = s.links[static_cast<std::size_t>(copy.firstLink) + i];
            if (i == 0) run.points.push_back(project(view, link.from));
            for (const choice::Ending& e : endings)
                if (e.joint == static_cast<int>(i)) {
                    // Some strands end half way along this stretch; the rest run on.
                    run.points.push_back(project(view, 0.5 * (link.from + link.to)));
                    const QPointF here = run.points.back();
                    Run on;
                    on.copy = run.copy, on.metal = run.metal;
                    m_runs.push_back(std::move(run));
                    run = std::move(on);
                    run.bundle = made.bundle;
                    run.bundle.strands = e.strands;
                    if (e.strands == 1) run.bundle.lay_mm = 0;
                    run.points.push_back(here);
                }
            run.points.push_back(project(view, link.to));
            run.depthMean += depthOf(view, link.to) / static_cast<double>(limb.segments.size());
        }
        if (limb.tieDown && !run.points.empty()) {
            run.points.push_back(run.points.back() + limb.tieDown->depth_mm * legDirection(view, s, copy, limb));
            m_below = std::max(m_below, run.points.back().y());
        }
        m_runs.push_back(std::move(run));
    }
    for (std::size_t i = 0; i < puppet.things.features.size() && i < report.things.features.size() && !rest; ++i) {
        const Feature& f = puppet.things.features[i];
        const auto clay = report.shelf.clays.find(f.clay);
        const QColor colour = clay != report.shelf.clays.end() && !clay->second.colour.empty()
                                  ? QColor(QString::fromStdString(clay->second.colour))
                                  : QColor("#cfc2a8");
        for (const fill::FeaturePoint& x : fill::findFeaturePoints(puppet, f, report.things.features[i],
                                                                   report.choice.skeleton, report.choice.parts)) {
            // What looks away is hidden by its host.
            if (depthOf(view, x.out) < -0.25) continue;
            m_dots.push_back({project(view, x.at), x.size_mm / 2, depthOf(view, x.at), colour});
        }
    }
    std::sort(m_dots.begin(), m_dots.end(), [](const Dot& a, const Dot& b) { return a.depth < b.depth; });
    std::stable_sort(m_runs.begin(), m_runs.end(),
                     [](const Run& x, const Run& y) { return x.depthMean < y.depthMean; });
}

std::vector<QPolygonF> Elevation::outlines() const {
    // To size: the parts themselves, nothing melted.
    QPainterPath outline;
    for (const Piece& p : m_pieces)
        outline = outline.united(p.outside.simplified());
    std::vector<QPolygonF> all;
    for (const QPolygonF& polygon : outline.toSubpathPolygons())
        all.push_back(polygon);
    return all;
}

int Elevation::findPart(const QPointF& at) const {
    for (auto it = m_pieces.rbegin(); it != m_pieces.rend(); ++it)
        if (it->outside.contains(at)) return it->part;
    return -1;
}

} // namespace enkinet::app
