// The guide, the list of keys and the first hour.
#include "shell/guide_window.h"
#include "shell/tutorial.h"
#include "support/driven.h"
#include "support/sanitized.h"
#include "words/language.h"
#include "words/text.h"
#include <QDialog>
#include <QLabel>
#include <QTableWidget>
#include <QTextBlock>
#include <QTextBrowser>
#include <QTimer>

using results::Station;

TEST_CASE("F1 opens the guide at the station in hand; a word finds its pages, and each has its pictures") {
    Desk desk(results::Station::paint);
    desk.keys(Qt::Key_F1);
    auto* guide = must(desk.window.findChild<app::GuideWindow*>());
    CHECK(guide->isVisible());
    CHECK(guide->page() == "Paint");
    guide->close();
    desk.window.activateWindow();
    desk.station(results::Station::bench);
    desk.keys(Qt::Key_F1);
    CHECK(guide->page() == "Bench");
    auto* list = guide->findChild<QListWidget*>("guidePages");
    auto* text = guide->findChild<QTextBrowser*>("guideText");
    CHECK(list->count() == guide->pages());
    CHECK(guide->pages() >= 12);
    auto* words = guide->findChild<QLineEdit*>("guideSearch");
    QTest::keyClicks(words, "grey card");
    CHECK(list->count() >= 1);
    CHECK(list->count() < guide->pages());
    CHECK(text->toPlainText().contains("grey card", Qt::CaseInsensitive));
    CHECK_FALSE(text->extraSelections().isEmpty());
    // What it says of the desk is so.
    words->clear();
    QTest::keyClicks(words, "changes of a session");
    CHECK(text->toPlainText().simplified().contains(
        "the last " + QLocale("en").toString(desk.document().undoStack().undoLimit()) + " changes of a session"));
    // Words of stamps and fields are explained.
    for (const char* word : {"crowded", "slack", "eased", "lay"}) {
        words->clear();
        QTest::keyClicks(words, word);
        INFO(word);
        CHECK(list->count() >= 1);
    }
    words->clear();
    QTest::keyClicks(words, "zzxy");
    CHECK(list->count() == 0);
    words->clear();
    // No picture is missing.
    int pictures = 0;
    for (int i = 0; i < list->count(); ++i) {
        list->setCurrentRow(i);
        for (QTextBlock b = text->document()->begin(); b.isValid(); b = b.next())
            for (auto it = b.begin(); !it.atEnd(); ++it)
                if (it.fragment().charFormat().isImageFormat()) {
                    ++pictures;
                    const QString name = it.fragment().charFormat().toImageFormat().name();
                    INFO(name.toStdString());
                    CHECK_FALSE(text->loadResource(QTextDocument::ImageResource, QUrl(name)).isNull());
                }
    }
    CHECK(pictures >= 10);
    guide->close();
}

TEST_CASE("Shift and F1 list every key") {
    Desk desk;
    int rows = 0;
    QTimer::singleShot(0, [&] {
        auto* box = must(qobject_cast<QDialog*>(QApplication::activeModalWidget()));
        rows = box->findChild<QTableWidget*>("keyList")->rowCount();
        box->accept();
    });
    desk.keys(Qt::Key_F1, Qt::ShiftModifier);
    CHECK(rows > 20);
}

TEST_CASE("The first hour points at each place, sees what was done and goes on, by the builder's own clicks") {
    Desk desk(false);
    desk.window.resize(1280, 800);
    desk.click("startWalk");
    auto* walk = must(desk.window.findChild<app::Tutorial*>());
    auto* ring = desk.find<QWidget>("firstHourRing");
    const auto reached = [&](int step) { return QTest::qWaitFor([&] { return walk->step() == step; }, kPatience_ms); };
    /// The ring lies round the place, once that is there.
    const auto pointed = [&] {
        return QTest::qWaitFor(
            [&] {
                const QWidget* at = walk->place();
                return at && ring->isVisible() &&
                       ring->geometry()
                           .adjusted(-1, -1, 1, 1)
                           .contains(QRect(at->mapTo(&desk.window, QPoint()), at->size()) & desk.window.rect());
            },
            kPatience_ms);
    };
    REQUIRE(pointed());
    desk.click("startDemo");
    REQUIRE(reached(1));
    REQUIRE(pointed());
    desk.type("height", "260");
    REQUIRE(reached(2));
    REQUIRE(pointed());
    desk.station(Station::wire);
    REQUIRE(reached(3));
    auto* limits = desk.find<app::LimitTable>("limits");
    QTest::mouseClick(limits, Qt::LeftButton, {}, QPoint(30, 30));
    REQUIRE(reached(4));
    REQUIRE(pointed());
    desk.click("tryRemedy0");
    REQUIRE(reached(5));
    desk.click("applyRemedy0");
    REQUIRE(reached(6));
    desk.station(Station::skin);
    REQUIRE(reached(7));
    REQUIRE(pointed());
    desk.type("skin", "4.5");
    REQUIRE(reached(8));
    REQUIRE(pointed());
    desk.click("undo");
    REQUIRE(reached(9));
    desk.station(Station::plan);
    REQUIRE(reached(10));
    REQUIRE(QTest::qWaitFor([&] { return desk.find<QAbstractButton>("stepStart")->isEnabled(); }, kPatience_ms));
    desk.click("stepStart");
    REQUIRE(reached(11));
    REQUIRE(pointed());
    // The preview is modal: the walk sees it, and it is closed again.
    QTimer::singleShot(1500, [&] {
        CHECK(walk->step() == walk->steps());
        if (QWidget* top = QApplication::activeModalWidget()) top->close();
    });
    desk.click("print");
    CHECK(reached(12));
    CHECK(walk->text().contains("F1"));
    CHECK_FALSE(ring->isVisible());
    desk.click("firstHourLeave");
    CHECK(QTest::qWaitFor([&] { return !desk.window.findChild<app::Tutorial*>(); }, 2000));
    CHECK_FALSE(desk.window.findChild<QWidget*>("firstHourRing"));
}

TEST_CASE("The first hour stays where it is when the language changes") {
    Desk desk(false);
    desk.click("startWalk");
    desk.click("startDemo");
    const auto walk = [&] { return desk.window.findChild<app::Tutorial*>(); };
    REQUIRE(QTest::qWaitFor([&] { return walk()->step() == 1; }, kPatience_ms));
    const QString english = walk()->text();
    for (const char* language : {"de", "en"}) {
        desk.window.setLanguage(language);
        Desk::settle();
        REQUIRE(desk.window.findChildren<app::Tutorial*>().size() == 1);
        CHECK(desk.window.findChildren<QWidget*>("firstHourRing").size() == 1);
        CHECK(walk()->step() == 1);
        CHECK((walk()->text() == english) == (language == std::string("en")));
    }
    desk.type("height", "260");
    CHECK(QTest::qWaitFor([&] { return walk()->step() == 2; }, kPatience_ms));
    app::preferLanguage({});
}

TEST_CASE("What a number rests on is said in its sentence") {
    const auto said = [](std::string_view word) {
        const auto all = findings::allKinds();
        findings::Finding f;
        f.kind = *std::find_if(all.begin(), all.end(), [&](const findings::Kind* k) { return k->word == word; });
        f.found = 40, f.limit = 55, f.subject = words("knee"), f.other = words("ankle");
        return app::Text::openPoint(f);
    };
    // Two joints are compared at two bends.
    CHECK(said("order").contains("40.0 against 55.0 N·mm, each at its own full bend"));
    // The joint's limit counts on a hand that the base does not have.
    CHECK(said("pushed").contains("keep the other hand there, as the joint's own limit takes for granted"));
}
