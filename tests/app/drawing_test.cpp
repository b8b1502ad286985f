// A new user's way: from an empty bench and a drawn front and side picture of Old Reed to a posed, checked, saved
// puppet, with mouse and keys; then the parts of the sheet one by one.
#include "base/units.h"
#include "sheet/picture_shelf.h"
#include "stations/sheet/limbs_tab.h"
#include "stations/sheet/pictures_tab.h"
#include "support/driven.h"
#include "turntable/turntable.h"
#include "widgets/fields.h"
#include "widgets/picture_bytes.h"
#include "words/text.h"
#include <QFile>
#include <QFileInfo>
#include <QLabel>
#include <QTemporaryDir>
#include <QUndoStack>

using app::View;
using results::Station;

namespace {

QPoint onScreen(Desk& desk, View view, const Vec3& at) {
    return desk.window.sheet().toScreen(view, app::project(view, at)).toPoint();
}

void clickAt(Desk& desk, View view, const Vec3& at) { Desk::mouse(&desk.window.sheet(), onScreen(desk, view, at)); }

void drag(QWidget* on, QPoint from, QPoint to, int steps = 8) {
    QTest::mousePress(on, Qt::LeftButton, {}, from);
    for (int i = 1; i <= steps; ++i)
        QTest::mouseMove(on, from + (to - from) * i / steps);
    QTest::mouseRelease(on, Qt::LeftButton, {}, to);
    Desk::settle();
}

void mark(Desk& desk, body::LimbKind kind, bool both, View view, const std::vector<Vec3>& points) {
    desk.pickData("newKind", static_cast<int>(kind));
    desk.pickData("newMirror", both);
    desk.click("markLimb");
    for (const Vec3& p : points)
        clickAt(desk, view, p);
    Desk::key(&desk.window.sheet(), Qt::Key_Return);
}

} // namespace

TEST_CASE("From an empty bench and two drawings to a posed, checked, saved heron") {
    Desk desk(false);
    desk.startOwn("300");

    // The pictures: as high as the puppet, standing on the base line.
    desk.tab("sheetTabs", 1);
    auto* pictures = desk.window.findChild<app::PicturesTab*>();
    pictures->addPicture("old-reed-front.svg", demoBytes("old-reed-front.svg"), false);
    pictures->addPicture("old-reed-side.svg", demoBytes("old-reed-side.svg"), true);
    REQUIRE(desk.document().puppet().pictures.size() == 2);
    for (const auto& p : desk.document().puppet().pictures)
        CHECK(p.mm_px > 0.05);

    // Marked on the bones of the heron that the drawings were made of.
    const body::Puppet& drawn = demo().puppets[2];
    desk.tab("sheetTabs", 2);
    std::vector<Vec3> spine, leg;
    for (const auto& j : drawn.limbs[0].joints)
        spine.push_back(j.at_mm);
    mark(desk, body::LimbKind::spine, false, View::side, spine);
    REQUIRE(desk.document().puppet().limbs.size() == 1);
    CHECK(desk.document().puppet().limbs[0].joints.size() == spine.size());
    const std::string seat = desk.document().puppet().limbs[0].joints[1].id;
    for (const auto& j : drawn.limbs[1].joints)
        leg.push_back(j.at_mm);
    mark(desk, body::LimbKind::leg, true, View::front, leg);
    REQUIRE(desk.document().puppet().limbs.size() == 2);
    CHECK(desk.document().puppet().limbs[1].mirrored);
    CHECK(desk.document().puppet().limbs[1].hangsOnLimb == "spine");
    // The foot goes 15 mm into the base.
    auto* hold = desk.window.findChild<app::LimbsTab*>();
    for (QComboBox* box : hold->findChildren<QComboBox*>())
        if (const int i = box->findData(15.0); i >= 0) {
            box->setCurrentIndex(i);
            Q_EMIT box->activated(i);
        }
    Desk::settle();
    CHECK(desk.document().puppet().limbs[1].tieDown);

    // Widths off the drawings.
    desk.tab("sheetTabs", 1);
    desk.document().select({});
    desk.click("readWidths");
    int dressed = 0;
    for (const auto& l : desk.document().puppet().limbs)
        for (const auto& s : l.segments)
            dressed += !s.sections.empty();
    CHECK(dressed >= 5);
    CHECK(desk.find<QLabel>("widthsSaid")->text().contains("read"));
    // Places in doubt are named and stepped through: each is in hand then.
    auto* doubts = desk.find<QListWidget>("widthDoubts");
    REQUIRE(doubts->count() > 0);
    for (int row = 0; row < std::min(doubts->count(), 3); ++row) {
        doubts->setCurrentRow(row);
        Desk::settle();
        const app::Selection& s = desk.document().selection();
        REQUIRE(s.kind == app::Selection::Kind::segment);
        const body::Limb& l = desk.document().puppet().limbs[nth(s.limb)];
        CHECK(doubts->item(row)->text().startsWith(app::Text::capital(l.segments[nth(s.index)].name)));
    }
    desk.document().select({});

    // A pose: the neck bent on the side elevation, kept by name.
    desk.tab("sheetTabs", 3);
    const auto& hinges = desk.report().choice.skeleton.hinges;
    REQUIRE(hinges.size() >= 4);
    const auto& neck = hinges[1];
    desk.document().select({app::Selection::Kind::joint, 0, neck.joint, false});
    desk.type("forth", "12");
    CHECK(desk.document().puppet().board.angles.size() == 1);
    QTest::keyClicks(desk.find<QLineEdit>("poseName"), "looking down");
    desk.click("poseKeep");
    CHECK(desk.document().puppet().poses.size() == 1);

    // Checked and saved; it comes back the same.
    desk.tab("sheetTabs", 4);
    CHECK(desk.find<QListWidget>("checks")->count() >= 2);
    QTemporaryDir dir;
    REQUIRE(desk.document().saveAs(dir.filePath("heron.enkinet")).isEmpty());
    app::Document again;
    REQUIRE(again.open(dir.filePath("heron.enkinet")).isEmpty());
    CHECK(again.production() == desk.document().production());
    CHECK(again.production().pictures.size() == 2);
    // All of it can be taken back, step by step.
    while (desk.document().undoStack().canUndo())
        desk.document().undoStack().undo();
    CHECK(desk.document().puppet().limbs.empty());
}

TEST_CASE("A point is dragged with snapping, nudged by keys, and one drag is one step back") {
    Desk desk;
    desk.tab("sheetTabs", 2);
    const auto knee = [&] { return desk.document().puppet().limbs[2].joints[2].at_mm; };
    const Vec3 before = knee();
    const QPoint from = onScreen(desk, View::front, before);
    drag(&desk.window.sheet(), from, from + QPoint(22, 13));
    CHECK(knee().x > before.x + 3);
    CHECK(knee().z == before.z);
    CHECK(desk.document().undoStack().count() == 1);
    QTest::keyClick(&desk.window.sheet(), Qt::Key_Up, Qt::ShiftModifier);
    const double y = knee().y;
    QTest::keyClick(&desk.window.sheet(), Qt::Key_Up);
    CHECK(knee().y == Approx(y + 0.1));
    desk.undo();
    desk.undo();
    CHECK(knee() == before);
    // On the side elevation depth is dragged, and what the view does not see is kept.
    const QPoint side = onScreen(desk, View::side, before);
    drag(&desk.window.sheet(), side, side + QPoint(30, 0));
    CHECK(knee().x == before.x);
    CHECK(knee().z > before.z + 5);
}

TEST_CASE("The edge of a section is dragged on either elevation") {
    Desk desk;
    desk.tab("sheetTabs", 2);
    desk.takeSegment(2, 1);
    const auto& rest = desk.report().choice.rest;
    const auto link =
        std::find_if(rest.links.begin(), rest.links.end(), [](const auto& l) { return l.label == "left thigh"; });
    const auto station = [&] { return desk.document().puppet().limbs[2].segments[1].sections[1]; };
    const double a = station().a_mm, b = station().b_mm;
    const QPoint edge = onScreen(desk, View::front, link->to + a * link->a);
    drag(&desk.window.sheet(), edge, edge + QPoint(edge.x() > onScreen(desk, View::front, link->to).x() ? 12 : -12, 0));
    CHECK(station().a_mm > a + 2);
    CHECK(station().b_mm == b);
}

TEST_CASE("A forearm bends under the hand on the elevation and on the turntable, never past its range") {
    Desk desk;
    desk.tab("sheetTabs", 3);
    const auto elbow = [&](bool right) {
        return body::findAngle(desk.document().puppet().board, "arm", "elbow", right);
    };
    const auto& limb = desk.document().puppet().limbs[1];
    const Vec3 at = limb.joints[2].at_mm, wrist = limb.joints[3].at_mm;
    const QPoint hinge = onScreen(desk, View::side, at), from = onScreen(desk, View::side, at + 0.73 * (wrist - at));
    drag(&desk.window.sheet(), from, hinge + QPoint(45, 8), 20);
    const double bent = elbow(false).forth_rad + elbow(true).forth_rad;
    CHECK(bent > degToRad(20)); // the arm nearest the viewer came forward
    CHECK(bent <= degToRad(60) + 1e-9);
    CHECK(desk.document().undoStack().count() == 1);
    desk.click("poseMirror");
    CHECK(elbow(false).forth_rad + elbow(true).forth_rad == Approx(bent));
    desk.click("poseRest");
    CHECK(desk.document().puppet().board.angles.empty());

    desk.window.showTurntable(true);
    Desk::settle();
    auto* view = must(desk.window.turntable().view());
    view->setOrbit({kPi / 2, 0}); // from its left side
    Desk::settle();
    view->grabFramebuffer();
    const auto& hinges = desk.report().choice.skeleton.hinges;
    int left = -1;
    for (std::size_t i = 0; i < hinges.size(); ++i)
        if (hinges[i].label == "left elbow") left = static_cast<int>(i);
    const QPointF joint = view->hingeOnScreen(left);
    QPoint grab;
    for (int d = 14; d < 60 && grab.isNull(); ++d)
        if (const int part = view->partAt(joint + QPointF(-2, d));
            part >= 0 && desk.report().choice.parts[nth(part)].label == "left forearm")
            grab = (joint + QPointF(-2, d)).toPoint();
    REQUIRE_FALSE(grab.isNull());
    drag(view, grab, joint.toPoint() + QPoint(-40, 10), 20);
    CHECK(std::abs(elbow(false).forth_rad) > degToRad(15));
    CHECK(elbow(true).forth_rad == 0);
    CHECK(view->triangles() <= 40000);
    // The paper turns the stand.
    const double yaw = view->orbit().yaw_rad;
    drag(view, QPoint(20, 60), QPoint(120, 60));
    CHECK(view->orbit().yaw_rad != yaw);
}

TEST_CASE("The caliper keeps a distance, and what the real piece measured beside it") {
    Desk desk;
    desk.tab("sheetTabs", 4);
    desk.click("caliper");
    drag(&desk.window.sheet(), onScreen(desk, View::front, {0, 0, 0}), onScreen(desk, View::front, {0, 100, 0}));
    REQUIRE(desk.document().puppet().measures.size() == 1);
    const auto& m = desk.document().puppet().measures[0];
    CHECK(norm(m.to_mm - m.from_mm) == Approx(100).margin(0.6));
    desk.find<QListWidget>("measures")->setCurrentRow(0);
    desk.type("measured", "103");
    CHECK(desk.document().puppet().measures[0].measured_mm == 103.0);
    CHECK(desk.find<QListWidget>("measures")->item(0)->text().contains("+"));
}

TEST_CASE("A picture is scaled by two points whose true distance is typed") {
    Desk desk;
    desk.tab("sheetTabs", 1);
    desk.window.findChild<app::PicturesTab*>()->addPicture("old-reed-front.svg", demoBytes("old-reed-front.svg"),
                                                           false);
    const double before = desk.document().puppet().pictures[0].mm_px;
    desk.click("scaleByTwo"); // 100 mm
    drag(&desk.window.sheet(), onScreen(desk, View::front, {0, 20, 0}), onScreen(desk, View::front, {0, 70, 0}));
    CHECK(desk.document().puppet().pictures[0].mm_px == Approx(2 * before).epsilon(0.02));
    // It goes with the hand that drags it, however often the paper would be fitted anew.
    const auto placed = [&] { return desk.document().puppet().pictures[0]; };
    const double x = placed().x_mm, y = placed().y_mm;
    desk.click("movePicture");
    const QPoint at = onScreen(desk, View::front, {0, 40, 0}), by(60, -25);
    const QPointF moved = desk.window.sheet().toMm(View::front, at + by) - desk.window.sheet().toMm(View::front, at);
    drag(&desk.window.sheet(), at, at + by);
    CHECK(placed().x_mm - x == Approx(moved.x()).margin(1e-6));
    CHECK(placed().y_mm - y == Approx(-moved.y()).margin(1e-6));
    desk.click("removePicture");
    CHECK(desk.document().production().pictures.empty());
    desk.undo();
    CHECK(desk.document().production().pictures.size() == 1);
}

TEST_CASE("Hostile and huge pictures are refused with a sentence") {
    QString why;
    const char* svg =
        R"(<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><image href="http://example.invalid/x.png"/></svg>)";
    CHECK(app::readPicture(svg, &why).isNull());
    CHECK(why.contains("outside"));
    CHECK(app::readPicture(R"(<?xml version="1.0"?><!DOCTYPE x [<!ENTITY a "b">]><svg/>)", &why).isNull());
    CHECK(app::readPicture("not a picture", &why).isNull());
    CHECK(app::readPicture("", &why).isNull());
    // A PNG header that claims 60000 x 60000.
    std::string png("\x89PNG\r\n\x1a\n\0\0\0\rIHDR\0\0\xea\x60\0\0\xea\x60\x08\x02\0\0\0", 29);
    png += std::string(40, '\0');
    CHECK(app::readPicture(png, &why).isNull());
    CHECK_FALSE(why.isEmpty());
    Desk desk;
    desk.window.findChild<app::PicturesTab*>()->addPicture("bad.png", "not a picture", false);
    CHECK(desk.window.message().contains("bad.png"));
    CHECK(desk.document().puppet().pictures.empty());
}

TEST_CASE("A limb is copied from one puppet and pasted on another; a mass is added and removed") {
    Desk desk;
    desk.tab("sheetTabs", 2);
    desk.takeSegment(1, 1);
    desk.click("copyLimb");
    desk.document().showPuppet(1);
    Desk::settle();
    const auto before = desk.document().puppet().limbs.size();
    desk.click("pasteLimb");
    REQUIRE(desk.document().puppet().limbs.size() == before + 1);
    CHECK(desk.document().puppet().limbs.back().name == "arm");
    desk.takeSegment(0, 1);
    desk.click("addBox");
    const auto masses = desk.document().puppet().masses.size();
    desk.window.findChild<app::LimbsTab*>()->removeSelected();
    CHECK(desk.document().puppet().masses.size() == masses - 1);
}

TEST_CASE("Life size draws a millimetre as large as the calibration says, and Escape puts everything down") {
    Desk desk;
    app::SheetView::setPixelsPerMm(5.2);
    desk.keys(Qt::Key_L);
    CHECK(desk.window.sheet().lifeSize());
    const QPointF a = desk.window.sheet().toScreen(View::front, {0, 0}),
                  b = desk.window.sheet().toScreen(View::front, {10, 0});
    CHECK(b.x() - a.x() == Approx(52));
    desk.keys(Qt::Key_L);
    CHECK_FALSE(desk.window.sheet().lifeSize());
    desk.keys(Qt::Key_M);
    CHECK(desk.window.sheet().hold());
    desk.keys(Qt::Key_Escape);
    CHECK_FALSE(desk.window.sheet().hold());
}

TEST_CASE("A picture that a file names but does not hold is passed over, and a bare file will not lose pictures") {
    Desk desk;
    document::Production p = demo();
    p.puppets[0].pictures.push_back({"pictures/gone.png", false, 0, 100, 1, 0, 0.5, 0, 0, 0, 0});
    QTemporaryDir dir;
    REQUIRE(files::saveProduction(dir.filePath("gone.enkinet").toStdString(), p));
    REQUIRE(desk.window.openFile(dir.filePath("gone.enkinet")));
    desk.tab("sheetTabs", 1);
    desk.click("fitHeight");
    CHECK(desk.window.message().contains("no figure"));
    desk.click("readWidths");
    CHECK(desk.window.message().contains("no picture"));
    desk.window.findChild<app::PicturesTab*>()->addPicture("old-reed-front.svg", demoBytes("old-reed-front.svg"),
                                                           false);
    CHECK(desk.document().saveAs(dir.filePath("bare.json")).contains(".enkinet"));
    CHECK_FALSE(QFileInfo::exists(dir.filePath("bare.json")));
    CHECK(desk.document().saveAs(dir.filePath("kept.enkinet")).isEmpty());
}

TEST_CASE("Recovery brings the pictures back too, and copies of a document share their bytes") {
    Desk desk;
    desk.document().setRecovery(true);
    desk.window.findChild<app::PicturesTab*>()->addPicture("old-reed-side.svg", demoBytes("old-reed-side.svg"), true);
    const auto before = desk.document().value();
    desk.type("height", "230");
    CHECK(&before->pictures.begin()->second.get() == &desk.document().production().pictures.begin()->second.get());
    REQUIRE(QTest::qWaitFor([&] { return desk.document().session().info().work; }, 3000));
    QTest::qWait(900);
    app::Document next;
    REQUIRE(next.openRecovery(desk.document().session().info()).isEmpty());
    CHECK(next.production() == desk.document().production());
    desk.document().dropRecovery();
}

TEST_CASE("Widths are smoothed without moving the ends, in one step") {
    Desk desk;
    desk.document().change("rough", [](const document::Edits& e) {
        return e.setSections("leg", 1, {{0, 8, 8}, {0.3, 14, 6}, {0.6, 5, 9}, {1, 9, 9}});
    });
    desk.tab("sheetTabs", 1);
    desk.takeSegment(2, 1);
    desk.click("smoothWidths");
    const auto& s = desk.document().puppet().limbs[2].segments[1].sections;
    CHECK(s[0].a_mm == 8);
    CHECK(s[3].a_mm == 9);
    CHECK(s[1].a_mm == Approx((8 + 28 + 5) / 4.0));
    CHECK(s[2].b_mm == Approx((6 + 18 + 9) / 4.0));
    desk.undo();
    CHECK(desk.document().puppet().limbs[2].segments[1].sections[1].a_mm == 14);
}

TEST_CASE("A click within the front picture is the front's, however far out, and two pictures lie side by side") {
    Desk desk(false);
    desk.startOwn("200");
    desk.tab("sheetTabs", 1);
    auto* pictures = desk.window.findChild<app::PicturesTab*>();
    // Wide ones, a figure in the middle of each.
    QByteArray wide = "<svg xmlns='http://www.w3.org/2000/svg' width='900' height='600'><rect width='900' height='600' "
                      "fill='white'/><rect x='400' y='40' width='100' height='540' fill='black'/></svg>";
    pictures->addPicture("front.svg", wide, false);
    pictures->addPicture("side.svg", wide, true);
    desk.tab("sheetTabs", 2);
    app::SheetView& sheet = desk.window.sheet();
    // Every point of either picture belongs to its own view.
    for (const body::Picture& p : desk.document().puppet().pictures)
        for (double x : {0.01, 0.5, 0.99}) {
            const View view = p.side ? View::side : View::front;
            const QPointF at = sheet.toScreen(view, QPointF(p.x_mm + x * 900 * p.mm_px, -p.y_mm + 5));
            INFO((p.side ? "side " : "front ") << x);
            CHECK(sheet.viewAt(at) == view);
            CHECK(QRectF(sheet.rect()).contains(at));
        }
    desk.pickData("newKind", static_cast<int>(body::LimbKind::spine));
    desk.click("markLimb");
    clickAt(desk, View::front, {0, 20, 0});
    clickAt(desk, View::front, {75, 120, 0});
    CHECK(sheet.hold()->hint().contains("front"));
    QTest::mouseMove(&sheet, onScreen(desk, View::side, {0, 100, 8}));
    QTest::mouseMove(&sheet, onScreen(desk, View::side, {0, 100, 10}));
    Desk::settle();
    CHECK(sheet.hold()->hint().contains("side"));
    Desk::key(&sheet, Qt::Key_Return);
    REQUIRE(desk.document().puppet().limbs.size() == 1);
    const Vec3 tip = desk.document().puppet().limbs[0].joints.back().at_mm;
    CHECK(std::abs(tip.x - 75) < 1.5);
    CHECK(tip.z == 0);

    // Without a picture it gets a body with typed half-widths, at one place or all along.
    desk.tab("sheetTabs", 0);
    desk.takeSegment(0, 0);
    desk.press("giveBody");
    const auto stations = [&] { return desk.document().puppet().limbs[0].segments[0].sections; };
    REQUIRE(stations().size() >= 2);
    desk.pickData("sectionPick", -1);
    desk.type("halfFront", "9.5");
    for (const body::Section& s : stations())
        CHECK(s.a_mm == 9.5);
    desk.pickData("sectionPick", 1);
    desk.type("halfFront", "7");
    CHECK(stations()[1].a_mm == 7);
    CHECK(stations()[0].a_mm == 9.5);

    // A weighed piece is drawn, named, weighed anew and taken back.
    desk.tab("sheetTabs", 2);
    desk.click("addWeighed");
    REQUIRE(desk.document().puppet().masses.size() == 1);
    CHECK(desk.document().selection().kind == app::Selection::Kind::mass);
    desk.tab("sheetTabs", 0);
    desk.write("massName", "mail bag");
    CHECK(desk.document().puppet().masses[0].name == "mail bag");
    desk.type("pieceWeight", "31");
    CHECK(desk.document().puppet().masses[0].weighed_g == 31);
    desk.undo();
    desk.undo();
    CHECK(desk.document().puppet().masses[0].name != "mail bag");
}

TEST_CASE("A winged kind begins by its span") {
    Desk desk(false);
    desk.pickData("startWhich", "winged");
    CHECK(desk.find<QWidget>("startHeight")->accessibleName() == "span");
    desk.type("startHeight", "420");
    desk.click("startKind");
    REQUIRE(desk.document().hasPuppet());
    CHECK(body::findSize(desk.document().puppet(), body::SizeKind::span) == Approx(420).margin(1));
}
