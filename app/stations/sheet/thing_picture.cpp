#include "stations/sheet/thing_picture.h"
#include "base/units.h"
#include "sheet/drill_plan.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include "words/text.h"
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

ThingPicture::ThingPicture(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    setObjectName("thingPicture");
    setFixedHeight(0);
}

void ThingPicture::showFeature(int index) {
    m_what = What::feature, m_index = index;
    m_shown = m_document.shown();
    setFixedHeight(142);
    if (!m_shown) return clear();
    const auto& w = m_shown->report().things.features;
    if (index < static_cast<int>(w.size())) {
        const fill::FeatureWork& f = w[static_cast<std::size_t>(index)];
        setAccessibleName(tr("Ball to roll %1, seat %2 across and %3 deep")
                              .arg(Text::length(f.ball_mm), Text::length(f.seat_mm), Text::length(f.seatDepth_mm)));
    }
    update();
}
void ThingPicture::showBase() {
    m_what = What::base;
    m_shown = m_document.shown();
    setFixedHeight(200);
    setAccessibleName(tr("The base from above with its holes"));
    update();
}
void ThingPicture::showBond(int index) {
    m_what = What::bond, m_index = index;
    m_shown = m_document.shown();
    setFixedHeight(110);
    setAccessibleName(tr("The joint in section"));
    update();
}
void ThingPicture::clear() {
    m_what = What::none;
    m_shown.reset();
    setFixedHeight(0);
}

namespace {
/// A ball as it is lit from the upper left.
void drawBall(QPainter& p, const QPointF& at, double r, const QColor& colour) {
    QRadialGradient g(at - QPointF(0.35 * r, 0.4 * r), 1.5 * r);
    g.setColorAt(0, colour.lighter(125));
    g.setColorAt(0.6, colour);
    g.setColorAt(1, colour.darker(135));
    p.setBrush(g);
    p.setPen(QPen(look().ink, 1.2));
    p.drawEllipse(at, r, r);
}

QColor clayOf(const results::Report& r, const std::string& card) {
    const auto c = r.shelf.clays.find(card);
    return c != r.shelf.clays.end() && !c->second.colour.empty() ? QColor(QString::fromStdString(c->second.colour))
                                                                 : QColor("#d8cdb8");
}
} // namespace

void ThingPicture::drawFeature(QPainter& p) const {
    const results::Report& r = m_shown->report();
    const auto i = static_cast<std::size_t>(m_index);
    if (i >= r.things.features.size() || i >= m_shown->puppet().things.features.size()) return;
    const body::Feature& f = m_shown->puppet().things.features[i];
    const fill::FeatureWork& w = r.things.features[i];
    const QColor clay = clayOf(r, f.clay);
    const double most = *std::max_element(w.sizes_mm.begin(), w.sizes_mm.end());
    if (!(most > 0)) return;
    // Left the ball to roll, in the middle the seat cut open, right the row.
    const double third = width() / 3.0, mid = 58;
    const double scale = std::min({78 / std::max(most, w.ball_mm), (third - 24) / std::max(most, w.ball_mm), 24.0});
    p.setFont(deskType(11));
    const auto under = [&](double x, const QString& text) {
        p.setPen(look().graphite);
        p.drawText(QRectF(x - third / 2, height() - 36, third, 34), Qt::AlignHCenter | Qt::AlignTop | Qt::TextWordWrap,
                   text);
    };
    if (w.ball_mm > 0) {
        drawBall(p, {third / 2, mid}, w.ball_mm * scale / 2, clay);
        under(third / 2, w.ballLast_mm < w.ball_mm * 0.999 || w.ballLast_mm > w.ball_mm * 1.001
                             ? tr("roll %1 to %2").arg(Text::length(w.ball_mm), Text::length(w.ballLast_mm))
                             : tr("roll %1").arg(Text::length(w.ball_mm)));
    } else {
        under(third / 2, tr("as weighed"));
    }
    // The host's surface is the level line; what is sunk lies below it.
    const double x = 1.5 * third, seat = w.seat_mm * scale, deep = std::min(w.seatDepth_mm * scale, 46.0);
    QPainterPath body;
    body.moveTo(x - third / 2 + 10, mid);
    body.lineTo(x - seat / 2, mid);
    if (f.shape == body::FeatureShape::ball && deep > 0) {
        const double R = f.first_mm * scale / 2;
        const double half = std::min(R, seat / 2), c = mid + deep - R;
        const double from = std::atan2(mid - c, -half) * 180 / kPi;
        body.arcTo(QRectF(x - R, c - R, 2 * R, 2 * R), -from, 2 * (from - 90));
    } else {
        body.lineTo(x - seat / 2, mid + deep);
        body.lineTo(x + seat / 2, mid + deep);
    }
    body.lineTo(x + seat / 2, mid);
    body.lineTo(x + third / 2 - 10, mid);
    body.lineTo(x + third / 2 - 10, mid + 48);
    body.lineTo(x - third / 2 + 10, mid + 48);
    body.closeSubpath();
    p.setPen(QPen(look().ink, 1.2));
    p.setBrush(look().night ? QColor("#575043") : QColor("#e6d8bf"));
    p.drawPath(body);
    if (f.shape == body::FeatureShape::ball) {
        const double R = f.first_mm * scale / 2;
        QColor ghost = look().graphite;
        p.setPen(QPen(ghost, 1, Qt::DashLine));
        p.setBrush(Qt::NoBrush);
        p.drawEllipse(QPointF(x, mid + deep - R), R, R);
    }
    under(x, tr("seat %1 across, %2 deep").arg(Text::length(w.seat_mm), Text::length(w.seatDepth_mm)));
    // Sizes, no more than fit.
    double at = 2 * third + 8;
    for (double size : w.sizes_mm) {
        const double R = std::max(1.0, size * scale / 2);
        if (at + 2 * R > width() - 4) break;
        drawBall(p, {at + R, mid}, R, clay);
        at += 2 * R + 3;
    }
    under(2.5 * third, w.count() == 1 ? tr("one of %1").arg(Text::length(w.sizes_mm.front()))
                                      : tr("%1 of them, %2").arg(w.count()).arg(Text::grams(w.mass_g)));
}

void ThingPicture::drawBase(QPainter& p) const {
    const auto& base = m_shown->puppet().things.base;
    const auto& check = m_shown->report().things.base;
    if (!base || !check) return;
    const double deep = base->shape == body::BaseShape::disc ? base->width_mm : base->depth_mm;
    const double ppm = std::min((width() - 40) / base->width_mm, (height() - 46) / deep);
    p.save();
    p.translate(width() / 2.0, (height() - 26) / 2.0);
    p.scale(ppm, ppm);
    drawDrillPlan(p, *base, *check, ppm, false);
    // Where the weight stands, and how far it goes when the puppet leans.
    const QPointF at(check->centre.x - base->x_mm, check->centre.z - base->z_mm);
    const double reach = check->edge_mm - check->leaned_mm;
    p.setPen(QPen(check->leaned_mm < check->wanted_mm ? look().slack : look().holds, 1.6 / ppm));
    p.setBrush(Qt::NoBrush);
    p.drawEllipse(at, reach, reach);
    p.setBrush(check->leaned_mm < check->wanted_mm ? look().slack : look().holds);
    p.drawEllipse(at, 2.6 / ppm, 2.6 / ppm);
    p.restore();
    p.setFont(deskType(11));
    p.setPen(look().graphite);
    p.drawText(QRectF(0, height() - 22, width(), 20), Qt::AlignCenter,
               tr("from above; the ring: its weight as it leans"));
}

void ThingPicture::drawBond(QPainter& p) const {
    const auto i = static_cast<std::size_t>(m_index);
    if (i >= m_shown->puppet().things.bonds.size()) return;
    const body::Bond& b = m_shown->puppet().things.bonds[i];
    const double all = b.depth_mm + b.free_mm + b.depthTo_mm;
    const double ppm = std::min((width() - 60) / std::max(10.0, all + 12), 50 / std::max(4.0, 2.4 * b.diameter_mm));
    const double mid = 46, left = width() / 2.0 - all * ppm / 2;
    const auto block = [&](double x, double w) {
        p.setPen(QPen(look().ink, 1.2));
        p.setBrush(look().night ? QColor("#575043") : QColor("#e6d8bf"));
        p.drawRect(QRectF(x, 12, w, 68));
    };
    block(left - 26, b.depth_mm * ppm + 26);
    block(left + (b.depth_mm + b.free_mm) * ppm, b.depthTo_mm * ppm + 26);
    const double r = std::max(2.0, b.diameter_mm * ppm / 2), hole = r + b.clearance_mm * ppm / 2;
    p.setPen(Qt::NoPen);
    p.setBrush(look().sheet);
    p.drawRect(QRectF(left, mid - hole, b.depth_mm * ppm, 2 * hole));
    p.drawRect(QRectF(left + (b.depth_mm + b.free_mm) * ppm, mid - hole, b.depthTo_mm * ppm, 2 * hole));
    QLinearGradient steel(0, mid - r, 0, mid + r);
    steel.setColorAt(0, look().steel.lighter(115));
    steel.setColorAt(1, look().steel.darker(150));
    p.setPen(QPen(look().ink, 1));
    p.setBrush(steel);
    p.drawRect(QRectF(left, mid - r, std::max(4.0, all * ppm), 2 * r));
    p.setFont(deskType(11));
    p.setPen(look().graphite);
    p.drawText(QRectF(0, height() - 24, width(), 20), Qt::AlignCenter,
               tr("%1 across, %2 and %3 deep")
                   .arg(Text::length(b.diameter_mm), Text::length(b.depth_mm), Text::length(b.depthTo_mm)));
}

void ThingPicture::paintEvent(QPaintEvent*) {
    if (!m_shown) return;
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    if (m_what == What::feature) drawFeature(p);
    if (m_what == What::base) drawBase(p);
    if (m_what == What::bond) drawBond(p);
}

} // namespace enkinet::app
