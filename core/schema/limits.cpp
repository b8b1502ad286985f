#include "schema/limits.h"
#include "base/text.h"
#include "base/units.h"
#include <set>

namespace enkinet::schema {

namespace {

void checkNumber(Rules& r, const Place& place, const Field& f, double core) {
    if (!f.isLimited()) return;
    const auto holds = [&](double file) { return (f.isAbove ? file > f.least : file >= f.least) && file <= f.most; };
    // What is said, and asked where it is close, is the number that files have.
    if (holds(f.isAngle ? radToDeg(core) : f.toFile(core))) return;
    const double file = f.toFile(core);
    if (f.isAbove)
        r.above(place.phrase(), f.name, file, f.most, f.dimension);
    else
        r.between(place.phrase(), f.name, file, f.least, f.most, f.dimension);
}

void checkText(Rules& r, const Place& place, const Field& f, const std::string& text) {
    const std::size_t letters = text.size() <= f.longest && f.shortest == 0 ? 0 : countLetters(text);
    if (letters < f.shortest || letters > f.longest)
        r.broken(place.phrase(), f.name,
                 f.shortest > 0 ? words("must have %1 to %2 letters", f.shortest, f.longest)
                                : words("must have at most %1 letters", f.longest));
}

void checkCount(Rules& r, const Place& place, const Phrase& what, std::size_t count, std::size_t most) {
    if (count > most) r.broken(place.phrase(), words("%1 %2", count, what), words("are more than %1", most));
}

void checkItems(Rules& r, const Place& place, const Field& f, const void* of) {
    const Table& table = f.table();
    const std::size_t count = f.access->size(of);
    if (f.kind == Kind::object) {
        if (count > 0) checkLimits(r, Place(place, f), table, f.access->item(of, 0));
        return;
    }
    checkCount(r, place, table.many, count, f.longest);
    const Field* id = table.id();
    std::set<std::string> seen;
    for (std::size_t i = 0; i < count && !r.fault; ++i) {
        const void* item = f.access->item(of, i);
        const Place at(place, table, item, i + 1);
        if (id) {
            const std::string own = id->access->text(item);
            if (!isId(own)) {
                const Phrase in = place.phrase();
                r.id(in.empty() ? table.one : words("%1, %2", in, table.one), own);
            } else if (!seen.insert(own).second) {
                r.broken(at.phrase(), words("id"), words("stands twice"));
            }
        }
        if (!r.fault && !f.isApart) checkLimits(r, at, table, item);
    }
}

} // namespace

void checkLimits(Rules& r, const Place& place, const Table& table, const void* of) {
    for (const Field& f : table.fields) {
        if (r.fault) return;
        if (!f.hasMeaning(of)) continue;
        switch (f.kind) {
        case Kind::number:
        case Kind::whole:
            if (const auto v = f.access->number(of)) checkNumber(r, place, f, *v);
            break;
        case Kind::flag:
            break;
        case Kind::word:
            if (const auto v = f.access->number(of); v && !*f.words->literal(static_cast<int>(*v)))
                r.broken(place.phrase(), words("%1 %2", f.name, *v), words("must be one of %1", f.words->all()));
            break;
        case Kind::text:
            if (!f.isId) checkText(r, place, f, f.access->text(of));
            break;
        case Kind::numbers: {
            const auto all = f.access->numbers(of);
            checkCount(r, place, f.name, all.size(), f.longest);
            for (double v : all)
                checkNumber(r, place, f, v);
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
    if (r.fault || !table.rule) return;
    // Where it is said again with its place.
    Rules broken;
    table.rule(broken, {}, of);
    if (broken.fault) table.rule(r, place.phrase(), of);
}

std::optional<Fault> findBroken(const Table& table, const void* of) {
    Rules r;
    if (const Field* id = table.id()) r.id(table.one, id->access->text(of));
    const Phrase nowhere;
    const Place in(nowhere);
    if (!r.fault) checkLimits(r, table.id() ? Place(in, table, of, 1) : Place(table.one), table, of);
    return r.fault;
}

} // namespace enkinet::schema
