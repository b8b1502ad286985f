#pragma once
// The whole production on one calendar: every puppet's and double's steps as one problem of hands, places and hours,
// and what its schedule means. docs/mechanics.md 123 to 128.
#include "make/rates.h"
#include "results/result.h"
#include "schedule/problem.h"
#include <map>

namespace enkinet::results {

/// A step of one copy of a puppet.
struct StepRef {
    int puppet = 0, copy = 1, step = 0;
    friend bool operator==(const StepRef&, const StepRef&) = default;
};

enum class Place { oven, spray, drill };
inline constexpr int kPlaces = 3;
inline constexpr const char* kPlaceWords[kPlaces] = {"oven", "spray", "drill"};

struct Planning {
    Calendar calendar;
    schedule::Problem problem; ///< a task a step, in the order of the steps
    std::vector<StepRef> steps;
    std::vector<document::StepState> states;
    std::vector<make::StepKind> kinds;
    schedule::Relaxed eased;
    make::Rates rates;
    /// A double that the film wants before its puppet is promised: due before the day of its first shot.
    struct Wanted {
        int puppet = 0, copy = 1, shot = 0;
        Minute by = 0;
        int group = 0; ///< of the problem
    };
    std::vector<Wanted> wanted;
    /// Of the builder's moves those that would have a step wait for itself, by place; they are not kept.
    std::vector<int> refused;
    int find(const StepRef& ref) const; ///< -1: not there
    /// By puppet, copy and step, where its task is: filled by makePlanning.
    std::map<std::tuple<int, int, int>, int> places;
};
/// Why a task cannot stand before another: it waits for it, task by task, the last of them `then`. Empty: it can.
std::vector<int> findWaits(const schedule::Problem& problem, int first, int then);

/// When steps began in the plan that was there before.
using Begins = std::map<document::StepKey, Minute>;
document::StepKey keyOf(const Production& production, const std::vector<std::shared_ptr<const Report>>& reports,
                        const StepRef& ref);
/// What begins within so many days of now is moved as little as lateness and end allow: by what is said here.
inline constexpr int kNearDays = 3;
void keepNear(Planning& planning, const Production& production,
              const std::vector<std::shared_ptr<const Report>>& reports, const Begins& begins);

/// now: nothing that has not begun begins before. Steps that the log has as done or begun stand where they are; minutes
/// are the typical ones times the builder's own rate of that kind. A copy that acts in a shot with a day is due before
/// that day, where that is sooner than its puppet's own deadline.
Planning makePlanning(const Production& production, const std::vector<std::shared_ptr<const Report>>& reports,
                      document::WallTime now);

/// A step on the calendar.
struct Planned {
    StepRef step;
    schedule::Placed at;
    std::vector<std::pair<Minute, Minute>> work; ///< stretches of hands
    bool done = false, skipped = false, running = false;
    bool critical = false; ///< no minute to spare: what decides the end
};
struct PlannedPuppet {
    Minute end = 0; ///< of all its copies
    std::optional<Minute> deadline;
    Minute late = 0;
    Minute spare_min = 0; ///< open minutes from the end to the deadline
};
/// A copy that a shot waits for.
struct PlannedCopy {
    int puppet = 0, copy = 1, shot = 0;
    Minute by = 0, end = 0;
    Minute late = 0, spare_min = 0;
};
/// What is not so once a step is begun at its time: checks/replay.h.
struct PlannedBroken {
    StepRef step;
    checks::Broken broken;
};
struct ProductionPlan {
    bool possible = true; ///< the hours suffice
    Minute start = 0;
    schedule::Schedule schedule;
    std::vector<Planned> steps; ///< in order of beginning
    std::vector<PlannedPuppet> puppets;
    std::vector<PlannedCopy> wanted;    ///< by the film, sooner than promised
    Minute hands_min = 0, wait_min = 0; ///< of all that is not done
    std::vector<PlannedBroken> broken;  ///< of findBroken; what is done is not argued with
    double gap() const;                 ///< share by which the makespan is above the bound
};
ProductionPlan calcPlan(const Production& production, const Planning& planning, const OpenHours& hours,
                        const schedule::Schedule& schedule);
/// Every piece carried out at the plan's times, nights and all. reports: as the plan was made from.
std::vector<PlannedBroken> findBroken(const Production& production,
                                      const std::vector<std::shared_ptr<const Report>>& reports,
                                      const ProductionPlan& plan);
OpenHours findHours(const Planning& planning);

/// The schedule that window, paper and command line show: of one production and one start always the same, to the
/// minute. Throws Stopped.
schedule::Schedule calcSchedule(const Planning& planning, const OpenHours& hours, const std::stop_token& stop = {});

/// With the spread of the minutes that the log leaves: of `rounds` builds, each with its own rates and scatter, in the
/// order of the schedule, the share in which every puppet keeps its deadline, and the spread of the end. docs 128.
struct Chance {
    double holds = 0;                       ///< NaN without a deadline
    Minute early = 0, median = 0, late = 0; ///< end: one in ten before, half, nine in ten
    int rounds = 0;
};
/// rounds 0: 2,000, and of many tasks fewer, 150 at least, by their count alone. Throws Stopped.
Chance calcChance(const Planning& planning, const OpenHours& hours, const schedule::Schedule& schedule, int rounds = 0,
                  std::uint32_t seed = 1, const std::stop_token& stop = {});

/// The day by which a ware that has to be bought is ordered: the shop's lead days before the first step that is not
/// done and uses it. Nothing where no such step is left.
std::optional<std::int64_t> findOrderDay(const ProductionPlan& plan, const Planning& planning,
                                         const Production& production, const Need& need);

/// What would make late deadlines hold.
enum class Relief {
    another_pair,  ///< one person more
    longer_days,   ///< amount: minutes a day
    saturdays,     ///< as Fridays
    one_copy_less, ///< of a puppet
    fewer_pieces   ///< half of a feature's
};
struct WayToHold {
    Relief kind = Relief::another_pair;
    int amount = 0;
    int puppet = -1;                    ///< for copies and pieces
    Phrase subject{};                   ///< feature
    std::optional<Calendar> calendar{}; ///< that it means
    Minute late = 0;                    ///< that is left then, by the same search
    Minute cost_min = 0; ///< hands that are paid for it: of the other pair, beyond today's hours; less: saved
};
/// Each solved on the true schedule; those that hold first, the cheapest of them first; at most `most`. Nothing where
/// nothing is late. Throws Stopped.
std::vector<WayToHold> calcWaysToHold(const Production& production,
                                      const std::vector<std::shared_ptr<const Report>>& reports, document::WallTime now,
                                      const schedule::Schedule& present, std::size_t most = 3,
                                      const std::stop_token& stop = {});

} // namespace enkinet::results
