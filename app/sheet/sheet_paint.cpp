// What the sheet looks like: paper, rulers, pictures, figures, marks, tags and hints.
#include "base/units.h"
#include "sheet/sheet_view.h"
#include "widgets/look.h"
#include "words/text.h"
#include <QKeyEvent>
#include <QMouseEvent>
#include <QPainter>
#include <algorithm>
#include <cmath>

namespace enkinet::app {

void SheetView::drawPaper(QPainter& p) const { p.fillRect(rect(), look().sheet); }

void SheetView::drawRulers(QPainter& p) const {
    const QRectF r = paper();
    // Numbers at least 55 px apart: steps of 1, 2 or 5, fifths between them; of an inch halves, quarters and eighths.
    const bool inches = Text::inches();
    const double unit = inches ? kMmPerInch : 1;
    const std::vector<double> steps = inches ? std::vector<double>{0.125, 0.25, 0.5, 1, 2, 4, 8, 16, 32}
                                             : std::vector<double>{1, 2, 5, 10, 20, 50, 100, 200, 500};
    double step = steps.back() * unit;
    for (double s : steps)
        if (s * unit * m_scale >= 55) {
            step = s * unit;
            break;
        }
    // Between them down to eighths of an inch, as far as lines stay apart.
    int parts = 5;
    if (inches)
        for (parts = 8; parts > 2 && (step / parts * m_scale < 5 || step / parts < unit / 8 - 1e-9);)
            parts /= 2;
    p.setFont(deskFont(8.5));
    p.setPen(QPen(look().graphite, 1));
    const double minor = step / parts;
    const auto label = [&](double mm) { return inches ? Text::fraction(mm / unit, 8) : Text::number(mm, 0); };
    for (int k = static_cast<int>(std::ceil((m_frontAt.y() - r.bottom()) / m_scale / minor));
         k * minor * m_scale < m_frontAt.y() - r.top() - 14; ++k) {
        const double y = m_frontAt.y() - k * minor * m_scale;
        if (y > r.bottom() - 14) continue;
        const bool major = k % parts == 0;
        p.drawLine(QPointF(r.left(), y), QPointF(r.left() + (major ? 11 : 5), y));
        if (major) p.drawText(QRectF(r.left() + 13, y - 8, 34, 16), Qt::AlignLeft | Qt::AlignVCenter, label(k * minor));
    }
    // Along the bottom the millimetres run from the front elevation's middle line.
    for (int k = static_cast<int>(std::ceil((r.left() - m_frontAt.x()) / m_scale / minor));
         k * minor * m_scale < r.right() - m_frontAt.x(); ++k) {
        const double x = m_frontAt.x() + k * minor * m_scale;
        if (x < r.left() + 40) continue;
        const bool major = k % parts == 0;
        p.drawLine(QPointF(x, r.bottom()), QPointF(x, r.bottom() - (major ? 11 : 5)));
        if (major && x < r.right() - 24)
            p.drawText(QRectF(x - 24, r.bottom() - 26, 48, 14), Qt::AlignCenter, label(k * minor));
    }
    p.drawText(QRectF(r.left() + 4, r.bottom() - 28, 34, 16), Qt::AlignLeft | Qt::AlignVCenter,
               Text::inches() ? tr("in") : tr("mm"));
}

void SheetView::drawMarks(QPainter& p) const {
    const auto& report = m_document.report();
    const auto& s = report.choice.skeleton;
    const std::vector<Selection>& selected = m_document.selected();
    for (View view : {View::front, View::side}) {
        std::vector<std::size_t> order(s.hinges.size());
        for (std::size_t i = 0; i < order.size(); ++i)
            order[i] = i;
        std::sort(order.begin(), order.end(), [&](std::size_t a, std::size_t b) {
            return depthOf(view, s.hinges[a].at) < depthOf(view, s.hinges[b].at);
        });
        for (std::size_t i : order) {
            const body::Hinge& h = s.hinges[i];
            const body::LimbCopy& c = s.copies[static_cast<std::size_t>(h.copy)];
            const choice::LimbChoice& l = report.choice.limbs[static_cast<std::size_t>(c.limb)];
            choice::State state = choice::State::holds;
            for (std::size_t k = 0; k < l.verdicts.size(); ++k)
                if (l.demands[k].joint == h.joint) state = l.verdicts[k].state();
            const QPointF at = hingeOnScreen(static_cast<int>(i), view);
            const bool finger =
                m_document.puppet().limbs[static_cast<std::size_t>(c.limb)].kind == body::LimbKind::finger;
            const double radius = finger ? std::clamp(m_scale * 1.5, 3.0, 7.0) : std::clamp(m_scale * 2.7, 5.0, 9.0);
            if (std::find(selected.begin(), selected.end(),
                          Selection{Selection::Kind::joint, c.limb, h.joint, c.right}) != selected.end()) {
                p.setPen(QPen(look().copper, 2.5));
                p.setBrush(look().lit);
                p.drawEllipse(at, radius + 5, radius + 5);
            }
            stampStateMark(p, at, radius, state);
        }
    }
}

void SheetView::drawEmpty(QPainter& p) const {
    p.setPen(look().ink);
    p.setFont(deskFont(20, QFont::DemiBold));
    const QRectF r = paper();
    p.drawText(QRectF(r.left(), r.center().y() - 60, r.width(), 40), Qt::AlignCenter, tr("An empty bench"));
    p.setFont(deskFont(12));
    p.setPen(look().graphite);
    p.drawText(QRectF(r.left() + 60, r.center().y() - 14, r.width() - 120, 60), Qt::AlignHCenter | Qt::TextWordWrap,
               tr("Open the demo production, start a puppet from its height and kind, or open a file: all three stand "
                  "at the right."));
}

void SheetView::drawPictures(QPainter& p) {
    for (const body::Picture& x : m_document.puppet().pictures) {
        const std::string* bytes = document::findPicture(m_document.production(), x.file);
        if (!bytes) continue;
        const QImage image = pictures().find(x.file, *bytes);
        if (image.isNull()) continue;
        const View view = x.side ? View::side : View::front;
        p.save();
        p.setOpacity(x.strength);
        p.translate(toScreen(view, QPointF(x.x_mm, -x.y_mm)));
        p.rotate(-radToDeg(x.angle_rad));
        p.scale(x.mm_px * m_scale, x.mm_px * m_scale);
        const QRectF kept(image.width() * x.cropLeft, image.height() * x.cropTop,
                          image.width() * (1 - x.cropLeft - x.cropRight),
                          image.height() * (1 - x.cropTop - x.cropBottom));
        p.setRenderHint(QPainter::SmoothPixmapTransform);
        p.drawImage(kept, image, kept);
        p.restore();
    }
    if (!m_besideOutline.isEmpty()) {
        p.save();
        p.translate(m_frontAt);
        p.scale(m_scale, m_scale);
        p.setPen(QPen(look().graphite, 1.3 / m_scale, Qt::DashLine));
        p.setBrush(Qt::NoBrush);
        p.drawPath(m_besideOutline);
        p.restore();
    }
}

void SheetView::drawHint(QPainter& p) const {
    const QString words = m_hold ? m_hold->hint() : QString();
    if (words.isEmpty()) return;
    const QRectF r(paper().left() + kRuler + 18, paper().top() + 36, paper().width() - kRuler - 150, 34);
    p.setFont(deskFont(9.5));
    p.setPen(look().graphite);
    p.drawText(r, Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap, words);
}

/// Both figures, drawn anew only where anything of them has changed: a hand that moves over the sheet costs nothing.
void SheetView::drawFigures(QPainter& p) {
    const double dpr = devicePixelRatioF();
    const Drawn now{m_generation, m_layerView,           m_scale,      m_frontAt,
                    m_sideAt,     m_document.selected(), look().night, size() * dpr};
    if (!(now == m_drawn) || m_figures.isNull()) {
        m_drawn = now;
        m_figures = QPixmap(size() * dpr);
        m_figures.setDevicePixelRatio(dpr);
        m_figures.fill(Qt::transparent);
        QPainter q(&m_figures);
        q.setRenderHint(QPainter::Antialiasing);
        for (const Elevation* e : {&m_front, &m_side}) {
            q.save();
            q.translate(e->view() == View::front ? m_frontAt : m_sideAt);
            q.scale(m_scale, m_scale);
            e->draw(q, m_layerView, m_scale, m_document.selected());
            q.restore();
        }
    }
    p.drawPixmap(0, 0, m_figures);
}

void SheetView::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    drawPaper(p);
    m_strip->setVisible(m_document.hasPuppet());
    if (!m_document.hasPuppet()) return drawEmpty(p);
    const QRectF r = paper();
    p.setClipRect(r);
    drawRulers(p);
    p.setPen(QPen(look().ink, 2));
    p.drawLine(QPointF(r.left() + kRuler + 14, m_frontAt.y()), QPointF(r.right() - 14, m_frontAt.y()));
    drawPictures(p);
    drawFigures(p);
    p.setFont(deskFont(9.5));
    p.setPen(look().graphite);
    // Beside the feet: below them the wires go into the base.
    for (const Elevation* e : {&m_front, &m_side}) {
        const QString words = e->view() == View::front ? tr("front") : tr("side, from its right");
        const QPointF right = toScreen(e->view(), {e->bounds().right(), 0}),
                      left = toScreen(e->view(), {e->bounds().left(), 0});
        const double w = QFontMetricsF(p.font()).horizontalAdvance(words);
        const double x = right.x() + 6 + w < r.right() - 6 ? right.x() + 6 : left.x() - w - 8;
        p.drawText(QRectF(x, right.y() + 3, w + 2, 16), Qt::AlignLeft, words);
    }
    if (m_layerView != LayerView::paper) drawMarks(p);
    for (const Tag& t : m_tags)
        if (!t.box.isEmpty())
            if (t.box.intersects(r))
                drawTag(p, t,
                        m_document.selection().limb == t.limb && m_document.selection().kind != Selection::Kind::mass);

    if (m_hold) m_hold->draw(p);
    drawHint(p);
    const body::Puppet& puppet = m_document.puppet();
    p.setPen(look().ink);
    p.setFont(deskFont(16, QFont::DemiBold));
    const QString name = QString::fromStdString(puppet.name);
    p.drawText(QPointF(r.left() + kRuler + 18, r.top() + 28), name);
    const double after = r.left() + kRuler + 30 + QFontMetricsF(p.font()).horizontalAdvance(name);
    p.setFont(deskFont(10));
    p.setPen(look().graphite);
    p.drawText(QPointF(after, r.top() + 27), m_lifeSize
                                                 ? tr("life size on this screen")
                                                 : tr("%1 · %2 · %3, leaning %4")
                                                       .arg(Text::length(puppet.height_mm, 0),
                                                            Text::grams(m_document.report().choice.totals.mass_g()),
                                                            standing(), Text::degrees(puppet.wants.lean_rad)));
}

/// What the puppet is judged on.
QString SheetView::standing() const {
    const auto& c = m_document.report().choice;
    const auto feet = c.skeleton.supportLinks.size();
    if (m_document.puppet().rig) return tr("carried by its rig");
    if (feet == 0) return tr("standing on nothing");
    const std::size_t down = c.footings.empty() ? 1 : c.footings.front().down.size();
    return down == 1 ? tr("one foot down") : tr("%1 of %2 feet down").arg(down).arg(feet);
}

LayerStrip::LayerStrip(SheetView& sheet) : QWidget(&sheet), m_sheet(sheet) {
    setFocusPolicy(Qt::TabFocus);
    setAccessibleName(tr("Peel: which layers are drawn"));
    setToolTip(tr("Take layers off, outside in (P)"));
}

void LayerStrip::paintEvent(QPaintEvent*) {
    QPainter p(this);
    p.setRenderHint(QPainter::Antialiasing);
    const QString names[kLayerViews] = {tr("paint"), tr("clay"), tr("bulk"), tr("wire"), tr("paper")};
    const QColor fills[kLayerViews] = {QColor("#d8b64f"), QColor("#d9a887"), look().foil, QColor("#b9bec2"),
                                       look().card};
    p.setFont(deskFont(9));
    p.setPen(look().graphite);
    p.drawText(QRectF(0, 0, width(), 15), Qt::AlignLeft, tr("layers shown, down to"));
    for (int i = 0; i < kLayerViews; ++i) {
        // Each layer is a little shorter than the one it lies on, so the order can be seen.
        const QRectF box(0, 17 + i * 18, 80 - (kLayerViews - 1 - i) * 3, 16);
        const bool off = i < static_cast<int>(m_sheet.layerView());
        p.setPen(QPen(look().faint, 1));
        p.setBrush(off ? QBrush(Qt::NoBrush) : QBrush(fills[i]));
        p.drawRect(box);
        p.setPen(off ? look().graphite : fills[i].lightness() < 130 ? QColor("#fffaf0") : QColor("#33312d"));
        p.drawText(box.adjusted(6, 0, 0, 0), Qt::AlignVCenter | Qt::AlignLeft, names[i]);
        if (i == static_cast<int>(m_sheet.layerView())) {
            p.setPen(Qt::NoPen);
            p.setBrush(look().ink);
            const double y = box.center().y();
            p.drawPolygon(QPolygonF{{84.0, y}, {93.0, y - 5}, {93.0, y + 5}});
        }
    }
    if (hasFocus()) {
        p.setPen(QPen(look().copper, 1.5));
        p.setBrush(Qt::NoBrush);
        p.drawRect(QRectF(rect()).adjusted(0.5, 0.5, -0.5, -0.5));
    }
}

void LayerStrip::mousePressEvent(QMouseEvent* e) {
    const int i = static_cast<int>((e->position().y() - 17) / 18);
    if (i >= 0 && i < kLayerViews) m_sheet.setLayerView(static_cast<LayerView>(i));
}

void LayerStrip::keyPressEvent(QKeyEvent* e) {
    const int at = static_cast<int>(m_sheet.layerView());
    if (e->key() == Qt::Key_Down && at + 1 < kLayerViews)
        m_sheet.setLayerView(static_cast<LayerView>(at + 1));
    else if (e->key() == Qt::Key_Up && at > 0)
        m_sheet.setLayerView(static_cast<LayerView>(at - 1));
    else
        QWidget::keyPressEvent(e);
}

} // namespace enkinet::app
