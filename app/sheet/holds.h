#pragma once
// What the pointer holds on the sheet: nothing, the pencil (marking), the eraser-end (shaping), the figure (bending), a
// picture, or the caliper. The sheet hands its mouse and keys to the hold first.
#include "sheet/elevation.h"
#include <QObject>
#include <functional>
#include <memory>
#include <optional>

class QKeyEvent;
class QPainter;

namespace enkinet::app {

class SheetView;

class SheetHold {
public:
    explicit SheetHold(SheetView& sheet) : m_sheet(sheet) {}
    virtual ~SheetHold() = default;
    /// True when the event was used.
    virtual bool press(View view, const QPointF& screen, Qt::KeyboardModifiers with) = 0;
    virtual void move(View, const QPointF&, Qt::KeyboardModifiers) {}
    virtual void release() {}
    virtual bool key(QKeyEvent*) { return false; }
    virtual void draw(QPainter&) const {}
    /// One sentence that says what a click does now.
    virtual QString hint() const = 0;
    /// Shaping and marking show the piece as it is built, not as it is posed.
    virtual bool wantsRest() const { return false; }

protected:
    SheetView& sheet() const { return m_sheet; }

private:
    SheetView& m_sheet;
};

/// Moves joints and the edges of sections; arrows nudge by 0.1 mm, with Shift by 1 mm.
class ShapeHold : public SheetHold {
public:
    using SheetHold::SheetHold;
    bool press(View view, const QPointF& screen, Qt::KeyboardModifiers with) override;
    void move(View view, const QPointF& screen, Qt::KeyboardModifiers with) override;
    void release() override { m_what = What::none; }
    bool key(QKeyEvent* event) override;
    void draw(QPainter& painter) const override;
    QString hint() const override;
    bool wantsRest() const override { return true; }

private:
    enum class What { none, joint, section, mass };
    What m_what = What::none;
    int m_limb = 0, m_index = 0, m_section = 0;
    QPointF m_grab; ///< from the pointer to a mass's middle, mm
};

/// Chains points into a new limb; a first click on a joint hangs it there. Enter or a double click ends it, Backspace
/// takes the last point back, Escape all. By keys: arrows move a pen by 1 mm, with Shift by 10, with Ctrl in depth;
/// Page Up and Down step it over the points that are there; Space puts a point down.
class MarkHold : public SheetHold {
public:
    MarkHold(SheetView& sheet, body::LimbKind kind, bool mirrored)
        : SheetHold(sheet), m_kind(kind), m_mirrored(mirrored) {}
    bool press(View view, const QPointF& screen, Qt::KeyboardModifiers with) override;
    void move(View view, const QPointF& screen, Qt::KeyboardModifiers with) override;
    bool key(QKeyEvent* event) override;
    void draw(QPainter& painter) const override;
    QString hint() const override;
    bool wantsRest() const override { return true; }

private:
    void finish();
    bool movePen(const QKeyEvent& event);
    /// One more point, or, where nothing is begun, the point that is there and that the limb hangs on.
    void put(const Vec3& at);
    bool begin(const std::function<bool(const Vec3&)>& isThere);
    body::LimbKind m_kind;
    bool m_mirrored;
    std::string m_onLimb, m_onJoint;
    std::vector<Vec3> m_points;
    QPointF m_pointer;
    std::optional<Vec3> m_pen; ///< moved by keys; none until one is pressed
};

/// Bends a joint by dragging what lies beyond it; shows its range as an arc and where it will spring back to.
class BendHold : public SheetHold {
public:
    using SheetHold::SheetHold;
    bool press(View view, const QPointF& screen, Qt::KeyboardModifiers with) override;
    void move(View view, const QPointF& screen, Qt::KeyboardModifiers with) override;
    void release() override;
    void draw(QPainter& painter) const override;
    QString hint() const override;

private:
    int m_hinge = -1;
    bool m_moved = true, m_dragging = false;
    View m_view = View::front;
    double m_last = 0;
};

/// Measures between two points; the distance is kept with the puppet.
class CaliperHold : public SheetHold {
public:
    using SheetHold::SheetHold;
    bool press(View view, const QPointF& screen, Qt::KeyboardModifiers with) override;
    void move(View view, const QPointF& screen, Qt::KeyboardModifiers with) override;
    void release() override;
    void draw(QPainter& painter) const override;
    QString hint() const override;

private:
    bool m_open = false;
    View m_view = View::front;
    QPointF m_from, m_to;
};

/// Moves a picture, or scales it by two points whose true distance is known.
class PictureHold : public SheetHold {
public:
    PictureHold(SheetView& sheet, int picture, double trueDistance_mm)
        : SheetHold(sheet), m_picture(picture), m_true(trueDistance_mm) {}
    bool press(View view, const QPointF& screen, Qt::KeyboardModifiers with) override;
    void move(View view, const QPointF& screen, Qt::KeyboardModifiers with) override;
    void release() override;
    void draw(QPainter& painter) const override;
    QString hint() const override;

private:
    bool isThere() const; ///< the picture; undo may have taken it away under the hand
    int m_picture;
    double m_true; ///< 0: only moving
    bool m_dragging = false;
    QPointF m_from, m_to;
    double m_x = 0, m_y = 0;
};

} // namespace enkinet::app
