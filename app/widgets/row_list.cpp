#include "widgets/row_list.h"
#include <QResizeEvent>

namespace enkinet::app {

namespace {
constexpr int kLine = 22; ///< a row of one line, px
}

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

// Its model goes after it, and says that it is empty then.
RowList::~RowList() { model()->disconnect(this); }

int RowList::highOf(int row, int width) const {
    // The view's own hint knows no width, and takes every row for one line.
    QStyleOptionViewItem option;
    initViewItemOption(&option);
    option.rect = QRect(0, 0, std::max(1, width), 4000);
    return std::max(kLine, itemDelegate()->sizeHint(option, model()->index(row, 0)).height());
}

void RowList::fit() {
    m_wide = width();
    // By the width outside of the scroll bar, which comes and goes with the height.
    const int wide = contentsRect().width(), most = m_most * kLine;
    int high = 0;
    for (int i = 0; i < std::min(count(), m_most); ++i)
        high += highOf(i, wide);
    const bool fits = high <= most && count() <= m_most;
    if (m_held) high = most;
    // A bar that is there makes rows wrap more, and would stay for that alone.
    setVerticalScrollBarPolicy(fits ? Qt::ScrollBarAlwaysOff : Qt::ScrollBarAsNeeded);
    if (!fits) high = std::max(most, highOf(0, wide - style()->pixelMetric(QStyle::PM_ScrollBarExtent, nullptr, this)));
    setFixedHeight(std::max(high + 2 * frameWidth() + 2, 30));
}

void RowList::resizeEvent(QResizeEvent* e) {
    QListWidget::resizeEvent(e);
    if (m_wide != width()) fit();
}

void RowList::showEvent(QShowEvent* e) {
    QListWidget::showEvent(e);
    fit();
}

} // namespace enkinet::app
