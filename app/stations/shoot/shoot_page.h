#pragma once
// Shoot: the film's shots, who acts in them and how, what they wear, and what to have ready.
#include "document/shot_wear_job.h"
#include "stations/page.h"
#include "stations/shoot/shot_motions.h"
#include "stations/station_table.h"

class QLineEdit;
class QPushButton;
class QStackedWidget;

namespace enkinet::app {

class AnswerHead;
class ChoiceField;
class Tabs;
class LimitTable;
class NumberField;
class PosesTab;
class ShotTable;

class ShootPage : public Page {
    Q_OBJECT
public:
    explicit ShootPage(Document& document);
    ShotWearJob& job() { return m_job; }
    void setShot(int shot);
    /// Motion (.bvh) or an exposure sheet (.csv) for the present puppet in the shot in hand. A sentence where it was
    /// not taken.
    QString takeMotion(const QString& path);

protected:
    void show(const results::Report& report) override;

private:
    QWidget* makeFields();
    void arrived();
    void showTable();
    void showShot();
    void showFields(const document::Shot& shot, const document::Cast* cast);
    const document::Shot* shot();
    const document::Cast* cast();
    void designForShots();
    void changeShot(const QString& name, const std::function<void(document::Shot&)>& mutate,
                    Document::Merge merge = Document::Merge::no);
    bool knowsFilm(); ///< the ledger is of what is shown
    void markShot(const QString& name, const std::function<void(document::Shot&)>& mutate);
    void change(const QString& name, const std::function<void(std::vector<document::Shot>&)>& mutate);
    void addShot();
    void breakJoint();

    ShotWearJob m_job;
    int m_shot = 0;
    ShotMotions m_motions;
    ShotTable* m_table;
    PosesTab* m_poses;
    QStackedWidget* m_stack;
    Tabs* m_tabs;
    AnswerHead* m_head;
    StationRow rowOf(const results::WornJoint& joint, double after, const document::Shot& shot);
    StationTable* m_limits;
    QLineEdit *m_name, *m_day;
    NumberField *m_frames, *m_fps, *m_on, *m_retakes;
    ChoiceField *m_copy, *m_acting, *m_broke;
    QPushButton *m_add, *m_remove, *m_earlier, *m_later, *m_motion, *m_done, *m_break, *m_design;
    QLabel *m_swaps, *m_source;
    QWidget *m_shotTab, *m_fields;
};

} // namespace enkinet::app
