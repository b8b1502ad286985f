#include "print/build_sheets.h"
#include "shell/puppet_bar.h"
#include "support/driven.h"
#include "support/sanitized.h"
#include <QAction>
#include <QDir>
#include <QDoubleSpinBox>
#include <QFileInfo>
#include <QLabel>
#include <QLocale>
#include <QProcess>
#include <QTemporaryDir>
#include <QUndoStack>
#include <map>

using results::Station;

TEST_CASE("An empty bench says what to do and opens the demo with one click") {
    Desk desk(false);
    CHECK_FALSE(desk.document().hasPuppet());
    desk.click("startDemo");
    REQUIRE(desk.document().hasPuppet());
    CHECK(desk.window.shelf().count() == 3);
    CHECK(desk.document().path().isEmpty()); // a copy: the original cannot be spoiled
}

TEST_CASE("A new puppet is drawn from its kind and height") {
    Desk desk(false);
    desk.click("startKind");
    REQUIRE(desk.document().hasPuppet());
    CHECK(desk.document().puppet().height_mm == 200);
    CHECK(desk.document().isChanged());
}

TEST_CASE(
    "Height 240 to 200 changes wire, grams and minutes; undo, save and reload bring the numbers back to the bit") {
    Desk desk;
    const auto before = numbersOf(desk.report());
    desk.type("height", "200");
    const auto smaller = numbersOf(desk.report());
    CHECK(desk.document().puppet().height_mm == 200);
    CHECK((smaller != before));
    CHECK(smaller[0] < before[0]);
    CHECK(smaller[2] < before[2]);
    CHECK(desk.document().undoStack().undoText() == "Height 200 mm");
    desk.undo();
    CHECK((numbersOf(desk.report()) == before));
    desk.redo();
    CHECK((numbersOf(desk.report()) == smaller));
    QTemporaryDir dir;
    for (const char* name : {"small.enkinet", "small.json"}) {
        REQUIRE(desk.document().saveAs(dir.filePath(name)).isEmpty());
        CHECK_FALSE(desk.document().isChanged());
        app::Document again;
        again.setPatience(kPatience_ms);
        REQUIRE(again.open(dir.filePath(name)).isEmpty());
        CHECK((numbersOf(again.report()) == smaller));
    }
}

TEST_CASE("A joint is picked on the sheet, its gap typed, and the wire judged again") {
    Desk desk(Station::wire);
    desk.clickJoint("left knee");
    CHECK(desk.document().selection().kind == app::Selection::Kind::joint);
    const double before = desk.report().choice.limbs[2].demands[1].gap_mm;
    desk.type("gap", "16");
    CHECK(desk.report().choice.limbs[2].demands[1].gap_mm == 16);
    CHECK(desk.window.windowTitle().contains("Enkinet"));
    desk.undo();
    CHECK(desk.report().choice.limbs[2].demands[1].gap_mm == before);
}

TEST_CASE("A marked wire is used for the limb, and the tool chooses again when asked") {
    Desk desk(Station::wire);
    desk.clickJoint("left knee");
    desk.tab("wireTabs", 2);
    auto* list = desk.find<QListWidget>("candidates");
    REQUIRE(list->count() > 2);
    const int other = list->item(1)->data(Qt::UserRole).toInt();
    list->setFocus();
    list->setCurrentRow(1);
    Desk::key(list, Qt::Key_Return);
    CHECK(desk.report().choice.limbs[2].pinned);
    CHECK(desk.report().choice.limbs[2].chosen == other);
    desk.click("letChoose");
    CHECK_FALSE(desk.report().choice.limbs[2].pinned);
}

TEST_CASE("Every station is reached by mouse and by keys, and shows a card for every part of every puppet") {
    Desk desk;
    for (int puppet = 0; puppet < 3; ++puppet) {
        desk.document().showPuppet(puppet);
        for (int i = 0; i < results::kStations; ++i) {
            desk.keys(static_cast<Qt::Key>(Qt::Key_1 + i), Qt::AltModifier);
            CHECK(static_cast<int>(desk.window.rule().station()) == i);
            const auto& p = desk.document().puppet();
            for (std::size_t l = 0; l < p.limbs.size(); ++l)
                for (std::size_t s = 0; s < p.limbs[l].segments.size(); ++s)
                    desk.document().select(
                        {app::Selection::Kind::segment, static_cast<int>(l), static_cast<int>(s), false});
            for (std::size_t m = 0; m < p.masses.size(); ++m)
                desk.document().select({app::Selection::Kind::mass, -1, static_cast<int>(m), false});
            desk.document().select({});
        }
    }
    CHECK(desk.window.message().isEmpty());
}

TEST_CASE("A file that cannot be read changes nothing and says why on the message line") {
    Desk desk;
    const auto before = numbersOf(desk.report());
    QTemporaryDir dir;
    QFile bad(dir.filePath("bad.json"));
    REQUIRE(bad.open(QIODevice::WriteOnly));
    bad.write("{\"format\": \"enkinet production\", \"version\": 1, \"puppets\": [{\"id\": \"x\", \"height_mm\": 0}]}");
    bad.close();
    CHECK_FALSE(desk.window.openFile(bad.fileName()));
    CHECK(desk.window.message().contains("height"));
    CHECK((numbersOf(desk.report()) == before));
}

TEST_CASE("A refused edit leaves the field at the old value and names the rule") {
    Desk desk;
    CHECK_FALSE(desk.document().change("bad", [](const document::Edits& e) { return e.setGap("leg", "knee", 0); }));
    CHECK(desk.refused.join(" ").contains("must be above 0"));
    CHECK(desk.document().undoStack().count() == 0);
    CHECK(desk.window.message().startsWith("Not done: "));
    // An edit that is made is not said to be not done.
    CHECK(desk.document().change("good", [](const document::Edits& e) { return e.setGap("leg", "knee", 15); }));
    CHECK_FALSE(desk.window.message().contains("Not done"));
}

TEST_CASE("Edits reach the recovery file, and the next start goes on from there") {
    app::SessionInfo left;
    {
        Desk desk;
        desk.document().setRecovery(true);
        desk.type("height", "210");
        REQUIRE(QTest::qWaitFor([&] { return desk.document().session().info().work; }, 3000));
        left = desk.document().session().info();
    } // gone without closing
    CHECK(QFileInfo::exists(left.workFile()));
    app::Document next;
    next.setRecovery(true);
    REQUIRE(next.openRecovery(left).isEmpty());
    CHECK(next.puppet().height_mm == 210);
    CHECK(next.isChanged());
    // Kept by the new session, the old record is gone.
    CHECK_FALSE(QFileInfo::exists(left.workFile()));
    CHECK(QFileInfo::exists(next.session().info().workFile()));
    next.dropRecovery();
    CHECK_FALSE(QFileInfo::exists(next.session().info().workFile()));
}

TEST_CASE("Every control that takes the keyboard has a name that can be read aloud") {
    Desk desk;
    for (int i = 0; i < results::kStations; ++i) {
        desk.station(static_cast<Station>(i));
        for (QWidget* w : desk.window.findChildren<QWidget*>()) {
            if (!w->isVisible() || w->focusPolicy() == Qt::NoFocus || qobject_cast<QLineEdit*>(w) ||
                qobject_cast<QLabel*>(w))
                continue;
            const auto* button = qobject_cast<QAbstractButton*>(w);
            INFO(w->metaObject()->className() << " " << w->objectName().toStdString());
            CHECK((!w->accessibleName().isEmpty() || (button && !button->text().isEmpty()) ||
                   w->objectName().startsWith("qt_")));
        }
    }
}

TEST_CASE("With a decimal comma numbers are typed and shown with it, and files keep the point") {
    const QLocale before;
    QLocale::setDefault(QLocale(QLocale::German));
    {
        Desk desk(Station::wire);
        desk.clickJoint("left knee");
        desk.type("gap", "14,5");
        CHECK(desk.report().choice.limbs[2].demands[1].gap_mm == 14.5);
        CHECK(desk.document().undoStack().undoText().contains("14,5"));
        QTemporaryDir dir;
        REQUIRE(desk.document().saveAs(dir.filePath("comma.json")).isEmpty());
        QFile f(dir.filePath("comma.json"));
        REQUIRE(f.open(QIODevice::ReadOnly));
        CHECK(f.readAll().contains("14.5"));
    }
    QLocale::setDefault(before);
}

TEST_CASE("With inches the desk says what stays in millimetres, and says it as no refusal") {
    Desk desk(Station::sheet);
    const auto turn = [&](bool on) {
        for (QAction* a : desk.window.findChildren<QAction*>())
            if (a->text() == "&Inches") a->setChecked(on);
        Desk::settle();
    };
    turn(true);
    CHECK(desk.window.message().startsWith("lengths stand in inches now"));
    CHECK(desk.window.message().contains("stays in millimetres"));
    CHECK(desk.find<QDoubleSpinBox>("height")->suffix() == " in");
    CHECK(desk.refused.isEmpty());
    // What is refused is said in the unit that was chosen.
    const auto tooLong = [](const document::Edits& e) { return e.setGap("leg", "knee", 600); };
    CHECK_FALSE(desk.document().change("long", tooLong));
    CHECK(desk.refused.last().contains("gap 23.62 in must lie between 0 and 19.69 in"));
    turn(false);
    CHECK(desk.find<QDoubleSpinBox>("height")->suffix() == " mm");
    CHECK_FALSE(desk.document().change("long", tooLong));
    CHECK(desk.refused.last().contains("gap 600 mm must lie between 0 and 500 mm"));
}

TEST_CASE(
    "Three puppets that together need more of a wire than there is: one finding on screen, on paper and in check") {
    Desk desk;
    // A copper that more than one of them takes, as long as the greediest needs alone.
    std::map<std::string, std::pair<double, double>> use; // of all, of the greediest
    std::map<std::string, int> takers;
    for (const auto& r : desk.document().result().puppets)
        for (const auto& n : r->needs)
            if (n.ware == results::Ware::wire)
                use[n.card].first += n.needed, use[n.card].second = std::max(use[n.card].second, n.needed),
                                               ++takers[n.card];
    const auto shared = std::find_if(use.begin(), use.end(), [&](const auto& u) { return takers[u.first] > 1; });
    REQUIRE(shared != use.end());
    for (document::Spool s : desk.document().production().stock.spools)
        if (s.id == shared->first) {
            s.length_m = std::min(1.02 * shared->second.second, 0.99 * shared->second.first);
            REQUIRE(desk.document().change("short", [&](const document::Edits& e) { return e.putSpool(s); }));
        }
    desk.station(Station::plan);
    int onScreen = 0;
    for (auto* list : desk.window.findChildren<QListWidget*>())
        for (int i = 0; list->isVisible() && i < list->count(); ++i)
            onScreen += list->item(i)->text().contains("Buy wire");
    CHECK(onScreen == 1);
    QTemporaryDir dir;
    const QString file = dir.filePath("short.enkinet"), paper = dir.filePath("short.pdf");
    REQUIRE(desk.document().saveAs(file).isEmpty());
    REQUIRE(app::BuildSheets(desk.document().value(), 0, desk.document().sharedReport(), desk.document().sharedResult())
                .writePdf(paper, QPageSize::A4)
                .isEmpty());
    const auto run = [](const QString& program, const QStringList& arguments) {
        QProcess p;
        p.start(program, arguments);
        REQUIRE(p.waitForFinished(kPatience_ms));
        return QString::fromUtf8(p.readAllStandardOutput()).simplified();
    };
    CHECK(run("pdftotext", {"-layout", paper, "-"}).count("Buy wire") == 1);
    CHECK(run(ENKINET_CLI, {"check", file}).count("Buy wire") == 1);
}
