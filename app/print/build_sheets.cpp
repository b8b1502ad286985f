#include "print/build_sheets.h"
#include "base/units.h"
#include "document/document.h"
#include "print/gate_pages.h"
#include "print/pages.h"
#include "sheet/elevation.h"
#include "widgets/look.h"
#include "words/say.h"
#include <QFileInfo>
#include <QLocale>
#include <QPdfWriter>
#include <cmath>

namespace enkinet::app {

namespace {

constexpr double kRim = 6;      ///< what a printer leaves white all round, mm
constexpr double kLabel = 2.5;  ///< height of a mark's words, mm
constexpr double kOverlap = 10; ///< of neighbouring tiles, mm

class Drawer {
    Q_DECLARE_TR_FUNCTIONS(enkinet::app::BuildSheets)
public:
    Drawer(const document::Production& production, const body::Puppet& puppet, const results::Report& report,
           const results::ProductionResult& result, QPagedPaintDevice& device)
        : m_production(production), m_puppet(puppet), m_r(report), m_all(result),
          m_pages(device, tr("%1, %2 · measures in mm")
                              .arg(QString::fromStdString(puppet.name), QString::fromStdString(production.name))) {}

    void cover() {
        m_pages.next(tr("cover"));
        const QRectF a = m_pages.area();
        m_pages.text(a.left(), a.top() + 9, QString::fromStdString(m_puppet.name), 10, true);
        m_pages.text(a.left(), a.top() + 16,
                     tr("%1 · %2 · %3")
                         .arg(QString::fromStdString(m_puppet.kind), Say::length(m_puppet.height_mm, 0),
                              QString::fromStdString(m_production.name)),
                     4, false, kGrey);
        // Both elevations, as large as half the page takes.
        double y = a.top() + 22;
        const Elevation front(m_puppet, m_production, m_r, View::front), side(m_puppet, m_production, m_r, View::side);
        if (!front.bounds().isEmpty()) {
            const double h = a.height() * 0.46, gap = 24;
            const double k = std::min(h / std::max(-front.bounds().top(), -side.bounds().top()),
                                      (a.width() - gap) / (front.bounds().width() + side.bounds().width()));
            double x = a.left() + (a.width() - gap - k * (front.bounds().width() + side.bounds().width())) / 2;
            for (const Elevation* e : {&front, &side}) {
                place(*e, QPointF(x - k * e->bounds().left(), y + h), k, Peel::clay);
                x += k * e->bounds().width() + gap;
            }
            m_pages.line(a.left(), y + h, a.right(), y + h, 0.4);
            y += h + 10;
        }
        const fill::Totals& t = m_r.choice.totals;
        double column = a.left();
        const double w = a.width() / 2 - 5;
        QStringList figures;
        figures << Say::weights(t);
        figures << tr("Centre of mass %1 above the base.").arg(Say::length(t.centre.y, 0));
        for (const fill::BakeBatch& b : m_r.bakes)
            figures
                << tr("Bake at %1 °C for %2; the %3 is slowest.")
                       .arg(Say::number(b.set_C, 0), Say::minutes(b.minutes),
                            QString::fromStdString(
                                m_r.choice
                                    .parts[static_cast<std::size_t>(b.parts[static_cast<std::size_t>(b.slowest)].part)]
                                    .label));
        figures << tr("Work %1; from first cut to last %2.")
                       .arg(Say::minutes(m_r.plan.hands_min), Say::minutes(m_r.plan.elapsed_min));
        figures << tr("Material used %1; to buy for the whole production %2.")
                       .arg(Say::money(m_r.price, m_production.currency),
                            Say::money(m_all.shopping.buyPrice, m_production.currency));
        figures << Say::chance(m_puppet, m_r.choice);
        m_pages.text(column, y, tr("Figures"), 4.4, true);
        double at = y + 3;
        for (const QString& f : figures)
            at += m_pages.paragraph({column, at, w, 40}, f, 3.3) + 1.2;
        m_pages.text(column, at + 6, tr("Open points"), 4.4, true);
        at += 9;
        int open = 0, rest = 0;
        std::vector<results::OpenPoint> points = m_r.open;
        points.insert(points.end(), m_all.open.begin(), m_all.open.end());
        for (const results::OpenPoint& p : points) {
            ++open;
            // As many as the page has room for, and a line for the rest.
            if (open > 9 || at + 14 > a.bottom()) {
                ++rest;
                continue;
            }
            at += m_pages.paragraph({column, at, w, 40}, "· " + Say::openPoint(p), 3.1, kWarn) + 0.8;
        }
        if (open == 0) m_pages.paragraph({column, at, w, 20}, tr("None."), 3.3);
        if (rest > 0) m_pages.paragraph({column, at, w, 20}, tr("and %1 more on screen").arg(rest), 3.1, kGrey);
        column = a.left() + a.width() / 2 + 5;
        m_pages.text(column, y, tr("Take care"), 4.4, true);
        at = y + 3;
        for (make::Caution c : {make::Caution::eyes, make::Caution::gloves_air, make::Caution::air_oven,
                                make::Caution::air_spray, make::Caution::blade})
            at += m_pages.paragraph({column, at, w, 40}, "· " + Say::caution(c), 3.1) + 1.4;
        at += m_pages.paragraph(
            {column, at + 1, w, 40},
            tr("The product's own sheet, local rules and trained people come before anything printed here."), 3.1,
            kWarn);
        m_pages.paragraph({column, at + 4, w, 40},
                          tr("Lives are those that nine joints in ten reach. They rest on table values of the wire "
                             "until one of yours has been tested."),
                          3.1, kGrey);
    }

    void wirePage() {
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
                        std::min(1.9, 14 / wire::findBundleDiameter(c.bundle)),
                        metalOf(m_r.stock.tableOf(c.spool).card()));
            const double x = a.left() + 20;
            m_pages.fitText(x, y + 6, 62,
                            QString::fromStdString(limb.name) + (c.copies > 1 ? tr(", left and right") : QString()),
                            4.2, true);
            m_pages.fitText(
                a.left() + 84, y + 6, a.width() - 84,
                Say::limbWire(limb, l, l.candidates()[static_cast<std::size_t>(l.chosen)],
                              cardName(m_production, m_r, c.spool)) +
                    tr(" · spool %1")
                        .arg(QString::fromStdString(m_production.stock.spools[static_cast<std::size_t>(c.spool)].name)),
                3.6);
            QStringList each;
            for (const choice::StrandGroup& g : c.groups) {
                QString piece = tr("%1 × %2 mm").arg(g.pieces * c.copies).arg(Say::number(g.piece_mm, 0));
                if (g.folded) piece += tr(" doubled back");
                if (&g != &c.groups.front())
                    piece += tr(" (ends %1 mm from the root)").arg(Say::number(g.finished_mm, 0));
                each << piece;
            }
            const QString pieces = tr("cut %1").arg(each.join(tr(" and ")));
            m_pages.fitText(x, y + 11.5, a.right() - x, pieces, 3.4);
            m_pages.fitText(
                x, y + 16.5, a.right() - x,
                c.turns > 0
                    ? tr("both ends gripped, count %1 turns (8 % give back), all the same hand; finished length %2 mm")
                          .arg(Say::number(c.turns, 1), Say::number(c.finished_mm, 0))
                    : tr("straight; finished length %1 mm").arg(Say::number(c.finished_mm, 0)),
                3.4);
            QString judged = Say::state(l.state);
            if (l.worst >= 0) {
                const choice::Demand& d = l.demands[static_cast<std::size_t>(l.worst)];
                const choice::Verdict& v = l.verdicts[static_cast<std::size_t>(l.worst)];
                judged = tr("%1 %2: %3; lasts %4 of %5 s")
                             .arg(QString::fromStdString(limb.joints[static_cast<std::size_t>(d.joint)].name),
                                  Say::state(l.state),
                                  Say::verdict(l.state, d, v,
                                               choice::findTrial(l, l.candidates()[static_cast<std::size_t>(l.chosen)],
                                                                 static_cast<std::size_t>(l.worst))
                                                   .bundle),
                                  Say::figure(v.life_s), Say::figure(d.needFilm_s));
            }
            m_pages.fitText(x, y + 21.5, a.right() - x, judged, 3.4, l.state != choice::State::holds,
                            l.state == choice::State::holds ? kGrey : kWarn);
            y += 26;
        }
        m_pages.paragraph({a.left(), y + 3, a.width(), 30},
                          Say::caution(make::Caution::eyes) + " " + Say::caution(make::Caution::eyes_and_snips), 3.3,
                          kWarn);
    }

    /// The table for the wall: one line a limb.
    void wallPage() {
        m_pages.next(tr("table for the wall"));
        const QRectF a = m_pages.area();
        m_pages.text(a.left(), a.top() + 7, tr("%1 for the wall").arg(QString::fromStdString(m_puppet.name)), 7, true);
        const double columns[] = {0, 32, 80, 90, 124, 136, 148};
        const QString heads[] = {tr("limb"), tr("wire"),    tr("lay"),           tr("holds of needed, N·mm"),
                                 tr("hand"), tr("film, s"), tr("first to break")};
        const double k = a.width() / 190;
        double y = a.top() + 15;
        for (std::size_t i = 0; i < std::size(heads); ++i)
            m_pages.text(a.left() + k * columns[i], y, heads[i], 3, true, kGrey);
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
                m_pages.text(a.left() + k * columns[1], y,
                             l.reason.needed() ? tr("no wire in stock") : tr("needs no wire"), 3.2);
                continue;
            }
            const choice::Candidate& c = l.candidates()[static_cast<std::size_t>(l.chosen)];
            QString strands = QString::number(c.bundle.strands);
            for (const choice::Ending& e : choice::findEndings(l, c))
                strands += tr("→%1").arg(e.strands);
            m_pages.fitText(a.left() + k * columns[1], y, k * (columns[2] - columns[1]) - 1,
                            tr("%1 of %2 mm %3")
                                .arg(strands, Say::number(c.bundle.diameter_mm, 1),
                                     QString::fromStdString(cardName(m_production, m_r, c.spool))),
                            3.2);
            m_pages.text(a.left() + k * columns[2], y, c.bundle.lay_mm > 0 ? Say::number(c.bundle.lay_mm, 1) : tr("–"),
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
            m_pages.text(
                a.left() + k * columns[3], y,
                tr("%1 of %2")
                    .arg(Say::figure(l.verdicts[tight].bend.hold_Nmm), Say::figure(l.demands[tight].needed_Nmm)),
                3.2);
            m_pages.text(a.left() + k * columns[4], y, tr("%1 g").arg(Say::number(hand / kNewtonPerGram, 0)), 3.2);
            m_pages.text(a.left() + k * columns[5], y, Say::figure(l.verdicts[first].life_s), 3.2);
            m_pages.fitText(a.left() + k * columns[6], y, a.right() - a.left() - k * columns[6],
                            tr("%1 · %2").arg(QString::fromStdString(
                                                  limb.joints[static_cast<std::size_t>(l.demands[first].joint)].name),
                                              Say::state(l.state)),
                            3.2, false, l.state == choice::State::holds ? kInk : kWarn);
        }
        y += 8;
        m_pages.paragraph(
            {a.left(), y, a.width(), 30},
            tr("%1 Film: seconds that nine joints in ten reach. Hand: at the grip of the joint that takes most. %2")
                .arg(Say::chance(m_puppet, m_r.choice), Say::footing(m_r.choice)),
            3.2, kGrey);
    }

    /// Which piece comes from which length, and a label to tie on each.
    void cuttingPage() {
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
            m_pages.text(a.left(), y,
                         tr("%1: %2 mm off the roll, %3 mm scrap")
                             .arg(QString::fromStdString(spool.name), Say::number(plan.sawing.roll_mm, 0),
                                  Say::number(plan.sawing.scrap_mm, 0)),
                         3.6, true);
            y += 2;
            for (const choice::Sawn& one : plan.sawing.lengths) {
                QStringList pieces;
                for (int i : one.pieces) {
                    const choice::PieceRef& piece = plan.pieces[static_cast<std::size_t>(i)];
                    pieces << tr("%1 %2").arg(limbOf(piece), Say::number(piece.length_mm, 0));
                }
                const QString from = one.offcut < 0 ? tr("off the roll")
                                                    : tr("from an offcut, rest %1 mm").arg(Say::number(one.left_mm, 0));
                y += m_pages.paragraph({a.left() + 4, y, a.width() - 4, 60},
                                       tr("%1: %2").arg(from, pieces.join(tr(", "))), 3.1) +
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
                m_pages.text(x + 8, y + 9.8, tr("%1 mm").arg(Say::number(piece.length_mm, 0)), 3);
                m_pages.text(
                    x + 8, y + 14,
                    QString::fromStdString(m_production.stock.spools[static_cast<std::size_t>(plan.spool)].name), 2.8,
                    false, kGrey);
            }
    }

    void gatePages() { drawGatePages(m_pages, m_r); }

    /// The covers' patterns at 1:1, back of the cloth up.
    void patternPages() {
        if (m_r.patterns.empty()) return;
        const QRectF a = m_pages.area().adjusted(0, 16, 0, 0);
        double x = 1e9, y = 1e9, row = 0;
        QStringList large;
        std::vector<const fill::Pattern*> order;
        for (const fill::Pattern& p : m_r.patterns)
            order.push_back(&p);
        const auto boxOf = [](const fill::Pattern& p) {
            QPolygonF poly;
            for (const fill::FlatPoint& q : p.cut)
                poly << QPointF(q.x, -q.y);
            return poly.boundingRect();
        };
        std::stable_sort(order.begin(), order.end(),
                         [&](const auto* p, const auto* q) { return boxOf(*p).height() > boxOf(*q).height(); });
        const auto page = [&] {
            m_pages.next(tr("cover patterns"));
            const QRectF all = m_pages.area();
            m_pages.text(
                all.left(), all.top() + 5,
                tr("Cover, 1:1, back of the cloth up: cut the full line from the back with a blade away from the "
                   "hand, sew the dashed one; the arrow is the pile"),
                3);
            checkBar(all.left(), all.top() + 9);
            x = a.left(), y = a.top(), row = 0;
        };
        for (const fill::Pattern* p : order) {
            const QRectF box = boxOf(*p);
            if (box.width() > a.width() || box.height() > a.height()) {
                large << QString::fromStdString(p->label);
                continue;
            }
            if (x > 1e8) page();
            if (x + box.width() > a.right()) x = a.left(), y += row + 4, row = 0;
            if (y + box.height() > a.bottom()) page();
            QPainter& painter = m_pages.painter();
            const QPointF shift = QPointF(x, y) - box.topLeft();
            const auto outline = [&](const std::vector<fill::FlatPoint>& line, Qt::PenStyle style) {
                QPolygonF poly;
                for (const fill::FlatPoint& q : line)
                    poly << QPointF(q.x, -q.y) + shift;
                painter.setPen(QPen(kInk, 0.25, style));
                painter.setBrush(Qt::NoBrush);
                painter.drawPolygon(poly);
            };
            outline(p->cut, Qt::SolidLine);
            outline(p->outline, Qt::DashLine);
            const QPointF from = QPointF(p->pileFrom.x, -p->pileFrom.y) + shift,
                          to = QPointF(p->pileTo.x, -p->pileTo.y) + shift;
            m_pages.line(from.x(), from.y(), to.x(), to.y(), 0.25);
            m_pages.line(to.x(), to.y(), to.x() - 1.5, to.y() + 2.5, 0.25);
            m_pages.line(to.x(), to.y(), to.x() + 1.5, to.y() + 2.5, 0.25);
            const QString words = p->pieces > 1 ? tr("%1 × %2").arg(QString::fromStdString(p->label)).arg(p->pieces)
                                                : QString::fromStdString(p->label);
            m_pages.text(from.x() - m_pages.widthOf(words, 2.6) / 2, from.y() + 4, words, 2.6);
            x += box.width() + 4, row = std::max(row, box.height());
        }
        if (!large.isEmpty()) {
            if (x > 1e8) page();
            m_pages.paragraph({a.left(), m_pages.area().bottom() - 8, a.width(), 8},
                              tr("Larger than this paper, in the SVG and DXF: %1.").arg(large.join(tr(", "))), 2.8,
                              kWarn);
        }
    }

    void elevations() {
        for (View view : {View::front, View::side}) {
            const Elevation e(m_puppet, m_production, m_r, view, true);
            if (e.bounds().isEmpty()) continue;
            tiles(e, view == View::front ? tr("front, 1:1") : tr("side, 1:1"));
        }
    }

    void strips() {
        const QString title = tr("marking strips, 1:1");
        QRectF a = m_pages.area();
        double y = 1e9;
        for (const choice::Cut& c : m_r.cuts) {
            // A wire that is a little longer than the text is wide goes out to the paper's rim, before it is broken.
            const bool toRim = c.finished_mm > a.width() - 6 && c.finished_mm <= m_pages.paper().width() - 2 * kRim;
            const double wide = toRim ? c.finished_mm : a.width() - 6;
            const int rows = std::max(1, static_cast<int>(std::ceil(c.finished_mm / wide - 1e-9)));
            for (int row = 0; row < rows; ++row) {
                const double from = row * wide, to = std::min(c.finished_mm, from + wide);
                const double x0 = toRim ? (m_pages.paper().width() - c.finished_mm) / 2 : a.left() + 3;
                const std::vector<Label> labels = placeLabels(c, from, to, x0);
                int deep = 0;
                for (const Label& l : labels)
                    deep = std::max(deep, l.row);
                const double high = 24 + 3.2 * deep;
                if (y + high > a.bottom()) {
                    m_pages.next(title);
                    m_pages.text(a.left(), a.top() + 5,
                                 tr("Marking strips: lay the straight, twisted wire on the line and mark it"), 4.4,
                                 true);
                    checkBar(a.left(), a.top() + 9);
                    y = a.top() + 20;
                }
                strip(c, row, rows, x0, y, labels);
                y += high;
            }
        }
    }

private:
    void place(const Elevation& e, const QPointF& origin, double scale, Peel peel) {
        QPainter& p = m_pages.painter();
        p.save();
        p.translate(origin);
        p.scale(scale, scale);
        // Line widths are given in screen pixels; a third of a millimetre a pixel reads well on paper.
        e.draw(p, peel, 4.5 / scale, {});
        p.restore();
    }

    void checkBar(double x, double y) {
        QPainter& p = m_pages.painter();
        p.setPen(Qt::NoPen);
        p.setBrush(Qt::black);
        p.drawRect(QRectF(x, y, 100, 2));
        m_pages.text(x + 102, y + 2, tr("this bar is 100 mm: measure it before you trust the page"), 2.8, false, kGrey);
    }

    void cross(const QPointF& at) {
        m_pages.line(at.x() - 4, at.y(), at.x() + 4, at.y(), 0.15);
        m_pages.line(at.x(), at.y() - 4, at.x(), at.y() + 4, 0.15);
    }

    void tiles(const Elevation& e, const QString& title) {
        const QRectF area = m_pages.area().adjusted(0, 8, 0, -2);
        double below = 2;
        for (const body::Limb& l : m_puppet.limbs)
            if (l.tieDown) below = std::max(below, l.tieDown->depth_mm + 2);
        const QRectF need = e.bounds().adjusted(-3, -3, 3, below);
        const double stepX = area.width() - kOverlap, stepY = area.height() - kOverlap;
        const int across = std::max(1, static_cast<int>(std::ceil((need.width() - kOverlap) / stepX))),
                  down = std::max(1, static_cast<int>(std::ceil((need.height() - kOverlap) / stepY)));
        // Centred when it fits on one page, else from the corner.
        const double spareX = across == 1 ? (area.width() - need.width()) / 2 : 0,
                     spareY = down == 1 ? (area.height() - need.height()) / 2 : 0;
        for (int j = 0; j < down; ++j)
            for (int i = 0; i < across; ++i) {
                m_pages.next(tr("%1, tile %2 of %3").arg(title).arg(j * across + i + 1).arg(across * down));
                checkBar(area.left(), area.top() - 6);
                QPainter& p = m_pages.painter();
                p.save();
                p.setClipRect(area);
                const QPointF origin =
                    area.topLeft() + QPointF(spareX - i * stepX, spareY - j * stepY) - need.topLeft();
                m_pages.line(area.left(), origin.y(), area.right(), origin.y(), 0.3);
                place(e, origin, 1, Peel::wire);
                joints(e.view(), origin, area);
                p.restore();
                // Marks where the neighbour's paper must lie: the same points of the drawing on both tiles.
                for (double x : {area.left() + kOverlap / 2, area.right() - kOverlap / 2})
                    for (double y : {area.top() + kOverlap / 2, area.bottom() - kOverlap / 2})
                        cross({x, y});
                if (i + 1 < across)
                    m_pages.line(area.right() - kOverlap / 2, area.top(), area.right() - kOverlap / 2, area.bottom(),
                                 0.1, kGrey, Qt::DashLine);
                if (j + 1 < down)
                    m_pages.line(area.left(), area.bottom() - kOverlap / 2, area.right(), area.bottom() - kOverlap / 2,
                                 0.1, kGrey, Qt::DashLine);
            }
    }

    /// Gaps and crosses of every joint; its name beside it where it is seen whole and lies on no other.
    void joints(View view, const QPointF& origin, const QRectF& area) {
        const auto& s = m_r.choice.rest;
        QPainter& p = m_pages.painter();
        std::vector<QRectF> taken;
        for (const body::Hinge& h : s.hinges) {
            const body::Limb& limb =
                m_puppet.limbs[static_cast<std::size_t>(s.copies[static_cast<std::size_t>(h.copy)].limb)];
            const double gap = limb.joints[static_cast<std::size_t>(h.joint)].gap_mm;
            const QPointF at = origin + project(view, h.at);
            p.setPen(QPen(kInk, 0.25));
            p.setBrush(Qt::NoBrush);
            p.drawEllipse(at, gap / 2, gap / 2);
            cross(at);
            if (limb.kind == body::LimbKind::finger || view != View::front) continue;
            const QString label = QString::fromStdString(h.label);
            const double w = m_pages.widthOf(label, 2.6), away = gap / 2 + 1.5;
            const QRectF places[] = {
                {at.x() + away, at.y() - 1.6, w, 3.2},         {at.x() - away - w, at.y() - 1.6, w, 3.2},
                {at.x() - w / 2, at.y() - away - 3.2, w, 3.2}, {at.x() - w / 2, at.y() + away, w, 3.2},
                {at.x() + away, at.y() + 2.4, w, 3.2},         {at.x() - away - w, at.y() + 2.4, w, 3.2}};
            for (const QRectF& box : places) {
                if (!area.adjusted(0.5, 0.5, -0.5, -0.5).contains(box) ||
                    std::any_of(taken.begin(), taken.end(), [&](const QRectF& o) { return o.intersects(box); }))
                    continue;
                taken.push_back(box.adjusted(-0.6, -0.3, 0.6, 0.3));
                m_pages.text(box.left(), box.bottom() - 0.6, label, 2.6, false, kGrey);
                break;
            }
        }
    }

    /// A mark's words, in rows so that none lies on another.
    struct Label {
        QString words;
        double x = 0;
        int row = 0;
    };
    std::vector<Label> placeLabels(const choice::Cut& c, double from, double to, double x0) const {
        const QRectF a = m_pages.area();
        std::vector<Label> all;
        std::vector<double> ends;
        for (const choice::Mark& m : c.marks) {
            if (m.at_mm < from - 1e-9 || m.at_mm > to + 1e-9) continue;
            Label l{markLabel(m, c), 0, 0};
            const double w = m_pages.widthOf(l.words, kLabel);
            l.x = std::clamp(x0 + m.at_mm - from - w / 2, a.left(), a.right() - w);
            while (static_cast<std::size_t>(l.row) < ends.size() && l.x < ends[static_cast<std::size_t>(l.row)] + 2)
                ++l.row;
            if (static_cast<std::size_t>(l.row) >= ends.size()) ends.resize(static_cast<std::size_t>(l.row) + 1);
            ends[static_cast<std::size_t>(l.row)] = l.x + w;
            all.push_back(std::move(l));
        }
        return all;
    }

    void strip(const choice::Cut& c, int row, int rows, double x0, double y, const std::vector<Label>& labels) {
        const QRectF a = m_pages.area();
        const double wide = c.finished_mm / rows > a.width() - 6 ? c.finished_mm : a.width() - 6;
        const double from = row * wide, to = std::min(c.finished_mm, from + wide);
        const body::Limb& limb = m_puppet.limbs[static_cast<std::size_t>(c.limb)];
        QString head = tr("%1: %2").arg(QString::fromStdString(limb.name),
                                        Say::wire(c.bundle, cardName(m_production, m_r, c.spool)));
        if (c.copies > 1) head += tr(", twice");
        if (rows > 1) head += tr(" (part %1 of %2)").arg(row + 1).arg(rows);
        m_pages.text(a.left(), y + 3, head, 3.2, true);
        const double wireY = y + 11;
        m_pages.line(x0, wireY, x0 + (to - from), wireY, std::min(2.4, wire::findBundleDiameter(c.bundle)), kCopper);
        for (const choice::Mark& m : c.marks) {
            if (m.to_mm < from - 1e-9 || m.from_mm > to + 1e-9) continue;
            const double x = x0 + m.at_mm - from;
            if (m.kind == choice::Mark::Kind::joint) {
                const double g0 = std::max(from, m.from_mm), g1 = std::min(to, m.to_mm);
                m_pages.painter().setPen(QPen(kInk, 0.2));
                m_pages.painter().setBrush(Qt::NoBrush);
                m_pages.painter().drawRect(QRectF(x0 + g0 - from, wireY - 2.6, g1 - g0, 5.2));
            }
            if (m.at_mm < from - 1e-9 || m.at_mm > to + 1e-9) continue;
            const double reach = m.kind == choice::Mark::Kind::end || m.kind == choice::Mark::Kind::start ? 5 : 3.6;
            m_pages.line(x, wireY - reach, x, wireY + reach, 0.25);
        }
        for (const Label& l : labels)
            m_pages.text(l.x, wireY + 8 + 3.2 * l.row, l.words, kLabel, false, kGrey);
        if (row + 1 < rows) m_pages.text(a.right() - 16, wireY - 4, tr("goes on"), kLabel, false, kGrey);
    }

    QString markLabel(const choice::Mark& m, const choice::Cut& c) const {
        const QString where = Say::number(m.at_mm, 1);
        const QString name = QString::fromStdString(m.label);
        switch (m.kind) {
        case choice::Mark::Kind::start:
            return tr("root end 0");
        case choice::Mark::Kind::wrap:
            return tr("wrap to here %1").arg(where);
        case choice::Mark::Kind::joint:
            return tr("%1 %2, gap %3").arg(name, where, Say::number(m.to_mm - m.from_mm, 1));
        case choice::Mark::Kind::tip:
            return tr("%1 %2").arg(name, where);
        case choice::Mark::Kind::loop:
            return tr("loop to %1").arg(where);
        case choice::Mark::Kind::tie_down:
            return tr("into the base to %1").arg(where);
        case choice::Mark::Kind::end:
            return c.groups.front().folded ? tr("fold %1").arg(where) : tr("cut %1").arg(where);
        case choice::Mark::Kind::ending:
            return tr("strands end %1").arg(where);
        default:
            return tr("%1 %2").arg(name, where);
        }
    }

    const document::Production& m_production;
    const body::Puppet& m_puppet;
    const results::Report& m_r;
    const results::ProductionResult& m_all;
    Pages m_pages;
};

} // namespace

BuildSheets::BuildSheets(std::shared_ptr<const document::Production> production, int puppet,
                         std::shared_ptr<const results::Report> report,
                         std::shared_ptr<const results::ProductionResult> result)
    : m_production(std::move(production)), m_puppet(m_production->puppets.at(static_cast<std::size_t>(puppet))),
      m_report(std::move(report)), m_result(std::move(result)) {}

QPageSize::PageSizeId BuildSheets::defaultSize() {
    return QLocale().measurementSystem() == QLocale::ImperialUSSystem ? QPageSize::Letter : QPageSize::A4;
}

void BuildSheets::draw(QPagedPaintDevice& device) const {
    // Paper is white by day and by night.
    const bool night = look().night;
    if (night) setNightLook(false);
    {
        Drawer d(*m_production, m_puppet, *m_report, *m_result, device);
        d.cover();
        d.wallPage();
        d.wirePage();
        d.cuttingPage();
        d.gatePages();
        d.patternPages();
        d.elevations();
        d.strips();
    }
    if (night) setNightLook(true);
}

bool BuildSheets::writePdf(const QString& path, QPageSize::PageSizeId size) const {
    QPdfWriter pdf(path);
    pdf.setPageSize(QPageSize(size));
    pdf.setPageMargins(QMarginsF(0, 0, 0, 0));
    pdf.setResolution(1200);
    pdf.setTitle(QString::fromStdString(m_puppet.name));
    pdf.setCreator("Enkinet");
    draw(pdf);
    return QFileInfo(path).size() > 0;
}

} // namespace enkinet::app
