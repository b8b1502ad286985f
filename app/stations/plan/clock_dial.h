#pragma once
// A kitchen clock: what a step has taken of what was reckoned for it.
#include <QWidget>

namespace enkinet::app {

class ClockDial : public QWidget {
    Q_OBJECT
public:
    explicit ClockDial(QWidget* parent = nullptr);
    /// Minutes; running: the hand stands out.
    void show(double worked_min, double reckoned_min, bool running);
    QSize sizeHint() const override { return {m_size, m_size}; }
    void setSize(int px);

protected:
    void paintEvent(QPaintEvent*) override;

private:
    double m_worked = 0, m_reckoned = 0;
    bool m_running = false;
    int m_size = 116;
};

} // namespace enkinet::app
