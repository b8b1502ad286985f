#include "print/gate_pages.h"
#include "words/say.h"
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {
QString tr(const char* text) { return QCoreApplication::translate("enkinet::app::BuildSheets", text); }

constexpr double kBox = 3.4, kIndent = 7;

class GateDrawer {
public:
    GateDrawer(Pages& pages, const results::Report& report) : m_pages(pages), m_r(report) {}

    void loads() {
        if (m_r.bakePlan.bakes.empty()) return;
        begin(20);
        m_pages.text(left(), m_y + 5, tr("Loads of the oven"), 4.4, true);
        m_y += 10;
        for (std::size_t i = 0; i < m_r.bakePlan.bakes.size(); ++i) {
            const fill::Bake& b = m_r.bakePlan.bakes[i];
            QStringList names;
            for (int part : b.fresh)
                names << QString::fromStdString(m_r.choice.parts[static_cast<std::size_t>(part)].label);
            item(tr("%1. %2: %3 °C for %4, then cool. Cures %5.")
                     .arg(i + 1)
                     .arg(b.name.empty() ? tr("everything") : QString::fromStdString(b.name), Say::number(b.set_C, 0),
                          Say::minutes(b.minutes), names.join(tr(", "))),
                 false);
        }
        const fill::HeatEntry* worst = m_r.bakePlan.worst();
        if (worst)
            note(tr("Most heat: %1, %2 of %3 min; loads that it is in: %4.")
                     .arg(QString::fromStdString(m_r.choice.parts[static_cast<std::size_t>(worst->part)].label),
                          Say::number(worst->atHeat_min, 0), Say::number(worst->limit_min, 0))
                     .arg(worst->bakes));
        note(Say::caution(make::Caution::air_oven));
        m_y += 5;
    }

    void gates() {
        for (const make::Step& s : m_r.plan.steps) {
            if (s.kind != make::StepKind::gate || s.gate.empty()) continue;
            begin(22);
            m_pages.text(left(), m_y + 5, Say::step(s), 4, true);
            m_y += 9;
            for (const make::GateItem& g : s.gate)
                item((g.stop ? tr("Stop. ") : QString()) + Say::gateItem(g), g.stop);
            m_y += 4;
        }
    }

private:
    double left() const { return m_pages.area().left(); }

    /// A new page at first, and where less than this is left.
    void begin(double room) {
        if (m_y > 0 && m_y + room < m_pages.area().bottom()) return;
        m_pages.next(tr("oven and last looks"));
        m_y = m_pages.area().top() + 2;
    }

    void item(const QString& text, bool stop) {
        begin(14);
        const QRectF a = m_pages.area();
        m_pages.painter().setPen(QPen(stop ? kWarn : kInk, 0.3));
        m_pages.painter().setBrush(Qt::NoBrush);
        m_pages.painter().drawRect(QRectF(left(), m_y + 0.3, kBox, kBox));
        m_y += std::max(5.2, m_pages.paragraph(QRectF(left() + kIndent, m_y, a.width() - kIndent, 40), text, 3.2,
                                               stop ? kWarn : kInk) +
                                 1.2);
    }

    void note(const QString& text) {
        begin(12);
        m_y += m_pages.paragraph(QRectF(left(), m_y, m_pages.area().width(), 40), text, 3, kGrey) + 1.5;
    }

    Pages& m_pages;
    const results::Report& m_r;
    double m_y = 0;
};
} // namespace

void drawGatePages(Pages& pages, const results::Report& report) {
    GateDrawer d(pages, report);
    d.loads();
    d.gates();
}

} // namespace enkinet::app
