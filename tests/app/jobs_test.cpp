// What stands on screen while results are worked out in the background, and that nothing waits for a thread.
#include "base/stop.h"
#include "jobs/worker.h"
#include "print/build_sheets.h"
#include "support/driven.h"
#include "support/sanitized.h"
#include <QElapsedTimer>
#include <QLabel>
#include <QTemporaryDir>
#include <atomic>
#include <chrono>
#include <thread>

using results::Station;

TEST_CASE("An edit shows where things are at once and its numbers when they come; stale ones are said to be") {
    Desk desk;
    desk.document().setPatience(0);
    const double grams = desk.report().choice.totals.mass_g();
    const double tip = desk.report().choice.rest.links.front().from.y;
    REQUIRE(desk.document().change("taller", [](const document::Edits& e) { return e.setHeight(300); }));
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

TEST_CASE("Work that takes its time is announced until it is done") {
    Desk desk;
    auto* said = desk.find<QLabel>("working");
    CHECK_FALSE(said->isVisible());
    Q_EMIT desk.document().workingChanged(true);
    REQUIRE(QTest::qWaitFor([&] { return said->isVisible(); }, kPatience_ms));
    CHECK(said->text().contains("numbers are those of before"));
    Q_EMIT desk.document().workingChanged(false);
    CHECK_FALSE(said->isVisible());
    // What is done within a blink is not announced at all.
    Q_EMIT desk.document().workingChanged(true);
    Q_EMIT desk.document().workingChanged(false);
    QTest::qWait(300);
    CHECK_FALSE(said->isVisible());
}

TEST_CASE("Numbers that speak of another stock are not carried over while new ones come") {
    // A spool's place is part of them: with one spool less they would point past its end.
    Desk desk;
    desk.document().setPatience(0);
    const auto unused = [&] {
        const auto& spools = desk.document().production().stock.spools;
        for (std::size_t i = 0; i < spools.size(); ++i)
            if (std::none_of(desk.document().result().puppets.begin(), desk.document().result().puppets.end(),
                             [&](const auto& r) {
                                 return std::any_of(r->needs.begin(), r->needs.end(),
                                                    [&](const auto& n) { return n.card == spools[i].id; });
                             }) &&
                std::none_of(desk.document().production().stock.bendTests.begin(),
                             desk.document().production().stock.bendTests.end(),
                             [&](const auto& t) { return t.spool == spools[i].id; }) &&
                std::none_of(desk.document().production().stock.hangTests.begin(),
                             desk.document().production().stock.hangTests.end(),
                             [&](const auto& t) { return t.spool == spools[i].id; }))
                return spools[i].id;
        return std::string();
    }();
    REQUIRE_FALSE(unused.empty());
    desk.station(Station::wire);
    desk.clickJoint("left elbow");
    REQUIRE(desk.document().change("gone", [&](const document::Edits& e) { return e.removeSpool(unused); }));
    CHECK(desk.report().sketched);
    CHECK(desk.report().choice.limbs.front().chosen == -1);
    for (int tab = 0; tab < 5; ++tab)
        desk.tab("wireTabs", tab);
    CHECK((numbersOf(desk.report()) == numbersOf(reportOf(desk.document().production()))));
}

TEST_CASE("Sheets that are being printed keep their numbers while new ones come") {
    Desk desk;
    const app::BuildSheets sheets(desk.document().value(), 0, desk.document().sharedReport(),
                                  desk.document().sharedResult());
    REQUIRE(desk.document().change("gone", [](const document::Edits& e) { return e.removeLimb("arm"); }));
    REQUIRE(desk.document().change("small", [](const document::Edits& e) { return e.setHeight(120); }));
    QTemporaryDir dir;
    CHECK(sheets.writePdf(dir.filePath("then.pdf"), QPageSize::A4).isEmpty());
}

TEST_CASE("Another file's numbers are never those of before") {
    Desk desk;
    QTemporaryDir dir;
    document::Production p = demo();
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
    REQUIRE(desk.document().change("gone", [](const document::Edits& e) { return e.removeLimb("arm"); }));
    REQUIRE(desk.report().choice.limbs.size() < limbs);
    CHECK(desk.report().choice.limbs.front().state == choice::State::not_checked); // never fine
    CHECK(desk.report().open.empty());
    for (int station = 0; station < results::kStations; ++station)
        desk.window.setStation(static_cast<results::Station>(station));
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
            "gap", [i](const document::Edits& e) { return e.setGap("leg", "knee", 12 + 0.02 * i); },
            app::Document::Merge::yes));
    Desk::settle();
    CHECK(desk.report().choice.limbs[2].demands[1].gap_mm == Approx(14));
    CHECK((numbersOf(desk.report()) == numbersOf(reportOf(desk.document().production()))));
    CHECK(desk.document().undoStack().count() == 1);
}

TEST_CASE("A puppet chosen while results are on their way is shown, and then its numbers") {
    Desk desk;
    desk.document().setPatience(0);
    REQUIRE(desk.document().change("taller", [](const document::Edits& e) { return e.setHeight(250); }));
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
        REQUIRE(QTest::qWaitFor([&] { return begun == 1; }, kPatience_ms));
        CHECK_FALSE(worker.isIdle());
        for (int i = 1; i <= 5; ++i)
            worker.ask([&, i](const std::stop_token&) { answered = i; });
        REQUIRE(worker.waitIdle(kPatience_ms));
        CHECK(answered == 5);
        CHECK(stopped == 1);
        worker.ask(endless);
        REQUIRE(QTest::qWaitFor([&] { return begun == 2; }, kPatience_ms));
        clock.start();
    }
    CHECK(clock.elapsed() < 1000); // gone, whether or not the thread has looked at its token
    REQUIRE(QTest::qWaitFor([&] { return stopped == 2; }, kPatience_ms));
}
