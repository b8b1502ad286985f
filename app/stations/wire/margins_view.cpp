#include "stations/wire/margins_view.h"
#include "widgets/look.h"
#include "words/say.h"
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

MarginsView::MarginsView(QWidget* parent) : QWidget(parent) {
    setFixedHeight(96);
    setAccessibleName(tr("Room to spare before each limit"));
    setObjectName("margins");
}

void MarginsView::show(const choice::Verdict& verdict) {
    m_verdict = verdict;
    update();
}

void MarginsView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    using choice::State;
    const std::pair<State, QString> rows[] = {{State::slack, tr("holds")},
                                              {State::stiff, tr("hand")},
                                              {State::springy, tr("springs back")},
                                              {State::tired, tr("lasts")},
                                              {State::crowded, tr("fits inside")}};
    const double left = 92, right = width() - 74, h = height() / 5.0;
    // From a quarter of what is asked to eight times it.
    const auto at = [&](double margin) {
        const double u = (std::log2(std::clamp(margin, 0.25, 8.0)) + 2) / 5;
        return left + u * (right - left);
    };
    p.setFont(deskFont(9));
    for (std::size_t i = 0; i < std::size(rows); ++i) {
        const double m = m_verdict.margin[static_cast<std::size_t>(rows[i].first)], y = h * static_cast<double>(i);
        p.setPen(look().ink);
        p.drawText(QRectF(0, y, left - 6, h), Qt::AlignRight | Qt::AlignVCenter, rows[i].second);
        p.fillRect(QRectF(left, y + h / 2 - 3, right - left, 6), look().shade);
        if (!std::isfinite(m) && !std::isinf(m)) {
            p.drawText(QRectF(right + 6, y, 70, h), Qt::AlignLeft | Qt::AlignVCenter, tr("no figure"));
            continue;
        }
        const bool bad = m < 1 - 1e-9;
        const QColor tone = bad ? stateColour(static_cast<int>(rows[i].first)) : look().holds;
        const double from = std::min(at(1), at(m)), to = std::max(at(1), at(m));
        p.fillRect(QRectF(from, y + h / 2 - 4, std::max(2.0, to - from), 8), tone);
        p.setPen(bad ? tone : look().graphite);
        p.drawText(QRectF(right + 6, y, 70, h), Qt::AlignLeft | Qt::AlignVCenter,
                   m > 99 ? tr("plenty") : tr("× %1").arg(Say::number(m, 2)));
    }
    p.setPen(QPen(look().ink, 1.6));
    p.drawLine(QPointF(at(1), 1), QPointF(at(1), height() - 1));
}

} // namespace enkinet::app
