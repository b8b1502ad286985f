#include "jobs/log.h"
#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QMutex>
#include <chrono>
#include <cstdio>

namespace enkinet::app {

Q_LOGGING_CATEGORY(logDesk, "enkinet.desk", QtWarningMsg)
Q_LOGGING_CATEGORY(logFiles, "enkinet.files", QtWarningMsg)
Q_LOGGING_CATEGORY(logJobs, "enkinet.jobs", QtWarningMsg)

namespace {

constexpr qint64 kMostLogBytes = 256 * 1024;

/// Never destroyed: something may be logged until the very end.
struct Log {
    QMutex mutex;
    QString path;
    QtMessageHandler former = nullptr;
    bool verbose = false;

    void write(const QByteArray& line) {
        const QMutexLocker lock(&mutex);
        if (QFile f(path); f.open(QIODevice::WriteOnly | QIODevice::Append | QIODevice::Text)) {
            f.write(line);
            if (f.size() < kMostLogBytes) return;
        }
        QFile::remove(path + ".1");
        QFile::rename(path, path + ".1");
    }
};
Log& log() {
    static auto* all = new Log;
    return *all;
}

const char* wordOf(QtMsgType type) {
    switch (type) {
    case QtDebugMsg:
        return "debug";
    case QtInfoMsg:
        return "info";
    case QtWarningMsg:
        return "warning";
    case QtCriticalMsg:
        return "critical";
    case QtFatalMsg:
        return "fatal";
    }
    return "";
}

void onMessage(QtMsgType type, const QMessageLogContext& context, const QString& text) {
    const QByteArray line = QDateTime::currentDateTime().toString(Qt::ISODateWithMs).toUtf8() + ' ' + wordOf(type) +
                            ' ' + (context.category ? context.category : "default") + ' ' +
                            text.left(500).replace('\n', ' ').toUtf8() + '\n';
    log().write(line);
    if (type == QtDebugMsg || type == QtInfoMsg) {
        if (log().verbose) std::fputs(line.constData(), stderr);
    } else if (log().former) {
        log().former(type, context, text);
    }
}

qint64 now_us() {
    return std::chrono::duration_cast<std::chrono::microseconds>(std::chrono::steady_clock::now().time_since_epoch())
        .count();
}

} // namespace

void startLog(const QString& folder, bool verbose) {
    QDir().mkpath(folder);
    log().path = folder + "/enkinet.log", log().verbose = verbose;
    QLoggingCategory::setFilterRules("enkinet.*=true");
    log().former = qInstallMessageHandler(onMessage);
}

LogTime::LogTime(const QLoggingCategory& category, const char* what)
    : m_category(category), m_what(what), m_from_us(now_us()) {}

LogTime::~LogTime() {
    qCInfo(m_category).noquote() << m_what << "in" << static_cast<double>(now_us() - m_from_us) / 1000 << "ms";
}

} // namespace enkinet::app
