#include "jobs/clock.h"
#include <QDateTime>
#include <ctime>

namespace enkinet::app {

namespace {
WallClock& turnedTo() {
    static WallClock clock;
    return clock;
}

std::int64_t secondsOf(clockid_t clock) {
    timespec t{};
    clock_gettime(clock, &t);
    return t.tv_sec;
}

/// UTC as it was when first asked, and the time that has passed since.
std::int64_t utcSeconds() {
    static const std::int64_t ahead = secondsOf(CLOCK_REALTIME) - secondsOf(CLOCK_BOOTTIME);
    return secondsOf(CLOCK_BOOTTIME) + ahead;
}
} // namespace

std::int64_t wallSeconds() {
    return turnedTo().seconds ? turnedTo().seconds() : utcSeconds() + std::int64_t{60} * wallOffset_min();
}

int wallOffset_min() {
    return turnedTo().seconds ? turnedTo().offset_min()
                              : QDateTime::fromSecsSinceEpoch(utcSeconds()).offsetFromUtc() / 60;
}

std::int64_t wallSetBy_s() {
    return turnedTo().seconds ? turnedTo().setBy_s() : secondsOf(CLOCK_REALTIME) - utcSeconds();
}

void setWallClock(WallClock clock) { turnedTo() = std::move(clock); }

} // namespace enkinet::app
