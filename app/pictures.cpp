#include "pictures.h"
#include "desk/rule.h"
#include "desk/window.h"
#include <QApplication>
#include <QDir>
#include <QPixmap>

namespace enkinet::app {

bool writePictures(Window& window, const QString& folder) {
    if (!QDir().mkpath(folder)) return false;
    window.resize(1280, 800);
    window.show();
    const char* const names[] = {"sheet", "wire", "bulk", "skin", "paint", "plan"};
    for (int i = 0; i < production::kStations; ++i) {
        window.setStation(static_cast<production::Station>(i));
        // Layouts settle over a few rounds of events.
        for (int n = 0; n < 5; ++n)
            QApplication::processEvents();
        if (!window.grab().save(QDir(folder).filePath(QString("%1.png").arg(names[i])))) return false;
    }
    return true;
}

} // namespace enkinet::app
