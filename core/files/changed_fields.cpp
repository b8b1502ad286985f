#include "files/changed_fields.h"
#include "files/production_json.h"
#include "files/reader.h"
#include <algorithm>

namespace enkinet::files {

namespace {

std::string idOf(const Json& object) {
    if (!object.is_object()) return {};
    const auto id = object.find("id");
    return id != object.end() && id->is_string() ? id->get<std::string>() : std::string();
}

/// Objects of a list are the same where their ids are, wherever they stand in it.
bool haveIds(const Json& list) {
    std::set<std::string> seen;
    return !list.empty() && std::all_of(list.begin(), list.end(), [&](const Json& x) {
        const std::string id = idOf(x);
        return !id.empty() && seen.insert(id).second;
    });
}

void differ(const Json& a, const Json& b, const std::string& path, std::set<std::string>& found);

void differInLists(const Json& a, const Json& b, const std::string& path, std::set<std::string>& found) {
    const bool ids = (a.empty() || haveIds(a)) && (b.empty() || haveIds(b));
    if (!ids) {
        if (a.size() != b.size()) found.insert(path + "#");
        for (std::size_t i = 0; i < std::min(a.size(), b.size()); ++i)
            differ(a[i], b[i], path + "/" + std::to_string(i), found);
        return;
    }
    std::vector<std::string> orderA, orderB;
    for (const Json& x : a) {
        orderA.push_back(idOf(x));
        const auto same = std::find_if(b.begin(), b.end(), [&](const Json& y) { return idOf(y) == idOf(x); });
        if (same != b.end()) differ(x, *same, path + "/" + orderA.back(), found);
    }
    for (const Json& y : b)
        orderB.push_back(idOf(y));
    if (orderA != orderB) found.insert(path + "#");
}

void differ(const Json& a, const Json& b, const std::string& path, std::set<std::string>& found) {
    if (a == b) return;
    // What stands for itself is not written: an object that is not there is one with nothing in it.
    static const Json kNone = Json::object();
    const bool objects = (a.is_object() || a.is_null()) && (b.is_object() || b.is_null());
    if (objects) {
        const Json &x = a.is_null() ? kNone : a, &y = b.is_null() ? kNone : b;
        for (const auto& [key, value] : x.items()) {
            const auto other = y.find(key);
            differ(value, other == y.end() ? Json() : *other, path + "/" + key, found);
        }
        for (const auto& [key, value] : y.items())
            if (!x.contains(key)) differ(Json(), value, path + "/" + key, found);
        if (x.empty() && y.empty()) found.insert(path);
        return;
    }
    if (a.is_array() && b.is_array()) return differInLists(a, b, path, found);
    found.insert(path);
}

} // namespace

std::set<std::string> findChangedFields(const document::Production& before, const document::Production& after) {
    // Only what differs is written out.
    document::Production a = before, b = after;
    std::set<std::string> found;
    for (const auto& [name, bytes] : after.pictures)
        if (const auto known = before.pictures.find(name); known == before.pictures.end() || !(known->second == bytes))
            found.insert("pictures/" + name);
    for (const auto& [name, bytes] : before.pictures)
        if (!after.pictures.contains(name)) found.insert("pictures/" + name);
    a.pictures.clear(), b.pictures.clear();
    const auto drop = [](auto& x, auto& y) {
        if (x == y) x = {}, y = {};
    };
    drop(a.stock, b.stock), drop(a.cards, b.cards), drop(a.schemes, b.schemes), drop(a.log, b.log);
    drop(a.moves, b.moves), drop(a.shots, b.shots), drop(a.unknown, b.unknown), drop(a.extras, b.extras);
    const auto idsOf = [](const document::Production& p) {
        std::vector<std::string> ids;
        for (const body::Puppet& x : p.puppets)
            ids.push_back(x.id);
        return ids;
    };
    if (idsOf(a) == idsOf(b)) {
        std::vector<body::Puppet> onlyA, onlyB;
        for (std::size_t i = 0; i < a.puppets.size(); ++i)
            if (!(a.puppets[i] == b.puppets[i]))
                onlyA.push_back(std::move(a.puppets[i])), onlyB.push_back(std::move(b.puppets[i]));
        a.puppets = std::move(onlyA), b.puppets = std::move(onlyB);
    }
    differ(Json::parse(writeProduction(a, false)), Json::parse(writeProduction(b, false)), {}, found);
    return found;
}

} // namespace enkinet::files
