#pragma once
// The clock on the shop's wall, which tests may turn.
#include <cstdint>
#include <functional>

namespace enkinet::app {

/// Seconds since 1970 by the local clock, without a zone.
std::int64_t wallSeconds();
/// Another clock; none: the real one again.
void setWallClock(std::function<std::int64_t()> clock);

} // namespace enkinet::app
