#include "files/reader.h"
#include <cmath>

namespace enkinet::files {

namespace {
constexpr std::size_t kMostBytes = 16u << 20;
constexpr int kDeepest = 24;

Phrase shown(const Json& j) {
    if (j.is_object()) return words("an object");
    if (j.is_array()) return words("a list");
    const std::string s = j.dump(-1, ' ', false, Json::error_handler_t::replace);
    return s.size() > 40 ? s.substr(0, 37) + "..." : s;
}
} // namespace

Reader::Reader(const Json& object, Phrase place, std::optional<Fault>& fault, Unknown* unknown, std::string path)
    : m_json(object), m_place(std::move(place)), m_fault(fault), m_unknown(unknown), m_path(std::move(path)) {
    if (!m_json.is_object()) fail(shown(m_json), words("must be an object"));
}

Reader::~Reader() noexcept(false) { // NOLINT(bugprone-exception-escape)
    // Memory may run out here too: that is thrown on, unless something is thrown already.
    if (!m_unknown || m_taken || m_fault || std::uncaught_exceptions() > m_thrown) return;
    if (auto rest = extras(); !rest.empty()) (*m_unknown)[m_path] = std::move(rest);
}

void Reader::fail(const Phrase& value, const Phrase& rule) {
    if (!m_fault) m_fault = Fault{m_place, value, rule};
}

const Json* Reader::find(const char* key) {
    m_asked.insert(key);
    if (!m_json.is_object()) return nullptr;
    const auto it = m_json.find(key);
    return it == m_json.end() || it->is_null() ? nullptr : &*it;
}

bool Reader::has(const char* key) const {
    return m_json.is_object() && m_json.contains(key) && !m_json.at(key).is_null();
}

std::string Reader::text(const char* key, const std::string& fallback) {
    const Json* j = find(key);
    if (!j) return fallback;
    if (j->is_string()) {
        if (j->get_ref<const std::string&>().size() <= 20000) return j->get<std::string>();
        fail(std::string(key), words("must have at most 20000 letters"));
    } else {
        fail(words("%1 %2", std::string(key), shown(*j)), words("must be text"));
    }
    return fallback;
}

std::string Reader::neededText(const char* key) {
    if (!has(key)) fail(std::string(key), words("is missing"));
    return text(key, "");
}

std::optional<double> Reader::maybeNumber(const char* key) {
    const Json* j = find(key);
    if (!j) return {};
    if (j->is_number() && std::isfinite(j->get<double>())) return j->get<double>();
    fail(words("%1 %2", std::string(key), shown(*j)), words("must be a number"));
    return {};
}

std::vector<double> Reader::numbers(const char* key, std::size_t most) {
    const Json* j = find(key);
    std::vector<double> all;
    if (!j) return all;
    if (!j->is_array() || j->size() > most) {
        fail(std::string(key), words("must be a list of at most %1 numbers", most));
        return all;
    }
    for (const Json& item : *j) {
        if (!item.is_number() || !std::isfinite(item.get<double>())) {
            fail(words("%1 %2", std::string(key), shown(item)), words("must be a number"));
            return {};
        }
        all.push_back(item.get<double>());
    }
    return all;
}

std::vector<std::string> Reader::texts(const char* key, std::size_t most) {
    const Json* j = find(key);
    std::vector<std::string> all;
    if (!j) return all;
    if (!j->is_array() || j->size() > most) {
        fail(std::string(key), words("must be a list of at most %1 texts", most));
        return all;
    }
    for (const Json& item : *j) {
        if (!item.is_string() || item.get_ref<const std::string&>().size() > 20000) {
            fail(words("%1 %2", std::string(key), shown(item)), words("must be text"));
            return {};
        }
        all.push_back(item.get<std::string>());
    }
    return all;
}

double Reader::number(const char* key, double fallback) { return maybeNumber(key).value_or(fallback); }

double Reader::neededNumber(const char* key) {
    if (!has(key)) fail(std::string(key), words("is missing"));
    return number(key, 0);
}

int Reader::whole(const char* key, int fallback) { return maybeWhole(key).value_or(fallback); }

std::optional<int> Reader::maybeWhole(const char* key) {
    const auto v = maybeNumber(key);
    if (!v) return {};
    if (*v == std::floor(*v) && std::abs(*v) <= 1e6) return static_cast<int>(*v);
    fail(words("%1 %2", std::string(key), shown(m_json.at(key))), words("must be a whole number up to 1000000"));
    return {};
}

bool Reader::flag(const char* key, bool fallback) {
    const Json* j = find(key);
    if (!j) return fallback;
    if (j->is_boolean()) return j->get<bool>();
    fail(words("%1 %2", std::string(key), shown(*j)), words("must be true or false"));
    return fallback;
}

std::string Reader::itemPath(const char* key, const Json& j, std::size_t number, std::size_t of) const {
    const std::string list = m_path + "/" + key + "/";
    if (j.is_object())
        if (const auto id = j.find("id"); id != j.end() && id->is_string() &&
                                          id->get_ref<const std::string&>().size() <= 64 &&
                                          id->get_ref<const std::string&>().find('/') == std::string::npos)
            return list + "@" + id->get<std::string>();
    return list + "#" + std::to_string(number - 1) + "#" + std::to_string(of);
}

void Reader::keepByPlace(const std::string& path, const char* key, std::size_t number, std::size_t of) {
    const std::string place = itemPath(key, Json(), number, of);
    if (!m_unknown || place == path) return;
    const auto within = [&](const std::string& one) {
        return one.starts_with(path) && (one.size() == path.size() || one[path.size()] == '/');
    };
    for (auto it = m_unknown->lower_bound(path); it != m_unknown->end() && it->first.starts_with(path);) {
        auto kept = it++;
        if (!within(kept->first)) continue;
        auto node = m_unknown->extract(kept);
        node.key().replace(0, path.size(), place);
        m_unknown->insert(std::move(node));
    }
}

std::map<std::string, std::string> Reader::extras() {
    m_taken = true;
    std::map<std::string, std::string> rest;
    if (m_json.is_object())
        for (const auto& [key, value] : m_json.items())
            if (!m_asked.contains(key)) rest[key] = value.dump();
    return rest;
}

Phrase Reader::inside(const Phrase& what) const { return m_place.empty() ? what : words("%1, %2", m_place, what); }

Phrase Reader::itemPlace(const Phrase& itemName, const Json& j, std::size_t number) const {
    std::string name = std::to_string(number);
    if (j.is_object())
        if (const auto id = j.find("id");
            id != j.end() && id->is_string() && id->get_ref<const std::string&>().size() <= 64)
            name = id->get<std::string>();
    return inside(words("%1 %2", itemName, name));
}

namespace {

/// The object at a path, made on the way where a key of it was left out for being as usual; null where a list no longer
/// has it.
Json* findAt(Json& root, const std::string& path) {
    Json* at = &root;
    for (std::size_t from = 1; from <= path.size() && from > 0;) {
        const std::size_t to = std::min(path.find('/', from), path.size());
        const std::string token = path.substr(from, to - from);
        from = to + 1;
        if (at->is_array()) {
            Json* found = nullptr;
            if (token.starts_with("#")) {
                const std::size_t mark = token.find('#', 1);
                const auto place = static_cast<std::size_t>(std::stoul(token.substr(1, mark - 1)));
                if (std::to_string(at->size()) == token.substr(mark + 1) && place < at->size()) found = &(*at)[place];
            } else {
                for (Json& item : *at)
                    if (item.is_object() && item.contains("id") && item["id"] == token.substr(1)) found = &item;
            }
            if (!found) return nullptr;
            at = found;
        } else if (at->is_object()) {
            // A list that is no longer there had something in it that is gone.
            if (!at->contains(token)) {
                if (to + 1 < path.size() && (path[to + 1] == '#' || path[to + 1] == '@')) return nullptr;
                (*at)[token] = Json::object();
            }
            at = &(*at)[token];
        } else {
            return nullptr;
        }
    }
    return at->is_object() ? at : nullptr;
}

} // namespace

void addUnknown(Json& root, const Reader::Unknown& unknown) {
    for (const auto& [path, keys] : unknown)
        if (Json* at = findAt(root, path))
            for (const auto& [key, text] : keys)
                if (!at->contains(key)) (*at)[key] = Json::parse(text);
}

Json& listIn(Json& object, const std::string& key) {
    Json& list = object[key];
    if (list.is_null()) list = Json::array();
    return list;
}

Result<Json> parseJson(const std::string& text, const std::string& place) {
    if (text.size() > kMostBytes)
        return Fault{place, words("%1 MB of text", text.size() >> 20), words("are more than 16 MB")};
    bool tooDeep = false;
    const auto watch = [&](int depth, Json::parse_event_t event, Json&) {
        if (depth > kDeepest &&
            (event == Json::parse_event_t::object_start || event == Json::parse_event_t::array_start))
            tooDeep = true;
        return !tooDeep;
    };
    try {
        Json j = Json::parse(text, watch);
        if (tooDeep) return Fault{place, {}, words("nests more than 24 levels deep")};
        return j;
    } catch (const Json::parse_error& e) {
        return Fault{place, words("not JSON"), words("at byte %1", e.byte)};
    } catch (const Json::exception&) {
        return Fault{place, words("a number"), words("lies beyond what can be stored")};
    }
}

} // namespace enkinet::files
