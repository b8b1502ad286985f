#pragma once
// Tasks that wait for each other, one pair of hands: a task takes the hands for a while, and then sets by itself. Knows
// nothing of what the tasks are. List schedule: of the tasks that may begin, the one that can begin first; the earlier
// in the list on a tie. No bound is given: it is what a careful builder would do, not the best that could be done.
#include <vector>

namespace enkinet::schedule {

struct ListTask {
    double hands_min = 0, wait_min = 0; ///< hands on, then by itself
    std::vector<int> after;             ///< places of the tasks that must have set; without circles
};

struct ListSchedule {
    std::vector<int> order;        ///< places in the order in which the hands take them
    std::vector<double> start_min; ///< by place in the list of tasks
    double hands_min = 0, wait_min = 0;
    double elapsed_min = 0; ///< until the last has set
};

ListSchedule calcListSchedule(const std::vector<ListTask>& tasks);

} // namespace enkinet::schedule
