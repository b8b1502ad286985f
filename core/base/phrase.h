#pragma once
// Words with holes. The core says what it has to say as an English template and the things that belong into it, numbers
// as numbers; a face looks the template up in its own language and writes the numbers by its own locale.
#include <functional>
#include <string>
#include <string_view>
#include <type_traits>
#include <utility>
#include <vector>

namespace enkinet {

/// How a face says templates and numbers.
struct Tongue {
    std::function<std::string(const char* words)> words;
    std::function<std::string(double value, int significant)> number;
};

class Phrase {
public:
    /// Says nothing.
    Phrase() = default;
    /// What a file or a hand gave, or a name: said as it is.
    Phrase(std::string given) : m_given(std::move(given)) {}
    /// A literal that no face could look up: use words().
    Phrase(const char*) = delete;
    template <class T>
    requires std::is_arithmetic_v<T> Phrase(T value, int significant = 6)
        : m_number(static_cast<double>(value)), m_significant(significant) {}

    /// Said the same in every language.
    friend bool operator==(const Phrase& a, const Phrase& b);
    template <class Text>
    requires std::is_convertible_v<const Text&, std::string_view>
    friend bool operator==(const Phrase& a, const Text& english) { return a.english() == std::string_view(english); }

    bool empty() const { return !m_words && m_given.empty() && m_significant == 0; }
    std::string text(const Tongue& tongue) const;
    std::string english() const;

private:
    template <class... In> friend Phrase words(const char* text, In&&... in);

    const char* m_words = nullptr; ///< a literal, with %1 to %9 for what is in it
    std::string m_given;
    double m_number = 0;
    int m_significant = 0; ///< digits; 0 where this is no number
    std::vector<Phrase> m_in;
};

/// A phrase that is looked up. The text must stand as a literal in the call: data/translations/update gathers it.
template <class... In> Phrase words(const char* text, In&&... in) {
    Phrase p;
    p.m_words = text;
    if constexpr (sizeof...(in) > 0) {
        p.m_in.reserve(sizeof...(in));
        (p.m_in.push_back(Phrase(std::forward<In>(in))), ...);
    }
    return p;
}

/// In files and tables a phrase is its English.
template <class Json> void to_json(Json& json, const Phrase& phrase) { json = phrase.english(); }

/// The core's own: templates as they are, numbers in plain form.
const Tongue& englishTongue();

} // namespace enkinet
