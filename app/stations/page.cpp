#include "stations/page.h"
#include "desk/fields.h"
#include "desk/look.h"
#include "desk/say.h"
#include "sheet/elevation.h"
#include <QIcon>
#include <QListWidget>
#include <QPainter>
#include <QPixmap>
#include <QVBoxLayout>

namespace enkinet::app {

Page::Page(Document& document, production::Station station, QWidget* parent)
    : QWidget(parent), m_document(document), m_station(station), m_column(new QVBoxLayout(this)) {
    m_column->setContentsMargins(18, 14, 16, 16);
    m_column->setSpacing(7);
}

void Page::addOpenPoints() {
    m_openHeading = makeHeading(tr("Open here"));
    m_open = new QListWidget;
    m_open->setAccessibleName(tr("Open points of this station"));
    m_open->setWordWrap(true);
    m_open->setVerticalScrollMode(QAbstractItemView::ScrollPerPixel);
    connect(m_open, &QListWidget::itemActivated, this, [this](QListWidgetItem* i) {
        follow(m_document.report().open[static_cast<std::size_t>(i->data(Qt::UserRole).toInt())]);
    });
    connect(m_open, &QListWidget::itemClicked, this, [this](QListWidgetItem* i) {
        follow(m_document.report().open[static_cast<std::size_t>(i->data(Qt::UserRole).toInt())]);
    });
    m_column->addWidget(m_openHeading);
    m_column->addWidget(m_open);
}

void Page::refresh() {
    if (!m_document.hasPuppet()) return;
    const production::Report& r = m_document.report();
    show(r);
    if (!m_open) return;
    m_open->clear();
    for (std::size_t i = 0; i < r.open.size(); ++i) {
        if (r.open[i].station != m_station) continue;
        auto* item = new QListWidgetItem(Say::openPoint(r.open[i]), m_open);
        item->setData(Qt::UserRole, static_cast<int>(i));
        if (r.open[i].issue == production::Issue::limb_state) {
            QPixmap mark(44, 44);
            mark.setDevicePixelRatio(2);
            mark.fill(Qt::transparent);
            QPainter p(&mark);
            p.setRenderHint(QPainter::Antialiasing);
            drawStateMark(p, {11, 11}, 8, r.open[i].state);
            item->setIcon(QIcon(mark));
        }
    }
    m_openHeading->setText(m_open->count() ? tr("Open here") : tr("Nothing open here"));
    m_open->setVisible(m_open->count() > 0);
    fitToRows(*m_open);
}

void Page::follow(const production::OpenPoint& p) {
    const production::Report& r = m_document.report();
    if (p.limb >= 0) {
        const choice::LimbChoice& l = r.choice.limbs[static_cast<std::size_t>(p.limb)];
        const int demand = p.demand >= 0 ? p.demand : l.worst;
        if (demand >= 0)
            m_document.select(
                {Selection::Kind::joint, l.limb, l.demands[static_cast<std::size_t>(demand)].joint, false});
    } else if (p.part >= 0) {
        const fill::Part& part = r.choice.parts[static_cast<std::size_t>(p.part)];
        const auto& s = r.choice.skeleton;
        const body::Link& link = s.links[static_cast<std::size_t>(part.link)];
        const body::LimbCopy& copy = s.copies[static_cast<std::size_t>(link.copy)];
        if (part.mass >= 0)
            m_document.select({Selection::Kind::mass, -1, s.masses[static_cast<std::size_t>(part.mass)].mass,
                               s.masses[static_cast<std::size_t>(part.mass)].right});
        else
            m_document.select({Selection::Kind::segment, copy.limb, link.segment, copy.right});
    }
}

int Page::selectedPart() const {
    const Selection& s = m_document.selection();
    const auto& parts = m_document.report().choice.parts;
    const auto& skeleton = m_document.report().choice.skeleton;
    const auto isSelected = [&](const fill::Part& p) {
        if (s.kind == Selection::Kind::mass) {
            if (p.mass < 0) return false;
            const body::MassCopy& c = skeleton.masses[static_cast<std::size_t>(p.mass)];
            return c.mass == s.index && c.right == s.right;
        }
        if (p.mass >= 0) return false;
        const body::Link& l = skeleton.links[static_cast<std::size_t>(p.link)];
        const body::LimbCopy& c = skeleton.copies[static_cast<std::size_t>(l.copy)];
        return c.limb == s.limb && c.right == s.right && l.segment == s.index;
    };
    int most = -1; // with nothing to go by: the part that carries most clay
    for (std::size_t i = 0; i < parts.size(); ++i) {
        if (s.kind != Selection::Kind::none && isSelected(parts[i])) return static_cast<int>(i);
        if (parts[i].volume_mm3 > 0 &&
            (most < 0 || parts[i].skin.mass_g > parts[static_cast<std::size_t>(most)].skin.mass_g))
            most = static_cast<int>(i);
    }
    return s.kind == Selection::Kind::none ? most : -1;
}

production::PartRef Page::refOf(int part) const {
    const auto& r = m_document.report();
    const fill::Part& p = r.choice.parts[static_cast<std::size_t>(part)];
    const auto& s = r.choice.skeleton;
    if (p.mass >= 0)
        return {
            "", 0,
            m_document.puppet().masses[static_cast<std::size_t>(s.masses[static_cast<std::size_t>(p.mass)].mass)].id};
    const body::Link& l = s.links[static_cast<std::size_t>(p.link)];
    return {m_document.puppet().limbs[static_cast<std::size_t>(s.copies[static_cast<std::size_t>(l.copy)].limb)].id,
            l.segment, ""};
}

const body::Layers& Page::layersOf(int part) const {
    return m_document.report().choice.parts[static_cast<std::size_t>(part)].layers;
}

void Page::changeLayers(const QString& name, const std::function<void(body::Layers&)>& mutate,
                        const QString& mergeKey) {
    const int part = selectedPart();
    if (part < 0) return;
    const production::PartRef ref = refOf(part);
    body::Layers layers = layersOf(part);
    mutate(layers);
    const QString key = mergeKey.isEmpty()
                            ? mergeKey
                            : mergeKey + QString::fromStdString(ref.limb + ref.mass) + QString::number(ref.segment);
    m_document.change(
        name, [&](const production::Edits& e) { return e.setLayers(ref, layers); }, key);
}

void fitToRows(QListWidget& list, int most) {
    int h = 4;
    const int rows = std::min(list.count(), most);
    for (int i = 0; i < rows; ++i)
        h += std::max(26, list.sizeHintForRow(i) + 1);
    list.setFixedHeight(std::max(h, 30));
}

} // namespace enkinet::app
