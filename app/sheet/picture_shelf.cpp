#include "sheet/picture_shelf.h"
#include "words/say.h"
#include <QBuffer>
#include <QImageReader>
#include <QPainter>
#include <QRegularExpression>
#include <QSvgRenderer>
#include <QXmlStreamReader>
#include <cmath>
#include <functional>
#include <string_view>

namespace enkinet::app {

namespace {

/// Stays inside the drawing: an anchor of its own, or bytes written out in it.
bool staysInside(QStringView reference) {
    const QStringView r = reference.trimmed();
    return r.isEmpty() || r.startsWith(u'#') || r.startsWith(u"data:image/", Qt::CaseInsensitive);
}

/// Every url(...) of a style or attribute stays inside, and no sheet is brought in.
bool styleStaysInside(const QString& text) {
    if (text.contains("@import", Qt::CaseInsensitive)) return false;
    static const QRegularExpression url("url\\(\\s*['\"]?([^)'\"]*)", QRegularExpression::CaseInsensitiveOption);
    for (auto it = url.globalMatch(text); it.hasNext();)
        if (!staysInside(it.next().captured(1))) return false;
    return true;
}

/// Why a drawing is not taken: it brings in something from outside, or copies itself so often that drawing it would
/// take for ever. Read with entities off; looked at after parsing, so that no spelling hides a reference.
QString whyRefused(const QByteArray& data) {
    const QString outside = Say::tr("the drawing refers to something outside itself");
    QXmlStreamReader xml(data);
    struct Node {
        double own = 1;              ///< elements in it
        std::vector<QString> copies; ///< of others, by their id
    };
    std::map<QString, Node> byId;
    std::vector<QString> open; // ids that are open, "" for those without
    double all = 0;
    std::vector<QString> rootCopies;
    while (!xml.atEnd()) {
        switch (xml.readNext()) {
        case QXmlStreamReader::DTD:
            if (xml.text().contains(u"ENTITY", Qt::CaseInsensitive) || xml.text().contains(u'[')) return outside;
            break;
        case QXmlStreamReader::EntityReference:
            return outside;
        case QXmlStreamReader::ProcessingInstruction:
            return outside;
        case QXmlStreamReader::StartElement: {
            if (++all > PictureShelf::kMostElements) return Say::tr("the drawing has too many parts");
            const QString id = xml.attributes().value("id").toString();
            open.push_back(id);
            for (const QString& up : open)
                if (!up.isEmpty()) byId[up].own += 1;
            for (const QXmlStreamAttribute& a : xml.attributes()) {
                if (a.name() == u"href" || a.name() == u"src") {
                    if (!staysInside(a.value())) return outside;
                    if (xml.name() == u"use") {
                        for (const QString& up : open)
                            if (!up.isEmpty()) byId[up].copies.push_back(a.value().trimmed().mid(1).toString());
                        rootCopies.push_back(a.value().trimmed().mid(1).toString());
                    }
                } else if (!styleStaysInside(a.value().toString())) {
                    return outside;
                }
            }
            break;
        }
        case QXmlStreamReader::EndElement:
            if (!open.empty()) open.pop_back();
            break;
        case QXmlStreamReader::Characters:
            if (!styleStaysInside(xml.text().toString())) return outside;
            break;
        default:
            break;
        }
    }
    if (xml.hasError()) return Say::tr("the drawing cannot be read");
    // How many elements are drawn once all copies are made; a copy of itself never ends.
    std::map<QString, double> drawn;
    const std::function<double(const QString&, int)> count = [&](const QString& id, int depth) -> double {
        if (depth > 64) return 1e12;
        if (const auto known = drawn.find(id); known != drawn.end()) return known->second;
        double sum = byId[id].own;
        for (const QString& copy : byId[id].copies)
            if (sum < 1e12) sum += count(copy, depth + 1);
        return drawn[id] = sum;
    };
    double sum = all;
    for (const QString& copy : rootCopies)
        sum += count(copy, 0);
    return sum > 4.0 * PictureShelf::kMostElements ? Say::tr("the drawing copies itself too often") : QString();
}

} // namespace

QImage decodePicture(const std::string& bytes, QString* why) {
    const auto refuse = [&](const QString& reason) {
        if (why) *why = reason;
        return QImage();
    };
    if (bytes.size() > PictureShelf::kMostBytes) return refuse(Say::tr("the picture is larger than 64 MB"));
    QByteArray data = QByteArray::fromRawData(bytes.data(), static_cast<qsizetype>(bytes.size()));
    if (data.left(1024).contains("<svg") || data.left(256).trimmed().startsWith("<?xml")) {
        if (const QString reason = whyRefused(data); !reason.isEmpty()) return refuse(reason);
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
        return refuse(Say::tr("it is %1 × %2 pixels, and a side may have %3 at most")
                          .arg(size.width())
                          .arg(size.height())
                          .arg(PictureShelf::kMostPixels));
    // The reader's own limit stands in the way of a sheet scanned finely; ours was looked at above.
    QImageReader::setAllocationLimit(0);
    const QImage image = reader.read();
    return image.isNull() ? refuse(Say::tr("the picture is damaged")) : image;
}

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
    kept.image = decodePicture(bytes, &kept.why);
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
