// The relief of a scheme and its three tones, with the slider of a wash or a dry brush.
#include "stations/layers/part_in_hand.h"
#include "stations/paint/mix_plate.h"
#include "stations/paint/paint_page.h"
#include "stations/paint/photo_pick.h"
#include "stations/paint/tone_patch.h"
#include "widgets/answer.h"
#include "widgets/fields.h"
#include "words/text.h"
#include <QFormLayout>
#include <QHBoxLayout>
#include <QListWidget>
#include <QSlider>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {
/// The slider is even to the eye of who mixes: a step is a share, not a difference.
constexpr int kSlider = 100;
double amountAt(int slider) { return 0.1 * std::pow(40.0, static_cast<double>(slider) / kSlider); }
int sliderAt(double amount) { return static_cast<int>(std::lround(kSlider * std::log(amount / 0.1) / std::log(40.0))); }
} // namespace

/// Where the coat in hand goes, and how much of it.
void PaintPage::makeCoat() {
    m_amountText = makeText();
    m_amount = new QSlider(Qt::Horizontal);
    m_amount->setObjectName("coatAmount");
    m_amount->setRange(0, kSlider);
    m_amount->setAccessibleName(tr("How much of this wash or dry brush"));
    m_zone = new ChoiceField(tr("Where the coat in hand goes"));
    m_zone->setObjectName("coatZone");
    m_zoneFrom =
        new NumberField(NumberField::Kind::plain, 0, 100, 5, 0, tr("The stretch begins, in per cent from the root"));
    m_zoneTo =
        new NumberField(NumberField::Kind::plain, 0, 100, 5, 0, tr("The stretch ends, in per cent from the root"));
    m_zoneFrom->setSuffix(tr(" %")), m_zoneTo->setSuffix(tr(" %"));
    m_zoneFrom->setObjectName("zoneFrom"), m_zoneTo->setObjectName("zoneTo");
    m_stretchBox = new QWidget;
    auto* stretch = new QHBoxLayout(m_stretchBox);
    stretch->setContentsMargins(0, 0, 0, 0);
    stretch->addWidget(m_zoneFrom);
    stretch->addWidget(m_zoneTo);
    m_zoneBox = new QWidget;
    auto* where = makeForm();
    m_zoneBox->setLayout(where);
    where->setContentsMargins(0, 0, 0, 0);
    where->addRow(tr("this coat goes"), m_zone);
    where->addRow(QString(), m_stretchBox);
    column()->addWidget(m_zoneBox);
    column()->addWidget(m_amountText);
    column()->addWidget(m_amount);
}

void PaintPage::makeRelief() {
    m_reliefFold = new Fold(tr("What the surface is like"));
    m_texture = new ChoiceField(tr("Texture"));
    m_texture->setObjectName("reliefTexture");
    m_depth = new NumberField(NumberField::Kind::length, 0, 10, 0.1, 1, tr("How deep the texture is"));
    m_depth->setObjectName("reliefDepth");
    m_pitch = new NumberField(NumberField::Kind::length, 0.2, 100, 0.5, 1, tr("How far apart it repeats"));
    m_pitch->setObjectName("reliefPitch");
    auto* form = makeForm();
    form->addRow(tr("texture"), m_texture);
    form->addRow(tr("deep"), m_depth);
    form->addRow(tr("every"), m_pitch);
    m_reliefFold->body()->addLayout(form);
    column()->addWidget(m_reliefFold);
    connect(m_amount, &QSlider::valueChanged, this, [this](int at) {
        const int coat = m_coats->currentRow();
        const paint::Scheme* s = scheme();
        if (!s || coat < 0 || coat >= static_cast<int>(s->coats.size())) return;
        changeScheme(
            tr("How much: %1").arg(Text::role(s->coats[static_cast<std::size_t>(coat)].role)),
            [&](paint::Scheme& x) { x.coats[static_cast<std::size_t>(coat)].amount = amountAt(at); },
            Document::Merge::yes);
    });
    const auto changeCoat = [this](const QString& name, const auto& change,
                                   Document::Merge merge = Document::Merge::no) {
        const int coat = m_coats->currentRow();
        const paint::Scheme* s = scheme();
        if (!s || coat < 0 || coat >= static_cast<int>(s->coats.size())) return;
        changeScheme(
            name, [&](paint::Scheme& x) { change(x.coats[static_cast<std::size_t>(coat)]); }, merge);
    };
    connect(m_zone, &ChoiceField::edited, this, [changeCoat](const QVariant& v) {
        changeCoat(tr("Where a coat goes"), [&](paint::Coat& c) {
            c.zone = static_cast<paint::Zone>(v.toInt());
            if (c.zone == paint::Zone::stretch && c.from == 0 && c.to == 1) c.to = 0.5;
            if (c.zone != paint::Zone::stretch) c.from = 0, c.to = 1;
        });
    });
    connect(m_zoneFrom, &NumberField::edited, this, [changeCoat](double x) {
        changeCoat(
            tr("Where a coat goes"), [&](paint::Coat& c) { c.from = std::min(x / 100, c.to - 0.01); },
            Document::Merge::yes);
    });
    connect(m_zoneTo, &NumberField::edited, this, [changeCoat](double x) {
        changeCoat(
            tr("Where a coat goes"), [&](paint::Coat& c) { c.to = std::max(x / 100, c.from + 0.01); },
            Document::Merge::yes);
    });
    connect(m_coats, &QListWidget::currentRowChanged, this, [this] { showTones(); });
    connect(m_texture, &ChoiceField::edited, this, [this](const QVariant& v) {
        changeScheme(tr("Texture of the surface"),
                     [&](paint::Scheme& s) { s.relief.texture = static_cast<paint::Texture>(v.toInt()); });
    });
    connect(m_depth, &NumberField::edited, this, [this](double x) {
        changeScheme(
            tr("Depth of the texture"), [&](paint::Scheme& s) { s.relief.depth_mm = x; }, Document::Merge::yes);
    });
    connect(m_pitch, &NumberField::edited, this, [this](double x) {
        changeScheme(
            tr("Pitch of the texture"), [&](paint::Scheme& s) { s.relief.pitch_mm = x; }, Document::Merge::yes);
    });
}

QString PaintPage::nearerClay(const fill::Part& part) {
    const paint::Scheme* s = scheme();
    const results::Report& r = document().report();
    const auto own = r.shelf.clays.find(part.layers.clay);
    if (!s || own == r.shelf.clays.end()) return {};
    // Those that lie there, of the same kind; and its own.
    std::vector<paint::ClayGround> clays;
    for (const auto& [id, clay] : r.shelf.clays)
        if (id == own->first || (clay.family == own->second.family &&
                                 results::findHeld(document().production().stock, results::Ware::clay, id) > 0))
            clays.push_back({id, clay.colour});
    const auto compared = paint::compareClays(*s, r.cards->paints, std::move(clays));
    const auto now = std::find_if(compared.begin(), compared.end(), [&](const auto& c) { return c.id == own->first; });
    if (now == compared.end()) return {};
    const paint::ClayGround& best = compared.front();
    if (best.id == now->id || (best.coats == now->coats && best.dry_min >= now->dry_min))
        return tr("No clay at hand takes fewer.");
    return tr("%n coat(s) on %1, %2 less to dry.", nullptr, best.coats)
        .arg(QString::fromStdString(r.shelf.clays.at(best.id).name), Text::minutes(now->dry_min - best.dry_min));
}

void PaintPage::showTones() {
    const paint::Scheme* s = scheme();
    const results::Report& r = document().report();
    const int part = selectedPart(document());
    m_reliefFold->setVisible(s != nullptr);
    const int coat = m_coats->currentRow();
    const bool thin = s && coat >= 0 && coat < static_cast<int>(s->coats.size()) &&
                      (s->coats[static_cast<std::size_t>(coat)].role == paint::Role::wash ||
                       s->coats[static_cast<std::size_t>(coat)].role == paint::Role::dry_brush);
    m_amount->setVisible(thin);
    m_amountText->setVisible(thin);
    const bool any = s && coat >= 0 && coat < static_cast<int>(s->coats.size());
    const paint::Coat here = any ? s->coats[static_cast<std::size_t>(coat)] : paint::Coat{};
    m_zoneBox->setVisible(any);
    m_stretchBox->setVisible(here.zone == paint::Zone::stretch);
    m_zone->show({{tr("everywhere"), 0},
                  {tr("in front"), 1},
                  {tr("at the back"), 2},
                  {tr("on a stretch"), 3},
                  {tr("in the recesses"), 4},
                  {tr("on the ridges"), 5},
                  {tr("on what sits there"), 6}},
                 static_cast<int>(here.zone));
    m_zoneFrom->show(100 * here.from), m_zoneTo->show(100 * here.to);
    if (thin) {
        const paint::Coat& c = s->coats[static_cast<std::size_t>(coat)];
        m_amountText->setText(tr("%1: %2 times the usual").arg(Text::role(c.role), Text::number(c.amount, 2)));
        const QSignalBlocker quiet(m_amount);
        m_amount->setValue(sliderAt(c.amount));
    }
    const bool shown =
        s && part >= 0 && m_photo->isHidden() && (m_plate->isHidden() || m_plate->parentWidget()->height() > 600);
    m_tones->setVisible(shown);
    if (!s || part < 0) return;
    m_texture->show({{tr("smooth"), 0}, {tr("folds"), 1}, {tr("scales"), 2}, {tr("hair"), 3}, {tr("pores"), 4}},
                    static_cast<int>(s->relief.texture));
    m_depth->show(s->relief.depth_mm), m_pitch->show(s->relief.pitch_mm);
    const auto clay = r.shelf.clays.find(r.choice.parts[static_cast<std::size_t>(part)].layers.clay);
    const std::string ground =
        clay != r.shelf.clays.end() && !clay->second.colour.empty() ? clay->second.colour : "#aeb6bb";
    // The patch is of the place of the coat in hand.
    paint::Coat place = here;
    place.role = paint::Role::base, place.paint.clear(), place.amount = 1;
    const TonesKey now{*s, r.cards->paints, ground, place};
    if (!shown || m_tonesOf == now) return;
    m_tonesOf = now;
    // Several turns of the texture, whatever its pitch.
    if (const auto patch =
            paint::calcReliefPatch(*s, r.cards->paints, ground, 96, std::max(6.0, 5 * s->relief.pitch_mm), place))
        m_tones->show(*patch);
}

} // namespace enkinet::app
