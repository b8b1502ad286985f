// The plate of the paint station: recipes for a colour, looked for beside the window.
#include "stations/paint/mix_plate.h"
#include "stations/paint/paint_page.h"
#include "widgets/answer.h"
#include "widgets/fields.h"
#include "words/say.h"
#include <QFormLayout>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QVBoxLayout>
#include <algorithm>

namespace enkinet::app {

void PaintPage::makeMixing() {
    m_mixFold = new Fold(tr("Mix a colour from the shelf"));
    m_target = new QLineEdit;
    m_target->setObjectName("mixTarget");
    m_target->setAccessibleName(tr("The wanted colour"));
    m_target->setPlaceholderText("#c98b6a");
    m_ml = new QLineEdit("10");
    m_ml->setObjectName("mixMl");
    m_ml->setAccessibleName(tr("Millilitres wanted"));
    m_recipes = new QListWidget;
    m_recipes->setObjectName("mixRecipes");
    m_recipes->setAccessibleName(tr("Recipes, the nearest first"));
    m_recipes->setTextElideMode(Qt::ElideRight);
    m_recipes->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    m_keep = new QPushButton(tr("Keep it as a paint"));
    m_keep->setObjectName("mixKeep");
    auto* form = makeForm();
    form->addRow(tr("wanted"), m_target);
    form->addRow(tr("ml"), m_ml);
    m_mixFold->body()->addLayout(form);
    m_mixFold->body()->addWidget(m_recipes);
    m_mixFold->body()->addWidget(m_keep, 0, Qt::AlignLeft);
    m_recipes->hide(), m_keep->hide();
    column()->addWidget(m_mixFold);
    connect(m_target, &QLineEdit::editingFinished, this, [this] {
        if (m_target->isModified()) m_target->setModified(false), lookForRecipes();
    });
    connect(m_ml, &QLineEdit::editingFinished, this, [this] {
        if (!typedNumber(m_ml->text(), 0.01, 1e5)) {
            Q_EMIT document().refused(tr("“%1” is no amount: type millilitres above 0").arg(m_ml->text()));
            m_ml->setText("10");
        }
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
    m_mix.ask([shelf, target = *target](const std::stop_token& stop, const auto& post) {
        paint::RecipeLimits limits;
        limits.stop = stop;
        Mix mix{shelf, target, paint::calcRecipes(shelf, target, limits), {}};
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
        item->setToolTip(plainTip(tr("%1; ΔE %2").arg(item->text(), Say::number(r.deltaE, 1))));
    }
    m_recipes->setVisible(m_recipes->count() > 0);
    m_keep->setVisible(m_recipes->count() > 0);
    fitToRows(*m_recipes, 5);
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
                        tr("%1, %2 ml").arg(QString::fromStdString(c.name), Say::number(amounts[k], 1)),
                        r.parts[k].parts});
    }
    // What one part more would do, where it would bring it nearer.
    const auto& more = mix->oneMore[static_cast<std::size_t>(row)];
    const auto best = std::min_element(more.begin(), more.end());
    QString sentence = tr("%1 (ΔE %2)").arg(differenceWord(r.deltaE), Say::number(r.deltaE, 1));
    if (best != more.end() && *best < r.deltaE - 0.05)
        sentence += tr("; one part more of %1 brings it to %2")
                        .arg(QString::fromStdString(mix->shelf[static_cast<std::size_t>(best - more.begin())].name),
                             Say::number(*best, 1));
    m_plate->show(QColor(QString::fromStdString(paint::toHex(mix->target))),
                  QColor(QString::fromStdString(paint::toHex(r.colour))), dabs, sentence);
    m_plate->setVisible(true);
    showTones();
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
    document().change(tr("Keep a mixture: %1").arg(QString::fromStdString(card.note)),
                      [&](const document::Edits& e) { return e.keepPaint(card, ml); });
    m_paint->setCurrentIndex(m_paint->findData(QString::fromStdString(card.id)));
}

} // namespace enkinet::app
