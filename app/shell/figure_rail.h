#pragma once
// The puppet beside every station: one elevation at a time, which selects what the station is about. Healthy joints are
// quiet beads; what fails is drawn as what it does, with its word.
#include "sheet/elevation.h"
#include "widgets/accessible_picture.h"
#include <QPixmap>
#include <QWidget>

namespace enkinet::app {

class FigureRail : public QWidget, public HasParts {
    Q_OBJECT
public:
    explicit FigureRail(Document& document, QWidget* parent = nullptr);

    View view() const { return m_view; }
    /// Front or side.
    void flip();
    /// Both elevations one below the other, where there is room.
    void setBoth(bool both);
    void setLayerView(LayerView layerView);
    /// What the arrow keys walk: parts at the stations that are about parts, else joints.
    void setWalksParts(bool parts) { m_parts = parts; }
    void setStation(results::Station station);
    /// Where a hinge stands on the screen; for the tests.
    QPointF hingeOnScreen(int hinge) const;
    QPointF partOnScreen(int part) const;
    /// The figures' outlines, as they stand here.
    QPainterPath outline() const;
    std::vector<PicturePart> parts() const override;
    void choosePart(int index) override;

Q_SIGNALS:
    void pointed(int part, double at);
    /// One layer off, or on again.
    void layerViewAsked(int by);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void leaveEvent(QEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;
    bool event(QEvent* event) override;

private:
    struct Picture {
        Elevation figure;
        double scale = 1;
        QPointF at; ///< of the puppet's foot
        QRectF area;
    };
    void rebuild();
    void layoutPictures();
    QPointF toScreen(const Picture& p, const Vec3& mm) const;
    const Picture* pictureAt(const QPointF& screen) const;
    std::optional<Selection> hitAt(const QPointF& screen) const;
    void drawMarks(QPainter& painter, const Picture& picture) const;
    QString subtitle() const;

    Document& m_document;
    View m_view = View::front;
    bool m_both = false, m_parts = false;
    LayerView m_layerView = LayerView::clay;
    results::Station m_station = results::Station::sheet;
    std::vector<Picture> m_pictures;
    QPixmap m_drawn; ///< the figures without marks
    bool m_fresh = false, m_stale = true;
};

} // namespace enkinet::app
