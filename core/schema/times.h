#pragma once
// Fields that are a time on the shop's wall or a day: texts in files.
#include "base/calendar.h"
#include "schema/field.h"

namespace enkinet::schema {

struct IsoTime {
    static std::string text(Minute at) { return isoTime(at); }
    static std::optional<Minute> parse(const std::string& text) { return parseIsoTime(text); }
};
struct IsoDay {
    static std::string text(std::int64_t day) { return isoDate(day); }
    static std::optional<std::int64_t> parse(const std::string& text) { return parseIsoDate(text); }
};

template <auto... Members> Field timeField(const char* key, Phrase name) {
    return coded<IsoTime, Members...>(key, std::move(name)).formed(words("must be a time such as 2026-11-30T10:00"));
}
template <auto... Members> Field dayField(const char* key, Phrase name) {
    return coded<IsoDay, Members...>(key, std::move(name)).formed(words("must be a day such as 2026-12-21"));
}

} // namespace enkinet::schema
