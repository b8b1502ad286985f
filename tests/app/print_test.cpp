#include "print/build_sheets.h"
#include "results/shot_wear.h"
#include "support/driven.h"
#include "support/sanitized.h"
#include "words/language.h"
#include "words/text.h"
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QImageReader>
#include <QLabel>
#include <QProcess>
#include <QRegularExpression>
#include <QTemporaryDir>

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
    REQUIRE(p.waitForFinished(kPatience_ms));
    QImageReader::setAllocationLimit(0); // a whole page at this resolution
    return QImage(root + ".png");
}
/// All words of Tansy's sheets as they stand now.
QString wordsOfSheets(Desk& desk) {
    QTemporaryDir dir;
    const QString path = dir.filePath("tansy.pdf");
    REQUIRE(app::BuildSheets(desk.document().value(), 0, desk.document().sharedReport(), desk.document().sharedResult())
                .writePdf(path, QPageSize::A4)
                .isEmpty());
    QProcess words;
    words.start("pdftotext", {"-layout", path, "-"});
    REQUIRE(words.waitForFinished(kPatience_ms));
    return QString::fromUtf8(words.readAllStandardOutput());
}
} // namespace

TEST_CASE("On paper the check bar is 100.0 mm, measured on the rendered page, on A4 and Letter") {
    Desk desk;
    QTemporaryDir dir;
    for (const auto size : {QPageSize::A4, QPageSize::Letter}) {
        const QString path = dir.filePath(size == QPageSize::A4 ? "a4.pdf" : "letter.pdf");
        REQUIRE(
            app::BuildSheets(desk.document().value(), 0, desk.document().sharedReport(), desk.document().sharedResult())
                .writePdf(path, size)
                .isEmpty());
        const int dpi = 300;
        const QImage page = rendered(path, 7, dpi); // the first elevation
        REQUIRE_FALSE(page.isNull());
        const auto bars = blackBars(page, dpi);
        REQUIRE(bars.size() > 10);
        for (double mm : bars)
            CHECK(std::abs(mm - 100.0) < 0.2);
    }
}

TEST_CASE("The build sheets carry figures, recipe, elevations and every limb's strip") {
    Desk desk;
    // Chosen for life, so that wires are twisted and folded.
    body::Wants wants = desk.document().puppet().wants;
    wants.aim = body::Aim::life, wants.mayDrop = false;
    REQUIRE(desk.document().change("life", [&](const document::Edits& e) { return e.setWants(wants); }));
    const QString text = wordsOfSheets(desk);
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
        REQUIRE(p.waitForFinished(kPatience_ms));
        return std::pair{p.exitCode(), QString::fromUtf8(p.readAllStandardError())};
    };
    CHECK(run({"--print", dir.filePath("o.pdf"), QString::fromStdString(kDemo)}).first == 0);
    CHECK(QFileInfo(dir.filePath("o.pdf")).size() > 10000);
    CHECK(run({"--pictures", dir.filePath("shots"), QString::fromStdString(kDemo)}).first == 0);
    for (const QString& f : QDir(dir.filePath("shots")).entryList({"*.png"}))
        CHECK(QImage(dir.filePath("shots/" + f)).size() == QSize(1280, 800));
    CHECK(QDir(dir.filePath("shots")).entryList({"*.png"}).size() >= results::kStations);
    const auto [status, said] = run({"--print", dir.filePath("x.pdf"), "/no/such/file.json"});
    CHECK(status == 2);
    CHECK(said.count('\n') <= 2);
    CHECK(run({"--print", dir.filePath("x.pdf"), "--paper", "A9", QString::fromStdString(kDemo)}).first == 2);
    CHECK(run({"--print", dir.filePath("x.pdf"), "--puppet", "nobody", QString::fromStdString(kDemo)}).first == 2);
}

TEST_CASE("A printed pattern of Brindle's fleece measures what was developed, on the page") {
    Desk desk;
    QTemporaryDir dir;
    const QString path = dir.filePath("brindle.pdf");
    const auto report = desk.document().reportOf(1);
    REQUIRE(app::BuildSheets(desk.document().value(), 1, desk.document().result().puppets[1],
                             desk.document().sharedResult())
                .writePdf(path, QPageSize::A4)
                .isEmpty());
    constexpr int kDpi = 300, kMostPages = 12;
    int found = 0;
    for (int n = 1; n <= kMostPages && !found; ++n) {
        QProcess words;
        words.start("pdftotext", {"-f", QString::number(n), "-l", QString::number(n), path, "-"});
        REQUIRE(words.waitForFinished(kPatience_ms));
        if (words.readAllStandardOutput().contains("cover patterns")) found = n;
    }
    REQUIRE(found > 0);
    const QImage page = rendered(path, found, kDpi);
    const auto bars = blackBars(page, kDpi);
    REQUIRE(bars.size() > 10);
    // The tallest piece that fits the page stands first, in the corner under the bar.
    QRectF first;
    for (const fill::Pattern& p : report.patterns) {
        QPolygonF poly;
        for (const fill::FlatPoint& q : p.cut)
            poly << QPointF(q.x, -q.y);
        const QRectF box = poly.boundingRect();
        if (box.width() < 186 && box.height() < 251 && box.height() > first.height()) first = box;
    }
    const double mm = kDpi / 25.4, left = 12, top = 12 + 16;
    int x0 = page.width(), x1 = 0, y0 = page.height(), y1 = 0;
    for (int y = static_cast<int>((top - 1.5) * mm); y < (top + first.height() + 1.5) * mm; ++y)
        for (int x = static_cast<int>((left - 1.5) * mm); x < (left + first.width() + 1.5) * mm; ++x)
            if (qGray(page.pixel(x, y)) < 128)
                x0 = std::min(x0, x), x1 = std::max(x1, x), y0 = std::min(y0, y), y1 = std::max(y1, y);
    const double pen = 0.25;
    CHECK(std::abs((x1 - x0 + 1) / mm - pen - first.width()) < 0.2);
    CHECK(std::abs((y1 - y0 + 1) / mm - pen - first.height()) < 0.2);
}

TEST_CASE("The build sheets carry the oven's loads and every last look, with its numbers") {
    Desk desk;
    body::Wants wants = desk.document().puppet().wants;
    wants.inOven = {"tile", "magnets"};
    REQUIRE(desk.document().change("magnets", [&](const document::Edits& e) { return e.setWants(wants); }));
    const QString text = wordsOfSheets(desk);
    const fill::Bake& load = desk.report().bakePlan.bakes.at(0);
    CHECK(
        text.contains(QString("%1 °C for %2").arg(app::Text::number(load.set_C, 0), app::Text::minutes(load.minutes))));
    CHECK(text.contains("Stop. Magnets"));
    for (const make::Step& s : desk.report().plan.steps)
        if (s.kind == make::StepKind::gate) CHECK(text.contains(app::Text::step(s)));
}

TEST_CASE("The sheets carry the film with what is swapped before which shot, and the paint with its chips") {
    Desk desk;
    const QString text = wordsOfSheets(desk);
    const document::Production& p = desk.document().production();
    const results::ShotWear film = results::calcShotWear(p, desk.document().result().puppets);
    for (const document::Shot& s : p.shots)
        for (const document::Cast& c : s.cast)
            if (c.puppet == "tansy") CHECK(text.contains(QString::fromStdString(s.name)));
    int swaps = 0;
    for (const shoot::Ledger::Swap& w : film.ledger.swaps)
        swaps += w.puppet == 0;
    REQUIRE(swaps > 0);
    CHECK(text.count("Before it, swap the") == swaps);
    CHECK(text.contains("Printed colours"));
    REQUIRE_FALSE(desk.report().painted.empty());
    for (const checks::PaintedPart& x : desk.report().painted)
        for (const paint::Laid& l : x.laid)
            CHECK(text.contains(QString::fromStdString(l.card->name)));
    CHECK(text.contains("Look at after each shot"));
}

TEST_CASE("On every page of every puppet of the demo, on both papers, words lie on no other and inside the rim") {
    // Each language on one paper, English on both.
    const auto [language, papers] = GENERATE(table<QString, std::vector<QPageSize::PageSizeId>>(
        {{"en", {QPageSize::A4, QPageSize::Letter}}, {"de", {QPageSize::A4}}}));
    struct Back {
        ~Back() { app::applyLanguage("en"); }
    } back;
    app::applyLanguage(language);
    Desk desk;
    QTemporaryDir dir;
    int words = 0, pages = 0;
    for (int puppet = 0; puppet < 3; ++puppet)
        for (auto size : papers) {
            desk.document().showPuppet(puppet);
            Desk::settle();
            const QString pdf = dir.filePath("p.pdf"), html = dir.filePath("p.html");
            REQUIRE(app::BuildSheets(desk.document().value(), puppet, desk.document().sharedReport(),
                                     desk.document().sharedResult())
                        .writePdf(pdf, size)
                        .isEmpty());
            REQUIRE(QProcess::execute("pdftotext", {"-bbox", pdf, html}) == 0);
            QFile file(html);
            REQUIRE(file.open(QIODevice::ReadOnly));
            static const QRegularExpression page("<page width=\"([0-9.]+)\" height=\"([0-9.]+)\""),
                word("<word xMin=\"([-0-9.]+)\" yMin=\"([-0-9.]+)\" xMax=\"([-0-9.]+)\" "
                     "yMax=\"([-0-9.]+)\">(.*)</word>");
            constexpr double kRim_pt = 5 * 72 / 25.4;
            QRectF paper;
            std::vector<std::pair<QRectF, QString>> all;
            while (!file.atEnd()) {
                const QString line = QString::fromUtf8(file.readLine());
                if (const auto m = page.match(line); m.hasMatch()) {
                    paper = QRectF(0, 0, m.captured(1).toDouble(), m.captured(2).toDouble());
                    all.clear();
                    ++pages;
                }
                const auto m = word.match(line);
                if (!m.hasMatch()) continue;
                ++words;
                const QRectF box(QPointF(m.captured(1).toDouble(), m.captured(2).toDouble()),
                                 QPointF(m.captured(3).toDouble(), m.captured(4).toDouble()));
                // A font's box reaches above and below its letters.
                const QRectF ink = box.adjusted(0.4, 0.22 * box.height(), -0.4, -0.22 * box.height());
                INFO(language.toStdString()
                     << " puppet " << puppet << " page " << pages << " " << m.captured(5).toStdString());
                // On German paper nothing but names is English.
                if (language == "de")
                    for (const char* english : {"holds", "needed", "strands", "pieces", "twist", "weighs", "joints"})
                        CHECK(m.captured(5).compare(QLatin1String(english), Qt::CaseInsensitive) != 0);
                CHECK(paper.adjusted(kRim_pt, kRim_pt, -kRim_pt, -kRim_pt).contains(ink));
                for (const auto& [other, text] : all) {
                    INFO("on " << text.toStdString());
                    CHECK_FALSE(other.intersects(ink));
                }
                all.emplace_back(ink, m.captured(5));
            }
        }
    CHECK(words > 1500);
    CHECK(pages > 25);
}
