// A morning at the bench: two puppets to a deadline, steps worked with keys, weighed and ticked, and what follows.
#include "files/container.h"
#include "print/build_sheets.h"
#include "stations/plan/diary.h"
#include "stations/plan/plan_days.h"
#include "stations/plan/plan_page.h"
#include "stations/plan/work_bench.h"
#include "support/planned_desk.h"
#include "support/sanitized.h"
#include "widgets/answer.h"
#include "words/text.h"
#include <QFile>
#include <QLabel>
#include <QRegularExpression>
#include <QScrollArea>
#include <QScrollBar>
#include <QTemporaryDir>
#include <fcntl.h>
#include <stdlib.h>
#include <unistd.h>

using results::Station;

TEST_CASE("A morning of the plan is worked with keys, and the days, the log and the paper follow", "[window]") {
    Wall wall("2026-11-30T10:00");
    Desk desk(Station::plan);
    auto* page = desk.window.findChild<app::PlanPage*>();
    auto* days = desk.find<app::PlanDays>("planDays");
    auto k = planOf(desk);
    REQUIRE(k->plan.steps.size() > 150);
    REQUIRE(k->plan.possible);
    // A deadline that cannot hold is said first, and then one that can.
    desk.write("planDeadline", "2026-12-01T12:00");
    k = planOf(desk);
    CHECK(k->plan.puppets[0].late > 0);
    CHECK(desk.find<QLabel>("planVerdict")->text().contains("late"));
    // What would make it hold is solved and said; hours that are worked longer are one click, and one undo.
    desk.write("planDeadline", "2026-12-07T10:00");
    k = planOf(desk);
    REQUIRE(k->plan.puppets[0].late > 0);
    REQUIRE_FALSE(k->ways.empty());
    CHECK(k->ways.front().late == 0);
    auto* ways = desk.find<QListWidget>("planWays");
    REQUIRE(ways->count() == static_cast<int>(k->ways.size()));
    for (std::size_t i = 0; i < k->ways.size(); ++i)
        if (k->ways[i].calendar && k->ways[i].late == 0) {
            ways->setCurrentRow(static_cast<int>(i));
            const auto* scroll = desk.find<QScrollArea>("cardScroll")->verticalScrollBar();
            const int place = scroll->value();
            desk.press("planApplyWay");
            const auto better = planOf(desk);
            CHECK(desk.find<QWidget>("planApplyWay")->isHidden());
            CHECK(scroll->value() == place);
            CHECK(better->plan.schedule.late == 0);
            desk.document().undoStack().undo();
            k = planOf(desk);
            CHECK(k->plan.puppets[0].late > 0);
            break;
        }
    desk.write("planDeadline", "2026-12-18T12:00");
    k = planOf(desk);
    CHECK(k->plan.puppets[0].late == 0);
    // The step in hand, large: Space starts, Space pauses, Enter is done.
    page->setAtWork(true);
    auto* work = desk.find<app::WorkBench>("workBench");
    work->setFocus();
    const std::string first = k->step(inHand(desk, k).step).id;
    const double reckoned = k->step(inHand(desk, k).step).hands_min;
    QTest::keyClick(work, Qt::Key_Space);
    k = planOf(desk);
    REQUIRE(k->of->log.back().kind == document::LogKind::started);
    wall.pass(7);
    QTest::keyClick(work, Qt::Key_Space);
    k = planOf(desk);
    CHECK(k->of->log.back().kind == document::LogKind::paused);
    wall.pass(30);
    QTest::keyClick(work, Qt::Key_Space);
    wall.pass(5);
    planOf(desk);
    QTest::keyClick(work, Qt::Key_Return);
    k = planOf(desk);
    REQUIRE(k->of->log.back().kind == document::LogKind::done);
    CHECK(k->of->log.back().step == first);
    CHECK(k->of->log.back().number == Approx(12)); // seven and five, the half hour between left out
    CHECK(k->of->log.back().planned == Approx(reckoned));
    // The next one is in hand, and the rest begins no earlier than now.
    CHECK(k->step(inHand(desk, k).step).id != first);
    for (const results::Planned& s : k->plan.steps)
        if (!s.done && !s.running) CHECK(s.at.from * 60 >= wall.now - 59);
    // That kind of step is reckoned slower from now on.
    const auto kind = [&] {
        for (const results::Planned& s : k->plan.steps)
            if (k->step(s.step).id == first) return k->step(s.step).kind;
        return make::StepKind::gate;
    }();
    CHECK(k->planning.rates[nth(kind)].steps > 0);
    CHECK(k->planning.rates[nth(kind)].factor() > 1);
    // Undo takes the last word back; redo writes it again.
    desk.document().undoStack().undo();
    k = planOf(desk);
    CHECK(k->of->log.back().kind == document::LogKind::started);
    desk.document().undoStack().redo();
    k = planOf(desk);
    // Arrows go on and back.
    const int at = days->step();
    QTest::keyClick(work, Qt::Key_Right);
    CHECK(days->step() == at + 1);
    QTest::keyClick(work, Qt::Key_Left);
    CHECK(days->step() == at);
    QTest::keyClick(work, Qt::Key_Escape);
    CHECK(desk.find<app::WorkBench>("workBench")->isHidden());
    // A skin is weighed; a gate is ticked by a digit, and the tick is on paper.
    int skin = -1, gate = -1;
    for (std::size_t i = 0; i < k->plan.steps.size(); ++i) {
        const auto& s = k->plan.steps[i];
        const make::Step& step = k->step(s.step);
        if (step.kind == make::StepKind::skin && skin < 0) skin = static_cast<int>(i);
        if (step.kind == make::StepKind::gate && step.gate.size() > 1 && s.step.puppet == 0 && gate < 0)
            gate = static_cast<int>(i);
    }
    REQUIRE(skin >= 0);
    REQUIRE(gate >= 0);
    page->setStep(skin);
    desk.write("stepWeigh", "12,5");
    k = planOf(desk);
    CHECK(k->of->log.back().kind == document::LogKind::weighed);
    CHECK(k->of->log.back().number == Approx(12.5));
    page->setStep(gate);
    desk.write("stepNote", "look under the chin too");
    k = planOf(desk);
    CHECK(k->of->log.back().kind == document::LogKind::regret);
    page->setAtWork(true);
    QTest::keyClick(work, Qt::Key_2);
    k = planOf(desk);
    CHECK(k->of->log.back().kind == document::LogKind::ticked);
    const results::StepRef ref = k->plan.steps[nth(gate)].step;
    const auto ticks = document::findTicks(k->of->log, k->of->puppets[0].id, ref.copy, k->step(ref).id,
                                           make::keysOf(k->step(ref).gate));
    CHECK(ticks[1]);
    CHECK(std::count(ticks.begin(), ticks.end(), true) == 1);
    QTemporaryDir folder;
    const QString pdf = folder.filePath("days.pdf");
    REQUIRE(
        app::BuildSheets(desk.document().value(), 0, desk.document().sharedReport(), desk.document().sharedResult(), k)
            .writePdf(pdf)
            .isEmpty());
    const QString text = pdfText(pdf);
    CHECK(text.contains("the days"));
    CHECK(text.contains("look under the chin too"));
    CHECK(text.contains(app::Text::weekdayName(*parseIsoDate("2026-11-30"))));
    // All of it is in the file.
    const QString file = folder.filePath("kept.enkinet");
    REQUIRE(desk.document().saveAs(file).isEmpty());
    const auto loaded = must(files::loadProduction(file.toStdString(), desk.document().shippedCards()));
    CHECK(loaded->production.log == desk.document().production().log);
    CHECK(loaded->production.puppets[0].deadline == parseIsoTime("2026-12-18T12:00"));
}

TEST_CASE("A step that is skipped makes room for the next", "[window]") {
    Desk desk(Station::plan);
    auto k = planOf(desk);
    const results::StepRef skipped = inHand(desk, k).step;
    desk.press("stepSkip");
    k = planOf(desk);
    CHECK(k->planning.states[nth(k->planning.find(skipped))].skipped);
    CHECK_FALSE(inHand(desk, k).step == skipped);
    CHECK(desk.find<QAbstractButton>("stepStart")->isEnabled());
}

TEST_CASE("A short last look is seen whole, and of a long one the first line", "[window]") {
    Desk desk(Station::plan);
    auto* page = desk.window.findChild<app::PlanPage*>();
    auto* list = desk.find<QListWidget>("stepGate");
    const auto k = planOf(desk);
    int looked = 0;
    for (std::size_t i = 0; i < k->plan.steps.size(); ++i) {
        if (k->step(k->plan.steps[i].step).gate.empty()) continue;
        page->setStep(static_cast<int>(i));
        Desk::settle();
        INFO(list->item(0)->text().toStdString());
        const int most = 4 * 22, seen = list->viewport()->height();
        CHECK(list->visualItemRect(list->item(0)).bottom() <= seen);
        // What needs no more room than four lines has it; what needs more has that.
        const int whole = list->visualItemRect(list->item(list->count() - 1)).bottom();
        CHECK((whole <= seen || seen >= most));
        ++looked;
    }
    CHECK(looked > 4);
}

TEST_CASE("A last look that says stop is not passed by accident: what stops is ticked first", "[window]") {
    Desk desk(Station::plan);
    auto* page = desk.window.findChild<app::PlanPage*>();
    auto k = planOf(desk);
    const auto stops = [](const make::Step& s) {
        return std::count_if(s.gate.begin(), s.gate.end(), [](const make::GateItem& g) { return g.stop; });
    };
    int at = 0;
    while (at < static_cast<int>(k->plan.steps.size()) && stops(k->step(k->plan.steps[nth(at)].step)) == 0)
        ++at;
    REQUIRE(at < static_cast<int>(k->plan.steps.size()));
    const results::StepRef ref = k->plan.steps[nth(at)].step;
    const auto done = [&] {
        k = planOf(desk);
        return std::any_of(k->plan.steps.begin(), k->plan.steps.end(),
                           [&](const results::Planned& s) { return s.step == ref && s.done; });
    };
    page->setStep(at);
    const auto before = desk.document().value();
    desk.press("stepDone");
    CHECK(desk.refused.join(" ").contains("tick it to go on"));
    CHECK(desk.document().value() == before);
    for (int i = 0; i < stops(k->step(ref)); ++i) {
        auto* list = desk.find<QListWidget>("stepGate");
        Q_EMIT list->itemActivated(list->item(i));
        k = planOf(desk);
    }
    desk.press("stepDone");
    CHECK(done());
}

TEST_CASE("What dries calls when it is due, also after the window was closed and opened again", "[window]") {
    Wall wall("2026-11-30T10:00");
    QTemporaryDir folder;
    const QString file = folder.filePath("clock.enkinet");
    Minute due = 0;
    {
        Desk desk(Station::plan);
        auto k = planOf(desk);
        int putty = -1;
        for (std::size_t i = 0; i < k->plan.steps.size(); ++i)
            if (const make::Step& s = k->step(k->plan.steps[i].step);
                s.kind == make::StepKind::set_putty && s.wait_min > 0 && putty < 0)
                putty = static_cast<int>(i);
        REQUIRE(putty >= 0);
        desk.window.findChild<app::PlanPage*>()->setStep(putty);
        QTest::mouseClick(desk.find<QAbstractButton>("stepDone"), Qt::LeftButton);
        k = planOf(desk);
        for (const results::Planned& s : k->plan.steps)
            if (s.done && k->step(s.step).kind == make::StepKind::set_putty) due = s.at.done;
        REQUIRE(due > wall.now / 60);
        REQUIRE(desk.document().saveAs(file).isEmpty());
    }
    wall.pass(60);
    Desk desk(false);
    QStringList heard;
    app::setListener([&](const QString& sentence) { heard << sentence; });
    REQUIRE(desk.document().open(file).isEmpty());
    Desk::settle();
    desk.station(Station::plan);
    planOf(desk);
    CHECK(desk.find<QLabel>("clocks")->text().contains(app::Text::clock(due)));
    const auto called = [&] {
        return std::any_of(heard.begin(), heard.end(), [](const QString& s) { return s.startsWith("Due now"); });
    };
    CHECK_FALSE(called());
    wall.now = due * 60 + 1;
    for (int i = 0; i < 40 && !called(); ++i)
        QTest::qWait(100);
    CHECK(called());
    app::setListener({});
}

TEST_CASE("The hour of summer time neither dries nor is worked, and a clock that is set is said", "[window]") {
    Wall wall("2027-03-27T23:30");
    wall.offset_min = 60;
    Desk desk(Station::plan);
    planOf(desk);
    auto* page = desk.window.findChild<app::PlanPage*>();
    desk.press("stepStart");
    CHECK(desk.document().production().log.back().offset_min == 60);
    // Three hours on the wall, of which one never was.
    wall.pass(180), wall.offset_min = 120;
    QTest::qWait(1100);
    const auto k = planOf(desk);
    const results::Planned& s = inHand(desk, k);
    const auto& state = k->planning.states[nth(k->planning.find(s.step))];
    CHECK(state.workedUntil(wall.now) == Approx(120));
    QStringList said;
    QObject::connect(&desk.document(), &app::Document::noted, page, [&](const QString& text) { said << text; });
    wall.setBy_s = -7200;
    QTest::qWait(2200);
    REQUIRE(said.size() == 1);
    CHECK(said[0].contains("set by -120 min"));
    CHECK(desk.window.message() == said[0]);
}

TEST_CASE("A steady weight on a scale that is plugged in stands in the field that asks for it, once", "[window]") {
    Desk desk(Station::plan);
    const auto k = planOf(desk);
    auto* page = desk.window.findChild<app::PlanPage*>();
    for (std::size_t i = 0; i < k->plan.steps.size(); ++i)
        if (k->step(k->plan.steps[i].step).kind == make::StepKind::skin) {
            page->setStep(static_cast<int>(i));
            break;
        }
    // A terminal of our own, linked as the stand-in does it.
    const int fd = posix_openpt(O_RDWR | O_NOCTTY | O_NONBLOCK);
    REQUIRE(fd >= 0);
    REQUIRE(grantpt(fd) == 0);
    REQUIRE(unlockpt(fd) == 0);
    const int keep = ::open(ptsname(fd), O_RDWR | O_NOCTTY | O_NONBLOCK);
    QTemporaryDir folder;
    REQUIRE(QFile::link(ptsname(fd), folder.filePath("scale")));
    page->ports().setFolder(folder.path());
    CHECK(page->ports().plugged() == 1);
    auto* field = desk.find<QLineEdit>("stepWeigh");
    int number = 0;
    const auto put = [&](const std::string& line) {
        REQUIRE(::write(fd, line.data(), line.size()) == static_cast<ssize_t>(line.size()));
        for (int i = 0; i < 20; ++i)
            QApplication::processEvents(QEventLoop::AllEvents, 2);
    };
    int came = 0;
    QObject::connect(&page->ports(), &app::DevicePorts::came, page, [&] { ++came; });
    const auto weigh = [&](double g) {
        const int before = came;
        put(devices::writeLine({"scale", ++number, "g", g}) + "\n");
        REQUIRE(QTest::qWaitFor([&] { return came > before; }, kPatience_ms));
    };
    for (double g : {1.0, 5.0, 9.0, 13.0})
        weigh(g);
    CHECK(field->text().isEmpty()); // still moving
    // What lies there before the step is begun is no piece of it.
    for (int i = 0; i < 8; ++i)
        weigh(31);
    CHECK(field->text().isEmpty());
    CHECK(desk.find<QLabel>("scale")->text().contains("not begun"));
    desk.click("stepStart");
    for (double g : {25.0, 12.0, 0.0, 6.0})
        weigh(g);
    put("scale 9999 g 77.70 ~0000\n"); // rubbish
    for (int i = 0; i < 8; ++i)
        weigh(12.34 + 0.01 * (i % 2));
    CHECK(field->text() == app::Text::number(12.34, 1));
    CHECK(page->ports().rubbish() == 1);
    CHECK(desk.find<QLabel>("scale")->isVisible());
    field->setFocus();
    Desk::key(field, Qt::Key_Return);
    CHECK(desk.document().production().log.back().kind == document::LogKind::weighed);
    CHECK(desk.document().production().log.back().number == Approx(12.3));
    // It lies there still, and is not taken again.
    for (int i = 0; i < 10; ++i)
        weigh(12.34);
    CHECK(field->text().isEmpty());
    // Unplugged: nothing freezes, nothing that was taken is lost.
    ::close(keep);
    ::close(fd);
    for (int i = 0; i < 20; ++i)
        QApplication::processEvents(QEventLoop::AllEvents, 5);
    page->ports().look();
    CHECK(page->ports().plugged() == 0);
    CHECK_FALSE(desk.find<QLabel>("scale")->isVisible());
}

TEST_CASE("Hours that cannot be read are refused by name, and nothing is lost", "[window]") {
    Desk desk(Station::plan);
    const auto before = desk.document().value();
    desk.write("planHours0", "ten to six");
    CHECK(desk.refused.size() == 1);
    desk.write("planOff", "2026-02-31");
    desk.write("planDeadline", "soon");
    CHECK(desk.refused.size() == 3);
    CHECK(*desk.document().value() == *before);
    desk.write("planHours0", "09:00-12:00 13:00-17:00");
    CHECK(desk.document().production().calendar->hours[0] == std::vector<Span>{{540, 720}, {780, 1020}});
    desk.write("planPeople", "Wren, Ebb");
    CHECK(desk.document().production().calendar->people.size() == 2);
    const auto k = planOf(desk);
    std::set<int> who;
    for (const results::Planned& s : k->plan.steps)
        who.insert(s.at.person);
    CHECK(who.contains(1));
}

TEST_CASE("What there is is typed beside what is wanted, and what to buy follows", "[window]") {
    Desk desk(Station::plan);
    planOf(desk);
    desk.find<app::Fold>("shopFold")->setOpen(true);
    Desk::settle();
    auto* list = desk.find<QListWidget>("shopList");
    const auto& needs = desk.document().result().shopping.needs;
    REQUIRE(list->count() == static_cast<int>(needs.size()));
    int clay = -1;
    for (std::size_t i = 0; i < needs.size(); ++i)
        if (needs[i].ware == results::Ware::clay && needs[i].held > needs[i].needed) clay = static_cast<int>(i);
    REQUIRE(clay >= 0);
    const std::string card = needs[nth(clay)].card;
    const double needed = needs[nth(clay)].needed;
    const auto rowOf = [&] {
        for (int i = 0; i < list->count(); ++i)
            if (desk.document().result().shopping.needs[list->item(i)->data(Qt::UserRole).toUInt()].card == card)
                return i;
        return -1;
    };
    // What is to be bought stands first.
    bool had = false;
    for (int i = 0; i < list->count(); ++i) {
        const bool held = needs[list->item(i)->data(Qt::UserRole).toUInt()].buy <= 0;
        CHECK((held || !had));
        had = had || held;
    }
    list->setCurrentRow(rowOf());
    desk.write("shopHeld", "plenty");
    CHECK(desk.refused.size() == 1);
    desk.write("shopHeld", "1");
    bool bought = false;
    for (const results::Need& n : desk.document().result().shopping.needs)
        if (n.ware == results::Ware::clay && n.card == card) {
            CHECK(n.held == 1);
            CHECK(n.packs > 0);
            bought = n.buy > needed - 2;
        }
    CHECK(bought);
    planOf(desk);
    CHECK(list->item(rowOf())->text().contains("buy"));
    // By a day, which may be past where the work begins sooner than it can come.
    CHECK(QTest::qWaitFor([&] { return list->item(rowOf())->text().contains(QRegularExpression(" by | due on ")); },
                          kPatience_ms));
    desk.write("shopLead", "200");
    CHECK(desk.refused.size() == 2);
    desk.write("shopLead", "5");
    CHECK(desk.document().production().stock.shop.leadDays == 5);
    desk.document().undoStack().undo();
    desk.takeBack();
    CHECK_FALSE(list->item(rowOf())->text().contains("buy"));
    // All that was to be bought is here: one step.
    const auto toBuy = [&] { return desk.document().result().shopping.buyPrice; };
    REQUIRE(toBuy() > 0);
    desk.click("shopBought");
    CHECK(toBuy() == 0);
    CHECK_FALSE(desk.find<QAbstractButton>("shopBought")->isEnabled());
    desk.takeBack();
    CHECK(toBuy() > 0);
}

TEST_CASE("The diary shows each day what was written, takes a line, and finds a word", "[window]") {
    Desk desk(Station::plan);
    planOf(desk);
    desk.press("planDiary");
    auto* diary = desk.find<app::Diary>("diary");
    REQUIRE(diary->isVisible());
    const auto log = [&]() -> const std::vector<document::LogEntry>& { return desk.document().production().log; };
    const std::size_t before = log().size();
    desk.pickData("diaryKind", 1);
    desk.find<QLineEdit>("diaryWords")->setText("a crack behind the ear");
    desk.press("diaryWrite");
    REQUIRE(log().size() == before + 1);
    CHECK(log().back().kind == document::LogKind::trouble);
    CHECK_FALSE(log().back().step.empty()); // of the step in hand
    CHECK(diary->text().contains("a crack behind the ear"));
    CHECK(diary->text().contains("trouble"));
    // Measured wants its number first.
    desk.pickData("diaryKind", 3);
    desk.find<QLineEdit>("diaryWords")->setText("thick enough");
    desk.press("diaryWrite");
    CHECK(log().size() == before + 1);
    desk.find<QLineEdit>("diaryWords")->setText("2,35 at the wrist");
    desk.press("diaryWrite");
    REQUIRE(log().size() == before + 2);
    CHECK(log().back().number == Approx(2.35));
    CHECK(log().back().text == "at the wrist");
    CHECK(diary->text().contains("2.35"));
    // A word narrows it; markup in a line is only text.
    desk.pickData("diaryKind", 0);
    desk.find<QLineEdit>("diaryWords")->setText("<b>bold</b> & more");
    desk.press("diaryWrite");
    CHECK(diary->text().contains("<b>bold</b> & more"));
    auto* filter = desk.find<QLineEdit>("diaryFilter");
    filter->setText("ear");
    Desk::settle();
    CHECK(diary->text().contains("a crack"));
    CHECK_FALSE(diary->text().contains("bold"));
    filter->setText("nowhere at all");
    Desk::settle();
    CHECK(diary->text().contains("No line"));
    filter->clear();
    desk.undo();
    CHECK_FALSE(diary->text().contains("bold"));
    desk.press("diaryBack");
    CHECK_FALSE(diary->isVisible());
}

TEST_CASE("An order of one's own is kept and taken back, and one that contradicts is refused with its reasons",
          "[window]") {
    Desk desk(Station::plan);
    auto k = planOf(desk);
    auto* page = desk.window.findChild<app::PlanPage*>();
    const auto take = [&](make::StepKind kind, bool last) {
        k = planOf(desk);
        int found = -1;
        for (std::size_t i = 0; i < k->plan.steps.size(); ++i) {
            const auto& s = k->plan.steps[i];
            if (s.step.puppet == 0 && s.step.copy == 1 && k->step(s.step).kind == kind && (found < 0 || last))
                found = static_cast<int>(i);
        }
        REQUIRE(found >= 0);
        page->setStep(found);
        Desk::settle();
        return k->step(k->plan.steps[nth(found)].step).id;
    };
    std::string cut;
    for (const make::Step& s : desk.report().plan.steps)
        if (s.kind == make::StepKind::cut_wire && cut.empty()) cut = s.id;
    take(make::StepKind::paint, true);
    const auto before = desk.document().value();
    desk.pickData("orderThen", QString::fromStdString(cut));
    desk.press("orderKeep");
    CHECK(desk.document().value() == before);
    CHECK(desk.find<QLabel>("message")->text().contains("waits for"));
    // The last bulk before the first: nothing stands against it.
    const std::string late = take(make::StepKind::bulk, true);
    std::string first;
    for (const make::Step& s : desk.report().plan.steps)
        if (s.kind == make::StepKind::bulk && s.id != late && first.empty()) first = s.id;
    std::string last;
    for (const make::Step& s : desk.report().plan.steps)
        if (s.kind == make::StepKind::bulk) last = s.id;
    REQUIRE(late != first);
    desk.pickData("orderThen", QString::fromStdString(first));
    desk.press("orderKeep");
    REQUIRE(desk.document().puppet().wants.order.size() == 1);
    CHECK(desk.document().puppet().wants.order[0].first == late);
    const auto place = [&](const std::string& id) {
        const auto& steps = desk.report().plan.steps;
        return std::find_if(steps.begin(), steps.end(), [&](const auto& s) { return s.id == id; }) - steps.begin();
    };
    CHECK(place(late) < place(first));
    // And on the calendar.
    k = planOf(desk);
    Minute begunLate = 0, begunFirst = 0;
    for (const auto& s : k->plan.steps)
        if (s.step.puppet == 0 && s.step.copy == 1) {
            if (k->step(s.step).id == late) begunLate = s.at.handsEnd;
            if (k->step(s.step).id == first) begunFirst = s.at.from;
        }
    CHECK(begunLate <= begunFirst);
    desk.find<QListWidget>("orderList")->setCurrentRow(0);
    desk.press("orderDrop");
    CHECK(desk.document().puppet().wants.order.empty());
}
