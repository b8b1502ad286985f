#include "files/changed_fields.h"
#include "files/production_json.h"
#include "files/reader.h"
#include <algorithm>

namespace enkinet::files {

namespace {

std::string idOf(const Json& object) {
    if (!object.is_object()) return {};
    const auto id = object.find("id");
    if (id != object.end() && id->is_string()) return id->get<std::string>();
    // An angle of a pose is that of its joint.
    const auto limb = object.find("limb"), joint = object.find("joint");
    if (limb == object.end() || joint == object.end() || !limb->is_string() || !joint->is_string()) return {};
    return limb->get<std::string>() + "." + joint->get<std::string>() + (object.value("right", false) ? ".right" : "");
}

/// A hand moves a place or bends a joint as a whole: its coordinates are one field, and so are its two bends.
std::string fieldOf(const std::string& key) {
    if (key == "x_mm" || key == "y_mm" || key == "z_mm") return "place";
    return key == "forth_deg" || key == "aside_deg" ? "bend" : key;
}
bool isBend(const Json& object) { return object.is_object() && !object.contains("id") && !idOf(object).empty(); }

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
    // A joint at rest has no entry.
    for (const auto* list : {&a, &b})
        for (const Json& x : *list)
            if (const Json& other = list == &a ? b : a;
                isBend(x) &&
                std::none_of(other.begin(), other.end(), [&](const Json& y) { return idOf(y) == idOf(x); }))
                found.insert(path + "/" + idOf(x) + "/bend");
    const bool bends = std::all_of(a.begin(), a.end(), isBend) && std::all_of(b.begin(), b.end(), isBend);
    for (const Json& x : a) {
        orderA.push_back(idOf(x));
        const auto same = std::find_if(b.begin(), b.end(), [&](const Json& y) { return idOf(y) == idOf(x); });
        if (same != b.end()) differ(x, *same, path + "/" + orderA.back(), found);
    }
    for (const Json& y : b)
        orderB.push_back(idOf(y));
    if (orderA != orderB && !bends) found.insert(path + "#");
}

void differ(const Json& a, const Json& b, const std::string& path, std::set<std::string>& found) {
    if (a == b) return;
    // What is not there is what it is without saying so.
    const auto nothing = [](const Json& x) {
        return x.is_null() || (x.is_string() && x.get_ref<const std::string&>().empty()) ||
               (x.is_boolean() && !x.get<bool>()) || (x.is_array() && x.empty());
    };
    if (nothing(a) && nothing(b)) return;
    // What stands for itself is not written: an object that is not there is one with nothing in it.
    static const Json kNone = Json::object();
    const bool objects = (a.is_object() || a.is_null()) && (b.is_object() || b.is_null());
    if (objects) {
        const Json &x = a.is_null() ? kNone : a, &y = b.is_null() ? kNone : b;
        for (const auto& [key, value] : x.items()) {
            const auto other = y.find(key);
            differ(value, other == y.end() ? Json() : *other, path + "/" + fieldOf(key), found);
        }
        for (const auto& [key, value] : y.items())
            if (!x.contains(key)) differ(Json(), value, path + "/" + fieldOf(key), found);
        if (x.empty() && y.empty()) found.insert(path);
        return;
    }
    static const Json kEmpty = Json::array();
    if (const Json& x = a.is_null() ? kEmpty : a, &y = b.is_null() ? kEmpty : b; x.is_array() && y.is_array())
        return differInLists(x, y, path, found);
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
