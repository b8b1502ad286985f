#pragma once
// The bent gap drawn large, with its scale and where it breaks first; a second bundle can stand behind it as a ghost.
#include "stations/wire/bent_drawing.h"
#include <QWidget>

namespace enkinet::app {

class BentGap : public QWidget {
    Q_OBJECT
public:
    explicit BentGap(QWidget* parent = nullptr);
    void show(const BentState& now, const BentState& ghost);
    QSize sizeHint() const override { return {338, 200}; }

protected:
    void paintEvent(QPaintEvent*) override;

private:
    BentState m_now, m_ghost;
};

} // namespace enkinet::app
