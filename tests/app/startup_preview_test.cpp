#include "shell/startup_preview.h"
#include "shell/station_bar.h"
#include "shell/window.h"
#include "support/driven.h"
#include "support/sanitized.h"
#include "widgets/look.h"
#include <QDeadlineTimer>
#include <QDir>
#include <QFile>
#include <QStandardPaths>
#include <QWindow>

using namespace enkinet::app;

namespace {

/// How many pixels of a picture are nearly of a colour.
int countOf(const QImage& image, const QColor& colour, int within) {
    int n = 0;
    for (int y = 0; y < image.height(); ++y)
        for (int x = 0; x < image.width(); ++x) {
            const QColor c = image.pixelColor(x, y);
            n += std::abs(c.red() - colour.red()) + std::abs(c.green() - colour.green()) +
                     std::abs(c.blue() - colour.blue()) <=
                 within;
        }
    return n;
}

} // namespace

TEST_CASE("The first that is painted is the last puppet's outline over the rule, then the desk follows", "[window]") {
    QSize size;
    {
        Window before;
        before.resize(1000, 700);
        before.show();
        before.document().openCopy(demoPath());
        before.document().waitForResults(kPatience_ms);
        before.setStation(enkinet::results::Station::wire);
        QApplication::processEvents();
        size = before.size();
        before.close();
    }
    Window window(Window::BuildStage::later, demoPath());
    window.resize(size);
    window.showFirst();
    const QImage seen = window.grab().toImage();
    // No document yet, and the figure is there: filled with the sheet's colour within a dark line.
    CHECK_FALSE(window.document().hasPuppet());
    CHECK(countOf(seen.copy(0, 0, 300, seen.height() - 80), look().sheet, 6) > 3000);
    CHECK(countOf(seen.copy(0, 0, 300, seen.height() - 80), look().ink, 90) > 150);
    CHECK(countOf(seen.copy(0, seen.height() - 72, seen.width(), 72), look().steel, 40) > 20000);
    window.furnish();
    window.furnish();
    window.document().openCopy(demoPath());
    QApplication::processEvents();
    CHECK(window.document().hasPuppet());
    CHECK(window.rule().isVisible());
    window.setStation(enkinet::results::Station::wire);
    CHECK(window.rule().station() == enkinet::results::Station::wire);
}

TEST_CASE("Who no longer waits for the first paint is not called when it has come", "[window]") {
    StationBar rule;
    StartupPreview sight({}, rule);
    sight.resize(400, 300);
    int called = 0;
    sight.painted = [&] { ++called; };
    sight.show();
    // What is not on the screen yet is not painted.
    for (QDeadlineTimer wait(5000); !sight.windowHandle()->isExposed() && !wait.hasExpired();)
        QApplication::processEvents(QEventLoop::WaitForMoreEvents, 50);
    QApplication::processEvents();
    called = 0;
    sight.repaint();
    sight.painted = {}; // as when the wait was over first: what it would call is gone
    QApplication::processEvents();
    CHECK(called == 0);
    sight.painted = [&] { ++called; };
    sight.repaint();
    sight.repaint();
    QApplication::processEvents();
    CHECK(called == 1);
    rule.setParent(nullptr);
}

TEST_CASE("Another file's outline, or a broken one, is not shown and stops nothing", "[window]") {
    QPainterPath line;
    line.addEllipse(QRectF(40, 80, 120, 400));
    writeLastSight({"/a/file.enkinet", {1000, 700}, line});
    REQUIRE(readLastSight());
    CHECK(readLastSight()->line == line);
    Window other(Window::BuildStage::later, demoPath());
    other.resize(1000, 700);
    other.showFirst();
    CHECK(countOf(other.grab().toImage().copy(0, 0, 300, 600), look().sheet, 6) == 0);
    const QString file = QStandardPaths::writableLocation(QStandardPaths::AppDataLocation) + "/last-sight";
    QFile f(file);
    REQUIRE(f.open(QIODevice::ReadWrite));
    const QByteArray whole = f.readAll();
    for (qsizetype cut = 0; cut < whole.size(); cut += 7) {
        f.resize(0), f.seek(0), f.write(whole.left(cut)), f.flush();
        CHECK_FALSE(readLastSight());
    }
    f.remove();
    CHECK_FALSE(readLastSight());
}
