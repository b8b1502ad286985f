#include "stations/plan/plan_strip.h"
#include "widgets/look.h"
#include "words/say.h"
#include <QHelpEvent>
#include <QKeyEvent>
#include <QPainter>
#include <QToolTip>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {
constexpr double kRowMinutes = 8 * 60, kLeft = 74, kRight = 24, kTop = 64, kHands = 46, kWait = 16;

QColor toolColour(make::Tool t) {
    switch (t) {
    case make::Tool::oven:
        return QColor("#c9694a");
    case make::Tool::drying_rack:
        return QColor("#6d93a8");
    default:
        return QColor("#a79c86");
    }
}
} // namespace

PlanStrip::PlanStrip(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    setFocusPolicy(Qt::StrongFocus);
    installAccessiblePictures();
    setAccessibleName(tr("Plan: steps in order along the hours"));
    connect(&document, &Document::changed, this, [this] {
        m_step = -1;
        update();
    });
}

std::vector<PicturePart> PlanStrip::parts() const {
    std::vector<PicturePart> all;
    for (const make::Step& step : m_document.report().plan.steps)
        all.push_back(
            {tr("%1 %2, begins after %3").arg(all.size() + 1).arg(Say::step(step), Say::minutes(step.start_min)),
             {},
             static_cast<int>(all.size()) == m_step});
    for (const Box& b : boxes())
        all[static_cast<std::size_t>(b.step)].box = b.rect.toRect();
    return all;
}

int PlanStrip::rows() const {
    return std::max(1, static_cast<int>(std::ceil(m_document.report().plan.elapsed_min / kRowMinutes)));
}

std::vector<PlanStrip::Box> PlanStrip::boxes() const {
    std::vector<Box> out;
    const make::Plan& plan = m_document.report().plan;
    const double w = width() - 5 - kLeft - kRight, rowHeight = std::min(150.0, (height() - kTop - 30.0) / rows());
    const double scale = w / kRowMinutes;
    for (std::size_t i = 0; i < plan.steps.size(); ++i) {
        double from = plan.steps[i].start_min;
        const double to = from + std::max(2.0, plan.steps[i].hands_min);
        while (from < to - 1e-9) { // a step may run on into the next row
            const int row = static_cast<int>(from / kRowMinutes + 1e-9);
            const double end = std::min(to, (row + 1) * kRowMinutes);
            out.push_back({static_cast<int>(i), QRectF(kLeft + (from - row * kRowMinutes) * scale,
                                                       kTop + row * rowHeight, (end - from) * scale, kHands)});
            from = end;
        }
    }
    return out;
}

void PlanStrip::setStep(int step) {
    m_step = step;
    update();
}

int PlanStrip::stepAt(const QPointF& at) const {
    for (const Box& b : boxes())
        if (b.rect.contains(at)) return b.step;
    return -1;
}

void PlanStrip::mousePressEvent(QMouseEvent* e) {
    setFocus(Qt::MouseFocusReason);
    if (const int s = stepAt(e->position()); s >= 0) {
        setStep(s);
        Q_EMIT stepChosen(s);
    }
}

void PlanStrip::keyPressEvent(QKeyEvent* e) {
    const int n = static_cast<int>(m_document.report().plan.steps.size());
    if (n == 0 || (e->key() != Qt::Key_Right && e->key() != Qt::Key_Left)) return QWidget::keyPressEvent(e);
    setStep(std::clamp(m_step + (e->key() == Qt::Key_Right ? 1 : -1), 0, n - 1));
    Q_EMIT stepChosen(m_step);
}

bool PlanStrip::event(QEvent* event) {
    if (event->type() == QEvent::ToolTip) {
        const auto* help = static_cast<QHelpEvent*>(event);
        const int s = stepAt(help->pos());
        QToolTip::showText(help->globalPos(),
                           s >= 0 ? Say::step(m_document.report().plan.steps[static_cast<std::size_t>(s)]) : QString(),
                           this);
        return true;
    }
    return QWidget::event(event);
}

void PlanStrip::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRectF paper(rect());
    if (!m_document.hasPuppet()) return;
    const make::Plan& plan = m_document.report().plan;
    p.setPen(look().ink);
    p.setFont(deskFont(16, QFont::DemiBold));
    const QString title = tr("Plan of %1").arg(QString::fromStdString(m_document.puppet().name));
    p.drawText(QPointF(24, 30), title);
    const double after = 36 + QFontMetricsF(p.font()).horizontalAdvance(title);
    p.setFont(deskFont(10));
    p.setPen(look().graphite);
    p.drawText(QPointF(after, 29), tr("%1 of work, %2 from first cut to last with one pair of hands")
                                       .arg(Say::minutes(plan.hands_min), Say::minutes(plan.elapsed_min)));
    p.setFont(deskFont(8.5));
    p.drawText(QPointF(24, 48), tr("hands-on above the line, waiting below it; one row is eight hours at the bench"));

    const double w = width() - 5 - kLeft - kRight, rowHeight = std::min(150.0, (height() - kTop - 30.0) / rows()),
                 scale = w / kRowMinutes;
    for (int row = 0; row < rows(); ++row) {
        const double y = kTop + row * rowHeight + kHands;
        p.setPen(QPen(look().ink, 1.5));
        p.drawLine(QPointF(kLeft, y), QPointF(kLeft + w, y));
        p.setFont(deskFont(9));
        p.setPen(look().ink);
        p.setPen(look().graphite);
        for (int h = 0; h <= 8; ++h) {
            const double x = kLeft + h * 60 * scale;
            p.drawLine(QPointF(x, y), QPointF(x, y + 4));
            if (rowHeight > 110)
                p.drawText(QRectF(x - 20, y + 4 + 3 * kWait, 40, 14), Qt::AlignCenter, tr("%1 h").arg(row * 8 + h));
        }
    }
    // Waits, in lanes so that several at once can be seen.
    std::vector<double> laneFree(3, 0.0);
    for (std::size_t i = 0; i < plan.steps.size(); ++i) {
        const make::Step& s = plan.steps[i];
        if (s.wait_min < 1) continue;
        double from = s.start_min + s.hands_min;
        const double to = from + s.wait_min;
        const auto free = std::find_if(laneFree.begin(), laneFree.end(), [&](double t) { return t <= from + 1e-9; });
        const auto lane = static_cast<std::size_t>(
            free == laneFree.end() ? std::min_element(laneFree.begin(), laneFree.end()) - laneFree.begin()
                                   : free - laneFree.begin());
        laneFree[lane] = std::max(laneFree[lane], to);
        while (from < to - 1e-9) {
            const int row = static_cast<int>(from / kRowMinutes + 1e-9);
            const double end = std::min(to, (row + 1) * kRowMinutes);
            QColor c = toolColour(s.tool);
            c.setAlpha(static_cast<int>(i) == m_step ? 255 : 170);
            const QRectF bar(kLeft + (from - row * kRowMinutes) * scale,
                             kTop + row * rowHeight + kHands + 2 + static_cast<double>(lane) * kWait,
                             (end - from) * scale, kWait - 3);
            p.fillRect(bar, c);
            if (bar.width() > 60) {
                p.setFont(deskFont(8.5));
                p.setPen(QColor("#1d1b18"));
                p.drawText(bar.adjusted(4, 0, -2, 0), Qt::AlignVCenter | Qt::AlignLeft,
                           QFontMetricsF(p.font()).elidedText(tr("%1 %2").arg(i + 1).arg(Say::minutes(s.wait_min)),
                                                              Qt::ElideRight, bar.width() - 6));
            }
            from = end;
        }
    }
    for (const Box& b : boxes()) {
        const bool on = b.step == m_step;
        p.setPen(QPen(on ? look().copper : look().graphite, on ? 2.2 : 0.8));
        p.setBrush(on ? look().lit : look().card);
        p.drawRect(b.rect.adjusted(0.5, 3, -0.5, 0));
        p.setPen(look().ink);
        p.setFont(deskFont(8.5, on ? QFont::DemiBold : QFont::Normal));
        const QString number = QString::number(b.step + 1);
        if (b.rect.width() > 64) {
            p.drawText(b.rect.adjusted(4, 4, -3, -2), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
                       tr("%1 %2").arg(number, Say::step(plan.steps[static_cast<std::size_t>(b.step)])));
        } else if (b.rect.width() > QFontMetricsF(p.font()).horizontalAdvance(number) + 2) {
            p.drawText(b.rect.adjusted(0, 4, 0, 0), Qt::AlignHCenter | Qt::AlignTop, number);
        }
    }
}

} // namespace enkinet::app
