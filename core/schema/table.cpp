#include "schema/table.h"

namespace enkinet::schema {

void Table::writtenWhole() {
    for (Field& f : fields)
        if (f.kind == Kind::number || f.kind == Kind::whole || f.kind == Kind::flag || f.kind == Kind::word)
            f.isAlways = true;
}

const Field* Table::find(const std::string& key) const {
    for (const Field& f : fields)
        if (key == f.key) return &f;
    return nullptr;
}

const Field* Table::id() const {
    for (const Field& f : fields)
        if (f.isId) return &f;
    return nullptr;
}

namespace detail {

bool sameFields(const Table& table, const void* a, const void* b) {
    for (const Field& f : table.fields)
        if (!f.access->same(a, b)) return false;
    return true;
}

void copyFields(const Table& table, void* to, const void* from) {
    for (const Field& f : table.fields)
        f.access->copy(to, from);
}

const void* usualOf(const Table& table) { return table.usual; }

} // namespace detail

} // namespace enkinet::schema
