#include "pictures.h"
#include "desk/leaves.h"
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
    const auto take = [&](const QString& name) {
        // Layouts settle over a few rounds of events.
        for (int n = 0; n < 5; ++n)
            QApplication::processEvents();
        return window.grab().save(QDir(folder).filePath(name + ".png"));
    };
    const char* const names[] = {"sheet", "wire", "bulk", "skin", "paint", "plan"};
    for (int i = 0; i < production::kStations; ++i) {
        window.setStation(static_cast<production::Station>(i));
        if (!take(names[i])) return false;
        if (static_cast<production::Station>(i) != production::Station::wire) continue;
        // The leaves of the wire card.
        auto* leaves = window.findChild<Leaves*>("wireLeaves");
        for (const auto& [leaf, name] : {std::pair{1, "wire-lens"}, {2, "wire-all"}, {3, "wire-tests"}}) {
            leaves->setCurrent(leaf);
            if (!take(name)) return false;
        }
        leaves->setCurrent(0);
    }
    return true;
}

} // namespace enkinet::app
