// The Bench station worked as a builder would: a tester that counts, bends counted by hand, a rod that breaks.
#include "base/units.h"
#include "devices/simulated.h"
#include "jobs/device_ports.h"
#include "stations/bench/bench_page.h"
#include "stations/bench/bench_table.h"
#include "support/driven.h"
#include <QFile>
#include <QTemporaryDir>
#include <fcntl.h>
#include <unistd.h>

using namespace enkinet::results;

namespace {

/// A terminal of our own, linked as the stand-in does it.
struct Plug {
    int fd = -1, keep = -1;
    QTemporaryDir folder;
    explicit Plug(Desk& desk, const char* name) {
        fd = posix_openpt(O_RDWR | O_NOCTTY | O_NONBLOCK);
        REQUIRE(fd >= 0);
        REQUIRE(grantpt(fd) == 0);
        REQUIRE(unlockpt(fd) == 0);
        keep = ::open(ptsname(fd), O_RDWR | O_NOCTTY | O_NONBLOCK);
        REQUIRE(QFile::link(ptsname(fd), folder.filePath(name)));
        desk.document().devices().setFolder(folder.path());
        REQUIRE(desk.document().devices().plugged() == 1);
    }
    void put(const std::string& bytes) {
        if (bytes.empty()) return;
        REQUIRE(::write(fd, bytes.data(), bytes.size()) == static_cast<ssize_t>(bytes.size()));
        for (int i = 0; i < 4; ++i)
            QApplication::processEvents(QEventLoop::AllEvents, 2);
    }
    ~Plug() {
        ::close(keep);
        ::close(fd);
    }
};

void choose(Desk& desk, const char* field, int entry) {
    auto* box = desk.find<QComboBox>(field);
    box->setFocus();
    QTest::keyClick(box, Qt::Key_Home);
    for (int i = 0; i < entry; ++i)
        Desk::key(box, Qt::Key_Down);
    REQUIRE(box->currentIndex() == entry);
}

} // namespace

TEST_CASE("A bend tester that is plugged in counts until the wire parts: its life and the choice follow", "[window]") {
    Desk desk(Station::bench);
    const auto stock = [&]() -> const document::Stock& { return desk.document().production().stock; };
    // The wire that the first limb was given.
    const auto& limb = desk.report().choice.limbs.front();
    const int spool = limb.candidates()[nth(limb.chosen)].spool;
    choose(desk, "benchSubject", spool);
    const std::string id = stock().spools[nth(spool)].id;
    const auto tests = [&] {
        return std::count_if(stock().bendTests.begin(), stock().bendTests.end(),
                             [&](const wire::BendTest& t) { return t.spool == id; });
    };
    const auto before = tests();
    const auto lives = [&] {
        std::vector<double> all;
        for (const auto& v : desk.report().choice.limbs.front().verdicts)
            all.push_back(v.life_s.value);
        return all;
    };
    const auto livesBefore = lives();
    const double knownBefore = desk.report().stock.calibrationOf(spool).lifeLn;
    desk.click("benchStart");
    CHECK(desk.find<QAbstractButton>("benchOne")->isVisible());
    Plug plug(desk, "bender");
    devices::Simulated bender("bender", 4, {1, 0.01, 0.01, 0});
    for (int tick = 0; tick < 3000 && bender.truths().empty(); ++tick)
        plug.put(bender.next());
    // Two readings more, and it is sure.
    for (int tick = 0; tick < 12; ++tick)
        plug.put(bender.next());
    Desk::settle();
    REQUIRE(bender.truths().size() == 1);
    // A dozen bends where the card says far more: asked about first, and nothing has changed.
    CHECK(tests() == before);
    CHECK(lives() == livesBefore);
    CHECK(desk.find<QLabel>("benchGuide")->text().contains("times less than is expected"));
    desk.click("benchKeep");
    REQUIRE(tests() == before + 1);
    const wire::BendTest kept = stock().bendTests.back();
    CHECK(kept.spool == id);
    CHECK(kept.cycles == bender.truths().front());
    CHECK(kept.angle_rad == Approx(degToRad(40)));
    CHECK(desk.report().stock.calibrationOf(spool).lifeLn < knownBefore);
    CHECK_FALSE(lives() == livesBefore);
    CHECK(desk.find<QLabel>("benchKnown")->text().contains("times the card's"));
    // The ruler shows it: what is known now lies left of what the card said.
    const auto& top = desk.find<app::BenchTable>("benchTable")->top();
    REQUIRE(top.card);
    REQUIRE(top.known);
    CHECK(top.known->median < top.card->median);
    CHECK(desk.find<app::BenchTable>("benchTable")->place(top.known->median) <
          desk.find<app::BenchTable>("benchTable")->place(top.card->median));
    desk.takeBack();
    CHECK(lives() == livesBefore);
}

TEST_CASE("Without a device bends are counted by Space, kept by Enter and dropped by Escape", "[window]") {
    Desk desk(Station::bench);
    auto* table = desk.find<app::BenchTable>("benchTable");
    const auto count = [&] { return desk.document().production().stock.bendTests.size(); };
    const std::size_t before = count();
    desk.click("benchStart");
    CHECK(table->hasFocus());
    for (int i = 0; i < 7; ++i)
        QTest::keyClick(table, Qt::Key_Space);
    CHECK(table->top().count == 7);
    // Somebody who cannot see it hears it.
    const auto parts = table->parts();
    CHECK(std::any_of(parts.begin(), parts.end(), [](const app::PicturePart& p) { return p.name.contains("7"); }));
    QTest::keyClick(table, Qt::Key_Escape);
    CHECK(count() == before);
    CHECK_FALSE(table->top().running);
    desk.click("benchStart");
    for (int i = 0; i < 9; ++i)
        QTest::keyClick(table, Qt::Key_Space);
    // So few where the card says many times as much is asked about; answered by the same key, or dropped.
    Desk::key(table, Qt::Key_Return);
    CHECK(count() == before);
    Desk::key(table, Qt::Key_Return);
    REQUIRE(count() == before + 1);
    CHECK(desk.document().production().stock.bendTests.back().cycles == 9);
    CHECK(table->top().broken);
    // And taken away again.
    auto* list = desk.find<QListWidget>("benchList");
    list->setCurrentRow(list->count() - 1);
    desk.click("benchRemove");
    CHECK(count() == before);
}

TEST_CASE("A rod that breaks early makes the cured parts more brittle; one too short is refused", "[window]") {
    Desk desk(Station::bench);
    choose(desk, "benchKind", 2);
    // The clay that most of Tansy is skinned with.
    std::string clay;
    for (const fill::Part& p : desk.report().choice.parts)
        if (!p.layers.clay.empty() && desk.report().shelf.clays.at(p.layers.clay).youngs_MPa > 0) clay = p.layers.clay;
    REQUIRE_FALSE(clay.empty());
    auto* subject = desk.find<QComboBox>("benchSubject");
    choose(desk, "benchSubject", subject->findData(QString::fromStdString(clay)));
    const auto strengths = [&] {
        std::vector<double> all;
        for (const auto& c : desk.report().cured)
            all.push_back(c.strength_Nmm);
        return all;
    };
    const auto before = strengths();
    REQUIRE_FALSE(before.empty());
    desk.type("benchRod", "8");
    desk.type("benchSpan", "40");
    desk.type("benchForce", "3");
    desk.click("benchKeep");
    CHECK(desk.document().production().stock.shop.breaks.empty());
    CHECK(desk.find<QLabel>("message")->text().contains("64")); // eight times as long as thick
    desk.type("benchSpan", "80");
    desk.click("benchKeep");
    CHECK(desk.find<QLabel>("benchGuide")->text().contains("times less than is expected"));
    desk.click("benchKeep");
    REQUIRE(desk.document().production().stock.shop.breaks.size() == 1);
    const auto after = strengths();
    REQUIRE(after.size() == before.size());
    double least = 1e9;
    for (std::size_t i = 0; i < before.size(); ++i)
        least = std::min(least, after[i] / before[i]);
    CHECK(least < 0.95);
    CHECK(desk.find<app::BenchTable>("benchTable")->top().broken);
}

TEST_CASE("A steady weight stands in the field that asks, unless somebody types there", "[window]") {
    Desk desk(Station::bench);
    choose(desk, "benchKind", 1);
    Plug plug(desk, "scale");
    const auto lay = [&](double g) {
        for (int i = 0; i < 8; ++i)
            plug.put(devices::writeLine({"scale", i, "g", g}) + "\n");
    };
    auto* field = desk.find<QAbstractSpinBox>("benchWeight");
    desk.find<QComboBox>("benchKind")->setFocus();
    lay(61.2);
    CHECK(field->text().startsWith("61.2"));
    plug.put(devices::writeLine({"scale", 9, "g", 0}) + "\n");
    field->setFocus();
    lay(80.4);
    CHECK(field->text().startsWith("61.2"));
}
