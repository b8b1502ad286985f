#include "widgets/accessible_picture.h"
#include <QAccessible>
#include <QAccessibleWidget>
#include <QWidget>

namespace enkinet::app {

namespace {

class AccessiblePicture;

/// One part; it knows its place in the row alone, and asks the view for the rest.
class AccessiblePart : public QAccessibleInterface, public QAccessibleActionInterface {
public:
    AccessiblePart(AccessiblePicture& picture, int index) : m_picture(picture), m_index(index) {}

    bool isValid() const override { return known(); }
    QObject* object() const override { return nullptr; }
    QWindow* window() const override;
    QAccessibleInterface* parent() const override;
    QAccessibleInterface* child(int) const override { return nullptr; }
    QAccessibleInterface* childAt(int, int) const override { return nullptr; }
    int childCount() const override { return 0; }
    int indexOfChild(const QAccessibleInterface*) const override { return -1; }
    QString text(QAccessible::Text t) const override { return t == QAccessible::Name ? part().name : QString(); }
    void setText(QAccessible::Text, const QString&) override {}
    QRect rect() const override;
    QAccessible::Role role() const override { return QAccessible::ListItem; }
    QAccessible::State state() const override;
    void* interface_cast(QAccessible::InterfaceType t) override {
        return t == QAccessible::ActionInterface ? static_cast<QAccessibleActionInterface*>(this) : nullptr;
    }
    QStringList actionNames() const override { return {pressAction()}; }
    void doAction(const QString& action) override;
    QStringList keyBindingsForAction(const QString&) const override { return {}; }

private:
    bool known() const;
    PicturePart part() const;
    AccessiblePicture& m_picture;
    int m_index;
};

class AccessiblePicture : public QAccessibleWidget {
public:
    explicit AccessiblePicture(QWidget* view)
        : QAccessibleWidget(view, QAccessible::List), m_parts(dynamic_cast<HasParts*>(view)) {}
    ~AccessiblePicture() override {
        for (QAccessible::Id id : m_children)
            QAccessible::deleteAccessibleInterface(id);
    }
    HasParts& parts() const { return *m_parts; }
    QWidget* view() const { return widget(); }

    int childCount() const override { return static_cast<int>(m_parts->parts().size()); }
    QAccessibleInterface* child(int index) const override {
        if (index < 0 || index >= childCount()) return nullptr;
        while (static_cast<int>(m_children.size()) <= index)
            m_children.push_back(QAccessible::registerAccessibleInterface(
                new AccessiblePart(const_cast<AccessiblePicture&>(*this), static_cast<int>(m_children.size()))));
        return QAccessible::accessibleInterface(m_children[static_cast<std::size_t>(index)]);
    }
    int indexOfChild(const QAccessibleInterface* child) const override {
        for (std::size_t i = 0; i < m_children.size(); ++i)
            if (QAccessible::accessibleInterface(m_children[i]) == child) return static_cast<int>(i);
        return -1;
    }
    QAccessibleInterface* childAt(int x, int y) const override {
        const QPoint at = view()->mapFromGlobal(QPoint(x, y));
        const auto all = m_parts->parts();
        for (std::size_t i = 0; i < all.size(); ++i)
            if (all[i].box.contains(at)) return child(static_cast<int>(i));
        return nullptr;
    }

private:
    HasParts* m_parts;
    mutable std::vector<QAccessible::Id> m_children;
};

bool AccessiblePart::known() const { return m_index < m_picture.childCount(); }
PicturePart AccessiblePart::part() const {
    const auto all = m_picture.parts().parts();
    return m_index < static_cast<int>(all.size()) ? all[static_cast<std::size_t>(m_index)] : PicturePart{};
}
QWindow* AccessiblePart::window() const { return m_picture.window(); }
QAccessibleInterface* AccessiblePart::parent() const { return &m_picture; }
QRect AccessiblePart::rect() const {
    const QRect box = part().box;
    return QRect(m_picture.view()->mapToGlobal(box.topLeft()), box.size());
}
QAccessible::State AccessiblePart::state() const {
    QAccessible::State s;
    const bool on = part().selected;
    s.selectable = s.focusable = true;
    s.selected = on;
    s.focused = on && m_picture.view()->hasFocus();
    s.invisible = !m_picture.view()->isVisible();
    return s;
}
void AccessiblePart::doAction(const QString& action) {
    if (action == pressAction() && known()) m_picture.parts().choosePart(m_index);
}

std::function<void(const QString&)>& listener() {
    static std::function<void(const QString&)> one;
    return one;
}

QAccessibleInterface* makeAccessible(const QString&, QObject* object) {
    auto* view = qobject_cast<QWidget*>(object);
    return view && dynamic_cast<HasParts*>(view) ? new AccessiblePicture(view) : nullptr;
}

} // namespace

void installAccessiblePictures() {
    static const bool once = [] {
        QAccessible::installFactory(makeAccessible);
        return true;
    }();
    (void)once;
}

void setListener(std::function<void(const QString&)> l) { listener() = std::move(l); }

void announcePart(QWidget& view, int index) {
    if (index < 0) return;
    if (listener())
        if (auto* picture = dynamic_cast<HasParts*>(&view))
            if (const auto all = picture->parts(); index < static_cast<int>(all.size()))
                listener()(all[static_cast<std::size_t>(index)].name);
    if (!QAccessible::isActive()) return;
    QAccessibleEvent chosen(&view, QAccessible::Selection);
    chosen.setChild(index);
    QAccessible::updateAccessibility(&chosen);
    if (!view.hasFocus()) return;
    QAccessibleEvent focus(&view, QAccessible::Focus);
    focus.setChild(index);
    QAccessible::updateAccessibility(&focus);
}

void announce(QWidget& from, const QString& sentence) {
    if (sentence.isEmpty()) return;
    from.setAccessibleName(sentence);
    if (listener()) listener()(sentence);
    QAccessibleEvent alert(&from, QAccessible::Alert);
    QAccessible::updateAccessibility(&alert);
}

} // namespace enkinet::app
