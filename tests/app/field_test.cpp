// Seen in the field: the log, the report of a crash, and exceptions that are said.
#include "jobs/application.h"
#include "jobs/crash.h"
#include "jobs/log.h"
#include "jobs/worker.h"
#include "support/driven.h"
#include "support/sanitized.h"
#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <csignal>
#include <stdexcept>

using namespace enkinet::test;

namespace {

QByteArray contentsOf(const QString& path) {
    QFile f(path);
    return f.open(QIODevice::ReadOnly) ? f.readAll() : QByteArray();
}

/// The program itself, with a folder of its own, until it has written what says that it stands.
struct Program {
    QTemporaryDir home;
    QProcess process;
    QString folder() const { return home.filePath("data/enkinet/enkinet/recovery"); }
    void start(const QStringList& arguments) {
        auto environment = QProcessEnvironment::systemEnvironment();
        for (const auto& [name, value] : {std::pair{"XDG_DATA_HOME", "data"}, {"XDG_CONFIG_HOME", "config"}})
            environment.insert(name, home.filePath(value));
        environment.insert("ENKINET_DATA", ENKINET_SOURCE_DIR "/data");
        process.setProcessEnvironment(environment);
        process.start(ENKINET_APP, arguments);
        REQUIRE(process.waitForStarted(kPatience_ms));
    }
    bool says(const QByteArray& word) {
        return QTest::qWaitFor([&] { return contentsOf(folder() + "/enkinet.log").contains(word); }, kPatience_ms);
    }
};

} // namespace

TEST_CASE("What is done is logged beside the recovery files, without a name or a path, and bounded", "[window]") {
    Program program;
    QDir().mkpath(program.folder());
    QFile before(program.folder() + "/enkinet.log");
    REQUIRE(before.open(QIODevice::WriteOnly));
    before.write(QByteArray(300000, '\n'));
    before.close();
    program.start({"--demo", "--verbose"});
    REQUIRE(program.says("opened or refused"));
    REQUIRE(program.says("results, or stopped, in "));
    program.process.terminate();
    REQUIRE(program.process.waitForFinished(kPatience_ms));
    const QByteArray log = contentsOf(program.folder() + "/enkinet.log");
    // One that had grown too long made room with the first line.
    CHECK(QFileInfo(program.folder() + "/enkinet.log.1").size() > 300000);
    CHECK(log.size() < 100000);
    CHECK(contentsOf(program.folder() + "/enkinet.log.1").contains("began"));
    CHECK(log.contains("enkinet.files opened or refused in "));
    CHECK(log.contains("files read "));
    for (const char* secret : {"Tansy", "Tide House", "post-for", "/data/"})
        CHECK_FALSE(log.contains(secret));
    CHECK(program.process.readAllStandardError().contains("enkinet.files opened"));
}

TEST_CASE("A crash leaves a report with the version, the signal and where it was, and the next start offers it",
          "[window]") {
    if (kSanitized) return; // which reports itself
    Program program;
    program.start({"--demo"});
    REQUIRE(program.says("results"));
    ::kill(static_cast<pid_t>(program.process.processId()), SIGSEGV);
    REQUIRE(program.process.waitForFinished(kPatience_ms));
    CHECK(program.process.exitStatus() == QProcess::CrashExit);
    const QByteArray report = contentsOf(program.folder() + "/crash.txt");
    CHECK(report.startsWith("enkinet 0."));
    CHECK(report.contains("SIGSEGV"));
    CHECK(report.contains("last steps"));
    // Whichever thread the signal met, a window system's own too: the handler's frame is ours, and it was called.
    const QByteArray frames = report.mid(report.indexOf("where it was"));
    CHECK(frames.contains("bin/enkinet"));
    CHECK(frames.count("[0x") > 2);
    const auto kept = must(app::takeCrashReport(program.folder()));
    CHECK(contentsOf(*kept) == report);
    CHECK_FALSE(app::takeCrashReport(program.folder()));
}

TEST_CASE("A report of a crash is shown once, and goes where it is thrown away", "[window]") {
    Desk desk;
    const QString folder = app::Session::folder();
    QDir().mkpath(folder);
    QFile f(folder + "/crash.txt");
    REQUIRE(f.open(QIODevice::WriteOnly));
    f.write("enkinet 0.2.0\nSIGSEGV\n");
    f.close();
    desk.window.offerCrashReport();
    auto* slip = must(desk.window.findChild<QDialog*>("crashSlip"));
    CHECK(QDir(folder).entryList({"crash-*.txt"}).size() == 1);
    Desk::mouse(slip->findChild<QPushButton*>("crashAway"));
    CHECK(QDir(folder).entryList({"crash*.txt"}).isEmpty());
    desk.window.offerCrashReport();
    CHECK_FALSE(desk.window.findChild<QDialog*>("crashSlip"));
}

TEST_CASE("An exception of a worker or of a view is said, and the desk goes on", "[window]") {
    Desk desk;
    auto* application = must(dynamic_cast<app::Application*>(qApp));
    application->onFault = [&](const QString& what) { desk.window.sayFault(what); };
    app::Worker::onFault([application](const char* what) { application->sayFault(QString::fromUtf8(what)); });
    app::Worker worker;
    worker.ask([](const std::stop_token&) { throw std::runtime_error("out of cheese"); });
    REQUIRE(QTest::qWaitFor([&] { return desk.window.message().contains("out of cheese"); }, kPatience_ms));
    bool done = false;
    worker.ask([&done](const std::stop_token&) { done = true; });
    CHECK(worker.waitIdle(kPatience_ms));
    CHECK(done);
    struct Broken : QWidget {
        bool event(QEvent* e) override {
            if (e->type() == QEvent::User) throw std::logic_error("a list that is another's");
            return QWidget::event(e);
        }
    } broken;
    QEvent event(QEvent::User);
    QApplication::sendEvent(&broken, &event);
    REQUIRE(QTest::qWaitFor([&] { return desk.window.message().contains("a list that is another's"); }, kPatience_ms));
    CHECK(desk.document().change("gap", [](const document::Edits& e) { return e.setGap("leg", "knee", 15); }));
    application->onFault = {};
    app::Worker::onFault({});
}
