#pragma once
// Sheet: how high, how it may lean, how long the film is, and the measures of the selected part.
#include "stations/page.h"
#include "stations/sheet/tab.h"

class QFormLayout;
class QLineEdit;
class QLabel;

namespace enkinet::app {

class StationTable;

class ChoiceField;
class ChecksTab;
class Tabs;
class LimbsTab;
class NumberField;
class PicturesTab;
class PoseTab;
class ThingsTab;

class SheetPage : public Page {
    Q_OBJECT
public:
    explicit SheetPage(Document& document);
    PicturesTab& pictures() { return *m_pictures; }
    LimbsTab& limbs() { return *m_limbs; }
    /// Asks for the hold that the open tab is about.
    void askHold();

Q_SIGNALS:
    void holdWanted(const enkinet::app::HoldWish& wish);
    void besideWanted(int puppet);

protected:
    void show(const results::Report& report) override;

private:
    void showTab();
    Tabs* m_tabs;
    QWidget* m_puppetTab;
    PicturesTab* m_pictures;
    LimbsTab* m_limbs;
    PoseTab* m_pose;
    ChecksTab* m_eye;
    ThingsTab* m_things;
    void changeWants(const QString& name, const std::function<void(body::Wants&)>& mutate, Document::Merge merge);
    void showMeasures(const results::Report& report);

    QLabel *m_title, *m_facts, *m_partTitle, *m_partText;
    NumberField *m_height, *m_lean, *m_film, *m_factor;
    ChoiceField *m_aim, *m_steel, *m_acting, *m_feet, *m_need;
    NumberField *m_poseEvery, *m_retakes, *m_reserve, *m_pinch, *m_grasp;
    ChoiceField *m_strands, *m_drops, *m_held, *m_steadied, *m_side;
    QLineEdit* m_disliked;
    QWidget* m_measures;
    std::vector<std::pair<std::string, int>> segmentsInHand(const document::PartRef& shown);
    void giveBody();
    QLineEdit* m_massName;
    QPushButton* m_giveBody;
    ChoiceField* m_sectionPick;
    NumberField *m_a, *m_b, *m_c, *m_weight;
    QFormLayout* m_form;
    QWidget* m_overview;
    StationTable* m_rows;
};

} // namespace enkinet::app
