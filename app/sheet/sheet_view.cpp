#include "sheet/sheet_view.h"
#include "base/units.h"
#include "sheet/walk.h"
#include "widgets/fields.h"
#include "widgets/look.h"
#include "words/text.h"
#include <QHelpEvent>
#include <QKeyEvent>
#include <QPainter>
#include <QSettings>
#include <QToolTip>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

SheetView::SheetView(Document& document, QWidget* parent)
    : QWidget(parent), m_document(document), m_strip(new LayerStrip(*this)) {
    setFocusPolicy(Qt::StrongFocus);
    setObjectName("sheet");
    setMouseTracking(true);
    setAccessibleName(tr("Sheet with the front and side elevation"));
    setAccessibleDescription(tr("Arrow keys walk from joint to joint, plus and minus zoom, F fits, P peels."));
    setMinimumSize(420, 320);
    // What nobody looks at is drawn when somebody does.
    connect(&document, &Document::changed, this, [this] {
        m_stale = true;
        if (isVisible()) freshen();
    });
    installAccessiblePictures();
    connect(&document, &Document::selectionChanged, this, [this] {
        update();
        if (!isVisible()) return;
        const auto row = walkRow(m_document);
        const auto at = std::find(row.begin(), row.end(), m_document.selection());
        if (at != row.end()) announcePart(*this, static_cast<int>(at - row.begin()));
    });
    rebuild();
}

void SheetView::freshen() const {
    if (m_stale) const_cast<SheetView*>(this)->rebuild();
}

void SheetView::showEvent(QShowEvent* e) {
    QWidget::showEvent(e);
    freshen();
}

void SheetView::rebuild() {
    m_stale = false;
    ++m_generation;
    if (m_document.hasPuppet()) {
        const bool rest = m_hold && m_hold->wantsRest();
        const auto made = [&](View view) {
            return Elevation(m_document.puppet(), m_document.production(), m_document.report(), view, rest,
                             m_document.report().sketched ? Finish::draft : Finish::fine);
        };
        m_front = made(View::front), m_side = made(View::side);
        setBeside(m_beside);
        m_tags = makeTags(m_document.puppet(), m_document.production(), m_document.report());
    } else {
        m_front = m_side = {};
        m_tags.clear();
    }
    layoutViews();
    update();
}

QPainterPath SheetView::outline() const {
    freshen();
    QPainterPath all;
    for (const auto& [figure, at] : {std::pair{&m_front, m_frontAt}, std::pair{&m_side, m_sideAt}})
        all.addPath(QTransform(m_scale, 0, 0, m_scale, at.x(), at.y()).map(figure->silhouette()));
    return all;
}

void SheetView::setHold(std::unique_ptr<SheetHold> hold) {
    m_hold = std::move(hold);
    m_holding = false;
    rebuild();
}

double SheetView::between() const {
    return (toScreen(View::front, m_bounds[0].topRight()).x() + toScreen(View::side, m_bounds[1].topLeft()).x()) / 2;
}

View SheetView::viewAt(const QPointF& screen) const {
    freshen();
    return screen.x() < between() ? View::front : View::side;
}

int SheetView::partAt(const QPointF& screen) const {
    freshen();
    const View view = viewAt(screen);
    return (view == View::front ? m_front : m_side).findPart(toMm(view, screen));
}

double SheetView::pixelsPerMm() { return QSettings().value("pixelsPerMm", 96 / 25.4).toDouble(); }
void SheetView::setPixelsPerMm(double value) { QSettings().setValue("pixelsPerMm", value); }

void SheetView::setLifeSize(bool on) {
    m_lifeSize = on;
    m_zoom = 1, m_pan = {};
    layoutViews();
    update();
}

void SheetView::setBeside(int puppet) {
    m_beside = puppet;
    m_besideOutline = {};
    const auto& p = m_document.production();
    if (puppet < 0 || puppet >= static_cast<int>(p.puppets.size()) || puppet == m_document.puppetIndex()) return;
    const results::Report r = m_document.reportOf(puppet);
    for (const QPolygonF& polygon :
         Elevation(p.puppets[static_cast<std::size_t>(puppet)], p, r, View::front).outlines())
        m_besideOutline.addPolygon(polygon);
}

/// What of a view must find room on the paper: the figure, or the height it is to have, and its pictures.
QRectF SheetView::figureBounds(View view) const {
    QRectF b = (view == View::front ? m_front : m_side).bounds();
    const body::Puppet& p = m_document.puppet();
    if (b.isEmpty()) b = QRectF(-0.3 * p.height_mm, -p.height_mm, 0.6 * p.height_mm, p.height_mm);
    // Two pictures never lie on each other, and a click within one belongs to its elevation.
    for (const body::Picture& x : p.pictures) {
        if (x.side != (view == View::side)) continue;
        const std::string* bytes = document::findPicture(m_document.production(), x.file);
        const QImage image = bytes ? PictureShelf::shared().find(x.file, *bytes) : QImage();
        if (image.isNull()) continue;
        QTransform place;
        place.translate(x.x_mm, -x.y_mm);
        place.rotateRadians(-x.angle_rad);
        place.scale(x.mm_px, x.mm_px);
        b |= place.mapRect(QRectF(image.width() * x.cropLeft, image.height() * x.cropTop,
                                  image.width() * (1 - x.cropLeft - x.cropRight),
                                  image.height() * (1 - x.cropTop - x.cropBottom)));
    }
    return b;
}

QRectF SheetView::paper() const { return QRectF(rect()); }

void SheetView::layoutViews() {
    m_strip->resize(m_strip->sizeHint());
    if (!m_document.hasPuppet()) return;
    m_bounds = {figureBounds(View::front), figureBounds(View::side)};
    const QRectF f = m_bounds[0], s = m_bounds[1];
    const QRectF area = paper().adjusted(kRuler + 14, kHeader + 22, -18, -kRuler - 40);
    // Front, a column for the tags, side; one scale and one ground line for both.
    const double wide = std::max(20.0, f.width()) + std::max(20.0, s.width());
    const double tall = std::max({40.0, -f.top(), -s.top()});
    const double forTags = kTagWidth + 60;
    const double scale = std::min((area.width() - forTags) / wide, area.height() / tall);
    // While something is dragged the paper under it lies still: it is fitted anew once it is let go.
    const double scaleWas = m_scale;
    const QPointF frontWas = m_frontAt, sideWas = m_sideAt;
    m_scale = std::max(0.2, scale) * m_zoom;
    if (m_lifeSize) m_scale = pixelsPerMm(), m_zoom = 1;
    const double spare = m_lifeSize ? 10 : std::max(0.0, area.width() - forTags - wide * m_scale / m_zoom) / 2;
    const double ground = area.bottom() + m_pan.y();
    m_frontAt = QPointF(area.left() + spare + (-f.left()) * m_scale / m_zoom + m_pan.x(), ground);
    m_sideAt = QPointF(area.right() - spare - s.right() * m_scale / m_zoom + m_pan.x(), ground);
    if (m_lifeSize) m_sideAt.setX(m_frontAt.x() + (f.right() - s.left()) * m_scale + forTags);
    if (m_zoom != 1) {
        // Zoomed about the paper's middle: keep the two views apart by the same millimetres.
        const QPointF c = area.center();
        const auto about = [&](QPointF at) { return c + m_zoom * (at - m_pan - c) + m_pan; };
        m_frontAt = about(m_frontAt), m_sideAt = about(m_sideAt);
    }
    if (m_holding) m_scale = scaleWas, m_frontAt = frontWas, m_sideAt = sideWas;
    for (Tag& t : m_tags) {
        t.anchor = toScreen(View::front, project(View::front, t.tied));
    }
    const double columnLeft = area.left() + spare + f.width() * m_scale / m_zoom + 44;
    // The layers that are shown stand over the tags, between the figures: there nothing is covered.
    m_strip->move(static_cast<int>(columnLeft), 66);
    const double below = m_strip->y() + m_strip->height() + 8;
    placeTags(m_tags, QRectF(columnLeft, below, kTagWidth, area.bottom() + 4 - below), kTagHeight);
}

QPointF SheetView::toScreen(View view, const QPointF& mm) const {
    return (view == View::front ? m_frontAt : m_sideAt) + m_scale * mm;
}
QPointF SheetView::toMm(View view, const QPointF& screen) const {
    return (screen - (view == View::front ? m_frontAt : m_sideAt)) / m_scale;
}

QPointF SheetView::hingeOnScreen(int hinge, View view) const {
    freshen();
    const auto& choice = m_document.report().choice;
    const body::Skeleton& s = m_hold && m_hold->wantsRest() ? choice.rest : choice.skeleton;
    return toScreen(view, project(view, s.hinges[static_cast<std::size_t>(hinge)].at));
}

std::vector<PicturePart> SheetView::parts() const {
    std::vector<PicturePart> all;
    const auto& c = m_document.report().choice;
    for (const Selection& one : walkRow(m_document)) {
        QPointF at;
        if (one.kind == Selection::Kind::joint) {
            at = hingeOnScreen(hingeOf(m_document.report(), one), View::front);
        } else {
            const fill::Part& p = c.parts[static_cast<std::size_t>(partOf(m_document.report(), one))];
            const body::Link& l = c.skeleton.links[static_cast<std::size_t>(p.link)];
            at = toScreen(View::front,
                          project(View::front, p.mass >= 0 ? c.skeleton.masses[static_cast<std::size_t>(p.mass)].at
                                                           : 0.5 * (l.from + l.to)));
        }
        all.push_back({sentenceOf(m_document, one), QRect(at.toPoint() - QPoint(10, 10), QSize(20, 20)),
                       one == m_document.selection()});
    }
    return all;
}

void SheetView::choosePart(int index) {
    const auto row = walkRow(m_document);
    if (index >= 0 && index < static_cast<int>(row.size())) m_document.select(row[static_cast<std::size_t>(index)]);
}

void SheetView::fit() {
    m_zoom = 1;
    m_pan = {};
    layoutViews();
    update();
}

void SheetView::zoom(double factor, const QPointF& about) {
    const double next = std::clamp(m_zoom * factor, 0.4, 20.0);
    const double k = next / m_zoom;
    const QPointF c = paper().adjusted(kRuler + 14, kHeader + 22, -18, -kRuler - 40).center();
    // What lies under the pointer stays there.
    m_pan = about - c - k * (about - c - m_pan);
    m_zoom = next;
    layoutViews();
    update();
}

void SheetView::setLayerView(LayerView layerView) {
    if (layerView == m_layerView) return;
    m_layerView = layerView;
    update();
    m_strip->update();
    Q_EMIT layerViewChanged();
}

void SheetView::walk(int step, bool parts) { parts ? walkParts(m_document, step) : walkJoints(m_document, step); }

SheetView::Hit SheetView::hitAt(const QPointF& screen) const {
    freshen();
    if (!m_document.hasPuppet()) return {};
    for (const Tag& t : m_tags)
        if (t.box.contains(screen)) return {{Selection::Kind::joint, t.limb, t.joint, false}, true};
    const auto& skeleton = m_document.report().choice.skeleton;
    for (View view : {View::front, View::side}) {
        double best = kHitRadius, bestDepth = -1e9;
        Hit hit;
        for (std::size_t i = 0; i < skeleton.hinges.size(); ++i) {
            const QPointF d = hingeOnScreen(static_cast<int>(i), view) - screen;
            const double distance = std::hypot(d.x(), d.y()), depth = depthOf(view, skeleton.hinges[i].at);
            // Two joints may lie one behind the other: the nearer to the viewer counts.
            if (distance > kHitRadius || (distance > best - 0.5 && depth <= bestDepth)) continue;
            best = distance, bestDepth = depth;
            const body::LimbCopy& c = skeleton.copies[static_cast<std::size_t>(skeleton.hinges[i].copy)];
            hit = {{Selection::Kind::joint, c.limb, skeleton.hinges[i].joint, c.right}, true};
        }
        if (hit.found) return hit;
        const Elevation& e = view == View::front ? m_front : m_side;
        if (const int part = e.findPart(toMm(view, screen)); part >= 0) {
            const fill::Part& p = m_document.report().choice.parts[static_cast<std::size_t>(part)];
            if (p.mass >= 0) {
                const body::MassCopy& c = skeleton.masses[static_cast<std::size_t>(p.mass)];
                return {{Selection::Kind::mass, -1, c.mass, c.right}, true};
            }
            const body::Link& link = skeleton.links[static_cast<std::size_t>(p.link)];
            const body::LimbCopy& c = skeleton.copies[static_cast<std::size_t>(link.copy)];
            return {{Selection::Kind::segment, c.limb, link.segment, c.right}, true};
        }
    }
    return {};
}

void SheetView::mousePressEvent(QMouseEvent* e) {
    setFocus(Qt::MouseFocusReason);
    if (e->button() == Qt::LeftButton && m_hold && m_document.hasPuppet()) {
        m_holdView = viewAt(e->position());
        if (m_hold->press(m_holdView, e->position(), e->modifiers())) {
            m_holding = true;
            return;
        }
    }
    const Hit hit = hitAt(e->position());
    if (e->button() == Qt::LeftButton && hit.found) {
        if (e->modifiers() & (Qt::ControlModifier | Qt::ShiftModifier))
            m_document.selectMore(hit.selection);
        else
            m_document.select(hit.selection);
        return;
    }
    m_mayDrag = true;
    m_dragging = false;
    m_dragFrom = e->position();
}

void SheetView::mouseMoveEvent(QMouseEvent* e) {
    if (m_hold && (m_holding || !m_mayDrag))
        m_hold->move(m_holding ? m_holdView : viewAt(e->position()), e->position(), e->modifiers());
    if (m_holding) return;
    if (!m_mayDrag) {
        setCursor(hitAt(e->position()).found ? Qt::PointingHandCursor : Qt::ArrowCursor);
        return;
    }
    const QPointF d = e->position() - m_dragFrom;
    if (!m_dragging && std::hypot(d.x(), d.y()) < 4) return;
    m_dragging = true;
    m_pan += d;
    m_dragFrom = e->position();
    layoutViews();
    update();
}

void SheetView::mouseReleaseEvent(QMouseEvent*) {
    if (m_holding) {
        m_holding = false;
        m_hold->release();
        return;
    }
    if (m_mayDrag && !m_dragging) m_document.select({});
    m_mayDrag = m_dragging = false;
}

void SheetView::wheelEvent(QWheelEvent* e) {
    if (!m_document.hasPuppet()) return;
    m_lifeSize = false;
    zoom(std::pow(1.0015, e->angleDelta().y()), e->position());
    e->accept();
}

void SheetView::keyPressEvent(QKeyEvent* e) {
    if (m_hold && m_document.hasPuppet() && m_hold->key(e)) return;
    switch (e->key()) {
    case Qt::Key_Right:
    case Qt::Key_Down:
        walk(1, e->modifiers() & Qt::ControlModifier);
        break;
    case Qt::Key_Left:
    case Qt::Key_Up:
        walk(-1, e->modifiers() & Qt::ControlModifier);
        break;
    case Qt::Key_Plus:
    case Qt::Key_Equal:
        zoomMiddle(1.25);
        break;
    case Qt::Key_Minus:
        zoomMiddle(0.8);
        break;
    case Qt::Key_F:
        fit();
        break;
    case Qt::Key_P:
        setLayerView(static_cast<LayerView>(
            (static_cast<int>(m_layerView) + (e->modifiers() & Qt::ShiftModifier ? kLayerViews - 1 : 1)) %
            kLayerViews));
        break;
    case Qt::Key_Escape:
        m_document.select({});
        break;
    default:
        QWidget::keyPressEvent(e);
    }
}

void SheetView::resizeEvent(QResizeEvent*) { layoutViews(); }

bool SheetView::event(QEvent* event) {
    if (event->type() == QEvent::ToolTip && m_document.hasPuppet()) {
        const auto* help = static_cast<QHelpEvent*>(event);
        const Hit hit = hitAt(help->pos());
        QString text;
        const body::Puppet& puppet = m_document.puppet();
        if (hit.found && hit.selection.kind == Selection::Kind::joint) {
            const choice::LimbChoice& l =
                m_document.report().choice.limbs[static_cast<std::size_t>(hit.selection.limb)];
            for (std::size_t i = 0; i < l.verdicts.size(); ++i)
                if (l.demands[i].joint == hit.selection.index)
                    text = tr("%1: %2, %3")
                               .arg(QString::fromStdString(puppet.limbs[static_cast<std::size_t>(l.limb)]
                                                               .joints[static_cast<std::size_t>(hit.selection.index)]
                                                               .name),
                                    Text::state(l.verdicts[i].state()),
                                    Text::verdict(
                                        l.verdicts[i].state(), l.demands[i], l.verdicts[i],
                                        choice::findTrial(l, l.candidates()[static_cast<std::size_t>(l.chosen)], i)
                                            .bundle));
        } else if (hit.found && hit.selection.kind == Selection::Kind::segment) {
            text = QString::fromStdString(puppet.limbs[static_cast<std::size_t>(hit.selection.limb)]
                                              .segments[static_cast<std::size_t>(hit.selection.index)]
                                              .name);
        } else if (hit.found) {
            text = QString::fromStdString(puppet.masses[static_cast<std::size_t>(hit.selection.index)].name);
        }
        QToolTip::showText(help->globalPos(), plainTip(text), this);
        return true;
    }
    return QWidget::event(event);
}

} // namespace enkinet::app
