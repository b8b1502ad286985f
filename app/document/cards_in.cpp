#include "document/cards_in.h"
#include "document/translated.h"
#include "files/container.h"
#include <QFileInfo>

namespace enkinet::app {

namespace {
Result<document::Cards> readCards(const QString& path) {
    const auto text = files::readFile(path.toStdString());
    if (!text) return text.fault();
    return files::parseCards(*text, QFileInfo(path).fileName().toStdString());
}
} // namespace

bool holdsCards(const QString& path) {
    const auto text = files::readFile(path.toStdString());
    if (!text || text->find("\"puppets\"") != std::string::npos) return false;
    for (const char* list : {"wires", "clays", "bulks", "covers", "paints", "ovens", "adhesives"})
        if (text->find('"' + std::string(list) + '"') != std::string::npos) return true;
    return false;
}

bool takeCards(Document& d, const QString& path) {
    const auto cards = readCards(path);
    if (!cards) {
        Q_EMIT d.refused(translated(cards.fault()));
        return false;
    }
    return d.change(Document::tr("Cards from %1").arg(QFileInfo(path).fileName()),
                    [&](const document::Edits& e) { return e.addCards(*cards); });
}

} // namespace enkinet::app
