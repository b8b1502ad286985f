// The disk fails at the n-th call while the desk saves, keeps its recovery, logs or prints: the old file is whole, the
// message is true, and the document still counts as changed.
#include "print/build_sheets.h"
#include "print/export.h"
#include "support/driven.h"
#include "support/failing.h"
#include <QDir>
#include <QTemporaryDir>
#include <QUndoStack>

namespace {

constexpr Call kCalls[] = {Call::write, Call::sync, Call::rename};

/// One thing that is written while the n-th call of each kind fails, for every n until it is not reached. what: gives
/// the message, empty when all went well. check: after each failure.
template <class What, class Check> int failEach(What what, Check check) {
    int failed = 0;
    for (const Call kind : kCalls)
        for (long n = 1; n < 400; ++n) {
            QString said;
            bool reached = false;
            {
                const Failing failing(kind, n);
                said = what();
                reached = failing.reached();
            }
            INFO("call kind " << static_cast<int>(kind) << ", n " << n << ", said: " << said.toStdString());
            if (!said.isEmpty()) ++failed;
            check(!said.isEmpty());
            if (!reached) break;
        }
    return failed;
}

} // namespace

TEST_CASE("Saving that fails leaves the old file, says so, and the document stays changed") {
    Desk desk;
    QTemporaryDir dir;
    const QString path = dir.filePath("work.enkinet");
    app::Document& d = desk.document();
    REQUIRE(d.saveAs(path).isEmpty());
    double height = d.puppet().height_mm;
    QByteArray old = bytesOf(path);
    const auto edit = [&] {
        height += 1;
        d.change("edit", [&](const document::Edits& e) { return e.setHeight(height); });
    };
    edit();
    const int failed = failEach([&] { return d.save(true); },
                                [&](bool gone) {
                                    CHECK(d.undoStack().isClean() == !gone);
                                    if (gone) {
                                        CHECK((bytesOf(path) == old));
                                    } else {
                                        old = bytesOf(path);
                                        edit();
                                    }
                                    CHECK(QDir(dir.path()).entryList({"*.new*"}, QDir::Files).isEmpty());
                                });
    CHECK(failed >= 3);
    // The disk is back: all is saved.
    REQUIRE(d.save(true).isEmpty());
    CHECK(d.undoStack().isClean());
    const auto now = must(files::loadProduction(path.toStdString(), shippedCards()));
    CHECK(now->production == d.production());
}

TEST_CASE("Paper and pictures that cannot be written leave what stood there, and say so") {
    Desk desk;
    QTemporaryDir dir;
    for (const char* name : {"sheets.pdf", "figure.svg", "figure.stl"}) {
        const QString path = dir.filePath(name);
        const auto write = [&] {
            if (!path.endsWith("pdf")) return app::exportPuppet(desk.document(), path);
            const app::BuildSheets sheets(desk.document().value(), 0, desk.document().sharedReport(),
                                          desk.document().sharedResult());
            return sheets.writePdf(path, QPageSize::A4);
        };
        REQUIRE(write().isEmpty());
        QByteArray old = bytesOf(path);
        REQUIRE(old.size() > 1000);
        const int failed = failEach(write, [&](bool gone) {
            const QByteArray now = bytesOf(path);
            if (gone) CHECK((now == old));
            CHECK(now.size() > 1000);
            old = now;
        });
        INFO(name);
        CHECK(failed >= 3);
    }
}

TEST_CASE("A log that is written while the recovery cannot be keeps its entry, and work goes on") {
    Desk desk;
    app::Document& d = desk.document();
    d.setRecovery(true);
    const auto entries = d.production().log.size();
    std::size_t written = 0;
    failEach(
        [&] {
            document::LogEntry e;
            e.at_s = 1'796'000'000 + static_cast<std::int64_t>(written), e.puppet = d.puppet().id, e.text = "seen";
            d.change("log", [&](const document::Edits& x) { return x.addLog({e}); });
            ++written;
            d.keepNow();
            return QString();
        },
        [&](bool) { CHECK(d.production().log.size() == entries + written); });
    CHECK(written >= 3);
    CHECK(d.production().log.size() == entries + written);
    d.setRecovery(false);
}

TEST_CASE("A save that fails keeps the version of before the session that lies beside it") {
    QTemporaryDir dir;
    const QString path = dir.filePath("work.enkinet"), former = app::Document::formerPath(path);
    Desk desk;
    REQUIRE(desk.document().saveAs(path).isEmpty());
    {
        Desk next;
        REQUIRE(next.document().open(path).isEmpty());
        next.document().change("edit", [](const document::Edits& e) { return e.setHeight(230); });
        REQUIRE(next.document().save().isEmpty());
    }
    const QByteArray kept = bytesOf(former);
    REQUIRE_FALSE(kept.isEmpty());
    Desk third;
    REQUIRE(third.document().open(path).isEmpty());
    third.document().change("edit", [](const document::Edits& e) { return e.setHeight(220); });
    {
        const Failing failing(Call::rename, 1);
        CHECK_FALSE(third.document().save().isEmpty());
    }
    CHECK(bytesOf(former) == kept);
}
