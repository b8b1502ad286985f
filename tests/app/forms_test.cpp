// A form shows what the document holds, and what is typed into it is what the document gets, or a word is said.
#include "support/each_tab.h"
#include "widgets/fields.h"

using namespace enkinet;

namespace {

/// Fields of the card that can be typed into now. They are asked for anew after each: a form may be made again.
QList<app::NumberField*> findFields(test::Desk& desk) {
    QList<app::NumberField*> all;
    auto* card = desk.find<app::SidePanel>("cardScroll");
    for (app::NumberField* f : card->findChildren<app::NumberField*>())
        // What a proportion is to be begins with what it is: entered, it is a wish.
        if (f->isVisibleTo(card) && f->isEnabled() && f->objectName() != "proportionTarget") all << f;
    return all;
}

std::string nameOf(const app::NumberField* f) {
    return f->objectName().toStdString() + " (" + f->accessibleName().toStdString() + ")";
}

void enter(app::NumberField* f, const QString& text) {
    f->setFocus();
    f->selectAll();
    QTest::keyClicks(f, text);
    QTest::keyClick(f, Qt::Key_Return);
    test::Desk::settle();
}

/// Numbers that no field shows whole.
void makeOdd(test::Desk& desk) {
    desk.document().change("odd", [&](const document::Edits& e) {
        body::Puppet p = desk.document().puppet();
        p.wants.lean_rad = 0.1291, p.wants.film_s = 17.437, p.wants.retakes = 1.2345, p.wants.reserve = 0.0637;
        return e.setWants(p.wants);
    });
    desk.document().change("odd", [&](const document::Edits& e) { return e.setGap("leg", "knee", 13.4567); });
    desk.document().change("odd", [&](const document::Edits& e) { return e.setRange("leg", "knee", -0.1111, 0.9876); });
    desk.settle();
}

/// The board at rest and in each kept pose.
std::vector<body::Pose> findBoards(test::Desk& desk) {
    std::vector<body::Pose> all{{}};
    for (const body::Pose& p : desk.document().puppet().poses)
        all.push_back(p);
    return all;
}

void showBoard(test::Desk& desk, const body::Pose& pose) {
    desk.document().change("board", [&](const document::Edits& e) { return e.setBoard(pose); });
    desk.settle();
}

} // namespace

TEST_CASE("What a field shows, entered again as it stands, changes nothing, in every kept pose") {
    test::Desk desk;
    desk.window.resize(1280, 800);
    makeOdd(desk);
    int entered = 0;
    for (const body::Pose& board : findBoards(desk)) {
        showBoard(desk, board);
        test::forEachTab(desk, [&](int station, int tab) {
            for (int i = 0; i < findFields(desk).size(); ++i) {
                app::NumberField* f = findFields(desk)[i];
                INFO("station " << station << ", tab " << tab << ": " << nameOf(f) << " shows "
                                << f->text().toStdString());
                const auto before = desk.document().value();
                enter(f, f->text());
                CHECK(*desk.document().value() == *before);
                ++entered;
            }
        });
    }
    CHECK(entered > 100);
}

TEST_CASE("What is typed into a field stands there afterwards, or a word says why not, in every kept pose", "[long]") {
    test::Desk desk;
    desk.window.resize(1280, 800);
    int typed = 0, said = 0;
    for (const body::Pose& board : findBoards(desk)) {
        showBoard(desk, board);
        test::forEachTab(desk, [&](int station, int tab) {
            for (int i = 0; i < findFields(desk).size(); ++i)
                for (double by : {0.93, 1.08, 40.0}) {
                    if (i >= findFields(desk).size()) break;
                    app::NumberField* f = findFields(desk)[i];
                    const std::string name = nameOf(f);
                    const QString called = f->accessibleName();
                    const auto before = desk.document().value();
                    const double to = f->value() == 0 ? by : f->value() * by;
                    const QString text = QString::number(to, 'f', 2);
                    INFO("station " << station << ", tab " << tab << ": " << name << " shows "
                                    << f->text().toStdString() << ", typed " << text.toStdString());
                    desk.refused.clear();
                    const QPointer<app::NumberField> there(f);
                    enter(f, text);
                    ++typed;
                    const bool translated = !desk.refused.isEmpty() || desk.window.message().contains(called);
                    said += translated;
                    if (there && there->isVisible()) {
                        const bool stands = std::abs(there->value() - text.toDouble()) < 1e-6;
                        CHECK((stands || translated));
                    }
                    while (!(*desk.document().value() == *before) && desk.document().undoStack().canUndo())
                        desk.document().undoStack().undo(), desk.settle();
                }
        });
    }
    CHECK(typed > 300);
    CHECK(said > 50);
}
