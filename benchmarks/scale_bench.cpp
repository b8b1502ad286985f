// A whole production: ten puppets, sixty copies, a thousand things, 3,000 entries of the log with 300 pictures, a
// hundred shots; and a tenth, a third of it. Opening, an edit to what is in view, saving and memory, with their growth.
// Needs a display (a virtual one will do).
#include "bench_desk.h"
#include "files/container.h"
#include "shell/window.h"
#include <QElapsedTimer>
#include <QFile>
#include <QFileInfo>
#include <QImage>
#include <QTemporaryDir>
#include <algorithm>
#include <cstdio>
#include <random>

using namespace enkinet;

namespace {

double median(std::vector<double> v) {
    std::sort(v.begin(), v.end());
    return v.empty() ? 0 : v[v.size() / 2];
}
double ms(const QElapsedTimer& timer) { return static_cast<double>(timer.nsecsElapsed()) / 1e6; }

long residentMb() {
    QFile f("/proc/self/status");
    if (!f.open(QIODevice::ReadOnly)) return -1;
    for (const QByteArray& line : f.readAll().split('\n'))
        if (line.startsWith("VmRSS:")) return line.simplified().split(' ')[1].toLong() / 1024;
    return -1;
}

/// So much of the whole, from the demo's three puppets over and over.
document::Production makeProduction(const document::Production& demo, double share) {
    std::mt19937 random(17);
    const auto count = [&](int whole) { return std::max(1, static_cast<int>(whole * share)); };
    document::Production p = demo;
    p.puppets.clear(), p.log.clear(), p.shots.clear(), p.moves.clear();
    const int puppets = count(10);
    for (int i = 0; i < puppets; ++i) {
        body::Puppet one = demo.puppets[static_cast<std::size_t>(i) % demo.puppets.size()];
        one.id += "-" + std::to_string(i), one.name += " " + std::to_string(i);
        one.things.copies = 6, one.wants.order.clear(), one.left.clear();
        const body::Feature model = one.things.features.empty() ? body::Feature{} : one.things.features[0];
        while (one.things.features.size() < 100) {
            body::Feature f = model;
            f.id = "thing-" + std::to_string(one.things.features.size()), f.name = f.id;
            f.on = {}, f.on.limb = one.limbs[one.things.features.size() % one.limbs.size()].id;
            f.first_mm = 2, f.count = 3;
            one.things.features.push_back(f);
        }
        p.puppets.push_back(std::move(one));
    }
    for (int i = 0; i < count(300); ++i) {
        // Photographs hardly pack: noise does not either.
        QImage noise(640, 480, QImage::Format_RGB32);
        for (int y = 0; y < noise.height(); ++y)
            for (int x = 0; x < noise.width(); ++x)
                noise.setPixel(x, y, static_cast<QRgb>(random()));
        QTemporaryDir dir;
        noise.save(dir.filePath("x.jpg"), "JPG", 85);
        QFile f(dir.filePath("x.jpg"));
        if (f.open(QIODevice::ReadOnly))
            p.pictures["pictures/log-" + std::to_string(i) + ".jpg"] = f.readAll().toStdString();
    }
    for (int i = 0; i < count(3000); ++i) {
        document::LogEntry e;
        e.at_s = 1'796'000'000 + 60 * i, e.kind = document::LogKind::note;
        e.puppet = p.puppets[static_cast<std::size_t>(i % puppets)].id, e.text = "what was seen at the bench";
        if (i % 10 == 0) {
            const auto picture = p.pictures.find("pictures/log-" + std::to_string(i / 10) + ".jpg");
            if (picture != p.pictures.end()) e.picture = picture->first;
        }
        p.log.push_back(e);
    }
    for (int i = 0; i < count(100); ++i) {
        document::Shot s;
        s.id = "shot-" + std::to_string(i), s.name = s.id, s.frames = 96;
        document::Cast cast;
        cast.puppet = p.puppets[static_cast<std::size_t>(i % puppets)].id;
        s.cast.push_back(cast);
        p.shots.push_back(s);
    }
    return p;
}

void measure(const document::Production& made, double share) {
    QTemporaryDir dir;
    const QString path = dir.filePath("film.enkinet");
    if (const auto saved = files::saveProduction(path.toStdString(), made); !saved) {
        std::printf("%s\n", saved.fault().sentence().c_str());
        return;
    }
    app::Window window;
    window.resize(1280, 800);
    window.show();
    QApplication::processEvents();
    QElapsedTimer timer;
    timer.start();
    if (!window.openFile(path)) {
        std::printf("%s\n", qPrintable(window.message()));
        return;
    }
    window.repaint();
    const double opened = ms(timer);
    app::Document& d = window.document();
    d.waitForResults(120000);
    QApplication::processEvents();
    window.repaint();
    const double complete = ms(timer);
    std::vector<double> edits, all, saves, writes;
    for (int i = 0; i < 9; ++i) {
        timer.start();
        d.change("edit", [&](const document::Edits& e) { return e.setHeight(d.puppet().height_mm + 0.1); });
        window.repaint();
        edits.push_back(ms(timer));
        d.waitForResults(120000);
        QApplication::processEvents();
        all.push_back(ms(timer));
    }
    for (int i = 0; i < 5; ++i) {
        d.change("edit", [&](const document::Edits& e) { return e.setHeight(d.puppet().height_mm + 0.1); });
        d.waitForResults(120000);
        // What the edit itself still has to draw is not the save's.
        for (int k = 0; k < 10; ++k)
            QApplication::processEvents();
        bool finished = false;
        timer.start();
        double held = 0;
        QElapsedTimer written;
        written.start();
        d.saveBeside(true, [&](const QString& said) {
            if (!said.isEmpty()) std::printf("%s\n", qPrintable(said));
            finished = true;
        });
        held = ms(timer);
        // The longest that the window is kept from anything while the file is written.
        while (!finished) {
            timer.start();
            QApplication::processEvents();
            held = std::max(held, ms(timer));
        }
        saves.push_back(held), writes.push_back(ms(written));
    }
    std::printf("%4.2f: %5.1f MB | opens in %6.0f ms, all results %6.0f ms | edit seen %5.1f, complete %6.0f ms | "
                "save: window held %5.1f, written in %6.1f ms | %ld MB resident\n",
                share, static_cast<double>(QFileInfo(path).size()) / 1e6, opened, complete, median(edits), median(all),
                median(saves), median(writes), residentMb());
    std::fflush(stdout);
}

} // namespace

int main(int argc, char** argv) {
    bench::BenchDesk desk(argc, argv);
    const auto cards = files::loadShippedCards(std::string(ENKINET_SOURCE_DIR) + "/data");
    const auto demo =
        files::loadProduction(std::string(ENKINET_SOURCE_DIR) + "/data/demo/post-for-the-tide-house.json", *cards);
    for (const double share : {0.1, 0.3, 1.0}) {
        auto made = document::makeProduction(makeProduction(demo->production, share), *cards);
        if (!made) {
            std::printf("%s\n", made.fault().sentence().c_str());
            return 1;
        }
        measure(*made, share);
    }
    return 0;
}
