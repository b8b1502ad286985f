#include "document/document.h"
#include "base/check.h"
#include "document/plan_job.h"
#include "document/shipped_names.h"
#include "document/spoken.h"
#include "document/undo_shelf.h"
#include "files/changed_fields.h"
#include "files/container.h"
#include "files/production_json.h"
#include "jobs/device_ports.h"
#include <QCoreApplication>
#include <QDir>
#include <QElapsedTimer>
#include <QFile>
#include <QFileInfo>
#include <QHash>
#include <QLocale>
#include <QPointer>
#include <algorithm>
#include <atomic>
#include <cstdio>
#include <malloc.h>
#include <mutex>
#include <sys/stat.h>
#include <utility>

namespace enkinet::app {

namespace {

/// What is done again within this time of the last is still the same move of the hand.
constexpr qint64 kTogether_ms = 2000;

/// One step of the history, with the whole production before and after: some tens of kilobytes a step, pictures shared.
class Step : public QUndoCommand {
public:
    /// at_ms: when it was made, and later when it was done; negative: it never becomes one with another.
    Step(Document& document, const QString& name, Document::Value before, Document::Value after, qint64 at_ms)
        : QUndoCommand(*shared(name)), m_document(document),
          m_step(std::make_shared<UndoStep>(std::move(before), std::move(after))), m_at_ms(at_ms) {}
    void undo() override { put(m_step->findBefore(m_document.steadyValue(), m_document.shippedCards())); }
    void redo() override { put(m_step->findAfter(m_document.steadyValue(), m_document.shippedCards())); }
    int id() const override { return m_at_ms < 0 ? -1 : 1; }
    bool mergeWith(const QUndoCommand* other) override {
        const auto* next = static_cast<const Step*>(other);
        if (m_step->isFolded() || next->m_at_ms - m_at_ms > kTogether_ms || m_step->after() != next->m_step->before())
            return false;
        // The fields that each of the two has changed, in one puppet or elsewhere: all the same, or two steps.
        const auto& before = m_step->before();
        if (m_fields.empty()) m_fields = files::findChangedFields(*before, *m_step->after());
        if (files::findChangedFields(*next->m_step->before(), *next->m_step->after()) != m_fields) return false;
        m_step->setAfter(next->m_step->after());
        m_at_ms = next->m_at_ms;
        setText(next->text());
        return true;
    }
    /// One copy of a name for all steps that bear it.
    static std::shared_ptr<const QString> shared(const QString& name) {
        static QHash<QString, std::shared_ptr<const QString>> names;
        if (names.size() > 1000) names.clear();
        auto& known = names[name];
        if (!known) known = std::make_shared<const QString>(name);
        return known;
    }
    /// The hand is free again; what never merges stays so.
    void rest(qint64 now_ms) {
        if (m_at_ms >= 0) m_at_ms = now_ms;
    }
    const std::shared_ptr<UndoStep>& step() const { return m_step; }

private:
    /// A shelf that cannot be read leaves the document as it stands, and says so.
    void put(Document::Value value) {
        if (value) return m_document.put(std::move(value));
        Q_EMIT m_document.refused(
            Document::tr("this step can no longer be read from the disk, so the work stays as it is: save it"));
    }
    Document& m_document;
    std::shared_ptr<UndoStep> m_step;
    qint64 m_at_ms;
    std::set<std::string> m_fields; ///< that it has changed, once that was asked
};

/// Steps that keep their documents, and how many more there are before those behind are folded.
constexpr int kLiveSteps = 50, kFoldAtOnce = 25;
/// What a session may take back: more than anybody will, and no more memory than a file's pictures.
constexpr int kMostSteps = 3000;

} // namespace

Document::Document(QObject* parent)
    : QObject(parent), m_value(std::make_shared<document::Production>()), m_report(std::make_shared<results::Report>()),
      m_result(std::make_shared<results::ProductionResult>()), m_arrivals(std::make_shared<Arrivals>()),
      m_memo(std::make_shared<results::Memo>()), m_planJob(std::make_unique<PlanJob>()) {
    if (auto cards = files::loadShippedCards(files::findDataDir()))
        m_asShipped = std::make_shared<const document::Cards>(cards.take()),
        m_shipped = std::make_shared<const document::Cards>(inWindowLanguage(*m_asShipped));
    else
        m_cardsFault = spoken(cards.fault());
    QElapsedTimer running;
    running.start();
    m_now_ms = [running] { return running.elapsed(); };
    m_recoverSoon.setSingleShot(true);
    // Writing takes its time too; all of it stays within the second that a kill may cost.
    m_recoverSoon.setInterval(150);
    connect(&m_recoverSoon, &QTimer::timeout, this, &Document::writeRecovery);
    m_undo.setUndoLimit(kMostSteps);
    connect(&m_undo, &QUndoStack::cleanChanged, this, &Document::titleChanged);
    // Undone back to what the file has: there is nothing left to recover.
    connect(&m_undo, &QUndoStack::cleanChanged, this, [this](bool clean) {
        if (clean && m_session.info().work && m_taken.id.isEmpty()) m_recoverSoon.stop(), m_session.dropWork();
    });
    connect(this, &Document::replaced, m_planJob.get(), &PlanJob::forget);
    connect(this, &Document::changed, m_planJob.get(), [this] { m_planJob->leave(*this); });
    compute();
}

void Document::nameCards() {
    if (!m_asShipped) return;
    m_shipped = std::make_shared<const document::Cards>(inWindowLanguage(*m_asShipped));
    compute();
}

// A history that is not clean says so once more while it is taken down; by then nobody is left to hear it.
Document::~Document() { m_undo.blockSignals(true); }

/// Never taken down: a worker may still use it while the program ends.
wire::TableShelf& Document::tables() {
    static auto* shelf = new wire::TableShelf;
    return *shelf;
}

struct Document::Arrivals {
    std::mutex mutex;
    quint64 revision = 0;
    Value of;
    std::shared_ptr<const results::ProductionResult> result;
};

void Document::compute() {
    const quint64 revision = ++m_revision;
    m_worker.ask([arrivals = m_arrivals, memo = m_memo, value = m_value, cards = m_shipped, revision,
                  self = QPointer<Document>(this)](const std::stop_token& stop) {
        auto result = std::make_shared<const results::ProductionResult>(
            results::calcResult(*value, *cards, tables(), *memo, stop));
        {
            const std::lock_guard lock(arrivals->mutex);
            arrivals->revision = revision, arrivals->of = value, arrivals->result = std::move(result);
        }
        QMetaObject::invokeMethod(qApp, [self] {
            if (self && self->m_working && self->takeResult()) Q_EMIT self->changed();
        });
    });
    if (m_worker.waitIdle(m_patience_ms) && takeResult()) return;
    sketch();
    if (!m_working) {
        m_working = true;
        Q_EMIT workingChanged(true);
    }
}

/// Takes over the results of the present value, if they are there.
bool Document::takeResult() {
    {
        const std::lock_guard lock(m_arrivals->mutex);
        if (!m_arrivals->result || m_arrivals->revision != m_revision) return false;
        m_result = m_arrivals->result, m_resultOf = m_arrivals->of;
    }
    const auto present = static_cast<std::size_t>(m_puppet);
    m_report =
        present < m_result->puppets.size() ? m_result->puppets[present] : std::make_shared<const results::Report>();
    gatherOpen();
    noteApplied();
    sayRejudged();
    if (m_working) {
        m_working = false;
        Q_EMIT workingChanged(false);
    }
    return true;
}

/// Something to see at once, the rest follows.
void Document::sketch() {
    m_report = hasPuppet() ? std::make_shared<const results::Report>(
                                 results::calcSketch(*m_value, m_puppet, *m_shipped, m_resultOf.get(), m_result.get()))
                           : std::make_shared<const results::Report>();
    gatherOpen();
}

void Document::gatherOpen() {
    m_open = m_report->open;
    m_open.insert(m_open.end(), m_result->open.begin(), m_result->open.end());
}

DevicePorts& Document::devices() {
    if (!m_devices) m_devices = std::make_unique<DevicePorts>();
    return *m_devices;
}

bool Document::waitForResults(int ms) {
    if (!m_working) return true;
    if (!m_worker.waitIdle(ms) || !takeResult()) return false;
    Q_EMIT changed();
    return true;
}

const body::Puppet& Document::puppet() const {
    ENKINET_ASSERT(hasPuppet());
    return m_value->puppets[static_cast<std::size_t>(m_puppet)];
}

std::optional<Shown> Document::shown() const {
    if (!hasPuppet()) return {};
    return Shown(m_value, m_puppet, m_report);
}

bool Shown::isNow(const Document& document) const {
    return document.hasPuppet() && document.value() == m_value && document.puppetIndex() == m_puppet;
}

bool Shown::isSamePuppet(const Document& document) const {
    return document.hasPuppet() && document.puppet().id == puppet().id;
}

std::shared_ptr<const results::Report> Document::reportOfAside() const {
    const auto i = static_cast<std::size_t>(m_puppet);
    return !m_working && i < m_result->aside.size() ? m_result->aside[i] : nullptr;
}

results::Report Document::reportOf(int puppet) const {
    const auto i = static_cast<std::size_t>(puppet);
    if (!m_working && i < m_result->puppets.size()) return *m_result->puppets[i];
    return results::calcSketch(*m_value, puppet, *m_shipped, nullptr, nullptr);
}

Document::States Document::statesNow() const {
    States states;
    for (const choice::LimbChoice& l : m_report->choice.limbs) {
        const body::Limb& limb = puppet().limbs[static_cast<std::size_t>(l.limb)];
        for (std::size_t i = 0; i < l.verdicts.size(); ++i) {
            const body::Joint& j = limb.joints[static_cast<std::size_t>(l.demands[i].joint)];
            states[{limb.id, j.id}] = {
                tr("%1 of the %2").arg(QString::fromStdString(j.name), QString::fromStdString(limb.name)),
                l.verdicts[i].state()};
        }
    }
    return states;
}

std::map<std::string, QString> Document::wiresNow() const {
    std::map<std::string, QString> wires;
    for (const choice::LimbChoice& l : m_report->choice.limbs) {
        const body::Limb& limb = puppet().limbs[static_cast<std::size_t>(l.limb)];
        if (l.chosen < 0 || m_report->stock.spools.empty()) {
            wires[limb.id] = tr("no wire");
            continue;
        }
        const choice::Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
        const document::Spool& spool = m_report->stock.spools[static_cast<std::size_t>(c.spool)];
        QString material = QString::fromStdString(spool.material);
        for (const wire::MaterialCard& card : m_report->cards->wires)
            if (card.id == spool.material) material = QString::fromStdString(card.name);
        wires[limb.id] = tr("%1 × %2 mm %3").arg(c.bundle.strands).arg(QLocale().toString(spool.diameter_mm), material);
    }
    return wires;
}

void Document::noteApplied() {
    if (!m_before) return;
    const Before before = *m_before;
    m_before.reset();
    if (!hasPuppet() || isTrial() || before.puppet != QString::fromStdString(puppet().id)) return;
    QStringList nowFail, nowHold;
    for (const auto& [joint, now] : statesNow()) {
        const auto was = before.states.find(joint);
        if (was == before.states.end()) continue;
        const bool held = was->second.state >= choice::State::holds, holds = now.state >= choice::State::holds;
        if (held && !holds) nowFail << now.name;
        if (!held && holds) nowHold << now.name;
    }
    QStringList rewired;
    for (const auto& [limb, wire] : wiresNow())
        if (const auto was = before.wires.find(limb); was != before.wires.end() && was->second != wire)
            for (const body::Limb& l : puppet().limbs)
                if (l.id == limb)
                    rewired << tr("%1: %2, was %3").arg(QString::fromStdString(l.name), wire, was->second);
    Q_EMIT applied(before.name, nowFail, nowHold, rewired);
}

namespace {

/// What was in hand, found again by ids: places in lists mean something else in another value.
std::optional<Selection> findAgain(const Selection& s, const body::Puppet& before, const body::Puppet& now) {
    const auto at = [](const auto& list, int i) { return i >= 0 && i < static_cast<int>(list.size()); };
    if (s.kind == Selection::Kind::none) return {};
    Selection again = s;
    if (s.kind == Selection::Kind::mass) {
        if (!at(before.masses, s.index)) return {};
        const auto m = std::find_if(now.masses.begin(), now.masses.end(), [&](const body::Mass& x) {
            return x.id == before.masses[static_cast<std::size_t>(s.index)].id;
        });
        if (m == now.masses.end()) return {};
        again.index = static_cast<int>(m - now.masses.begin());
        return again;
    }
    if (!at(before.limbs, s.limb)) return {};
    const body::Limb& old = before.limbs[static_cast<std::size_t>(s.limb)];
    const auto limb =
        std::find_if(now.limbs.begin(), now.limbs.end(), [&](const body::Limb& x) { return x.id == old.id; });
    if (limb == now.limbs.end()) return {};
    again.limb = static_cast<int>(limb - now.limbs.begin());
    again.right = s.right && limb->mirrored;
    if (s.kind == Selection::Kind::segment) return at(limb->segments, s.index) ? std::optional(again) : std::nullopt;
    if (!at(old.joints, s.index)) return {};
    again.index = body::findJointIndex(*limb, old.joints[static_cast<std::size_t>(s.index)].id);
    return again.index >= 0 ? std::optional(again) : std::nullopt;
}

} // namespace

/// Another value of the production is shown: the same puppet, and in hand what was, where they are still there.
bool Document::setValue(Value value) {
    const Value before = std::exchange(m_value, std::move(value));
    const body::Puppet* old = before->puppets.empty() ? nullptr : &before->puppets[static_cast<std::size_t>(m_puppet)];
    const int same = old ? document::findPuppetIndex(*m_value, old->id) : -1;
    m_puppet = same >= 0 ? same : std::clamp(m_puppet, 0, std::max(0, static_cast<int>(m_value->puppets.size()) - 1));
    std::vector<Selection> all;
    if (same >= 0)
        for (const Selection& s : m_selected)
            if (const auto again = findAgain(s, *old, puppet())) all.push_back(*again);
    const bool moved = all != m_selected;
    m_selected = std::move(all);
    m_selection = m_selected.empty() ? Selection{} : m_selected.front();
    return moved;
}

void Document::tryOut(const QString& name, document::Production production) {
    if (!m_kept) m_kept = m_value;
    m_trialName = name;
    m_before.reset();
    const bool moved = setValue(std::make_shared<const document::Production>(std::move(production)));
    compute();
    Q_EMIT changed();
    if (moved) Q_EMIT selectionChanged();
    Q_EMIT trialChanged();
}

void Document::endTrial() {
    if (!m_kept) return;
    const bool moved = setValue(std::exchange(m_kept, nullptr));
    m_trialName.clear();
    compute();
    Q_EMIT changed();
    if (moved) Q_EMIT selectionChanged();
    Q_EMIT trialChanged();
}

void Document::put(Value value) {
    const bool tried = isTrial();
    m_kept.reset();
    m_trialName.clear();
    if (tried) Q_EMIT trialChanged();
    const bool moved = setValue(std::move(value));
    compute();
    // Not started anew by the next edit: a long drag must not keep putting it off.
    if (m_session.kept() && !m_recoverSoon.isActive()) m_recoverSoon.start();
    Q_EMIT changed();
    if (moved) Q_EMIT selectionChanged();
}

void Document::showPuppet(int index) {
    endTrial();
    if (index < 0 || index >= static_cast<int>(m_value->puppets.size()) || index == m_puppet) return;
    m_puppet = index;
    m_selection = {}, m_selected.clear();
    // The results of all puppets are there, or on their way.
    if (m_working || !takeResult()) sketch();
    Q_EMIT changed();
    Q_EMIT selectionChanged();
}

void Document::select(const Selection& s) {
    selectAll(s.kind == Selection::Kind::none ? std::vector<Selection>{} : std::vector<Selection>{s});
}

void Document::selectMore(const Selection& s) {
    if (s.kind == Selection::Kind::none) return;
    std::vector<Selection> all = m_selected;
    if (std::erase(all, s) == 0) all.insert(all.begin(), s);
    selectAll(all);
}

void Document::selectAll(const std::vector<Selection>& all) {
    if (all == m_selected) return;
    m_selected = all;
    m_selection = all.empty() ? Selection{} : all.front();
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

bool Document::change(const QString& name, const Edit& edit, Merge merge) {
    if (!hasPuppet()) return false;
    endTrial();
    auto result = edit(document::Edits(*m_value, *m_shipped, puppet().id));
    if (!result) {
        Q_EMIT refused(spoken(result.fault()));
        Q_EMIT changed(); // the view that asked shows the old value again
        return false;
    }
    auto after = std::make_shared<const document::Production>(result.take());
    if (*after == *m_value) return true;
    if (!m_working) m_before = Before{name, QString::fromStdString(puppet().id), statesNow(), wiresNow()};
    m_undo.push(new Step(*this, name, m_value, after, merge == Merge::yes ? m_now_ms() : -1));
    // However long its results took, the hand rested only from now on.
    if (auto* last = const_cast<QUndoCommand*>(m_undo.command(m_undo.index() - 1)))
        static_cast<Step*>(last)->rest(m_now_ms());
    foldOld();
    return true;
}

void Document::foldOld() {
    if (!m_folder.isIdle()) return;
    // Those that were not handed on yet lie together, above all that were.
    const int until = std::min(m_undo.index(), m_undo.count()) - kLiveSteps;
    int from = until;
    while (from > 0 && !static_cast<const Step*>(m_undo.command(from - 1))->step()->isGiven())
        --from;
    if (until - from < kFoldAtOnce) return;
    std::vector<std::shared_ptr<UndoStep>> steps;
    for (int i = from; i < until; ++i) {
        steps.push_back(static_cast<const Step*>(m_undo.command(i))->step());
        steps.back()->give();
    }
    if (!m_shelf) m_shelf = std::make_shared<UndoShelf>();
    m_folder.ask([steps = std::move(steps), shelf = m_shelf](const std::stop_token& stop) {
        std::string text;
        UndoStep::Value last;
        for (const auto& step : steps) {
            if (stop.stop_requested()) return;
            if (!last || step->before() != last) text = files::writeProduction(*step->before(), false);
            last = step->after();
            auto folded = step->calcFolded(*shelf, text);
            if (!folded) return;
            // On the desk's own thread, for that is where it is read.
            QMetaObject::invokeMethod(
                qApp,
                [step, shelf, f = std::make_shared<UndoStep::Folded>(std::move(*folded))] {
                    step->fold(shelf, std::move(*f));
                },
                Qt::QueuedConnection);
        }
        // What the documents took is given back to the system, not kept in pieces.
        ::malloc_trim(0);
    });
}

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
    Q_EMIT replaced();
    compute();
    Q_EMIT changed();
    Q_EMIT selectionChanged();
    Q_EMIT titleChanged();
}

QString Document::load(const QString& path, bool keepName) {
    auto loaded = files::loadProduction(path.toStdString(), *m_shipped);
    if (!loaded) return spoken(loaded.fault());
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
    if (m_working || m_resultOf != m_value || !m_result) return m_value;
    auto judged = std::make_shared<document::Production>(*m_value);
    judged->judged = results::makeJudged(*m_value, m_result->puppets);
    return judged;
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
    if (written.fault) return spoken(*written.fault);
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
    if (!loaded) return {spoken(loaded.fault())};
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
