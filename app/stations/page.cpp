#include "stations/page.h"
#include "widgets/bench_area.h"
#include "widgets/fields.h"
#include "widgets/flow.h"
#include "widgets/look.h"
#include "widgets/materials.h"
#include "widgets/row_list.h"
#include "words/text.h"
#include <QIcon>
#include <QLineEdit>
#include <QListWidget>
#include <QPainter>
#include <QPixmap>
#include <QPushButton>
#include <QScrollArea>
#include <QVBoxLayout>

namespace enkinet::app {

Page::Page(Document& document, results::Station station, QWidget* parent)
    : QWidget(parent), m_document(document), m_station(station), m_column(new QVBoxLayout(this)) {
    m_column->setContentsMargins(20, 10, 20, 16);
    m_column->setSpacing(7);
}

void Page::setBench(QWidget* bench) { m_bench = qobject_cast<QScrollArea*>(bench) ? bench : new BenchArea(bench); }

void Page::addOpenPoints() {
    m_openHeading = makeHeading(tr("Open here"));
    m_open = new RowList(4);
    m_open->setAccessibleName(tr("Open points of this station"));
    m_open->setObjectName("openPoints");
    const auto go = [this](QListWidgetItem* i) {
        if (const findings::Finding* p = pointOf(i)) follow(*p);
    };
    connect(m_open, &QListWidget::itemActivated, this, go);
    connect(m_open, &QListWidget::itemClicked, this, go);
    connect(m_open, &QListWidget::currentItemChanged, this, [this] { showLeave(); });
    m_leave = new QPushButton(tr("Leave as it is"));
    m_leave->setObjectName("leavePoint");
    m_because = new QLineEdit;
    m_because->setObjectName("leaveBecause");
    m_because->setAccessibleName(tr("Why this point may stay as it is"));
    m_because->setPlaceholderText(tr("because …"));
    m_because->setMaxLength(200);
    connect(m_leave, &QPushButton::clicked, this, &Page::leaveOrTakeUp);
    connect(m_because, &QLineEdit::returnPressed, this, &Page::leaveOrTakeUp);
    m_openBox = new QWidget;
    auto* box = new QVBoxLayout(m_openBox);
    box->setContentsMargins(0, 0, 0, 0);
    box->setSpacing(m_column->spacing());
    m_column->addWidget(m_openBox);
    box->addWidget(m_openHeading);
    box->addWidget(m_open);
    auto* line = new QHBoxLayout;
    line->setSpacing(6);
    line->addWidget(m_because, 1);
    line->addWidget(m_leave);
    box->addLayout(line);
}

/// Points come and go with every edit: no field stands below them.
void Page::setOpenPointsLast() {
    // What is to be bought stands before the list of all steps.
    if (!m_openBox || m_openLast || m_station == results::Station::plan) return;
    m_openLast = true;
    m_column->removeWidget(m_openBox);
    int at = m_column->count();
    while (at > 0 && m_column->itemAt(at - 1)->spacerItem())
        --at;
    m_column->insertWidget(at, m_openBox);
}

/// The reason stays with the point, on screen and in the file: in three weeks nobody remembers it.
void Page::leaveOrTakeUp() {
    const findings::Finding* p = pointOf(m_open->currentItem());
    if (!p || !p->mayLeave()) return;
    const bool leave = m_open->currentItem()->data(Qt::UserRole + 1).toInt() != kLeftRow;
    const QString why = m_because->text().trimmed();
    if (leave && why.isEmpty()) {
        Q_EMIT m_document.refused(tr("Say in a few words why it may stay as it is"));
        m_because->setFocus();
        return;
    }
    m_because->clear();
    m_document.change(
        leave ? tr("Leave as it is: %1").arg(Text::openPoint(*p)) : tr("Take up: %1").arg(Text::openPoint(*p)),
        [key = p->key, leave, why](const document::Edits& e) { return e.leavePoint(key, leave, why.toStdString()); });
}

const findings::Finding* Page::pointOf(const QListWidgetItem* i) const {
    if (!i) return nullptr;
    const results::Report& r = m_document.report();
    const int kind = i->data(Qt::UserRole + 1).toInt();
    const auto& list = kind == kOpenRow ? m_document.openPoints() : kind == kLeftRow ? r.left : r.notes;
    const auto at = static_cast<std::size_t>(i->data(Qt::UserRole).toInt());
    return at < list.size() ? &list[at] : nullptr;
}

void Page::showLeave() {
    const QListWidgetItem* i = m_open->currentItem();
    const findings::Finding* p = pointOf(i);
    const bool may = p && p->mayLeave();
    const bool left = may && i->data(Qt::UserRole + 1).toInt() == kLeftRow;
    m_leave->setVisible(may);
    m_because->setVisible(may && !left);
    if (may) m_leave->setText(left ? tr("Take it up again") : tr("Leave as it is"));
}

void Page::refresh() {
    if (!m_document.hasPuppet()) return;
    const results::Report& r = m_document.report();
    setOpenPointsLast();
    show(r);
    if (!m_open) return;
    m_open->clear();
    const auto quiet = [&](const std::vector<findings::Finding>& list, int kind) {
        for (std::size_t i = 0; i < list.size(); ++i) {
            if (list[i].station() != m_station) continue;
            const QString text = Text::openPoint(list[i]);
            const QString why = QString::fromStdString(list[i].because);
            auto* item = new QListWidgetItem(kind != kLeftRow ? text
                                             : why.isEmpty()  ? tr("Left as it is: %1").arg(text)
                                                              : tr("Left as it is, because %1: %2").arg(why, text),
                                             m_open);
            item->setData(Qt::UserRole, static_cast<int>(i));
            item->setData(Qt::UserRole + 1, kind);
            item->setForeground(look().graphite);
            item->setToolTip(plainTip(item->text()));
        }
    };
    const auto& open = m_document.openPoints();
    for (std::size_t i = 0; i < open.size(); ++i) {
        if (open[i].station() != m_station) continue;
        auto* item = new QListWidgetItem(Text::openPoint(open[i]), m_open);
        item->setToolTip(plainTip(item->text()));
        item->setData(Qt::UserRole, static_cast<int>(i));
        item->setData(Qt::UserRole + 1, kOpenRow);
        if (const auto state = open[i].state()) {
            QPixmap mark(44, 44);
            mark.setDevicePixelRatio(2);
            mark.fill(Qt::transparent);
            QPainter p(&mark);
            p.setRenderHint(QPainter::Antialiasing);
            drawStateMark(p, {11, 11}, 8, *state);
            item->setIcon(QIcon(mark));
        }
    }
    const int points = m_open->count();
    quiet(r.notes, kNoteRow);
    const int notes = m_open->count() - points;
    m_openHeading->setText(points && notes ? tr("Open points: %1, notes: %2").arg(points).arg(notes)
                           : points        ? tr("Open points: %1").arg(points)
                           : notes         ? tr("No open points, notes: %1").arg(notes)
                                           : tr("No open points"));
    quiet(r.left, kLeftRow);
    showLeave();
    m_open->setVisible(m_open->count() > 0);
}

void Page::follow(const findings::Finding& f) {
    const results::Report& r = m_document.report();
    const findings::Place at = findings::findPlace(m_document.puppet(), r.choice, f.ref);
    if (at.limb >= 0) {
        const choice::LimbChoice& l = r.choice.limbs[static_cast<std::size_t>(at.limb)];
        const int demand = at.demand >= 0 ? at.demand : l.worst;
        if (demand >= 0)
            m_document.select(
                {Selection::Kind::joint, l.limb, l.demands[static_cast<std::size_t>(demand)].joint, false});
    } else if (at.part >= 0) {
        const fill::Part& part = r.choice.parts[static_cast<std::size_t>(at.part)];
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

} // namespace enkinet::app
