#include "stations/wire/spools_tab.h"
#include "base/gauge.h"
#include "base/text.h"
#include "document/translated.h"
#include "widgets/button_row.h"
#include "widgets/fields.h"
#include "widgets/flow.h"
#include "words/text.h"
#include <QFormLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

namespace enkinet::app {

SpoolsTab::SpoolsTab(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(6);
    v->addWidget(makeHeading(tr("Spools in stock, and those to buy")));
    m_list = new QListWidget;
    m_list->setObjectName("spoolList");
    m_list->setAccessibleName(tr("Spools in stock, and what their numbers rest on"));
    m_list->setWordWrap(true);
    // Rows wrap anew beside a scroll bar that comes later.
    m_list->setResizeMode(QListView::Adjust);
    m_list->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    v->addWidget(m_list, 1);
    m_remove = new QPushButton(tr("Take out of stock"));
    m_remove->setObjectName("removeSpool");
    v->addWidget(m_remove, 0, Qt::AlignLeft);
    v->addWidget(makeHeading(tr("Put a spool into stock, or change one of the same name")));
    m_name = new QLineEdit;
    m_name->setAccessibleName(tr("Name of the spool"));
    m_name->setPlaceholderText(tr("such as soft aluminium 1.6"));
    m_name->setObjectName("spoolId");
    m_card = new ChoiceField(tr("Wire card"));
    m_diameter = new QLineEdit;
    m_diameter->setAccessibleName(tr("Diameter of the strand"));
    m_diameter->setPlaceholderText(tr("1.6, 0.06 in, 14 awg, 16 swg"));
    m_diameter->setObjectName("spoolDiameter");
    m_length = new NumberField(NumberField::Kind::plain, 0, 1e5, 1, 1, tr("Metres on the spool"));
    m_price = new NumberField(NumberField::Kind::plain, 0, 1e5, 0.05, 2, tr("Price a metre"));
    m_length->show(10);
    // What is to be typed stands in the field as a whole.
    for (QLineEdit* f : {m_name, m_diameter})
        f->setMinimumWidth(QFontMetrics(f->font()).horizontalAdvance(f->placeholderText()) + 24);
    const auto pair = [](QWidget* a, QWidget* b) {
        auto* h = new Flow;
        h->addWidget(a);
        h->addWidget(b);
        return h;
    };
    auto* form = makeForm();
    form->addRow(tr("name, diameter"), pair(m_name, m_diameter));
    form->addRow(tr("wire"), m_card);
    form->addRow(tr("metres, price"), pair(m_length, m_price));
    v->addLayout(form);
    v->addLayout(makeButtonRow(this, {{tr("Put into stock"), "putSpool", [this] { putSpool(); }}}));
    connect(m_list, &QListWidget::currentRowChanged, this, &SpoolsTab::take);
    connect(m_remove, &QPushButton::clicked, this, &SpoolsTab::removeSpool);
}

void SpoolsTab::show() {
    const auto& production = m_document.production();
    const choice::Stock& known = m_document.report().stock;
    const int kept = m_list->currentRow();
    {
        const QSignalBlocker quiet(m_list);
        m_list->clear();
        for (std::size_t i = 0; i < production.stock.spools.size(); ++i) {
            const document::Spool& s = production.stock.spools[i];
            const QString rests = i < known.calibrations.size() ? Text::tests(known.calibrations[i]) : QString();
            m_list->addItem(tr("%1, %2: %3 at %4 a metre; %5")
                                .arg(Text::spoolName(s), Text::diameter(s.diameter_mm),
                                     s.toBuy ? tr("to buy") : tr("%1 m").arg(Text::number(s.length_m, 1)),
                                     Text::money(s.price_m, production.currency), rests));
        }
        m_list->setCurrentRow(std::min(kept, m_list->count() - 1));
    }
    m_remove->setEnabled(m_list->currentRow() >= 0);
    QList<std::pair<QString, QVariant>> cards;
    for (const auto& c : m_document.report().cards->wires)
        cards << std::pair{QString::fromStdString(c.name), QVariant(QString::fromStdString(c.id))};
    m_card->show(cards, m_card->currentIndex() >= 0 ? m_card->currentData()
                        : cards.isEmpty()           ? QVariant()
                                                    : cards.first().second);
}

/// The spool in hand stands in the fields, to be changed.
void SpoolsTab::take(int row) {
    const auto& spools = m_document.production().stock.spools;
    m_remove->setEnabled(row >= 0);
    if (row < 0 || row >= static_cast<int>(spools.size())) return;
    const document::Spool& s = spools[static_cast<std::size_t>(row)];
    m_name->setText(QString::fromStdString(s.name));
    m_diameter->setText(QString::fromStdString(plain(s.diameter_mm)));
    m_card->setCurrentIndex(m_card->findData(QString::fromStdString(s.material)));
    m_length->show(s.length_m), m_price->show(s.price_m);
}

void SpoolsTab::removeSpool() {
    const int row = m_list->currentRow();
    const auto& spools = m_document.production().stock.spools;
    if (row < 0 || row >= static_cast<int>(spools.size())) return;
    const document::Spool s = spools[static_cast<std::size_t>(row)];
    m_document.change(tr("Take out of stock: %1").arg(QString::fromStdString(s.name)),
                      [&](const document::Edits& e) { return e.removeSpool(s.id); });
}

void SpoolsTab::putSpool() {
    const auto diameter = parseDiameter(m_diameter->text().toStdString());
    if (!diameter) {
        Q_EMIT m_document.refused(translated(diameter.fault()));
        return;
    }
    // A spool of that name is replaced; another gets an id of its own, which nobody sees.
    const std::string name = m_name->text().trimmed().toStdString();
    const auto& spools = m_document.production().stock.spools;
    const auto taken = [&](const std::string& id) {
        return std::any_of(spools.begin(), spools.end(), [&](const document::Spool& s) { return s.id == id; });
    };
    const auto same =
        std::find_if(spools.begin(), spools.end(), [&](const document::Spool& s) { return s.name == name; });
    std::string id = same != spools.end() ? same->id : name;
    for (int n = 1; same == spools.end() && (!isId(id) || taken(id)); ++n)
        id = "spool-" + std::to_string(n);
    const document::Spool sp{
        id, name, m_card->currentData().toString().toStdString(), *diameter, m_length->core(), m_price->core()};
    m_document.change(tr("Spool %1").arg(QString::fromStdString(sp.name)),
                      [&](const document::Edits& e) { return e.putSpool(sp); });
}

} // namespace enkinet::app
