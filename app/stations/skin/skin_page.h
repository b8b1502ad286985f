#pragma once
// Skin: clay part by part, the hands' work with it, the oven, and what covers it.
#include "stations/page.h"

class QStackedWidget;

namespace enkinet::app {

class CoverLeaf;
class HandsLeaf;
class Leaves;
class OvenLeaf;
class SkinLeaf;

class SkinPage : public Page {
    Q_OBJECT
public:
    explicit SkinPage(Document& document);
    void point(int part, double at) override;

protected:
    void show(const results::Report& report) override;

private:
    void showLeaf();

    QLabel *m_title, *m_amountsText, *m_amountsTitle;
    QStackedWidget* m_stack;
    Leaves* m_leaves;
    SkinLeaf* m_skin;
    HandsLeaf* m_hands;
    OvenLeaf* m_oven;
    CoverLeaf* m_cover;
};

} // namespace enkinet::app
