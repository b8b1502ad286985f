// Saving, leaving and going on: what the window asks about files. What is done is Document's.
#include "jobs/crash.h"
#include "shell/window.h"
#include "widgets/accessible_picture.h"
#include "widgets/fields.h"
#include "widgets/row_list.h"
#include <QAbstractSpinBox>
#include <QApplication>
#include <QDialog>
#include <QDir>
#include <QFileDialog>
#include <QFileInfo>
#include <QLabel>
#include <QLineEdit>
#include <QLocale>
#include <QMenu>
#include <QMessageBox>
#include <QPushButton>
#include <QSettings>
#include <QVBoxLayout>

namespace enkinet::app {

namespace {
constexpr int kRecent = 8;
}

QString Window::productionFilter() { return tr("Productions (*.enkinet *.json)"); }

bool Window::save() {
    enterTyped();
    if (m_document.path().isEmpty() || m_document.readOnly()) return saveAs();
    const std::optional<bool> overwrite = mayOverwrite();
    if (!overwrite) return m_saveFault.isEmpty() && !m_document.isChanged();
    return finishSave(m_document.save(*overwrite));
}

void Window::saveBeside() {
    enterTyped();
    if (m_document.path().isEmpty() || m_document.readOnly()) {
        saveAs();
        return;
    }
    if (const std::optional<bool> overwrite = mayOverwrite())
        m_document.saveBeside(*overwrite, [this](const QString& fault) { finishSave(fault); });
}

/// Whether what others wrote is written over; none: it was done otherwise, or not at all.
std::optional<bool> Window::mayOverwrite() {
    m_document.waitForSave();
    bool overwrite = false;
    if (m_document.isGone()) {
        const QFileInfo was(m_document.path());
        QMessageBox ask(QMessageBox::Warning, tr("No longer there"),
                        was.dir().exists()
                            ? tr("%1 was deleted, moved or renamed since it was opened here.").arg(was.fileName())
                            : tr("The folder of %1 is no longer there.").arg(was.fileName()),
                        QMessageBox::NoButton, this);
        ask.setObjectName("fileGone");
        ask.setTextFormat(Qt::PlainText);
        auto* again = was.dir().exists() ? ask.addButton(tr("Save it there again"), QMessageBox::AcceptRole) : nullptr;
        auto* as = ask.addButton(tr("Save as…"), QMessageBox::AcceptRole);
        auto* back = ask.addButton(tr("Go back"), QMessageBox::RejectRole);
        ask.setDefaultButton(static_cast<QPushButton*>(again ? again : as));
        ask.setEscapeButton(back);
        ask.exec();
        if (again && ask.clickedButton() == again) return true;
        if (ask.clickedButton() == as)
            saveAs();
        else
            finishSave(tr("%1 is no longer there.").arg(was.fileName()));
        return {};
    }
    while (m_document.isChangedOutside()) {
        QMessageBox ask(QMessageBox::Warning, tr("Changed from outside"),
                        tr("%1 was written by another window or program since it was opened here.")
                            .arg(QFileInfo(m_document.path()).fileName()),
                        QMessageBox::NoButton, this);
        ask.setObjectName("changedOutside");
        ask.setTextFormat(Qt::PlainText);
        auto* both = ask.addButton(tr("Keep both"), QMessageBox::AcceptRole);
        auto* compare = ask.addButton(tr("Compare"), QMessageBox::ActionRole);
        auto* over = ask.addButton(tr("Write over it"), QMessageBox::DestructiveRole);
        auto* back = ask.addButton(tr("Go back"), QMessageBox::RejectRole);
        ask.setDefaultButton(static_cast<QPushButton*>(both));
        ask.setEscapeButton(back);
        ask.exec();
        if (ask.clickedButton() == both) {
            finishSave(m_document.saveAs(m_document.besidePath()));
            return {};
        }
        if (ask.clickedButton() == compare) {
            QMessageBox show(QMessageBox::Information, tr("What differs"), m_document.compareWithFile().join("\n"),
                             QMessageBox::Ok, this);
            show.setObjectName("whatDiffers");
            show.setTextFormat(Qt::PlainText);
            show.exec();
            continue;
        }
        if (ask.clickedButton() != over) return {};
        overwrite = true;
        break;
    }
    return overwrite;
}

/// A save that failed stays said until one succeeds.
bool Window::finishSave(const QString& fault) {
    m_saveFault = fault;
    say({});
    if (fault.isEmpty()) remember(m_document.path());
    return fault.isEmpty();
}

/// A number that was typed and not yet entered counts.
void Window::enterTyped() {
    if (auto* field = qobject_cast<QAbstractSpinBox*>(QApplication::focusWidget())) field->interpretText();
    if (auto* line = qobject_cast<QLineEdit*>(QApplication::focusWidget()); line && line->isModified())
        Q_EMIT line->editingFinished();
}

bool Window::saveAs() {
    QString suggested = m_document.path().isEmpty() ? m_document.title() + ".enkinet" : m_document.path();
    for (;;) {
        // Whether it is written over is asked once its whole name is known.
        QString path = QFileDialog::getSaveFileName(this, tr("Save the production"), suggested,
                                                    tr("Productions (*.enkinet *.json)"), nullptr,
                                                    QFileDialog::DontConfirmOverwrite);
        if (path.isEmpty()) return false;
        const QString ending = QFileInfo(path).suffix().toLower();
        if (ending != "enkinet" && ending != "json") path += ".enkinet";
        const bool own = QFileInfo(path).absoluteFilePath() == m_document.path();
        if (own && !m_document.readOnly()) return finishSave(m_document.saveAs(path));
        if (QFileInfo::exists(path)) {
            QMessageBox ask(QMessageBox::Warning, tr("There already"),
                            tr("%1 is there already. Writing over it takes its place.").arg(QFileInfo(path).fileName()),
                            QMessageBox::NoButton, this);
            ask.setObjectName("writeOver");
            ask.setTextFormat(Qt::PlainText);
            auto* over = ask.addButton(tr("Write over it"), QMessageBox::DestructiveRole);
            auto* other = ask.addButton(tr("Another name"), QMessageBox::RejectRole);
            ask.setDefaultButton(static_cast<QPushButton*>(other));
            ask.setEscapeButton(other);
            ask.exec();
            if (ask.clickedButton() != over) {
                suggested = path;
                continue;
            }
        }
        return finishSave(m_document.saveAs(path));
    }
}

bool Window::mayLeave() {
    enterTyped();
    m_document.waitForSave();
    while (m_document.isChanged()) {
        const bool named = !m_document.path().isEmpty() && !m_document.readOnly();
        QMessageBox ask(QMessageBox::Question, tr("Keep this production?"),
                        !m_saveFault.isEmpty() ? tr("%1 could not be saved: %2").arg(m_document.title(), m_saveFault)
                        : named                ? tr("%1 has changes that are not saved.").arg(m_document.title())
                                               : tr("%1 has no file yet.").arg(m_document.title()),
                        QMessageBox::NoButton, this);
        ask.setObjectName("mayLeave");
        ask.setTextFormat(Qt::PlainText);
        QPushButton* save =
            named ? ask.addButton(m_saveFault.isEmpty() ? tr("Save") : tr("Try again"), QMessageBox::AcceptRole)
                  : nullptr;
        QPushButton* as = ask.addButton(tr("Save as…"), QMessageBox::AcceptRole);
        QPushButton* away = ask.addButton(tr("Throw away"), QMessageBox::DestructiveRole);
        QPushButton* back = ask.addButton(tr("Go back"), QMessageBox::RejectRole);
        ask.setDefaultButton(save ? save : as);
        ask.setEscapeButton(back);
        ask.exec();
        if (ask.clickedButton() == away) {
            m_saveFault.clear();
            return true;
        }
        if (save && ask.clickedButton() == save) {
            if (this->save()) return true;
        } else if (ask.clickedButton() == as) {
            if (saveAs()) return true;
        } else {
            return false;
        }
        if (m_saveFault.isEmpty()) return false; // gone back from a dialog
    }
    return true;
}

void Window::offerRecovery() {
    m_document.setRecovery(true);
    const QList<SessionInfo> left = Session::leftBehind();
    if (left.isEmpty()) return;
    // Who opens another file is not interrupted: it waits, and says where.
    const bool mine = std::any_of(left.begin(), left.end(), [&](const SessionInfo& s) {
        return !s.path.isEmpty() && s.path == m_document.path();
    });
    if (m_document.hasPuppet() && !mine) {
        m_message->setText(tr("%n session(s) ended without closing: the work is under More, Production.", nullptr,
                              static_cast<int>(left.size())));
        announce(*m_message, m_message->text());
        return;
    }
    askRecovery();
}

void Window::sayFault(const QString& what) {
    showMessage(tr("A fault of the program's own was caught (%1). Your work is kept; save it, and begin anew if "
                   "anything looks wrong.")
                    .arg(what.left(120)),
                true);
}

void Window::offerCrashReport() {
    const auto report = takeCrashReport(Session::folder());
    if (!report) return;
    auto* slip = new QDialog(this);
    slip->setObjectName("crashSlip");
    slip->setAttribute(Qt::WA_DeleteOnClose);
    slip->setWindowTitle(tr("The program ended by a fault"));
    auto* v = new QVBoxLayout(slip);
    auto* text = makeText();
    text->setText(tr("The last time the program ended by a fault of its own. A report of it lies beside the recovered "
                     "work: its version, where it was, and the last ten steps by their names. It is sent nowhere; who "
                     "mends the program can use it."));
    auto* where = new QLabel(*report);
    where->setTextInteractionFlags(Qt::TextSelectableByMouse | Qt::TextSelectableByKeyboard);
    where->setWordWrap(true);
    auto* row = new QHBoxLayout;
    auto* keep = new QPushButton(tr("Keep the report"));
    auto* away = new QPushButton(tr("Throw it away"));
    away->setObjectName("crashAway");
    row->addStretch();
    row->addWidget(away);
    row->addWidget(keep);
    connect(keep, &QPushButton::clicked, slip, &QDialog::close);
    connect(away, &QPushButton::clicked, slip, [slip, path = *report] {
        QFile::remove(path);
        slip->close();
    });
    v->addWidget(text);
    v->addWidget(where);
    v->addStretch();
    v->addLayout(row);
    slip->resize(460, 180);
    slip->show();
}

void Window::askRecovery() {
    const QList<SessionInfo> left = Session::leftBehind();
    if (left.isEmpty()) return say(tr("nothing was left behind"));
    QDialog ask(this);
    ask.setObjectName("recovery");
    ask.setWindowTitle(tr("Go on where you were?"));
    auto* v = new QVBoxLayout(&ask);
    auto* text = new QLabel(tr("%n session(s) ended without closing. The work up to the last second is still here.",
                               nullptr, static_cast<int>(left.size())));
    text->setWordWrap(true);
    v->addWidget(text);
    ask.setMinimumWidth(460);
    auto* list = new RowList(6);
    list->setAccessibleName(tr("Work that was left behind"));
    for (const SessionInfo& s : left)
        list->addItem(tr("%1, %2%3")
                          .arg(s.title.isEmpty() ? tr("Without a name") : s.title,
                               QLocale().toString(s.at, QLocale::ShortFormat),
                               s.path.isEmpty() ? tr(" (no file yet)") : tr(" (%1)").arg(s.path)));
    list->setCurrentRow(0);
    v->addWidget(list);
    auto* row = new QHBoxLayout;
    auto* go = new QPushButton(tr("Go on with it"));
    auto* away = new QPushButton(tr("Throw it away"));
    auto* later = new QPushButton(tr("Not now"));
    go->setObjectName("goOn"), away->setObjectName("throwAway"), later->setObjectName("notNow");
    go->setDefault(true);
    for (QPushButton* b : {away, later, go})
        row->addWidget(b);
    v->addLayout(row);
    const auto chosen = [&] { return left[std::clamp<qsizetype>(list->currentRow(), 0, left.size() - 1)]; };
    connect(go, &QPushButton::clicked, &ask, [&] { ask.done(1); });
    connect(away, &QPushButton::clicked, &ask, [&] { ask.done(2); });
    // Put aside, by key or by button, it is offered again at the next start.
    connect(later, &QPushButton::clicked, &ask, &QDialog::reject);
    const int answer = ask.exec();
    if (answer == 1) {
        if (!mayLeave()) return;
        if (const QString fault = m_document.openRecovery(chosen()); !fault.isEmpty()) say(fault);
    } else if (answer == 2) {
        Session::throwAway(chosen());
    }
}

bool Window::openFile(const QString& path) {
    if (!mayLeave()) return false;
    if (const QString fault = m_document.open(path); !fault.isEmpty()) {
        say(fault);
        return false;
    }
    m_saveFault.clear();
    say({});
    if (const QString notice = m_document.notice(); !notice.isEmpty()) m_message->setText(notice);
    remember(path);
    return true;
}

void Window::openDemo() {
    if (!mayLeave()) return;
    if (const QString fault = m_document.openCopy(demoPath()); !fault.isEmpty()) say(fault);
}

void Window::chooseFile() {
    const QString path = QFileDialog::getOpenFileName(this, tr("Open a production"), {}, productionFilter());
    if (!path.isEmpty()) openFile(path);
}

void Window::remember(const QString& path) {
    QSettings settings;
    QStringList recent = settings.value("recent").toStringList();
    const QString full = QFileInfo(path).absoluteFilePath();
    recent.removeAll(full);
    recent.prepend(full);
    settings.setValue("recent", recent.mid(0, kRecent));
}

void Window::showRecent() {
    m_recent->clear();
    for (const QString& path : QSettings().value("recent").toStringList())
        if (QFileInfo::exists(path))
            m_recent->addAction(QFileInfo(path).fileName(), this, [this, path] { openFile(path); })->setToolTip(path);
    if (m_recent->isEmpty()) m_recent->addAction(tr("none yet"))->setEnabled(false);
}

} // namespace enkinet::app
