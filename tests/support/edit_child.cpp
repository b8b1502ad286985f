// A session that edits on and on, for the kill test: opens a file, changes the height every few milliseconds, and notes
// each edit with its time before going on. Arguments: FILE LOG; with "steps" behind them a step is started and notes
// are logged instead, each kept at once.
#include "document/document.h"
#include <QApplication>
#include <QDateTime>
#include <QFile>
#include <QTimer>

using namespace enkinet;

int main(int argc, char** argv) {
    QApplication app(argc, argv);
    QApplication::setApplicationName("enkinet");
    QApplication::setOrganizationName("enkinet");
    app::Document document;
    if (argc < 3 || !document.open(argv[1]).isEmpty()) return 2;
    document.setRecovery(true);
    QFile log(argv[2]);
    if (!log.open(QIODevice::WriteOnly | QIODevice::Append)) return 2;
    int n = 0;
    const bool steps = argc > 3 && QString(argv[3]) == "steps";
    const auto write = [&](document::LogKind kind) {
        document::LogEntry e;
        e.at_s = 1'796'000'000 + n, e.kind = kind, e.puppet = document.puppet().id, e.step = "putty", e.number = n;
        document.change("log", [&](const document::Edits& x) { return x.addLog({e}); });
        document.keepNow();
    };
    if (steps) write(document::LogKind::started);
    QTimer timer;
    QObject::connect(&timer, &QTimer::timeout, [&] {
        ++n;
        if (steps)
            write(document::LogKind::note);
        else
            document.change("edit", [&](const document::Edits& e) { return e.setHeight(200 + 0.01 * n); });
        log.write(QString("%1 %2\n").arg(n).arg(QDateTime::currentMSecsSinceEpoch()).toUtf8());
        log.flush();
    });
    timer.start(15);
    return QApplication::exec();
}
