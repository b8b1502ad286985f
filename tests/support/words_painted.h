#pragma once
// What a window writes where: every text that is painted, with its box and what of it is seen.
#include <QPaintDevice>
#include <QPaintEngine>
#include <QPainter>
#include <QWidget>
#include <vector>

namespace enkinet::test {

/// A text in the window's pixels.
struct PaintedWord {
    QString text;
    QRectF box;   ///< of the letters, about as high as they are
    QRectF seen;  ///< what may be painted on there
    QString font; ///< for telling texts of a picture apart
};

class WordEngine : public QPaintEngine {
public:
    explicit WordEngine(std::vector<PaintedWord>& words) : QPaintEngine(AllFeatures), m_words(words) {}
    bool begin(QPaintDevice*) override { return true; }
    bool end() override { return true; }
    void updateState(const QPaintEngineState&) override {}
    void drawPixmap(const QRectF&, const QPixmap&, const QRectF&) override {}
    void drawImage(const QRectF&, const QImage&, const QRectF&, Qt::ImageConversionFlags) override {}
    void drawPath(const QPainterPath&) override {}
    void drawPolygon(const QPointF*, int, PolygonDrawMode) override {}
    void drawRects(const QRectF*, int) override {}
    void drawLines(const QLineF*, int) override {}
    void drawEllipse(const QRectF&) override {}
    void drawPoints(const QPointF*, int) override {}
    void drawTiledPixmap(const QRectF&, const QPixmap&, const QPointF&) override {}
    void drawTextItem(const QPointF& at, const QTextItem& item) override {
        const QString text = item.text();
        if (text.trimmed().isEmpty()) return;
        QPainter* p = painter();
        // Letters reach neither as high nor as low as their line.
        const QRectF line(at.x(), at.y() - 0.62 * item.ascent(), item.width(), 0.62 * item.ascent());
        QRectF seen(0, 0, paintDevice()->width(), paintDevice()->height());
        if (const QRegion system = systemClip(); !system.isEmpty()) seen &= system.boundingRect();
        const QTransform to = p->deviceTransform();
        if (p->hasClipping()) seen &= to.mapRect(p->clipBoundingRect());
        m_words.push_back({text, to.mapRect(line), seen, p->font().toString()});
    }
    Type type() const override { return User; }

private:
    std::vector<PaintedWord>& m_words;
};

class WordDevice : public QPaintDevice {
public:
    explicit WordDevice(QSize size) : m_size(size) {}
    ~WordDevice() override = default;
    QPaintEngine* paintEngine() const override { return &m_engine; }
    std::vector<PaintedWord> words;

protected:
    int metric(PaintDeviceMetric m) const override {
        switch (m) {
        case PdmWidth:
            return m_size.width();
        case PdmHeight:
            return m_size.height();
        case PdmDepth:
            return 32;
        case PdmDpiX:
        case PdmDpiY:
        case PdmPhysicalDpiX:
        case PdmPhysicalDpiY:
            return 96;
        case PdmDevicePixelRatio:
            return 1;
        case PdmDevicePixelRatioScaled:
            return static_cast<int>(devicePixelRatioFScale());
        default:
            return QPaintDevice::metric(m);
        }
    }

private:
    QSize m_size;
    mutable WordEngine m_engine{words};
};

/// Everything that the window writes now.
inline std::vector<PaintedWord> wordsPainted(QWidget& window) {
    WordDevice device(window.size());
    QPainter p(&device);
    window.render(&p);
    p.end();
    return device.words;
}

} // namespace enkinet::test
