#include "turntable/turntable.h"
#include "base/units.h"
#include "body/mesh.h"
#include "sheet/painted_look.h"
#include "widgets/look.h"
#include "widgets/materials.h"
#include "words/text.h"
#include <QGuiApplication>
#include <QKeyEvent>
#include <QLabel>
#include <QOffscreenSurface>
#include <QOpenGLBuffer>
#include <QOpenGLContext>
#include <QOpenGLFunctions>
#include <QOpenGLShaderProgram>
#include <QPainter>
#include <QVBoxLayout>
#include <QWheelEvent>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

using namespace body;

Vec3 Orbit::toView(const Vec3& p) const {
    const double c = std::cos(yaw_rad), s = std::sin(yaw_rad), ct = std::cos(tilt_rad), st = std::sin(tilt_rad);
    const double x = c * p.x - s * p.z, z = s * p.x + c * p.z;
    return {x, ct * p.y - st * z, st * p.y + ct * z};
}

Vec3 Orbit::viewer() const {
    return {std::cos(tilt_rad) * std::sin(yaw_rad), std::sin(tilt_rad), std::cos(tilt_rad) * std::cos(yaw_rad)};
}

namespace {

// One lamp up and to the left, a little light from everywhere: form is read from tone, as clay is under a bench lamp.
const char* const kVertex = R"(#version 120
attribute vec3 place; attribute vec3 normal; attribute vec3 colour;
uniform mat4 turn; uniform mat4 project;
varying vec3 n; varying vec3 c;
void main() { n = mat3(turn) * normal; c = colour; gl_Position = project * turn * vec4(place, 1.0); })";
const char* const kFragment = R"(#version 120
varying vec3 n; varying vec3 c;
void main() {
    vec3 m = normalize(n);
    float lamp = max(dot(m, normalize(vec3(-0.45, 0.75, 0.6))), 0.0);
    float wrap = 0.5 + 0.5 * m.y;
    float rim = pow(1.0 - abs(m.z), 3.0) * 0.25;
    gl_FragColor = vec4(c * (0.46 + 0.22 * wrap + 0.48 * lamp) * (1.0 - rim), 1.0);
})";

Mesh discMesh(double radius, double thick, double y) {
    Segment s;
    s.sections = {{0, radius, radius}, {1, radius, radius}};
    Link l;
    l.from = {0, y - thick, 0}, l.to = {0, y, 0}, l.length_mm = thick, l.a = {1, 0, 0}, l.b = {0, 0, 1};
    return calcTubeMesh(s.sections, l, {0, 1}, 64);
}

QColor cardColour(const std::string& text, const QColor& fallback) {
    const QColor c(QString::fromStdString(text));
    return c.isValid() ? c : fallback;
}

} // namespace

/// A clear sheet over the view.
class TurntableOver : public QWidget {
public:
    explicit TurntableOver(TurntableView& view) : QWidget(&view), m_view(view) {
        setAttribute(Qt::WA_TransparentForMouseEvents);
    }

protected:
    void paintEvent(QPaintEvent*) override {
        QPainter p(this);
        m_view.drawOver(p);
    }

private:
    TurntableView& m_view;
};

TurntableView::TurntableView(Document& document, QWidget* parent) : QOpenGLWidget(parent), m_document(document) {
    setFocusPolicy(Qt::StrongFocus);
    setAccessibleName(Text::tr("Turntable"));
    setAccessibleDescription(Text::tr("Left and right turn it, up and down tilt it."));
    setObjectName("turntable");
    m_over = new TurntableOver(*this);
    connect(&document, &Document::changed, this, [this] {
        m_dirty = true;
        redraw();
    });
    connect(&document, &Document::selectionChanged, this, [this] { redraw(); });
}

void TurntableView::redraw() {
    update();
    m_over->update();
}

void TurntableView::resizeEvent(QResizeEvent* e) {
    QOpenGLWidget::resizeEvent(e);
    m_over->resize(size());
}

TurntableView::~TurntableView() {
    makeCurrent();
    m_buffer.reset();
    m_program.reset();
    doneCurrent();
}

void TurntableView::setLayerView(LayerView layerView) {
    m_layerView = layerView;
    m_dirty = true;
    redraw();
}

void TurntableView::setOrbit(const Orbit& orbit) {
    m_orbit = orbit;
    m_orbit.tilt_rad = std::clamp(m_orbit.tilt_rad, -0.3, kPi / 2);
    redraw();
}

void TurntableView::add(const Mesh& mesh, const QColor& plain, int part, const Paint& paint) {
    for (const auto& t : mesh.triangles) {
        for (int i : t) {
            const Vec3 &p = mesh.points[static_cast<std::size_t>(i)], &n = mesh.normals[static_cast<std::size_t>(i)];
            const QColor tone = paint ? paint(p, n) : QColor(), colour = tone.isValid() ? tone : plain;
            m_corners.push_back({{static_cast<float>(p.x), static_cast<float>(p.y), static_cast<float>(p.z)},
                                 {static_cast<float>(n.x), static_cast<float>(n.y), static_cast<float>(n.z)},
                                 {static_cast<float>(colour.redF()), static_cast<float>(colour.greenF()),
                                  static_cast<float>(colour.blueF())}});
        }
        m_partOf.push_back(part);
    }
}

void TurntableView::rebuild() {
    m_corners.clear();
    m_partOf.clear();
    m_dirty = false;
    if (!m_document.hasPuppet()) return;
    const results::Report& r = m_document.report();
    const Puppet& puppet = m_document.puppet();
    const Skeleton& s = r.choice.skeleton;
    // A part of n corners a ring takes about 5 n triangles: at most 40,000 in all.
    const auto shapes = static_cast<int>(s.links.size() + s.masses.size()) + 1;
    const int around = std::clamp(36000 / (5 * shapes), 8, 26);
    for (std::size_t i = 0; i < r.choice.parts.size(); ++i) {
        const fill::Part& p = r.choice.parts[i];
        const Layers& l = p.layers;
        const Link& link = s.links[static_cast<std::size_t>(p.link)];
        const Limb& limb = puppet.limbs[static_cast<std::size_t>(s.copies[static_cast<std::size_t>(link.copy)].limb)];
        const auto clay = r.shelf.clays.find(l.clay);
        const auto bulk = r.shelf.bulks.find(l.bulk);
        Surface surface = Surface::finished;
        QColor colour;
        bool stiffOnly = false;
        Paint paint;
        switch (m_layerView) {
        case LayerView::painted:
            colour = finishedColour(l, m_document.production(), r,
                                    clay != r.shelf.clays.end() ? cardColour(clay->second.colour, look().shade)
                                                                : look().shade);
            if (auto looks = findPlaceLooks(l, m_document.production().schemes, r); !looks.empty()) {
                const MassCopy* mass = p.mass >= 0 ? &s.masses[static_cast<std::size_t>(p.mass)] : nullptr;
                const PaintedForm form =
                    mass ? formOf(*mass, puppet.masses[static_cast<std::size_t>(mass->mass)]) : formOf(link);
                paint = [looks = std::move(looks), form](const Vec3& at, const Vec3& out) {
                    return findTone(looks, form, at, out);
                };
            }
            break;
        case LayerView::clay:
            surface = Surface::clay, stiffOnly = !l.skinAcrossGaps;
            if (clay != r.shelf.clays.end())
                colour = cardColour(clay->second.colour, look().shade);
            else if (bulk != r.shelf.bulks.end())
                colour = bulk->second.foil ? look().foil : QColor("#cbbf9f"), surface = Surface::core;
            else
                continue;
            break;
        case LayerView::bulk:
            if (bulk == r.shelf.bulks.end()) continue;
            surface = Surface::core, stiffOnly = true, colour = bulk->second.foil ? look().foil : QColor("#cbbf9f");
            break;
        default:
            continue;
        }
        if (p.mass >= 0) {
            const MassCopy& c = s.masses[static_cast<std::size_t>(p.mass)];
            add(calcMassMesh(puppet.masses[static_cast<std::size_t>(c.mass)], c, findInset(l, surface), around), colour,
                static_cast<int>(i), paint);
        } else {
            const Stretch own = r.choice.own[static_cast<std::size_t>(p.link)];
            const auto& sections = limb.segments[static_cast<std::size_t>(link.segment)].sections;
            if (m_layerView == LayerView::painted && link.gapFrom_mm > 0 && !sections.empty() && link.segment > 0) {
                // A ball closes the wedge at a bent joint.
                Mass ball;
                ball.half_mm = {0.98 * sections.front().a_mm,
                                0.98 * std::min(sections.front().a_mm, sections.front().b_mm),
                                0.98 * sections.front().b_mm};
                MassCopy at;
                at.at = link.from, at.axes = {link.a, unit(link.to - link.from), link.b};
                add(calcMassMesh(ball, at, 0, std::max(8, around - 8)), colour, static_cast<int>(i));
            }
            add(calcSurfaceMesh(limb.segments[static_cast<std::size_t>(link.segment)], link,
                                stiffOnly ? findCommon(own, findStiff(link)) : own, surface, around),
                colour, static_cast<int>(i), paint);
        }
    }
    if (m_layerView != LayerView::painted && m_layerView != LayerView::paper)
        for (const LimbCopy& c : s.copies) {
            const choice::LimbChoice& chosen = r.choice.limbs[static_cast<std::size_t>(c.limb)];
            if (chosen.chosen < 0) continue;
            const double across =
                wire::findBundleDiameter(chosen.candidates()[static_cast<std::size_t>(chosen.chosen)].bundle);
            std::vector<Vec3> points;
            for (std::size_t k = 0; k < puppet.limbs[static_cast<std::size_t>(c.limb)].segments.size(); ++k) {
                const Link& link = s.links[static_cast<std::size_t>(c.firstLink) + k];
                if (k == 0) points.push_back(link.from);
                points.push_back(link.to);
            }
            const int spool = chosen.candidates()[static_cast<std::size_t>(chosen.chosen)].spool;
            add(calcRunMesh(points, std::max(0.4, across / 2), around < 14 ? 4 : 8),
                metalOf(r.stock.tableOf(spool).card()).mid, -1);
        }
    Vec3 low{1e9, 1e9, 1e9}, high{-1e9, -1e9, -1e9};
    for (const Link& l : s.links)
        for (const Vec3& p : {l.from, l.to}) {
            low = {std::min(low.x, p.x), std::min(low.y, p.y), std::min(low.z, p.z)};
            high = {std::max(high.x, p.x), std::max(high.y, p.y), std::max(high.z, p.z)};
        }
    if (s.links.empty()) low = {-40, 0, -40}, high = {40, puppet.height_mm, 40};
    m_middle = 0.5 * (low + high);
    m_middle.y = 0.5 * std::max(high.y, puppet.height_mm) - 4;
    m_stand = std::max({40.0, 0.75 * (high.x - low.x), 0.75 * (high.z - low.z)});
    Mesh disc = discMesh(m_stand, 5, 0);
    for (Vec3& p : disc.points)
        p = p + Vec3{m_middle.x, 0, m_middle.z};
    add(disc, look().night ? QColor("#6a6355") : QColor("#d8cfbd"), -1);
    // The mark on the rim says where the front is.
    Mesh mark = discMesh(5.5, 1, 0.8);
    for (Vec3& p : mark.points)
        p = p + Vec3{m_middle.x, 0, m_middle.z + m_stand - 9};
    add(mark, look().copper, -1);
}

void TurntableView::frame() {
    const double high =
        std::max(m_document.hasPuppet() ? m_document.puppet().height_mm * 1.12 : 100.0, 2 * m_middle.y * 1.1);
    m_scale = m_zoom * std::min((height() - 90) / high, width() / (2.3 * m_stand));
}

QPointF TurntableView::toScreen(const Vec3& p) const {
    const Vec3 v = m_orbit.toView(p - m_middle);
    return {width() / 2.0 + m_scale * v.x, height() / 2.0 + 12 - m_scale * v.y};
}

QPointF TurntableView::hingeOnScreen(int hinge) const {
    return toScreen(m_document.report().choice.skeleton.hinges[static_cast<std::size_t>(hinge)].at);
}

int TurntableView::partAt(const QPointF& at) const {
    int best = -1;
    double nearest = -1e9;
    for (std::size_t t = 0; t < m_partOf.size(); ++t) {
        QPointF q[3];
        double depth[3];
        for (std::size_t k = 0; k < 3; ++k) {
            const Corner& c = m_corners[3 * t + k];
            const Vec3 p{c.place[0], c.place[1], c.place[2]};
            q[k] = toScreen(p), depth[k] = m_orbit.toView(p - m_middle).z;
        }
        const auto side = [&](int a, int b) {
            return (q[b].x() - q[a].x()) * (at.y() - q[a].y()) - (q[b].y() - q[a].y()) * (at.x() - q[a].x());
        };
        const double u = side(1, 2), v = side(2, 0), w = side(0, 1), sum = u + v + w;
        if (sum == 0 || u / sum < 0 || v / sum < 0 || w / sum < 0) continue;
        const double z = (u * depth[0] + v * depth[1] + w * depth[2]) / sum;
        if (z > nearest) nearest = z, best = m_partOf[t];
    }
    return best;
}

void TurntableView::initializeGL() {
    m_program = std::make_unique<QOpenGLShaderProgram>();
    m_program->addShaderFromSourceCode(QOpenGLShader::Vertex, kVertex);
    m_program->addShaderFromSourceCode(QOpenGLShader::Fragment, kFragment);
    m_program->bindAttributeLocation("place", 0);
    m_program->bindAttributeLocation("normal", 1);
    m_program->bindAttributeLocation("colour", 2);
    m_program->link();
    m_buffer = std::make_unique<QOpenGLBuffer>(QOpenGLBuffer::VertexBuffer);
    m_buffer->create();
    m_dirty = true;
}

void TurntableView::paintGL() {
    const bool fresh = m_dirty;
    if (m_dirty) {
        rebuild();
        frame();
        m_over->update(); // its marks stand where the new middle puts them
    }
    frame();
    QOpenGLFunctions* gl = context()->functions();
    const QColor paper = look().sheet;
    gl->glClearColor(static_cast<float>(paper.redF()), static_cast<float>(paper.greenF()),
                     static_cast<float>(paper.blueF()), 1);
    gl->glClear(GL_COLOR_BUFFER_BIT | GL_DEPTH_BUFFER_BIT);
    if (m_program->isLinked() && !m_corners.empty()) {
        gl->glEnable(GL_DEPTH_TEST);
        gl->glEnable(GL_CULL_FACE);
        m_program->bind();
        m_buffer->bind();
        if (fresh) m_buffer->allocate(m_corners.data(), static_cast<int>(m_corners.size() * sizeof(Corner)));
        QMatrix4x4 turn, project;
        const Vec3 x = m_orbit.toView({1, 0, 0}), y = m_orbit.toView({0, 1, 0}), z = m_orbit.toView({0, 0, 1}),
                   shift = m_orbit.toView(-1 * m_middle);
        const float rows[16] = {static_cast<float>(x.x),
                                static_cast<float>(y.x),
                                static_cast<float>(z.x),
                                static_cast<float>(shift.x),
                                static_cast<float>(x.y),
                                static_cast<float>(y.y),
                                static_cast<float>(z.y),
                                static_cast<float>(shift.y),
                                static_cast<float>(x.z),
                                static_cast<float>(y.z),
                                static_cast<float>(z.z),
                                static_cast<float>(shift.z),
                                0,
                                0,
                                0,
                                1};
        turn = QMatrix4x4(rows);
        const auto w = static_cast<float>(width() / 2.0 / m_scale),
                   up = static_cast<float>((height() / 2.0 + 12) / m_scale),
                   down = static_cast<float>((height() / 2.0 - 12) / m_scale);
        project.ortho(-w, w, -down, up, -3000, 3000);
        m_program->setUniformValue("turn", turn);
        m_program->setUniformValue("project", project);
        for (int i = 0; i < 3; ++i) {
            m_program->enableAttributeArray(i);
            m_program->setAttributeBuffer(i, GL_FLOAT, static_cast<int>(3 * i * static_cast<int>(sizeof(float))), 3,
                                          sizeof(Corner));
        }
        gl->glDrawArrays(GL_TRIANGLES, 0, static_cast<int>(m_corners.size()));
        for (int i = 0; i < 3; ++i)
            m_program->disableAttributeArray(i);
        m_buffer->release();
        m_program->release();
        gl->glDisable(GL_DEPTH_TEST);
        gl->glDisable(GL_CULL_FACE);
    }
}

void TurntableView::drawOver(QPainter& p) const {
    p.setRenderHint(QPainter::Antialiasing);
    if (!m_document.hasPuppet()) return;
    const auto& r = m_document.report();
    const Selection& selected = m_document.selection();
    for (std::size_t i = 0; i < r.choice.skeleton.hinges.size(); ++i) {
        const Hinge& h = r.choice.skeleton.hinges[i];
        const LimbCopy& c = r.choice.skeleton.copies[static_cast<std::size_t>(h.copy)];
        const bool mine = selected.kind == Selection::Kind::joint && selected.limb == c.limb &&
                          selected.index == h.joint && selected.right == c.right;
        const bool finger = m_document.puppet().limbs[static_cast<std::size_t>(c.limb)].kind == LimbKind::finger;
        if (!mine && finger) continue;
        const choice::LimbChoice& l = r.choice.limbs[static_cast<std::size_t>(c.limb)];
        choice::State state = choice::State::holds;
        for (std::size_t k = 0; k < l.verdicts.size(); ++k)
            if (l.demands[k].joint == h.joint) state = l.verdicts[k].state();
        const QPointF at = toScreen(h.at);
        if (mine) {
            p.setPen(QPen(look().copper, 2.5));
            p.setBrush(look().lit);
            p.drawEllipse(at, 11, 11);
        }
        drawStateMark(p, at, mine ? 7 : 5, state);
    }
    if (m_grip.hinge >= 0 && m_grip.hinge < static_cast<int>(r.choice.skeleton.hinges.size())) {
        // The range about the viewer's axis as an arc, and where the bone springs back to.
        const Hinge& h = r.choice.skeleton.hinges[static_cast<std::size_t>(m_grip.hinge)];
        const Link& after = r.choice.skeleton.links[static_cast<std::size_t>(h.after)];
        const QPointF at = toScreen(h.at), tip = toScreen(after.to) - at;
        const double bend = bendOf(angleOf(m_document, m_grip.hinge)), back = calcSpring(m_document, m_grip);
        const body::Joint& j =
            m_document.puppet()
                .limbs[static_cast<std::size_t>(r.choice.skeleton.copies[static_cast<std::size_t>(h.copy)].limb)]
                .joints[static_cast<std::size_t>(h.joint)];
        const double radius = 40, most = radToDeg(findLargestBend(j)), now = radToDeg(std::atan2(-tip.y(), tip.x()));
        p.setPen(QPen(look().holds, 2));
        p.setBrush(Qt::NoBrush);
        p.drawArc(QRectF(at.x() - radius, at.y() - radius, 2 * radius, 2 * radius), static_cast<int>((now - most) * 16),
                  static_cast<int>(2 * most * 16));
        if (bend > 0) {
            const double turn = degToRad(now) + (tip.x() > 0 ? -back : back);
            p.setPen(QPen(look().graphite, 1.5, Qt::DashLine));
            p.drawLine(at, at + std::hypot(tip.x(), tip.y()) * QPointF(std::cos(turn), -std::sin(turn)));
        }
        p.setFont(deskFont(10));
        p.setPen(look().ink);
        p.drawText(QRectF(18, height() - 44, width() - 36, 36), Qt::AlignLeft | Qt::AlignBottom | Qt::TextWordWrap,
                   gripWords(m_document, m_grip));
    } else {
        p.setFont(deskFont(9.5));
        p.setPen(look().graphite);
        p.drawText(QRectF(18, height() - 44, width() - 36, 36), Qt::AlignLeft | Qt::AlignBottom | Qt::TextWordWrap,
                   Text::tr("Drag the paper to turn and tilt the stand; take a limb beyond a joint to bend it there. "
                            "The copper dot on the rim marks the front."));
    }
    p.setPen(look().ink);
    p.setFont(deskFont(16, QFont::DemiBold));
    p.drawText(QPointF(18, 30), QString::fromStdString(m_document.puppet().name));
}

void TurntableView::mousePressEvent(QMouseEvent* e) {
    m_last = e->position();
    m_turning = m_bending = false;
    if (e->button() != Qt::LeftButton || !m_document.hasPuppet()) {
        m_turning = true;
        return;
    }
    const auto& s = m_document.report().choice.skeleton;
    int hinge = -1;
    double best = 9;
    for (std::size_t i = 0; i < s.hinges.size(); ++i) {
        const QPointF d = toScreen(s.hinges[i].at) - e->position();
        if (const double distance = std::hypot(d.x(), d.y()); distance < best)
            best = distance, hinge = static_cast<int>(i);
    }
    const int part = hinge >= 0 ? -1 : partAt(e->position());
    m_grip = hinge >= 0 ? gripHinge(m_document, hinge) : part >= 0 ? findGrip(m_document, part) : Grip{};
    if (m_grip.hinge >= 0) {
        const Hinge& h = s.hinges[static_cast<std::size_t>(m_grip.hinge)];
        const LimbCopy& c = s.copies[static_cast<std::size_t>(h.copy)];
        m_document.select({Selection::Kind::joint, c.limb, h.joint, c.right});
        const QPointF at = e->position() - toScreen(h.at);
        m_lastAngle = std::atan2(-at.y(), at.x());
        m_bending = hinge < 0;
    } else {
        m_turning = true;
    }
    redraw();
}

void TurntableView::mouseMoveEvent(QMouseEvent* e) {
    if (m_bending && m_grip.hinge >= 0) {
        const QPointF at = e->position() - hingeOnScreen(m_grip.hinge);
        if (std::hypot(at.x(), at.y()) < 6) return;
        const double now = std::atan2(-at.y(), at.x()), by = std::remainder(now - m_lastAngle, 2 * kPi);
        m_lastAngle = now;
        bendTo(m_document, turned(m_document, m_grip, m_orbit.viewer(), by));
    } else if (m_turning) {
        const QPointF d = e->position() - m_last;
        m_last = e->position();
        setOrbit({m_orbit.yaw_rad - d.x() * 0.01, m_orbit.tilt_rad + d.y() * 0.008});
    }
}

void TurntableView::mouseReleaseEvent(QMouseEvent*) { m_turning = m_bending = false; }

void TurntableView::wheelEvent(QWheelEvent* e) {
    m_zoom = std::clamp(m_zoom * std::pow(1.0015, e->angleDelta().y()), 0.4, 12.0);
    redraw();
}

void TurntableView::keyPressEvent(QKeyEvent* e) {
    Orbit o = m_orbit;
    switch (e->key()) {
    case Qt::Key_Left:
        o.yaw_rad += 0.1;
        break;
    case Qt::Key_Right:
        o.yaw_rad -= 0.1;
        break;
    case Qt::Key_Up:
        o.tilt_rad += 0.08;
        break;
    case Qt::Key_Down:
        o.tilt_rad -= 0.08;
        break;
    case Qt::Key_P:
        Q_EMIT layerViewAsked();
        return;
    default:
        return QOpenGLWidget::keyPressEvent(e);
    }
    setOrbit(o);
}

Turntable::Turntable(Document& document, QWidget* parent) : QWidget(parent), m_document(document) {
    auto* v = new QVBoxLayout(this);
    v->setContentsMargins(0, 0, 5, 5);
}

void Turntable::setLayerView(LayerView layerView) {
    m_layerView = layerView;
    if (m_view) m_view->setLayerView(layerView);
}

void Turntable::make() {
    if (m_made) return;
    m_made = true;
    auto* v = static_cast<QVBoxLayout*>(layout());
    // A context is tried before any view is made: without one the widget itself would fail. Drawn on no screen at all,
    // the platform in use has none that a window could show, whatever the display beside it offers.
    const bool screen = QGuiApplication::platformName() != "offscreen" && QGuiApplication::platformName() != "minimal";
    QOpenGLContext context;
    QOffscreenSurface surface;
    if (screen) surface.create();
    if (screen && context.create() && context.makeCurrent(&surface)) {
        context.doneCurrent();
        m_view = new TurntableView(m_document);
        m_view->setLayerView(m_layerView);
        connect(m_view, &TurntableView::layerViewAsked, this, &Turntable::layerViewAsked);
        v->addWidget(m_view);
    } else {
        auto* why = new QLabel(
            Text::tr("There is no turntable here: this display offers no OpenGL. Everything else works without it."));
        why->setObjectName("noTurntable");
        why->setWordWrap(true);
        why->setAlignment(Qt::AlignCenter);
        v->addWidget(why);
    }
}

} // namespace enkinet::app
