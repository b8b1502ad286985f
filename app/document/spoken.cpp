#include "document/spoken.h"
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

const Tongue& windowTongue() {
    static const Tongue tongue{[](const char* text, int count) {
                                   return QCoreApplication::translate("core", text, nullptr, count).toStdString();
                               },
                               sayNumber,
                               [](double value, Dimension dimension, int significant, bool unit) {
                                   if (const auto& shown = shownQuantity())
                                       if (const auto text = shown(value, dimension, significant, unit))
                                           return text->toStdString();
                                   return sayNumber(value, significant) +
                                          (unit ? unitOf(dimension).text(windowTongue()) : std::string());
                               }};
    return tongue;
}

} // namespace

void setShownQuantities(ShownQuantity shown) { shownQuantity() = std::move(shown); }

QString spoken(const Fault& fault) { return QString::fromStdString(fault.sentence(windowTongue())); }
QString spoken(const Phrase& phrase) { return QString::fromStdString(phrase.text(windowTongue())); }

} // namespace enkinet::app
