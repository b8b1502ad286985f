#include "stations/plan/shop_shelf.h"
#include "jobs/clock.h"
#include "stations/page.h"
#include "widgets/fields.h"
#include "widgets/flow.h"
#include "widgets/look.h"
#include "widgets/row_list.h"
#include "words/text.h"
#include <QFormLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QSignalBlocker>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>
#include <numeric>

namespace enkinet::app {

using results::Need;
using results::Ware;

namespace {

QString amountOf(Ware ware, double amount) {
    switch (ware) {
    case Ware::wire:
    case Ware::foil:
        return ShopShelf::tr("%1 m").arg(Text::number(amount, 2));
    case Ware::clay:
    case Ware::bulk:
        return Text::grams(amount);
    case Ware::cover:
        return ShopShelf::tr("%1 cm²").arg(Text::number(amount * 1e4, 0));
    case Ware::paint:
        return ShopShelf::tr("%1 ml").arg(Text::number(amount, 1));
    }
    return {};
}

bool isCounted(Ware ware) { return ware != Ware::bulk && ware != Ware::cover; }

} // namespace

ShopShelf::ShopShelf(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(6);
    m_list = new RowList(6);
    m_list->setObjectName("shopList");
    m_list->setAccessibleName(tr("What the production takes, what there is of it and what to buy"));
    v->addWidget(m_list);
    m_held = new QLineEdit;
    m_held->setObjectName("shopHeld");
    m_held->setAccessibleName(tr("How much of it there is"));
    m_unit = makeText(true);
    auto* row = new Flow;
    row->addWidget(m_held);
    row->addWidget(m_unit);
    m_lead = new QLineEdit;
    m_lead->setObjectName("shopLead");
    m_lead->setAccessibleName(tr("Days from ordering to having"));
    auto* form = makeForm();
    form->addRow(tr("there is"), row);
    form->addRow(tr("days till it comes"), m_lead);
    v->addLayout(form);
    m_money = makeText();
    v->addWidget(m_money);
    m_bought = new QPushButton(tr("All of it is here now"));
    m_bought->setObjectName("shopBought");
    m_bought->setToolTip(tr("Counts what is to be bought as bought: whole packs, whole metres"));
    v->addWidget(m_bought, 0, Qt::AlignLeft);
    connect(m_bought, &QPushButton::clicked, this, &ShopShelf::keepBought);
    connect(m_list, &QListWidget::currentRowChanged, this, &ShopShelf::showHeld);
    const auto entered = [this](QLineEdit* f, void (ShopShelf::*keep)()) {
        connect(f, &QLineEdit::editingFinished, this, [this, f, keep] {
            if (!f->isModified()) return;
            f->setModified(false);
            (this->*keep)();
        });
    };
    entered(m_held, &ShopShelf::keepHeld);
    entered(m_lead, &ShopShelf::keepLead);
}

const Need* ShopShelf::inHand() const {
    const auto& needs = m_document.result().shopping.needs;
    const QListWidgetItem* item = m_list->currentItem();
    const int at = item ? item->data(Qt::UserRole).toInt() : -1;
    return at >= 0 && at < static_cast<int>(needs.size()) ? &needs[static_cast<std::size_t>(at)] : nullptr;
}

QString ShopShelf::summary() const {
    const results::Shopping& all = m_document.result().shopping;
    return tr("to buy: %1").arg(Text::money(all.buyPrice, m_document.production().currency));
}

void ShopShelf::show(const PlanJob::State& plan) {
    const results::Shopping& all = m_document.result().shopping;
    const std::string& currency = m_document.production().currency;
    const std::string kept = inHand() ? inHand()->card : std::string();
    std::vector<std::size_t> order(all.needs.size());
    std::iota(order.begin(), order.end(), 0);
    // What is to be bought first.
    std::stable_partition(order.begin(), order.end(), [&](std::size_t i) { return all.needs[i].buy > 0; });
    {
        const QSignalBlocker quiet(m_list);
        m_list->clear();
        for (std::size_t i : order) {
            const Need& n = all.needs[i];
            QString text = tr("%1: %2", "ware, amount").arg(QString::fromStdString(n.name), amountOf(n.ware, n.needed));
            if (isCounted(n.ware)) text += tr(" of %1", "amount there is").arg(amountOf(n.ware, n.held));
            bool late = false;
            if (n.buy > 0) {
                text += n.packs > 0 ? tr("; buy %n pack(s)", nullptr, n.packs)
                                    : tr("; buy %1").arg(amountOf(n.ware, n.buy));
                if (plan && plan->of == m_document.value())
                    if (const auto by = results::findOrderDay(plan->plan, plan->planning, *plan->of, n)) {
                        late = *by < dayOf(wallSeconds() / 60);
                        text += late ? tr(" today: it was due on %1").arg(Text::dayName(*by))
                                     : tr(" by %1").arg(Text::dayName(*by));
                    }
            }
            auto* item = new QListWidgetItem(text, m_list);
            item->setData(Qt::UserRole, static_cast<int>(i));
            if (n.card == kept) m_list->setCurrentItem(item);
            item->setToolTip(plainTip(tr("%1; %2 for what is used").arg(text, Text::money(n.price, currency))));
            if (n.buy > 0)
                item->setForeground(late ? look().slack : look().ink);
            else
                item->setForeground(look().graphite);
        }
        if (!m_list->currentItem() && m_list->count() > 0) m_list->setCurrentRow(0);
    }
    m_lead->setText(QString::number(m_document.production().stock.shop.leadDays));
    m_money->setText(
        tr("Used up: %1. To buy now: %2.").arg(Text::money(all.price, currency), Text::money(all.buyPrice, currency)));
    m_bought->setEnabled(
        std::any_of(all.needs.begin(), all.needs.end(), [](const Need& n) { return n.buy > 0 && isCounted(n.ware); }));
    showHeld();
}

void ShopShelf::showHeld() {
    const Need* n = inHand();
    m_held->setEnabled(n && isCounted(n->ware));
    if (!m_held->hasFocus() || !m_held->isModified())
        m_held->setText(n && isCounted(n->ware) ? Text::number(n->held, n->ware == Ware::clay ? 0 : 2) : QString());
    m_unit->setText(!n                       ? QString()
                    : n->ware == Ware::clay  ? tr("g")
                    : n->ware == Ware::paint ? tr("ml")
                    : isCounted(n->ware)     ? tr("m")
                                             : tr("not counted"));
}

void ShopShelf::keepHeld() {
    const Need* n = inHand();
    if (!n) return;
    const auto amount = typedNumber(m_held->text(), 0, 1e6);
    if (!amount) {
        Q_EMIT m_document.refused(tr("“%1” is no amount: type a number from 0 on").arg(m_held->text()));
        return showHeld();
    }
    const Need need = *n;
    m_document.change(tr("On the shelf: %1, %2").arg(QString::fromStdString(need.name), amountOf(need.ware, *amount)),
                      [&](const document::Edits& e) {
                          return e.setHeld({{need.ware, need.card, *amount}});
                      });
}

void ShopShelf::keepBought() {
    std::vector<document::Use> here;
    for (const Need& n : m_document.result().shopping.needs)
        if (n.buy > 0 && isCounted(n.ware)) {
            const double there = n.held + n.buy;
            here.push_back({n.ware, n.card, n.packs > 0 ? there : std::ceil(there)});
        }
    m_document.change(tr("All that was to be bought is here"),
                      [&](const document::Edits& e) { return e.setHeld(here); });
}

void ShopShelf::keepLead() {
    const auto days = typedNumber(m_lead->text(), 0, 90);
    if (!days) {
        Q_EMIT m_document.refused(tr("“%1” is no number of days from 0 to 90").arg(m_lead->text()));
        m_lead->setText(QString::number(m_document.production().stock.shop.leadDays));
        return;
    }
    fill::Shop shop = m_document.production().stock.shop;
    shop.leadDays = static_cast<int>(*days);
    m_document.change(tr("Ordered things come in %n day(s)", nullptr, shop.leadDays),
                      [&](const document::Edits& e) { return e.setShop(shop); });
}

} // namespace enkinet::app
