#pragma once
// The sheet of paper: both elevations at one scale, ruled edges, tags, and the layer view at its corner. Click selects;
// wheel zooms; drag on empty paper moves; arrow keys walk from joint to joint.
#include "sheet/holds.h"
#include "sheet/picture_shelf.h"
#include "sheet/tags.h"
#include "widgets/accessible_picture.h"
#include <QPixmap>
#include <QWidget>
#include <array>

namespace enkinet::app {

class LayerStrip;

class SheetView : public QWidget, public HasParts {
    Q_OBJECT
public:
    explicit SheetView(Document& document, QWidget* parent = nullptr);

    LayerView layerView() const { return m_layerView; }
    void setLayerView(LayerView layerView);
    void fit();
    void zoom(double factor, const QPointF& about);
    void zoomMiddle(double factor) { zoom(factor, rect().center()); }
    /// Next or previous posed joint of the puppet, or part.
    void walk(int step, bool parts = false);
    Document& document() const { return m_document; }
    double scale() const { return m_scale; }
    /// What the pointer holds; none by default. The sheet owns it.
    void setHold(std::unique_ptr<SheetHold> hold);
    const SheetHold* hold() const { return m_hold.get(); }
    QPointF toScreen(View view, const QPointF& mm) const;
    QPointF toMm(View view, const QPointF& screen) const;
    /// The elevation that a point of the screen belongs to.
    View viewAt(const QPointF& screen) const;
    /// Where the front's half of the paper ends and the side's begins.
    double between() const;
    Selection selectionAt(const QPointF& screen) const { return hitAt(screen).selection; }
    int partAt(const QPointF& screen) const;
    PictureShelf& pictures() { return PictureShelf::shared(); }
    /// 1:1 on this very screen, once it has been calibrated.
    void setLifeSize(bool on);
    bool lifeSize() const { return m_lifeSize; }
    static double pixelsPerMm();
    static void setPixelsPerMm(double value);
    /// The outline of another puppet of the production beside this one; -1 for none.
    void setBeside(int puppet);
    int beside() const { return m_beside; }
    /// Where a hinge of the skeleton stands on the screen in a view; for the tests and for keyboard focus.
    QPointF hingeOnScreen(int hinge, View view) const;
    /// Both figures' outlines, as they stand here.
    QPainterPath outline() const;
    std::vector<PicturePart> parts() const override;
    void choosePart(int index) override;

Q_SIGNALS:
    void layerViewChanged();

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;
    bool event(QEvent* event) override;

private:
    /// Pixels of the screen.
    static constexpr double kRuler = 26, kHeader = 34, kTagWidth = 232, kTagHeight = 54, kHitRadius = 11;
    struct Hit {
        Selection selection;
        bool found = false;
    };
    void rebuild();
    /// Brings what is drawn up to the document, where it is behind.
    void freshen() const;
    void layoutViews();
    Hit hitAt(const QPointF& screen) const;
    QRectF paper() const;
    void drawPaper(QPainter& p) const;
    void drawRulers(QPainter& p) const;
    void drawMarks(QPainter& p) const;
    void drawEmpty(QPainter& p) const;
    void drawPictures(QPainter& p);
    void drawFigures(QPainter& p);
    void drawHint(QPainter& p) const;
    QString standing() const;
    QRectF figureBounds(View view) const;

    Document& m_document;
    LayerStrip* m_strip;
    std::unique_ptr<SheetHold> m_hold;
    bool m_holding = false; ///< the hold has the mouse
    View m_holdView = View::front;
    bool m_lifeSize = false;
    int m_beside = -1;
    QPainterPath m_besideOutline;
    Elevation m_front, m_side;
    /// What the kept picture of both figures was drawn from.
    struct Drawn {
        quint64 generation = 0;
        LayerView layerView = LayerView::clay;
        double scale = 0;
        QPointF frontAt, sideAt;
        std::vector<Selection> selected;
        bool night = false;
        QSize size;
        friend bool operator==(const Drawn&, const Drawn&) = default;
    };
    Drawn m_drawn;
    QPixmap m_figures;
    quint64 m_generation = 0; ///< of the figures
    std::vector<Tag> m_tags;
    LayerView m_layerView = LayerView::clay;
    bool m_stale = false;
    double m_scale = 2;             ///< pixels per mm
    QPointF m_frontAt, m_sideAt;    ///< screen position of each view's origin
    std::array<QRectF, 2> m_bounds; ///< mm: of each view what must find room, its pictures among it
    double m_zoom = 1;
    QPointF m_pan;
    QPointF m_dragFrom;
    bool m_dragging = false, m_mayDrag = false;
};

/// Five strips of material in the sheet's corner; the pointer stands at the outermost layer that is still on.
class LayerStrip : public QWidget {
    Q_OBJECT
public:
    explicit LayerStrip(SheetView& sheet);
    QSize sizeHint() const override { return {150, 112}; }

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    SheetView& m_sheet;
};

} // namespace enkinet::app
