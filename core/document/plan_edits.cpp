// Edits of when things are done, and the log of what was.
#include "document/edits_detail.h"

namespace enkinet::document {

Edits::Changed Edits::setCalendar(const std::optional<Calendar>& calendar) const {
    if (calendar)
        if (auto f = checkCalendar(*calendar)) return *f;
    Production p = m_production;
    p.calendar = calendar;
    return p;
}

Edits::Changed Edits::setDeadline(std::optional<Minute> deadline) const {
    return puppetEdit([&](body::Puppet& p) -> std::optional<Fault> {
        p.deadline = deadline;
        return std::nullopt;
    });
}

Edits::Changed Edits::setShots(const std::vector<Shot>& shots) const {
    Production p = m_production;
    p.shots = shots;
    return makeProduction(std::move(p), m_shipped);
}

Edits::Changed Edits::setShots(const std::vector<Shot>& shots, const std::string& shot,
                               const std::vector<wire::WearTest>& wears) const {
    Production p = m_production;
    p.shots = shots;
    std::erase_if(p.stock.wearTests, [&](const auto& t) { return t.shot == shot; });
    p.stock.wearTests.insert(p.stock.wearTests.end(), wears.begin(), wears.end());
    return makeProduction(std::move(p), m_shipped);
}

Edits::Changed Edits::addLog(const std::vector<LogEntry>& entries) const {
    Production p = m_production;
    if (p.log.size() + entries.size() > kMostLogEntries)
        return Fault{words("log"), words("%1 entries", p.log.size()), words("are all that it can hold")};
    for (const LogEntry& e : entries) {
        if (auto f = checkLogEntry(e)) return *f;
        p.log.push_back(e);
    }
    return p;
}

} // namespace enkinet::document
