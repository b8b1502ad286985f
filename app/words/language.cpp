#include "words/language.h"
#include <QCoreApplication>
#include <QDir>
#include <QLibraryInfo>
#include <QLocale>
#include <QSettings>
#include <QTranslator>

namespace enkinet::app {

namespace {
QString fileOf(const QString& code) { return ":/translations/enkinet_" + code + ".qm"; }
} // namespace

QStringList languages() {
    QStringList all;
    for (const QString& f : QDir(":/translations").entryList({"enkinet_*.qm"}, QDir::Files, QDir::Name))
        all << f.mid(8).chopped(3);
    return all;
}

QString languageName(const QString& code) {
    // English is nobody's in particular here.
    if (code == "en") return "English";
    const QString name = QLocale(code).nativeLanguageName();
    return name.left(1).toUpper() + name.mid(1);
}

QString preferredLanguage() { return QSettings().value("language").toString(); }
void preferLanguage(const QString& code) { QSettings().setValue("language", code); }

QString pickLanguage(const QString& asked) {
    const QStringList there = languages();
    if (there.contains(asked)) return asked;
    for (const QString& tag : QLocale::system().uiLanguages())
        if (const QString code = tag.section('-', 0, 0); there.contains(code)) return code;
    return "en";
}

void applyLanguage(const QString& code) {
    static auto* english = new QTranslator;
    static auto* own = new QTranslator;
    static auto* toolkit = new QTranslator;
    for (QTranslator* t : {own, toolkit})
        QCoreApplication::removeTranslator(t);
    const QLocale system = QLocale::system();
    const QLocale translated(code);
    const bool same = system.language() == translated.language() || (code == "en" && system.language() == QLocale::C);
    QLocale::setDefault(same ? system : translated);
    // English first: what another language leaves out still has its plurals.
    if (english->isEmpty() && english->load(fileOf("en"))) QCoreApplication::installTranslator(english);
    if (code == "en") return;
    if (own->load(fileOf(code))) QCoreApplication::installTranslator(own);
    if (toolkit->load("qtbase_" + code, QLibraryInfo::path(QLibraryInfo::TranslationsPath)))
        QCoreApplication::installTranslator(toolkit);
}

} // namespace enkinet::app
