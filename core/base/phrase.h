#pragma once
// Words with holes. The core says what it has to say as an English template and the things that belong into it, numbers
// as numbers; a face looks the template up in its own language and writes the numbers by its own locale.
#include <functional>
#include <initializer_list>
#include <string>
#include <string_view>
#include <type_traits>
#include <vector>

namespace enkinet {

enum class Dimension;

/// How a face says templates, numbers and quantities.
struct TextFormatter {
    /// count: what stands for %n, and picks the plural; negative: nothing is counted.
    std::function<std::string(const char* words, int count)> words;
    std::function<std::string(double value, int significant)> number;
    std::function<std::string(double value, Dimension dimension, int significant, bool unit)> quantity;
};

/// What it is made of and how is out of line: phrases stand in hundreds of places, and each would be built in again.
class Phrase {
public:
    /// Says nothing.
    Phrase();
    Phrase(const Phrase&);
    Phrase(Phrase&&) noexcept;
    Phrase& operator=(const Phrase&);
    Phrase& operator=(Phrase&&) noexcept;
    ~Phrase();
    /// What a file or a hand gave, or a name: said as it is.
    Phrase(std::string given);
    /// A literal that no face could look up: use words().
    Phrase(const char*) = delete;
    /// A template and all that belongs into it, for tables of templates: words() where it stands in the call.
    Phrase(const char* words, std::vector<Phrase> in, int count = -1);
    /// A number with at most so many digits, or with decimals(); what is counted, with all.
    template <class T>
    requires std::is_arithmetic_v<T> Phrase(T value, int significant = std::is_integral_v<T> ? 15 : 6)
        : Phrase(Number{static_cast<double>(value), significant}) {}

    /// Said the same in every language.
    friend bool operator==(const Phrase& a, const Phrase& b);
    template <class Text>
    requires std::is_convertible_v<const Text&, std::string_view>
    friend bool operator==(const Phrase& a, const Text& english) { return a.english() == std::string_view(english); }

    bool empty() const { return !m_words && m_given.empty() && m_significant == 0; }
    std::string text(const TextFormatter& formatter) const;
    std::string english() const;

private:
    struct Number {
        double value;
        int significant;
        Dimension dimension{};
        bool unit = true;
    };
    explicit Phrase(Number number);
    Phrase(const char* words, std::initializer_list<const Phrase*> in);
    friend Phrase quantity(double, Dimension, int);
    friend Phrase withoutUnit(double, Dimension, int);
    friend Phrase words(const char*);
    friend Phrase words(const char*, const Phrase&);
    friend Phrase words(const char*, const Phrase&, const Phrase&);
    friend Phrase words(const char*, const Phrase&, const Phrase&, const Phrase&);
    friend Phrase words(const char*, const Phrase&, const Phrase&, const Phrase&, const Phrase&);

    const char* m_words = nullptr; ///< a literal, with %1 to %9 for what is in it
    std::string m_given;
    double m_number = 0;
    int m_significant = 0; ///< digits; 0 where this is no number
    int m_count = -1;      ///< of a template that counts
    Dimension m_dimension{};
    bool m_unit = true;
    std::vector<Phrase> m_in;
};

/// A phrase that is looked up. The text must stand as a literal in the call: data/translations/update gathers it.
Phrase words(const char* text);
Phrase words(const char* text, const Phrase& a);
Phrase words(const char* text, const Phrase& a, const Phrase& b);
Phrase words(const char* text, const Phrase& a, const Phrase& b, const Phrase& c);
Phrase words(const char* text, const Phrase& a, const Phrase& b, const Phrase& c, const Phrase& d);

/// A template that stands in a table until something is put into it: gathered for translators as words() are.
constexpr const char* said(const char* text) { return text; }
/// Three digits as they are read off an instrument, never more than two decimals.
Phrase figure(double value);

/// In files and tables a phrase is its English.
template <class Json> void to_json(Json& json, const Phrase& phrase) { json = phrase.english(); }

/// The core's own: templates as they are, numbers in plain form.
const TextFormatter& englishText();

} // namespace enkinet
