// What is laid on the page and cut or marked: everything here is as large as life.
#include "document/translated.h"
#include "print/sheet_pages.h"
#include "widgets/materials.h"
#include "words/text.h"
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {
constexpr double kRim = 6;      ///< what a printer leaves white all round, mm
constexpr double kLabel = 2.5;  ///< height of a mark's words, mm
constexpr double kOverlap = 10; ///< of neighbouring tiles, mm
} // namespace

void LifeSizePages::draw() {
    patterns();
    elevations();
    strips();
}

/// The covers' patterns at 1:1, back of the cloth up.
void LifeSizePages::patterns() {
    if (m_r.patterns.empty()) return;
    const QRectF a = m_pages.area().adjusted(0, 16, 0, 0);
    double x = 1e9, y = 1e9, row = 0;
    QStringList large;
    std::vector<const fill::Pattern*> order;
    for (const fill::Pattern& p : m_r.patterns)
        order.push_back(&p);
    const auto boxOf = [](const fill::Pattern& p) {
        QPolygonF poly;
        for (const fill::FlatPoint& q : p.cut)
            poly << QPointF(q.x, -q.y);
        return poly.boundingRect();
    };
    std::stable_sort(order.begin(), order.end(),
                     [&](const auto* p, const auto* q) { return boxOf(*p).height() > boxOf(*q).height(); });
    const auto page = [&] {
        m_pages.next(tr("cover patterns"));
        const QRectF all = m_pages.area();
        m_pages.fitText(
            all.left(), all.top() + 5, all.width(),
            tr("Cover, 1:1, back of the cloth up: cut the full line from the back with a blade away from the "
               "hand, sew the dashed one; the arrow is the pile"),
            3);
        checkBar(all.left(), all.top() + 9);
        x = a.left(), y = a.top(), row = 0;
    };
    for (const fill::Pattern* p : order) {
        const QRectF box = boxOf(*p);
        if (box.width() > a.width() || box.height() > a.height()) {
            large << translated(p->label);
            continue;
        }
        if (x > 1e8) page();
        if (x + box.width() > a.right()) x = a.left(), y += row + 4, row = 0;
        if (y + box.height() > a.bottom()) page();
        QPainter& painter = m_pages.painter();
        const QPointF shift = QPointF(x, y) - box.topLeft();
        const auto outline = [&](const std::vector<fill::FlatPoint>& line, Qt::PenStyle style) {
            QPolygonF poly;
            for (const fill::FlatPoint& q : line)
                poly << QPointF(q.x, -q.y) + shift;
            painter.setPen(QPen(kInk, 0.25, style));
            painter.setBrush(Qt::NoBrush);
            painter.drawPolygon(poly);
        };
        outline(p->cut, Qt::SolidLine);
        outline(p->outline, Qt::DashLine);
        const QPointF from = QPointF(p->pileFrom.x, -p->pileFrom.y) + shift,
                      to = QPointF(p->pileTo.x, -p->pileTo.y) + shift;
        m_pages.line(from.x(), from.y(), to.x(), to.y(), 0.25);
        m_pages.line(to.x(), to.y(), to.x() - 1.5, to.y() + 2.5, 0.25);
        m_pages.line(to.x(), to.y(), to.x() + 1.5, to.y() + 2.5, 0.25);
        const QString words =
            p->pieces > 1 ? tr("%1 × %2").arg(translated(p->label)).arg(p->pieces) : translated(p->label);
        m_pages.text(from.x() - m_pages.widthOf(words, 2.6) / 2, from.y() + 4, words, 2.6);
        x += box.width() + 4, row = std::max(row, box.height());
    }
    if (!large.isEmpty()) {
        if (x > 1e8) page();
        m_pages.paragraph({a.left(), m_pages.area().bottom() - 8, a.width(), 8},
                          tr("Larger than this paper, in the SVG and DXF: %1.").arg(large.join(tr(", "))), 2.8, kWarn);
    }
}

void LifeSizePages::elevations() {
    for (View view : {View::front, View::side}) {
        const Elevation e(m_puppet, m_production, m_r, view, true);
        if (e.bounds().isEmpty()) continue;
        tiles(e, view == View::front ? tr("front, 1:1") : tr("side, 1:1"));
    }
}

void LifeSizePages::tiles(const Elevation& e, const QString& title) {
    const QRectF area = m_pages.area().adjusted(0, 8, 0, -2);
    double below = 2;
    for (const body::Limb& l : m_puppet.limbs)
        if (l.tieDown) below = std::max(below, l.tieDown->depth_mm + 2);
    const QRectF need = e.bounds().adjusted(-3, -3, 3, below);
    const double stepX = area.width() - kOverlap, stepY = area.height() - kOverlap;
    const int across = std::max(1, static_cast<int>(std::ceil((need.width() - kOverlap) / stepX))),
              down = std::max(1, static_cast<int>(std::ceil((need.height() - kOverlap) / stepY)));
    // Centred when it fits on one page, else from the corner.
    const double spareX = across == 1 ? (area.width() - need.width()) / 2 : 0,
                 spareY = down == 1 ? (area.height() - need.height()) / 2 : 0;
    for (int j = 0; j < down; ++j)
        for (int i = 0; i < across; ++i) {
            m_pages.next(tr("%1, tile %2 of %3").arg(title).arg(j * across + i + 1).arg(across * down));
            checkBar(area.left(), area.top() - 6);
            QPainter& p = m_pages.painter();
            p.save();
            p.setClipRect(area);
            const QPointF origin = area.topLeft() + QPointF(spareX - i * stepX, spareY - j * stepY) - need.topLeft();
            m_pages.line(area.left(), origin.y(), area.right(), origin.y(), 0.3);
            place(e, origin, 1, LayerView::wire);
            joints(e.view(), origin, area);
            p.restore();
            // Marks where the neighbour's paper must lie: the same points of the drawing on both tiles.
            for (double x : {area.left() + kOverlap / 2, area.right() - kOverlap / 2})
                for (double y : {area.top() + kOverlap / 2, area.bottom() - kOverlap / 2})
                    cross({x, y});
            if (i + 1 < across)
                m_pages.line(area.right() - kOverlap / 2, area.top(), area.right() - kOverlap / 2, area.bottom(), 0.1,
                             kGrey, Qt::DashLine);
            if (j + 1 < down)
                m_pages.line(area.left(), area.bottom() - kOverlap / 2, area.right(), area.bottom() - kOverlap / 2, 0.1,
                             kGrey, Qt::DashLine);
        }
}

/// Gaps and crosses of every joint; its name beside it where it is seen whole and lies on no other.
void LifeSizePages::joints(View view, const QPointF& origin, const QRectF& area) {
    const auto& s = m_r.choice.rest;
    QPainter& p = m_pages.painter();
    std::vector<QRectF> taken;
    for (const body::Hinge& h : s.hinges) {
        const body::Limb& limb =
            m_puppet.limbs[static_cast<std::size_t>(s.copies[static_cast<std::size_t>(h.copy)].limb)];
        const double gap = limb.joints[static_cast<std::size_t>(h.joint)].gap_mm;
        const QPointF at = origin + project(view, h.at);
        p.setPen(QPen(kInk, 0.25));
        p.setBrush(Qt::NoBrush);
        p.drawEllipse(at, gap / 2, gap / 2);
        cross(at);
        if (limb.kind == body::LimbKind::finger || view != View::front) continue;
        const QString label = translated(h.label);
        const double w = m_pages.widthOf(label, 2.6), away = gap / 2 + 1.5;
        const QRectF places[] = {
            {at.x() + away, at.y() - 1.6, w, 3.2},         {at.x() - away - w, at.y() - 1.6, w, 3.2},
            {at.x() - w / 2, at.y() - away - 3.2, w, 3.2}, {at.x() - w / 2, at.y() + away, w, 3.2},
            {at.x() + away, at.y() + 2.4, w, 3.2},         {at.x() - away - w, at.y() + 2.4, w, 3.2}};
        for (const QRectF& box : places) {
            if (!area.adjusted(0.5, 0.5, -0.5, -0.5).contains(box) ||
                std::any_of(taken.begin(), taken.end(), [&](const QRectF& o) { return o.intersects(box); }))
                continue;
            taken.push_back(box.adjusted(-0.6, -0.3, 0.6, 0.3));
            m_pages.text(box.left(), box.bottom() - 0.6, label, 2.6, false, kGrey);
            break;
        }
    }
}

void LifeSizePages::cross(const QPointF& at) {
    m_pages.line(at.x() - 4, at.y(), at.x() + 4, at.y(), 0.15);
    m_pages.line(at.x(), at.y() - 4, at.x(), at.y() + 4, 0.15);
}

void LifeSizePages::strips() {
    const QString title = tr("marking strips, 1:1");
    QRectF a = m_pages.area();
    double y = 1e9;
    for (const choice::Cut& c : m_r.cuts) {
        // A wire that is a little longer than the text is wide goes out to the paper's rim, before it is broken.
        const bool toRim = c.finished_mm > a.width() - 6 && c.finished_mm <= m_pages.paper().width() - 2 * kRim;
        const double wide = toRim ? c.finished_mm : a.width() - 6;
        const int rows = std::max(1, static_cast<int>(std::ceil(c.finished_mm / wide - 1e-9)));
        for (int row = 0; row < rows; ++row) {
            const double from = row * wide, to = std::min(c.finished_mm, from + wide);
            const double x0 = toRim ? (m_pages.paper().width() - c.finished_mm) / 2 : a.left() + 3;
            const std::vector<Label> labels = placeLabels(c, from, to, x0);
            int deep = 0;
            for (const Label& l : labels)
                deep = std::max(deep, l.row);
            const double high = 24 + 3.2 * deep;
            if (y + high > a.bottom()) {
                m_pages.next(title);
                m_pages.fitText(a.left(), a.top() + 5, a.width(),
                                tr("Marking strips: lay the straight, twisted wire on the line and mark it"), 4.4,
                                true);
                checkBar(a.left(), a.top() + 9);
                y = a.top() + 20;
            }
            strip(c, row, rows, from, to, x0, y, labels);
            y += high;
        }
    }
}

std::vector<LifeSizePages::Label> LifeSizePages::placeLabels(const choice::Cut& c, double from, double to,
                                                             double x0) const {
    const QRectF a = m_pages.area();
    std::vector<Label> all;
    std::vector<double> ends;
    for (const choice::Mark& m : c.marks) {
        if (m.at_mm < from - 1e-9 || m.at_mm > to + 1e-9) continue;
        Label l{markLabel(m, c), 0, 0};
        const double w = m_pages.widthOf(l.words, kLabel);
        l.x = std::clamp(x0 + m.at_mm - from - w / 2, a.left(), a.right() - w);
        while (static_cast<std::size_t>(l.row) < ends.size() && l.x < ends[static_cast<std::size_t>(l.row)] + 2)
            ++l.row;
        if (static_cast<std::size_t>(l.row) >= ends.size()) ends.resize(static_cast<std::size_t>(l.row) + 1);
        ends[static_cast<std::size_t>(l.row)] = l.x + w;
        all.push_back(std::move(l));
    }
    return all;
}

void LifeSizePages::strip(const choice::Cut& c, int row, int rows, double from, double to, double x0, double y,
                          const std::vector<Label>& labels) {
    const QRectF a = m_pages.area();
    const body::Limb& limb = m_puppet.limbs[static_cast<std::size_t>(c.limb)];
    QString head =
        tr("%1: %2").arg(QString::fromStdString(limb.name), Text::wire(c.bundle, cardName(m_production, m_r, c.spool)));
    if (c.copies > 1) head += tr(", twice");
    if (rows > 1) head += tr(" (part %1 of %2)").arg(row + 1).arg(rows);
    m_pages.text(a.left(), y + 3, head, 3.2, true);
    const double wireY = y + 11;
    m_pages.line(x0, wireY, x0 + (to - from), wireY, std::min(2.4, wire::findBundleDiameter(c.bundle)),
                 metalOf(m_r.stock.tableOf(c.spool).card()).dark);
    for (const choice::Mark& m : c.marks) {
        if (m.to_mm < from - 1e-9 || m.from_mm > to + 1e-9) continue;
        const double x = x0 + m.at_mm - from;
        if (m.kind == choice::Mark::Kind::joint) {
            const double g0 = std::max(from, m.from_mm), g1 = std::min(to, m.to_mm);
            m_pages.painter().setPen(QPen(kInk, 0.2));
            m_pages.painter().setBrush(Qt::NoBrush);
            m_pages.painter().drawRect(QRectF(x0 + g0 - from, wireY - 2.6, g1 - g0, 5.2));
        }
        if (m.at_mm < from - 1e-9 || m.at_mm > to + 1e-9) continue;
        const double reach = m.kind == choice::Mark::Kind::end || m.kind == choice::Mark::Kind::start ? 5 : 3.6;
        m_pages.line(x, wireY - reach, x, wireY + reach, 0.25);
    }
    for (const Label& l : labels)
        m_pages.text(l.x, wireY + 8 + 3.2 * l.row, l.words, kLabel, false, kGrey);
    if (row + 1 < rows) m_pages.text(a.right() - 16, wireY - 4, tr("goes on"), kLabel, false, kGrey);
}

QString LifeSizePages::markLabel(const choice::Mark& m, const choice::Cut& c) const {
    const QString where = Text::number(m.at_mm, 1);
    const QString name = translated(m.label);
    switch (m.kind) {
    case choice::Mark::Kind::start:
        return tr("root end 0");
    case choice::Mark::Kind::wrap:
        return tr("wrap to here %1").arg(where);
    case choice::Mark::Kind::joint:
        return tr("%1 %2, gap %3").arg(name, where, Text::number(m.to_mm - m.from_mm, 1));
    case choice::Mark::Kind::tip:
        return tr("%1 %2").arg(name, where);
    case choice::Mark::Kind::loop:
        return tr("loop to %1").arg(where);
    case choice::Mark::Kind::tie_down:
        return tr("into the base to %1").arg(where);
    case choice::Mark::Kind::end:
        // A piece is cut longer than it ends up, by what twisting and the ends take.
        return c.groups.front().folded ? tr("fold %1").arg(where)
                                       : tr("end %1, of %2 cut").arg(where, Text::number(c.groups.front().piece_mm, 0));
    case choice::Mark::Kind::ending:
        return tr("strands end %1").arg(where);
    default:
        return tr("%1 %2").arg(name, where);
    }
}

} // namespace enkinet::app
