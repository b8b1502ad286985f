#pragma once
// Skin: clay part by part, the hands' work with it, the oven, and what covers it.
#include "stations/page.h"

class QStackedWidget;

namespace enkinet::app {

class CoverTab;
class HandsTab;
class Tabs;
class OvenTab;
class SkinTab;

class SkinPage : public Page {
    Q_OBJECT
public:
    explicit SkinPage(Document& document);
    void point(int part, double at) override;

protected:
    void show(const results::Report& report) override;

private:
    void showTab();

    QLabel *m_title, *m_amountsText, *m_amountsTitle;
    QStackedWidget* m_stack;
    Tabs* m_tabs;
    SkinTab* m_skin;
    HandsTab* m_hands;
    OvenTab* m_oven;
    CoverTab* m_cover;
};

} // namespace enkinet::app
