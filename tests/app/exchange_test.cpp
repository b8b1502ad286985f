// What comes in and what goes out: files by their ending, what is dropped on the desk, and nothing of the builder's own
// in anything that leaves it.
#include "print/build_sheets.h"
#include "stations/sheet/pictures_tab.h"
#include "support/driven.h"
#include "support/sanitized.h"
#include "widgets/picture_bytes.h"
#include <QBuffer>
#include <QDir>
#include <QDropEvent>
#include <QFile>
#include <QFileInfo>
#include <QImage>
#include <QMimeData>
#include <QTemporaryDir>

using results::Station;

TEST_CASE("Bodies and elevations are exported by their ending, puppets imported") {
    Desk desk;
    QTemporaryDir dir;
    for (const char* name : {"t.obj", "t.stl", "t.gltf", "t.svg", "t.dxf"}) {
        INFO(name);
        CHECK(desk.window.exportTo(dir.filePath(name)).isEmpty());
        CHECK(QFileInfo(dir.filePath(name)).size() > 1000);
    }
    CHECK_FALSE(desk.window.exportTo(dir.filePath("t.xyz")).isEmpty());
    QFile svg(dir.filePath("t.svg"));
    REQUIRE(svg.open(QIODevice::ReadOnly));
    const QString text = svg.readAll();
    CHECK(text.contains("mm\""));
    desk.window.importPuppets(QString::fromStdString(kDataDir) + "/kinds/serpent.json");
    CHECK(desk.document().production().puppets.size() == 4);
}

TEST_CASE("What is dropped on the desk is told apart: a picture, cards, a production, and none of these") {
    Desk desk(Station::sheet);
    QTemporaryDir dir;
    const auto write = [&](const char* name, const QByteArray& bytes) {
        QFile f(dir.filePath(name));
        REQUIRE(f.open(QIODevice::WriteOnly));
        f.write(bytes);
        return f.fileName();
    };
    const auto drop = [&](const QString& path, QPointF at) {
        QMimeData mime;
        mime.setUrls({QUrl::fromLocalFile(path)});
        QDragEnterEvent enter(at.toPoint(), Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&desk.window, &enter);
        CHECK(enter.isAccepted());
        QDropEvent e(at, Qt::CopyAction, &mime, Qt::LeftButton, Qt::NoModifier);
        QApplication::sendEvent(&desk.window, &e);
        Desk::settle();
    };
    const QPointF onSide = desk.window.sheet().mapTo(
        &desk.window,
        desk.window.sheet().toScreen(app::View::side, app::project(app::View::side, {0, 120, 0})).toPoint());
    drop(write("reed.svg", demoBytes("old-reed-side.svg")), onSide);
    INFO(desk.window.message().toStdString());
    REQUIRE(desk.document().puppet().pictures.size() == 1);
    CHECK(desk.document().puppet().pictures[0].side);
    const std::size_t cards = desk.document().production().cards.clays.size();
    drop(write("clay.json", R"({"clays": [{"id": "marsh-clay", "name": "marsh clay", "family": "oven-bake firm",
        "density_g_per_cm3": 1.7, "pack_g": 57, "pack_price": 3, "rupture_MPa": 18, "youngs_MPa": 1800, "note": "", "scorch_C": 150, "raw_strength_MPa": 0.04, "thinnest_mm": 1, "thickest_mm": 12, "set_C": 130, "soak_min": 15, "colour": "#887766"}]})"),
         onSide);
    INFO(desk.window.message().toStdString());
    CHECK(desk.document().production().cards.clays.size() == cards + 1);
    CHECK(desk.document().production().puppets.size() == 3);
    desk.undo();
    CHECK(desk.document().production().cards.clays.size() == cards);
    // Nothing unsaved is left that would be asked about.
    desk.undo();
    REQUIRE_FALSE(desk.document().isChanged());
    drop(write("rubbish.json", "{\"a\": 1}"), onSide);
    CHECK(!desk.window.message().isEmpty());
    CHECK(desk.document().production().puppets.size() == 3);
}

TEST_CASE("Neither a production nor anything that goes out carries a user's name or a path of this machine") {
    const QByteArray user = "heron-keeper-7731";
    const QByteArray was = qgetenv("USER");
    qputenv("USER", user), qputenv("LOGNAME", user);
    QTemporaryDir dir;
    const QString folder = dir.filePath("drawer-under-the-stairs");
    REQUIRE(QDir().mkpath(folder));
    const auto clean = [&](const QByteArray& bytes) {
        return !bytes.contains("drawer-under-the-stairs") && !bytes.contains(user) &&
               !bytes.contains(dir.path().toUtf8()) && !bytes.contains(QDir::homePath().toUtf8() + "/");
    };
    const auto bytesAt = [&](const QString& path) {
        QFile f(path);
        REQUIRE(f.open(QIODevice::ReadOnly));
        return f.readAll();
    };
    Desk desk;
    desk.tab("sheetTabs", 1);
    QFile drawing(folder + "/front.svg");
    REQUIRE(drawing.open(QIODevice::WriteOnly));
    drawing.write(demoBytes("old-reed-front.svg"));
    drawing.close();
    desk.window.findChild<app::PicturesTab*>()->addPicture(drawing.fileName(), bytesAt(drawing.fileName()), false);
    desk.station(Station::plan);
    REQUIRE(QTest::qWaitFor([&] { return desk.find<QAbstractButton>("stepStart")->isEnabled(); }, kPatience_ms));
    desk.click("stepStart");
    REQUIRE(!desk.document().production().log.empty());
    const QString file = folder + "/work.enkinet";
    REQUIRE(desk.document().saveAs(file).isEmpty());
    // The container as it lies there, and what is packed in it.
    CHECK(clean(bytesAt(file)));
    CHECK(clean(QByteArray::fromStdString(files::writeProduction(desk.document().production()))));
    for (const char* ending : {"obj", "stl", "gltf", "svg", "dxf"}) {
        const QString out = folder + "/out." + ending;
        REQUIRE(desk.window.exportTo(out).isEmpty());
        INFO(ending);
        CHECK(clean(bytesAt(out)));
    }
    const QString pdf = folder + "/out.pdf";
    REQUIRE(app::BuildSheets(desk.document().value(), 0, desk.document().sharedReport(), desk.document().sharedResult())
                .writePdf(pdf, QPageSize::A4)
                .isEmpty());
    CHECK(clean(bytesAt(pdf)));
    qputenv("USER", was), qputenv("LOGNAME", was);
}

TEST_CASE(
    "Pictures and drawings with bytes changed at random are decoded within their limits or refused in one sentence",
    "[full]") {
    QImage image(60, 40, QImage::Format_RGB32);
    image.fill(Qt::white);
    for (int i = 0; i < 40; ++i)
        image.setPixel(i, i, qRgb(10 * i % 255, i, 0));
    std::vector<QByteArray> seeds{demoBytes("old-reed-front.svg"), demoBytes("old-reed-side.svg")};
    for (const char* format : {"PNG", "JPG"}) {
        QBuffer out;
        REQUIRE(out.open(QIODevice::WriteOnly));
        REQUIRE(image.save(&out, format));
        seeds.push_back(out.data());
    }
    Random random(211);
    int decoded = 0, refused = 0;
    for (int i = 0; i < 4000; ++i) {
        QByteArray bytes = seeds[nth(i) % seeds.size()];
        for (int n = random.whole(1, 8); n-- > 0;) {
            const int at = random.whole(0, static_cast<int>(bytes.size()) - 1);
            switch (random.whole(0, 3)) {
            case 0:
                bytes[at] = static_cast<char>(random.whole(0, 255));
                break;
            case 1:
                bytes.truncate(std::max(1, at));
                break;
            case 2:
                bytes.insert(at, bytes.mid(random.whole(0, static_cast<int>(bytes.size()) - 1), random.whole(1, 200)));
                break;
            default:
                bytes.insert(at, "9999999999");
            }
        }
        QString why;
        const QImage got = app::readPicture(bytes.toStdString(), &why);
        if (got.isNull()) {
            ++refused;
            CHECK_FALSE(why.isEmpty());
            CHECK_FALSE(why.contains('\n'));
        } else {
            ++decoded;
            CHECK(got.sizeInBytes() < 600'000'000);
        }
    }
    CHECK(decoded > 200);
    CHECK(refused > 200);
}
