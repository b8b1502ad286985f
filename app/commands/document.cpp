#include "commands/document.h"
#include "files/container.h"
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QStandardPaths>

namespace enkinet::app {

namespace {

/// Tables depend on nothing but their card: every document of the program shares them.
wire::TableShelf& tables() {
    static wire::TableShelf shelf;
    return shelf;
}

/// One step of the history, with the whole production before and after: shared values, so a step costs what it changed.
class Step : public QUndoCommand {
public:
    Step(Document& document, const QString& name, Document::Value before, Document::Value after,
         const QString& mergeKey)
        : QUndoCommand(name), m_document(document), m_before(std::move(before)), m_after(std::move(after)),
          m_mergeKey(mergeKey) {}
    void undo() override { m_document.put(m_before); }
    void redo() override { m_document.put(m_after); }
    int id() const override { return m_mergeKey.isEmpty() ? -1 : 1; }
    bool mergeWith(const QUndoCommand* other) override {
        const auto* next = static_cast<const Step*>(other);
        if (next->m_mergeKey != m_mergeKey) return false;
        m_after = next->m_after;
        setText(next->text());
        return true;
    }

private:
    Document& m_document;
    Document::Value m_before, m_after;
    QString m_mergeKey;
};

} // namespace

Document::Document(QObject* parent)
    : QObject(parent), m_value(std::make_shared<production::Production>()),
      m_report(std::make_unique<production::Report>()) {
    if (auto cards = files::loadShippedCards(files::findDataDir())) m_shipped = cards.take();
    m_saveSoon.setSingleShot(true);
    m_saveSoon.setInterval(1500);
    m_recoverSoon.setSingleShot(true);
    // Writing takes its time too; all of it stays within the second that a kill may cost.
    m_recoverSoon.setInterval(150);
    connect(&m_saveSoon, &QTimer::timeout, this, [this] {
        if (!m_path.isEmpty() && !m_readOnly && isChanged())
            if (const QString fault = save(); !fault.isEmpty()) Q_EMIT refused(fault);
    });
    connect(&m_recoverSoon, &QTimer::timeout, this, &Document::writeRecovery);
    connect(&m_undo, &QUndoStack::cleanChanged, this, &Document::titleChanged);
    compute();
}

// A history that is not clean says so once more while it is taken down; by then nobody is left to hear it.
Document::~Document() { m_undo.blockSignals(true); }

void Document::compute() {
    if (hasPuppet())
        *m_report = production::calcReport(*m_value, m_puppet, m_shipped, tables(), m_report.get());
    else
        *m_report = {};
}

production::Report Document::reportOfAside() const {
    return production::calcAsideReport(*m_value, m_puppet, m_shipped, tables());
}

production::Report Document::reportOf(int puppet) const {
    return production::calcReport(*m_value, puppet, m_shipped, tables());
}

production::SolidComparison Document::solidComparison() const {
    return production::calcSolidComparison(*m_value, m_puppet, *m_report, m_shipped, tables());
}

void Document::put(Value value) {
    m_value = std::move(value);
    m_puppet = std::clamp(m_puppet, 0, std::max(0, static_cast<int>(m_value->puppets.size()) - 1));
    compute();
    m_saveSoon.start();
    // Not started anew by the next edit: a long drag must not keep putting it off.
    if (m_keepsRecovery && !m_recoverSoon.isActive()) m_recoverSoon.start();
    Q_EMIT changed();
}

void Document::showPuppet(int index) {
    if (index < 0 || index >= static_cast<int>(m_value->puppets.size()) || index == m_puppet) return;
    m_puppet = index;
    m_selection = {};
    compute();
    Q_EMIT changed();
    Q_EMIT selectionChanged();
}

void Document::select(const Selection& s) {
    if (s == m_selection) return;
    m_selection = s;
    Q_EMIT selectionChanged();
}

int Document::selectedDemand() const {
    if (m_selection.limb < 0 || m_selection.limb >= static_cast<int>(m_report->choice.limbs.size())) return -1;
    const choice::LimbChoice& l = m_report->choice.limbs[static_cast<std::size_t>(m_selection.limb)];
    if (m_selection.kind == Selection::Kind::joint)
        for (std::size_t i = 0; i < l.demands.size(); ++i)
            if (l.demands[i].joint == m_selection.index) return static_cast<int>(i);
    return l.worst;
}

bool Document::change(const QString& name, const Edit& edit, const QString& mergeKey) {
    if (!hasPuppet()) return false;
    auto result = edit(production::Edits(*m_value, m_shipped, puppet().id));
    if (!result) {
        Q_EMIT refused(QString::fromStdString(result.fault().sentence()));
        Q_EMIT changed(); // the view that asked shows the old value again
        return false;
    }
    auto after = std::make_shared<const production::Production>(result.take());
    if (*after == *m_value) return true;
    m_undo.push(new Step(*this, name, m_value, after, mergeKey));
    return true;
}

QString Document::title() const {
    if (!m_path.isEmpty()) return QFileInfo(m_path).completeBaseName();
    return m_value->name.empty() ? tr("Without a name") : QString::fromStdString(m_value->name);
}

void Document::replace(production::Production production, const QString& path, bool readOnly) {
    m_value = std::make_shared<const production::Production>(std::move(production));
    m_path = path;
    m_readOnly = readOnly;
    m_puppet = 0;
    m_selection = {};
    m_undo.clear();
    m_undo.setClean();
    m_saveSoon.stop();
    compute();
    Q_EMIT changed();
    Q_EMIT selectionChanged();
    Q_EMIT titleChanged();
}

QString Document::load(const QString& path, bool keepName) {
    auto loaded = files::loadProduction(path.toStdString(), m_shipped);
    if (!loaded) return QString::fromStdString(loaded.fault().sentence());
    auto l = loaded.take();
    replace(std::move(l.production), keepName ? QFileInfo(path).absoluteFilePath() : QString(), l.newer);
    return {};
}

QString Document::open(const QString& path) { return load(path, true); }
QString Document::openCopy(const QString& path) { return load(path, false); }

QString Document::save() { return saveAs(m_path); }

QString Document::saveAs(const QString& path) {
    if (path == m_path && m_readOnly)
        return tr("This file was written by a later version: save it under another name.");
    if (!m_value->pictures.empty() && QFileInfo(path).suffix().toLower() == "json")
        return tr("A bare .json cannot hold the pictures on the sheet: save as .enkinet.");
    if (auto saved = files::saveProduction(path.toStdString(), *m_value); !saved)
        return QString::fromStdString(saved.fault().sentence());
    m_path = QFileInfo(path).absoluteFilePath();
    m_readOnly = false;
    m_undo.setClean();
    dropRecovery();
    Q_EMIT titleChanged();
    return {};
}

void Document::startEmpty() { replace({}, {}, false); }

QString Document::recoveryPath() {
    return QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/recovery.enkinet";
}

void Document::writeRecovery() {
    if (!isChanged()) return;
    QDir().mkpath(QFileInfo(recoveryPath()).path());
    // Best effort: the next edit tries again, and a real save reports its own faults.
    if (!files::saveProduction(recoveryPath().toStdString(), *m_value)) m_recoverSoon.start();
}

QString Document::openRecovery(const QString& path) {
    const QString fault = load(path, false);
    if (fault.isEmpty()) m_undo.resetClean();
    return fault;
}

void Document::dropRecovery() {
    m_recoverSoon.stop();
    if (m_keepsRecovery) QFile::remove(recoveryPath());
}

} // namespace enkinet::app
