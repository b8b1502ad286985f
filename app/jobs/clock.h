#pragma once
// The clock on the shop's wall, which tests may turn.
#include <cstdint>
#include <functional>

namespace enkinet::app {

/// Seconds since 1970 by the local clock, without a zone. It goes on by the time that passes, sleep of the machine
/// counted, whatever the machine's clock is set to meanwhile.
std::int64_t wallSeconds();
/// How far it is ahead of UTC, in minutes: summer time changes it.
int wallOffset_min();
/// By how much the machine's clock was set since the program began; what runs did not notice.
std::int64_t wallSetBy_s();
/// A clock that tests turn.
struct WallClock {
    std::function<std::int64_t()> seconds;
    std::function<int()> offset_min = [] { return 0; };
    std::function<std::int64_t()> setBy_s = [] { return 0; };
};
/// Without seconds: the real one again.
void setWallClock(WallClock clock);

} // namespace enkinet::app
