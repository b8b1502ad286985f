#include "stations/bulk/bulk_page.h"
#include "document/translated.h"
#include "stations/layers/layers_bench.h"
#include "stations/layers/part_in_hand.h"
#include "stations/station_rows.h"
#include "widgets/button_row.h"
#include "widgets/fields.h"
#include "widgets/row_list.h"
#include "words/text.h"
#include <QCoreApplication>
#include <QFormLayout>
#include <QListWidget>
#include <QPointer>
#include <QVBoxLayout>
#include <cmath>

namespace enkinet::app {

BulkPage::BulkPage(Document& d) : Page(d, results::Station::bulk) {
    m_title = makeTitle();
    m_text = makeText();
    m_bulk = new ChoiceField(tr("Bulk of this part"));
    m_bulk->setObjectName("bulk");
    m_parts = new RowList(9);
    m_parts->setAccessibleName(tr("Foil to tear, part by part"));
    m_parts->setSelectionMode(QAbstractItemView::NoSelection);
    m_sum = makeText();
    m_layers = new LayersBench(d, false, "bulk");
    setBench(m_layers);
    m_solid = makeText();
    m_solid->setObjectName("solidText");
    column()->addWidget(m_title);
    auto* form = makeForm();
    form->addRow(tr("bulk"), m_bulk);
    column()->addLayout(form);
    column()->addWidget(m_text);
    m_clearance = makeText(true);
    m_clearance->setObjectName("clearance");
    m_rows = new StationTable(d, "bulkTable");
    column()->addWidget(m_rows);
    column()->addWidget(m_clearance);
    addOpenPoints();
    column()->addWidget(makeHeading(tr("The whole puppet")));
    column()->addWidget(m_sum);
    column()->addWidget(m_parts);
    column()->addLayout(makeButtonRow(this, {{tr("What would solid clay do?"), "solidAsk", [this] { compare(); }}}));
    column()->addWidget(m_solid);
    column()->addStretch();
    connect(m_bulk, &ChoiceField::edited, this, [this](const QVariant& v) {
        const std::string id = v.toString().toStdString();
        changeLayers(document(), tr("Bulk of %1").arg(m_title->text()), [&](body::Layers& l) { l.bulk = id; });
    });
}

void BulkPage::show(const results::Report& r) {
    const int part = selectedPart(document());
    m_layers->show(part);
    m_solid->hide();
    const fill::FoilRoll& roll = document().production().stock.foil;
    const auto foil = [&](double g) {
        const double area = fill::findFoilArea(roll, g);
        return tr("%1 m² of foil, %2 m off the roll")
            .arg(Text::number(area, 2), Text::number(fill::findFoilLength(roll, g), 2));
    };
    if (part >= 0) {
        const fill::Part& p = r.choice.parts[static_cast<std::size_t>(part)];
        m_title->setText(Text::capital(p.label));
        QList<std::pair<QString, QVariant>> bulks{{tr("none: solid or hollow"), ""}};
        for (const fill::BulkCard& b : r.cards->bulks)
            bulks << std::pair{tr("%1, %2 g/cm³").arg(QString::fromStdString(b.name), Text::number(b.density_g_cm3, 2)),
                               QVariant(QString::fromStdString(b.id))};
        m_bulk->show(bulks, QString::fromStdString(p.layers.bulk));
        if (p.bulk.mass_g > 0) {
            const bool isFoil = r.shelf.bulks.at(p.layers.bulk).foil;
            m_text->setText(tr("%1 cm³ weigh %2%3. It stops short of the gaps and stays under the skin everywhere.")
                                .arg(Text::figure(p.bulk.volume_mm3 / 1000), Text::grams(p.bulk.mass_g),
                                     isFoil ? ": " + foil(p.bulk.mass_g) : QString()));
        } else {
            m_text->setText(p.layers.bulk.empty()
                                ? tr("No bulk here.")
                                : tr("There is no room for bulk here: the skin is as thick as the part."));
        }
    }
    m_rows->show(rowsOfBulk(document(), part));
    showClearance(r, part);
    double foil_g = 0, other_g = 0;
    m_parts->clear();
    for (const fill::Part& p : r.choice.parts) {
        if (p.bulk.mass_g <= 0) continue;
        const bool isFoil = r.shelf.bulks.at(p.layers.bulk).foil;
        (isFoil ? foil_g : other_g) += p.bulk.mass_g;
        const double sheet_cm2 = fill::findFoilArea(roll, p.bulk.mass_g) * 1e4;
        if (isFoil && sheet_cm2 / (roll.width_mm / 10) < 0.5) {
            m_parts->addItem(tr("%1: %2, a scrap of foil").arg(translated(p.label), Text::grams(p.bulk.mass_g)));
            continue;
        }
        m_parts->addItem(isFoil ? tr("%1: %2, tear %3 × %4 cm")
                                      .arg(translated(p.label), Text::grams(p.bulk.mass_g),
                                           Text::number(roll.width_mm / 10, 0),
                                           Text::number(sheet_cm2 / (roll.width_mm / 10), 0))
                                : tr("%1: %2").arg(translated(p.label), Text::grams(p.bulk.mass_g)));
    }
    m_parts->setVisible(m_parts->count() > 0);
    m_sum->setText(foil_g > 0 ? tr("%1 of foil: %2.").arg(Text::grams(foil_g), foil(foil_g)) +
                                    (other_g > 0 ? " " + tr("%1 of other bulk.").arg(Text::grams(other_g)) : QString())
                              : tr("No foil in this puppet."));
}

/// What to do where stiff meets stiff at a joint of the part's ends.
void BulkPage::showClearance(const results::Report& r, int part) {
    QStringList lines;
    if (part >= 0 && r.choice.parts[static_cast<std::size_t>(part)].mass < 0) {
        const body::Link& link =
            r.choice.rest.links[static_cast<std::size_t>(r.choice.parts[static_cast<std::size_t>(part)].link)];
        const int limb = r.choice.rest.copies[static_cast<std::size_t>(link.copy)].limb;
        const auto& joints = document().puppet().limbs[static_cast<std::size_t>(limb)].joints;
        for (const choice::Demand& d : r.choice.limbs[static_cast<std::size_t>(limb)].demands) {
            if (d.joint != link.segment && d.joint != link.segment + 1) continue;
            const body::Joint& j = joints[static_cast<std::size_t>(d.joint)];
            const QString name = Text::capital(j.name);
            if (d.gapNeeded_mm > j.gap_mm)
                lines << tr("%1, bent %2: stiff meets stiff, %3 of gap would do, %4 are there. End the bulk earlier or "
                            "make the part slimmer there.")
                             .arg(name, Text::degrees(d.angle_rad), Text::length(d.gapNeeded_mm),
                                  Text::length(j.gap_mm));
        }
    }
    m_clearance->setVisible(!lines.isEmpty());
    m_clearance->setText(lines.join("\n"));
}

void BulkPage::point(int part, double at) { m_layers->point(part, at); }

void BulkPage::compare() {
    m_solid->setText(tr("Working it out…"));
    m_solid->show();
    m_worker.ask([self = QPointer<BulkPage>(this), value = document().value(), report = document().sharedReport(),
                  cards = document().sharedCards(), puppet = document().puppetIndex()](const std::stop_token& stop) {
        const auto c = results::calcSolidComparison(*value, puppet, *report, *cards, Document::tables(), stop);
        QMetaObject::invokeMethod(qApp, [self, value, c] {
            // The document may have moved on.
            if (self && self->document().value() == value) self->showComparison(c);
        });
    });
}

void BulkPage::showComparison(const results::SolidComparison& c) {
    QStringList lines;
    lines << tr("Solid clay weighs %1 more and costs %2 more.")
                 .arg(Text::grams(c.mass_g), Text::money(c.price, document().production().currency));
    lines << (std::isnan(c.bake_min) ? tr("It does not get hot inside within a day.")
                                     : tr("It bakes %1 longer.").arg(Text::minutes(c.bake_min)));
    if (!c.joint.empty())
        lines << tr("The %1 suffers most: it must hold %2 instead of %3 N·mm.")
                     .arg(translated(c.joint), Text::figure(c.needSolid_Nmm), Text::figure(c.needNow_Nmm));
    lines << tr("Joints that fail, each design with its best wire: %1 instead of %2.").arg(c.failSolid).arg(c.failNow);
    m_solid->setText(lines.join("\n"));
    m_solid->show();
}

} // namespace enkinet::app
