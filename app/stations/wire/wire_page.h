#pragma once
// Wire: will this joint hold, can a hand pose it, how long will it last; which wire the limb needs and why.
#include "stations/page.h"
#include <optional>

class QPushButton;

namespace enkinet::app {

class AnswerHead;
class ChoiceField;
class CuttingTab;
class Fold;
class LaidLimb;
class LensTab;
class Tabs;
class LimitTable;
class BendPicture;
class NumberField;
class RemediesList;
class SpoolsTab;
class WiresWindow;

class WirePage : public Page {
    Q_OBJECT
public:
    explicit WirePage(Document& document);

protected:
    void show(const results::Report& report) override;

private:
    void makeBench();
    void showTab();
    void showWhy();
    /// A limb that nothing poses, and whose bare wire carries raw clay.
    void showStill(const results::Report& report, const choice::LimbChoice& limb);
    void pick(int candidate);
    void showCandidates(const results::Report& report, int limb);
    void changeJoint(const QString& name,
                     const std::function<Result<document::Production>(const document::Edits&, const std::string&,
                                                                      const std::string&)>& edit,
                     Document::Merge merge = Document::Merge::no);

    AnswerHead* m_head;
    LimitTable* m_limits;
    QWidget* m_stiffRow;
    ChoiceField* m_stiff;
    Fold *m_jointFold, *m_wireFold;
    LaidLimb* m_laid;
    QLabel *m_windowText, *m_windowHead, *m_why, *m_choiceText, *m_quiet, *m_rests;
    QWidget* m_body;
    QWidget* m_waysOut;
    Tabs* m_tabs;
    QWidget *m_jointTab, *m_fieldTab;
    LensTab* m_lens;
    SpoolsTab* m_spools;
    CuttingTab* m_cutting;
    RemediesList* m_remedies;
    WiresWindow* m_window;
    QLabel* m_fieldText;
    QListWidget* m_list;
    QPushButton *m_use, *m_auto, *m_none;
    QLineEdit* m_noneWhy;
    void takeNone();
    BendPicture* m_bend;
    NumberField *m_gap, *m_low, *m_high, *m_need, *m_moves, *m_forming;
    ChoiceField* m_edge;
    QLabel* m_whyText;
    int m_limb = -1, m_demand = -1;
    /// What was helped stays on the bench while nothing is selected, also where another joint is the weakest then.
    struct Helped {
        int puppet, limb, demand;
    };
    std::optional<Helped> m_helped;
    void findWeakest(const results::Report& r);
    int m_asked = -1; ///< row of the table whose why is open
};

} // namespace enkinet::app
