// What a builder chooses on screen beside the tool's own choice: coats of clay, no wire, wanted proportions, glues on
// the shelf, a web, views and pairs.
#include "stations/sheet/pictures_tab.h"
#include "stations/sheet/things_tab.h"
#include "support/driven.h"
#include "words/text.h"
#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QTableWidget>
#include <algorithm>

using results::Station;

TEST_CASE("A coat under Tansy's head: put in, made of another clay, thicker, cured before, and taken out again") {
    Desk desk;
    const auto before = desk.document().production();
    desk.takeMass(0);
    desk.station(Station::skin);
    const auto layers = [&] { return desk.document().puppet().masses[0].layers; };
    const auto bakes = desk.report().bakePlan.bakes.size();
    const double grams = desk.report().choice.totals.skin_g;
    CHECK_FALSE(desk.find<QPushButton>("coatTake")->isEnabled());
    desk.press("coatAdd");
    REQUIRE(layers().coats.size() == 1);
    CHECK(layers().coats[0].clay == layers().clay);
    CHECK(desk.report().choice.totals.skin_g > grams);
    // The new coat is in hand: thickness, clay and load are its own.
    desk.type("skin", "1.2");
    CHECK(layers().coats[0].thickness_mm == 1.2);
    desk.pickData("clay", "firm-grey");
    CHECK(layers().coats[0].clay == "firm-grey");
    CHECK(layers().clay == before.puppets[0].masses[0].layers.clay);
    desk.pickData("coatLoad", 1);
    CHECK(layers().coats[0].load == 1);
    CHECK(desk.report().bakePlan.bakes.size() == bakes + 1);
    CHECK(std::any_of(desk.report().plan.steps.begin(), desk.report().plan.steps.end(),
                      [](const make::Step& s) { return s.kind == make::StepKind::coat; }));
    // Its grams stand in the amounts and in the table.
    desk.tab("skinTabs", 1);
    CHECK(desk.find<QLabel>("skinHands")->text().contains("Coat 1"));
    desk.tab("skinTabs", 0);
    // The skin by choice again; then the coat goes.
    desk.pickData("coat", -1);
    desk.type("skin", "3.5");
    CHECK(layers().skin_mm == 3.5);
    CHECK(layers().coats[0].thickness_mm == 1.2);
    desk.press("coatAdd");
    desk.press("coatAdd");
    CHECK(layers().coats.size() == 3);
    CHECK_FALSE(desk.find<QPushButton>("coatAdd")->isEnabled());
    desk.press("coatTake");
    CHECK(layers().coats.size() == 2);
    while (desk.document().undoStack().canUndo())
        desk.document().undoStack().undo();
    CHECK(desk.document().production() == before);
    // On a desk that does not wait for its results the new coat is in hand all the same.
    desk.document().setPatience(0);
    desk.click("coatAdd");
    CHECK(desk.find<QComboBox>("coat")->currentData() == 0);
    desk.pickData("coat", -1);
    desk.type("skin", "3");
    CHECK(desk.find<QComboBox>("coat")->currentData() == -1);
}

TEST_CASE("No wire in an ear needs its reason, is shown as chosen, and is taken back") {
    Desk desk;
    desk.document().showPuppet(1);
    Desk::settle();
    const auto& limbs = desk.document().puppet().limbs;
    const auto ear = static_cast<int>(
        std::find_if(limbs.begin(), limbs.end(), [](const body::Limb& l) { return l.id == "ear"; }) - limbs.begin());
    desk.station(Station::wire);
    desk.takeSegment(ear, 0);
    desk.tab("wireTabs", 2);
    desk.press("noWire");
    CHECK(desk.refused.join(" ").contains("why"));
    CHECK(limbs[nth(ear)].noWire.empty());
    desk.write("noWireBecause", "it lies on the head");
    CHECK(desk.document().puppet().limbs[nth(ear)].noWire == "it lies on the head");
    CHECK(desk.report().choice.limbs[nth(ear)].chosen == -1);
    CHECK(findPoint(desk.report().open, "wire-refused"));
    REQUIRE(desk.find<QPushButton>("letChoose")->isEnabled());
    desk.press("letChoose");
    CHECK(desk.document().puppet().limbs[nth(ear)].noWire.empty());
    CHECK(desk.report().choice.limbs[nth(ear)].chosen >= 0);
}

TEST_CASE("A proportion is kept as drawn, is missed when the leg grows, and is as usual again") {
    Desk desk(Station::sheet);
    desk.tab("sheetTabs", 4);
    auto* checks = desk.find<QListWidget>("checks");
    int row = -1;
    for (int i = 0; i < checks->count(); ++i)
        if (checks->item(i)->text().contains("sole")) row = i;
    REQUIRE(row >= 0);
    checks->setCurrentRow(row);
    desk.press("proportionKeep");
    REQUIRE(desk.document().puppet().proportions.size() == 1);
    CHECK(desk.document().puppet().proportions[0].key == "leg_share:leg");
    CHECK_FALSE(findPoint(desk.report().open, "proportion"));
    desk.type("proportionTolerance", "2");
    desk.type("proportionTarget", "0.9");
    const findings::Finding* off = must(findPoint(desk.report().open, "proportion"));
    CHECK(app::Text::openPoint(*off).contains("you want"));
    CHECK(checks->item(row)->text().startsWith("look"));
    checks->setCurrentRow(row);
    desk.press("proportionFree");
    CHECK(desk.document().puppet().proportions.empty());
}

TEST_CASE("Glues are ticked on the shelf, a bond says what holds, and a web what its limbs do to it") {
    Desk desk(Station::sheet);
    desk.tab("sheetTabs", 5);
    auto* list = desk.find<QListWidget>("thingList");
    const auto& t = desk.document().puppet().things;
    list->setCurrentRow(static_cast<int>(t.features.size()));
    Desk::settle();
    auto* answer = desk.find<QLabel>("thingAnswer");
    CHECK(answer->text().contains("What holds"));
    CHECK_FALSE(answer->text().contains("on your shelf"));
    auto* shelf = desk.find<QListWidget>("glueShelf");
    for (int i = 0; i < shelf->count(); ++i)
        if (shelf->item(i)->data(Qt::UserRole) == "liquid-clay") shelf->item(i)->setCheckState(Qt::Checked);
    Desk::settle();
    CHECK(desk.document().production().stock.glues == std::vector<std::string>{"liquid-clay"});
    CHECK(desk.find<QLabel>("thingAnswer")->text().contains("on your shelf"));
    // A web from arm to leg.
    desk.takeSegment(1, 1);
    desk.find<QPushButton>("putOn")->menu()->actions().at(3)->trigger();
    Desk::settle();
    desk.pickData("thingTo", "l:1:leg");
    const checks::SheetCheck& web = desk.report().things.sheets.back();
    CHECK(web.web);
    CHECK(web.most_mm > web.span_mm);
    CHECK(desk.find<QLabel>("thingAnswer")->text().contains("Between its limbs"));
    desk.pickData("thingTo", QString());
    CHECK_FALSE(desk.report().things.sheets.back().web);
}

TEST_CASE("Pictures say which part they show from where, and a twin is measured against its first") {
    Desk desk(false);
    desk.startOwn("300");
    desk.document().change("limbs", [](const document::Edits& e) { return e.addLimb(demo().puppets[2].limbs[0]); });
    desk.tab("sheetTabs", 1);
    auto* pictures = desk.window.findChild<app::PicturesTab*>();
    pictures->addPicture("old-reed-front.svg", demoBytes("old-reed-front.svg"), false);
    Desk::settle();
    const body::Picture& p = desk.document().puppet().pictures.at(0);
    CHECK(p.width_px > 0);
    CHECK(p.figureBottom > p.figureTop);
    auto* views = desk.find<QTableWidget>("views");
    REQUIRE(views->rowCount() > 0);
    // By the name that it has in the production, which tells nothing of where it came from.
    const auto nameOf = [&](std::size_t i) {
        return QString::fromStdString(desk.document().puppet().pictures.at(i).file).section('/', -1).section('.', 0, 0);
    };
    CHECK_FALSE(nameOf(0).contains("reed"));
    CHECK(views->item(0, 0)->toolTip().contains(nameOf(0)));
    CHECK(views->item(0, 2)->toolTip() == "never");
    CHECK(findPoint(desk.report().open, "views"));
    pictures->addPicture("old-reed-side.svg", demoBytes("old-reed-side.svg"), true);
    Desk::settle();
    CHECK_FALSE(findPoint(desk.report().open, "views"));
    desk.pickData("seenFrom", static_cast<int>(body::Seen::right));
    CHECK(desk.document().puppet().pictures.at(1).seen == body::Seen::right);
    CHECK(desk.find<QTableWidget>("views")->item(0, 3)->toolTip().contains(nameOf(1)));
    CHECK_FALSE(findPoint(desk.report().open, "views"));
    desk.document().change("measure", [](const document::Edits& e) {
        return e.addMeasure({"wing", {0, 0, 0}, {0, 60, 0}, {}, {}});
    });
    Desk::settle();
    desk.tab("sheetTabs", 4);
    desk.find<QListWidget>("measures")->setCurrentRow(0);
    desk.type("measured", "60.1");
    desk.type("measuredOther", "63");
    CHECK(findPoint(desk.report().open, "pair"));
    CHECK(desk.find<QListWidget>("measures")->item(0)->text().contains("left minus right"));
    desk.type("measuredOther", "60.2");
    CHECK_FALSE(findPoint(desk.report().open, "pair"));
}
