#pragma once
// Plan: the steps in order, why each waits for another, and what to buy.
#include "stations/page.h"

namespace enkinet::app {

class PlanStrip;

class PlanPage : public Page {
    Q_OBJECT
public:
    explicit PlanPage(Document& document);
    void setStep(int step);

protected:
    void show(const results::Report& report) override;

private:
    void showStep(const results::Report& report);
    QLabel *m_title, *m_text, *m_caution, *m_shopping, *m_money;
    QListWidget* m_steps;
    PlanStrip* m_strip;
};

} // namespace enkinet::app
