#pragma once
// What one station shows on the card. A page reads the document and asks it for changes; it holds no numbers of its
// own.
#include "document/document.h"
#include <QWidget>

class QLabel;
class QListWidget;
class QListWidgetItem;
class QPushButton;
class QVBoxLayout;

namespace enkinet::app {

class Page : public QWidget {
    Q_OBJECT
public:
    Page(Document& document, results::Station station, QWidget* parent = nullptr);
    results::Station station() const { return m_station; }
    /// Shows the document and the selection as they are now.
    void refresh();

protected:
    virtual void show(const results::Report& report) = 0;
    Document& document() { return m_document; }
    QVBoxLayout* column() { return m_column; }
    /// Puts the list of this station's open points at the end of the column.
    void addOpenPoints();

private:
    void follow(const results::OpenPoint& point);
    /// Rows of the list: open points, what is left as it is, and notes.
    enum RowKind { kOpenRow, kLeftRow, kNoteRow };
    const results::OpenPoint* pointOf(const QListWidgetItem* item) const;
    void showLeave();

    Document& m_document;
    results::Station m_station;
    QVBoxLayout* m_column;
    QListWidget* m_open = nullptr;
    QLabel* m_openHeading = nullptr;
    QPushButton* m_leave = nullptr;
};

/// A list that is as tall as its rows and wraps their text.
void fitToRows(QListWidget& list, int most = 12);

} // namespace enkinet::app
