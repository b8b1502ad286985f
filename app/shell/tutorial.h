#pragma once
// The first hour with the demo: one thing at a time, a ring round the place that it is about, and on as soon as it was
// done. It does nothing by itself, and stands in nobody's way.
#include <QFrame>
#include <QPointer>
#include <QTimer>
#include <functional>
#include <vector>

class QAbstractButton;
class QLabel;

namespace enkinet::app {

class Window;

class Tutorial : public QFrame {
    Q_OBJECT
public:
    explicit Tutorial(Window& window, int step = 0);
    ~Tutorial() override;
    int step() const { return m_step; }
    int steps() const { return static_cast<int>(m_steps.size()); }
    /// What is asked for now.
    QString text() const;
    /// The place that it is about; null while it is not on the screen.
    QWidget* place() const;

private:
    struct Step {
        QString text;
        std::function<QWidget*()> at;
        std::function<bool()> done;
    };
    class Ring;
    void makeSteps();
    void watch();
    void go(int step);
    void settleDown();

    Window& m_window;
    std::vector<Step> m_steps;
    int m_step = -1, m_undoAt = 0;
    std::size_t m_logAt = 0;
    QLabel *m_count, *m_text;
    QAbstractButton* m_skip;
    QPointer<Ring> m_ring;
    QTimer m_clock;
};

} // namespace enkinet::app
