#pragma once
// One PNG of every station at 1280 x 800 in the day look.
#include <QSize>
#include <QString>

namespace enkinet::app {

class Window;

/// Writes the pictures into a folder that is made when it is missing; false when one could not be written.
bool writePictures(Window& window, const QString& folder, const QSize& size);

} // namespace enkinet::app
