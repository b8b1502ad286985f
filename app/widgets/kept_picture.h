#pragma once
// A picture that is drawn anew only where what it shows has changed: whatever else makes its widget paint costs a copy.
#include "widgets/look.h"
#include <QPainter>
#include <QPixmap>
#include <QWidget>
#include <vector>

namespace enkinet::app {

class KeptPicture {
public:
    /// Draws `seen` of the widget. key: all that decides what draw(QPainter&) draws, but size and look.
    template <class Draw>
    void paint(QPainter& p, const QWidget& of, const QRect& seen, std::vector<qint64> key, Draw draw) {
        const double dpr = of.devicePixelRatioF();
        if (m_picture.isNull() || key != m_key || m_night != look().night || m_seen != seen || m_size != of.size() ||
            m_dpr != dpr) {
            m_key = std::move(key), m_night = look().night, m_seen = seen, m_size = of.size(), m_dpr = dpr;
            m_picture = QPixmap(seen.size() * dpr);
            m_picture.setDevicePixelRatio(dpr);
            m_picture.fill(Qt::transparent);
            QPainter q(&m_picture);
            q.setRenderHint(QPainter::Antialiasing);
            q.translate(-seen.topLeft());
            draw(q);
        }
        p.drawPixmap(seen.topLeft(), m_picture);
    }
    bool holds(const std::vector<qint64>& key, const QRect& seen) const {
        return !m_picture.isNull() && key == m_key && seen == m_seen && m_night == look().night;
    }

private:
    std::vector<qint64> m_key;
    bool m_night = false;
    QRect m_seen;
    QSize m_size;
    double m_dpr = 0;
    QPixmap m_picture;
};

} // namespace enkinet::app
