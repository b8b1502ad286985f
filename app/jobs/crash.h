#pragma once
// What is left behind where the program ends by a fault: a report with its version, the signal or exception, where it
// was, and the last ten steps by the words that undo has for them. Nothing is sent anywhere.
#include <QString>
#include <optional>

namespace enkinet::app {

/// Reports to crash.txt in a folder from now on. Under a sanitizer, which reports itself, nothing is changed.
void watchCrashes(const QString& folder, const QString& version);
/// A step that was done, undone or redone.
void noteCrashStep(const QString& words);
/// A report that lies in a folder, given a name of its own by its time, so that it is found once; none: nothing lies
/// there.
std::optional<QString> takeCrashReport(const QString& folder);

} // namespace enkinet::app
