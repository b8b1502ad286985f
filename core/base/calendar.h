#pragma once
// Time on the shop's wall: minutes since the first of January 1970 by the local clock, without a zone, and the hours in
// which somebody is there. docs/mechanics.md 122.
#include "base/result.h"
#include "base/value.h"
#include <array>
#include <cstdint>
#include <optional>
#include <string>
#include <vector>

namespace enkinet {

using Minute = std::int64_t;
inline constexpr Minute kDay = 24 * 60;

/// "2026-11-30T10:00"; seconds are never shown.
std::string isoTime(Minute at);
/// "2026-11-30".
std::string isoDate(std::int64_t day);
/// "2026-11-30T10:00", also with seconds, which are dropped, or "2026-11-30" for its midnight; years 1970 to 2400.
std::optional<Minute> parseIsoTime(const std::string& text);
/// Day since 1970.
std::optional<std::int64_t> parseIsoDate(const std::string& text);
/// "10:00" to minutes since midnight, up to "24:00".
std::optional<int> parseClock(const std::string& text);
std::string clockText(int minute);
std::int64_t dayOf(Minute at);
/// 0 Monday to 6 Sunday.
int weekday(std::int64_t day);

/// From and to, minutes since midnight; to up to 24:00.
struct Span {
    int from = 0, to = 0;
    friend bool operator==(const Span&, const Span&) = default;
};

/// When the shop is open, and who is there.
struct Calendar {
    std::optional<Minute> start{};            ///< of the first step; none: now
    std::array<std::vector<Span>, 7> hours{}; ///< Monday first; of a day in order, apart
    std::vector<std::int64_t> daysOff{};      ///< in order, each once
    std::vector<std::string> people{};        ///< none: one pair of hands without a name
    /// Monday to Friday, ten to six, one person.
    static Calendar usual();
    int hands() const { return people.empty() ? 1 : static_cast<int>(people.size()); }
    ENKINET_COMPARED(Calendar)
};

/// The first rule that it breaks: spans in order and apart, some hours in the week, at most 12 people and 2,000 days
/// off.
std::optional<Fault> checkCalendar(const Calendar& calendar);

/// The calendar's hours laid out from a start on: reading is by bisection. Beyond three thousand days, and where all is
/// off, it is closed.
class OpenHours {
public:
    struct Window {
        Minute from, to;
        Minute before; ///< open minutes before it, since the start
    };
    OpenHours(const Calendar& calendar, Minute start);
    /// Windows given at once, in order and apart.
    explicit OpenHours(const std::vector<std::pair<Minute, Minute>>& windows);

    static constexpr Minute kNever = INT64_MAX / 4;
    /// Open minutes from the start to then.
    Minute openBefore(Minute at) const;
    Minute openBetween(Minute from, Minute to) const { return openBefore(to) - openBefore(from); }
    /// The first minute from then on with work to be done in; kNever beyond the last.
    Minute nextOpen(Minute at) const;
    /// Done when work begins at an open minute and rests while the shop is closed; kNever when there is not enough.
    Minute finish(Minute begin, Minute work) const;
    /// The latest begin of work that is done by then and rests while closed; below every start when there is not
    /// enough.
    Minute latestBegin(Minute done, Minute work) const;
    /// The first minute from then on at which so many minutes lie in one stretch; kNever when none is as long.
    Minute nextWhole(Minute at, Minute minutes) const;
    /// The last minute up to then by which so many minutes in one stretch end; minus kNever when none does.
    Minute lastWholeEnd(Minute at, Minute minutes) const;
    Minute longest() const { return m_longest; } ///< stretch
    const std::vector<Window>& windows() const { return m_windows; }

private:
    void add(Minute from, Minute to);
    std::size_t windowAt(Minute at) const; ///< the first that ends after then
    std::vector<Window> m_windows;
    Minute m_longest = 0;
};

} // namespace enkinet
