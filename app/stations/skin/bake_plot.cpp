#include "stations/skin/bake_plot.h"
#include "document/translated.h"
#include "widgets/look.h"
#include "words/text.h"
#include <QPainter>
#include <cmath>

namespace enkinet::app {

namespace {

/// Of 1, 2 and 5 times a power of ten the least step that puts at most so many marks on a stretch.
double findStep(double stretch, int most) {
    const double ten = std::pow(10, std::floor(std::log10(stretch / most)));
    for (double times : {1.0, 2.0, 5.0})
        if (stretch / (times * ten) <= most) return times * ten;
    return 10 * ten;
}

} // namespace

BakePlot::BakePlot(QWidget* parent) : QWidget(parent) {
    setMinimumHeight(200);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setObjectName("bakePlot");
    setAccessibleName(tr("Bake curves: oven, surface and innermost clay over minutes"));
}

void BakePlot::show(const results::Report& r) {
    setVisible(!r.bakes.empty());
    m_batch = r.bakes.empty() ? std::nullopt : std::optional(r.bakes.front());
    update();
}

void BakePlot::paintEvent(QPaintEvent*) {
    if (!m_batch) return;
    const fill::BakeBatch& b = *m_batch;
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(rect(), look().sheet);
    p.setFont(deskFont(8.5));
    const QFontMetricsF letters(p.font());
    const double end = b.slowestCurve.minutes.empty() ? 60 : b.slowestCurve.minutes.back();
    const double low = Text::fahrenheit() ? 32 : 0, high = Text::shownHeat(b.set_C * 1.2);
    const double row = letters.height();
    const QRectF area = QRectF(rect()).adjusted(letters.horizontalAdvance("0000") + row + 8, 8, -12, -2 * row - 8);
    const auto at = [&](double minute, double heat) {
        return QPointF(area.left() + area.width() * minute / end,
                       area.bottom() - area.height() * (heat - low) / (high - low));
    };
    for (double step = findStep(end, 8), minute = 0; minute <= end + 1e-9; minute += step) {
        const QPointF foot = at(minute, low);
        p.setPen(QPen(look().line, 1, Qt::DotLine));
        p.drawLine(foot, at(minute, high));
        p.setPen(look().ink);
        p.drawText(QRectF(foot.x() - 40, foot.y() + 3, 80, row), Qt::AlignCenter, Text::number(minute, 0));
    }
    for (double step = findStep(high - low, 6), heat = std::ceil(low / step) * step; heat <= high; heat += step) {
        p.setPen(QPen(look().line, 1, Qt::DotLine));
        p.drawLine(at(0, heat), at(end, heat));
        p.setPen(look().ink);
        p.drawText(QRectF(0, at(0, heat).y() - row / 2, area.left() - 5, row), Qt::AlignRight | Qt::AlignVCenter,
                   Text::number(heat, 0));
    }
    p.setPen(look().graphite);
    p.drawLine(at(0, low), at(end, low));
    p.drawLine(at(0, low), at(0, high));
    p.setPen(look().ink);
    p.drawText(QRectF(area.left(), area.bottom() + row + 3, area.width(), row), Qt::AlignCenter, tr("minutes"));
    p.save();
    p.translate(row / 2 + 2, area.center().y());
    p.rotate(-90);
    p.drawText(QRectF(-40, -row / 2, 80, row), Qt::AlignCenter, Text::heatUnit());
    p.restore();
    const auto level = [&](double C, const QString& text, Qt::PenStyle style, bool above) {
        const double heat = Text::shownHeat(C);
        p.setPen(QPen(look().graphite, 1, style));
        p.drawLine(at(0, heat), at(end, heat));
        const QRectF line(area.left() + 4, at(0, heat).y() - (above ? row + 1 : -1), area.width() - 8, row);
        p.drawText(line, static_cast<int>(above ? Qt::AlignLeft : Qt::AlignRight) | static_cast<int>(Qt::AlignVCenter),
                   text);
    };
    level(b.set_C, tr("oven %1").arg(Text::temperature(b.set_C)), Qt::SolidLine, true);
    level(b.set_C - fill::kNearSet_C, tr("curing from %1").arg(Text::temperature(b.set_C - fill::kNearSet_C)),
          Qt::DotLine, false);
    const auto curve = [&](const fill::BakeCurve& of, const std::vector<double>& heat_C, const QColor& colour,
                           Qt::PenStyle style) {
        QPolygonF line;
        for (std::size_t i = 0; i < std::min(of.minutes.size(), heat_C.size()); ++i)
            line << at(std::min(of.minutes[i], end), Text::shownHeat(heat_C[i]));
        p.setPen(QPen(colour, 2, style));
        p.drawPolyline(line);
    };
    curve(b.slowestCurve, b.slowestCurve.surface_C, look().copper, Qt::DashLine);
    curve(b.slowestCurve, b.slowestCurve.innermost_C, look().copper, Qt::SolidLine);
    curve(b.quickestCurve, b.quickestCurve.innermost_C, look().holds, Qt::SolidLine);
}

QString BakePlot::legend(const results::Report& r) {
    if (r.bakes.empty()) return {};
    const fill::BakeBatch& b = r.bakes.front();
    const auto nameOf = [&](const fill::PartBake& p) {
        return translated(r.choice.parts[static_cast<std::size_t>(p.part)].label).toHtmlEscaped();
    };
    const fill::PartBake *quick = &b.parts.front(), &slow = b.parts[static_cast<std::size_t>(b.slowest)];
    for (const fill::PartBake& p : b.parts)
        if (p.reach_min < quick->reach_min) quick = &p;
    const auto span = [](const QColor& c, const QString& text) {
        return QString("<span style='color:%1; font-weight:600'>%2</span>").arg(c.name(), text);
    };
    QString text =
        tr("%1, surface dashed; hot after %2")
            .arg(span(look().copperDark, tr("Inside the %1").arg(nameOf(slow))), Text::minutes(slow.reach_min));
    if (quick != &slow)
        text += tr(". %1: after %2")
                    .arg(span(look().holds, tr("Inside the %1").arg(nameOf(*quick))), Text::minutes(quick->reach_min));
    return text + tr(". Then %1 of soak.").arg(Text::minutes(b.soak_min));
}

} // namespace enkinet::app
