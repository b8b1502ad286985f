#include "stations/paint/mix_plate.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include <QPainter>
#include <QPainterPath>
#include <cmath>

namespace enkinet::app {

QString differenceWord(double e) {
    return e < 1   ? MixPlate::tr("the same to the eye")
           : e < 2 ? MixPlate::tr("hardly to be told apart")
           : e < 5 ? MixPlate::tr("near")
                   : MixPlate::tr("another colour");
}

MixPlate::MixPlate(QWidget* parent) : QWidget(parent) {
    setObjectName("mixPlate");
    setMinimumHeight(170);
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Preferred);
    setAccessibleName(tr("The wanted colour beside the mixture"));
}

void MixPlate::show(const QColor& wanted, const QColor& mixture, const std::vector<Dab>& dabs,
                    const QString& sentence) {
    m_wanted = wanted, m_mixture = mixture, m_dabs = dabs, m_sentence = sentence;
    setAccessibleDescription(sentence);
    update();
}

void MixPlate::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (!m_wanted.isValid()) return;
    // A tile, the two halves edge to edge: what differs is seen at the seam.
    const double side = std::min(150.0, height() - 30.0);
    const QRectF tile(2, 4, side * 1.6, side);
    drawShadow(p, tile, 5);
    QPainterPath round;
    round.addRoundedRect(tile, 6, 6);
    p.setClipPath(round);
    p.fillRect(QRectF(tile.left(), tile.top(), tile.width() / 2, side), m_wanted);
    p.fillRect(QRectF(tile.center().x(), tile.top(), tile.width() / 2, side),
               m_mixture.isValid() ? m_mixture : look().shade);
    p.setClipping(false);
    p.setPen(QPen(look().graphite, 0.8));
    p.drawPath(round);
    p.setFont(deskType(11));
    p.setPen(look().graphite);
    p.drawText(QRectF(tile.left(), tile.bottom() + 4, tile.width() / 2, 16), Qt::AlignLeft, tr("wanted"));
    p.drawText(QRectF(tile.center().x(), tile.bottom() + 4, tile.width() / 2, 16), Qt::AlignRight, tr("mixed"));
    // Dabs as large as their parts, with their names.
    double y = 6;
    const double x = tile.right() + 26;
    const double row = m_dabs.empty() ? 30 : std::min(36.0, side / static_cast<double>(m_dabs.size()));
    for (const Dab& d : m_dabs) {
        const double r = 4 + 3.2 * std::sqrt(static_cast<double>(d.parts));
        p.setPen(QPen(look().graphite, 0.8));
        p.setBrush(d.colour);
        p.drawEllipse(QPointF(x + 16, y + row / 2), r, r * 0.9);
        p.setPen(look().ink);
        p.setFont(deskType(15, QFont::DemiBold));
        p.drawText(QRectF(x + 40, y, 30, row), Qt::AlignRight | Qt::AlignVCenter, QString::number(d.parts));
        p.setFont(deskType(13));
        const QRectF name(x + 78, y, width() - x - 80, row);
        if (fits(p.font(), name.width(), d.name)) {
            drawFitted(p, name, Qt::AlignLeft | Qt::AlignVCenter, d.name);
        } else {
            // Two short lines rather than half a name.
            p.setFont(deskType(11));
            p.drawText(name, Qt::AlignLeft | Qt::AlignVCenter | Qt::TextWordWrap | Qt::TextDontClip, d.name);
        }
        y += row;
    }
    p.setFont(deskType(13));
    p.setPen(look().graphite);
    drawFitted(p, QRectF(x, side - 14 + 18, width() - x, 18), Qt::AlignLeft | Qt::AlignVCenter, m_sentence);
}

} // namespace enkinet::app
