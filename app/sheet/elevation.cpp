#include "sheet/elevation.h"
#include "base/units.h"
#include "widgets/look.h"
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

using namespace body;

QPointF project(View view, const Vec3& p) { return view == View::front ? QPointF(p.x, -p.y) : QPointF(p.z, -p.y); }
double depthOf(View view, const Vec3& p) { return view == View::front ? p.z : -p.x; }

namespace {

constexpr int kAround = 28;

/// The outline of a section's ellipse as seen in a view.
QPolygonF sectionOutline(View view, const Vec3& centre, const Frame& f, double a, double b) {
    QPolygonF poly;
    for (int i = 0; i < kAround; ++i) {
        const double u = 2 * kPi * i / kAround;
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

/// The tube between two shares of a link, inset, as one path.
QPainterPath tubePath(View view, const Segment& seg, const Link& link, Stretch s, Surface surface) {
    QPainterPath path;
    path.setFillRule(Qt::WindingFill);
    if (s.length() <= 0) return path;
    const Frame f = findFrame(link);
    for (const Shell& shell : findShells(seg, surface)) {
        const Stretch here = findCommon({shell.from, shell.to}, s);
        if (here.length() <= 0) continue;
        std::vector<double> at{here.from};
        for (const Station& t : shell.stations)
            if (t.at > here.from && t.at < here.to) at.push_back(t.at);
        at.push_back(here.to);
        QPolygonF before;
        for (double t : at) {
            const Station st = findStation(shell.stations, t);
            const QPolygonF now = sectionOutline(view, link.from + t * (link.to - link.from), f, std::max(0.0, st.a_mm),
                                                 std::max(0.0, st.b_mm));
            if (!before.isEmpty()) {
                path.addPolygon(convexHull(before + now));
                path.closeSubpath();
            }
            before = now;
        }
    }
    return path.simplified();
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

QColor hex(const std::string& text, const QColor& fallback) {
    const QColor c(QString::fromStdString(text));
    return c.isValid() ? c : fallback;
}

} // namespace

QColor finishedColour(const Layers& l, const document::Production& p, const results::Report& r, const QColor& clay) {
    if (const auto cover = r.shelf.covers.find(l.cover); cover != r.shelf.covers.end())
        return hex(cover->second.colour, look().graphite);
    for (const paint::Scheme& s : p.schemes) {
        if (s.id != l.scheme) continue;
        for (const paint::Coat& c : s.coats)
            if (c.role == paint::Role::base)
                for (const paint::PaintCard& card : r.cards->paints)
                    if (card.id == c.paint) return hex(card.colour, clay);
    }
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
                     View view, bool rest)
    : m_view(view) {
    const Skeleton& s = rest ? report.choice.rest : report.choice.skeleton;
    const auto limbOf = [&](int copy) -> const Limb& {
        return puppet.limbs[static_cast<std::size_t>(s.copies[static_cast<std::size_t>(copy)].limb)];
    };
    for (std::size_t i = 0; i < report.choice.parts.size(); ++i) {
        const fill::Part& p = report.choice.parts[i];
        const Link& link = s.links[static_cast<std::size_t>(p.link)];
        const LimbCopy& copy = s.copies[static_cast<std::size_t>(link.copy)];
        Piece piece;
        piece.part = static_cast<int>(i);
        const Layers& l = p.layers;
        const double outside = l.cover.empty() ? 0 : l.cover_mm, skin = l.clay.empty() ? 0 : l.skin_mm;
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
            piece.group = static_cast<int>(s.copies.size()) + p.mass;
            piece.outside = massPath(view, m, c, 0), piece.underCover = massPath(view, m, c, outside);
            if (piece.hasBulk) piece.core = massPath(view, m, c, outside + skin);
            m_selectionOf.push_back({Selection::Kind::mass, -1, c.mass, c.right});
        } else {
            const Segment& seg = limbOf(link.copy).segments[static_cast<std::size_t>(link.segment)];
            const Stretch own = report.choice.own[i], solid = findCommon(own, findStiff(link));
            piece.depth = depthOf(view, 0.5 * (link.from + link.to));
            piece.group = link.copy;
            piece.outside = tubePath(view, seg, link, own, Surface::finished);
            piece.underCover = tubePath(view, seg, link, l.skinAcrossGaps ? own : solid, Surface::clay);
            if (piece.hasBulk) piece.core = tubePath(view, seg, link, solid, Surface::core);
            if (link.gapFrom_mm > 0 && own.from <= 0 && !seg.stations.empty() && link.segment > 0)
                piece.outside = piece.outside.united(
                    ballPath(view, link.from, 0.98 * std::min(seg.stations.front().a_mm, seg.stations.front().b_mm)));
            m_selectionOf.push_back({Selection::Kind::segment, copy.limb, link.segment, copy.right});
        }
        if (piece.outside.isEmpty()) continue;
        m_pieces.push_back(std::move(piece));
    }
    m_groups.resize(s.copies.size() + s.masses.size());
    std::vector<double> depth(m_groups.size()), count(m_groups.size());
    for (const Piece& p : m_pieces) {
        const auto g = static_cast<std::size_t>(p.group);
        m_groups[g] = m_groups[g].united(p.outside);
        depth[g] += p.depth, count[g] += 1;
    }
    for (Piece& p : m_pieces)
        p.depth = depth[static_cast<std::size_t>(p.group)] / count[static_cast<std::size_t>(p.group)];
    std::stable_sort(m_pieces.begin(), m_pieces.end(), [](const Piece& x, const Piece& y) {
        return x.depth != y.depth ? x.depth < y.depth : x.group < y.group;
    });
    for (const Piece& p : m_pieces)
        m_outline = m_outline.united(p.outside);
    m_bounds = m_outline.boundingRect();

    for (std::size_t c = 0; c < s.copies.size(); ++c) {
        const LimbCopy& copy = s.copies[c];
        const choice::LimbChoice& chosen = report.choice.limbs[static_cast<std::size_t>(copy.limb)];
        if (chosen.chosen < 0) continue;
        Run run;
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
                    m_runs.push_back(std::move(run));
                    run = {};
                    run.bundle = made.bundle;
                    run.bundle.strands = e.strands;
                    if (e.strands == 1) run.bundle.lay_mm = 0;
                    run.points.push_back(here);
                }
            run.points.push_back(project(view, link.to));
            run.depthMean += depthOf(view, link.to) / static_cast<double>(limb.segments.size());
        }
        if (limb.tieDown && !run.points.empty())
            run.points.push_back(run.points.back() + limb.tieDown->depth_mm * legDirection(view, s, copy, limb));
        m_runs.push_back(std::move(run));
    }
    std::stable_sort(m_runs.begin(), m_runs.end(),
                     [](const Run& x, const Run& y) { return x.depthMean < y.depthMean; });
}

void Elevation::drawRun(QPainter& painter, const Run& run, double ppm) const {
    const wire::Bundle& b = run.bundle;
    const double r = wire::findStrandRadius(b), d = b.diameter_mm;
    const int helical = b.strands == 7 ? 6 : b.strands;
    // Along the polyline in steps of a twelfth of a turn; the strand behind is drawn first and darker.
    std::vector<std::pair<QPointF, QPointF>> path; // point, normal
    std::vector<double> along;
    double s = 0;
    const double step = b.lay_mm > 0 ? b.lay_mm / 12 : 4;
    for (std::size_t i = 1; i < run.points.size(); ++i) {
        const QPointF p = run.points[i - 1], q = run.points[i];
        const double L = std::hypot(q.x() - p.x(), q.y() - p.y());
        if (L < 1e-6) continue;
        const QPointF n(-(q.y() - p.y()) / L, (q.x() - p.x()) / L);
        const int steps = std::max(1, static_cast<int>(std::ceil(L / step)));
        for (int k = path.empty() ? 0 : 1; k <= steps; ++k) {
            const double t = static_cast<double>(k) / steps;
            path.emplace_back(p + t * (q - p), n);
            along.push_back(s + t * L);
        }
        s += L;
    }
    const auto strand = [&](int i, bool front) {
        QPainterPath line;
        bool drawing = false;
        for (std::size_t k = 0; k < path.size(); ++k) {
            const double phase =
                (b.lay_mm > 0 ? 2 * kPi * along[k] / b.lay_mm : 0) + 2 * kPi * i / std::max(1, helical);
            const bool isFront = b.lay_mm <= 0 || std::cos(phase) >= -0.1;
            const QPointF at = path[k].first + r * std::sin(phase) * path[k].second;
            if (b.strands > 1 && isFront != front) {
                drawing = false;
                continue;
            }
            if (drawing)
                line.lineTo(at);
            else
                line.moveTo(at);
            drawing = true;
        }
        const double width = std::max(d, 1.1 / ppm);
        painter.setPen(QPen(look().copperDark, width, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        painter.drawPath(line);
        painter.setPen(QPen(front ? look().copper : look().copper.darker(118), width * 0.72, Qt::SolidLine,
                            Qt::RoundCap, Qt::RoundJoin));
        painter.drawPath(line);
    };
    painter.setBrush(Qt::NoBrush);
    if (b.strands > 1 && b.lay_mm > 0)
        for (int i = 0; i < helical; ++i)
            strand(i, false);
    for (int i = 0; i < helical; ++i)
        strand(i, true);
}

void Elevation::draw(QPainter& painter, Peel peel, double ppm, const Selection& selection) const {
    const auto pen = [&](const QColor& c, double px) {
        return QPen(c, px / ppm, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin);
    };
    const auto isSelected = [&](const Piece& p) {
        const Selection& s = m_selectionOf[static_cast<std::size_t>(p.part)];
        return selection.kind == s.kind && selection.limb == s.limb && selection.index == s.index &&
               selection.right == s.right;
    };
    const auto outlineOf = [&](const Piece& p, const QColor& c, double px) {
        painter.setPen(pen(c, px));
        painter.setBrush(Qt::NoBrush);
        painter.drawPath(m_groups[static_cast<std::size_t>(p.group)]);
    };
    for (std::size_t i = 0; i < m_pieces.size(); ++i) {
        const Piece& p = m_pieces[i];
        const bool lastOfGroup = i + 1 == m_pieces.size() || m_pieces[i + 1].group != p.group;
        if (peel == Peel::painted) {
            painter.setPen(pen(p.painted, 0.6));
            painter.setBrush(p.painted);
            painter.drawPath(p.outside);
            if (p.fleece) {
                // Fur in short strokes, pile running down.
                painter.setPen(pen(p.painted.darker(135), 0.8));
                const QRectF box = p.outside.boundingRect();
                const double gap = 3.2;
                for (double y = box.top(); y < box.bottom(); y += gap)
                    for (double x = box.left() + std::fmod(std::abs(y) * 1.7, gap); x < box.right(); x += gap)
                        if (p.outside.contains(QPointF(x, y)) && p.outside.contains(QPointF(x + 0.7, y + 2.2)))
                            painter.drawLine(QPointF(x, y), QPointF(x + 0.7, y + 2.2));
            }
            if (lastOfGroup) outlineOf(p, p.painted.darker(150), 0.9);
        } else if (peel == Peel::clay || peel == Peel::bulk) {
            painter.setPen(Qt::NoPen);
            painter.setBrush(look().shade);
            painter.drawPath(p.outside);
            painter.setPen(pen(look().graphite, 0.6));
            if (peel == Peel::clay && p.hasClay) {
                painter.setBrush(p.clay);
                painter.drawPath(p.underCover);
            } else if (peel == Peel::bulk && p.hasClay) {
                QColor thin = p.clay;
                thin.setAlpha(90);
                painter.setPen(Qt::NoPen);
                painter.setBrush(thin);
                painter.drawPath(p.underCover);
            }
            if (p.hasBulk && (peel == Peel::bulk || !p.hasClay)) {
                painter.setPen(pen(p.bulk.darker(140), 0.7));
                painter.setBrush(p.bulk);
                painter.drawPath(p.core);
            }
            if (lastOfGroup) outlineOf(p, look().faint, 0.8);
        } else if (lastOfGroup) {
            outlineOf(p, look().faint, 0.8);
        }
    }
    painter.setPen(pen(look().graphite, 1.4));
    painter.setBrush(Qt::NoBrush);
    painter.drawPath(m_outline);
    if (peel != Peel::painted && peel != Peel::paper)
        for (const Run& r : m_runs)
            drawRun(painter, r, ppm);
    for (const Piece& p : m_pieces)
        if (isSelected(p)) {
            painter.setPen(pen(look().copper, 2.2));
            painter.setBrush(Qt::NoBrush);
            painter.drawPath(p.outside);
        }
}

std::vector<QPolygonF> Elevation::outlines() const {
    std::vector<QPolygonF> all;
    for (const QPolygonF& polygon : m_outline.toSubpathPolygons())
        all.push_back(polygon);
    return all;
}

int Elevation::findPart(const QPointF& at) const {
    for (auto it = m_pieces.rbegin(); it != m_pieces.rend(); ++it)
        if (it->outside.contains(at)) return it->part;
    return -1;
}

void drawStateMark(QPainter& painter, const QPointF& c, double r, choice::State state) {
    const QColor colour = stateColour(static_cast<int>(state));
    painter.save();
    painter.setPen(QPen(colour, r * 0.24));
    painter.setBrush(look().card);
    painter.drawEllipse(c, r, r);
    painter.setPen(QPen(colour, r * 0.26, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.setBrush(Qt::NoBrush);
    const auto at = [&](double x, double y) { return c + QPointF(x * r, y * r); };
    QPainterPath p;
    switch (state) {
    case choice::State::not_checked: // a dot: nothing is said
        p.addEllipse(c, r * 0.12, r * 0.12);
        break;
    case choice::State::holds: // a level bar
        p.moveTo(at(-0.5, 0)), p.lineTo(at(0.5, 0));
        break;
    case choice::State::slack: // a bar that sags
        p.moveTo(at(-0.5, -0.2)), p.quadTo(at(0, 0.75), at(0.5, -0.2));
        break;
    case choice::State::stiff: // two bars that do not give
        p.moveTo(at(-0.5, -0.2)), p.lineTo(at(0.5, -0.2)), p.moveTo(at(-0.5, 0.24)), p.lineTo(at(0.5, 0.24));
        break;
    case choice::State::springy: // a coil
        p.moveTo(at(-0.55, 0.2)), p.lineTo(at(-0.2, -0.35)), p.lineTo(at(0.12, 0.35)), p.lineTo(at(0.5, -0.2));
        break;
    case choice::State::tired: // a bar with a crack
        p.moveTo(at(-0.5, 0.08)), p.lineTo(at(-0.12, 0.08)), p.moveTo(at(0.18, -0.1)), p.lineTo(at(0.52, -0.1)),
            p.moveTo(at(-0.08, -0.42)), p.lineTo(at(0.12, 0.4));
        break;
    case choice::State::crowded: // two walls pressed together
        p.moveTo(at(-0.16, -0.45)), p.lineTo(at(-0.16, 0.45)), p.moveTo(at(0.16, -0.45)), p.lineTo(at(0.16, 0.45)),
            p.moveTo(at(-0.6, 0)), p.lineTo(at(-0.3, 0)), p.moveTo(at(0.6, 0)), p.lineTo(at(0.3, 0));
        break;
    }
    painter.drawPath(p);
    painter.restore();
}

void drawBundle(QPainter& painter, const QPointF& c, const wire::Bundle& b, double scale, const QColor& fill,
                const QColor& line) {
    painter.save();
    painter.setPen(QPen(line, 1));
    painter.setBrush(fill.isValid() ? QBrush(fill) : QBrush(Qt::NoBrush));
    const double r = wire::findStrandRadius(b) * scale, d = b.diameter_mm * scale / 2;
    const int helical = b.strands == 7 ? 6 : b.strands;
    const double turn = b.strands == 3 ? -kPi / 2 : b.strands == 4 ? kPi / 4 : 0;
    if (b.strands == 7) painter.drawEllipse(c, d, d);
    for (int i = 0; i < helical; ++i) {
        const double u = turn + 2 * kPi * i / helical;
        painter.drawEllipse(c + QPointF(r * std::cos(u), r * std::sin(u)), d, d);
    }
    painter.restore();
}

} // namespace enkinet::app
