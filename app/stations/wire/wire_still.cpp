// The answer for a limb that nothing poses: whether its bare wire carries raw clay.
#include "stations/wire/remedies_list.h"
#include "stations/wire/wire_page.h"
#include "widgets/answer.h"
#include "widgets/fields.h"
#include "widgets/look.h"
#include "words/text.h"
#include <QLabel>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

void WirePage::showStill(const results::Report& r, const choice::LimbChoice& l) {
    using choice::StillLimit;
    const body::Limb& limb = document().puppet().limbs[static_cast<std::size_t>(l.limb)];
    const choice::StillVerdict& v = l.stillVerdicts[static_cast<std::size_t>(l.worstStill)];
    const choice::StillDemand& d = l.still[static_cast<std::size_t>(l.worstStill)];
    const choice::Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
    const bool holds = v.holds();
    m_head->show(Text::capital(limb.name), tr("nothing is posed: its wire carries raw clay"),
                 holds ? tr("The bare wire keeps its shape under raw clay and a tool, with %1 % to spare.")
                             .arg(Text::number(100 * (v.least() - 1), 0))
                       : tr("The bare wire does not keep its shape in the %1 until the clay is cured.")
                             .arg(QString::fromStdString(limb.segments[static_cast<std::size_t>(v.segment)].name)));
    m_head->setStamp(Text::state(holds ? choice::State::holds : choice::State::slack),
                     stateColour(static_cast<int>(holds ? choice::State::holds : choice::State::slack)));
    double weight = 0, press = 0;
    for (const choice::StillPart& p : d.parts)
        weight = std::max(weight, choice::kStillFactor * p.weight_Nmm), press = std::max(press, p.press_Nmm);
    const QColor slack = stateColour(static_cast<int>(choice::State::slack));
    const auto margin = [&](StillLimit of) { return v.margin[static_cast<std::size_t>(of)].value; };
    std::vector<LimitTable::Row> rows;
    rows.push_back({tr("carries"), tr("%1 N·mm").arg(Text::figure(v.proof_Nmm)),
                    tr("weight asks %1").arg(Text::figure(weight)), margin(StillLimit::weight), true, slack});
    rows.push_back({tr("pressed"), tr("%1 N·mm").arg(Text::figure(v.proof_Nmm)),
                    tr("it asks %1").arg(Text::figure(press)), margin(StillLimit::press), true, slack});
    rows.push_back({tr("bends down"), Text::length(v.droop_mm, 2),
                    tr("at most %1").arg(Text::length(v.droopLimit_mm, 1)), margin(StillLimit::droop), false, slack});
    if (d.thrust_N > 0)
        rows.push_back({tr("upright"), tr("%1 N").arg(Text::figure(v.folds_N)),
                        tr("%1 stand on it").arg(Text::figure(choice::kStillFactor * d.thrust_N)),
                        margin(StillLimit::buckles), true, slack});
    m_body->show();
    m_waysOut->show();
    m_whyText->hide(), m_remedies->hide();
    m_limits->show(rows);
    QStringList words;
    if (!holds) {
        // As moments grow with the cube of the gauge, and droop and folding with its fourth power.
        const bool stiffness = v.governs == StillLimit::droop || v.governs == StillLimit::buckles;
        const double thicker = c.bundle.diameter_mm * std::pow(1 / v.least(), stiffness ? 0.25 : 1 / 3.0);
        words << tr("What would work: the same wire from %1; stiffened by putty, a tube or a tight binding; or propped "
                    "until it is cured, %2 above the base, %3 to the front.")
                     .arg(Text::diameter(thicker), Text::length(d.prop.y, 0), Text::length(d.prop.z, 0));
        if (c.bundle.strands > 1 && c.bundle.lay_mm <= 0)
            words << tr("Spun in the drill it is several times as firm as straight.");
    }
    words
        << tr("A tool presses with %1 N at its far end, weight counts one and a half times. Typical figures; hang what "
              "it will carry on a piece of this wire, and look.")
               .arg(Text::figure(load::kSculptPress_N));
    m_quiet->setText(words.join(" "));
    m_wireFold->show();
    m_wireFold->setLine(Text::limbWire(limb, l, c, cardName(document().production(), r, c.spool)));
    m_choiceText->setText(Text::wireReason(l.reason));
    m_why->setText({});
    m_stiffRow->show();
    m_stiff->show({{tr("nothing: bare wire"), static_cast<int>(body::Stiffening::none)},
                   {tr("putty"), static_cast<int>(body::Stiffening::putty)},
                   {tr("a tube"), static_cast<int>(body::Stiffening::tube)},
                   {tr("a tight binding"), static_cast<int>(body::Stiffening::bound)}},
                  static_cast<int>(limb.segments.front().stiffening == body::Stiffening::usual
                                       ? body::Stiffening::none
                                       : limb.segments.front().stiffening));
}

} // namespace enkinet::app
