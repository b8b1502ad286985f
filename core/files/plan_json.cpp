#include "files/plan_json.h"
#include <algorithm>

namespace enkinet::files {

using document::LogEntry;
using document::LogKind;

namespace {

constexpr const char* kDays[] = {"mon", "tue", "wed", "thu", "fri", "sat", "sun"};
const std::map<std::string, LogKind> kLogKinds{
    {"started", LogKind::started},   {"paused", LogKind::paused},   {"done", LogKind::done},
    {"undone", LogKind::undone},     {"skipped", LogKind::skipped}, {"weighed", LogKind::weighed},
    {"measured", LogKind::measured}, {"oven", LogKind::oven},       {"trouble", LogKind::trouble},
    {"trial", LogKind::trial},       {"ticked", LogKind::ticked},   {"regret", LogKind::regret},
    {"note", LogKind::note}};

} // namespace

const char* logWord(LogKind kind) {
    for (const auto& [word, k] : kLogKinds)
        if (k == kind) return word.c_str();
    return "";
}

std::optional<Minute> readTime(Reader& r, const char* key) {
    const std::string text = r.text(key, "");
    if (text.empty()) return {};
    const auto at = parseIsoTime(text);
    if (!at)
        r.fail(std::string(key) + " \"" + text.substr(0, 40) + "\"", words("must be a time such as 2026-11-30T10:00"));
    return at;
}

Calendar readCalendar(Reader& r) {
    Calendar c;
    c.start = readTime(r, "start");
    r.object("hours", [&](Reader& x) {
        for (std::size_t d = 0; d < 7; ++d) {
            const auto clocks = x.texts(kDays[d], 24);
            if (clocks.size() % 2)
                return x.fail(std::string(kDays[d]), words("must be a list of from and to, from and to"));
            for (std::size_t i = 0; i + 1 < clocks.size(); i += 2) {
                const auto from = parseClock(clocks[i]), to = parseClock(clocks[i + 1]);
                if (!from || !to)
                    return x.fail(std::string(kDays[d]) + " \"" + clocks[from ? i + 1 : i].substr(0, 20) + "\"",
                                  words("must be a time of day such as 10:00"));
                c.hours[d].push_back({*from, *to});
            }
        }
    });
    if (!r.has("hours")) c.hours = Calendar::usual().hours;
    for (const std::string& text : r.texts("days_off", 2000)) {
        const auto day = parseIsoDate(text);
        if (!day) {
            r.fail(words("days_off \"%1\"", text.substr(0, 40)), words("must be a day such as 2026-12-24"));
            break;
        }
        c.daysOff.push_back(*day);
    }
    std::sort(c.daysOff.begin(), c.daysOff.end());
    c.daysOff.erase(std::unique(c.daysOff.begin(), c.daysOff.end()), c.daysOff.end());
    c.people = r.texts("people", 12);
    return c;
}

Json calendarJson(const Calendar& c) {
    Json j = Json::object(), hours = Json::object();
    if (c.start) j["start"] = isoTime(*c.start);
    for (std::size_t d = 0; d < 7; ++d)
        for (const Span& s : c.hours[d]) {
            listIn(hours, kDays[d]).push_back(clockText(s.from));
            listIn(hours, kDays[d]).push_back(clockText(s.to));
        }
    j["hours"] = std::move(hours);
    j["days_off"] = Json::array();
    for (std::int64_t d : c.daysOff)
        listIn(j, "days_off").push_back(isoDate(d));
    if (!c.people.empty()) j["people"] = c.people;
    return j;
}

namespace {
document::StepKey readKey(Reader& r) { return {r.neededText("puppet"), r.whole("copy", 1), r.neededText("step")}; }
Json keyJson(const document::StepKey& k) {
    Json j{{"puppet", k.puppet}, {"step", k.step}};
    if (k.copy != 1) j["copy"] = k.copy;
    return j;
}
} // namespace

document::StepMove readMove(Reader& r) {
    document::StepMove m;
    m.step = readKey(r), m.notBefore = readTime(r, "not_before");
    r.object("before", [&](Reader& x) { m.before = readKey(x); });
    return m;
}

Json moveJson(const document::StepMove& m) {
    Json j = keyJson(m.step);
    if (m.notBefore) j["not_before"] = isoTime(*m.notBefore);
    if (m.before) j["before"] = keyJson(*m.before);
    return j;
}

LogEntry readLogEntry(Reader& r) {
    LogEntry e;
    const std::string at = r.neededText("at");
    if (const auto s = document::parseIsoSeconds(at))
        e.at_s = *s;
    else
        r.fail(words("at \"%1\"", at.substr(0, 40)), words("must be a time such as 2026-11-30T10:00:00"));
    e.puppet = r.text("puppet", ""), e.copy = r.whole("copy", 1);
    e.step = r.text("step", ""), e.part = r.text("part", "");
    e.kind = r.word("kind", kLogKinds, LogKind::note);
    e.number = r.number("number", 0), e.planned = r.number("planned_min", 0);
    e.unit = r.text("unit", ""), e.text = r.text("text", ""), e.picture = r.text("picture", "");
    e.item = r.text("item", "");
    if (r.has("utc_offset_min")) e.offset_min = r.whole("utc_offset_min", 0);
    return e;
}

Json logEntryJson(const LogEntry& e) {
    Json j{{"at", document::isoSeconds(e.at_s)}, {"kind", logWord(e.kind)}};
    if (!e.puppet.empty()) j["puppet"] = e.puppet;
    if (e.copy != 1) j["copy"] = e.copy;
    for (const auto& [key, text] : {std::pair{"step", &e.step},
                                    {"part", &e.part},
                                    {"unit", &e.unit},
                                    {"text", &e.text},
                                    {"picture", &e.picture},
                                    {"item", &e.item}})
        if (!text->empty()) j[key] = *text;
    if (e.offset_min) j["utc_offset_min"] = *e.offset_min;
    if (e.number != 0) j["number"] = e.number;
    if (e.planned != 0) j["planned_min"] = e.planned;
    return j;
}

} // namespace enkinet::files
