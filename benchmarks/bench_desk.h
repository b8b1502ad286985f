#pragma once
// What every benchmark with a window begins with: settings of its own, memory kept as the program keeps it, the look.
#include "jobs/memory.h"
#include "widgets/look.h"
#include "words/language.h"
#include <QApplication>
#include <QTemporaryDir>

namespace enkinet::bench {

/// Settings are kept in a folder that goes with the program.
struct BenchHome {
    QTemporaryDir home;

    BenchHome() {
        app::keepMemoryTogether();
        for (const char* name : {"XDG_CONFIG_HOME", "XDG_DATA_HOME"})
            qputenv(name, home.path().toUtf8());
    }
};

struct BenchDesk : BenchHome {
    QApplication app;

    BenchDesk(int& argc, char** argv) : app(argc, argv) {
        QApplication::setApplicationName("enkinet");
        app::applyLanguage("en");
        app::applyLook(app);
    }
};

} // namespace enkinet::bench
