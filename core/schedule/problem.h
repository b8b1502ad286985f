#pragma once
// Tasks that wait for each other, few pairs of hands, places that hold one thing at a time, and hours in which somebody
// is there. Knows nothing of what the tasks are. The aim: least total lateness, then the least end, then the least
// moving of what was planned before, then the fewest changes of what hands are at. docs/mechanics.md
// 123 to 126.
#include "base/calendar.h"
#include "solve/effort.h"

namespace enkinet::schedule {

struct Task {
    Minute hands = 0;         ///< of one pair, while the shop is open
    Minute wait = 0;          ///< afterwards, by itself, also at night
    Minute attended = 0;      ///< so much of the wait, from its beginning, needs somebody there, though no hands
    bool rests = true;        ///< may stop when the shop closes and go on when it opens
    int place = -1;           ///< that it holds alone from its first minute; -1: none
    bool placeWaits = false;  ///< the place is held through the wait, not through the hands alone
    std::vector<int> after{}; ///< tasks that must be done, waits and all; without circles
    Minute notBefore = 0;
    int group = 0; ///< whose due time it counts for
    /// What hands turn to: going on with the same is better than changing, and changing within kFamily of numbers
    /// better than beyond. Only of schedules that are otherwise alike.
    int family = 0;
    /// Where it began in the plan that was there before. What is to stay there: of schedules as little late and as
    /// short, the one that moves such tasks least.
    std::optional<Minute> was{};
    bool stays = false;
    /// Begun already: from, end of hands and done as they are or will be.
    struct Fixed {
        Minute from = 0, handsEnd = 0, done = 0;
        friend bool operator==(const Fixed&, const Fixed&) = default;
    };
    std::optional<Fixed> fixed{};
    friend bool operator==(const Task&, const Task&) = default;
};

inline constexpr int kFamily = 64;

struct Problem {
    std::vector<Task> tasks;
    int hands = 1;  ///< pairs
    int places = 0; ///< tasks name them from 0
    Minute start = 0;
    std::vector<std::optional<Minute>> due{}; ///< by group; groups beyond it have none
    friend bool operator==(const Problem&, const Problem&) = default;
};

/// A task that no night's rest makes possible as it is asked for: hands that may not rest are longer than any stretch
/// of hours, or what must be attended is. Such a task is let rest, or waits alone.
struct Relaxed {
    std::vector<bool> rests, alone; ///< by task
};
/// Eases what cannot be; the problem is then one that has a schedule as long as the hours go on.
Relaxed ease(Problem& problem, const OpenHours& hours);

struct Placed {
    Minute from = 0, handsEnd = 0, done = 0;
    Minute placeTo = 0; ///< until then it holds its place
    int person = -1;    ///< -1: takes no hands
    Minute slack = 0;   ///< it could begin so much later, with all others still done by the schedule's end or due time
    friend bool operator==(const Placed&, const Placed&) = default;
};

struct Schedule : solve::Proof { ///< proved: nothing is less late, or as late and done before
    std::vector<Placed> tasks;   ///< in the problem's order; empty: the hours do not suffice
    Minute end = 0;              ///< of the last wait
    Minute late = 0;             ///< all groups' minutes beyond their due times
    Minute boundEnd = 0;         ///< no schedule ends before
    Minute boundLate = 0;        ///< and none is late by less
    Minute moved = 0;            ///< by so many minutes in all what was planned before begins elsewhere
    int turns = 0;               ///< changes of what hands are at; beyond a family they count twice
    friend bool operator==(const Schedule&, const Schedule&) = default;
};

/// What a practised eye would do: of the tasks that may begin, the one with the least time to spare. At once. Throws
/// Stopped.
Schedule calcFirst(const Problem& problem, const OpenHours& hours, const std::stop_token& stop = {});

/// Counts schedules; where all orders are tried, tasks put down. Usually as many schedules as together place
/// kPlacings tasks, 3,000 at most and 100 at least: by count and never by a clock, so that every desk, sheet and
/// command line finds the same.
inline constexpr long kPlacings = 600'000;
long findUsualRounds(std::size_t tasks);
struct Search : solve::Effort {
    int exactUpTo = 9;      ///< tasks not yet begun; of so few all orders that matter are tried
    std::uint32_t seed = 1; ///< of what is tried; the same gives the same
};
/// As calcFirst, then better by trying: never worse. The same problem and search give the same schedule; asked to stop
/// it throws Stopped.
Schedule calcBest(const Problem& problem, const OpenHours& hours, const Search& search = {});

/// Goes through the order of a schedule again with other minutes: whoever works keeps to the order, come what may.
class Replay {
public:
    explicit Replay(const Schedule& schedule);
    /// End and lateness; nothing when the hours do not suffice. The problem has the same tasks as the schedule's.
    std::optional<std::pair<Minute, Minute>> run(const Problem& problem, const OpenHours& hours,
                                                 const std::stop_token& stop = {}) const;

private:
    std::vector<double> m_key;
};

/// Earliest begin and latest begin (for an end) of each task by the order alone, hands and places disregarded; for a
/// group (-1: all) what other groups wait for may be later.
struct Chain {
    std::vector<Minute> earliest, latest;
};
Chain calcChain(const Problem& problem, const OpenHours& hours, Minute end, int group = -1);
/// No schedule of the tasks of a group (-1: of all) ends before: hands and places poured through the open hours between
/// each earliest begin and latest end.
Minute calcBound(const Problem& problem, const OpenHours& hours, int group = -1, const std::stop_token& stop = {});

} // namespace enkinet::schedule
