#pragma once
// Spools and their bench tests: what each wire was seen to do against what its card says, and what that does to the
// numbers.
#include "document/document.h"
#include <QWidget>

class QLabel;
class QLineEdit;
class QListWidget;

namespace enkinet::app {

class ChoiceField;
class NumberField;

class TestsLeaf : public QWidget {
    Q_OBJECT
public:
    explicit TestsLeaf(Document& document, QWidget* parent = nullptr);
    void show();

private:
    void showSpool();
    void addBend();
    void addHang();
    void removeMarked();
    void putSpool();
    void exportCsv();
    void importCsv();
    int spool() const; ///< index into the stock; -1 where there is none

    Document& m_document;
    ChoiceField *m_spool, *m_card, *m_lastBend, *m_strands;
    QLabel *m_known, *m_caution;
    QListWidget* m_list;
    NumberField *m_gap, *m_lay, *m_angle, *m_cycles, *m_lever, *m_weight, *m_length, *m_price;
    ChoiceField* m_edge;
    QLineEdit *m_newId, *m_diameter;
};

} // namespace enkinet::app
