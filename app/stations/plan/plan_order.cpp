// The builder's own order of steps: kept where it contradicts nothing, refused with its reason where it does.
#include "make/steps.h"
#include "stations/plan/plan_page.h"
#include "widgets/answer.h"
#include "widgets/fields.h"
#include "widgets/row_list.h"
#include "words/text.h"
#include <QFormLayout>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>

namespace enkinet::app {

void PlanPage::makeOrder() {
    m_orderFold = new Fold(tr("Your own order"));
    m_orderFold->setObjectName("orderFold");
    m_orderFirst = makeText();
    m_orderThen = new ChoiceField(tr("The step that it is to come before"));
    m_orderThen->setObjectName("orderThen");
    m_orderKeep = new QPushButton(tr("Keep this order"));
    m_orderKeep->setObjectName("orderKeep");
    m_orders = new RowList(4);
    m_orders->setObjectName("orderList");
    m_orders->setAccessibleName(tr("Orders of your own"));
    m_orderDrop = new QPushButton(tr("Take it back"));
    m_orderDrop->setObjectName("orderDrop");
    m_begin = new ChoiceField(tr("Whose clay goes on first"));
    m_begin->setObjectName("orderBegin");
    m_begin->show({{tr("as it falls"), 0}, {tr("the head"), 1}, {tr("the feet"), 2}, {tr("the body"), 3}}, 0);
    m_baseTurn = new ChoiceField(tr("When the base is drilled"));
    m_baseTurn->setObjectName("orderBase");
    m_baseTurn->show({{tr("as it falls"), 0}, {tr("first"), 1}, {tr("last"), 2}}, 0);
    auto* habits = makeForm();
    habits->addRow(tr("clay begins with"), m_begin);
    habits->addRow(tr("the base"), m_baseTurn);
    m_orderFold->body()->addLayout(habits);
    const auto habit = [this] {
        body::Wants wants = document().puppet().wants;
        wants.begin = static_cast<body::Begin>(m_begin->currentData().toInt());
        wants.baseTurn = static_cast<body::BaseTurn>(m_baseTurn->currentData().toInt());
        if (wants == document().puppet().wants) return;
        document().change(tr("Order of the work"), [&](const document::Edits& e) { return e.setWants(wants); });
    };
    connect(m_begin, &QComboBox::activated, this, habit);
    connect(m_baseTurn, &QComboBox::activated, this, habit);
    for (QWidget* w : std::initializer_list<QWidget*>{m_orderFirst, m_orderThen})
        m_orderFold->body()->addWidget(w);
    m_orderFold->body()->addWidget(m_orderKeep, 0, Qt::AlignLeft);
    m_orderFold->body()->addWidget(m_orders);
    m_orderFold->body()->addWidget(m_orderDrop, 0, Qt::AlignLeft);
    column()->addWidget(m_orderFold);
    connect(m_orderKeep, &QPushButton::clicked, this, &PlanPage::keepOrder);
    connect(m_orderDrop, &QPushButton::clicked, this, [this] {
        const int row = m_orders->currentRow();
        body::Wants wants = document().puppet().wants;
        const int own = static_cast<int>(wants.order.size());
        if (row < 0) return;
        if (row >= own) {
            document().change(tr("Take back a move"), [&](const document::Edits& e) {
                return e.dropMove(static_cast<std::size_t>(row - own));
            });
            return;
        }
        wants.order.erase(wants.order.begin() + row);
        document().change(tr("Take back an order of steps"),
                          [&](const document::Edits& e) { return e.setWants(wants); });
    });
}

/// Steps of the puppet in hand, as the design has them.
void PlanPage::showOrder() {
    const auto& steps = document().report().plan.steps;
    const make::Step* now = stepOfPresent();
    m_orderThen->setEnabled(now != nullptr);
    m_orderKeep->setEnabled(now != nullptr);
    m_orderFirst->setText(now ? tr("%1, before:").arg(Text::step(*now))
                              : tr("Take a step of %1 in hand, or the puppet of the step that is in hand.")
                                    .arg(QString::fromStdString(document().puppet().name)));
    QList<std::pair<QString, QVariant>> others;
    for (const make::Step& s : steps)
        if (!now || s.id != now->id) others << std::pair{Text::step(s), QVariant(QString::fromStdString(s.id))};
    m_orderThen->show(others, m_orderThen->currentIndex() >= 0 ? m_orderThen->currentData()
                              : others.isEmpty()               ? QVariant()
                                                               : others.first().second);
    m_orders->clear();
    const auto nameOf = [&](const std::string& id) {
        for (const make::Step& s : steps)
            if (s.id == id) return Text::step(s);
        return tr("a step that this design no longer has");
    };
    const auto& refused = document().report().plan.refused;
    const auto& own = document().puppet().wants.order;
    for (std::size_t i = 0; i < own.size(); ++i) {
        const bool no = std::find(refused.begin(), refused.end(), static_cast<int>(i)) != refused.end();
        m_orders->addItem(no ? tr("%1 before %2: contradicts the rest now, so it is not kept")
                                   .arg(nameOf(own[i].first), nameOf(own[i].then))
                             : tr("%1 before %2").arg(nameOf(own[i].first), nameOf(own[i].then)));
    }
    // Then what was laid elsewhere on the days, of all puppets.
    const PlanJob::State k = job().state();
    const auto& moves = document().production().moves;
    const auto keyText = [&](const document::StepKey& key) {
        const int i = document::findPuppetIndex(document().production(), key.puppet);
        if (i < 0) return tr("a step that this design no longer has");
        const auto& result = document().result().puppets;
        if (i < static_cast<int>(result.size()) && result[static_cast<std::size_t>(i)])
            for (const make::Step& s : result[static_cast<std::size_t>(i)]->plan.steps)
                if (s.id == key.step)
                    return tr("%1: %2").arg(
                        QString::fromStdString(document().production().puppets[static_cast<std::size_t>(i)].name),
                        Text::step(s));
        return tr("a step that this design no longer has");
    };
    for (std::size_t i = 0; i < moves.size(); ++i) {
        const bool no = k && k->of == document().value() &&
                        std::find(k->planning.refused.begin(), k->planning.refused.end(), static_cast<int>(i)) !=
                            k->planning.refused.end();
        QString text = moves[i].before
                           ? tr("%1 before %2").arg(keyText(moves[i].step), keyText(*moves[i].before))
                           : tr("%1 not before %2").arg(keyText(moves[i].step), Text::dayTime(*moves[i].notBefore));
        if (no) text = tr("%1: contradicts the rest now, so it is not kept").arg(text);
        m_orders->addItem(text);
    }
    m_orders->setVisible(!own.empty() || !moves.empty());
    m_orderDrop->setVisible(!own.empty() || !moves.empty());
}

const make::Step* PlanPage::stepOfPresent() {
    const results::Planned* p = planned();
    const PlanJob::State k = job().state();
    if (!p || !k || p->step.puppet != document().puppetIndex()) return nullptr;
    const std::string& id = k->step(p->step).id;
    for (const make::Step& s : document().report().plan.steps)
        if (s.id == id) return &s;
    return nullptr;
}

void PlanPage::keepOrder() {
    const make::Step* first = stepOfPresent();
    if (!first) return;
    const auto& steps = document().report().plan.steps;
    const std::string then = m_orderThen->currentData().toString().toStdString();
    const auto at = [&](const std::string& id) {
        return static_cast<int>(std::find_if(steps.begin(), steps.end(), [&](const auto& s) { return s.id == id; }) -
                                steps.begin());
    };
    const int from = at(first->id), to = at(then);
    if (to >= static_cast<int>(steps.size())) return;
    if (const auto chain = make::findChain(steps, from, to); !chain.empty()) {
        // Each link of the chain: what waits for what, and why.
        QStringList why;
        int before = from;
        for (const make::Chain& c : chain) {
            why << tr("%1 waits for %2 (%3)")
                       .arg(Text::step(steps[static_cast<std::size_t>(before)]),
                            Text::step(steps[static_cast<std::size_t>(c.step)]), Text::reason(c.reason));
            before = c.step;
        }
        Q_EMIT document().refused(why.join(tr("; ")));
        return;
    }
    body::Wants wants = document().puppet().wants;
    wants.order.push_back({first->id, then});
    document().change(tr("%1 before %2").arg(Text::step(*first), Text::step(steps[static_cast<std::size_t>(to)])),
                      [&](const document::Edits& e) { return e.setWants(wants); });
}

void PlanPage::moveStep(int step, Minute at, int before) {
    const PlanJob::State k = job().state();
    if (!k || step < 0 || step >= static_cast<int>(k->plan.steps.size())) return;
    const auto keyOf = [&](int i) {
        return results::keyOf(*k->of, k->result->puppets, k->plan.steps[static_cast<std::size_t>(i)].step);
    };
    document::StepMove move{keyOf(step), {}, {}};
    const QString what = Text::step(k->step(k->plan.steps[static_cast<std::size_t>(step)].step));
    QString name;
    if (before >= 0 && before < static_cast<int>(k->plan.steps.size())) {
        move.before = keyOf(before);
        name = tr("%1 before %2").arg(what, Text::step(k->step(k->plan.steps[static_cast<std::size_t>(before)].step)));
    } else {
        move.notBefore = at;
        name = tr("%1 not before %2").arg(what, Text::dayTime(at));
    }
    document().change(name, [&](const document::Edits& e) { return e.moveStep(move); });
}

void PlanPage::dropMove(int step) {
    const PlanJob::State k = job().state();
    if (!k || step < 0 || step >= static_cast<int>(k->plan.steps.size())) return;
    const auto key = results::keyOf(*k->of, k->result->puppets, k->plan.steps[static_cast<std::size_t>(step)].step);
    const auto& moves = document().production().moves;
    const auto own = std::find_if(moves.begin(), moves.end(), [&](const auto& m) { return m.step == key; });
    if (own == moves.end()) {
        Q_EMIT document().refused(tr("This step was not moved"));
        return;
    }
    document().change(tr("Take back a move"), [&](const document::Edits& e) {
        return e.dropMove(static_cast<std::size_t>(own - moves.begin()));
    });
}

} // namespace enkinet::app
