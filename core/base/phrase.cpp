#include "base/phrase.h"
#include "base/result.h"
#include "base/text.h"

namespace enkinet {

Phrase::Phrase() = default;
Phrase::Phrase(const Phrase&) = default;
Phrase::Phrase(Phrase&&) noexcept = default;
Phrase& Phrase::operator=(const Phrase&) = default;
Phrase& Phrase::operator=(Phrase&&) noexcept = default;
Phrase::~Phrase() = default;
Phrase::Phrase(std::string given) : m_given(std::move(given)) {}
Phrase::Phrase(Number number) : m_number(number.value), m_significant(number.significant) {}
Phrase::Phrase(const char* words, std::initializer_list<const Phrase*> in) : m_words(words) {
    m_in.reserve(in.size());
    for (const Phrase* p : in)
        m_in.push_back(*p);
}

Phrase words(const char* text) { return Phrase(text, {}); }
Phrase words(const char* text, const Phrase& a) { return Phrase(text, {&a}); }
Phrase words(const char* text, const Phrase& a, const Phrase& b) { return Phrase(text, {&a, &b}); }
Phrase words(const char* text, const Phrase& a, const Phrase& b, const Phrase& c) { return Phrase(text, {&a, &b, &c}); }
Phrase words(const char* text, const Phrase& a, const Phrase& b, const Phrase& c, const Phrase& d) {
    return Phrase(text, {&a, &b, &c, &d});
}

std::string Phrase::text(const Tongue& tongue) const {
    if (m_significant > 0) return tongue.number(m_number, m_significant);
    if (!m_words) return m_given;
    const std::string form = tongue.words(m_words);
    std::string said;
    for (std::size_t i = 0; i < form.size(); ++i) {
        const bool hole = form[i] == '%' && i + 1 < form.size() && form[i + 1] >= '1' && form[i + 1] <= '9';
        const std::size_t at = hole ? static_cast<std::size_t>(form[i + 1] - '1') : 0;
        if (hole && at < m_in.size()) {
            said += m_in[at].text(tongue);
            ++i;
        } else {
            said += form[i];
        }
    }
    return said;
}

bool operator==(const Phrase& a, const Phrase& b) {
    const bool looked = a.m_words && b.m_words;
    return (looked ? std::string_view(a.m_words) == b.m_words : a.m_words == b.m_words) && a.m_given == b.m_given &&
           a.m_significant == b.m_significant &&
           (a.m_number == b.m_number || (a.m_number != a.m_number && b.m_number != b.m_number)) && a.m_in == b.m_in;
}

std::string Phrase::english() const { return text(englishTongue()); }

const Tongue& englishTongue() {
    static const Tongue tongue{[](const char* words) { return std::string(words); },
                               [](double value, int significant) { return plain(value, significant); }};
    return tongue;
}

namespace {

std::string brief(std::string part, std::size_t most = 150) {
    if (part.size() > most) {
        std::size_t cut = most;
        while (cut > 0 && (static_cast<unsigned char>(part[cut]) & 0xC0) == 0x80)
            --cut; // not inside a letter
        part = part.substr(0, cut) + "...";
    }
    for (char& c : part)
        if (static_cast<unsigned char>(c) < 32) c = ' ';
    return part;
}

} // namespace

std::string Fault::sentence(const Tongue& tongue) const {
    const std::string what = value.text(tongue), how = rule.text(tongue);
    std::string s = brief(place.text(tongue));
    if (!what.empty()) s += (s.empty() ? "" : ": ") + brief(what);
    if (!how.empty()) s += (s.empty() ? "" : what.empty() ? ": " : " ") + brief(how, 400);
    return s;
}

} // namespace enkinet
