#pragma once
// What one station shows on the card. A page reads the document and asks it for changes; it holds no numbers of its
// own.
#include "document/document.h"
#include <QWidget>

class QLabel;
class QLineEdit;
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
    /// The station's own picture, which the bench shows; null: the sheet.
    QWidget* bench() const { return m_bench; }
    /// The pointer is over a place of a part of the figure, in shares of its bone; -1: nowhere.
    virtual void point(int, double) {}

protected:
    virtual void show(const results::Report& report) = 0;
    Document& document() { return m_document; }
    QVBoxLayout* column() { return m_column; }
    /// Given once, while the page is made; whoever shows it owns it.
    /// On a window too low for it, it scrolls.
    void setBench(QWidget* bench);
    /// Puts the list of this station's open points at the end of the column, behind what is added later too.
    void addOpenPoints();

    /// Goes to where an open point is.
    virtual void follow(const findings::Finding& point);

private:
    /// Rows of the list: open points, what is left as it is, and notes.
    enum RowKind { kOpenRow, kLeftRow, kNoteRow };
    const findings::Finding* pointOf(const QListWidgetItem* item) const;
    void showLeave();
    void setOpenPointsLast();
    void leaveOrTakeUp();

    Document& m_document;
    results::Station m_station;
    QVBoxLayout* m_column;
    QWidget* m_bench = nullptr;
    QWidget* m_openBox = nullptr;
    bool m_openLast = false;
    QListWidget* m_open = nullptr;
    QLabel* m_openHeading = nullptr;
    QLineEdit* m_because = nullptr;
    QPushButton* m_leave = nullptr;
};

} // namespace enkinet::app
