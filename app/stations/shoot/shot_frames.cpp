#include "stations/shoot/shot_frames.h"
#include "base/units.h"
#include "document/translated.h"
#include "sheet/elevation.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include "words/text.h"
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QPainterPath>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

using namespace body;
using shoot::Remark;

namespace {

constexpr double kFrameEdge = 24, kTapeHigh = 30, kFootRow = 13;

/// A piece with its outline as seen in a view: at the places of u the farthest point, from the half axes.
QPolygonF massOutline(View view, const Mass& mass, const MassCopy& copy) {
    const QPointF at = project(view, copy.at), none = project(view, {});
    QPointF half[3];
    const double size[3] = {mass.half_mm.x, mass.half_mm.y, mass.half_mm.z};
    for (int k = 0; k < 3; ++k)
        half[k] = project(view, size[k] * copy.axes[static_cast<std::size_t>(k)]) - none;
    QPolygonF all;
    for (int i = 0; i < 40; ++i) {
        const double t = 2 * kPi * i / 40;
        const QPointF u(std::cos(t), std::sin(t));
        QPointF far;
        double norm = 0;
        for (const QPointF& h : half) {
            const double d = QPointF::dotProduct(h, u);
            norm += d * d;
            far += mass.shape == MassShape::box ? (d < 0 ? -h : h) : d * h;
        }
        all << at + (mass.shape == MassShape::box ? far : norm > 0 ? far / std::sqrt(norm) : QPointF());
    }
    return all;
}

/// Turned the way that ellipses run, so that shapes that overlap add up and never cancel.
QPolygonF turned(QPolygonF polygon) {
    double area = 0;
    for (qsizetype i = 0; i < polygon.size(); ++i) {
        const QPointF &a = polygon[i], &b = polygon[(i + 1) % polygon.size()];
        area += a.x() * b.y() - b.x() * a.y();
    }
    if (area < 0) std::reverse(polygon.begin(), polygon.end());
    return polygon;
}

/// A figure as one outline: shapes that lie on one another take several times as long to fill.
QPainterPath figureOf(View view, const Puppet& puppet, const Skeleton& s) {
    QPainterPath all;
    all.setFillRule(Qt::WindingFill);
    for (const Link& link : s.links) {
        const Limb& limb = puppet.limbs[static_cast<std::size_t>(s.copies[static_cast<std::size_t>(link.copy)].limb)];
        const Segment& segment = limb.segments[static_cast<std::size_t>(link.segment)];
        const QPointF from = project(view, link.from), along = project(view, link.to) - from, none = project(view, {});
        const double length = std::hypot(along.x(), along.y());
        const QPointF across = length > 1e-6 ? QPointF(-along.y(), along.x()) / length : QPointF(1, 0);
        const double ka = QPointF::dotProduct(project(view, link.a) - none, across),
                     kb = QPointF::dotProduct(project(view, link.b) - none, across);
        QPolygonF sides, back;
        const auto add = [&](double t, double half) {
            sides << from + t * along + half * across;
            back.prepend(from + t * along - half * across);
            if (t <= 0 || t >= 1) all.addEllipse(from + t * along, half, half);
        };
        // Nothing but wire is seen as such.
        if (segment.sections.empty()) add(0, 0.7), add(1, 0.7);
        for (const body::Section& at : segment.sections)
            add(at.at, std::hypot(ka * at.a_mm, kb * at.b_mm));
        all.addPolygon(turned(sides + back));
        all.closeSubpath();
    }
    for (const MassCopy& m : s.masses) {
        all.addPolygon(turned(massOutline(view, puppet.masses[static_cast<std::size_t>(m.mass)], m)));
        all.closeSubpath();
    }
    return all.simplified();
}

} // namespace

ShotFrames::ShotFrames(QWidget* parent) : QWidget(parent) {
    setObjectName("shotFrames");
    setFocusPolicy(Qt::StrongFocus);
    setMinimumHeight(420);
    installAccessiblePictures();
    setAccessibleName(tr("The shot, pose by pose: arrows step, Space runs it"));
    connect(&m_clock, &QTimer::timeout, this, [this] {
        if (m_exposures > 0) setExposure((m_exposure + 1) % m_exposures);
    });
}

const document::Cast* ShotFrames::cast() const {
    if (!m_state || m_shot < 0 || m_shot >= static_cast<int>(m_state->of->shots.size())) return nullptr;
    for (const document::Cast& c : shot().cast)
        if (c.puppet == puppet().id) return &c;
    return nullptr;
}

void ShotFrames::show(const ShotWearJob::State& state, int puppet, int shot) {
    const bool same = state == m_state && puppet == m_puppet && shot == m_shot;
    if (same) return;
    const bool elsewhere = puppet != m_puppet || shot != m_shot;
    m_state = state && puppet < static_cast<int>(state->of->puppets.size()) ? state : nullptr;
    m_puppet = puppet, m_shot = shot;
    m_seen.forget();
    m_wires.clear();
    m_exposures = 0;
    m_outlines.clear();
    if (const document::Cast* c = cast()) {
        const results::Report& report = *m_state->from->puppets[static_cast<std::size_t>(puppet)];
        m_rest = report.choice.rest;
        m_wires = shoot::findJointWires(this->puppet(), report.choice, report.stock);
        m_exposures = shoot::countExposures(*c);
        if (m_exposures > 0)
            m_seen.ask([all = m_state->of, puppet, rest = m_rest, cast = *c](const std::stop_token&, const auto& post) {
                const Puppet& p = all->puppets[static_cast<std::size_t>(puppet)];
                post({shoot::findRemarks(p, rest, cast), shoot::findContacts(p, rest, cast)});
            });
    }
    if (m_exposures == 0) play(false);
    if (elsewhere) m_exposure = 0;
    m_exposure = std::clamp(m_exposure, 0, std::max(0, m_exposures - 1));
    update();
}

void ShotFrames::setExposure(int exposure) {
    exposure = std::clamp(exposure, 0, std::max(0, m_exposures - 1));
    if (exposure == m_exposure) return;
    m_exposure = exposure;
    if (!isPlaying()) announcePart(*this, exposure);
    update();
    Q_EMIT exposureChanged(exposure);
}

void ShotFrames::play(bool on) {
    on = on && m_exposures > 1;
    if (on == isPlaying()) return;
    if (on)
        m_clock.start(std::max(8, static_cast<int>(std::lround(1000 * shot().onEach / shot().fps))));
    else
        m_clock.stop();
    Q_EMIT playing(on);
}

const std::vector<Remark>& ShotFrames::remarks() const {
    static const std::vector<Remark> kNone;
    return m_seen.state() ? m_seen.state()->remarks : kNone;
}

QRectF ShotFrames::tape() const {
    const double feet = kFootRow * static_cast<double>(m_rest.supportLinks.size());
    return {kFrameEdge + 78, height() - kTapeHigh - feet - 34, width() - 2 * kFrameEdge - 82, kTapeHigh};
}

double ShotFrames::tapeX(double exposure) const {
    const QRectF t = tape();
    return t.left() + t.width() * (exposure + 0.5) / std::max(1, m_exposures);
}

QString ShotFrames::remarkText(const Remark& r) const {
    const LimbCopy& c = m_rest.copies[static_cast<std::size_t>(r.copy)];
    const Limb& limb = puppet().limbs[static_cast<std::size_t>(c.limb)];
    const QString name = QString::fromStdString(limb.joints[static_cast<std::size_t>(r.joint)].name);
    const QString who = Text::sided(limb, name, c.right);
    switch (r.kind) {
    case Remark::Kind::beyond:
        return tr("%1 bends to %2 in pose %3; its range ends at %4")
            .arg(who, Text::degrees(r.found))
            .arg(r.exposure + 1)
            .arg(Text::degrees(r.limit));
    case Remark::Kind::jumps:
        return tr("%1 jumps by %2 into pose %3; more than %4 at once reads as a jump")
            .arg(who, Text::degrees(r.found))
            .arg(r.exposure + 1)
            .arg(Text::degrees(r.limit));
    case Remark::Kind::slides:
        return tr("%1 stands and slides by %2 into pose %3; more than %4 is seen")
            .arg(who, Text::length(r.found))
            .arg(r.exposure + 1)
            .arg(Text::length(r.limit));
    }
    return {};
}

std::vector<PicturePart> ShotFrames::parts() const {
    std::vector<PicturePart> all;
    for (int i = 0; i < m_exposures; ++i) {
        QString name = tr("pose %1 of %2").arg(i + 1).arg(m_exposures);
        for (const Remark& r : remarks())
            if (r.exposure == i) name += tr(": %1").arg(remarkText(r));
        const QRectF t = tape();
        all.push_back(
            {name, QRectF(tapeX(i - 0.5), t.top(), std::max(1.0, t.width() / m_exposures), t.height()).toAlignedRect(),
             i == m_exposure});
    }
    return all;
}

void ShotFrames::choosePart(int index) {
    play(false);
    setExposure(index);
}

void ShotFrames::mousePressEvent(QMouseEvent* e) {
    setFocus(Qt::MouseFocusReason);
    if (m_exposures > 0 && tape().adjusted(-6, -8, 6, 8).contains(e->position())) mouseMoveEvent(e);
}

void ShotFrames::mouseMoveEvent(QMouseEvent* e) {
    const QRectF t = tape();
    if (!(e->buttons() & Qt::LeftButton) || m_exposures == 0 || e->position().y() < t.top() - 8) return;
    choosePart(static_cast<int>(std::floor((e->position().x() - t.left()) / t.width() * m_exposures)));
}

void ShotFrames::keyPressEvent(QKeyEvent* e) {
    switch (e->key()) {
    case Qt::Key_Right:
        return choosePart(m_exposure + 1);
    case Qt::Key_Left:
        return choosePart(m_exposure - 1);
    case Qt::Key_Home:
        return choosePart(0);
    case Qt::Key_End:
        return choosePart(m_exposures - 1);
    case Qt::Key_Space:
        return play(!isPlaying());
    default:
        QWidget::keyPressEvent(e);
    }
}

const QPainterPath& ShotFrames::outlineAt(int exposure, View view, const Skeleton& posed) {
    constexpr std::size_t kMost = 400;
    if (m_outlines.size() > kMost) m_outlines.clear();
    const auto [at, fresh] = m_outlines.try_emplace({exposure, view});
    if (fresh) at->second = figureOf(view, puppet(), posed);
    return at->second;
}

void ShotFrames::drawTape(QPainter& p) const {
    const QRectF t = tape();
    drawPaper(p, t, look().sheet, 5);
    const double step = t.width() / m_exposures;
    const int every = step > 26 ? 1 : step > 6 ? 5 : step > 2 ? 20 : 100;
    p.setFont(deskType(11));
    for (int i = 0; i < m_exposures; ++i) {
        if (i % every != 0 && step < 5) continue;
        p.setPen(QPen(look().line, 1));
        p.drawLine(QPointF(tapeX(i), t.top() + 4), QPointF(tapeX(i), t.top() + (i % every == 0 ? 12 : 8)));
        p.setPen(look().graphite);
        if (i % every == 0)
            p.drawText(QRectF(tapeX(i) - 20, t.top() + 12, 40, 15), Qt::AlignCenter, QString::number(i + 1));
    }
    // What is pointed out hangs as a flag from its pose.
    for (const Remark& r : remarks()) {
        p.setPen(Qt::NoPen);
        p.setBrush(look().slack);
        const double x = tapeX(r.exposure);
        p.drawPolygon(QPolygonF{{x - 5, t.top() - 9}, {x + 5, t.top() - 9}, {x, t.top()}});
    }
    p.setPen(QPen(look().copper, 2));
    p.setBrush(Qt::NoBrush);
    p.drawRect(QRectF(tapeX(m_exposure) - std::max(3.0, step / 2), t.top() - 2, std::max(6.0, step), t.height() + 4));
    // Where each foot stands.
    const auto seen = m_seen.state();
    for (std::size_t f = 0; seen && f < seen->contacts.size(); ++f) {
        const double y = t.bottom() + 8 + kFootRow * static_cast<double>(f);
        const Link& link = m_rest.links[static_cast<std::size_t>(m_rest.supportLinks[f])];
        p.setPen(look().graphite);
        p.setFont(deskType(11));
        drawFitted(p, QRectF(kFrameEdge, y - 4, 74, kFootRow), Qt::AlignLeft | Qt::AlignVCenter,
                   translated(m_rest.copies[static_cast<std::size_t>(link.copy)].label));
        p.setPen(QPen(look().holds, 5, Qt::SolidLine, Qt::RoundCap));
        for (const auto& [from, to] : seen->contacts[f])
            p.drawLine(QPointF(tapeX(from), y + 3), QPointF(tapeX(to) + 0.01, y + 3));
    }
}

void ShotFrames::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(look().ink);
    p.setFont(deskType(22, QFont::DemiBold));
    const document::Cast* c = cast();
    p.drawText(QPointF(kFrameEdge, 34),
               c && m_exposures > 0 ? tr("Pose %1 of %2").arg(m_exposure + 1).arg(m_exposures) : tr("Pose by pose"));
    p.setFont(deskType(13));
    p.setPen(look().graphite);
    const auto line = [&](double y, const QString& text) {
        p.drawText(QRectF(kFrameEdge, y, width() - 2 * kFrameEdge, 40), Qt::AlignLeft | Qt::TextWordWrap, text);
    };
    if (!m_state) return line(44, tr("Working it out …"));
    if (!c) return line(44, tr("%1 is not in this shot.").arg(QString::fromStdString(puppet().name)));
    if (m_exposures == 0)
        return line(44, tr("This shot is acted by an estimate: there are no poses to see. Take a motion file or an "
                           "exposure sheet, or let it go through kept poses."));
    const double second = static_cast<double>(m_exposure) * shot().onEach / shot().fps;
    line(42, tr("frame %1, %2 s. Shadow: the pose before. Dashed: how far the hand goes so that the wire stays.")
                 .arg(m_exposure * shot().onEach + 1)
                 .arg(Text::number(second, 2)));
    const shoot::Frame now = shoot::calcFrame(puppet(), m_rest, *c, m_exposure);
    const shoot::Frame before = shoot::calcFrame(puppet(), m_rest, *c, std::max(0, m_exposure - 1));
    const Posed here = calcPosed(puppet(), m_rest, now.pose), shadow = calcPosed(puppet(), m_rest, before.pose),
                beyond = calcPosed(puppet(), m_rest, shoot::calcOverbent(puppet(), m_wires, before.pose, now.pose));
    const QRectF stage(kFrameEdge, 84, width() - 2 * kFrameEdge, tape().top() - 108);
    // Both views at one scale, with room for arms that are thrown up and legs that step out.
    double low = 1e9, high = -1e9;
    for (const Link& l : m_rest.links)
        low = std::min({low, l.from.y, l.to.y}), high = std::max({high, l.from.y, l.to.y});
    for (const MassCopy& m : m_rest.masses)
        high = std::max(high, m.at.y + puppet().masses[static_cast<std::size_t>(m.mass)].half_mm.y);
    const double tall = std::max(1.0, high - low);
    const double scale = std::min(stage.height() / (1.12 * tall), stage.width() / 2 / (0.66 * tall));
    const double ground = stage.bottom() + low * scale;
    const auto& hinges = m_rest.hinges;
    const auto& said = remarks();
    for (const View view : {View::side, View::front}) {
        const QPointF middle(stage.left() + stage.width() * (view == View::side ? 0.26 : 0.76), 0);
        p.setPen(QPen(look().line, 1));
        p.drawLine(QPointF(middle.x() - stage.width() * 0.22, stage.bottom()),
                   QPointF(middle.x() + stage.width() * 0.22, stage.bottom()));
        p.setPen(look().graphite);
        p.setFont(deskType(11));
        p.drawText(QRectF(middle.x() - 60, stage.bottom() + 3, 120, 16), Qt::AlignCenter,
                   view == View::side ? tr("from the side") : tr("from the front"));
        // The figure's own middle stands over the middle of its ground.
        double sum = 0;
        for (const Link& l : m_rest.links)
            sum += project(view, 0.5 * (l.from + l.to)).x();
        p.save();
        p.setClipRect(stage.adjusted(-4, -20, 4, 2));
        p.translate(middle.x(), ground);
        p.scale(scale, scale);
        p.translate(-sum / std::max<double>(1, static_cast<double>(m_rest.links.size())), -before.lift_mm);
        QColor pale = look().graphite;
        pale.setAlpha(55);
        p.fillPath(outlineAt(std::max(0, m_exposure - 1), view, shadow.skeleton), pale);
        p.translate(0, before.lift_mm - now.lift_mm);
        p.setPen(QPen(look().ink, 2.4 / scale));
        p.setBrush(look().sheet);
        p.drawPath(outlineAt(m_exposure, view, here.skeleton));
        // Its wire, and where the hand takes it.
        p.setBrush(Qt::NoBrush);
        p.setPen(QPen(look().copper, 2.2 / scale, Qt::SolidLine, Qt::RoundCap));
        for (const Link& l : here.skeleton.links)
            p.drawLine(project(view, l.from), project(view, l.to));
        p.setPen(QPen(look().copperDark, 1.4 / scale, Qt::DashLine, Qt::RoundCap));
        for (const Link& l : beyond.skeleton.links)
            p.drawLine(project(view, l.from), project(view, l.to));
        p.setPen(Qt::NoPen);
        for (std::size_t h = 0; h < hinges.size(); ++h) {
            const bool flagged = std::any_of(said.begin(), said.end(), [&](const Remark& r) {
                return r.exposure == m_exposure && r.copy == hinges[h].copy && r.joint == hinges[h].joint;
            });
            p.setBrush(flagged ? look().slack : look().copperDark);
            const double r = (flagged ? 5 : 2.6) / scale;
            p.drawEllipse(project(view, here.skeleton.hinges[h].at), r, r);
        }
        p.restore();
    }
    drawTape(p);
    if (hasFocus()) drawFocus(p, QRectF(rect()).adjusted(3, 3, -3, -3));
}

} // namespace enkinet::app
