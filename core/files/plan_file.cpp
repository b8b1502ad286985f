#include "files/plan_file.h"
#include "files/csv.h"
#include <ctime>
#include <fmt/format.h>

namespace enkinet::files {

using results::Planned;
using results::ProductionPlan;
using results::ProductionResult;
using results::StepRef;

namespace {

std::string stamp(Minute at) {
    std::string t = isoTime(at);
    std::erase(t, '-'), std::erase(t, ':');
    return t + "00";
}

/// The shop's clock is local; a stamp is in UTC (RFC 5545, 3.3.5, form 2).
std::string utcStamp(Minute at) {
    const std::int64_t day = dayOf(at);
    std::tm local{};
    const std::string iso = isoTime(at);
    local.tm_year = std::stoi(iso.substr(0, 4)) - 1900, local.tm_mon = std::stoi(iso.substr(5, 2)) - 1;
    local.tm_mday = std::stoi(iso.substr(8, 2)), local.tm_hour = static_cast<int>((at - day * kDay) / 60);
    local.tm_min = static_cast<int>(at % 60), local.tm_isdst = -1;
    const std::time_t t = std::mktime(&local);
    std::tm utc{};
    gmtime_r(&t, &utc);
    return fmt::format("{:04}{:02}{:02}T{:02}{:02}00Z", utc.tm_year + 1900, utc.tm_mon + 1, utc.tm_mday, utc.tm_hour,
                       utc.tm_min);
}

/// FNV-1a, 64 bits.
std::uint64_t hashOf(const std::string& text) {
    std::uint64_t h = 14695981039346656037u;
    for (const char c : text)
        h = (h ^ static_cast<unsigned char>(c)) * 1099511628211u;
    return h;
}

/// RFC 5545, 3.3.11.
std::string icsText(const std::string& text) {
    std::string out;
    for (char c : text) {
        if (c == '\\' || c == ';' || c == ',') out += '\\';
        if (c == '\n')
            out += "\\n";
        else if (static_cast<unsigned char>(c) >= 32)
            out += c;
    }
    return out;
}

/// Lines of at most 75 bytes, folded between letters (RFC 5545, 3.1).
void putLine(std::string& out, const std::string& line) {
    std::size_t from = 0, room = 75;
    while (line.size() - from > room) {
        std::size_t cut = from + room;
        while (cut > from && (static_cast<unsigned char>(line[cut]) & 0xC0) == 0x80)
            --cut;
        out += line.substr(from, cut - from) + "\r\n ";
        from = cut, room = 74;
    }
    out += line.substr(from) + "\r\n";
}

const make::Step& stepOf(const ProductionResult& result, const StepRef& ref) {
    return result.puppets[static_cast<std::size_t>(ref.puppet)]->plan.steps[static_cast<std::size_t>(ref.step)];
}

std::string nameOf(const document::Production& p, const StepRef& ref) {
    const body::Puppet& puppet = p.puppets[static_cast<std::size_t>(ref.puppet)];
    return puppet.things.copies > 1 ? fmt::format("{} {}", puppet.name, ref.copy) : puppet.name;
}

} // namespace

std::string planId(const document::Production& p, const StepRef& ref, const make::Step& step) {
    return fmt::format("{}.{}/{}", p.puppets[static_cast<std::size_t>(ref.puppet)].id, ref.copy, step.id);
}

std::string personOf(const document::Production& p, const Planned& step) {
    const auto& people = document::findCalendar(p).people;
    const auto who = static_cast<std::size_t>(step.at.person);
    return step.at.person >= 0 && who < people.size() ? people[who] : std::string();
}

std::string writeIcs(const document::Production& p, const ProductionResult& result, const ProductionPlan& plan,
                     const StepWords& words) {
    std::string out;
    putLine(out, "BEGIN:VCALENDAR");
    putLine(out, "VERSION:2.0");
    putLine(out, "PRODID:-//Enkinet//plan//EN");
    // When it was made, in UTC; the plan's own start stands for it, so that one plan gives one file.
    const std::string made = utcStamp(plan.start);
    // Two productions may have puppets and steps of one id each; what they are called keeps their events apart.
    const std::string whose = fmt::format("{:016x}", hashOf(p.name + "\n" + p.note));
    const auto event = [&](const std::string& uid, Minute from, Minute to, const std::string& what, bool busy) {
        putLine(out, "BEGIN:VEVENT");
        putLine(out, "UID:" + icsText(uid) + "@" + whose + ".enkinet");
        putLine(out, "DTSTAMP:" + made);
        putLine(out, "DTSTART:" + stamp(from));
        putLine(out, "DTEND:" + stamp(to));
        putLine(out, "SUMMARY:" + icsText(what));
        if (!busy) putLine(out, "TRANSP:TRANSPARENT");
        putLine(out, "END:VEVENT");
    };
    for (const Planned& s : plan.steps) {
        const make::Step& step = stepOf(result, s.step);
        const std::string id = planId(p, s.step, step), what = nameOf(p, s.step) + ": " + words(step);
        for (std::size_t k = 0; k < s.work.size(); ++k)
            event(id + (k ? "/" + std::to_string(k + 1) : ""), s.work[k].first, s.work[k].second, what, true);
        if (s.at.done - s.at.handsEnd >= 60) event(id + "/wait", s.at.handsEnd, s.at.done, what, false);
    }
    putLine(out, "END:VCALENDAR");
    return out;
}

std::string writeLogCsv(const std::vector<document::LogEntry>& log) {
    std::string out = csvLine({"at", "puppet", "copy", "step", "part", "kind", "number", "unit", "text"});
    for (const document::LogEntry& e : log)
        out += csvLine({document::isoSeconds(e.at_s), e.puppet, std::to_string(e.copy), e.step, e.part,
                        schema::wordOf(e.kind), e.number == 0 ? "" : fmt::format("{:g}", e.number), e.unit, e.text});
    return out;
}

std::string writePlanCsv(const document::Production& p, const ProductionResult& result, const ProductionPlan& plan,
                         const StepWords& words) {
    std::string out =
        csvLine({"id", "puppet", "copy", "step", "start", "hands_done", "done", "hands_min", "wait_min", "person"});
    for (const Planned& s : plan.steps) {
        const make::Step& step = stepOf(result, s.step);
        Minute hands = 0;
        for (const auto& [from, to] : s.work)
            hands += to - from;
        out += csvLine({planId(p, s.step, step), p.puppets[static_cast<std::size_t>(s.step.puppet)].name,
                        std::to_string(s.step.copy), words(step), isoTime(s.at.from), isoTime(s.at.handsEnd),
                        isoTime(s.at.done), std::to_string(hands), std::to_string(s.at.done - s.at.handsEnd),
                        personOf(p, s)});
    }
    return out;
}

} // namespace enkinet::files
