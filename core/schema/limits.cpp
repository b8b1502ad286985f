#include "schema/limits.h"
#include "base/text.h"
#include <set>

namespace enkinet::schema {

namespace {

void checkNumber(Rules& r, const Phrase& place, const Field& f, double file) {
    if (f.isAbove)
        r.above(place, f.name, file, f.most, f.dimension);
    else
        r.between(place, f.name, file, f.least, f.most, f.dimension);
}

void checkText(Rules& r, const Phrase& place, const Phrase& name, const Field& f, const std::string& text) {
    const std::size_t letters = countLetters(text);
    r.that(letters >= f.shortest && letters <= f.longest, place, name,
           f.shortest > 0 ? words("must have %1 to %2 letters", f.shortest, f.longest)
                          : words("must have at most %1 letters", f.longest));
}

void checkCount(Rules& r, const Phrase& place, const Phrase& what, std::size_t count, std::size_t most) {
    r.that(count <= most, place, words("%1 %2", count, what), words("are more than %1", most));
}

void checkItems(Rules& r, const Phrase& place, const Field& f, const void* of) {
    const Table& table = f.table();
    const std::size_t count = f.access->size(of);
    if (f.kind == Kind::list) checkCount(r, place, table.many, count, f.longest);
    const Field* id = table.id();
    std::set<std::string> seen;
    for (std::size_t i = 0; i < count && !r.fault; ++i) {
        const void* item = f.access->item(of, i);
        const Phrase at = f.kind == Kind::list ? placeOf(place, table, item, i + 1)
                          : f.name.empty()     ? place
                          : place.empty()      ? f.name
                                               : words("%1, %2", place, f.name);
        if (f.kind == Kind::list && id) {
            r.id(place.empty() ? table.one : words("%1, %2", place, table.one), id->access->text(item));
            r.that(seen.insert(id->access->text(item)).second, at, words("id"), words("stands twice"));
        }
        if (!f.isApart) checkLimits(r, at, table, item);
    }
}

} // namespace

Phrase placeOf(const Phrase& in, const Table& table, const void* of, std::size_t number) {
    const Field* id = table.id();
    const Phrase which = id ? Phrase(id->access->text(of).substr(0, 70)) : Phrase(number);
    return in.empty() ? words("%1 %2", table.one, which) : words("%1, %2 %3", in, table.one, which);
}

void checkLimits(Rules& r, const Phrase& place, const Table& table, const void* of) {
    for (const Field& f : table.fields) {
        if (r.fault) return;
        if (!f.hasMeaning(of)) continue;
        switch (f.kind) {
        case Kind::number:
        case Kind::whole:
            if (const auto v = f.access->number(of); v && f.isLimited()) checkNumber(r, place, f, f.toFile(*v));
            break;
        case Kind::flag:
            break;
        case Kind::word:
            if (const auto v = f.access->number(of))
                r.that(!f.words->word(static_cast<int>(*v)).empty(), place, words("%1 %2", f.name, *v),
                       words("must be one of %1", f.words->all()));
            break;
        case Kind::text:
            if (!f.isId) checkText(r, place, f.name, f, f.access->text(of));
            break;
        case Kind::numbers: {
            const auto all = f.access->numbers(of);
            checkCount(r, place, f.name, all.size(), f.longest);
            for (double v : all)
                if (f.isLimited()) checkNumber(r, place, f, f.toFile(v));
            break;
        }
        case Kind::texts:
            checkCount(r, place, f.name, f.access->size(of), f.longest);
            break;
        case Kind::object:
        case Kind::list:
            checkItems(r, place, f, of);
            break;
        }
    }
    if (!r.fault && table.rule) table.rule(r, place, of);
}

std::optional<Fault> findBroken(const Table& table, const void* of) {
    Rules r;
    if (const Field* id = table.id()) r.id(table.one, id->access->text(of));
    if (!r.fault) checkLimits(r, table.id() ? placeOf({}, table, of, 1) : table.one, table, of);
    return r.fault;
}

} // namespace enkinet::schema
