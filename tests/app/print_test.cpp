#include "print/build_sheets.h"
#include "support/driven.h"
#include <QDir>
#include <QFileInfo>
#include <QImageReader>
#include <QProcess>
#include <QTemporaryDir>

using namespace enkinet;
using namespace enkinet::test;

namespace {
/// Widths in mm of all bars of a page that are as long as 100 mm nearly is: runs of black pixels at 600 dpi.
std::vector<double> blackBars(const QImage& page, double dpi) {
    std::vector<double> bars;
    for (int y = 0; y < page.height(); ++y) {
        int run = 0, longest = 0;
        for (int x = 0; x < page.width(); ++x) {
            run = qGray(page.pixel(x, y)) < 60 ? run + 1 : 0;
            longest = std::max(longest, run);
        }
        if (const double mm = longest / dpi * 25.4; mm > 95 && mm < 105) bars.push_back(mm);
    }
    return bars;
}

QImage rendered(const QString& pdf, int page, int dpi) {
    QProcess p;
    const QString root = pdf + "-page";
    p.start("pdftoppm", {"-r", QString::number(dpi), "-gray", "-png", "-f", QString::number(page), "-l",
                         QString::number(page), "-singlefile", pdf, root});
    REQUIRE(p.waitForFinished(60000));
    QImageReader::setAllocationLimit(0); // a whole page at this resolution
    return QImage(root + ".png");
}
} // namespace

TEST_CASE("On paper the check bar is 100.0 mm, measured on the rendered page, on A4 and Letter") {
    Desk desk;
    QTemporaryDir dir;
    for (const auto size : {QPageSize::A4, QPageSize::Letter}) {
        const QString path = dir.filePath(size == QPageSize::A4 ? "a4.pdf" : "letter.pdf");
        REQUIRE(app::BuildSheets(desk.document().production(), 0, desk.report()).writePdf(path, size));
        const int dpi = 600;
        const QImage page = rendered(path, 3, dpi);
        REQUIRE_FALSE(page.isNull());
        const auto bars = blackBars(page, dpi);
        REQUIRE(bars.size() > 10);
        for (double mm : bars)
            CHECK(std::abs(mm - 100.0) < 0.2);
    }
}

TEST_CASE("The build sheets carry figures, recipe, elevations and every limb's strip") {
    Desk desk;
    QTemporaryDir dir;
    const QString path = dir.filePath("tansy.pdf");
    REQUIRE(app::BuildSheets(desk.document().production(), 0, desk.report()).writePdf(path, QPageSize::A4));
    QProcess p;
    p.start("pdftotext", {path, "-"});
    REQUIRE(p.waitForFinished(30000));
    const QString text = QString::fromUtf8(p.readAllStandardOutput());
    for (const char* word :
         {"Tansy", "Cover your eyes", "front, 1:1", "side, 1:1", "marking strips", "fold", "turns"}) {
        INFO(word);
        CHECK(text.contains(word));
    }
    for (const auto& l : desk.document().puppet().limbs)
        CHECK(text.contains(QString::fromStdString(l.name)));
}

TEST_CASE("The program prints and draws its stations from the command line, and refuses what it cannot read") {
    QTemporaryDir dir;
    const auto run = [&](const QStringList& arguments) {
        QProcess p;
        p.start(ENKINET_APP, arguments);
        REQUIRE(p.waitForFinished(60000));
        return std::pair{p.exitCode(), QString::fromUtf8(p.readAllStandardError())};
    };
    CHECK(run({"--print", dir.filePath("o.pdf"), QString::fromStdString(kDemo)}).first == 0);
    CHECK(QFileInfo(dir.filePath("o.pdf")).size() > 10000);
    CHECK(run({"--pictures", dir.filePath("shots"), QString::fromStdString(kDemo)}).first == 0);
    for (const QString& f : QDir(dir.filePath("shots")).entryList({"*.png"}))
        CHECK(QImage(dir.filePath("shots/" + f)).size() == QSize(1280, 800));
    CHECK(QDir(dir.filePath("shots")).entryList({"*.png"}).size() >= production::kStations);
    const auto [status, said] = run({"--print", dir.filePath("x.pdf"), "/no/such/file.json"});
    CHECK(status == 2);
    CHECK(said.count('\n') <= 2);
    CHECK(run({"--print", dir.filePath("x.pdf"), "--paper", "A9", QString::fromStdString(kDemo)}).first == 2);
    CHECK(run({"--print", dir.filePath("x.pdf"), "--puppet", "nobody", QString::fromStdString(kDemo)}).first == 2);
}
