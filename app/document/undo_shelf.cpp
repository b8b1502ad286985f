#include "document/undo_shelf.h"
#include "files/production_json.h"
#include <QDataStream>
#include <QIODevice>
#include <algorithm>
#include <functional>

namespace enkinet::app {

namespace {
quint64 markOf(const std::string& text) { return std::hash<std::string>{}(text); }
} // namespace

std::optional<UndoShelf::Place> UndoShelf::put(const QByteArray& bytes) {
    const std::lock_guard lock(m_busy);
    if (!m_file || std::fseek(m_file.get(), 0, SEEK_END) != 0) return {};
    const Place place{std::ftell(m_file.get()), static_cast<long>(bytes.size())};
    if (place.at < 0) return {};
    const auto n = static_cast<std::size_t>(bytes.size());
    if (std::fwrite(bytes.constData(), 1, n, m_file.get()) != n || std::fflush(m_file.get()) != 0) {
        std::clearerr(m_file.get());
        return {};
    }
    return place;
}

QByteArray UndoShelf::take(const Place& place) {
    const std::lock_guard lock(m_busy);
    QByteArray bytes(place.size, 0);
    if (!m_file || std::fseek(m_file.get(), place.at, SEEK_SET) != 0) return {};
    const auto n = static_cast<std::size_t>(place.size);
    return std::fread(bytes.data(), 1, n, m_file.get()) == n ? bytes : QByteArray();
}

std::optional<UndoStep::Folded> UndoStep::calcFolded(UndoShelf& shelf, std::string& text) const {
    if (isFolded() || !before() || !after()) return {};
    std::string then = files::writeProduction(*after(), false);
    const std::size_t most = std::min(text.size(), then.size());
    std::size_t same = 0, end = 0;
    while (same < most && text[same] == then[same])
        ++same;
    while (end < most - same && text[text.size() - 1 - end] == then[then.size() - 1 - end])
        ++end;
    const auto between = [&](const std::string& s) {
        return QByteArray(s.data() + same, static_cast<qsizetype>(s.size() - same - end));
    };
    QByteArray bytes;
    QDataStream out(&bytes, QIODevice::WriteOnly);
    out << markOf(text) << markOf(then) << static_cast<quint64>(same) << static_cast<quint64>(end)
        << qCompress(between(text), 1) << qCompress(between(then), 1);
    text = std::move(then);
    const auto place = shelf.put(bytes);
    if (!place) return {};
    Folded f{*place, {}};
    if (!(before()->pictures == after()->pictures))
        f.pictures = std::make_unique<Pictures>(Pictures{before()->pictures, after()->pictures});
    return f;
}

void UndoStep::fold(std::shared_ptr<UndoShelf> shelf, Folded folded) {
    m_shelf = std::move(shelf), m_place = folded.place;
    m_pictures = std::move(folded.pictures);
    m_live.reset();
}

UndoStep::Value UndoStep::findBefore(const Value& now, const document::Cards& shipped) const {
    return isFolded() ? restore(now, true, shipped) : before();
}

UndoStep::Value UndoStep::findAfter(const Value& now, const document::Cards& shipped) const {
    return isFolded() ? restore(now, false, shipped) : after();
}

UndoStep::Value UndoStep::restore(const Value& now, bool back, const document::Cards& shipped) const {
    const QByteArray bytes = m_shelf->take(m_place);
    QDataStream in(bytes);
    quint64 markBefore = 0, markAfter = 0, same = 0, end = 0;
    QByteArray before, after;
    in >> markBefore >> markAfter >> same >> end >> before >> after;
    if (in.status() != QDataStream::Ok) return {};
    // Only from the document that it was made against, and only to the one that it was made of.
    std::string text = files::writeProduction(*now, false);
    if (markOf(text) != (back ? markAfter : markBefore) || same + end > text.size()) return {};
    text = text.substr(0, same) + qUncompress(back ? before : after).toStdString() + text.substr(text.size() - end);
    if (markOf(text) != (back ? markBefore : markAfter)) return {};
    auto parsed = files::parseProduction(text, shipped);
    if (!parsed) return {};
    document::Production p = parsed.take().production;
    p.pictures = !m_pictures ? now->pictures : back ? m_pictures->before : m_pictures->after;
    return std::make_shared<const document::Production>(std::move(p));
}

} // namespace enkinet::app
