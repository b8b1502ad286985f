// A month at one desk: a hundred thousand edits over every station and a thousand saves, and the memory after them; and
// places where something is missing that a desk usually has.
#include "document/undo_shelf.h"
#include "files/production_json.h"
#include "support/driven.h"
#include "support/sanitized.h"
#include <QFileInfo>
#include <QProcess>
#include <QTemporaryDir>
#include <QUndoStack>

namespace {

long residentKb() {
    QFile f("/proc/self/status");
    REQUIRE(f.open(QIODevice::ReadOnly));
    for (const QByteArray& line : f.readAll().split('\n'))
        if (line.startsWith("VmRSS:")) return line.simplified().split(' ')[1].toLong();
    return 0;
}

/// One edit of some station, from its number.
bool editOne(app::Document& d, int n) {
    using document::Edits;
    const body::Puppet& p = d.puppet();
    const body::Limb& limb = p.limbs[nth(n) % p.limbs.size()];
    const auto change = [&](const auto& what) { return d.change(QString("edit %1").arg(n % 8), what); };
    switch (n % 8) {
    case 0:
        return change([&](const Edits& e) { return e.setHeight(200 + 0.001 * (n % 40000)); });
    case 1:
        return change([&](const Edits& e) { return e.setGap(limb.id, limb.joints[1].id, 6 + 0.001 * (n % 2000)); });
    case 2: {
        const document::PartRef part{limb.id, 0, {}};
        body::Layers l = *document::findLayers(p, part);
        l.relief = 0.0001 * (n % 1000);
        return change([&](const Edits& e) { return e.setLayers(part, l); });
    }
    case 3: {
        body::Wants w = p.wants;
        w.film_s = 10 + 0.01 * (n % 1000);
        return change([&](const Edits& e) { return e.setWants(w); });
    }
    case 4: {
        body::Things t = p.things;
        t.copies = 1 + n / 8 % 5;
        return change([&](const Edits& e) { return e.setThings(t); });
    }
    case 5:
        return change([&](const Edits& e) { return e.setGlue("epoxy", n / 8 % 2 == 0); });
    case 6: {
        fill::Shop shop = d.production().stock.shop;
        shop.room_C = 18 + 0.001 * (n % 5000);
        return change([&](const Edits& e) { return e.setShop(shop); });
    }
    default:
        return change([&](const Edits& e) { return e.setNoWire(limb.id, "for once " + std::to_string(n % 3)); }) &&
               change([&](const Edits& e) { return e.setPick(limb.id, std::nullopt); });
    }
}

} // namespace

TEST_CASE("A folded step leads only from the document that it was made against") {
    const auto at = [](double mm) {
        return std::make_shared<const document::Production>(
            *document::Edits(demo(), shippedCards(), "tansy").setHeight(mm));
    };
    const auto one = at(200), two = at(210), other = at(220);
    app::UndoStep step(one, two);
    auto shelf = std::make_shared<app::UndoShelf>();
    std::string text = files::writeProduction(*one, false);
    auto folded = must(step.calcFolded(*shelf, text));
    CHECK(text == files::writeProduction(*two, false));
    step.fold(shelf, std::move(*folded));
    CHECK(*step.findBefore(two, shippedCards()) == *one);
    CHECK(*step.findAfter(one, shippedCards()) == *two);
    CHECK_FALSE(step.findBefore(other, shippedCards()));
    CHECK_FALSE(step.findAfter(two, shippedCards()));
    CHECK(shelf->take({1 << 20, 8}).isEmpty());
}

TEST_CASE("Steps far back are undone and done again to the bit, pictures and all, from what differs") {
    // Without a window, which would look anew at each of them.
    app::Document d;
    d.setPatience(0);
    REQUIRE(d.openCopy(QString::fromStdString(kDemo)).isEmpty());
    QTemporaryDir dir;
    REQUIRE(d.saveAs(dir.filePath("work.enkinet")).isEmpty());
    std::vector<app::Document::Value> all{d.value()};
    for (int n = 1; all.size() < 100; ++n) {
        if (n % 37 == 0)
            d.change("picture", [&](const document::Edits& e) {
                body::Picture p;
                p.file = "pictures/p" + std::to_string(n) + ".png";
                return d.puppet().pictures.empty() ? e.addPicture(p, "not looked at here") : e.removePicture(0);
            });
        else
            editOne(d, n);
        if (d.value() != all.back()) {
            // The last kind of edit takes two steps.
            if (d.undoStack().index() > static_cast<int>(all.size())) all.push_back(nullptr);
            all.push_back(d.value());
        }
        if (n % 20 == 0) d.waitForShelf(), QApplication::processEvents();
    }
    d.waitForShelf();
    QApplication::processEvents();
    REQUIRE(d.undoStack().index() == static_cast<int>(all.size()) - 1);
    for (std::size_t i = all.size() - 1; i-- > 0;) {
        d.undoStack().undo();
        INFO("back to step " << i);
        if (all[i]) REQUIRE(*d.value() == *all[i]);
    }
    CHECK_FALSE(d.isChanged());
    for (std::size_t i = 1; i < all.size(); ++i) {
        d.undoStack().redo();
        INFO("again to step " << i);
        if (all[i]) REQUIRE(*d.value() == *all[i]);
    }
    // A step from the middle begins a new way, and that one is undone as well.
    while (d.undoStack().index() > 40)
        d.undoStack().undo();
    REQUIRE(d.change("other", [](const document::Edits& e) { return e.setHeight(333); }));
    d.undoStack().undo();
    if (all[40]) CHECK(*d.value() == *all[40]);
}

TEST_CASE("A hundred thousand edits and a thousand saves take no more memory than the first thousand", "[long][soak]") {
    Desk desk;
    app::Document& d = desk.document();
    d.setPatience(0);
    QTemporaryDir dir;
    REQUIRE(d.saveAs(dir.filePath("work.enkinet")).isEmpty());
    const int edits =
        qEnvironmentVariableIsSet("ENKINET_SOAK") ? qEnvironmentVariableIntValue("ENKINET_SOAK") : 100'000;
    // The most of ten saves at either end, for what is worked out beside the edits comes and goes.
    long early = 0, late = 0, most = 0;
    int refused = 0; // a gap that a shrunk finger has no room for
    for (int n = 1; n <= edits; ++n) {
        refused += !editOne(d, n);
        if (n % 10 == 0) QApplication::processEvents();
        if (n % 100 != 0) continue;
        // Whoever saves looks up from the work: what was begun beside it comes to its end.
        REQUIRE(d.save(true).isEmpty());
        d.waitForShelf();
        Desk::settle();
        const long now = residentKb();
        if (n <= 1000) early = std::max(early, now);
        if (n > edits - 1000) late = std::max(late, now);
        most = std::max(most, now);
    }
    WARN("resident over the first 1,000 edits " << early / 1024.0 << " MB, over the last " << late / 1024.0
                                                << " MB, ever " << most / 1024.0 << " MB");
    CHECK(refused < edits / 20);
    CHECK(static_cast<double>(late) <= 1.05 * static_cast<double>(early));
}

TEST_CASE(
    "Without a home, fonts, a bus or a graphics card, in a place that is only for reading, it still prints or says why",
    "[full]") {
    QTemporaryDir dir;
    const auto run = [&](const QString& name, const QString& out,
                         const std::function<void(QProcessEnvironment&)>& with) {
        QProcess p;
        QProcessEnvironment env = QProcessEnvironment::systemEnvironment();
        env.insert("QT_QPA_PLATFORM", "offscreen");
        with(env);
        p.setProcessEnvironment(env);
        p.start(ENKINET_APP, {"--print", out, QString::fromStdString(kDemo)});
        REQUIRE(p.waitForFinished(kPatience_ms));
        INFO(name.toStdString() << ": " << p.readAllStandardError().toStdString());
        CHECK(p.exitStatus() == QProcess::NormalExit);
        return p.exitCode();
    };
    const auto prints = [&](const QString& name, const std::function<void(QProcessEnvironment&)>& with) {
        const QString out = dir.filePath(name + ".pdf");
        INFO(name.toStdString());
        CHECK(run(name, out, with) == 0);
        CHECK(QFileInfo(out).size() > 20000);
    };
    prints("no-home", [](QProcessEnvironment& e) {
        for (const char* key : {"HOME", "XDG_CONFIG_HOME", "XDG_DATA_HOME", "XDG_CACHE_HOME", "XDG_RUNTIME_DIR"})
            e.remove(key);
    });
    prints("home-that-is-not", [](QProcessEnvironment& e) {
        for (const char* key : {"HOME", "XDG_CONFIG_HOME", "XDG_DATA_HOME", "XDG_CACHE_HOME", "XDG_RUNTIME_DIR"})
            e.insert(key, "/nowhere/at/all");
    });
    prints("no-bus", [](QProcessEnvironment& e) {
        e.insert("DBUS_SESSION_BUS_ADDRESS", "unix:path=/nowhere/bus");
        e.insert("DBUS_SYSTEM_BUS_ADDRESS", "unix:path=/nowhere/bus");
    });
    prints("no-fonts", [&](QProcessEnvironment& e) {
        e.insert("FONTCONFIG_FILE", "/dev/null");
        e.insert("QT_QPA_FONTDIR", dir.path());
    });
    prints("no-graphics", [](QProcessEnvironment& e) {
        e.insert("LIBGL_DRIVERS_PATH", "/nowhere");
        e.insert("QT_OPENGL", "none");
    });
    prints("clock-far-off", [](QProcessEnvironment& e) { e.insert("TZ", "Pacific/Kiritimati"); });
    // Nobody may write there, not even who may everything.
    CHECK(run("read-only", "/proc/sheets.pdf", [](QProcessEnvironment&) {}) != 0);
    CHECK(run("no-folder", dir.filePath("not/there/sheets.pdf"), [](QProcessEnvironment&) {}) != 0);
}
