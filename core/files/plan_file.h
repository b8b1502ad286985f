#pragma once
// A plan for other programs: iCalendar (RFC 5545) and CSV.
#include "results/planning.h"

namespace enkinet::files {

/// What the caller calls a step, in its own words.
using StepWords = std::function<std::string(const make::Step&)>;
/// "tansy.1/skin:arm": of the production.
std::string planId(const document::Production& production, const results::StepRef& ref, const make::Step& step);
/// An event a stretch of hands and one a wait of an hour or more; times float, as the shop's wall shows them.
std::string writeIcs(const document::Production& production, const results::ProductionResult& result,
                     const results::ProductionPlan& plan, const StepWords& words);
/// One row a step: id, puppet, copy, step, start, hands done, done, minutes of hands and wait, person.
/// What was written down, a line an entry.
std::string writeLogCsv(const std::vector<document::LogEntry>& log);
std::string writePlanCsv(const document::Production& production, const results::ProductionResult& result,
                         const results::ProductionPlan& plan, const StepWords& words);
/// Whose hands; empty where there are none.
std::string personOf(const document::Production& production, const results::Planned& step);

} // namespace enkinet::files
