#include "widgets/flow.h"
#include <QAbstractButton>
#include <QLabel>
#include <algorithm>

namespace enkinet::app {

namespace {
/// A button is as wide as its word, a field as wide as it may be.
bool grows(const QLayoutItem* i) {
    const QWidget* w = const_cast<QLayoutItem*>(i)->widget();
    return w && !qobject_cast<const QAbstractButton*>(w) && !qobject_cast<const QLabel*>(w);
}
} // namespace

Flow::~Flow() {
    for (QLayoutItem* i : m_items)
        delete i;
}

QLayoutItem* Flow::itemAt(int index) const {
    return index >= 0 && index < count() ? m_items[static_cast<std::size_t>(index)] : nullptr;
}

QLayoutItem* Flow::takeAt(int index) {
    QLayoutItem* i = itemAt(index);
    if (i) m_items.erase(m_items.begin() + index);
    return i;
}

QSize Flow::minimumSize() const {
    QSize s;
    for (const QLayoutItem* i : m_items)
        if (!i->isEmpty()) s = s.expandedTo(i->minimumSize());
    return s;
}

QSize Flow::sizeHint() const {
    QSize s;
    for (const QLayoutItem* i : m_items)
        if (!i->isEmpty())
            s = {s.width() + (s.isEmpty() ? 0 : spacing()) + i->sizeHint().width(),
                 std::max(s.height(), i->sizeHint().height())};
    return s;
}

void Flow::setGeometry(const QRect& rect) {
    QLayout::setGeometry(rect);
    place(rect, true);
}

int Flow::place(const QRect& rect, bool move) const {
    int y = rect.top(), tallest = 0, used = 0;
    std::vector<QLayoutItem*> line;
    const auto endLine = [&] {
        if (line.empty()) return;
        const auto fields = std::count_if(line.begin(), line.end(), grows);
        const int left = std::max(0, rect.width() - used);
        int x = rect.left();
        for (QLayoutItem* i : line) {
            int w = std::min(i->sizeHint().width(), rect.width());
            if (fields > 0 && grows(i)) w += left / static_cast<int>(fields);
            const int h = i->sizeHint().height();
            if (move) i->setGeometry({x, y + (tallest - h) / 2, w, h});
            x += w + spacing();
        }
        y += tallest + spacing();
        line.clear();
        tallest = used = 0;
    };
    for (QLayoutItem* i : m_items) {
        if (i->isEmpty()) continue;
        const int w = std::min(i->sizeHint().width(), rect.width());
        if (!line.empty() && used + spacing() + w > rect.width()) endLine();
        used += (line.empty() ? 0 : spacing()) + w;
        tallest = std::max(tallest, i->sizeHint().height());
        line.push_back(i);
    }
    endLine();
    return std::max(0, y - spacing() - rect.top());
}

} // namespace enkinet::app
