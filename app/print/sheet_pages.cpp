#include "print/sheet_pages.h"
#include "words/text.h"

namespace enkinet::app {

void SheetPages::place(const Elevation& e, const QPointF& origin, double scale, LayerView layerView) {
    QPainter& p = m_pages.painter();
    p.save();
    p.translate(origin);
    p.scale(scale, scale);
    // Line widths are given in screen pixels; a third of a millimetre a pixel reads well on paper.
    e.draw(p, layerView, 4.5 / scale, {});
    p.restore();
}

void SheetPages::checkBar(double x, double y) {
    QPainter& p = m_pages.painter();
    p.setPen(Qt::NoPen);
    p.setBrush(Qt::black);
    p.drawRect(QRectF(x, y, 100, 2));
    m_pages.text(x + 102, y + 2, tr("this bar is 100 mm: measure it before you trust the page"), 2.8, false, kGrey);
}

} // namespace enkinet::app
