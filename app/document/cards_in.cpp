#include "document/cards_in.h"
#include "document/translated.h"
#include "files/container.h"
#include "schema/table.h"
#include <QFileInfo>
#include <algorithm>

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
    const auto& lists = schema::detail::tableOf<document::Cards>().fields;
    return std::any_of(lists.begin(), lists.end(), [&](const schema::Field& list) {
        return text->find('"' + std::string(list.key) + '"') != std::string::npos;
    });
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
