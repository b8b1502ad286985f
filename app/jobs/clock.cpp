#include "jobs/clock.h"
#include <QDateTime>

namespace enkinet::app {

namespace {
std::function<std::int64_t()>& turned() {
    static std::function<std::int64_t()> clock;
    return clock;
}
} // namespace

std::int64_t wallSeconds() {
    if (turned()) return turned()();
    const QDateTime now = QDateTime::currentDateTime();
    return now.toSecsSinceEpoch() + now.offsetFromUtc();
}

void setWallClock(std::function<std::int64_t()> clock) { turned() = std::move(clock); }

} // namespace enkinet::app
