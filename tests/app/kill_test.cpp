// Killed at any moment, the next start offers everything but the last second.
#include "support/driven.h"
#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QProcess>
#include <QTemporaryDir>

using namespace enkinet;
using namespace enkinet::test;

TEST_CASE("Killed at fifty random moments, the file opens and at most the last second is missing", "[full]") {
    Random random(61);
    int judged = 0;
    for (int round = 0; round < 50; ++round) {
        QTemporaryDir dir;
        const QString file = dir.filePath("work.enkinet"), log = dir.filePath("log");
        document::Production small = demo();
        small.puppets.resize(1);
        small.puppets[0].limbs.resize(1); // a quick report, so that edits come fast
        small.puppets[0].masses.resize(1);
        small.puppets[0].poses.clear(), small.puppets[0].things = {};
        // Lower than any edit makes it, so that only what was kept can reach what is expected.
        small.puppets[0] = body::calcScaled(small.puppets[0], 150);
        REQUIRE(files::saveProduction(file.toStdString(), small));
        QProcess child;
        QProcessEnvironment env = QProcessEnvironment::systemEnvironment();
        env.insert("XDG_DATA_HOME", dir.filePath("data"));
        env.insert("XDG_CONFIG_HOME", dir.filePath("config"));
        env.insert("QT_QPA_PLATFORM", "offscreen");
        child.setProcessEnvironment(env);
        child.start(ENKINET_EDIT_CHILD, {file, log});
        REQUIRE(child.waitForStarted());
        QTest::qWait(random.whole(700, 2600));
        child.kill();
        const qint64 killed = QDateTime::currentMSecsSinceEpoch();
        child.waitForFinished();

        // What was edited more than a second before the kill must be in the file or in the recovery.
        int expected = 0;
        QFile f(log);
        if (f.open(QIODevice::ReadOnly))
            for (const QByteArray& line : f.readAll().split('\n'))
                if (const auto cells = line.split(' '); cells.size() == 2 && cells[1].toLongLong() < killed - 1000)
                    expected = cells[0].toInt();
        double height = 0;
        const auto saved = files::loadProduction(file.toStdString(), shippedCards());
        INFO("round " << round << ", seed 61");
        REQUIRE(saved);
        height = saved->production.puppets[0].height_mm;
        const QDir kept_(dir.filePath("data/enkinet/enkinet/recovery"));
        for (const QString& name : kept_.entryList({"work-*.enkinet"}, QDir::Files)) {
            const QString recovery = kept_.filePath(name);
            const auto kept = files::loadProduction(recovery.toStdString(), shippedCards());
            REQUIRE(kept);
            height = std::max(height, kept->production.puppets[0].height_mm);
        }
        judged += expected > 0;
        if (expected > 0) CHECK(height >= 200 + 0.01 * expected - 1e-9);
    }
    CHECK(judged >= 10);
}

TEST_CASE("Killed in the middle of a timed step, nothing that was logged is lost, and its clock goes on", "[full]") {
    Random random(62);
    int judged = 0;
    for (int round = 0; round < 12; ++round) {
        QTemporaryDir dir;
        const QString file = dir.filePath("work.enkinet"), log = dir.filePath("log");
        document::Production small = demo();
        small.puppets.resize(1), small.log.clear(), small.shots.clear();
        small.puppets[0].limbs.resize(1), small.puppets[0].masses.resize(1);
        small.puppets[0].poses.clear(), small.puppets[0].things = {};
        REQUIRE(files::saveProduction(file.toStdString(), small));
        QProcess child;
        QProcessEnvironment env = QProcessEnvironment::systemEnvironment();
        env.insert("XDG_DATA_HOME", dir.filePath("data"));
        env.insert("XDG_CONFIG_HOME", dir.filePath("config"));
        env.insert("QT_QPA_PLATFORM", "offscreen");
        child.setProcessEnvironment(env);
        child.start(ENKINET_EDIT_CHILD, {file, log, "steps"});
        REQUIRE(child.waitForStarted());
        QTest::qWait(random.whole(700, 2000));
        child.kill();
        child.waitForFinished();
        int written = 0;
        QFile f(log);
        if (f.open(QIODevice::ReadOnly))
            for (const QByteArray& line : f.readAll().split('\n'))
                if (const auto cells = line.split(' '); cells.size() == 2) written = cells[0].toInt();
        INFO("round " << round << ", " << written << " written");
        if (written == 0) continue;
        ++judged;
        std::vector<document::LogEntry> kept;
        const QDir folder(dir.filePath("data/enkinet/enkinet/recovery"));
        for (const QString& name : folder.entryList({"work-*.enkinet"}, QDir::Files)) {
            const auto work = files::loadProduction(folder.filePath(name).toStdString(), shippedCards());
            REQUIRE(work);
            if (work->production.log.size() > kept.size()) kept = work->production.log;
        }
        // All that was said to be written, and the start before them.
        REQUIRE(kept.size() >= static_cast<std::size_t>(written) + 1);
        for (int i = 0; i <= written; ++i)
            CHECK(kept[static_cast<std::size_t>(i)].number == i);
        const auto state = document::findStepState(kept, small.puppets[0].id, 1, "putty");
        CHECK(state.running);
        CHECK(state.workedUntil(1'796'000'000 + 600) == Approx(10));
    }
    CHECK(judged >= 6);
}
