#pragma once
// Reads one JSON object key by key: types, limits and places are checked here once, the first fault is kept, and keys
// that nobody asked for are handed on so that the next save keeps them.
#include "base/result.h"
#include <exception>
#include <map>
#include <nlohmann/json.hpp>
#include <optional>
#include <set>

namespace enkinet::files {

using Json = nlohmann::json;

class Reader {
public:
    /// Keys that nobody asked for, by the path of the object that they stand in.
    using Unknown = std::map<std::string, std::map<std::string, std::string>>;

    /// fault is shared by all readers of a file; once set, every read returns its default. unknown, where it is given,
    /// takes what no reader of the file has asked for when each is done.
    Reader(const Json& object, Phrase place, std::optional<Fault>& fault, Unknown* unknown = nullptr,
           std::string path = {});
    /// Hands on what nobody asked for; may throw std::bad_alloc.
    ~Reader() noexcept(false); // NOLINT(bugprone-exception-escape)
    Reader(const Reader&) = delete;
    Reader& operator=(const Reader&) = delete;

    bool has(const char* key) const;
    std::string text(const char* key, const std::string& fallback);
    std::string neededText(const char* key);
    double number(const char* key, double fallback);
    double neededNumber(const char* key);
    std::optional<double> maybeNumber(const char* key);
    int whole(const char* key, int fallback);
    std::optional<int> maybeWhole(const char* key);
    /// A list of at most so many numbers; a missing one is empty.
    std::vector<double> numbers(const char* key, std::size_t most);
    /// A list of at most so many texts; a missing one is empty.
    std::vector<std::string> texts(const char* key, std::size_t most);
    bool flag(const char* key, bool fallback);
    /// Calls item(Reader) for each object of an array of at most `most`; a missing array is empty.
    template <class Item> void each(const char* key, std::size_t most, const Phrase& itemName, Item item) {
        each(
            key, most, itemName, [](const Json&) { return true; }, item);
    }
    /// The same for those that are mine; the others are for somebody else to read.
    template <class Mine, class Item>
    void each(const char* key, std::size_t most, const Phrase& itemName, Mine mine, Item item) {
        const Json* array = find(key);
        if (!array || m_fault) return;
        if (!array->is_array()) return fail(std::string(key), words("must be a list"));
        if (array->size() > most)
            return fail(words("%1 with %2 entries", std::string(key), array->size()),
                        words("must have at most %1", most));
        std::size_t i = 0;
        for (const Json& j : *array) {
            ++i;
            if (!mine(j)) continue;
            const std::string path = itemPath(key, j, i, array->size());
            bool identified = false;
            {
                Reader r(j, itemPlace(itemName, j, i), m_fault, m_unknown, path);
                item(r);
                identified = r.m_asked.contains("id");
            }
            if (m_fault) return;
            if (!identified) keepByPlace(path, key, i, array->size());
        }
    }
    /// Calls item(Reader) for an object that may be missing.
    template <class Item> void object(const char* key, Item item) {
        const Json* j = find(key);
        if (!j || m_fault) return;
        Reader r(*j, inside(std::string(key)), m_fault, m_unknown, m_path + "/" + key);
        item(r);
    }
    /// The keys that were never asked for, each as JSON text.
    std::map<std::string, std::string> extras();
    void fail(const Phrase& value, const Phrase& rule);

private:
    const Json* find(const char* key);
    Phrase inside(const Phrase& what) const;
    Phrase itemPlace(const Phrase& itemName, const Json& j, std::size_t number) const;

    const Json& m_json;
    Phrase m_place;
    std::optional<Fault>& m_fault;
    std::string itemPath(const char* key, const Json& j, std::size_t number, std::size_t of) const;
    /// What was kept by an id that nobody asked for is no part of what is written, and would not be found again.
    void keepByPlace(const std::string& path, const char* key, std::size_t number, std::size_t of);
    std::set<std::string> m_asked;
    Unknown* m_unknown;
    std::string m_path;   ///< keys and, in lists, ids or places
    bool m_taken = false; ///< by extras()
    int m_thrown = std::uncaught_exceptions();
};

/// Puts unknown keys back where they stood: an object of a list is found by its id or, where it has none, by its place
/// in a list as long as it was; what is no longer there takes its keys with it. Known keys are never touched.
void addUnknown(Json& root, const Reader::Unknown& unknown);

/// The list of an object by its key, empty when it is not there yet. (A value that the library itself turns into a list
/// while one is put into it is neither when memory runs out between, and cannot be taken down.)
Json& listIn(Json& object, const std::string& key);

/// Text to JSON with limits: at most 16 MB and 24 levels; numbers beyond the range of a double are refused.
Result<Json> parseJson(const std::string& text, const std::string& place);

} // namespace enkinet::files
