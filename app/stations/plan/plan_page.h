#pragma once
// Plan: the days of the whole production, the step in hand with its clock, what the shop's hours are and what to buy.
#include "document/plan_job.h"
#include "jobs/device_ports.h"
#include "stations/page.h"
#include "stations/station_table.h"
#include <QTimer>

class QFormLayout;
class QLineEdit;
class QScrollArea;
class QStackedWidget;

namespace enkinet::app {

class AnswerHead;
class ChoiceField;
class ClockDial;
class Diary;
class Fold;
class PlanDays;
class ShopShelf;
class WorkBench;

class PlanPage : public Page {
    Q_OBJECT
public:
    explicit PlanPage(Document& document);
    /// By place in the plan.
    void setStep(int step);
    /// The step in hand, large, or the days.
    void setAtWork(bool on);
    /// What was written down, or the days.
    void setDiary(bool on);
    PlanJob& job();
    DevicePorts& ports() { return document().devices(); }

protected:
    void show(const results::Report& report) override;
    void showEvent(QShowEvent*) override;

private:
    void arrived();
    void makeHours();
    void makeOrder();
    void showBench();
    void writeLine(document::LogKind kind, double number, const QString& unit, const QString& text);
    std::vector<StationRow> rowsOf(const PlanJob::Known& state) const;
    StationTable* m_rows;
    void showOrder();
    void keepOrder();
    void moveStep(int step, Minute at, int before);
    void dropMove(int step);
    void writePicture(document::LogKind kind, const QString& text, const QByteArray& bytes);
    const make::Step* stepOfPresent(); ///< the step in hand, where it is the present puppet's
    void showStep();
    void showHours();
    void showShopping();
    static QString wayText(const PlanJob::Known& known, const results::WayToHold& way);
    void showWays();
    void applyWay();
    void tickClocks();
    void followClock();
    const results::Planned* planned(); ///< the step in hand
    bool hasBegun();                   ///< it
    document::LogEntry entryOfProduction(document::LogKind kind, double number, const QString& text);
    document::LogEntry entry(document::LogKind kind, double number = 0,
                             const QString& text = {}); ///< of the step in hand
    void log(const QString& name, const std::vector<document::LogEntry>& entries,
             const std::vector<document::Use>& uses = {});
    void startOrPause();
    void finish();
    void skip();
    void tickItem(int item);
    void weigh();
    void note(bool regret);
    void callDue();

    void showScale();
    QTimer m_clock;
    int m_step = -1;
    std::string m_inHand; ///< id of the step in hand, over changes of the plan
    std::set<std::string> m_called;
    std::int64_t m_since_s = 0; ///< what was due before is not called
    std::int64_t m_setBy_s = 0; ///< that was said
    AnswerHead* m_head;
    ClockDial* m_dial;
    QLabel *m_time, *m_facts, *m_caution, *m_clocks, *m_scale;
    ShopShelf* m_shop;
    QPushButton *m_start, *m_done, *m_skip, *m_large;
    QLineEdit *m_weigh, *m_note;
    QListWidget *m_gate, *m_steps, *m_ways;
    QPushButton* m_applyWay;
    PlanDays* m_days;
    WorkBench* m_work;
    Diary* m_diary;
    QPushButton* m_diaryOpen;
    QFormLayout* m_fields;
    QStackedWidget* m_bench;
    QScrollArea* m_scroll;
    Fold *m_hoursFold, *m_shopFold, *m_orderFold;
    QLabel* m_orderFirst;
    ChoiceField* m_orderThen;
    QListWidget* m_orders;
    QPushButton *m_orderDrop, *m_orderKeep;
    ChoiceField *m_begin, *m_baseTurn;
    std::vector<QLineEdit*> m_hours;
    QLineEdit *m_first, *m_deadline, *m_off, *m_people;
};

} // namespace enkinet::app
