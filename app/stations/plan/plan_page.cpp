#include "stations/plan/plan_page.h"
#include "document/translated.h"
#include "files/plan_file.h"
#include "jobs/clock.h"
#include "jobs/notify.h"
#include "stations/plan/clock_dial.h"
#include "stations/plan/diary.h"
#include "stations/plan/plan_days.h"
#include "stations/plan/shop_shelf.h"
#include "stations/plan/step_icon.h"
#include "stations/plan/work_bench.h"
#include "stations/station_table.h"
#include "widgets/accessible_picture.h"
#include "widgets/answer.h"
#include "widgets/fields.h"
#include "widgets/flow.h"
#include "widgets/look.h"
#include "widgets/row_list.h"
#include "words/text.h"
#include <QApplication>
#include <QFormLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QScrollArea>
#include <QSignalBlocker>
#include <QStackedWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

using document::LogEntry;
using document::LogKind;

PlanPage::PlanPage(Document& d) : Page(d, results::Station::plan), m_since_s(wallSeconds()) {
    m_days = new PlanDays;
    m_scroll = new QScrollArea;
    m_scroll->setWidget(m_days);
    m_scroll->setWidgetResizable(true);
    m_scroll->setFrameShape(QFrame::NoFrame);
    m_scroll->setAccessibleName(tr("The days, to be scrolled"));
    m_scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_scroll->viewport()->setAutoFillBackground(false);
    m_days->setAutoFillBackground(false);
    m_work = new WorkBench;
    m_bench = new QStackedWidget;
    m_bench->addWidget(m_scroll);
    m_bench->addWidget(m_work);
    m_diary = new Diary(d);
    m_bench->addWidget(m_diary);
    setBench(m_bench);
    // What the hands need stands below it and stays where it is, whether a deadline holds or not.
    m_head = new AnswerHead(5);
    m_head->sentenceLabel()->setObjectName("planVerdict");
    m_dial = new ClockDial;
    m_time = makeHeading({});
    m_time->setObjectName("stepTime");
    m_time->setWordWrap(true);
    const auto button = [](const QString& text, const char* name) {
        auto* b = new QPushButton(text);
        b->setObjectName(name);
        return b;
    };
    m_start = button(tr("Start"), "stepStart"), m_done = button(tr("Done"), "stepDone");
    m_skip = button(tr("Skip"), "stepSkip"), m_large = button(tr("Large"), "stepLarge");
    m_large->setCheckable(true);
    m_large->setToolTip(tr("The step in hand, to be read from two metres"));
    auto* row = new QHBoxLayout;
    row->setSpacing(10);
    row->addWidget(m_dial);
    auto* right = new QVBoxLayout;
    right->setSpacing(6);
    right->addWidget(m_time);
    auto* buttons = new Flow;
    buttons->addWidget(m_start);
    buttons->addWidget(m_done);
    right->addLayout(buttons);
    auto* more = new Flow;
    more->addWidget(m_skip);
    m_diaryOpen = button(tr("Diary"), "planDiary");
    m_diaryOpen->setCheckable(true);
    more->addWidget(m_large);
    more->addWidget(m_diaryOpen);
    right->addLayout(more);
    row->addLayout(right, 1);
    m_weigh = new QLineEdit;
    m_weigh->setObjectName("stepWeigh");
    m_weigh->setAccessibleName(tr("Weight of the piece in grams"));
    m_scale = makeText(true);
    m_scale->setObjectName("scale");
    m_scale->hide();
    m_note = new QLineEdit;
    m_note->setObjectName("stepNote");
    m_note->setAccessibleName(tr("What should be done otherwise next time; it is shown at this step again"));
    m_note->setPlaceholderText(tr("for next time …"));
    m_facts = makeText();
    m_caution = makeText(true);
    m_clocks = makeText();
    m_clocks->setObjectName("clocks");
    m_gate = new RowList(4);
    m_gate->setObjectName("stepGate");
    m_gate->setAccessibleName(tr("The last look, to be ticked"));
    m_steps = new RowList(4);
    m_steps->setObjectName("steps");
    m_steps->setAccessibleName(tr("Steps in order"));
    m_ways = new RowList(3);
    m_ways->setObjectName("planWays");
    m_ways->setAccessibleName(tr("What would make the deadlines hold"));
    m_applyWay = button(tr("Apply"), "planApplyWay");
    m_rows = new StationTable(document(), "planTable");
    m_rows->hide();
    column()->addWidget(m_head);
    column()->addLayout(row);
    m_fields = makeForm();
    m_fields->addRow(tr("weighed, g"), m_weigh);
    m_fields->addRow(QString(), m_scale);
    m_fields->addRow(tr("note"), m_note);
    column()->addLayout(m_fields);
    column()->addWidget(m_gate);
    column()->addWidget(m_caution);
    column()->addWidget(m_clocks);
    column()->addWidget(m_rows);
    column()->addWidget(m_ways);
    column()->addWidget(m_applyWay, 0, Qt::AlignLeft);
    column()->addWidget(m_facts);
    addOpenPoints();
    column()->addWidget(makeHeading(tr("All steps")));
    column()->addWidget(m_steps);
    makeHours();
    makeOrder();
    m_shopFold = new Fold(tr("What the whole production takes"));
    m_shopFold->setObjectName("shopFold");
    m_shop = new ShopShelf(document());
    m_shopFold->body()->addWidget(m_shop);
    column()->addWidget(m_shopFold);
    column()->addStretch();
    connect(m_days, &PlanDays::stepChosen, this, &PlanPage::setStep);
    connect(m_days, &PlanDays::stepMoved, this, &PlanPage::moveStep);
    connect(m_days, &PlanDays::moveDropped, this, &PlanPage::dropMove);
    connect(m_days, &PlanDays::moveRefused, &document(), &Document::refused);
    connect(m_diary, &Diary::pictured, this, &PlanPage::writePicture);
    connect(m_steps, &QListWidget::currentRowChanged, this, &PlanPage::setStep);
    connect(m_applyWay, &QPushButton::clicked, this, &PlanPage::applyWay);
    connect(m_ways, &QListWidget::itemActivated, this, [this] { applyWay(); });
    connect(m_ways, &QListWidget::currentRowChanged, this, [this] { showWays(); });
    connect(m_start, &QPushButton::clicked, this, &PlanPage::startOrPause);
    connect(m_done, &QPushButton::clicked, this, &PlanPage::finish);
    connect(m_skip, &QPushButton::clicked, this, &PlanPage::skip);
    connect(m_large, &QPushButton::toggled, this, &PlanPage::setAtWork);
    connect(m_weigh, &QLineEdit::returnPressed, this, &PlanPage::weigh);
    connect(m_note, &QLineEdit::returnPressed, this, [this] { note(true); });
    connect(m_gate, &QListWidget::itemClicked, this, [this](QListWidgetItem* i) { tickItem(m_gate->row(i) + 1); });
    connect(m_gate, &QListWidget::itemActivated, this, [this](QListWidgetItem* i) { tickItem(m_gate->row(i) + 1); });
    connect(m_diaryOpen, &QPushButton::toggled, this, &PlanPage::setDiary);
    connect(m_diary, &Diary::left, this, [this] { setDiary(false); });
    connect(m_diary, &Diary::written, this, &PlanPage::writeLine);
    connect(m_work, &WorkBench::startOrPause, this, &PlanPage::startOrPause);
    connect(m_work, &WorkBench::done, this, &PlanPage::finish);
    connect(m_work, &WorkBench::ticked, this, &PlanPage::tickItem);
    connect(m_work, &WorkBench::next, this, [this](int by) { setStep(m_step + by); });
    connect(m_work, &WorkBench::leave, this, [this] { m_large->setChecked(false); });
    connect(&ports(), &DevicePorts::changed, this, &PlanPage::showScale);
    // A steady weight goes into the field that asks for one; Enter writes it down.
    connect(&ports(), &DevicePorts::steady, this, [this](const std::string& unit, double value) {
        if (unit != "g" || !m_weigh->isVisible() || !hasBegun()) return;
        m_weigh->setText(Text::number(value, 1));
        announce(*m_weigh, tr("The scale says %1").arg(Text::grams(value)));
    });
    connect(&job(), &PlanJob::changed, this, &PlanPage::arrived);
    m_clock.setInterval(1000);
    connect(&m_clock, &QTimer::timeout, this, &PlanPage::tickClocks);
    m_clock.start();
}

PlanJob& PlanPage::job() { return document().planJob(); }

void PlanPage::setAtWork(bool on) {
    if (m_large->isChecked() != on) m_large->setChecked(on);
    if (on) m_diaryOpen->setChecked(false);
    showBench();
    if (on) m_work->setFocus(Qt::OtherFocusReason);
}

void PlanPage::setDiary(bool on) {
    if (m_diaryOpen->isChecked() != on) m_diaryOpen->setChecked(on);
    if (on) m_large->setChecked(false);
    showBench();
}

void PlanPage::showBench() {
    m_bench->setCurrentIndex(m_large->isChecked() ? 1 : m_diaryOpen->isChecked() ? 2 : 0);
    if (m_diaryOpen->isChecked()) m_diary->show();
}

/// A line of the diary belongs to the step in hand, or without one to the production.
void PlanPage::writeLine(LogKind kind, double number, const QString& unit, const QString& text) {
    LogEntry e = planned() ? entry(kind, number, text) : entryOfProduction(kind, number, text);
    e.unit = unit.toStdString();
    document().change(tr("Written down: %1").arg(text.isEmpty() ? Text::number(number, 2) : text),
                      [&](const document::Edits& x) { return x.addLog({e}); });
    document().keepNow();
}

void PlanPage::writePicture(LogKind kind, const QString& text, const QByteArray& bytes) {
    LogEntry e = planned() ? entry(kind, 0, text) : entryOfProduction(kind, 0, text);
    // A name that none has yet.
    for (int n = 1;; ++n) {
        e.picture = QString("log-%1-%2.jpg").arg(e.at_s).arg(n).toStdString();
        if (!document().production().pictures.contains(e.picture)) break;
    }
    document().change(tr("Written down with a picture: %1").arg(text),
                      [&](const document::Edits& x) { return x.addLog({e}, bytes.toStdString()); });
    document().keepNow();
}

void PlanPage::show(const results::Report&) {
    job().follow(document());
    // What the builder wants stands at once; what follows from it comes with the plan.
    m_begin->setCurrentIndex(static_cast<int>(document().puppet().wants.begin));
    m_baseTurn->setCurrentIndex(static_cast<int>(document().puppet().wants.baseTurn));
    showHours();
    showShopping();
    if (m_diaryOpen->isChecked()) m_diary->show();
}

void PlanPage::showEvent(QShowEvent* e) {
    Page::showEvent(e);
    tickClocks();
}

const results::Planned* PlanPage::planned() {
    const PlanJob::State k = job().state();
    return k && m_step >= 0 && m_step < static_cast<int>(k->plan.steps.size())
               ? &k->plan.steps[static_cast<std::size_t>(m_step)]
               : nullptr;
}

/// A plan has come: the step in hand stays in hand; without one the running, else the first that is not done.
void PlanPage::arrived() {
    const PlanJob::State k = job().state();
    if (!k) return;
    int at = -1, running = -1, first = -1;
    for (std::size_t i = 0; i < k->plan.steps.size(); ++i) {
        const results::Planned& s = k->plan.steps[i];
        if (!m_inHand.empty() && files::planId(*k->of, s.step, k->step(s.step)) == m_inHand) at = static_cast<int>(i);
        if (s.running && running < 0) running = static_cast<int>(i);
        if (!s.done && !s.skipped && first < 0) first = static_cast<int>(i);
    }
    m_step = at >= 0 ? at : running >= 0 ? running : first;
    {
        const QSignalBlocker quiet(m_steps);
        m_steps->clear();
        for (const results::Planned& s : k->plan.steps) {
            auto* item = new QListWidgetItem(
                tr("%1  %2: %3").arg(Text::dayTime(s.at.from), k->who(s.step), Text::step(k->step(s.step))), m_steps);
            item->setToolTip(plainTip(item->text()));
            if (s.done || s.skipped) item->setForeground(look().graphite);
        }
        m_steps->setCurrentRow(m_step);
    }
    m_days->show(k, document().puppetIndex(), wallSeconds() / 60);
    showShopping();
    {
        const QSignalBlocker quiet(m_ways);
        m_ways->clear();
        for (const results::WayToHold& w : k->ways) {
            auto* item = new QListWidgetItem(wayText(*k, w), m_ways);
            item->setToolTip(plainTip(item->text()));
        }
        if (m_ways->count() > 0) m_ways->setCurrentRow(0);
    }
    showWays();
    showStep();
    showHours();
}

void PlanPage::showScale() {
    const double now = ports().live("g");
    const bool there = !std::isnan(now) && m_weigh->isVisible();
    m_fields->setRowVisible(m_scale, there);
    if (there)
        m_scale->setText((hasBegun() ? tr("on the scale: %1")
                                     : tr("on the scale: %1; of a step that has not begun nothing "
                                          "is weighed"))
                             .arg(Text::grams(now)));
}

bool PlanPage::hasBegun() {
    const results::Planned* s = planned();
    if (!s) return false;
    const PlanJob::State k = document().planJob().state();
    const document::StepState& state = k->planning.states[static_cast<std::size_t>(k->planning.find(s->step))];
    return state.done || state.running || state.workedUntil(wallSeconds()) > 0;
}

void PlanPage::setStep(int step) {
    const PlanJob::State k = job().state();
    if (!k || step < 0 || step >= static_cast<int>(k->plan.steps.size())) return;
    m_step = step;
    const results::StepRef& taken = k->plan.steps[static_cast<std::size_t>(step)].step;
    m_inHand = files::planId(*k->of, taken, k->step(taken));
    {
        const QSignalBlocker quiet(m_steps);
        m_steps->setCurrentRow(step);
    }
    showStep();
}

/// When each puppet is done, against what it was promised or what a shot wants, and why.
std::vector<StationRow> PlanPage::rowsOf(const PlanJob::Known& k) const {
    std::vector<StationRow> rows;
    const Calendar& calendar = k.planning.calendar;
    Minute open = 0;
    for (const auto& day : calendar.hours)
        for (const Span& span : day)
            open += span.to - span.from;
    int learned = 0;
    for (const make::Rate& r : k.planning.rates)
        learned += r.steps;
    const auto row = [&](const QString& name, int puppet, Minute end, const QString& by, Minute late, Minute spare) {
        Minute hands = 0, waits = 0;
        for (const results::Planned& p : k.plan.steps) {
            if (p.step.puppet != puppet || p.done || p.skipped) continue;
            Minute own = 0;
            for (const auto& [from, to] : p.work)
                own += to - from;
            hands += own, waits += std::max<Minute>(0, p.at.done - p.at.handsEnd);
        }
        Why w;
        w.title = tr("Why %1").arg(Text::dayTime(end));
        w.chain << tr("%1 of hands at it, in the order on the days").arg(Text::hours(static_cast<double>(hands)))
                << tr("%1 of drying, setting and baking in between, much of it beside other work")
                       .arg(Text::hours(static_cast<double>(waits)))
                << tr("%1 open hours a week, %2 of hands at once, typed")
                       .arg(Text::number(static_cast<double>(open) / 60, 0))
                       .arg(calendar.hands());
        if (spare > 0)
            w.chain << tr("%1 of open hours are left until then").arg(Text::minutes(static_cast<double>(spare)));
        w.sureness = learned > 0 ? tr("Minutes by your own log: %1 steps.").arg(learned)
                                 : tr("Typical minutes: nothing of yours was timed yet.");
        w.test = tr("What would narrow it most: Start and Done at each step.");
        // Half a day of open hours is a bar's breadth.
        constexpr double kHalfDay = 240;
        const double margin =
            late > 0 ? 1 / (1 + static_cast<double>(late) / kHalfDay) : 1 + static_cast<double>(spare) / kHalfDay;
        rows.push_back({{name, Text::dayName(dayOf(end)), tr("by %1").arg(by), margin, false, look().slack}, w});
    };
    constexpr std::size_t kMost = 4;
    for (std::size_t i = 0; i < k.plan.puppets.size() && rows.size() < kMost; ++i) {
        const results::PlannedPuppet& p = k.plan.puppets[i];
        if (p.deadline)
            row(QString::fromStdString(k.of->puppets[i].name), static_cast<int>(i), p.end,
                Text::dayName(dayOf(*p.deadline)), p.late, p.spare_min);
    }
    for (const results::PlannedCopy& c : k.plan.wanted)
        if (rows.size() < kMost)
            row(k.who({c.puppet, c.copy, 0}), c.puppet, c.end, Text::dayName(dayOf(c.by)), c.late, c.spare_min);
    return rows;
}

void PlanPage::showStep() {
    const PlanJob::State k = job().state();
    const results::Planned* s = planned();
    m_days->setStep(m_step);
    const QRect box = m_days->boxOf(m_step);
    if (!box.isNull()) m_scroll->ensureVisible(box.center().x(), box.center().y(), 20, 90);
    m_work->show(k, m_step, wallSeconds());
    showOrder();
    m_diary->setSubject(k && s ? tr("%1, %2").arg(k->who(s->step), Text::step(k->step(s->step))) : QString());
    for (QWidget* w : std::initializer_list<QWidget*>{m_dial, m_start, m_done, m_skip, m_weigh, m_note, m_facts})
        w->setEnabled(s != nullptr);
    if (!k || !s) {
        m_head->show(tr("No steps yet"), {},
                     k && !k->plan.possible ? tr("The open hours do not suffice.")
                                            : tr("Mark a limb at Sheet, and its steps stand here."));
        m_gate->hide(), m_caution->hide();
        m_time->clear(), m_facts->clear();
        return;
    }
    const make::Step& step = k->step(s->step);
    // How the whole stands, first where it is bad.
    QStringList verdict{Text::step(step) + "."};
    const QString name = k->who(s->step);
    for (std::size_t i = 0; i < k->plan.puppets.size(); ++i) {
        const results::PlannedPuppet& x = k->plan.puppets[i];
        const QString who = QString::fromStdString(k->of->puppets[i].name);
        if (x.late > 0)
            verdict << tr("%1 is late by %2: done %3.")
                           .arg(who, Text::minutes(static_cast<double>(x.late)), Text::dayTime(x.end));
    }
    for (const results::PlannedCopy& c : k->plan.wanted) {
        const QString shot = QString::fromStdString(k->of->shots[static_cast<std::size_t>(c.shot)].name);
        const QString who = k->who({c.puppet, c.copy, 0});
        if (c.late > 0)
            verdict << tr("%1 is late for “%2” by %3: done %4.")
                           .arg(who, shot, Text::minutes(static_cast<double>(c.late)), Text::dayTime(c.end));
    }
    if (!k->plan.broken.empty()) {
        const results::PlannedBroken& b = k->plan.broken.front();
        verdict << tr("%n thing(s) will not be so when the step comes, first: ", nullptr,
                      static_cast<int>(k->plan.broken.size())) +
                       Text::capital(checks::sentenceOf(b.broken, Text::step(k->step(b.step)).toStdString()));
    }
    m_rows->show(rowsOf(*k));
    // Its place is kept while it is worked out, so that nothing moves under the pointer.
    const bool promised = std::any_of(k->of->puppets.begin(), k->of->puppets.end(),
                                      [](const body::Puppet& x) { return x.deadline.has_value(); });
    if (!k->chance && promised)
        verdict << tr("How surely deadlines hold is being worked out.");
    else if (k->chance && !std::isnan(k->chance->holds))
        verdict << tr("All deadlines hold in %1 of 100 such builds.").arg(Text::number(100 * k->chance->holds, 0));
    const QString proof =
        k->plan.schedule.proved
            ? tr("All done %1; no order is better.").arg(Text::dayTime(k->plan.schedule.end))
            : tr("All done %1, within %2 % of the best possible%3.")
                  .arg(Text::dayTime(k->plan.schedule.end), Text::number(std::ceil(100 * k->plan.gap()), 0),
                       k->searching ? tr("; looking on") : QString());
    // When, as surely as it is known: half of such builds are done by the one, nine in ten by the other.
    verdict << (k->chance && k->chance->rounds > 0
                    ? tr("Half of such builds are done %1, nine in ten %2.")
                          .arg(Text::dayTime(k->chance->median), Text::dayTime(k->chance->late))
                    : proof);
    m_head->setToolTip(plainTip(proof));
    m_head->show(groupName(groupOf(step.kind)),
                 tr("%1, step %2 of %3").arg(name).arg(m_step + 1).arg(k->plan.steps.size()), verdict.join(" "));
    if (k->plan.schedule.late > 0)
        m_head->setStamp(tr("late"), look().slack);
    else if (!k->plan.broken.empty())
        m_head->setStamp(tr("not so"), look().slack);
    else
        m_head->setStamp({});
    m_facts->setText(stepFacts(*k, m_step).join("\n"));
    m_caution->setText(Text::caution(step.caution));
    m_caution->setVisible(step.caution != make::Caution::none);
    const auto ticks = k->ticks(s->step);
    m_gate->clear();
    for (std::size_t i = 0; i < step.gate.size(); ++i) {
        auto* item = new QListWidgetItem(Text::gateLine(step.gate[i]), m_gate);
        item->setToolTip(plainTip(item->text()));
        item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable);
        item->setCheckState(ticks[i] ? Qt::Checked : Qt::Unchecked);
    }
    m_gate->setVisible(!step.gate.empty());
    const bool clay =
        step.kind == make::StepKind::skin || step.kind == make::StepKind::coat || step.kind == make::StepKind::bulk;
    m_fields->setRowVisible(m_weigh, clay);
    showScale();
    m_weigh->setPlaceholderText(clay ? tr("planned %1").arg(Text::number(step.amount, 1)) : QString());
    tickClocks();
}

/// Summer time is no time that passed, and a clock that somebody sets neither.
void PlanPage::followClock() {
    if (job().state() && job().offset_min() != wallOffset_min()) job().follow(document());
    const std::int64_t by = wallSetBy_s();
    if (std::abs(by - m_setBy_s) < 60) return;
    m_setBy_s = by;
    Q_EMIT document().noted(tr("The computer's clock was set by %1 min. What runs here goes on by the time that "
                               "passed; the new time counts "
                               "when Enkinet is started again.")
                                .arg(Text::number(std::round(static_cast<double>(by) / 60), 0)));
}

void PlanPage::tickClocks() {
    followClock();
    callDue();
    if (!isVisible() && !m_work->isVisible()) return;
    const PlanJob::State k = job().state();
    const results::Planned* s = planned();
    if (!k || !s) return;
    const std::int64_t now = wallSeconds();
    showClock({m_dial, m_time, m_start, m_done}, *k, m_step, now);
    m_skip->setEnabled(!s->done && !s->skipped);
    const QStringList clocks = runningClocks(*k, now);
    m_clocks->setText(clocks.mid(0, 3).join("\n"));
    m_clocks->setVisible(!clocks.isEmpty());
    m_work->tick(now);
}

/// What dries, sets or bakes calls once when it is due, whatever station is shown.
void PlanPage::callDue() {
    const PlanJob::State k = job().state();
    if (!k) return;
    const std::int64_t now = wallSeconds();
    for (const results::Planned& s : k->plan.steps) {
        if (!s.done || s.at.done <= s.at.handsEnd || s.at.done * 60 > now || s.at.done * 60 < m_since_s) continue;
        if (!m_called.insert(files::planId(*k->of, s.step, k->step(s.step))).second) continue;
        const QString text = tr("Due now: %1").arg(Text::step(k->step(s.step)));
        QApplication::beep();
        announce(*this, text);
        notifyDesktop(text);
    }
}

} // namespace enkinet::app
