#pragma once
// A photograph with a grey card in it: the card is pointed at, then each paint; what is picked is as under white light.
#include "paint/photo.h"
#include <QImage>
#include <QPoint>
#include <QWidget>
#include <optional>

namespace enkinet::app {

class PhotoPick : public QWidget {
    Q_OBJECT
public:
    explicit PhotoPick(QWidget* parent = nullptr);
    void setPhoto(const QImage& photo);
    /// The next place that is pointed at is the card.
    void askCard();
    bool hasCard() const { return m_card.has_value(); }
    /// Where a place of the photograph stands in the widget.
    QPoint toWidget(const QPoint& pixel) const;

Q_SIGNALS:
    void carded();
    void picked(const enkinet::paint::Rgb& colour);
    void refused(const QString& sentence);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    QRectF area() const;
    void take(const QPoint& pixel);
    paint::Rgb meanAt(const QPoint& pixel) const;
    QImage m_photo;
    std::optional<QPoint> m_card, m_place;
    QPoint m_cursor; ///< moved by keys
};

} // namespace enkinet::app
