// The answer beside the bench: what is in view without scrolling, a way out tried and put back, and the answer copied.
#include "stations/wire/remedies_list.h"
#include "support/driven.h"
#include "support/sanitized.h"
#include "widgets/answer.h"
#include <QClipboard>
#include <QLabel>
#include <QScrollArea>
#include <QTemporaryDir>

using results::Station;

TEST_CASE("At 1280 by 800 verdict, table, three ways out and the first open points are in view without scrolling") {
    Desk desk;
    desk.window.resize(1280, 800);
    for (int puppet = 0; puppet < 3; ++puppet) {
        desk.document().showPuppet(puppet);
        desk.station(Station::wire);
        if (puppet == 1) {
            // Brindle holds: made to last longer, she has something to say too.
            body::Wants wants = desk.document().puppet().wants;
            wants.film_s = 300;
            desk.document().change("longer", [&](const document::Edits& e) { return e.setWants(wants); });
        }
        Desk::settle();
        auto* list = must(desk.window.findChild<app::RemediesList*>());
        Desk::until([&] { return !list->busy(); });
        auto* answer = desk.find<QScrollArea>("cardScroll");
        const QRect seen = answer->viewport()->rect();
        INFO("puppet " << puppet);
        const auto inView = [&](QWidget* w, int least) {
            const QRect at(w->mapTo(answer->viewport(), QPoint()), w->size());
            return w->isVisible() && at.top() >= 0 && at.top() + least <= seen.bottom() + 1;
        };
        CHECK(inView(desk.find<QWidget>("verdict"), desk.find<QWidget>("verdict")->height()));
        CHECK(inView(desk.find<QWidget>("limits"), desk.find<QWidget>("limits")->height()));
        const int offered = static_cast<int>(std::min<std::size_t>(3, list->remedies().size()));
        for (int i = 0; i < offered; ++i) {
            auto* apply = desk.find<QWidget>(("applyRemedy" + std::to_string(i)).c_str());
            CHECK(inView(apply, apply->height()));
        }
        // Every station has one; this station's is on the screen.
        int lists = 0;
        for (auto* open : desk.window.findChildren<QListWidget*>("openPoints"))
            if (open->isVisible() && open->count() > 0) {
                ++lists;
                CHECK(inView(open, 22));
            }
        CHECK(lists == 1);
    }
}

TEST_CASE(
    "At 1280 by 800 every station shows its table and its first open points without scrolling, twelve of them open") {
    Desk desk;
    desk.window.resize(1280, 800);
    // Made worse until at least twelve points are open: the worst joint in hand, thin clay, heavy bulk, little in
    // stock.
    desk.document().change("worse", [&](const document::Edits& e) {
        document::Production p = desk.document().production();
        for (body::Limb& l : p.puppets[0].limbs)
            for (body::Segment& s : l.segments)
                if (!s.layers.clay.empty()) s.layers.skin_mm = 0.9;
        p.puppets[0].wants.film_s = 400;
        (void)e;
        return Result<document::Production>(p);
    });
    Desk::settle();
    REQUIRE(desk.document().openPoints().size() >= 12);
    const std::map<Station, const char*> tables{{Station::sheet, "sheetTable"}, {Station::bulk, "bulkTable"},
                                                {Station::skin, "skinTable"},   {Station::paint, "paintTable"},
                                                {Station::plan, "planTable"},   {Station::shoot, "shootTable"}};
    auto* answer = desk.find<QScrollArea>("cardScroll");
    int lists = 0;
    for (const auto& [station, name] : tables) {
        desk.station(station);
        auto* table = desk.find<QWidget>(name);
        Desk::until([&] { return table->isVisible(); });
        QTest::qWait(50);
        INFO(name);
        const QRect seen = answer->viewport()->rect();
        const auto bottomOf = [&](const QWidget* w, int least) {
            return w->mapTo(answer->viewport(), QPoint(0, least)).y();
        };
        CHECK(bottomOf(table, table->height()) <= seen.bottom() + 1);
        for (auto* open : desk.window.findChildren<QListWidget*>("openPoints"))
            if (open->isVisible() && open->count() > 0) {
                ++lists;
                CHECK(bottomOf(open, open->sizeHintForRow(0)) <= seen.bottom() + 1);
            }
    }
    CHECK(lists >= 3);
}

TEST_CASE("A way out is tried on the whole desk and put back; nothing of it is saved or undone") {
    Desk desk(Station::wire);
    desk.clickJoint("left knee");
    auto* list = desk.window.findChild<app::RemediesList*>();
    REQUIRE(QTest::qWaitFor([&] { return list && !list->busy() && !list->remedies().empty(); }, kPatience_ms));
    const auto before = desk.document().value();
    const int steps = desk.document().undoStack().count();
    desk.click("tryRemedy0");
    Desk::until([&] { return desk.document().isTrial(); });
    CHECK(desk.report().choice.limbs[2].state == choice::State::holds);
    CHECK(desk.window.message().contains("Only tried"));
    CHECK(desk.document().undoStack().count() == steps);
    QTemporaryDir dir;
    CHECK(desk.document().saveAs(dir.filePath("tried.json")).isEmpty());
    CHECK_FALSE(desk.document().isTrial());
    const auto saved = must(files::loadProduction(dir.filePath("tried.json").toStdString(), shippedCards()));
    CHECK(saved->production == *before);
    // Tried, then applied: one step, and the same as was tried.
    REQUIRE(QTest::qWaitFor([&] { return !list->busy() && !list->remedies().empty(); }, kPatience_ms));
    desk.click("tryRemedy0");
    Desk::until([&] { return desk.document().isTrial(); });
    const auto tried = desk.document().value();
    desk.click("applyRemedy0");
    REQUIRE(QTest::qWaitFor([&] { return desk.document().undoStack().count() == steps + 1; }, kPatience_ms));
    CHECK_FALSE(desk.document().isTrial());
    CHECK(desk.document().production() == *tried);
    desk.undo();
    CHECK(desk.document().production() == *before);
}

TEST_CASE("What a way out helps stays on the bench when it holds, until another is taken in hand") {
    Desk desk(Station::wire);
    auto* list = desk.window.findChild<app::RemediesList*>();
    auto* head = must(qobject_cast<app::AnswerHead*>(desk.find<QLabel>("verdict")->parentWidget()));
    REQUIRE(head->subject() == "Knee");
    REQUIRE(QTest::qWaitFor([&] { return !list->busy() && !list->remedies().empty(); }, kPatience_ms));
    desk.click("applyRemedy0");
    Desk::until([&] { return desk.document().undoStack().count() == 1; });
    CHECK(desk.report().choice.limbs[2].state == choice::State::holds);
    CHECK(head->subject() == "Knee");
    // Nothing was selected by it, so that other stations begin where they did.
    CHECK(desk.document().selection() == app::Selection{});
    desk.clickJoint("neck");
    CHECK(head->subject() == "Neck");
    desk.keys(Qt::Key_Escape);
    CHECK(head->subject() != "Knee");
}

TEST_CASE("The answer is copied as text, the bench as a picture") {
    Desk desk(Station::wire);
    desk.clickJoint("left knee");
    desk.keys(Qt::Key_C, Qt::ControlModifier | Qt::ShiftModifier);
    const QString text = QApplication::clipboard()->text();
    CHECK(text.startsWith("Tansy\nKnee"));
    CHECK(text.contains("holds\t"));
    CHECK(text.contains("Knee is stiff"));
    desk.keys(Qt::Key_P, Qt::ControlModifier | Qt::ShiftModifier);
    CHECK(QApplication::clipboard()->image().width() > 400);
}
