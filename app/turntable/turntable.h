#pragma once
// The turntable: the same puppet in three dimensions on a round stand, under one lamp. Drag sideways to turn it, up and
// down to tilt; take a limb beyond a joint and bend it there. Without OpenGL it says so in one sentence, and the rest
// works.
#include "body/mesh.h"
#include "document/document.h"
#include "sheet/elevation.h"
#include "sheet/grip.h"
#include <QOpenGLWidget>
#include <memory>

class QOpenGLBuffer;
class QPainter;
class QOpenGLShaderProgram;

namespace enkinet::app {

/// Orthographic view of the stand: turned about the upright axis, then tilted towards the viewer.
struct Orbit {
    double yaw_rad = 0.5, tilt_rad = 0.18;
    Vec3 toView(const Vec3& p) const;
    /// The direction towards the viewer, in the sheet's own frame.
    Vec3 viewer() const;
};

class TurntableView : public QOpenGLWidget {
    Q_OBJECT
public:
    explicit TurntableView(Document& document, QWidget* parent = nullptr);
    ~TurntableView() override;
    void setLayerView(LayerView layerView);
    const Orbit& orbit() const { return m_orbit; }
    void setOrbit(const Orbit& orbit);
    int triangles() const { return static_cast<int>(m_corners.size() / 3); }
    QPointF hingeOnScreen(int hinge) const;
    /// The part under a point; -1 where there is none.
    int partAt(const QPointF& screen) const;

Q_SIGNALS:
    /// The next layer is to come off, or all on again.
    void layerViewAsked();

protected:
    void initializeGL() override;
    void paintGL() override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void redraw();
    struct Corner {
        float place[3], normal[3], colour[3];
    };
    void rebuild();
    using Paint = std::function<QColor(const Vec3& at, const Vec3& out)>;
    void add(const body::Mesh& mesh, const QColor& plain, int part, const Paint& paint = {});
    void frame();
    QPointF toScreen(const Vec3& p) const;
    friend class TurntableOver;
    void drawOver(QPainter& p) const;
    QWidget* m_over = nullptr; ///< marks and words, above what OpenGL draws

    Document& m_document;
    Orbit m_orbit;
    LayerView m_layerView = LayerView::clay;
    double m_scale = 2, m_zoom = 1;
    Vec3 m_middle;
    double m_stand = 60;
    std::vector<Corner> m_corners;
    std::vector<int> m_partOf; ///< per triangle
    bool m_dirty = true;
    std::unique_ptr<QOpenGLShaderProgram> m_program;
    std::unique_ptr<QOpenGLBuffer> m_buffer;
    Grip m_grip;
    bool m_bending = false, m_turning = false;
    double m_lastAngle = 0;
    QPointF m_last;
};

/// The view, or the sentence why there is none.
class Turntable : public QWidget {
    Q_OBJECT
public:
    explicit Turntable(Document& document, QWidget* parent = nullptr);
    /// Null until make(), and without OpenGL.
    TurntableView* view() const { return m_view; }
    /// Makes the view at the first request: OpenGL takes its time, and many never turn the stand.
    void make();
    void setLayerView(LayerView layerView);

Q_SIGNALS:
    void layerViewAsked();

private:
    Document& m_document;
    TurntableView* m_view = nullptr;
    bool m_made = false;
    LayerView m_layerView = LayerView::clay;
};

} // namespace enkinet::app
