#pragma once
// Widgets side by side as long as there is room, then on the next line, so that no word is cut in any language.
#include <QLayout>
#include <vector>

namespace enkinet::app {

class Flow : public QLayout {
public:
    explicit Flow(int gap = 6) { setSpacing(gap), setContentsMargins(0, 0, 0, 0); }
    ~Flow() override;
    Flow(const Flow&) = delete;
    Flow& operator=(const Flow&) = delete;
    void addItem(QLayoutItem* item) override { m_items.push_back(item); }
    int count() const override { return static_cast<int>(m_items.size()); }
    QLayoutItem* itemAt(int index) const override;
    QLayoutItem* takeAt(int index) override;
    Qt::Orientations expandingDirections() const override { return Qt::Horizontal; }
    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override { return place({0, 0, width, 0}, false); }
    QSize minimumSize() const override;
    QSize sizeHint() const override;
    void setGeometry(const QRect& rect) override;

private:
    /// Height that the items take in this width. Fields take what their line leaves over.
    int place(const QRect& rect, bool move) const;
    std::vector<QLayoutItem*> m_items;
};

} // namespace enkinet::app
