// An own figure with a base, two heads, an eye, a cable and a cape, from the empty bench to print, by keys alone.
#include "sheet/elevation.h"
#include "stations/sheet/things_tab.h"
#include "stations/shoot/shoot_page.h"
#include "support/keys.h"
#include "support/sanitized.h"
#include "words/text.h"
#include <QFileInfo>
#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QTemporaryDir>
#include <QTimer>

using app::View;
using results::Station;

namespace {

constexpr double kHigh = 200;
const std::vector<Vec3> kSpine{{0, 90, 0}, {0, 130, 0}, {0, 180, 0}},
    kLeg{{0, 90, 0}, {15, 80, 0}, {15, 45, 0}, {15, 0, 0}};
/// Entries of the menu of things.
enum Entry { eye = 0, base = 2, cape = 3, cable = 4, secondHead = 6 };

/// What it must come to.
void checkFigure(Desk& desk, const QString& pdf) {
    const body::Puppet& p = desk.document().puppet();
    REQUIRE(p.limbs.size() == 2);
    CHECK(p.limbs[0].joints.size() == 3);
    CHECK(p.limbs[1].joints.size() == 4);
    CHECK(p.limbs[1].mirrored);
    CHECK(p.limbs[1].hangsOnLimb == p.limbs[0].id);
    for (std::size_t i = 0; i < kSpine.size(); ++i)
        CHECK(norm(p.limbs[0].joints[i].at_mm - kSpine[i]) < 1);
    for (std::size_t i = 0; i < kLeg.size(); ++i)
        CHECK(norm(p.limbs[1].joints[i].at_mm - kLeg[i]) < 1);
    REQUIRE(p.masses.size() == 1);
    const body::Things& t = p.things;
    CHECK(t.base);
    REQUIRE(t.features.size() == 1);
    CHECK(t.features[0].on.mass == p.masses[0].id);
    REQUIRE(t.variants.size() == 1);
    CHECK(t.variants[0].mass == p.masses[0].id);
    CHECK(t.sheets.size() == 1);
    REQUIRE(t.runs.size() == 1);
    const results::Report& r = desk.report();
    CHECK(r.things.features[0].ball_mm > 0);
    CHECK(r.things.base->weight_g > 0);
    CHECK(r.things.sheets[0].pattern_mm > 0);
    // Each limb that bends has its wire, judged.
    for (const choice::LimbChoice& l : r.choice.limbs)
        if (!l.demands.empty()) CHECK(l.verdicts.size() == l.demands.size());
    // The heavier of the two heads is carried, not both.
    CHECK(QFileInfo(pdf).size() > 20000);
}

bool isSegment(const app::Selection& s, int limb, int index) {
    return s.kind == app::Selection::Kind::segment && s.limb == limb && s.index == index;
}

} // namespace

TEST_CASE("An own figure with a base, two heads, an eye, a cable and a cape, from the empty bench to print by keys") {
    Desk desk(false);
    desk.window.resize(1380, 960);
    Keys keys{desk};
    QTemporaryDir dir;
    keys.choose("startWhich", "own");
    keys.type("startHeight", QString::number(kHigh));
    keys.space("startKind");
    REQUIRE(desk.document().hasPuppet());
    keys.space("tab2");
    const auto mark = [&](body::LimbKind kind, bool both, const std::vector<Vec3>& points, bool hangs) {
        keys.choose("newKind", static_cast<int>(kind));
        keys.choose("newMirror", both);
        keys.space("markLimb");
        REQUIRE(desk.window.sheet().hasFocus());
        Vec3 pen{0, kHigh / 2, 0};
        for (std::size_t i = 0; i < points.size(); ++i) {
            if (i == 0 && hangs) {
                keys.press(Qt::Key_PageDown);
                pen = points[0];
            } else {
                keys.penTo(pen, points[i]);
            }
            keys.press(Qt::Key_Space);
        }
        keys.press(Qt::Key_Return);
        keys.press(Qt::Key_Escape);
    };
    mark(body::LimbKind::spine, false, kSpine, false);
    REQUIRE(desk.document().puppet().limbs.size() == 1);
    mark(body::LimbKind::leg, true, kLeg, true);
    REQUIRE(desk.document().puppet().limbs.size() == 2);
    keys.walkTo([](const app::Selection& s) { return isSegment(s, 1, 0); });
    keys.choose("planted", 15.0);
    for (const auto& [limb, n] : {std::pair{0, 2}, {1, 3}})
        for (int i = 0; i < n; ++i) {
            keys.walkTo([limb = limb, i](const app::Selection& s) { return isSegment(s, limb, i); });
            if (desk.find<QPushButton>("giveBody")->isVisible()) keys.space("giveBody");
        }
    keys.walkTo([](const app::Selection& s) { return isSegment(s, 0, 1); });
    keys.space("addRound");
    REQUIRE(desk.document().puppet().masses.size() == 1);
    keys.press(Qt::Key_4, Qt::AltModifier);
    CHECK(desk.window.rule().station() == Station::skin);
    keys.choose("clay", "firm-grey");
    keys.press(Qt::Key_1, Qt::AltModifier);
    keys.space("tab5");
    keys.walkTo([](const app::Selection& s) { return s.kind == app::Selection::Kind::mass; });
    keys.putOn(eye);
    keys.putOn(secondHead);
    keys.walkTo([](const app::Selection& s) { return isSegment(s, 0, 0); });
    keys.putOn(cape);
    keys.putOn(base);
    keys.walkTo([](const app::Selection& s) { return isSegment(s, 1, 1); });
    keys.putOn(cable);
    desk.printTo(dir.filePath("own.pdf"));
    checkFigure(desk, dir.filePath("own.pdf"));
}

TEST_CASE("From the empty bench to what a shot wears, by keys alone") {
    Desk desk(false);
    desk.window.resize(1380, 960);
    Keys keys{desk};
    keys.choose("startWhich", "biped");
    keys.type("startHeight", "210");
    keys.space("startKind");
    REQUIRE(desk.document().hasPuppet());
    // The first answer is there: each limb has its wire, and why.
    for (const choice::LimbChoice& l : desk.report().choice.limbs)
        CHECK((l.chosen >= 0 || !l.reason.needed()));
    keys.press(Qt::Key_7, Qt::AltModifier);
    REQUIRE(desk.window.rule().station() == Station::shoot);
    keys.space("shotAdd");
    REQUIRE(desk.document().production().shots.size() == 1);
    keys.type("shotName", "Over the causeway");
    keys.type("shotFrames", "4800");
    keys.choose("shotActing", static_cast<int>(body::Acting::broad));
    const document::Shot& shot = desk.document().production().shots[0];
    CHECK(shot.name == "Over the causeway");
    CHECK(shot.frames == 4800);
    REQUIRE(shot.cast.size() == 1);
    CHECK(shot.cast[0].acting == body::Acting::broad);
    auto& job = desk.window.findChild<app::ShootPage*>()->job();
    job.follow(desk.document());
    REQUIRE(job.wait(kPatience_ms));
    Desk::settle();
    const auto film = job.state();
    REQUIRE_FALSE(film->film.ledger.rows.empty());
    double most = 0;
    for (const shoot::WearRow& row : film->film.ledger.rows)
        most = std::max(most, row.level);
    CHECK(most > 0);
    CHECK_FALSE(desk.find<QLabel>("shootVerdict")->text().isEmpty());
    keys.space("shotDone");
    CHECK(desk.document().production().shots[0].done);
    keys.press(Qt::Key_Z, Qt::ControlModifier);
    CHECK_FALSE(desk.document().production().shots[0].done);
}
