#include "files/described_doc.h"
#include "base/text.h"
#include "document/production.h"
#include <cmath>
#include <set>

namespace enkinet::files {

namespace {

using schema::Field;
using schema::Kind;
using schema::Table;

std::string kindOf(const Field& f, const std::string& path) {
    switch (f.kind) {
    case Kind::number:
    case Kind::numbers:
        return std::string(f.kind == Kind::numbers ? "numbers" : "number") + unitOf(f.dimension).english();
    case Kind::whole:
        return "whole number" + unitOf(f.dimension).english();
    case Kind::flag:
        return "true or false";
    case Kind::text:
        return f.refers != schema::RefKind::none ? std::string("id: ") + schema::wordOf(f.refers)
               : f.form.empty()                  ? "text"
                                                 : "text, " + f.form.english();
    case Kind::texts:
        return f.refers != schema::RefKind::none ? std::string("ids: ") + schema::wordOf(f.refers)
               : f.form.empty()                  ? "texts"
                                                 : "texts, " + f.form.english();
    case Kind::word: {
        std::string all;
        for (const auto& e : f.words->entries())
            all += (all.empty() ? "" : ", ") + std::string(e.word);
        return all;
    }
    case Kind::object:
        return "[" + path + "]";
    case Kind::list:
        return "list of [" + path + "]";
    }
    return {};
}

std::string limitsOf(const Field& f) {
    if (f.kind == Kind::list || f.kind == Kind::texts || f.kind == Kind::numbers) {
        const std::string most = "at most " + std::to_string(f.longest);
        return f.isLimited() ? most + ", each " + plain(f.least) + " to " + plain(f.most) : most;
    }
    if (f.kind == Kind::text)
        return f.isId ? "letters, digits, dot, dash"
               : f.refers != schema::RefKind::none || !f.form.empty()
                   ? ""
                   : (f.shortest > 0 ? std::to_string(f.shortest) + " to " : "at most ") + std::to_string(f.longest) +
                         " letters";
    if (!f.isLimited()) return {};
    return (f.isAbove ? "above " : "") + plain(f.least) + " to " + plain(f.most);
}

std::string usualOf(const Table& table, const Field& f) {
    if (f.isNeeded) return "needed";
    if (f.isElseId) return "the id";
    const void* usual = table.usual;
    if (f.kind == Kind::number || f.kind == Kind::whole) {
        const auto v = f.access->number(usual);
        return v ? plain(f.toFile(*v)) : "none";
    }
    if (f.kind == Kind::flag) return *f.access->number(usual) != 0 ? "true" : "false";
    if (f.kind == Kind::word) {
        const auto v = f.access->number(usual);
        return v ? f.words->word(static_cast<int>(*v)) : "none";
    }
    return {};
}

/// Where one's keys are told of: where it is met first.
using Paths = std::map<const Table*, std::string>;

void gather(const Table& table, const std::string& path, Paths& paths, std::vector<const Table*>& order) {
    if (!paths.emplace(&table, path).second) return;
    order.push_back(&table);
    for (const Field& f : table.fields)
        if (f.table)
            gather(f.table(),
                   f.key[0] == '\0'
                       ? path
                       : (path.empty() ? "" : path + ".") + f.key + (f.sort ? std::string(":") + f.sort : ""),
                   paths, order);
}

void addRows(const Table& table, const Paths& paths, std::string& out) {
    for (const Field& f : table.fields) {
        if (f.impliedBy) continue;
        if (f.key[0] == '\0') {
            addRows(f.table(), paths, out);
            continue;
        }
        const std::string in = f.table ? paths.at(&f.table()) : std::string(), each = f.each ? f.each : "";
        out += "| `" + std::string(f.key) + "`" + (each.empty() ? "" : " of {`" + each + "`}") +
               (f.sort ? " with kind " + std::string(f.sort) : "") + " | " + f.name.english() + " | " + kindOf(f, in) +
               " | " + limitsOf(f) + " | " + usualOf(table, f) + " | " + f.help + " |\n";
    }
}

} // namespace

std::string describeFields() {
    Paths paths;
    std::vector<const Table*> order;
    gather(schema::detail::tableOf<document::Production>(), "", paths, order);
    std::set<std::string> told;
    std::string out;
    for (const Table* table : order) {
        const std::string& path = paths.at(table);
        // What stands in the same object is told of there.
        if (!told.insert(path).second) continue;
        out += (out.empty() ? "" : "\n") + std::string("### ") + (path.empty() ? "The production" : path) +
               "\n\n| key | is | value | limits | as usual | |\n|---|---|---|---|---|---|\n";
        addRows(*table, paths, out);
    }
    return out;
}

} // namespace enkinet::files
