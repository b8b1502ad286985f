#pragma once
// A page in millimetres: what every kind of build sheet draws with.
#include <QColor>
#include <QPagedPaintDevice>
#include <QPainter>
#include <QRectF>
#include <QString>

namespace enkinet::app {

/// Fixed colours of paper: the day look's, whatever the screen wears.
inline const QColor kInk("#222019"), kGrey("#6b675f"), kPale("#e4dccb"), kWarn("#8c2412");

/// Pages of one print run; every coordinate is in mm from the paper's own corner.
class Pages {
public:
    static constexpr double kMargin = 12;

    Pages(QPagedPaintDevice& device, const QString& foot);
    ~Pages();
    QPainter& painter() { return m_painter; }
    QRectF paper() const { return {0, 0, m_width, m_height}; }
    QRectF area() const { return paper().adjusted(kMargin, kMargin, -kMargin, -kMargin - 6); }
    /// Begins the next page; the first call begins the first.
    void next(const QString& title);
    /// Text of a height in mm at a baseline; returns its width.
    double text(double x, double y, const QString& text, double height = 3.4, bool bold = false,
                const QColor& colour = kInk);
    /// Text that keeps to a width: smaller down to 2.3 mm, then cut with three dots.
    double fitText(double x, double y, double room, const QString& text, double height = 3.4, bool bold = false,
                   const QColor& colour = kInk);
    /// Wrapped text in a box; returns the height used.
    double paragraph(const QRectF& box, const QString& text, double height = 3.2, const QColor& colour = kInk);
    double widthOf(const QString& text, double height, bool bold = false) const;
    void line(double x0, double y0, double x1, double y1, double width = 0.2, const QColor& colour = kInk,
              Qt::PenStyle style = Qt::SolidLine);

private:
    QFont fontOf(double height, bool bold) const;
    QPagedPaintDevice& m_device;
    QPainter m_painter;
    QString m_foot;
    double m_width, m_height, m_unit;
    int m_page = 0;
};

/// Rows that run down one page and on to the next, all under one title.
class PageFlow {
public:
    static constexpr double kTick = 3.4; ///< side of a box to tick

protected:
    PageFlow(Pages& pages, QString title) : m_pages(pages), m_title(std::move(title)) {}
    double left() const { return m_pages.area().left(); }
    double width() const { return m_pages.area().width(); }
    /// A page at first, and another where less than this is left.
    void need(double room);
    /// Wrapped text on its own rows.
    void line(const QString& text, const QColor& colour = kInk, double indent = 0, double height = 3.2);
    void heading(const QString& text, double height = 4.6);
    /// A box to tick in the present row; it moves nothing on.
    void tickBox(double x, bool ticked = false, const QColor& colour = kInk);

    Pages& m_pages;
    double m_y = 0; ///< top of the next row

private:
    QString m_title;
};

} // namespace enkinet::app
