#pragma once
// Undo without end in bounded memory: the last steps keep their documents, what lies further back is kept as what
// differs between two texts of the document, packed, in a file that has no name and goes with the program. A text and
// its document are the same to the bit (core/files), so that a step taken back from there is what it was.
#include "base/bytes.h"
#include "document/production.h"
#include <QByteArray>
#include <cstdio>
#include <map>
#include <memory>
#include <mutex>
#include <optional>
#include <string>
#include <vector>

namespace enkinet::app {

/// A file without a name that takes bytes and gives them back. From any thread.
class UndoShelf {
public:
    struct Place {
        long at = 0;
        long size = 0;
    };
    /// None: nothing can be written; the bytes stay where they are.
    std::optional<Place> put(const QByteArray& bytes);
    QByteArray take(const Place& place);

private:
    std::mutex m_busy;
    std::unique_ptr<std::FILE, int (*)(std::FILE*)> m_file{std::tmpfile(), std::fclose};
};

/// What a step leads from and to.
class UndoStep {
public:
    using Value = std::shared_ptr<const document::Production>;

    UndoStep(Value before, Value after) : m_live(new Live{std::move(before), std::move(after)}) {}
    /// Of a step that is not folded.
    const Value& before() const { return m_live->before; }
    const Value& after() const { return m_live->after; }
    void setAfter(Value after) { m_live->after = std::move(after); }
    bool isFolded() const { return !m_live; }
    /// Said once, when it is handed to who folds it.
    bool isGiven() const { return m_given; }
    void give() { m_given = true; }

    /// now: the document that stands on the other side. Null where the shelf cannot be read.
    Value findBefore(const Value& now, const document::Cards& shipped) const;
    Value findAfter(const Value& now, const document::Cards& shipped) const;

    struct Pictures {
        std::map<std::string, Bytes> before, after;
    };
    /// What would fold it: may run beside the desk, for it only reads. Empty: it stays as it is.
    struct Folded {
        UndoShelf::Place place;
        std::unique_ptr<Pictures> pictures; ///< where they differ
    };
    /// text: of the document before; becomes that after, so that steps in a row are written out once each.
    std::optional<Folded> calcFolded(UndoShelf& shelf, std::string& text) const;
    void fold(std::shared_ptr<UndoShelf> shelf, Folded folded);

private:
    Value restore(const Value& now, bool back, const document::Cards& shipped) const;

    struct Live {
        Value before, after;
    };
    // A folded step is little: there may be thousands.
    std::unique_ptr<Live> m_live;
    std::shared_ptr<UndoShelf> m_shelf;
    UndoShelf::Place m_place;
    std::unique_ptr<Pictures> m_pictures;
    bool m_given = false;
};

} // namespace enkinet::app
