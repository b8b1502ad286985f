// From the start of the process to the first paint, and to the demo's results: processor and wall time, beside a window
// with nothing in it. bench_start runs itself for each and prints medians; it needs a display.
#include "bench_desk.h"
#include "jobs/worker.h"
#include "shell/window.h"
#include "widgets/look.h"
#include <QApplication>
#include <QElapsedTimer>
#include <QMainWindow>
#include <QProcess>
#include <QTemporaryDir>
#include <QTimer>
#include <algorithm>
#include <cstdio>
#include <ctime>

namespace {

double processor_ms() { return 1000.0 * static_cast<double>(std::clock()) / CLOCKS_PER_SEC; }

/// Says when a widget has been painted for the first time.
class FirstPaint : public QObject {
public:
    std::function<void()> then;
    bool eventFilter(QObject*, QEvent* e) override {
        if (e->type() == QEvent::Paint && then) QTimer::singleShot(0, qApp, std::exchange(then, {}));
        return false;
    }
};

int one(int argc, char** argv, const QString& what) {
    using namespace enkinet::app;
    QElapsedTimer wall;
    wall.start();
    keepMemoryTogether();
    QApplication app(argc, argv);
    QApplication::setApplicationName("enkinet");
    FirstPaint first;
    const auto say = [&](const char* name) {
        std::printf("%s %.1f %.1f\n", name, processor_ms(), static_cast<double>(wall.nsecsElapsed()) / 1e6);
        std::fflush(stdout);
    };
    if (what == "empty") {
        QMainWindow w;
        w.resize(1280, 800);
        w.installEventFilter(&first);
        first.then = [&] { say("paint"), QApplication::quit(); };
        w.show();
        return QApplication::exec();
    }
    applyLook(app);
    const bool demo = what == "demo";
    auto window = std::make_unique<Window>(Window::BuildStage::later, demo ? demoPath() : QString());
    window->resize(1280, 800);
    window->showFirst();
    say("paint");
    window->furnish();
    if (demo) window->document().openCopy(demoPath());
    {
        auto* poll = new QTimer(&app);
        QObject::connect(poll, &QTimer::timeout, &app, [&] {
            if (window->document().isWorking()) return;
            window->repaint();
            say("results");
            window->close();
            QApplication::quit();
        });
        poll->start(2);
    }
    const int status = QApplication::exec();
    window.reset();
    Worker::endAll();
    return status;
}

} // namespace

int main(int argc, char** argv) {
    if (argc > 1) return one(argc, argv, argv[1]);
    QCoreApplication app(argc, argv);
    const enkinet::bench::BenchHome home;
    std::map<QString, std::map<QString, std::vector<std::pair<double, double>>>> all;
    for (int round = 0; round < 9; ++round)
        for (const char* what : {"empty", "bare", "demo"}) {
            QProcess p;
            p.start(QCoreApplication::applicationFilePath(), {what});
            p.waitForFinished(60000);
            for (const QByteArray& line : p.readAllStandardOutput().split('\n')) {
                const auto words = line.split(' ');
                if (words.size() == 3) all[what][words[0]].emplace_back(words[1].toDouble(), words[2].toDouble());
            }
        }
    for (auto& [what, moments] : all)
        for (auto& [moment, times] : moments) {
            std::sort(times.begin(), times.end());
            std::printf("%-6s %-8s %7.1f ms of processor, %7.1f ms by the clock (medians of %zu)\n", qPrintable(what),
                        qPrintable(moment), times[times.size() / 2].first, times[times.size() / 2].second,
                        times.size());
        }
    return 0;
}
