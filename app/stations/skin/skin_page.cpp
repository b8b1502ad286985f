#include "stations/skin/skin_page.h"
#include "desk/fields.h"
#include "desk/look.h"
#include "desk/say.h"
#include "fill/ledger.h"
#include "stations/bulk/section_view.h"
#include <QFormLayout>
#include <QVBoxLayout>
#include <algorithm>
#include <cmath>
#include <qcustomplot.h>

namespace enkinet::app {

SkinPage::SkinPage(Document& d) : Page(d, production::Station::skin) {
    m_title = makeTitle();
    m_text = makeText();
    m_section = new SectionView;
    m_clay = new ChoiceField(tr("Clay of this part"));
    m_clay->setObjectName("clay");
    m_across = new ChoiceField(tr("Does the skin run across the joints"));
    m_thickness = new NumberField(NumberField::Kind::length, 0, 50, 0.5, 1, tr("Thickness of the skin"));
    m_thickness->setObjectName("skin");
    m_packs = makeText();
    m_bake = makeText();
    m_caution = makeText(true);
    m_plot = new QCustomPlot;
    m_plot->setFixedHeight(200);
    m_plot->setAccessibleName(tr("Bake curves: oven, surface and innermost clay over minutes"));
    column()->addWidget(m_title);
    column()->addWidget(m_section);
    auto* form = makeForm();
    form->addRow(tr("clay"), m_clay);
    form->addRow(tr("thickness"), m_thickness);
    form->addRow(tr("at the joints"), m_across);
    column()->addLayout(form);
    column()->addWidget(m_text);
    m_hands = makeText(true);
    m_hands->setObjectName("skinHands");
    column()->addWidget(m_hands);
    m_weighed = new NumberField(NumberField::Kind::grams, 0, 100000, 1, 1, tr("Clay that went on, by the scales"));
    m_weighed->setObjectName("weighed");
    m_implied = makeText();
    m_implied->setObjectName("implied");
    auto* scales = makeForm();
    scales->addRow(tr("weighed"), m_weighed);
    scales->addRow(QString(), m_implied);
    column()->addLayout(scales);
    connect(m_weighed, &NumberField::edited, this, &SkinPage::weighed);
    column()->addWidget(makeHeading(tr("The bake")));
    column()->addWidget(m_bake);
    column()->addWidget(m_plot);
    column()->addWidget(makeHeading(tr("Clay for the whole puppet, with a tenth of waste")));
    column()->addWidget(m_packs);
    column()->addWidget(m_caution);
    addOpenPoints();
    column()->addStretch();
    m_caution->setText(Say::caution(plan::Caution::air_oven));
    connect(m_clay, &ChoiceField::edited, this, [this](const QVariant& v) {
        const std::string id = v.toString().toStdString();
        changeLayers(tr("Clay of %1").arg(m_title->text()), [&](body::Layers& l) {
            l.clay = id;
            if (!id.empty() && l.skin_mm <= 0) l.skin_mm = 3;
        });
    });
    connect(m_thickness, &NumberField::edited, this, [this](double mm) {
        changeLayers(
            tr("Skin of %1: %2").arg(m_title->text(), Say::length(mm)), [&](body::Layers& l) { l.skin_mm = mm; },
            "skin");
    });
    connect(m_across, &ChoiceField::edited, this, [this](const QVariant& v) {
        changeLayers(v.toBool() ? tr("Skin of %1 across the joints").arg(m_title->text())
                                : tr("Skin of %1 stops at the joints").arg(m_title->text()),
                     [&](body::Layers& l) { l.skinAcrossGaps = v.toBool(); });
    });
}

void SkinPage::show(const production::Report& r) {
    const int part = selectedPart();
    m_section->show(document(), part);
    if (part >= 0) {
        const fill::Part& p = r.choice.parts[static_cast<std::size_t>(part)];
        m_title->setText(Say::capital(p.label));
        QList<std::pair<QString, QVariant>> clays{{tr("no clay"), ""}};
        for (const fill::ClayCard& c : r.cards->clays)
            clays << std::pair{QString::fromStdString(c.name), QVariant(QString::fromStdString(c.id))};
        m_clay->show(clays, QString::fromStdString(p.layers.clay));
        m_thickness->show(p.layers.skin_mm);
        m_thickness->setEnabled(!p.layers.clay.empty());
        m_across->setEnabled(!p.layers.clay.empty() && p.mass < 0);
        m_across->show({{tr("the skin stops short of the gap"), false}, {tr("the skin runs across"), true}},
                       p.layers.skinAcrossGaps);
        if (!p.layers.clay.empty()) {
            const fill::ClayCard& c = r.shelf.clays.at(p.layers.clay);
            m_text->setText(tr("%1 cm³ of clay, %2. This clay wants %3 to %4; %5.")
                                .arg(Say::figure(p.skin.volume_mm3 / 1000), Say::grams(p.skin.mass_g),
                                     Say::length(c.thinnest_mm), Say::length(c.thickest_mm),
                                     QString::fromStdString(c.note)));
        } else {
            m_text->setText(p.layers.cover.empty()
                                ? tr("Bare wire or bulk.")
                                : tr("No clay: covered with %1.")
                                      .arg(QString::fromStdString(r.shelf.covers.at(p.layers.cover).name)));
        }
    }
    showHands(r, part);
    QStringList packs;
    for (const production::Need& n : r.needs)
        if (n.ware == production::Ware::clay)
            packs << tr("%1: %2 of %3 g there%4")
                         .arg(QString::fromStdString(n.name), Say::number(n.needed, 0), Say::number(n.held, 0),
                              n.packs > 0 ? tr("; packs to buy: %1").arg(n.packs) : QString());
    m_packs->setText(packs.isEmpty() ? tr("No clay in this puppet.") : packs.join("\n"));
    showBake(r);
}

/// Lump, sheet, oversize, batches and hours of the part, and what solid clay would be instead of a core.
void SkinPage::showHands(const production::Report& r, int part) {
    const auto own = std::find_if(r.skins.begin(), r.skins.end(), [&](const auto& s) { return s.part == part; });
    const bool any = part >= 0 && own != r.skins.end();
    m_hands->setVisible(any);
    m_weighed->setEnabled(any);
    m_implied->clear();
    if (!any) return;
    const fill::Part& p = r.choice.parts[static_cast<std::size_t>(part)];
    const fill::ClayCard& clay = r.shelf.clays.at(p.layers.clay);
    m_weighed->show(p.skin.mass_g);
    QStringList lines;
    lines << tr("Take a ball of %1 across, %2, or %3 cm² rolled to %4; left and right the same.")
                 .arg(Say::length(own->ball_mm, 0), Say::grams(own->grams), Say::number(own->sheet_cm2, 0),
                      Say::length(own->sheet_mm));
    if (own->oversize > 1)
        lines << tr("It shrinks by %1 %: make every length, extensions and patterns too, %2 times as long.")
                     .arg(Say::number(100 * clay.shrink, 0), Say::number(own->oversize, 3));
    if (clay.family == fill::ClayFamily::air_dry)
        lines << tr("Dries in %1 h at 20 °C.").arg(Say::number(own->hours, 0));
    if (own->batches > 0)
        lines << tr("Mix %1 batches of %2 at most, each used up before it sets; hard after %3 h at 20 °C.")
                     .arg(own->batches)
                     .arg(Say::grams(own->batch_g), Say::number(own->hours, 0));
    if (own->conditioning > 1)
        lines << tr("Work it soft in %1 portions of %2 at most.")
                     .arg(own->conditioning)
                     .arg(Say::grams(fill::kConditioning_g));
    if (!p.layers.bulk.empty() && p.bulk.volume_mm3 > 0) {
        // Solid clay against the core: grams, money, minutes.
        fill::Part solid = p;
        solid.layers.bulk.clear();
        solid.bakeSkin_mm = p.bakeSkin_mm + p.bakeCore_mm, solid.bakeCore_mm = 0;
        const double more = p.bulk.volume_mm3 * clay.density_g_cm3 / 1000 - p.bulk.mass_g;
        QString text = tr("Its core saves %1 and %2 %3")
                           .arg(Say::grams(more), Say::number((more + p.bulk.mass_g) / clay.pack_g * clay.packPrice, 2),
                                QString::fromStdString(document().production().currency));
        if (fill::isOvenBaked(clay.family)) {
            const double target = clay.set_C - fill::kNearSet_C;
            const auto with = fill::calcBake(fill::makeBakeSetup(p, r.shelf), target, 600),
                       without = fill::calcBake(fill::makeBakeSetup(solid, r.shelf), target, 600);
            if (with && without && std::isfinite(with->reached_min) && std::isfinite(without->reached_min))
                text += tr(" and %1 in the oven").arg(Say::minutes(without->reached_min - with->reached_min));
        }
        lines << text + tr(", against solid clay.");
    }
    m_hands->setText(lines.join("\n"));
}

/// What the scales say about the thickness.
void SkinPage::weighed(double grams) {
    const production::Report& r = document().report();
    const int part = selectedPart();
    if (part < 0) return;
    const body::Puppet& puppet = document().puppet();
    const std::vector<fill::WireRuns> none(puppet.limbs.size());
    const auto& c = r.choice;
    // The wire's own volume is what the present grams differ by from the piece without it.
    const double wire =
        fill::calcParts(puppet, c.rest, c.own, r.shelf, none)[static_cast<std::size_t>(part)].skin.mass_g -
        c.parts[static_cast<std::size_t>(part)].skin.mass_g;
    const double mm = fill::calcThickness(puppet, c.rest, c.own, r.shelf, none, part, grams + wire);
    const double planned = c.parts[static_cast<std::size_t>(part)].layers.skin_mm;
    m_implied->setText(
        std::isfinite(mm)
            ? tr("that is a skin of %1, planned %2; %3 to go")
                  .arg(Say::length(mm, 2), Say::length(planned),
                       Say::grams(std::max(0.0, c.parts[static_cast<std::size_t>(part)].skin.mass_g - grams)))
            : tr("more than the whole part holds"));
}

void SkinPage::showBake(const production::Report& r) {
    const bool any = !r.bakes.empty();
    m_plot->setVisible(any);
    m_caution->setVisible(any);
    if (!any) {
        m_bake->setText(tr("Nothing here goes into the oven."));
        return;
    }
    QStringList lines;
    for (const fill::BakeBatch& b : r.bakes) {
        const fill::PartBake& slow = b.parts[static_cast<std::size_t>(b.slowest)];
        lines << tr("%1 at %2 °C: the innermost clay of the %3 is hot after %4, then %5 of soak.")
                     .arg(Say::minutes(b.minutes), Say::number(b.set_C, 0),
                          QString::fromStdString(r.choice.parts[static_cast<std::size_t>(slow.part)].label),
                          Say::minutes(slow.reach_min), Say::minutes(b.soak_min));
    }
    // Both schools, and what the part that suffers most goes through.
    const fill::BakePlan staged = fill::calcStagedBakes(document().puppet(), r.choice.rest, r.choice.parts, r.shelf);
    const fill::BakePlan once = fill::calcOneBake(r.choice.parts, r.shelf);
    const auto school = [&](const QString& name, const fill::BakePlan& plan) {
        const fill::HeatEntry* worst = plan.worst();
        if (!worst) return;
        lines << tr("%1: %2 in the oven in all; the %3 spends %4 of %5 min at heat, in %6%7.")
                     .arg(name, Say::minutes(plan.minutes()),
                          QString::fromStdString(r.choice.parts[static_cast<std::size_t>(worst->part)].label),
                          Say::number(worst->atHeat_min, 0), Say::number(worst->limit_min, 0),
                          worst->bakes == 1 ? tr("one bake") : tr("%1 bakes").arg(worst->bakes),
                          worst->over() ? tr(": too much") : QString());
    };
    school(tr("One bake at the end"), once);
    school(tr("A bake for each limb"), staged);
    m_bake->setText(lines.join("\n"));
    const fill::BakeBatch& b = r.bakes.front();
    m_plot->clearPlottables();
    m_plot->clearItems();
    m_plot->setBackground(look().card);
    const auto curve = [&](const std::vector<double>& x, const std::vector<double>& y, const QColor& c,
                           Qt::PenStyle style) {
        QCPGraph* g = m_plot->addGraph();
        g->setData(QVector<double>(x.begin(), x.end()), QVector<double>(y.begin(), y.end()), true);
        g->setPen(QPen(c, 2, style));
    };
    curve(b.slowestCurve.minutes, b.slowestCurve.surface_C, look().copper, Qt::DashLine);
    curve(b.slowestCurve.minutes, b.slowestCurve.innermost_C, look().copper, Qt::SolidLine);
    curve(b.quickestCurve.minutes, b.quickestCurve.innermost_C, look().holds, Qt::SolidLine);
    const double end = b.slowestCurve.minutes.empty() ? 60 : b.slowestCurve.minutes.back();
    const auto level = [&](double C, const QString& text, Qt::PenStyle style, double x, Qt::Alignment align) {
        QCPGraph* g = m_plot->addGraph();
        g->setData({0, end}, {C, C}, true);
        g->setPen(QPen(look().graphite, 1, style));
        auto* label = new QCPItemText(m_plot);
        label->position->setCoords(x, C);
        label->setPositionAlignment(align);
        label->setText(text);
        label->setFont(deskFont(8.5));
        label->setColor(look().graphite);
    };
    level(b.set_C, tr("oven %1 °C").arg(Say::number(b.set_C, 0)), Qt::SolidLine, end * 0.01,
          Qt::AlignLeft | Qt::AlignBottom);
    level(b.set_C - fill::kNearSet_C, tr("curing from %1 °C").arg(Say::number(b.set_C - fill::kNearSet_C, 0)),
          Qt::DotLine, end * 0.99, Qt::AlignRight | Qt::AlignTop);
    const auto word = [&](double share, const fill::BakeCurve& c, const std::vector<double>& y, const QString& text,
                          const QColor& colour, Qt::Alignment align) {
        if (c.minutes.empty()) return;
        const auto i = static_cast<std::size_t>(share * static_cast<double>(c.minutes.size() - 1));
        auto* label = new QCPItemText(m_plot);
        label->position->setCoords(c.minutes[i], y[i]);
        label->setPositionAlignment(align);
        label->setText(text);
        label->setFont(deskFont(8.5, QFont::DemiBold));
        label->setColor(colour);
    };
    const auto nameOf = [&](const fill::PartBake& p) {
        return QString::fromStdString(r.choice.parts[static_cast<std::size_t>(p.part)].label);
    };
    const fill::PartBake* quick = &b.parts.front();
    for (const fill::PartBake& p : b.parts)
        if (p.reach_min < quick->reach_min) quick = &p;
    word(0.22, b.slowestCurve, b.slowestCurve.innermost_C,
         tr("  inside the %1").arg(nameOf(b.parts[static_cast<std::size_t>(b.slowest)])), look().copperDark,
         Qt::AlignLeft | Qt::AlignTop);
    if (b.parts.size() > 1)
        word(0.02, b.quickestCurve, b.quickestCurve.innermost_C, tr("   inside the %1").arg(nameOf(*quick)),
             look().holds, Qt::AlignLeft | Qt::AlignBottom);
    for (QCPAxis* axis : {m_plot->xAxis, m_plot->yAxis}) {
        axis->setBasePen(QPen(look().graphite));
        axis->setTickPen(QPen(look().graphite));
        axis->setSubTickPen(QPen(look().graphite));
        axis->setTickLabelColor(look().ink);
        axis->setLabelColor(look().ink);
        axis->setTickLabelFont(deskFont(8.5));
        axis->setLabelFont(deskFont(9));
        axis->grid()->setPen(QPen(look().line, 1, Qt::DotLine));
    }
    m_plot->xAxis->setLabel(tr("minutes"));
    m_plot->yAxis->setLabel(tr("°C"));
    m_plot->xAxis->setRange(0, end);
    m_plot->yAxis->setRange(0, b.set_C * 1.2);
    m_plot->replot();
}

} // namespace enkinet::app
