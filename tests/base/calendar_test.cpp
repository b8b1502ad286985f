#include "base/calendar.h"
#include "support/near.h"

TEST_CASE("Dates are read as they are written, and what is no date is refused", "[base]") {
    CHECK(isoTime(*parseIsoTime("2026-11-30T10:00")) == "2026-11-30T10:00");
    CHECK(isoTime(*parseIsoTime("2028-02-29")) == "2028-02-29T00:00");
    CHECK(parseIsoTime("2026-11-30T10:00:59") == parseIsoTime("2026-11-30T10:00"));
    CHECK(parseIsoTime("1970-01-01T00:00") == 0);
    CHECK(weekday(*parseIsoDate("2026-11-30")) == 0); // a Monday
    CHECK(weekday(*parseIsoDate("2026-11-26")) == 3);
    CHECK(weekday(-4) == 6); // 1969-12-28 was a Sunday
    for (const char* wrong : {"", "2026-02-29", "2026-13-01", "2026-11-30T24:01", "2026-11-30 10:00", "2026-11-30T10",
                              "26-11-30", "2026-11-30T10:0x", "2026-11--1", "1969-01-01", "2026-11-30T10:00:xx"})
        CHECK_FALSE(parseIsoTime(wrong).has_value());
    CHECK(parseClock("24:00") == 1440);
    CHECK_FALSE(parseClock("24:01").has_value());
    CHECK(isoTime(-1) == "1969-12-31T23:59");
}

TEST_CASE("A calendar without hours, or with hours over each other, is refused by name", "[base]") {
    Calendar c = Calendar::usual();
    CHECK_FALSE(checkCalendar(c).has_value());
    c.hours[2] = {{600, 700}, {650, 800}};
    REQUIRE(checkCalendar(c).has_value());
    CHECK(checkCalendar(c)->sentence() == "calendar: 10:50 to 13:20 must begin after the one before it has ended");
    CHECK(checkCalendar(Calendar{}).has_value());
    c = Calendar::usual();
    c.people = {"Ada", "Ada"};
    CHECK(checkCalendar(c).has_value());
    c.people = {"Ada", "Bo"};
    CHECK_FALSE(checkCalendar(c).has_value());
    CHECK(c.hands() == 2);
}

TEST_CASE("Open hours agree with a clock that is looked at every minute", "[base]") {
    Random random(11);
    for (int round = 0; round < 60; ++round) {
        std::vector<std::pair<Minute, Minute>> windows;
        std::vector<bool> open(400);
        Minute at = 0;
        for (int k = 0; k < 9; ++k) {
            at += random.whole(0, 20);
            const Minute to = at + random.whole(1, 20);
            windows.emplace_back(at, to);
            for (Minute m = at; m < to; ++m)
                open[nth(m)] = true;
            at = to;
        }
        const OpenHours hours(windows);
        const Minute from = random.whole(0, 390), to = random.whole(static_cast<int>(from), 399);
        Minute count = 0;
        for (Minute m = from; m < to; ++m)
            count += open[nth(m)];
        CHECK(hours.openBetween(from, to) == count);
        const Minute work = random.whole(1, 60);
        Minute left = work, done = OpenHours::kNever;
        for (Minute m = from; m < 400 && left > 0; ++m)
            if (open[nth(m)] && --left == 0) done = m + 1;
        CHECK(hours.finish(from, work) == done);
        left = work;
        Minute begin = -OpenHours::kNever;
        for (Minute m = to; m-- > 0 && left > 0;)
            if (open[nth(m)] && --left == 0) begin = m;
        CHECK(hours.latestBegin(to, work) == begin);
        const auto whole = [&](Minute s, Minute n) {
            for (Minute m = s; m < s + n; ++m)
                if (m < 0 || m >= 400 || !open[nth(m)]) return false;
            return true;
        };
        const Minute some = random.whole(1, 25);
        Minute first = from;
        while (first < 400 && !whole(first, some))
            ++first;
        CHECK(hours.nextWhole(from, some) == (first < 400 ? first : OpenHours::kNever));
        Minute last = to;
        while (last > 0 && !whole(last - some, some))
            --last;
        CHECK(hours.lastWholeEnd(to, some) == (last > 0 ? last : -OpenHours::kNever));
    }
}

TEST_CASE("Nights, ends of the week and days off are no working time", "[base]") {
    Calendar c = Calendar::usual();
    c.daysOff = {*parseIsoDate("2026-12-01")};
    const Minute friday = *parseIsoTime("2026-11-27T17:00");
    const OpenHours hours(c, friday);
    // An hour on Friday, eight on Monday, and Tuesday is off.
    CHECK(isoTime(hours.finish(friday, 9 * 60 + 30)) == "2026-12-02T10:30");
    CHECK(isoTime(hours.nextOpen(*parseIsoTime("2026-11-28T12:00"))) == "2026-11-30T10:00");
    CHECK(hours.longest() == 8 * 60);
}
