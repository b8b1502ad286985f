#pragma once
// One window's session: which file it has open, since when, and the work that is not in that file yet. Each session has
// two files of its own in the program's data folder, `work-*.json` with what it is about and `work-*.enkinet` with the
// work, so that several windows keep apart and the next start can offer what any of them left behind.
#include <QDateTime>
#include <QList>
#include <QString>

namespace enkinet::app {

/// What a session says of itself.
struct SessionInfo {
    QString id;           ///< file name without its ending
    qint64 process = 0;   ///< that wrote it...
    QString processSince; ///< ...and when that began, so that a number used again is not taken for it
    QString path, title;  ///< of the production; no path: it has no file yet
    QDateTime at;         ///< of the last edit that was kept
    bool work = false;    ///< there is work that the file does not have
    QString workFile() const;
    bool alive() const; ///< its process still runs
};

class Session {
public:
    Session();
    ~Session();
    Session(const Session&) = delete;
    Session& operator=(const Session&) = delete;

    static QString folder();
    /// Work that sessions left behind whose process is gone, newest first; that of earlier versions among them.
    static QList<SessionInfo> leftBehind();
    /// Deletes what a session left behind.
    static void throwAway(const SessionInfo& info);
    /// Another session that has this file open now, of this process or another; empty id: none.
    SessionInfo alsoOpen(const QString& path) const;

    const SessionInfo& info() const { return m_info; }
    /// Says what is open; nothing is written before the session is kept.
    void describe(const QString& path, const QString& title);
    void keep(bool on);
    bool kept() const { return m_kept; }
    /// Notes that the work file has been written.
    bool noteWork();
    /// No work is left to recover.
    void dropWork();

private:
    bool write() const;
    SessionInfo m_info;
    bool m_kept = false;
};

} // namespace enkinet::app
