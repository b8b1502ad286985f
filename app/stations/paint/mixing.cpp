// The plate of the paint station: recipes for a colour, looked for beside the window.
#include "stations/layers/part_in_hand.h"
#include "stations/paint/mix_plate.h"
#include "stations/paint/paint_page.h"
#include "widgets/answer.h"
#include "widgets/fields.h"
#include "widgets/row_list.h"
#include "words/text.h"
#include <QCheckBox>
#include <QFormLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

namespace enkinet::app {

namespace {
constexpr double kExplained = 6; ///< ΔE that a chip may be off what the strength that fits it best gives
}

void PaintPage::makeMixing() {
    m_mixFold = new Fold(tr("Mix a colour from the shelf"));
    m_target = new QLineEdit;
    m_target->setObjectName("mixTarget");
    m_target->setAccessibleName(tr("The wanted colour"));
    m_target->setPlaceholderText("#c98b6a");
    m_ml = new QLineEdit("10");
    m_ml->setObjectName("mixMl");
    m_ml->setAccessibleName(tr("How much is wanted, in millilitres; of clays in grams"));
    m_recipes = new RowList(5);
    m_recipes->setObjectName("mixRecipes");
    m_recipes->setAccessibleName(tr("Recipes, the nearest first"));
    m_keep = new QPushButton(tr("Keep it as a paint"));
    m_keep->setObjectName("mixKeep");
    m_pots = new QCheckBox(tr("only with what is left in the pots"));
    m_pots->setObjectName("mixPots");
    m_clays = new QCheckBox(tr("of clays, by weight"));
    m_clays->setObjectName("mixClays");
    m_chip = new QLineEdit;
    m_chip->setObjectName("mixChip");
    m_chip->setAccessibleName(tr("Colour of the real chip once it is dry"));
    m_chip->setPlaceholderText("#b97f60");
    m_chipPaint = new ChoiceField(tr("Paint whose strength the chip tells"));
    m_chipPaint->setObjectName("mixChipPaint");
    m_chipPaint->setMinimumContentsLength(6);
    m_chipTake = new QPushButton(tr("Learn from it"));
    m_chipTake->setObjectName("mixChipTake");
    m_chipText = makeText(true);
    m_chipText->setObjectName("mixChipText");
    auto* form = makeForm();
    form->addRow(tr("wanted"), m_target);
    m_mlUnit = new QLabel(tr("ml"));
    form->addRow(m_mlUnit, m_ml);
    m_mixFold->body()->addLayout(form);
    m_mixFold->body()->addWidget(m_recipes);
    m_mixFold->body()->addWidget(m_pots);
    m_mixFold->body()->addWidget(m_clays);
    m_mixFold->body()->addWidget(m_keep, 0, Qt::AlignLeft);
    m_chipBox = new QWidget;
    auto* chip = new QVBoxLayout(m_chipBox);
    chip->setContentsMargins(0, 0, 0, 0);
    chip->setSpacing(6);
    auto* chipForm = makeForm();
    chipForm->addRow(tr("dried chip"), m_chip);
    chipForm->addRow(tr("strength of"), m_chipPaint);
    chip->addLayout(chipForm);
    chip->addWidget(m_chipTake, 0, Qt::AlignLeft);
    m_mixFold->body()->addWidget(m_chipBox);
    m_mixFold->body()->addWidget(m_chipText);
    m_recipes->hide(), m_keep->hide(), m_chipBox->hide(), m_chipText->hide();
    connect(m_pots, &QCheckBox::toggled, this, [this] {
        if (m_mix.state() || !m_target->text().isEmpty()) lookForRecipes();
    });
    connect(m_clays, &QCheckBox::toggled, this, [this](bool on) {
        m_pots->setEnabled(!on);
        m_mlUnit->setText(on ? tr("g") : tr("ml"));
        if (on) m_pots->setChecked(false);
        if (m_mix.state() || !m_target->text().isEmpty()) lookForRecipes();
    });
    connect(m_chipTake, &QPushButton::clicked, this, &PaintPage::takeChip);
    connect(m_chip, &QLineEdit::returnPressed, this, &PaintPage::takeChip);
    column()->addWidget(m_mixFold);
    connect(m_target, &QLineEdit::editingFinished, this, [this] {
        if (m_target->isModified()) m_target->setModified(false), lookForRecipes();
    });
    connect(m_ml, &QLineEdit::editingFinished, this, [this] {
        if (!typedNumber(m_ml->text(), 0.01, 1e5)) {
            Q_EMIT document().refused(tr("“%1” is no amount: type a number above 0").arg(m_ml->text()));
            m_ml->setText("10");
        }
        if (m_pots->isChecked()) return lookForRecipes();
        showRecipe(m_recipes->currentRow());
    });
    connect(m_recipes, &QListWidget::currentRowChanged, this, &PaintPage::showRecipe);
    connect(m_keep, &QPushButton::clicked, this, &PaintPage::keepMixture);
}

void PaintPage::mix(const QString& colour) {
    m_mixFold->setOpen(true);
    m_target->setText(colour);
    lookForRecipes();
}

void PaintPage::lookForRecipes() {
    QString text = m_target->text().trimmed();
    if (!text.isEmpty() && !text.startsWith('#')) text.prepend('#');
    const auto target = paint::parseHex(text.toStdString());
    if (!target) {
        if (!text.isEmpty())
            Q_EMIT document().refused(tr("“%1” is no colour: write it as #c98b6a").arg(m_target->text()));
        return;
    }
    // What stands on the shelf; where nothing does, everything that is known. No clear coats.
    std::vector<paint::PaintCard> shelf;
    const auto& held = document().production().stock.paints_ml;
    for (const paint::PaintCard& c : document().report().cards->paints)
        for (const document::Held& h : held)
            if (h.card == c.id && h.amount > 0 && c.medium == paint::Medium::acrylic) shelf.push_back(c);
    if (shelf.empty())
        for (const paint::PaintCard& c : document().report().cards->paints)
            if (c.medium == paint::Medium::acrylic) shelf.push_back(c);
    // Clays kneaded together colour by weight as paints do by parts; one family alone, for others bake at other heats.
    const bool clays = m_clays->isChecked();
    if (clays) {
        shelf.clear();
        const results::Report& r = document().report();
        const int part = selectedPart(document());
        const auto own = part < 0 ? r.shelf.clays.end()
                                  : r.shelf.clays.find(r.choice.parts[static_cast<std::size_t>(part)].layers.clay);
        for (const auto& [id, clay] : r.shelf.clays) {
            if (clay.colour.empty() || (own != r.shelf.clays.end() && clay.family != own->second.family)) continue;
            paint::PaintCard c;
            c.id = id, c.name = clay.name, c.colour = clay.colour, c.opacity = 0.95;
            shelf.push_back(std::move(c));
        }
        if (shelf.size() < 2) {
            Q_EMIT document().refused(tr("No two clays of this part's kind have a colour on their cards"));
            return;
        }
    }
    std::vector<double> left;
    for (const paint::PaintCard& c : shelf) {
        left.push_back(0);
        for (const document::Held& h : held)
            if (h.card == c.id) left.back() += h.amount;
    }
    const double needed = m_pots->isChecked() ? 1.15 * wantedMl() : 0; // as calcAmounts wastes
    m_mix.ask([shelf, left, needed, clays, target = *target](const std::stop_token& stop, const auto& post) {
        paint::RecipeLimits limits;
        limits.stop = stop, limits.needed_ml = needed, limits.left_ml = left;
        Mix mix{shelf, target, paint::calcRecipes(shelf, target, limits), {}, clays};
        for (const paint::Recipe& r : mix.found.recipes)
            mix.oneMore.push_back(paint::calcOneMore(shelf, r, target));
        post(std::move(mix));
    });
}

void PaintPage::takeRecipes() {
    const auto mix = m_mix.state();
    m_recipes->clear();
    for (const paint::Recipe& r : mix->found.recipes) {
        QStringList parts;
        for (const paint::RecipePart& p : r.parts)
            parts << tr("%1 %2", "parts, paint")
                         .arg(p.parts)
                         .arg(QString::fromStdString(mix->shelf[static_cast<std::size_t>(p.paint)].name));
        auto* item = new QListWidgetItem(tr("%1: %2").arg(parts.join(tr(", ")), differenceWord(r.deltaE)), m_recipes);
        item->setToolTip(plainTip(tr("%1; ΔE %2").arg(item->text(), Text::number(r.deltaE, 1))));
    }
    m_recipes->setVisible(m_recipes->count() > 0);
    // A clay mixture is no paint; its chip is baked and compared by eye.
    m_keep->setVisible(m_recipes->count() > 0 && !mix->clays);
    m_chipBox->setVisible(m_recipes->count() > 0 && !mix->clays);
    if (m_recipes->count() == 0 && m_pots->isChecked())
        Q_EMIT document().refused(tr("The pots do not hold enough for %1 ml of any mixture").arg(m_ml->text()));
    m_recipes->setCurrentRow(0);
}

void PaintPage::showRecipe(int row) {
    const auto mix = m_mix.state();
    if (!mix || row < 0 || row >= static_cast<int>(mix->found.recipes.size())) return;
    const paint::Recipe& r = mix->found.recipes[static_cast<std::size_t>(row)];
    const auto amounts = paint::calcAmounts(r, wantedMl());
    std::vector<MixPlate::Dab> dabs;
    for (std::size_t k = 0; k < r.parts.size(); ++k) {
        const paint::PaintCard& c = mix->shelf[static_cast<std::size_t>(r.parts[k].paint)];
        dabs.push_back({QColor(QString::fromStdString(c.colour)),
                        (mix->clays ? tr("%1, %2 g") : tr("%1, %2 ml"))
                            .arg(QString::fromStdString(c.name), Text::number(amounts[k], 1)),
                        r.parts[k].parts});
    }
    // What one part more would do, where it would bring it nearer.
    const auto& more = mix->oneMore[static_cast<std::size_t>(row)];
    const auto best = std::min_element(more.begin(), more.end());
    // No chip of it has been tried: that is what the table of the paints gives.
    QString sentence =
        tr("%1 (ΔE %2 by the table, until a chip is dry)").arg(differenceWord(r.deltaE), Text::number(r.deltaE, 1));
    if (best != more.end() && *best < r.deltaE - 0.05)
        sentence += tr("; one part more of %1 brings it to %2")
                        .arg(QString::fromStdString(mix->shelf[static_cast<std::size_t>(best - more.begin())].name),
                             Text::number(*best, 1));
    if (mix->clays) sentence += tr("; of equal strength until a baked chip says otherwise");
    m_plate->show(QColor(QString::fromStdString(paint::toHex(mix->target))),
                  QColor(QString::fromStdString(paint::toHex(r.colour))), dabs, sentence);
    m_plate->setVisible(true);
    QList<std::pair<QString, QVariant>> own;
    for (const paint::RecipePart& p : r.parts) {
        const paint::PaintCard& c = mix->shelf[static_cast<std::size_t>(p.paint)];
        own << std::pair{QString::fromStdString(c.name), QVariant(QString::fromStdString(c.id))};
    }
    // The strongest hand in it is the one that is most often wrong: the smallest share.
    std::size_t least = 0;
    for (std::size_t k = 1; k < r.parts.size(); ++k)
        if (r.parts[k].parts < r.parts[least].parts) least = k;
    m_chipPaint->show(own, own.isEmpty() ? QVariant() : own[static_cast<qsizetype>(least)].second);
    m_chipTake->setEnabled(r.parts.size() > 1);
    showTones();
}

/// A real chip of the recipe in hand tells how strongly one of its paints colours.
void PaintPage::takeChip() {
    const auto mix = m_mix.state();
    const int row = m_recipes->currentRow();
    if (!mix || row < 0 || row >= static_cast<int>(mix->found.recipes.size())) return;
    QString text = m_chip->text().trimmed();
    if (!text.startsWith('#')) text.prepend('#');
    const auto chip = paint::parseHex(text.toStdString());
    if (!chip) {
        Q_EMIT document().refused(tr("“%1” is no colour: write it as #c98b6a").arg(m_chip->text()));
        return;
    }
    const paint::Recipe& r = mix->found.recipes[static_cast<std::size_t>(row)];
    const paint::PaintCard* mine = nullptr;
    double parts = 0;
    std::vector<paint::Share> others;
    for (const paint::RecipePart& p : r.parts) {
        const paint::PaintCard& c = mix->shelf[static_cast<std::size_t>(p.paint)];
        if (c.id == m_chipPaint->currentData().toString().toStdString())
            mine = &c, parts = p.parts;
        else
            others.push_back(
                {paint::calcReflectance(*paint::parseHex(c.colour)), static_cast<double>(p.parts), c.strength});
    }
    if (!mine || others.empty()) return;
    const double strength =
        paint::calcStrength(paint::calcReflectance(*paint::parseHex(mine->colour)), parts, others, *chip);
    const QString name = QString::fromStdString(mine->name);
    // What no strength explains was something else: the ground through a thin coat, another paint, another light.
    others.push_back({paint::calcReflectance(*paint::parseHex(mine->colour)), parts, strength});
    const double off =
        paint::calcDeltaE2000(paint::toLab(paint::toRgb(paint::calcMixture(others))), paint::toLab(*chip));
    if (off > kExplained) {
        Q_EMIT document().refused(
            tr("No strength of %1 gives that colour (ΔE %2 is left): lay the chip thick over white and look again, or "
               "take another paint")
                .arg(name, Text::number(off, 0)));
        return;
    }
    const double before = mine->strength;
    const paint::PaintCard card = *mine;
    if (!document().change(tr("Strength of %1: %2").arg(name, Text::number(strength, 2)),
                           [&](const document::Edits& e) { return e.setStrength(card, strength); }))
        return;
    m_chip->clear();
    m_chipText->setText(
        tr("%1 colours %2 times as strongly as its share says, not %3 times. Recipes are looked for anew.")
            .arg(name, Text::number(strength, 2), Text::number(before, 2)));
    m_chipText->show();
    lookForRecipes();
}

double PaintPage::wantedMl() const { return typedNumber(m_ml->text(), 0.01, 1e5).value_or(10); }

void PaintPage::keepMixture() {
    const auto mix = m_mix.state();
    const int row = m_recipes->currentRow();
    if (!mix || row < 0 || row >= static_cast<int>(mix->found.recipes.size())) return;
    const paint::Recipe& r = mix->found.recipes[static_cast<std::size_t>(row)];
    const double ml = wantedMl();
    paint::PaintCard card = paint::makeMixed(mix->shelf, r, ml);
    QStringList parts;
    for (const paint::RecipePart& p : r.parts)
        parts << tr("%1 %2", "parts, paint")
                     .arg(p.parts)
                     .arg(QString::fromStdString(mix->shelf[static_cast<std::size_t>(p.paint)].name));
    card.note = parts.join(tr(", ")).toStdString();
    card.name = tr("mixed %1").arg(QString::fromStdString(card.colour)).toStdString();
    const auto amounts = paint::calcAmounts(r, ml);
    std::vector<document::Held> used;
    for (std::size_t k = 0; k < r.parts.size(); ++k)
        used.push_back({mix->shelf[static_cast<std::size_t>(r.parts[k].paint)].id, amounts[k]});
    document().change(tr("Keep a mixture: %1").arg(QString::fromStdString(card.note)),
                      [&](const document::Edits& e) { return e.mixPaint(card, ml, used); });
    m_paint->setCurrentIndex(m_paint->findData(QString::fromStdString(card.id)));
}

} // namespace enkinet::app
