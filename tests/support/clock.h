#pragma once
// The day that the window's tests are played on: never today, so that a test does not hang on the date that it is run.
#include "base/calendar.h"
#include "jobs/clock.h"
#include <chrono>
#include <cstdlib>
#include <string>

namespace enkinet::test {

/// A Monday morning, or what ENKINET_TEST_DATE says, as "2026-12-20T10:00"; from there on time goes by.
inline void setUsualClock() {
    static const auto began = std::chrono::steady_clock::now();
    const char* asked = std::getenv("ENKINET_TEST_DATE");
    const auto at = parseIsoTime(asked ? asked : "2026-11-30T10:00");
    const std::int64_t base = at.value_or(0) * 60;
    app::setWallClock({[base] {
        return base +
               std::chrono::duration_cast<std::chrono::seconds>(std::chrono::steady_clock::now() - began).count();
    }});
}

} // namespace enkinet::test
