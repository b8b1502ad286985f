#include "stations/sheet/things_tab.h"
#include "stations/sheet/thing_answer.h"
#include "stations/sheet/thing_form.h"
#include "stations/sheet/thing_picture.h"
#include "widgets/fields.h"
#include "widgets/flow.h"
#include "widgets/row_list.h"
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QMenu>
#include <QPushButton>
#include <QVBoxLayout>

namespace enkinet::app {

using namespace body;

ThingsTab::ThingsTab(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(6);
    m_list = new RowList(4);
    m_list->hold();
    m_list->setObjectName("thingList");
    m_list->setAccessibleName(tr("Things on the body"));
    v->addWidget(m_list);
    auto* row = new Flow;
    m_add = new QPushButton(tr("Put on"));
    m_add->setObjectName("putOn");
    m_add->setAccessibleDescription(tr("It goes where the figure's part in hand is."));
    auto* menu = new QMenu(m_add);
    const std::pair<QString, ThingKind> kinds[] = {{tr("Eye, tooth, horn, scales, tufts"), ThingKind::feature},
                                                   {tr("What holds it: pin, dowel, glue, magnet"), ThingKind::bond},
                                                   {tr("Base to stand on"), ThingKind::base},
                                                   {tr("Cape, web, ear, brim"), ThingKind::sheet},
                                                   {tr("Cable through a limb"), ThingKind::run},
                                                   {tr("Prop in a hand"), ThingKind::prop},
                                                   {tr("Another head or hand for a slot"), ThingKind::variant}};
    for (const auto& [text, kind] : kinds)
        connect(menu->addAction(text), &QAction::triggered, this, [this, kind = kind] { add(kind); });
    m_add->setMenu(menu);
    m_remove = new QPushButton(tr("Take off"));
    m_remove->setObjectName("takeOff");
    row->addWidget(m_add);
    row->addWidget(m_remove);
    v->addLayout(row);
    m_picture = new ThingPicture(document);
    v->addWidget(m_picture);
    m_answer = makeLines(3);
    m_answer->setObjectName("thingAnswer");
    v->addWidget(m_answer);
    m_name = new QLineEdit;
    m_name->setObjectName("thingName");
    m_name->setAccessibleName(tr("Name of this thing"));
    v->addWidget(m_name);
    connect(m_list, &QListWidget::currentRowChanged, this, &ThingsTab::choose);
    connect(m_remove, &QPushButton::clicked, this, &ThingsTab::remove);
    connect(m_name, &QLineEdit::editingFinished, this, [this] {
        Things t = m_document.puppet().things;
        const auto now = findThingName(t, m_kind, m_index);
        const std::string name = m_name->text().toStdString();
        if (!now || *now == name) return;
        renameThing(t, m_kind, m_index, name);
        m_document.change(tr("Name: %1").arg(m_name->text()), [&](const document::Edits& e) { return e.setThings(t); });
    });
}

Spot ThingsTab::spotInHand() const {
    const Selection& s = m_document.selection();
    const Puppet& p = m_document.puppet();
    Spot spot;
    if (s.kind == Selection::Kind::mass && s.index >= 0 && s.index < static_cast<int>(p.masses.size())) {
        spot.mass = p.masses[static_cast<std::size_t>(s.index)].id;
        return spot;
    }
    const auto limb =
        static_cast<std::size_t>(std::clamp(s.limb, 0, std::max(0, static_cast<int>(p.limbs.size()) - 1)));
    if (p.limbs.empty()) return spot;
    spot.limb = p.limbs[limb].id;
    const int last = static_cast<int>(p.limbs[limb].segments.size()) - 1;
    spot.segment = s.kind == Selection::Kind::none ? last : std::clamp(s.index, 0, last);
    return spot;
}

void ThingsTab::add(ThingKind kind) {
    const std::map<ThingKind, QString> names{{ThingKind::feature, tr("eye")},        {ThingKind::bond, tr("pin")},
                                             {ThingKind::base, tr("base")},          {ThingKind::sheet, tr("cape")},
                                             {ThingKind::run, tr("cable")},          {ThingKind::prop, tr("prop")},
                                             {ThingKind::variant, tr("second head")}};
    const QString name = names.at(kind);
    const Spot spot = spotInHand();
    const body::Side side = m_document.selection().right ? body::Side::right : body::Side::left;
    if (!m_document.change(tr("Put on: %1").arg(name),
                           [&](const document::Edits& e) { return e.addThing(kind, spot, name.toStdString(), side); }))
        return;
    m_kind = kind, m_index = countThings(m_document.puppet().things, kind) - 1;
    show();
}

void ThingsTab::remove() {
    const QString name = m_list->currentItem() ? m_list->currentItem()->text().section(':', 0, 0) : QString();
    const ThingKind kind = m_kind;
    const int index = m_index;
    m_document.change(tr("Take off: %1").arg(name),
                      [&](const document::Edits& e) { return e.removeThing(kind, index); });
    show();
}

void ThingsTab::choose(int row) {
    m_kind = ThingKind::none, m_index = -1;
    if (auto* item = m_list->item(row)) {
        m_kind = static_cast<ThingKind>(item->data(Qt::UserRole).toInt());
        m_index = item->data(Qt::UserRole + 1).toInt();
    }
    showOne();
}

void ThingsTab::show() {
    const QSignalBlocker quiet(m_list);
    m_list->clear();
    int present = -1;
    for (ThingKind kind : kThingKinds)
        for (int i = 0; i < countThings(m_document.puppet().things, kind); ++i) {
            auto* item = new QListWidgetItem(thingLine(m_document, kind, i), m_list);
            item->setData(Qt::UserRole, static_cast<int>(kind));
            item->setData(Qt::UserRole + 1, i);
            if (kind == m_kind && i == m_index) present = m_list->count() - 1;
        }
    // What was in hand is gone: the first there is.
    m_list->setCurrentRow(present < 0 && m_list->count() > 0 ? 0 : present);
    choose(m_list->currentRow());
}

/// The picture, words and fields of the one in hand.
void ThingsTab::showOne() {
    m_remove->setEnabled(m_kind != ThingKind::none);
    const auto name = findThingName(m_document.puppet().things, m_kind, m_index);
    m_name->setVisible(name.has_value());
    if (name && !m_name->hasFocus()) m_name->setText(QString::fromStdString(*name));
    const auto of = std::tuple{m_kind, m_index, m_document.puppet().id};
    if (m_form && of == m_formOf) {
        m_form->show();
    } else {
        auto* fresh = new ThingForm(m_document, m_kind, m_index);
        if (m_form) {
            layout()->replaceWidget(m_form, fresh);
            m_form->setParent(nullptr);
            m_form->deleteLater();
        } else {
            layout()->addWidget(fresh);
        }
        m_form = fresh, m_formOf = of;
    }
    switch (m_kind) {
    case ThingKind::feature:
        m_picture->showFeature(m_index);
        break;
    case ThingKind::base:
        m_picture->showBase();
        break;
    case ThingKind::bond:
        m_picture->showBond(m_index);
        break;
    default:
        m_picture->clear();
    }
    m_answer->setText(thingAnswer(m_document, m_kind, m_index));
}

} // namespace enkinet::app
