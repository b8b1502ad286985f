#include "shell/station_bar.h"
#include "widgets/fields.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include "words/text.h"
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPainter>
#include <algorithm>

namespace enkinet::app {

StationBar::StationBar(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Stations in the order of work"));
    setFixedHeight(72);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(0, 12, 0, 0);
    row->setSpacing(0);
    for (int i = 0; i < results::kStations; ++i) {
        const auto station = static_cast<results::Station>(i);
        auto* d = new Division(station, this);
        connect(d, &Division::clicked, this, [this, station] { Q_EMIT chosen(station); });
        connect(d, &Division::stepped, this, [this, i](int by) {
            const int to = std::clamp(i + by, 0, results::kStations - 1);
            m_divisions[static_cast<std::size_t>(to)]->setFocus(Qt::TabFocusReason);
            Q_EMIT chosen(static_cast<results::Station>(to));
        });
        row->addWidget(d, 1);
        m_divisions.push_back(d);
    }
    m_glide.setDuration(150);
    m_glide.setEasingCurve(QEasingCurve::OutCubic);
    connect(&m_glide, &QVariantAnimation::valueChanged, this, [this](const QVariant& v) {
        m_cursor = v.toDouble();
        update();
    });
    setStation(results::Station::sheet);
}

QAbstractButton* StationBar::division(results::Station s) const { return m_divisions[static_cast<std::size_t>(s)]; }

void StationBar::setStation(results::Station station) {
    // The cursor glides to its new place; what it shows is there at once.
    if (m_motion && isVisible() && station != m_station) {
        m_glide.stop();
        m_glide.setStartValue(m_cursor);
        m_glide.setEndValue(static_cast<double>(station));
        m_glide.start();
    } else {
        m_glide.stop();
        m_cursor = static_cast<double>(station);
    }
    m_station = station;
    for (std::size_t i = 0; i < m_divisions.size(); ++i)
        m_divisions[i]->setChecked(static_cast<std::size_t>(station) == i);
    update();
}

void StationBar::setOpen(const std::vector<int>& counts, const std::vector<QString>& sentences) {
    for (std::size_t i = 0; i < m_divisions.size(); ++i)
        m_divisions[i]->setOpen(i < counts.size() ? counts[i] : 0, i < sentences.size() ? sentences[i] : QString());
}

void StationBar::paintEvent(QPaintEvent*) {
    QPainter p(this);
    QLinearGradient metal(0, 0, 0, height());
    metal.setColorAt(0, look().steel.lighter(108));
    metal.setColorAt(0.25, look().steel.lighter(102));
    metal.setColorAt(0.9, look().steel.darker(103));
    metal.setColorAt(1, look().steel.darker(125));
    p.fillRect(rect(), metal);
    p.setPen(QPen(look().steel.lighter(115), 1));
    p.drawLine(0, 0, width(), 0);
    // Divided along the upper edge, halves of halves.
    p.setPen(QPen(look().steelInk, 1));
    for (int k = 0, x = 0; x < width(); ++k, x += 5)
        p.drawLine(x, 1, x, 1 + (k % 32 == 0 ? 15 : k % 16 == 0 ? 11 : k % 8 == 0 ? 8 : 4));
    // The cursor clasps its division, as on a slide rule.
    p.setRenderHint(QPainter::Antialiasing);
    const auto at = static_cast<std::size_t>(m_cursor);
    const QWidget *d = m_divisions[at], *next = m_divisions[std::min(at + 1, m_divisions.size() - 1)];
    const double t = m_cursor - static_cast<double>(at), x = d->x() * (1 - t) + next->x() * t;
    const QRectF r(x + 4, 0, d->width() - 8, height());
    drawShadow(p, r.adjusted(0, 4, 0, -4), 6);
    QColor glass = look().lit;
    glass.setAlphaF(0.55F);
    p.setBrush(glass);
    p.setPen(QPen(look().copper, 3));
    p.drawRoundedRect(r.adjusted(1, 1, -1, -1), 4, 4);
    p.setPen(Qt::NoPen);
    p.setBrush(look().copper);
    p.drawRect(QRectF(r.left(), 0, r.width(), 8));
    p.drawRect(QRectF(r.left(), r.bottom() - 8, r.width(), 8));
    p.setBrush(look().copper.lighter(150));
    p.drawRect(QRectF(r.left() + 2, 2, r.width() - 4, 2));
    p.setPen(QPen(look().slack, 1.2));
    p.drawLine(QPointF(r.center().x(), 8), QPointF(r.center().x(), 20));
}

Division::Division(results::Station station, QWidget* parent) : QAbstractButton(parent), m_station(station) {
    setCheckable(true);
    setAutoExclusive(true);
    setText(Text::station(station));
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    setOpen(0, {});
}

void Division::setOpen(int count, const QString& sentences) {
    m_open = count;
    setAccessibleName(count > 0 ? tr("%1, open points: %2").arg(text()).arg(count) : text());
    setToolTip(count > 0 ? plainTip(sentences) : tr("No open points."));
    update();
}

void Division::keyPressEvent(QKeyEvent* e) {
    switch (e->key()) {
    case Qt::Key_Return:
    case Qt::Key_Enter:
        return click();
    case Qt::Key_Right:
    case Qt::Key_Down:
        return Q_EMIT stepped(1);
    case Qt::Key_Left:
    case Qt::Key_Up:
        return Q_EMIT stepped(-1);
    case Qt::Key_Home:
        return Q_EMIT stepped(-results::kStations);
    case Qt::Key_End:
        return Q_EMIT stepped(results::kStations);
    default:
        QAbstractButton::keyPressEvent(e);
    }
}

void Division::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const bool narrow = width() < 130;
    p.setFont(deskType(isChecked() && !narrow ? 22 : 15, isChecked() ? QFont::DemiBold : QFont::Medium));
    const double word = QFontMetricsF(p.font()).horizontalAdvance(text());
    const QString open = m_open > 0 ? (narrow ? QString::number(m_open) : tr("%n open", nullptr, m_open)) : QString();
    const QFont small = deskType(13, QFont::DemiBold);
    const double said = open.isEmpty() ? 0 : QFontMetricsF(small).horizontalAdvance(open) + 8;
    const double x = (width() - word - said) / 2, base = height() / 2.0 + 9;
    p.setPen(look().steelInk);
    p.drawText(QPointF(x, base), text());
    if (m_open > 0) {
        p.setFont(small);
        p.setPen(look().night ? look().slack : QColor("#8c2412"));
        p.drawText(QPointF(x + word + 8, base), open);
    }
    if (hasFocus()) drawFocus(p, QRectF(rect()).adjusted(10, 4, -10, -12));
}

} // namespace enkinet::app
