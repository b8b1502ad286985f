#include "document/translated.h"
#include "print/sheet_pages.h"
#include "sheet/drill_plan.h"
#include "words/text.h"
#include <QPolygonF>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {
constexpr double kThingRow = 9.6, kTick = 3.2;
constexpr const char* kSides[] = {"front", "back", "left", "right", "below"}; ///< as a file has them
} // namespace

void ThingsPages::draw() {
    body::Things but = m_puppet.things;
    but.base.reset(), but.copies = 1;
    if (!(but == body::Things{})) thingsPage();
    if (m_puppet.things.base && m_r.things.base) basePages();
}

/// The line to cut by at 1:1, where it has room on the paper.
double ThingsPages::sheetOutline(std::size_t i, double y) {
    const auto outline =
        checks::findSheetOutline(m_puppet, m_r.choice.rest, m_puppet.things.sheets[i], m_r.things.sheets[i]);
    QPolygonF shape;
    for (const auto& [px, py] : outline)
        shape << QPointF(px, py);
    const QRectF box = shape.boundingRect(), paper = m_pages.area();
    if (box.width() > paper.width() || box.height() > paper.height() - 20) {
        m_pages.text(paper.left() + 4, y, tr("Larger than this paper: drawn out from its measures."), 2.9, false,
                     kGrey);
        return y + 6;
    }
    if (y + box.height() + 8 > paper.bottom()) {
        m_pages.next(tr("things on the body"));
        y = paper.top() + 4;
    }
    shape.translate(paper.left() + 4 - box.left(), y - box.top());
    for (int k = 0; k < shape.size(); ++k) {
        const QPointF a = shape[k], b = shape[(k + 1) % shape.size()];
        m_pages.line(a.x(), a.y(), b.x(), b.y(), 0.3);
    }
    m_pages.text(shape.boundingRect().left() + 2, y + 4, tr("cut here, 1:1"), 2.6, false, kGrey);
    return y + box.height() + 7;
}

/// What to roll, which seat, how many; signed off from five sides. Then what holds it.
void ThingsPages::thingsPage() {
    double y = 0;
    const auto begin = [&](double room) {
        if (y > 0 && y + room < m_pages.area().bottom()) return;
        m_pages.next(tr("things on the body"));
        y = m_pages.area().top() + 4;
    };
    const auto& things = m_puppet.things;
    const double left = m_pages.area().left(), right = m_pages.area().right();
    const double at[] = {left, left + 46, left + 62, left + 84, left + 116, right - 40};
    if (!things.features.empty()) {
        begin(30);
        const QString heads[] = {tr("thing"),       tr("pieces"),        tr("roll a ball of"),
                                 tr("seat, depth"), tr("weighs, takes"), tr("front back left right below")};
        for (std::size_t k = 0; k < 6; ++k)
            m_pages.fitText(at[k], y, (k < 5 ? at[k + 1] : right) - at[k] - 1.5, heads[k], 2.8, true, kGrey);
        y += 2;
        m_pages.line(left, y, right, y, 0.3);
        y += 5;
    }
    for (std::size_t i = 0; i < things.features.size() && i < m_r.things.features.size(); ++i) {
        begin(kThingRow + 4);
        const body::Feature& f = things.features[i];
        const fill::FeatureWork& w = m_r.things.features[i];
        const auto cell = [&](std::size_t k, const QString& words) {
            m_pages.fitText(at[k], y, at[k + 1] - at[k] - 1.5, words, 3.1);
        };
        m_pages.fitText(at[0], y, at[1] - at[0] - 1.5, QString::fromStdString(f.name), 3.1, true);
        cell(1, f.spares > 0 ? tr("%1 and %2").arg(w.count()).arg(f.spares) : QString::number(w.count()));
        cell(2, w.ball_mm <= 0 ? tr("as weighed")
                : std::abs(w.ball_mm - w.ballLast_mm) > 0.05
                    ? tr("%1 to %2").arg(Text::length(w.ball_mm), Text::length(w.ballLast_mm))
                    : Text::length(w.ball_mm));
        cell(3, tr("%1, %2").arg(Text::length(w.seat_mm), Text::length(w.seatDepth_mm)));
        cell(4, std::isnan(w.minutes.value) ? Text::grams(w.mass_g)
                                            : tr("%1, %2").arg(Text::grams(w.mass_g), Text::minutes(w.minutes)));
        for (int k = 0; k < 5; ++k)
            tick(at[5] + k * 8, y, std::find(f.ticked.begin(), f.ticked.end(), kSides[k]) != f.ticked.end());
        y += 4.6;
        if (f.apart || f.hard)
            y += m_pages.paragraph(QRectF(left + 2, y - 3.2, right - left - 44, 10),
                                   f.apart && f.hard ? tr("Made apart, goes on hard.")
                                   : f.apart         ? tr("Made apart, goes on raw.")
                                                     : tr("Hard when it goes on."),
                                   2.8, kGrey);
        if (f.limit_C > 0)
            y += m_pages.paragraph(
                QRectF(left + 2, y - 3.2, right - left - 44, 10),
                tr("Stands %1: it goes on after the last load above that.").arg(Text::temperature(f.limit_C)), 2.8,
                kWarn);
        m_pages.line(left, y - 1.4, right, y - 1.4, 0.1, kPale);
        y += kThingRow - 4.6;
    }
    for (std::size_t i = 0; i < things.bonds.size() && i < m_r.things.bonds.size(); ++i) {
        begin(16);
        const body::Bond& b = things.bonds[i];
        const checks::BondCheck& c = m_r.things.bonds[i];
        m_pages.fitText(left, y, right - left, QString::fromStdString(b.name), 3.2, true);
        QStringList words;
        if (b.diameter_mm > 0)
            words << tr("%1 across, %2 and %3 deep")
                         .arg(Text::length(b.diameter_mm), Text::length(b.depth_mm), Text::length(b.depthTo_mm));
        words << (c.weakest() < 0 ? tr("not checked")
                  : c.carried() < 1
                      ? tr("holds %1 % of what it must").arg(Text::number(100 * c.carried(), 0))
                      : tr("holds %1 times what is asked").arg(Text::figure(std::min(99.0, c.carried()))));
        for (const auto limit : {checks::BondLimit::heat, checks::BondLimit::wall})
            if (c.failsBy(limit)) words << translated(schema::labelOf(limit));
        if (b.comesOff) words << tr("comes off");
        if (!b.adhesive.empty())
            words << tr(
                "glue: gloves and fresh air; instant glue bonds skin and fumes in the oven; its own sheet counts");
        y += 1.2 + m_pages.paragraph(QRectF(left, y + 1, right - left, 20), words.join(tr(", ")) + ".", 2.9, kGrey) + 4;
    }
    for (std::size_t i = 0; i < things.sheets.size() && i < m_r.things.sheets.size(); ++i) {
        begin(12);
        const body::Sheet& s = things.sheets[i];
        m_pages.fitText(left, y, right - left,
                        tr("%1: cut %2 by %3, %4 thick, %5")
                            .arg(QString::fromStdString(s.name), Text::length(m_r.things.sheets[i].pattern_mm),
                                 Text::length(s.width_mm), Text::length(s.thickness_mm),
                                 Text::grams(m_r.things.sheets[i].mass_g)),
                        3.1);
        y += 6.5;
        y = sheetOutline(i, y);
    }
    for (const body::Prop& x : things.props) {
        begin(12);
        tick(left, y, x.tried);
        m_pages.fitText(left + 6, y, right - left - 6,
                        tr("%1, tried in the hand before that is hard: %2, grip %3 across, %4")
                            .arg(QString::fromStdString(x.name), Text::grams(x.mass_g), Text::length(x.grip_mm),
                                 x.pose.empty() ? tr("always held")
                                                : tr("held in \u201c%1\u201d").arg(QString::fromStdString(x.pose))),
                        3.1);
        y += 6.5;
    }
    for (const body::Run& x : things.runs) {
        begin(12);
        tick(left, y, x.tested);
        m_pages.fitText(
            left + 6, y, right - left - 6,
            tr("%1, lit before it is closed: low voltage, %2 across, bent no tighter than %3")
                .arg(QString::fromStdString(x.name), Text::length(x.outer_mm), Text::length(x.leastBend_mm)),
            3.1);
        y += 6.5;
    }
    for (const body::Variant& x : things.variants) {
        begin(12);
        QStringList words{QString::fromStdString(x.name)};
        if (x.weighed_g > 0) words << Text::grams(x.weighed_g);
        if (x.minutes > 0) words << Text::minutes(x.minutes);
        m_pages.fitText(left, y, right - left, words.join(tr(", ")), 3.1);
        y += 6.5;
    }
}

/// A box to tick, or ticked already.
void ThingsPages::tick(double x, double y, bool done) {
    QPainter& p = m_pages.painter();
    p.setPen(QPen(kInk, 0.25));
    p.setBrush(Qt::NoBrush);
    p.drawRect(QRectF(x, y - kTick, kTick, kTick));
    if (!done) return;
    p.setPen(QPen(kInk, 0.5));
    p.drawPolyline(QPolygonF{{x + 0.6, y - 1.7}, {x + 1.4, y - 0.7}, {x + 2.8, y - 2.8}});
}

/// The base at exactly 1:1, over as many sheets as it takes, and its table of holes.
void ThingsPages::basePages() {
    const body::Base& b = *m_puppet.things.base;
    const checks::BaseCheck& c = *m_r.things.base;
    const QRectF area = m_pages.area();
    const double deep = b.shape == body::BaseShape::disc ? b.width_mm : b.depth_mm;
    constexpr double kHead = 26, kOverlap = 10;
    const double wide = area.width() - 12, high = area.height() - kHead - 6;
    const int across = std::max(1, static_cast<int>(std::ceil((b.width_mm - kOverlap) / (wide - kOverlap)))),
              down = std::max(1, static_cast<int>(std::ceil((deep - kOverlap) / (high - kOverlap))));
    // A stage's floor is not printed life size; its holes are in the table.
    const bool small = across * down <= 6 && b.shape != body::BaseShape::floor;
    for (int row = 0; small && row < down; ++row)
        for (int column = 0; column < across; ++column) {
            m_pages.next(across * down > 1
                             ? tr("base at 1:1, sheet %1 of %2").arg(row * across + column + 1).arg(across * down)
                             : tr("base at 1:1"));
            checkBar(area.left(), area.top() + 8);
            QPainter& p = m_pages.painter();
            const QRectF window(area.left() + 6, area.top() + kHead, wide, high);
            p.save();
            p.setClipRect(window);
            const double x0 =
                across > 1 ? window.left() - column * (wide - kOverlap) + b.width_mm / 2 : window.center().x();
            const double y0 =
                down > 1 ? window.top() - row * (high - kOverlap) + deep / 2 : window.top() + deep / 2 + 2;
            p.translate(x0, y0);
            // Drawn in millimetres: a line of 0.3 mm is a pen of 1.
            drawDrillPlan(p, b, c, 4, true);
            p.restore();
        }
    m_pages.next(tr("base: holes"));
    double y = area.top() + 6;
    y += 4 +
         m_pages.paragraph(
             QRectF(area.left(), y, area.width(), 30),
             tr("From the middle of the base; plus is to the puppet's left and to its front. Drill upright, the piece "
                "clamped, on scrap; eye protection; a mask for wood dust. The machine's own rules count."),
             3, kGrey);
    const double at[] = {area.left(),       area.left() + 62,  area.left() + 86,
                         area.left() + 110, area.left() + 136, area.left() + 160};
    const QString heads[] = {tr("hole for"), tr("left"), tr("front"), tr("across"), tr("deep"), tr("drilled")};
    for (std::size_t k = 0; k < 6; ++k)
        m_pages.fitText(at[k], y, (k < 5 ? at[k + 1] : area.right()) - at[k] - 1.5, heads[k], 2.8, true, kGrey);
    y += 7;
    for (const checks::Hole& h : c.holes) {
        if (y > area.bottom() - 10) break;
        m_pages.fitText(at[0], y, at[1] - at[0] - 1.5,
                        tr("%1. %2").arg(&h - c.holes.data() + 1).arg(translated(h.name)), 3.2);
        const QString cells[] = {Text::number(h.x_mm - b.x_mm, 1), Text::number(h.z_mm - b.z_mm, 1),
                                 Text::number(h.diameter_mm, 1),
                                 h.through ? tr("through") : Text::number(h.depth_mm, 1)};
        for (std::size_t k = 0; k < 4; ++k)
            m_pages.fitText(at[k + 1], y, at[k + 2] - at[k + 1] - 1.5, cells[k], 3.2, false, h.outside ? kWarn : kInk);
        tick(at[5], y, false);
        y += 7;
    }
    y += 3;
    m_pages.paragraph(QRectF(area.left(), y, area.width(), 40),
                      tr("With its base it weighs %1. Leaning, the weight stands %2 inside the edge, %3 are wanted.")
                          .arg(Text::grams(c.all_g), Text::length(c.leaned_mm), Text::length(c.wanted_mm)),
                      3.2, c.leaned_mm < c.wanted_mm ? kWarn : kInk);
}

} // namespace enkinet::app
