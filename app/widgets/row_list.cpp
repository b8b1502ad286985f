#include "widgets/row_list.h"
#include <QResizeEvent>

namespace enkinet::app {

RowList::RowList(int most, QWidget* parent) : QListWidget(parent), m_most(most) {
    setWordWrap(true);
    setTextElideMode(Qt::ElideNone);
    setResizeMode(QListView::Adjust);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    // Hundreds of rows are measured a few at a time.
    setLayoutMode(QListView::Batched);
    setBatchSize(60);
    const auto follow = [this](const QModelIndex&, int first) {
        if (first < m_most) fit();
    };
    connect(model(), &QAbstractItemModel::rowsInserted, this, follow);
    connect(model(), &QAbstractItemModel::rowsRemoved, this, follow);
    connect(model(), &QAbstractItemModel::dataChanged, this, [this](const QModelIndex& first) {
        if (first.row() < m_most) fit();
    });
    connect(model(), &QAbstractItemModel::modelReset, this, &RowList::fit);
}

void RowList::fit() {
    int h = 2 * frameWidth() + 2;
    const int rows = std::min(count(), m_most);
    for (int i = 0; i < rows; ++i)
        h += std::max(22, sizeHintForRow(i));
    setFixedHeight(std::max(h, 30));
}

void RowList::resizeEvent(QResizeEvent* e) {
    QListWidget::resizeEvent(e);
    if (e->oldSize().width() != e->size().width()) fit();
}

void RowList::showEvent(QShowEvent* e) {
    QListWidget::showEvent(e);
    fit();
}

} // namespace enkinet::app
