#include "widgets/bench_area.h"
#include <QEvent>
#include <QLayout>
#include <QScrollBar>
#include <QStackedWidget>
#include <algorithm>

namespace enkinet::app {

namespace {
/// Pixels: what a widget can be squeezed to, not what it would like.
int findLeastHeight(QWidget* w, int width) {
    if (auto* stack = qobject_cast<QStackedWidget*>(w))
        return stack->currentWidget() ? findLeastHeight(stack->currentWidget(), width) : 0;
    const QLayout* l = w->layout();
    const int least = !l                       ? w->minimumSizeHint().height()
                      : l->hasHeightForWidth() ? l->minimumHeightForWidth(width)
                                               : l->minimumSize().height();
    return std::max(least, w->minimumHeight());
}
} // namespace

BenchArea::BenchArea(QWidget* bench) {
    setObjectName("tabScroll");
    setFrameShape(QFrame::NoFrame);
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setFocusPolicy(Qt::NoFocus);
    setWidget(bench);
    bench->installEventFilter(this);
    if (auto* stack = qobject_cast<QStackedWidget*>(bench))
        connect(stack, &QStackedWidget::currentChanged, this, &BenchArea::fit);
}

void BenchArea::fit() {
    const QSize room = maximumViewportSize();
    const int needed = findLeastHeight(widget(), room.width());
    // A bar takes its width from the picture.
    const int width = needed > room.height() ? room.width() - verticalScrollBar()->sizeHint().width() : room.width();
    const int height = needed > room.height() ? findLeastHeight(widget(), width) : room.height();
    widget()->resize(width, height);
}

void BenchArea::resizeEvent(QResizeEvent* e) {
    QScrollArea::resizeEvent(e);
    fit();
}

bool BenchArea::eventFilter(QObject* target, QEvent* e) {
    if (target == widget() && e->type() == QEvent::LayoutRequest) fit();
    return QScrollArea::eventFilter(target, e);
}

} // namespace enkinet::app
