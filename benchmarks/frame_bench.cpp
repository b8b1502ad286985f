// Frame time of every view at 1280 x 800 on the demo: the bench of each station and leaf, the rail, the answer and the
// window as a whole, each drawn anew. Prints medians; needs a display (a virtual one with software rendering will do).
#include "bench_desk.h"
#include "shell/figure_rail.h"
#include "shell/side_panel.h"
#include "shell/station_bar.h"
#include "shell/window.h"
#include "stations/registry.h"
#include "turntable/turntable.h"
#include <QAbstractButton>
#include <QElapsedTimer>
#include <QStackedWidget>
#include <QThread>
#include <algorithm>
#include <cstdio>
#include <cstdlib>

using namespace enkinet;

namespace {

double medianFrame(QWidget& w) {
    std::vector<double> ms;
    QElapsedTimer timer;
    for (int i = 0; i < 31; ++i) {
        timer.start();
        w.repaint();
        ms.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
    }
    std::sort(ms.begin(), ms.end());
    return ms[ms.size() / 2];
}

void settle(app::Window& window) {
    for (int i = 0; i < 12; ++i) {
        window.document().waitForResults(2000);
        QApplication::processEvents();
        QThread::msleep(20);
    }
}

std::vector<QAbstractButton*> tabsShown(app::Window& window) {
    std::vector<QAbstractButton*> all;
    for (auto* b : window.findChildren<QAbstractButton*>())
        if (b->isVisible() && b->objectName().startsWith("tab")) all.push_back(b);
    return all;
}

} // namespace

int main(int argc, char** argv) {
    bench::BenchDesk desk(argc, argv);
    app::Window window;
    window.resize(1280, 800);
    window.show();
    window.openDemo();
    settle(window);
    double worst = 0;
    const auto line = [&](const QString& what) {
        auto* bench = window.findChild<QStackedWidget*>("bench")->currentWidget();
        const double b = medianFrame(*bench), r = window.rail().isVisible() ? medianFrame(window.rail()) : 0,
                     a = medianFrame(*window.findChild<app::SidePanel*>()), all = medianFrame(window);
        worst = std::max({worst, b, r, a, all});
        std::printf("%-22s bench %5.1f  rail %5.1f  answer %5.1f  window %5.1f ms\n", qPrintable(what), b, r, a, all);
    };
    // One station alone: bench_frames 6
    const int only = argc > 1 ? std::atoi(argv[1]) : -1;
    for (int s = 0; s < results::kStations; ++s) {
        if (only >= 0 && s != only) continue;
        window.setStation(static_cast<results::Station>(s));
        settle(window);
        const std::size_t leaves = std::max<std::size_t>(1, tabsShown(window).size());
        for (std::size_t l = 0; l < leaves; ++l) {
            QString word;
            if (const auto shown = tabsShown(window); l < shown.size()) {
                shown[l]->click();
                word = shown[l]->text();
                settle(window);
            }
            line(QString("%1 %2").arg(
                window.rule().division(static_cast<results::Station>(s))->text().section(' ', 0, 0), word));
        }
    }
    window.setStation(results::Station::sheet);
    window.showTable(true);
    settle(window);
    line("table of wires");
    window.showTable(false);
    window.showTurntable(true);
    settle(window);
    if (auto* view = window.turntable().view()) {
        std::vector<double> ms;
        QElapsedTimer timer;
        for (int i = 0; i < 31; ++i) {
            view->setOrbit({0.05 * i, 0.2});
            timer.start();
            view->grabFramebuffer();
            ms.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
        }
        std::sort(ms.begin(), ms.end());
        worst = std::max(worst, ms[ms.size() / 2]);
        std::printf("%-22s %5.1f ms at %d x %d\n", "turntable", ms[ms.size() / 2], view->width(), view->height());
    }
    std::printf("slowest of all: %.1f ms\n", worst);
    return 0;
}
