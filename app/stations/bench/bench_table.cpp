#include "stations/bench/bench_table.h"
#include "base/units.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include "words/text.h"
#include <QKeyEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {
constexpr double kTableSide = 28, kDialTop = 52, kDialHigh = 104, kDialWide = 150, kRulerHigh = 178;

QString deviceWord(const QString& name) {
    if (name == "scale") return BenchTable::tr("scale");
    if (name == "caliper") return BenchTable::tr("caliper");
    if (name == "probe") return BenchTable::tr("oven probe");
    if (name == "bender") return BenchTable::tr("bend tester");
    if (name == "hanger") return BenchTable::tr("hang weight");
    if (name == "breaker") return BenchTable::tr("break tester");
    return name;
}

QString reading(const DevicePorts::Device& d) {
    // As its display has it: the card rounds, a scale does not.
    if (d.unit == "g") return BenchTable::tr("%1 g").arg(Text::number(d.value, 1));
    if (d.unit == "mm") return Text::length(d.value, 2);
    if (d.unit == "C") return Text::temperature(d.value);
    if (d.unit == "deg") return Text::degrees(degToRad(d.value));
    return BenchTable::tr("%1 N").arg(Text::number(d.value, 2));
}
} // namespace

BenchTable::BenchTable(QWidget* parent) : QWidget(parent) {
    setObjectName("benchTable");
    setFocusPolicy(Qt::StrongFocus);
    setMinimumHeight(480);
    installAccessiblePictures();
    setAccessibleName(tr("The bench: devices, the sample and what is known of it"));
    setAccessibleDescription(
        tr("While a test runs Space counts one bend, Enter keeps what was counted, Escape stops."));
}

void BenchTable::show(BenchTop top) {
    m_top = std::move(top);
    update();
}

QString BenchTable::wordsOf(const DevicePorts::Device& d) {
    if (d.name.isEmpty()) return tr("a device that has not spoken yet");
    return d.steady ? tr("%1: %2, steady").arg(deviceWord(d.name), reading(d))
                    : tr("%1: %2").arg(deviceWord(d.name), reading(d));
}

QRectF BenchTable::dialBox(std::size_t i) const {
    const double n = static_cast<double>(std::max<std::size_t>(1, m_top.devices.size()));
    const double step = std::min(kDialWide + 14, (width() - 2 * kTableSide) / n);
    return {kTableSide + step * static_cast<double>(i), kDialTop, std::min(kDialWide, step - 8), kDialHigh};
}

QRectF BenchTable::ruler() const {
    return {kTableSide + 6, height() - kRulerHigh + 74, width() - 2.0 * kTableSide - 12, 34};
}

/// Decades that hold all there is to show.
std::pair<double, double> BenchTable::range() const {
    double low = 1e300, high = 0;
    const auto take = [&](double x) {
        if (x > 0 && std::isfinite(x)) low = std::min(low, x), high = std::max(high, x);
    };
    for (const auto* e : {&m_top.card, &m_top.known})
        if (*e) take((*e)->low), take((*e)->high);
    for (const BenchTop::Mark& m : m_top.marks)
        take(m.value);
    if (m_top.needle) take(*m_top.needle);
    if (high <= 0) return {1, 1000};
    return {std::log10(low / 1.6), std::log10(high * 1.6)};
}

double BenchTable::place(double value) const {
    const QRectF r = ruler();
    const auto [low, high] = range();
    return r.left() + r.width() * std::clamp((std::log10(value) - low) / (high - low), 0.0, 1.0);
}

std::vector<PicturePart> BenchTable::parts() const {
    std::vector<PicturePart> all;
    for (std::size_t i = 0; i < m_top.devices.size(); ++i)
        all.push_back({wordsOf(m_top.devices[i]), dialBox(i).toAlignedRect(), false});
    const QRect line = ruler().toAlignedRect();
    const auto expected = [&](const std::optional<wire::Expected>& e, const QString& words) {
        if (e)
            all.push_back({words.arg(Text::figure(e->median), Text::figure(e->low), Text::figure(e->high), m_top.unit),
                           line, false});
    };
    expected(m_top.card, tr("by the card: half reach %1 %4, nine in ten %2, one in ten %3"));
    if (m_top.tests > 0) expected(m_top.known, tr("by your tests: half reach %1 %4, nine in ten %2, one in ten %3"));
    for (const BenchTop::Mark& m : m_top.marks)
        all.push_back({tr("a test: %1 %2").arg(Text::figure(m.value), m_top.unit), line, false});
    if (m_top.running && m_top.test == BenchTest::bend)
        all.push_back({tr("%1 bends so far").arg(Text::number(m_top.count, 1)), line, true});
    return all;
}

void BenchTable::keyPressEvent(QKeyEvent* e) {
    if (e->key() == Qt::Key_Space && m_top.running) return Q_EMIT counted();
    if ((e->key() == Qt::Key_Return || e->key() == Qt::Key_Enter) && (m_top.running || m_top.asked))
        return Q_EMIT kept();
    if (e->key() == Qt::Key_Escape && (m_top.running || m_top.asked)) return Q_EMIT dropped();
    QWidget::keyPressEvent(e);
}

/// While a test runs its keys are the test's, not the desk's.
bool BenchTable::event(QEvent* e) {
    if (e->type() == QEvent::ShortcutOverride && (m_top.running || m_top.asked)) {
        const int key = static_cast<QKeyEvent*>(e)->key();
        if (key == Qt::Key_Escape || key == Qt::Key_Space || key == Qt::Key_Return || key == Qt::Key_Enter) {
            e->accept();
            return true;
        }
    }
    return QWidget::event(e);
}

void BenchTable::drawDials(QPainter& p) const {
    p.setFont(deskType(13, QFont::DemiBold));
    p.setPen(look().ink);
    p.drawText(QPointF(kTableSide, 36), tr("Plugged in"));
    if (m_top.devices.empty()) {
        p.setFont(deskType(13));
        p.setPen(look().graphite);
        p.drawText(QRectF(kTableSide, kDialTop - 4, width() - 2 * kTableSide, kDialHigh), Qt::TextWordWrap,
                   tr("Nothing. A device that is plugged in stands here with what it reads; without one everything can "
                      "be counted with Space and typed. Simulated devices to try it with: More, Desk."));
        return;
    }
    for (std::size_t i = 0; i < m_top.devices.size(); ++i) {
        const DevicePorts::Device& d = m_top.devices[i];
        const QRectF box = dialBox(i);
        drawShadow(p, box, 4);
        p.setPen(QPen(look().graphite, 0.7));
        p.setBrush(look().card);
        p.drawRoundedRect(box, 8, 8);
        p.setPen(look().graphite);
        p.setFont(deskType(11));
        p.drawText(box.adjusted(12, 8, -8, 0), Qt::AlignLeft | Qt::AlignTop, deviceWord(d.name));
        // The window of its display.
        const QRectF glass(box.left() + 10, box.top() + 28, box.width() - 20, 40);
        p.setPen(QPen(look().graphite, 0.6));
        p.setBrush(look().shade);
        p.drawRoundedRect(glass, 4, 4);
        p.setPen(look().ink);
        p.setFont(deskType(22, QFont::DemiBold));
        const QRectF on = glass.adjusted(4, 0, -8, 0);
        const QString shown = d.name.isEmpty() ? tr("…") : reading(d);
        // A small glass has smaller figures.
        if (!fits(p.font(), on.width(), shown)) p.setFont(deskType(13, QFont::DemiBold));
        drawFitted(p, on, Qt::AlignRight | Qt::AlignVCenter, shown);
        // A lamp that says that it lies still: filled, and in words.
        const QPointF lamp(box.left() + 18, box.bottom() - 18);
        p.setPen(QPen(look().holds, 1.4));
        p.setBrush(d.steady ? QBrush(look().holds) : QBrush(Qt::NoBrush));
        p.drawEllipse(lamp, 4.5, 4.5);
        p.setFont(deskType(11));
        p.setPen(look().graphite);
        drawFitted(p, QRectF(lamp.x() + 12, lamp.y() - 9, box.width() - 40, 18), Qt::AlignLeft | Qt::AlignVCenter,
                   d.rubbish > 0 ? tr("%n spoilt line(s)", nullptr, static_cast<int>(d.rubbish))
                   : d.steady    ? tr("steady")
                                 : tr("moving"));
    }
}

/// Jaws, the free stretch bent over them, the lever, and where it is to go.
void BenchTable::drawWire(QPainter& p, const QRectF& area) const {
    const double ppm = std::clamp(area.height() / (3.2 * std::max(6.0, m_top.gap_mm)), 2.0, 7.0);
    const QPointF root(area.left() + 0.3 * area.width(), area.center().y());
    // As long as the bent sample leaves room for above and below.
    const double rise = area.height() / 2 - 30 - m_top.gap_mm * ppm * 0.5 * std::sin(std::min(m_top.set_rad, kPi / 2));
    const double arm =
        std::clamp(rise / std::max(0.2, std::sin(std::min(m_top.set_rad, kPi / 2))), 60.0, 0.34 * area.width());
    const auto bent = [&](double angle) {
        std::vector<QPointF> line{root - QPointF(56, 0)};
        const double L = m_top.gap_mm * ppm;
        constexpr int kSteps = 16;
        QPointF at = root;
        for (int i = 0; i <= kSteps; ++i) {
            line.push_back(at);
            const double a = angle * (i + 0.5) / kSteps;
            if (i < kSteps) at += L / kSteps * QPointF(std::cos(a), -std::sin(a));
        }
        line.push_back(at + arm * QPointF(std::cos(angle), -std::sin(angle)));
        return line;
    };
    const bool hang = m_top.test == BenchTest::hang;
    // Where it is to go, each side: two pencil lines.
    if (m_top.set_rad > 0 && !hang)
        for (double side : {1.0, -1.0}) {
            const auto line = bent(side * m_top.set_rad);
            p.setPen(QPen(look().graphite, 1, Qt::DashLine));
            p.drawPolyline(QPolygonF(QList<QPointF>(line.begin(), line.end())));
            p.setFont(deskType(11));
            const QPointF end = line.back();
            p.drawText(QRectF(end.x() + 6, end.y() - 9, 80, 18), Qt::AlignLeft | Qt::AlignVCenter,
                       Text::degrees(m_top.set_rad));
        }
    double angle = hang ? -0.06 : m_top.angle_rad.value_or(0);
    if (!hang && m_top.running && !m_top.angle_rad)
        angle = (std::fmod(2 * m_top.count, 2) < 0.5 ? 1 : -1) * m_top.set_rad;
    auto line = bent(angle);
    p.save();
    p.scale(1, 1);
    if (m_top.bundle.diameter_mm > 0) {
        // Never thinner on the screen than can be seen, never thicker than the jaws.
        const double thick = std::clamp(1.6 * ppm, 7.0, 14.0) / m_top.bundle.diameter_mm;
        wire::Bundle shown = m_top.bundle;
        shown.diameter_mm *= thick, shown.lay_mm *= ppm;
        if (m_top.broken) {
            // The lever's end lies where it fell.
            const auto whole = bent(0);
            drawStrands(p, walkWire({whole.begin(), whole.begin() + 3}, 2, 2), shown, m_top.metal, 1);
            const QPointF from = root + QPointF(m_top.gap_mm * ppm * 0.4, 18);
            drawStrands(p, walkWire({from, from + QPointF(arm, 26)}, 2, 2), shown, m_top.metal, 1);
        } else {
            drawStrands(p, walkWire(line, 2, 6), shown, m_top.metal, 1);
        }
    }
    p.restore();
    // The jaws over it.
    QLinearGradient steel(root.x() - 54, root.y() - 46, root.x() - 54, root.y() + 46);
    steel.setColorAt(0, look().steel.lighter(108));
    steel.setColorAt(1, look().steel.darker(125));
    p.setPen(QPen(look().steelInk, 1));
    p.setBrush(steel);
    for (double side : {-1.0, 1.0})
        p.drawRoundedRect(QRectF(root.x() - 54, side < 0 ? root.y() - 46 : root.y() + 8, 54, 38), 3, 3);
    p.setPen(look().graphite);
    p.setFont(deskType(11));
    p.drawText(QRectF(root.x() - 66, root.y() + 54, 240, 18), Qt::AlignLeft,
               tr("%1 free between the jaws").arg(Text::length(m_top.gap_mm, 1)));
    if (hang && !m_top.broken) {
        const QPointF end = line.back();
        p.setPen(QPen(look().graphite, 1.2));
        p.drawLine(end, end + QPointF(0, 34));
        p.setBrush(steel);
        p.drawRoundedRect(QRectF(end.x() - 17, end.y() + 34, 34, 30), 4, 4);
    }
}

/// A rod of clay over two supports, a nose in the middle.
void BenchTable::drawRod(QPainter& p, const QRectF& area) const {
    const QPointF c = area.center();
    const double half = 0.32 * area.width(), r = 11;
    p.setPen(QPen(look().steelInk, 1));
    p.setBrush(look().steel);
    for (double side : {-1.0, 1.0})
        p.drawPolygon(QPolygonF{c + QPointF(side * half * 0.85 - 16, r + 46),
                                c + QPointF(side * half * 0.85 + 16, r + 46), c + QPointF(side * half * 0.85, r)});
    const auto piece = [&](const QPointF& from, const QPointF& to) {
        p.setPen(QPen(m_top.clay.darker(150), 2 * r + 1.6, Qt::SolidLine, Qt::FlatCap));
        p.drawLine(from, to);
        p.setPen(QPen(m_top.clay, 2 * r, Qt::SolidLine, Qt::FlatCap));
        p.drawLine(from, to);
        p.setPen(QPen(QColor(255, 255, 255, 70), r * 0.7, Qt::SolidLine, Qt::FlatCap));
        p.drawLine(from - QPointF(0, r * 0.4), to - QPointF(0, r * 0.4));
    };
    if (m_top.broken) {
        piece(c - QPointF(half, 0), c + QPointF(-3, 12));
        piece(c + QPointF(4, 12), c + QPointF(half, 0));
    } else {
        piece(c - QPointF(half, 0), c + QPointF(half, 0));
    }
    p.setPen(QPen(look().steelInk, 1));
    p.setBrush(look().steel);
    const double nose = m_top.broken ? 8 : -r;
    p.drawPolygon(QPolygonF{c + QPointF(-16, nose - 46), c + QPointF(16, nose - 46), c + QPointF(0, nose)});
}

/// Bends as strokes in fives, as on the edge of a board.
void BenchTable::drawTally(QPainter& p, const QRectF& area) const {
    const int whole = static_cast<int>(m_top.count);
    const int room =
        std::max(1, static_cast<int>(area.width() / 40)) * 5 * std::max(1, static_cast<int>(area.height() / 34));
    p.setPen(QPen(look().ink, 1.8, Qt::SolidLine, Qt::RoundCap));
    // What no longer has room is in the number beside.
    for (int i = std::max(0, whole - room); i < whole; ++i) {
        const int k = (i - std::max(0, whole - room)), five = k / 5, in = k % 5;
        const int across = std::max(1, static_cast<int>(area.width() / 40));
        const QPointF at(area.left() + five % across * 40, area.top() + five / across * 34);
        if (in < 4)
            p.drawLine(at + QPointF(4 + 6 * in, 2), at + QPointF(3 + 6 * in, 22));
        else
            p.drawLine(at + QPointF(-1, 19), at + QPointF(27, 5));
    }
}

void BenchTable::drawRuler(QPainter& p) const {
    const QRectF r = ruler();
    const auto [low, high] = range();
    p.setFont(deskType(13, QFont::DemiBold));
    p.setPen(look().ink);
    const QString title = m_top.test == BenchTest::bend   ? tr("Bends to and fro until it parts")
                          : m_top.test == BenchTest::hang ? tr("Moment at which it creeps")
                                                          : tr("Strength of the cured clay");
    p.drawText(QPointF(r.left() - 6, r.top() - 52), title);
    if (!m_top.card) {
        p.setFont(deskType(13));
        p.setPen(look().graphite);
        p.drawText(QRectF(r.left() - 6, r.top() - 40, r.width(), 40), Qt::TextWordWrap,
                   tr("Nothing is known of it yet: the card gives no value, and there is no test."));
        return;
    }
    // Two brush strokes: the card's above, what is known now below.
    const auto stroke = [&](const wire::Expected& e, double y, const QColor& colour, const QString& words) {
        QColor soft = colour;
        soft.setAlphaF(0.35F);
        const QRectF band(place(e.low), y, std::max(4.0, place(e.high) - place(e.low)), 13);
        p.setPen(Qt::NoPen);
        p.setBrush(soft);
        p.drawRoundedRect(band, 6, 6);
        p.setPen(QPen(colour, 2.4));
        const double m = place(e.median);
        p.drawLine(QPointF(m, y - 2), QPointF(m, y + 15));
        p.setPen(look().ink);
        p.setFont(deskType(11));
        const double wide = QFontMetricsF(p.font()).horizontalAdvance(words);
        const bool right = band.right() + 8 + wide < width() - 8;
        p.drawText(QRectF(right ? band.right() + 8 : std::max(8.0, band.left() - 8 - wide), y - 3, wide + 4, 18),
                   Qt::AlignLeft | Qt::AlignVCenter, words);
    };
    stroke(*m_top.card, r.top() - 36, look().graphite, tr("the card"));
    if (m_top.known && m_top.tests > 0)
        stroke(*m_top.known, r.top() - 16, look().holds, tr("with %n test(s)", nullptr, m_top.tests));
    // The edge of the ruler with its decades.
    p.setPen(QPen(look().ink, 1.4));
    const double edge = r.top() + 16;
    p.drawLine(QPointF(r.left(), edge), QPointF(r.right(), edge));
    p.setFont(deskType(11));
    const bool few = high - low > 2.2;
    for (int decade = static_cast<int>(std::floor(low)); decade <= static_cast<int>(std::ceil(high)); ++decade)
        for (int d = 1; d < 10; ++d) {
            const double v = d * std::pow(10.0, decade), lg = std::log10(v);
            if (lg < low || lg > high) continue;
            const double x = place(v);
            const bool named = d == 1 || (!few && (d == 2 || d == 5));
            p.setPen(QPen(look().graphite, 1));
            p.drawLine(QPointF(x, edge), QPointF(x, edge + (named ? 9 : 5)));
            if (named)
                p.drawText(QRectF(x - 40, edge + 9, 80, 16), Qt::AlignHCenter | Qt::AlignTop,
                           v >= 1 ? Text::number(v, 0) : Text::figure(v));
        }
    p.drawText(QRectF(r.left(), edge + 26, r.width(), 16), Qt::AlignRight, m_top.unit);
    for (const BenchTop::Mark& m : m_top.marks) {
        const QPointF at(place(m.value), edge);
        p.setPen(QPen(m.contradicts ? look().slack : look().holds, 1.6));
        p.setBrush(m.contradicts ? look().card : look().holds);
        p.drawEllipse(at, 5, 5);
    }
    if (m_top.needle && *m_top.needle > 0) {
        const double x = place(*m_top.needle);
        p.setPen(QPen(look().copper, 2.2));
        p.drawLine(QPointF(x, r.top() - 40), QPointF(x, edge + 2));
        p.setBrush(look().copper);
        p.drawPolygon(QPolygonF{{x, edge}, {x - 5, edge + 9}, {x + 5, edge + 9}});
    }
}

void BenchTable::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(rect(), look().sheet);
    drawDials(p);
    const QRectF area(kTableSide, kDialTop + kDialHigh + 22, width() - 2 * kTableSide,
                      height() - kRulerHigh - kDialTop - kDialHigh - 30);
    if (m_top.test == BenchTest::rupture)
        drawRod(p, area.adjusted(0, 20, 0, -20));
    else if (m_top.test != BenchTest::oven)
        drawWire(p, area);
    if (m_top.test == BenchTest::bend && (m_top.running || m_top.broken)) {
        const QRectF tally(area.right() - 0.26 * area.width(), area.top() + 40, 0.26 * area.width(),
                           area.height() - 40);
        p.setPen(look().ink);
        p.setFont(deskType(22, QFont::DemiBold));
        p.drawText(QRectF(tally.left(), area.top(), tally.width(), 30), Qt::AlignLeft | Qt::AlignVCenter,
                   Text::number(m_top.count, m_top.count == std::floor(m_top.count) ? 0 : 1));
        drawTally(p, tally);
    }
    if (m_top.test == BenchTest::oven) {
        p.setPen(look().ink);
        p.setFont(deskType(15));
        p.drawText(area, Qt::AlignCenter | Qt::TextWordWrap,
                   m_top.running ? tr("%n reading(s) of the probe so far", nullptr, static_cast<int>(m_top.count))
                                 : tr("Put the probe where the parts will stand, heat the oven, and start when its own "
                                      "light says that it is hot."));
    } else {
        drawRuler(p);
    }
    if (hasFocus()) drawFocus(p, QRectF(rect()).adjusted(2, 2, -2, -2));
}

} // namespace enkinet::app
