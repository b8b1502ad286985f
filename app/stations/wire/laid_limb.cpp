#include "stations/wire/laid_limb.h"
#include "base/units.h"
#include "sheet/walk.h"
#include "stations/wire/bent_drawing.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include "words/text.h"
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {
constexpr double kLaidSide = 4;
/// Clear of the ring of the focus.
constexpr double kTextLeft = 7;
} // namespace

LaidLimb::LaidLimb(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    setObjectName("laidLimb");
    setAccessibleName(tr("The limb laid out straight, and the joint in hand under a lens"));
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    setMinimumHeight(250);
    installAccessiblePictures();
    setMouseTracking(true);
    setFocusPolicy(Qt::StrongFocus);
}

void LaidLimb::show(int limb, int demand) {
    m_limb = limb, m_demand = demand;
    m_shown = m_document.shown();
    m_cut = nullptr, m_choice = nullptr;
    m_compared.clear();
    if (!m_shown) return update();
    const results::Report& r = m_shown->report();
    for (const choice::Cut& c : r.cuts)
        if (c.limb == limb) m_cut = &c;
    if (limb >= 0 && limb < static_cast<int>(r.choice.limbs.size()))
        m_choice = &r.choice.limbs[static_cast<std::size_t>(limb)];
    if (m_choice && m_choice->chosen >= 0) {
        const choice::Candidate& c = m_choice->candidates()[static_cast<std::size_t>(m_choice->chosen)];
        const wire::BendTable& table = r.stock.tableOf(c.spool);
        m_metal = metalOf(table.card());
        m_bundle = c.bundle;
        if (demand >= 0 && demand < static_cast<int>(m_choice->verdicts.size())) {
            const auto d = static_cast<std::size_t>(demand);
            const choice::Trial& trial = choice::findTrial(*m_choice, c, d);
            m_bundle = trial.bundle;
            const choice::Demand& now = m_choice->demands[d];
            const bool eased = std::abs(now.edge - wire::kEasedEdge) < 0.05;
            m_compared.push_back({eased            ? tr("as it is, edge eased")
                                  : now.edge > 1.5 ? tr("as it is, edge hard")
                                                   : tr("as it is, no edge"),
                                  m_choice->verdicts[d].life_s, true});
            if (!now.whip) {
                const auto lifeOf = [&](choice::Demand other, wire::Bundle bundle) {
                    return choice::judge(other, table, bundle, r.stock.calibrationOf(c.spool), trial.spunDamage)
                        .life_s.value;
                };
                choice::Demand edge = now;
                edge.edge = eased ? wire::kHardEdge : wire::kEasedEdge;
                m_compared.push_back({eased ? tr("hard edge") : tr("edge eased"), lifeOf(edge, trial.bundle), false});
                if (trial.bundle.lay_mm > 0) {
                    wire::Bundle flat = trial.bundle;
                    flat.lay_mm = 0;
                    m_compared.push_back({tr("strands not twisted"), lifeOf(now, flat), false});
                }
            }
        }
    }
    update();
}

QRectF LaidLimb::lens() const {
    const double side = std::clamp(std::min(width() * 0.33, height() * 0.6), 120.0, 300.0);
    return QRectF(width() * 0.56 - 20, 30, side, side);
}

double LaidLimb::wireY() const { return std::min(height() - 66.0 - ruleBelow(), lens().bottom() + 36); }

double LaidLimb::across() const {
    if (!m_cut) return 10;
    // Thick enough to be seen, no thicker than lifelike by three.
    const double perMm = (width() - 2 * kLaidSide) / std::max(1.0, m_cut->finished_mm);
    return wire::findBundleDiameter(m_cut->bundle) * std::clamp(perMm * 1.6, 2.2, 9.0);
}

double LaidLimb::ruleBelow() const { return std::max(42.0, across() / 2 + 38); }

double LaidLimb::xOf(double along) const {
    const double length = m_cut ? std::max(1.0, m_cut->finished_mm) : 1;
    return kLaidSide + along / length * (width() - 2 * kLaidSide);
}

QRectF LaidLimb::jointOnScreen(int joint) const {
    if (!m_cut || joint < 0) return {};
    const body::Limb& limb = m_shown->puppet().limbs[static_cast<std::size_t>(m_limb)];
    const std::string& name = limb.joints[static_cast<std::size_t>(joint)].name;
    for (const choice::Mark& m : m_cut->marks)
        if (m.kind == choice::Mark::Kind::joint && m.label == name) {
            const double w = std::max(26.0, xOf(m.to_mm) - xOf(m.from_mm)), x = (xOf(m.from_mm) + xOf(m.to_mm)) / 2;
            return QRectF(x - w / 2, wireY() + ruleBelow(), w, 26);
        }
    return {};
}

std::vector<PicturePart> LaidLimb::parts() const {
    std::vector<PicturePart> all;
    if (m_choice && m_shown->isNow(m_document))
        for (std::size_t k = 0; k < m_choice->demands.size(); ++k)
            all.push_back({sentenceOf(m_document, {Selection::Kind::joint, m_limb, m_choice->demands[k].joint, false},
                                      Side::alike),
                           jointOnScreen(m_choice->demands[k].joint).toRect(), static_cast<int>(k) == m_demand});
    return all;
}

void LaidLimb::choosePart(int index) {
    if (m_choice && m_shown->isNow(m_document) && index >= 0 && index < static_cast<int>(m_choice->demands.size()))
        m_document.select(
            {Selection::Kind::joint, m_limb, m_choice->demands[static_cast<std::size_t>(index)].joint, false});
}

void LaidLimb::drawHead(QPainter& p) const {
    const body::Limb& limb = m_shown->puppet().limbs[static_cast<std::size_t>(m_limb)];
    p.setFont(deskType(22, QFont::DemiBold));
    p.setPen(look().ink);
    const QString name =
        limb.mirrored ? tr("%1, left and right").arg(Text::capital(limb.name)) : Text::capital(limb.name);
    drawFitted(p, QPointF(kTextLeft, 22), lens().left() - 10, name);
    p.setFont(deskType(13));
    p.setPen(look().graphite);
    QString what = tr("no wire");
    if (m_choice && m_choice->chosen >= 0) {
        const choice::Candidate& c = m_choice->candidates()[static_cast<std::size_t>(m_choice->chosen)];
        what = Text::limbWire(limb, *m_choice, c, cardName(m_shown->production(), m_shown->report(), c.spool));
    }
    p.drawText(QRectF(kTextLeft, 30, lens().left() - 8, 36), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, what);
}

void LaidLimb::drawWire(QPainter& p) const {
    const double y = wireY(), perMm = (width() - 2 * kLaidSide) / std::max(1.0, m_cut->finished_mm);
    const double thick = std::clamp(perMm * 1.6, 2.2, 9.0), across = this->across();
    // It lies on the paper.
    p.setPen(Qt::NoPen);
    for (double out : {5.0, 3.0, 1.5}) {
        p.setBrush(QColor(58, 47, 28, 22));
        p.drawRoundedRect(QRectF(xOf(0), y - across / 2 + 4 - out / 2, xOf(m_cut->finished_mm) - xOf(0), across + out),
                          out, out);
    }
    // What is stiff beside the gap in hand, as it grips the wire.
    for (const choice::Mark& m : m_cut->marks)
        if (m.kind == choice::Mark::Kind::joint && m.to_mm > m.from_mm) {
            QColor putty = kPuttyColour;
            putty.setAlphaF(0.8F);
            p.setBrush(putty);
            const double grip = std::min(30.0, 10 * perMm + 8), high = across + 9;
            p.drawRoundedRect(QRectF(xOf(m.from_mm) - grip, y - high / 2, grip, high), 7, 7);
            p.drawRoundedRect(QRectF(xOf(m.to_mm), y - high / 2, grip, high), 7, 7);
        }
    std::vector<double> ends{0};
    std::vector<wire::Bundle> bundles{m_cut->bundle};
    for (const choice::Mark& m : m_cut->marks)
        if (m.kind == choice::Mark::Kind::ending && bundles.size() <= m_cut->endings.size()) {
            ends.push_back(m.at_mm);
            wire::Bundle b = m_cut->bundle;
            b.strands = m_cut->endings[bundles.size() - 1].strands;
            if (b.strands == 1) b.lay_mm = 0;
            bundles.push_back(b);
        }
    ends.push_back(m_cut->finished_mm);
    for (std::size_t i = 0; i < bundles.size(); ++i) {
        wire::Bundle b = bundles[i];
        // In pixels: lengths along by the rule, across as thick as can be seen.
        b.diameter_mm *= thick, b.lay_mm *= perMm;
        const std::vector<QPointF> line{{xOf(ends[i]), y}, {xOf(ends[i + 1]), y}};
        drawStrands(p, walkWire(line, b.lay_mm > 0 ? std::max(0.8, std::min(2.0, b.lay_mm / 16)) : 6), b, m_metal, 1);
    }
    // Cut ends are seen.
    p.setPen(QPen(m_metal.dark, 1));
    p.setBrush(m_metal.light);
    p.drawEllipse(QPointF(xOf(m_cut->finished_mm), y), 2.5, across / 2);
    // What is wound round the parent.
    if (m_cut->wrap_mm > 0) {
        const double to = xOf(m_cut->wrap_mm), from = xOf(0), by = y + across / 2 + 8;
        QPainterPath brace;
        brace.moveTo(from, by), brace.lineTo(from, by + 5), brace.lineTo((from + to) / 2 - 5, by + 5),
            brace.lineTo((from + to) / 2, by + 10), brace.lineTo((from + to) / 2 + 5, by + 5), brace.lineTo(to, by + 5),
            brace.lineTo(to, by);
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(look().copper, 1.4));
        p.drawPath(brace);
        p.setFont(deskType(11));
        p.setPen(look().night ? look().copper : look().copperDark);
        const QString words = tr("%1 wind round what it hangs on").arg(Text::length(m_cut->wrap_mm));
        const double w = QFontMetricsF(p.font()).horizontalAdvance(words);
        p.drawText(QPointF(std::clamp((from + to - w) / 2, 0.0, width() - w), by + 23), words);
    }
}

void LaidLimb::drawRuleAndJoints(QPainter& p) const {
    const double top = wireY() + ruleBelow(), high = 26,
                 perMm = (width() - 2 * kLaidSide) / std::max(1.0, m_cut->finished_mm);
    p.setPen(QPen(look().faint, 1));
    p.setBrush(look().card);
    p.drawRect(QRectF(kLaidSide, top, width() - 2 * kLaidSide, high));
    p.setFont(deskType(11));
    // Numbers 56 px apart at least; tenths between them, of an inch eighths.
    const bool inches = Text::inches();
    const double unit = inches ? kMmPerInch : 1;
    double step = (inches ? 8 : 500) * unit;
    for (double s : inches ? std::vector<double>{0.5, 1, 2, 4} : std::vector<double>{10, 20, 50, 100, 200})
        if (perMm * s * unit >= 56) {
            step = s * unit;
            break;
        }
    int parts = 10;
    if (inches)
        for (parts = 8; parts > 2 && (step / parts < unit / 8 - 1e-9 || perMm * step / parts < 4);)
            parts /= 2;
    std::vector<QRectF> taken;
    for (const choice::Mark& m : m_cut->marks)
        if (m.kind == choice::Mark::Kind::joint)
            taken.push_back(QRectF(xOf(m.from_mm) - 20, top, xOf(m.to_mm) - xOf(m.from_mm) + 40, high));
    for (int k = 0; k * step / parts <= m_cut->finished_mm; ++k) {
        const double mm = k * step / parts;
        const bool whole = k % parts == 0, half = 2 * k % parts == 0;
        p.setPen(QPen(look().graphite, 0.8));
        p.drawLine(QPointF(xOf(mm), top), QPointF(xOf(mm), top + (whole ? 9 : half ? 6 : 3)));
        if (!whole) continue;
        const QRectF box(xOf(mm) - 20, top + 9, 40, 14);
        if (std::any_of(taken.begin(), taken.end(), [&](const QRectF& t) { return t.intersects(box); })) continue;
        const QString number = inches ? Text::fraction(mm / unit, 8) : Text::number(mm, 0);
        if (k == 0)
            p.drawText(box.translated(22, 0), Qt::AlignLeft | Qt::AlignVCenter, inches ? tr("0 in") : tr("0 mm"));
        else
            p.drawText(box, Qt::AlignCenter, number);
    }
    // Joints: a bead on the wire's thread, the gap on the rule, the film below.
    const body::Limb& limb = m_shown->puppet().limbs[static_cast<std::size_t>(m_limb)];
    double after = -1e9;
    p.setFont(deskType(13));
    p.setPen(look().graphite);
    for (std::size_t k = 0; k < m_choice->demands.size(); ++k) {
        const choice::Demand& d = m_choice->demands[k];
        const choice::Verdict& v = m_choice->verdicts[k];
        const QRectF box = jointOnScreen(d.joint);
        if (box.isNull()) continue;
        const choice::State state = v.state();
        const bool here = static_cast<int>(k) == m_demand, fails = state < choice::State::holds;
        QColor fill = here ? look().lit : look().sheet;
        p.setPen(QPen(fails ? stateColour(static_cast<int>(state)) : look().holds, here ? 2 : 1.2));
        p.setBrush(fill);
        p.drawRect(box);
        p.setPen(QPen(look().graphite, 1, Qt::DotLine));
        p.drawLine(QPointF(box.center().x(), wireY() + 10), QPointF(box.center().x(), box.top()));
        drawStateMark(p, QPointF(box.center().x(), box.top() - 10), fails ? 8 : 6, state);
        p.setFont(deskType(11, here ? QFont::DemiBold : QFont::Normal));
        p.setPen(fails ? stateColour(static_cast<int>(state)) : look().ink);
        const QString name = QString::fromStdString(limb.joints[static_cast<std::size_t>(d.joint)].name);
        const QFontMetricsF f(p.font());
        if (f.horizontalAdvance(name) + 4 <= std::max(box.width(), 40.0) || here) {
            const double room = std::max(box.width() + 14, 44.0);
            drawFitted(p, QRectF(box.center().x() - room / 2, box.top(), room, box.height()), Qt::AlignCenter, name);
        }
        const QString film = tr("%1 s").arg(Text::figure(v.life_s));
        p.setFont(deskType(13, here ? QFont::DemiBold : QFont::Normal));
        const double w = QFontMetricsF(p.font()).horizontalAdvance(film);
        double x = std::clamp(box.center().x() - w / 2, 0.0, width() - w);
        if (x < after + 6) continue;
        after = x + w;
        p.setPen(v.faults[static_cast<std::size_t>(choice::State::tired)]
                     ? stateColour(static_cast<int>(choice::State::tired))
                     : look().ink);
        p.drawText(QPointF(x, box.bottom() + 16), film);
    }
    if (const QRectF first = m_choice->demands.empty() ? QRectF() : jointOnScreen(m_choice->demands.front().joint);
        !first.isNull()) {
        p.setFont(deskType(11));
        p.setPen(look().graphite);
        const QString words = tr("film that each lasts:");
        const double w = QFontMetricsF(p.font()).horizontalAdvance(words);
        if (first.left() - w - 24 > 0) p.drawText(QPointF(first.left() - w - 24, first.bottom() + 15), words);
    }
}

void LaidLimb::drawLens(QPainter& p) const {
    const QRectF glass = lens();
    const choice::Demand& d = m_choice->demands[static_cast<std::size_t>(m_demand)];
    const choice::Verdict& v = m_choice->verdicts[static_cast<std::size_t>(m_demand)];
    const QRectF joint = jointOnScreen(d.joint);
    // Held above its place on the wire, or tied to it where it stands aside.
    if (!joint.isNull()) {
        const QPointF foot(joint.center().x(), wireY() - 6);
        p.setBrush(Qt::NoBrush);
        if (std::abs(foot.x() - glass.center().x()) < glass.width() * 0.4) {
            p.setPen(QPen(look().copper, 1));
            for (double side : {-1.0, 1.0})
                p.drawLine(foot + QPointF(side * 8, -2),
                           glass.center() + QPointF(side * glass.width() * 0.32, glass.height() * 0.39));
        } else {
            const double side = foot.x() < glass.center().x() ? -1 : 1;
            const QPointF rim = glass.center() + QPointF(side * glass.width() * 0.47, glass.height() * 0.18);
            QPainterPath thread(foot);
            thread.cubicTo(foot + QPointF(0, -30), rim + QPointF(side * 60, 34), rim);
            p.setPen(QPen(QColor("#7a6a4c"), 1.3));
            p.drawPath(thread);
        }
    }
    p.setPen(Qt::NoPen);
    for (double out : {12.0, 9.0, 6.0, 3.0}) {
        p.setBrush(QColor(58, 47, 28, 16));
        p.drawEllipse(glass.adjusted(-out * 0.3, -out * 0.2, out * 0.7, out).translated(2, 4));
    }
    p.setPen(QPen(look().graphite, 7));
    p.setBrush(look().card);
    p.drawEllipse(glass);
    p.setPen(QPen(look().steel, 4));
    p.drawEllipse(glass);
    p.save();
    QPainterPath round;
    round.addEllipse(glass.adjusted(3, 3, -3, -3));
    p.setClipPath(round);
    // A whip bends where its bend gathers. Nearly all of both stiff ends is in view.
    BentState drawn{m_bundle, {}, m_metal};
    drawn.bend.gap_mm = std::isnan(v.bend.bent_mm) ? d.gap_mm : std::min(d.gap_mm, v.bend.bent_mm.value);
    drawn.bend.angle_rad = d.angle_rad, drawn.bend.edge = d.edge;
    const QRectF need = bentBounds(drawn);
    const double scale = std::min(1.04 * glass.width() / need.width(), 0.8 * glass.height() / need.height());
    p.translate(glass.center() - scale * need.center());
    p.scale(scale, scale);
    drawBent(p, drawn, 1 / scale);
    p.restore();
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(QColor(255, 255, 255, 90), 5));
    p.drawArc(glass.adjusted(12, 12, -12, -12), 110 * 16, 55 * 16);
    // How far it is bent, on the rim.
    p.setFont(deskType(13));
    p.setPen(look().ink);
    const QString bent = tr("bent %1").arg(Text::degrees(d.angle_rad)),
                  gapWords = tr("gap %1").arg(Text::length(d.gap_mm));
    const double x = glass.right() + 8;
    const QFontMetricsF f(p.font());
    if (x + f.horizontalAdvance(gapWords) < width()) {
        p.drawText(QPointF(x, glass.top() + 26), bent);
        p.setPen(look().graphite);
        p.drawText(QPointF(x, glass.top() + 44), gapWords);
    }
}

void LaidLimb::drawCompared(QPainter& p) const {
    const choice::Demand& d = m_choice->demands[static_cast<std::size_t>(m_demand)];
    const choice::Verdict& v = m_choice->verdicts[static_cast<std::size_t>(m_demand)];
    const body::Limb& limb = m_shown->puppet().limbs[static_cast<std::size_t>(m_limb)];
    const double right = lens().left() - 18;
    double y = 82;
    p.setFont(deskType(15, QFont::DemiBold));
    p.setPen(look().ink);
    drawFitted(
        p, QPointF(kTextLeft, y), right,
        tr("Inside the bent %1").arg(QString::fromStdString(limb.joints[static_cast<std::size_t>(d.joint)].name)));
    p.setFont(deskType(13));
    QStringList lines;
    if (!std::isnan(v.bend.strainAmplitude))
        lines << (m_bundle.strands == 1 ? tr("The wire is stretched %1 % to and fro.")
                                        : tr("Each strand is stretched %1 % to and fro."))
                     .arg(Text::figure(100 * v.bend.strainAmplitude));
    if (d.edge > 1.05) lines << tr("It breaks first where the stiff end begins.");
    for (const QString& l : lines) {
        y += 19;
        if (fits(p.font(), right, l))
            drawFitted(p, QPointF(kTextLeft, y), right, l);
        else
            y += drawWrapped(p, QRectF(kTextLeft, y - 13, right, 60), l) - 17;
    }
    double most = d.needFilm_s;
    for (const Compared& c : m_compared)
        if (std::isfinite(c.life_s)) most = std::max(most, c.life_s);
    y += 26;
    if (y + 18 * static_cast<double>(m_compared.size()) > wireY() - 14 || right < 240) return;
    p.setFont(deskType(11));
    p.setPen(look().graphite);
    drawFitted(p, QPointF(kTextLeft, y), right,
               tr("seconds of film that 9 of 10 last; %1 wanted").arg(Text::figure(d.needFilm_s)));
    const double left = 130, room = right - left - 46;
    const double top = y + 8;
    for (const Compared& c : m_compared) {
        y += 19;
        p.setFont(deskType(13, c.present ? QFont::DemiBold : QFont::Normal));
        p.setPen(look().ink);
        drawFitted(p, QPointF(kTextLeft, y), left - 6, c.words);
        const double w = std::isfinite(c.life_s) ? room * std::clamp(c.life_s / most, 0.0, 1.0) : 0;
        p.fillRect(QRectF(left, y - 9, w, 8), c.present ? look().copper : look().foil);
        p.drawText(QPointF(left + w + 6, y), std::isfinite(c.life_s) ? Text::figure(c.life_s) : tr("none"));
    }
    const double want = left + room * std::min(1.0, d.needFilm_s / most);
    p.setPen(QPen(look().ink, 1.2, Qt::DotLine));
    p.drawLine(QPointF(want, top - 2), QPointF(want, y + 3));
}

void LaidLimb::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (!m_choice) return;
    drawHead(p);
    const bool judged = m_demand >= 0 && m_demand < static_cast<int>(m_choice->verdicts.size());
    if (m_cut) {
        drawWire(p);
        if (m_choice->chosen >= 0 && m_choice->verdicts.size() == m_choice->demands.size()) drawRuleAndJoints(p);
    }
    if (judged) {
        drawCompared(p);
        drawLens(p);
    }
    if (hasFocus()) drawFocus(p, QRectF(rect()));
}

void LaidLimb::mousePressEvent(QMouseEvent* e) {
    setFocus(Qt::MouseFocusReason);
    if (!m_choice || !m_shown->isNow(m_document)) return;
    for (const choice::Demand& d : m_choice->demands)
        if (jointOnScreen(d.joint).adjusted(-4, -26, 4, 20).contains(e->position()))
            return m_document.select({Selection::Kind::joint, m_limb, d.joint, false});
}

void LaidLimb::mouseMoveEvent(QMouseEvent* e) {
    bool over = false;
    if (m_choice)
        for (const choice::Demand& d : m_choice->demands)
            over = over || jointOnScreen(d.joint).adjusted(-4, -26, 4, 20).contains(e->position());
    setCursor(over ? Qt::PointingHandCursor : Qt::ArrowCursor);
}

void LaidLimb::keyPressEvent(QKeyEvent* e) {
    const int by = e->key() == Qt::Key_Right ? 1 : e->key() == Qt::Key_Left ? -1 : 0;
    if (by == 0 || !m_choice || m_choice->demands.empty() || !m_shown->isNow(m_document))
        return QWidget::keyPressEvent(e);
    const int n = static_cast<int>(m_choice->demands.size()), to = std::clamp(m_demand + by, 0, n - 1);
    m_document.select({Selection::Kind::joint, m_limb, m_choice->demands[static_cast<std::size_t>(to)].joint, false});
}

} // namespace enkinet::app
