#include "stations/plan/work_bench.h"
#include "document/translated.h"
#include "stations/plan/clock_dial.h"
#include "widgets/fields.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include "words/text.h"
#include <QCheckBox>
#include <QKeyEvent>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

namespace enkinet::app {

namespace {
QLabel* large(int px, int weight = QFont::Normal) {
    auto* l = new QLabel;
    QFont f = deskType(22, weight);
    f.setPixelSize(px);
    l->setFont(f);
    l->setStyleSheet(QString("font-size: %1px").arg(px));
    l->setWordWrap(true);
    l->setTextFormat(Qt::PlainText);
    return l;
}

const document::StepState& stateOf(const PlanJob::Known& k, int step) {
    const results::StepRef& ref = k.plan.steps[static_cast<std::size_t>(step)].step;
    return k.planning.states[static_cast<std::size_t>(k.planning.find(ref))];
}
} // namespace

double reckonedOf(const PlanJob::Known& k, int step) {
    const results::StepRef& ref = k.plan.steps[static_cast<std::size_t>(step)].step;
    const make::Step& s = k.step(ref);
    return s.hands_min * k.planning.rates[static_cast<std::size_t>(s.kind)].factor();
}

QStringList stepFacts(const PlanJob::Known& k, int step) {
    QStringList lines;
    const results::Planned& planned = k.plan.steps[static_cast<std::size_t>(step)];
    const make::Step& s = k.step(planned.step);
    // First what will not be so when its time comes.
    for (const results::PlannedBroken& b : k.plan.broken)
        if (b.step == planned.step) lines << Text::capital(checks::sentenceOf(b.broken, Text::step(s).toStdString()));
    if (const QString grip = Text::grip(s); !grip.isEmpty()) lines << grip;
    if (s.kind == make::StepKind::paint)
        if (const QString mask = Text::mask(s.zone); !mask.isEmpty()) lines << mask;
    const auto& steps = k.result->puppets[static_cast<std::size_t>(planned.step.puppet)]->plan.steps;
    for (const make::After& a : s.after) {
        if (lines.size() > 3) break;
        lines << WorkBench::tr("After %1: %2.")
                     .arg(Text::step(steps[static_cast<std::size_t>(a.step)]), Text::reason(a.reason));
    }
    // What comes next for the same puppet.
    QStringList next;
    for (std::size_t i = static_cast<std::size_t>(step) + 1; i < k.plan.steps.size() && next.size() < 3; ++i)
        if (k.plan.steps[i].step.puppet == planned.step.puppet && k.plan.steps[i].step.copy == planned.step.copy &&
            !k.plan.steps[i].done && !k.plan.steps[i].skipped)
            next << Text::step(k.step(k.plan.steps[i].step));
    if (!next.isEmpty()) lines << WorkBench::tr("Then: %1.").arg(next.join(WorkBench::tr("; ")));
    // What was noted at the same step of another puppet.
    for (const document::LogEntry& e : k.of->log)
        if (e.kind == document::LogKind::regret && e.step == s.id && !e.text.empty())
            lines << WorkBench::tr("Noted here before: %1").arg(QString::fromStdString(e.text));
    return lines;
}

QStringList runningClocks(const PlanJob::Known& k, std::int64_t now_s) {
    QStringList lines;
    for (const results::Planned& s : k.plan.steps) {
        if (!s.done || s.at.done <= s.at.handsEnd) continue;
        const std::int64_t left = s.at.done * 60 - now_s;
        if (left < -6 * 3600) continue; // long over
        const QString what = Text::step(k.step(s.step));
        lines << (left > 0 ? WorkBench::tr("%1: %2 left, until %3")
                                 .arg(what, Text::minutes(std::max(1.0, static_cast<double>(left) / 60)),
                                      Text::clock(s.at.done))
                           : WorkBench::tr("Due now: %1").arg(what));
    }
    return lines;
}

WorkBench::WorkBench(QWidget* parent) : QWidget(parent) {
    setObjectName("workBench");
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(tr("The step in hand, large"));
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(32, 22, 32, 22);
    v->setSpacing(12);
    m_where = large(18);
    m_title = large(38, QFont::DemiBold);
    m_title->setObjectName("workTitle");
    v->addWidget(m_where);
    v->addWidget(m_title);
    auto* row = new QHBoxLayout;
    row->setSpacing(26);
    m_dial = new ClockDial;
    m_dial->setSize(160);
    row->addWidget(m_dial);
    auto* right = new QVBoxLayout;
    m_time = large(32, QFont::DemiBold);
    m_time->setObjectName("workTime");
    m_start = new QPushButton(tr("Start"));
    m_start->setObjectName("workStart");
    m_done = new QPushButton(tr("Done"));
    m_done->setObjectName("workDone");
    for (QPushButton* b : {m_start, m_done}) {
        b->setMinimumHeight(52);
        b->setMinimumWidth(104);
        b->setStyleSheet("font-size: 22px; padding: 4px 16px");
        b->setFocusPolicy(Qt::NoFocus); // Space belongs to the step
    }
    auto* buttons = new QHBoxLayout;
    buttons->addWidget(m_start);
    buttons->addWidget(m_done);
    buttons->addStretch();
    right->addStretch();
    right->addWidget(m_time);
    right->addLayout(buttons);
    auto* keys = large(15);
    keys->setText(tr("Space starts and pauses, Enter is done, arrows go on and back, digits tick."));
    right->addWidget(keys);
    right->addStretch();
    row->addLayout(right, 1);
    v->addLayout(row);
    m_caution = large(20);
    m_caution->setObjectName("workCaution");
    v->addWidget(m_caution);
    m_gate = new QVBoxLayout;
    m_gate->setSpacing(6);
    v->addLayout(m_gate);
    m_facts = large(18);
    v->addWidget(m_facts);
    v->addStretch();
    m_clocks = large(20, QFont::DemiBold);
    m_clocks->setObjectName("workClocks");
    v->addWidget(m_clocks);
    connect(m_start, &QPushButton::clicked, this, &WorkBench::startOrPause);
    connect(m_done, &QPushButton::clicked, this, &WorkBench::done);
}

void WorkBench::showGate(const std::vector<QString>& lines, const std::vector<bool>& ticks) {
    while (m_boxes.size() > lines.size()) {
        delete m_boxes.back();
        m_boxes.pop_back();
    }
    for (std::size_t i = 0; i < lines.size(); ++i) {
        if (i == m_boxes.size()) {
            auto* box = new QCheckBox;
            box->setStyleSheet("font-size: 18px");
            box->setFocusPolicy(Qt::NoFocus);
            m_gate->addWidget(box);
            m_boxes.push_back(box);
            connect(box, &QCheckBox::clicked, this, [this, which = static_cast<int>(i) + 1] { Q_EMIT ticked(which); });
        }
        m_boxes[i]->setText(lines[i]);
        m_boxes[i]->setToolTip(plainTip(lines[i]));
        m_boxes[i]->setChecked(ticks[i]);
    }
}

void WorkBench::show(const PlanJob::State& state, int step, std::int64_t now_s) {
    m_state = state, m_step = step;
    const bool any = state && step >= 0 && step < static_cast<int>(state->plan.steps.size());
    for (QWidget* w : std::initializer_list<QWidget*>{m_dial, m_time, m_start, m_done, m_facts})
        w->setVisible(any);
    if (!any) {
        m_step = -1;
        m_where->clear(), m_caution->hide(), m_clocks->clear();
        m_title->setText(tr("Nothing in hand"));
        showGate({}, {});
        return;
    }
    const results::Planned& planned = state->plan.steps[static_cast<std::size_t>(step)];
    const make::Step& s = state->step(planned.step);
    m_where->setText(tr("%1, step %2 of %3, %4")
                         .arg(state->who(planned.step))
                         .arg(step + 1)
                         .arg(state->plan.steps.size())
                         .arg(Text::dayTime(planned.at.from)));
    m_title->setText(Text::step(s));
    m_caution->setText(Text::caution(s.caution));
    m_caution->setVisible(s.caution != make::Caution::none);
    m_facts->setText(stepFacts(*state, step).join("\n"));
    std::vector<QString> lines;
    for (const make::GateItem& g : s.gate)
        lines.push_back(Text::gateLine(g));
    showGate(lines, state->ticks(planned.step));
    tick(now_s);
}

void showClock(const StepClock& on, const PlanJob::Known& k, int step, std::int64_t now_s) {
    const document::StepState& s = stateOf(k, step);
    const double worked = s.workedUntil(now_s), reckoned = reckonedOf(k, step);
    const bool ended = s.done || s.skipped;
    on.dial->show(worked, reckoned, s.running);
    on.time->setText(s.skipped       ? WorkBench::tr("skipped")
                     : reckoned == 0 ? WorkBench::tr("by itself")
                     : s.done        ? WorkBench::tr("done in %1").arg(Text::minutes(worked))
                                     : WorkBench::tr("%1 of %2").arg(Text::minutes(worked), Text::minutes(reckoned)));
    on.start->setText(s.running              ? WorkBench::tr("Pause")
                      : worked > 0 && !ended ? WorkBench::tr("Go on")
                                             : WorkBench::tr("Start"));
    on.start->setEnabled(!ended);
    on.done->setText(ended ? WorkBench::tr("Not done after all") : WorkBench::tr("Done"));
}

void WorkBench::tick(std::int64_t now_s) {
    if (!m_state || m_step < 0) return;
    showClock({m_dial, m_time, m_start, m_done}, *m_state, m_step, now_s);
    m_clocks->setText(runningClocks(*m_state, now_s).join("\n"));
}

/// Its keys are its own while it is in hand; no shortcut of the window takes them.
bool WorkBench::event(QEvent* e) {
    if (e->type() == QEvent::ShortcutOverride) {
        const int key = static_cast<QKeyEvent*>(e)->key();
        for (int own : {Qt::Key_Space, Qt::Key_Return, Qt::Key_Enter, Qt::Key_Escape, Qt::Key_Left, Qt::Key_Right,
                        Qt::Key_Up, Qt::Key_Down})
            if (key == own) e->accept();
        if (key >= Qt::Key_1 && key <= Qt::Key_9) e->accept();
    }
    return QWidget::event(e);
}

void WorkBench::keyPressEvent(QKeyEvent* e) {
    switch (e->key()) {
    case Qt::Key_Space:
        return Q_EMIT startOrPause();
    case Qt::Key_Return:
    case Qt::Key_Enter:
        return Q_EMIT done();
    case Qt::Key_Right:
    case Qt::Key_Down:
        return Q_EMIT next(1);
    case Qt::Key_Left:
    case Qt::Key_Up:
        return Q_EMIT next(-1);
    case Qt::Key_Escape:
        return Q_EMIT leave();
    default:
        if (e->key() >= Qt::Key_1 && e->key() <= Qt::Key_9 && e->key() - Qt::Key_0 <= static_cast<int>(m_boxes.size()))
            return Q_EMIT ticked(e->key() - Qt::Key_0);
        QWidget::keyPressEvent(e);
    }
}

} // namespace enkinet::app
