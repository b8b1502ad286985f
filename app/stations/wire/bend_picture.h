#pragma once
// How far a joint bends, as it looks from the side: at rest and at both its ends, which are dragged. No sign has to be
// known for it.
#include "document/document.h"
#include <QWidget>

namespace enkinet::app {

class BendPicture : public QWidget {
    Q_OBJECT
public:
    explicit BendPicture(QWidget* parent = nullptr);
    /// hinge: of the skeleton as it is built; low, high: rad.
    void show(const Shown& of, int hinge, double low_rad, double high_rad);
    QSize sizeHint() const override { return {280, kHigh}; }

Q_SIGNALS:
    /// An end has been let go; rad, low not above 0, high not below.
    void ended(double low_rad, double high_rad);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;

private:
    static constexpr int kHigh = 118;
    enum class End { none, low, high };
    /// The bone beyond the joint, bent by so much, on the widget; from the joint.
    QPointF tip(double angle_rad) const;
    QPointF middle() const { return {width() / 2.0, kHigh / 2.0}; }
    std::optional<Shown> m_of; ///< what it paints
    int m_hinge = -1;
    double m_low = 0, m_high = 0;
    End m_held = End::none;
};

} // namespace enkinet::app
