#include "shell/figure_rail.h"
#include "sheet/walk.h"
#include "widgets/fields.h"
#include "widgets/look.h"
#include "widgets/paper.h"
#include "words/text.h"
#include <QHelpEvent>
#include <QMouseEvent>
#include <QPainter>
#include <QToolTip>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

namespace {
constexpr double kHead = 62, kFoot = 34, kSide = 14, kHitRadius = 11;

choice::State jointState(const choice::LimbChoice& l, int joint) {
    for (std::size_t k = 0; k < l.verdicts.size(); ++k)
        if (l.demands[k].joint == joint) return l.verdicts[k].state();
    return choice::State::not_checked;
}
} // namespace

FigureRail::FigureRail(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    setObjectName("rail");
    setFocusPolicy(Qt::StrongFocus);
    setMouseTracking(true);
    installAccessiblePictures();
    setAccessibleName(tr("The puppet: what is in hand"));
    setAccessibleDescription(
        tr("Arrow keys walk from joint to joint, with Ctrl from part to part; V turns the puppet."));
    connect(&document, &Document::changed, this, &FigureRail::rebuild);
    connect(&document, &Document::selectionChanged, this, [this] {
        m_fresh = false;
        update();
        const auto row = walkRow(m_document);
        const auto at = std::find(row.begin(), row.end(), m_document.selection());
        if (at != row.end()) announcePart(*this, static_cast<int>(at - row.begin()));
    });
    rebuild();
}

void FigureRail::flip() {
    m_view = m_view == View::front ? View::side : View::front;
    rebuild();
}

void FigureRail::setBoth(bool both) {
    if (both == m_both) return;
    m_both = both;
    rebuild();
}

void FigureRail::setLayerView(LayerView layerView) {
    m_layerView = layerView;
    m_fresh = false;
    update();
}

void FigureRail::setStation(results::Station station) {
    m_station = station;
    m_fresh = false;
    update();
}

void FigureRail::showEvent(QShowEvent* e) {
    QWidget::showEvent(e);
    if (m_stale) rebuild();
}

void FigureRail::rebuild() {
    // What nobody looks at is drawn when somebody does.
    m_stale = !isVisible();
    if (m_stale) return;
    m_pictures.clear();
    m_fresh = false;
    if (m_document.hasPuppet())
        for (View view : {View::front, View::side})
            if (m_both || view == m_view)
                m_pictures.push_back({Elevation(m_document.puppet(), m_document.production(), m_document.report(), view,
                                                false, m_document.report().sketched ? Finish::draft : Finish::fine),
                                      1,
                                      {},
                                      {}});
    layoutPictures();
    update();
}

void FigureRail::layoutPictures() {
    m_fresh = false;
    if (m_pictures.empty()) return;
    const double high = (height() - kHead - kFoot - 12.0 * static_cast<double>(m_pictures.size() - 1)) /
                        static_cast<double>(m_pictures.size());
    double y = kHead;
    for (Picture& p : m_pictures) {
        p.area = QRectF(kSide, y, width() - 2 * kSide, high);
        QRectF b = p.figure.bounds();
        if (b.isEmpty()) b = QRectF(-0.3, -1, 0.6, 1);
        // Room for a failing joint's word beside a slender figure.
        p.scale = std::min(p.area.width() / std::max(1.0, b.width()),
                           (p.area.height() - 12) / std::max(1.0, b.height() + std::max(0.0, 0 - b.bottom())));
        p.at = QPointF(p.area.center().x() - b.center().x() * p.scale,
                       p.area.bottom() - std::max(0.0, b.bottom()) * p.scale - 12);
        // A small figure on a tall paper stands a little above its foot.
        const double spare = p.area.height() - (b.height() * p.scale + 12);
        if (spare > 0) p.at.ry() -= 0.35 * spare;
        // The word under it is never written over a wire that goes into the base.
        const double floor = p.area.bottom() + 4, below = p.figure.below();
        if (p.at.y() + below * p.scale > floor) {
            p.scale = std::min(p.scale, (floor - p.area.top()) / std::max(1.0, below - b.top()));
            p.at = QPointF(p.area.center().x() - b.center().x() * p.scale, floor - below * p.scale);
        }
        y += high + 12;
    }
}

QPointF FigureRail::toScreen(const Picture& p, const Vec3& mm) const {
    return p.at + p.scale * project(p.figure.view(), mm);
}

const FigureRail::Picture* FigureRail::pictureAt(const QPointF& screen) const {
    for (const Picture& p : m_pictures)
        if (p.area.adjusted(-kSide, -6, kSide, kFoot).contains(screen)) return &p;
    return m_pictures.empty() ? nullptr : &m_pictures.front();
}

QPointF FigureRail::hingeOnScreen(int hinge) const {
    if (m_pictures.empty()) return {};
    return toScreen(m_pictures.front(), m_document.report().choice.skeleton.hinges[static_cast<std::size_t>(hinge)].at);
}

QPointF FigureRail::partOnScreen(int part) const {
    if (m_pictures.empty()) return {};
    const auto& c = m_document.report().choice;
    const fill::Part& p = c.parts[static_cast<std::size_t>(part)];
    if (p.mass >= 0) return toScreen(m_pictures.front(), c.skeleton.masses[static_cast<std::size_t>(p.mass)].at);
    const body::Link& l = c.skeleton.links[static_cast<std::size_t>(p.link)];
    return toScreen(m_pictures.front(), 0.5 * (l.from + l.to));
}

QPainterPath FigureRail::outline() const {
    QPainterPath all;
    for (const Picture& p : m_pictures)
        all.addPath(QTransform(p.scale, 0, 0, p.scale, p.at.x(), p.at.y()).map(p.figure.silhouette()));
    return all;
}

QString FigureRail::subtitle() const {
    const body::Puppet& p = m_document.puppet();
    const results::Report& r = m_document.report();
    if (width() < 160) return Text::length(p.height_mm, 0);
    using results::Station;
    double clay = 0, bulk = 0;
    int clayParts = 0;
    for (const fill::Part& part : r.choice.parts) {
        clay += part.clay_g(), bulk += part.bulk.mass_g;
        clayParts += part.skin.mass_g > 0 ? 1 : 0;
    }
    switch (m_station) {
    case Station::bulk:
        return tr("%1 of bulk of %2").arg(Text::grams(bulk), Text::grams(r.choice.totals.mass_g()));
    case Station::skin:
    case Station::paint:
        return tr("%1 of clay in %n part(s)", nullptr, clayParts).arg(Text::grams(clay));
    case Station::plan:
        return tr("%n step(s), %1 of hands", nullptr, static_cast<int>(r.plan.steps.size()))
            .arg(Text::minutes(r.plan.hands_min));
    default:
        return tr("%1, %2, leans up to %3")
            .arg(Text::length(p.height_mm, 0), Text::grams(r.choice.totals.mass_g()), Text::degrees(p.wants.lean_rad));
    }
}

void FigureRail::drawMarks(QPainter& p, const Picture& picture) const {
    const results::Report& r = m_document.report();
    const auto& s = r.choice.skeleton;
    const View view = picture.figure.view();
    std::vector<std::size_t> order(s.hinges.size());
    for (std::size_t i = 0; i < order.size(); ++i)
        order[i] = i;
    std::sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) {
        return depthOf(view, s.hinges[a].at) < depthOf(view, s.hinges[b].at);
    });
    std::vector<QRectF> said;
    for (std::size_t i : order) {
        const body::Hinge& h = s.hinges[i];
        const body::LimbCopy& c = s.copies[static_cast<std::size_t>(h.copy)];
        const choice::LimbChoice& l = r.choice.limbs[static_cast<std::size_t>(c.limb)];
        const choice::State state = jointState(l, h.joint);
        const body::Limb& limb = m_document.puppet().limbs[static_cast<std::size_t>(c.limb)];
        const bool finger = limb.kind == body::LimbKind::finger, fails = state < choice::State::holds;
        const QPointF at = toScreen(picture, h.at);
        const double radius = (fails ? 10 : finger ? 4 : 7) * (width() < 160 ? 0.7 : 1);
        const Selection here{Selection::Kind::joint, c.limb, h.joint, c.right};
        const auto& inHand = m_document.selected();
        if (std::find(inHand.begin(), inHand.end(), here) != inHand.end()) {
            QColor lit("#f7d46b");
            lit.setAlphaF(0.75F);
            p.setPen(QPen(look().copper, 2));
            p.setBrush(lit);
            p.drawEllipse(at, radius + 5, radius + 5);
        }
        stampStateMark(p, at, radius, state);
        if (!fails || width() < 160 || (limb.mirrored && !c.right && view == View::front)) continue;
        // Its name and word, on the paper's free side.
        p.setFont(deskType(13, QFont::DemiBold));
        const QString name = QString::fromStdString(limb.joints[static_cast<std::size_t>(h.joint)].name) + ":",
                      word = Text::state(state);
        const QFontMetricsF f(p.font());
        const double w = std::max(f.horizontalAdvance(name), f.horizontalAdvance(word));
        if (w + 2 * radius > width() * 0.5) continue;
        QRectF box(at.x() - radius - 8 - w, at.y() - 17, w, 34);
        if (box.left() < 6) box.moveLeft(std::min(at.x() + radius + 8, width() - 6 - w));
        bool free = true;
        for (const QRectF& other : said)
            free = free && !other.intersects(box);
        if (!free) continue;
        said.push_back(box);
        QColor ground = look().sheet;
        ground.setAlphaF(0.8F);
        p.setPen(Qt::NoPen);
        p.setBrush(ground);
        p.drawRoundedRect(box.adjusted(-4, -1, 4, 1), 4, 4);
        p.setPen(stateColour(static_cast<int>(state)));
        p.drawText(box, Qt::AlignCenter, name + "\n" + word);
    }
}

void FigureRail::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    p.fillRect(rect(), look().sheet);
    if (!m_document.hasPuppet()) return;
    p.setPen(look().ink);
    p.setFont(deskType(width() < 160 ? 15 : 22, QFont::DemiBold));
    drawFitted(p, QRectF(kSide + 2, 12, width() - 2 * kSide, 28), Qt::AlignLeft | Qt::AlignVCenter,
               QString::fromStdString(m_document.puppet().name));
    p.setPen(look().graphite);
    p.setFont(deskType(13));
    drawFitted(p, QRectF(kSide + 2, 40, width() - kSide - 4, 18), Qt::AlignLeft | Qt::AlignVCenter, subtitle());
    const double dpr = devicePixelRatioF();
    if (!m_fresh || m_drawn.size() != size() * dpr) {
        m_drawn = QPixmap(size() * dpr);
        m_drawn.setDevicePixelRatio(dpr);
        m_drawn.fill(Qt::transparent);
        QPainter q(&m_drawn);
        q.setRenderHint(QPainter::Antialiasing);
        for (const Picture& picture : m_pictures) {
            // It stands on a line, or, standing on nothing, above it.
            QColor shadow(58, 47, 28, 36);
            q.setPen(Qt::NoPen);
            q.setBrush(shadow);
            const QRectF b = picture.figure.bounds();
            const double foot = picture.at.y();
            q.drawEllipse(QPointF(picture.area.center().x(), foot + 3),
                          std::min(62.0, 0.34 * b.width() * picture.scale + 8), 5);
            q.setPen(QPen(look().ink, 1.4));
            q.drawLine(QPointF(10, foot + 1), QPointF(width() - 10, foot + 1));
            q.save();
            q.translate(picture.at);
            q.scale(picture.scale, picture.scale);
            picture.figure.draw(q, m_layerView, picture.scale, m_document.selected());
            q.restore();
        }
        m_fresh = true;
    }
    p.drawPixmap(0, 0, m_drawn);
    for (const Picture& picture : m_pictures) {
        if (m_layerView != LayerView::painted && m_layerView != LayerView::paper) drawMarks(p, picture);
        p.setFont(deskType(11));
        p.setPen(look().graphite);
        drawFitted(p, QRectF(kSide, picture.area.bottom() + 8, picture.area.width() + 2, 16), Qt::AlignLeft,
                   picture.figure.view() == View::front ? tr("front: V turns it") : tr("from its right: V turns it"));
    }
    if (hasFocus()) drawFocus(p, QRectF(rect()).adjusted(2, 2, -2, -2));
}

std::optional<Selection> FigureRail::hitAt(const QPointF& screen) const {
    const Picture* p = pictureAt(screen);
    if (!p) return {};
    const auto& s = m_document.report().choice.skeleton;
    double best = kHitRadius, depth = -1e9;
    std::optional<Selection> hit;
    for (const body::Hinge& h : s.hinges) {
        const QPointF d = toScreen(*p, h.at) - screen;
        const double away = std::hypot(d.x(), d.y()), near = depthOf(p->figure.view(), h.at);
        // Two joints may lie one behind the other: the nearer to the viewer counts.
        if (away > kHitRadius || (away > best - 0.5 && near <= depth)) continue;
        best = away, depth = near;
        const body::LimbCopy& c = s.copies[static_cast<std::size_t>(h.copy)];
        hit = Selection{Selection::Kind::joint, c.limb, h.joint, c.right};
    }
    // At the stations that are about parts a joint must be meant to be hit.
    if (hit && (!m_parts || best < 5)) return hit;
    if (const int part = p->figure.findPart((screen - p->at) / p->scale); part >= 0)
        return selectionOf(m_document.report(), part);
    return hit;
}

std::vector<PicturePart> FigureRail::parts() const {
    std::vector<PicturePart> all;
    if (!m_document.hasPuppet() || m_pictures.empty()) return all;
    for (const Selection& one : walkRow(m_document)) {
        const QPointF at = one.kind == Selection::Kind::joint ? hingeOnScreen(hingeOf(m_document.report(), one))
                                                              : partOnScreen(partOf(m_document.report(), one));
        all.push_back({sentenceOf(m_document, one), QRect(at.toPoint() - QPoint(10, 10), QSize(20, 20)),
                       one == m_document.selection()});
    }
    return all;
}

void FigureRail::choosePart(int index) {
    const auto row = walkRow(m_document);
    if (index >= 0 && index < static_cast<int>(row.size())) m_document.select(row[static_cast<std::size_t>(index)]);
}

void FigureRail::mousePressEvent(QMouseEvent* e) {
    setFocus(Qt::MouseFocusReason);
    if (e->button() != Qt::LeftButton || !m_document.hasPuppet()) return;
    const Selection hit = hitAt(e->position()).value_or(Selection{});
    if (e->modifiers() & (Qt::ControlModifier | Qt::ShiftModifier))
        m_document.selectMore(hit);
    else
        m_document.select(hit);
}

void FigureRail::mouseMoveEvent(QMouseEvent* e) {
    if (!m_document.hasPuppet()) return;
    setCursor(hitAt(e->position()) ? Qt::PointingHandCursor : Qt::ArrowCursor);
    const Picture* p = pictureAt(e->position());
    const int part = p ? p->figure.findPart((e->position() - p->at) / p->scale) : -1;
    if (part < 0) {
        Q_EMIT pointed(-1, 0);
        return;
    }
    const auto& c = m_document.report().choice;
    const body::Link& link = c.skeleton.links[static_cast<std::size_t>(c.parts[static_cast<std::size_t>(part)].link)];
    const QPointF a = toScreen(*p, link.from), d = toScreen(*p, link.to) - a, q = e->position() - a;
    const double length = d.x() * d.x() + d.y() * d.y();
    Q_EMIT pointed(part, length > 0 ? std::clamp((q.x() * d.x() + q.y() * d.y()) / length, 0.0, 1.0) : 0.5);
}

void FigureRail::leaveEvent(QEvent*) { Q_EMIT pointed(-1, 0); }

void FigureRail::keyPressEvent(QKeyEvent* e) {
    const bool parts = m_parts != static_cast<bool>(e->modifiers() & Qt::ControlModifier);
    const bool more = e->modifiers() & Qt::ShiftModifier;
    const auto step = [&](int by) {
        const std::vector<Selection> before = m_document.selected();
        parts ? walkParts(m_document, by) : walkJoints(m_document, by);
        if (!more) return;
        // With Shift what was in hand stays there, behind the one walked to.
        std::vector<Selection> all{m_document.selection()};
        for (const Selection& one : before)
            if (!(one == all.front())) all.push_back(one);
        m_document.selectAll(all);
    };
    switch (e->key()) {
    case Qt::Key_Right:
    case Qt::Key_Down:
        return step(1);
    case Qt::Key_Left:
    case Qt::Key_Up:
        return step(-1);
    case Qt::Key_V:
        return flip();
    case Qt::Key_P:
        return Q_EMIT layerViewAsked(more ? -1 : 1);
    case Qt::Key_Escape:
        return m_document.select({});
    default:
        QWidget::keyPressEvent(e);
    }
}

void FigureRail::resizeEvent(QResizeEvent*) { layoutPictures(); }

bool FigureRail::event(QEvent* event) {
    if (event->type() == QEvent::ToolTip && m_document.hasPuppet()) {
        const auto* help = static_cast<QHelpEvent*>(event);
        const auto hit = hitAt(help->pos());
        QToolTip::showText(help->globalPos(), hit ? plainTip(sentenceOf(m_document, *hit)) : QString(), this);
        return true;
    }
    return QWidget::event(event);
}

} // namespace enkinet::app
