#include "print/build_sheets.h"
#include "stations/sheet/things_tab.h"
#include "support/driven.h"
#include "widgets/fields.h"
#include "widgets/tabs.h"
#include <QLabel>
#include <QMenu>
#include <QPushButton>
#include <QTemporaryDir>
#include <QUndoStack>

using app::ChoiceField;
using app::NumberField;

namespace {

/// The tab of things, open.
app::ThingsTab* openThings(Desk& desk) {
    desk.station(results::Station::sheet);
    desk.find<app::Tabs>("sheetTabs")->setCurrent(5);
    desk.settle();
    auto* tab = must(desk.window.findChild<app::ThingsTab*>());
    return tab;
}

/// Enters samples by keys.
void time(Desk& desk, const char* text) {
    auto* w = desk.find<QLineEdit>("thingTimed");
    w->setFocus();
    QTest::keyClick(w, Qt::Key_A, Qt::ControlModifier);
    QTest::keyClicks(w, text);
    QTest::keyClick(w, Qt::Key_Return);
    desk.settle();
}

void putOn(Desk& desk, int entry) {
    auto* button = desk.find<QPushButton>("putOn");
    button->menu()->actions().at(entry)->trigger();
    desk.settle();
}

} // namespace

TEST_CASE("A base, an eye, a cable, a cape and another head are put on, seen, changed and taken back", "[window]") {
    Desk desk;
    app::ThingsTab* tab = openThings(desk);
    auto& d = desk.document();
    const auto before = d.puppet().things;
    const int steps = d.undoStack().index();
    // Whatever is in hand carries it.
    d.select({app::Selection::Kind::mass, 0, 0, false});
    desk.settle();
    putOn(desk, 0);
    CHECK(d.puppet().things.features.size() == before.features.size() + 1);
    CHECK(d.puppet().things.features.back().on.mass == d.puppet().masses[0].id);
    CHECK(tab->kind() == body::ThingKind::feature);
    // Typed by keys: 10 mm across, and the answer is the ball and its seat.
    desk.type("thingSize", "10");
    CHECK(d.puppet().things.features.back().first_mm == 10);
    CHECK(std::abs(desk.report().things.features.back().ball_mm - 10) < 1e-9);
    const QString grams = desk.find<QLabel>("thingAnswer")->text();
    CHECK(grams.contains("One weighs"));
    putOn(desk, 3);
    putOn(desk, 4);
    putOn(desk, 6);
    CHECK(d.puppet().things.sheets.size() == before.sheets.size() + 1);
    CHECK(d.puppet().things.runs.size() == before.runs.size() + 1);
    CHECK(d.puppet().things.variants.size() == before.variants.size() + 1);
    // Every kind shows an answer and fields.
    auto* list = desk.find<QListWidget>("thingList");
    for (int row = 0; row < list->count(); ++row) {
        list->setCurrentRow(row);
        desk.settle();
        INFO(list->item(row)->text().toStdString());
        CHECK(tab->index() >= 0);
        CHECK_FALSE(tab->findChildren<NumberField*>().isEmpty());
    }
    while (d.undoStack().index() > steps)
        d.undoStack().undo();
    CHECK(d.puppet().things == before);
}

TEST_CASE("The base says what would stand, refuses nothing silently, and goes with Take off", "[window]") {
    Desk desk;
    app::ThingsTab* tab = openThings(desk);
    auto& d = desk.document();
    auto* list = desk.find<QListWidget>("thingList");
    const auto& t = d.puppet().things;
    list->setCurrentRow(static_cast<int>(t.features.size() + t.bonds.size()));
    desk.settle();
    REQUIRE(tab->kind() == body::ThingKind::base);
    const double width = t.base->width_mm, edge = desk.report().things.base->edge_mm;
    desk.type("baseWidth", "60");
    CHECK(d.puppet().things.base->width_mm == 60);
    CHECK(desk.report().things.base->edge_mm < edge);
    CHECK(width > 60);
    QTest::mouseClick(desk.find<QPushButton>("takeOff"), Qt::LeftButton);
    desk.settle();
    CHECK_FALSE(d.puppet().things.base);
    // Rods into the base went with it: nothing hangs in the air.
    for (const body::Bond& b : d.puppet().things.bonds)
        CHECK_FALSE((b.from.base && b.to.base));
    d.undoStack().undo();
    CHECK(d.puppet().things.base);
}

TEST_CASE("What a bond carries is a share of what is asked, what its glue stands is degrees", "[window]") {
    Desk desk;
    auto& d = desk.document();
    body::Things t = d.puppet().things;
    body::Bond b;
    b.id = b.name = "brim", b.kind = body::BondKind::glue, b.diameter_mm = 12, b.adhesive = "instant";
    b.from.limb = "spine", b.from.segment = 4, b.to.mass = "head";
    t.bonds = {b};
    d.change("brim", [&](const document::Edits& e) { return e.setThings(t); });
    openThings(desk);
    auto* list = desk.find<QListWidget>("thingList");
    list->setCurrentRow(static_cast<int>(t.features.size()));
    desk.settle();
    const checks::BondCheck& c = desk.report().things.bonds[0];
    REQUIRE(c.governs == static_cast<int>(checks::BondLimit::heat));
    const QString words = desk.find<QLabel>("thingAnswer")->text();
    CHECK(words.contains(
        QString("stands 80 °C, and a load at %1 is still to come").arg(app::Text::temperature(c.heat_C))));
    CHECK(words.contains(c.carried() < 1 ? QString("%1 % of what").arg(app::Text::number(100 * c.carried(), 0))
                                         : QString("Holds, %1 times").arg(app::Text::figure(c.carried()))));
    CHECK(list->currentItem()->text() == "brim: its glue lets go in the oven");
}

TEST_CASE("On a puppet with nothing drawn the tab says what to do, and putting on is refused in words", "[window]") {
    Desk desk;
    auto& d = desk.document();
    d.change("bare", [](const document::Edits& e) { return e.setThings({}); });
    for (const char* id : {"thumb", "finger.3", "finger.2", "finger.1", "leg", "arm", "spine"})
        d.change("bare", [&](const document::Edits& e) { return e.removeLimb(id); });
    REQUIRE(d.puppet().limbs.empty());
    openThings(desk);
    CHECK(desk.find<QLabel>("thingAnswer")->text().contains("put on"));
    CHECK_FALSE(desk.find<QPushButton>("takeOff")->isEnabled());
    putOn(desk, 0);
    CHECK(d.puppet().things.features.empty());
    CHECK(desk.window.message().contains("mark a limb first"));
}

TEST_CASE("One is timed by keys and signed off side by side; what is no number is refused and nothing is lost",
          "[window]") {
    Desk desk;
    openThings(desk);
    auto& d = desk.document();
    time(desk, "60 90");
    CHECK(d.puppet().things.features[0].timed_s == std::vector<double>{60, 90});
    // One and one spare, at seventy-five seconds.
    CHECK(std::abs(desk.report().things.features[0].minutes - 2.5) < 1e-12);
    CHECK(desk.find<QLabel>("thingAnswer")->text().contains("for all"));
    time(desk, "soon");
    CHECK(desk.window.message().contains("soon"));
    CHECK(d.puppet().things.features[0].timed_s == std::vector<double>{60, 90});
    for (const char* side : {"signed_front", "signed_below"})
        desk.find<QAbstractButton>(side)->click();
    desk.settle();
    CHECK(d.puppet().things.features[0].ticked == std::vector<std::string>{"front", "below"});
    desk.find<QAbstractButton>("signed_front")->click();
    desk.settle();
    CHECK(d.puppet().things.features[0].ticked == std::vector<std::string>{"below"});
}

TEST_CASE("A limb that nothing poses shows its table, and putty takes it out of question", "[window]") {
    Desk desk;
    auto& d = desk.document();
    // The tail without its joint: bare wire under fleece.
    d.showPuppet(1);
    desk.settle();
    const auto& limbs = d.puppet().limbs;
    const auto tail = std::find_if(limbs.begin(), limbs.end(), [](const auto& l) { return l.id == "tail"; });
    REQUIRE(tail != limbs.end());
    const int index = static_cast<int>(tail - limbs.begin());
    d.change("still", [](const document::Edits& e) {
        return e.setLimb("tail", [](body::Limb& l) {
            l.whip = false;
            for (auto& j : l.joints)
                j.posed = false, j.gap_mm = 0;
        });
    });
    desk.settle();
    desk.station(results::Station::wire);
    d.select({app::Selection::Kind::segment, index, 0, false});
    desk.settle();
    REQUIRE(desk.report().choice.limbs[nth(index)].stillVerdicts.size() == 1);
    auto* table = desk.find<app::LimitTable>("limits");
    REQUIRE(table->isVisible());
    CHECK(table->rows().size() >= 3);
    const auto& v = desk.report().choice.limbs[nth(index)].stillVerdicts[0];
    CHECK(table->rows()[0].margin == v.margin[0].value);
    CHECK(table->rows()[1].margin == v.margin[1].value);
    auto* stiff = desk.find<ChoiceField>("stiffening");
    REQUIRE(stiff->isVisible());
    desk.pickData("stiffening", static_cast<int>(body::Stiffening::putty));
    CHECK(d.puppet().limbs[nth(index)].segments[0].stiffening == body::Stiffening::putty);
    CHECK(desk.report().choice.limbs[nth(index)].state == choice::State::not_checked);
}

TEST_CASE("A figure that stands still opens at the limb with least to spare, with its table", "[window]") {
    Desk desk;
    auto& d = desk.document();
    d.change("still", [](const document::Edits& e) {
        return e.chain({[](const document::Edits& x) { return x.setThings({}); },
                        [](const document::Edits& x) { return x.setBoard({}); },
                        [](const document::Edits& x) { return x.removePose("stride"); },
                        [](const document::Edits& x) { return x.removePose("letter held out"); },
                        [](const document::Edits& x) { return x.removePose("wave"); }});
    });
    for (const char* id : {"spine", "arm", "leg", "finger.1", "finger.2", "finger.3", "thumb"})
        d.change("still", [&](const document::Edits& e) {
            return e.setLimb(id, [](body::Limb& l) {
                for (auto& j : l.joints)
                    j.posed = false, j.gap_mm = 0;
            });
        });
    d.select({});
    desk.station(results::Station::wire);
    double least = 1e300;
    std::string name;
    for (const choice::LimbChoice& l : desk.report().choice.limbs) {
        CHECK(l.demands.empty());
        if (l.worstStill >= 0 && l.stillVerdicts[nth(l.worstStill)].least() < least)
            least = l.stillVerdicts[nth(l.worstStill)].least(), name = d.puppet().limbs[nth(l.limb)].name;
    }
    REQUIRE(least < 1e299);
    CHECK(desk.find<QLabel>("verdict")->text().contains("bare wire"));
    CHECK(desk.find<app::LimitTable>("limits")->isVisible());
    bool said = false;
    for (auto* label : desk.window.findChildren<QLabel*>())
        said = said ||
               (label->isVisible() && label->text().compare(QString::fromStdString(name), Qt::CaseInsensitive) == 0);
    CHECK(said);
}

TEST_CASE("Things and the base have pages of their own", "[window]") {
    Desk desk;
    QTemporaryDir dir;
    const auto size = [&](const char* name) {
        const app::BuildSheets sheets(desk.document().value(), 0, desk.document().sharedReport(),
                                      desk.document().sharedResult());
        const QString path = dir.filePath(name);
        REQUIRE(sheets.writePdf(path, QPageSize::A4).isEmpty());
        QFile f(path);
        REQUIRE(f.open(QIODevice::ReadOnly));
        return f.readAll().count("/Type /Page\n");
    };
    const auto with = size("with.pdf");
    desk.document().change("bare", [](const document::Edits& e) { return e.setThings({}); });
    desk.settle();
    const auto without = size("without.pdf");
    // Things, the base at 1:1, its holes, and what the last looks ask of them.
    CHECK(with == without + 4);
}
