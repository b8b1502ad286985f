#include "schedule/problem.h"
#include "support/near.h"
#include <numeric>

using namespace enkinet::schedule;

namespace {

using Windows = std::vector<std::pair<Minute, Minute>>;

/// What any schedule must keep, looked at minute by minute and not by the searcher's own means.
void checkKept(const Problem& p, const Windows& windows, const Schedule& s) {
    REQUIRE(s.tasks.size() == p.tasks.size());
    const auto open = [&](Minute m) {
        return std::any_of(windows.begin(), windows.end(), [&](const auto& w) { return m >= w.first && m < w.second; });
    };
    const auto openIn = [&](Minute from, Minute to) {
        Minute sum = 0;
        for (const auto& [a, b] : windows)
            sum += std::max<Minute>(0, std::min(b, to) - std::max(a, from));
        return sum;
    };
    Minute end = p.start;
    for (std::size_t k = 0; k < p.tasks.size(); ++k) {
        const Task& t = p.tasks[k];
        const Placed& at = s.tasks[k];
        REQUIRE(at.from >= std::max(p.start, t.notBefore));
        for (int a : t.after)
            REQUIRE(at.from >= s.tasks[nth(a)].done);
        REQUIRE(at.done == at.handsEnd + t.wait);
        REQUIRE(openIn(at.from, at.handsEnd) == t.hands);
        if (t.hands > 0) REQUIRE((open(at.from) && open(at.handsEnd - 1)));
        if (t.attended > 0 || !t.rests)
            REQUIRE(openIn(at.from, at.from + t.hands + t.attended) == t.hands + t.attended);
        REQUIRE(at.placeTo == (t.placeWaits ? at.done : at.handsEnd));
        end = std::max(end, at.done);
        for (std::size_t j = 0; j < k; ++j) {
            const Placed& other = s.tasks[j];
            if (t.place >= 0 && p.tasks[j].place == t.place)
                REQUIRE((at.placeTo <= other.from || other.placeTo <= at.from || at.from == at.placeTo ||
                         other.from == other.placeTo));
            if (t.hands > 0 && p.tasks[j].hands > 0 && at.person == other.person)
                REQUIRE((at.handsEnd <= other.from || other.handsEnd <= at.from));
        }
        if (t.hands > 0) REQUIRE((at.person >= 0 && at.person < p.hands));
    }
    REQUIRE(s.end == end);
    REQUIRE(s.end >= s.boundEnd);
    REQUIRE(s.late >= s.boundLate);
}

Problem randomProblem(Random& random, int tasks, int longest, int places, int groups) {
    Problem p;
    p.places = places;
    for (int i = 0; i < tasks; ++i) {
        Task t;
        t.hands = random.whole(0, 5) == 0 ? 0 : random.whole(1, longest);
        t.wait = random.whole(0, 1) ? random.whole(1, 2 * longest) : 0;
        if (t.wait > 0 && t.hands > 0 && random.whole(0, 3) == 0)
            t.attended = random.whole(1, static_cast<int>(t.wait));
        t.rests = random.whole(0, 2) != 0;
        if (t.hands > 0 && places > 0 && random.whole(0, 2) == 0)
            t.place = random.whole(0, places - 1), t.placeWaits = random.whole(0, 1) == 1;
        for (int j = 0; j < i; ++j)
            if (random.whole(0, 3) == 0) t.after.push_back(j);
        if (random.whole(0, 6) == 0) t.notBefore = random.whole(0, longest);
        t.group = random.whole(0, groups - 1);
        p.tasks.push_back(t);
    }
    for (int g = 0; g < groups; ++g)
        p.due.push_back(random.whole(0, 1) ? std::optional<Minute>(random.whole(3, 6 * longest)) : std::nullopt);
    return p;
}

Windows randomWindows(Random& random, int longest, int count) {
    Windows w;
    Minute at = 0;
    for (int k = 0; k < count; ++k) {
        const Minute to = at + random.whole(longest, 3 * longest);
        w.emplace_back(at, to);
        at = to + random.whole(1, 2 * longest);
    }
    return w;
}

/// Every begin of every task at every minute, by a clock of minutes.
class Brute {
public:
    Brute(const Problem& p, const Windows& windows, Minute most) : m_p(p) {
        m_open.assign(nth(windows.back().second + 200), false);
        for (const auto& [a, b] : windows)
            for (Minute m = a; m < b; ++m)
                m_open[nth(m)] = true;
        m_hands.assign(m_open.size(), 0);
        m_place.assign(nth(p.places), std::vector<int>(m_open.size(), 0));
        m_done.resize(p.tasks.size());
        m_best = {INT64_MAX, most};
        step(0);
    }
    std::pair<Minute, Minute> best() const { return m_best; }

private:
    void step(std::size_t k) {
        if (k == m_p.tasks.size()) {
            Minute end = 0, late = 0;
            for (Minute d : m_done)
                end = std::max(end, d);
            for (std::size_t g = 0; g < m_p.due.size(); ++g) {
                Minute last = 0;
                for (std::size_t j = 0; j < k; ++j)
                    if (m_p.tasks[j].group == static_cast<int>(g)) last = std::max(last, m_done[j]);
                if (m_p.due[g]) late += std::max<Minute>(0, last - *m_p.due[g]);
            }
            m_best = std::min(m_best, {late, end});
            return;
        }
        const Task& t = m_p.tasks[k];
        Minute ready = t.notBefore;
        for (int a : t.after)
            ready = std::max(ready, m_done[nth(a)]);
        for (Minute from = ready; from + t.hands + t.wait <= kHorizon; ++from) {
            Minute at = from, left = t.hands;
            bool may = true;
            if (t.hands > 0 && !m_open[nth(from)]) continue;
            while (left > 0 && at < kHorizon)
                left -= m_open[nth(at++)];
            if (left > 0) break;
            if (!t.rests) may = at - from == t.hands;
            if (t.attended > 0)
                for (Minute m = from; m < from + t.hands + t.attended; ++m)
                    may = may && m_open[nth(m)];
            if (!may) continue;
            const Minute done = at + t.wait, held = t.placeWaits ? done : at;
            if (done > kHorizon) break;
            for (Minute m = from; t.hands > 0 && m < at; ++m)
                may = may && m_hands[nth(m)] < m_p.hands;
            for (Minute m = from; t.place >= 0 && m < held; ++m)
                may = may && !m_place[nth(t.place)][nth(m)];
            if (!may) continue;
            fill(t, from, at, held, 1);
            m_done[k] = done;
            step(k + 1);
            fill(t, from, at, held, -1);
        }
    }
    void fill(const Task& t, Minute from, Minute at, Minute held, int by) {
        for (Minute m = from; t.hands > 0 && m < at; ++m)
            m_hands[nth(m)] += by;
        for (Minute m = from; t.place >= 0 && m < held; ++m)
            m_place[nth(t.place)][nth(m)] += by;
    }
    static constexpr Minute kHorizon = 46;
    const Problem& m_p;
    std::vector<bool> m_open;
    std::vector<int> m_hands;
    std::vector<std::vector<int>> m_place;
    std::vector<Minute> m_done;
    std::pair<Minute, Minute> m_best;
};

} // namespace

TEST_CASE("Of 500 random small problems the schedule is the one that trying every minute finds", "[schedule][full]") {
    Random random(3);
    int compared = 0, proved = 0;
    for (int round = 0; compared < 500; ++round) {
        INFO("round " << round);
        Problem p = randomProblem(random, random.whole(2, 4), 4, 2, 2);
        p.hands = random.whole(1, 2);
        const Windows windows = randomWindows(random, 5, 5);
        const OpenHours hours(windows);
        ease(p, hours);
        const Schedule s = calcBest(p, hours);
        // What ends beyond the clock's last minute is another day's.
        if (s.tasks.empty() || s.end > 46) continue;
        ++compared, proved += s.proved;
        checkKept(p, windows, s);
        const Brute brute(p, windows, INT64_MAX);
        REQUIRE(s.late == brute.best().first);
        REQUIRE(s.end == brute.best().second);
    }
    CHECK(proved == compared);
}

TEST_CASE("Schedules built backwards from a full day are found again as short, and proved", "[schedule]") {
    // Hands that are never idle from beginning to end leave nothing to gain; what sets waits in the gaps of others.
    Random random(8);
    int best = 0;
    for (int round = 0; round < 50; ++round) {
        const Windows windows = randomWindows(random, 120, 12);
        const OpenHours hours(windows);
        Problem p;
        std::vector<Minute> from, done;
        Minute at = windows.front().first;
        const int n = random.whole(12, 30);
        for (int i = 0; i < n; ++i) {
            Task t;
            t.hands = random.whole(5, 60);
            const Minute end = hours.finish(at, t.hands);
            // Waits that are over before the last begins, for some of those behind it.
            t.wait = random.whole(0, 2) ? 0 : random.whole(1, 90);
            for (std::size_t j = 0; j < done.size(); ++j)
                if (done[j] <= at && random.whole(0, 5) == 0) t.after.push_back(static_cast<int>(j));
            from.push_back(at), done.push_back(i + 1 < n ? end + t.wait : end);
            if (i + 1 == n) t.wait = 0;
            p.tasks.push_back(t);
            at = hours.nextOpen(end);
        }
        Minute end = 0;
        for (std::size_t i = 0; i < p.tasks.size(); ++i)
            if (done[i] > done.back()) p.tasks[i].wait = 0;
        end = done.back();
        Search search;
        search.most = 20000;
        const Schedule s = calcBest(p, hours, search);
        checkKept(p, windows, s);
        CHECK(s.end == end);
        best += s.proved;
    }
    CHECK(best == 50);
}

TEST_CASE(
    "Of 200 larger problems nothing is used twice, nothing is before its time, and searching never makes it worse",
    "[schedule]") {
    Random random(21);
    for (int round = 0; round < 200; ++round) {
        Problem p = randomProblem(random, random.whole(15, 40), 60, 3, 3);
        p.hands = random.whole(1, 3);
        const Windows windows = randomWindows(random, 130, 60);
        const OpenHours hours(windows);
        ease(p, hours);
        const Schedule first = calcFirst(p, hours);
        Search search;
        search.most = 100;
        const Schedule s = calcBest(p, hours, search);
        checkKept(p, windows, first);
        checkKept(p, windows, s);
        CHECK(std::make_pair(s.late, s.end) <= std::make_pair(first.late, first.end));
        CHECK(s == calcBest(p, hours, search));
    }
}

TEST_CASE("What has begun stays where it is, and the rest goes round it", "[schedule]") {
    Problem p;
    p.tasks.resize(3);
    p.tasks[0].hands = 30, p.tasks[0].fixed = Task::Fixed{10, 40, 40};
    p.tasks[1].hands = 10;
    p.tasks[2].hands = 10, p.tasks[2].after = {0};
    const Windows windows{{0, 480}};
    const Schedule s = calcBest(p, OpenHours(windows));
    CHECK(s.tasks[0].from == 10);
    CHECK(s.tasks[1].from == 0);
    CHECK(s.tasks[2].from == 40);
    CHECK(s.proved);
}

TEST_CASE("What was written down may lie over other work, and nothing new is laid on either", "[schedule]") {
    // One pair of hands, and a log in which a long step was laid aside for a short one: ends are not in order.
    Random random(17);
    for (int round = 0; round < 200; ++round) {
        Problem p;
        for (int i = random.whole(2, 5); i > 0; --i) {
            Task t;
            const Minute from = random.whole(0, 60);
            t.hands = random.whole(1, 80);
            t.fixed = Task::Fixed{from, from + t.hands, from + t.hands};
            p.tasks.push_back(t);
        }
        const std::size_t fixed = p.tasks.size();
        for (int i = 0; i < 4; ++i) {
            Task t;
            t.hands = random.whole(1, 30);
            p.tasks.push_back(t);
        }
        const Windows windows{{0, 2000}};
        const Schedule s = calcBest(p, OpenHours(windows));
        for (std::size_t k = fixed; k < p.tasks.size(); ++k)
            for (std::size_t j = 0; j < k; ++j)
                CHECK((s.tasks[k].handsEnd <= s.tasks[j].from || s.tasks[j].handsEnd <= s.tasks[k].from));
    }
}

TEST_CASE("Slack is the time to what follows, or to the due time", "[schedule]") {
    Problem p;
    p.tasks.resize(3);
    p.tasks[0].hands = 10, p.tasks[1].hands = 10, p.tasks[1].wait = 100, p.tasks[2].hands = 5,
    p.tasks[2].after = {0, 1};
    p.due = {300};
    const Windows windows{{0, 400}};
    const Schedule s = calcBest(p, OpenHours(windows));
    // What sets long goes first: 10 + 100, then 5. The other may begin anywhere until 100.
    CHECK(s.tasks[1].from == 0);
    CHECK(s.end == 115);
    CHECK(s.tasks[1].slack == 0);
    CHECK(s.tasks[0].from == 10);
    CHECK(s.tasks[0].slack == 90);
    CHECK(s.tasks[2].slack == 0);
}

TEST_CASE("A bake needs somebody there, and what is too long for any day is eased and named", "[schedule]") {
    Problem p;
    p.tasks.resize(2);
    p.tasks[0].hands = 5, p.tasks[0].wait = 90, p.tasks[0].attended = 60;
    p.tasks[1].hands = 600, p.tasks[1].rests = false;
    const Windows windows{{0, 60}, {200, 680}, {900, 1380}, {1700, 2100}};
    const OpenHours hours(windows);
    const Relaxed e = ease(p, hours);
    CHECK(e.rests[1]);
    CHECK_FALSE(e.alone[0]);
    const Schedule s = calcBest(p, hours);
    checkKept(p, windows, s);
    CHECK(s.tasks[0].from >= 200);
}

TEST_CASE("Hours that do not suffice give no schedule", "[schedule]") {
    Problem p;
    p.tasks.resize(1);
    p.tasks[0].hands = 100;
    CHECK(calcBest(p, OpenHours(Windows{{0, 60}})).tasks.empty());
    CHECK(calcBest(Problem{}, OpenHours(Windows{{0, 60}})).proved);
}
