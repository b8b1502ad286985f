#include "stations/paint/photo_pick.h"
#include "document/translated.h"
#include "widgets/accessible_picture.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {
/// So far to each side is one place: grain and dust are averaged away.
constexpr int kPixelsAround = 3;
} // namespace

PhotoPick::PhotoPick(QWidget* parent) : QWidget(parent) {
    setObjectName("photoPick");
    setFocusPolicy(Qt::StrongFocus);
    setCursor(Qt::CrossCursor);
    setMinimumHeight(260);
    setAccessibleName(tr("Photograph to pick colours from"));
    setAccessibleDescription(tr("Arrow keys move the cross, with Shift further; Enter picks."));
}

void PhotoPick::setPhoto(const QImage& photo) {
    m_photo = photo.convertToFormat(QImage::Format_RGB32);
    m_card.reset(), m_place.reset();
    m_cursor = m_photo.rect().center();
    update();
}

void PhotoPick::askCard() {
    m_card.reset(), m_place.reset();
    update();
}

QRectF PhotoPick::area() const {
    if (m_photo.isNull()) return {};
    const QSizeF size = QSizeF(m_photo.size()).scaled(QSizeF(width(), height() - 26), Qt::KeepAspectRatio);
    return {QPointF((width() - size.width()) / 2, 24), size};
}

QPoint PhotoPick::toWidget(const QPoint& pixel) const {
    const QRectF a = area();
    return QPointF(a.left() + (pixel.x() + 0.5) * a.width() / m_photo.width(),
                   a.top() + (pixel.y() + 0.5) * a.height() / m_photo.height())
        .toPoint();
}

paint::Rgb PhotoPick::meanAt(const QPoint& pixel) const {
    paint::Rgb sum;
    int n = 0;
    for (int y = std::max(0, pixel.y() - kPixelsAround); y <= std::min(m_photo.height() - 1, pixel.y() + kPixelsAround);
         ++y)
        for (int x = std::max(0, pixel.x() - kPixelsAround);
             x <= std::min(m_photo.width() - 1, pixel.x() + kPixelsAround); ++x) {
            const QRgb c = m_photo.pixel(x, y);
            sum.r += paint::toLinear(qRed(c) / 255.0), sum.g += paint::toLinear(qGreen(c) / 255.0),
                sum.b += paint::toLinear(qBlue(c) / 255.0);
            ++n;
        }
    return {sum.r / n, sum.g / n, sum.b / n};
}

void PhotoPick::take(const QPoint& pixel) {
    if (m_photo.isNull() || !m_photo.rect().contains(pixel)) return;
    m_cursor = pixel;
    if (!m_card) {
        // The card by itself must tell something.
        if (const auto grey = paint::calcBalanced({}, meanAt(pixel)); !grey)
            return Q_EMIT refused(translated(grey.fault()));
        m_card = pixel;
        update();
        return Q_EMIT carded();
    }
    const auto colour = paint::calcBalanced(meanAt(pixel), meanAt(*m_card));
    if (!colour) return Q_EMIT refused(translated(colour.fault()));
    m_place = pixel;
    update();
    Q_EMIT picked(*colour);
}

void PhotoPick::mousePressEvent(QMouseEvent* e) {
    const QRectF a = area();
    if (!a.contains(e->position())) return;
    const QPointF at = e->position() - a.topLeft();
    take({static_cast<int>(at.x() * m_photo.width() / a.width()),
          static_cast<int>(at.y() * m_photo.height() / a.height())});
}

void PhotoPick::keyPressEvent(QKeyEvent* e) {
    const int step = std::max(1, m_photo.width() / (e->modifiers() & Qt::ShiftModifier ? 12 : 80));
    switch (e->key()) {
    case Qt::Key_Left:
        m_cursor.rx() -= step;
        break;
    case Qt::Key_Right:
        m_cursor.rx() += step;
        break;
    case Qt::Key_Up:
        m_cursor.ry() -= step;
        break;
    case Qt::Key_Down:
        m_cursor.ry() += step;
        break;
    case Qt::Key_Return:
    case Qt::Key_Enter:
        return take(m_cursor);
    default:
        return QWidget::keyPressEvent(e);
    }
    m_cursor.setX(std::clamp(m_cursor.x(), 0, std::max(0, m_photo.width() - 1)));
    m_cursor.setY(std::clamp(m_cursor.y(), 0, std::max(0, m_photo.height() - 1)));
    update();
}

void PhotoPick::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(look().ink);
    p.setFont(deskType(13, QFont::DemiBold));
    p.drawText(QRectF(0, 0, width(), 20), Qt::AlignLeft | Qt::AlignVCenter,
               m_card ? tr("Point at a paint, dried, in the same light as the card.")
                      : tr("Point at the grey card first (18 % grey)."));
    if (m_photo.isNull()) return;
    const QRectF a = area();
    drawShadow(p, a, 5);
    p.setRenderHint(QPainter::SmoothPixmapTransform);
    p.drawImage(a, m_photo);
    const auto ring = [&](const QPoint& pixel, const QString& word) {
        const QPointF at = toWidget(pixel);
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(Qt::black, 3));
        p.drawEllipse(at, 9, 9);
        p.setPen(QPen(Qt::white, 1.4));
        p.drawEllipse(at, 9, 9);
        p.setFont(deskType(11, QFont::DemiBold));
        const QRectF box(at.x() + 12, at.y() - 9, QFontMetricsF(p.font()).horizontalAdvance(word) + 10, 18);
        p.fillRect(box, look().card);
        p.setPen(look().ink);
        p.drawText(box, Qt::AlignCenter, word);
    };
    if (m_card) ring(*m_card, tr("card"));
    if (m_place) ring(*m_place, tr("paint"));
    if (hasFocus()) {
        const QPointF c = toWidget(m_cursor);
        for (const auto& [colour, width] : {std::pair{QColor(Qt::black), 3.0}, std::pair{QColor(Qt::white), 1.2}}) {
            p.setPen(QPen(colour, width));
            p.drawLine(c - QPointF(12, 0), c + QPointF(12, 0));
            p.drawLine(c - QPointF(0, 12), c + QPointF(0, 12));
        }
        drawFocus(p, a.adjusted(-2, -2, 2, 2));
    }
}

} // namespace enkinet::app
