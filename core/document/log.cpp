#include "document/log.h"
#include "base/text.h"
#include <algorithm>
#include <cmath>
#include <fmt/format.h>

namespace enkinet::document {

std::string isoSeconds(std::int64_t at_s) { return isoTime(at_s / 60) + fmt::format(":{:02}", at_s % 60); }

std::optional<std::int64_t> parseIsoSeconds(const std::string& text) {
    const auto minute = parseIsoTime(text);
    if (!minute) return {};
    std::int64_t s = *minute * 60;
    if (text.size() == 19) s += std::min(59, (text[17] - '0') * 10 + text[18] - '0');
    return s;
}

std::vector<bool> findTicks(const std::vector<LogEntry>& log, const std::string& puppet, int copy,
                            const std::string& step, const std::vector<std::string>& items) {
    std::vector<bool> ticks(items.size(), false);
    for (const LogEntry& e : log) {
        if (e.kind != LogKind::ticked || e.step != step || e.puppet != puppet || e.copy != copy) continue;
        const auto at = std::find(items.begin(), items.end(), e.item);
        if (at != items.end()) ticks[static_cast<std::size_t>(at - items.begin())].flip();
    }
    return ticks;
}

namespace {

std::optional<int> lastOffset(const std::vector<LogEntry>& log) {
    const auto last =
        std::find_if(log.rbegin(), log.rend(), [](const LogEntry& e) { return e.offset_min.has_value(); });
    return last == log.rend() ? std::nullopt : last->offset_min;
}

struct Walk {
    StepState s;
    bool begun = false;
    void take(const LogEntry& e, std::optional<int> offset_min) {
        const std::int64_t at_s =
            e.at_s + (e.offset_min && offset_min ? std::int64_t{60} * (*offset_min - *e.offset_min) : 0);
        switch (e.kind) {
        case LogKind::started:
            if (!begun) s.begun_s = at_s, begun = true;
            if (!s.running) s.since_s = at_s;
            s.running = true, s.done = s.skipped = false;
            break;
        case LogKind::paused:
            if (s.running) s.worked_min += std::max(0.0, static_cast<double>(at_s - s.since_s) / 60);
            s.running = false;
            break;
        case LogKind::done:
            s.done = true, s.running = false, s.skipped = false;
            s.worked_min = e.number, s.ended_s = at_s;
            if (!begun) s.begun_s = at_s - static_cast<std::int64_t>(std::llround(e.number * 60)), begun = true;
            break;
        case LogKind::skipped:
            s.skipped = true, s.running = false, s.done = false, s.ended_s = at_s;
            if (!begun) s.begun_s = at_s, begun = true;
            break;
        case LogKind::undone:
            s = {}, begun = false;
            break;
        default:
            break;
        }
    }
};

} // namespace

std::map<StepKey, StepState> findStepStates(const std::vector<LogEntry>& log, std::optional<int> offset_min) {
    if (!offset_min) offset_min = lastOffset(log);
    std::map<StepKey, Walk> walks;
    for (const LogEntry& e : log)
        if (!e.step.empty()) walks[{e.puppet, e.copy, e.step}].take(e, offset_min);
    std::map<StepKey, StepState> states;
    for (const auto& [key, walk] : walks)
        states.emplace(key, walk.s);
    return states;
}

StepState findStepState(const std::vector<LogEntry>& log, const std::string& puppet, int copy,
                        const std::string& step) {
    Walk walk;
    const std::optional<int> offset_min = lastOffset(log);
    for (const LogEntry& e : log)
        if (e.step == step && e.puppet == puppet && e.copy == copy) walk.take(e, offset_min);
    return walk.s;
}

} // namespace enkinet::document
