// A document as a file: opened, saved beside and renamed, compared with what others wrote, recovered, judged anew.
#include "document/document.h"
#include "document/translated.h"
#include "files/container.h"
#include "files/production_json.h"
#include "jobs/clock.h"
#include "jobs/log.h"
#include <QCoreApplication>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QPointer>
#include <atomic>
#include <cstdio>
#include <sys/stat.h>

namespace enkinet::app {

QString Document::title() const {
    if (!m_path.isEmpty()) return QFileInfo(m_path).completeBaseName();
    return m_value->name.empty() ? tr("Without a name") : QString::fromStdString(m_value->name);
}

void Document::replace(document::Production production, const QString& path, bool readOnly) {
    m_kept.reset(), m_before.reset();
    m_trialName.clear();
    m_value = std::make_shared<const document::Production>(std::move(production));
    m_path = path, m_source.clear();
    m_readOnly = readOnly;
    m_puppet = 0;
    m_selection = {}, m_selected.clear();
    m_undo.clear();
    m_undo.setClean();
    m_stamp = stampOf(path);
    m_recoverSoon.stop();
    m_session.describe(m_path, title());
    m_session.dropWork();
    // Numbers of another production are not those of before.
    m_result = std::make_shared<results::ProductionResult>(), m_resultOf.reset();
    m_rejudged = false;
    m_printed = m_value->judged.printed;
    Q_EMIT replaced();
    compute();
    Q_EMIT changed();
    Q_EMIT selectionChanged();
    Q_EMIT titleChanged();
}

QString Document::load(const QString& path, bool keepName) {
    const LogTime time(logFiles(), "opened or refused");
    auto loaded = files::loadProduction(path.toStdString(), *m_shipped);
    if (!loaded) return translated(loaded.fault());
    auto l = loaded.take();
    replace(std::move(l.production), keepName ? QFileInfo(path).absoluteFilePath() : QString(), l.newer);
    return {};
}

QString Document::open(const QString& path) { return load(path, true); }
QString Document::openCopy(const QString& path) {
    const QString fault = load(path, false);
    if (fault.isEmpty()) m_source = path;
    return fault;
}

struct Document::Written {
    bool former = true; ///< what stood there is kept, or need not be
    std::optional<Fault> fault{};
};

struct Document::Saving {
    std::atomic<bool> done{false};
    Written written{};
};

QString Document::save(bool overwrite) {
    waitForSave();
    if (!overwrite && isGone()) return tr("%1 is no longer there.").arg(QFileInfo(m_path).fileName());
    if (!overwrite && isChangedOutside())
        return tr("%1 was changed from outside since it was opened here.").arg(QFileInfo(m_path).fileName());
    return saveAs(m_path);
}

QString Document::saveAs(const QString& path) {
    waitForSave();
    endTrial();
    if (const QString why = mayWrite(path); !why.isEmpty()) return why;
    const QString full = QFileInfo(path).absoluteFilePath();
    const LogTime time(logFiles(), "saved or refused");
    return finishWrite(full, m_value, writeFile(full, judgedValue(), !m_formerKept.contains(full)));
}

void Document::saveBeside(bool overwrite, std::function<void(const QString&)> done) {
    waitForSave();
    if (!overwrite && isGone()) return done(tr("%1 is no longer there.").arg(QFileInfo(m_path).fileName()));
    if (!overwrite && isChangedOutside())
        return done(tr("%1 was changed from outside since it was opened here.").arg(QFileInfo(m_path).fileName()));
    endTrial();
    if (const QString why = mayWrite(m_path); !why.isEmpty()) return done(why);
    m_saving = true, m_savingTo = m_path, m_savingValue = m_value, m_savedThen = std::move(done);
    m_saved = std::make_shared<Saving>();
    m_saver.ask([path = m_path, value = judgedValue(), keep = !m_formerKept.contains(m_path), saved = m_saved,
                 self = QPointer<Document>(this)](const std::stop_token&) {
        saved->written = writeFile(path, value, keep);
        saved->done = true;
        QMetaObject::invokeMethod(
            qApp,
            [self] {
                if (self) self->takeSaved();
            },
            Qt::QueuedConnection);
    });
}

void Document::takeSaved() {
    if (!m_saving || !m_saved->done) return;
    m_saving = false;
    const QString said = finishWrite(m_savingTo, m_savingValue, m_saved->written);
    m_savingValue.reset();
    // It may ask for the next.
    std::exchange(m_savedThen, {})(said);
}

void Document::waitForSave() {
    while (m_saving) {
        m_saver.waitIdle(1000);
        takeSaved();
    }
}

QString Document::mayWrite(const QString& path) const {
    if (path == m_path && m_readOnly)
        return tr("This file was written by a later version: save it under another name.");
    // Whoever may do everything is asked to respect it all the same.
    constexpr auto kAnyWrite = QFile::WriteOwner | QFile::WriteGroup | QFile::WriteOther;
    if (const QFileInfo f(path); f.exists() && !(f.permissions() & kAnyWrite))
        return tr("%1 is only for reading: save it under another name.").arg(f.fileName());
    if (!m_value->pictures.empty() && QFileInfo(path).suffix().toLower() == "json")
        return tr("A bare .json cannot hold the pictures on the sheet: save as .enkinet.");
    return {};
}

Document::Value Document::judgedValue() const {
    auto judged = std::make_shared<document::Production>(*m_value);
    if (!m_working && m_resultOf == m_value && m_result)
        judged->judged = results::makeJudged(*m_value, m_result->puppets);
    judged->judged.printed = m_printed;
    return judged;
}

void Document::notePrinted() {
    if (!hasPuppet()) return;
    std::erase_if(m_printed, [&](const document::PrintedSheets& p) { return p.puppet == puppet().id; });
    m_printed.push_back(results::makePrinted(puppet(), report(), wallSeconds() / 60));
    // Where there is a file it is worth a save.
    if (!m_path.isEmpty()) m_undo.resetClean();
    Q_EMIT changed();
}

std::optional<Minute> Document::printedAt() const {
    for (const document::PrintedSheets& p : m_printed)
        if (hasPuppet() && p.puppet == puppet().id) return p.at;
    return std::nullopt;
}

QStringList Document::outdatedSheets() const {
    QStringList names;
    for (const document::PrintedSheets& p : m_printed)
        if (hasPuppet() && p.puppet == puppet().id && m_resultOf == m_value)
            for (const std::string& id : results::findOutdated(p, puppet(), report()))
                names << QString::fromStdString(body::findLimb(puppet(), id)->name);
    return names;
}

void Document::sayRejudged() {
    if (m_rejudged || m_resultOf != m_value) return;
    m_rejudged = true;
    const document::Judged& was = m_value->judged;
    if (was.rules <= 0 || was.rules >= results::kRules) return;
    Q_EMIT judgedAnew(results::findRejudged(was, results::makeJudged(*m_value, m_result->puppets)));
}

Document::Written Document::writeFile(const QString& full, const Value& value, bool keepFormer) {
    Written w;
    // What stood there before this session is kept beside it, once; the copy of the session before goes only when
    // this one has been saved.
    const QString former = formerPath(full), beside = former + ".new";
    const bool keep = keepFormer && QFileInfo::exists(full);
    if (keep) {
        QFile::remove(beside);
        w.former = QFile::copy(full, beside);
        if (!w.former) {
            QFile::remove(beside);
            return w;
        }
    }
    if (auto saved = files::saveProduction(full.toStdString(), *value); !saved) w.fault = saved.fault();
    if (keep && w.fault)
        QFile::remove(beside);
    else if (keep)
        w.former = std::rename(QFile::encodeName(beside).constData(), QFile::encodeName(former).constData()) == 0;
    return w;
}

QString Document::finishWrite(const QString& full, const Value& value, const Written& written) {
    if (!written.former)
        return tr("%1 could not be kept beside the file, so nothing was written.")
            .arg(QFileInfo(formerPath(full)).fileName());
    if (written.fault) return translated(*written.fault);
    m_formerKept.insert(full);
    m_path = full;
    m_readOnly = false;
    m_stamp = stampOf(m_path);
    m_session.describe(m_path, title());
    // What was changed while it was written is still to be saved.
    if (value == m_value) {
        m_undo.setClean();
        dropRecovery();
    }
    Q_EMIT titleChanged();
    return {};
}

Document::Stamp Document::stampOf(const QString& path) {
    struct stat s {};
    if (path.isEmpty() || ::stat(QFile::encodeName(path).constData(), &s) != 0) return {};
    return {true, static_cast<qint64>(s.st_size), s.st_mtim.tv_sec * 1000LL + s.st_mtim.tv_nsec / 1000000,
            static_cast<quint64>(s.st_ino)};
}

bool Document::isGone() const { return !m_path.isEmpty() && m_stamp.there && !stampOf(m_path).there; }

bool Document::isChangedOutside() const { return !m_path.isEmpty() && m_stamp.there && !(stampOf(m_path) == m_stamp); }

QStringList Document::compareWithFile() const {
    auto loaded = files::loadProduction(m_path.toStdString(), *m_shipped);
    if (!loaded) return {translated(loaded.fault())};
    const document::Production &file = loaded->production, &here = *m_value;
    QStringList lines;
    for (const body::Puppet& p : here.puppets) {
        const body::Puppet* other = document::findPuppet(file, p.id);
        const QString name = QString::fromStdString(p.name);
        if (!other)
            lines << tr("%1 is only here").arg(name);
        else if (!(*other == p))
            lines << tr("%1 differs").arg(name);
    }
    for (const body::Puppet& p : file.puppets)
        if (!document::findPuppet(here, p.id))
            lines << tr("%1 is only in the file").arg(QString::fromStdString(p.name));
    if (!(file.stock == here.stock)) lines << tr("the stock differs");
    if (!(file.cards == here.cards)) lines << tr("the cards differ");
    if (!(file.schemes == here.schemes)) lines << tr("the paint schemes differ");
    if (lines.isEmpty()) lines << tr("nothing differs that is drawn or counted");
    return lines;
}

QString Document::besidePath() const {
    const QFileInfo f(m_path);
    for (int n = 2;; ++n) {
        const QString path = QString("%1/%2 (%3).%4").arg(f.path(), f.completeBaseName()).arg(n).arg(f.suffix());
        if (!QFileInfo::exists(path)) return path;
    }
}

QString Document::formerPath(const QString& path) {
    const QFileInfo f(path);
    return QString("%1/%2.before.%3").arg(f.path(), f.completeBaseName(), f.suffix());
}

QString Document::notice() const {
    if (m_readOnly)
        return tr("This file was written by a later version: it is open to look at, and can be saved under another "
                  "name only.");
    if (const SessionInfo other = m_session.alsoOpen(m_path); !other.id.isEmpty())
        return tr("This file is open in another window too: what is saved last will stand.");
    return {};
}

void Document::startEmpty() { replace({}, {}, false); }

void Document::setRecovery(bool on) {
    m_session.keep(on);
    m_session.describe(m_path, title());
}

void Document::keepNow() {
    if (!m_session.kept()) return;
    m_recoverSoon.stop();
    writeRecovery();
}

void Document::writeRecovery() {
    if (!isChanged() || !m_session.kept()) return;
    QDir().mkpath(Session::folder());
    const auto saved = files::saveProduction(m_session.info().workFile().toStdString(), m_kept ? *m_kept : *m_value);
    if (saved && m_session.noteWork()) {
        m_recoveryFailed = false;
        if (!m_taken.id.isEmpty()) Session::throwAway(m_taken), m_taken = {};
        return;
    }
    // The next edit tries again; that nothing is kept meanwhile is said, once.
    if (!m_recoveryFailed)
        Q_EMIT refused(tr("work cannot be kept for recovery in %1: save often").arg(Session::folder()));
    m_recoveryFailed = true;
}

QString Document::openRecovery(const SessionInfo& left) {
    const QString fault = load(left.workFile(), false);
    if (!fault.isEmpty()) return fault;
    if (!left.path.isEmpty()) {
        m_path = left.path;
        // Whatever has become of the file since, it is not what this work began from for certain.
        m_stamp = stampOf(m_path);
        if (m_stamp.there && QFileInfo(m_path).lastModified() > left.at) m_stamp.modified_ms = 0;
    }
    m_undo.resetClean();
    m_taken = left;
    m_session.describe(m_path, title());
    writeRecovery();
    Q_EMIT titleChanged();
    return {};
}

void Document::dropRecovery() {
    m_recoverSoon.stop();
    m_session.dropWork();
    if (!m_taken.id.isEmpty()) Session::throwAway(m_taken), m_taken = {};
}

} // namespace enkinet::app
