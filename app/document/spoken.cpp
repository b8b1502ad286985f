#include "document/spoken.h"
#include "base/text.h"
#include <QCoreApplication>
#include <QLocale>

namespace enkinet::app {

namespace {
const Tongue& windowTongue() {
    static const Tongue tongue{[](const char* text) { return QCoreApplication::translate("core", text).toStdString(); },
                               [](double value, int significant) {
                                   return QString::fromStdString(plain(value, significant))
                                       .replace('.', QLocale().decimalPoint())
                                       .toStdString();
                               }};
    return tongue;
}
} // namespace

QString spoken(const Fault& fault) { return QString::fromStdString(fault.sentence(windowTongue())); }
QString spoken(const Phrase& phrase) { return QString::fromStdString(phrase.text(windowTongue())); }

} // namespace enkinet::app
