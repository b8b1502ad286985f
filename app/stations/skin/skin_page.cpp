#include "stations/skin/skin_page.h"
#include "document/translated.h"
#include "stations/layers/part_in_hand.h"
#include "stations/skin/cover_tab.h"
#include "stations/skin/hands_tab.h"
#include "stations/skin/oven_tab.h"
#include "stations/skin/skin_tab.h"
#include "widgets/fields.h"
#include "widgets/tabs.h"
#include "words/text.h"
#include <QScrollArea>
#include <QStackedWidget>
#include <QVBoxLayout>

namespace enkinet::app {

SkinPage::SkinPage(Document& d) : Page(d, results::Station::skin) {
    m_title = makeTitle();
    column()->addWidget(m_title);
    m_tabs = new Tabs;
    m_tabs->setObjectName("skinTabs");
    column()->addWidget(m_tabs);
    addOpenPoints();
    m_skin = new SkinTab(d);
    m_hands = new HandsTab(d);
    m_oven = new OvenTab(d);
    m_cover = new CoverTab(d);
    m_tabs->add(tr("clay"), tr("Clay of this part: which and how thick"), m_skin);
    m_amountsText = makeText(true);
    m_amountsText->setText(tr("Lumps, sheets, scales, packs and the shop stand on the bench."));
    m_tabs->add(tr("amounts"), tr("Lumps, sheets, scales, packs and the shop"), m_amountsText);
    m_tabs->add(tr("oven"), tr("Loads of the oven, heat spent, last look"), m_oven);
    m_tabs->add(tr("cover"), tr("Cloth, fur and feathers, and their patterns"), m_cover);
    m_stack = new QStackedWidget;
    m_stack->setObjectName("skinBench");
    auto* amounts = new QScrollArea;
    amounts->setObjectName("tabScroll");
    amounts->setFrameShape(QFrame::NoFrame);
    amounts->setWidgetResizable(true);
    auto* sheet = new QWidget;
    auto* amountsColumn = new QVBoxLayout(sheet);
    amountsColumn->setContentsMargins(24, 16, 24, 16);
    amountsColumn->setSpacing(10);
    m_amountsTitle = makeTitle();
    amountsColumn->addWidget(m_amountsTitle);
    amountsColumn->addWidget(m_hands);
    amountsColumn->addStretch();
    amounts->setWidget(sheet);
    for (QWidget* bench : std::initializer_list<QWidget*>{m_skin->bench(), amounts, m_oven->bench(), m_cover->bench()})
        m_stack->addWidget(bench);
    setBench(m_stack);
    for (QWidget* tab : std::initializer_list<QWidget*>{m_skin, m_amountsText, m_oven, m_cover})
        column()->addWidget(tab);
    connect(m_tabs, &Tabs::changed, this, &SkinPage::showTab);
    column()->addStretch();
}

void SkinPage::show(const results::Report& r) {
    const int part = selectedPart(document());
    m_title->setText(part >= 0 ? Text::capital(r.choice.parts[static_cast<std::size_t>(part)].label)
                               : tr("Nothing in hand"));
    m_amountsTitle->setText(
        part >= 0 ? tr("Amounts for the %1").arg(translated(r.choice.parts[static_cast<std::size_t>(part)].label))
                  : tr("Amounts"));
    showTab();
}

/// Only the tab that is seen is worked out.
void SkinPage::showTab() {
    if (!document().hasPuppet()) return;
    m_stack->setCurrentIndex(m_tabs->current());
    switch (m_tabs->current()) {
    case 0:
        return m_skin->show();
    case 1:
        return m_hands->show();
    case 2:
        return m_oven->show();
    default:
        return m_cover->show();
    }
}

void SkinPage::point(int part, double at) {
    if (isVisible() && m_tabs->current() == 0) m_skin->point(part, at);
}

} // namespace enkinet::app
