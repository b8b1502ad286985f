// Killed at any moment, the next start offers everything but the last second.
#include "support/driven.h"
#include <QDateTime>
#include <QDir>
#include <QFile>
#include <QFileInfo>
#include <QProcess>
#include <QTemporaryDir>

namespace {

/// A session that works on a small file of its own, and is killed at some moment.
struct Killed {
    QTemporaryDir dir;
    QString file = dir.filePath("work.enkinet"), log = dir.filePath("log");
    qint64 at = 0;

    Killed(const document::Production& work, int ms, const QStringList& more = {}) {
        REQUIRE(files::saveProduction(file.toStdString(), work));
        QProcess child;
        QProcessEnvironment env = QProcessEnvironment::systemEnvironment();
        env.insert("XDG_DATA_HOME", dir.filePath("data"));
        env.insert("XDG_CONFIG_HOME", dir.filePath("config"));
        env.insert("QT_QPA_PLATFORM", "offscreen");
        child.setProcessEnvironment(env);
        child.start(ENKINET_EDIT_CHILD, QStringList{file, log} + more);
        REQUIRE(child.waitForStarted());
        QTest::qWait(ms);
        child.kill();
        at = QDateTime::currentMSecsSinceEpoch();
        child.waitForFinished();
    }
    /// The last number that it had written before so many milliseconds ago.
    int written(int before_ms) const {
        int last = 0;
        QFile f(log);
        if (f.open(QIODevice::ReadOnly))
            for (const QByteArray& line : f.readAll().split('\n'))
                if (const auto cells = line.split(' '); cells.size() == 2 && cells[1].toLongLong() <= at - before_ms)
                    last = cells[0].toInt();
        return last;
    }
    std::vector<document::Production> recovered() const {
        std::vector<document::Production> all;
        const QDir folder(dir.filePath("data/enkinet/enkinet/recovery"));
        for (const QString& name : folder.entryList({"work-*.enkinet"}, QDir::Files)) {
            auto work = must(files::loadProduction(folder.filePath(name).toStdString(), shippedCards()));
            all.push_back(work.take().production);
        }
        return all;
    }
    /// Little of the demo, so that edits come fast.
    static document::Production small() {
        document::Production p = demo();
        p.puppets.resize(1), p.log.clear(), p.shots.clear();
        p.puppets[0].limbs.resize(1), p.puppets[0].masses.resize(1);
        p.puppets[0].poses.clear(), p.puppets[0].things = {};
        return p;
    }
};

} // namespace

namespace {

/// Rounds of work that is killed; how many of them had written something more than a second before.
int killRounds(int rounds, int seed, const QStringList& more) {
    Random random(static_cast<unsigned>(seed));
    int judged = 0;
    for (int round = 0; round < rounds; ++round) {
        document::Production work = Killed::small();
        // Lower than any edit makes it, so that only what was kept can reach what is expected.
        work.puppets[0] = body::calcScaled(work.puppets[0], 150);
        const Killed killed(work, random.whole(700, 2600), more);
        // What was edited more than a second before the kill must be in the file or in the recovery.
        const int expected = killed.written(1000);
        double height = 0;
        const auto saved = files::loadProduction(killed.file.toStdString(), shippedCards());
        INFO("round " << round << ", seed " << seed);
        REQUIRE(saved);
        height = saved->production.puppets[0].height_mm;
        for (const document::Production& kept : killed.recovered())
            height = std::max(height, kept.puppets[0].height_mm);
        judged += expected > 0;
        if (expected > 0) CHECK(height >= 200 + 0.01 * expected - 1e-9);
        // Nothing half written lies about that a builder would have to wonder at.
        CHECK(QDir(killed.dir.path()).entryList({"*.new*"}, QDir::Files).size() <= 1);
    }
    return judged;
}

} // namespace

TEST_CASE("Killed at random moments, the file opens and at most the last second is missing", "[full]") {
    CHECK(killRounds(8, 61, {}) >= 2);
}

TEST_CASE("Killed at two hundred random moments while all stations are edited and the file is saved", "[long][kills]") {
    CHECK(killRounds(200, 63, {"stations"}) >= 40);
}

TEST_CASE("Killed in the middle of a timed step, nothing that was logged is lost, and its clock goes on", "[full]") {
    Random random(62);
    int judged = 0;
    for (int round = 0; round < 7; ++round) {
        const document::Production work = Killed::small();
        const Killed killed(work, random.whole(700, 2000), {"steps"});
        const int written = killed.written(0);
        INFO("round " << round << ", " << written << " written");
        if (written == 0) continue;
        ++judged;
        std::vector<document::LogEntry> kept;
        for (const document::Production& p : killed.recovered())
            if (p.log.size() > kept.size()) kept = p.log;
        // All that was said to be written, and the start before them.
        REQUIRE(kept.size() >= nth(written) + 1);
        for (int i = 0; i <= written; ++i)
            CHECK(kept[nth(i)].number == i);
        const auto state = document::findStepState(kept, work.puppets[0].id, 1, "putty");
        CHECK(state.running);
        CHECK(state.workedUntil(1'796'000'000 + 600) == Approx(10));
    }
    CHECK(judged >= 3);
}
