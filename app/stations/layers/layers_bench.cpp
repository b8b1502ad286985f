#include "stations/layers/layers_bench.h"
#include "stations/layers/long_section.h"
#include "stations/layers/section_view.h"
#include "widgets/fields.h"
#include "words/text.h"
#include <QVBoxLayout>

namespace enkinet::app {

LayersBench::LayersBench(Document& document, bool shaping, const QString& name, QWidget* parent)
    : QWidget(parent), m_document(document) {
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(24, 16, 24, 16);
    v->setSpacing(10);
    m_title = makeTitle();
    m_hint = makeText(true);
    m_hint->setText(shaping ? tr("Cut lengthwise, from the surface down to the wire. Drag a mark to make the skin "
                                 "thinner or thicker there.")
                            : tr("Cut lengthwise, from the surface down to the wire. Bulk ends short of every gap."));
    m_along = new LongSection(document, shaping);
    m_section = new SectionView;
    m_section->setObjectName(name + "Section");
    m_along->setObjectName(name + "Along");
    v->addWidget(m_title);
    v->addWidget(m_hint);
    v->addWidget(m_along, 3);
    v->addWidget(m_section, 2);
    connect(m_along, &LongSection::pointed, this, &LayersBench::point);
}

void LayersBench::show(int part) {
    m_part = part;
    m_along->show(part);
    m_section->show(m_document, part);
    if (part < 0) {
        m_title->setText(tr("Nothing in hand"));
        return;
    }
    const auto& c = m_document.report().choice;
    const fill::Part& p = c.parts[static_cast<std::size_t>(part)];
    const body::Link& link = c.rest.links[static_cast<std::size_t>(p.link)];
    const body::Limb& limb =
        m_document.puppet().limbs[static_cast<std::size_t>(c.rest.copies[static_cast<std::size_t>(link.copy)].limb)];
    const bool along = p.mass < 0;
    m_title->setText(!along          ? Text::capital(p.label)
                     : limb.mirrored ? tr("%1, left and right").arg(Text::capital(limb.name))
                                     : Text::capital(limb.name));
    m_hint->setVisible(along && !m_along->isHidden());
}

void LayersBench::point(int part, double at) {
    if (!isVisible()) return;
    if (part >= 0)
        m_section->show(m_document, part, at);
    else
        m_section->show(m_document, m_part);
}

QString LayersBench::caption() const { return m_section->caption(); }

} // namespace enkinet::app
