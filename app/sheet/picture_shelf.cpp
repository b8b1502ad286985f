#include "sheet/picture_shelf.h"
#include "desk/say.h"
#include <QBuffer>
#include <QImageReader>
#include <QPainter>
#include <QSvgRenderer>
#include <cmath>

namespace enkinet::app {

QImage decodePicture(const std::string& bytes, QString* why) {
    const auto refuse = [&](const QString& reason) {
        if (why) *why = reason;
        return QImage();
    };
    if (bytes.size() > PictureShelf::kMostBytes) return refuse(Say::tr("the picture is larger than 64 MB"));
    QByteArray data = QByteArray::fromRawData(bytes.data(), static_cast<qsizetype>(bytes.size()));
    if (data.left(1024).contains("<svg") || data.left(256).trimmed().startsWith("<?xml")) {
        // Nothing from outside comes in with a drawing: references and entities are not followed.
        const QByteArray lower = data.toLower();
        for (const char* outside :
             {"<!entity", "href=\"http", "href='http", "href=\"file", "href='file", "@import", "url(http", "url(file"})
            if (lower.contains(outside)) return refuse(Say::tr("the drawing refers to something outside itself"));
        QSvgRenderer svg(data);
        if (!svg.isValid()) return refuse(Say::tr("the drawing cannot be read"));
        QSizeF size = svg.defaultSize();
        if (size.isEmpty()) return refuse(Say::tr("the drawing has no size"));
        size.scale(QSizeF(2000, 2000), Qt::KeepAspectRatio);
        QImage image(size.toSize(), QImage::Format_ARGB32_Premultiplied);
        image.fill(Qt::transparent);
        QPainter p(&image);
        svg.render(&p);
        return image;
    }
    QBuffer buffer(&data);
    QImageReader reader(&buffer);
    reader.setAutoTransform(true);
    if (!reader.canRead()) return refuse(Say::tr("it is no PNG, JPEG or SVG picture"));
    if (const QByteArray format = reader.format(); format != "png" && format != "jpeg" && format != "jpg")
        return refuse(Say::tr("it is no PNG, JPEG or SVG picture"));
    // Looked at before anything is allocated.
    const QSize size = reader.size();
    if (!size.isValid() || size.width() > PictureShelf::kMostPixels || size.height() > PictureShelf::kMostPixels)
        return refuse(Say::tr("it is larger than %1 pixels a side").arg(PictureShelf::kMostPixels));
    const QImage image = reader.read();
    return image.isNull() ? refuse(Say::tr("the picture is damaged")) : image;
}

QImage PictureShelf::find(const std::string& file, const std::string& bytes, QString* why) {
    const std::string head = bytes.substr(0, 256);
    if (const auto it = m_kept.find(file);
        it != m_kept.end() && it->second.size == bytes.size() && it->second.head == head)
        return it->second.image;
    const QImage image = decodePicture(bytes, why);
    m_kept[file] = {bytes.size(), head, image};
    return image;
}

body::GreyPicture greyOf(const QImage& source, const body::Picture& placed) {
    QImage white(source.size(), QImage::Format_RGB32);
    white.fill(Qt::white);
    {
        QPainter p(&white);
        const QRectF all(source.rect());
        const QRectF kept(all.width() * placed.cropLeft, all.height() * placed.cropTop,
                          all.width() * (1 - placed.cropLeft - placed.cropRight),
                          all.height() * (1 - placed.cropTop - placed.cropBottom));
        p.drawImage(kept, source, kept);
    }
    body::GreyPicture g{white.width(), white.height(), {}};
    g.pixels.resize(static_cast<std::size_t>(g.width) * static_cast<std::size_t>(g.height));
    for (int y = 0; y < g.height; ++y) {
        const auto* line = reinterpret_cast<const QRgb*>(white.constScanLine(y));
        for (int x = 0; x < g.width; ++x)
            g.pixels[static_cast<std::size_t>(y) * static_cast<std::size_t>(g.width) + static_cast<std::size_t>(x)] =
                static_cast<std::uint8_t>(qGray(line[x]));
    }
    return g;
}

body::PicturePoint toPixel(const body::Picture& p, double x, double y) {
    // The corner, then turned against the clock: undo both.
    const double dx = x - p.x_mm, dy = p.y_mm - y, c = std::cos(p.angle_rad), s = std::sin(p.angle_rad);
    return {(dx * c - dy * s) / p.mm_px, (dx * s + dy * c) / p.mm_px};
}

std::optional<body::Picture> fittedToHeight(const QImage& image, body::Picture placed, double height_mm) {
    const body::GreyPicture g = greyOf(image, placed);
    const int threshold = body::findThreshold(g);
    int top = g.height, bottom = -1, left = g.width, right = -1;
    for (int y = 0; y < g.height; ++y)
        for (int x = 0; x < g.width; ++x)
            if (g.pixels[static_cast<std::size_t>(y) * static_cast<std::size_t>(g.width) +
                         static_cast<std::size_t>(x)] < threshold)
                top = std::min(top, y), bottom = std::max(bottom, y), left = std::min(left, x),
                right = std::max(right, x);
    if (bottom <= top) return {};
    placed.mm_px = height_mm / (bottom + 1 - top);
    placed.angle_rad = 0;
    placed.y_mm = (bottom + 1) * placed.mm_px;
    placed.x_mm = -placed.mm_px * (left + right + 1) / 2;
    return placed;
}

} // namespace enkinet::app
