#include "print/gate_pages.h"
#include "document/translated.h"
#include "words/text.h"
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {
constexpr double kIndent = 7;

class GateDrawer : PageFlow {
    Q_DECLARE_TR_FUNCTIONS(enkinet::app::BuildSheets)
public:
    GateDrawer(Pages& pages, const results::Report& report) : PageFlow(pages, tr("oven and last looks")), m_r(report) {}

    void loads() {
        if (m_r.bakePlan.bakes.empty()) return;
        need(20);
        m_pages.text(left(), m_y + 5, tr("Loads of the oven"), 4.4, true);
        m_y += 10;
        for (std::size_t i = 0; i < m_r.bakePlan.bakes.size(); ++i) {
            const fill::Bake& b = m_r.bakePlan.bakes[i];
            QStringList names;
            for (int part : b.fresh)
                names << (b.coats > 0 ? tr("the %1 under its skin") : QString("%1"))
                             .arg(translated(m_r.choice.parts[static_cast<std::size_t>(part)].label));
            item(tr("%1. %2: %3 for %4, then cool. Cures %5.")
                     .arg(i + 1)
                     .arg(b.name.empty() ? tr("everything") : QString::fromStdString(b.name),
                          Text::temperature(b.set_C), Text::minutes(b.minutes), names.join(tr(", "))),
                 false);
        }
        const fill::HeatEntry* worst = m_r.bakePlan.worst();
        if (worst)
            note(tr("Most heat: %1, %2 of %3 min; loads that it is in: %4.")
                     .arg(translated(m_r.choice.parts[static_cast<std::size_t>(worst->part)].label),
                          Text::number(worst->atHeat_min, 0), Text::number(worst->limit_min, 0))
                     .arg(worst->bakes));
        note(Text::caution(make::Caution::air_oven));
        m_y += 5;
    }

    void gates() {
        for (const make::Step& s : m_r.plan.steps) {
            if (s.kind != make::StepKind::gate || s.gate.empty()) continue;
            need(22);
            m_pages.text(left(), m_y + 5, Text::step(s), 4, true);
            m_y += 9;
            for (const make::GateItem& g : s.gate)
                item(Text::gateLine(g), g.stop);
            m_y += 4;
        }
    }

private:
    void item(const QString& text, bool stop) {
        need(14);
        const QRectF a = m_pages.area();
        tickBox(left(), false, stop ? kWarn : kInk);
        m_y += std::max(5.2, m_pages.paragraph(QRectF(left() + kIndent, m_y, a.width() - kIndent, 40), text, 3.2,
                                               stop ? kWarn : kInk) +
                                 1.2);
    }

    void note(const QString& text) {
        line(text, kGrey, 0, 3);
        m_y += 0.5;
    }

    const results::Report& m_r;
};
} // namespace

void drawGatePages(Pages& pages, const results::Report& report) {
    GateDrawer d(pages, report);
    d.loads();
    d.gates();
}

} // namespace enkinet::app
