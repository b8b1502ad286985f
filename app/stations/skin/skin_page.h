#pragma once
// Skin: clay part by part, its grams and packs, and the bake that cures the thickest of it.
#include "stations/page.h"

class QCustomPlot;

namespace enkinet::app {

class ChoiceField;
class NumberField;
class SectionView;

class SkinPage : public Page {
    Q_OBJECT
public:
    explicit SkinPage(Document& document);

protected:
    void show(const production::Report& report) override;

private:
    void showBake(const production::Report& report);
    void showHands(const production::Report& report, int part);
    void weighed(double grams);

    QLabel *m_title, *m_text, *m_packs, *m_bake, *m_caution;
    SectionView* m_section;
    ChoiceField *m_clay, *m_across;
    NumberField *m_thickness, *m_weighed;
    QLabel *m_hands, *m_implied;
    QCustomPlot* m_plot;
};

} // namespace enkinet::app
