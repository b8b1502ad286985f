#include "document/session.h"
#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QJsonDocument>
#include <QJsonObject>
#include <QSaveFile>
#include <QSet>
#include <QStandardPaths>
#include <QUuid>

namespace enkinet::app {

namespace {

/// When a process began, as the system counts it; empty where there is none.
QString beganAt(qint64 process) {
    QFile f(QString("/proc/%1/stat").arg(process));
    if (!f.open(QIODevice::ReadOnly)) return {};
    // The name may hold anything; what follows its closing bracket is plain.
    const QByteArray all = f.readAll();
    const auto fields = all.mid(all.lastIndexOf(')') + 2).split(' ');
    return fields.size() > 19 ? QString::fromLatin1(fields[19]) : QString();
}

SessionInfo read(const QString& file) {
    SessionInfo info;
    info.id = QFileInfo(file).completeBaseName();
    QFile f(file);
    if (!f.open(QIODevice::ReadOnly) || f.size() > 65536) return info;
    const QJsonObject o = QJsonDocument::fromJson(f.readAll()).object();
    info.process = static_cast<qint64>(o["process"].toDouble()), info.processSince = o["process_since"].toString();
    info.path = o["path"].toString(), info.title = o["title"].toString();
    info.at = QDateTime::fromString(o["at"].toString(), Qt::ISODateWithMs);
    info.work = o["work"].toBool();
    return info;
}

QList<SessionInfo> all() {
    QList<SessionInfo> list;
    for (const QFileInfo& f : QDir(Session::folder()).entryInfoList({"work-*.json"}, QDir::Files))
        list << read(f.absoluteFilePath());
    return list;
}

/// The one file that versions before this kept for all windows.
QString formerFile() { return QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/recovery.enkinet"; }

} // namespace

QString SessionInfo::workFile() const {
    return id.startsWith("work-") ? Session::folder() + "/" + id + ".enkinet" : formerFile();
}

bool SessionInfo::alive() const { return process > 0 && !processSince.isEmpty() && beganAt(process) == processSince; }

QString Session::folder() { return QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/recovery"; }

Session::Session() {
    m_info.process = QCoreApplication::applicationPid();
    m_info.processSince = beganAt(m_info.process);
    m_info.id = "work-" + QUuid::createUuid().toString(QUuid::Id128).left(16);
}

// Work stays behind for the next start; a session without any leaves nothing.
Session::~Session() {
    if (m_kept && !m_info.work) QFile::remove(folder() + "/" + m_info.id + ".json");
}

QList<SessionInfo> Session::leftBehind() {
    QList<SessionInfo> list;
    QSet<QString> noted;
    for (SessionInfo s : all()) {
        noted.insert(s.id);
        if (s.alive()) continue;
        // Where work lies it is offered, whatever the note beside it says, or no longer says.
        if (!QFileInfo::exists(s.workFile())) {
            throwAway(s); // a session that was killed with nothing to lose
            continue;
        }
        if (!s.at.isValid()) s.at = QFileInfo(s.workFile()).lastModified();
        s.work = true;
        list << s;
    }
    for (const QFileInfo& f : QDir(folder()).entryInfoList({"work-*.enkinet"}, QDir::Files)) {
        if (noted.contains(f.completeBaseName())) continue;
        SessionInfo lost;
        lost.id = f.completeBaseName(), lost.work = true, lost.at = f.lastModified();
        list << lost;
    }
    if (QFileInfo::exists(formerFile())) {
        SessionInfo former;
        former.id = "recovery", former.work = true;
        former.at = QFileInfo(formerFile()).lastModified();
        list << former;
    }
    std::sort(list.begin(), list.end(), [](const SessionInfo& a, const SessionInfo& b) { return a.at > b.at; });
    return list;
}

void Session::throwAway(const SessionInfo& info) {
    QFile::remove(info.workFile());
    if (info.id.startsWith("work-")) QFile::remove(folder() + "/" + info.id + ".json");
}

SessionInfo Session::alsoOpen(const QString& path) const {
    if (!path.isEmpty())
        for (const SessionInfo& s : all())
            if (s.id != m_info.id && s.path == path && s.alive()) return s;
    return {};
}

void Session::describe(const QString& path, const QString& title) {
    m_info.path = path, m_info.title = title;
    if (m_kept) write();
}

void Session::keep(bool on) {
    m_kept = on;
    if (on) write();
}

bool Session::noteWork() {
    m_info.work = true, m_info.at = QDateTime::currentDateTime();
    return write();
}

void Session::dropWork() {
    m_info.work = false;
    if (!m_kept) return;
    write();
    QFile::remove(m_info.workFile());
}

bool Session::write() const {
    QDir().mkpath(folder());
    QSaveFile f(folder() + "/" + m_info.id + ".json");
    if (!f.open(QIODevice::WriteOnly)) return false;
    const QJsonObject o{{"process", static_cast<double>(m_info.process)},
                        {"process_since", m_info.processSince},
                        {"path", m_info.path},
                        {"title", m_info.title},
                        {"at", m_info.at.toString(Qt::ISODateWithMs)},
                        {"work", m_info.work}};
    f.write(QJsonDocument(o).toJson(QJsonDocument::Compact));
    return f.commit();
}

} // namespace enkinet::app
