#pragma once
// Small pieces that every station's card is made of.
#include <QComboBox>
#include <QDoubleSpinBox>
#include <QLabel>
#include <QWidget>
#include <optional>

class QFormLayout;
class QVBoxLayout;

namespace enkinet::app {

/// A number field that takes and gives the core's units (mm, rad, degrees C, plain) and shows the person's.
class NumberField : public QDoubleSpinBox {
    Q_OBJECT
public:
    enum class Kind { length, angle, seconds, grams, heat, plain };
    NumberField(Kind kind, double low, double high, double step, int decimals, const QString& name,
                QWidget* parent = nullptr);
    /// Shows a value without telling anyone.
    void show(double coreValue);
    double core() const { return toCore(value()); }

Q_SIGNALS:
    void edited(double coreValue);

protected:
    /// The wheel scrolls the card unless the field has been entered on purpose.
    void wheelEvent(QWheelEvent* event) override;
    /// Undo and redo belong to the document; what was typed and not entered is taken back first.
    bool event(QEvent* event) override;
    /// Either decimal sign, whatever the locale; never both, and none is dropped.
    QValidator::State validate(QString& input, int& pos) const override;
    double valueFromText(const QString& text) const override;
    void fixup(QString& input) const override;

private:
    /// The number as typed, with a point; empty optional where it is none.
    std::optional<double> typed(const QString& text) const;
    double toShown(double core) const;
    double toCore(double shown) const;
    void setLimits();
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
QLabel* makeHeading(const QString& text);
QLabel* makeText(bool quiet = false);
/// A tip that shows names as they are typed, never as markup.
QString plainTip(const QString& text);
QFormLayout* makeForm();

} // namespace enkinet::app
