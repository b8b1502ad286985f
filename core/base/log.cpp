#include "base/log.h"

namespace enkinet {

namespace {

/// Never destroyed: a thread may say something until the very end.
LogSink& logSink() {
    static auto* sink = new LogSink;
    return *sink;
}

} // namespace

void setLogSink(LogSink sink) { logSink() = std::move(sink); }

void logLine(const char* category, const std::string& line) {
    if (logSink()) logSink()(category, line);
}

} // namespace enkinet
