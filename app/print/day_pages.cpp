#include "print/day_pages.h"
#include "words/text.h"
#include <QPolygonF>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {

constexpr double kDayIndent = 7, kHour = 14;

class DayDrawer : PageFlow {
    Q_DECLARE_TR_FUNCTIONS(enkinet::app::BuildSheets)
public:
    DayDrawer(Pages& pages, const PlanJob::Known& plan, int puppet)
        : PageFlow(pages, tr("the days")), m_k(plan), m_puppet(puppet) {}

    void draw() {
        std::map<std::int64_t, std::pair<std::vector<const results::Planned*>, std::map<int, int>>> days;
        for (const results::Planned& s : m_k.plan.steps) {
            if (s.done || s.skipped) continue;
            auto& [own, others] = days[dayOf(s.at.from)];
            if (s.step.puppet == m_puppet)
                own.push_back(&s);
            else
                ++others[s.step.puppet];
        }
        for (const auto& [day, steps] : days) {
            if (steps.first.empty()) continue;
            need(30);
            m_pages.text(left(), m_y + 5,
                         tr("%1 %2", "weekday and day").arg(Text::weekdayName(day), Text::dayName(day)), 4.6, true);
            QStringList others;
            for (const auto& [puppet, n] : steps.second)
                others << tr("%1: steps %2")
                              .arg(QString::fromStdString(m_k.of->puppets[static_cast<std::size_t>(puppet)].name))
                              .arg(n);
            if (!others.isEmpty())
                m_pages.fitText(left() + 40, m_y + 5, m_pages.area().width() - 40,
                                tr("also on this day: %1").arg(others.join(tr(", "))), 3, false, kGrey);
            m_y += 9;
            std::set<make::Caution> said;
            for (const results::Planned* s : steps.first)
                step(*s, said);
            m_y += 4;
        }
    }

private:
    void step(const results::Planned& s, std::set<make::Caution>& said) {
        const make::Step& step = m_k.step(s.step);
        need(14);
        const QRectF a = m_pages.area();
        tickBox(left());
        m_pages.text(left() + kDayIndent, m_y + 3.2, Text::clock(s.at.from), 3.2, true);
        QStringList times{Text::minutes(static_cast<double>(handsOf(s)))};
        if (s.at.done > s.at.handsEnd)
            times << tr("then until %1")
                         .arg(dayOf(s.at.done) == dayOf(s.at.from) ? Text::clock(s.at.done) : Text::dayTime(s.at.done));
        QString text = Text::step(step);
        if (m_k.puppet(s.step).things.copies > 1) text = tr("%1: %2", "puppet, step").arg(m_k.who(s.step), text);
        const double x = left() + kDayIndent + kHour, room = a.width() - kDayIndent - kHour - 46;
        const double high = m_pages.paragraph(QRectF(x, m_y, room, 40), text, 3.2);
        m_pages.fitText(a.right() - 44, m_y + 3.2, 44, times.join(tr(", ")), 3, false, kGrey);
        m_y += std::max(5.2, high + 1.2);
        if (const QString grip = Text::grip(step); !grip.isEmpty()) line(grip, kGrey, x - left(), 2.8);
        if (step.caution != make::Caution::none && said.insert(step.caution).second)
            line(Text::caution(step.caution), kWarn, x - left(), 2.8);
        for (const document::LogEntry& e : m_k.of->log)
            if (e.kind == document::LogKind::regret && e.step == step.id && !e.text.empty())
                line(tr("Noted here before: %1").arg(QString::fromStdString(e.text)), kGrey, x - left(), 2.8);
        const auto ticks = m_k.ticks(s.step);
        for (std::size_t i = 0; i < step.gate.size(); ++i) {
            need(10);
            tickBox(x, ticks[i]);
            const QString item = Text::gateLine(step.gate[i]);
            m_y += std::max(4.8, m_pages.paragraph(QRectF(x + 5, m_y, a.right() - x - 5, 40), item, 3,
                                                   step.gate[i].stop ? kWarn : kInk) +
                                     1);
        }
    }

    static Minute handsOf(const results::Planned& s) {
        Minute sum = 0;
        for (const auto& [from, to] : s.work)
            sum += to - from;
        return sum;
    }

    const PlanJob::Known& m_k;
    int m_puppet;
};

} // namespace

void drawDayPages(Pages& pages, const PlanJob::Known& plan, int puppet) {
    if (plan.plan.possible) DayDrawer(pages, plan, puppet).draw();
}

} // namespace enkinet::app
