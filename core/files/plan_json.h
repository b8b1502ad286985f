#pragma once
// The calendar and the log of a production as they stand in a file; docs/file-format.md names every key.
#include "document/production.h"
#include "files/reader.h"

namespace enkinet::files {

Calendar readCalendar(Reader& r);
Json calendarJson(const Calendar& calendar);
document::LogEntry readLogEntry(Reader& r);
document::StepMove readMove(Reader& r);
Json moveJson(const document::StepMove& move);
Json logEntryJson(const document::LogEntry& entry);
/// The word that files and tables have for it.
const char* logWord(document::LogKind kind);
/// A time from a file; the fault names the key.
std::optional<Minute> readTime(Reader& r, const char* key);

} // namespace enkinet::files
