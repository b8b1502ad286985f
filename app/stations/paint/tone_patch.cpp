#include "stations/paint/tone_patch.h"
#include "sheet/painted_look.h"
#include "stations/paint/mix_plate.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include "words/text.h"
#include <QPainter>
#include <algorithm>

namespace enkinet::app {

TonePatch::TonePatch(QWidget* parent) : QWidget(parent) {
    setObjectName("tonePatch");
    setMinimumHeight(150);
    setAccessibleName(tr("The three tones on the relief"));
}

void TonePatch::show(const paint::ReliefPatch& patch) {
    m_tones = patch.tones;
    m_image = imageOf(patch);
    m_words = tr("recess against body: %1 (ΔE %2); ridge against body: %3 (ΔE %4)")
                  .arg(differenceWord(m_tones.recessOff), Text::number(m_tones.recessOff, 1),
                       differenceWord(m_tones.ridgeOff), Text::number(m_tones.ridgeOff, 1));
    setAccessibleDescription(m_words);
    update();
}

void TonePatch::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (m_image.isNull()) return;
    const double side = std::min(160.0, height() - 12.0);
    const QRectF box(2, 4, side, side);
    drawShadow(p, box, 5);
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    p.drawImage(box, m_image);
    p.setPen(QPen(look().graphite, 0.8));
    p.drawRect(box);
    const double x = box.right() + 18;
    const auto dab = [&](int row, const QString& name, const paint::Rgb& colour, const QString& off) {
        const QRectF at(x, 8 + row * side / 3, 30, side / 3 - 14);
        p.setPen(QPen(look().graphite, 0.8));
        p.setBrush(QColor(QString::fromStdString(paint::toHex(colour))));
        p.drawRoundedRect(at, 4, 4);
        p.setPen(look().ink);
        p.setFont(deskType(13, QFont::DemiBold));
        p.drawText(QRectF(x + 40, at.top() - 2, width() - x - 40, 20), Qt::AlignLeft | Qt::AlignVCenter, name);
        p.setPen(look().graphite);
        p.setFont(deskType(11));
        p.drawText(QRectF(x + 40, at.top() + 16, width() - x - 40, 18), Qt::AlignLeft | Qt::AlignVCenter, off);
    };
    const auto off = [&](double e) { return tr("ΔE %1 from the body").arg(Text::number(e, 1)); };
    dab(0, tr("ridge"), m_tones.ridge, off(m_tones.ridgeOff));
    dab(1, tr("body"), m_tones.body, tr("what most of it shows"));
    dab(2, tr("recess"), m_tones.recess, off(m_tones.recessOff));
}

} // namespace enkinet::app
