#include "stations/skin/skin_tab.h"
#include "document/translated.h"
#include "stations/layers/layers_bench.h"
#include "stations/layers/part_in_hand.h"
#include "stations/station_rows.h"
#include "widgets/button_row.h"
#include "widgets/fields.h"
#include "widgets/flow.h"
#include "words/text.h"
#include <QFormLayout>
#include <QVBoxLayout>

namespace enkinet::app {

namespace {
constexpr int kWhole = -1; ///< the place that stands for the whole part
}

SkinTab::SkinTab(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(7);
    m_layers = new LayersBench(document, true, "skin");
    m_clay = new ChoiceField(tr("Clay of this part"));
    m_clay->setObjectName("clay");
    m_coat = new ChoiceField(tr("Which coat of clay, from the outside in"));
    m_coat->setObjectName("coat");
    m_load = new ChoiceField(tr("When this coat is cured"));
    m_load->setObjectName("coatLoad");
    m_place = new ChoiceField(tr("Where the thickness holds"));
    m_place->setObjectName("skinPlace");
    m_place->setMinimumContentsLength(7);
    m_thickness = new NumberField(NumberField::Kind::length, 0, 50, 0.5, 1, tr("Thickness of the skin"));
    m_thickness->setObjectName("skin");
    m_relief = new NumberField(NumberField::Kind::plain, 0, 100, 5, 0, tr("Relief, muscles and folds, in per cent"));
    m_relief->setObjectName("relief");
    m_relief->setSuffix(tr(" %"));
    m_across = new ChoiceField(tr("Does the skin run across the joints"));
    m_across->setObjectName("skinAcross");
    m_text = makeText();
    auto* form = makeForm();
    auto* coats = new Flow;
    coats->addWidget(m_coat);
    coats->addWidget(m_load);
    form->addRow(tr("coat"), coats);
    form->addRow(tr("clay"), m_clay);
    auto* both = new Flow;
    both->addWidget(m_place);
    both->addWidget(m_thickness);
    form->addRow(tr("thickness"), both);
    form->addRow(tr("relief"), m_relief);
    form->addRow(tr("at the joints"), m_across);
    v->addLayout(form);
    v->addLayout(makeButtonRow(this, {{tr("Same thickness all along"), "skinEven", [this] { asThePart(); }},
                                      {tr("A coat beneath"), "coatAdd", [this] { addCoat(); }},
                                      {tr("Take this coat out"), "coatTake", [this] { takeCoat(); }}}));
    v->addWidget(m_text);
    m_rows = new StationTable(document, "skinTable");
    v->addWidget(m_rows);
    connect(m_clay, &ChoiceField::edited, this, [this](const QVariant& value) {
        const std::string id = value.toString().toStdString();
        changeLayers(m_document, tr("Clay of %1").arg(m_layers->caption().section(',', 0, 0)), [&](body::Layers& l) {
            if (const auto k = coat(); k && *k < l.coats.size()) {
                // A coat without clay is none.
                if (id.empty())
                    l.coats.erase(l.coats.begin() + static_cast<std::ptrdiff_t>(*k));
                else
                    l.coats[*k].clay = id;
                return;
            }
            l.clay = id;
            if (id.empty()) l.coats.clear();
            if (!id.empty() && l.skin_mm <= 0) l.skin_mm = 3;
        });
    });
    connect(m_coat, &ChoiceField::edited, this, [this] { show(); });
    connect(m_load, &ChoiceField::edited, this, [this](const QVariant& value) {
        const auto k = coat();
        if (!k) return;
        changeLayers(m_document, tr("Coat %1 is cured").arg(*k + 1), [&](body::Layers& l) {
            if (*k >= l.coats.size()) return;
            // Loads never fall from inside out: those beneath it go no later, those over it no earlier.
            const int load = value.toInt();
            l.coats[*k].load = load;
            if (load == 0) return;
            for (std::size_t i = 0; i < l.coats.size(); ++i)
                if (int& other = l.coats[i].load; other > 0)
                    other = i < *k ? std::min(other, load) : std::max(other, load);
        });
    });
    connect(m_place, &ChoiceField::edited, this, [this] { show(); });
    connect(m_thickness, &NumberField::edited, this, &SkinTab::setThickness);
    connect(m_relief, &NumberField::edited, this, [this](double percent) {
        changeLayers(
            m_document, tr("Relief %1 %").arg(Text::number(percent, 0)),
            [&](body::Layers& l) { l.relief = percent / 100; }, Document::Merge::yes);
    });
    connect(m_across, &ChoiceField::edited, this, [this](const QVariant& value) {
        changeLayers(m_document, value.toBool() ? tr("Skin across the joints") : tr("Skin stops at the joints"),
                     [&](body::Layers& l) { l.skinAcrossGaps = value.toBool(); });
    });
}

const body::Segment* SkinTab::segment() const {
    const int part = selectedPart(m_document);
    if (part < 0 || m_document.report().choice.parts[static_cast<std::size_t>(part)].mass >= 0) return nullptr;
    const document::PartRef ref = refOf(m_document, part);
    return &body::findLimb(m_document.puppet(), ref.limb)->segments[static_cast<std::size_t>(ref.segment)];
}

void SkinTab::show() {
    const results::Report& r = m_document.report();
    const int part = selectedPart(m_document);
    m_layers->show(part);
    if (part < 0) return;
    const fill::Part& p = r.choice.parts[static_cast<std::size_t>(part)];
    QList<std::pair<QString, QVariant>> clays{{tr("no clay"), ""}};
    for (const fill::ClayCard& c : r.cards->clays)
        clays << std::pair{QString::fromStdString(c.name), QVariant(QString::fromStdString(c.id))};
    const auto& coats = p.layers.coats;
    QList<std::pair<QString, QVariant>> outsideIn{{tr("the skin"), -1}};
    for (std::size_t k = coats.size(); k-- > 0;)
        outsideIn << std::pair{k == 0 ? tr("coat 1, innermost") : tr("coat %1").arg(k + 1),
                               QVariant(static_cast<int>(k))};
    const bool came = m_comesTo == part && coats.size() > m_shownCoats;
    const std::optional<std::size_t> now = came ? 0 : coat();
    if (came || m_comesTo != part) m_comesTo = -1;
    m_coat->show(outsideIn, now && *now < coats.size() ? static_cast<int>(*now) : -1);
    const body::Coat* inHand = now && *now < coats.size() ? &coats[*now] : nullptr;
    m_coat->setEnabled(!coats.empty());
    m_load->setVisible(inHand);
    if (inHand) {
        QList<std::pair<QString, QVariant>> loads{{tr("cured with what goes over it"), 0}};
        for (int n = 1; n <= std::max<int>(3, inHand->load); ++n)
            loads << std::pair{tr("cured before, load %1").arg(n), QVariant(n)};
        m_load->show(loads, inHand->load);
    }
    m_clay->show(clays, QString::fromStdString(inHand ? inHand->clay : p.layers.clay));
    const body::Segment* seg = inHand ? nullptr : segment();
    QList<std::pair<QString, QVariant>> places{{tr("whole part"), kWhole}};
    if (seg)
        for (std::size_t i = 0; i < seg->sections.size(); ++i)
            places << std::pair{i == 0 ? tr("at its root")
                                : i + 1 == seg->sections.size()
                                    ? tr("at its tip")
                                    : tr("at %1 %").arg(Text::number(seg->sections[i].at * 100, 0)),
                                QVariant(static_cast<int>(i))};
    const int kept = m_place->currentData().isValid() ? m_place->currentData().toInt() : kWhole;
    const int place = kept < places.size() - 1 ? kept : kWhole;
    m_place->show(places, place);
    m_thickness->show(inHand ? inHand->thickness_mm
                      : seg && place >= 0
                          ? seg->sections[static_cast<std::size_t>(place)].skin_mm.value_or(p.layers.skin_mm)
                          : p.layers.skin_mm);
    m_relief->show(100 * p.layers.relief);
    const bool clay = !p.layers.clay.empty();
    for (QWidget* w :
         {static_cast<QWidget*>(m_thickness), static_cast<QWidget*>(m_place), static_cast<QWidget*>(m_relief)})
        w->setEnabled(clay);
    m_across->setEnabled(clay && p.mass < 0);
    m_across->show({{tr("the skin stops short of the gap"), false}, {tr("the skin runs across"), true}},
                   p.layers.skinAcrossGaps);
    const bool uneven = seg && std::any_of(seg->sections.begin(), seg->sections.end(),
                                           [](const body::Section& s) { return s.skin_mm.has_value(); });
    findChild<QPushButton*>("skinEven")->setEnabled(uneven);
    findChild<QPushButton*>("coatAdd")->setEnabled(clay && coats.size() + 1 < body::kMostCoats);
    findChild<QPushButton*>("coatTake")->setEnabled(inHand);
    m_rows->show(rowsOfSkin(m_document, part));
    if (!clay) {
        m_text->setText(
            p.layers.cover.empty()
                ? tr("Bare wire or bulk.")
                : tr("No clay: covered with %1.").arg(QString::fromStdString(r.shelf.covers.at(p.layers.cover).name)));
        return;
    }
    const std::size_t shown = inHand ? *now : coats.size();
    const fill::ClayCard& c = r.shelf.clays.at(p.clayOf(shown));
    m_text->setText(
        tr("%1 cm³ of clay; %2.").arg(Text::figure(p.massOf(shown).volume_mm3 / 1000), QString::fromStdString(c.note)));
}

QWidget* SkinTab::bench() const { return m_layers; }

void SkinTab::point(int part, double at) { m_layers->point(part, at); }

void SkinTab::setThickness(double mm) {
    const int part = selectedPart(m_document);
    if (part < 0) return;
    const document::PartRef ref = refOf(m_document, part);
    const int place = m_place->currentData().toInt();
    const QString name =
        tr("Skin of the %1: %2")
            .arg(translated(m_document.report().choice.parts[static_cast<std::size_t>(part)].label), Text::length(mm));
    if (const auto k = coat()) {
        changeLayers(
            m_document, tr("Coat %1: %2").arg(*k + 1).arg(Text::length(mm)),
            [&](body::Layers& l) {
                if (*k < l.coats.size() && mm > 0) l.coats[*k].thickness_mm = mm;
            },
            Document::Merge::yes);
        return;
    }
    if (segment() && place >= 0) {
        m_document.change(
            name, [&](const document::Edits& e) { return e.setSectionSkin(ref.limb, ref.segment, place, mm); },
            Document::Merge::yes);
        return;
    }
    changeLayers(
        m_document, name, [&](body::Layers& l) { l.skin_mm = mm; }, Document::Merge::yes);
}

std::optional<std::size_t> SkinTab::coat() const {
    const QVariant chosen = m_coat->currentData();
    if (!chosen.isValid() || chosen.toInt() < 0) return {};
    return static_cast<std::size_t>(chosen.toInt());
}

void SkinTab::addCoat() {
    const int part = selectedPart(m_document);
    if (part < 0) return;
    // The new one is in hand as soon as results know it, so that the next key changes it.
    m_comesTo = part;
    m_shownCoats = m_document.report().choice.parts[static_cast<std::size_t>(part)].layers.coats.size();
    changeLayers(m_document, tr("A coat beneath the skin"), [&](body::Layers& l) {
        if (l.clay.empty() || l.coats.size() + 1 >= body::kMostCoats) return;
        l.coats.insert(l.coats.begin(), {l.coats.empty() ? l.clay : l.coats.front().clay, std::max(1.0, l.skin_mm), 0});
    });
}

void SkinTab::takeCoat() {
    const auto k = coat();
    if (!k) return;
    changeLayers(m_document, tr("Coat %1 taken out").arg(*k + 1), [&](body::Layers& l) {
        if (*k < l.coats.size()) l.coats.erase(l.coats.begin() + static_cast<std::ptrdiff_t>(*k));
    });
}

void SkinTab::asThePart() {
    const body::Segment* seg = segment();
    if (!seg) return;
    const document::PartRef ref = refOf(m_document, selectedPart(m_document));
    std::vector<document::Edits::Step> steps;
    for (std::size_t i = 0; i < seg->sections.size(); ++i)
        steps.push_back([ref, i](const document::Edits& e) {
            return e.setSectionSkin(ref.limb, ref.segment, static_cast<int>(i), {});
        });
    m_document.change(tr("Skin of the %1 even").arg(QString::fromStdString(seg->name)),
                      [&](const document::Edits& e) { return e.chain(steps); });
}

} // namespace enkinet::app
