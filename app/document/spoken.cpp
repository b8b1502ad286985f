#include "document/spoken.h"
#include "base/text.h"
#include <QCoreApplication>
#include <QLocale>

namespace enkinet::app {

namespace {

std::function<std::optional<ShownQuantity>(double, Dimension)> g_shown;

std::string sayNumber(double value, int significant) {
    return QString::fromStdString(plain(value, significant)).replace('.', QLocale().decimalPoint()).toStdString();
}

const Tongue& windowTongue() {
    static const Tongue tongue{
        [](const char* text) { return QCoreApplication::translate("core", text).toStdString(); }, sayNumber,
        [](double value, Dimension dimension, int significant, bool unit) {
            if (g_shown)
                if (const auto shown = g_shown(value, dimension))
                    return sayNumber(shown->value, 4) + (unit ? " " + shown->unit.toStdString() : std::string());
            return sayNumber(value, significant) + (unit ? unitOf(dimension).text(windowTongue()) : std::string());
        }};
    return tongue;
}

} // namespace

void setShownQuantities(std::function<std::optional<ShownQuantity>(double, Dimension)> shown) {
    g_shown = std::move(shown);
}

QString spoken(const Fault& fault) { return QString::fromStdString(fault.sentence(windowTongue())); }
QString spoken(const Phrase& phrase) { return QString::fromStdString(phrase.text(windowTongue())); }

} // namespace enkinet::app
