#pragma once
// The wire lens: what this joint would do with another lay, gap, count, gauge or angle, live, with the present choice
// as a ghost; and in words why. "Use this" takes wire and gap over in one step.
#include "document/document.h"
#include <QWidget>

class QLabel;
class QPushButton;
class QSlider;

namespace enkinet::app {

class BentGap;
class ChoiceField;

class LensTab : public QWidget {
    Q_OBJECT
public:
    explicit LensTab(Document& document, QWidget* parent = nullptr);
    /// Starts from the joint as it is; what is being tried is kept while the same joint and wire stay.
    void show(int limb, int demand);
    /// Nothing bends in the limb: says where its wires are chosen.
    void showNone();

private:
    struct Tried {
        int spool = 0, strands = 1;
        double lay_mm = 0, gap_mm = 14, angle_rad = 0, edge = 1.3;
        friend bool operator==(const Tried&, const Tried&) = default;
    };
    QSlider* addSlider(const QString& name, QLabel*& value);
    void reset();
    void fromSliders();
    void toSliders();
    void refresh();
    void use();
    wire::Bundle bundleOf(const Tried& t) const;
    double longestLay() const;
    const choice::Demand& demand() const;

    Document& m_document;
    BentGap* m_gapView;
    QLabel *m_numbers, *m_words;
    ChoiceField *m_spool, *m_edge;
    QSlider *m_strands, *m_lay, *m_gap, *m_angle;
    QLabel *m_strandsText, *m_layText, *m_gapText, *m_angleText;
    QPushButton *m_use, *m_reset;
    Tried m_tried, m_present;
    int m_limb = -1, m_demand = -1;
    std::optional<Shown> m_shown; ///< what the two stand in
    bool isNow() const { return m_shown && m_shown->isNow(m_document); }
};

} // namespace enkinet::app
