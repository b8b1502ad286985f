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

void fitToRows(QListWidget& list, int most) {
    int h = 4;
    const int rows = std::min(list.count(), most);
    for (int i = 0; i < rows; ++i)
        h += std::max(26, list.sizeHintForRow(i) + 1);
    list.setFixedHeight(std::max(h, 30));
}

} // namespace enkinet::app
