// A session that edits on and on, for the kill test: opens a file, changes the height every few milliseconds, and notes
// each edit with its time before going on. Arguments: FILE LOG; with "steps" behind them a step is started and notes
// are logged instead, each kept at once; with "stations" something of every station is changed in turn beside the
// height, and now and then the file is saved.
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
    const bool stations = argc > 3 && QString(argv[3]) == "stations";
    const auto elsewhere = [&] {
        const body::Limb& limb = document.puppet().limbs[0];
        const auto edit = [&](const auto& what) { document.change("elsewhere", what); };
        using document::Edits;
        switch (n % 8) {
        case 0:
            return edit([&](const Edits& e) { return e.setSection(limb.id, 1, 0, 9 + 0.01 * (n % 50), 9); });
        case 1:
            return edit([&](const Edits& e) {
                body::Layers l = limb.segments[1].layers;
                l.skin_mm = 2 + 0.01 * (n % 50);
                return e.setLayers({limb.id, 1, {}}, l);
            });
        case 2:
            return edit([&](const Edits& e) { return e.setNoWire(limb.id, "so"); });
        case 3:
            return edit([&](const Edits& e) { return e.setPick(limb.id, std::nullopt); });
        case 4:
            return edit([&](const Edits& e) {
                body::Things t = document.puppet().things;
                t.copies = 1 + n / 8 % 9;
                return e.setThings(t);
            });
        case 5:
            return edit([&](const Edits& e) {
                body::Wants w = document.puppet().wants;
                w.film_s = 10 + n % 20;
                return e.setWants(w);
            });
        case 6:
            return write(document::LogKind::note);
        default:
            if (n % 32 == 7) document.save(true);
        }
    };
    QTimer timer;
    QObject::connect(&timer, &QTimer::timeout, [&] {
        ++n;
        if (steps) {
            write(document::LogKind::note);
        } else {
            if (stations) elsewhere();
            document.change("edit", [&](const document::Edits& e) { return e.setHeight(200 + 0.01 * n); });
        }
        log.write(QString("%1 %2\n").arg(n).arg(QDateTime::currentMSecsSinceEpoch()).toUtf8());
        log.flush();
    });
    timer.start(15);
    return QApplication::exec();
}
