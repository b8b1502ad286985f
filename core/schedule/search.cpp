// Schedules from orders: each task of an order begins as early as what it waits for, the hours, the hands and its place
// allow, also before tasks that stand earlier in the order. Some order gives a best schedule (every regular aim has a
// best one among those that no task can be moved forward in), so it is orders that are searched.
#include "base/check.h"
#include "base/stop.h"
#include "schedule/detail.h"
#include <algorithm>
#include <cmath>
#include <cstdlib>
#include <numeric>
#include <random>

namespace enkinet::schedule {

namespace {

struct Busy {
    Minute from, to;
};

/// What holds a resource: how many do from which minute on, and the stretches without room as blocks, run together
/// where no open minute lies between them, so that a full day is passed over in one step.
class Held {
public:
    /// hours: a resource that is asked for in open hours alone; null: one that is held through the night too.
    explicit Held(int most, const OpenHours* hours = nullptr) : m_most(most), m_hours(hours) {}
    /// Some time within a stretch has no room: the first end after which it may; nothing where all of it has.
    std::optional<Minute> blockedUntil(Minute from, Minute to) const {
        if (from >= to) return {};
        const auto first = blockAfter(from);
        if (first != m_blocks.end() && first->from < to) return first->to;
        return {};
    }
    void hold(Minute from, Minute to) {
        if (from >= to) return;
        const std::size_t first = cut(from), last = cut(to);
        for (std::size_t i = first; i < last; ++i)
            if (++m_levels[i].count >= m_most) block({m_levels[i].at, m_levels[i + 1].at});
    }
    void release(Minute from, Minute to) {
        if (from >= to) return;
        const std::size_t first = cut(from), last = cut(to);
        for (std::size_t i = first; i < last; ++i) {
            --m_levels[i].count;
            ENKINET_ASSERT(m_levels[i].count >= 0);
        }
        // What begins nothing goes, the later first.
        for (std::size_t i : {last, first})
            if (m_levels[i].count == (i > 0 ? m_levels[i - 1].count : 0))
                m_levels.erase(m_levels.begin() + static_cast<std::ptrdiff_t>(i));
        m_blocks.clear();
        for (std::size_t i = 0; i + 1 < m_levels.size(); ++i)
            if (m_levels[i].count >= m_most) block({m_levels[i].at, m_levels[i + 1].at});
    }
    void clear() { m_levels.clear(), m_blocks.clear(); }

private:
    struct Level {
        Minute at;
        int count; ///< from here to the next
    };
    /// The level that begins at a minute, made where none does.
    std::size_t cut(Minute at) {
        const auto found =
            std::partition_point(m_levels.begin(), m_levels.end(), [&](const Level& l) { return l.at < at; });
        const auto i = static_cast<std::size_t>(found - m_levels.begin());
        if (found == m_levels.end() || found->at != at) m_levels.insert(found, {at, i > 0 ? m_levels[i - 1].count : 0});
        return i;
    }
    std::vector<Busy>::const_iterator blockAfter(Minute from) const {
        return std::partition_point(m_blocks.begin(), m_blocks.end(), [&](const Busy& b) { return b.to <= from; });
    }
    bool isTogether(Minute end, Minute begin) const {
        return end >= begin || (m_hours && m_hours->openBetween(end, begin) <= 0);
    }
    void block(Busy b) {
        auto first = m_blocks.begin() + (blockAfter(b.from) - m_blocks.cbegin());
        if (first != m_blocks.begin() && isTogether(std::prev(first)->to, b.from)) --first;
        auto last = first;
        for (; last != m_blocks.end() && isTogether(b.to, last->from); ++last)
            b.from = std::min(b.from, last->from), b.to = std::max(b.to, last->to);
        if (first == last)
            m_blocks.insert(first, b);
        else
            *first = b, m_blocks.erase(first + 1, last);
    }

    int m_most;
    const OpenHours* m_hours;
    std::vector<Level> m_levels; ///< in order; none before the first
    std::vector<Busy> m_blocks;  ///< in order, apart
};

struct Value {
    Minute late = OpenHours::kNever, end = OpenHours::kNever, moved = OpenHours::kNever;
    int turns = 1 << 30;
    friend auto operator<=>(const Value&, const Value&) = default;
};

class Builder {
public:
    Builder(const Problem& p, const OpenHours& hours, std::stop_token stop)
        : m_p(p), m_hours(hours), m_stop(std::move(stop)), m_order(orderOf(p)), m_next(findFollowers(p)),
          m_hands(p.hands, &hours), m_places(static_cast<std::size_t>(p.places), Held(1)), m_placed(p.tasks.size()) {
        // What must still follow each task at least; a due time pulls its group forward.
        m_tail.resize(p.tasks.size());
        for (std::size_t o = m_order.size(); o-- > 0;) {
            const auto k = static_cast<std::size_t>(m_order[o]);
            Minute tail = 0;
            for (int f : m_next[k])
                tail = std::max(tail, m_tail[static_cast<std::size_t>(f)]);
            m_tail[k] = tail + p.tasks[k].hands + p.tasks[k].wait;
        }
    }
    const std::vector<int>& order() const { return m_order; }
    Minute tail(std::size_t k) const { return m_tail[k]; }
    const std::vector<int>& followers(std::size_t k) const { return m_next[k]; }
    std::optional<Minute> due(int group) const {
        const auto g = static_cast<std::size_t>(group);
        return g < m_p.due.size() ? m_p.due[g] : std::nullopt;
    }

    void clear() {
        m_hands.clear();
        for (Held& h : m_places)
            h.clear();
        // What has begun holds what it holds, whatever the order.
        for (std::size_t k = 0; k < m_p.tasks.size(); ++k)
            if (m_p.tasks[k].fixed) hold(k, *place(m_p.tasks[k], 0, m_hours));
    }
    void hold(std::size_t k, const Placed& at) {
        m_placed[k] = at;
        const Task& t = m_p.tasks[k];
        if (t.hands > 0) m_hands.hold(at.from, at.handsEnd);
        if (t.place >= 0) m_places[static_cast<std::size_t>(t.place)].hold(at.from, at.placeTo);
    }
    void release(std::size_t k) {
        const Task& t = m_p.tasks[k];
        const Placed& at = m_placed[k];
        if (t.hands > 0) m_hands.release(at.from, at.handsEnd);
        if (t.place >= 0) m_places[static_cast<std::size_t>(t.place)].release(at.from, at.placeTo);
    }
    /// The earliest that is left for it; all that it waits for is placed.
    std::optional<Placed> find(std::size_t k) const {
        const Task& t = m_p.tasks[k];
        Minute ready = std::max(m_p.start, t.notBefore);
        for (int a : t.after)
            ready = std::max(ready, m_placed[static_cast<std::size_t>(a)].done);
        for (;;) {
            const auto at = place(t, ready, m_hours);
            if (!at) return {};
            std::optional<Minute> wait = t.hands > 0 ? m_hands.blockedUntil(at->from, at->handsEnd) : std::nullopt;
            if (!wait && t.place >= 0)
                wait = m_places[static_cast<std::size_t>(t.place)].blockedUntil(at->from, at->placeTo);
            if (!wait) return at;
            ready = *wait;
        }
    }
    /// Of the tasks that may be placed the one with the least key, again and again; false: the hours do not suffice.
    /// stay: with what is in hand while no other task's key is so much less.
    bool build(const std::vector<double>& key, double stay = 0) {
        clear();
        const auto later = [&](int a, int b) {
            const double x = key[static_cast<std::size_t>(a)], y = key[static_cast<std::size_t>(b)];
            return x > y || (x == y && a > b);
        };
        m_left.resize(m_p.tasks.size());
        m_heap.clear();
        for (std::size_t k = 0; k < m_p.tasks.size(); ++k)
            if ((m_left[k] = static_cast<int>(m_p.tasks[k].after.size())) == 0) m_heap.push_back(static_cast<int>(k));
        std::make_heap(m_heap.begin(), m_heap.end(), later);
        int inHand = -1;
        for (int placed = 0; !m_heap.empty(); ++placed) {
            if (placed % 64 == 0) checkStop(m_stop);
            if (stay > 0 && inHand >= 0) {
                // The least of what is in hand, if it may go before the least of all.
                int best = -1, cost = 3;
                for (int i : m_heap) {
                    const int family = m_p.tasks[static_cast<std::size_t>(i)].family;
                    const int turn = family == inHand ? 0 : family / kFamily == inHand / kFamily ? 1 : 2;
                    if (key[static_cast<std::size_t>(i)] > key[static_cast<std::size_t>(m_heap.front())] + stay)
                        continue;
                    if (turn < cost || (turn == cost && best >= 0 && later(best, i))) best = i, cost = turn;
                }
                m_heap.erase(std::find(m_heap.begin(), m_heap.end(), best));
                m_heap.push_back(best);
                std::make_heap(m_heap.begin(), m_heap.end() - 1, later);
            } else {
                std::pop_heap(m_heap.begin(), m_heap.end(), later);
            }
            const auto k = static_cast<std::size_t>(m_heap.back());
            m_heap.pop_back();
            if (m_p.tasks[k].hands > 0) inHand = m_p.tasks[k].family;
            if (!m_p.tasks[k].fixed) {
                const auto at = find(k);
                if (!at) return false;
                hold(k, *at);
            }
            for (int f : m_next[k])
                if (--m_left[static_cast<std::size_t>(f)] == 0) {
                    m_heap.push_back(f);
                    std::push_heap(m_heap.begin(), m_heap.end(), later);
                }
        }
        return true;
    }
    Value value() const {
        Value v{0, m_p.start, 0, 0};
        m_ends.assign(m_p.due.size(), m_p.start);
        for (std::size_t k = 0; k < m_placed.size(); ++k) {
            v.end = std::max(v.end, m_placed[k].done);
            if (m_p.tasks[k].was && m_p.tasks[k].stays) v.moved += std::abs(m_placed[k].from - *m_p.tasks[k].was);
            const auto g = static_cast<std::size_t>(m_p.tasks[k].group);
            if (g < m_ends.size()) m_ends[g] = std::max(m_ends[g], m_placed[k].done);
        }
        for (std::size_t g = 0; g < m_ends.size(); ++g)
            if (m_p.due[g]) v.late += std::max<Minute>(0, m_ends[g] - *m_p.due[g]);
        v.turns = countTurns();
        return v;
    }
    const std::vector<Placed>& placed() const { return m_placed; }
    std::vector<Placed>& placed() { return m_placed; }

private:
    int countTurns() const {
        m_byStart.clear();
        for (std::size_t k = 0; k < m_placed.size(); ++k)
            if (m_p.tasks[k].hands > 0 && !m_p.tasks[k].fixed) m_byStart.push_back(static_cast<int>(k));
        std::sort(m_byStart.begin(), m_byStart.end(), [&](int a, int b) {
            const Minute x = m_placed[static_cast<std::size_t>(a)].from, y = m_placed[static_cast<std::size_t>(b)].from;
            return x < y || (x == y && a < b);
        });
        int turns = 0;
        for (std::size_t i = 1; i < m_byStart.size(); ++i) {
            const int a = m_p.tasks[static_cast<std::size_t>(m_byStart[i - 1])].family,
                      b = m_p.tasks[static_cast<std::size_t>(m_byStart[i])].family;
            turns += a == b ? 0 : a / kFamily == b / kFamily ? 1 : 2;
        }
        return turns;
    }

    const Problem& m_p;
    const OpenHours& m_hours;
    std::stop_token m_stop;
    std::vector<int> m_order;
    std::vector<std::vector<int>> m_next;
    std::vector<Minute> m_tail;
    Held m_hands;
    std::vector<Held> m_places;
    std::vector<Placed> m_placed;
    std::vector<int> m_left, m_heap;
    mutable std::vector<Minute> m_ends;
    mutable std::vector<int> m_byStart;
};

/// All orders of few tasks, each in the order in which its tasks begin: a best schedule is its own order's.
class Exact {
public:
    Exact(Builder& builder, const Problem& p, const OpenHours& hours, Value bound, Value known,
          std::vector<Placed>& best, const Search& search)
        : m_builder(builder), m_p(p), m_hours(hours), m_bound(bound), m_known(known), m_best(best),
          m_count({0, search.stop}, 400000) {}
    /// True when all have been tried.
    bool run() {
        m_builder.clear();
        m_left.resize(m_p.tasks.size());
        m_done.assign(m_p.tasks.size(), false);
        std::size_t open = 0;
        for (std::size_t k = 0; k < m_p.tasks.size(); ++k)
            if (m_p.tasks[k].fixed)
                m_done[k] = true;
            else
                ++open;
        step(open, m_p.start);
        return !m_count.ended();
    }
    Value known() const { return m_known; }

private:
    Value least() const {
        // What is not placed begins no earlier than what it waits for lets it.
        auto placed = m_builder.placed();
        Value v{0, m_p.start, 0, 0};
        std::vector<Minute> ends(m_p.due.size(), m_p.start);
        for (int i : m_builder.order()) {
            const auto k = static_cast<std::size_t>(i);
            if (!m_done[k]) {
                Minute ready = std::max(m_p.start, m_p.tasks[k].notBefore);
                for (int a : m_p.tasks[k].after)
                    ready = std::max(ready, placed[static_cast<std::size_t>(a)].done);
                const auto at = place(m_p.tasks[k], ready, m_hours);
                if (!at) return {};
                placed[k] = *at;
            }
            v.end = std::max(v.end, placed[k].done);
            const auto g = static_cast<std::size_t>(m_p.tasks[k].group);
            if (g < ends.size()) ends[g] = std::max(ends[g], placed[k].done);
        }
        for (std::size_t g = 0; g < ends.size(); ++g)
            if (m_p.due[g]) v.late += std::max<Minute>(0, ends[g] - *m_p.due[g]);
        return v;
    }
    void step(std::size_t open, Minute last) {
        if (m_known.late <= m_bound.late && m_known.end <= m_bound.end) return;
        if (!m_count.next()) return;
        if (open == 0) {
            const Value v = m_builder.value();
            if (v < m_known) m_known = v, m_best = m_builder.placed();
            return;
        }
        if (!(least() < m_known)) return;
        for (std::size_t k = 0; k < m_p.tasks.size(); ++k) {
            if (m_done[k]) continue;
            const auto& after = m_p.tasks[k].after;
            if (!std::all_of(after.begin(), after.end(), [&](int a) { return m_done[static_cast<std::size_t>(a)]; }))
                continue;
            const auto at = m_builder.find(k);
            if (!at || at->from < last) continue;
            m_builder.hold(k, *at);
            m_done[k] = true;
            step(open - 1, at->from);
            m_done[k] = false;
            m_builder.release(k);
        }
    }

    Builder& m_builder;
    const Problem& m_p;
    const OpenHours& m_hours;
    Value m_bound, m_known;
    std::vector<Placed>& m_best;
    solve::Count m_count;
    std::vector<int> m_left;
    std::vector<bool> m_done;
};

/// Whose hands: of those that are free, the one that has been free the shortest; nobody is needed twice at once.
void findPeople(const Problem& p, std::vector<Placed>& placed) {
    std::vector<std::size_t> order;
    for (std::size_t k = 0; k < placed.size(); ++k)
        if (p.tasks[k].hands > 0) order.push_back(k);
    std::stable_sort(order.begin(), order.end(),
                     [&](std::size_t a, std::size_t b) { return placed[a].from < placed[b].from; });
    std::vector<Minute> free(static_cast<std::size_t>(p.hands), INT64_MIN);
    for (std::size_t k : order) {
        int who = -1;
        for (std::size_t h = 0; h < free.size(); ++h)
            if (free[h] <= placed[k].from && (who < 0 || free[h] > free[static_cast<std::size_t>(who)]))
                who = static_cast<int>(h);
        // Work that is written down may lie over other work; then it is the first one's.
        if (who < 0) who = 0;
        placed[k].person = who;
        free[static_cast<std::size_t>(who)] = std::max(free[static_cast<std::size_t>(who)], placed[k].handsEnd);
    }
}

Schedule finished(const Problem& p, const OpenHours& hours, const Builder& builder, std::vector<Placed> placed, Value v,
                  Value bound, bool best) {
    Schedule s;
    findPeople(p, placed);
    const Chain chain = calcChain(p, hours, v.end);
    for (std::size_t k = 0; k < placed.size(); ++k) {
        // Slack by what follows it in this schedule, hands and places as they are.
        Minute by = v.end;
        const auto due = builder.due(p.tasks[k].group);
        if (due && *due >= placed[k].done) by = std::min(by, *due);
        Minute latest = by;
        for (int f : builder.followers(k))
            latest = std::min(latest, placed[static_cast<std::size_t>(f)].from);
        placed[k].slack = std::max<Minute>(0, std::min(latest - placed[k].done, chain.latest[k] - placed[k].from));
    }
    s.tasks = std::move(placed);
    s.end = v.end, s.late = v.late, s.moved = v.moved, s.turns = v.turns, s.boundEnd = bound.end,
    s.boundLate = bound.late;
    s.proved = best || (v.late <= bound.late && v.end <= bound.end);
    return s;
}

Value boundOf(const Problem& p, const OpenHours& hours, const std::stop_token& stop) {
    Value bound{0, calcBound(p, hours, -1, stop), 0, 0};
    for (std::size_t g = 0; g < p.due.size(); ++g)
        if (p.due[g]) bound.late += std::max<Minute>(0, calcBound(p, hours, static_cast<int>(g), stop) - *p.due[g]);
    return bound;
}

/// The rules of thumb that are tried first: least time to spare, longest tail, and a mixture.
std::vector<double> keysOf(const Problem& p, const Builder& builder, int rule) {
    std::vector<double> key(p.tasks.size());
    Minute latest = 0;
    for (const auto& d : p.due)
        if (d) latest = std::max(latest, *d);
    for (std::size_t k = 0; k < key.size(); ++k) {
        const auto due = builder.due(p.tasks[k].group);
        const auto tail = static_cast<double>(builder.tail(k));
        key[k] = rule == 1 ? -tail : static_cast<double>(due ? *due : latest + 30 * kDay) - (rule == 2 ? 3 : 1) * tail;
    }
    return key;
}

} // namespace

Relaxed ease(Problem& p, const OpenHours& hours) {
    Relaxed e{std::vector<bool>(p.tasks.size()), std::vector<bool>(p.tasks.size())};
    for (std::size_t k = 0; k < p.tasks.size(); ++k) {
        Task& t = p.tasks[k];
        if (t.attended > 0 && t.hands + t.attended > hours.longest()) t.attended = 0, e.alone[k] = true;
        if (!t.rests && t.hands > hours.longest()) t.rests = true, e.rests[k] = true;
    }
    return e;
}

Replay::Replay(const Schedule& schedule) {
    for (const Placed& at : schedule.tasks)
        m_key.push_back(static_cast<double>(at.from));
}

std::optional<std::pair<Minute, Minute>> Replay::run(const Problem& p, const OpenHours& hours,
                                                     const std::stop_token& stop) const {
    Builder builder(p, hours, stop);
    if (!builder.build(m_key)) return {};
    const Value v = builder.value();
    return std::pair{v.end, v.late};
}

namespace {

/// What rules find at once.
struct Start {
    Value bound, known;
    std::vector<Placed> best;
};
Start calcStart(const Problem& p, const OpenHours& hours, Builder& builder, const std::stop_token& stop) {
    Start s{boundOf(p, hours, stop), {}, {}};
    // Each rule by itself, and as somebody follows it who does not like to change what is in hand.
    for (int rule = 0; rule < 9; ++rule) {
        const auto key = keysOf(p, builder, rule % 3);
        if (!builder.build(key, rule < 3 ? 0 : static_cast<double>(kDay) / (rule < 6 ? 1 : 6))) continue;
        if (const Value v = builder.value(); v < s.known || s.best.empty()) s.known = v, s.best = builder.placed();
    }
    // As it was planned before, what is new behind what it waits for.
    if (std::any_of(p.tasks.begin(), p.tasks.end(), [](const Task& t) { return t.was.has_value(); })) {
        std::vector<double> key(p.tasks.size());
        for (int i : builder.order()) {
            const auto k = static_cast<std::size_t>(i);
            key[k] = static_cast<double>(p.tasks[k].was.value_or(p.start));
            for (int a : p.tasks[k].after)
                if (!p.tasks[k].was) key[k] = std::max(key[k], key[static_cast<std::size_t>(a)]);
        }
        if (builder.build(key))
            if (const Value v = builder.value(); v < s.known || s.best.empty()) s.known = v, s.best = builder.placed();
    }
    return s;
}

/// Other orders around the best one: the begins of its tasks as keys, some of them shaken. The same seed shakes alike.
class Shaker {
public:
    Shaker(const Problem& problem, std::uint32_t seed)
        : m_problem(problem), m_random(seed), m_key(problem.tasks.size()) {
        m_families =
            std::any_of(problem.tasks.begin(), problem.tasks.end(), [](const Task& t) { return t.family != 0; });
    }
    bool hasFamilies() const { return m_families; }

    /// done: no schedule ends sooner, so that only what hands change in between can become better.
    const std::vector<double>& shaken(const std::vector<Placed>& best, Minute end, bool done) {
        m_span = static_cast<double>(std::max<Minute>(1, end - m_problem.start));
        for (std::size_t k = 0; k < m_key.size(); ++k)
            m_key[k] = static_cast<double>(best[k].from);
        const double way = unit();
        if (m_families && (way < 0.3 || (done && way < 0.8)))
            moveFamilies();
        else if (way < 0.4)
            moveFar();
        else if (way < 0.8)
            dealAnew();
        else
            shakeAll();
        return m_key;
    }

private:
    double unit() {
        return static_cast<double>(m_random() - m_random.min()) / static_cast<double>(m_random.max() - m_random.min());
    }
    std::size_t any() { return static_cast<std::size_t>(std::lround(unit() * static_cast<double>(m_key.size() - 1))); }

    /// A run of one family goes right behind, or before, another of its own.
    void moveFamilies() {
        std::vector<std::size_t> order(m_key.size());
        std::iota(order.begin(), order.end(), std::size_t{0});
        std::sort(order.begin(), order.end(),
                  [&](std::size_t a, std::size_t b) { return m_key[a] < m_key[b] || (m_key[a] == m_key[b] && a < b); });
        const auto familyAt = [&](std::size_t place) { return m_problem.tasks[order[place]].family; };
        const int moved = 1 + static_cast<int>(unit() * 3);
        for (int m = 0; m < moved; ++m) {
            const std::size_t middle = any();
            const int family = familyAt(middle);
            std::size_t from = middle, to = middle + 1;
            if (unit() < 0.7) {
                while (from > 0 && familyAt(from - 1) == family)
                    --from;
                while (to < order.size() && familyAt(to) == family)
                    ++to;
            }
            for (int look = 0; look < 40; ++look) {
                const std::size_t place = any();
                if ((place >= from && place < to) || familyAt(place) != family) continue;
                const double by = unit() < 0.5 ? 0.3 : -0.3;
                for (std::size_t k = from; k < to; ++k)
                    m_key[order[k]] = m_key[order[place]] + by + 0.001 * static_cast<double>(k - from);
                break;
            }
        }
    }
    /// A few tasks move far.
    void moveFar() {
        const int moved = 1 + static_cast<int>(unit() * 3);
        for (int m = 0; m < moved; ++m) {
            const std::size_t k = any();
            m_key[k] += (unit() - 0.6) * m_span * 0.5;
        }
    }
    /// Everything within some stretch of time is dealt anew.
    void dealAnew() {
        const double from = static_cast<double>(m_problem.start) + unit() * m_span;
        const double wide = m_span * (0.03 + 0.2 * unit());
        for (double& x : m_key)
            if (x >= from && x < from + wide) x = from + unit() * wide;
    }
    void shakeAll() {
        const double shake = m_span * 0.02 * (1 + 4 * unit());
        for (double& x : m_key)
            x += (unit() - 0.5) * shake;
    }

    const Problem& m_problem;
    std::minstd_rand m_random;
    std::vector<double> m_key;
    double m_span = 1;
    bool m_families = false;
};

Schedule impossible(const Value& bound) {
    Schedule none;
    none.proved = false, none.boundEnd = bound.end, none.boundLate = bound.late;
    return none;
}

} // namespace

long findUsualRounds(std::size_t tasks) {
    return std::clamp<long>(kPlacings / static_cast<long>(std::max<std::size_t>(1, tasks)), 100, 3000);
}

Schedule calcFirst(const Problem& p, const OpenHours& hours, const std::stop_token& stop) {
    Builder builder(p, hours, stop);
    Start s = calcStart(p, hours, builder, stop);
    if (s.best.empty() && !p.tasks.empty()) return impossible(s.bound);
    return finished(p, hours, builder, std::move(s.best), s.known, s.bound, false);
}

Schedule calcBest(const Problem& p, const OpenHours& hours, const Search& search) {
    Builder builder(p, hours, search.stop);
    auto [bound, known, best] = calcStart(p, hours, builder, search.stop);
    if (best.empty() && !p.tasks.empty()) return impossible(bound);
    const auto open = std::count_if(p.tasks.begin(), p.tasks.end(), [](const Task& t) { return !t.fixed; });
    if (open <= search.exactUpTo) {
        Exact exact(builder, p, hours, bound, known, best, search);
        const bool all = exact.run();
        checkStop(search.stop);
        known = exact.known();
        return finished(p, hours, builder, std::move(best), known, bound, all);
    }
    Shaker shaker(p, search.seed);
    for (solve::Count rounds(search, findUsualRounds(p.tasks.size())); rounds.next();) {
        const bool done = known.late <= bound.late && known.end <= bound.end;
        if (done && !shaker.hasFamilies()) break;
        if (!builder.build(shaker.shaken(best, known.end, done))) continue;
        // Equal ones are walked along, so that a plain of equals is not the end.
        if (const Value v = builder.value(); v <= known) known = v, best = builder.placed();
    }
    checkStop(search.stop);
    return finished(p, hours, builder, std::move(best), known, bound, false);
}

} // namespace enkinet::schedule
