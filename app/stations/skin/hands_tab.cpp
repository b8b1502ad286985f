#include "stations/skin/hands_tab.h"
#include "document/cards_in.h"
#include "document/translated.h"
#include "files/container.h"
#include "files/production_json.h"
#include "stations/layers/part_in_hand.h"
#include "stations/page.h"
#include "widgets/button_row.h"
#include "widgets/fields.h"
#include "widgets/flow.h"
#include "widgets/row_list.h"
#include "words/text.h"
#include <QFileDialog>
#include <QFormLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {
/// As it was typed: no more decimals than it has.
QString fourDigits(double v) { return QLocale().toString(v, 'g', 4); }
} // namespace

HandsTab::HandsTab(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(6);
    m_hands = makeText();
    m_hands->setObjectName("skinHands");
    v->addWidget(m_hands);
    m_weighed = new NumberField(NumberField::Kind::grams, 0, 100000, 1, 1, tr("Clay that went on, by the scales"));
    m_weighed->setObjectName("weighed");
    m_implied = makeText();
    m_implied->setObjectName("implied");
    auto* scales = makeForm();
    scales->addRow(tr("weighed"), m_weighed);
    v->addLayout(scales);
    v->addWidget(m_implied);
    connect(m_weighed, &NumberField::edited, this, &HandsTab::weighed);

    v->addWidget(makeHeading(tr("Clay for the whole puppet, with a tenth of waste")));
    m_packs = makeText();
    v->addWidget(m_packs);
    m_offers = new RowList(4);
    m_offers->setObjectName("substitutes");
    m_offers->setAccessibleName(tr("Other clays in stock for one that runs short"));
    v->addWidget(m_offers);
    v->addLayout(makeButtonRow(this, {{tr("Take the marked clay instead"), "takeSubstitute", [this] { replace(); }},
                                      {tr("Cards from file…"), "readCards", [this] { readCards(); }}}));

    v->addWidget(makeHeading(tr("The shop")));
    m_room = new NumberField(NumberField::Kind::heat, 0, 45, 1, 0, tr("Temperature of the shop"));
    m_room->setObjectName("room");
    m_strips = new QLineEdit;
    m_strips->setObjectName("strips");
    m_strips->setAccessibleName(tr("Pairs of spacer strips, in millimetres"));
    m_strips->setPlaceholderText(tr("such as 1; 1.5; 3"));
    m_setting = new NumberField(NumberField::Kind::plain, 0, 100, 1, 0, tr("Setting of the roller"));
    m_setting->setObjectName("rollerSetting");
    m_sheet = new NumberField(NumberField::Kind::length, 0.1, 50, 0.1, 2, tr("Thickness of the sheet that it rolled"));
    m_sheet->setObjectName("rollerSheet");
    m_sheet->show(2);
    auto* form = makeForm();
    m_putty = new NumberField(NumberField::Kind::grams, 1, 5000, 5, 0, tr("Putty that two hands put on in an hour"));
    m_putty->setObjectName("puttyRate");
    form->addRow(tr("room"), m_room);
    form->addRow(tr("putty an hour"), m_putty);
    form->addRow(tr("strips, mm"), m_strips);
    auto* pair = new Flow;
    pair->addWidget(m_setting);
    pair->addWidget(m_sheet);
    form->addRow(tr("roller, sheet"), pair);
    v->addLayout(form);
    m_rolled = makeText(true);
    m_rolled->setObjectName("rollerKnown");
    m_readings = new RowList(4);
    m_readings->setObjectName("rollerReadings");
    m_readings->setAccessibleName(tr("Sheets that the roller made"));
    v->addLayout(makeButtonRow(this, {{tr("Add this sheet"), "rollerAdd",
                                       [this] {
                                           const fill::RollerReading reading{m_setting->core(), m_sheet->core()};
                                           changeShop(tr("A sheet of the roller"),
                                                      [&](fill::Shop& s) { s.roller.push_back(reading); });
                                       }},
                                      {tr("Remove marked"), "rollerRemove", [this] {
                                           const int row = m_readings->currentRow();
                                           if (row >= 0)
                                               changeShop(tr("Without a sheet of the roller"), [&](fill::Shop& s) {
                                                   s.roller.erase(s.roller.begin() + row);
                                               });
                                       }}}));
    v->addWidget(m_readings);
    v->addWidget(m_rolled);
    connect(m_room, &NumberField::edited, this, [this](double C) {
        changeShop(
            tr("The shop at %1").arg(Text::temperature(C)), [&](fill::Shop& s) { s.room_C = C; }, Document::Merge::yes);
    });
    connect(m_putty, &NumberField::edited, this, [this](double g) {
        changeShop(
            tr("%1 of putty an hour").arg(Text::grams(g)), [&](fill::Shop& s) { s.putty_g_h = g; },
            Document::Merge::yes);
    });
    connect(m_strips, &QLineEdit::editingFinished, this, [this] {
        if (!m_strips->isModified()) return;
        static const QRegularExpression gap("[;\\s]+");
        std::vector<double> strips;
        for (const QString& word : m_strips->text().split(gap, Qt::SkipEmptyParts)) {
            bool ok = false;
            // By the reader's own comma, or a point.
            double mm = QLocale().toDouble(word, &ok);
            if (!ok) mm = word.toDouble(&ok);
            if (!ok) {
                Q_EMIT m_document.refused(tr("\"%1\" is no thickness: millimetres, parted by semicolons.").arg(word));
                return show();
            }
            strips.push_back(mm);
        }
        changeShop(tr("Spacer strips"), [&](fill::Shop& s) { s.strips_mm = strips; });
    });
}

void HandsTab::changeShop(const QString& name, const std::function<void(fill::Shop&)>& mutate, Document::Merge merge) {
    fill::Shop shop = m_document.production().stock.shop;
    mutate(shop);
    m_document.change(
        name, [&](const document::Edits& e) { return e.setShop(shop); }, merge);
}

void HandsTab::show() {
    showPart(selectedPart(m_document));
    showStock();
    const fill::Shop& shop = m_document.production().stock.shop;
    m_room->show(shop.room_C);
    m_putty->show(shop.putty_g_h);
    QStringList strips;
    for (double mm : shop.strips_mm)
        strips << fourDigits(mm);
    m_strips->setText(strips.join("; "));
    m_strips->setModified(false);
    m_readings->clear();
    for (const fill::RollerReading& r : shop.roller)
        m_readings->addItem(tr("setting %1: %2").arg(fourDigits(r.setting), Text::length(r.thickness_mm, 2)));
    m_readings->setVisible(m_readings->count() > 0);
    const auto line = fill::calcRollerLine(shop.roller);
    m_rolled->setText(line ? tr("By %1 sheets, one step of the roller is %2, each within %3.")
                                 .arg(line->readings)
                                 .arg(Text::length(std::abs(line->slope_mm), 2), Text::length(line->scatter_mm, 2))
                           : tr("Roll a sheet at two settings or more, measure it, and the roller's settings are told "
                                "here."));
}

/// Lump, sheet, oversize, batches and hours of the part, and what solid clay would be instead of a core.
void HandsTab::showPart(int part) {
    const results::Report& r = m_document.report();
    const auto own = std::find_if(r.skins.begin(), r.skins.end(), [&](const auto& s) { return s.part == part; });
    const bool any = part >= 0 && own != r.skins.end();
    m_weighed->setEnabled(any);
    m_implied->clear();
    m_implied->hide();
    if (!any) {
        m_hands->setText(tr("No clay on this part."));
        return;
    }
    const fill::Part& p = r.choice.parts[static_cast<std::size_t>(part)];
    const fill::ClayCard& clay = r.shelf.clays.at(p.layers.clay);
    const fill::Shop& shop = r.shelf.shop;
    m_weighed->show(own->grams);
    QStringList lines;
    for (const fill::PartSkin& s : r.skins)
        if (s.part == part && s.coat >= 0)
            lines << tr("Coat %1, %2: a ball of %3 across, %4, or %5 cm² rolled to %6.")
                         .arg(s.coat + 1)
                         .arg(QString::fromStdString(r.shelf.clays.at(p.clayOf(static_cast<std::size_t>(s.coat))).name),
                              Text::length(s.ball_mm, 0), Text::grams(s.grams), Text::number(s.sheet_cm2, 0),
                              Text::length(s.sheet_mm));
    lines << tr("Take a ball of %1 across, %2, or %3 cm² rolled to %4; left and right the same.")
                 .arg(Text::length(own->ball_mm, 0), Text::grams(own->grams), Text::number(own->sheet_cm2, 0),
                      Text::length(own->sheet_mm));
    if (const auto strips = fill::findStrips(shop.strips_mm, own->sheet_mm); !strips.empty()) {
        QStringList words;
        double sum = 0;
        for (double mm : strips)
            words << Text::length(mm), sum += mm;
        lines << tr("Between strips of %1: %2.").arg(words.join(tr(" on ")), Text::length(sum));
    }
    if (const auto line = fill::calcRollerLine(shop.roller))
        if (const auto rolled = fill::findRolled(*line, own->sheet_mm))
            lines << (rolled->layers == 1
                          ? tr("Roller at %1: %2, give or take %3.")
                                .arg(Text::number(rolled->setting, 0), Text::length(rolled->gives_mm, 2),
                                     Text::length(line->scatter_mm, 2))
                          : tr("Roller at %1, %4 sheets on each other: %2, give or take %3.")
                                .arg(Text::number(rolled->setting, 0), Text::length(rolled->gives_mm, 2),
                                     Text::length(line->scatter_mm * rolled->layers, 2))
                                .arg(rolled->layers));
    if (own->oversize > 1)
        lines << tr("It shrinks by %1 %: make every length, extensions and patterns too, %2 times as long.")
                     .arg(Text::number(100 * clay.shrink, 0), Text::number(own->oversize, 3));
    if (clay.family == fill::ClayFamily::air_dry)
        lines << tr("Dries in %1 h at %2 and half damp.").arg(Text::number(own->hours, 0), Text::temperature(20));
    if (own->batches > 0)
        lines << tr("Mix %1 batches of %2 at most, each used up before it sets; hard after %3 h at %4.")
                     .arg(own->batches)
                     .arg(Text::grams(own->batch_g), Text::number(own->hours, 1), Text::temperature(shop.room_C));
    if (clay.family == fill::ClayFamily::flexible && clay.strainLimit > 0)
        lines << tr("A free web of it as thick as this bends down to a radius of %1 before it cracks.")
                     .arg(Text::length(fill::findWebRadius(p.skinMost_mm, clay.strainLimit)));
    if (own->conditioning > 1)
        lines << tr("Work it soft in %1 portions of %2 at most.")
                     .arg(own->conditioning)
                     .arg(Text::grams(fill::kConditioning_g));
    if (p.bulk.volume_mm3 > 0) {
        // Solid clay against the core: grams, money, minutes.
        fill::Part solid = p;
        solid.layers.bulk.clear();
        solid.bakeSkin_mm = p.bakeSkin_mm + p.bakeCore_mm, solid.bakeCore_mm = 0;
        const double more = p.bulk.volume_mm3 * clay.density_g_cm3 / 1000 - p.bulk.mass_g;
        QString text = tr("Its core saves %1 and %2")
                           .arg(Text::grams(more), Text::money((more + p.bulk.mass_g) / clay.pack_g * clay.packPrice,
                                                               m_document.production().currency));
        if (fill::isOvenBaked(clay.family)) {
            const double saved = fill::calcCure(solid, r.shelf, clay.set_C) - fill::calcCure(p, r.shelf, clay.set_C);
            if (std::isfinite(saved)) text += tr(" and %1 in the oven").arg(Text::minutes(saved));
        }
        lines << text + tr(", against solid clay.");
    }
    m_hands->setText(lines.join("\n"));
}

void HandsTab::showStock() {
    const results::Report& r = m_document.report();
    QStringList packs;
    for (const results::Need& n : m_document.result().shopping.needs)
        if (n.ware == results::Ware::clay)
            packs << tr("%1: %2 of %3 g there%4")
                         .arg(QString::fromStdString(n.name), Text::number(n.needed, 0), Text::number(n.held, 0),
                              n.packs > 0 ? tr("; packs to buy: %1").arg(n.packs) : QString());
    m_packs->setText(packs.isEmpty() ? tr("No clay in this production.") : packs.join("\n"));
    m_offers->clear();
    const auto& substitutes = m_document.result().shopping.substitutes;
    for (std::size_t i = 0; i < substitutes.size(); ++i) {
        const fill::Substitute& s = substitutes[i];
        QString text = tr("Instead of %1: %2, %3 of %4 there")
                           .arg(QString::fromStdString(r.shelf.clays.at(s.clay).name),
                                QString::fromStdString(r.shelf.clays.at(s.instead).name), Text::grams(s.free_g),
                                Text::grams(s.missing_g));
        if (s.ownBake) text += tr("; another set point: never in one load, never kneaded in");
        if (s.otherShrink) text += tr("; shrinks differently");
        auto* item = new QListWidgetItem(text, m_offers);
        item->setData(Qt::UserRole, static_cast<int>(i));
    }
    m_offers->setVisible(m_offers->count() > 0);
    findChild<QPushButton*>("takeSubstitute")->setVisible(m_offers->count() > 0);
}

void HandsTab::replace() {
    if (!m_offers->currentItem()) return;
    const auto& clays = m_document.report().shelf.clays;
    const fill::Substitute s =
        m_document.result()
            .shopping.substitutes[static_cast<std::size_t>(m_offers->currentItem()->data(Qt::UserRole).toInt())];
    m_document.change(
        tr("%1 instead of %2")
            .arg(QString::fromStdString(clays.at(s.instead).name), QString::fromStdString(clays.at(s.clay).name)),
        [&](const document::Edits& e) { return e.replaceClay(s.clay, s.instead); });
}

/// What the scales say about the thickness.
void HandsTab::weighed(double grams) {
    const results::Report& r = m_document.report();
    const int part = selectedPart(m_document);
    if (part < 0) return;
    const body::Puppet& puppet = m_document.puppet();
    const std::vector<fill::WireRuns> none(puppet.limbs.size());
    const auto& c = r.choice;
    // The wire's own volume is what the present grams differ by from the piece without it.
    const double wire =
        fill::calcParts(puppet, c.rest, c.own, r.shelf, none)[static_cast<std::size_t>(part)].skin.mass_g -
        c.parts[static_cast<std::size_t>(part)].skin.mass_g;
    const double planned = c.parts[static_cast<std::size_t>(part)].layers.skin_mm;
    // What shrinks is weighed wet, with lengths larger by its oversize.
    const std::string& clay = c.parts[static_cast<std::size_t>(part)].layers.clay;
    const double wet = clay.empty() ? 1 : std::pow(fill::findOversize(r.shelf.clays.at(clay).shrink), 3);
    const double mm = fill::calcThickness(puppet, c.rest, c.own, r.shelf, none, part, grams / wet + wire);
    m_implied->show();
    m_implied->setText(
        std::isfinite(mm)
            ? tr("that is a skin of %1, planned %2; %3 to go")
                  .arg(Text::length(mm, 2), Text::length(planned),
                       Text::grams(std::max(0.0, wet * c.parts[static_cast<std::size_t>(part)].skin.mass_g - grams)))
            : tr("more than the whole part holds"));
}

void HandsTab::readCards() {
    const QString path =
        QFileDialog::getOpenFileName(this, tr("Cards of clays, bulks, covers, wires"), {}, tr("Cards (*.json)"));
    if (!path.isEmpty()) takeCards(m_document, path);
}

} // namespace enkinet::app
