#pragma once
// Small pieces that every station's card is made of.
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QWidget>
#include <functional>
#include <optional>

class QFormLayout;
class QVBoxLayout;

namespace enkinet::app {

/// A quantity as people type it, in core units (mm, rad, °C, s, g, plain), whatever the desk shows: "7 in", "5 1/2"",
/// "18 cm", "0.3 m", "1' 6"", "350 F", "2 min", "1 kg"; without a unit in the desk's own. Nothing where it cannot be
/// read.
/// whole: a count, read as plain.
enum class Quantity { length, angle, seconds, grams, heat, plain, whole };
std::optional<double> parseQuantity(const QString& text, Quantity quantity, bool inches, bool fahrenheit);

/// Who says on the desk what a field could not take: where a window is, it is that.
void setSayNotTaken(std::function<void(const QString&)> say);
void sayNotTaken(const QString& sentence);

/// A number field that takes and gives the core's units (mm, rad, degrees C, plain) and shows the person's. It shows
/// what it was given, also beyond its limits; what is typed is taken as it is, or said not to be.
class NumberField : public QDoubleSpinBox {
    Q_OBJECT
public:
    using Kind = Quantity;
    NumberField(Kind kind, double low, double high, double step, int decimals, const QString& name,
                QWidget* parent = nullptr);
    /// Shows a value without telling anyone.
    void show(double coreValue);
    double core() const { return m_given && value() == m_givenShown ? *m_given : toCore(value()); }

Q_SIGNALS:
    void edited(double coreValue);

protected:
    /// The wheel scrolls the card unless the field has been entered on purpose.
    void wheelEvent(QWheelEvent* event) override;
    /// Undo and redo belong to the document; what was typed and not entered is taken back first.
    bool event(QEvent* event) override;
    /// Anything may be typed; what it means is asked once it is entered.
    QValidator::State validate(QString& input, int& pos) const override;
    double valueFromText(const QString& text) const override;
    QString textFromValue(double value) const override;
    void fixup(QString& input) const override;

private:
    /// The number as typed, with a point; empty optional where it is none.
    std::optional<double> typed(const QString& text) const;
    double toShown(double core) const;
    double toCore(double shown) const;
    void setLimits();
    /// Own text, the unit behind the number left out.
    QString withoutUnit(const QString& text) const;
    std::optional<double> m_given; ///< what it was given last, before it was rounded to be shown
    double m_givenShown = 0;
    Kind m_kind;
    double m_low, m_high, m_step;
    int m_decimals;
    bool m_inches = false, m_fahrenheit = false;
};

class ChoiceField : public QComboBox {
    Q_OBJECT
public:
    explicit ChoiceField(const QString& name, QWidget* parent = nullptr);
    /// Fills with (text, data) pairs once they differ, and shows the entry with this data without telling anyone.
    void show(const QList<std::pair<QString, QVariant>>& entries, const QVariant& present);
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }
    void showPopup() override;

Q_SIGNALS:
    void edited(const QVariant& data);

protected:
    void wheelEvent(QWheelEvent* event) override;
    void changeEvent(QEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

private:
    bool m_opened = false;
};

/// A number that was typed, with either decimal sign whatever the locale; nothing where it is none or lies outside.
std::optional<double> typedNumber(const QString& text, double low, double high);

QLabel* makeTitle();
/// Words that change while what stands below them is worked with: always so many lines high; what has no room there is
/// told by the pointer.
QLabel* makeLines(int lines, bool quiet = false);
QLabel* makeHeading(const QString& text);
QLabel* makeText(bool quiet = false);
/// A tip that shows names as they are typed, never as markup.
QString plainTip(const QString& text);
QFormLayout* makeForm();

} // namespace enkinet::app
