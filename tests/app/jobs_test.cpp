// What stands on screen while results are worked out in the background, and that nothing waits for a thread.
#include "base/stop.h"
#include "jobs/worker.h"
#include "print/build_sheets.h"
#include "support/driven.h"
#include <QElapsedTimer>
#include <QLabel>
#include <QTemporaryDir>
#include <atomic>
#include <chrono>
#include <thread>

using namespace enkinet;
using namespace enkinet::test;

TEST_CASE("An edit shows where things are at once and its numbers when they come; stale ones are said to be") {
    Desk desk;
    desk.document().setPatience(0);
    const double grams = desk.report().choice.totals.mass_g();
    const double tip = desk.report().choice.rest.links.front().from.y;
    REQUIRE(desk.document().change("taller", [](const production::Edits& e) { return e.setHeight(300); }));
    REQUIRE(desk.document().isWorking());
    // Geometry of now, numbers of before.
    CHECK(desk.document().puppet().height_mm == 300);
    CHECK(desk.report().sketched);
    CHECK(desk.report().choice.rest.links.front().from.y == Approx(tip * 300 / 240));
    CHECK(desk.report().choice.totals.mass_g() == grams);
    auto* said = desk.find<QLabel>("working");
    Desk::settle();
    CHECK_FALSE(desk.document().isWorking());
    CHECK_FALSE(desk.report().sketched);
    CHECK_FALSE(said->isVisible());
    CHECK(desk.report().choice.totals.mass_g() > grams);
    CHECK((numbersOf(desk.report()) == numbersOf(reportOf(desk.document().production()))));
}

TEST_CASE("Work that takes its time is announced, and nothing of before goes out on paper meanwhile") {
    Desk desk;
    desk.document().setPatience(0);
    auto* said = desk.find<QLabel>("working");
    // A creature of many arms takes long enough to be seen.
    REQUIRE(desk.document().change("arms", [](const production::Edits& e) {
        std::vector<production::Edits::Step> steps;
        for (int i = 0; i < 50; ++i)
            steps.emplace_back([i](const production::Edits& x) {
                body::Limb l = demo().puppets[0].limbs[1];
                l.id = l.name = "feeler-" + std::to_string(i), l.mirrored = false;
                for (body::Joint& j : l.joints)
                    j.at_mm.y -= 0.3 * i;
                return x.addLimb(l);
            });
        return e.chain(steps);
    }));
    REQUIRE(desk.document().isWorking());
    CHECK(QTest::qWaitFor([&] { return said->isVisible() || !desk.document().isWorking(); }, 5000));
    CHECK(said->isVisible());
    CHECK(said->text().contains("before"));
    // A spool that goes while its numbers are still shown takes them with it.
    CHECK(desk.document().change("spool", [](const production::Edits& e) {
        choice::Spool s{"left-over", "left over", "copper-annealed", 0.45, 3, 0.1};
        return e.putSpool(s);
    }));
    CHECK(desk.report().sketched);
    CHECK(desk.report().stock.spools.size() != desk.document().production().stock.spools.size());
    CHECK(desk.report().choice.limbs.front().chosen == -1);
    desk.station(production::Station::wire);
    for (int leaf = 0; leaf < 5; ++leaf)
        desk.leaf("wireLeaves", leaf);
    Desk::settle();
    CHECK_FALSE(said->isVisible());
    CHECK((numbersOf(desk.report()) == numbersOf(reportOf(desk.document().production()))));
}

TEST_CASE("Sheets that are being printed keep their numbers while new ones come") {
    Desk desk;
    const app::BuildSheets sheets(desk.document().value(), 0, desk.document().sharedReport(),
                                  desk.document().sharedResult());
    REQUIRE(desk.document().change("gone", [](const production::Edits& e) { return e.removeLimb("arm"); }));
    REQUIRE(desk.document().change("small", [](const production::Edits& e) { return e.setHeight(120); }));
    QTemporaryDir dir;
    CHECK(sheets.writePdf(dir.filePath("then.pdf"), QPageSize::A4));
}

TEST_CASE("Another file's numbers are never those of before") {
    Desk desk;
    QTemporaryDir dir;
    production::Production p = demo();
    p.puppets[0].masses[0].layers.skin_mm = 6;
    REQUIRE(files::saveProduction(dir.filePath("other.json").toStdString(), p));
    desk.document().setPatience(0);
    REQUIRE(desk.document().open(dir.filePath("other.json")).isEmpty());
    CHECK(desk.document().isWorking());
    CHECK(desk.report().choice.limbs.front().chosen == -1);
    CHECK(desk.document().openPoints().empty());
    Desk::settle();
    CHECK((numbersOf(desk.report()) == numbersOf(reportOf(p))));
}

TEST_CASE("A limb more or less is drawn before anything is known of it") {
    Desk desk;
    desk.document().setPatience(0);
    const auto limbs = desk.report().choice.limbs.size();
    REQUIRE(desk.document().change("gone", [](const production::Edits& e) { return e.removeLimb("arm"); }));
    REQUIRE(desk.report().choice.limbs.size() < limbs);
    CHECK(desk.report().choice.limbs.front().state == choice::State::not_checked); // never fine
    CHECK(desk.report().open.empty());
    for (int station = 0; station < production::kStations; ++station)
        desk.window.setStation(static_cast<production::Station>(station));
    Desk::settle();
    CHECK((numbersOf(desk.report()) == numbersOf(reportOf(desk.document().production()))));
    desk.undo();
    CHECK((numbersOf(desk.report()) == numbersOf(reportOf(demo()))));
}

TEST_CASE("Of a hundred edits in a row the last one's results stand in the end") {
    Desk desk;
    desk.document().setPatience(0);
    for (int i = 1; i <= 100; ++i)
        REQUIRE(desk.document().change(
            "gap", [i](const production::Edits& e) { return e.setGap("leg", "knee", 12 + 0.02 * i); }, "gap"));
    Desk::settle();
    CHECK(desk.report().choice.limbs[2].demands[1].gap_mm == Approx(14));
    CHECK((numbersOf(desk.report()) == numbersOf(reportOf(desk.document().production()))));
    CHECK(desk.document().undoStack().count() == 1);
}

TEST_CASE("A puppet chosen while results are on their way is shown, and then its numbers") {
    Desk desk;
    desk.document().setPatience(0);
    REQUIRE(desk.document().change("taller", [](const production::Edits& e) { return e.setHeight(250); }));
    desk.document().showPuppet(1);
    CHECK(desk.document().puppet().id == "brindle");
    CHECK(desk.report().choice.rest.links.size() > 5);
    Desk::settle();
    CHECK((numbersOf(desk.report()) == numbersOf(reportOf(desk.document().production(), 1))));
}

TEST_CASE("A worker takes the newest question, heeds a stop, and is let go without waiting") {
    std::atomic<int> answered{0}, stopped{0}, begun{0};
    QElapsedTimer clock;
    {
        app::Worker worker;
        const auto endless = [&](const std::stop_token& stop) {
            ++begun;
            try {
                while (true) {
                    checkStop(stop);
                    std::this_thread::sleep_for(std::chrono::milliseconds(1));
                }
            } catch (const Stopped&) {
                ++stopped;
                throw;
            }
        };
        worker.ask(endless);
        REQUIRE(QTest::qWaitFor([&] { return begun == 1; }, 5000));
        CHECK_FALSE(worker.isIdle());
        for (int i = 1; i <= 5; ++i)
            worker.ask([&, i](const std::stop_token&) { answered = i; });
        REQUIRE(worker.waitIdle(5000));
        CHECK(answered == 5);
        CHECK(stopped == 1);
        worker.ask(endless);
        REQUIRE(QTest::qWaitFor([&] { return begun == 2; }, 5000));
        clock.start();
    }
    CHECK(clock.elapsed() < 1000); // gone, whether or not the thread has looked at its token
    REQUIRE(QTest::qWaitFor([&] { return stopped == 2; }, 5000));
}
