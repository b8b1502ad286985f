// Shots added and changed, motion taken in, a break noted: what the film wears follows.
#include "stations/shoot/shoot_page.h"
#include "stations/shoot/shot_frames.h"
#include "stations/shoot/shot_table.h"
#include "support/driven.h"
#include "support/sanitized.h"
#include "widgets/fields.h"
#include "widgets/tabs.h"
#include <QLabel>
#include <QTemporaryDir>
#include <fstream>

using results::Station;

namespace {
app::ShotWearJob::State filmOf(Desk& desk) {
    auto& job = desk.window.findChild<app::ShootPage*>()->job();
    job.follow(desk.document());
    REQUIRE(job.wait(kPatience_ms));
    Desk::settle();
    return job.state();
}
} // namespace

TEST_CASE("A shot read from a motion file moves a swap, and undo moves it back", "[window]") {
    Desk desk(Station::shoot);
    auto* page = desk.window.findChild<app::ShootPage*>();
    auto* table = desk.find<app::ShotTable>("shotTable");
    auto k = filmOf(desk);
    REQUIRE(k->of->shots.size() == 6);
    REQUIRE_FALSE(k->film.ledger.swaps.empty());
    const auto firstSwap = [&] {
        int first = 99;
        for (const auto& s : k->film.ledger.swaps)
            if (s.puppet == 0 && s.copy == 1) first = std::min(first, s.shot);
        return first;
    };
    const int before = firstSwap();
    // By keys along the cards.
    table->setFocus();
    table->setShot(0);
    QTest::keyClick(table, Qt::Key_Right);
    CHECK(table->shot() == 1);
    CHECK(desk.find<QLineEdit>("shotName")->text() == "Along the wall");
    // The walk goes on for a minute: the knees are due earlier.
    std::ifstream in(std::string(ENKINET_SOURCE_DIR) + "/data/demo/along-the-wall.bvh");
    std::string text((std::istreambuf_iterator<char>(in)), {});
    const auto frames = text.find("Frames: 97");
    REQUIRE(frames != std::string::npos);
    const auto rows = text.find('\n', text.find("Frame Time:")) + 1;
    const std::string once = text.substr(rows);
    std::string longer = text.substr(0, frames) + "Frames: 1455" + text.substr(frames + 10, rows - frames - 10);
    for (int i = 0; i < 15; ++i)
        longer += once;
    QTemporaryDir folder;
    const QString path = folder.filePath("long-walk.bvh");
    std::ofstream(path.toStdString()) << longer;
    page->setShot(1);
    const QString fault = page->takeMotion(path);
    INFO(fault.toStdString());
    REQUIRE(fault.isEmpty());
    k = filmOf(desk);
    CHECK(k->of->shots[1].frames == 1455);
    CHECK(k->of->shots[1].source == "long-walk.bvh");
    CHECK(firstSwap() < before);
    CHECK(desk.find<QLabel>("swapList")->isVisible());
    desk.document().undoStack().undo();
    k = filmOf(desk);
    CHECK(firstSwap() == before);
    // What is no motion is refused and changes nothing.
    const auto value = desk.document().value();
    CHECK_FALSE(page->takeMotion(folder.filePath("none.bvh")).isEmpty());
    std::ofstream(folder.filePath("bad.csv").toStdString()) << "frame,limb\n1,2\n";
    CHECK_FALSE(page->takeMotion(folder.filePath("bad.csv")).isEmpty());
    CHECK(desk.document().value() == value);
    CHECK(page->takeMotion(QString(ENKINET_SOURCE_DIR) + "/data/demo/the-letter.csv").isEmpty());
}

TEST_CASE("A shot is gone through pose by pose, what follows what is changed, and the wire is asked for it",
          "[window]") {
    Desk desk(Station::shoot);
    auto* page = desk.window.findChild<app::ShootPage*>();
    filmOf(desk);
    page->setShot(1);
    desk.find<app::Tabs>("shootTabs")->setCurrent(1);
    Desk::settle();
    auto* frames = desk.find<app::ShotFrames>("shotFrames");
    REQUIRE(frames->isVisible());
    REQUIRE(frames->exposures() > 10);
    REQUIRE(frames->wait(kPatience_ms));
    Desk::settle();
    CHECK_FALSE(frames->isLooking());
    CHECK(frames->remarks().empty()); // the demo's walk is sound
    CHECK(desk.find<QListWidget>("shotRemarks")->item(0)->text().startsWith("Nothing"));
    frames->setFocus();
    QTest::keyClick(frames, Qt::Key_Right);
    QTest::keyClick(frames, Qt::Key_Right);
    CHECK(frames->exposure() == 2);
    QTest::keyClick(frames, Qt::Key_End);
    CHECK(frames->exposure() == frames->exposures() - 1);
    QTest::keyClick(frames, Qt::Key_Right);
    CHECK(frames->exposure() == frames->exposures() - 1);
    CHECK(static_cast<int>(frames->parts().size()) == frames->exposures());
    // The picture changes with the pose.
    const QImage last = frames->grab().toImage();
    QTest::keyClick(frames, Qt::Key_Home);
    CHECK(frames->grab().toImage() != last);
    QTest::keyClick(frames, Qt::Key_Space);
    CHECK(frames->isPlaying());
    QTest::qWait(400);
    CHECK(frames->exposure() > 0);
    desk.press("shotRun");
    CHECK_FALSE(frames->isPlaying());
    // The file's own joints can be chosen once it has been taken in; what was chosen is kept for the next time.
    auto* mover = desk.find<app::ChoiceField>("shotMover");
    CHECK_FALSE(mover->isEnabled());
    const QString walk = QString(ENKINET_SOURCE_DIR) + "/data/demo/along-the-wall.bvh";
    REQUIRE(page->takeMotion(walk).isEmpty());
    filmOf(desk);
    REQUIRE(mover->isEnabled());
    const auto before = desk.document().production().shots[1].cast[0];
    REQUIRE_FALSE(before.links.empty());
    const document::MotionLink first = before.links[0];
    desk.pickData("shotMoved", QString::fromStdString(first.limb + "/" + first.joint) + (first.right ? "/r" : "/l"));
    CHECK(mover->currentText().toStdString() == first.from);
    desk.pickData("shotMover", QString());
    filmOf(desk);
    const auto after = desk.document().production().shots[1].cast[0];
    CHECK(after.histories.size() == before.histories.size() - 1);
    REQUIRE(page->takeMotion(walk).isEmpty());
    filmOf(desk);
    CHECK((desk.document().production().shots[1].cast[0].histories == after.histories));
    // Every joint that acts is asked anew, as one step that is taken back as one.
    desk.find<app::Tabs>("shootTabs")->setCurrent(0);
    Desk::settle();
    const auto value = desk.document().value();
    desk.press("shotDesign");
    int asked = 0;
    for (const body::Limb& l : desk.document().puppet().limbs)
        for (const body::Joint& j : l.joints)
            asked += j.need_s.has_value();
    CHECK(asked > 4);
    desk.document().undoStack().undo();
    CHECK(desk.document().production() == *value);
}

TEST_CASE("A shot is added, named, timed, cast, ordered, shot and taken away", "[window]") {
    Desk desk(Station::shoot);
    filmOf(desk);
    desk.press("shotAdd");
    auto k = filmOf(desk);
    REQUIRE(k->of->shots.size() == 7);
    desk.write("shotName", "By the lamp");
    desk.type("shotFrames", "480");
    desk.write("shotDay", "2026-12-29");
    desk.pickData("shotCopy", 2);
    desk.pickData("shotActing", 2);
    k = filmOf(desk);
    const document::Shot& s = k->of->shots[6];
    CHECK(s.name == "By the lamp");
    CHECK(s.frames == 480);
    CHECK(s.day == parseIsoDate("2026-12-29"));
    REQUIRE(s.cast.size() == 1);
    CHECK(s.cast[0].copy == 2);
    CHECK(s.cast[0].acting == body::Acting::broad);
    bool worn = false;
    for (const shoot::WearRow& r : k->film.ledger.rows)
        worn = worn || (r.shot == 6 && r.copy == 2 && r.damage > 0);
    CHECK(worn);
    desk.press("shotEarlier");
    CHECK(desk.document().production().shots[5].name == "By the lamp");
    filmOf(desk);
    desk.press("shotDone");
    CHECK(desk.document().production().shots[5].done);
    filmOf(desk);
    desk.press("shotBreak");
    CHECK(desk.document().production().shots[5].breaks.size() == 1);
    desk.write("shotDay", "next week");
    CHECK(desk.refused.size() == 1);
    desk.press("shotRemove");
    CHECK(desk.document().production().shots.size() == 6);
    // An empty film says what to do.
    for (int i = 0; i < 6; ++i)
        desk.press("shotRemove");
    CHECK(desk.document().production().shots.empty());
    CHECK(desk.find<QLabel>("shootVerdict")->text().contains("first shot"));
}

TEST_CASE("What is in the can and what broke teach the wire's life, once each, and undo forgets it", "[window]") {
    Desk desk(Station::shoot);
    filmOf(desk);
    auto* page = desk.window.findChild<app::ShootPage*>();
    const auto& wears = [&]() -> const std::vector<wire::WearTest>& {
        return desk.document().production().stock.wearTests;
    };
    const std::size_t before = wears().size();
    int shot = -1;
    for (std::size_t i = 0; i < desk.document().production().shots.size(); ++i)
        if (!desk.document().production().shots[i].done && shot < 0) shot = static_cast<int>(i);
    REQUIRE(shot >= 0);
    page->setShot(shot);
    const std::string id = desk.document().production().shots[nth(shot)].id;
    const auto calibrations = desk.report().stock.calibrations;
    desk.press("shotDone");
    filmOf(desk);
    const auto of = [&] {
        return std::count_if(wears().begin(), wears().end(), [&](const wire::WearTest& t) { return t.shot == id; });
    };
    CHECK(of() > 0);
    for (const wire::WearTest& t : wears())
        if (t.shot == id) CHECK_FALSE(t.broke);
    // What lasted makes no wire worse.
    const auto& now = desk.report().stock.calibrations;
    bool better = false;
    for (std::size_t i = 0; i < now.size(); ++i) {
        CHECK(now[i].lifeLn >= calibrations[i].lifeLn - 1e-9);
        better = better || now[i].lasted > calibrations[i].lasted;
    }
    CHECK(better);
    const auto lasted = of();
    page->setShot(shot);
    // A joint of it that moves.
    const auto moved = std::find_if(wears().begin(), wears().end(), [&](const wire::WearTest& t) {
        return t.shot == id && t.joint.starts_with(desk.document().puppet().id + "/");
    });
    REQUIRE(moved != wears().end());
    const QStringList key = QString::fromStdString(moved->joint).split('/');
    desk.pickData("shotBroke", key[2] + "/" + key[3] + "/" + key[4]);
    desk.press("shotBreak");
    filmOf(desk);
    CHECK(of() == lasted);
    CHECK(std::count_if(wears().begin(), wears().end(),
                        [&](const wire::WearTest& t) { return t.shot == id && t.broke; }) == 1);
    desk.document().undoStack().undo();
    desk.takeBack();
    CHECK(wears().size() == before);
    CHECK(desk.report().stock.calibrations == calibrations);
}
