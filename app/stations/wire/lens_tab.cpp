#include "stations/wire/lens_tab.h"
#include "base/units.h"
#include "stations/wire/bent_gap.h"
#include "widgets/fields.h"
#include "widgets/flow.h"
#include "words/text.h"
#include <QGridLayout>
#include <QLabel>
#include <QPushButton>
#include <QSignalBlocker>
#include <QSlider>
#include <QVBoxLayout>
#include <cmath>
#include <iterator>

namespace enkinet::app {

namespace {
constexpr double kSliderStep = 0.1; ///< mm a slider step of lay and gap
int countIndex(int strands) {
    return static_cast<int>(std::find(std::begin(wire::kStrandCounts), std::end(wire::kStrandCounts), strands) -
                            std::begin(wire::kStrandCounts));
}
} // namespace

LensTab::LensTab(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    setObjectName("lens");
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 0, 0);
    v->setSpacing(6);
    m_gapView = new BentGap;
    v->addWidget(m_gapView);
    m_numbers = makeText();
    m_numbers->setTextFormat(Qt::RichText);
    m_numbers->setObjectName("lensNumbers");
    m_numbers->setTextFormat(Qt::RichText);
    v->addWidget(m_numbers);
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(8);
    grid->setVerticalSpacing(3);
    m_spool = new ChoiceField(tr("Spool, and with it the diameter"));
    m_spool->setObjectName("lensSpool");
    m_edge = new ChoiceField(tr("Edge of the stiff end"));
    grid->addWidget(new QLabel(tr("wire")), 0, 0);
    grid->addWidget(m_spool, 0, 1, 1, 2);
    int row = 1;
    const auto slider = [&](QSlider*& s, QLabel*& value, const QString& word, const QString& name, const char* id) {
        s = new QSlider(Qt::Horizontal);
        s->setAccessibleName(name);
        s->setObjectName(id);
        value = new QLabel;
        value->setMinimumWidth(74);
        grid->addWidget(new QLabel(word), row, 0);
        grid->addWidget(s, row, 1);
        grid->addWidget(value, row++, 2);
        connect(s, &QSlider::valueChanged, this, &LensTab::fromSliders);
    };
    slider(m_strands, m_strandsText, tr("strands"), tr("Number of strands"), "lensStrands");
    slider(m_lay, m_layText, tr("lay"), tr("Lay: length of one full turn"), "lensLay");
    slider(m_gap, m_gapText, tr("gap"), tr("Free gap of wire"), "lensGap");
    slider(m_angle, m_angleText, tr("angle"), tr("Bend angle"), "lensAngle");
    grid->addWidget(new QLabel(tr("edge")), row, 0);
    grid->addWidget(m_edge, row, 1, 1, 2);
    grid->setColumnStretch(1, 1);
    v->addLayout(grid);
    m_strands->setRange(0, static_cast<int>(std::size(wire::kStrandCounts)) - 1);
    m_strands->setPageStep(1);
    m_gap->setRange(static_cast<int>(3 / kSliderStep), static_cast<int>(40 / kSliderStep));
    m_angle->setRange(5, 110);
    auto* buttons = new Flow;
    m_use = new QPushButton(tr("Use this wire and gap"));
    m_use->setObjectName("lensUse");
    m_reset = new QPushButton(tr("Back to what is"));
    buttons->addWidget(m_use);
    buttons->addWidget(m_reset);
    v->addLayout(buttons);
    m_words = makeText(true);
    m_words->setObjectName("lensWords");
    v->addWidget(m_words);
    connect(m_spool, &ChoiceField::edited, this, [this](const QVariant& i) {
        m_tried.spool = i.toInt();
        toSliders();
        fromSliders();
    });
    connect(m_edge, &ChoiceField::edited, this, [this](const QVariant& f) {
        m_tried.edge = f.toDouble();
        refresh();
    });
    connect(m_use, &QPushButton::clicked, this, &LensTab::use);
    connect(m_reset, &QPushButton::clicked, this, &LensTab::reset);
}

const choice::Demand& LensTab::demand() const {
    return m_document.report().choice.limbs[static_cast<std::size_t>(m_limb)].demands[static_cast<std::size_t>(
        m_demand)];
}

wire::Bundle LensTab::bundleOf(const Tried& t) const {
    return {t.strands, m_document.production().stock.spools[static_cast<std::size_t>(t.spool)].diameter_mm,
            t.strands > 1 ? t.lay_mm : 0};
}

double LensTab::longestLay() const { return std::max(40.0, 3 * m_tried.gap_mm); }

void LensTab::showNone() {
    m_shown.reset();
    m_limb = m_demand = -1;
    for (QWidget* w : findChildren<QWidget*>(Qt::FindDirectChildrenOnly))
        w->setVisible(w == m_words);
    m_words->setText(
        tr("Nothing bends in this limb, so there is no joint to look into. Every wire that it could be made "
           "of stands under All wires."));
}

void LensTab::show(int limb, int demandIndex) {
    m_shown = m_document.shown();
    for (QWidget* w : findChildren<QWidget*>(Qt::FindDirectChildrenOnly))
        w->setVisible(true);
    const choice::LimbChoice& l = m_document.report().choice.limbs[static_cast<std::size_t>(limb)];
    const choice::Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
    const choice::Demand& d = l.demands[static_cast<std::size_t>(demandIndex)];
    const wire::Bundle& bundle = choice::findTrial(l, c, static_cast<std::size_t>(demandIndex)).bundle;
    const Tried present{c.spool, bundle.strands, bundle.lay_mm, d.gap_mm, d.angle_rad, d.edge};
    const bool same = limb == m_limb && demandIndex == m_demand && present == m_present;
    m_limb = limb, m_demand = demandIndex, m_present = present;
    QList<std::pair<QString, QVariant>> spools;
    const auto& stock = m_document.production().stock.spools;
    for (std::size_t i = 0; i < stock.size(); ++i)
        spools << std::pair{tr("%1 %2").arg(QString::fromStdString(cardName(m_document.production(),
                                                                            m_document.report(), static_cast<int>(i))),
                                            Text::diameter(stock[i].diameter_mm)),
                            QVariant(static_cast<int>(i))};
    m_spool->show(spools, same ? m_tried.spool : present.spool);
    m_edge->show({{tr("hard: bare putty or a crimp"), 1.6},
                  {tr("eased: taped, wrapped, feathered"), 1.3},
                  {tr("none: bends along its length"), 1.0}},
                 same ? m_tried.edge : present.edge);
    if (same)
        refresh();
    else
        reset();
}

void LensTab::reset() {
    if (!isNow()) return;
    m_tried = m_present;
    m_spool->setCurrentIndex(m_spool->findData(m_tried.spool));
    m_edge->setCurrentIndex(m_edge->findData(m_tried.edge));
    toSliders();
    refresh();
}

/// The lay's slider: 0 is parallel, then from the shortest lay upwards in steps.
void LensTab::toSliders() {
    const QSignalBlocker a(m_strands), b(m_lay), c(m_gap), d(m_angle);
    m_strands->setValue(countIndex(m_tried.strands));
    m_gap->setValue(static_cast<int>(std::lround(m_tried.gap_mm / kSliderStep)));
    m_angle->setValue(static_cast<int>(std::lround(radToDeg(m_tried.angle_rad))));
    const double shortest = wire::findShortestLay(m_tried.strands, bundleOf(m_tried).diameter_mm);
    m_lay->setRange(0, static_cast<int>(std::ceil((longestLay() - shortest) / kSliderStep)) + 1);
    m_lay->setEnabled(m_tried.strands > 1);
    m_lay->setValue(m_tried.lay_mm <= 0 ? 0
                                        : 1 + static_cast<int>(std::lround((m_tried.lay_mm - shortest) / kSliderStep)));
}

void LensTab::fromSliders() {
    if (!isNow()) return;
    if (m_limb < 0) return; // ranges are being set
    m_tried.strands = wire::kStrandCounts[m_strands->value()];
    // A slider that was not moved keeps the exact value that it stands for.
    if (std::lround(m_tried.gap_mm / kSliderStep) != m_gap->value()) m_tried.gap_mm = m_gap->value() * kSliderStep;
    if (std::lround(radToDeg(m_tried.angle_rad)) != m_angle->value()) m_tried.angle_rad = degToRad(m_angle->value());
    const double shortest = wire::findShortestLay(m_tried.strands, bundleOf(m_tried).diameter_mm);
    const int lay = m_lay->value();
    if (lay == 0)
        m_tried.lay_mm = 0;
    else if (sender() == m_lay || m_tried.lay_mm < shortest) {
        m_tried.lay_mm = std::max(shortest, std::ceil(shortest / kSliderStep) * kSliderStep + (lay - 1) * kSliderStep);
        // A whole fraction of the gap is what a builder aims at: the slider drops into it.
        for (int k = 1; k <= 3; ++k)
            if (std::abs(m_tried.gap_mm / k - m_tried.lay_mm) < 0.08 && m_tried.gap_mm / k >= shortest)
                m_tried.lay_mm = m_tried.gap_mm / k;
    }
    toSliders();
    refresh();
}

void LensTab::refresh() {
    if (!isNow()) return;
    if (m_limb < 0) return;
    const choice::Stock& stock = m_document.report().stock;
    const auto judged = [&](const Tried& t) {
        choice::Demand d = demand();
        d.gap_mm = t.gap_mm, d.edge = t.edge;
        // The angle stretches the range with it.
        d.range_rad *= t.angle_rad / d.angle_rad;
        d.angle_rad = t.angle_rad;
        return choice::judge(d, *stock.tables.at(stock.spools[static_cast<std::size_t>(t.spool)].material), bundleOf(t),
                             stock.calibrationOf(t.spool));
    };
    const auto bend = [&](const Tried& t) {
        return wire::GapBend{t.gap_mm, t.angle_rad, t.angle_rad, t.edge, demand().set_rad};
    };
    m_gapView->show(
        {bundleOf(m_tried), bend(m_tried), metalOf(m_document.report().stock.tableOf(m_tried.spool).card())},
        {bundleOf(m_present), bend(m_present)});
    m_strandsText->setText(
        m_tried.strands == 1 ? tr("1")
                             : tr("%1 × %2").arg(m_tried.strands).arg(Text::number(bundleOf(m_tried).diameter_mm, 1)));
    m_layText->setText(m_tried.strands == 1  ? tr("–")
                       : m_tried.lay_mm <= 0 ? tr("parallel")
                                             : Text::length(m_tried.lay_mm));
    m_gapText->setText(Text::length(m_tried.gap_mm));
    m_angleText->setText(Text::degrees(m_tried.angle_rad));

    const choice::Verdict now = judged(m_tried), was = judged(m_present);
    const bool valid = now.bend.status != wire::BendStatus::too_tight;
    const auto row = [](const QString& name, const QString& a, const QString& b, const QString& c) {
        return QString("<tr><td>%1&nbsp;&nbsp;</td><td align='right'><b>%2</b>&nbsp;&nbsp;</td><td "
                       "align='right'>%3&nbsp;&nbsp;</td><td align='right'>%4</td></tr>")
            .arg(name, a, b, c);
    };
    const choice::Demand& d = demand();
    QString table = row(QString(), tr("tried"), tr("is"), tr("wanted"));
    if (valid) {
        table += row(tr("holds, N·mm"), Text::figure(now.bend.hold_Nmm), Text::figure(was.bend.hold_Nmm),
                     tr("≥ %1").arg(Text::figure(d.needed_Nmm)));
        table += row(tr("takes to bend, N"), Text::figure(now.effort_N), Text::figure(was.effort_N),
                     tr("≤ %1").arg(Text::figure(d.effortLimit_N())));
        table += row(tr("springs back"), Text::degrees(now.bend.springback_rad, 1),
                     Text::degrees(was.bend.springback_rad, 1), tr("≤ %1").arg(Text::degrees(d.springLimit_rad, 1)));
        table += row(tr("lasts, s of film"), Text::figure(now.life_s), Text::figure(was.life_s),
                     tr("≥ %1").arg(Text::figure(d.needFilm_s)));
        table += row(tr("spent by twisting"), tr("%1 %").arg(Text::number(100 * now.bend.twistDamage, 0)),
                     tr("%1 %").arg(Text::number(100 * was.bend.twistDamage, 0)), tr("≤ 50 %"));
        m_numbers->setText("<table>" + table + "</table>");
    } else {
        m_numbers->setText(
            tr("<b>Too tight:</b> the outer fibre would stretch by %1 %; no number here is good beyond 20 %. A longer "
               "gap, a thinner strand or a smaller angle.")
                .arg(Text::number(100 * m_tried.angle_rad / m_tried.gap_mm * bundleOf(m_tried).diameter_mm / 2, 0)));
    }

    QStringList words{
        Text::whyLay(bundleOf(m_tried), std::isnan(now.bend.bent_mm) ? m_tried.gap_mm : now.bend.bent_mm.value)};
    if (valid) {
        Tried hard = m_tried, eased = m_tried;
        hard.edge = wire::kHardEdge, eased.edge = wire::kEasedEdge;
        words << tr("A hard edge gives %1 s of film here, an eased one %2 s.")
                     .arg(Text::figure(judged(hard).life_s), Text::figure(judged(eased).life_s));
        const auto table2 = stock.tables.at(stock.spools[static_cast<std::size_t>(m_tried.spool)].material);
        const wire::HoldRange range = wire::calcHoldRange(
            wire::calcLastTouch(*table2, bundleOf(m_tried), bend(m_tried)), stock.calibrationOf(m_tried.spool));
        const int hangs = stock.calibrationOf(m_tried.spool).hangTests;
        words << tr("Last touch (an estimate%1): settled in the direction of its load it holds about %2 N·mm, left the "
                    "other way about %3. Finish a move by settling the joint along its load.")
                     .arg(hangs ? tr(", %1 hang tests").arg(hangs) : QString(), Text::figure(range.with_Nmm),
                          Text::figure(range.against_Nmm));
    }
    m_words->setText(words.join(" "));
    m_use->setEnabled(valid && !(m_tried == m_present));
    m_reset->setEnabled(!(m_tried == m_present));
}

void LensTab::use() {
    if (!isNow()) return;
    const body::Limb& limb = m_document.puppet().limbs[static_cast<std::size_t>(m_limb)];
    const std::string limbId = limb.id, joint = limb.joints[static_cast<std::size_t>(demand().joint)].id;
    const wire::Bundle b = bundleOf(m_tried);
    const body::WirePick pick{m_document.production().stock.spools[static_cast<std::size_t>(m_tried.spool)].id,
                              b.strands, b.lay_mm};
    const Tried t = m_tried;
    const bool angled = t.angle_rad != m_present.angle_rad;
    const auto ranges = std::pair{limb.joints[static_cast<std::size_t>(demand().joint)].low_rad,
                                  limb.joints[static_cast<std::size_t>(demand().joint)].high_rad};
    const double stretch = t.angle_rad / m_present.angle_rad;
    m_document.change(tr("From the lens: %1, gap %2")
                          .arg(Text::wire(b, cardName(m_document.production(), m_document.report(), t.spool)),
                               Text::length(t.gap_mm)),
                      [&](const document::Edits& e) {
                          return e.chain({[&](const document::Edits& x) { return x.setPick(limbId, pick); },
                                          [&](const document::Edits& x) { return x.setGap(limbId, joint, t.gap_mm); },
                                          [&](const document::Edits& x) { return x.setEdge(limbId, joint, t.edge); },
                                          [&](const document::Edits& x) {
                                              return angled ? x.setRange(limbId, joint, ranges.first * stretch,
                                                                         ranges.second * stretch)
                                                            : x.setEdge(limbId, joint, t.edge);
                                          }});
                      });
}

} // namespace enkinet::app
