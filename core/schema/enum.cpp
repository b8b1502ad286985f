#include "schema/enum.h"
#include <algorithm>

namespace enkinet::schema {

const char* Words::literal(int value) const {
    for (const Entry& e : m_entries)
        if (e.value == value) return e.word;
    return "";
}

std::string Words::word(int value) const { return literal(value); }

Phrase Words::label(int value) const {
    for (const Entry& e : m_entries)
        if (e.value == value) return e.label;
    return {};
}

std::optional<int> Words::find(const std::string& word) const {
    for (const Entry& e : m_entries)
        if (word == e.word) return e.value;
    return {};
}

std::string Words::all() const {
    std::vector<std::string> sorted;
    for (const Entry& e : m_entries)
        sorted.emplace_back(e.word);
    std::sort(sorted.begin(), sorted.end());
    std::string said;
    for (const std::string& word : sorted)
        said += (said.empty() ? "" : ", ") + word;
    return said;
}

} // namespace enkinet::schema
