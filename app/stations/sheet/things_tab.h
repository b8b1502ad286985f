#pragma once
// Things on the body: what sits on it, what holds it, what it stands on; the picture of the one in hand and what it
// asks: a ball to roll, a seat to make, holes to drill.
#include "document/document.h"
#include <QWidget>
#include <string>
#include <tuple>

class QLabel;
class QLineEdit;
class QListWidget;
class QPushButton;

namespace enkinet::app {

class RowList;

class ThingForm;
class ThingPicture;

class ThingsTab : public QWidget {
    Q_OBJECT
public:
    explicit ThingsTab(Document& document, QWidget* parent = nullptr);
    void show();
    body::ThingKind kind() const { return m_kind; }
    int index() const { return m_index; }

private:
    void add(body::ThingKind kind);
    void remove();
    void choose(int row);
    void showOne();
    /// The place in hand, or the first there is.
    body::Spot spotInHand() const;

    Document& m_document;
    RowList* m_list;
    QPushButton *m_add, *m_remove;
    QLineEdit* m_name;
    ThingPicture* m_picture;
    QLabel* m_answer;
    ThingForm* m_form = nullptr;
    body::ThingKind m_kind = body::ThingKind::none;
    int m_index = -1;
    std::tuple<body::ThingKind, int, std::string> m_formOf;
};

} // namespace enkinet::app
