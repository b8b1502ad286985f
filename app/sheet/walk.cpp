#include "sheet/walk.h"

namespace enkinet::app {

namespace {
/// The next of a row, from the one in hand; from either end where none is.
void walk(Document& document, const std::vector<Selection>& row, int step) {
    if (row.empty()) return;
    const auto n = static_cast<int>(row.size());
    int at = -1;
    for (int i = 0; i < n; ++i)
        if (row[static_cast<std::size_t>(i)] == document.selection()) at = i;
    document.select(row[static_cast<std::size_t>(at < 0 ? (step > 0 ? 0 : n - 1) : (at + step + n) % n)]);
}
} // namespace

void walkJoints(Document& document, int step) {
    if (!document.hasPuppet()) return;
    const body::Skeleton& s = document.report().choice.skeleton;
    std::vector<Selection> row;
    for (const body::Hinge& h : s.hinges) {
        const body::LimbCopy& c = s.copies[static_cast<std::size_t>(h.copy)];
        row.push_back({Selection::Kind::joint, c.limb, h.joint, c.right});
    }
    walk(document, row, step);
}

void walkParts(Document& document, int step) {
    if (!document.hasPuppet()) return;
    std::vector<Selection> row;
    for (std::size_t i = 0; i < document.report().choice.parts.size(); ++i)
        row.push_back(selectionOf(document.report(), static_cast<int>(i)));
    walk(document, row, step);
}

Selection selectionOf(const results::Report& report, int part) {
    const body::Skeleton& s = report.choice.skeleton;
    const fill::Part& p = report.choice.parts[static_cast<std::size_t>(part)];
    if (p.mass >= 0) {
        const body::MassCopy& c = s.masses[static_cast<std::size_t>(p.mass)];
        return {Selection::Kind::mass, -1, c.mass, c.right};
    }
    const body::Link& link = s.links[static_cast<std::size_t>(p.link)];
    const body::LimbCopy& c = s.copies[static_cast<std::size_t>(link.copy)];
    return {Selection::Kind::segment, c.limb, link.segment, c.right};
}

} // namespace enkinet::app
