#pragma once
// Spools in stock: put in, changed, taken out. What their wire was seen to do is tested at Bench.
#include "document/document.h"
#include <QWidget>

class QLineEdit;
class QListWidget;
class QPushButton;

namespace enkinet::app {

class ChoiceField;
class NumberField;

class SpoolsTab : public QWidget {
    Q_OBJECT
public:
    explicit SpoolsTab(Document& document, QWidget* parent = nullptr);
    void show();

private:
    void take(int row);
    void putSpool();
    void removeSpool();

    Document& m_document;
    QListWidget* m_list;
    ChoiceField* m_card;
    NumberField *m_length, *m_price;
    QLineEdit *m_name, *m_diameter;
    QPushButton* m_remove;
};

} // namespace enkinet::app
