#pragma once
// One list a kind: its values, each with the word that files and the command line have for it and the label that a face
// shows. Order and number of the values are nobody's business but the compiler's.
#include "base/phrase.h"
#include <optional>
#include <string>
#include <vector>

namespace enkinet::schema {

/// The list of a kind, whatever its type.
class Words {
public:
    struct Entry {
        int value = 0;
        const char* word = ""; ///< in files
        Phrase label;          ///< on screen
    };

    explicit Words(std::vector<Entry> entries) : m_entries(std::move(entries)) {}
    const std::vector<Entry>& entries() const { return m_entries; }
    /// Empty for what is not in the list.
    std::string word(int value) const;
    /// The word as it stands in the program.
    const char* literal(int value) const;
    Phrase label(int value) const;
    std::optional<int> find(const std::string& word) const;
    /// "ball, cone, disc": in the order of the alphabet, as a refusal lists them.
    std::string all() const;

private:
    std::vector<Entry> m_entries;
};

/// One of a kind's values, its word and its label.
template <class Enum> struct Worded {
    Enum value;
    const char* word;
    Phrase label;
};
template <class Enum> Words makeWords(std::initializer_list<Worded<Enum>> all) {
    std::vector<Words::Entry> entries;
    for (const Worded<Enum>& one : all)
        entries.push_back({static_cast<int>(one.value), one.word, one.label});
    return Words(std::move(entries));
}

// Beside each such kind stands `const schema::Words& wordsOf(Kind)`, found by the kind's own namespace.

template <class Enum> std::string wordOf(Enum value) { return wordsOf(value).word(static_cast<int>(value)); }
template <class Enum> Phrase labelOf(Enum value) { return wordsOf(value).label(static_cast<int>(value)); }
template <class Enum> std::optional<Enum> findWord(const std::string& word) {
    const auto value = wordsOf(Enum{}).find(word);
    return value ? std::optional<Enum>(static_cast<Enum>(*value)) : std::nullopt;
}

} // namespace enkinet::schema
