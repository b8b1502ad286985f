#pragma once
// The clay of the part in hand: which, how thick and where, and what of it runs across a joint. Two cuts show it:
// across where the pointer is, and along the whole limb.
#include "document/document.h"
#include <QWidget>
#include <optional>

class QLabel;

namespace enkinet::app {

class StationTable;

class ChoiceField;
class LayersBench;
class NumberField;

class SkinTab : public QWidget {
    Q_OBJECT
public:
    explicit SkinTab(Document& document, QWidget* parent = nullptr);
    void show();
    QWidget* bench() const;
    /// The pointer is over a place of a part; -1: nowhere.
    void point(int part, double at);

private:
    Document& m_document;
    void setThickness(double mm);
    void asThePart();
    /// Stations of the part in hand; none for a mass.
    const body::Segment* segment() const;

    LayersBench* m_layers;
    /// The coat beneath the skin that clay and thickness are about, from inside out; none: the skin.
    std::optional<std::size_t> coat() const;
    void addCoat();
    int m_comesTo = -1; ///< part that a coat was put into which results do not know yet
    std::size_t m_shownCoats = 0;
    void takeCoat();

    ChoiceField *m_clay, *m_across, *m_place, *m_coat, *m_load;
    NumberField *m_thickness, *m_relief;
    QLabel* m_text;
    StationTable* m_rows;
};

} // namespace enkinet::app
