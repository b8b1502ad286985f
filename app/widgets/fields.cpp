#include "widgets/fields.h"
#include "base/units.h"
#include "widgets/paper.h"
#include "words/say.h"
#include <QFormLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QLocale>
#include <QRegularExpression>
#include <QSignalBlocker>
#include <QStyleOption>
#include <QStyleOptionComboBox>
#include <QStylePainter>
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
    case Kind::heat:
        setSuffix(tr(" %1", "unit").arg(Say::heatUnit()));
        break;
    case Kind::plain:
        break;
    }
}

double NumberField::toShown(double v) const {
    if (m_kind == Kind::angle) return radToDeg(v);
    if (m_kind == Kind::heat) return Say::shownHeat(v);
    return m_kind == Kind::length && m_inches ? v / kMmPerInch : v;
}
double NumberField::toCore(double v) const {
    if (m_kind == Kind::angle) return degToRad(v);
    if (m_kind == Kind::heat) return Say::heatInC(v);
    return m_kind == Kind::length && m_inches ? v * kMmPerInch : v;
}

void NumberField::show(double core) {
    if (m_inches != Say::inches() || m_fahrenheit != Say::fahrenheit()) {
        m_inches = Say::inches();
        m_fahrenheit = Say::fahrenheit();
        setLimits();
    }
    const QSignalBlocker quiet(this);
    setValue(toShown(core));
}

bool NumberField::event(QEvent* e) {
    if (e->type() == QEvent::ShortcutOverride) {
        const auto* key = static_cast<QKeyEvent*>(e);
        if (key->matches(QKeySequence::Undo) || key->matches(QKeySequence::Redo)) {
            // Half a number is taken back by itself; otherwise the document's history answers.
            const QString entered = textFromValue(value()) + suffix();
            if (key->matches(QKeySequence::Undo) && lineEdit()->isModified() && lineEdit()->text() != entered) {
                lineEdit()->setText(entered);
                lineEdit()->setModified(false);
                e->accept();
                return true;
            }
            e->ignore();
            return false;
        }
    }
    return QDoubleSpinBox::event(e);
}

std::optional<double> NumberField::typed(const QString& text) const {
    QString t = text;
    if (!suffix().isEmpty() && t.endsWith(suffix())) t.chop(suffix().size());
    t = t.trimmed();
    // A unit typed by hand.
    if (!suffix().isEmpty() && t.endsWith(suffix().trimmed())) t.chop(suffix().trimmed().size());
    t = t.trimmed();
    // Inches as they are read off a rule: 9 7/16.
    if (m_kind == Kind::length && m_inches) {
        static const QRegularExpression rule(R"(^(-?)(?:(\d{1,4})\s+)?(\d{1,3})/(2|4|8|16|32|64)$)");
        if (const auto onRule = rule.match(t); onRule.hasMatch()) {
            const double v =
                onRule.captured(2).toDouble() + onRule.captured(3).toDouble() / onRule.captured(4).toDouble();
            return onRule.captured(1).isEmpty() ? v : -v;
        }
    }
    if (t.count('.') + t.count(',') > 1) return {};
    t.replace(',', '.');
    bool ok = false;
    const double v = QLocale::c().toDouble(t, &ok);
    return ok ? std::optional(v) : std::nullopt;
}

QValidator::State NumberField::validate(QString& input, int& pos) const {
    Q_UNUSED(pos);
    if (const auto v = typed(input))
        return *v >= minimum() - 1e-9 && *v <= maximum() + 1e-9 ? QValidator::Acceptable : QValidator::Intermediate;
    QString t = input;
    if (!suffix().isEmpty() && t.endsWith(suffix())) t.chop(suffix().size());
    t = t.trimmed();
    // On the way to a fraction.
    static const QRegularExpression begun(R"(^-?\d{1,4}(\s+\d{0,3})?(/\d{0,2})?$)");
    if (m_kind == Kind::length && m_inches && begun.match(t).hasMatch()) return QValidator::Intermediate;
    if (t.isEmpty() || t == "-" || t == "." || t == "," || t == "-." || t == "-,") return QValidator::Intermediate;
    return QValidator::Invalid;
}

double NumberField::valueFromText(const QString& text) const { return typed(text).value_or(value()); }

void NumberField::fixup(QString& input) const {
    // Beyond the limits: the limit.
    if (const auto v = typed(input)) input = textFromValue(std::clamp(*v, minimum(), maximum())) + suffix();
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

/// As wide as a dozen letters, or as many as were asked for, whatever it holds. (The policy for that would build every
/// list at once.)
QSize ChoiceField::sizeHint() const {
    ensurePolished();
    QStyleOptionComboBox option;
    initStyleOption(&option);
    const QFontMetrics f = fontMetrics();
    return style()->sizeFromContents(
        QStyle::CT_ComboBox, &option,
        {(minimumContentsLength() > 0 ? minimumContentsLength() : 12) * f.horizontalAdvance('X') + iconSize().width() +
             4,
         std::max(f.height(), 14) + 2},
        this);
}

/// A long entry is drawn together before anything of it is cut.
void ChoiceField::paintEvent(QPaintEvent*) {
    QStylePainter p(this);
    QStyleOptionComboBox option;
    initStyleOption(&option);
    p.drawComplexControl(QStyle::CC_ComboBox, option);
    const double room =
        style()->subControlRect(QStyle::CC_ComboBox, &option, QStyle::SC_ComboBoxEditField, this).width() -
        (option.currentIcon.isNull() ? 0 : option.iconSize.width() + 4) - 4;
    p.setFont(narrowed(font(), room, option.currentText));
    option.currentText = QFontMetricsF(p.font()).elidedText(option.currentText, Qt::ElideRight, room);
    p.drawControl(QStyle::CE_ComboBoxLabel, option);
}

void ChoiceField::showPopup() {
    m_opened = true;
    QComboBox::showPopup();
}

/// A list that was never opened has no style to change, and asking would build it.
void ChoiceField::changeEvent(QEvent* e) {
    e->type() == QEvent::StyleChange && !m_opened ? QWidget::changeEvent(e) : QComboBox::changeEvent(e);
}

void ChoiceField::wheelEvent(QWheelEvent* e) {
    if (hasFocus())
        QComboBox::wheelEvent(e);
    else
        e->ignore();
}

std::optional<double> typedNumber(const QString& text, double low, double high) {
    bool ok = false;
    const double x = QLocale::c().toDouble(text.trimmed().replace(',', '.'), &ok);
    return ok && x >= low && x <= high ? std::optional(x) : std::nullopt;
}

QLabel* makeTitle() {
    auto* l = new QLabel;
    l->setTextFormat(Qt::PlainText); // names are the builder's own and never drawn as markup
    l->setProperty("role", "title");
    l->setWordWrap(true);
    return l;
}

QLabel* makeHeading(const QString& text) {
    auto* l = new QLabel(text);
    l->setTextFormat(Qt::PlainText);
    l->setProperty("role", "heading");
    l->setWordWrap(true);
    l->setContentsMargins(0, 6, 0, 0);
    return l;
}

QLabel* makeText(bool quiet) {
    auto* l = new QLabel;
    l->setTextFormat(Qt::PlainText);
    l->setWordWrap(true);
    l->setTextInteractionFlags(Qt::TextSelectableByMouse);
    if (quiet) l->setProperty("role", "quiet");
    return l;
}

QString plainTip(const QString& text) {
    return text.isEmpty() ? text : "<qt>" + text.toHtmlEscaped().replace('\n', "<br>") + "</qt>";
}

QFormLayout* makeForm() {
    auto* f = new QFormLayout;
    // A long word stands over its field rather than being cut.
    f->setRowWrapPolicy(QFormLayout::WrapLongRows);
    f->setHorizontalSpacing(12);
    f->setVerticalSpacing(5);
    f->setFieldGrowthPolicy(QFormLayout::AllNonFixedFieldsGrow);
    f->setLabelAlignment(Qt::AlignLeft | Qt::AlignVCenter);
    return f;
}

} // namespace enkinet::app
