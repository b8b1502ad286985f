#include "widgets/fields.h"
#include "base/units.h"
#include "widgets/paper.h"
#include "words/text.h"
#include <QFormLayout>
#include <QKeyEvent>
#include <QLineEdit>
#include <QLocale>
#include <QPainter>
#include <QRegularExpression>
#include <QSignalBlocker>
#include <QStyle>
#include <QStyleOption>
#include <QStyleOptionComboBox>
#include <QStylePainter>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {

std::function<void(const QString&)>& whoSays() {
    static std::function<void(const QString&)> say;
    return say;
}

/// A number with either decimal sign, whatever the locale, or as on a rule: 9 7/16.
std::optional<double> plainNumber(const QString& text) {
    QString t = text.trimmed();
    static const QRegularExpression onRule(R"(^([-−]?)(?:(\d{1,6})[\s-]+)?(\d{1,4})/(\d{1,3})$)");
    if (const auto m = onRule.match(t); m.hasMatch() && m.captured(4).toInt() > 0) {
        const double v = m.captured(2).toDouble() + m.captured(3).toDouble() / m.captured(4).toDouble();
        return m.captured(1).isEmpty() ? v : -v;
    }
    if (t.count('.') + t.count(',') > 1) return {};
    t.replace(',', '.').replace(QChar(0x2212), '-');
    static const QRegularExpression number(R"(^[+-]?(\d+\.?\d*|\.\d+)([eE][+-]?\d{1,3})?$)");
    if (!number.match(t).hasMatch()) return {};
    bool ok = false;
    const double v = QLocale::c().toDouble(t, &ok);
    return ok && std::isfinite(v) ? std::optional(v) : std::nullopt;
}

struct Unit {
    const char* word;
    double factor;
};

/// The longest of the units that stands behind a number.
template <std::size_t n> std::optional<double> withUnit(const QString& text, const Unit (&units)[n], double without) {
    const QString t = text.trimmed().toLower();
    const Unit* found = nullptr;
    for (const Unit& u : units)
        if (const QString word = QString::fromUtf8(u.word);
            t.endsWith(word) && (!found || word.size() > QString::fromUtf8(found->word).size()))
            found = &u;
    if (found)
        if (const auto v = plainNumber(t.chopped(QString::fromUtf8(found->word).size()))) return *v * found->factor;
    if (const auto v = plainNumber(t)) return *v * without;
    return {};
}

constexpr double kMmPerFoot = 12 * kMmPerInch;
constexpr Unit kLengths[] = {{"mm", 1},
                             {"cm", 10},
                             {"m", 1000},
                             {"in", kMmPerInch},
                             {"in.", kMmPerInch},
                             {"inch", kMmPerInch},
                             {"inches", kMmPerInch},
                             {"zoll", kMmPerInch},
                             {"\"", kMmPerInch},
                             {"″", kMmPerInch},
                             {"”", kMmPerInch},
                             {"''", kMmPerInch},
                             {"ft", kMmPerFoot},
                             {"foot", kMmPerFoot},
                             {"feet", kMmPerFoot},
                             {"'", kMmPerFoot},
                             {"′", kMmPerFoot},
                             {"’", kMmPerFoot},
                             {"µm", 0.001}};
constexpr Unit kAngles[] = {{"°", 1}, {"deg", 1}, {"grad", 1}, {"degrees", 1}, {"rad", 180 / kPi}};
constexpr Unit kTimes[] = {{"s", 1}, {"sec", 1}, {"sek", 1}, {"min", 60}, {"h", 3600}};
constexpr Unit kWeights[] = {{"g", 1}, {"kg", 1000}, {"mg", 0.001}, {"oz", 28.349523125}, {"lb", 453.59237}};
constexpr Unit kNumbers[] = {{"%", 1}};

} // namespace

void setSayNotTaken(std::function<void(const QString&)> say) { whoSays() = std::move(say); }
void sayNotTaken(const QString& sentence) {
    if (whoSays()) whoSays()(sentence);
}

std::optional<double> parseQuantity(const QString& text, Quantity quantity, bool inches, bool fahrenheit) {
    switch (quantity) {
    case Quantity::length: {
        // Feet and inches together: 1' 6 1/2".
        static const QRegularExpression both(
            R"(^\s*(\d+)\s*(?:'|′|’|ft|feet|foot)\s*(\d[\d\s./,]*)(?:"|″|”|''|in|inch|inches)?\s*$)",
            QRegularExpression::CaseInsensitiveOption);
        if (const auto m = both.match(text); m.hasMatch())
            if (const auto rest = plainNumber(m.captured(2)))
                return m.captured(1).toDouble() * kMmPerFoot + *rest * kMmPerInch;
        return withUnit(text, kLengths, inches ? kMmPerInch : 1);
    }
    case Quantity::angle:
        if (const auto v = withUnit(text, kAngles, 1)) return degToRad(*v);
        return {};
    case Quantity::seconds:
        return withUnit(text, kTimes, 1);
    case Quantity::grams:
        return withUnit(text, kWeights, 1);
    case Quantity::heat: {
        const QString t = text.trimmed().toLower();
        static const QRegularExpression unit(R"(\s*(°?\s*([cf])|°)$)");
        const auto m = unit.match(t);
        const auto v = plainNumber(m.hasMatch() ? t.left(m.capturedStart()) : t);
        if (!v) return {};
        const QString word = m.hasMatch() ? m.captured(2) : QString();
        const bool f = word == "f" || (word != "c" && fahrenheit);
        return f ? (*v - 32) * 5 / 9 : *v;
    }
    case Quantity::plain:
    case Quantity::whole:
        return withUnit(text, kNumbers, 1);
    }
    return {};
}

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
    // What is typed is kept as it was typed; how much of it is shown is decided there.
    setDecimals(12);
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
        setSuffix(tr(" %1", "unit").arg(Text::heatUnit()));
        break;
    case Kind::plain:
    case Kind::whole:
        break;
    }
}

double NumberField::toShown(double v) const {
    if (m_kind == Kind::angle) return radToDeg(v);
    if (m_kind == Kind::heat) return Text::shownHeat(v);
    return m_kind == Kind::length && m_inches ? v / kMmPerInch : v;
}
double NumberField::toCore(double v) const {
    if (m_kind == Kind::angle) return degToRad(v);
    if (m_kind == Kind::heat) return Text::heatInC(v);
    return m_kind == Kind::length && m_inches ? v * kMmPerInch : v;
}

void NumberField::show(double core) {
    if (m_inches != Text::inches() || m_fahrenheit != Text::fahrenheit()) {
        m_inches = Text::inches();
        m_fahrenheit = Text::fahrenheit();
        setLimits();
    }
    const QSignalBlocker quiet(this);
    const double shown = toShown(core);
    // A number that is beyond what may be typed is shown all the same, never another in its place.
    setRange(std::min(toShown(m_low), shown), std::max(toShown(m_high), shown));
    setValue(shown);
    m_given = core, m_givenShown = value();
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

QString NumberField::withoutUnit(const QString& text) const {
    QString t = text;
    if (!suffix().isEmpty() && t.endsWith(suffix())) t.chop(suffix().size());
    return t.trimmed();
}

std::optional<double> NumberField::typed(const QString& text) const {
    if (!specialValueText().isEmpty() && text == specialValueText()) return minimum();
    const QString t = withoutUnit(text);
    // What is only here written behind a number, as per cent.
    const bool own = m_kind == Kind::plain && !suffix().trimmed().isEmpty() && t.endsWith(suffix().trimmed());
    const auto core = parseQuantity(own ? t.chopped(suffix().trimmed().size()) : t, m_kind, m_inches, m_fahrenheit);
    return core ? std::optional(toShown(*core)) : std::nullopt;
}

QValidator::State NumberField::validate(QString& input, int& pos) const {
    Q_UNUSED(pos);
    const auto v = typed(input);
    const bool part = v && m_kind == Kind::whole && *v != std::round(*v);
    return v && !part && *v >= minimum() - 1e-9 && *v <= maximum() + 1e-9 ? QValidator::Acceptable
                                                                          : QValidator::Intermediate;
}

double NumberField::valueFromText(const QString& text) const { return typed(text).value_or(value()); }

/// As few decimals as say the number: all of one that was typed, and of one that was worked out so many that what is
/// shown is not another.
QString NumberField::textFromValue(double v) const {
    constexpr int kMore = 3;        // decimals beyond the usual
    constexpr double kSame = 0.005; // share by which what is shown of a computed number may differ
    const int usual = m_kind == Kind::length && m_inches ? m_decimals + 2 : m_decimals;
    const auto off = [&](int decimals) {
        const double k = std::pow(10.0, decimals);
        return std::abs(std::round(v * k) / k - v);
    };
    int decimals = usual;
    for (int d = usual; d <= usual + kMore; ++d)
        if (off(d) < 1e-7 * std::max(1.0, std::abs(v))) {
            decimals = d;
            return QLocale().toString(v, 'f', decimals).remove(QLocale().groupSeparator());
        }
    while (decimals < usual + kMore && off(decimals) > kSame * std::abs(v))
        ++decimals;
    return QLocale().toString(v, 'f', decimals).remove(QLocale().groupSeparator());
}

void NumberField::fixup(QString& input) const {
    if (const auto v = typed(input)) {
        // Beyond the limits: the limit, and it is said.
        const double limit = std::clamp(m_kind == Kind::whole ? std::round(*v) : *v, minimum(), maximum());
        if (*v >= minimum() && *v <= maximum()) {
            sayNotTaken(tr("%1: %2 is no whole number, so %3 was taken")
                            .arg(accessibleName(), withoutUnit(input), textFromValue(limit)));
            input = textFromValue(limit) + suffix();
            return;
        }
        sayNotTaken(tr("%1: %2 lies beyond %3 to %4, so %5 was taken")
                        .arg(accessibleName(), withoutUnit(input), textFromValue(minimum()) + suffix(),
                             textFromValue(maximum()) + suffix(), textFromValue(limit) + suffix()));
        input = textFromValue(limit) + suffix();
        return;
    }
    if (!withoutUnit(input).isEmpty())
        sayNotTaken(tr("%1: “%2” is no %3, so %4 stays")
                        .arg(accessibleName(), withoutUnit(input),
                             m_kind == Kind::length    ? tr("length such as 18 mm, 1.8 cm, 5 1/2 in")
                             : m_kind == Kind::heat    ? tr("temperature such as 130 °C or 265 °F")
                             : m_kind == Kind::angle   ? tr("angle such as 30°")
                             : m_kind == Kind::seconds ? tr("time such as 20 s or 2 min")
                             : m_kind == Kind::grams   ? tr("weight such as 12 g or 0.4 oz")
                                                       : tr("number"),
                             textFromValue(value()) + suffix()));
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

namespace {
/// Always so many lines high, whatever it says: what stands under it stays where it is. Words are drawn as they are,
/// then narrower and smaller, as far as they may be; what still has no room is told by the pointer.
class Held : public QLabel {
public:
    Held(int lines, double smallest) : m_lines(lines), m_smallest(smallest) {
        setTextFormat(Qt::PlainText); // names are the builder's own and never drawn as markup
        setSizePolicy(QSizePolicy::Preferred, QSizePolicy::Fixed);
        if (lines > 1) setAlignment(Qt::AlignTop | Qt::AlignLeft);
    }
    QSize sizeHint() const override { return {std::min(160, QLabel::sizeHint().width()), high()}; }
    QSize minimumSizeHint() const override { return {40, high()}; }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        p.setPen(palette().color(foregroundRole()));
        const QRect r = contentsRect();
        const QString whole = text();
        QFont type = m_lines == 1 ? narrowed(font(), r.width(), whole) : font();
        const auto fits = [&](const QString& words) {
            const QRect taken = QFontMetrics(type).boundingRect(r, Qt::TextWordWrap, words);
            return taken.height() <= r.height() && taken.width() <= r.width();
        };
        constexpr double kStep = 0.05;
        for (double share = 1 - kStep; !fits(whole) && share >= m_smallest; share -= kStep) {
            type = font();
            type.setPixelSize(static_cast<int>(share * QFontInfo(font()).pixelSize()));
        }
        // As many words as there is room for.
        QStringList words = whole.split(' ');
        QString shown = whole;
        while (!fits(shown) && words.size() > 1) {
            words.removeLast();
            shown = words.join(' ') + QStringLiteral(" …");
        }
        if (!fits(shown)) shown = QFontMetrics(type).elidedText(whole, Qt::ElideRight, r.width());
        p.setFont(type);
        p.drawText(r, static_cast<int>(alignment()) | Qt::TextWordWrap, shown);
        if (const QString tip = shown == whole ? QString() : plainTip(whole); toolTip() != tip) setToolTip(tip);
    }

private:
    int high() const {
        const QMargins m = contentsMargins();
        // As they are drawn: more than so many times the spacing, which is rounded.
        const QString lines = QStringList(m_lines, QStringLiteral("x")).join('\n');
        const int drawn = fontMetrics().boundingRect(QRect(0, 0, 1000, 1000), Qt::TextWordWrap, lines).height();
        return std::max(drawn, m_lines * fontMetrics().lineSpacing()) + m.top() + m.bottom() + 2;
    }
    int m_lines;
    double m_smallest; ///< share of the type's size
};
} // namespace

QLabel* makeTitle() {
    auto* l = new Held(1, 0.5);
    l->setProperty("role", "title");
    return l;
}

QLabel* makeLines(int lines, bool quiet) {
    auto* l = new Held(lines, 1);
    if (quiet) l->setProperty("role", "quiet");
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
