#pragma once
// What bound and search share.
#include "schedule/problem.h"

namespace enkinet::schedule {

/// Must lie in one stretch of open hours.
inline bool isWhole(const Task& t) { return t.attended > 0 || !t.rests; }
/// Each behind what it waits for.
std::vector<int> orderOf(const Problem& problem);
std::vector<std::vector<int>> findFollowers(const Problem& problem);
/// At the first time from ready on that the hours allow; nothing when they end before.
std::optional<Placed> place(const Task& task, Minute ready, const OpenHours& hours);

} // namespace enkinet::schedule
