#pragma once
// The table that a builder would pin to the wall: each limb's wire, what to cut, what it holds, what a hand needs, how
// long it lasts and where it breaks first; and the chance that the whole puppet reaches the end of the film.
#include "document/document.h"
#include <QAbstractTableModel>
#include <QWidget>

class QLabel;
class QPushButton;
class QTableView;
class QTableWidget;

namespace enkinet::app {

class PuppetTableModel : public QAbstractTableModel {
    Q_OBJECT
public:
    explicit PuppetTableModel(Document& document, QObject* parent = nullptr);
    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role = Qt::DisplayRole) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role = Qt::DisplayRole) const override;
    /// The whole table with numbers as a spreadsheet reads them.
    QString csv() const;

private:
    enum Column { limb, wire, lay, holds, effort, film, firstToBreak, state, cut, turns, columns };
    QString cell(int row, Column column) const;
    Document& m_document;
};

class PuppetTable : public QWidget {
    Q_OBJECT
public:
    explicit PuppetTable(Document& document, QWidget* parent = nullptr);
    PuppetTableModel* model() const { return m_model; }

protected:
    void showEvent(QShowEvent* event) override;

private:
    void refresh();
    void refreshAside();
    void keepAside();
    void swapAside();
    void dropAside();
    Document& m_document;
    PuppetTableModel* m_model;
    QTableView* m_view;
    QLabel *m_title, *m_chance, *m_asideWords;
    QTableWidget* m_differences;
};

} // namespace enkinet::app
