#include "stations/skin/bake_plot.h"
#include "document/spoken.h"
#include "widgets/look.h"
#include "words/say.h"

namespace enkinet::app {

BakePlot::BakePlot(QWidget* parent) : QCustomPlot(parent) {
    setMinimumHeight(200);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setObjectName("bakePlot");
    setAccessibleName(tr("Bake curves: oven, surface and innermost clay over minutes"));
}

void BakePlot::show(const results::Report& r) {
    setVisible(!r.bakes.empty());
    if (r.bakes.empty()) return;
    const fill::BakeBatch& b = r.bakes.front();
    clearPlottables();
    clearItems();
    setBackground(look().sheet);
    const auto curve = [&](const std::vector<double>& x, const std::vector<double>& y, const QColor& c,
                           Qt::PenStyle style) {
        QCPGraph* g = addGraph();
        QVector<double> heat;
        for (double C : y)
            heat << Say::shownHeat(C);
        g->setData(QVector<double>(x.begin(), x.end()), heat, true);
        g->setPen(QPen(c, 2, style));
    };
    curve(b.slowestCurve.minutes, b.slowestCurve.surface_C, look().copper, Qt::DashLine);
    curve(b.slowestCurve.minutes, b.slowestCurve.innermost_C, look().copper, Qt::SolidLine);
    curve(b.quickestCurve.minutes, b.quickestCurve.innermost_C, look().holds, Qt::SolidLine);
    const double end = b.slowestCurve.minutes.empty() ? 60 : b.slowestCurve.minutes.back();
    const auto level = [&](double C, const QString& text, Qt::PenStyle style, double x, Qt::Alignment align) {
        QCPGraph* g = addGraph();
        const double y = Say::shownHeat(C);
        g->setData({0, end}, {y, y}, true);
        g->setPen(QPen(look().graphite, 1, style));
        auto* label = new QCPItemText(this);
        label->position->setCoords(x, y);
        label->setPositionAlignment(align);
        label->setText(text);
        label->setFont(deskFont(8.5));
        label->setColor(look().graphite);
    };
    level(b.set_C, tr("oven %1").arg(Say::temperature(b.set_C)), Qt::SolidLine, end * 0.01,
          Qt::AlignLeft | Qt::AlignBottom);
    level(b.set_C - fill::kNearSet_C, tr("curing from %1").arg(Say::temperature(b.set_C - fill::kNearSet_C)),
          Qt::DotLine, end * 0.99, Qt::AlignRight | Qt::AlignTop);
    for (QCPAxis* axis : {xAxis, yAxis}) {
        axis->setBasePen(QPen(look().graphite));
        axis->setTickPen(QPen(look().graphite));
        axis->setSubTickPen(QPen(look().graphite));
        axis->setTickLabelColor(look().ink);
        axis->setLabelColor(look().ink);
        axis->setTickLabelFont(deskFont(8.5));
        axis->setLabelFont(deskFont(9));
        axis->grid()->setPen(QPen(look().line, 1, Qt::DotLine));
    }
    xAxis->setLabel(tr("minutes"));
    yAxis->setLabel(Say::heatUnit());
    xAxis->setRange(0, end);
    yAxis->setRange(Say::fahrenheit() ? 32 : 0, Say::shownHeat(b.set_C * 1.2));
    replot();
}

QString BakePlot::legend(const results::Report& r) {
    if (r.bakes.empty()) return {};
    const fill::BakeBatch& b = r.bakes.front();
    const auto nameOf = [&](const fill::PartBake& p) {
        return spoken(r.choice.parts[static_cast<std::size_t>(p.part)].label).toHtmlEscaped();
    };
    const fill::PartBake *quick = &b.parts.front(), &slow = b.parts[static_cast<std::size_t>(b.slowest)];
    for (const fill::PartBake& p : b.parts)
        if (p.reach_min < quick->reach_min) quick = &p;
    const auto span = [](const QColor& c, const QString& text) {
        return QString("<span style='color:%1; font-weight:600'>%2</span>").arg(c.name(), text);
    };
    QString text =
        tr("%1, surface dashed; hot after %2")
            .arg(span(look().copperDark, tr("Inside the %1").arg(nameOf(slow))), Say::minutes(slow.reach_min));
    if (quick != &slow)
        text += tr(". %1: after %2")
                    .arg(span(look().holds, tr("Inside the %1").arg(nameOf(*quick))), Say::minutes(quick->reach_min));
    return text + tr(". Then %1 of soak.").arg(Say::minutes(b.soak_min));
}

} // namespace enkinet::app
