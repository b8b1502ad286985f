#pragma once
// The step in hand, to be read from two metres and worked with clay on the hands: one key starts, pauses and ends it.
#include "document/plan_job.h"
#include <QWidget>

class QCheckBox;
class QLabel;
class QPushButton;
class QVBoxLayout;

namespace enkinet::app {

class ClockDial;

class WorkBench : public QWidget {
    Q_OBJECT
public:
    explicit WorkBench(QWidget* parent = nullptr);
    /// step: by place in the plan; -1: none.
    void show(const PlanJob::State& state, int step, std::int64_t now_s);
    /// Only the clocks.
    void tick(std::int64_t now_s);

Q_SIGNALS:
    void startOrPause();
    void done();
    void next(int by);
    void ticked(int item); ///< from 1
    void leave();

protected:
    void keyPressEvent(QKeyEvent* event) override;
    bool event(QEvent* event) override;

private:
    void showGate(const std::vector<QString>& lines, const std::vector<bool>& ticks);
    PlanJob::State m_state;
    int m_step = -1;
    QLabel *m_where, *m_title, *m_time, *m_facts, *m_caution, *m_clocks;
    ClockDial* m_dial;
    QPushButton *m_start, *m_done;
    QVBoxLayout* m_gate;
    std::vector<QCheckBox*> m_boxes;
};

/// A step's clock and the buttons beside it, on the card as on the large sheet.
struct StepClock {
    ClockDial* dial;
    QLabel* time;
    QPushButton *start, *done;
};
void showClock(const StepClock& on, const PlanJob::Known& known, int step, std::int64_t now_s);
/// What is said of a step in hand: how it is held, what it waits for, what comes after.
QStringList stepFacts(const PlanJob::Known& known, int step);
/// "putty sets, until 14:00": everything that dries, bakes or sets now; due: those that are over.
QStringList runningClocks(const PlanJob::Known& known, std::int64_t now_s);
/// The reckoned minutes of a step, by the builder's own rate.
double reckonedOf(const PlanJob::Known& known, int step);

} // namespace enkinet::app
