#include "sheet/picture_shelf.h"
#include "widgets/picture_bytes.h"
#include <QPainter>
#include <algorithm>
#include <functional>
#include <string_view>

namespace enkinet::app {

PictureShelf& PictureShelf::shared() {
    static PictureShelf shelf;
    return shelf;
}

QImage PictureShelf::find(const std::string& file, const std::string& bytes, QString* why) {
    // Three stretches tell pictures of one size apart; a paint must not read hundreds of megabytes.
    constexpr std::size_t kLook = 1 << 16;
    const std::string_view all(bytes);
    std::size_t hash = 0;
    for (const std::size_t at : {std::size_t{0}, bytes.size() / 2, bytes.size() - std::min(bytes.size(), kLook)})
        hash = hash * 1000003 + std::hash<std::string_view>{}(all.substr(std::min(at, bytes.size()), kLook));
    if (const auto it = m_kept.find(file);
        it != m_kept.end() && it->second.size == bytes.size() && it->second.hash == hash) {
        if (why) *why = it->second.why;
        return it->second.image;
    }
    Kept kept{bytes.size(), hash, {}, {}};
    kept.image = readPicture(bytes, &kept.why);
    if (why) *why = kept.why;
    return (m_kept[file] = std::move(kept)).image;
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
    placed.width_px = g.width, placed.height_px = g.height;
    placed.figureTop = static_cast<double>(top) / g.height, placed.figureBottom = (bottom + 1.0) / g.height;
    placed.angle_rad = 0;
    placed.y_mm = (bottom + 1) * placed.mm_px;
    placed.x_mm = -placed.mm_px * (left + right + 1) / 2;
    return placed;
}

} // namespace enkinet::app
