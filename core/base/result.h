#pragma once
// Bad input is a value, not an exception: the place, the value found there and the rule it breaks.
#include "base/check.h"
#include "base/phrase.h"
#include <string>
#include <utility>
#include <variant>

namespace enkinet {

/// One sentence about bad input, in three parts: "joint knee: gap 0 mm must be above 0".
struct Fault {
    Phrase place; ///< where, as the user knows it: "Tansy, joint knee"
    Phrase value; ///< what was found: "gap 0 mm"
    Phrase rule;  ///< what holds instead: "must be above 0"

    /// What a file or a hand put in is quoted in part only, however long it was, and on one line.
    std::string sentence(const TextFormatter& formatter = englishText()) const;
};

/// Either a value or the Fault that stands in its way; the caller's data is unchanged in the second case.
template <class T> class [[nodiscard]] Result {
public:
    Result(T value) : m_content(std::move(value)) {}
    Result(Fault fault) : m_content(std::move(fault)) {}
    explicit operator bool() const { return m_content.index() == 0; }
    const T& operator*() const { return get(); }
    const T* operator->() const { return &get(); }
    const T& get() const {
        ENKINET_ASSERT(m_content.index() == 0);
        return std::get<0>(m_content);
    }
    T take() {
        ENKINET_ASSERT(m_content.index() == 0);
        return std::move(std::get<0>(m_content));
    }
    const Fault& fault() const {
        ENKINET_ASSERT(m_content.index() == 1);
        return std::get<1>(m_content);
    }

private:
    std::variant<T, Fault> m_content;
};

} // namespace enkinet
