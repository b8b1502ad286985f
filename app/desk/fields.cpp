#include "desk/fields.h"
#include "base/units.h"
#include "desk/say.h"
#include <QFormLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QSignalBlocker>
#include <QWheelEvent>

namespace enkinet::app {

NumberField::NumberField(Kind kind, double low, double high, double step, int decimals, const QString& name,
                         QWidget* parent)
    : QDoubleSpinBox(parent), m_kind(kind), m_low(low), m_high(high), m_step(step), m_decimals(decimals) {
    setAccessibleName(name);
    setKeyboardTracking(false);
    setFocusPolicy(Qt::StrongFocus);
    setGroupSeparatorShown(false);
    setLimits();
    lineEdit()->installEventFilter(this);
    connect(this, &QDoubleSpinBox::valueChanged, this, [this](double v) { Q_EMIT edited(toCore(v)); });
}

void NumberField::setLimits() {
    const QSignalBlocker quiet(this);
    const bool inches = m_kind == Kind::length && m_inches;
    setDecimals(inches ? m_decimals + 2 : m_decimals);
    setRange(toShown(m_low), toShown(m_high));
    setSingleStep(inches ? m_step / kMmPerInch : m_step);
    switch (m_kind) {
    case Kind::length:
        setSuffix(inches ? tr(" in") : tr(" mm"));
        break;
    case Kind::angle:
        setSuffix(tr("°"));
        break;
    case Kind::seconds:
        setSuffix(tr(" s"));
        break;
    case Kind::grams:
        setSuffix(tr(" g"));
        break;
    case Kind::plain:
        break;
    }
}

double NumberField::toShown(double v) const {
    if (m_kind == Kind::angle) return radToDeg(v);
    return m_kind == Kind::length && m_inches ? v / kMmPerInch : v;
}
double NumberField::toCore(double v) const {
    if (m_kind == Kind::angle) return degToRad(v);
    return m_kind == Kind::length && m_inches ? v * kMmPerInch : v;
}

void NumberField::show(double core) {
    if (m_inches != Say::inches()) {
        m_inches = Say::inches();
        setLimits();
    }
    const QSignalBlocker quiet(this);
    setValue(toShown(core));
}

bool NumberField::eventFilter(QObject* watched, QEvent* e) {
    if (e->type() == QEvent::ShortcutOverride && !lineEdit()->isModified()) {
        const auto* key = static_cast<QKeyEvent*>(e);
        if (key->matches(QKeySequence::Undo) || key->matches(QKeySequence::Redo)) {
            e->ignore();
            return true;
        }
    }
    return QDoubleSpinBox::eventFilter(watched, e);
}

void NumberField::wheelEvent(QWheelEvent* e) {
    if (hasFocus())
        QDoubleSpinBox::wheelEvent(e);
    else
        e->ignore();
}

ChoiceField::ChoiceField(const QString& name, QWidget* parent) : QComboBox(parent) {
    setAccessibleName(name);
    setFocusPolicy(Qt::StrongFocus);
    setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    setMinimumContentsLength(12);
    connect(this, &QComboBox::activated, this, [this](int i) { Q_EMIT edited(itemData(i)); });
}

void ChoiceField::show(const QList<std::pair<QString, QVariant>>& entries, const QVariant& present) {
    const QSignalBlocker quiet(this);
    bool same = count() == entries.size();
    for (int i = 0; same && i < count(); ++i)
        same = itemText(i) == entries[i].first && itemData(i) == entries[i].second;
    if (!same) {
        clear();
        for (const auto& [text, value] : entries)
            addItem(text, value);
    }
    setCurrentIndex(findData(present));
}

void ChoiceField::wheelEvent(QWheelEvent* e) {
    if (hasFocus())
        QComboBox::wheelEvent(e);
    else
        e->ignore();
}

QLabel* makeTitle() {
    auto* l = new QLabel;
    l->setProperty("role", "title");
    l->setWordWrap(true);
    return l;
}

QLabel* makeHeading(const QString& text) {
    auto* l = new QLabel(text);
    l->setProperty("role", "heading");
    l->setContentsMargins(0, 6, 0, 0);
    return l;
}

QLabel* makeText(bool quiet) {
    auto* l = new QLabel;
    l->setWordWrap(true);
    l->setTextInteractionFlags(Qt::TextSelectableByMouse);
    if (quiet) l->setProperty("role", "quiet");
    return l;
}

QFormLayout* makeForm() {
    auto* f = new QFormLayout;
    f->setHorizontalSpacing(12);
    f->setVerticalSpacing(5);
    f->setFieldGrowthPolicy(QFormLayout::AllNonFixedFieldsGrow);
    f->setLabelAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    return f;
}

} // namespace enkinet::app
