// What is written down while one works: the step's clock, done, skipped, ticked, weighed and noted.
#include "document/document.h"
#include "files/plan_file.h"
#include "jobs/clock.h"
#include "stations/plan/plan_page.h"
#include "stations/plan/work_bench.h"
#include "widgets/fields.h"
#include "words/text.h"
#include <QLineEdit>

namespace enkinet::app {

using document::LogEntry;
using document::LogKind;

LogEntry PlanPage::entryOfProduction(LogKind kind, double number, const QString& text) {
    LogEntry e;
    e.at_s = wallSeconds(), e.offset_min = wallOffset_min();
    e.kind = kind, e.number = number, e.text = text.toStdString();
    return e;
}

LogEntry PlanPage::entry(LogKind kind, double number, const QString& text) {
    const PlanJob::State k = job().state();
    const results::Planned* s = planned();
    LogEntry e = entryOfProduction(kind, number, text);
    e.puppet = k->puppet(s->step).id, e.copy = s->step.copy, e.step = k->step(s->step).id;
    return e;
}

void PlanPage::log(const QString& name, const std::vector<LogEntry>& entries, const std::vector<document::Use>& uses) {
    const results::Planned* s = planned();
    if (!s) return;
    const PlanJob::State k = job().state();
    m_inHand = files::planId(*k->of, s->step, k->step(s->step));
    document().change(name, [&](const document::Edits& e) { return e.addLog(entries, uses); });
    document().keepNow();
}

void PlanPage::startOrPause() {
    const results::Planned* s = planned();
    if (!s || s->done || s->skipped) return;
    const PlanJob::State kept = job().state();
    const auto& k = *kept;
    const QString what = Text::step(k.step(s->step));
    const auto& state = k.planning.states[static_cast<std::size_t>(k.planning.find(s->step))];
    if (state.running) return log(tr("Pause: %1").arg(what), {entry(LogKind::paused)});
    // One pair of hands: what runs is paused.
    std::vector<LogEntry> entries;
    for (const results::Planned& other : k.plan.steps)
        if (other.running && document::findCalendar(*k.of).hands() == 1) {
            LogEntry e = entry(LogKind::paused);
            e.puppet = k.puppet(other.step).id, e.copy = other.step.copy, e.step = k.step(other.step).id;
            entries.push_back(e);
        }
    entries.push_back(entry(LogKind::started));
    log(tr("Start: %1").arg(what), entries);
}

void PlanPage::finish() {
    const results::Planned* s = planned();
    if (!s) return;
    const PlanJob::State kept = job().state();
    const auto& k = *kept;
    const make::Step& step = k.step(s->step);
    const QString what = Text::step(step);
    // What it took goes off the shelf, and comes back when it was not done after all.
    std::vector<document::Use> uses = results::findTaken(*k.of, step);
    if (s->done && step.hands_min == 0 &&
        !document::findStepState(k.of->log, k.puppet(s->step).id, s->step.copy, step.id).done)
        return Q_EMIT document().refused(tr("It dries by itself since %1. Take back what it came after, where that was "
                                            "not done.")
                                             .arg(Text::dayTime(s->at.from)));
    if (s->done || s->skipped) {
        for (document::Use& u : uses)
            u.amount = s->done ? -u.amount : 0;
        return log(tr("Not done: %1").arg(what), {entry(LogKind::undone)}, uses);
    }
    // Nobody passes by accident what says stop.
    const auto ticks = k.ticks(s->step);
    for (std::size_t i = 0; i < step.gate.size(); ++i)
        if (step.gate[i].stop && !ticks[i])
            return Q_EMIT document().refused(
                tr("%1 Mend it, or tick it to go on all the same.").arg(Text::gateLine(step.gate[i])));
    const auto& state = k.planning.states[static_cast<std::size_t>(k.planning.find(s->step))];
    // Without a clock it took what was reckoned, and teaches nothing.
    const double worked = state.workedUntil(wallSeconds());
    LogEntry e = entry(LogKind::done, worked > 0 ? worked : reckonedOf(k, m_step));
    e.unit = "min";
    QString slip;
    // A finger that slipped, or a clock that was left running or set, is not the work.
    const double usual = reckonedOf(k, m_step);
    if (worked > 0 && usual > 0 && (worked < make::kSlip * usual || worked > usual / make::kSlip)) {
        // Nobody with clay on the hands is stopped for it: it counts as usual, teaches nothing, and is said.
        e.number = usual;
        e.text = tr("the clock showed %1").arg(Text::minutes(worked)).toStdString();
        slip =
            tr("The clock shows %1 for what usually takes %2: that was not the work, so it counts as usual and teaches "
               "nothing.")
                .arg(Text::minutes(worked), Text::minutes(usual));
    } else if (worked > 0) {
        e.planned = step.hands_min;
    }
    log(tr("Done: %1").arg(what), {e}, uses);
    if (!slip.isEmpty()) Q_EMIT document().noted(slip);
    // On to what the new plan has first.
    m_inHand.clear();
}

void PlanPage::skip() {
    if (const results::Planned* s = planned(); s && !s->done) {
        log(tr("Skip: %1").arg(Text::step(job().state()->step(s->step))), {entry(LogKind::skipped, 0, m_note->text())});
        m_inHand.clear();
    }
}

void PlanPage::tickItem(int item) {
    const results::Planned* s = planned();
    if (!s || item < 1 || item > static_cast<int>(job().state()->step(s->step).gate.size())) return;
    const auto& gate = job().state()->step(s->step).gate;
    const auto at = static_cast<std::size_t>(item - 1);
    const QString looked = Text::gateItem(gate[at]);
    const bool again = job().state()->ticks(s->step)[at];
    LogEntry e = entry(LogKind::ticked, 0, again ? tr("taken back: %1").arg(looked) : looked);
    e.item = make::keysOf(gate)[at];
    log((again ? tr("Take back the tick: %1") : tr("Tick: %1")).arg(looked), {e});
}

void PlanPage::weigh() {
    const results::Planned* s = planned();
    if (!s) return;
    const auto grams = typedNumber(m_weigh->text(), 0.001, 1e5);
    if (!grams) {
        Q_EMIT document().refused(tr("“%1” is no weight: a number of grams above 0").arg(m_weigh->text()));
        return;
    }
    LogEntry e = entry(LogKind::weighed, *grams);
    e.unit = "g";
    const double planned_g = job().state()->step(s->step).amount;
    m_weigh->clear();
    log(tr("Weighed: %1, planned %2").arg(Text::grams(*grams), Text::grams(planned_g)), {e});
}

void PlanPage::note(bool regret) {
    if (!planned() || m_note->text().trimmed().isEmpty()) return;
    const QString text = m_note->text().trimmed();
    m_note->clear();
    log(tr("Note: %1").arg(text), {entry(regret ? LogKind::regret : LogKind::note, 0, text)});
}

} // namespace enkinet::app
