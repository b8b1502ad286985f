#include "base/calendar.h"
#include <algorithm>
#include <charconv>
#include <chrono>
#include <fmt/format.h>

namespace enkinet {

ENKINET_COMPARED_BODY(Calendar)

namespace {

/// Digits at a place of the text, or nothing where anything else stands there.
std::optional<int> digits(const std::string& text, std::size_t at, std::size_t count) {
    if (text.size() < at + count) return {};
    int value = 0;
    const char* from = text.data() + at;
    const auto [end, error] = std::from_chars(from, from + count, value);
    if (error != std::errc{} || end != from + count || *from == '-') return {};
    return value;
}

constexpr int kMostDays = 3000;

} // namespace

std::int64_t dayOf(Minute at) { return at >= 0 ? at / kDay : -((-at + kDay - 1) / kDay); }

int weekday(std::int64_t day) { return static_cast<int>(((day + 3) % 7 + 7) % 7); } // 1970 began on a Thursday

std::string isoDate(std::int64_t day) {
    using namespace std::chrono;
    const year_month_day d{sys_days{days{day}}};
    return fmt::format("{:04}-{:02}-{:02}", static_cast<int>(d.year()), static_cast<unsigned>(d.month()),
                       static_cast<unsigned>(d.day()));
}

std::string clockText(int minute) { return fmt::format("{:02}:{:02}", minute / 60, minute % 60); }

std::string isoTime(Minute at) {
    const std::int64_t day = dayOf(at);
    return isoDate(day) + "T" + clockText(static_cast<int>(at - day * kDay));
}

std::optional<std::int64_t> parseIsoDate(const std::string& text) {
    using namespace std::chrono;
    if (text.size() != 10 || text[4] != '-' || text[7] != '-') return {};
    const auto y = digits(text, 0, 4), m = digits(text, 5, 2), d = digits(text, 8, 2);
    if (!y || !m || !d || *y < 1970 || *y > 2400) return {};
    const year_month_day date{year{*y}, month{static_cast<unsigned>(*m)}, day{static_cast<unsigned>(*d)}};
    if (!date.ok()) return {};
    return sys_days{date}.time_since_epoch().count();
}

std::optional<int> parseClock(const std::string& text) {
    if (text.size() != 5 || text[2] != ':') return {};
    const auto h = digits(text, 0, 2), m = digits(text, 3, 2);
    if (!h || !m || *m > 59 || *h * 60 + *m > kDay) return {};
    return *h * 60 + *m;
}

std::optional<Minute> parseIsoTime(const std::string& text) {
    const auto day = parseIsoDate(text.substr(0, 10));
    if (!day) return {};
    if (text.size() == 10) return *day * kDay;
    if (text[10] != 'T' || (text.size() != 16 && text.size() != 19)) return {};
    const auto clock = parseClock(text.substr(11, 5));
    if (!clock) return {};
    if (text.size() == 19 && (text[16] != ':' || !digits(text, 17, 2) || *digits(text, 17, 2) > 60)) return {};
    return *day * kDay + *clock;
}

Calendar Calendar::usual() {
    Calendar c;
    for (std::size_t d = 0; d < 5; ++d)
        c.hours[d] = {{10 * 60, 18 * 60}};
    return c;
}

std::optional<Fault> checkCalendar(const Calendar& c) {
    bool open = false;
    for (const auto& spans : c.hours) {
        int last = -1;
        for (const Span& s : spans) {
            const Phrase value =
                words("%1 to %2", clockText(std::clamp(s.from, 0, 1440)), clockText(std::clamp(s.to, 0, 1440)));
            if (s.from < 0 || s.to > kDay || s.from >= s.to)
                return Fault{words("calendar"), value, words("must end after it begins, within a day")};
            if (s.from <= last)
                return Fault{words("calendar"), value, words("must begin after the one before it has ended")};
            last = s.to, open = true;
        }
        if (spans.size() > 12)
            return Fault{words("calendar"), words("a day of %1 stretches", spans.size()),
                         words("must have at most 12")};
    }
    if (!open)
        return Fault{words("calendar"), words("no hours at all"), words("can hold any work: open one day a week")};
    if (c.daysOff.size() > 2000)
        return Fault{words("calendar"), words("%1 days off", c.daysOff.size()), words("must be at most 2000")};
    if (!std::is_sorted(c.daysOff.begin(), c.daysOff.end()) ||
        std::adjacent_find(c.daysOff.begin(), c.daysOff.end()) != c.daysOff.end())
        return Fault{words("calendar"), words("days off"), words("must stand in order, each once")};
    if (c.people.size() > 12)
        return Fault{words("calendar"), words("%1 people", c.people.size()), words("must be at most 12")};
    for (std::size_t i = 0; i < c.people.size(); ++i) {
        if (c.people[i].empty() || c.people[i].size() > 80)
            return Fault{words("calendar"), words("person"), words("must have a name of at most 80 letters")};
        if (std::find(c.people.begin(), c.people.begin() + static_cast<std::ptrdiff_t>(i), c.people[i]) !=
            c.people.begin() + static_cast<std::ptrdiff_t>(i))
            return Fault{words("calendar"), words("person \"%1\"", c.people[i]), words("must be named once")};
    }
    if (c.start && (*c.start < 0 || *c.start > 226'000'000))
        return Fault{words("calendar"), words("start"), words("must lie between 1970 and 2400")};
    return {};
}

void OpenHours::add(Minute from, Minute to) {
    if (from >= to) return;
    const Minute before = m_windows.empty() ? 0 : m_windows.back().before + m_windows.back().to - m_windows.back().from;
    // What ends at midnight and goes on at midnight is one stretch.
    if (!m_windows.empty() && m_windows.back().to == from)
        m_windows.back().to = to;
    else
        m_windows.push_back({from, to, before});
    m_longest = std::max(m_longest, m_windows.back().to - m_windows.back().from);
}

OpenHours::OpenHours(const Calendar& calendar, Minute start) {
    const std::int64_t first = dayOf(start);
    for (std::int64_t d = first; d < first + kMostDays; ++d) {
        if (std::binary_search(calendar.daysOff.begin(), calendar.daysOff.end(), d)) continue;
        for (const Span& s : calendar.hours[static_cast<std::size_t>(weekday(d))])
            add(std::max(start, d * kDay + s.from), d * kDay + s.to);
    }
}

OpenHours::OpenHours(const std::vector<std::pair<Minute, Minute>>& windows) {
    for (const auto& [from, to] : windows)
        add(from, to);
}

std::size_t OpenHours::windowAt(Minute at) const {
    return static_cast<std::size_t>(
        std::upper_bound(m_windows.begin(), m_windows.end(), at, [](Minute t, const Window& w) { return t < w.to; }) -
        m_windows.begin());
}

Minute OpenHours::openBefore(Minute at) const {
    const std::size_t i = windowAt(at);
    if (i == m_windows.size())
        return m_windows.empty() ? 0 : m_windows.back().before + m_windows.back().to - m_windows.back().from;
    return m_windows[i].before + std::max<Minute>(0, at - m_windows[i].from);
}

Minute OpenHours::nextOpen(Minute at) const {
    const std::size_t i = windowAt(at);
    return i == m_windows.size() ? kNever : std::max(at, m_windows[i].from);
}

Minute OpenHours::finish(Minute begin, Minute work) const {
    if (work <= 0) return begin;
    std::size_t i = windowAt(begin);
    for (; i < m_windows.size(); ++i) {
        const Minute from = std::max(begin, m_windows[i].from), room = m_windows[i].to - from;
        if (work <= room) return from + work;
        work -= room;
    }
    return kNever;
}

Minute OpenHours::latestBegin(Minute done, Minute work) const {
    if (work <= 0) return done;
    std::size_t i = windowAt(done - 1);
    for (std::size_t k = std::min(i + 1, m_windows.size()); k-- > 0;) {
        const Minute to = std::min(done, m_windows[k].to), room = to - m_windows[k].from;
        if (room <= 0) continue;
        if (work <= room) return to - work;
        work -= room;
    }
    return -kNever;
}

Minute OpenHours::nextWhole(Minute at, Minute minutes) const {
    for (std::size_t i = windowAt(at); i < m_windows.size(); ++i) {
        const Minute from = std::max(at, m_windows[i].from);
        if (m_windows[i].to - from >= minutes) return from;
    }
    return kNever;
}

Minute OpenHours::lastWholeEnd(Minute at, Minute minutes) const {
    for (std::size_t k = std::min(windowAt(at - 1) + 1, m_windows.size()); k-- > 0;) {
        const Minute to = std::min(at, m_windows[k].to);
        if (to - m_windows[k].from >= minutes) return to;
    }
    return -kNever;
}

} // namespace enkinet
