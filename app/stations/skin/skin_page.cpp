#include "stations/skin/skin_page.h"
#include "document/spoken.h"
#include "stations/layers/part_in_hand.h"
#include "stations/skin/cover_leaf.h"
#include "stations/skin/hands_leaf.h"
#include "stations/skin/oven_leaf.h"
#include "stations/skin/skin_leaf.h"
#include "widgets/fields.h"
#include "widgets/leaves.h"
#include "words/say.h"
#include <QScrollArea>
#include <QStackedWidget>
#include <QVBoxLayout>

namespace enkinet::app {

SkinPage::SkinPage(Document& d) : Page(d, results::Station::skin) {
    m_title = makeTitle();
    column()->addWidget(m_title);
    m_leaves = new Leaves;
    m_leaves->setObjectName("skinLeaves");
    column()->addWidget(m_leaves);
    addOpenPoints();
    m_skin = new SkinLeaf(d);
    m_hands = new HandsLeaf(d);
    m_oven = new OvenLeaf(d);
    m_cover = new CoverLeaf(d);
    m_leaves->add(tr("clay"), tr("Clay of this part: which and how thick"), m_skin);
    m_amountsText = makeText(true);
    m_amountsText->setText(tr("Lumps, sheets, scales, packs and the shop stand on the bench."));
    m_leaves->add(tr("amounts"), tr("Lumps, sheets, scales, packs and the shop"), m_amountsText);
    m_leaves->add(tr("oven"), tr("Loads of the oven, heat spent, last look"), m_oven);
    m_leaves->add(tr("cover"), tr("Cloth, fur and feathers, and their patterns"), m_cover);
    m_stack = new QStackedWidget;
    m_stack->setObjectName("skinBench");
    auto* amounts = new QScrollArea;
    amounts->setObjectName("leafScroll");
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
    for (QWidget* leaf : std::initializer_list<QWidget*>{m_skin, m_amountsText, m_oven, m_cover})
        column()->addWidget(leaf);
    connect(m_leaves, &Leaves::changed, this, &SkinPage::showLeaf);
    column()->addStretch();
}

void SkinPage::show(const results::Report& r) {
    const int part = selectedPart(document());
    m_title->setText(part >= 0 ? Say::capital(r.choice.parts[static_cast<std::size_t>(part)].label)
                               : tr("Nothing in hand"));
    m_amountsTitle->setText(
        part >= 0 ? tr("Amounts for the %1").arg(spoken(r.choice.parts[static_cast<std::size_t>(part)].label))
                  : tr("Amounts"));
    showLeaf();
}

/// Only the leaf that is seen is worked out.
void SkinPage::showLeaf() {
    if (!document().hasPuppet()) return;
    m_stack->setCurrentIndex(m_leaves->current());
    switch (m_leaves->current()) {
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
    if (isVisible() && m_leaves->current() == 0) m_skin->point(part, at);
}

} // namespace enkinet::app
