#include "shell/rule.h"
#include "widgets/fields.h"
#include "widgets/look.h"
#include "words/say.h"
#include <QHBoxLayout>
#include <QKeyEvent>
#include <QPainter>

namespace enkinet::app {

Rule::Rule(QWidget* parent) : QWidget(parent) {
    setAccessibleName(tr("Stations in the order of work"));
    setFixedHeight(72);
    auto* row = new QHBoxLayout(this);
    row->setContentsMargins(16, 15, 16, 0);
    row->setSpacing(0);
    for (int i = 0; i < results::kStations; ++i) {
        const auto station = static_cast<results::Station>(i);
        auto* d = new Division(station, this);
        connect(d, &Division::clicked, this, [this, station] { Q_EMIT chosen(station); });
        row->addWidget(d, 1);
        m_divisions.push_back(d);
    }
    setStation(results::Station::sheet);
}

QAbstractButton* Rule::division(results::Station s) const { return m_divisions[static_cast<std::size_t>(s)]; }

void Rule::setStation(results::Station station) {
    m_station = station;
    for (std::size_t i = 0; i < m_divisions.size(); ++i)
        m_divisions[i]->setChecked(static_cast<std::size_t>(station) == i);
    update();
}

void Rule::setOpen(const std::vector<int>& counts, const std::vector<QString>& sentences) {
    for (std::size_t i = 0; i < m_divisions.size(); ++i)
        m_divisions[i]->setOpen(i < counts.size() ? counts[i] : 0, i < sentences.size() ? sentences[i] : QString());
}

void Rule::paintEvent(QPaintEvent*) {
    QPainter p(this);
    QLinearGradient metal(0, 0, 0, height());
    metal.setColorAt(0, look().steel.lighter(104));
    metal.setColorAt(1, look().steel.darker(106));
    p.fillRect(rect(), metal);
    p.setPen(QPen(look().steelInk, 1));
    p.drawLine(0, 0, width(), 0);
    // Divided along the upper edge: ten to a long stroke.
    for (int k = 0, x = 16; x < width() - 8; ++k, x += 8)
        p.drawLine(x, 0, x, k % 10 == 0 ? 14 : k % 5 == 0 ? 10 : 6);
    // The pointer rides on the edge over the present station's word.
    const QWidget* d = m_divisions[static_cast<std::size_t>(m_station)];
    const double x = d->x() + 22;
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(Qt::NoPen);
    p.setBrush(look().copper);
    p.drawPolygon(QPolygonF{{x - 9, 0}, {x + 9, 0}, {x, 15}});
}

Division::Division(results::Station station, QWidget* parent) : QAbstractButton(parent), m_station(station) {
    setCheckable(true);
    setAutoExclusive(true);
    setText(Say::station(station));
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::PointingHandCursor);
    setOpen(0, {});
}

void Division::setOpen(int count, const QString& sentences) {
    m_open = count;
    setAccessibleName(count > 0 ? tr("%1, open points: %2").arg(text()).arg(count) : text());
    setToolTip(count > 0 ? plainTip(sentences) : tr("Nothing open here."));
    update();
}

void Division::keyPressEvent(QKeyEvent* e) {
    if (e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter)
        click();
    else if (e->key() == Qt::Key_Right)
        focusNextChild();
    else if (e->key() == Qt::Key_Left)
        focusPreviousChild();
    else
        QAbstractButton::keyPressEvent(e);
}

void Division::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setFont(deskFont(13, isChecked() ? QFont::DemiBold : QFont::Normal));
    p.setPen(look().steelInk);
    const double base = height() / 2.0 + 8;
    p.drawText(QPointF(10, base), text());
    const double w = QFontMetricsF(p.font()).horizontalAdvance(text());
    if (isChecked()) {
        p.setPen(QPen(look().copper, 3));
        p.drawLine(QPointF(10, base + 8), QPointF(10 + w, base + 8));
    }
    if (m_open > 0) {
        p.setFont(deskFont(9.5, QFont::DemiBold));
        p.setPen(look().night ? look().slack : QColor("#8c2412"));
        p.drawText(QPointF(18 + w, base), tr("%1 open").arg(m_open));
    }
    if (hasFocus()) {
        p.setPen(QPen(look().copper, 1.5, Qt::DotLine));
        p.drawRoundedRect(QRectF(rect()).adjusted(3, 6, -6, -5), 4, 4);
    }
}

} // namespace enkinet::app
