#pragma once
// A log beside the recovery files: what the program did, in which order and how long it took. It is bounded, and holds
// no names, texts or paths of anybody's work. The library's own warnings stand in it too.
#include <QLoggingCategory>
#include <QString>

namespace enkinet::app {

// Silent, but for warnings, until startLog.
Q_DECLARE_LOGGING_CATEGORY(logDesk)
Q_DECLARE_LOGGING_CATEGORY(logFiles)
Q_DECLARE_LOGGING_CATEGORY(logJobs)

/// Writes to enkinet.log in a folder from now on, and on standard error too where verbose. A log that has grown to
/// 256 kB becomes enkinet.log.1 and a fresh one begins. Where nothing can be written nothing is.
void startLog(const QString& folder, bool verbose);

/// Logs, when it goes, how long something took: { const LogTime time(logFiles(), "opened"); … }
class LogTime {
public:
    LogTime(const QLoggingCategory& category, const char* what);
    ~LogTime();
    LogTime(const LogTime&) = delete;
    LogTime& operator=(const LogTime&) = delete;

private:
    const QLoggingCategory& m_category;
    const char* m_what;
    qint64 m_from_us;
};

} // namespace enkinet::app
