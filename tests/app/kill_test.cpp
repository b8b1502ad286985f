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
