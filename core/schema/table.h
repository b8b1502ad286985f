#pragma once
// One struct's fields, in the order in which they are looked at, with what holds between them.
#include "base/rules.h"
#include "schema/field.h"
#include <map>

namespace enkinet::schema {

/// Keys of a file that this version does not know, kept as they were for the next save.
using Extras = std::map<std::string, std::string>;

namespace detail {
template <class Rule> struct RuledBy : RuledBy<decltype(&Rule::operator())> {};
template <class Rule, class T> struct RuledBy<void (Rule::*)(Rules&, const Phrase&, const T&) const> {
    using type = T;
};
std::vector<std::size_t> findReferring(const std::vector<Field>& fields);
} // namespace detail

class Table {
public:
    /// One of them, and several: "feature", "features".
    Phrase one, many;
    std::vector<Field> fields;
    /// Which of the fields refer to something, or hold what does: few do, and every edit asks all of them.
    std::vector<std::size_t> referring;
    /// Which of them is the id; as many as there are: none.
    std::size_t idAt = 0;
    /// One as usual: what a file has no key for.
    const void* usual = nullptr;
    /// What holds between the fields of one, after each by itself; null: nothing.
    void (*rule)(Rules& rules, const Phrase& place, const void* of) = nullptr;
    /// Puts in order what was read; null: nothing.
    void (*settle)(void* of) = nullptr;
    /// Where unknown keys are kept; null: by their place in the file.
    Extras* (*extras)(void* of) = nullptr;

    /// Everything but texts and lists stands in a file though it is as usual: what it was made with is not changed by
    /// what is usual later.
    void writtenWhole();
    /// `t.setRule<[](Rules& r, const Phrase& place, const Feature& f) { … }>()`.
    template <auto Rule> void setRule() {
        rule = [](Rules& rules, const Phrase& place, const void* of) {
            Rule(rules, place, *static_cast<const typename detail::RuledBy<decltype(Rule)>::type*>(of));
        };
    }

    const Field* find(const std::string& key) const;
    /// The field that is the id; null where there is none.
    const Field* id() const { return idAt < fields.size() ? &fields[idAt] : nullptr; }
};

/// `makeTable<Feature>(words("feature"), words("features"), {…fields…})`.
template <class T> Table makeTable(Phrase one, Phrase many, std::initializer_list<Field> fields) {
    static const T usual{};
    Table t;
    t.one = std::move(one), t.many = std::move(many), t.fields = fields, t.usual = &usual;
    t.referring = detail::findReferring(t.fields);
    while (t.idAt < t.fields.size() && !t.fields[t.idAt].isId)
        ++t.idAt;
    return t;
}

/// Where something stands, said only when it is asked for: every edit looks at every field, and hardly ever says one.
class Place {
public:
    /// What is said must outlive the place.
    Place(const Phrase& said) : m_said(said) {}
    /// An item of a list.
    Place(const Place& in, const Table& table, const void* of, std::size_t number)
        : m_said(table.one), m_in(&in), m_table(&table), m_of(of), m_number(number) {}
    /// An object by its field's name; none: it stands where its holder does.
    Place(const Place& in, const Field& object) : m_said(object.name), m_in(&in) {}
    /// "Tansy, limb arm", "arm, joint 2": by the id, or by the number from 1 where there is none.
    Phrase phrase() const;

private:
    const Phrase& m_said;
    const Place* m_in = nullptr;
    const Table* m_table = nullptr;
    const void* m_of = nullptr;
    std::size_t m_number = 0;
};

} // namespace enkinet::schema
