#pragma once
// What happened at the bench, in the order in which it was written down; nothing is ever taken out.
#include "base/calendar.h"
#include "document/step_move.h"
#include <map>

namespace enkinet::document {

enum class LogKind {
    started,  ///< a step is taken in hand; its clock runs from here
    paused,   ///< and stops here
    done,     ///< number: minutes of hands that it took; planned: what was reckoned for it
    undone,   ///< it was not done after all
    skipped,  ///< with the reason
    weighed,  ///< number: g
    measured, ///< number: mm
    oven,     ///< number: °C
    trouble,  ///< crack, sag, bubble, stuck, broke: in the text
    trial,    ///< something tried, with its result
    ticked,   ///< of the step's gate: item; every other time it is taken off again
    regret,   ///< shown at the same step of the next puppet
    note
};

struct LogEntry {
    std::int64_t at_s = 0; ///< on the shop's wall, seconds since 1970 without a zone
    std::string puppet;    ///< id; empty: the whole production
    int copy = 1;
    std::string step, part; ///< id of a step; label of a part
    LogKind kind = LogKind::note;
    double number = 0, planned = 0;  ///< 0: none
    std::string unit, text, picture; ///< picture: name inside the container
    std::string item{};              ///< of a tick: what was looked at, of make::keysOf
    /// How far the wall's clock was ahead of UTC; older files do not say.
    std::optional<int> offset_min{};
    Minute at() const { return at_s / 60; }
    friend bool operator==(const LogEntry&, const LogEntry&) = default;
};

/// The clock on the shop's wall, and how far it is ahead of UTC where that is known.
struct WallTime {
    Minute at = 0;
    std::optional<int> offset_min{};
    WallTime(Minute at_min, std::optional<int> offset = {}) : at(at_min), offset_min(offset) {}
};

inline constexpr std::size_t kMostLogEntries = 20000;
/// "2026-11-30T10:00:05".
std::string isoSeconds(std::int64_t at_s);
std::optional<std::int64_t> parseIsoSeconds(const std::string& text);

/// How far a step of a puppet's copy has come.
struct StepState {
    bool done = false, skipped = false, running = false;
    std::int64_t begun_s = 0, ended_s = 0; ///< first begin; end, where it is done or skipped
    std::int64_t since_s = 0;              ///< the running clock's begin
    double worked_min = 0;                 ///< of the clocks that have stopped; done: as written
    double workedUntil(std::int64_t now_s) const {
        // A clock that was set back has not undone any work.
        return worked_min + (running ? std::max(0.0, static_cast<double>(now_s - since_s) / 60) : 0);
    }
    friend bool operator==(const StepState&, const StepState&) = default;
};
/// Of the items of a step's gate, by their keys, which are ticked. What has changed since it was looked at is not, nor
/// what older versions ticked by its place in the list.
std::vector<bool> findTicks(const std::vector<LogEntry>& log, const std::string& puppet, int copy,
                            const std::string& step, const std::vector<std::string>& items);
/// Of every step that the log names, in one pass. Times are told by a clock that is so far ahead of UTC, so that an
/// hour of summer time between two entries is neither lost nor won; none: by the last entry's clock.
std::map<StepKey, StepState> findStepStates(const std::vector<LogEntry>& log, std::optional<int> offset_min = {});
StepState findStepState(const std::vector<LogEntry>& log, const std::string& puppet, int copy, const std::string& step);

} // namespace enkinet::document
