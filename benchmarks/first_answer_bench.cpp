// From the start of the process on an empty bench to a wire for every limb of a puppet of one's own, driven as a slow
// hand would: 0.4 s a key, 2 s to look between two fields. It needs a display.
#include "bench_desk.h"
#include "jobs/worker.h"
#include "shell/window.h"
#include <QTest>
#include <cstdio>
#include <ctime>

using namespace enkinet;

namespace {

constexpr int kKey_ms = 400, kLook_ms = 2000;

double sinceStart_s() {
    timespec now{};
    ::clock_gettime(CLOCK_MONOTONIC, &now);
    static const timespec begun = now;
    return static_cast<double>(now.tv_sec - begun.tv_sec) + 1e-9 * static_cast<double>(now.tv_nsec - begun.tv_nsec);
}

int g_keys = 0;

void press(Qt::Key key, Qt::KeyboardModifiers with = Qt::NoModifier) {
    QTest::qWait(kKey_ms), ++g_keys;
    QTest::keyClick(QApplication::focusWidget(), key, with);
}

bool tabTo(const char* name) {
    QTest::qWait(kLook_ms);
    for (int i = 0; i < 60; ++i) {
        if (QWidget* in = QApplication::focusWidget(); in && in->objectName() == name) return true;
        press(Qt::Key_Tab);
    }
    return false;
}

} // namespace

int main(int argc, char** argv) {
    sinceStart_s();
    bench::BenchDesk desk(argc, argv);
    int status = 1;
    {
        app::Window window(app::Window::BuildStage::later, {});
        window.resize(1280, 800);
        window.showFirst();
        window.furnish();
        QApplication::setActiveWindow(&window);
        QTest::qWait(200);
        const double seen_s = sinceStart_s();
        if (!QApplication::focusWidget()) window.setFocus();
        if (tabTo("startHeight")) {
            press(Qt::Key_A, Qt::ControlModifier);
            for (const Qt::Key key : {Qt::Key_1, Qt::Key_8, Qt::Key_0})
                press(key);
            press(Qt::Key_Return);
        }
        if (tabTo("startKind")) press(Qt::Key_Space);
        const double asked_s = sinceStart_s();
        while (sinceStart_s() < asked_s + 60 && (window.document().isWorking() || !window.document().hasPuppet()))
            QTest::qWait(2);
        window.repaint();
        const double there_s = sinceStart_s();
        std::size_t limbs = 0, wires = 0;
        if (window.document().hasPuppet()) {
            limbs = window.document().puppet().limbs.size();
            for (const choice::LimbChoice& limb : window.document().report().choice.limbs)
                wires += limb.chosen >= 0;
            std::printf("%.0f mm, %zu limbs, a wire for %zu of them\n", window.document().puppet().height_mm, limbs,
                        wires);
        }
        std::printf(
            "%.1f s from the start to a wire for every limb: %.1f s to the bench, %.1f s of %d keys and looks, %.2f s "
            "from the last key to the answer\n",
            there_s, seen_s, asked_s - seen_s, g_keys, there_s - asked_s);
        status = limbs > 0 && wires == limbs ? 0 : 1;
    }
    app::Worker::endAll();
    return status;
}
