#include "schema/walk.h"
#include <algorithm>

namespace enkinet::schema {

namespace {

/// What a joint or a segment without a limb beside it is of: the nearest holder that has an id. Its text is made only
/// where it is asked for.
struct Within {
    const Field* id = nullptr;
    const void* of = nullptr;

    std::string text() const { return id ? id->access->text(of) : std::string(); }
    Within inner(const Table& table, const void* item) const {
        const Field* own = table.id();
        return own ? Within{own, item} : *this;
    }
};

/// What a field refers to; of the kind none where it refers to nothing.
Ref refOf(const Table& table, const Field& f, const void* of, const Within& within) {
    Ref ref{f.refers, {}, {}, false};
    const auto limb = [&] { return f.with ? table.find(f.with)->access->text(of) : within.text(); };
    if (f.kind == Kind::flag) return *f.access->number(of) != 0 ? ref : Ref{};
    if (f.refers == RefKind::segment) {
        ref.id = limb(), ref.part = std::to_string(static_cast<int>(f.toFile(*f.access->number(of))));
        return ref;
    }
    std::string text = f.access->text(of);
    if (text.empty()) return {};
    if (f.refers == RefKind::joint)
        ref.id = limb(), ref.part = std::move(text);
    else
        ref.id = std::move(text);
    return ref;
}

void forRefs(const Place& place, const Table& table, const void* of, const EachRef& each, const Within& within) {
    for (std::size_t which : table.referring) {
        const Field& f = table.fields[which];
        if (!f.hasMeaning(of)) continue;
        if (f.kind == Kind::texts && f.refers != RefKind::none) {
            for (const std::string& text : f.access->texts(of))
                each(place, f, Ref{f.refers, text, {}, false});
        } else if (f.kind == Kind::object || f.kind == Kind::list) {
            const Table& inner = f.table();
            for (std::size_t i = 0; i < f.access->size(of); ++i) {
                const void* item = f.access->item(of, i);
                forRefs(f.kind == Kind::list ? Place(place, inner, item, i + 1) : Place(place, f), inner, item, each,
                        within.inner(inner, item));
            }
        } else if (f.refers != RefKind::none) {
            if (const Ref ref = refOf(table, f, of, within); ref.kind != RefKind::none) each(place, f, ref);
        }
    }
}

/// dropped: something within was let go. The result: whether one itself must go.
bool mustGo(const Table& table, void* of, const IsThere& isThere, const Within& within, bool& dropped) {
    for (std::size_t which : table.referring) {
        const Field& f = table.fields[which];
        if (!f.hasMeaning(of)) continue;
        if (f.kind == Kind::texts && f.refers != RefKind::none) {
            auto all = f.access->texts(of);
            if (std::erase_if(all, [&](const std::string& x) { return !isThere({f.refers, x, {}, false}); }) > 0) {
                f.access->setTexts(of, std::move(all));
                dropped = true;
            }
        } else if (f.kind == Kind::object || f.kind == Kind::list) {
            const Table& inner = f.table();
            for (std::size_t i = f.access->size(of); i-- > 0;) {
                void* item = f.access->item(of, i);
                if (!mustGo(inner, item, isThere, within.inner(inner, item), dropped)) continue;
                // What is always there goes with its holder.
                if (f.kind == Kind::object && !f.access->isOptional()) return true;
                f.access->erase(of, i);
                dropped = true;
            }
        } else if (f.refers != RefKind::none) {
            const Ref ref = refOf(table, f, of, within);
            if (ref.kind == RefKind::none || isThere(ref)) continue;
            if (f.loss == Loss::drop) return true;
            f.access->copy(of, table.usual);
            dropped = true;
        }
    }
    return false;
}

} // namespace

void forEachField(const Table& table, void* of, const EachField& each) {
    for (const Field& f : table.fields) {
        if (f.isApart || !f.hasMeaning(of)) continue;
        each(table, f, of);
        if (f.kind == Kind::object || f.kind == Kind::list)
            for (std::size_t i = 0; i < f.access->size(of); ++i)
                forEachField(f.table(), f.access->item(of, i), each);
    }
}

void forEachRef(const Phrase& place, const Table& table, const void* of, const EachRef& each) {
    forRefs(place, table, of, each, Within().inner(table, of));
}

void checkRefs(Rules& rules, const Phrase& place, const Table& table, const void* of, const IsThere& isThere) {
    forEachRef(place, table, of, [&](const Place& at, const Field& f, const Ref& ref) {
        if (rules.fault || isThere(ref)) return;
        const std::string id = ref.id.substr(0, 70), part = ref.part.substr(0, 70);
        rules.broken(at.phrase(),
                     ref.kind == RefKind::segment ? words("limb %1, segment %2", id, part)
                     : ref.kind == RefKind::joint ? words("joint %1.%2", id, part)
                                                  : words("%1 %2", f.name, id),
                     ref.kind == RefKind::spool       ? words("is not in stock")
                     : ref.kind >= RefKind::wire_card ? words("is not known")
                                                      : words("is not there"));
    });
}

bool dropLost(const Table& table, void* of, const IsThere& isThere) {
    bool dropped = false;
    mustGo(table, of, isThere, Within().inner(table, of), dropped);
    return dropped;
}

} // namespace enkinet::schema
