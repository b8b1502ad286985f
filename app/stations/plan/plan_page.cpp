#include "stations/plan/plan_page.h"
#include "stations/plan/plan_strip.h"
#include "widgets/fields.h"
#include "words/say.h"
#include <QListWidget>
#include <QSignalBlocker>
#include <QVBoxLayout>

namespace enkinet::app {

PlanPage::PlanPage(Document& d) : Page(d, results::Station::plan) {
    m_strip = new PlanStrip(d);
    setBench(m_strip);
    connect(m_strip, &PlanStrip::stepChosen, this, &PlanPage::setStep);
    m_title = makeTitle();
    m_text = makeText();
    m_caution = makeText(true);
    m_steps = new QListWidget;
    m_steps->setObjectName("steps");
    m_steps->setAccessibleName(tr("Steps in order"));
    m_steps->setFixedHeight(214);
    m_shopping = makeText();
    m_money = makeText();
    column()->addWidget(m_title);
    column()->addWidget(m_text);
    column()->addWidget(m_caution);
    column()->addWidget(makeHeading(tr("All steps")));
    column()->addWidget(m_steps);
    column()->addWidget(makeHeading(tr("What the whole production takes")));
    column()->addWidget(m_shopping);
    column()->addWidget(m_money);
    addOpenPoints();
    column()->addStretch();
    connect(m_steps, &QListWidget::currentRowChanged, this, [this](int row) {
        if (row < 0) return;
        showStep(document().report());
        m_strip->setStep(row);
    });
}

void PlanPage::setStep(int step) {
    if (step >= 0 && step < m_steps->count()) m_steps->setCurrentRow(step);
}

void PlanPage::show(const results::Report& r) {
    const int kept = m_steps->currentRow();
    {
        const QSignalBlocker quiet(m_steps);
        m_steps->clear();
        for (std::size_t i = 0; i < r.plan.steps.size(); ++i)
            m_steps->addItem(tr("%1  %2").arg(i + 1).arg(Say::step(r.plan.steps[i])));
        m_steps->setCurrentRow(kept >= 0 && kept < m_steps->count() ? kept : m_steps->count() ? 0 : -1);
    }
    showStep(r);
    QStringList lines;
    const results::Shopping& all = document().result().shopping;
    for (const results::Need& n : all.needs) {
        QString amount;
        switch (n.ware) {
        case results::Ware::wire:
        case results::Ware::foil:
            amount = tr("%1 m").arg(Say::number(n.needed, 2));
            break;
        case results::Ware::clay:
        case results::Ware::bulk:
            amount = Say::grams(n.needed);
            break;
        case results::Ware::cover:
            amount = tr("%1 cm²").arg(Say::number(n.needed * 1e4, 0));
            break;
        case results::Ware::paint:
            amount = tr("%1 ml").arg(Say::number(n.needed, 1));
            break;
        }
        lines << tr("%1: %2, %3")
                     .arg(QString::fromStdString(n.name), amount,
                          Say::money(n.price, document().production().currency));
    }
    m_shopping->setText(lines.join("\n"));
    m_money->setText(tr("Used up: %1. To buy now: %2.")
                         .arg(Say::money(all.price, document().production().currency),
                              Say::money(all.buyPrice, document().production().currency)));
}

void PlanPage::showStep(const results::Report& r) {
    const int i = m_steps->currentRow();
    if (i < 0) {
        m_title->setText(tr("No steps yet"));
        m_text->clear();
        m_caution->clear();
        return;
    }
    const make::Step& s = r.plan.steps[static_cast<std::size_t>(i)];
    m_title->setText(Say::step(s));
    QStringList lines;
    lines << (s.wait_min >= 1 ? tr("%1 of work, then %2 of waiting; begins after %3.")
                              : tr("%1 of work%2; begins after %3."))
                 .arg(Say::minutes(s.hands_min), s.wait_min >= 1 ? Say::minutes(s.wait_min) : QString(),
                      Say::minutes(s.start_min));
    for (const make::After& a : s.after)
        lines << tr("After %1 %2: %3.")
                     .arg(a.step + 1)
                     .arg(Say::step(r.plan.steps[static_cast<std::size_t>(a.step)]), Say::reason(a.reason));
    if (const QString grip = Say::grip(s); !grip.isEmpty()) lines << grip;
    for (const make::GateItem& g : s.gate)
        lines << (g.stop ? tr("Stop. %1") : tr("• %1")).arg(Say::gateItem(g));
    m_text->setText(lines.join("\n"));
    m_caution->setText(Say::caution(s.caution));
    m_caution->setVisible(s.caution != make::Caution::none);
}

} // namespace enkinet::app
