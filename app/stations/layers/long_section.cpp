#include "stations/layers/long_section.h"
#include "widgets/look.h"
#include "widgets/materials.h"
#include "words/text.h"
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {
constexpr double kSectionLeft = 34, kSectionRight = 8, kSectionTop = 18, kSectionBottom = 30, kBorderReach = 9;
}

LongSection::LongSection(Document& document, bool shaping, QWidget* parent)
    : QWidget(parent), m_document(document), m_shaping(shaping) {
    setMinimumHeight(190);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setMouseTracking(true);
    setAccessibleName(tr("Cut along the limb, from its surface to its wire"));
}

const body::Segment& LongSection::segmentOf(const Stretch& s) const {
    return m_shown->puppet().limbs[static_cast<std::size_t>(m_limb)].segments[static_cast<std::size_t>(s.segment)];
}

void LongSection::show(int part) {
    m_stretches.clear();
    m_limb = -1, m_part = part;
    m_shown = m_document.shown();
    if (!m_shown) return hide();
    const auto& c = m_shown->report().choice;
    if (part >= 0 && c.parts[static_cast<std::size_t>(part)].mass < 0) {
        const int copy = c.rest.links[static_cast<std::size_t>(c.parts[static_cast<std::size_t>(part)].link)].copy;
        m_limb = c.rest.copies[static_cast<std::size_t>(copy)].limb;
        m_length = 0, m_deepest = 1;
        for (std::size_t i = 0; i < c.parts.size(); ++i) {
            const fill::Part& p = c.parts[i];
            const body::Link& link = c.rest.links[static_cast<std::size_t>(p.link)];
            if (p.mass >= 0 || link.copy != copy) continue;
            Stretch s{
                static_cast<int>(i),  link.segment, m_length, link.length_mm, c.own[static_cast<std::size_t>(p.link)],
                body::findStiff(link)};
            m_length += link.length_mm;
            m_stretches.push_back(s);
            for (const body::Section& t : segmentOf(s).sections)
                m_deepest = std::max(m_deepest, std::min(t.a_mm, t.b_mm));
        }
    }
    const bool any = std::any_of(m_stretches.begin(), m_stretches.end(),
                                 [&](const Stretch& s) { return !segmentOf(s).sections.empty(); });
    setVisible(any);
    update();
}

double LongSection::x(double along) const {
    return kSectionLeft + along / m_length * (width() - kSectionLeft - kSectionRight);
}
double LongSection::y(double depth) const {
    return kSectionTop + depth / m_deepest * (height() - kSectionTop - kSectionBottom);
}

std::pair<double, double> LongSection::depths(const body::Segment& s, double at) const {
    const body::Layers& l = s.layers;
    const bool covered = !l.cover.empty() && at >= l.coverFrom && at <= l.coverTo;
    const double cover = covered ? l.cover_mm : 0;
    const body::Section here = body::findSection(s.sections, at);
    const double half = std::min(here.a_mm, here.b_mm);
    const double skin = l.clay.empty() ? 0 : body::findSkin(s, at);
    return {std::min(cover, half), std::min(cover + skin, half)};
}

std::optional<QPointF> LongSection::placeOf(const Mark& m) const {
    for (const Stretch& s : m_stretches) {
        if (s.segment != m.segment) continue;
        const body::Segment& seg = segmentOf(s);
        if (m.section >= static_cast<int>(seg.sections.size()) || seg.layers.clay.empty()) return {};
        const double at = seg.sections[static_cast<std::size_t>(m.section)].at;
        return QPointF(x(s.from_mm + at * s.length_mm), y(depths(seg, at).second));
    }
    return {};
}

std::optional<QPointF> LongSection::markAt(int segment, int section) const { return placeOf({segment, section}); }

void LongSection::drawStretch(QPainter& p, const Stretch& s) const {
    const body::Segment& seg = segmentOf(s);
    if (seg.sections.empty()) return;
    const results::Report& r = m_shown->report();
    const body::Layers& l = seg.layers;
    // Places where anything bends or steps.
    std::vector<double> at{0, 1, s.stiff.from, s.stiff.to, l.coverFrom, l.coverTo};
    for (const body::Section& t : seg.sections)
        at.push_back(t.at);
    std::sort(at.begin(), at.end());
    const auto px = [&](double t) { return x(s.from_mm + t * s.length_mm); };
    const QColor clay = l.clay.empty() ? QColor() : QColor(QString::fromStdString(r.shelf.clays.at(l.clay).colour));
    const QColor cloth = l.cover.empty() ? QColor() : QColor(QString::fromStdString(r.shelf.covers.at(l.cover).colour));
    const bool foil = !l.bulk.empty() && r.shelf.bulks.at(l.bulk).foil;
    p.setPen(Qt::NoPen);
    for (std::size_t i = 1; i < at.size(); ++i) {
        const double a = at[i - 1], b = at[i], mid = (a + b) / 2;
        if (b - a < 1e-9 || mid < 0 || mid > 1) continue;
        const bool gap = mid < s.stiff.from || mid > s.stiff.to;
        const auto band = [&](auto upper, auto lower, const QColor& colour, const QImage* texture) {
            // Just inside the stretch, so that a step of the cover falls on the right side.
            const double e = (b - a) * 1e-6;
            const QPolygonF shape({{px(a), y(upper(a + e))},
                                   {px(b), y(upper(b - e))},
                                   {px(b), y(lower(b - e))},
                                   {px(a), y(lower(a + e))}});
            p.setBrush(colour);
            p.drawPolygon(shape);
            if (texture) {
                p.setBrush(QBrush(*texture));
                p.drawPolygon(shape);
            }
        };
        const auto zero = [](double) { return 0.0; };
        const auto under = [&](double t) { return depths(seg, t).first; };
        const auto inner = [&](double t) { return depths(seg, t).second; };
        const auto axis = [&](double t) {
            const body::Section here = body::findSection(seg.sections, t);
            return std::min(here.a_mm, here.b_mm);
        };
        if (!l.cover.empty() && mid >= l.coverFrom && mid <= l.coverTo) band(zero, under, cloth, nullptr);
        if (!l.clay.empty() && (!gap || l.skinAcrossGaps)) {
            band(under, inner, clay, &clayGrain());
            double in = 0;
            for (std::size_t k = l.coats.size(); k-- > 0;) {
                const auto outer = [&, from = in](double t) { return std::min(axis(t), inner(t) + from); };
                in += l.coats[k].thickness_mm;
                const auto to = [&, until = in](double t) { return std::min(axis(t), inner(t) + until); };
                band(outer, to, QColor(QString::fromStdString(r.shelf.clays.at(l.coats[k].clay).colour)), &clayGrain());
            }
        }
        const auto core = [&](double t) { return std::min(axis(t), inner(t) + body::findCoats(l)); };
        if (!l.bulk.empty() && !gap)
            band(core, axis, foil ? look().foil : QColor("#cbbf9f"), foil ? &foilCrumple() : nullptr);
    }
    // The axis, and the least and the most that the clay wants.
    QPolygonF axis, least, most;
    for (double t : at) {
        const body::Section here = body::findSection(seg.sections, t);
        const double half = std::min(here.a_mm, here.b_mm);
        axis << QPointF(px(t), y(half));
        if (l.clay.empty()) continue;
        const fill::ClayCard& card = r.shelf.clays.at(l.clay);
        const double cover = depths(seg, t).first;
        least << QPointF(px(t), y(std::min(m_deepest, cover + card.thinnest_mm)));
        most << QPointF(px(t), y(std::min(m_deepest, cover + card.thickest_mm)));
    }
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(look().ink, 1, Qt::DashLine));
    p.drawPolyline(least);
    if (!l.clay.empty() && r.shelf.clays.at(l.clay).thickest_mm < m_deepest) p.drawPolyline(most);
    p.setPen(QPen(look().graphite, 1.2));
    p.drawPolyline(axis);
}

void LongSection::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (m_limb < 0) return;
    const auto& c = m_shown->report().choice;
    const body::Limb& limb = m_shown->puppet().limbs[static_cast<std::size_t>(m_limb)];
    for (const Stretch& s : m_stretches)
        drawStretch(p, s);
    // The wire along the axis of what has a body, half of it seen.
    const choice::LimbChoice& chosen = c.limbs[static_cast<std::size_t>(m_limb)];
    if (chosen.chosen >= 0) {
        const double half =
            wire::findBundleDiameter(chosen.candidates()[static_cast<std::size_t>(chosen.chosen)].bundle) / 2;
        QPolygonF top, bottom;
        for (const Stretch& s : m_stretches)
            for (double t : {0.0, 0.25, 0.5, 0.75, 1.0}) {
                const body::Segment& seg = segmentOf(s);
                const body::Section here =
                    seg.sections.empty() ? body::Section{0, half, half} : body::findSection(seg.sections, t);
                const double axis = std::min(here.a_mm, here.b_mm);
                top << QPointF(x(s.from_mm + t * s.length_mm), y(std::max(0.0, axis - half)));
                bottom << QPointF(x(s.from_mm + t * s.length_mm), y(axis));
            }
        std::reverse(bottom.begin(), bottom.end());
        p.setPen(Qt::NoPen);
        const Metal metal = metalOf(
            m_shown->report().stock.tableOf(chosen.candidates()[static_cast<std::size_t>(chosen.chosen)].spool).card());
        p.setPen(QPen(metal.dark, 1));
        p.setBrush(metal.mid);
        p.drawPolygon(top + bottom);
    }
    // The surface, and millimetres under it.
    p.setPen(QPen(look().ink, 1.4));
    p.drawLine(QPointF(kSectionLeft, y(0)), QPointF(width() - kSectionRight, y(0)));
    p.setFont(deskFont(8.5));
    const double step = m_deepest > 40 ? 10 : m_deepest > 12 ? 5 : m_deepest > 5 ? 2 : 1;
    for (double d = 0; d <= m_deepest + 1e-9; d += step) {
        p.setPen(QPen(look().graphite, 1));
        p.drawLine(QPointF(kSectionLeft - 4, y(d)), QPointF(kSectionLeft, y(d)));
        p.setPen(look().ink);
        p.drawText(QRectF(0, y(d) - 8, kSectionLeft - 6, 16), Qt::AlignRight | Qt::AlignVCenter, Text::number(d, 0));
    }
    p.drawText(QRectF(kSectionLeft, 0, width() - kSectionLeft, kSectionTop - 2), Qt::AlignLeft | Qt::AlignVCenter,
               tr("mm under the surface; dashed: what its clay wants"));
    // Joints under the axis, as far as their names have room.
    double taken = -1e9;
    for (std::size_t j = 0; j < limb.joints.size(); ++j) {
        const double along = j < m_stretches.size() ? m_stretches[j].from_mm : m_length;
        p.setPen(QPen(look().graphite, 1, Qt::DotLine));
        p.drawLine(QPointF(x(along), y(0)), QPointF(x(along), height() - kSectionBottom + 4));
        const QString name = QString::fromStdString(limb.joints[j].name);
        const double w = QFontMetricsF(p.font()).horizontalAdvance(name);
        const double left = std::clamp(x(along) - w / 2, 2.0, width() - w - 2);
        if (left < taken + 6) continue;
        p.setPen(look().ink);
        p.drawText(QRectF(left, height() - kSectionBottom + 4, w + 2, 16), Qt::AlignLeft | Qt::AlignVCenter, name);
        taken = left + w;
    }
    if (m_shaping)
        for (const Stretch& s : m_stretches)
            for (std::size_t i = 0; i < segmentOf(s).sections.size(); ++i)
                if (const auto at = placeOf({s.segment, static_cast<int>(i)})) {
                    const bool own = segmentOf(s).sections[i].skin_mm.has_value();
                    p.setPen(QPen(look().ink, 1.4));
                    p.setBrush(own ? look().ink : look().card);
                    p.drawEllipse(*at, 4, 4);
                }
    if (m_pointer) {
        p.setPen(QPen(look().slack, 1));
        p.drawLine(QPointF(x(*m_pointer), y(0)), QPointF(x(*m_pointer), height() - kSectionBottom));
    }
}

void LongSection::mousePressEvent(QMouseEvent* e) {
    if (e->button() != Qt::LeftButton || m_limb < 0) return;
    if (m_shaping) {
        double nearest = kBorderReach;
        for (const Stretch& s : m_stretches)
            for (std::size_t i = 0; i < segmentOf(s).sections.size(); ++i)
                if (const auto at = placeOf({s.segment, static_cast<int>(i)}))
                    // Two neighbours' marks may lie on each other: the one in hand is meant.
                    if (const double d = std::hypot(at->x() - e->position().x(), at->y() - e->position().y()) -
                                         (s.part == m_part ? 2 : 0);
                        d < nearest)
                        nearest = d, m_dragged = Mark{s.segment, static_cast<int>(i)};
        if (m_dragged) return;
    }
    // A click elsewhere takes the stretch under it in hand.
    if (!m_shown->isNow(m_document)) return;
    const double along = (e->position().x() - kSectionLeft) / (width() - kSectionLeft - kSectionRight) * m_length;
    for (const Stretch& s : m_stretches)
        if (along >= s.from_mm && along <= s.from_mm + s.length_mm) {
            const auto& c = m_shown->report().choice;
            const body::Link& link =
                c.rest.links[static_cast<std::size_t>(c.parts[static_cast<std::size_t>(s.part)].link)];
            m_document.select({Selection::Kind::segment, m_limb, s.segment,
                               c.rest.copies[static_cast<std::size_t>(link.copy)].right});
            return;
        }
}

void LongSection::mouseMoveEvent(QMouseEvent* e) {
    if (m_limb < 0) return;
    if (m_dragged) {
        if (!m_shown->isSamePuppet(m_document)) return m_dragged.reset();
        for (const Stretch& s : m_stretches) {
            if (s.segment != m_dragged->segment) continue;
            const body::Segment& seg = segmentOf(s);
            const body::Section& section = seg.sections[static_cast<std::size_t>(m_dragged->section)];
            const double depth =
                (e->position().y() - kSectionTop) / (height() - kSectionTop - kSectionBottom) * m_deepest;
            const double mm = std::clamp(std::round(10 * (depth - depths(seg, section.at).first)) / 10, 0.1, 50.0);
            const std::string limb = m_shown->puppet().limbs[static_cast<std::size_t>(m_limb)].id;
            const Mark mark = *m_dragged;
            m_document.change(
                tr("Skin of the %1: %2 at one end").arg(QString::fromStdString(seg.name), Text::length(mm)),
                [&](const document::Edits& edits) {
                    return edits.setSectionSkin(limb, mark.segment, mark.section, mm);
                },
                Document::Merge::yes);
            return;
        }
        return;
    }
    const double along = (e->position().x() - kSectionLeft) / (width() - kSectionLeft - kSectionRight) * m_length;
    for (const Stretch& s : m_stretches)
        if (along >= s.from_mm && along <= s.from_mm + s.length_mm) {
            m_pointer = along;
            update();
            if (m_shown->isNow(m_document)) Q_EMIT pointed(s.part, (along - s.from_mm) / s.length_mm);
            return;
        }
}

void LongSection::mouseReleaseEvent(QMouseEvent*) { m_dragged.reset(); }

void LongSection::leaveEvent(QEvent*) {
    m_pointer.reset();
    update();
    Q_EMIT pointed(-1, 0);
}

} // namespace enkinet::app
