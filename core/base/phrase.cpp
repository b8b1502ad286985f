#include "base/phrase.h"
#include "base/quantity.h"
#include "base/result.h"
#include "base/text.h"
#include <cmath>
#include <cstring>

namespace enkinet {

Phrase::Phrase() = default;
Phrase::Phrase(const Phrase&) = default;
Phrase::Phrase(Phrase&&) noexcept = default;
Phrase& Phrase::operator=(const Phrase&) = default;
Phrase& Phrase::operator=(Phrase&&) noexcept = default;
Phrase::~Phrase() = default;
Phrase::Phrase(std::string given) : m_given(std::move(given)) {}
Phrase::Phrase(Number number)
    : m_number(number.value), m_significant(number.significant), m_dimension(number.dimension), m_unit(number.unit) {}
Phrase::Phrase(const char* words, std::initializer_list<const Phrase*> in) : m_words(words) {
    m_in.reserve(in.size());
    for (const Phrase* p : in)
        m_in.push_back(*p);
}

Phrase::Phrase(const char* words, std::vector<Phrase> in, int count)
    : m_words(words), m_count(count), m_in(std::move(in)) {}

Phrase words(const char* text) { return Phrase(text, {}); }
Phrase words(const char* text, const Phrase& a) { return Phrase(text, {&a}); }
Phrase words(const char* text, const Phrase& a, const Phrase& b) { return Phrase(text, {&a, &b}); }
Phrase words(const char* text, const Phrase& a, const Phrase& b, const Phrase& c) { return Phrase(text, {&a, &b, &c}); }
Phrase words(const char* text, const Phrase& a, const Phrase& b, const Phrase& c, const Phrase& d) {
    return Phrase(text, {&a, &b, &c, &d});
}

std::string Phrase::text(const TextFormatter& formatter) const {
    if (m_significant < 0 && !std::isfinite(m_number)) return formatter.words(words("no number").m_words, -1);
    if (m_significant != 0)
        return m_dimension == Dimension::none ? formatter.number(m_number, m_significant)
                                              : formatter.quantity(m_number, m_dimension, m_significant, m_unit);
    if (!m_words) return m_given;
    const std::string form = formatter.words(m_words, m_count);
    std::string said;
    for (std::size_t i = 0; i < form.size(); ++i) {
        const bool hole = form[i] == '%' && i + 1 < form.size() && form[i + 1] >= '1' && form[i + 1] <= '9';
        const std::size_t at = hole ? static_cast<std::size_t>(form[i + 1] - '1') : 0;
        if (hole && at < m_in.size()) {
            said += m_in[at].text(formatter);
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
           a.m_significant == b.m_significant && a.m_count == b.m_count && a.m_dimension == b.m_dimension &&
           a.m_unit == b.m_unit &&
           (a.m_number == b.m_number || (a.m_number != a.m_number && b.m_number != b.m_number)) && a.m_in == b.m_in;
}

std::string Phrase::english() const { return text(englishText()); }

const TextFormatter& englishText() {
    static const TextFormatter formatter{
        [](const char* words, int count) {
            std::string text = words;
            const auto put = [&](const char* what, const std::string& in) {
                for (std::size_t at = 0; (at = text.find(what, at)) != std::string::npos;)
                    text.replace(at, std::strlen(what), in), at += in.size();
            };
            if (count >= 0) put("%n", std::to_string(count)), put("(s)", count == 1 ? "" : "s");
            return text;
        },
        [](double value, int significant) { return plain(value, significant); },
        [](double value, Dimension dimension, int significant, bool unit) {
            return plain(value, significant) + (unit ? unitOf(dimension).english() : "");
        }};
    return formatter;
}

Phrase figure(double value) {
    const double a = std::abs(value);
    return {value, decimals(a >= 99.5 ? 0 : a >= 9.95 ? 1 : 2)};
}

Phrase quantity(double value, Dimension dimension, int significant) {
    return Phrase(Phrase::Number{value, significant, dimension, true});
}
Phrase withoutUnit(double value, Dimension dimension, int significant) {
    return Phrase(Phrase::Number{value, significant, dimension, false});
}

Phrase unitOf(Dimension dimension) {
    switch (dimension) {
    case Dimension::none:
        break;
    case Dimension::length:
        return words(" mm");
    case Dimension::distance:
        return words(" m");
    case Dimension::mass:
        return words(" g");
    case Dimension::force:
        return words(" N");
    case Dimension::moment:
        return words(" N·mm");
    case Dimension::angle:
        return words(" degrees");
    case Dimension::heat:
        return words(" C");
    case Dimension::seconds:
        return words(" s");
    case Dimension::minutes:
        return words(" min");
    case Dimension::hours:
        return words(" h");
    case Dimension::days:
        return words(" days");
    case Dimension::cycles:
        return words(" cycles");
    case Dimension::volume:
        return words(" ml");
    case Dimension::stress:
        return words(" MPa");
    case Dimension::stiffness:
        return words(" GPa");
    case Dimension::density:
        return words(" g/cm3");
    case Dimension::areaMass:
        return words(" g/m2");
    case Dimension::coverage:
        return words(" m2/l");
    case Dimension::scale:
        return words(" mm a pixel");
    case Dimension::conductivity:
        return words(" W/mK");
    case Dimension::capacity:
        return words(" J/kgK");
    case Dimension::transfer:
        return words(" W/m2K");
    case Dimension::rate:
        return words(" g an hour");
    }
    return {};
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

std::string Fault::sentence(const TextFormatter& formatter) const {
    const std::string what = value.text(formatter), how = rule.text(formatter);
    std::string s = brief(place.text(formatter));
    if (!what.empty()) s += (s.empty() ? "" : ": ") + brief(what);
    if (!how.empty()) s += (s.empty() ? "" : what.empty() ? ": " : " ") + brief(how, 400);
    return s;
}

} // namespace enkinet
