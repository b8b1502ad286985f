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
} // namespace detail

class Table {
public:
    /// One of them, and several: "feature", "features".
    Phrase one, many;
    std::vector<Field> fields;
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
    const Field* id() const;
};

/// `makeTable<Feature>(words("feature"), words("features"), {…fields…})`.
template <class T> Table makeTable(Phrase one, Phrase many, std::initializer_list<Field> fields) {
    static const T usual{};
    Table t;
    t.one = std::move(one), t.many = std::move(many), t.fields = fields, t.usual = &usual;
    return t;
}

} // namespace enkinet::schema
