#pragma once
// Which language the desk speaks: as the system does, or the builder's own choice.
#include <QString>
#include <QStringList>

namespace enkinet::app {

/// Codes of the languages there are, such as "de", English among them; sorted.
QStringList languages();
/// A language's name in itself, such as "Deutsch".
QString languageName(const QString& code);
/// What the builder chose in the preferences, or "" for the system's.
QString preferredLanguage();
void preferLanguage(const QString& code);
/// The one to speak: `asked` if there is such a language, else the first of the system's that there is, else English.
QString pickLanguage(const QString& asked);
/// From here on every text and number is in this language; where its words do not exist its English stands. The
/// system's own habits of number and date stay where they are of the same language. Qt's own words come along where
/// they are installed.
void applyLanguage(const QString& code);

} // namespace enkinet::app
