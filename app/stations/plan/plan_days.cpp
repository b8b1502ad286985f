#include "stations/plan/plan_days.h"
#include "document/translated.h"
#include "stations/plan/step_icon.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include "words/text.h"
#include <QApplication>
#include <QHelpEvent>
#include <QKeyEvent>
#include <QLocale>
#include <QPainter>
#include <QPainterPath>
#include <QToolTip>
#include <algorithm>
#include <cmath>
#include <utility>

namespace enkinet::app {

namespace {

constexpr double kDaysLeft = 92, kDaysRight = 20, kDaysTop = 74, kDaysCard = 48, kAboveLine = 60, kWaitLane = 17;
constexpr int kWaitLanes = 3;
constexpr double kDayRow = kAboveLine + kWaitLanes * kWaitLane + 12;

} // namespace

PlanDays::PlanDays(QWidget* parent) : QWidget(parent) {
    setObjectName("planDays");
    setFocusPolicy(Qt::StrongFocus);
    installAccessiblePictures();
    setAccessibleName(tr("The days: what is done when"));
}

void PlanDays::show(PlanJob::State state, int puppet, Minute now) {
    m_state = std::move(state), m_puppet = puppet, m_now = now;
    const int steps = m_state ? static_cast<int>(m_state->plan.steps.size()) : 0;
    m_held = -1, m_landing.reset(); // what was held may be another now
    if (m_step >= steps) m_step = -1;
    layOut();
    updateGeometry();
    setMinimumHeight(sizeHint().height());
    update();
}

QSize PlanDays::sizeHint() const {
    return {560, static_cast<int>(kDaysTop + kDayRow * std::max<double>(1, static_cast<double>(m_days.size())) + 16)};
}

double PlanDays::xOf(std::int64_t day, Minute at) const {
    const double w = width() - kDaysLeft - kDaysRight, of = m_openTo - m_openFrom;
    return kDaysLeft + std::clamp(static_cast<double>(at - day * kDay - m_openFrom) / of, 0.0, 1.0) * w;
}

void PlanDays::layOut() {
    ++m_laidOut;
    m_stretches.clear(), m_days.clear();
    if (!m_state) return;
    // The hours that a row shows: all that are ever open, whole.
    m_openFrom = 24 * 60, m_openTo = 0;
    for (const auto& spans : m_state->planning.calendar.hours)
        for (const Span& s : spans)
            m_openFrom = std::min(m_openFrom, s.from / 60 * 60), m_openTo = std::max(m_openTo, (s.to + 59) / 60 * 60);
    if (m_openTo <= m_openFrom) m_openFrom = 600, m_openTo = 1080;
    std::map<std::int64_t, Day> days;
    const auto dayAt = [&](std::int64_t d) -> Day& {
        Day& day = days[d];
        day.day = d;
        return day;
    };
    const auto& steps = m_state->plan.steps;
    for (const results::Planned& s : steps)
        for (const auto& [from, to] : s.work)
            dayAt(dayOf(from));
    for (std::size_t i = 0; i < m_state->plan.puppets.size(); ++i)
        if (const auto& d = m_state->plan.puppets[i].deadline)
            dayAt(dayOf(*d)).flags.push_back(
                {*d, QString::fromStdString(m_state->of->puppets[i].name), m_state->plan.puppets[i].late > 0});
    for (const results::PlannedCopy& c : m_state->plan.wanted)
        dayAt(dayOf(c.by))
            .flags.push_back(
                {c.by,
                 tr("%1 for “%2”")
                     .arg(m_state->who({c.puppet, c.copy, 0}),
                          QString::fromStdString(m_state->of->shots[static_cast<std::size_t>(c.shot)].name)),
                 c.late > 0});
    double y = kDaysTop + kAboveLine;
    for (auto& [d, day] : days)
        day.y = y, y += kDayRow;
    // Work, joined where the same kind goes on for the same puppet.
    for (std::size_t i = 0; i < steps.size(); ++i) {
        const results::Planned& s = steps[i];
        const int group = groupOf(m_state->step(s.step).kind);
        for (const auto& [from, to] : s.work) {
            Day& day = days.at(dayOf(from));
            const QRectF box(xOf(day.day, from), day.y - kDaysCard,
                             std::max(2.0, xOf(day.day, to) - xOf(day.day, from)), kDaysCard);
            m_stretches.push_back({static_cast<int>(i), box, from, to});
            Card* last = day.cards.empty() ? nullptr : &day.cards.back();
            if (last && last->group == group && last->puppet == s.step.puppet &&
                steps[static_cast<std::size_t>(last->steps.front())].step.copy == s.step.copy &&
                box.left() - last->box.right() < 3 && group != kGateGroup) {
                last->box.setRight(std::max(last->box.right(), box.right()));
                last->steps.push_back(static_cast<int>(i));
            } else {
                day.cards.push_back({{static_cast<int>(i)}, box, group, s.step.puppet});
            }
        }
    }
    // Waits of a quarter of an hour and more, in lanes.
    for (auto& [d, day] : days) {
        std::vector<double> free(kWaitLanes, 0);
        for (std::size_t i = 0; i < steps.size(); ++i) {
            const Minute from = steps[i].at.handsEnd, to = steps[i].at.done;
            const Minute open = d * kDay + m_openFrom, close = d * kDay + m_openTo;
            if (to - from < 15 || to <= open || from >= close) continue;
            const QRectF box(xOf(d, from), 0, std::max(3.0, xOf(d, to) - xOf(d, from)), kWaitLane - 4);
            const auto lane = std::find_if(free.begin(), free.end(), [&](double x) { return x <= box.left() + 0.5; });
            if (lane == free.end()) {
                ++day.hiddenWaits;
                continue;
            }
            *lane = box.right() + 3;
            const auto n = static_cast<double>(lane - free.begin());
            day.waits.push_back(
                {static_cast<int>(i), box.translated(0, day.y + 7 + n * kWaitLane), to > close, from < open});
        }
    }
    for (auto& [d, day] : days)
        m_days.push_back(std::move(day));
}

QRect PlanDays::boxOf(int step) const {
    for (const Stretch& s : m_stretches)
        if (s.step == step) return s.box.toAlignedRect();
    for (const Day& d : m_days)
        for (const Wait& w : d.waits)
            if (w.step == step) return w.box.toAlignedRect();
    return {};
}

std::vector<PicturePart> PlanDays::parts() const {
    std::vector<PicturePart> all;
    if (!m_state) return all;
    for (const results::Planned& s : m_state->plan.steps)
        all.push_back(
            {tr("%1, %2, %3").arg(Text::dayTime(s.at.from), m_state->who(s.step), Text::step(m_state->step(s.step))),
             boxOf(static_cast<int>(all.size())), static_cast<int>(all.size()) == m_step});
    return all;
}

void PlanDays::choosePart(int index) {
    setStep(index);
    Q_EMIT stepChosen(index);
}

void PlanDays::setStep(int step) {
    if (step == m_step) return;
    m_step = step;
    announcePart(*this, step);
    update();
}

int PlanDays::stepAt(const QPointF& at) const {
    for (const Stretch& s : m_stretches)
        if (s.box.adjusted(-1, 0, 1, 0).contains(at)) return s.step;
    for (const Day& d : m_days)
        for (const Wait& w : d.waits)
            if (w.box.contains(at)) return w.step;
    return -1;
}

void PlanDays::mousePressEvent(QMouseEvent* e) {
    setFocus(Qt::MouseFocusReason);
    m_held = -1;
    if (const int s = stepAt(e->position()); s >= 0) {
        choosePart(s);
        if (e->button() == Qt::LeftButton && mayMove(s)) m_held = s, m_heldAt = e->position();
    }
}

void PlanDays::mouseMoveEvent(QMouseEvent* e) {
    if (m_held < 0 || !(e->buttons() & Qt::LeftButton)) return;
    if (!m_landing && (e->position() - m_heldAt).manhattanLength() < QApplication::startDragDistance()) return;
    m_landing = findLanding(m_held, e->position());
    setCursor(m_landing && m_landing->why.isEmpty() ? Qt::ClosedHandCursor : Qt::ForbiddenCursor);
    update();
}

void PlanDays::mouseReleaseEvent(QMouseEvent*) {
    const auto landing = std::exchange(m_landing, {});
    const int step = std::exchange(m_held, -1);
    unsetCursor();
    update();
    if (step < 0 || !landing) return;
    if (!landing->why.isEmpty()) return Q_EMIT moveRefused(landing->why);
    Q_EMIT stepMoved(step, landing->at, landing->before);
}

void PlanDays::keyPressEvent(QKeyEvent* e) {
    const int n = m_state ? static_cast<int>(m_state->plan.steps.size()) : 0;
    if (n == 0) return QWidget::keyPressEvent(e);
    if ((e->modifiers() & Qt::AltModifier) && (e->key() == Qt::Key_Left || e->key() == Qt::Key_Right))
        return moveByKey(e->key() == Qt::Key_Right);
    if (e->key() == Qt::Key_Delete && m_step >= 0) return Q_EMIT moveDropped(m_step);
    if (e->key() == Qt::Key_Escape && m_held >= 0) {
        m_held = -1, m_landing.reset();
        unsetCursor();
        return update();
    }
    int to = m_step;
    if (e->key() == Qt::Key_Right)
        ++to;
    else if (e->key() == Qt::Key_Left)
        to = std::max(0, to - 1);
    else if (e->key() == Qt::Key_Home)
        to = 0;
    else if (e->key() == Qt::Key_End)
        to = n - 1;
    else if (e->key() == Qt::Key_Down || e->key() == Qt::Key_Up) {
        // The first step of the next day, or of the one before.
        const bool down = e->key() == Qt::Key_Down;
        const auto dayOfStep = [&](int i) { return dayOf(m_state->plan.steps[static_cast<std::size_t>(i)].at.from); };
        to = std::clamp(to, 0, n - 1);
        const auto here = dayOfStep(to);
        while (to + (down ? 1 : -1) >= 0 && to + (down ? 1 : -1) < n && dayOfStep(to) == here)
            to += down ? 1 : -1;
        const auto there = dayOfStep(to);
        while (to > 0 && dayOfStep(to - 1) == there)
            --to;
    } else {
        return QWidget::keyPressEvent(e);
    }
    choosePart(std::clamp(to, 0, n - 1));
}

bool PlanDays::mayMove(int step) const {
    if (!m_state || step < 0 || step >= static_cast<int>(m_state->plan.steps.size())) return false;
    const results::Planned& s = m_state->plan.steps[static_cast<std::size_t>(step)];
    return !s.done && !s.skipped && !s.running;
}

/// What the step waits for, from itself back to the other; empty where it may come before it.
QString PlanDays::findWhyNot(int step, int before) const {
    const auto& steps = m_state->plan.steps;
    const auto taskOf = [&](int i) { return m_state->planning.find(steps[static_cast<std::size_t>(i)].step); };
    int here = taskOf(step);
    const auto chain = results::findWaits(m_state->planning.problem, here, taskOf(before));
    if (chain.empty()) return {};
    const auto nameOf = [&](int task) {
        return Text::step(m_state->step(m_state->planning.steps[static_cast<std::size_t>(task)]));
    };
    QStringList why;
    for (int task : chain) {
        // The reason stands with the step where both are of one copy; otherwise the builder moved it there.
        const results::StepRef a = m_state->planning.steps[static_cast<std::size_t>(here)],
                               b = m_state->planning.steps[static_cast<std::size_t>(task)];
        make::Reason reason = make::Reason::own_order;
        if (a.puppet == b.puppet && a.copy == b.copy)
            for (const make::After& x : m_state->step(a).after)
                if (x.step == b.step) reason = x.reason;
        why << tr("%1 waits for %2 (%3)").arg(nameOf(here), nameOf(task), Text::reason(reason));
        here = task;
    }
    return why.mid(0, 3).join(tr("; ")) + (why.size() > 3 ? tr("; and so on") : QString());
}

PlanDays::Landing PlanDays::makeLanding(int step, int before) const {
    const results::Planned& other = m_state->plan.steps[static_cast<std::size_t>(before)];
    Landing l;
    l.at = other.at.from, l.before = before, l.why = findWhyNot(step, before);
    if (other.done || other.skipped || other.running) l.why = tr("What has begun stays where it is");
    return l;
}

std::optional<PlanDays::Landing> PlanDays::findLanding(int step, const QPointF& at) const {
    const results::Planned& own = m_state->plan.steps[static_cast<std::size_t>(step)];
    const Day* day = nullptr;
    for (const Day& d : m_days)
        if (at.y() >= d.y - kAboveLine && at.y() < d.y - kAboveLine + kDayRow) day = &d;
    if (!day) return {};
    const double w = width() - kDaysLeft - kDaysRight;
    const auto minute =
        day->day * kDay + m_openFrom +
        std::llround(std::clamp((at.x() - kDaysLeft) / w, 0.0, 1.0) * static_cast<double>(m_openTo - m_openFrom));
    Landing l;
    if (minute >= own.at.from) {
        // Later: on a quarter of an hour.
        l.at = (minute + 7) / 15 * 15;
        if (l.at - own.at.from < 15) return {};
    } else {
        // Earlier: before what begins nearest to the hand.
        int nearest = -1;
        for (const Stretch& s : m_stretches)
            if (const results::Planned& other = m_state->plan.steps[static_cast<std::size_t>(s.step)];
                s.step != step && s.from == other.at.from && other.at.from < own.at.from &&
                (nearest < 0 || std::abs(s.from - minute) <
                                    std::abs(m_state->plan.steps[static_cast<std::size_t>(nearest)].at.from - minute)))
                nearest = s.step;
        if (nearest < 0) return {};
        l = makeLanding(step, nearest);
    }
    double y = day->y;
    for (const Day& d : m_days)
        if (d.day == dayOf(l.at)) y = d.y;
    const double from = xOf(dayOf(l.at), l.at);
    l.box = QRectF(from, y - kDaysCard,
                   std::max(14.0, w *
                                      static_cast<double>(
                                          own.at.handsEnd > own.at.from
                                              ? own.work.empty() ? 15 : own.work.front().second - own.work.front().first
                                              : 15) /
                                      (m_openTo - m_openFrom)),
                   kDaysCard);
    return l;
}

void PlanDays::moveByKey(bool later) {
    if (!mayMove(m_step)) return Q_EMIT moveRefused(tr("What has begun stays where it is"));
    const auto& steps = m_state->plan.steps;
    const results::Planned& own = steps[static_cast<std::size_t>(m_step)];
    if (later) {
        // Behind what begins next.
        for (const results::Planned& s : steps)
            if (!s.work.empty() && s.at.from >= own.at.from && &s != &own && s.at.handsEnd > own.at.from)
                return Q_EMIT stepMoved(m_step, std::max(s.at.handsEnd, own.at.from + 15), -1);
        return Q_EMIT stepMoved(m_step, own.at.from + 15, -1);
    }
    int before = -1;
    for (int i = 0; i < static_cast<int>(steps.size()); ++i)
        if (const results::Planned& s = steps[static_cast<std::size_t>(i)];
            i != m_step && !s.work.empty() && s.at.from < own.at.from)
            before = i; // in order of beginning
    if (before < 0) return Q_EMIT moveRefused(tr("Nothing stands before it"));
    const Landing l = makeLanding(m_step, before);
    if (!l.why.isEmpty()) return Q_EMIT moveRefused(l.why);
    Q_EMIT stepMoved(m_step, l.at, l.before);
}

/// The step as it would lie, with the time; or why not.
void PlanDays::drawLanding(QPainter& p) const {
    if (!m_landing) return;
    const bool good = m_landing->why.isEmpty();
    const QColor ink = good ? look().copper : look().slack;
    QColor glass = ink;
    glass.setAlpha(46);
    p.setPen(QPen(ink, 2, good ? Qt::SolidLine : Qt::DashLine));
    p.setBrush(glass);
    p.drawRect(m_landing->box);
    p.drawLine(QPointF(m_landing->box.left(), m_landing->box.top() - 6),
               QPointF(m_landing->box.left(), m_landing->box.bottom() + 4));
    const QString text =
        !good ? m_landing->why
        : m_landing->before >= 0
            ? tr("before %1")
                  .arg(Text::step(m_state->step(m_state->plan.steps[static_cast<std::size_t>(m_landing->before)].step)))
            : tr("from %1 on").arg(Text::dayTime(m_landing->at));
    p.setFont(deskType(12, QFont::DemiBold));
    const QFontMetricsF f(p.font());
    const double w = std::min(f.horizontalAdvance(text) + 16, static_cast<double>(width()) - 40);
    const QRectF slip(std::clamp(m_landing->box.left(), 20.0, std::max(20.0, width() - w - 20)),
                      m_landing->box.top() - 26, w, 20);
    p.setPen(Qt::NoPen);
    p.setBrush(look().card);
    p.drawRect(slip);
    p.setPen(ink);
    drawFitted(p, slip.adjusted(8, 0, -8, 0), Qt::AlignVCenter | Qt::AlignLeft, text);
}

void PlanDays::resizeEvent(QResizeEvent*) { layOut(); }

bool PlanDays::event(QEvent* event) {
    // While a step is held, Escape lets it go and means nothing else.
    if (event->type() == QEvent::ShortcutOverride && m_held >= 0 &&
        static_cast<QKeyEvent*>(event)->key() == Qt::Key_Escape) {
        event->accept();
        return true;
    }
    if (event->type() == QEvent::ToolTip && m_state) {
        const auto* help = static_cast<QHelpEvent*>(event);
        const int i = stepAt(help->pos());
        QString tip;
        if (i >= 0) {
            const results::Planned& s = m_state->plan.steps[static_cast<std::size_t>(i)];
            tip = tr("%1: %2\n%3 to %4\nDrag it, or Alt with the arrows, to move it.")
                      .arg(m_state->who(s.step), Text::step(m_state->step(s.step)), Text::dayTime(s.at.from),
                           Text::dayTime(s.at.done));
        }
        QToolTip::showText(help->globalPos(), tip, this);
        return true;
    }
    return QWidget::event(event);
}

void PlanDays::drawCard(QPainter& p, const Card& card) const {
    const bool own = card.puppet == m_puppet;
    bool done = true, here = false, critical = false;
    for (int i : card.steps) {
        const results::Planned& s = m_state->plan.steps[static_cast<std::size_t>(i)];
        done = done && (s.done || s.skipped), here = here || i == m_step, critical = critical || s.critical;
    }
    const QRectF box = card.box.adjusted(0.5, 2, -0.5, 0);
    if (box.width() > 8) drawShadow(p, box, 3);
    QColor paper = done ? look().shade : look().card;
    if (!own && !done) paper = look().sheet;
    p.setPen(QPen(here ? look().copper : look().graphite, here ? 2 : 0.8));
    p.setBrush(paper);
    if (card.group == kGateGroup) {
        // A look is no card: a lens on a thin slip.
        p.drawRect(QRectF(box.left(), box.top() + 22, std::max(3.0, std::min(box.width(), 10.0)), box.height() - 22));
        drawStepIcon(p, {box.left() + 4, box.top() + 22}, 15, card.group);
        return;
    }
    p.drawRect(box);
    if (critical) p.fillRect(QRectF(box.left() + 1, box.bottom() - 3, box.width() - 2, 3), look().copper);
    // Where one step ends and the next begins.
    p.setPen(QPen(look().faint, 1));
    for (std::size_t k = 1; k < card.steps.size(); ++k)
        for (const Stretch& s : m_stretches)
            if (s.step == card.steps[k] && s.box.left() > box.left() + 2 && card.box.contains(s.box.center()))
                p.drawLine(QPointF(s.box.left(), box.bottom() - 8), QPointF(s.box.left(), box.bottom() - 3));
    if (here)
        for (const Stretch& s : m_stretches)
            if (s.step == m_step && card.box.contains(s.box.center()))
                p.fillRect(QRectF(s.box.left(), box.top() + 1, s.box.width(), 3), look().copper);
    const double w = box.width();
    if (w < 16) return;
    if (w < 38) {
        drawStepIcon(p, {box.left() + w / 2, box.top() + 15}, std::min(18.0, w - 3), card.group);
        return;
    }
    drawStepIcon(p, {box.left() + 14, box.top() + 15}, 18, card.group);
    p.setPen(done ? look().graphite : look().ink);
    p.setFont(deskType(13, own ? QFont::DemiBold : QFont::Normal));
    const QFontMetricsF f(p.font());
    drawFitted(p, QPointF(box.left() + 27, box.top() + 19), w - 30, groupName(card.group));
    QStringList what;
    for (int i : card.steps) {
        const QString one = translated(m_state->step(m_state->plan.steps[static_cast<std::size_t>(i)].step).subject);
        if (!what.contains(one)) what << one;
    }
    const results::StepRef& first = m_state->plan.steps[static_cast<std::size_t>(card.steps.front())].step;
    const QString name = m_state->who(first);
    QString line = what == QStringList{QString::fromStdString(m_state->puppet(first).name)}
                       ? name
                       : tr("%1: %2").arg(name, what.mid(0, 2).join(tr(", ")));
    if (what.size() > 2) line += tr(", %n more", nullptr, static_cast<int>(what.size()) - 2);
    p.setFont(deskType(11));
    p.setPen(look().graphite);
    drawFitted(p, QPointF(box.left() + 5, box.top() + 36), w - 8, line);
    if (done && w > 60) {
        p.setPen(QPen(look().holds, 2.2, Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
        p.drawPolyline(QPolygonF{
            {box.right() - 17, box.top() + 11}, {box.right() - 12, box.top() + 17}, {box.right() - 4, box.top() + 5}});
    }
}

void PlanDays::drawWait(QPainter& p, const Wait& wait, double line) const {
    const results::Planned& s = m_state->plan.steps[static_cast<std::size_t>(wait.step)];
    const make::Step& step = m_state->step(s.step);
    const bool oven = step.tool == make::Tool::oven, here = wait.step == m_step;
    QColor fill = oven                                     ? QColor("#e3a27c")
                  : step.kind == make::StepKind::set_putty ? QColor("#b6c4a8")
                                                           : QColor("#b5c8d6");
    if (look().night) fill = fill.darker(135);
    if (s.step.puppet != m_puppet) fill.setAlpha(140);
    // Hung from the line by its ends.
    p.setPen(QPen(look().line, 1));
    for (double x : {wait.cameOver ? -1.0 : wait.box.left() + 2, wait.goesOn ? -1.0 : wait.box.right() - 2})
        if (x > 0) p.drawLine(QPointF(x, line), QPointF(x, wait.box.top()));
    QPainterPath cloth;
    const QRectF b = wait.box;
    cloth.moveTo(b.topLeft());
    cloth.quadTo({b.center().x(), b.top() + 3}, b.topRight());
    cloth.lineTo(b.bottomRight());
    cloth.quadTo({b.center().x(), b.bottom() + 3}, b.bottomLeft());
    cloth.closeSubpath();
    p.setPen(QPen(here ? look().copper : look().graphite, here ? 2 : 0.7));
    p.setBrush(fill);
    p.drawPath(cloth);
    if (b.width() < 46) return;
    p.setFont(deskType(11));
    p.setPen(look().night ? look().ink : QColor("#2b2925"));
    const QString who = translated(step.subject);
    const QString minutes = Text::minutes(static_cast<double>(s.at.done - s.at.handsEnd));
    QString text = oven                                 ? tr("oven %1").arg(minutes)
                   : step.kind == make::StepKind::paint ? tr("%1 dries").arg(who)
                                                        : tr("%1 sets").arg(who);
    const QRectF inside = b.adjusted(5, 1, -3, 2);
    // The oven is told by its colour; its minutes by nothing else.
    if (oven && QFontMetricsF(p.font()).horizontalAdvance(text) > inside.width()) text = minutes;
    drawFitted(p, inside, Qt::AlignVCenter | Qt::AlignHCenter, text);
}

void PlanDays::drawDay(QPainter& p, const Day& day) const {
    const bool today = dayOf(m_now) == day.day;
    if (today) p.fillRect(QRectF(8, day.y - kAboveLine + 2, width() - 16, kDayRow - 4), look().lit);
    p.setPen(look().ink);
    p.setFont(deskType(15, QFont::DemiBold));
    p.drawText(QPointF(24, day.y - 22), Text::weekdayName(day.day));
    p.setFont(deskType(11));
    p.setPen(look().graphite);
    p.drawText(QPointF(24, day.y - 6), Text::dayName(day.day));
    if (today) p.setPen(look().slack), p.drawText(QPointF(24, day.y + 9), tr("today"));
    const double from = kDaysLeft, to = width() - kDaysRight;
    for (const Wait& w : day.waits)
        drawWait(p, w, day.y);
    if (day.hiddenWaits > 0) {
        p.setFont(deskType(11));
        p.setPen(look().graphite);
        p.drawText(QRectF(24, day.y + 34, kDaysLeft - 30, 16), Qt::AlignLeft,
                   tr("and %n more", nullptr, day.hiddenWaits));
    }
    p.setPen(QPen(look().night ? look().graphite : QColor("#8d8166"), 2.6, Qt::SolidLine, Qt::RoundCap));
    p.drawLine(QPointF(from, day.y + 1), QPointF(to, day.y + 1));
    for (const Card& c : day.cards)
        drawCard(p, c);
    for (std::size_t k = 0; k < day.flags.size(); ++k) {
        const auto& [at, name, late] = day.flags[k];
        const double x = xOf(day.day, at);
        const QColor cloth = late ? look().slack : look().holds;
        p.setFont(deskType(11, QFont::DemiBold));
        const double w = QFontMetricsF(p.font()).horizontalAdvance(name) + 14;
        const double top = day.y - kDaysCard + 2 + static_cast<double>(k) * 18, left = x + w > to ? x - w : x;
        p.setPen(QPen(look().ink, 2));
        p.drawLine(QPointF(x, day.y), QPointF(x, top));
        p.setPen(Qt::NoPen);
        p.setBrush(cloth);
        p.drawRect(QRectF(left, top, w, 16));
        p.setPen(QColor("#fffaf0"));
        p.drawText(QRectF(left, top, w, 16), Qt::AlignCenter, name);
    }
    if (today && m_now >= day.day * kDay + m_openFrom && m_now <= day.day * kDay + m_openTo) {
        const double x = xOf(day.day, m_now);
        p.setPen(QPen(look().slack, 1.4));
        p.drawLine(QPointF(x, day.y - kDaysCard - 6), QPointF(x, day.y + 8));
        p.setBrush(look().slack);
        p.drawPolygon(
            QPolygonF{{x - 5, day.y - kDaysCard - 11}, {x + 5, day.y - kDaysCard - 11}, {x, day.y - kDaysCard - 3}});
    }
}

void PlanDays::drawAll(QPainter& p, const QRect& seen) const {
    p.setPen(look().ink);
    p.setFont(deskType(22, QFont::DemiBold));
    p.drawText(QPointF(24, 34), tr("The days"));
    p.setFont(deskType(13));
    p.setPen(look().graphite);
    const double room = width() - 24 - kDaysRight;
    const auto line = [&](const QString& text) { drawFitted(p, QPointF(24, 54), room, text); };
    if (!m_state) return line(tr("Working the days out …"));
    if (!m_state->plan.possible)
        return line(tr("The open hours do not suffice: open more days, or longer ones, in the settings."));
    line(tr("%1 of work for %n puppets. Work stands on the line, what dries or bakes hangs from it.", nullptr,
            static_cast<int>(m_state->of->puppets.size()))
             .arg(Text::hours(static_cast<double>(m_state->plan.hands_min))));
    p.setFont(deskType(11));
    for (int h = m_openFrom; h <= m_openTo; h += 60) {
        const double x = xOf(0, h);
        p.drawText(QRectF(x - 20, 60, 40, 14), Qt::AlignCenter, QString::number(h / 60));
    }
    for (const Day& day : m_days)
        if (seen.intersects(QRect(0, static_cast<int>(day.y - kAboveLine), width(), static_cast<int>(kDayRow) + 1)))
            drawDay(p, day);
}

void PlanDays::paintEvent(QPaintEvent* e) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QRect seen = visibleRegion().boundingRect();
    const std::vector<qint64> key{m_laidOut, m_step, m_puppet, m_now};
    // A strip that scrolling uncovers is quicker drawn than all of it.
    if (!m_picture.holds(key, seen) && 2 * e->rect().height() < seen.height())
        drawAll(p, e->rect());
    else
        m_picture.paint(p, *this, seen, key, [&](QPainter& q) { drawAll(q, seen); });
    drawLanding(p);
    if (hasFocus()) drawFocus(p, QRectF(rect()).adjusted(3, 3, -3, -3));
}

} // namespace enkinet::app
