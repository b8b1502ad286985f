// What the desk once did wrong, driven as it was found.
#include "base/units.h"
#include "document/session.h"
#include "jobs/clock.h"
#include "stations/shoot/shot_table.h"
#include "stations/wire/puppet_table.h"
#include "stations/wire/remedies_list.h"
#include "support/driven.h"
#include "support/sanitized.h"
#include "widgets/fields.h"
#include "widgets/tabs.h"
#include "words/text.h"
#include <QProcess>
#include <QRegularExpression>
#include <QTemporaryDir>

using results::Station;

TEST_CASE("Lengths, angles, heat, times and weights are taken as people type them, on either desk") {
    using Q = app::Quantity;
    const auto read = [](const char* text, Q quantity, bool inches = false, bool fahrenheit = false) {
        return app::parseQuantity(QString::fromUtf8(text), quantity, inches, fahrenheit);
    };
    const auto is = [&](std::optional<double> found, double wanted) {
        return found && std::abs(*found - wanted) < 1e-9;
    };
    CHECK(is(read("7 in", Q::length), 177.8));
    CHECK(is(read("5 1/2 in", Q::length), 139.7));
    CHECK(is(read("5 1/2\"", Q::length), 139.7));
    CHECK(is(read("1' 6\"", Q::length), 457.2));
    CHECK(is(read("18 cm", Q::length), 180));
    CHECK(is(read("0.3 m", Q::length), 300));
    CHECK(is(read("12", Q::length), 12));
    CHECK(is(read("80 mm", Q::length, true), 80));
    CHECK(is(read("1/2", Q::length, true), 12.7));
    CHECK(is(read("350 F", Q::heat), 530 / 3.0));
    CHECK(is(read("130 °C", Q::heat, false, true), 130));
    CHECK(is(read("2 min", Q::seconds), 120));
    CHECK(is(read("1 kg", Q::grams), 1000));
    for (const char* none : {"", "seven", "7 parsecs", "5 1/0 in", "--3", "1e999", "7 in 3"})
        CHECK_FALSE(read(none, Q::length));
}

TEST_CASE("Ways out that arrive for a puppet that is no longer in hand, or on an empty bench, are given to nobody") {
    Desk desk(Station::wire);
    desk.clickJoint("left knee");
    auto* list = desk.window.findChild<app::RemediesList*>();
    REQUIRE(QTest::qWaitFor([&] { return list->busy(); }, kPatience_ms));
    desk.document().setPatience(0);
    desk.station(Station::sheet);
    // To one with fewer limbs, while they are looked for.
    desk.document().showPuppet(2);
    QTest::qWait(1500);
    CHECK(desk.document().puppet().id == desk.document().production().puppets[2].id);
    CHECK(list->remedies().empty());
    desk.document().showPuppet(0);
    desk.station(Station::wire);
    desk.clickJoint("left knee");
    REQUIRE(QTest::qWaitFor([&] { return list->busy(); }, kPatience_ms));
    desk.document().startEmpty();
    QTest::qWait(1500);
    CHECK_FALSE(desk.document().hasPuppet());
    CHECK(list->remedies().empty());
}

TEST_CASE("New while the days and the shots are worked out leaves an empty bench") {
    for (Station s : {Station::plan, Station::shoot}) {
        Desk desk;
        desk.document().setPatience(0);
        QTest::mouseClick(desk.window.rule().division(s), Qt::LeftButton);
        QTest::qWait(30);
        desk.document().startEmpty();
        QTest::qWait(800);
        CHECK_FALSE(desk.document().hasPuppet());
        Desk::settle();
    }
}

TEST_CASE("An own shape beside a puppet at the oven paints what it has, which is nothing") {
    Desk desk(false);
    desk.window.resize(1280, 800);
    desk.pickData("startWhich", "biped");
    desk.click("startKind");
    desk.station(Station::skin);
    app::Tabs* tabs = nullptr;
    for (auto* l : desk.window.findChildren<app::Tabs*>())
        if (l->isVisible()) tabs = l;
    REQUIRE(tabs);
    for (int i = 0; i < static_cast<int>(tabs->findChildren<QAbstractButton*>().size()); ++i) {
        tabs->setCurrent(i);
        Desk::settle();
        QAction* own = nullptr;
        for (QAction* a : desk.window.findChildren<QAction*>())
            if (a->text().remove('&') == "Add an own shape") own = a;
        REQUIRE(own);
        own->trigger();
        Desk::settle();
        CHECK(desk.document().puppet().limbs.empty());
        desk.window.grab();
        desk.document().undoStack().undo();
        Desk::settle();
        desk.window.grab();
        CHECK_FALSE(desk.document().puppet().limbs.empty());
    }
}

TEST_CASE("Escape closes an open list and keeps what is in hand") {
    Desk desk(Station::skin);
    desk.takeSegment(0, 1);
    desk.document().selectMore({app::Selection::Kind::segment, 0, 2, false});
    desk.document().selectMore({app::Selection::Kind::segment, 2, 1, false});
    Desk::settle();
    REQUIRE(desk.document().selected().size() == 3);
    int opened = 0;
    for (auto* box : desk.find<QWidget>("cardScroll")->findChildren<app::ChoiceField*>()) {
        if (!box->isVisible() || !box->isEnabled() || box->count() < 2) continue;
        box->showPopup();
        REQUIRE(QTest::qWaitFor([&] { return box->view()->isVisible(); }, 2000));
        Desk::key(box->view(), Qt::Key_Escape);
        CHECK_FALSE(box->view()->isVisible());
        CHECK(desk.document().selected().size() == 3);
        if (++opened == 3) break;
    }
    CHECK(opened > 0);
}

TEST_CASE("The puppet's table of wires is left by the key that opened it and by Escape, whoever has the keys") {
    Desk desk(Station::wire);
    auto* table = desk.window.findChild<app::PuppetTable*>();
    const auto open = [&] { return table && table->isVisible(); };
    for (Qt::Key leave : {Qt::Key_W, Qt::Key_Escape}) {
        desk.keys(Qt::Key_W);
        table = desk.window.findChild<app::PuppetTable*>();
        REQUIRE(open());
        table->setFocus();
        QWidget* has = QApplication::focusWidget();
        Desk::key(has ? has : &desk.window, leave);
        CHECK_FALSE(open());
    }
}

TEST_CASE("A limb in which nothing moves is given a wire in the same tabs as one that is posed") {
    Desk desk(Station::wire);
    desk.document().change("still", [&](const document::Edits& e) {
        return e.setLimb("leg", [](body::Limb& l) {
            for (body::Joint& j : l.joints)
                j.posed = false, j.gap_mm = 0;
        });
    });
    Desk::settle();
    desk.take({app::Selection::Kind::segment, 2, 1, false});
    auto* tabs = desk.find<app::Tabs>("wireTabs");
    CHECK(tabs->isVisible());
    for (int tab = 0; tab < static_cast<int>(tabs->findChildren<QAbstractButton*>().size()); ++tab) {
        tabs->setCurrent(tab);
        Desk::settle();
        int fields = 0;
        for (QWidget* w : desk.find<QWidget>("cardScroll")->findChildren<QWidget*>())
            fields += w->isVisible() && (qobject_cast<QAbstractSpinBox*>(w) || qobject_cast<QComboBox*>(w) ||
                                         qobject_cast<QListWidget*>(w) || qobject_cast<QAbstractButton*>(w));
        INFO("tab " << tab);
        CHECK(fields > 2);
    }
}

TEST_CASE("Shoot shows the puppet that it was turned to, at once") {
    Desk desk(Station::shoot);
    auto* table = desk.window.findChild<app::ShotTable*>();
    const auto said = [&] {
        QStringList all;
        for (const app::PicturePart& p : table->parts())
            all << p.name;
        return all.join("\n");
    };
    REQUIRE(QTest::qWaitFor([&] { return !said().isEmpty(); }, kPatience_ms));
    const QString tansy = said();
    desk.document().showPuppet(1);
    Desk::settle();
    const QString turned = said();
    CHECK(turned != tansy);
    // As it stands after an edit, which always told it.
    desk.document().change("note", [](const document::Edits& e) { return e.setName("Brindle of the marsh"); });
    Desk::until([&] { return !desk.document().isWorking(); });
    CHECK(said() == turned);
}

TEST_CASE("A way out says the same numbers while it is tried as before and after") {
    Desk desk(Station::wire);
    desk.clickJoint("left knee");
    auto* list = desk.window.findChild<app::RemediesList*>();
    REQUIRE(QTest::qWaitFor([&] { return !list->busy() && !list->remedies().empty(); }, kPatience_ms));
    const auto sayAll = [&] {
        QStringList all;
        for (QLabel* l : list->findChildren<QLabel*>())
            if (l->isVisible()) all << l->text();
        return all.join("\n");
    };
    const QString before = sayAll();
    desk.click("tryRemedy0");
    Desk::until([&] { return desk.document().isTrial(); });
    for (const QString& line : before.split("\n"))
        if (line.contains(QRegularExpression("[0-9]"))) {
            INFO(line.toStdString());
            CHECK(sayAll().contains(line));
        }
    desk.document().endTrial();
    Desk::settle();
}

TEST_CASE("Save as asks by the whole name, and what is there already is written over only when that is said") {
    QTemporaryDir dir;
    Desk desk;
    const QString there = dir.filePath("foo.enkinet"), other = dir.filePath("puppet v1.2");
    QFile old(there);
    REQUIRE(old.open(QIODevice::WriteOnly));
    old.write("of somebody else"), old.close();
    answer({dir.filePath("foo"), "Another name", other});
    QTest::keyClick(&desk.window, Qt::Key_S, Qt::ControlModifier | Qt::ShiftModifier);
    REQUIRE(QTest::qWaitFor([&] { return QFileInfo::exists(other + ".enkinet"); }, kPatience_ms));
    CHECK(bytesOf(there) == "of somebody else");
    QApplication::setActiveWindow(&desk.window); // no window manager gives it back after a dialog
    answer({dir.filePath("foo"), "Write over it"});
    QTest::keyClick(&desk.window, Qt::Key_S, Qt::ControlModifier | Qt::ShiftModifier);
    REQUIRE(QTest::qWaitFor([&] { return bytesOf(there).startsWith("PK"); }, kPatience_ms));
}

TEST_CASE("A file that is gone is told of and saved there again; one that is only for reading stays as it is") {
    QTemporaryDir dir;
    Desk desk;
    const QString path = dir.filePath("work.enkinet");
    REQUIRE(desk.document().saveAs(path).isEmpty());
    desk.document().change("edit", [](const document::Edits& e) { return e.setHeight(230); });
    REQUIRE(QFile::remove(path));
    answer({"Save it there again"});
    QTest::keyClick(&desk.window, Qt::Key_S, Qt::ControlModifier);
    REQUIRE(QTest::qWaitFor([&] { return QFileInfo::exists(path) && !desk.document().isSaving(); }, kPatience_ms));
    const QByteArray saved = bytesOf(path);
    QApplication::setActiveWindow(&desk.window);
    REQUIRE(QFile::setPermissions(path, QFile::ReadOwner | QFile::ReadUser | QFile::ReadGroup));
    desk.document().change("edit", [](const document::Edits& e) { return e.setHeight(220); });
    desk.keys(Qt::Key_S, Qt::ControlModifier);
    INFO(desk.window.message().toStdString());
    CHECK(desk.window.message().contains("only for reading"));
    CHECK(bytesOf(path) == saved);
    CHECK(desk.document().isChanged());
}

TEST_CASE("Work that was left behind is offered though the note beside it is spoilt or gone") {
    const QString folder = app::Session::folder();
    REQUIRE(QDir().mkpath(folder));
    for (const char* id : {"work-0000spoilt", "work-00000alone"})
        REQUIRE(files::saveProduction((folder + "/" + id + ".enkinet").toStdString(), demo()));
    QFile note(folder + "/work-0000spoilt.json");
    REQUIRE(note.open(QIODevice::WriteOnly));
    note.write("{\"process\": "), note.close();
    int offered = 0;
    for (const app::SessionInfo& s : app::Session::leftBehind())
        if (s.id == "work-0000spoilt" || s.id == "work-00000alone") {
            ++offered;
            CHECK(QFileInfo::exists(s.workFile()));
            app::Session::throwAway(s);
        }
    CHECK(offered == 2);
}

TEST_CASE("A limit that is missed by less than it is known to says so, and one that is missed by far does not") {
    const Desk desk;
    const auto& limb = const_cast<Desk&>(desk).report().choice.limbs[2];
    choice::Demand d = limb.demands[0];
    choice::Verdict v = limb.verdicts[0];
    const auto said = [&](choice::State state) { return app::Text::sentence(state, d, v, {1, 2, 0}); };
    // ln(100/h) against 0.15, from either side of e^-0.15 = 0.8607.
    d.needed_Nmm = 100;
    for (double hold : {98.0, 86.1, 86.0, 60.0}) {
        v.bend.hold_Nmm = hold;
        CHECK(said(choice::State::slack).contains("Only just: known to 15 %") == (hold > 86.05));
    }
    d.nearDecides = false, d.far.dents = false, d.lever_mm = 10, d.effortLimit_Nmm = 100;
    for (double effort : {12.8, 12.9}) { // e^0.25 = 1.2840
        v.effort_N = effort, v.effort_Nmm = 10 * effort;
        CHECK(said(choice::State::stiff).contains("Only just: known to 25 %") == (effort < 12.84));
    }
    d.springLimit_rad = degToRad(8), v.springback_rad = degToRad(8.4);
    CHECK(said(choice::State::springy).contains("Only just"));
    v.springback_rad = degToRad(12);
    CHECK_FALSE(said(choice::State::springy).contains("Only just"));
}

TEST_CASE("What was printed is remembered with the file, and the desk says which limbs it is older than") {
    QTemporaryDir dir;
    const QString path = dir.filePath("work.enkinet");
    {
        Desk desk(Station::wire);
        REQUIRE(desk.document().saveAs(path).isEmpty());
        desk.document().notePrinted();
        CHECK(desk.find<QAbstractButton>("print")->text() == "Print");
        CHECK(desk.document().isChanged());
        REQUIRE(desk.document().save().isEmpty());
    }
    Desk desk(Station::wire);
    REQUIRE(desk.document().open(path).isEmpty());
    Desk::settle();
    desk.document().change("leg", [](const document::Edits& e) {
        return e.setPick("leg", body::WirePick{"alu-1.0", 3, 0, {}});
    });
    Desk::settle();
    auto* print = desk.find<QAbstractButton>("print");
    CHECK(print->text() == "Print anew");
    CHECK(print->accessibleName().endsWith("leg"));
    desk.find<app::Tabs>("wireTabs")->setCurrent(3);
    Desk::settle();
    CHECK(desk.find<QLabel>("cutWords")->text().contains("older than: leg"));
    desk.takeBack();
    CHECK(print->text() == "Print");
    // What was not printed from a file of its own is nothing to save.
    Desk copy;
    copy.document().notePrinted();
    CHECK_FALSE(copy.document().isChanged());
}

TEST_CASE("The program's own print and pictures write over no production, and need no display", "[long]") {
    QTemporaryDir dir;
    const QString work = dir.filePath("my.enkinet");
    REQUIRE(files::saveProduction(work.toStdString(), demo()));
    const QByteArray before = bytesOf(work);
    const auto run = [&](const QStringList& arguments) {
        QProcess p;
        QProcessEnvironment e = QProcessEnvironment::systemEnvironment();
        e.insert("QT_QPA_PLATFORM", "offscreen");
        p.setProcessEnvironment(e);
        p.start(QCoreApplication::applicationDirPath() + "/enkinet", arguments);
        REQUIRE(p.waitForFinished(kPatience_ms));
        REQUIRE(p.exitStatus() == QProcess::NormalExit);
        return p.exitCode();
    };
    // The file to be printed was forgotten: OUT is the production.
    CHECK(run({"--print", work}) != 0);
    CHECK(bytesOf(work) == before);
    CHECK(run({"--pictures", dir.filePath("shots"), work}) == 0);
    CHECK(QDir(dir.filePath("shots")).entryList({"*.png"}).size() > 10);
}
