#pragma once
// The one way in for a picture, whoever hands it over: PNG, JPEG, SVG. Sizes are looked at before anything is
// allocated; what is hostile, huge or of another kind is refused with a sentence; a drawing brings in nothing from
// outside itself.
#include <QByteArray>
#include <QImage>
#include <QString>
#include <optional>
#include <string>

namespace enkinet::app {

/// Of a side, of a drawing, and what is nested in it; of a file: document::kMostPictureBytes.
constexpr int kMostPixels = 12000, kMostElements = 100000, kMostNested = 200;

/// The picture, upright; a null image, with the reason in one sentence, when it cannot be shown. mostSide: longer sides
/// are scaled to it while they are read (0: as they are; a drawing is painted at 2000 pixels or less).
QImage readPicture(const std::string& bytes, QString* why = nullptr, int mostSide = 0);
/// What a file holds, when it may be a picture by its size. The reason names it.
std::optional<QByteArray> readPictureBytes(const QString& path, QString* why);
/// Both: the picture of a file. The reason names it.
QImage readPictureFile(const QString& path, QString* why, int mostSide = 0);

} // namespace enkinet::app
