#include "widgets/picture_bytes.h"
#include "document/production.h"
#include "words/text.h"
#include <QBuffer>
#include <QFile>
#include <QFileInfo>
#include <QHash>
#include <QImageReader>
#include <QPainter>
#include <QRegularExpression>
#include <QSvgRenderer>
#include <QXmlStreamReader>
#include <QtEndian>
#include <algorithm>
#include <optional>
#include <vector>

namespace enkinet::app {

namespace {

QSize scaledTo(QSize size, int mostSide) {
    if (mostSide <= 0 || std::max(size.width(), size.height()) <= mostSide) return size;
    return size.scaled(mostSide, mostSide, Qt::KeepAspectRatio).expandedTo({1, 1});
}

/// A reason, or nothing. Looked at before anything is allocated.
QString whyTooLarge(QSize size) {
    if (size.isValid() && size.width() <= kMostPixels && size.height() <= kMostPixels) return {};
    return Text::tr("it is %1 × %2 pixels, and a side may have %3 at most: make it smaller")
        .arg(size.width())
        .arg(size.height())
        .arg(kMostPixels);
}

/// A part of a PNG that claims more bytes than there are would be given them all before it is read.
bool claimsTooMuch(const QByteArray& bytes) {
    constexpr qsizetype kMark = 8, kAround = 12;
    if (!bytes.startsWith("\x89PNG\r\n\x1a\n")) return false;
    for (qsizetype at = kMark; bytes.size() - at >= kAround;) {
        const qsizetype length = qFromBigEndian<quint32>(bytes.constData() + at);
        if (length > bytes.size() - at - kAround) return true;
        at += kAround + length;
    }
    return false;
}

QString whyDamaged() { return Text::tr("the picture is damaged: save it anew"); }

QString whyTooHeavy() {
    return Text::tr("the picture is larger than %1 MB: make it smaller").arg(document::kMostPictureBytes >> 20);
}

/// Our own limit stands before every reader; the library's is kept as a second one behind it, at what ours lets
/// through.
void keepSecondLimit() {
    static constexpr qint64 kMost = qint64{kMostPixels} * kMostPixels * 8;
    QImageReader::setAllocationLimit(static_cast<int>((kMost >> 20) + 1));
}

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

/// The elements of a drawing, and how many are drawn once all copies are made.
class Elements {
public:
    int count() const { return static_cast<int>(m_all.size()); }
    int depth() const { return static_cast<int>(m_open.size()); }
    void open(const QString& id) {
        if (!m_open.empty()) m_all[static_cast<std::size_t>(m_open.back())].inside.push_back(count());
        if (!id.isEmpty()) m_byId[id].push_back(count());
        m_open.push_back(count());
        m_all.emplace_back();
    }
    void copy(const QString& id) { m_all.back().copies = id; }
    void close() {
        if (!m_open.empty()) m_open.pop_back();
    }
    /// A copy of itself never ends: more than most.
    double calcDrawn(double most) { return m_all.empty() ? 0 : drawn(0, most, 0); }

private:
    struct Element {
        std::vector<int> inside;
        QString copies;
        std::optional<double> drawn;
        bool asked = false;
    };
    double drawn(int i, double most, int depth) {
        Element& e = m_all[static_cast<std::size_t>(i)];
        if (e.drawn) return *e.drawn;
        if (e.asked || depth > 4000) return most + 1;
        e.asked = true;
        double sum = 1;
        for (int child : e.inside)
            if (sum <= most) sum += drawn(child, most, depth + 1);
        if (!e.copies.isEmpty()) sum += drawn(e.copies, most, depth + 1);
        return *(e.drawn = sum);
    }
    double drawn(const QString& id, double most, int depth) {
        if (const auto known = m_drawnById.find(id); known != m_drawnById.end()) return *known;
        double sum = 0;
        for (int i : m_byId.value(id))
            if (sum <= most) sum += drawn(i, most, depth);
        return *m_drawnById.insert(id, sum);
    }
    std::vector<Element> m_all;
    std::vector<int> m_open;
    QHash<QString, std::vector<int>> m_byId;
    QHash<QString, double> m_drawnById;
};

/// Why a drawing is not taken: it brings in something from outside, is nested or copies itself so often that drawing it
/// would take for ever, or carries pictures that are too large. Read with entities off; looked at after parsing, so
/// that no spelling hides a reference.
QString whyRefused(const QByteArray& data) {
    const QString outside =
        Text::tr("the drawing refers to something outside itself: save it with all that is in it, or as a PNG picture");
    const QString many = Text::tr("the drawing has too many parts: save it as a PNG picture");
    QXmlStreamReader xml(data);
    Elements elements;
    double carried = 0;
    while (!xml.atEnd()) {
        switch (xml.readNext()) {
        case QXmlStreamReader::DTD:
            if (xml.text().contains(u"ENTITY", Qt::CaseInsensitive) || xml.text().contains(u'[')) return outside;
            break;
        case QXmlStreamReader::EntityReference:
        case QXmlStreamReader::ProcessingInstruction:
            return outside;
        case QXmlStreamReader::StartElement:
            elements.open(xml.attributes().value("id").toString());
            if (elements.count() > kMostElements || elements.depth() > kMostNested) return many;
            for (const QXmlStreamAttribute& a : xml.attributes()) {
                if (a.name() != u"href" && a.name() != u"src") {
                    if (!styleStaysInside(a.value().toString())) return outside;
                    continue;
                }
                if (!staysInside(a.value())) return outside;
                const QStringView at = a.value().trimmed();
                if (xml.name() == u"use") elements.copy(at.mid(1).toString());
                if (!at.startsWith(u"data:", Qt::CaseInsensitive)) continue;
                // A picture that is carried along counts as one that stands by itself, and all of them as one.
                QByteArray bytes = QByteArray::fromBase64(at.mid(at.indexOf(u',') + 1).toLatin1());
                if (claimsTooMuch(bytes)) return whyDamaged();
                QBuffer buffer(&bytes);
                const QSize size = QImageReader(&buffer).size();
                if (!size.isValid()) continue;
                carried += static_cast<double>(size.width()) * size.height();
                if (const QString reason = whyTooLarge(size); !reason.isEmpty()) return reason;
                if (carried > static_cast<double>(kMostPixels) * kMostPixels)
                    return Text::tr("the pictures in the drawing are too large: make them smaller");
            }
            break;
        case QXmlStreamReader::EndElement:
            elements.close();
            break;
        case QXmlStreamReader::Characters:
            if (!styleStaysInside(xml.text().toString())) return outside;
            break;
        default:
            break;
        }
    }
    if (xml.hasError()) return Text::tr("the drawing cannot be read: save it anew, or as a PNG picture");
    const double most = 4.0 * kMostElements;
    return elements.calcDrawn(most) > most ? Text::tr("the drawing copies itself too often: save it as a PNG picture")
                                           : QString();
}

} // namespace

QImage readPicture(const std::string& bytes, QString* why, int mostSide) {
    const auto refuse = [&](const QString& reason) {
        if (why) *why = reason;
        return QImage();
    };
    if (bytes.size() > document::kMostPictureBytes) return refuse(whyTooHeavy());
    keepSecondLimit();
    QByteArray data = QByteArray::fromRawData(bytes.data(), static_cast<qsizetype>(bytes.size()));
    if (data.left(1024).contains("<svg") || data.left(256).trimmed().startsWith("<?xml")) {
        if (const QString reason = whyRefused(data); !reason.isEmpty()) return refuse(reason);
        QSvgRenderer svg(data);
        if (!svg.isValid()) return refuse(Text::tr("the drawing cannot be read: save it anew, or as a PNG picture"));
        QSizeF size = svg.defaultSize();
        if (size.isEmpty())
            return refuse(
                Text::tr("the drawing has no size: give it a width and a height, or save it as a PNG picture"));
        size.scale(QSizeF(2000, 2000), Qt::KeepAspectRatio);
        QImage image(scaledTo(size.toSize().expandedTo({1, 1}), mostSide), QImage::Format_ARGB32_Premultiplied);
        image.fill(Qt::transparent);
        QPainter p(&image);
        svg.render(&p);
        return image;
    }
    if (claimsTooMuch(data)) return refuse(whyDamaged());
    QBuffer buffer(&data);
    QImageReader reader(&buffer);
    reader.setAutoTransform(true);
    if (!reader.canRead()) return refuse(Text::tr("it is no PNG, JPEG or SVG picture"));
    if (const QByteArray format = reader.format(); format != "png" && format != "jpeg" && format != "jpg")
        return refuse(Text::tr("it is no PNG, JPEG or SVG picture"));
    const QSize size = reader.size();
    if (const QString reason = whyTooLarge(size); !reason.isEmpty()) return refuse(reason);
    if (const QSize wanted = scaledTo(size, mostSide); wanted != size) reader.setScaledSize(wanted);
    const QImage image = reader.read();
    return image.isNull() ? refuse(whyDamaged()) : image;
}

std::optional<QByteArray> readPictureBytes(const QString& path, QString* why) {
    QFile f(path);
    const bool open = f.open(QIODevice::ReadOnly);
    if (open && f.size() <= static_cast<qint64>(document::kMostPictureBytes)) return f.readAll();
    const QString reason =
        open ? whyTooHeavy() : Text::tr("it cannot be opened: is it still there, and may it be read?");
    if (why) *why = Text::tr("%1: %2").arg(QFileInfo(path).fileName(), reason);
    return {};
}

QImage readPictureFile(const QString& path, QString* why, int mostSide) {
    const auto bytes = readPictureBytes(path, why);
    if (!bytes) return {};
    QString reason;
    const QImage image = readPicture(bytes->toStdString(), &reason, mostSide);
    if (image.isNull() && why) *why = Text::tr("%1: %2").arg(QFileInfo(path).fileName(), reason);
    return image;
}

} // namespace enkinet::app
