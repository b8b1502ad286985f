#include "document/translated.h"
#include "base/text.h"
#include <QCoreApplication>
#include <QLocale>

namespace enkinet::app {

namespace {

/// Set before anything else stands.
ShownQuantity& shownQuantity() {
    static ShownQuantity shown;
    return shown;
}

std::string sayNumber(double value, int significant) {
    return QString::fromStdString(plain(value, significant)).replace('.', QLocale().decimalPoint()).toStdString();
}

const TextFormatter& windowText() {
    static const TextFormatter formatter{
        [](const char* text, int count) {
            return QCoreApplication::translate("core", text, nullptr, count).toStdString();
        },
        sayNumber,
        [](double value, Dimension dimension, int significant, bool unit) {
            if (const auto& shown = shownQuantity())
                if (const auto text = shown(value, dimension, significant, unit)) return text->toStdString();
            return sayNumber(value, significant) + (unit ? unitOf(dimension).text(windowText()) : std::string());
        }};
    return formatter;
}

} // namespace

void setShownQuantities(ShownQuantity shown) { shownQuantity() = std::move(shown); }

QString translated(const Fault& fault) { return QString::fromStdString(fault.sentence(windowText())); }
QString translated(const Phrase& phrase) { return QString::fromStdString(phrase.text(windowText())); }

} // namespace enkinet::app
