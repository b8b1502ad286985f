// What a builder has done is not lost: typed numbers, undo, saving, recovery, two windows on one file.
#include "sheet/picture_shelf.h"
#include "support/driven.h"
#include "support/sanitized.h"
#include "widgets/picture_bytes.h"
#include <QBuffer>
#include <QFile>
#include <QFileInfo>
#include <QImage>
#include <QLabel>
#include <QMessageBox>
#include <QProcess>
#include <QTemporaryDir>
#include <sys/resource.h>

using results::Station;

namespace {

QString demoCopy(const QTemporaryDir& dir, const char* name = "work.enkinet") {
    const QString path = dir.filePath(name);
    REQUIRE(files::saveProduction(path.toStdString(), demo()));
    return path;
}

} // namespace

TEST_CASE("Either decimal sign is taken in either locale, and none is dropped") {
    const QLocale before;
    for (const QLocale::Language language : {QLocale::C, QLocale::German}) {
        QLocale::setDefault(QLocale(language));
        Desk desk(Station::wire);
        desk.clickJoint("left knee");
        const auto gap = [&] { return desk.report().choice.limbs[2].demands[1].gap_mm; };
        // 22.5 became 225 with a decimal comma, 21,5 became 215 without.
        desk.type("gap", "12.5");
        CHECK(gap() == 12.5);
        desk.type("gap", "11,5");
        CHECK(gap() == 11.5);
        desk.type("gap", "1.1,5"); // two signs are no number: what was there stays, and that is said
        CHECK(gap() == 11.5);
        CHECK(desk.window.message().contains("1.1,5"));
    }
    QLocale::setDefault(before);
}

TEST_CASE("Undo answers while a number field has the focus, and takes half a number back first") {
    Desk desk;
    auto* height = desk.find<QAbstractSpinBox>("height");
    desk.type("height", "210");
    REQUIRE(desk.document().puppet().height_mm == 210);
    height->setFocus();
    Desk::key(height, Qt::Key_Z, Qt::ControlModifier);
    CHECK(desk.document().puppet().height_mm == 240);
    Desk::key(height, Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    CHECK(desk.document().puppet().height_mm == 210);
    height->selectAll();
    QTest::keyClicks(height, "19");
    Desk::key(height, Qt::Key_Z, Qt::ControlModifier);
    CHECK(desk.document().puppet().height_mm == 210);
    CHECK(height->text().startsWith("210"));
}

TEST_CASE("Hundreds of steps are undone by keys, to the bit, and done again") {
    Desk desk;
    // One joint and no more, so that as many reports are quick.
    document::Production small = demo();
    small.puppets.resize(1);
    small.puppets[0].limbs.resize(1), small.puppets[0].masses.clear(), small.puppets[0].poses.clear();
    small.puppets[0].board = {}, small.puppets[0].things = {};
    QTemporaryDir dir;
    const QString path = dir.filePath("small.enkinet");
    REQUIRE(files::saveProduction(path.toStdString(), small));
    REQUIRE(desk.window.openFile(path));
    const auto first = desk.document().value();
    // As many as are kept.
    const int steps = qEnvironmentVariableIsSet("ENKINET_LONG") ? desk.document().undoStack().undoLimit() : 120;
    for (int i = 1; i <= steps; ++i)
        REQUIRE(desk.document().change(QString("note %1").arg(i), [&](const document::Edits& e) {
            return e.setName("Tansy " + std::to_string(i));
        }));
    const auto last = desk.document().value();
    for (int i = 0; i < steps; ++i)
        QTest::keyClick(&desk.window, Qt::Key_Z, Qt::ControlModifier);
    CHECK(desk.document().production() == *first);
    CHECK_FALSE(desk.document().isChanged());
    for (int i = 0; i < steps; ++i)
        QTest::keyClick(&desk.window, Qt::Key_Z, Qt::ControlModifier | Qt::ShiftModifier);
    CHECK(desk.document().production() == *last);
}

TEST_CASE("Nothing is written into the builder's file without a save, and a typed number counts when it comes") {
    QTemporaryDir dir;
    const QString path = demoCopy(dir);
    QFile file(path);
    REQUIRE(file.open(QIODevice::ReadOnly));
    const QByteArray before = file.readAll();
    file.close();
    Desk desk(false);
    REQUIRE(desk.window.openFile(path));
    Desk::settle();
    desk.type("height", "210");
    QTest::qWait(1800); // it was written after a second and a half
    REQUIRE(file.open(QIODevice::ReadOnly));
    CHECK(file.readAll() == before);
    file.close();
    // Typed and not entered, then saved by its key.
    auto* height = desk.find<QAbstractSpinBox>("height");
    height->setFocus();
    height->selectAll();
    QTest::keyClicks(height, "222");
    desk.keys(Qt::Key_S, Qt::ControlModifier);
    CHECK_FALSE(desk.document().isChanged());
    const auto saved = must(files::loadProduction(path.toStdString(), shippedCards()));
    CHECK(saved->production.puppets[0].height_mm == 222);
    // What stood there before this session is kept beside it, once.
    const QString former = app::Document::formerPath(path);
    REQUIRE(QFileInfo::exists(former));
    CHECK(files::loadProduction(former.toStdString(), shippedCards())->production.puppets[0].height_mm == 240);
    desk.type("height", "230");
    CHECK(desk.document().save().isEmpty());
    CHECK(files::loadProduction(former.toStdString(), shippedCards())->production.puppets[0].height_mm == 240);
    // Left with a number half entered.
    height->setFocus();
    height->selectAll();
    QTest::keyClicks(height, "199");
    answer({"Save"});
    CHECK(desk.window.close());
    CHECK(files::loadProduction(path.toStdString(), shippedCards())->production.puppets[0].height_mm == 199);
}

TEST_CASE("The work goes on while its file is written, and what was changed meanwhile is still to be saved") {
    QTemporaryDir dir;
    const QString path = dir.filePath("work.enkinet");
    REQUIRE(files::saveProduction(path.toStdString(), demo()));
    Desk desk(false);
    REQUIRE(desk.window.openFile(path));
    Desk::settle();
    app::Document& d = desk.document();
    const auto height = [&](double mm) {
        d.change("height", [&](const document::Edits& e) { return e.setHeight(mm); });
    };
    const auto inFile = [&] { return files::loadProduction(path.toStdString(), shippedCards())->production; };
    height(251);
    const document::Production asked = d.production();
    QStringList said;
    d.saveBeside(false, [&](const QString& fault) { said << fault; });
    CHECK(d.isSaving());
    CHECK(said.isEmpty());
    height(252);
    // Asked again meanwhile: one after the other.
    d.saveBeside(true, [&](const QString& fault) { said << fault; });
    height(253);
    d.waitForSave();
    CHECK(said == QStringList{"", ""});
    CHECK_FALSE(d.isSaving());
    CHECK(inFile().puppets[0].height_mm == 252);
    CHECK(d.isChanged());
    CHECK_FALSE(d.isChangedOutside());
    d.undoStack().undo();
    CHECK(d.puppet().height_mm == 252);
    d.saveBeside(false, [&](const QString& fault) { said << fault; });
    d.waitForSave();
    CHECK_FALSE(d.isChanged());
    CHECK(inFile() == d.production());
    CHECK_FALSE(inFile() == asked);
    // Where it cannot be written, that comes back too, and nothing counts as saved.
    height(254);
    REQUIRE(QFile::remove(path));
    REQUIRE(QDir().mkpath(path));
    d.saveBeside(true, [&](const QString& fault) { said << fault; });
    d.waitForSave();
    CHECK_FALSE(said.back().isEmpty());
    CHECK(d.isChanged());
}

TEST_CASE("Two windows on one file: it is said, and what the other wrote is not written over unasked") {
    QTemporaryDir dir;
    const QString path = demoCopy(dir);
    Desk one(false), two(false);
    one.document().setRecovery(true), two.document().setRecovery(true);
    REQUIRE(one.window.openFile(path));
    CHECK(one.document().notice().isEmpty());
    REQUIRE(two.window.openFile(path));
    CHECK(two.document().notice().contains("another window"));
    one.type("height", "210");
    CHECK(one.document().save().isEmpty());
    two.type("height", "220");
    CHECK(two.document().isChangedOutside());
    CHECK(two.document().save().contains("outside"));
    CHECK(files::loadProduction(path.toStdString(), shippedCards())->production.puppets[0].height_mm == 210);
    CHECK(two.document().compareWithFile().join("; ").contains("Tansy differs"));
    // Both are kept.
    answer({"Keep both"});
    two.keys(Qt::Key_S, Qt::ControlModifier);
    CHECK(QFileInfo(two.document().path()).fileName() == "work (2).enkinet");
    CHECK(files::loadProduction(path.toStdString(), shippedCards())->production.puppets[0].height_mm == 210);
    CHECK(files::loadProduction(two.document().path().toStdString(), shippedCards())->production.puppets[0].height_mm ==
          220);
    // Each has a record of its own: one that is dropped leaves the other's.
    one.type("height", "211"), two.type("height", "221");
    REQUIRE(QTest::qWaitFor(
        [&] { return one.document().session().info().work && two.document().session().info().work; }, 3000));
    CHECK(one.document().session().info().workFile() != two.document().session().info().workFile());
    two.document().dropRecovery();
    CHECK(QFileInfo::exists(one.document().session().info().workFile()));
    one.document().dropRecovery();
}

TEST_CASE(
    "A save that fails stays said until one succeeds, and leaving offers to try again, elsewhere, or throw away") {
    QTemporaryDir dir;
    const QString folder = dir.filePath("gone");
    REQUIRE(QDir().mkpath(folder));
    const QString path = folder + "/work.enkinet";
    REQUIRE(files::saveProduction(path.toStdString(), demo()));
    Desk desk(false);
    REQUIRE(desk.window.openFile(path));
    desk.type("height", "210");
    // The folder is gone, so nothing can be written.
    REQUIRE(QDir(folder).removeRecursively());
    answer({"Go back"});
    desk.keys(Qt::Key_S, Qt::ControlModifier);
    CHECK(desk.window.message().contains("Not saved"));
    desk.clickJoint("left knee"); // other doings do not wipe it away
    CHECK(desk.window.message().contains("Not saved"));
    CHECK(desk.document().isChanged());
    // Leaving: gone back, and nothing is lost.
    answer({""});
    CHECK_FALSE(desk.window.close());
    CHECK(desk.document().puppet().height_mm == 210);
    // Saved elsewhere it is said no more.
    CHECK(desk.document().saveAs(dir.filePath("elsewhere.enkinet")).isEmpty());
    QApplication::setActiveWindow(&desk.window); // no window manager gives it back after a dialog
    desk.keys(Qt::Key_S, Qt::ControlModifier);
    CHECK_FALSE(desk.window.message().contains("Not saved"));
}

TEST_CASE("Work that was recovered knows its file again, and putting the offer aside keeps it") {
    QTemporaryDir dir;
    const QString path = demoCopy(dir);
    app::SessionInfo left;
    {
        app::Document gone;
        gone.setRecovery(true);
        REQUIRE(gone.open(path).isEmpty());
        REQUIRE(gone.change("h", [](const document::Edits& e) { return e.setHeight(205); }));
        REQUIRE(QTest::qWaitFor([&] { return gone.session().info().work; }, 3000));
        left = gone.session().info();
    }
    CHECK(left.path == path);
    app::Document next;
    next.setRecovery(true);
    REQUIRE(next.openRecovery(left).isEmpty());
    CHECK(next.path() == path);
    CHECK(next.isChanged());
    CHECK(next.save().isEmpty());
    CHECK(files::loadProduction(path.toStdString(), shippedCards())->production.puppets[0].height_mm == 205);

    // A session of a process that is gone: Escape keeps it, it was deleted.
    QFile record(app::Session::folder() + "/work-00000000test.json");
    REQUIRE(record.open(QIODevice::WriteOnly));
    record.write(
        R"({"process": 1, "process_since": "never", "path": "", "title": "Lost", "at": "2026-01-01T00:00:00", "work": true})");
    record.close();
    REQUIRE(files::saveProduction((app::Session::folder() + "/work-00000000test.enkinet").toStdString(), demo()));
    const auto offered = [] {
        for (const app::SessionInfo& s : app::Session::leftBehind())
            if (s.title == "Lost") return true;
        return false;
    };
    CHECK(offered());
    {
        // Over a file that is open nothing interrupts: a line says where the work is.
        Desk busy;
        busy.window.offerRecovery();
        CHECK(busy.window.message().contains("More, Production"));
        CHECK(offered());
    }
    Desk desk(false);
    answer({""});
    desk.window.offerRecovery();
    CHECK(offered());
    answer({"Throw it away"}, [] {
        auto* list = QApplication::activeModalWidget()->findChild<QListWidget*>();
        for (int i = 0; i < list->count(); ++i)
            if (list->item(i)->text().contains("Lost")) list->setCurrentRow(i);
    });
    desk.window.offerRecovery();
    CHECK_FALSE(offered());
}

TEST_CASE("A place where no recovery can be kept is said once") {
    QTemporaryDir dir;
    app::Document d;
    REQUIRE(d.openCopy(QString::fromStdString(kDemo)).isEmpty());
    int said = 0;
    QObject::connect(&d, &app::Document::refused, [&](const QString& s) { said += s.contains("recovery"); });
    d.setRecovery(true);
    // A folder stands where the work should be written.
    REQUIRE(QDir().mkpath(d.session().info().workFile() + "/x"));
    for (int i = 0; i < 3; ++i) {
        REQUIRE(d.change("h", [&](const document::Edits& e) { return e.setHeight(200 + i); }));
        QTest::qWait(400);
    }
    CHECK(said == 1);
    QDir(d.session().info().workFile()).removeRecursively();
}

TEST_CASE("A later version's file says at once that it is open to look at only") {
    QTemporaryDir dir;
    std::string text = files::writeProduction(demo());
    text.replace(text.find("\"version\": 2"), 12, "\"version\": 9");
    const QString path = dir.filePath("later.json");
    REQUIRE(files::writeFileSafely(path.toStdString(), text));
    Desk desk(false);
    REQUIRE(desk.window.openFile(path));
    CHECK(desk.window.message().contains("later version"));
}

TEST_CASE("A drawing brings in nothing from outside, by whatever spelling, and does not copy itself for ever") {
    QString why;
    const auto take = [&](const QString& inside) {
        why.clear();
        return app::readPicture(("<svg xmlns='http://www.w3.org/2000/svg' xmlns:xlink='http://www.w3.org/1999/xlink' "
                                 "width='40' height='40'>" +
                                 inside + "</svg>")
                                    .toStdString(),
                                &why);
    };
    CHECK_FALSE(take("<rect id='r' width='9' height='9'/><use xlink:href='#r' x='9'/>").isNull());
    for (const char* outside :
         {"<image xlink:href='/etc/hostname' width='9' height='9'/>",
          "<image href='../picture.png' width='9' height='9'/>",
          "<image xlink:href='&#102;ile:///etc/hostname' width='9' height='9'/>", "<use href='other.svg#r'/>",
          "<rect style='fill:url(other.svg#g)' width='9' height='9'/>", "<style>@import 'x.css';</style>",
          "<rect fill='URL( \"http://x/\" )' width='9' height='9'/>"}) {
        INFO(outside);
        CHECK(take(outside).isNull());
        CHECK(why.contains("outside"));
    }
    QString bomb = "<g id='a0'><rect width='1' height='1'/></g>";
    for (int i = 1; i < 30; ++i)
        bomb += QString("<g id='a%1'><use xlink:href='#a%2'/><use xlink:href='#a%2'/></g>").arg(i).arg(i - 1);
    CHECK(take(bomb).isNull());
    CHECK(why.contains("too often"));
    CHECK(take("<g id='a'><use xlink:href='#b'/></g><g id='b'><use xlink:href='#a'/></g>").isNull());
    CHECK(why.contains("too often"));
    // Nested so deeply that whoever draws it would run out of stack; looked at in no time, names or none.
    for (const char* open : {"<g>", "<g id='x'>"}) {
        CHECK(take(QString(open).repeated(99'000) + QString("</g>").repeated(99'000)).isNull());
        CHECK(why.contains("too many parts"));
    }
    CHECK_FALSE(take(QString("<g>").repeated(150) + "<path d='M0 0h9'/>" + QString("</g>").repeated(150)).isNull());
}

TEST_CASE("A picture's size is looked at first, wherever it comes in: carried by a drawing, in a diary, for a colour") {
    // A header that claims 60000 x 60000, which would take 14 GB.
    const QByteArray png = QByteArray::fromBase64("iVBORw0KGgoAAAANSUhEUgAA6mAAAOpgCAIAAAAPsOIVAAAAAUlEQVR4duaE5g==");
    QString why;
    CHECK(app::readPicture("<svg xmlns='http://www.w3.org/2000/svg' width='9' height='9'><image width='9' height='9' "
                           "href='data:image/png;base64," +
                               png.toBase64().toStdString() + "'/></svg>",
                           &why)
              .isNull());
    CHECK(why.contains("60000"));
    QTemporaryDir dir;
    QFile f(dir.filePath("huge.png"));
    REQUIRE(f.open(QIODevice::WriteOnly));
    f.write(png), f.close();
    CHECK(app::readPictureFile(f.fileName(), &why, 1600).isNull());
    CHECK(why.startsWith("huge.png: it is 60000"));
    CHECK(app::readPictureFile(dir.filePath("none.png"), &why).isNull());
    CHECK(why.startsWith("none.png: "));
    // A part that claims 1.7 GB of a file of a few hundred bytes is not given them.
    QByteArray small;
    QBuffer out(&small);
    REQUIRE(out.open(QIODevice::WriteOnly));
    REQUIRE(QImage(12, 9, QImage::Format_RGB32).save(&out, "PNG"));
    CHECK_FALSE(app::readPicture(small.toStdString(), &why).isNull());
    small.insert(small.size() - 12, QByteArray::fromHex("67000025") + "tEXtdate");
    const auto ever = [] {
        rusage use{};
        getrusage(RUSAGE_SELF, &use);
        return use.ru_maxrss;
    };
    const long before = ever();
    CHECK(app::readPicture(small.toStdString(), &why).isNull());
    CHECK(why.contains("damaged"));
    CHECK(ever() - before < 100'000);
    // What a file's diary holds is shown or not, and the desk goes on.
    document::Production p = demo();
    document::LogEntry entry;
    entry.at_s = 1795255200, entry.puppet = "tansy", entry.text = "hung", entry.picture = "pictures/hung.png";
    p.log.push_back(entry);
    p.pictures["pictures/hung.png"] = png.toStdString();
    const auto bytes = must(files::writeContainer(p));
    REQUIRE(files::writeFileSafely(dir.filePath("hung.enkinet").toStdString(), *bytes));
    Desk desk(false);
    REQUIRE(desk.window.openFile(dir.filePath("hung.enkinet")));
    desk.station(results::Station::plan);
    desk.window.grab();
    CHECK(desk.document().production().log.back().text == "hung");
    // Scaled while it is read.
    QImage wide(3000, 1000, QImage::Format_RGB32);
    wide.fill(Qt::red);
    REQUIRE(wide.save(dir.filePath("wide.jpg")));
    CHECK(app::readPictureFile(dir.filePath("wide.jpg"), &why, 600).size() == QSize(600, 200));
}

TEST_CASE("A sheet of A4 scanned at 600 dots an inch opens, and is decoded once") {
    QImage scan(4961, 7016, QImage::Format_RGB32);
    scan.fill(Qt::white);
    QByteArray png;
    QBuffer buffer(&png);
    buffer.open(QIODevice::WriteOnly);
    REQUIRE(scan.save(&buffer, "PNG"));
    const std::string bytes = png.toStdString();
    QString why;
    const QImage read = app::PictureShelf::shared().find("pictures/a4.png", bytes, &why);
    INFO(why.toStdString());
    REQUIRE_FALSE(read.isNull());
    CHECK(read.size() == scan.size());
    // The very same pixels, not decoded again.
    CHECK(app::PictureShelf::shared().find("pictures/a4.png", bytes).constBits() == read.constBits());
}

TEST_CASE("Names are never drawn as markup") {
    Desk desk;
    const std::string name = "<b>Tansy</b><img src='x'>";
    REQUIRE(desk.document().change("n", [&](const document::Edits& e) { return e.setName(name); }));
    Desk::settle();
    int shown = 0;
    for (const auto* l : desk.window.findChildren<QLabel*>())
        if (l->text().contains("<b>Tansy")) {
            ++shown;
            CHECK(l->textFormat() == Qt::PlainText);
        }
    CHECK(shown > 0);
}

TEST_CASE("Without a display the program says so and ends with status 1; a broken card file is named") {
    QProcess p;
    QProcessEnvironment env = QProcessEnvironment::systemEnvironment();
    for (const char* name : {"DISPLAY", "WAYLAND_DISPLAY", "QT_QPA_PLATFORM"})
        env.remove(name);
    p.setProcessEnvironment(env);
    p.start(ENKINET_APP, QStringList{});
    REQUIRE(p.waitForFinished(kPatience_ms));
    CHECK(p.exitCode() == 1);
    CHECK(p.readAllStandardError().contains("no display"));
    QTemporaryDir dir;
    REQUIRE(QDir().mkpath(dir.filePath("cards")));
    for (const QString& name : QDir(QString::fromStdString(kDataDir) + "/cards").entryList(QDir::Files))
        REQUIRE(QFile::copy(QString::fromStdString(kDataDir) + "/cards/" + name, dir.filePath("cards/" + name)));
    QFile broken(dir.filePath("cards/clays.json"));
    REQUIRE(broken.open(QIODevice::WriteOnly));
    broken.write("{ not json");
    broken.close();
    env.insert("ENKINET_DATA", dir.path());
    env.insert("QT_QPA_PLATFORM", "offscreen");
    p.setProcessEnvironment(env);
    p.start(ENKINET_APP, QStringList{"--pictures", dir.path()});
    REQUIRE(p.waitForFinished(kPatience_ms));
    CHECK(p.exitCode() == 2);
    CHECK(p.readAllStandardError().contains("clays.json"));
}

TEST_CASE("A file that older rules judged is judged anew, and one slip says what is said otherwise") {
    QTemporaryDir dir;
    const QString path = dir.filePath("old.enkinet");
    document::Production p = demo();
    // As an older program left it: another wire in the leg, and a knee that held.
    p.judged.rules = results::kRules - 1;
    document::JudgedLimb leg{"leg", "7 x alu-1.2", {{"knee", "holds"}, {"hip", "holds"}}};
    p.judged.puppets = {{"tansy", 1000, 10, {leg}}};
    REQUIRE(files::saveProduction(path.toStdString(), p));
    Desk desk(false);
    REQUIRE(desk.window.openFile(path));
    desk.settle();
    auto* slip = must(desk.window.findChild<QDialog*>("rulesSlip"));
    CHECK(slip->isVisible());
    CHECK_FALSE(slip->isModal());
    auto* lines = must(slip->findChild<QListWidget*>("rulesSlipLines"));
    QStringList all;
    for (int i = 0; i < lines->count(); ++i)
        all << lines->item(i)->text();
    // Wire, the stiff knee, grams and hours; the hip holds as it did.
    CHECK(all.size() == 4);
    CHECK(all.join("\n").contains("was 7 x alu-1.2"));
    CHECK(all.join("\n").contains("stiff, was holds"));
    CHECK(all.join("\n").contains("weighs"));
    CHECK_FALSE(all.join("\n").contains("hip"));
    // Nothing was changed by it, and what is saved says by which rules it is judged now.
    CHECK_FALSE(desk.document().isChanged());
    slip->close();
    desk.type("height", "239");
    REQUIRE(desk.document().save().isEmpty());
    const auto now = must(files::loadProduction(path.toStdString(), shippedCards()));
    CHECK(now->production.judged.rules == results::kRules);
    CHECK(now->production.judged.puppets.size() == p.puppets.size());
    Desk again(false);
    REQUIRE(again.window.openFile(path));
    again.settle();
    CHECK_FALSE(again.window.findChild<QDialog*>("rulesSlip"));
}

TEST_CASE("What nobody measured is no number in the caliper's fields") {
    Desk desk;
    REQUIRE(desk.document().change("measure", [](const document::Edits& e) {
        return e.addMeasure({"shin", {0, 0, 0}, {0, 37, 0}, {}, {}});
    }));
    desk.settle();
    desk.tab("sheetTabs", 4);
    desk.find<QListWidget>("measures")->setCurrentRow(0);
    auto* here = desk.find<QAbstractSpinBox>("measured");
    auto* there = desk.find<QAbstractSpinBox>("measuredOther");
    CHECK(here->text() == "not measured");
    CHECK(there->text() == "not measured");
    desk.type("measured", "63");
    desk.find<QListWidget>("measures")->setCurrentRow(0);
    CHECK(here->text().startsWith("63"));
    CHECK(there->text() == "not measured");
    const auto& m = desk.document().puppet().measures.back();
    CHECK(m.measured_mm == 63);
    CHECK_FALSE(m.other_mm);
}

TEST_CASE("Every change of a limb's wire is said in the line after the change, whatever it was that changed it") {
    Desk desk;
    const auto wires = [&] {
        std::vector<std::pair<int, int>> all;
        for (const auto& l : desk.report().choice.limbs)
            all.emplace_back(l.chosen < 0 ? -1 : l.candidates()[nth(l.chosen)].spool,
                             l.chosen < 0 ? 0 : l.candidates()[nth(l.chosen)].bundle.strands);
        return all;
    };
    int changed = 0;
    for (const char* height : {"300", "180", "240"}) {
        const auto before = wires();
        desk.type("height", height);
        const auto after = wires();
        REQUIRE(after.size() == before.size());
        int limbs = 0;
        for (std::size_t i = 0; i < after.size(); ++i)
            limbs += after[i] != before[i];
        changed += limbs;
        INFO("height " << height << ": " << desk.window.message().toStdString());
        CHECK((limbs > 0) == desk.window.message().contains("other wire"));
        if (limbs > 1) CHECK(desk.window.message().contains(QString("other wire in %1 limbs").arg(limbs)));
    }
    CHECK(changed > 0);
}
