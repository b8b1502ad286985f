#include "document/document.h"
#include "base/check.h"
#include "document/changed_fields.h"
#include "document/plan_job.h"
#include "document/shipped_names.h"
#include "document/translated.h"
#include "document/undo_shelf.h"
#include "files/container.h"
#include "files/production_json.h"
#include "jobs/device_ports.h"
#include "jobs/log.h"
#include <QCoreApplication>
#include <QElapsedTimer>
#include <QFile>
#include <QHash>
#include <QLocale>
#include <QPointer>
#include <algorithm>
#include <atomic>
#include <malloc.h>
#include <mutex>
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
        if (m_fields.empty()) m_fields = document::findChangedFields(*before, *m_step->after());
        if (document::findChangedFields(*next->m_step->before(), *next->m_step->after()) != m_fields) return false;
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
        m_cardsFault = translated(cards.fault());
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
    connect(this, &Document::replaced, m_planJob.get(), [this] { m_planJob->forget(); });
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
        const LogTime time(logJobs(), "results, or stopped,");
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
    Q_EMIT stepping();
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
        Q_EMIT refused(translated(result.fault()));
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

} // namespace enkinet::app
