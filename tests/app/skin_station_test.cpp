#include "files/container.h"
#include "sheet/walk.h"
#include "stations/layers/long_section.h"
#include "stations/layers/part_in_hand.h"
#include "stations/layers/section_view.h"
#include "stations/station_table.h"
#include "support/driven.h"
#include "support/sanitized.h"
#include "words/text.h"
#include <QLabel>
#include <QRegularExpression>
#include <QTemporaryDir>
#include <algorithm>
#include <catch2/catch.hpp>

using results::Station;

namespace {
/// Moves the pointer over a widget, whether or not the display's own pointer follows.
void hover(QWidget* on, const QPoint& at, Qt::MouseButtons held = {}) {
    QMouseEvent move(QEvent::MouseMove, at, on->mapToGlobal(at), Qt::NoButton, held, {});
    QApplication::sendEvent(on, &move);
}
int rowOf(QListWidget* list, const QString& text) {
    for (int i = 0; i < list->count(); ++i)
        if (list->item(i)->text().startsWith(text)) return i;
    return -1;
}
const fill::Part& partOf(const results::Report& r, const std::string& label) {
    for (const fill::Part& p : r.choice.parts)
        if (p.label == label) return p;
    FAIL("no part " << label);
    return r.choice.parts.front();
}
/// Takes a segment in hand.
void take(Desk& desk, const std::string& label) {
    const auto& c = desk.report().choice;
    const fill::Part& p = partOf(desk.report(), label);
    const body::Link& link = c.rest.links[nth(p.link)];
    const body::LimbCopy& copy = c.rest.copies[nth(link.copy)];
    desk.takeSegment(copy.limb, link.segment, copy.right);
}
} // namespace

TEST_CASE(
    "Another skin on Tansy, thinner or without a core: grams, packs, minutes, ankles and plan follow, and come back") {
    Desk desk;
    const auto before = numbersOf(desk.report());
    const auto clay = [&] {
        double g = 0;
        for (const auto& n : desk.report().needs)
            if (n.ware == results::Ware::clay) g += n.needed;
        return g;
    };
    const auto ankle = [&] { return desk.report().choice.limbs[2].demands[2].load.load_Nmm; };
    desk.takeMass(0);
    desk.station(results::Station::skin);
    desk.type("skin", "6");
    const double grams = desk.report().choice.totals.skin_g, packs = clay(), load = ankle(),
                 minutes = desk.report().bakes.front().minutes, hands = desk.report().plan.elapsed_min;
    desk.type("skin", "4");
    CHECK(desk.report().choice.totals.skin_g < grams);
    CHECK(clay() < packs);
    CHECK(ankle() < load);
    CHECK(desk.report().bakes.front().minutes <= minutes);
    desk.tab("skinTabs", 1);
    CHECK(desk.find<QLabel>("skinHands")->text().contains("core saves"));
    // On the scales: what was planned is what it says.
    double planned = 0;
    for (const auto& part : desk.report().choice.parts)
        if (part.label == "head") planned = part.skin.mass_g;
    desk.type("weighed", QString::number(planned / 2, 'f', 1));
    desk.type("weighed", QString::number(planned, 'f', 1));
    const QString implied = desk.find<QLabel>("implied")->text();
    INFO(implied.toStdString());
    CHECK(std::abs(implied.section("skin of ", 1).section(" mm", 0, 0).toDouble() - 4) < 0.03);
    // Solid clay in place of the core: asked about first, then done.
    desk.tab("skinTabs", 0);
    desk.station(results::Station::bulk);
    desk.click("solidAsk");
    auto* said = desk.find<QLabel>("solidText");
    REQUIRE(QTest::qWaitFor([&] { return said->text().contains("weighs"); }, kPatience_ms));
    const std::string solid = said->text().toStdString();
    INFO(solid);
    CHECK(solid.find("N·mm") != std::string::npos);
    const double cored = desk.report().bakes.front().minutes, light = ankle();
    desk.pickData("bulk", QString());
    desk.station(results::Station::skin);
    desk.type("skin", "40");
    CHECK(desk.report().choice.totals.skin_g > grams);
    CHECK(desk.report().bakes.front().minutes > cored);
    CHECK(ankle() > light);
    CHECK(desk.report().plan.elapsed_min != hands);
    for (int i = 0; i < 4; ++i)
        desk.undo();
    CHECK(numbersOf(desk.report()) == before);
}

TEST_CASE("A skin is made thicker at one end by typing or by dragging its mark, and even again by one click") {
    Desk desk;
    take(desk, "waist");
    desk.station(Station::skin);
    const double even = partOf(desk.report(), "waist").skin.mass_g;
    desk.pickData("skinPlace", 1);
    desk.type("skin", "5");
    CHECK(desk.document().puppet().limbs[0].segments[1].sections[1].skin_mm == 5.0);
    CHECK(partOf(desk.report(), "waist").skin.mass_g > even);
    CHECK(partOf(desk.report(), "waist").skinMost_mm == 5.0);
    // The mark of the root end, one drag, one step back.
    auto* along = desk.find<app::LongSection>("skinAlong");
    const auto mark = must(along->markAt(1, 0));
    const int steps = desk.document().undoStack().count();
    QTest::mousePress(along, Qt::LeftButton, {}, mark->toPoint());
    for (int dy = 4; dy <= 24; dy += 4)
        hover(along, mark->toPoint() + QPoint(0, dy), Qt::LeftButton);
    QTest::mouseRelease(along, Qt::LeftButton, {}, mark->toPoint() + QPoint(0, 24));
    Desk::settle();
    REQUIRE(desk.document().puppet().limbs[0].segments[1].sections[0].skin_mm);
    CHECK(*desk.document().puppet().limbs[0].segments[1].sections[0].skin_mm > 3.5);
    CHECK(desk.document().undoStack().count() == steps + 1);
    desk.undo();
    CHECK_FALSE(desk.document().puppet().limbs[0].segments[1].sections[0].skin_mm);
    desk.click("skinEven");
    CHECK(std::abs(partOf(desk.report(), "waist").skin.mass_g - even) < 1e-9);
}

TEST_CASE("The section follows the pointer, on the figure and along the limb, and is bare wire in a gap") {
    Desk desk;
    take(desk, "chest");
    desk.station(Station::skin);
    auto* section = desk.find<app::SectionView>("skinSection");
    auto* along = desk.find<app::LongSection>("skinAlong");
    const std::string before = section->caption().toStdString();
    hover(along, QPoint(along->width() / 3, 60));
    Desk::settle();
    const std::string there = section->caption().toStdString();
    CHECK(there != before);
    hover(along, QPoint(along->width() / 3 + 12, 60));
    Desk::settle();
    CHECK(section->caption().toStdString() != there);
    // And on the figure beside it, of whatever part lies under the pointer.
    const auto& parts = desk.report().choice.parts;
    for (const char* name : {"chest", "left forearm"}) {
        const auto at = std::find_if(parts.begin(), parts.end(), [&](const fill::Part& p) { return p.label == name; });
        REQUIRE(at != parts.end());
        auto& rail = desk.window.rail();
        hover(&rail, rail.partOnScreen(static_cast<int>(at - parts.begin())).toPoint());
        Desk::settle();
        INFO(section->caption().toStdString());
        CHECK(section->caption().startsWith(QString(name), Qt::CaseInsensitive));
    }
}

TEST_CASE("Loads of the oven: limb by limb, or the builder's own; what must not go in stops the gate") {
    Desk desk(Station::skin);
    desk.tab("skinTabs", 2);
    auto* loads = desk.find<QListWidget>("loads");
    CHECK(loads->count() == static_cast<int>(desk.report().bakePlan.bakes.size()));
    desk.pickData("bakeSchool", static_cast<int>(body::BakeSchool::staged));
    CHECK(desk.report().bakePlan.bakes.size() > 2);
    CHECK(loads->count() == static_cast<int>(desk.report().bakePlan.bakes.size()));
    desk.pickData("bakeSchool", static_cast<int>(body::BakeSchool::own));
    REQUIRE(loads->count() == 1);
    CHECK(desk.report().bakePlan.raw.empty());
    desk.click("loadAdd");
    REQUIRE(loads->count() == 2);
    // The head goes from the first load into the second.
    auto* members = desk.find<QListWidget>("loadMembers");
    loads->setCurrentRow(0);
    members->item(rowOf(members, "head"))->setCheckState(Qt::Unchecked);
    Desk::settle();
    CHECK_FALSE(desk.report().bakePlan.raw.empty());
    loads->setCurrentRow(1);
    members->item(rowOf(members, "head"))->setCheckState(Qt::Checked);
    Desk::settle();
    CHECK(desk.report().bakePlan.raw.empty());
    // 265 in the field is refused with what it is in the other unit, and nothing is lost.
    desk.type("loadSet", "265");
    CHECK(desk.refused.join(" ").contains("129"));
    CHECK(desk.document().puppet().wants.loads[1].set_C == 0);
    desk.type("loadMinutes", "6");
    CHECK_FALSE(desk.report().bakePlan.raw.empty());
    desk.undo();
    // Beads.
    auto* things = desk.find<QListWidget>("ovenThings");
    things->item(rowOf(things, "plastic beads"))->setCheckState(Qt::Checked);
    Desk::settle();
    CHECK(rowOf(desk.find<QListWidget>("gate"), "Stop. Plastic beads") >= 0);
    CHECK(desk.report().open.size() > 0);
    desk.undo();
    CHECK(rowOf(desk.find<QListWidget>("gate"), "Stop.") < 0);
}

TEST_CASE("A probe's log is read, told and forgotten; a broken one is refused and nothing changes") {
    Desk desk(Station::skin);
    desk.tab("skinTabs", 2);
    desk.click("ovenForget");
    CHECK(desk.find<QLabel>("probe")->text().contains("taken at its word"));
    answer({QString::fromStdString(files::findDataDir()) + "/demo/oven-log.csv"});
    desk.click("ovenLog");
    const fill::OvenLog log = desk.document().production().stock.shop.oven;
    CHECK(log.readings == 46);
    CHECK(std::abs(log.offset_C - 5.5) < 0.5);
    CHECK(desk.find<QLabel>("probe")->text().contains("dial"));
    QTemporaryDir dir;
    const QString bad = dir.filePath("bad.csv");
    REQUIRE(files::writeFileSafely(bad.toStdString(), "minutes,C\n1,20\nzwei,30\n"));
    answer({bad});
    desk.click("ovenLog");
    CHECK(desk.refused.join(" ").contains("line 3"));
    CHECK(desk.document().production().stock.shop.oven == log);
}

TEST_CASE("Strips, roller and room: the hands are told what makes the sheet, and a word for a number is refused") {
    Desk desk;
    take(desk, "chest");
    desk.station(Station::skin);
    desk.tab("skinTabs", 1);
    const auto hands = [&] { return desk.find<QLabel>("skinHands")->text(); };
    CHECK(hands().contains("Roller at"));
    auto* strips = desk.find<QLineEdit>("strips");
    const auto type = [&](const QString& text) {
        strips->setFocus();
        strips->selectAll();
        QTest::keyClicks(strips, text);
        Desk::key(strips, Qt::Key_Return);
    };
    type("2; 1");
    CHECK(desk.document().production().stock.shop.strips_mm == std::vector<double>{2, 1});
    CHECK(hands().contains("Between strips of 1.0 mm on 2.0 mm: 3.0 mm"));
    type("2; thick");
    CHECK(desk.refused.join(" ").contains("thick"));
    CHECK(desk.document().production().stock.shop.strips_mm == std::vector<double>{2, 1});
    const int readings = desk.find<QListWidget>("rollerReadings")->count();
    desk.type("rollerSetting", "9");
    desk.type("rollerSheet", "0.4");
    desk.click("rollerAdd");
    CHECK(desk.find<QListWidget>("rollerReadings")->count() == readings + 1);
    desk.type("room", "28");
    CHECK(desk.document().production().stock.shop.room_C == 28);
    CHECK(desk.report().shelf.shop.room_C == 28);
    desk.type("puttyRate", "65");
    CHECK(desk.report().shelf.shop.putty_g_h == 65);
    // What stiff ends need at full bend is told at Bulk, and follows the gap.
    desk.station(Station::bulk);
    const auto* table = desk.find<app::StationTable>("bulkTable");
    const bool told = std::any_of(table->rows().begin(), table->rows().end(), [](const app::StationRow& r) {
        return r.shown.name == "gap, breast" && r.shown.margin >= 1;
    });
    CHECK(told);
    CHECK_FALSE(desk.find<QLabel>("clearance")->isVisible());
    REQUIRE(desk.document().change(
        "", [&](const document::Edits& e) { return e.setGap(desk.document().puppet().limbs[0].id, "breast", 1); }));
    CHECK(desk.find<QLabel>("clearance")->text().contains("stiff meets stiff"));
}

TEST_CASE("A cover is put on, left bare at one end, and its seam goes to the side away from the camera") {
    Desk desk;
    desk.document().showPuppet(1);
    take(desk, "barrel");
    desk.station(Station::skin);
    desk.tab("skinTabs", 3);
    const auto text = [&] { return desk.find<QLabel>("coverText")->text(); };
    CHECK(desk.find<QWidget>("patternView")->isVisible());
    CHECK(text().contains("on its right")); // the camera stands on Brindle's left
    desk.pickData("camera", 180.0);
    CHECK_FALSE(text().contains("on its right"));
    const double cloth = desk.report().choice.totals.cover_g;
    desk.type("coverTo", "60");
    CHECK(desk.report().choice.totals.cover_g < cloth);
    CHECK(text().contains("stay bare"));
    desk.pickData("cover", QString());
    CHECK_FALSE(desk.find<QWidget>("patternView")->isVisible());
    for (int i = 0; i < 3; ++i)
        desk.undo();
    CHECK(std::abs(desk.report().choice.totals.cover_g - cloth) < 1e-9);
    // A box has no pattern, but its faces are said: the cloth that they come to lies half way through its thickness.
    desk.document().showPuppet(0);
    Desk::settle();
    for (std::size_t i = 0; i < desk.report().choice.parts.size(); ++i) {
        const fill::Part& p = desk.report().choice.parts[i];
        if (p.label != "satchel") continue;
        desk.take(app::selectionOf(desk.report(), static_cast<int>(i)));
        const auto found =
            QRegularExpression("each of ([0-9.]+) mm by ([0-9.]+) mm, [0-9.]+ mm by ([0-9.]+) mm").match(text());
        INFO(text().toStdString());
        REQUIRE(found.hasMatch());
        const double a = found.captured(1).toDouble(), b = found.captured(2).toDouble(),
                     c = found.captured(3).toDouble();
        const double t = p.layers.cover_mm;
        const auto faces = [](double x, double y, double z) { return 2 * (x * y + y * z + z * x); };
        CHECK(faces(a + t, b + t, c + t) == Approx(p.covered_mm2).epsilon(0.01));
        CHECK(faces(a, b, c) < p.covered_mm2);
        return;
    }
    FAIL("no satchel");
}

TEST_CASE("A puppet of 35 mm reads in words that can be followed") {
    // It kept skins of 6 mm and read 0.00 g and tear 30 x 0 cm.
    Desk desk;
    const double skin = desk.report().choice.parts[0].layers.skin_mm;
    desk.document().change("start small", [](const document::Edits& e) { return e.startAt(35); });
    desk.settle();
    desk.station(Station::bulk);
    CHECK(desk.report().choice.parts[0].layers.skin_mm <= skin);
    int scraps = 0;
    for (auto* list : desk.window.findChildren<QListWidget*>()) {
        if (!list->isVisible()) continue;
        for (int i = 0; i < list->count(); ++i) {
            const QString text = list->item(i)->text();
            INFO(text.toStdString());
            CHECK_FALSE(text.contains("0.00 g"));
            CHECK_FALSE(text.contains(QString::fromUtf8("\u00d7") + " 0 cm"));
            scraps += text.contains("a scrap of foil");
        }
    }
    CHECK(scraps > 0);
    for (auto* label : desk.window.findChildren<QLabel*>())
        if (label->isVisible()) CHECK_FALSE(label->text().contains("0.00 g"));
    CHECK(app::Text::grams(0.0003) == "under 0.01 g");
}

TEST_CASE("A boot whose clay meets in its middle is drawn solid, as it is weighed, and a thinner one hollow in both") {
    Desk desk;
    const auto& parts = desk.report().choice.parts;
    const auto boot = std::find_if(parts.begin(), parts.end(), [](const fill::Part& p) {
        return p.mass >= 0 && p.label.english().find("boot") != std::string::npos;
    });
    REQUIRE(boot != parts.end());
    const int part = static_cast<int>(boot - parts.begin());
    const document::PartRef ref = app::refOf(desk.document(), part);
    for (const double share : {1.0, 0.6}) {
        body::Layers layers = app::layersOf(desk.document(), part);
        layers.clay = "air-dry-white", layers.bulk.clear(), layers.cover.clear(), layers.coats.clear();
        layers.skin_mm = share * parts[nth(part)].thinnest_mm;
        REQUIRE(desk.document().change("skin", [&](const document::Edits& e) { return e.setLayers(ref, layers); }));
        Desk::settle();
        const fill::Part& now = desk.report().choice.parts[nth(part)];
        app::SectionView section;
        section.show(desk.document(), part);
        // Weighed full: skin and the metal in it are all that there is.
        const bool full = now.skin.volume_mm3 + now.wire.volume_mm3 > 0.999 * now.volume_mm3;
        CHECK(full == (share == 1.0));
        CHECK(section.isSolid() == full);
    }
}
