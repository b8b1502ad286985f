// Frame time of the turntable at 800 x 600 and the time from an edit to the redrawn sheet, on the demo and on a
// creature of 200 limbs. Prints medians; needs a display (a virtual one with software rendering will do).
#include "bench_desk.h"
#include "creature.h"
#include "document/edits.h"
#include "files/container.h"
#include "sheet/sheet_view.h"
#include "shell/figure_rail.h"
#include "shell/window.h"
#include "turntable/turntable.h"
#include <QElapsedTimer>
#include <QPainter>
#include <QPixmap>
#include <algorithm>
#include <cstdio>

using namespace enkinet;

namespace {

double median(std::vector<double> v) {
    std::sort(v.begin(), v.end());
    return v.empty() ? 0 : v[v.size() / 2];
}

void measure(const char* name, const QString& file) {
    app::Window window;
    window.resize(1280, 800);
    window.show();
    if (!window.openFile(file)) {
        std::printf("%s: %s\n", name, qPrintable(window.message()));
        return;
    }
    for (int i = 0; i < 5; ++i)
        QApplication::processEvents();
    app::Document& d = window.document();
    std::vector<double> done, edits, complete;
    QElapsedTimer timer;
    for (int i = 0; i < 12; ++i) {
        timer.start();
        d.change("edit", [&](const document::Edits& e) { return e.setHeight(240 + 0.1 * (i + 1)); });
        done.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
        for (QWidget* w : {static_cast<QWidget*>(&window.sheet()), static_cast<QWidget*>(&window.rail())})
            if (w->isVisible()) w->repaint();
        edits.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
        d.waitForResults(60000);
        window.repaint();
        complete.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
        for (int k = 0; k < 5; ++k)
            QApplication::processEvents();
    }
    // What a figure costs by itself: worked out from results that are there, and drawn.
    std::vector<double> made, drawn;
    for (int i = 0; i < 12; ++i) {
        timer.start();
        const app::Elevation figure(d.puppet(), d.production(), d.report(), app::View::front);
        made.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
        QPixmap on(800, 600);
        on.fill(Qt::white);
        QPainter p(&on);
        p.setRenderHint(QPainter::Antialiasing);
        p.translate(400, 560);
        p.scale(2, 2);
        timer.start();
        figure.draw(p, app::LayerView::clay, 2, {});
        drawn.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
    }
    std::printf("%-22s a figure: made in %.1f ms, drawn in %.1f ms\n", name, median(made), median(drawn));
    std::vector<double> frames;
    int triangles = 0;
    {
        app::TurntableView view(d);
        view.resize(800, 600);
        view.show();
        for (int i = 0; i < 5; ++i)
            QApplication::processEvents();
        for (int i = 0; i < 60; ++i) {
            view.setOrbit({0.05 * i, 0.2});
            timer.start();
            view.grabFramebuffer(); // draws and waits until it is drawn
            frames.push_back(static_cast<double>(timer.nsecsElapsed()) / 1e6);
        }
        triangles = view.triangles();
    }
    std::printf("%-22s %4zu limbs: edit taken %.1f ms, figure redrawn %.1f ms, all there and drawn %.1f ms\n", name,
                d.puppet().limbs.size(), median(done), median(edits), median(complete));
    std::printf("%-22s turntable frame %6.1f ms at %d triangles (medians)\n", name, median(frames), triangles);
}

} // namespace

int main(int argc, char** argv) {
    bench::BenchDesk desk(argc, argv);
    const auto cards = files::loadShippedCards(std::string(ENKINET_SOURCE_DIR) + "/data");
    const std::string demoFile = std::string(ENKINET_SOURCE_DIR) + "/data/demo/post-for-the-tide-house.json";
    const auto demo = files::loadProduction(demoFile, *cards);
    const std::string big = desk.home.filePath("creature.json").toStdString(),
                      copy = desk.home.filePath("demo.json").toStdString();
    if (!demo || !files::saveProduction(big, bench::creature(demo->production, 200)) ||
        !files::saveProduction(copy, demo->production))
        return 2;
    measure("demo, Tansy", QString::fromStdString(copy));
    measure("creature", QString::fromStdString(big));
    return 0;
}
