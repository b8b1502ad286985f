#pragma once
// What the hands do with the clay of the part in hand: lump, sheet by strips or roller, oversize, batches; what the
// scales say; which other clay would do; the packs of the whole puppet; the room and the roller that it rests on.
#include "document/document.h"
#include <QWidget>

class QLabel;
class QLineEdit;
class QListWidget;

namespace enkinet::app {

class NumberField;

class HandsTab : public QWidget {
    Q_OBJECT
public:
    explicit HandsTab(Document& document, QWidget* parent = nullptr);
    void show();

private:
    void showPart(int part);
    void showStock();
    void weighed(double grams);
    void replace();
    void changeShop(const QString& name, const std::function<void(fill::Shop&)>& mutate,
                    Document::Merge merge = Document::Merge::no);
    void readCards();

    Document& m_document;
    QLabel *m_hands, *m_implied, *m_packs, *m_rolled;
    NumberField *m_weighed, *m_room, *m_putty, *m_setting, *m_sheet;
    QLineEdit* m_strips;
    QListWidget *m_offers, *m_readings;
};

} // namespace enkinet::app
