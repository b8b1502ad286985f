#include "widgets/paper.h"
#include "widgets/look.h"
#include <QPainter>
#include <QPainterPath>
#include <QPixmapCache>
#include <algorithm>
#include <cmath>
#include <random>

namespace enkinet::app {

namespace {

/// Long soft streaks, as planed wood has.
QImage makeWood(bool night) {
    constexpr int kWide = 480, kHigh = 240;
    std::mt19937 engine(7);
    std::uniform_real_distribution<double> any(-1, 1);
    QImage wood(kWide, kHigh, QImage::Format_ARGB32_Premultiplied);
    std::vector<double> row(kHigh), drift(kHigh);
    double v = 0;
    for (double& r : row)
        v = 0.72 * v + any(engine), r = v;
    for (double& d : drift)
        d = any(engine);
    // Each column bows a little; what a row looks like is worked out once.
    std::vector<QRgb> tone(static_cast<std::size_t>(kHigh) * 4);
    for (std::size_t i = 0; i < tone.size(); ++i) {
        const std::size_t at = i / 4, next = (at + 1) % kHigh;
        const double t = static_cast<double>(i % 4) / 4, s = row[at] * (1 - t) + row[next] * t + 0.15 * drift[at];
        const int a = static_cast<int>(std::clamp(std::abs(s) * (night ? 7 : 10), 0.0, 40.0));
        tone[i] = qPremultiply(s > 0 ? qRgba(60, 42, 22, a) : qRgba(255, 248, 230, a));
    }
    std::vector<int> bow(kWide);
    for (int x = 0; x < kWide; ++x) {
        const double u = 2 * 3.14159265 * x / kWide;
        bow[static_cast<std::size_t>(x)] =
            static_cast<int>(std::lround(4 * (3.0 * std::sin(u) + 1.5 * std::sin(2 * u) + kHigh)));
    }
    for (int y = 0; y < kHigh; ++y) {
        auto* line = reinterpret_cast<QRgb*>(wood.scanLine(y));
        for (int x = 0; x < kWide; ++x)
            line[x] = tone[static_cast<std::size_t>(4 * y + bow[static_cast<std::size_t>(x)]) % tone.size()];
    }
    return wood;
}

} // namespace

QFont deskType(int px, int weight) {
    QFont f("Cabin");
    f.setPixelSize(px);
    f.setWeight(static_cast<QFont::Weight>(weight));
    return f;
}

void drawBench(QPainter& p, const QRectF& area) {
    static QImage wood[2];
    QImage& here = wood[look().night ? 1 : 0];
    if (here.isNull()) here = makeWood(look().night);
    p.fillRect(area, look().bench);
    p.fillRect(area, QBrush(here));
    QRadialGradient lamp(area.topLeft() + QPointF(area.width() * 0.33, 60),
                         std::max(area.width(), area.height()) * 0.75);
    lamp.setColorAt(0, QColor(255, 246, 221, look().night ? 22 : 120));
    lamp.setColorAt(0.6, QColor(255, 246, 221, 0));
    lamp.setColorAt(1, QColor(58, 47, 28, look().night ? 60 : 22));
    p.fillRect(area, lamp);
}

void drawShadow(QPainter& p, const QRectF& box, double depth) {
    p.save();
    p.setPen(Qt::NoPen);
    const int steps = 8;
    for (int i = 0; i < steps; ++i) {
        const double out = depth * (1 - static_cast<double>(i) / steps);
        p.setBrush(QColor(58, 47, 28, look().night ? 14 : 9));
        p.drawRoundedRect(box.adjusted(-out * 0.6, -out * 0.3, out * 0.8, out).translated(depth * 0.15, depth * 0.4),
                          out, out);
    }
    p.restore();
}

void drawPaper(QPainter& p, const QRectF& box, const QColor& fill, unsigned seed) {
    drawShadow(p, box, 9);
    std::mt19937 engine(seed);
    std::uniform_real_distribution<double> any(-0.5, 0.5);
    constexpr double kEvery = 7;
    QPolygonF edge;
    const auto side = [&](const QPointF& from, const QPointF& to) {
        const QPointF d = to - from;
        const int n = std::max(1, static_cast<int>(std::hypot(d.x(), d.y()) / kEvery));
        const bool level = std::abs(d.y()) < 1e-9;
        for (int i = 0; i < n; ++i)
            edge << from + d * i / n + QPointF(level ? 0 : any(engine), level ? any(engine) : 0);
    };
    side(box.topLeft(), box.topRight()), side(box.topRight(), box.bottomRight());
    side(box.bottomRight(), box.bottomLeft()), side(box.bottomLeft(), box.topLeft());
    p.save();
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(look().night ? fill.lighter(118) : QColor("#d8ccb2"), 0.8));
    p.setBrush(fill);
    p.drawPolygon(edge);
    p.restore();
}

void drawTagPaper(QPainter& p, const QRectF& b, const QPointF& eye) {
    constexpr double c = 16;
    drawShadow(p, b.adjusted(4, 4, -4, 0), 9);
    p.save();
    p.setRenderHint(QPainter::Antialiasing);
    p.setPen(QPen(look().night ? look().card.lighter(125) : QColor("#d8ccb2"), 0.8));
    p.setBrush(look().card);
    p.drawPolygon(QPolygonF{{b.left() + c, b.top()},
                            {b.right() - c, b.top()},
                            {b.right(), b.top() + c},
                            {b.right(), b.bottom() - c},
                            {b.right() - c, b.bottom()},
                            {b.left() + c, b.bottom()},
                            {b.left(), b.bottom() - c},
                            {b.left(), b.top() + c}});
    p.setBrush(look().bench);
    p.setPen(QPen(look().copper, 2.4));
    p.drawEllipse(eye, 6.5, 6.5);
    p.restore();
}

double drawStamp(QPainter& p, const QPointF& centre, const QString& word, const QColor& colour) {
    p.save();
    p.setRenderHint(QPainter::Antialiasing);
    p.setFont(deskType(22, QFont::Bold));
    const QString text = word.toUpper();
    const double w = QFontMetricsF(p.font()).horizontalAdvance(text) + 24;
    p.translate(centre);
    p.rotate(-4);
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(colour, 2.4));
    p.drawRoundedRect(QRectF(-w / 2, -18, w, 36), 4, 4);
    p.setPen(QPen(colour, 0.9));
    p.drawRoundedRect(QRectF(-w / 2 + 4, -14, w - 8, 28), 2, 2);
    p.drawText(QRectF(-w / 2, -18, w, 36), Qt::AlignCenter, text);
    // Worn: the pad was not even.
    std::mt19937 engine(static_cast<unsigned>(text.size()) * 7 + 3);
    std::uniform_real_distribution<double> x(-w / 2, w / 2), y(-18, 18), r(0.3, 0.9);
    p.setPen(Qt::NoPen);
    QColor ground = look().card;
    ground.setAlphaF(0.75F);
    p.setBrush(ground);
    for (int i = 0; i < 90; ++i) {
        const double s = r(engine);
        p.drawEllipse(QPointF(x(engine), y(engine)), s, s);
    }
    p.restore();
    return w;
}

void drawFocus(QPainter& p, const QRectF& box) {
    p.save();
    p.setRenderHint(QPainter::Antialiasing);
    p.setBrush(Qt::NoBrush);
    p.setPen(QPen(look().copperDark, 2));
    p.drawRoundedRect(box.adjusted(1, 1, -1, -1), 4, 4);
    p.restore();
}

QFont narrowed(QFont font, double width, const QString& words) {
    const double wide = QFontMetricsF(font).horizontalAdvance(words);
    if (wide <= width) return font;
    // Asked of the font once: letters narrow as their stretch does, give or take what is rounded.
    constexpr int kNarrowest = 76, kStep = 6;
    const int fits = static_cast<int>(100 * (width - 0.5) / wide);
    font.setStretch(std::clamp(100 - kStep * ((100 - fits + kStep - 1) / kStep), kNarrowest, 100));
    return font;
}

void drawFitted(QPainter& p, const QRectF& box, int alignment, const QString& words) {
    const QFont given = p.font();
    const QFont font = narrowed(given, box.width(), words);
    QString shown = QFontMetricsF(font).elidedText(words, Qt::ElideRight, box.width());
    constexpr int kReadable = 6;
    if (shown != words && shown.size() < kReadable) shown.clear();
    p.setFont(font);
    p.drawText(box, alignment | Qt::TextDontClip, shown);
    p.setFont(given);
}

void drawFitted(QPainter& p, const QPointF& base, double width, const QString& words) {
    const double up = QFontMetricsF(p.font()).ascent();
    drawFitted(p, QRectF(base.x(), base.y() - up, width, QFontMetricsF(p.font()).height()),
               Qt::AlignLeft | Qt::AlignTop, words);
}

bool fits(const QFont& font, double width, const QString& words) {
    return QFontMetricsF(narrowed(font, width, words)).horizontalAdvance(words) <= width;
}

double drawWrapped(QPainter& p, const QRectF& box, const QString& words) {
    QRectF taken;
    p.drawText(box, Qt::TextWordWrap | Qt::TextDontClip, words, &taken);
    return taken.height();
}

} // namespace enkinet::app
