#include "schema/differ.h"
#include <algorithm>
#include <map>

namespace enkinet::schema {

namespace {

/// By what an item of a list is known: its id; or all that it refers to and is not changed by hand, as an angle is that
/// of its joint. Empty: by its place.
std::string nameOf(const Table& table, const void* of) {
    if (const Field* id = table.id()) return id->access->text(of);
    std::string name;
    bool refers = false;
    for (const Field& f : table.fields) {
        if (f.group) continue;
        if (f.kind == Kind::text)
            name += (name.empty() ? "" : ".") + f.access->text(of);
        else if (f.kind == Kind::flag)
            name += *f.access->number(of) != 0 ? "." + std::string(f.key) : "";
        else
            return {};
        refers = refers || f.refers != RefKind::none;
    }
    return refers ? name : std::string();
}

/// True where what is as usual has no entry at all: a joint at rest.
bool isLeftOut(const Table& table) {
    return !table.id() && std::any_of(table.fields.begin(), table.fields.end(), [](const Field& f) { return f.group; });
}

using Names = std::vector<std::string>;

/// Empty where they are known by their places: one has no name, or two have the same.
Names namesOf(const Field& f, const void* of) {
    Names names;
    for (std::size_t i = 0; i < f.access->size(of); ++i)
        names.push_back(nameOf(f.table(), f.access->item(of, i)));
    const std::set<std::string> each(names.begin(), names.end());
    return each.size() == names.size() && !each.contains("") ? names : Names();
}

void differInLists(const Field& f, const void* a, const void* b, const std::string& path,
                   std::set<std::string>& found) {
    const Table& table = f.table();
    const std::size_t nA = f.access->size(a), nB = f.access->size(b);
    const Names namesA = namesOf(f, a), namesB = namesOf(f, b);
    if (namesA.size() != nA || namesB.size() != nB) {
        if (nA != nB) found.insert(path + "#");
        for (std::size_t i = 0; i < std::min(nA, nB); ++i)
            findDifferences(table, f.access->item(a, i), f.access->item(b, i), path + "/" + std::to_string(i), found);
        return;
    }
    std::map<std::string, const void*> ofB;
    for (std::size_t i = 0; i < nB; ++i)
        ofB[namesB[i]] = f.access->item(b, i);
    const bool mayBeLeftOut = isLeftOut(table);
    const auto alone = [&](const std::string& name, const void* item) {
        for (const Field& x : table.fields)
            if (mayBeLeftOut && x.group && !x.access->same(item, table.usual))
                found.insert(std::string(path).append("/").append(name).append("/").append(x.group));
    };
    for (std::size_t i = 0; i < nA; ++i) {
        const void* item = f.access->item(a, i);
        if (const auto same = ofB.find(namesA[i]); same != ofB.end()) {
            findDifferences(table, item, same->second, path + "/" + namesA[i], found);
            ofB.erase(same);
        } else {
            alone(namesA[i], item);
        }
    }
    for (const auto& [name, item] : ofB)
        alone(name, item);
    if (namesA != namesB && !mayBeLeftOut) found.insert(path + "#");
}

} // namespace

void findDifferences(const Table& table, const void* a, const void* b, const std::string& path,
                     std::set<std::string>& found) {
    for (const Field& f : table.fields) {
        if (f.access->same(a, b)) continue;
        const std::string at = f.key[0] == '\0' ? path
                               : f.sort         ? path + "/" + f.key + "/" + f.sort
                                                : path + "/" + (f.group ? f.group : f.key);
        if (f.kind == Kind::list) {
            differInLists(f, a, b, at, found);
        } else if (f.kind == Kind::object) {
            const void* nothing = f.table().usual;
            findDifferences(f.table(), f.access->size(a) ? f.access->item(a, 0) : nothing,
                            f.access->size(b) ? f.access->item(b, 0) : nothing, at, found);
            // One that is all as usual, and none at all.
            if (f.access->size(a) != f.access->size(b)) found.insert(at);
        } else {
            found.insert(at);
        }
    }
}

} // namespace enkinet::schema
