// Edits of when things are done, and the log of what was.
#include "document/edits_detail.h"
#include "schema/limits.h"
#include <algorithm>

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
        if (auto f = schema::findBroken(e)) return *f;
        p.log.push_back(e);
    }
    return p;
}

Edits::Changed Edits::addLog(const std::vector<LogEntry>& entries, const std::vector<Use>& uses) const {
    auto changed = addLog(entries);
    if (!changed) return changed.fault();
    Production p = changed.take();
    for (const Use& u : uses) {
        const auto take = [&](std::vector<Held>& shelf) {
            double left = u.amount;
            for (Held& h : shelf)
                if (h.card == u.card) {
                    const double now = std::max(0.0, h.amount - left);
                    left -= h.amount - now, h.amount = now;
                }
        };
        if (u.ware == Ware::clay) take(p.stock.clays_g);
        if (u.ware == Ware::paint) take(p.stock.paints_ml);
        if (u.ware == Ware::foil && p.stock.foil.length_m > 0)
            setFoilLength(p.stock, std::max(0.0, p.stock.foil.length_m - u.amount));
    }
    return p;
}

Edits::Changed Edits::addLog(const std::vector<LogEntry>& entries, const std::string& pictureBytes) const {
    auto changed = addLog(entries);
    if (!changed) return changed.fault();
    Production p = changed.take();
    if (entries.empty() || entries.back().picture.empty())
        return Fault{words("log"), words("picture"), words("must be named")};
    if (auto f = checkPicture(p, pictureBytes.size())) return *f;
    p.pictures[entries.back().picture] = Bytes(pictureBytes);
    return p;
}

Edits::Changed Edits::moveStep(const StepMove& move) const {
    Production p = m_production;
    std::erase_if(p.moves, [&](const StepMove& m) { return m.step == move.step; });
    p.moves.push_back(move);
    return makeProduction(std::move(p), m_shipped);
}

Edits::Changed Edits::dropMove(std::size_t index) const {
    Production p = m_production;
    if (index >= p.moves.size()) return Fault{words("plan"), words("move %1", index + 1), words("is not there")};
    p.moves.erase(p.moves.begin() + static_cast<std::ptrdiff_t>(index));
    return p;
}

} // namespace enkinet::document
