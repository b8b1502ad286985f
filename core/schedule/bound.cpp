// What no schedule can beat: an end is ruled out when some stretch of time holds less than must be done within it.
#include "base/check.h"
#include "base/stop.h"
#include "schedule/detail.h"
#include <algorithm>

namespace enkinet::schedule {

std::vector<int> orderOf(const Problem& p) {
    std::vector<int> left(p.tasks.size()), order;
    const auto next = findFollowers(p);
    for (std::size_t i = 0; i < p.tasks.size(); ++i) {
        left[i] = static_cast<int>(p.tasks[i].after.size());
        if (left[i] == 0) order.push_back(static_cast<int>(i));
    }
    for (std::size_t k = 0; k < order.size(); ++k)
        for (int f : next[static_cast<std::size_t>(order[k])])
            if (--left[static_cast<std::size_t>(f)] == 0) order.push_back(f);
    ENKINET_ASSERT(order.size() == p.tasks.size());
    return order;
}

std::vector<std::vector<int>> findFollowers(const Problem& p) {
    std::vector<std::vector<int>> next(p.tasks.size());
    for (std::size_t i = 0; i < p.tasks.size(); ++i)
        for (int a : p.tasks[i].after)
            next[static_cast<std::size_t>(a)].push_back(static_cast<int>(i));
    return next;
}

std::optional<Placed> place(const Task& t, Minute ready, const OpenHours& hours) {
    Placed at;
    if (t.fixed) {
        at.from = t.fixed->from, at.handsEnd = t.fixed->handsEnd, at.done = t.fixed->done;
    } else if (t.hands <= 0 && t.attended <= 0) {
        at.from = at.handsEnd = ready, at.done = ready + t.wait;
    } else {
        const bool whole = isWhole(t);
        at.from = whole ? hours.nextWhole(ready, t.hands + t.attended) : hours.nextOpen(ready);
        if (at.from >= OpenHours::kNever) return {};
        at.handsEnd = whole ? at.from + t.hands : hours.finish(at.from, t.hands);
        if (at.handsEnd >= OpenHours::kNever) return {};
        at.done = at.handsEnd + t.wait;
    }
    at.placeTo = t.placeWaits ? at.done : at.handsEnd;
    return at;
}

namespace {

/// The last begin by which a task is done in time.
Minute latestOf(const Task& t, Minute done, const OpenHours& hours) {
    if (t.fixed) return t.fixed->from;
    if (t.hands <= 0 && t.attended <= 0) return done - t.wait;
    if (!isWhole(t)) return hours.latestBegin(done - t.wait, t.hands);
    const Minute whole = t.hands + t.attended;
    return hours.lastWholeEnd(done - (t.wait - t.attended), whole) - whole;
}

/// Sum of what must be done between two times never above what there is room for; each with its first begin, last end
/// and load. room(from, to).
struct Load {
    Minute from, to, load;
};
/// before(t): room from the start to then, so that room(a, b) = before(b) - before(a). From the latest begin backwards:
/// a tree over the ends holds for each how much more is asked up to it than there is room before it; a load adds to all
/// ends from its own on. n log n, where every pair of a begin and an end would be n².
template <class Before> bool fits(std::vector<Load>& loads, Before before) {
    if (loads.empty()) return true;
    std::vector<Minute> ends;
    for (const Load& l : loads)
        ends.push_back(l.to);
    std::sort(ends.begin(), ends.end());
    ends.erase(std::unique(ends.begin(), ends.end()), ends.end());
    std::sort(loads.begin(), loads.end(), [](const Load& a, const Load& b) { return a.from > b.from; });
    std::size_t leaves = 1;
    while (leaves < ends.size())
        leaves *= 2;
    // An end counts from when some load lies before it: until then it stands far below all others.
    constexpr Minute kLow = INT64_MIN / 4, kAway = Minute{1} << 58;
    std::vector<Minute> most(2 * leaves, kLow), more(2 * leaves, 0);
    for (std::size_t i = 0; i < ends.size(); ++i)
        most[leaves + i] = -before(ends[i]) - kAway;
    for (std::size_t n = leaves; n-- > 1;)
        most[n] = std::max(most[2 * n], most[2 * n + 1]);
    // What all ends under a node were given stands beside it, and is in its most.
    const auto add = [&](const auto& self, std::size_t node, std::size_t low, std::size_t high, std::size_t from,
                         std::size_t to, Minute by) -> void {
        if (from <= low && high <= to) {
            most[node] += by, more[node] += by;
            return;
        }
        if (from >= high || to <= low) return;
        const std::size_t middle = (low + high) / 2;
        self(self, 2 * node, low, middle, from, to, by);
        self(self, 2 * node + 1, middle, high, from, to, by);
        most[node] = std::max(most[2 * node], most[2 * node + 1]) + more[node];
    };
    std::size_t counted = ends.size();
    for (std::size_t i = 0; i < loads.size(); ++i) {
        const auto end =
            static_cast<std::size_t>(std::lower_bound(ends.begin(), ends.end(), loads[i].to) - ends.begin());
        if (end < counted) add(add, 1, 0, leaves, end, counted, kAway), counted = end;
        add(add, 1, 0, leaves, end, ends.size(), loads[i].load);
        // All that begin no earlier are in.
        if (i + 1 < loads.size() && loads[i + 1].from == loads[i].from) continue;
        if (most[1] > -before(loads[i].from)) return false;
    }
    return true;
}

bool mayEnd(const Problem& p, const std::vector<int>& chosen, const OpenHours& hours, const Chain& chain) {
    std::vector<Load> hands;
    std::vector<std::vector<Load>> places(static_cast<std::size_t>(p.places)), open = places;
    for (int i : chosen) {
        const auto k = static_cast<std::size_t>(i);
        const Task& t = p.tasks[k];
        if (t.fixed) continue;
        if (chain.latest[k] < chain.earliest[k]) return false;
        const auto last = place(t, chain.latest[k], hours);
        if (!last) return false;
        if (t.hands > 0) hands.push_back({chain.earliest[k], last->handsEnd, t.hands});
        if (t.place < 0) continue;
        const auto at = static_cast<std::size_t>(t.place);
        const auto first = place(t, chain.earliest[k], hours);
        // The stretch may be shorter later than first; the shortest that there is counts.
        places[at].push_back({chain.earliest[k], last->placeTo,
                              isWhole(t) ? first->placeTo - first->from : t.hands + (t.placeWaits ? t.wait : 0)});
        const Minute there = t.placeWaits ? t.attended : 0;
        open[at].push_back({chain.earliest[k], last->handsEnd + there, t.hands + there});
    }
    if (!fits(hands, [&](Minute t) { return p.hands * hours.openBefore(t); })) return false;
    for (std::size_t k = 0; k < places.size(); ++k)
        if (!fits(places[k], [](Minute t) { return t; }) ||
            !fits(open[k], [&](Minute t) { return hours.openBefore(t); }))
            return false;
    return true;
}

} // namespace

Chain calcChain(const Problem& p, const OpenHours& hours, Minute end, int group) {
    const std::size_t n = p.tasks.size();
    Chain c{std::vector<Minute>(n, 0), std::vector<Minute>(n, 0)};
    const std::vector<int> order = orderOf(p);
    const auto next = findFollowers(p);
    std::vector<Minute> done(n);
    for (int i : order) {
        const auto k = static_cast<std::size_t>(i);
        Minute ready = std::max(p.start, p.tasks[k].notBefore);
        for (int a : p.tasks[k].after)
            ready = std::max(ready, done[static_cast<std::size_t>(a)]);
        ready = std::min(ready, OpenHours::kNever);
        const auto at = place(p.tasks[k], ready, hours);
        c.earliest[k] = at ? at->from : OpenHours::kNever;
        done[k] = at ? at->done : OpenHours::kNever;
    }
    for (std::size_t o = n; o-- > 0;) {
        const auto k = static_cast<std::size_t>(order[o]);
        Minute by = end;
        for (int f : next[k])
            if (group < 0 || p.tasks[static_cast<std::size_t>(f)].group == group)
                by = std::min(by, c.latest[static_cast<std::size_t>(f)]);
        c.latest[k] = latestOf(p.tasks[k], by, hours);
    }
    return c;
}

Minute calcBound(const Problem& p, const OpenHours& hours, int group, const std::stop_token& stop) {
    std::vector<int> chosen;
    for (std::size_t i = 0; i < p.tasks.size(); ++i)
        if (group < 0 || p.tasks[i].group == group) chosen.push_back(static_cast<int>(i));
    if (chosen.empty()) return p.start;
    const Chain first = calcChain(p, hours, OpenHours::kNever);
    Minute low = p.start, work = 0;
    for (int i : chosen) {
        const auto k = static_cast<std::size_t>(i);
        if (first.earliest[k] >= OpenHours::kNever) return OpenHours::kNever;
        low = std::max(low, place(p.tasks[k], first.earliest[k], hours)->done);
        work += p.tasks[k].hands + p.tasks[k].wait;
    }
    // Of another group only what stands before this one counts, and that its own chain holds already.
    const auto may = [&](Minute end) {
        checkStop(stop);
        Chain c = calcChain(p, hours, end, group);
        c.earliest = first.earliest;
        return mayEnd(p, chosen, hours, c);
    };
    if (may(low)) return low;
    Minute high = low, step = std::max<Minute>(60, work / 8);
    // What may not be by one end may be by a later one, and never the other way round.
    while (!may(high)) {
        low = high;
        high += step, step *= 2;
        if (hours.windows().empty() || high > hours.windows().back().to + work) return low + 1;
    }
    while (high - low > 1) {
        const Minute middle = low + (high - low) / 2;
        (may(middle) ? high : low) = middle;
    }
    return high;
}

} // namespace enkinet::schedule
