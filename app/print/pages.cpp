#include "print/pages.h"
#include <QCoreApplication>
#include <QFontMetricsF>
#include <QPolygonF>

#include <algorithm>

namespace enkinet::app {

Pages::Pages(QPagedPaintDevice& device, const QString& foot) : m_device(device), m_painter(&device), m_foot(foot) {
    const QSizeF mm = device.pageLayout().fullRect(QPageLayout::Millimeter).size();
    m_width = mm.width(), m_height = mm.height();
    m_unit = device.logicalDpiX() / 25.4;
}

Pages::~Pages() = default;

void Pages::next(const QString& title) {
    if (m_page++ > 0) m_device.newPage();
    m_painter.resetTransform();
    m_painter.scale(m_unit, m_unit);
    m_painter.setRenderHint(QPainter::Antialiasing);
    line(kMargin, m_height - kMargin - 3, m_width - kMargin, m_height - kMargin - 3, 0.15, kGrey);
    text(kMargin, m_height - kMargin + 1, m_foot, 2.6, false, kGrey);
    const QString page =
        QCoreApplication::translate("enkinet::app::BuildSheets", "%1 · page %2").arg(title).arg(m_page);
    text(m_width - kMargin - widthOf(page, 2.6), m_height - kMargin + 1, page, 2.6, false, kGrey);
}

QFont Pages::fontOf(double height, bool bold) const {
    QFont f("Cabin");
    f.setWeight(bold ? QFont::DemiBold : QFont::Normal);
    // Fonts are laid out large and scaled down: at a few units a letter would lose its shape.
    f.setPixelSize(100);
    (void)height;
    return f;
}

double Pages::widthOf(const QString& t, double height, bool bold) const {
    return QFontMetricsF(fontOf(height, bold)).horizontalAdvance(t) * height / 100;
}

double Pages::text(double x, double y, const QString& t, double height, bool bold, const QColor& colour) {
    m_painter.save();
    m_painter.setPen(colour);
    m_painter.setFont(fontOf(height, bold));
    m_painter.translate(x, y);
    m_painter.scale(height / 100, height / 100);
    m_painter.drawText(QPointF(0, 0), t);
    m_painter.restore();
    return widthOf(t, height, bold);
}

double Pages::fitText(double x, double y, double room, const QString& t, double height, bool bold,
                      const QColor& colour) {
    constexpr double kLeast = 2.3;
    double size = height;
    if (const double w = widthOf(t, size, bold); w > room) size = std::max(kLeast, size * room / w);
    QString shown = t;
    while (shown.size() > 1 && widthOf(shown, size, bold) > room)
        shown = shown.left(shown.endsWith(u'…') ? shown.size() - 2 : shown.size() - 1) + u'…';
    return text(x, y, shown, size, bold, colour);
}

double Pages::paragraph(const QRectF& box, const QString& t, double height, const QColor& colour) {
    m_painter.save();
    m_painter.setPen(colour);
    m_painter.setFont(fontOf(height, false));
    m_painter.translate(box.topLeft());
    const double k = height / 100;
    m_painter.scale(k, k);
    QRectF used;
    m_painter.drawText(QRectF(0, 0, box.width() / k, box.height() / k), Qt::TextWordWrap | Qt::AlignLeft | Qt::AlignTop,
                       t, &used);
    m_painter.restore();
    return used.height() * k;
}

void Pages::line(double x0, double y0, double x1, double y1, double width, const QColor& colour, Qt::PenStyle style) {
    m_painter.setPen(QPen(colour, width, style, Qt::FlatCap));
    m_painter.drawLine(QPointF(x0, y0), QPointF(x1, y1));
}

void PageFlow::need(double room) {
    if (m_y > 0 && m_y + room < m_pages.area().bottom()) return;
    m_pages.next(m_title);
    m_y = m_pages.area().top() + 2;
}

void PageFlow::line(const QString& text, const QColor& colour, double indent, double height) {
    need(10);
    m_y += m_pages.paragraph(QRectF(left() + indent, m_y, width() - indent, 40), text, height, colour) + 1;
}

void PageFlow::heading(const QString& text, double height) {
    m_pages.fitText(left(), m_y + height + 0.4, width(), text, height, true);
    m_y += height + 4.4;
}

void PageFlow::tickBox(double x, bool ticked, const QColor& colour) {
    QPainter& p = m_pages.painter();
    p.setPen(QPen(colour, 0.3));
    p.setBrush(Qt::NoBrush);
    p.drawRect(QRectF(x, m_y + 0.3, kTick, kTick));
    if (ticked) p.drawPolyline(QPolygonF{{x + 0.7, m_y + 2}, {x + 1.5, m_y + 3}, {x + 3, m_y + 0.9}});
}

} // namespace enkinet::app
