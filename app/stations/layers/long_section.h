#pragma once
// A cut along a whole limb from its surface to its wire: depth under the surface downwards, every layer in its colour,
// the clay's limits as dashed lines, gaps left open. The pointer names a place; at Skin a station's mark is dragged up
// and down and its skin gets thinner or thicker.
#include "document/document.h"
#include <QWidget>
#include <optional>

namespace enkinet::app {

class LongSection : public QWidget {
    Q_OBJECT
public:
    /// shaping: marks can be dragged.
    LongSection(Document& document, bool shaping, QWidget* parent = nullptr);
    /// The limb of the part; hides itself where there is none with a body.
    void show(int part);
    /// Where a station's mark stands, for the keyboard of tests; null outside.
    std::optional<QPointF> markAt(int segment, int section) const;

Q_SIGNALS:
    /// The pointer is over a place of a part; -1 when it has left.
    void pointed(int part, double at);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void leaveEvent(QEvent* event) override;

private:
    struct Stretch {
        int part = 0, segment = 0;
        double from_mm = 0, length_mm = 0; ///< along the limb
        body::Stretch own, stiff;
    };
    struct Mark {
        int segment = 0, section = 0;
    };
    double x(double along_mm) const;
    double y(double depth_mm) const;
    const body::Segment& segmentOf(const Stretch& s) const;
    /// Depth of the cover and of the clay's inside at a share of a segment.
    std::pair<double, double> depths(const body::Segment& s, double at) const;
    std::optional<QPointF> placeOf(const Mark& mark) const;
    void drawStretch(QPainter& p, const Stretch& s) const;

    Document& m_document;
    std::optional<Shown> m_shown; ///< what the indices below stand in
    bool m_shaping;
    int m_limb = -1, m_part = -1;
    std::vector<Stretch> m_stretches;
    double m_length = 1, m_deepest = 1;
    std::optional<Mark> m_dragged;
    std::optional<double> m_pointer; ///< along the limb
};

} // namespace enkinet::app
