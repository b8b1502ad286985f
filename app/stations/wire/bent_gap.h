#pragma once
// The bent gap drawn large and to scale: strands as helices running from the outside of the bend to the inside, strain
// along each strand as tone, the stiff ends, and where it breaks first. A second bundle can stand behind it as a ghost.
#include "widgets/materials.h"
#include "wire/calibration.h"
#include <QWidget>

namespace enkinet::app {

class BentGap : public QWidget {
    Q_OBJECT
public:
    struct State {
        wire::Bundle bundle;
        wire::GapBend bend;
        Metal metal{};
    };
    explicit BentGap(QWidget* parent = nullptr);
    void show(const State& now, const State& ghost);
    QSize sizeHint() const override { return {338, 200}; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    QPointF centreline(const State& s, double along, double normal) const;
    void drawGhost(QPainter& painter) const;
    void drawEnds(QPainter& painter) const;
    void drawStrands(QPainter& painter) const;
    void drawBreak(QPainter& painter) const;

    State m_now, m_ghost;
    double m_scale = 10;
    QPointF m_origin;
};

} // namespace enkinet::app
