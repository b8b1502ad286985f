// Pictures and drawings through our limits: what is taken has pixels, what is refused says why.
#include "widgets/picture_bytes.h"
#include <QGuiApplication>
#include <cstdio>
#include <cstdlib>

namespace enkinet::fuzz {

void picture(const std::string& bytes) {
    // Words of a drawing want fonts, and those an application; it needs no display.
    [[maybe_unused]] static const auto* const app = [] {
        qputenv("QT_QPA_PLATFORM", "offscreen");
        static int argc = 1;
        static char name[] = "fuzz";
        static char* argv[] = {name, nullptr};
        return new QGuiApplication(argc, argv);
    }();
    QString why;
    const QImage image = app::readPicture(bytes, &why, 300);
    const bool whole = image.isNull() ? why.size() > 4 && why.size() < 900 && !why.contains(u'\n')
                                      : std::max(image.width(), image.height()) <= 300;
    if (whole) return;
    std::fprintf(stderr, "broken: a picture is taken, or refused with a sentence\n");
    std::abort();
}

} // namespace enkinet::fuzz
