// The first page: what is printed, at a glance.
#include "document/translated.h"
#include "print/sheet_pages.h"
#include "words/text.h"
#include <algorithm>

namespace enkinet::app {

void CoverPage::draw() {
    m_pages.next(tr("cover"));
    const QRectF a = m_pages.area();
    m_pages.text(a.left(), a.top() + 9, QString::fromStdString(m_puppet.name), 10, true);
    m_pages.text(a.left(), a.top() + 16,
                 tr("%1 · %2 · %3")
                     .arg(QString::fromStdString(m_puppet.kind), Text::length(m_puppet.height_mm, 0),
                          QString::fromStdString(m_production.name)),
                 4, false, kGrey);
    // Both elevations, as large as half the page takes.
    double y = a.top() + 22;
    const Elevation front(m_puppet, m_production, m_r, View::front), side(m_puppet, m_production, m_r, View::side);
    if (!front.bounds().isEmpty()) {
        const double h = a.height() * 0.46, gap = 24;
        const double k = std::min(h / std::max(-front.bounds().top(), -side.bounds().top()),
                                  (a.width() - gap) / (front.bounds().width() + side.bounds().width()));
        double x = a.left() + (a.width() - gap - k * (front.bounds().width() + side.bounds().width())) / 2;
        for (const Elevation* e : {&front, &side}) {
            place(*e, QPointF(x - k * e->bounds().left(), y + h), k, LayerView::clay);
            x += k * e->bounds().width() + gap;
        }
        m_pages.line(a.left(), y + h, a.right(), y + h, 0.4);
        y += h + 10;
    }
    const fill::Totals& t = m_r.choice.totals;
    double column = a.left();
    const double w = a.width() / 2 - 5;
    QStringList figures;
    figures << Text::weights(t);
    figures << tr("Centre of mass %1 above the base.").arg(Text::length(t.centre.y, 0));
    // The loads as they are planned, as the page of the last looks has them.
    for (const fill::Bake& b : m_r.bakePlan.bakes)
        figures << (b.slowest < 0 ? tr("Bake at %1 for %2.").arg(Text::temperature(b.set_C), Text::minutes(b.minutes))
                                  : tr("Bake at %1 for %2; the %3 is slowest.")
                                        .arg(Text::temperature(b.set_C), Text::minutes(b.minutes),
                                             translated(m_r.choice.parts[static_cast<std::size_t>(b.slowest)].label)));
    figures << tr("Work %1; from first cut to last %2.")
                   .arg(Text::minutes(m_r.plan.hands_min), Text::minutes(m_r.plan.elapsed_min));
    figures << tr("Material used %1; to buy for the whole production %2.")
                   .arg(Text::money(m_r.price, m_production.currency),
                        Text::money(m_all.shopping.buyPrice, m_production.currency));
    figures << Text::chance(m_puppet, m_r.choice) << Text::madeFor(m_puppet);
    m_pages.text(column, y, tr("Figures"), 4.4, true);
    double at = y + 3;
    for (const QString& f : figures)
        at += m_pages.paragraph({column, at, w, 40}, f, 3.3) + 1.2;
    m_pages.text(column, at + 6, tr("Open points"), 4.4, true);
    at += 9;
    std::vector<findings::Finding> points = m_r.open;
    points.insert(points.end(), m_all.open.begin(), m_all.open.end());
    // As many as the column has room for; the others stand under the cautions.
    std::size_t said = 0;
    for (; said < points.size() && at + 14 <= a.bottom(); ++said)
        at += m_pages.paragraph({column, at, w, 40}, "· " + Text::openPoint(points[said]), 3.1, kWarn) + 0.8;
    if (points.empty()) m_pages.paragraph({column, at, w, 20}, tr("None."), 3.3);
    // What was left as it is stands with its reason, as long as there is room.
    for (const findings::Finding& p : m_r.left) {
        const QString text =
            p.because.empty()
                ? tr("Left as it is: %1").arg(Text::openPoint(p))
                : tr("Left as it is, because %1: %2").arg(QString::fromStdString(p.because), Text::openPoint(p));
        if (at + 10 > a.bottom()) break;
        at += m_pages.paragraph({column, at, w, 40}, "· " + text, 3.1, kGrey) + 0.8;
    }
    column = a.left() + a.width() / 2 + 5;
    m_pages.text(column, y, tr("Take care"), 4.4, true);
    at = y + 3;
    for (make::Caution c : {make::Caution::eyes, make::Caution::gloves_air, make::Caution::air_oven,
                            make::Caution::air_spray, make::Caution::blade})
        at += m_pages.paragraph({column, at, w, 40}, "· " + Text::caution(c), 3.1) + 1.4;
    at += m_pages.paragraph(
        {column, at + 1, w, 40},
        tr("The product's own sheet, local rules and trained people come before anything printed here."), 3.1, kWarn);
    at += 4;
    at += m_pages.paragraph({column, at, w, 40},
                            tr("Lives are those that nine joints in ten reach. They rest on table values of the wire "
                               "until one of yours has been tested."),
                            3.1, kGrey);
    at += 5;
    for (; said < points.size() && at + 14 <= a.bottom(); ++said)
        at += m_pages.paragraph({column, at, w, 40}, "· " + Text::openPoint(points[said]), 3.1, kWarn) + 0.8;
    if (said < points.size())
        m_pages.paragraph({column, at, w, 20}, tr("and %1 more on screen").arg(points.size() - said), 3.1, kGrey);
}

} // namespace enkinet::app
