// The window tests: one application, its settings and recovery kept in a folder of their own.
#define CATCH_CONFIG_RUNNER
#include "jobs/application.h"
#include "jobs/memory.h"
#include "jobs/worker.h"
#include "support/clock.h"
#include "widgets/look.h"
#include "words/language.h"
#include <QApplication>
#include <QDir>
#include <QStandardPaths>
#include <QTemporaryDir>
#include <catch2/catch.hpp>

int main(int argc, char** argv) {
    enkinet::app::keepMemoryTogether();
    QTemporaryDir home;
    qputenv("XDG_CONFIG_HOME", home.filePath("config").toUtf8());
    qputenv("XDG_DATA_HOME", home.filePath("data").toUtf8());
    QDir().mkpath(home.filePath("run"));
    qputenv("XDG_RUNTIME_DIR", home.filePath("run").toUtf8());
    QFile::setPermissions(home.filePath("run"), QFile::ReadOwner | QFile::WriteOwner | QFile::ExeOwner);
    enkinet::app::Application app(argc, argv);
    QApplication::setApplicationName("enkinet");
    QApplication::setOrganizationName("enkinet");
    enkinet::app::applyLanguage("en");
    enkinet::app::applyLook(app);
    enkinet::test::setUsualClock();
    const int failed = Catch::Session().run(argc, argv);
    enkinet::app::Worker::endAll();
    return failed;
}
