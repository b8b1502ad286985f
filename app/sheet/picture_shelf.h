#pragma once
// Pictures of the production, decoded once and kept by their bytes, and what is measured on them.
#include "body/puppet.h"
#include "body/silhouette.h"
#include <QImage>
#include <QString>
#include <map>
#include <optional>
#include <string>

namespace enkinet::app {

class PictureShelf {
public:
    /// The decoded picture; a null image, with the reason, when it cannot be shown.
    QImage find(const std::string& file, const std::string& bytes, QString* why = nullptr);

    /// One for the program: a picture is decoded once, whoever shows it.
    static PictureShelf& shared();

private:
    struct Kept {
        std::size_t size = 0, hash = 0;
        QImage image;
        QString why; ///< there is none
    };
    std::map<std::string, Kept> m_kept;
};

/// Grey buffer of a picture on white, crop applied as white.
body::GreyPicture greyOf(const QImage& image, const body::Picture& placed);
/// The picture scaled and moved so that its figure is so high, stands on the base line and has its middle at x 0.
std::optional<body::Picture> fittedToHeight(const QImage& image, body::Picture placed, double height_mm);

} // namespace enkinet::app
