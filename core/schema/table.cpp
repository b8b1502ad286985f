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

Phrase Place::phrase() const {
    if (!m_in) return m_said;
    const Phrase in = m_in->phrase();
    if (!m_table) return m_said.empty() ? in : in.empty() ? m_said : words("%1, %2", in, m_said);
    const Field* id = m_table->id();
    const Phrase which = id ? Phrase(id->access->text(m_of).substr(0, 70)) : Phrase(m_number);
    return in.empty() ? words("%1 %2", m_said, which) : words("%1, %2 %3", in, m_said, which);
}

namespace detail {

std::vector<std::size_t> findReferring(const std::vector<Field>& fields) {
    std::vector<std::size_t> found;
    for (std::size_t i = 0; i < fields.size(); ++i) {
        const Field& f = fields[i];
        if (!f.isApart && (f.refers != RefKind::none || (f.table && !f.table().referring.empty()))) found.push_back(i);
    }
    return found;
}

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
