// The wire on paper: to cut and twist, for the wall, from which length.
#include "base/units.h"
#include "print/sheet_pages.h"
#include "words/text.h"
#include <algorithm>
#include <cmath>

namespace enkinet::app {

void WirePages::draw() {
    wallPage();
    wirePage();
    cuttingPage();
}

void WirePages::wirePage() {
    m_pages.next(tr("wire"));
    const QRectF a = m_pages.area();
    m_pages.text(a.left(), a.top() + 7, tr("Wire to cut and twist"), 7, true);
    double y = a.top() + 14;
    for (const choice::Cut& c : m_r.cuts) {
        const body::Limb& limb = m_puppet.limbs[static_cast<std::size_t>(c.limb)];
        const choice::LimbChoice& l = m_r.choice.limbs[static_cast<std::size_t>(c.limb)];
        if (y + 27 > a.bottom()) {
            m_pages.next(tr("wire"));
            y = a.top() + 4;
        }
        m_pages.line(a.left(), y, a.right(), y, 0.15, kGrey);
        drawSection(m_pages.painter(), {a.left() + 9, y + 11}, c.bundle,
                    std::min(1.9, 14 / wire::findBundleDiameter(c.bundle)), metalOf(m_r.stock.tableOf(c.spool).card()));
        const double x = a.left() + 20;
        m_pages.fitText(x, y + 6, 62,
                        QString::fromStdString(limb.name) + (c.copies > 1 ? tr(", left and right") : QString()), 4.2,
                        true);
        m_pages.fitText(
            a.left() + 84, y + 6, a.width() - 84,
            Text::limbWire(limb, l, l.candidates()[static_cast<std::size_t>(l.chosen)],
                           cardName(m_production, m_r, c.spool)) +
                tr(" · spool %1").arg(Text::spool(m_production.stock.spools[static_cast<std::size_t>(c.spool)])),
            3.6);
        QStringList each;
        for (const choice::StrandGroup& g : c.groups) {
            QString piece = tr("%1 × %2 mm").arg(g.pieces * c.copies).arg(Text::number(g.piece_mm, 0));
            if (g.folded) piece += tr(" doubled back");
            if (&g != &c.groups.front()) piece += tr(" (ends %1 mm from the root)").arg(Text::number(g.finished_mm, 0));
            each << piece;
        }
        const QString pieces = tr("cut %1").arg(each.join(tr(" and ")));
        m_pages.fitText(x, y + 11.5, a.right() - x, pieces, 3.4);
        m_pages.fitText(
            x, y + 16.5, a.right() - x,
            c.turns > 0
                ? tr("both ends gripped, count %1 turns (8 % give back), all the same hand; finished length %2 mm")
                      .arg(Text::number(c.turns, 1), Text::number(c.finished_mm, 0))
                : tr("straight; finished length %1 mm").arg(Text::number(c.finished_mm, 0)),
            3.4);
        QString judged = Text::state(l.state);
        if (l.worst >= 0) {
            const choice::Demand& d = l.demands[static_cast<std::size_t>(l.worst)];
            const choice::Verdict& v = l.verdicts[static_cast<std::size_t>(l.worst)];
            judged = tr("%1 %2: %3; lasts %4 of %5 s")
                         .arg(QString::fromStdString(limb.joints[static_cast<std::size_t>(d.joint)].name),
                              Text::state(l.state),
                              Text::verdict(l.state, d, v,
                                            choice::findTrial(l, l.candidates()[static_cast<std::size_t>(l.chosen)],
                                                              static_cast<std::size_t>(l.worst))
                                                .bundle),
                              Text::figure(v.life_s), Text::figure(d.needFilm_s));
        }
        m_pages.fitText(x, y + 21.5, a.right() - x, judged, 3.4, l.state != choice::State::holds,
                        l.state == choice::State::holds ? kGrey : kWarn);
        y += 26;
    }
    m_pages.paragraph({a.left(), y + 3, a.width(), 30},
                      Text::caution(make::Caution::eyes) + " " + Text::caution(make::Caution::eyes_and_snips), 3.3,
                      kWarn);
}

/// The table for the wall: one line a limb.
void WirePages::wallPage() {
    m_pages.next(tr("table for the wall"));
    const QRectF a = m_pages.area();
    m_pages.text(a.left(), a.top() + 7, tr("%1 for the wall").arg(QString::fromStdString(m_puppet.name)), 7, true);
    const double columns[] = {0, 32, 80, 90, 124, 136, 148};
    const QString heads[] = {tr("limb"), tr("wire"),    tr("lay"),           tr("holds of needed, N·mm"),
                             tr("hand"), tr("film, s"), tr("first to break")};
    const double k = a.width() / 190;
    double y = a.top() + 15;
    for (std::size_t i = 0; i < std::size(heads); ++i)
        m_pages.fitText(a.left() + k * columns[i], y,
                        (i + 1 < std::size(heads) ? k * columns[i + 1] : a.width()) - k * columns[i] - 1, heads[i], 3,
                        true, kGrey);
    for (const choice::LimbChoice& l : m_r.choice.limbs) {
        if (y + 16 > a.bottom()) {
            m_pages.next(tr("table for the wall"));
            y = a.top() + 4;
        }
        y += 6.5;
        m_pages.line(a.left(), y - 4.6, a.right(), y - 4.6, 0.1, kGrey);
        const body::Limb& limb = m_puppet.limbs[static_cast<std::size_t>(l.limb)];
        const QString name = QString::fromStdString(limb.name);
        m_pages.fitText(a.left(), y, k * columns[1] - 1, limb.mirrored ? tr("%1 ×2").arg(name) : name, 3.2, true);
        if (l.chosen < 0) {
            m_pages.text(a.left() + k * columns[1], y, Text::noWire(l.reason), 3.2);
            continue;
        }
        const choice::Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
        QString strands = QString::number(c.bundle.strands);
        for (const choice::Ending& e : choice::findEndings(l, c))
            strands += tr("→%1").arg(e.strands);
        m_pages.fitText(a.left() + k * columns[1], y, k * (columns[2] - columns[1]) - 1,
                        tr("%1 of %2 mm %3")
                            .arg(strands, Text::number(c.bundle.diameter_mm, 1),
                                 QString::fromStdString(cardName(m_production, m_r, c.spool))),
                        3.2);
        m_pages.text(a.left() + k * columns[2], y, c.bundle.lay_mm > 0 ? Text::number(c.bundle.lay_mm, 1) : tr("–"),
                     3.2);
        if (l.verdicts.empty()) continue;
        std::size_t tight = 0, first = 0;
        double hand = 0;
        for (std::size_t i = 0; i < l.verdicts.size(); ++i) {
            const auto held = static_cast<std::size_t>(choice::State::slack),
                       lasts = static_cast<std::size_t>(choice::State::tired);
            if (l.verdicts[i].margin[held] < l.verdicts[tight].margin[held]) tight = i;
            if (l.verdicts[i].margin[lasts] < l.verdicts[first].margin[lasts]) first = i;
            if (std::isfinite(l.verdicts[i].effort_N)) hand = std::max(hand, l.verdicts[i].effort_N.value);
        }
        // Each figure is of the joint that it is tightest at, and says which.
        m_pages.fitText(
            a.left() + k * columns[3], y, k * (columns[4] - columns[3]) - 1,
            tr("%1 of %2, %3")
                .arg(Text::figure(l.verdicts[tight].bend.hold_Nmm), Text::figure(l.demands[tight].needed_Nmm),
                     QString::fromStdString(limb.joints[static_cast<std::size_t>(l.demands[tight].joint)].name)),
            3.2);
        m_pages.text(a.left() + k * columns[4], y, tr("%1 g").arg(Text::number(hand / kNewtonPerGram, 0)), 3.2);
        m_pages.text(a.left() + k * columns[5], y, Text::figure(l.verdicts[first].life_s), 3.2);
        m_pages.fitText(a.left() + k * columns[6], y, a.right() - a.left() - k * columns[6],
                        tr("%1 · %2").arg(
                            QString::fromStdString(limb.joints[static_cast<std::size_t>(l.demands[first].joint)].name),
                            Text::state(l.state)),
                        3.2, false, l.state == choice::State::holds ? kInk : kWarn);
    }
    y += 8;
    m_pages.paragraph(
        {a.left(), y, a.width(), 30},
        tr("%1 Film: seconds that nine joints in ten reach. Hand: at the grip of the joint that takes most. %2")
            .arg(Text::chance(m_puppet, m_r.choice), Text::footing(m_r.choice)),
        3.2, kGrey);
}

/// Which piece comes from which length, and a label to tie on each.
void WirePages::cuttingPage() {
    if (m_r.cutPlan.empty()) return;
    m_pages.next(tr("cutting"));
    const QRectF a = m_pages.area();
    m_pages.text(a.left(), a.top() + 7, tr("What is cut from what"), 7, true);
    double y = a.top() + 14;
    const auto limbOf = [&](const choice::PieceRef& piece) {
        const choice::Cut& c = m_r.cuts[static_cast<std::size_t>(piece.cut)];
        return QString::fromStdString(m_puppet.limbs[static_cast<std::size_t>(c.limb)].name);
    };
    for (const choice::SpoolPlan& plan : m_r.cutPlan) {
        const document::Spool& spool = m_production.stock.spools[static_cast<std::size_t>(plan.spool)];
        m_pages.text(
            a.left(), y,
            tr("%1: %2 mm off the roll, %3 mm scrap")
                .arg(Text::spool(spool), Text::number(plan.sawing.roll_mm, 0), Text::number(plan.sawing.scrap_mm, 0)),
            3.6, true);
        y += 2;
        for (const solve::Sawn& one : plan.sawing.lengths) {
            QStringList pieces;
            for (int i : one.pieces) {
                const choice::PieceRef& piece = plan.pieces[static_cast<std::size_t>(i)];
                pieces << tr("%1 %2").arg(limbOf(piece), Text::number(piece.length_mm, 0));
            }
            const QString from = one.length < 0 ? tr("off the roll")
                                                : tr("from an offcut, rest %1 mm").arg(Text::number(one.left_mm, 0));
            y += m_pages.paragraph({a.left() + 4, y, a.width() - 4, 60}, tr("%1: %2").arg(from, pieces.join(tr(", "))),
                                   3.1) +
                 1;
        }
        y += 6;
        if (y + 20 > a.bottom()) {
            m_pages.next(tr("cutting"));
            y = a.top() + 8;
        }
    }
    m_pages.text(a.left(), y + 2, tr("Labels to tie on"), 4.4, true);
    y += 5;
    const double w = a.width() / 4, h = 17;
    int n = 0;
    for (const choice::SpoolPlan& plan : m_r.cutPlan)
        for (const choice::PieceRef& piece : plan.pieces) {
            if (n % 4 == 0 && n > 0) y += h;
            if (y + h > a.bottom()) {
                m_pages.next(tr("labels"));
                y = a.top();
            }
            const double x = a.left() + w * (n++ % 4);
            for (const auto& [x0, y0, x1, y1] :
                 {std::tuple{x, y, x + w, y}, {x, y, x, y + h}, {x + w, y, x + w, y + h}, {x, y + h, x + w, y + h}})
                m_pages.line(x0, y0, x1, y1, 0.1, kGrey, Qt::DashLine);
            m_pages.painter().setPen(QPen(kGrey, 0.2));
            m_pages.painter().setBrush(Qt::NoBrush);
            m_pages.painter().drawEllipse(QPointF(x + 4, y + h / 2), 1.5, 1.5);
            m_pages.text(x + 8, y + 5.5, limbOf(piece), 3, true);
            m_pages.text(x + 8, y + 9.8, tr("%1 mm").arg(Text::number(piece.length_mm, 0)), 3);
            m_pages.text(x + 8, y + 14, Text::spool(m_production.stock.spools[static_cast<std::size_t>(plan.spool)]),
                         2.8, false, kGrey);
        }
}

} // namespace enkinet::app
