#pragma once
// What the core has to say of its own work to whoever keeps a log: silent where nobody does. No names and no paths.
#include <functional>
#include <string>

namespace enkinet {

/// Called from any thread, one line at a time; set once, before anything is asked of the core. None: nothing is said.
using LogSink = std::function<void(const char* category, const std::string& line)>;
void setLogSink(LogSink sink);
void logLine(const char* category, const std::string& line);

} // namespace enkinet
