#include "schedule/list_schedule.h"
#include "base/check.h"
#include <algorithm>

namespace enkinet::schedule {

ListSchedule calcListSchedule(const std::vector<ListTask>& tasks) {
    ListSchedule s;
    s.start_min.resize(tasks.size());
    double hands = 0;
    std::vector<double> done(tasks.size());
    std::vector<bool> placed(tasks.size());
    for (std::size_t n = 0; n < tasks.size(); ++n) {
        int next = -1;
        double start = 0;
        for (std::size_t i = 0; i < tasks.size(); ++i) {
            if (placed[i]) continue;
            double ready = hands;
            bool may = true;
            for (int a : tasks[i].after) {
                may = may && placed[static_cast<std::size_t>(a)];
                ready = std::max(ready, done[static_cast<std::size_t>(a)]);
            }
            if (may && (next < 0 || ready < start)) next = static_cast<int>(i), start = ready;
        }
        ENKINET_ASSERT(next >= 0);
        const auto at = static_cast<std::size_t>(next);
        s.start_min[at] = start;
        hands = start + tasks[at].hands_min;
        done[at] = hands + tasks[at].wait_min;
        placed[at] = true;
        s.hands_min += tasks[at].hands_min, s.wait_min += tasks[at].wait_min;
        s.elapsed_min = std::max(s.elapsed_min, done[at]);
        s.order.push_back(next);
    }
    return s;
}

} // namespace enkinet::schedule
