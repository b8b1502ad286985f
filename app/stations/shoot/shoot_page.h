#pragma once
// Shoot: the film's shots, who acts in them and how, what they wear, and what to have ready.
#include "document/film_job.h"
#include "stations/page.h"

class QCheckBox;
class QLineEdit;
class QPushButton;

namespace enkinet::app {

class AnswerHead;
class ChoiceField;
class LimitTable;
class NumberField;
class ShotTable;

class ShootPage : public Page {
    Q_OBJECT
public:
    explicit ShootPage(Document& document);
    FilmJob& job() { return m_job; }
    void setShot(int shot);
    /// Motion (.bvh) or an exposure sheet (.csv) for the present puppet in the shot in hand. A sentence where it was
    /// not taken.
    QString takeMotion(const QString& path);

protected:
    void show(const results::Report& report) override;

private:
    void arrived();
    void showShot();
    const document::Shot* shot();
    void changeShot(const QString& name, const std::function<void(document::Shot&)>& mutate, const QString& key = {});
    bool knowsFilm(); ///< the ledger is of what is shown
    void markShot(const QString& name, const std::function<void(document::Shot&)>& mutate);
    void change(const QString& name, const std::function<void(std::vector<document::Shot>&)>& mutate);
    void addShot();
    void breakJoint();

    FilmJob m_job;
    int m_shot = 0;
    ShotTable* m_table;
    AnswerHead* m_head;
    LimitTable* m_limits;
    QLineEdit *m_name, *m_day;
    NumberField *m_frames, *m_fps, *m_on, *m_retakes;
    ChoiceField *m_copy, *m_acting, *m_broke;
    QPushButton *m_add, *m_remove, *m_earlier, *m_later, *m_motion, *m_done, *m_break;
    QLabel *m_swaps, *m_source;
    QWidget* m_fields;
};

} // namespace enkinet::app
